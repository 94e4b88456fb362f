/*
 * Exact timing of one chain with everything else fixed. A dog does one thing at a time, so the chain's own activities
 * never compete for people, stations or power: first a shortest path over the slots that each could start in, then a
 * second one over hands and stations at those times. What does interact inside a chain (the dog's standing minutes,
 * a person's daily limits, lags over a middle step) is branched on when it is violated.
 */
import type { Rng } from '../units/rng.js';
import { hasBit } from './bits.js';
import type { Activity, Place, Placement, Problem } from './problem.js';
import { aimAfter, dayOfSlot } from './problem.js';
import type { StartMask } from './startMask.js';
import { startMask, startersAt } from './startMask.js';
import type { Yard } from './yard.js';

/** Beyond every horizon, and still a small integer. */
const FAR = 1 << 28;
/** Branches tried before a chain counts as having no place. */
const MOST_BRANCHES = 24;

/** A place was found for every activity of the chain, in chain order; or the first step that had none. */
export type Insertion =
  | { readonly ok: true; readonly places: readonly Place[]; readonly cost: number }
  | { readonly ok: false; readonly blocked: number };

export interface Ban {
  readonly position: number;
  /** Slots [from, to) are not allowed for the activity at this position. */
  readonly from: number;
  readonly to: number;
  /** Only for this person, or -1 for everybody. */
  readonly person: number;
}

/** Worth of leaving a published task at its time, in slots off its aim (2.5 h); of leaving it with its hands and place. */
const STAY_TIME = 30;
const STAY_HANDS = 6;

/**
 * Finds the cheapest place of a whole chain in the yard as it stands. The chain itself must not be in it. `stay`: places
 * by activity index that are worth keeping; `masks`: starts that are known already.
 */
export function insertChain(
  yard: Yard,
  chain: number,
  rng: Rng,
  stay: Placement | null = null,
  masks?: readonly StartMask[],
): Insertion {
  const activities = (yard.problem.chains[chain]?.activities ?? []).map((i) => yard.activity(i));
  const starts = masks ?? activities.map((a) => maskOf(yard, a));
  const costs = activities.map((a, i) => slotCosts(yard, a, starts[i] as StartMask, i, stay?.[a.index] ?? null));
  let open: Ban[][] = [[]];
  let answer: Insertion = { ok: false, blocked: 0 };
  for (let tried = 0; open.length > 0 && tried < MOST_BRANCHES;) {
    const next: Ban[][] = [];
    for (const bans of open) {
      if (tried++ >= MOST_BRANCHES) break;
      const found = solve(yard, activities, starts, costs, bans, rng, stay);
      if (!found.ok) {
        if (!answer.ok) answer = { ok: false, blocked: Math.max(answer.blocked, found.blocked) };
        continue;
      }
      if (answer.ok && found.cost >= answer.cost) continue;
      const conflict = conflictOf(yard, activities, found.places);
      if (conflict.length === 0) answer = found;
      else next.push(...conflict.map((ban) => [...bans, ban]));
    }
    open = answer.ok ? [] : next;
  }
  return answer;
}

/** A fixed activity has exactly one start and asks for nothing. */
export function maskOf(yard: Yard, a: Activity): StartMask {
  if (a.fixed === null) return startMask(yard, a);
  return { base: 0, slots: Int32Array.of(a.fixed.start), people: [], seconds: [], stations: [], regular: null };
}

function solve(
  yard: Yard,
  activities: readonly Activity[],
  masks: readonly StartMask[],
  costs: readonly Float64Array[],
  bans: readonly Ban[],
  rng: Rng,
  stay: Placement | null,
): Insertion {
  const path = yard.path;
  path.begin(masks.reduce((sum, m) => sum + m.slots.length, 0));
  for (let i = 0; i < activities.length; i++) {
    const a = activities[i] as Activity;
    const mask = masks[i] as StartMask;
    const mine = bans.filter((b) => b.position === i);
    const closed = mine.length === 0 ? null : (t: number): boolean => mine.some((b) => bansSlot(mask, b, t));
    if (!path.addLayer(a, mask.slots, costs[i] as Float64Array, closed, yard.problem.now))
      return { ok: false, blocked: i };
  }
  const starts = path.wayBack(rng);
  const places = chooseHands(yard, activities, masks, starts, bans, rng, stay);
  if (places === null) return { ok: false, blocked: activities.length - 1 };
  return { ok: true, places, cost: chainCost(yard, activities, places) };
}

