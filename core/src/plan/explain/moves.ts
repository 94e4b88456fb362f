/*
 * Where one placed activity could sit instead, with everything else fixed, its own chain's neighbors included. This is
 * computed afresh from the rules, never read from the program that made the plan: people are shown it as "earliest" and
 * "latest", and the explanations ask it what would be possible without one rule.
 */
import type { Assignment, Relaxable } from '@loyal-mane/engine';
import { NOTHING_RELAXED, SLOTS_A_DAY, openStarts, startersAt } from '@loyal-mane/engine';
import type { Task } from '../problem.js';
import { aimAfter } from '../problem.js';
import type { WorkingSchedule } from '../workingSchedule.js';

/** Rules of the chain itself that can be lifted, besides those of the engine. */
export type ChainRule = 'before' | 'after';

/** Slots between which the chain's neighbors leave room for a start: [from, to]. Empty when from > to. */
export interface Room {
  readonly from: number;
  readonly to: number;
}

/** Start that a placed activity wants as the schedule stands: a follower's hangs on the step before it. */
export function idealStartIn(working: WorkingSchedule, a: Task): number {
  if (a.dayOffCost >= 0) return idealOfItsDay(working, a);
  const list = working.problem.chains[a.chain]?.acts ?? [];
  const before = list[list.indexOf(a.index) - 1];
  const place = before === undefined ? null : working.placeOf(before);
  const end = place === null || before === undefined ? -1 : place.start + working.activity(before).duration;
  return Math.min(aimAfter(a, end, working.problem.now), a.latestEnd - a.duration);
}

/** The wanted time of day, on the day on which it is: another day is the plan's choice. */
function idealOfItsDay(working: WorkingSchedule, a: Task): number {
  const start = working.placeOf(a.index)?.start ?? a.idealStart;
  const days = Math.floor((start - a.idealStart) / SLOTS_A_DAY + 0.5);
  return Math.max(a.earliestStart, Math.min(a.latestEnd - a.duration, a.idealStart + days * SLOTS_A_DAY));
}

/** The activity with its window cut to what lies between a place and its aim: the only starts that are nearer. */
export function narrowedTo(a: Task, place: Assignment, aim: number): Task {
  const from = Math.max(a.earliestStart, Math.min(aim, place.start));
  const to = Math.min(a.latestEnd, Math.max(aim, place.start) + a.duration);
  return a.with({ earliestStart: from, latestEnd: to });
}

/** Room that the placed neighbors of an activity leave it, with its lags both ways. */
export function roomInChain(working: WorkingSchedule, a: Task, lifted: ReadonlySet<ChainRule> = new Set()): Room {
  const list = working.activitiesOf(a.chain);
  const position = list.findIndex((b) => b.index === a.index);
  let from = 0;
  let to = working.problem.horizon;
  const prev = list[position - 1];
  const prevPlace = prev === undefined ? null : working.placeOf(prev.index);
  if (prev !== undefined && prevPlace !== null && !lifted.has('before')) {
    const end = prevPlace.start + prev.duration;
    from = Math.max(from, end + a.lagMin);
    if (a.lagMax >= 0) to = Math.min(to, end + a.lagMax);
  }
  const next = list[position + 1];
  const nextPlace = next === undefined ? null : working.placeOf(next.index);
  if (next !== undefined && nextPlace !== null && !lifted.has('after')) {
    to = Math.min(to, nextPlace.start - next.lagMin - a.duration);
    if (next.lagMax >= 0) from = Math.max(from, nextPlace.start - next.lagMax - a.duration);
  }
  if (!lifted.has('before')) ({ from, to } = roomSince(working, a, from, to));
  if (!lifted.has('after')) ({ from, to } = roomUntil(working, a, list.slice(position + 1), from, to));
  return { from, to };
}

function roomSince(working: WorkingSchedule, a: Task, from: number, to: number): Room {
  for (const s of a.since) {
    const place = working.placeOf(s.activity);
    if (place === null) continue;
    const end = place.start + working.activity(s.activity).duration;
    from = Math.max(from, end + s.min);
    if (s.max >= 0) to = Math.min(to, end + s.max);
  }
  return { from, to };
}

function roomUntil(working: WorkingSchedule, a: Task, later: readonly Task[], from: number, to: number): Room {
  for (const b of later) {
    const place = working.placeOf(b.index);
    if (place === null) continue;
    for (const s of b.since) {
      if (s.activity !== a.index) continue;
      to = Math.min(to, place.start - s.min - a.duration);
      if (s.max >= 0) from = Math.max(from, place.start - s.max - a.duration);
    }
  }
  return { from, to };
}

/**
 * Every start that the activity could have instead, with assignees and station for it (those it has now where they
 * can), in order of time. The activity stays where it is.
 */
export function movesOf(
  working: WorkingSchedule,
  a: Task,
  lifted: ReadonlySet<Relaxable> = NOTHING_RELAXED,
  chainLifted: ReadonlySet<ChainRule> = new Set(),
): Assignment[] {
  const now = working.placeOf(a.index);
  if (now !== null) working.take(a.index);
  const room = roomInChain(working, a, chainLifted);
  const from = Math.max(a.earliestStart, room.from, working.problem.now);
  const open = openStarts(working.taken, a.index, from, Math.min(a.latestEnd - a.duration, room.to), lifted);
  const found: Assignment[] = [];
  for (const start of open.slots) {
    const person = choose(startersAt(open, open.workers, start), now?.worker ?? -1);
    const others = startersAt(open, open.secondWorkers, start).filter((who) => who !== person);
    const second = choose(others, now?.second ?? -1);
    if (a.second !== null && second < 0) continue;
    found.push({
      start,
      worker: person,
      second,
      machine: choose(startersAt(open, open.machines, start), now?.machine ?? -1),
    });
  }
  if (now !== null) working.put(a.index, now);
  return found;
}

/** The one there is now where it can, else the first; -1 where none is asked for. */
function choose(options: readonly number[], present: number): number {
  return options.includes(present) ? present : (options[0] ?? -1);
}
