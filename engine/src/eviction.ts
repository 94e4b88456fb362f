/*
 * Weighs what stands in the way of a chain that has no place: the chains that would have to go, each with a weight that
 * grows with its importance and with how often it was itself left without a place. The path then finds the place with
 * the cheapest ones in the way (guided ejection search, as published for vehicle routes by Nagata and Braysy in 2009;
 * from memory).
 */
import { max, min, INFINITY } from './numbers.js';
import type { SoftCosts } from './softCosts.js';
import type { Activity, Model, Assignment } from './model.js';
import type { ChainTables, Tables } from './tables.js';
import { exposureOver, precisionOver, strainOver } from './dailyLimits.js';
import type { Occupancy, UnaryResource } from './occupancy.js';
import { FIXED_WORK } from './occupancy.js';

const HARD = 1e9;

/** Sums over slots of what is in the way of one resource, for one chain's window. */
class BlockingCost {
  private sums = new Float64Array(64);
  private base = 0;
  stamp = -1;

  begin(lo: number, hi: number): Float64Array {
    if (this.sums.length < hi - lo + 2) this.sums = new Float64Array((hi - lo + 2) * 2);
    this.base = lo;
    return this.sums;
  }

  /** Weight of everything in [from, to) that begins after `from`. */
  between(from: number, to: number): number {
    return (this.sums[to - this.base] as number) - (this.sums[from + 1 - this.base] as number);
  }
}

/** Weights of what is in the way; prepared for one chain at a time. */
export class Eviction implements SoftCosts {
  readonly onStarts = true;
  readonly onMachines = true;
  /** Weight of each chain, dependents included. */
  readonly weight: Float64Array;
  private readonly occupancy: Occupancy;
  private readonly tables: Tables;
  private readonly model: Model;
  private readonly workers: readonly BlockingCost[];
  private readonly machines: readonly BlockingCost[];
  private readonly jobs: readonly BlockingCost[];
  /** By supply and by draw. */
  private readonly power: readonly (readonly BlockingCost[])[];
  private readonly draws: readonly number[];
  private readonly supplyMachines: readonly (readonly number[])[];
  private stamp = 0;
  private lo = 0;
  private hi = 0;
  private job = 0;

  constructor(occupancy: Occupancy) {
    this.occupancy = occupancy;
    this.tables = occupancy.tables;
    this.model = occupancy.tables.model;
    const { model } = this;
    this.weight = new Float64Array(model.chains.length);
    this.workers = model.workers.map(() => new BlockingCost());
    this.machines = model.machines.map(() => new BlockingCost());
    this.jobs = model.jobs.map(() => new BlockingCost());
    this.draws = [...new Set(model.activities.map((a) => a.demand))];
    this.power = model.supplies.map(() => this.draws.map(() => new BlockingCost()));
    this.supplyMachines = model.supplies.map((_, c) => model.machines.flatMap((s, k) => (s.supply === c ? [k] : [])));
  }

  /** Gets ready for a chain; weights must be up to date. */
  begin(chain: number): void {
    const { acts } = this.tables.chains[chain] as ChainTables;
    this.stamp++;
    this.lo = INFINITY;
    this.hi = 0;
    for (const i of acts) {
      const a = this.model.activities[i] as Activity;
      if (a.fixed !== null) continue;
      this.lo = min(this.lo, this.tables.lo[i] as number);
      this.hi = max(this.hi, (this.tables.hi[i] as number) + a.duration + a.setup);
    }
    this.lo = max(0, this.lo);
    this.job = (this.model.chains[chain] as Model['chains'][number]).job;
  }

  start(activity: number, slot: number): number {
    const a = this.model.activities[activity] as Activity;
    return this.inWay(this.jobs, this.occupancy.jobs, this.job, slot, a.duration);
  }

  worker(activity: number, slot: number, worker: number): number {
    const a = this.model.activities[activity] as Activity;
    return this.inWay(this.workers, this.occupancy.workers, worker, slot, a.attended);
  }