/** Cost of each start by itself: off the aim, moved from where it stood, the least overtime of anybody who could do it. */
function slotCosts(yard: Yard, a: Activity, mask: StartMask, position: number, stay: Place | null): Float64Array {
  const { slots, regular, base } = mask;
  const count = slots.length;
  const costs = new Float64Array(count);
  const { aim, early, late } = a;
  if (!(a.follows && position > 0) && a.fixed === null) {
    for (let k = 0; k < count; k++) {
      const t = slots[k] as number;
      costs[k] = t < aim ? early * (aim - t) : late * (t - aim);
    }
  }
  if (stay !== null && a.fixed === null) {
    for (let k = 0; k < count; k++) if (slots[k] !== stay.start) costs[k] = (costs[k] as number) + STAY_TIME;
  }
  if (regular !== null) {
    for (let k = 0; k < count; k++) {
      const t = slots[k] as number;
      if (!hasBit(regular, t - base)) costs[k] = (costs[k] as number) + leastOvertime(yard, a, mask, t);
    }
  }
  return costs;
}

/** Cost of the least overtime of anybody who could do it at a slot. */
function leastOvertime(yard: Yard, a: Activity, mask: StartMask, slot: number): number {
  let least = Infinity;
  for (const who of startersAt(mask, mask.people, slot)) least = Math.min(least, overtimeSlots(yard, who, slot, a.att));
  return least * yard.problem.weights.overtime;
}

function overtimeSlots(yard: Yard, who: number, from: number, slots: number): number {
  const before = yard.statics.overBefore[who];
  return before === undefined ? 0 : (before[from + slots] ?? 0) - (before[from] ?? 0);
}

/** A ban on a person closes the slots in which nobody else could do it. */
function bansSlot(mask: StartMask, ban: Ban, slot: number): boolean {
  if (slot < ban.from || slot >= ban.to) return false;
  return ban.person < 0 || !startersAt(mask, mask.people, slot).some((who) => who !== ban.person);
}

interface Hands {
  readonly person: number;
  readonly cost: number;
  readonly from: number;
}

/** People, then stations, at given times: shortest path over who does each step, changes of hands costing. */
function chooseHands(
  yard: Yard,
  activities: readonly Activity[],
  masks: readonly StartMask[],
  starts: readonly number[],
  bans: readonly Ban[],
  rng: Rng,
  stay: Placement | null,
): Place[] | null {
  const away = (i: number, who: number, of: 'person' | 'station'): number => {
    const old = stay?.[activities[i]?.index ?? -1] ?? null;
    return old === null || old[of] === who ? 0 : STAY_HANDS;
  };
  const people = choosePath(
    activities.length,
    (i) => {
      const a = activities[i] as Activity;
      if (a.fixed !== null) return [{ who: a.fixed.person, cost: 0 }];
      if (a.skill === null || a.att === 0) return [{ who: -1, cost: 0 }];
      const able = candidates(yard, a, masks[i] as StartMask, starts[i] ?? 0, bans, i, rng);
      return able.map((c) => ({ who: c.who, cost: c.cost + away(i, c.who, 'person') }));
    },
    (i, x, y) => (sameDay(yard.problem, starts, i) && x >= 0 && y >= 0 && x !== y ? yard.problem.weights.handOver : 0),
  );
  if (people === null) return null;
  const stations = choosePath(
    activities.length,
    (i) => {
      const a = activities[i] as Activity;
      if (a.fixed !== null) return [{ who: a.fixed.station, cost: 0 }];
      if (a.station === null) return [{ who: -1, cost: 0 }];
      const mask = masks[i] as StartMask;
      return startersAt(mask, mask.stations, starts[i] ?? 0).map((who) => ({
        who,
        cost: rng.next() * 0.5 + away(i, who, 'station'),
      }));
    },
    (i, x, y) =>
      sameKind(activities, i) && sameDay(yard.problem, starts, i) && x !== y ? yard.problem.weights.stationChange : 0,
  );
  if (stations === null) return null;
  return activities.map((a, i) => ({
    start: starts[i] ?? 0,
    person: people[i] ?? -1,
    second:
      a.fixed !== null ? a.fixed.second : secondOf(a, masks[i] as StartMask, starts[i] ?? 0, people[i] ?? -1, rng),
    station: stations[i] ?? -1,
  }));
}

