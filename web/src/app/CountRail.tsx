/*
 * The next 28 days at a glance: how much work each holds, and the shows as flags. A day that is pressed opens its sheet.
 */
import { useMemo } from 'react';
import { useNavigate } from 'react-router';
import { addDays, daysBetween, instantToMs, localDayOf, weekday } from '@loyal-mane/core';
import type { LocalDay, Plan } from '@loyal-mane/core';
import { monthDay, weekdayWords } from '@loyal-mane/library/words';
import type { Kennel } from '../api/queries';
import { useWidth } from '../parts/useWidth';

const DAYS = 28;
const HEIGHT = 32;
/** About as wide as a letter of a show's name is. */
const LETTER_PX = 7;

function loadByDay(plan: Plan | null, zone: string): Map<string, number> {
  const load = new Map<string, number>();
  for (const a of plan?.activities ?? []) {
    const day = localDayOf(instantToMs(a.start), zone);
    const minutes = (instantToMs(a.attendedUntil) - instantToMs(a.start)) / 60_000;
    load.set(day, (load.get(day) ?? 0) + minutes * Math.max(1, a.people.length));
  }
  return load;
}

/** Work and shows of the next four weeks. */
export function CountRail({ kennel, plan, today }: { kennel: Kennel; plan: Plan | null; today: LocalDay }) {
  const [ref, width] = useWidth(640);
  const zone = kennel.settings.timeZone;
  const load = useMemo(() => loadByDay(plan, zone), [plan, zone]);
  const most = Math.max(60, ...load.values());
  const step = width / DAYS;
  const days = Array.from({ length: DAYS }, (_, k) => addDays(today, k));
  // A show's name runs on to the right of its first day; a day's number under it would not be read.
  const isUnderName = (k: number): boolean =>
    kennel.shows.some((s) => {
      const x = Math.max(0, daysBetween(today, s.firstDay as LocalDay)) * step;
      const at = k * step + step / 2;
      return s.lastDay >= today && at > x - 8 && at < x + s.name.length * LETTER_PX + 10;
    });
  const waits = new Set(
    (plan?.unplaced ?? []).flatMap((u) =>
      u.waiting.filter((w) => w.blocked).map((w) => localDayOf(instantToMs(w.aim), zone)),
    ),
  );
  return (
    <div ref={ref} className="w-all">
      <svg width={width} height={46} role="group" aria-label="The next 28 days">
        <line x1={0} x2={width} y1={HEIGHT} y2={HEIGHT} stroke="var(--edge)" />
        {days.map((day, k) => (
          <DayBar
            key={day}
            day={day}
            x={k * step}
            width={step}
            share={(load.get(day) ?? 0) / most}
            minutes={load.get(day) ?? 0}
            waits={waits.has(day)}
            isToday={k === 0}
          />
        ))}
        {kennel.shows.map((s) => (
          <ShowFlag key={s.id} show={s} today={today} step={step} />
        ))}
        {days.map((day, k) =>
          k === 0 || (weekday(day) === 1 && !isUnderName(k)) ? (
            <text
              key={day}
              x={k * step + step / 2}
              y={44}
              fontSize={12}
              textAnchor="middle"
              fill={k === 0 ? 'var(--ink)' : 'var(--soft)'}
              fontWeight={k === 0 ? 650 : 400}
            >
              {String(Number(day.slice(8)))}
            </text>
          ) : null,
        )}
      </svg>
    </div>
  );
}

interface BarProps {
  readonly day: LocalDay;
  readonly x: number;
  readonly width: number;
  /** Of the fullest day, 0 to 1. */
  readonly share: number;
  readonly minutes: number;
  /** Whether work that has no place should be done on it. */
  readonly waits: boolean;
  readonly isToday: boolean;
}

/** One day's work as a bar; it opens the day's sheet. */
function DayBar({ day, x, width, share, minutes, waits, isToday }: BarProps) {
  const navigate = useNavigate();
  const height = share * (HEIGHT - 10);
  const hours = String(Math.round(minutes / 60));
  const name = `${weekdayWords(day)} ${monthDay(day)}, ${hours} hours of work`;
  const open = (): void => void navigate(`/day?day=${day}`);
  return (
    <g
      role="button"
      tabIndex={0}
      aria-label={name}
      className="day-bar"
      onClick={open}
      onKeyDown={(e) => {
        if (e.key === 'Enter' || e.key === ' ') open();
      }}
    >
      <title>{name}</title>
      <rect
        x={x}
        y={0}
        width={width}
        height={HEIGHT}
        fill={weekday(day) % 6 === 0 ? 'var(--sunk)' : 'transparent'}
        fillOpacity={0.6}
      />
      <rect
        x={x + width * 0.26}
        y={HEIGHT - height}
        width={width * 0.48}
        height={height}
        fill={waits ? 'var(--clay)' : 'var(--worn)'}
      />
      {isToday && (
        <rect x={1} y={5} width={width - 2} height={HEIGHT - 5} fill="none" stroke="var(--ink)" strokeWidth={2} />
      )}
    </g>
  );
}

/** A show as a flag from its first day to its last; nothing where it is over or too far ahead. */
function ShowFlag({ show, today, step }: { show: Kennel['shows'][number]; today: LocalDay; step: number }) {
  const from = daysBetween(today, show.firstDay as LocalDay);
  const to = daysBetween(today, show.lastDay as LocalDay) + 1;
  if (to <= 0 || from >= DAYS) return null;
  const x = Math.max(0, from) * step;
  const top = `H${String(Math.max(x + 34, to * step))}l-5 3.5 5 3.5H${String(x + 1)}`;
  return (
    <g aria-hidden>
      <path
        d={`M${String(x + 1)} ${String(HEIGHT)}V2${top}`}
        fill="var(--moss)"
        stroke="var(--moss)"
        pointerEvents="none"
      />
      <text x={x + 2} y={44} fontSize={12} fontWeight={650} fill="var(--ink)">
        {show.name}
      </text>
    </g>
  );
}