  machine(activity: number, slot: number, machine: number): number {
    const a = this.model.activities[activity] as Activity;
    const cost = this.inWay(this.machines, this.occupancy.machines, machine, slot, a.duration + a.setup);
    const supply = this.model.machines[machine]?.supply ?? -1;
    return a.demand === 0 || supply < 0 ? cost : cost + this.powerInWay(supply, a.demand, slot, a.duration);
  }

  /** Chains that hold what a place of an activity needs, supplies left aside. */
  victimsAt(i: number, place: Assignment, into: Set<number>): void {
    const a = this.model.activities[i] as Activity;
    note(this.occupancy.jobs[this.job], place.start, place.start + a.duration, into);
    note(this.occupancy.workers[place.worker], place.start, place.start + a.attended, into);
    note(this.occupancy.workers[place.second], place.start, place.start + a.attended, into);
    note(this.occupancy.machines[place.machine], place.start, place.start + a.duration + a.setup, into);
  }

  /** Adds the lightest users of a supply that must go so that a place's draw fits. */
  powerVictimsAt(i: number, place: Assignment, into: Set<number>): void {
    const a = this.model.activities[i] as Activity;
    const supply = this.model.machines[place.machine]?.supply ?? -1;
    if (a.demand === 0 || supply < 0) return;
    const { load, limit } = this.occupancy.supplies[supply] as Occupancy['supplies'][number];
    for (let t = max(0, place.start); t < place.start + a.duration; t++) {
      let over = (load[t] as number) + a.demand - limit;
      for (const user of this.usersAt(supply, t)) if (into.has(user.chain)) over -= user.demand;
      while (over > 0) {
        const lightest = this.usersAt(supply, t)
          .filter((u) => !into.has(u.chain))
          .sort((x, y) => this.weightOf(x.chain) - this.weightOf(y.chain))[0];
        if (lightest === undefined) return;
        into.add(lightest.chain);
        over -= lightest.demand;
      }
    }
  }

  /** Adds the lightest chains that must go so that a place keeps the daily limits of job and workers. */
  limitVictimsAt(i: number, place: Assignment, into: Set<number>): void {
    const a = this.model.activities[i] as Activity;
    const day = this.tables.dayAt(place.start);
    if (a.strains) {
      const over = strainOver(this.occupancy, this.job, day, a.duration, 'all');
      this.lighten(over, day, into, (b, k) =>
        b.strains && this.jobOf(b) === this.job && this.isOn(k) ? b.duration : 0,
      );
    }
    for (const who of [place.worker, place.second]) {
      if (who < 0) continue;
      const does = (k: number): boolean => this.occupancy.worker[k] === who || this.occupancy.second[k] === who;
      if (a.exposure > 0) {
        const over = exposureOver(this.occupancy, who, day, a.exposure * a.attended, 'all');
        this.lighten(over, day, into, (b, k) => (does(k) ? b.exposure * b.attended : 0));
      }
      if (a.precision > 0 && who === place.worker) {
        const over = precisionOver(this.occupancy, who, day, a.precision * a.attended, 'all');
        this.lighten(over, day, into, (b, k) => (this.occupancy.worker[k] === who ? b.precision * b.attended : 0));
      }
    }
  }

  private jobOf(a: Activity): number {
    return this.model.chains[a.chain]?.job ?? -1;
  }

  private isOn(i: number): boolean {
    return this.occupancy.isPlaced[i] === 1;
  }

  /** Takes the lightest chains whose activities of a day add to a limit, until it is no longer passed. */
  private lighten(over: number, day: number, into: Set<number>, adds: (a: Activity, i: number) => number): void {
    if (over <= 0) return;
    const byChain = new Map<number, number>();
    this.model.activities.forEach((a, i) => {
      if (a.fixed !== null || !this.isOn(i) || this.tables.dayAt(this.occupancy.start[i] as number) !== day) return;
      const more = adds(a, i);
      if (more > 0) byChain.set(a.chain, (byChain.get(a.chain) ?? 0) + more);
    });
    let left = over;
    for (const c of byChain.keys()) if (into.has(c)) left -= byChain.get(c) ?? 0;
    const rest = [...byChain.keys()].filter((c) => !into.has(c)).sort((x, y) => this.weightOf(x) - this.weightOf(y));
    for (const c of rest) {
      if (left <= 0) return;
      into.add(c);
      left -= byChain.get(c) ?? 0;
    }
  }

