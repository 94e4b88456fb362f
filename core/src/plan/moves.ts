/*
 * Where one placed activity could sit instead, with everything else fixed, its own chain's neighbors included. This is
 * computed afresh from the rules, never read from the program that made the plan: people are shown it as "earliest" and
 * "latest", and the explanations ask it what would be possible without one rule.
 */
import type { Activity, Place } from './problem.js';
import { aimAfter } from './problem.js';
import type { Liftable } from './startMask.js';
import { NOTHING_LIFTED, startMask, startersAt } from './startMask.js';
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
  const place = before === undefined ? null : (yard.places[before] ?? null);
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
  const list = (yard.problem.chains[a.chain]?.activities ?? []).map((i) => yard.activity(i));
  const position = list.findIndex((b) => b.index === a.index);
  let from = 0;
  let to = yard.problem.horizon;
  const prev = list[position - 1];
  const prevPlace = prev === undefined ? null : yard.places[prev.index];
  if (prev !== undefined && prevPlace !== null && prevPlace !== undefined && !lifted.has('before')) {
    const end = prevPlace.start + prev.dur;
    from = Math.max(from, end + a.lagMin);
    if (a.lagMax >= 0) to = Math.min(to, end + a.lagMax);
  }
  const next = list[position + 1];
  const nextPlace = next === undefined ? null : yard.places[next.index];
  if (next !== undefined && nextPlace !== null && nextPlace !== undefined && !lifted.has('after')) {
    to = Math.min(to, nextPlace.start - next.lagMin - a.dur);
    if (next.lagMax >= 0) from = Math.max(from, nextPlace.start - next.lagMax - a.dur);
  }
  if (!lifted.has('before')) ({ from, to } = roomSince(yard, a, from, to));
  if (!lifted.has('after')) ({ from, to } = roomUntil(yard, a, list.slice(position + 1), from, to));
  return { from, to };
}

function roomSince(yard: Yard, a: Activity, from: number, to: number): Room {
  for (const s of a.since) {
    const place = yard.places[s.activity];
    if (place === null || place === undefined) continue;
    const end = place.start + yard.activity(s.activity).dur;
    from = Math.max(from, end + s.min);
    if (s.max >= 0) to = Math.min(to, end + s.max);
  }
  return { from, to };
}

function roomUntil(yard: Yard, a: Activity, later: readonly Activity[], from: number, to: number): Room {
  for (const b of later) {
    const place = yard.places[b.index];
    if (place === null || place === undefined) continue;
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
  const now = yard.places[a.index] ?? null;
  if (now !== null) yard.take(a);
  const room = roomInChain(yard, a, chainLifted);
  // A dog needs no clean-down after itself: its own chain lends its stations while we look.
  const lent = ownPlaces(yard, a);
  for (const own of lent) yard.bumpStation(own.a, own.place, -1);
  const mask = startMask(yard, a, lifted);
  const found: Place[] = [];
  for (const start of mask.slots) {
    if (start < room.from || start > room.to || start < yard.problem.now) continue;
    const person = choose(startersAt(mask, mask.people, start), now?.person ?? -1);
    const others = startersAt(mask, mask.seconds, start).filter((who) => who !== person);
    const second = choose(others, now?.second ?? -1);
    if (a.second !== null && second < 0) continue;
    found.push({ start, person, second, station: choose(startersAt(mask, mask.stations, start), now?.station ?? -1) });
  }
  for (const own of lent) yard.bumpStation(own.a, own.place, 1);
  if (now !== null) yard.put(a, now);
  return found;
}

function ownPlaces(yard: Yard, a: Activity): { a: Activity; place: Place }[] {
  return (yard.problem.chains[a.chain]?.activities ?? []).flatMap((i) => {
    const place = yard.places[i] ?? null;
    return i === a.index || place === null ? [] : [{ a: yard.activity(i), place }];
  });
}

/** The one there is now where it can, else the first; -1 where none is asked for. */
function choose(options: readonly number[], present: number): number {
  return options.includes(present) ? present : (options[0] ?? -1);
}