interface Candidate {
  readonly who: number;
  readonly cost: number;
}

function candidates(
  yard: Yard,
  a: Activity,
  mask: StartMask,
  start: number,
  bans: readonly Ban[],
  position: number,
  rng: Rng,
): Candidate[] {
  const p = yard.problem;
  const found: Candidate[] = [];
  const seconds = a.second === null ? [] : startersAt(mask, mask.seconds, start);
  for (const who of startersAt(mask, mask.people, start)) {
    const banned = bans.some((b) => b.position === position && b.person === who && start >= b.from && start < b.to);
    if (banned) continue;
    if (a.second !== null && !seconds.some((other) => other !== who)) continue;
    const person = p.people[who];
    const over = overtimeSlots(yard, who, start, a.att);
    // People with many skills are scarce: leave them free for what only they can do.
    found.push({ who, cost: over * p.weights.overtime + (person?.skills.size ?? 0) * 0.6 + rng.next() });
  }
  return found;
}

function choosePath(
  length: number,
  options: (i: number) => Candidate[],
  change: (i: number, before: number, now: number) => number,
): number[] | null {
  const layers: Hands[][] = [];
  for (let i = 0; i < length; i++) {
    const before = layers[i - 1];
    const layer = options(i).map((c): Hands => {
      if (before === undefined) return { person: c.who, cost: c.cost, from: -1 };
      let from = 0;
      let least = Infinity;
      before.forEach((b, k) => {
        const cost = b.cost + change(i, b.person, c.who);
        if (cost < least) {
          least = cost;
          from = k;
        }
      });
      return { person: c.who, cost: least + c.cost, from };
    });
    if (layer.length === 0) return null;
    layers.push(layer);
  }
  const path = new Array<number>(length);
  let at = 0;
  const last = layers[length - 1] ?? [];
  last.forEach((h, k) => {
    if (h.cost < (last[at]?.cost ?? Infinity)) at = k;
  });
  for (let i = length - 1; i >= 0; i--) {
    const h = layers[i]?.[at];
    path[i] = h?.person ?? -1;
    at = h?.from ?? 0;
  }
  return path;
}

function secondOf(a: Activity, mask: StartMask, start: number, first: number, rng: Rng): number {
  if (a.second === null) return -1;
  const others = startersAt(mask, mask.seconds, start).filter((who) => who !== first);
  return others[rng.below(others.length)] ?? -1;
}

function sameDay(p: Problem, starts: readonly number[], i: number): boolean {
  return i > 0 && dayOfSlot(p, starts[i - 1] ?? 0) === dayOfSlot(p, starts[i] ?? 0);
}

function sameKind(activities: readonly Activity[], i: number): boolean {
  const kind = activities[i]?.station ?? null;
  return i > 0 && kind !== null && activities[i - 1]?.station === kind;
}

/** Bans that each lift one violation of what interacts inside a chain; empty when nothing is violated. */
export function conflictOf(yard: Yard, activities: readonly Activity[], places: readonly Place[]): Ban[] {
  return (
    standingConflict(yard, activities, places) ??
    personConflict(yard, activities, places) ??
    sinceConflict(activities, places) ??
    []
  );
}

function dayRange(p: Problem, day: number): { from: number; to: number } {
  return { from: p.dayStarts[day] ?? 0, to: p.dayStarts[day + 1] ?? p.horizon };
}

function standingConflict(yard: Yard, activities: readonly Activity[], places: readonly Place[]): Ban[] | null {
  const p = yard.problem;
  const dog = p.chains[activities[0]?.chain ?? -1]?.dog ?? -1;
  const cap = p.dogs[dog]?.standCap ?? 0;
  const byDay = new Map<number, number[]>();
  activities.forEach((a, i) => {
    if (!a.stands || a.fixed !== null) return;
    const day = dayOfSlot(p, places[i]?.start ?? 0);
    byDay.set(day, [...(byDay.get(day) ?? []), i]);
  });
  for (const [day, positions] of byDay) {
    const mine = positions.reduce((sum, i) => sum + (activities[i]?.dur ?? 0), 0);
    if ((yard.stood[dog]?.[day] ?? 0) + mine <= cap) continue;
    const range = dayRange(p, day);
    const ends = [positions[positions.length - 1], positions[0], positions[positions.length - 2]];
    return [...new Set(ends)]
      .filter((i): i is number => i !== undefined)
      .map((position) => ({ position, ...range, person: -1 }));
  }
  return null;
}

