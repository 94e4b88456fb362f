/*
 * One chain fitted again in a schedule that otherwise stands still: the question that every supposed change is asked by.
 */
import type { Assignment, Effort, Schedule } from '@loyal-mane/engine';
import { ChainFit, makeRng } from '@loyal-mane/engine';
import type { Problem, Task } from '../problem.js';
import { WorkingSchedule } from '../workingSchedule.js';

/** Exact in times and people, so that a remedy is only said to be needed where it is; stations follow. */
const EFFORT: Effort = {
  jitter: 0,
  byWorker: true,
  byMachine: false,
  branches: 60,
  dives: false,
  softCosts: null,
  keepers: 'any',
};

/** Places of a chain with all others where they are; null when there are none, with the position that found no start. */
export interface Attempt {
  readonly places: readonly (Assignment | null)[] | null;
  readonly blocked: number;
}

/** Fits a chain with everything else where it is. */
export function fitAgain(problem: Problem, schedule: Schedule, chain: number): Attempt {
  const fitter = new ChainFit(new WorkingSchedule(othersFixed(problem, schedule, chain), [], chain).taken, makeRng(1));
  return fitter.fit(chain, EFFORT) ? { places: fitter.places, blocked: -1 } : { places: null, blocked: fitter.blocked };
}

/** Activities with everything but one chain where it is for good, by the activities and the schedule they came from. */
const standing = new WeakMap<Problem['activities'], WeakMap<Schedule, Map<number, readonly Task[]>>>();

/** The problem of one chain alone: all others are fixed where they are, so that nothing need be prepared for them. */
function othersFixed(problem: Problem, schedule: Schedule, chain: number): Problem {
  const byPlacement = remembered(
    standing,
    problem.activities,
    () => new WeakMap<Schedule, Map<number, readonly Task[]>>(),
  );
  const byChain = remembered(byPlacement, schedule, () => new Map<number, readonly Task[]>());
  const activities = remembered(byChain, chain, () =>
    problem.activities.map((a) => {
      const place = schedule[a.index] ?? null;
      return a.chain === chain || place === null || a.fixed !== null ? a : a.fixedAt(place);
    }),
  );
  const chains = problem.chains.map((c) => (c.index === chain ? c : { ...c, acts: [], continuities: [] }));
  return problem.with({ activities, chains });
}

function remembered<K, V>(
  memo: { get(key: K): V | undefined; set(key: K, value: V): unknown },
  key: K,
  make: () => V,
): V {
  const known = memo.get(key);
  if (known !== undefined) return known;
  const made = make();
  memo.set(key, made);
  return made;
}
