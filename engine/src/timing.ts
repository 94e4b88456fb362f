/*
 * Better times for a whole answer at once: who does what where, and in which order everybody and everything is used, stay
 * as they are; only starts move. Costs are then (nearly) convex and rules are differences of two starts, so that moving
 * the right set of activities by one slot, again and again, leads to the best times: the set is the lightest closed one of
 * the graph of what touches what (steepest descent of Murota's L-natural convex functions, 2003, from memory). Replacing
 * chains one by one does not find such moves when several chains touch.
 */
import { max } from './numbers.js';
import { chainCost } from './chainCost.js';
import { timeCost } from './timeCost.js';
import { ClosedSet } from './closedSet.js';
import type { Activity, Chain, Model, Assignment } from './model.js';
import type { ChainTables, Tables } from './tables.js';
import { isFeasibleAt } from './feasibility.js';
import type { Occupancy } from './occupancy.js';
import type { Solution } from './solution.js';
import { bitAt } from './slotBits.js';

/** Slots that one answer is moved by in one direction at most. */
const MOST_STEPS = 200;

/** One thing that serves an activity for a while. */
interface Use {
  readonly act: number;
  readonly slots: number;
  readonly setup: number;
}

/** Moves the starts of the placed chains. */
export class Timing {
  private readonly occupancy: Occupancy;
  private readonly at: Solution;
  private readonly tables: Tables;
  private readonly model: Model;
  private readonly graph = new ClosedSet();
  private readonly start: Int32Array;
  private readonly weight: Float64Array;
  /** Least distances of starts: [before, after, slots], flat. */
  private readonly gaps: number[] = [];
  private readonly uses = new Map<number, Use[]>();

  constructor(occupancy: Occupancy, at: Solution) {
    this.occupancy = occupancy;
    this.at = at;
    this.tables = occupancy.tables;
    this.model = occupancy.tables.model;
    this.start = new Int32Array(this.model.activities.length);
    this.weight = new Float64Array(this.model.activities.length);
  }

