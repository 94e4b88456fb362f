/*
 * Why each activity sits where it sits. A reason is the one rule without which, everything else standing, the
 * activity would move toward its aim; it is found by lifting rules one at a time, so it is true by construction and can
 * be put to the test. Reasons are data with a closed set of codes; words are made at the edge.
 */
import type { Liftable } from '../fit/openStarts.js';
import type { ChainRule } from './moves.js';
import { aimInYard, movesOf, narrowedTo, roomInChain } from './moves.js';
import type { Activity, Place } from './problem.js';
import type { Yard } from './yard.js';

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
  | { readonly code: 'done' | 'running' | 'pinned' | 'atAim' | 'overdue' | 'alone' }
  | { readonly code: 'sameHands'; readonly person: number }
  | { readonly code: 'blocked'; readonly by: Blocker; readonly heldBy: number; readonly towards: 'earlier' | 'later' }
  | { readonly code: 'blockedTwice'; readonly by: readonly [Blocker, Blocker]; readonly towards: 'earlier' | 'later' };

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
export function explainPlace(yard: Yard, a: Activity, place: Place): SlotReason {
  if (a.fixed !== null) return { code: place.start + a.dur <= yard.problem.now ? 'done' : 'running' };
  if (a.pinned !== null) return { code: 'pinned' };
  if (a.overdue && place.start === Math.max(a.est, yard.problem.now)) return { code: 'overdue' };
  const aim = aimInYard(yard, a);
  if (place.start === aim) return { code: 'atAim' };
  const towards = place.start > aim ? 'earlier' : 'later';
  const narrowed = narrowedTo(a, place, aim);
  const gain = (rules: readonly Blocker[]): boolean => nearer(yard, narrowed, place, rules).length > 0;
  if (gain([])) return softReason(yard, narrowed, place);
  for (const by of BLOCKERS) {
    if (gain([by])) return { code: 'blocked', by, heldBy: holderOf(yard, a, place, by, towards), towards };
  }
  for (const by of PAIRS) if (gain(by)) return { code: 'blockedTwice', by, towards };
  return { code: 'alone' };
}

/** Places nearer the aim that open up when the rules are lifted. */
export function nearer(yard: Yard, a: Activity, place: Place, rules: readonly Blocker[]): Place[] {
  const chainRules = new Set<ChainRule>();
  const lifted = new Set<Liftable>();
  for (const r of rules) {
    if (r === 'before' || r === 'after') chainRules.add(r);
    else lifted.add(r);
  }
  const aim = aimInYard(yard, a);
  const distance = Math.abs(place.start - aim);
  return movesOf(yard, a, lifted, chainRules).filter((m) => Math.abs(m.start - aim) < distance);
}

/** It could move alone, but only by changing hands or paying overtime: the lighter cost won. */
function softReason(yard: Yard, a: Activity, place: Place): SlotReason {
  const position = yard.activitiesOf(a.chain).findIndex((b) => b.index === a.index);
  const places = yard.placesOf(a.chain);
  const before = yard.costOf(a.chain, places);
  for (const option of nearer(yard, a, place, [])) {
    places[position] = option;
    if (yard.costOf(a.chain, places) <= before) return { code: 'alone' };
  }
  return { code: 'sameHands', person: place.person };
}

/** Index of the activity that stands in the way on the side of the aim, or -1. */
function holderOf(yard: Yard, a: Activity, place: Place, by: Blocker, towards: 'earlier' | 'later'): number {
  const list = yard.problem.chains[a.chain]?.activities ?? [];
  const position = list.indexOf(a.index);
  if (by === 'before') return list[position - 1] ?? -1;
  if (by === 'after') return list[position + 1] ?? -1;
  const from = towards === 'earlier' ? place.start - 1 : place.start + 1;
  const to = from + a.dur;
  const room = roomInChain(yard, a);
  if (room.from > room.to) return -1;
  for (const b of yard.problem.activities) {
    const at = yard.placeOf(b.index);
    if (at === null || b.index === a.index) continue;
    if (at.start >= to || at.start + b.dur + b.clean <= from) continue;
    if (by === 'personBusy' && place.person >= 0 && (at.person === place.person || at.second === place.person))
      return b.index;
    const sameStation = b.station !== null && b.station === a.station && at.station >= 0;
    if ((by === 'stationBusy' || by === 'cleanDown') && sameStation && b.chain !== a.chain) return b.index;
    if (by === 'dogBusy' && yard.problem.chains[b.chain]?.dog === yard.problem.chains[a.chain]?.dog) return b.index;
  }
  return -1;
}
