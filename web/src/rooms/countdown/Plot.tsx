/*
 * The strands of all dogs on one count-back scale, with the ragged front of now between past and to come.
 */
import { REACHES_D, ticksOf } from '@loyal-mane/core';
import type { countBackScale, countdown } from '@loyal-mane/core';
import { clockWords, durationWords, weekdayWords } from '@loyal-mane/library/words';
import type { Names } from '@loyal-mane/library/words';
import type { Kennel } from '../../api/queries';
import { LEFT_PX, RIGHT_PX, frontPath, layoutRows } from './layout';
import { countWords } from '../../parts/countWords';
import { Row } from './Row';
import { Strand } from './Strand';
import type { Night } from './Strand';
import type { ShortHair } from './useShortHair';

interface PlotProps {
  readonly read: ReturnType<typeof countdown<Kennel>>;
  readonly names: Names;
  readonly kennel: Kennel;
  readonly now: number;
  readonly width: number;
  readonly reach: number;
  readonly scale: ReturnType<typeof countBackScale>;
  readonly nights: readonly Night[];
  readonly short: ShortHair;
  readonly onReach: (days: number) => void;
  readonly onOpen: (dogId: string) => void;
}

/** All strands of a show. */
export function Plot({ read, names, kennel, now, width, reach, scale, nights, short, onReach, onOpen }: PlotProps) {
  const strand = width - LEFT_PX - RIGHT_PX;
  const boxes = layoutRows(read.days, scale, strand, now);
  const last = boxes[boxes.length - 1];
  const height = last === undefined ? 0 : last.top + last.height;
  const front = frontPath(boxes);
  const first = boxes.find((b) => b.kind === 'row');
  return (
    <>
      <Axis
        ticks={ticksOf(scale, strand).filter(
          (t) => first === undefined || Math.abs(LEFT_PX + t.x * strand - first.nowX) > 50,
        )}
        strand={strand}
        reach={reach}
        onReach={onReach}
      />
      <div className="plot" style={{ height }}>
        <svg width={width} height={height} aria-hidden>
          <path d={`${front}H${String(LEFT_PX)}V0Z`} fill="var(--sunk)" />
          {ticksOf(scale, strand).map((t) => (
            <path
              key={t.label}
              d={`M${String(LEFT_PX + t.x * strand)} 0V${String(height)}`}
              stroke="var(--line)"
              strokeDasharray={t.hours === 0 || t.hours === 24 ? undefined : '1.5 4'}
            />
          ))}
          {boxes.map((b) => {
            const row = read.days[b.day]?.rows[b.row];
            if (row === undefined) return null;
            return (
              <g key={row.dogId} transform={`translate(0 ${String(b.top)})`}>
                <Strand row={row} scale={scale} left={LEFT_PX} width={strand} nowMs={now} nights={nights} />
              </g>
            );
          })}
          <path d={front} fill="none" stroke="var(--ink)" strokeWidth={2.2} />
          <path d={`M${String(LEFT_PX + strand)} 0V${String(height)}`} stroke="var(--ink)" />
        </svg>
        {first !== undefined && (
          <span className="now-tag" style={{ left: first.nowX, top: -16 }}>
            now {clockWords(now, names.zone, names.clock)}
          </span>
        )}
        {boxes.map((b) => {
          const day = read.days[b.day];
          if (day === undefined) return null;
          if (b.kind === 'head') return <DayHead key={day.day} box={b} day={day} now={now} />;
          const row = day.rows[b.row];
          return row === undefined ? null : (
            <Row
              key={row.dogId}
              top={b.top}
              height={b.height}
              nowX={b.nowX}
              row={row}
              dog={kennel.dogs.find((d) => d.id === row.dogId)}
              names={names}
              width={width}
              short={short.get(row.dogId) ?? ''}
              onOpen={onOpen}
            />
          );
        })}
      </div>
    </>
  );
}

interface AxisProps {
  readonly ticks: ReturnType<typeof ticksOf>;
  readonly strand: number;
  readonly reach: number;
  readonly onReach: (days: number) => void;
}

/** Hours and days before the ring, and how far back they reach. */
function Axis({ ticks, strand, reach, onReach }: AxisProps) {
  return (
    <div className="axis">
      {ticks.map((t) => (
        <span key={t.label} className={t.hours === 0 ? 'tick ring' : 'tick'} style={{ left: LEFT_PX + t.x * strand }}>
          {t.label}
        </span>
      ))}
      <span className="reach" role="group" aria-label="Reach back">
        reach back
        {REACHES_D.map((r) => (
          <button key={r} className="plain" aria-pressed={r === reach} onClick={() => onReach(r)}>
            {r} d
          </button>
        ))}
      </span>
    </div>
  );
}

function DayHead({
  box,
  day,
  now,
}: {
  box: ReturnType<typeof layoutRows>[number];
  day: PlotProps['read']['days'][number];
  now: number;
}) {
  const left = day.firstRingMs - now;
  return (
    <div className="day-head" style={{ top: box.top, height: box.height }}>
      <b>
        {weekdayWords(day.day)} {Number(day.day.slice(8))}
      </b>
      <span className="count">{countWords(day.rows.length, 'dog')}</span>
      <span className="soft to-ring" style={{ left: box.nowX + (box.top === 0 ? 48 : 10) }}>
        {left > 0 ? `${durationWords(left)} to the first ring` : 'in the ring'}
      </span>
    </div>
  );
}
