/*
 * The cheapest place of one whole chain, everything else as it is. A job does one thing at a time, so the chain's own
 * activities never compete for workers, machines or power: a shortest path finds times and workers, a second one machines.
 * Rules that do interact inside a chain (the job's straining slots, a worker's daily limits, lags over a middle step) is
 * branched on when the answer violates it; so is who keeps a continuity, when the answer that asks nothing splits it.
 */
import { floor, max, min, INFINITY } from './numbers.js';
import type { Rng } from './rng.js';
import { ChainConflicts } from './chainConflicts.js';
import { chainCost, neighborCost } from './chainCost.js';
import type { Keepers } from './continuity.js';
import { awayFrom, keeperOf } from './continuity.js';
import type { PathOptions } from './chainPath.js';
import type { SoftCosts } from './softCosts.js';
import { ChainPath } from './chainPath.js';
import type { Ban } from './chainStarts.js';
import { ChainStarts } from './chainStarts.js';
import type { Activity, Assignment, Chain, Model } from './model.js';
import type { ChainTables, Tables } from './tables.js';
import type { Occupancy } from './occupancy.js';

/** States above which workers are chosen after the times: a long chain in wide windows would take too long otherwise. */
const MOST_STATES = 12_000;

/** How hard to look. */
export interface Effort {
  /** Random cost a state, at most, so that ties fall differently each time; 0 = exact. */
  readonly jitter: number;
  /** Whether workers, and whether machines, are told apart on the way. */
  readonly byWorker: boolean;
  readonly byMachine: boolean;
  /** Branches tried before a chain counts as having no place. */
  readonly branches: number;
  /** Whether to follow one branch at random instead of the best first. */
  readonly dives: boolean;
  readonly softCosts: SoftCosts | null;
  /**
   * Who keeps the chain's continuities: whoever is cheapest of all; a guess (mostly whoever had them last); or anybody, at no
   * cost while the path is looked for.
   */
  readonly keepers: 'best' | 'guess' | 'any';
}

/** Workers and machines, chosen along a chain after its times. */
const WORKERS = 'workers';
const STATIONS = 'machines';

/** An answer under some bans. */
interface Node {
  readonly bans: readonly Ban[];
  readonly keepers: Keepers;
  readonly places: (Assignment | null)[];
  readonly cost: number;
}

/** Effort of most moves: ties fall by chance, machines follow the times. */
export const QUICK: Effort = {
  jitter: 0.4,
  byWorker: true,
  byMachine: false,
  branches: 12,
  dives: false,
  softCosts: null,
  keepers: 'guess',
};
/** Effort that finds the cheapest place there is, unless more than its branches are needed to keep daily limits. */
export const EXACT: Effort = {
  jitter: 0,
  byWorker: true,
  byMachine: true,
  branches: 60,
  dives: false,
  softCosts: null,
  keepers: 'best',
};
/** Share of guesses that stay with whoever had a continuity last. */
const STAYS = 0.6;

/** Finds places of chains beside those of one occupancy. After `fit` the answer is in `places` and `cost`, or `blocked` names a position. */
export class ChainFit {
  places: (Assignment | null)[] = [];
  cost = 0;
  /** After `fit`: a cost that the chain cannot be below now, soft costs aside; `cost` itself where nothing was guessed. */
  least = 0;
  blocked = -1;
  readonly starts: ChainStarts;
  private readonly path: ChainPath;
  private readonly conflicts: ChainConflicts;
  private readonly occupancy: Occupancy;
  private readonly tables: Tables;
  private readonly model: Model;
  private readonly rng: Rng;

  constructor(occupancy: Occupancy, rng: Rng) {
    this.occupancy = occupancy;
    this.tables = occupancy.tables;
    this.model = occupancy.tables.model;
    this.rng = rng;
    this.starts = new ChainStarts(occupancy);
    this.conflicts = new ChainConflicts(occupancy, this.starts);
    this.path = new ChainPath(this.tables);
  }

