/*
 * One dog's row around its strand: name, ring time, state, and what is in the way.
 */
import { memo } from 'react';
import type { CountdownRow } from '@loyal-mane/core';
import { clockWords, whyNotWords } from '@loyal-mane/library/words';
import type { Names } from '@loyal-mane/library/words';
import type { Kennel } from '../../api/queries';
import { DogBadge } from '../../parts/Glyph';
import { LEFT_PX, RIGHT_PX } from './layout';
import { alsoWords, stateWords } from './rowWords';

interface RowProps {
  readonly top: number;
  readonly height: number;
  /** x of now on this strand, px from the left of the plot. */
  readonly nowX: number;
  readonly row: CountdownRow;
  readonly dog: Kennel['dogs'][number] | undefined;
  readonly names: Names;
  readonly width: number;
  /** Names hair that will be too short; empty where none is. */
  readonly short: string;
  readonly onOpen: (dogId: string) => void;
}

/** Drawn again only when its own dog's row has changed. */
export const Row = memo(function Row({ top, height, nowX, row, dog, names, width, short, onOpen }: RowProps) {
  const bad = row.problem !== null || row.broken.length > 0;
  const time = clockWords(row.ringMs, names.zone, names.clock);
  const state = stateWords(row, names, short);
  return (
    <>
      <button className="plain strand-row" style={{ top, height }} onClick={() => onOpen(row.dogId)}>
        <span className="badge">
          <DogBadge badge={dog?.badge ?? 'samoyed'} width={32} tone={bad ? 'clay' : 'ink'} />
        </span>
        <span className="who-row" style={{ width: LEFT_PX - 52 }}>
          <span className={`dog-name${bad ? ' bad' : ''}`}>{names.dog(row.dogId)}</span>{' '}
          <span className="soft">{dog?.breed}</span>
        </span>
        <span className="when-row" style={{ left: width - RIGHT_PX + 12, width: RIGHT_PX - 12 }}>
          <b>{time}</b>{' '}
          <span className="soft">
            {row.ring.toLowerCase()}
            {alsoWords(row)}
          </span>{' '}
          <span className={bad ? 'bad' : undefined}>{state}</span>
        </span>
      </button>
      {row.problem !== null && (
        <div className="why" style={{ top: top + 22, left: Math.max(LEFT_PX, Math.min(nowX + 6, width - 640)) }}>
          {whyNotWords(row.problem, names)}
        </div>
      )}
    </>
  );
});
