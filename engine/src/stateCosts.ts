/*
 * Costs of being in a state of a chain's path: overtime, the second worker's, soft costs, and chance among equals.
 */
import { imul, min, INFINITY } from './numbers.js';
import type { ChainStarts } from './chainStarts.js';
import type { Keepers } from './continuity.js';
import type { Activity, Chain, Model } from './model.js';
import type { SoftCosts } from './softCosts.js';
import type { ChainTables, Tables } from './tables.js';

const NO_KEEPERS: Keepers = [];

/** Costs of the states of one chain at a time; positions are the chain's, as `starts` has looked at it last. */
export class StateCosts {
  private readonly tables: Tables;
  private readonly model: Model;
  private chain: ChainTables;
  /** State of the small generator for ties. */
  private chance = 1;
  keepers: Keepers = NO_KEEPERS;
  private readonly keepsWorker: Int32Array;
  private readonly keepsMachine: Int32Array;
  private readonly awayWorker: Float64Array;
  private readonly awayMachine: Float64Array;

  constructor(tables: Tables) {
    this.tables = tables;
    this.model = tables.model;
    this.chain = tables.chains[0] as ChainTables;
    const steps = tables.mostSteps;
    this.keepsWorker = new Int32Array(steps).fill(-1);
    this.keepsMachine = new Int32Array(steps).fill(-1);
    this.awayWorker = new Float64Array(steps);
    this.awayMachine = new Float64Array(steps);
  }

  /** From now on costs are those of this chain, with nobody chosen to keep its continuities. */
  forChain(index: number): void {
    this.chain = this.tables.chains[index] as ChainTables;
    this.keepers = NO_KEEPERS;
    this.awayWorker.fill(0, 0, this.chain.acts.length);
    this.awayMachine.fill(0, 0, this.chain.acts.length);
  }

  /** Chooses who keeps each of the chain's continuities; -1 = nobody yet, and no cost of others. */
  keep(chain: Chain, keepers: Keepers): void {
    this.keepers = keepers;
    chain.continuities.forEach((c, n) => {
      const keeper = keepers[n] as number;
      const [keeps, away] =
        c.of === 'worker' ? [this.keepsWorker, this.awayWorker] : [this.keepsMachine, this.awayMachine];
      for (const k of c.members) {
        keeps[k] = keeper;
        away[k] = keeper < 0 ? 0 : c.cost;
      }
    });
  }

  /** Whether somebody is chosen to keep the machine of a position. */
  keepsOneMachine(k: number): boolean {
    return (this.awayMachine[k] as number) > 0;
  }

  /** Cost of a machine at a position: soft costs, and that it is not its keeper. */
  machine(k: number, t: number, machine: number, softCosts: SoftCosts | null): number {
    const soft = softCosts?.onMachines === true ? softCosts.machine(this.chain.acts[k] as number, t, machine) : 0;
    return this.keepsMachine[k] === machine ? soft : soft + (this.awayMachine[k] as number);
  }

  /** Where chance begins. */
  seed(seed: number): void {
    this.chance = seed | 0;
  }

  /** Least soft cost of a machine that can serve a start. */
  bestMachine(k: number, a: Activity, starts: ChainStarts, t: number, softCosts: SoftCosts): number {
    const machines = starts.machines[k] ?? null;
    if (machines === null) return 0;
    const n = starts.count[k] as number;
    const index = this.chain.acts[k] as number;
    let least = INFINITY;
    for (let s = 0; s < machines.length; s++) {
      if (starts.has(k, (starts.machinesAt[k] as number) + s * n, t))
        least = min(least, softCosts.machine(index, t, machines[s] as number));
    }
    return least;
  }

  /** Least cost of a worker who can take a start; 0 where nobody is needed. */
  bestWorker(k: number, a: Activity, starts: ChainStarts, t: number, softCosts: SoftCosts | null): number {
    const workers = starts.workers[k] ?? null;
    if (workers === null) return 0;
    const n = starts.count[k] as number;
    let least = INFINITY;
    for (let p = 0; p < workers.length; p++) {
      if (starts.has(k, (starts.workersAt[k] as number) + p * n, t))
        least = min(least, this.worker(k, a, starts, t, workers[p] as number, softCosts));
    }
    return least;
  }

  /** Cost of a worker at an activity's start: overtime, the least of a second worker's, soft costs. */
  worker(k: number, a: Activity, starts: ChainStarts, t: number, who: number, softCosts: SoftCosts | null): number {
    let over = this.tables.overtime(who, t, a.attended);
    if (a.secondWorkers !== null) over += this.leastSecond(k, a, starts, t, who);
    const away = this.keepsWorker[k] === who ? 0 : (this.awayWorker[k] as number);
    const deputy = a.deputyCost > 0 && a.deputies.includes(who) ? a.deputyCost : 0;
    const cost = over * this.model.weights.overtime + away + deputy;
    return softCosts === null ? cost : cost + softCosts.worker(this.chain.acts[k] as number, t, who);
  }

  private leastSecond(k: number, a: Activity, starts: ChainStarts, t: number, who: number): number {
    const secondWorkers = a.secondWorkers ?? [];
    const n = starts.count[k] as number;
    let least = INFINITY;
    for (let q = 0; q < secondWorkers.length; q++) {
      const other = secondWorkers[q] as number;
      if (other !== who && starts.has(k, (starts.secondWorkersAt[k] as number) + q * n, t))
        least = min(least, this.tables.overtime(other, t, a.attended));
    }
    return least;
  }

  /** A number drawn by chance, 0 to 1. */
  toss(): number {
    this.chance = (imul(this.chance, 1664525) + 1013904223) | 0;
    return (this.chance >>> 8) / 16777216;
  }
}
