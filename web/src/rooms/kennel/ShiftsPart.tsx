/*
 * Shifts as a calendar: a week a page, a row a person. A weekly pattern is laid over as many weeks as wanted; a single day
 * is an exception to it.
 */
import { App as AntApp, Button, Drawer } from 'antd';
import { useState } from 'react';
import { useSearchParams } from 'react-router';
import { addDays, weekday } from '@loyal-mane/core';
import type { KennelFile, KennelPerson, KennelRow, LocalDay } from '@loyal-mane/core';
import { monthDay } from '@loyal-mane/library/words';
import { v7 } from 'uuid';
import { command, useCommand } from '../../api/commands';
import { saveChanges } from '../../api/rows';
import { crewOf } from '../../parts/crewOf';
import { problemWords } from '../../parts/ProblemNote';
import { useJustChanged } from '../../parts/justChanged';
import type { Opened } from '../../parts/rows/RowDrawer';
import { PatternForm } from './PatternForm';
import { shiftFields } from './kennelFields';

const WEEK = [0, 1, 2, 3, 4, 5, 6] as const;
const DAY_NAMES = ['Sun', 'Mon', 'Tue', 'Wed', 'Thu', 'Fri', 'Sat'] as const;

interface Props {
  readonly kennel: KennelFile;
  readonly open: (opened: Opened) => void;
  readonly today: LocalDay;
}

/** The shifts of a week. */
export function ShiftsPart({ kennel, open, today }: Props) {
  const [params, setParams] = useSearchParams();
  const [laying, setLaying] = useState(false);
  const first = mondayOf((params.get('week') ?? today) as LocalDay);
  const go = (by: number): void => setParams({ part: 'shifts', week: addDays(first, by) });
  return (
    <>
      <div className="list-tools">
        <Button onClick={() => go(-7)} aria-label="Previous week">
          ‹
        </Button>
        <b>
          {monthDay(first)} to {monthDay(addDays(first, 6))}
        </b>
        <Button onClick={() => go(7)} aria-label="Next week">
          ›
        </Button>
        <span className="push">
          <Button type="primary" onClick={() => setLaying(true)}>
            Lay a weekly pattern
          </Button>
        </span>
      </div>
      <WeekTable kennel={kennel} open={open} today={today} first={first} />
      <p className="soft">
        From 5 to 22 o’clock, noon marked: work in green, rests as gaps, half gaps for feeding and walks, time that can
        be added in brass. A day that is pressed opens its shift. “Away” keeps the shift and plans without the person.
      </p>
      <Drawer open={laying} onClose={() => setLaying(false)} title="A weekly pattern" size={520} destroyOnHidden>
        <PatternForm
          kennel={kennel}
          from={today}
          onDone={(from) => {
            setLaying(false);
            setParams({ part: 'shifts', week: from });
          }}
        />
      </Drawer>
    </>
  );
}