  /** Moves starts to where all is cheapest, orders as they are; true when something became cheaper. */
  better(): boolean {
    this.start.set(this.occupancy.start);
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
      if (this.occupancy.isPlaced[i] === 0) continue;
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

  /** Cost added by moving each activity alone by a slot. */
  private weigh(by: number): void {
    this.weight.fill(0);
    this.model.chains.forEach((chain) => {
      let before = -1;
      chain.acts.forEach((i, k) => {
        if (this.occupancy.isPlaced[i] === 0) return;
        const a = this.act(i);
        const t = this.start[i] as number;
        this.add(i, this.overtime(i, a, t + by) - this.overtime(i, a, t));
        if (a.follows && before >= 0) this.weighFollower(chain, before, k, by);
        else this.add(i, timeCost(a, t + by) - timeCost(a, t));
        before = k;
      });
    });
  }

  private weighFollower(chain: Chain, from: number, to: number, by: number): void {
    const i = chain.acts[to] as number;
    const prev = chain.acts[from] as number;
    const a = this.act(i);
    let lag = 0;
    for (const l of chain.lags) if (l.from === from && l.to === to) lag = max(lag, l.min);
    const earliest = max(a.earliestStart, this.model.now);
    const end = (this.start[prev] as number) + this.act(prev).duration + lag;
    this.add(i, by * a.lateCost);
    this.add(prev, -a.lateCost * (max(earliest, end + by) - max(earliest, end)));
  }

  private add(i: number, by: number): void {
    this.weight[i] = (this.weight[i] as number) + by;
  }

  private overtime(i: number, a: Activity, t: number): number {
    const slots =
      this.tables.overtime(this.occupancy.worker[i] as number, t, a.attended) +
      this.tables.overtime(this.occupancy.second[i] as number, t, a.attended);
    return slots * this.model.weights.overtime;
  }

  /** Whether the calendars allow the next slot, on the same day, to those who serve it now. */
  private mayMove(i: number, by: number): boolean {
    const a = this.act(i);
    const t = (this.start[i] as number) + by;
    if (a.fixed !== null || t < (this.tables.lo[i] as number) || t > (this.tables.hi[i] as number)) return false;
    if (this.tables.dayAt(t) !== this.tables.dayAt(t - by)) return false;
    const travelClass = this.tables.travelClassOf[this.chainOf(a).job] as number;
    const worker = this.occupancy.worker[i] as number;
    const second = this.occupancy.second[i] as number;
    const machine = this.occupancy.machine[i] as number;
    return (
      bitAt(this.tables.jobStartsOf(travelClass, a.duration), t) &&
      (worker < 0 || bitAt(this.tables.workerStartsOf(travelClass, worker, a.attended), t)) &&
      (second < 0 || bitAt(this.tables.workerStartsOf(travelClass, second, a.attended), t)) &&
      (machine < 0 || bitAt(this.tables.machineStartsOf(travelClass, machine, a.duration), t))
    );
  }

  /** Least distances between neighbors in the order of each job, worker and machine, and the lags of the chains. */
  private listGaps(): void {
    this.gaps.length = 0;
    this.uses.clear();
    const { occupancy, model } = this;
    const workers = model.jobs.length;
    const machines = workers + model.workers.length;
    model.activities.forEach((a, i) => {
      if (occupancy.isPlaced[i] === 0) return;
      this.use(this.chainOf(a).job, i, a.duration, 0);
      for (const who of [occupancy.worker[i] as number, occupancy.second[i] as number])
        if (who >= 0) this.use(workers + who, i, a.attended, 0);
      const machine = occupancy.machine[i] as number;
      if (machine >= 0) this.use(machines + machine, i, a.duration, a.setup);
    });
    for (const list of this.uses.values()) this.listNeighbors(list);
    for (const chain of model.chains) this.listLags(chain);
  }

  private use(thing: number, act: number, slots: number, setup: number): void {
    if (slots === 0) return;
    const list = this.uses.get(thing);
    if (list === undefined) this.uses.set(thing, [{ act, slots, setup }]);
    else list.push({ act, slots, setup });
  }

  private listNeighbors(list: Use[]): void {
    const { start } = this;
    list.sort((x, y) => (start[x.act] as number) - (start[y.act] as number) || x.act - y.act);
    for (let k = 1; k < list.length; k++) {
      const { act, slots, setup } = list[k - 1] as Use;
      const next = (list[k] as Use).act;
      // The same job's own steps do not wait for the setup.
      this.gaps.push(act, next, slots + (this.act(act).chain === this.act(next).chain ? 0 : setup));
    }
  }

  private listLags(chain: Chain): void {
    for (const lag of chain.lags) {
      const from = chain.acts[lag.from] as number;
      const to = chain.acts[lag.to] as number;
      if (this.occupancy.isPlaced[from] === 0 || this.occupancy.isPlaced[to] === 0) continue;
      const { duration } = this.act(from);
      this.gaps.push(from, to, duration + lag.min);
      if (lag.max >= 0) this.gaps.push(to, from, -duration - lag.max);
    }
  }

  private cost(): number {
    let cost = 0;
    for (let c = 0; c < this.model.chains.length; c++)
      if (this.at.placed[c] === 1) cost += chainCost(this.tables, c, this.placesOf(c));
    return cost;
  }

  private placesOf(c: number): (Assignment | null)[] {
    const { acts } = this.tables.chains[c] as ChainTables;
    return acts.map((i) => {
      const place = this.occupancy.placeOf(i);
      return place === null ? null : { ...place, start: this.start[i] as number };
    });
  }

  /** Moves the chains; false, with all as it was, where what was left aside (power) does not allow it. */
  private carryOut(): boolean {
    const moved = this.at
      .all()
      .filter((c) =>
        (this.tables.chains[c] as ChainTables).acts.some((i) => this.start[i] !== this.occupancy.start[i]),
      );
    const places = moved.map((c) => this.placesOf(c));
    const saved = this.at.save(moved);
    for (const c of moved) this.at.remove(c);
    for (const [k, c] of moved.entries()) {
      const to = places[k] as (Assignment | null)[];
      if (!isFeasibleAt(this.occupancy, c, to)) {
        this.at.restore(saved);
        return false;
      }
      this.at.insert(c, to, chainCost(this.tables, c, to));
    }
    return true;
  }

  private chainOf(a: Activity): Chain {
    return this.model.chains[a.chain] as Chain;
  }

  private act(i: number): Activity {
    return this.model.activities[i] as Activity;
  }
}
