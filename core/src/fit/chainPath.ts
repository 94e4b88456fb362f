/*
 * Cheapest way through the starts of one chain: one layer an activity, one state for each start and pair of hands (and,
 * where it is asked for exactly, station). A change of hands costs between neighbors of one day only, so each layer is
 * reached through sliding window minima over the layer before: of that day by the same hands, of that day by any, and of
 * earlier days.
 */
import { clz32, floor, imul, max, min, INFINITY } from '../units/numbers.js';
import type { ChainStarts } from './chainStarts.js';
import type { FitActivity, FitModel } from './fitModel.js';
import type { ChainTables, FitLink, FitTables } from './fitTables.js';

const NONE = -1;
const NOBODY: readonly number[] = [NONE];

/** Sliding window minima over one layer, many at once: channel c holds indexes of rising value. */
class Minima {
  private items = new Int32Array(1 << 12);
  private values = new Float64Array(1 << 12);
  private states = new Int32Array(1 << 12);
  private readonly head = new Int32Array(4096);
  private readonly tail = new Int32Array(4096);
  private size = 0;

  begin(channels: number, size: number): void {
    if (this.items.length < channels * size) {
      const larger = channels * size * 2;
      this.items = new Int32Array(larger);
      this.values = new Float64Array(larger);
      this.states = new Int32Array(larger);
    }
    this.size = size;
    for (let c = 0; c < channels; c++) this.clear(c);
  }

  clear(c: number): void {
    this.head[c] = c * this.size;
    this.tail[c] = c * this.size;
  }

  /** Adds an item (a rising number) with its value. */
  push(c: number, item: number, value: number, state: number): void {
    const { values } = this;
    const head = this.head[c] as number;
    let tail = this.tail[c] as number;
    while (tail > head && (values[tail - 1] as number) >= value) tail--;
    this.items[tail] = item;
    values[tail] = value;
    this.states[tail] = state;
    this.tail[c] = tail + 1;
  }

  /** Least value of the items from `least` on; Infinity when there is none. */
  value(c: number, least: number): number {
    const { items } = this;
    const tail = this.tail[c] as number;
    let head = this.head[c] as number;
    while (head < tail && (items[head] as number) < least) head++;
    this.head[c] = head;
    return head < tail ? (this.values[head] as number) : INFINITY;
  }

  /** State behind the value that was asked for last. */
  state(c: number): number {
    return this.states[this.head[c] as number] as number;
  }
}

/** What the path is asked to weigh besides the model's own costs. */
export interface PathWishes {
  /** Random cost a state, at most; 0 = exact. */
  readonly noise: number;
  /** Whether hands are told apart on the way; else each start takes the cheapest and changes of hands are not seen. */
  readonly hands: boolean;
  /** Whether stations of one kind are told apart on the way. */
  readonly stations: boolean;
  /** Extra cost of a start, of hands and of a station there, as the search wants it; null = none. */
  readonly extra: PathExtra | null;
}

export interface PathExtra {
  /** Whether starts, and whether stations, have an extra cost at all. */
  readonly onStarts: boolean;
  readonly onStations: boolean;
  start(activity: number, slot: number): number;
  person(activity: number, slot: number, person: number): number;
  station(activity: number, slot: number, station: number): number;
}

/** Reusable shortest-path solver. After `solve` the answer is in `slot`, `person` and `station` by position. */
export class ChainPath {
  /** Start by position, -1 = omitted (or fixed before the first midnight: see `isOn`). */
  readonly slot: Int32Array;
  readonly person: Int32Array;
  /** Station by position where stations were told apart, else -1. */
  readonly station: Int32Array;
  readonly isOn: Uint8Array;
  /** State of the small generator for ties. */
  private chance = 1;
  private readonly slotAt: Int32Array;
  private readonly slots: Int32Array;
  private readonly stateAt: Int32Array;
  private readonly hands: (readonly number[])[] = [];
  private readonly benches: (readonly number[])[] = [];
  private times = new Int32Array(1 << 12);
  private value = new Float64Array(1 << 14);
  private from = new Int32Array(1 << 14);
  private least = new Float64Array(1 << 12);
  private leastState = new Int32Array(1 << 12);
  private readonly personTo: Int32Array;
  private readonly stationTo: Int32Array;
  private readonly minima = new Minima();
  private readonly tables: FitTables;
  private readonly model: FitModel;
  private chain: ChainTables;

