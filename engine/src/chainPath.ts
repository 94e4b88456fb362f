/*
 * Cheapest way through the starts of one chain: one layer an activity, one state for each start and worker (and, where it is
 * asked for exactly, machine). A change of workers costs between neighbors of one day only, so each layer is
 * reached through sliding window minima over the layer before: of that day by the same workers, of that day by any, and of
 * earlier days.
 */
import type { Keepers } from './continuity.js';
import { clz32, floor, max, min, INFINITY } from './numbers.js';
import type { ChainStarts } from './chainStarts.js';
import type { Activity, Chain, Model } from './model.js';
import { SlidingMinima } from './slidingMinima.js';
import type { SoftCosts } from './softCosts.js';
import { StateCosts } from './stateCosts.js';
import type { ChainTables, Link, Tables } from './tables.js';
import { timeCost } from './timeCost.js';

const NONE = -1;
const NOBODY: readonly number[] = [NONE];

/** How exactly the path looks, and what it weighs besides the model's own costs. */
export interface PathOptions {
  /** Random cost a state, at most; 0 = exact. */
  readonly jitter: number;
  /** Whether workers are told apart on the way; else each start takes the cheapest and changes of workers are not seen. */
  readonly byWorker: boolean;
  /** Whether machines of one kind are told apart on the way. */
  readonly byMachine: boolean;
  /** Costs beside the model's own; null = none. */
  readonly softCosts: SoftCosts | null;
  /** Who keeps each of the chain's continuities; left away = they cost nothing. */
  readonly keepers?: Keepers;
}

/** Reusable shortest-path solver. After `solve` the answer is in `slot`, `worker` and `machine` by position. */
export class ChainPath {
  /** Start by position, -1 = omitted (or fixed before the first midnight: see `isOn`). */
  readonly slot: Int32Array;
  readonly worker: Int32Array;
  /** Machine by position where machines were told apart, else -1. */
  readonly machine: Int32Array;
  readonly isOn: Uint8Array;
  private readonly slotAt: Int32Array;
  private readonly slots: Int32Array;
  private readonly stateAt: Int32Array;
  private readonly workers: (readonly number[])[] = [];
  private readonly machines: (readonly number[])[] = [];
  private times = new Int32Array(1 << 12);
  private value = new Float64Array(1 << 14);
  private from = new Int32Array(1 << 14);
  private least = new Float64Array(1 << 12);
  private leastState = new Int32Array(1 << 12);
  private readonly workerTo: Int32Array;
  private readonly machineTo: Int32Array;
  private readonly minima = new SlidingMinima();
  /** Costs of single states, also for those who place a machine or a second worker afterwards. */
  readonly costs: StateCosts;
  private readonly tables: Tables;
  private readonly model: Model;
  private chain: ChainTables;

  constructor(tables: Tables) {
    this.tables = tables;
    this.model = tables.model;
    this.costs = new StateCosts(tables);
    this.chain = tables.chains[0] as ChainTables;
    const steps = tables.mostSteps;
    this.slot = new Int32Array(steps);
    this.worker = new Int32Array(steps);
    this.machine = new Int32Array(steps);
    this.isOn = new Uint8Array(steps);
    this.slotAt = new Int32Array(steps);
    this.slots = new Int32Array(steps);
    this.stateAt = new Int32Array(steps);
    this.workerTo = new Int32Array(this.model.workers.length + 2);
    this.machineTo = new Int32Array(this.model.machines.length + 2);
  }

  /** Cheapest way through the starts; its cost with options, or Infinity when there is none. */
  solve(index: number, starts: ChainStarts, options: PathOptions): number {
    this.chain = this.tables.chains[index] as ChainTables;
    this.costs.forChain(index);
    if (options.keepers !== undefined) this.costs.keep(this.model.chains[index] as Chain, options.keepers);
    const n = this.chain.acts.length;
    let states = 0;
    let times = 0;
    for (let k = 0; k < n; k++) {
      const a = this.actAt(k);
      this.layOut(k, a, starts, options);
      this.slotAt[k] = times;
      this.stateAt[k] = states;
      times += this.listSlots(k, a, starts, times);
      states += (this.slots[k] as number) * this.width(k);
      this.growStates(states, times);
      this.enter(k, a, starts, options);
    }
    return this.wayBack(n);
  }

  private actAt(k: number): Activity {
    return this.model.activities[this.chain.acts[k] as number] as Activity;
  }

  private width(k: number): number {
    return (this.workers[k]?.length ?? 0) * (this.machines[k]?.length ?? 0);
  }

  /** Workers and machines that the states of a layer tell apart. */
  private layOut(k: number, a: Activity, starts: ChainStarts, options: PathOptions): void {
    if (a.fixed !== null) {
      this.workers[k] = [a.fixed.worker];
      this.machines[k] = [a.fixed.machine];
      return;
    }
    this.workers[k] = options.byWorker ? (starts.workers[k] ?? NOBODY) : NOBODY;
    const machines = starts.machines[k] ?? null;
    const told = options.byMachine && (this.costs.keepsOneMachine(k) || this.hasNeighborOfKind(k, a.kind));
    this.machines[k] = told && machines !== null ? machines : NOBODY;
  }