  /**
   * Looks for a place of a chain that is not in the occupancy; `last` = where it was before, for guesses; `keepers` of its
   * continuities where they are decided; starts that `bans` exclude are not taken. `blocked` stays the furthest position that had no start.
   */
  fit(
    chain: number,
    effort: Effort,
    last: readonly (Assignment | null)[] | null = null,
    keepers: Keepers = this.firstKeepers(chain, effort, last),
    bans: readonly Ban[] = [],
  ): boolean {
    this.path.costs.seed(floor(this.rng.next() * 0x7fffffff));
    this.blocked = -1;
    const open: Node[] = [];
    this.open(open, chain, bans, keepers, effort);
    for (let tried = 1; open.length > 0;) {
      const node = this.cheapest(open);
      const conflict = this.conflict(chain, node.places);
      const split = conflict.length > 0 ? -1 : this.openContinuity(chain, node, effort);
      if (conflict.length === 0 && (split < 0 || tried >= effort.branches)) return this.accept(chain, node);
      if (tried >= effort.branches) return false;
      if (split >= 0) tried += this.chooseKeepers(open, chain, node, split, effort);
      else if (effort.dives) {
        // One way at random, the others forgotten: good enough where the answer is only a hint.
        open.length = 0;
        tried++;
        const ban = conflict[this.rng.below(conflict.length)] as Ban;
        this.open(open, chain, [...node.bans, ban], node.keepers, effort);
      } else {
        tried += conflict.length;
        for (const ban of conflict) this.open(open, chain, [...node.bans, ban], node.keepers, effort);
      }
    }
    return false;
  }

  private accept(chain: number, { places, cost }: Node): boolean {
    this.places = places;
    this.cost = chainCost(this.tables, chain, places);
    this.least = min(this.cost, cost);
    return true;
  }

  /**
   * Who keeps the continuities at the beginning: nobody yet, or guesses. A guess stays with whoever had them last, but now and
   * then for one of them.
   */
  private firstKeepers(chain: number, effort: Effort, last: readonly (Assignment | null)[] | null): Keepers {
    const { continuities } = this.model.chains[chain] as Chain;
    if (effort.keepers !== 'guess' || continuities.length === 0) return continuities.map(() => -1);
    const { keepers } = this.tables.chains[chain] as ChainTables;
    const other = this.rng.next() < STAYS ? -1 : this.rng.below(continuities.length);
    return continuities.map((continuity, n) => {
      const had = last === null || n === other ? -1 : keeperOf(continuity, last);
      const able = keepers[n] as readonly number[];
      return had >= 0 || able.length === 0 ? had : (able[this.rng.below(able.length)] as number);
    });
  }

  /** The dearest continuity of an answer that nobody has been chosen for; -1 = none costs anything, or nobody asks. */
  private openContinuity(chain: number, node: Node, effort: Effort): number {
    if (effort.keepers !== 'best') return -1;
    let dearest = -1;
    let most = 0;
    (this.model.chains[chain] as Chain).continuities.forEach((c, n) => {
      if ((node.keepers[n] as number) >= 0) return;
      const cost = c.cost * awayFrom(c, node.places, keeperOf(c, node.places));
      if (cost > most) {
        most = cost;
        dearest = n;
      }
    });
    return dearest;
  }

  /** Opens an answer again with each who could keep a continuity; how many those are. */
  private chooseKeepers(open: Node[], chain: number, node: Node, split: number, effort: Effort): number {
    const candidates = (this.tables.chains[chain] as ChainTables).keepers[split] as readonly number[];
    for (const who of candidates) {
      const keepers = node.keepers.map((k, n) => (n === split ? who : k));
      this.open(open, chain, node.bans, keepers, effort);
    }
    return candidates.length;
  }

  private open(open: Node[], chain: number, bans: readonly Ban[], keepers: Keepers, effort: Effort): void {
    const places = this.attempt(chain, bans, keepers, effort);
    if (places !== null) open.push({ bans, keepers, places, cost: this.costWith(chain, places, keepers, effort) });
  }

  /** Takes the cheapest node out: a bound of everything below it. */
  private cheapest(open: Node[]): Node {
    let at = 0;
    for (let k = 1; k < open.length; k++) if ((open[k] as Node).cost < (open[at] as Node).cost) at = k;
    return open.splice(at, 1)[0] as Node;
  }

