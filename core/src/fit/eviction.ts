/*
 * What stands in the way of a chain that has no place, weighed: the chains that would have to go, each with a weight that
 * grows with its importance and with how often it was itself left without a place. The path then finds the place with
 * the cheapest ones in the way (guided ejection search, as published for vehicle routes by Nagata and Braysy in 2009;
 * from memory).
 */
import { max, min, INFINITY } from '../units/numbers.js';
import type { PathExtra } from './chainPath.js';
import type { FitActivity, FitModel, FitPlace } from './fitModel.js';
import type { ChainTables, FitTables } from './fitTables.js';
import type { Occupancy, Unary } from './occupancy.js';
import { FIXED_WORK } from './occupancy.js';

const HARD = 1e9;

/** Sums over slots of what is in the way of one resource, for one chain's window. */
class WayCost {
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
export class Eviction implements PathExtra {
  readonly onStarts = true;
  readonly onStations = true;
  /** Weight of each chain, dependents included. */
  readonly weight: Float64Array;
  private readonly yard: Occupancy;
  private readonly tables: FitTables;
  private readonly model: FitModel;
  private readonly people: readonly WayCost[];
  private readonly stations: readonly WayCost[];
  private readonly dogs: readonly WayCost[];
  /** By circuit and by draw. */
  private readonly power: readonly (readonly WayCost[])[];
  private readonly draws: readonly number[];
  private readonly circuitStations: readonly (readonly number[])[];
  private stamp = 0;
  private lo = 0;
  private hi = 0;
  private dog = 0;

  constructor(yard: Occupancy) {
    this.yard = yard;
    this.tables = yard.tables;
    this.model = yard.tables.model;
    const { model } = this;
    this.weight = new Float64Array(model.chains.length);
    this.people = model.people.map(() => new WayCost());
    this.stations = model.stations.map(() => new WayCost());
    this.dogs = model.dogs.map(() => new WayCost());
    this.draws = [...new Set(model.activities.map((a) => a.amps))];
    this.power = model.circuits.map(() => this.draws.map(() => new WayCost()));
    this.circuitStations = model.circuits.map((_, c) => model.stations.flatMap((s, k) => (s.circuit === c ? [k] : [])));
  }

  /** Gets ready for a chain; weights must be up to date. */
  begin(chain: number): void {
    const { acts } = this.tables.chains[chain] as ChainTables;
    this.stamp++;
    this.lo = INFINITY;
    this.hi = 0;
    for (const i of acts) {
      const a = this.model.activities[i] as FitActivity;
      if (a.fixed !== null) continue;
      this.lo = min(this.lo, this.tables.lo[i] as number);
      this.hi = max(this.hi, (this.tables.hi[i] as number) + a.dur + a.clean);
    }
    this.lo = max(0, this.lo);
    this.dog = (this.model.chains[chain] as FitModel['chains'][number]).dog;
  }

  start(activity: number, slot: number): number {
    const a = this.model.activities[activity] as FitActivity;
    return this.inWay(this.dogs, this.yard.dogs, this.dog, slot, a.dur);
  }

  person(activity: number, slot: number, person: number): number {
    const a = this.model.activities[activity] as FitActivity;
    return this.inWay(this.people, this.yard.people, person, slot, a.att);
  }

  station(activity: number, slot: number, station: number): number {
    const a = this.model.activities[activity] as FitActivity;
    const cost = this.inWay(this.stations, this.yard.stations, station, slot, a.dur + a.clean);
    const circuit = this.model.stations[station]?.circuit ?? -1;
    return a.amps === 0 || circuit < 0 ? cost : cost + this.powerInWay(circuit, a.amps, slot, a.dur);
  }

  /** Chains that hold what a place of an activity needs, circuits left aside. */
  victimsAt(i: number, place: FitPlace, into: Set<number>): void {
    const a = this.model.activities[i] as FitActivity;
    note(this.yard.dogs[this.dog], place.start, place.start + a.dur, into);
    note(this.yard.people[place.person], place.start, place.start + a.att, into);
    note(this.yard.people[place.second], place.start, place.start + a.att, into);
    note(this.yard.stations[place.station], place.start, place.start + a.dur + a.clean, into);
  }

  /** Adds the lightest users of a circuit that must go so that a place's draw fits. */
  powerVictimsAt(i: number, place: FitPlace, into: Set<number>): void {
    const a = this.model.activities[i] as FitActivity;
    const circuit = this.model.stations[place.station]?.circuit ?? -1;
    if (a.amps === 0 || circuit < 0) return;
    const { load, limit } = this.yard.circuits[circuit] as Occupancy['circuits'][number];
    for (let t = max(0, place.start); t < place.start + a.dur; t++) {
      let over = (load[t] as number) + a.amps - limit;
      for (const user of this.usersAt(circuit, t)) if (into.has(user.chain)) over -= user.amps;
      while (over > 0) {
        const lightest = this.usersAt(circuit, t)
          .filter((u) => !into.has(u.chain))
          .sort((x, y) => this.weightOf(x.chain) - this.weightOf(y.chain))[0];
        if (lightest === undefined) return;
        into.add(lightest.chain);
        over -= lightest.amps;
      }
    }
  }

