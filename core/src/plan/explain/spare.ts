/*
 * How much later each open step of a chain could begin, with the dog still ready: everything of other dogs fixed, the
 * rest of its own chain free to follow. Computed backward from the last step.
 */
import { openStarts } from '@loyal-mane/engine';
import type { Task } from '../problem.js';
import type { WorkingSchedule } from '../workingSchedule.js';

/**
 * Latest start of each activity of a placed chain, in chain order; -1 where none exists (which a valid plan does not
 * have). Fixed activities give their own start. The chain keeps its places.
 */
export function latestStarts(working: WorkingSchedule, chain: number): number[] {
  const list = working.activitiesOf(chain);
  const starts = working.without(chain, () => list.map((a) => startsOf(working, a)));
  const latest = new Array<number>(list.length).fill(-1);
  let later: readonly number[] | null = null;
  for (let i = list.length - 1; i >= 0; i--) {
    const a = list[i] as Task;
    const next = list[i + 1];
    const slots = starts[i] ?? [];
    const open: readonly number[] = later === null || next === undefined ? slots : keepFollowed(a, next, slots, later);
    latest[i] = open[open.length - 1] ?? -1;
    later = open;
  }
  return latest;
}

/** Starts of an activity while its chain is out; a fixed one has exactly one. */
function startsOf(working: WorkingSchedule, a: Task): readonly number[] {
  return a.fixed !== null
    ? [a.fixed.start]
    : openStarts(working.taken, a.index, a.earliestStart, a.latestEnd - a.duration).slots;
}

/** The starts after which the next activity still has one within its lag. */
function keepFollowed(a: Task, next: Task, slots: readonly number[], later: readonly number[]): readonly number[] {
  if (a.fixed !== null && next.fixed !== null) return slots;
  let k = 0;
  return slots.filter((t) => {
    const from = t + a.duration + next.lagMin;
    while (k < later.length && (later[k] ?? 0) < from) k++;
    const first = later[k];
    return first !== undefined && (next.lagMax < 0 || first <= t + a.duration + next.lagMax);
  });
}
