/*
 * Why a task is paused: asked after the pause, so that nobody waits for it, and answered by one touch or two. What the dog asks
 * for is told by the part of it, and later plans give that part its time.
 */
import { useState } from 'react';
import type { PauseCause, ZoneId } from '@loyal-mane/core';
import { DOG_PARTS } from '@loyal-mane/library';
import type { DogPart } from '@loyal-mane/library';
import type { BenchTask } from './myTasks';

/** Causes of a pause in words, the dog first. */
const CAUSES: readonly (readonly [PauseCause, string])[] = [
  ['dog', 'The dog needs a break'],
  ['calledAway', 'Called away'],
  ['equipment', 'A tool or dryer failed'],
  ['other', 'Something else'],
];

/** Whether a paused task still lacks its cause. */
export function lacksCause({ work }: BenchTask): boolean {
  return work?.state === 'paused' && work.pauses?.at(-1) !== undefined && work.pauses.at(-1)?.cause === undefined;
}

interface Props {
  readonly task: BenchTask;
  readonly dogName: string;
  /** Parts of the dog that the step touches; all where it goes over none. */
  readonly parts: readonly DogPart[];
  /** Where it is done; null for work that needs no station. */
  readonly stationName: string | null;
  readonly onSay: (cause: PauseCause, zones: readonly ZoneId[]) => void;
  readonly onFailed: () => void;
}

/** Asks why, then where the dog does not bear it, or whether the station is out of use. */
export function PauseWhy({ task, dogName, parts, stationName, onSay, onFailed }: Props) {
  const [about, setAbout] = useState<PauseCause | null>(null);
  if (!lacksCause(task)) return null;
  const say = (cause: PauseCause): void => {
    if (cause === 'dog' || (cause === 'equipment' && stationName !== null)) setAbout(cause);
    else onSay(cause, []);
  };
  if (about === 'equipment' && stationName !== null) {
    const told = (isOut: boolean): void => {
      if (isOut) onFailed();
      onSay('equipment', []);
    };
    return (
      <section className="pause-why" aria-label="Why the pause">
        <b>Is {stationName} out of use?</b>
        <div role="group">
          <button type="button" onClick={() => told(true)}>
            Yes, close it for today
          </button>
          <button type="button" onClick={() => told(false)}>
            No, it goes on soon
          </button>
        </div>
      </section>
    );
  }
  const asksWhere = about === 'dog';
  return (
    <section className="pause-why" aria-label="Why the pause">
      <b>{asksWhere ? `Where is it too much for ${dogName}?` : 'Why the pause?'}</b>
      <div role="group">
        {asksWhere ? (
          <>
            <button type="button" onClick={() => onSay('dog', [])}>
              Nowhere in particular
            </button>
            {(parts.length === 0 ? DOG_PARTS : parts).map(({ name, zones }) => (
              <button key={name} type="button" onClick={() => onSay('dog', zones)}>
                {name}
              </button>
            ))}
          </>
        ) : (
          CAUSES.map(([cause, words]) => (
            <button key={cause} type="button" onClick={() => say(cause)}>
              {words}
            </button>
          ))
        )}
      </div>
    </section>
  );
}