  /** Adds the lightest chains that must go so that a place keeps the daily limits of dog and people. */
  limitVictimsAt(i: number, place: FitPlace, into: Set<number>): void {
    const a = this.model.activities[i] as FitActivity;
    const { days } = this.tables;
    const day = this.tables.dayAt(place.start);
    if (a.stands) {
      const cap = this.model.dogs[this.dog]?.standCap ?? 0;
      const over = (this.yard.stood[this.dog * days + day] as number) + a.dur - cap;
      this.lighten(over, day, into, (b, k) => (b.stands && this.dogOf(b) === this.dog && this.isOn(k) ? b.dur : 0));
    }
    for (const who of [place.person, place.second]) {
      const person = this.model.people[who];
      if (person === undefined) continue;
      const at = who * days + day;
      const does = (k: number): boolean => this.yard.person[k] === who || this.yard.second[k] === who;
      if (a.noise > 0) {
        const over = (this.yard.noise[at] as number) + a.noise * a.att - person.noiseCap;
        this.lighten(over, day, into, (b, k) => (does(k) ? b.noise * b.att : 0));
      }
      if (a.scissors > 0 && who === place.person) {
        const over = (this.yard.scissors[at] as number) + a.scissors * a.att - person.scissorCap;
        this.lighten(over, day, into, (b, k) => (this.yard.person[k] === who ? b.scissors * b.att : 0));
      }
    }
  }

  private dogOf(a: FitActivity): number {
    return this.model.chains[a.chain]?.dog ?? -1;
  }

  private isOn(i: number): boolean {
    return this.yard.isPlaced[i] === 1;
  }

  /** Takes the lightest chains whose activities of a day add to a limit, until it is no longer passed. */
  private lighten(over: number, day: number, into: Set<number>, adds: (a: FitActivity, i: number) => number): void {
    if (over <= 0) return;
    const byChain = new Map<number, number>();
    this.model.activities.forEach((a, i) => {
      if (a.fixed !== null || !this.isOn(i) || this.tables.dayAt(this.yard.start[i] as number) !== day) return;
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

  private usersAt(circuit: number, t: number): { chain: number; amps: number }[] {
    const found: { chain: number; amps: number }[] = [];
    for (const s of this.circuitStations[circuit] as readonly number[]) {
      const user = ((this.yard.usedBy[s] as Int32Array)[t] as number) - 1;
      if (user < 0) continue;
      const a = this.model.activities[user] as FitActivity;
      if (a.amps > 0 && a.fixed === null) found.push({ chain: a.chain, amps: a.amps });
    }
    return found;
  }

  private inWay(costs: readonly WayCost[], things: readonly Unary[], k: number, slot: number, length: number): number {
    const cost = costs[k] as WayCost;
    const { holder } = things[k] as Unary;
    if (cost.stamp !== this.stamp) this.sum(cost, holder);
    const first = holder[slot] as number;
    const here = first > 0 ? (this.weight[first - 1] as number) : first === 0 || first === FIXED_WORK ? 0 : HARD;
    return length <= 0 ? 0 : here + cost.between(slot, slot + length);
  }

  private sum(cost: WayCost, holder: Int16Array): void {
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

  private powerInWay(circuit: number, amps: number, slot: number, length: number): number {
    const cost = this.power[circuit]?.[this.draws.indexOf(amps)] as WayCost;
    if (cost.stamp !== this.stamp) this.sumPower(cost, circuit, amps);
    return cost.between(slot - 1, slot + length);
  }

  private sumPower(cost: WayCost, circuit: number, amps: number): void {
    const lo = this.lo - 1;
    const sums = cost.begin(lo, this.hi);
    cost.stamp = this.stamp;
    const { load, limit } = this.yard.circuits[circuit] as Occupancy['circuits'][number];
    let sum = 0;
    let before = -1;
    for (let t = lo; t <= this.hi; t++) {
      sums[t - lo] = sum;
      const tight = t >= 0 && t < load.length && (load[t] as number) + amps > limit;
      const victim = tight ? this.lightestUser(circuit, t) : -1;
      if (tight && victim !== before) sum += victim < 0 ? HARD : (this.weight[victim] as number);
      before = victim;
    }
    sums[this.hi - lo + 1] = sum;
  }

  private lightestUser(circuit: number, t: number): number {
    let best = -1;
    for (const s of this.circuitStations[circuit] as readonly number[]) {
      const user = ((this.yard.usedBy[s] as Int32Array)[t] as number) - 1;
      if (user < 0) continue;
      const a = this.model.activities[user] as FitActivity;
      if (a.amps === 0 || a.fixed !== null) continue;
      if (best < 0 || (this.weight[a.chain] as number) < (this.weight[best] as number)) best = a.chain;
    }
    return best;
  }
}

function note(unary: Unary | undefined, from: number, to: number, into: Set<number>): void {
  if (unary === undefined) return;
  for (let t = max(0, from); t < min(to, unary.holder.length); t++) {
    const holder = unary.holder[t] as number;
    if (holder > 0) into.add(holder - 1);
  }
}