  constructor(tables: FitTables) {
    this.tables = tables;
    this.model = tables.model;
    this.chain = tables.chains[0] as ChainTables;
    const steps = tables.mostSteps;
    this.slot = new Int32Array(steps);
    this.person = new Int32Array(steps);
    this.station = new Int32Array(steps);
    this.isOn = new Uint8Array(steps);
    this.slotAt = new Int32Array(steps);
    this.slots = new Int32Array(steps);
    this.stateAt = new Int32Array(steps);
    this.personTo = new Int32Array(this.model.people.length + 2);
    this.stationTo = new Int32Array(this.model.stations.length + 2);
  }

  seed(seed: number): void {
    this.chance = seed | 0;
  }

  /** Cheapest way through the starts; its cost with wishes, or Infinity when there is none. */
  solve(index: number, starts: ChainStarts, wishes: PathWishes): number {
    this.chain = this.tables.chains[index] as ChainTables;
    const n = this.chain.acts.length;
    let states = 0;
    let times = 0;
    for (let k = 0; k < n; k++) {
      const a = this.actAt(k);
      this.layOut(k, a, starts, wishes);
      this.slotAt[k] = times;
      this.stateAt[k] = states;
      times += this.listSlots(k, a, starts, times);
      states += (this.slots[k] as number) * this.width(k);
      this.growStates(states, times);
      this.enter(k, a, starts, wishes);
    }
    return this.wayBack(n);
  }

  private actAt(k: number): FitActivity {
    return this.model.activities[this.chain.acts[k] as number] as FitActivity;
  }

  private width(k: number): number {
    return (this.hands[k]?.length ?? 0) * (this.benches[k]?.length ?? 0);
  }

  /** Hands and stations that the states of a layer tell apart. */
  private layOut(k: number, a: FitActivity, starts: ChainStarts, wishes: PathWishes): void {
    if (a.fixed !== null) {
      this.hands[k] = [a.fixed.person];
      this.benches[k] = [a.fixed.station];
      return;
    }
    this.hands[k] = wishes.hands ? (starts.people[k] ?? NOBODY) : NOBODY;
    const stations = starts.stations[k] ?? null;
    this.benches[k] = wishes.stations && stations !== null && this.hasNeighborOfKind(k, a.kind) ? stations : NOBODY;
  }

  private hasNeighborOfKind(k: number, kind: number): boolean {
    const into = this.chain.into[k] as readonly FitLink[];
    const outOf = this.chain.outOf[k] as readonly FitLink[];
    return into.some((l) => this.actAt(l.from).kind === kind) || outOf.some((l) => this.actAt(l.to).kind === kind);
  }

  private listSlots(k: number, a: FitActivity, starts: ChainStarts, at: number): number {
    if (a.fixed !== null) {
      this.growTimes(at + 1);
      this.times[at] = a.fixed.start;
      this.slots[k] = 1;
      return 1;
    }
    this.slots[k] = 0;
    if ((starts.first[k] as number) < 0) return 0;
    const words = starts.count[k] as number;
    const base = (starts.word0[k] as number) << 5;
    this.growTimes(at + (words << 5));
    const { times } = this;
    let next = at;
    for (let w = 0; w < words; w++) {
      for (let word = starts.bits[(starts.anyAt[k] as number) + w] as number; word !== 0; word &= word - 1)
        times[next++] = base + (w << 5) + 31 - clz32(word & -word);
    }
    this.slots[k] = next - at;
    return next - at;
  }

  /** Fills the states of a layer: what leads there, then what being there costs. */
  private enter(k: number, a: FitActivity, starts: ChainStarts, wishes: PathWishes): void {
    const count = this.slots[k] as number;
    const width = this.width(k);
    const at = this.stateAt[k] as number;
    const begin = this.chain.skipBefore[k] as number;
    this.value.fill(INFINITY, at, at + count * width);
    this.from.fill(NONE, at, at + count * width);
    if (begin >= 0) {
      for (let s = 0; s < count; s++) {
        const t = this.times[(this.slotAt[k] as number) + s] as number;
        this.value.fill(begin + aimCost(a, t), at + s * width, at + (s + 1) * width);
      }
    }
    for (const link of this.chain.into[k] as readonly FitLink[])
      if ((this.slots[link.from] as number) > 0) this.relax(link, a);
    if (a.fixed === null) this.charge(k, a, starts, wishes);
    this.noteLeast(k);
  }

