/*
 * Where one placed activity could sit instead, with everything else fixed, its own chain's neighbors included. This is
 * computed afresh from the rules, never read from the program that made the plan: people are shown it as "earliest" and
 * "latest", and the explanations ask it what would be possible without one rule.
 */
import type { Liftable } from '../fit/openStarts.js';
import { NOTHING_LIFTED, openStarts, startersAt } from '../fit/openStarts.js';
import type { Activity, Place } from './problem.js';
import { aimAfter } from './problem.js';
import type { Yard } from './yard.js';

/** Rules of the chain itself that can be lifted, besides those of the yard. */
export type ChainRule = 'before' | 'after';

/** Slots between which the chain's neighbors leave room for a start: [from, to]. Empty when from > to. */
export interface Room {
  readonly from: number;
  readonly to: number;
}

/** Start that a placed activity wants as the yard stands: a follower's hangs on the step before it. */
export function aimInYard(yard: Yard, a: Activity): number {
  const list = yard.problem.chains[a.chain]?.activities ?? [];
  const before = list[list.indexOf(a.index) - 1];
  const place = before === undefined ? null : yard.placeOf(before);
  const end = place === null || before === undefined ? -1 : place.start + yard.activity(before).dur;
  return Math.min(aimAfter(a, end, yard.problem.now), a.let - a.dur);
}

/** The activity with its window cut to what lies between a place and its aim: the only starts that are nearer. */
export function narrowedTo(a: Activity, place: Place, aim: number): Activity {
  const from = Math.max(a.est, Math.min(aim, place.start));
  const to = Math.min(a.let, Math.max(aim, place.start) + a.dur);
  return a.with({ est: from, let: to });
}

/** Room that the placed neighbors of an activity leave it, with its lags both ways. */
export function roomInChain(yard: Yard, a: Activity, lifted: ReadonlySet<ChainRule> = new Set()): Room {
  const list = yard.activitiesOf(a.chain);
  const position = list.findIndex((b) => b.index === a.index);
  let from = 0;
  let to = yard.problem.horizon;
  const prev = list[position - 1];
  const prevPlace = prev === undefined ? null : yard.placeOf(prev.index);
  if (prev !== undefined && prevPlace !== null && !lifted.has('before')) {
    const end = prevPlace.start + prev.dur;
    from = Math.max(from, end + a.lagMin);
    if (a.lagMax >= 0) to = Math.min(to, end + a.lagMax);
  }
  const next = list[position + 1];
  const nextPlace = next === undefined ? null : yard.placeOf(next.index);
  if (next !== undefined && nextPlace !== null && !lifted.has('after')) {
    to = Math.min(to, nextPlace.start - next.lagMin - a.dur);
    if (next.lagMax >= 0) from = Math.max(from, nextPlace.start - next.lagMax - a.dur);
  }
  if (!lifted.has('before')) ({ from, to } = roomSince(yard, a, from, to));
  if (!lifted.has('after')) ({ from, to } = roomUntil(yard, a, list.slice(position + 1), from, to));
  return { from, to };
}

function roomSince(yard: Yard, a: Activity, from: number, to: number): Room {
  for (const s of a.since) {
    const place = yard.placeOf(s.activity);
    if (place === null) continue;
    const end = place.start + yard.activity(s.activity).dur;
    from = Math.max(from, end + s.min);
    if (s.max >= 0) to = Math.min(to, end + s.max);
  }
  return { from, to };
}

function roomUntil(yard: Yard, a: Activity, later: readonly Activity[], from: number, to: number): Room {
  for (const b of later) {
    const place = yard.placeOf(b.index);
    if (place === null) continue;
    for (const s of b.since) {
      if (s.activity !== a.index) continue;
      to = Math.min(to, place.start - s.min - a.dur);
      if (s.max >= 0) from = Math.max(from, place.start - s.max - a.dur);
    }
  }
  return { from, to };
}

/**
 * Every start that the activity could have instead, with hands and station for it (those it has now where they
 * can), in order of time. The activity stays where it is.
 */
export function movesOf(
  yard: Yard,
  a: Activity,
  lifted: ReadonlySet<Liftable> = NOTHING_LIFTED,
  chainLifted: ReadonlySet<ChainRule> = new Set(),
): Place[] {
  const now = yard.placeOf(a.index);
  if (now !== null) yard.take(a.index);
  const room = roomInChain(yard, a, chainLifted);
  const from = Math.max(a.est, room.from, yard.problem.now);
  const open = openStarts(yard.taken, a.index, from, Math.min(a.let - a.dur, room.to), lifted);
  const found: Place[] = [];
  for (const start of open.slots) {
    const person = choose(startersAt(open, open.people, start), now?.person ?? -1);
    const others = startersAt(open, open.seconds, start).filter((who) => who !== person);
    const second = choose(others, now?.second ?? -1);
    if (a.second !== null && second < 0) continue;
    found.push({ start, person, second, station: choose(startersAt(open, open.stations, start), now?.station ?? -1) });
  }
  if (now !== null) yard.put(a.index, now);
  return found;
}

/** The one there is now where it can, else the first; -1 where none is asked for. */
function choose(options: readonly number[], present: number): number {
  return options.includes(present) ? present : (options[0] ?? -1);
}