  private costWith(chain: number, places: readonly (Assignment | null)[], keepers: Keepers, effort: Effort): number {
    let cost = neighborCost(this.tables, chain, places);
    (this.model.chains[chain] as Chain).continuities.forEach((c, n) => {
      const keeper = keepers[n] as number;
      if (keeper >= 0) cost += c.cost * awayFrom(c, places, keeper);
    });
    if (effort.softCosts === null) return cost;
    const acts = (this.tables.chains[chain] as ChainTables).acts;
    let more = 0;
    places.forEach((p, k) => {
      const i = acts[k] as number;
      if (p === null || (this.model.activities[i] as Activity).fixed !== null) return;
      more += effort.softCosts?.start(i, p.start) ?? 0;
      if (p.worker >= 0) more += effort.softCosts?.worker(i, p.start, p.worker) ?? 0;
      if (p.machine >= 0) more += effort.softCosts?.machine(i, p.start, p.machine) ?? 0;
    });
    return cost + more;
  }

  private attempt(chain: number, bans: readonly Ban[], keepers: Keepers, effort: Effort): (Assignment | null)[] | null {
    if (!this.starts.look(chain, bans)) {
      this.blocked = max(this.blocked, this.starts.blocked);
      return null;
    }
    const byWorker = effort.byWorker && (effort.byMachine || this.starts.states(chain) <= MOST_STATES);
    const { jitter, byMachine, softCosts } = effort;
    const options: PathOptions = { jitter, byWorker, byMachine, softCosts, keepers };
    if (this.path.solve(chain, this.starts, options) === INFINITY) {
      this.blocked = max(this.blocked, (this.tables.chains[chain] as ChainTables).acts.length - 1);
      return null;
    }
    return this.choosePlaces(chain, effort);
  }

  private choosePlaces(chain: number, effort: Effort): (Assignment | null)[] {
    const acts = (this.tables.chains[chain] as ChainTables).acts;
    const workers = this.chooseAlong(acts, effort, WORKERS);
    const machines = this.chooseAlong(acts, effort, STATIONS);
    return acts.map((i, k): Assignment | null => {
      if (this.path.isOn[k] === 0) return null;
      const a = this.model.activities[i] as Activity;
      if (a.fixed !== null) return a.fixed;
      const start = this.path.slot[k] as number;
      const worker = workers[k] as number;
      return { start, worker, second: this.secondFor(k, a, start, worker), machine: machines[k] as number };
    });
  }

  /** Workers who may be the ones at the chosen time, or the one that the path has told. */
  private workersAt(k: number, a: Activity): readonly number[] {
    if (a.fixed !== null) return [a.fixed.worker];
    const told = this.path.worker[k] as number;
    const workers = this.starts.workers[k] ?? null;
    if (told >= 0 || workers === null) return [told];
    const n = this.starts.count[k] as number;
    const start = this.path.slot[k] as number;
    return workers.filter((_, p) => this.starts.has(k, (this.starts.workersAt[k] as number) + p * n, start));
  }

  /** Somebody else who is free, with the least overtime; ties by chance. */
  private secondFor(k: number, a: Activity, start: number, worker: number): number {
    const secondWorkers = a.secondWorkers ?? [];
    const n = this.starts.count[k] as number;
    let best = -1;
    let least = INFINITY;
    for (let q = 0; q < secondWorkers.length; q++) {
      const who = secondWorkers[q] as number;
      if (who === worker || !this.starts.has(k, (this.starts.secondWorkersAt[k] as number) + q * n, start)) continue;
      const over = this.tables.overtime(who, start, a.attended) + this.rng.next() * 0.5;
      if (over < least) {
        least = over;
        best = who;
      }
    }
    return best;
  }