  /** Adds overtime, wishes and chance to the states of a layer, and closes those that have no hands or station. */
  private charge(k: number, a: FitActivity, starts: ChainStarts, wishes: PathWishes): void {
    const hands = this.hands[k] as readonly number[];
    const benches = this.benches[k] as readonly number[];
    const apart = a.stations !== null && benches !== NOBODY;
    const n = starts.count[k] as number;
    const index = this.chain.acts[k] as number;
    const { value, times } = this;
    const { extra, noise } = wishes;
    let state = this.stateAt[k] as number;
    for (let s = 0; s < (this.slots[k] as number); s++) {
      const t = times[(this.slotAt[k] as number) + s] as number;
      let more = extra?.onStarts === true ? extra.start(index, t) : 0;
      if (extra?.onStations === true && !apart) more += this.bestBench(k, a, starts, t, extra);
      for (let p = 0; p < hands.length; p++) {
        const who = hands[p] as number;
        const here = who < 0 || starts.has(k, (starts.peopleAt[k] as number) + p * n, t);
        const cost = here
          ? more + (who < 0 ? this.bestHands(k, a, starts, t, extra) : this.handsCost(k, a, starts, t, who, extra))
          : INFINITY;
        for (let b = 0; b < benches.length; b++, state++) {
          if (!here || (apart && !starts.has(k, (starts.stationsAt[k] as number) + b * n, t))) {
            value[state] = INFINITY;
            continue;
          }
          const bench = apart && extra?.onStations === true ? extra.station(index, t, benches[b] as number) : 0;
          value[state] = (value[state] as number) + cost + bench + (noise === 0 ? 0 : this.toss() * noise);
        }
      }
    }
  }

  private bestBench(k: number, a: FitActivity, starts: ChainStarts, t: number, extra: PathExtra): number {
    const stations = starts.stations[k] ?? null;
    if (stations === null) return 0;
    const n = starts.count[k] as number;
    const index = this.chain.acts[k] as number;
    let least = INFINITY;
    for (let s = 0; s < stations.length; s++) {
      if (starts.has(k, (starts.stationsAt[k] as number) + s * n, t))
        least = min(least, extra.station(index, t, stations[s] as number));
    }
    return least;
  }

  private bestHands(k: number, a: FitActivity, starts: ChainStarts, t: number, extra: PathExtra | null): number {
    const people = starts.people[k] ?? null;
    if (people === null) return 0;
    const n = starts.count[k] as number;
    let least = INFINITY;
    for (let p = 0; p < people.length; p++) {
      if (starts.has(k, (starts.peopleAt[k] as number) + p * n, t))
        least = min(least, this.handsCost(k, a, starts, t, people[p] as number, extra));
    }
    return least;
  }

  /** What it costs that a person does an activity at a slot: overtime, the least of a second person's, wishes. */
  handsCost(k: number, a: FitActivity, starts: ChainStarts, t: number, who: number, extra: PathExtra | null): number {
    let over = this.tables.overtime(who, t, a.att);
    if (a.seconds !== null) over += this.leastSecond(k, a, starts, t, who);
    const cost = over * this.model.weights.overtime;
    return extra === null ? cost : cost + extra.person(this.chain.acts[k] as number, t, who);
  }

  private leastSecond(k: number, a: FitActivity, starts: ChainStarts, t: number, who: number): number {
    const seconds = a.seconds ?? [];
    const n = starts.count[k] as number;
    let least = INFINITY;
    for (let q = 0; q < seconds.length; q++) {
      const other = seconds[q] as number;
      if (other !== who && starts.has(k, (starts.secondsAt[k] as number) + q * n, t))
        least = min(least, this.tables.overtime(other, t, a.att));
    }
    return least;
  }

  private toss(): number {
    this.chance = (imul(this.chance, 1664525) + 1013904223) | 0;
    return (this.chance >>> 8) / 16777216;
  }

  private noteLeast(k: number): void {
    const width = this.width(k);
    const at = this.stateAt[k] as number;
    const { value, least, leastState } = this;
    for (let s = 0; s < (this.slots[k] as number); s++) {
      let best = INFINITY;
      let state = NONE;
      for (let c = at + s * width; c < at + (s + 1) * width; c++) {
        if ((value[c] as number) < best) {
          best = value[c] as number;
          state = c;
        }
      }
      least[(this.slotAt[k] as number) + s] = best;
      leastState[(this.slotAt[k] as number) + s] = state;
    }
  }