function personConflict(yard: Yard, activities: readonly Activity[], places: readonly Place[]): Ban[] | null {
  const p = yard.problem;
  const noise = new Map<string, number>();
  const scissors = new Map<string, number>();
  for (let i = 0; i < activities.length; i++) {
    const a = activities[i] as Activity;
    const place = places[i];
    if (a.fixed !== null || place === undefined || place.person < 0 || (a.noise === 0 && !a.scissors)) continue;
    const day = dayOfSlot(p, place.start);
    const key = `${String(place.person)}/${String(day)}`;
    noise.set(key, (noise.get(key) ?? yard.noise[place.person]?.[day] ?? 0) + a.noise * a.att);
    const cut = (scissors.get(key) ?? yard.scissors[place.person]?.[day] ?? 0) + (a.scissors ? a.att : 0);
    scissors.set(key, cut);
    const person = p.people[place.person];
    if ((noise.get(key) ?? 0) > (person?.noiseCap ?? 0) || cut > (person?.scissorCap ?? 0)) {
      return [{ position: i, ...dayRange(p, day), person: place.person }];
    }
  }
  return null;
}

/** Lags over a middle step: the later one must wait, or the earlier one must not start so early. */
function sinceConflict(activities: readonly Activity[], places: readonly Place[]): Ban[] | null {
  for (let i = 0; i < activities.length; i++) {
    const a = activities[i] as Activity;
    const start = places[i]?.start ?? 0;
    for (const since of a.since) {
      const j = activities.findIndex((b) => b.index === since.activity);
      const b = activities[j];
      if (b === undefined || (b.fixed !== null && a.fixed !== null)) continue;
      const end = (places[j]?.start ?? 0) + b.dur;
      const lag = start - end;
      // With b where it is, a must start in [end + min, end + max]; with a where it is, b must move instead.
      if (lag < since.min) {
        return [
          { position: i, from: 0, to: end + since.min, person: -1 },
          { position: j, from: start - since.min - b.dur + 1, to: FAR, person: -1 },
        ].filter((ban) => activities[ban.position]?.fixed === null);
      }
      if (since.max >= 0 && lag > since.max) {
        return [
          { position: j, from: 0, to: start - since.max - b.dur, person: -1 },
          { position: i, from: end + since.max + 1, to: FAR, person: -1 },
        ].filter((ban) => activities[ban.position]?.fixed === null);
      }
    }
  }
  return null;
}

function aimCost(a: Activity, start: number, aim: number): number {
  return start < aim ? a.early * (aim - start) : a.late * (start - aim);
}

/** What a placed chain costs: aims, overtime, changes of hands and stations. */
export function chainCost(yard: Yard, activities: readonly Activity[], places: readonly (Place | null)[]): number {
  const p = yard.problem;
  let cost = 0;
  for (let i = 0; i < activities.length; i++) {
    const a = activities[i] as Activity;
    const place = places[i];
    if (place === null || place === undefined) continue;
    const before = places[i - 1] ?? null;
    const endBefore = before === null ? -1 : before.start + (activities[i - 1]?.dur ?? 0);
    if (a.fixed === null) cost += aimCost(a, place.start, aimAfter(a, endBefore, p.now));
    for (const who of [place.person, place.second]) {
      cost += overtimeSlots(yard, who, place.start, a.att) * p.weights.overtime;
    }
    const prev = places[i - 1];
    if (prev === null || prev === undefined || dayOfSlot(p, prev.start) !== dayOfSlot(p, place.start)) continue;
    if (place.person >= 0 && prev.person >= 0 && place.person !== prev.person) cost += p.weights.handOver;
    if (sameKind(activities, i) && place.station !== prev.station) cost += p.weights.stationChange;
  }
  return cost;
}