  private hasNeighborOfKind(k: number, kind: number): boolean {
    const into = this.chain.into[k] as readonly Link[];
    const outOf = this.chain.outOf[k] as readonly Link[];
    return into.some((l) => this.actAt(l.from).kind === kind) || outOf.some((l) => this.actAt(l.to).kind === kind);
  }

  private listSlots(k: number, a: Activity, starts: ChainStarts, at: number): number {
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
      for (let word = starts.masks.bits[(starts.anyAt[k] as number) + w] as number; word !== 0; word &= word - 1)
        times[next++] = base + (w << 5) + 31 - clz32(word & -word);
    }
    this.slots[k] = next - at;
    return next - at;
  }

  /** Fills the states of a layer: what leads there, then what being there costs. */
  private enter(k: number, a: Activity, starts: ChainStarts, options: PathOptions): void {
    const count = this.slots[k] as number;
    const width = this.width(k);
    const at = this.stateAt[k] as number;
    const begin = this.chain.skipBefore[k] as number;
    this.value.fill(INFINITY, at, at + count * width);
    this.from.fill(NONE, at, at + count * width);
    if (begin >= 0) {
      for (let s = 0; s < count; s++) {
        const t = this.times[(this.slotAt[k] as number) + s] as number;
        this.value.fill(begin + timeCost(a, t), at + s * width, at + (s + 1) * width);
      }
    }
    for (const link of this.chain.into[k] as readonly Link[])
      if ((this.slots[link.from] as number) > 0) this.relax(link, a);
    if (a.fixed === null) this.charge(k, a, starts, options);
    this.noteLeast(k);
  }

  /** Adds overtime, soft costs and chance to the states of a layer, and closes those that have no workers or machine. */
  private charge(k: number, a: Activity, starts: ChainStarts, options: PathOptions): void {
    const workers = this.workers[k] as readonly number[];
    const machines = this.machines[k] as readonly number[];
    const apart = a.machines !== null && machines !== NOBODY;
    const n = starts.count[k] as number;
    const index = this.chain.acts[k] as number;
    const { value, times, costs } = this;
    const { softCosts, jitter } = options;
    let state = this.stateAt[k] as number;
    for (let s = 0; s < (this.slots[k] as number); s++) {
      const t = times[(this.slotAt[k] as number) + s] as number;
      let more = softCosts?.onStarts === true ? softCosts.start(index, t) : 0;
      if (softCosts?.onMachines === true && !apart) more += costs.bestMachine(k, a, starts, t, softCosts);
      for (let p = 0; p < workers.length; p++) {
        const who = workers[p] as number;
        const here = who < 0 || starts.has(k, (starts.workersAt[k] as number) + p * n, t);
        const cost = here
          ? more +
            (who < 0 ? costs.bestWorker(k, a, starts, t, softCosts) : costs.worker(k, a, starts, t, who, softCosts))
          : INFINITY;
        for (let b = 0; b < machines.length; b++, state++) {
          if (!here || (apart && !starts.has(k, (starts.machinesAt[k] as number) + b * n, t))) {
            value[state] = INFINITY;
            continue;
          }
          const machine = apart ? costs.machine(k, t, machines[b] as number, softCosts) : 0;
          value[state] = (value[state] as number) + cost + machine + (jitter === 0 ? 0 : costs.toss() * jitter);
        }
      }
    }
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
   * by each worker of the target, then by each of its machines, then by each pair of both.
   */
  private relax(link: Link, a: Activity): void {
    const { minima, times } = this;
    const source = this.actAt(link.from);
    const workers = this.workers[link.to] as readonly number[];
    const machines = this.machines[link.to] as readonly number[];
    const byWorker =
      a.workers !== null || a.fixed !== null ? this.match(this.workers[link.from], workers, this.workerTo) : false;
    const byBench =
      this.machinesTold(link, source, a) && this.match(this.machines[link.from], machines, this.machineTo);
    const countFrom = this.slots[link.from] as number;
    const atFrom = this.slotAt[link.from] as number;
    const countTo = this.slots[link.to] as number;
    const atTo = this.slotAt[link.to] as number;
    const near = source.duration + link.min;
    // Two steps that are fixed happened as they happened, whatever the lag asked for.
    const happened = source.fixed !== null && a.fixed !== null;
    const far = link.max < 0 || happened ? INFINITY : source.duration + link.max;
    const change = this.changeCost(link, source, a);
    const channels = 2 + workers.length + machines.length + workers.length * machines.length;
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
        this.pushToday(link, a, source, today, byWorker, byBench);
      this.reach(link, a, s, t, t - far, change, byWorker, byBench);
    }
  }

  private machinesTold(link: Link, source: Activity, a: Activity): boolean {
    return (
      source.kind === a.kind &&
      a.kind >= 0 &&
      (this.machines[link.from]?.[0] ?? NONE) >= 0 &&
      (this.machines[link.to]?.[0] ?? NONE) >= 0
    );
  }

  /** By channel of the source: its place among the target's; false when nobody is in both, or nobody is needed. */
  private match(from: readonly number[] | undefined, to: readonly number[], into: Int32Array): boolean {
    if (from === undefined || from[0] === NONE || to[0] === NONE) return false;
    for (let k = 0; k < from.length; k++) into[k] = to.indexOf(from[k] as number);
    return true;
  }

  /** Cost of the change of machine that a step to another kind brings on one day. */
  private changeCost(link: Link, source: Activity, a: Activity): number {
    const { weights } = this.model;
    return source.kind >= 0 && a.kind >= 0 && source.kind !== a.kind && weights.acrossKinds ? weights.machineChange : 0;
  }

  /** Value that a state hands on: a follower's wish to come directly after it is a slope that the window minimum carries. */
  private valueOf(link: Link, a: Activity, source: Activity, slot: number, state: number): number {
    const value = (this.value[state] as number) + link.skipped;
    if (!a.follows) return value;
    const end = (this.times[(this.slotAt[link.from] as number) + slot] as number) + source.duration + link.min;
    return value - a.lateCost * max(a.earliestStart, this.model.now, end);
  }

  private pushToday(
    link: Link,
    a: Activity,
    source: Activity,
    slot: number,
    byWorker: boolean,
    byBench: boolean,
  ): void {
    const { minima } = this;
    const t = this.times[(this.slotAt[link.from] as number) + slot] as number;
    const best = this.leastState[(this.slotAt[link.from] as number) + slot] as number;
    if (best < 0) return;
    minima.push(1, t, this.valueOf(link, a, source, slot, best), best);
    if (!byWorker && !byBench) return;
    const workersFrom = (this.workers[link.from] as readonly number[]).length;
    const machinesFrom = (this.machines[link.from] as readonly number[]).length;
    const workersTo = (this.workers[link.to] as readonly number[]).length;
    const machinesTo = (this.machines[link.to] as readonly number[]).length;
    let state = (this.stateAt[link.from] as number) + slot * workersFrom * machinesFrom;
    for (let p = 0; p < workersFrom; p++) {
      const worker = byWorker ? (this.workerTo[p] as number) : NONE;
      for (let b = 0; b < machinesFrom; b++, state++) {
        if (this.value[state] === INFINITY) continue;
        const machine = byBench ? (this.machineTo[b] as number) : NONE;
        const value = this.valueOf(link, a, source, slot, state);
        if (worker >= 0) minima.push(2 + worker, t, value, state);
        if (machine >= 0) minima.push(2 + workersTo + machine, t, value, state);
        if (worker >= 0 && machine >= 0)
          minima.push(2 + workersTo + machinesTo + worker * machinesTo + machine, t, value, state);
      }
    }
  }

  private reach(
    link: Link,
    a: Activity,
    s: number,
    t: number,
    least: number,
    change: number,
    byWorker: boolean,
    byBench: boolean,
  ): void {
    const { minima, value, from } = this;
    const { workerChange, machineChange } = this.model.weights;
    const workers = (this.workers[link.to] as readonly number[]).length;
    const machines = (this.machines[link.to] as readonly number[]).length;
    const ahead = a.follows ? a.lateCost * t : timeCost(a, t);
    const earlier = minima.value(0, least);
    const other = (byWorker ? workerChange : 0) + change + (byBench ? machineChange : 0);
    const today = minima.value(1, least) + other;
    const any = min(earlier, today);
    const anyState = any === INFINITY ? NONE : earlier <= today ? minima.state(0) : minima.state(1);
    let state = (this.stateAt[link.to] as number) + s * workers * machines;
    for (let p = 0; p < workers; p++) {
      const same = byWorker ? minima.value(2 + p, least) + change + (byBench ? machineChange : 0) : INFINITY;
      for (let b = 0; b < machines; b++, state++) {
        let best = any;
        let behind = anyState;
        if (same < best) {
          best = same;
          behind = minima.state(2 + p);
        }
        if (byBench) {
          const machine = minima.value(2 + workers + b, least) + (byWorker ? workerChange : 0);
          if (machine < best) {
            best = machine;
            behind = minima.state(2 + workers + b);
          }
          const both = 2 + workers + machines + p * machines + b;
          const pair = byWorker ? minima.value(both, least) : INFINITY;
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
      const machines = (this.machines[k] as readonly number[]).length;
      const channel = offset % width;
      this.isOn[k] = 1;
      this.slot[k] = this.times[(this.slotAt[k] as number) + floor(offset / width)] as number;
      this.worker[k] = this.workers[k]?.[floor(channel / machines)] ?? NONE;
      this.machine[k] = this.machines[k]?.[channel % machines] ?? NONE;
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
