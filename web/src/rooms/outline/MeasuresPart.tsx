/*
 * The dog's measures: typed here, or dragged in the drawing. What nobody measured is the breed's.
 */
import { App as AntApp, InputNumber } from 'antd';
import { memo, useState } from 'react';
import type { ReactNode } from 'react';
import { NUDGED_MEASURES, OUTLINE_MEASURES, measureOf, outlineMeasures } from '@loyal-mane/core';
import type { LocalDay, OutlineAsk, OutlineMeasure } from '@loyal-mane/core';
import { MEASURED_BETWEEN, MEASURE_WORDS, MOVEMENT_WORDS, monthDay } from '@loyal-mane/library/words';
import { recordOf, useDogRecord } from '../../parts/dogRecord';
import type { Dog } from '../../parts/dogRecord';
import { useRooms } from '../../parts/useRooms';
import type { LengthUnit } from './LengthField';
import { LengthField, UnitChoice, lengthIn, useLengthUnit } from './LengthField';

const STEPS = { mm: 1, in: 0.1 } as const;
/** No dog measures more, mm. */
const MOST_MM = 2000;

interface Props {
  readonly dog: Dog;
  readonly ask: OutlineAsk;
  /** Measures that are tried and not kept yet, mm. */
  readonly tried: Readonly<Partial<Record<OutlineMeasure, number>>>;
  readonly leftAside: readonly OutlineMeasure[];
  readonly onMove: (change: Partial<Record<OutlineMeasure, number>>, hold: string) => void;
}

const NUDGED: ReadonlySet<OutlineMeasure> = new Set(NUDGED_MEASURES);
const MEASURED = OUTLINE_MEASURES.filter((what) => !NUDGED.has(what));

/** A field for each measure, in mm or inches. */
export function MeasuresPart({ dog, ask, tried, leftAside, onMove }: Props) {
  const { lead } = useRooms();
  const [unit, setUnit] = useLengthUnit();
  const known = outlineMeasures(recordOf(dog));
  const days = recordOf(dog).measures ?? [];
  const last = (what: OutlineMeasure): LocalDay | null => days.findLast((m) => m.what === what)?.day ?? null;
  const table = (measures: readonly OutlineMeasure[]): ReactNode => (
    <table className="outline-measures">
      <tbody>
        {measures.map((what) => (
          <MeasureRow
            key={what}
            what={what}
            shown={lengthIn(unit, measureOf(ask.body, ask.heightMm, what))}
            unit={unit}
            isLead={lead}
            from={
              leftAside.includes(what)
                ? `${String(Math.round(tried[what] ?? known[what] ?? 0))} mm is too far from the breed: left aside`
                : measuredWords(last(what), known[what])
            }
            onMove={onMove}
          />
        ))}
      </tbody>
    </table>
  );
  return (
    <section aria-label="Measures">
      <div className="soft">
        In show stance, hair pressed flat. Drag the places in the drawing or type; arrows move a place by 1 mm.{' '}
        <UnitChoice label="Unit" unit={unit} onUnit={setUnit} />
      </div>
      {table(MEASURED)}
      <details className="outline-more" open={NUDGED_MEASURES.some((what) => known[what] !== undefined)}>
        <summary>More places</summary>
        <div className="soft">The breed’s, unless a photo or your eye shows that they lie elsewhere on {dog.name}.</div>
        {table(NUDGED_MEASURES)}
      </details>
      <MovingTail dog={dog} atRest={ask.body.tailAngle} />
    </section>
  );
}

/** "measured 3 Jun", or "as the breed". */
function measuredWords(day: LocalDay | null, mm: number | undefined): string {
  return day === null || mm === undefined ? 'as the breed' : `measured ${monthDay(day)}`;
}

interface RowProps {
  readonly what: OutlineMeasure;
  /** In the unit. */
  readonly shown: number;
  readonly unit: LengthUnit;
  readonly isLead: boolean;
  readonly from: string;
  readonly onMove: Props['onMove'];
}

/** One measure; drawn anew only when it changes, since a drag changes one or two of fifteen many times a second. */
const MeasureRow = memo(function MeasureRow({ what, shown, unit, isLead, from, onMove }: RowProps) {
  return (
    <tr>
      <th scope="row">
        {MEASURE_WORDS[what]}
        <span className="soft">{MEASURED_BETWEEN[what]}</span>
      </th>
      <td>
        <LengthField
          key={from}
          label={MEASURE_WORDS[what]}
          {...{ shown, unit, isLead, steps: STEPS, least: 0, mostMm: MOST_MM }}
          onMm={(mm) => onMove({ [what]: mm }, `typed ${what}`)}
        />
      </td>
      <td className="soft">{from}</td>
    </tr>
  );
});

/** Degrees up from straight back: hanging, and laid on the back. */
const TAIL_ANGLE = { least: -90, most: 180 } as const;

/** How the tail is carried in movement: what is cut of it has to hold in both poses. */
function MovingTail({ dog, atRest }: { readonly dog: Dog; readonly atRest: number }) {
  const { lead } = useRooms();
  const { save, busy } = useDogRecord(dog);
  const { message } = AntApp.useApp();
  const [refused, setRefused] = useState(0);
  const { outline } = recordOf(dog);
  const kept = outline?.movingTail;
  const seen = outline?.movements?.at(-1);
  const keep = (text: string): void => {
    const angle = Number(text.replace(',', '.'));
    if (text.trim() === '' || angle === kept) return;
    if (!(angle >= TAIL_ANGLE.least && angle <= TAIL_ANGLE.most)) {
      void message.error('A tail is carried between −90 and 180 degrees. Nothing was changed.', 6);
      setRefused(refused + 1);
      return;
    }
    save({ outline: { ...outline, movingTail: angle } });
  };
  return (
    <div>
      Tail in movement:{' '}
      <InputNumber
        key={`${String(kept)} ${String(refused)}`}
        aria-label="Tail in movement, degrees"
        disabled={!lead || busy}
        placeholder={String(Math.round(atRest))}
        {...(kept === undefined ? {} : { defaultValue: kept })}
        style={{ width: 92 }}
        onPressEnter={(e) => (e.target as HTMLInputElement).blur()}
        onBlur={(e) => keep(e.target.value)}
      />{' '}
      <span className="soft">
        degrees up from straight back; at rest {Math.round(atRest)}. A second person moves the dog: what is cut has to
        hold in both, the shorter counts.
      </span>
      {seen !== undefined && (
        <span className="soft">
          {' '}
          Seen in movement {monthDay(seen.day)}: {MOVEMENT_WORDS[seen.seen]}
          {seen.text === undefined ? '' : ` (${seen.text})`}.
        </span>
      )}
    </div>
  );
}
