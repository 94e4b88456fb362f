/*
 * A remedy made exact: until when somebody stays, whereto a break moves, how much a circuit would carry.
 */
import type { Assignment } from '@loyal-mane/engine';
import type { Problem, Task } from '../problem.js';
import { WorkingSchedule } from '../workingSchedule.js';
import type { Trial } from './remedyTrials.js';
import type { SlotRemedy } from './slotRemedy.js';

/** Longest that a break is moved, in slots (3 h). */
const BREAK_MOVES = 36;

/** Slot from which somebody is free as long as a break, near it, with the chain in its place; -1 where there is none. */
function restAt(
  trial: Trial,
  problem: Problem,
  list: readonly Task[],
  places: readonly (Assignment | null)[],
  from: number,
  length: number,
): number {
  const { remedy } = trial;
  if (remedy.code !== 'moveBreak') return -1;
  const working = new WorkingSchedule(trial.problem, trial.schedule, list[0]?.chain ?? -1);
  list.forEach((a, k) => {
    const place = places[k] ?? null;
    if (a.fixed === null && place !== null) working.put(a.index, place);
  });
  const holder = working.taken.workers[remedy.person]?.holder;
  const site = trial.problem.workers[remedy.person]?.site;
  const free = (t: number): boolean => holder?.[t] === 0 && site?.[t] === site?.[from];
  const isFree = (t: number): boolean => {
    let run = 0;
    while (run < length && free(t + run)) run++;
    return run === length;
  };
  const last = problem.horizon - length;
  for (let d = 0; d <= BREAK_MOVES; d++)
    for (const t of [from + d, from - d]) if (t >= problem.now && t <= last && isFree(t)) return t;
  return -1;
}

/**
 * Fills in when the change is used: the end of the work that leans on it. `places` in the order of `list`. Null where the
 * change asks for more than it says: a break that cannot be had at another time of the day.
 */
export function refine(
  trial: Trial,
  problem: Problem,
  list: readonly Task[],
  places: readonly (Assignment | null)[],
): SlotRemedy | null {
  const { remedy } = trial;
  if (remedy.code === 'moreAmps') return { ...remedy, demand: peakOf(remedy.supply, trial, list, places) };
  if (!('person' in remedy) || remedy.code === 'freePerson') return remedy;
  const before = problem.workers[remedy.person]?.site;
  let until = -1;
  let from = problem.horizon;
  list.forEach((a, i) => {
    const place = places[i];
    if (place == null || (place.worker !== remedy.person && place.second !== remedy.person)) return;
    for (let t = place.start; t < place.start + a.attended; t++) {
      if (before?.[t] !== -1) continue;
      until = Math.max(until, t + 1);
      from = Math.min(from, t);
    }
  });
  if (until < 0) return null;
  if (remedy.code === 'stay') return { ...remedy, until };
  if (remedy.code === 'present') return { ...remedy, at: from };
  if (remedy.code === 'beginEarlier') return { ...remedy, from, slots: shiftAfter(before, from) - from };
  while (from > 0 && before?.[from - 1] === -1) from--;
  let length = 0;
  while (before?.[from + length] === -1) length++;
  const to = restAt(trial, problem, list, places, from, length);
  return to < 0 ? null : { ...remedy, from, to };
}

/** First slot from one on in which somebody works. */
function shiftAfter(site: Int8Array | undefined, from: number): number {
  let t = from;
  while (site?.[t] === -1) t++;
  return t;
}

/** The most that a circuit would carry while the chain uses it. */
function peakOf(
  supply: number,
  { problem, schedule }: Trial,
  list: readonly Task[],
  places: readonly (Assignment | null)[],
): number {
  const isOn = (machine: number): boolean => problem.machines[machine]?.supply === supply;
  const mine = new Set(list.map((a) => a.index));
  const others = problem.activities.filter((a) => !mine.has(a.index) && a.demand > 0);
  const at = (t: number, place: Assignment | null, a: Task): number =>
    place !== null && isOn(place.machine) && place.start <= t && t < place.start + a.duration ? a.demand : 0;
  let peak = 0;
  list.forEach((a, k) => {
    const place = places[k] ?? null;
    if (place === null || !isOn(place.machine)) return;
    for (let t = place.start; t < place.start + a.duration; t++) {
      const own = list.reduce((sum, b, j) => sum + at(t, places[j] ?? null, b), 0);
      peak = Math.max(
        peak,
        others.reduce((sum, b) => sum + at(t, schedule[b.index] ?? null, b), own),
      );
    }
  });
  return peak;
}
