/*
 * Better times for a whole answer at once: who does what where, and in which order everybody and everything is used, stay
 * as they are; only starts move. Costs are then (nearly) convex and rules are differences of two starts, so that moving
 * the right set of activities by one slot, again and again, leads to the best times: the set is the lightest closed one of
 * the graph of what touches what (steepest descent of Murota's L-natural convex functions, 2003, from memory). Replacing
 * chains one by one does not find such moves when several chains touch.
 */
import { max } from '../units/numbers.js';
import { chainCost } from './chainCost.js';
import { aimCost } from './chainPath.js';
import { ClosedSet } from './closedSet.js';
import type { FitActivity, FitChain, FitModel, FitPlace } from './fitModel.js';
import type { ChainTables, FitTables } from './fitTables.js';
import { holdsAt } from './holds.js';
import type { Occupancy } from './occupancy.js';
import type { Placing } from './placing.js';
import { bitAt } from './slotBits.js';

/** Slots that one answer is moved by in one direction at most. */
const MOST_STEPS = 200;

/** One thing that serves an activity for a while. */
interface Use {
  readonly act: number;
  readonly slots: number;
  readonly clean: number;
}

/** Moves the starts of one yard's placed chains. */
export class Timing {
  private readonly yard: Occupancy;
  private readonly at: Placing;
  private readonly tables: FitTables;
  private readonly model: FitModel;
  private readonly graph = new ClosedSet();
  private readonly start: Int32Array;
  private readonly weight: Float64Array;
  /** Least distances of starts: [before, after, slots], flat. */
  private readonly gaps: number[] = [];
  private readonly uses = new Map<number, Use[]>();

  constructor(yard: Occupancy, at: Placing) {
    this.yard = yard;
    this.at = at;
    this.tables = yard.tables;
    this.model = yard.tables.model;
    this.start = new Int32Array(this.model.activities.length);
    this.weight = new Float64Array(this.model.activities.length);
  }

  /** Moves starts to where all is cheapest, orders as they are; true when something became cheaper. */
  better(): boolean {
    this.start.set(this.yard.start);
    this.listGaps();
    const before = this.cost();
    let cost = before;
    for (let steps = 0, idle = 0, by = 1; idle < 2 && steps < MOST_STEPS; steps++) {
      const next = this.step(by, cost);
      if (next < cost) {
        cost = next;
        idle = 0;
      } else {
        idle++;
        by = -by;
      }
    }
    return cost < before && this.carryOut();
  }

  /** One step of all that should move by a slot; the cost after it, or `cost` when nothing should. */
  private step(by: number, cost: number): number {
    const { graph, start, weight } = this;
    const count = this.model.activities.length;
    graph.begin(count);
    this.weigh(by);
    for (let i = 0; i < count; i++) {
      if (this.yard.isPlaced[i] === 0) continue;
      if (this.mayMove(i, by)) graph.weigh(i, weight[i] as number);
      else graph.forbid(i);
    }
    for (let g = 0; g < this.gaps.length; g += 3) {
      const before = this.gaps[g] as number;
      const after = this.gaps[g + 1] as number;
      if ((start[after] as number) - (start[before] as number) > (this.gaps[g + 2] as number)) continue;
      graph.imply(by > 0 ? before : after, by > 0 ? after : before);
    }
    if (!graph.solve()) return cost;
    for (let i = 0; i < count; i++) if (graph.has(i)) start[i] = (start[i] as number) + by;
    const next = this.cost();
    if (next < cost - 1e-9) return next;
    for (let i = 0; i < count; i++) if (graph.has(i)) start[i] = (start[i] as number) - by;
    return cost;
  }

  /** What moving each activity alone by a slot would add to the cost. */
  private weigh(by: number): void {
    this.weight.fill(0);
    this.model.chains.forEach((chain) => {
      let before = -1;
      chain.acts.forEach((i, k) => {
        if (this.yard.isPlaced[i] === 0) return;
        const a = this.act(i);
        const t = this.start[i] as number;
        this.add(i, this.overtime(i, a, t + by) - this.overtime(i, a, t));
        if (a.follows && before >= 0) this.weighFollower(chain, before, k, by);
        else this.add(i, aimCost(a, t + by) - aimCost(a, t));
        before = k;
      });
    });
  }

  private weighFollower(chain: FitChain, from: number, to: number, by: number): void {
    const i = chain.acts[to] as number;
    const prev = chain.acts[from] as number;
    const a = this.act(i);
    let lag = 0;
    for (const l of chain.lags) if (l.from === from && l.to === to) lag = max(lag, l.min);
    const earliest = max(a.est, this.model.now);
    const end = (this.start[prev] as number) + this.act(prev).dur + lag;
    this.add(i, by * a.late);
    this.add(prev, -a.late * (max(earliest, end + by) - max(earliest, end)));
  }

  private add(i: number, by: number): void {
    this.weight[i] = (this.weight[i] as number) + by;
  }

