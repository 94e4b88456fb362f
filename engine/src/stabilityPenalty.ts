/*
 * The cost of moving what was scheduled before: it stays at its time, with its worker and machine, unless something else
 * is worth more.
 */
import type { SoftCosts } from './softCosts.js';
import type { Schedule } from './model.js';

/** Cost of moving an activity in time, about 30 slots off its ideal start; of giving it another worker or machine. */
const KEEP_TIME = 30;
const KEEP_WORKER = 6;

/** Costs that hold on to a schedule; `prices` by worker are added to whatever that worker does. */
export class StabilityPenalty implements SoftCosts {
  readonly onStarts: boolean;
  readonly onMachines: boolean;
  private readonly old: Schedule | null;
  private readonly prices: readonly number[] | null;

  constructor(old: Schedule | null, prices: readonly number[] | null = null) {
    this.old = old;
    this.prices = prices;
    this.onStarts = old !== null;
    this.onMachines = old !== null;
  }

  start(activity: number, slot: number): number {
    const old = this.old?.[activity] ?? null;
    return old === null || old.start === slot ? 0 : KEEP_TIME;
  }

  worker(activity: number, _slot: number, worker: number): number {
    const old = this.old?.[activity] ?? null;
    const price = this.prices === null ? 0 : (this.prices[worker] as number);
    return price + (old === null || old.worker === worker ? 0 : KEEP_WORKER);
  }

  machine(activity: number, _slot: number, machine: number): number {
    const old = this.old?.[activity] ?? null;
    return old === null || old.machine === machine ? 0 : KEEP_WORKER;
  }
}
