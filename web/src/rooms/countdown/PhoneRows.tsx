/*
 * The countdown on a phone: one strip a dog, what is in the way first.
 */
import { memo } from 'react';
import { countBackScale } from '@loyal-mane/core';
import type { CountdownDay, CountdownRow } from '@loyal-mane/core';
import { clockWords, weekdayWords, whyNotWords } from '@loyal-mane/library/words';
import type { Names } from '@loyal-mane/library/words';
import type { Kennel } from '../../api/queries';
import { DogBadge } from '../../parts/Glyph';
import { stateWords } from './rowWords';
import { Strand } from './Strand';
import type { Night } from './Strand';
import type { ShortHair } from './useShortHair';

const SCALE = countBackScale(7 * 24);

interface PhoneProps {
  readonly days: readonly CountdownDay[];
  readonly names: Names;
  readonly kennel: Kennel;
  readonly now: number;
  readonly width: number;
  readonly nights: readonly Night[];
  readonly short: ShortHair;
  readonly onOpen: (dogId: string) => void;
}

/** All dogs of a show as strips. */
export function PhoneRows({ days, names, kennel, now, width, onOpen, nights, short }: PhoneProps) {
  const rows = days.flatMap((d) => d.rows);
  const strips = [
    { title: 'In the way', rows: rows.filter((r) => r.problem !== null) },
    ...days.map((d) => ({
      title: `${weekdayWords(d.day)} ${String(Number(d.day.slice(8)))}`,
      rows: d.rows.filter((r) => r.problem === null),
    })),
  ];
  return (
    <>
      {strips
        .filter((s) => s.rows.length > 0)
        .map((s) => (
          <section key={s.title} aria-label={s.title} className="phone-strips">
            <h2 className="serif">{s.title}</h2>
            {s.rows.map((row) => (
              <PhoneRow
                key={row.dogId}
                row={row}
                dog={kennel.dogs.find((d) => d.id === row.dogId)}
                names={names}
                now={now}
                width={width}
                nights={nights}
                short={short.get(row.dogId) ?? ''}
                onOpen={onOpen}
              />
            ))}
          </section>
        ))}
    </>
  );
}

interface PhoneRowProps extends Omit<PhoneProps, 'days' | 'kennel' | 'short'> {
  readonly row: CountdownRow;
  readonly dog: Kennel['dogs'][number] | undefined;
  /** Names hair that will be too short; empty where none is. */
  readonly short: string;
}

/** One dog's strip; drawn again only when its own row or the moment has changed. */
const PhoneRow = memo(function PhoneRow({ row, dog, names, now, width, nights, short, onOpen }: PhoneRowProps) {
  const nowX = Math.max(0, SCALE.x((row.ringMs - now) / 3_600_000)) * (width - 4);
  return (
    <button className="plain phone-row" onClick={() => onOpen(row.dogId)}>
      <span className="line">
        <DogBadge badge={dog?.badge ?? 'samoyed'} width={36} tone={row.problem === null ? 'ink' : 'clay'} />
        <b>{names.dog(row.dogId)}</b>
        <span className="soft">{dog?.breed}</span>
        <b>{clockWords(row.ringMs, names.zone, names.clock)}</b>
      </span>
      <svg width={width} height={24} className="strand">
        <Strand row={row} scale={SCALE} left={0} width={width - 4} nowMs={now} nights={nights} />
        <path d={`M${String(nowX)} 2v19`} stroke="var(--ink)" strokeWidth={2.2} />
      </svg>
      {row.problem === null ? (
        <span className="soft">{stateWords(row, names, short)}</span>
      ) : (
        <span className="bad">{whyNotWords(row.problem, names)}</span>
      )}
    </button>
  );
});