function WeekTable({ kennel, open, today, first }: Props & { readonly first: LocalDay }) {
  const { message } = AntApp.useApp();
  const send = useCommand(saveChanges);
  const days = WEEK.map((k) => addDays(first, k));

  const toggleAway = (person: KennelPerson, day: LocalDay): void => {
    const there = kennel.absences.find((a) => a.personId === person.id && a.day === day);
    const id = there?.id ?? v7();
    const row: KennelRow = { id, personId: person.id, day, reason: 'away' };
    const change = { list: 'absences' as const, id, from: there ?? null, to: there === undefined ? row : null };
    send.mutate(command([change]), { onError: (error) => void message.error(problemWords(error), 8) });
  };

  const edit = (person: KennelPerson, day: LocalDay): void => {
    const row = kennel.shifts.find((s) => s.personId === person.id && s.day === day) ?? null;
    open({
      list: 'shifts',
      row,
      title: `${person.name}, ${DAY_NAMES[weekday(day)] ?? ''} ${monthDay(day)}`,
      specs: shiftFields(),
      blank: { personId: person.id, day, start: '08:00', end: '16:00', overtimeEnd: '17:00', pauses: [] },
    });
  };

  return (
    <div className="wide-scroll">
      <table className="week" aria-label="Shifts of the week">
        <thead>
          <tr>
            <th scope="col">Person</th>
            {days.map((day) => (
              <th key={day} scope="col" className={day === today ? 'today' : ''}>
                {DAY_NAMES[weekday(day)]} {Number(day.slice(8))}
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {crewOf(kennel).map((p) => (
            <tr key={p.id}>
              <th scope="row">{p.name}</th>
              {days.map((day) => (
                <DayCell
                  key={day}
                  kennel={kennel}
                  person={p}
                  day={day}
                  onEdit={() => edit(p, day)}
                  onAway={() => toggleAway(p, day)}
                />
              ))}
            </tr>
          ))}
        </tbody>
      </table>
    </div>
  );
}

function DayCell({
  kennel,
  person,
  day,
  onEdit,
  onAway,
}: {
  kennel: KennelFile;
  person: KennelPerson;
  day: LocalDay;
  onEdit: () => void;
  onAway: () => void;
}) {
  const shift = kennel.shifts.find((s) => s.personId === person.id && s.day === day);
  const away = kennel.absences.find((a) => a.personId === person.id && a.day === day);
  const changed = useJustChanged();
  return (
    <td
      className={`${changed.has(shift?.id ?? '') ? 'just-changed ' : ''}${away !== undefined ? 'away' : shift === undefined ? 'free' : ''}`}
    >
      <button
        className="plain shift"
        onClick={onEdit}
        aria-label={`${person.name}, ${day}: ${shift === undefined ? 'free' : `${shift.start}–${shift.end}`}`}
      >
        {shift === undefined ? (
          <span className="soft">free</span>
        ) : (
          <>
            <b>
              {shift.start}–{shift.end}
            </b>
            <ShiftBar shift={shift} />
          </>
        )}
      </button>
      {shift !== undefined && (
        <button className="plain link" onClick={onAway} aria-pressed={away !== undefined}>
          {away === undefined ? 'away' : `${away.reason}: back`}
        </button>
      )}
    </td>
  );
}

const DAY_FROM = 5;
const DAY_TO = 22;
/** Place of a time on the bar, percent. */
const placeOf = (wall: string): number =>
  Math.max(
    0,
    Math.min(100, ((Number(wall.slice(0, 2)) + Number(wall.slice(3)) / 60 - DAY_FROM) / (DAY_TO - DAY_FROM)) * 100),
  );

/** A shift from 5 to 22 o'clock: work, the time that can be added, rests as gaps. */
function ShiftBar({ shift }: { shift: KennelFile['shifts'][number] }) {
  const span = (from: string, to: string) => ({
    x: `${String(placeOf(from))}%`,
    width: `${String(placeOf(to) - placeOf(from))}%`,
  });
  const rests = shift.pauses.map((p) => `${p.what === 'break' ? 'rest' : 'care'} ${p.start} to ${p.end}`);
  const over = shift.overtimeEnd > shift.end ? [`can stay until ${shift.overtimeEnd}`] : [];
  return (
    <svg width="100%" height={14} className="shift-bar" aria-hidden>
      <title>{[...over, ...rests].join(', ')}</title>
      <rect x={0} y={0} width="100%" height={14} fill="var(--sunk)" />
      <rect {...span(shift.start, shift.end)} y={0} height={14} fill="var(--moss)" />
      <rect {...span(shift.end, shift.overtimeEnd)} y={4} height={6} fill="var(--brass)" />
      {shift.pauses.map((p) => (
        <rect
          key={p.start}
          {...span(p.start, p.end)}
          y={p.what === 'break' ? 0 : 7}
          height={p.what === 'break' ? 14 : 7}
          fill="var(--sheet)"
        />
      ))}
      <line
        x1={`${String(placeOf('12:00'))}%`}
        x2={`${String(placeOf('12:00'))}%`}
        y1={0}
        y2={14}
        stroke="var(--edge)"
      />
    </svg>
  );
}

function mondayOf(day: LocalDay): LocalDay {
  return addDays(day, -((weekday(day) + 6) % 7));
}