  private weightOf(chain: number): number {
    return this.weight[chain] as number;
  }

  private usersAt(supply: number, t: number): { chain: number; demand: number }[] {
    const found: { chain: number; demand: number }[] = [];
    for (const s of this.supplyMachines[supply] as readonly number[]) {
      const user = ((this.occupancy.usedBy[s] as Int32Array)[t] as number) - 1;
      if (user < 0) continue;
      const a = this.model.activities[user] as Activity;
      if (a.demand > 0 && a.fixed === null) found.push({ chain: a.chain, demand: a.demand });
    }
    return found;
  }

  private inWay(
    costs: readonly BlockingCost[],
    things: readonly UnaryResource[],
    k: number,
    slot: number,
    length: number,
  ): number {
    const cost = costs[k] as BlockingCost;
    const { holder } = things[k] as UnaryResource;
    if (cost.stamp !== this.stamp) this.sum(cost, holder);
    const first = holder[slot] as number;
    const here = first > 0 ? (this.weight[first - 1] as number) : first === 0 || first === FIXED_WORK ? 0 : HARD;
    return length <= 0 ? 0 : here + cost.between(slot, slot + length);
  }

  private sum(cost: BlockingCost, holder: Int16Array): void {
    const { lo, hi, weight } = this;
    const sums = cost.begin(lo, hi);
    cost.stamp = this.stamp;
    let sum = 0;
    let before = lo > 0 ? (holder[lo - 1] as number) : 0;
    for (let t = lo; t <= hi; t++) {
      sums[t - lo] = sum;
      const now = holder[t] ?? 0;
      if (now !== before && now !== 0 && now !== FIXED_WORK) sum += now > 0 ? (weight[now - 1] as number) : HARD;
      before = now;
    }
    sums[hi - lo + 1] = sum;
  }

  private powerInWay(supply: number, demand: number, slot: number, length: number): number {
    const cost = this.power[supply]?.[this.draws.indexOf(demand)] as BlockingCost;
    if (cost.stamp !== this.stamp) this.sumPower(cost, supply, demand);
    return cost.between(slot - 1, slot + length);
  }

  private sumPower(cost: BlockingCost, supply: number, demand: number): void {
    const lo = this.lo - 1;
    const sums = cost.begin(lo, this.hi);
    cost.stamp = this.stamp;
    const { load, limit } = this.occupancy.supplies[supply] as Occupancy['supplies'][number];
    let sum = 0;
    let before = -1;
    for (let t = lo; t <= this.hi; t++) {
      sums[t - lo] = sum;
      const tight = t >= 0 && t < load.length && (load[t] as number) + demand > limit;
      const victim = tight ? this.lightestUser(supply, t) : -1;
      if (tight && victim !== before) sum += victim < 0 ? HARD : (this.weight[victim] as number);
      before = victim;
    }
    sums[this.hi - lo + 1] = sum;
  }

  private lightestUser(supply: number, t: number): number {
    let best = -1;
    for (const s of this.supplyMachines[supply] as readonly number[]) {
      const user = ((this.occupancy.usedBy[s] as Int32Array)[t] as number) - 1;
      if (user < 0) continue;
      const a = this.model.activities[user] as Activity;
      if (a.demand === 0 || a.fixed !== null) continue;
      if (best < 0 || (this.weight[a.chain] as number) < (this.weight[best] as number)) best = a.chain;
    }
    return best;
  }
}

function note(unary: UnaryResource | undefined, from: number, to: number, into: Set<number>): void {
  if (unary === undefined) return;
  for (let t = max(0, from); t < min(to, unary.holder.length); t++) {
    const holder = unary.holder[t] as number;
    if (holder > 0) into.add(holder - 1);
  }
}
