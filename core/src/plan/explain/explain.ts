/*
 * Why each activity sits where it sits. A reason is the one rule without which, everything else standing, the
 * activity would move toward its aim; it is found by lifting rules one at a time, so it is true by construction and can
 * be put to the test. Reasons are data with a closed set of codes; words are made at the edge.
 */
import type { Assignment, Relaxable } from '@loyal-mane/engine';
import { SLOTS_A_DAY } from '@loyal-mane/engine';
import type { ChainRule } from './moves.js';
import { idealStartIn, movesOf, narrowedTo, roomInChain } from './moves.js';
import type { Task } from '../problem.js';
import type { WorkingSchedule } from '../workingSchedule.js';

/** Reasons that keep a task from starting earlier or later, in the order in which they are named. */
export const BLOCKERS = [
  'before',
  'after',
  'personBusy',
  'stationBusy',
  'shift',
  'stationClosed',
  'circuit',
  'cleanDown',
  'standing',
  'dogBusy',
  'personLimit',
] as const;
/** A rule that can keep an activity from its aim. */
export type Blocker = (typeof BLOCKERS)[number];

/** Why one placed activity is where it is. `heldBy` and `chainStep` are activity indexes, -1 when none is to name. */
export type SlotReason =
  | { readonly code: 'done' | 'running' | 'pinned' | 'atAim' | 'overdue' | 'alone' | 'evenDays' }
  | { readonly code: 'sameHands'; readonly person: number }
  | { readonly code: 'blocked'; readonly by: Blocker; readonly heldBy: number; readonly towards: 'earlier' | 'later' }
  | { readonly code: 'blockedTwice'; readonly by: readonly [Blocker, Blocker]; readonly towards: 'earlier' | 'later' };

/** The engine's rule behind each that people are told of; what comes before and after is the chain's own. */
const RELAXED: Readonly<Record<Exclude<Blocker, 'before' | 'after'>, Relaxable>> = {
  personBusy: 'workerBusy',
  stationBusy: 'machineBusy',
  shift: 'shift',
  stationClosed: 'machineClosed',
  circuit: 'supply',
  cleanDown: 'setup',
  standing: 'strain',
  dogBusy: 'jobBusy',
  personLimit: 'workerLimit',
};

const PAIRS: readonly (readonly [Blocker, Blocker])[] = [
  ['before', 'personBusy'],
  ['after', 'personBusy'],
  ['before', 'stationBusy'],
  ['after', 'stationBusy'],
  ['before', 'shift'],
  ['after', 'shift'],
  ['personBusy', 'stationBusy'],
  ['personBusy', 'shift'],
  ['before', 'after'],
  ['before', 'standing'],
  ['after', 'standing'],
];

/** Reason of one placed activity. `now` is the first slot that is still open. */
export function explainPlace(working: WorkingSchedule, a: Task, place: Assignment): SlotReason {
  if (a.fixed !== null) return { code: place.start + a.duration <= working.problem.now ? 'done' : 'running' };
  if (a.pinned !== null) return { code: 'pinned' };
  if (a.overdue && place.start === Math.max(a.earliestStart, working.problem.now)) return { code: 'overdue' };
  const aim = idealStartIn(working, a);
  if (place.start === aim) return { code: isAnotherDay(a, aim) ? 'evenDays' : 'atAim' };
  const towards = place.start > aim ? 'earlier' : 'later';
  const narrowed = narrowedTo(a, place, aim);
  const gain = (rules: readonly Blocker[]): boolean => nearer(working, narrowed, place, rules).length > 0;
  if (gain([])) return softReason(working, narrowed, place);
  for (const by of BLOCKERS) {
    if (gain([by])) return { code: 'blocked', by, heldBy: holderOf(working, a, place, by, towards), towards };
  }
  for (const by of PAIRS) if (gain(by)) return { code: 'blockedTwice', by, towards };
  return { code: 'alone' };
}

/** Whether the day was chosen for the crew's sake: the time of day is the one that is wanted, the day is not. */
function isAnotherDay(a: Task, aim: number): boolean {
  return a.dayOffCost >= 0 && Math.abs(aim - a.idealStart) >= SLOTS_A_DAY / 2;
}

/** Places nearer the aim that open up when the rules are lifted. */
export function nearer(working: WorkingSchedule, a: Task, place: Assignment, rules: readonly Blocker[]): Assignment[] {
  const chainRules = new Set<ChainRule>();
  const relaxed = new Set<Relaxable>();
  for (const r of rules) {
    if (r === 'before' || r === 'after') chainRules.add(r);
    else relaxed.add(RELAXED[r]);
  }
  const aim = idealStartIn(working, a);
  const distance = Math.abs(place.start - aim);
  return movesOf(working, a, relaxed, chainRules).filter((m) => Math.abs(m.start - aim) < distance);
}

/** It could move alone, but only by changing people or paying overtime: the lighter cost won. */
function softReason(working: WorkingSchedule, a: Task, place: Assignment): SlotReason {
  const position = working.activitiesOf(a.chain).findIndex((b) => b.index === a.index);
  const places = working.placesOf(a.chain);
  const before = working.costOf(a.chain, places);
  for (const option of nearer(working, a, place, [])) {
    places[position] = option;
    if (working.costOf(a.chain, places) <= before) return { code: 'alone' };
  }
  return { code: 'sameHands', person: place.worker };
}

/** Index of the activity that stands in the way on the side of the aim, or -1. */
function holderOf(
  working: WorkingSchedule,
  a: Task,
  place: Assignment,
  by: Blocker,
  towards: 'earlier' | 'later',
): number {
  const list = working.problem.chains[a.chain]?.acts ?? [];
  const position = list.indexOf(a.index);
  if (by === 'before') return list[position - 1] ?? -1;
  if (by === 'after') return list[position + 1] ?? -1;
  const from = towards === 'earlier' ? place.start - 1 : place.start + 1;
  const to = from + a.duration;
  const room = roomInChain(working, a);
  if (room.from > room.to) return -1;
  for (const b of working.problem.activities) {
    const at = working.placeOf(b.index);
    if (at === null || b.index === a.index) continue;
    if (at.start >= to || at.start + b.duration + b.setup <= from) continue;
    if (by === 'personBusy' && place.worker >= 0 && (at.worker === place.worker || at.second === place.worker))
      return b.index;
    const sameStation = b.station !== null && b.station === a.station && at.machine >= 0;
    if ((by === 'stationBusy' || by === 'cleanDown') && sameStation && b.chain !== a.chain) return b.index;
    if (by === 'dogBusy' && working.problem.chains[b.chain]?.job === working.problem.chains[a.chain]?.job)
      return b.index;
  }
  return -1;
}
