/*
 * Why a task is paused: asked after the pause, so that nobody waits for it, and answered by one touch or two. What the dog asks
 * for is told by the part of it, and later plans give that part its time.
 */
import { useState } from 'react';
import type { PauseCause, StepId, ZoneId } from '@loyal-mane/core';
import { DOG_PARTS, STEP_ZONES } from '@loyal-mane/library';
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

/** Parts of the dog that a step touches. */
function partsOf(step: StepId): typeof DOG_PARTS {
  const zones = STEP_ZONES[step];
  if (zones === undefined || zones === 'all') return DOG_PARTS;
  return DOG_PARTS.filter((part) => part.zones.some((zone) => zones.includes(zone)));
}

interface Props {
  readonly task: BenchTask;
  readonly dogName: string;
  readonly onSay: (cause: PauseCause, zones: readonly ZoneId[]) => void;
}

/** Asks why, then where the dog does not bear it. */
export function PauseWhy({ task, dogName, onSay }: Props) {
  const [asksWhere, setAsksWhere] = useState(false);
  if (!lacksCause(task)) return null;
  const say = (cause: PauseCause): void => (cause === 'dog' ? setAsksWhere(true) : onSay(cause, []));
  return (
    <section className="pause-why" aria-label="Why the pause">
      <b>{asksWhere ? `Where is it too much for ${dogName}?` : 'Why the pause?'}</b>
      <div role="group">
        {asksWhere ? (
          <>
            <button type="button" onClick={() => onSay('dog', [])}>
              Nowhere in particular
            </button>
            {partsOf(task.activity.step).map(({ name, zones }) => (
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
