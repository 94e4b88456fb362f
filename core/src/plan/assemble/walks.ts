/*
 * A dog is walked at least every two hours of work: where a chain could go on longer, a pause is kept open before the step that
 * would pass it. From the tub to the dry coat nothing is interrupted; the walk then comes before or after it.
 */
import { NO_WORK, WET_RUN } from '../../programs/stepGroups.js';
import { SLOT_MIN } from '../../time/slotGrid.js';
import { workLimits } from '../../kennel/limits.js';
import { isPuppy } from '../../programs/dogFacts.js';
import type { DogId } from '../../units/ids.js';
import type { Task } from '../problem.js';
import type { PlanInput } from './planInput.js';

/** Most minutes of work on a dog without a walk, and the walk's own. */
export interface Walk {
  readonly afterMin: number;
  readonly min: number;
}

/** How long a dog may be worked on: the kennel's limits, and a puppy's own. */
export function walkOf(input: PlanInput, dogId: DogId): Walk {
  const { dogWorkMin, dogWalkMin, puppyWorkMin } = workLimits(input.kennel.settings);
  const dog = input.kennel.dogs[input.dogIndex.get(dogId) ?? -1];
  const isYoung = dog !== undefined && isPuppy(dog, input);
  return { afterMin: isYoung ? Math.min(dogWorkMin, puppyWorkMin) : dogWorkMin, min: dogWalkMin };
}

/** The tasks of one chain in order, with lags that leave room for walks. */
export function withWalks(list: readonly Task[], walk: Walk): Task[] {
  const after = Math.floor(walk.afterMin / SLOT_MIN);
  const pause = Math.ceil(walk.min / SLOT_MIN);
  const out = [...list];
  /** Position before which a walk could be, and the work since then. */
  let open = -1;
  let sinceOpen = 0;
  let worked = 0;
  list.forEach((a, k) => {
    const before = list[k - 1];
    if (a.fixed !== null || NO_WORK.has(a.step) || a.step === 'takedown') return;
    // A step with an aim of its own begins another sitting; a night or a pause that is asked for is a walk as well.
    const isOther = before === undefined || !a.follows || a.lagMin >= pause;
    if (isOther) worked = sinceOpen = 0;
    else if (mayPause(before, a, pause)) {
      open = k;
      sinceOpen = 0;
    }
    if (isOther) open = -1;
    if (worked > 0 && worked + a.attended > after && open >= 0) {
      const at = out[open] as Task;
      out[open] = at.with({ lagMin: Math.max(at.lagMin, pause) });
      worked = sinceOpen;
      open = -1;
    }
    worked += a.attended;
    sinceOpen += a.attended;
  });
  return out;
}

/** Whether a dog can be led out between two steps of a chain. */
function mayPause(before: Task, a: Task, pause: number): boolean {
  return (
    (a.lagMax < 0 || a.lagMax >= pause) &&
    !((WET_RUN.has(before.step) || before.step === 'towelSoak') && before.fixed === null)
  );
}