  /** Workers, or machines, at the chosen times: as few changes as can be, ties by chance. */
  private chooseAlong(acts: readonly number[], effort: Effort, what: typeof WORKERS | typeof STATIONS): Int32Array {
    const chosen = new Int32Array(acts.length).fill(-1);
    const costs: Float64Array[] = [];
    const lists: (readonly number[])[] = [];
    const from: Int32Array[] = [];
    const on: number[] = [];
    for (let k = 0; k < acts.length; k++) {
      if (this.path.isOn[k] === 0) continue;
      const a = this.model.activities[acts[k] as number] as Activity;
      const list = what === WORKERS ? this.workersAt(k, a) : this.machinesAt(k, a);
      const here = new Float64Array(list.length);
      const back = new Int32Array(list.length);
      const prev = on[on.length - 1];
      for (let s = 0; s < list.length; s++) {
        here[s] = list.length === 1 ? 0 : this.choiceCost(k, a, list[s] as number, effort, what);
        if (prev === undefined) continue;
        const change = this.changePrice(acts, prev, k, what);
        this.linkChoice(list[s] as number, s, change, here, back, costs, lists);
      }
      costs.push(here);
      lists.push(list);
      from.push(back);
      on.push(k);
    }
    let at = -1;
    for (let i = on.length - 1; i >= 0; i--) {
      const here = costs[i] as Float64Array;
      if (at < 0) at = here.indexOf(min(...here));
      chosen[on[i] as number] = lists[i]?.[at] ?? -1;
      at = (from[i] as Int32Array)[at] as number;
    }
    return chosen;
  }

  private choiceCost(
    k: number,
    a: Activity,
    which: number,
    effort: Effort,
    what: typeof WORKERS | typeof STATIONS,
  ): number {
    const start = this.path.slot[k] as number;
    const tie = effort.jitter === 0 ? 0 : this.rng.next() * 0.01;
    if (which < 0 || a.fixed !== null) return 0;
    if (what === WORKERS) return tie + this.path.costs.worker(k, a, this.starts, start, which, effort.softCosts);
    return tie + this.path.costs.machine(k, start, which, effort.softCosts);
  }

  /** Cost of a change of worker or machine between two neighbors. */
  private changePrice(
    acts: readonly number[],
    prev: number,
    k: number,
    what: typeof WORKERS | typeof STATIONS,
  ): number {
    if (this.tables.dayAt(this.path.slot[prev] as number) !== this.tables.dayAt(this.path.slot[k] as number)) return 0;
    if (what === WORKERS) return this.model.weights.workerChange;
    return this.countsChange(acts, prev, k) ? this.model.weights.machineChange : 0;
  }

  private linkChoice(
    which: number,
    s: number,
    change: number,
    here: Float64Array,
    back: Int32Array,
    costs: readonly Float64Array[],
    lists: readonly (readonly number[])[],
  ): void {
    const before = costs[costs.length - 1] as Float64Array;
    const listBefore = lists[lists.length - 1] as readonly number[];
    let least = INFINITY;
    for (let b = 0; b < listBefore.length; b++) {
      const changed = which >= 0 && (listBefore[b] as number) >= 0 && listBefore[b] !== which;
      const cost = (before[b] as number) + (changed ? change : 0);
      if (cost < least) {
        least = cost;
        back[s] = b;
      }
    }
    here[s] = (here[s] as number) + least;
  }

  private countsChange(acts: readonly number[], prev: number, k: number): boolean {
    const a = this.model.activities[acts[prev] as number] as Activity;
    const b = this.model.activities[acts[k] as number] as Activity;
    return this.model.weights.acrossKinds || a.kind === b.kind;
  }

  private machinesAt(k: number, a: Activity): readonly number[] {
    if (a.fixed !== null) return [a.fixed.machine];
    const machines = this.starts.machines[k] ?? null;
    if (machines === null) return [-1];
    const told = this.path.machine[k] as number;
    if (told >= 0) return [told];
    const n = this.starts.count[k] as number;
    const start = this.path.slot[k] as number;
    return machines.filter((_, s) => this.starts.has(k, (this.starts.machinesAt[k] as number) + s * n, start));
  }

  /** Bans that each lift one violation of what interacts inside a chain; empty when nothing is violated. */
  conflict(chain: number, places: readonly (Assignment | null)[]): Ban[] {
    return this.conflicts.of(chain, places);
  }
}