  /**
   * Reaches the layer `link.to` from `link.from`. Minima 0: earlier days, by anybody; 1: that day, by anybody; then that day
   * by each pair of hands of the target, then by each of its stations, then by each pair of both.
   */
  private relax(link: FitLink, a: FitActivity): void {
    const { minima, times } = this;
    const source = this.actAt(link.from);
    const hands = this.hands[link.to] as readonly number[];
    const benches = this.benches[link.to] as readonly number[];
    const byHands =
      a.people !== null || a.fixed !== null ? this.match(this.hands[link.from], hands, this.personTo) : false;
    const byBench = this.stationsTold(link, source, a) && this.match(this.benches[link.from], benches, this.stationTo);
    const countFrom = this.slots[link.from] as number;
    const atFrom = this.slotAt[link.from] as number;
    const countTo = this.slots[link.to] as number;
    const atTo = this.slotAt[link.to] as number;
    const near = source.dur + link.min;
    // What is fixed on both ends happened as it happened, whatever the lag asked for.
    const happened = source.fixed !== null && a.fixed !== null;
    const far = link.max < 0 || happened ? INFINITY : source.dur + link.max;
    const change = this.changeCost(link, source, a);
    const channels = 2 + hands.length + benches.length + hands.length * benches.length;
    minima.begin(channels, countFrom);
    let earlier = 0;
    let today = 0;
    let day = -2;
    let dayStart = 0;
    for (let s = 0; s < countTo; s++) {
      const t = times[atTo + s] as number;
      if (this.tables.dayAt(t) !== day) {
        day = this.tables.dayAt(t);
        dayStart = day < 0 ? -INFINITY : (this.tables.dayStart[day] as number);
        for (let c = 1; c < channels; c++) minima.clear(c);
        while (today < countFrom && (times[atFrom + today] as number) < dayStart) today++;
      }
      const latest = happened ? INFINITY : t - near;
      for (; earlier < countFrom && (times[atFrom + earlier] as number) <= min(latest, dayStart - 1); earlier++) {
        const state = this.leastState[atFrom + earlier] as number;
        if (state >= 0)
          minima.push(0, times[atFrom + earlier] as number, this.valueOf(link, a, source, earlier, state), state);
      }
      for (; !link.apart && today < countFrom && (times[atFrom + today] as number) <= latest; today++)
        this.pushToday(link, a, source, today, byHands, byBench);
      this.reach(link, a, s, t, t - far, change, byHands, byBench);
    }
  }

  private stationsTold(link: FitLink, source: FitActivity, a: FitActivity): boolean {
    return (
      source.kind === a.kind &&
      a.kind >= 0 &&
      (this.benches[link.from]?.[0] ?? NONE) >= 0 &&
      (this.benches[link.to]?.[0] ?? NONE) >= 0
    );
  }

  /** By channel of the source: its place among the target's; false when nobody is in both, or nobody is needed. */
  private match(from: readonly number[] | undefined, to: readonly number[], into: Int32Array): boolean {
    if (from === undefined || from[0] === NONE || to[0] === NONE) return false;
    for (let k = 0; k < from.length; k++) into[k] = to.indexOf(from[k] as number);
    return true;
  }

  /** Cost of the change of station that a step to another kind brings on one day. */
  private changeCost(link: FitLink, source: FitActivity, a: FitActivity): number {
    const { weights } = this.model;
    return source.kind >= 0 && a.kind >= 0 && source.kind !== a.kind && weights.acrossKinds ? weights.stationChange : 0;
  }

  /** Value that a state hands on: a follower's wish to come directly after it is a slope that the window minimum carries. */
  private valueOf(link: FitLink, a: FitActivity, source: FitActivity, slot: number, state: number): number {
    const value = (this.value[state] as number) + link.skipped;
    if (!a.follows) return value;
    const end = (this.times[(this.slotAt[link.from] as number) + slot] as number) + source.dur + link.min;
    return value - a.late * max(a.est, this.model.now, end);
  }

  private pushToday(
    link: FitLink,
    a: FitActivity,
    source: FitActivity,
    slot: number,
    byHands: boolean,
    byBench: boolean,
  ): void {
    const { minima } = this;
    const t = this.times[(this.slotAt[link.from] as number) + slot] as number;
    const best = this.leastState[(this.slotAt[link.from] as number) + slot] as number;
    if (best < 0) return;
    minima.push(1, t, this.valueOf(link, a, source, slot, best), best);
    if (!byHands && !byBench) return;
    const handsFrom = (this.hands[link.from] as readonly number[]).length;
    const benchesFrom = (this.benches[link.from] as readonly number[]).length;
    const handsTo = (this.hands[link.to] as readonly number[]).length;
    const benchesTo = (this.benches[link.to] as readonly number[]).length;
    let state = (this.stateAt[link.from] as number) + slot * handsFrom * benchesFrom;
    for (let p = 0; p < handsFrom; p++) {
      const hand = byHands ? (this.personTo[p] as number) : NONE;
      for (let b = 0; b < benchesFrom; b++, state++) {
        if (this.value[state] === INFINITY) continue;
        const bench = byBench ? (this.stationTo[b] as number) : NONE;
        const value = this.valueOf(link, a, source, slot, state);
        if (hand >= 0) minima.push(2 + hand, t, value, state);
        if (bench >= 0) minima.push(2 + handsTo + bench, t, value, state);
        if (hand >= 0 && bench >= 0) minima.push(2 + handsTo + benchesTo + hand * benchesTo + bench, t, value, state);
      }
    }
  }