  private overtime(i: number, a: FitActivity, t: number): number {
    const slots =
      this.tables.overtime(this.yard.person[i] as number, t, a.att) +
      this.tables.overtime(this.yard.second[i] as number, t, a.att);
    return slots * this.model.weights.overtime;
  }

  /** Whether the calendars allow the next slot, on the same day, to those who serve it now. */
  private mayMove(i: number, by: number): boolean {
    const a = this.act(i);
    const t = (this.start[i] as number) + by;
    if (a.fixed !== null || t < (this.tables.lo[i] as number) || t > (this.tables.hi[i] as number)) return false;
    if (this.tables.dayAt(t) !== this.tables.dayAt(t - by)) return false;
    const klass = this.tables.classOf[this.chainOf(a).dog] as number;
    const person = this.yard.person[i] as number;
    const second = this.yard.second[i] as number;
    const station = this.yard.station[i] as number;
    return (
      bitAt(this.tables.dogStartsOf(klass, a.dur), t) &&
      (person < 0 || bitAt(this.tables.personStartsOf(klass, person, a.att), t)) &&
      (second < 0 || bitAt(this.tables.personStartsOf(klass, second, a.att), t)) &&
      (station < 0 || bitAt(this.tables.stationStartsOf(klass, station, a.dur), t))
    );
  }

  /** Least distances between neighbors in the order of each dog, person and station, and the lags of the chains. */
  private listGaps(): void {
    this.gaps.length = 0;
    this.uses.clear();
    const { yard, model } = this;
    const people = model.dogs.length;
    const stations = people + model.people.length;
    model.activities.forEach((a, i) => {
      if (yard.isPlaced[i] === 0) return;
      this.use(this.chainOf(a).dog, i, a.dur, 0);
      for (const who of [yard.person[i] as number, yard.second[i] as number])
        if (who >= 0) this.use(people + who, i, a.att, 0);
      const station = yard.station[i] as number;
      if (station >= 0) this.use(stations + station, i, a.dur, a.clean);
    });
    for (const list of this.uses.values()) this.listNeighbors(list);
    for (const chain of model.chains) this.listLags(chain);
  }

  private use(thing: number, act: number, slots: number, clean: number): void {
    if (slots === 0) return;
    const list = this.uses.get(thing);
    if (list === undefined) this.uses.set(thing, [{ act, slots, clean }]);
    else list.push({ act, slots, clean });
  }

  private listNeighbors(list: Use[]): void {
    const { start } = this;
    list.sort((x, y) => (start[x.act] as number) - (start[y.act] as number) || x.act - y.act);
    for (let k = 1; k < list.length; k++) {
      const { act, slots, clean } = list[k - 1] as Use;
      const next = (list[k] as Use).act;
      // The same dog's own steps do not wait for the clean-down.
      this.gaps.push(act, next, slots + (this.act(act).chain === this.act(next).chain ? 0 : clean));
    }
  }

  private listLags(chain: FitChain): void {
    for (const lag of chain.lags) {
      const from = chain.acts[lag.from] as number;
      const to = chain.acts[lag.to] as number;
      if (this.yard.isPlaced[from] === 0 || this.yard.isPlaced[to] === 0) continue;
      const { dur } = this.act(from);
      this.gaps.push(from, to, dur + lag.min);
      if (lag.max >= 0) this.gaps.push(to, from, -dur - lag.max);
    }
  }

  private cost(): number {
    let cost = 0;
    for (let c = 0; c < this.model.chains.length; c++)
      if (this.at.placed[c] === 1) cost += chainCost(this.tables, c, this.placesOf(c));
    return cost;
  }

  private placesOf(c: number): (FitPlace | null)[] {
    const { acts } = this.tables.chains[c] as ChainTables;
    return acts.map((i) => {
      const place = this.yard.placeOf(i);
      return place === null ? null : { ...place, start: this.start[i] as number };
    });
  }

  /** Moves the chains in the yard; false, with all as it was, where what was left aside (power) does not allow it. */
  private carryOut(): boolean {
    const moved = this.at
      .all()
      .filter((c) => (this.tables.chains[c] as ChainTables).acts.some((i) => this.start[i] !== this.yard.start[i]));
    const places = moved.map((c) => this.placesOf(c));
    const saved = this.at.save(moved);
    for (const c of moved) this.at.remove(c);
    for (const [k, c] of moved.entries()) {
      const to = places[k] as (FitPlace | null)[];
      if (!holdsAt(this.yard, c, to)) {
        this.at.restore(saved);
        return false;
      }
      this.at.settle(c, to, chainCost(this.tables, c, to));
    }
    return true;
  }

  private chainOf(a: FitActivity): FitChain {
    return this.model.chains[a.chain] as FitChain;
  }

  private act(i: number): FitActivity {
    return this.model.activities[i] as FitActivity;
  }
}