  private reach(
    link: FitLink,
    a: FitActivity,
    s: number,
    t: number,
    least: number,
    change: number,
    byHands: boolean,
    byBench: boolean,
  ): void {
    const { minima, value, from } = this;
    const { handOver, stationChange } = this.model.weights;
    const hands = (this.hands[link.to] as readonly number[]).length;
    const benches = (this.benches[link.to] as readonly number[]).length;
    const ahead = a.follows ? a.late * t : aimCost(a, t);
    const earlier = minima.value(0, least);
    const other = (byHands ? handOver : 0) + change + (byBench ? stationChange : 0);
    const today = minima.value(1, least) + other;
    const any = min(earlier, today);
    const anyState = any === INFINITY ? NONE : earlier <= today ? minima.state(0) : minima.state(1);
    let state = (this.stateAt[link.to] as number) + s * hands * benches;
    for (let p = 0; p < hands; p++) {
      const same = byHands ? minima.value(2 + p, least) + change + (byBench ? stationChange : 0) : INFINITY;
      for (let b = 0; b < benches; b++, state++) {
        let best = any;
        let behind = anyState;
        if (same < best) {
          best = same;
          behind = minima.state(2 + p);
        }
        if (byBench) {
          const bench = minima.value(2 + hands + b, least) + (byHands ? handOver : 0);
          if (bench < best) {
            best = bench;
            behind = minima.state(2 + hands + b);
          }
          const both = 2 + hands + benches + p * benches + b;
          const pair = byHands ? minima.value(both, least) : INFINITY;
          if (pair < best) {
            best = pair;
            behind = minima.state(both);
          }
        }
        if (best + ahead < (value[state] as number)) {
          value[state] = best + ahead;
          from[state] = behind;
        }
      }
    }
  }

  private wayBack(n: number): number {
    let cost = INFINITY;
    let state = NONE;
    for (let k = n - 1; k >= 0; k--) {
      const end = this.chain.skipAfter[k] as number;
      if (end < 0) break;
      for (let s = 0; s < (this.slots[k] as number); s++) {
        const here = (this.least[(this.slotAt[k] as number) + s] as number) + end;
        if (here < cost) {
          cost = here;
          state = this.leastState[(this.slotAt[k] as number) + s] as number;
        }
      }
    }
    if (state < 0) return INFINITY;
    this.isOn.fill(0, 0, n);
    for (let k = n - 1; k >= 0 && state >= 0; k--) {
      const offset = state - (this.stateAt[k] as number);
      if (offset < 0 || (this.slots[k] as number) === 0) continue;
      const width = this.width(k);
      const benches = (this.benches[k] as readonly number[]).length;
      const channel = offset % width;
      this.isOn[k] = 1;
      this.slot[k] = this.times[(this.slotAt[k] as number) + floor(offset / width)] as number;
      this.person[k] = this.hands[k]?.[floor(channel / benches)] ?? NONE;
      this.station[k] = this.benches[k]?.[channel % benches] ?? NONE;
      state = this.from[state] as number;
    }
    return cost;
  }

  private growTimes(count: number): void {
    if (count <= this.times.length) return;
    const larger = new Int32Array(count * 2);
    larger.set(this.times);
    this.times = larger;
  }

  private growStates(states: number, times: number): void {
    if (states > this.value.length) {
      const value = new Float64Array(states * 2);
      const from = new Int32Array(states * 2);
      value.set(this.value);
      from.set(this.from);
      this.value = value;
      this.from = from;
    }
    if (times > this.least.length) {
      const least = new Float64Array(times * 2);
      const leastState = new Int32Array(times * 2);
      least.set(this.least);
      leastState.set(this.leastState);
      this.least = least;
      this.leastState = leastState;
    }
  }
}

/** Cost of an activity's start off its aim. */
export function aimCost(a: FitActivity, start: number): number {
  return start < a.aim ? a.early * (a.aim - start) : a.late * (start - a.aim);
}
