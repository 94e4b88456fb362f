/*
 * Prices of slots of workers and machines that more chains want than can have them. Each chain says what it would take if
 * it were alone and had to pay; what is wanted twice becomes dearer, what nobody wants cheaper (a subgradient step of the
 * Lagrangian relaxation of "one thing at a time"; Held and Karp 1971, from memory). Chains that are placed while they pay
 * leave each other what the other needs more.
 */
import { max, min } from '../numbers.js';
import type { SoftCosts } from '../softCosts.js';
import type { Activity, Model, Assignment } from '../model.js';

/** First step, in cost units a slot wanted once too often; later steps shrink. */
const FIRST_STEP = 2;
const STEP_HALVES_AFTER = 30;

/** Prices by worker and machine and slot, as soft costs. */
export class Prices implements SoftCosts {
  readonly onStarts: boolean;
  readonly onMachines = true;
  private readonly model: Model;
  private readonly softCosts: SoftCosts | null;
  private readonly workers: readonly PriceRow[];
  private readonly machines: readonly PriceRow[];
  private steps = 0;

  /** Prices beside what else is wished for; null = nothing. */
  constructor(model: Model, softCosts: SoftCosts | null) {
    this.model = model;
    this.softCosts = softCosts;
    this.onStarts = softCosts?.onStarts === true;
    this.workers = model.workers.map(() => new PriceRow(model.horizon));
    this.machines = model.machines.map(() => new PriceRow(model.horizon));
  }

  start(activity: number, slot: number): number {
    return this.softCosts === null ? 0 : this.softCosts.start(activity, slot);
  }

  worker(activity: number, slot: number, worker: number): number {
    const price = (this.workers[worker] as PriceRow).of(slot, slot + this.act(activity).attended);
    return this.softCosts === null ? price : price + this.softCosts.worker(activity, slot, worker);
  }

  machine(activity: number, slot: number, machine: number): number {
    const a = this.act(activity);
    const price = (this.machines[machine] as PriceRow).of(slot, slot + a.duration + a.setup);
    return this.softCosts?.onMachines === true ? price + this.softCosts.machine(activity, slot, machine) : price;
  }

  /** Takes note of what one chain would take. */
  want(acts: readonly number[], places: readonly (Assignment | null)[]): void {
    acts.forEach((i, k) => {
      const place = places[k] ?? null;
      const a = this.act(i);
      if (place === null || a.fixed !== null) return;
      for (const who of [place.worker, place.second]) this.workers[who]?.want(place.start, place.start + a.attended);
      this.machines[place.machine]?.want(place.start, place.start + a.duration + a.setup);
    });
  }

  /** Changes the prices by what was wanted since the last step; false where every price was nothing and stays so. */
  step(): boolean {
    const by = FIRST_STEP / (1 + this.steps / STEP_HALVES_AFTER);
    this.steps++;
    let isAnyPaid = false;
    for (const row of this.workers) isAnyPaid = row.step(by) || isAnyPaid;
    for (const row of this.machines) isAnyPaid = row.step(by) || isAnyPaid;
    return isAnyPaid;
  }

  private act(i: number): Activity {
    return this.model.activities[i] as Activity;
  }
}

/** Prices of one worker's or machine's slots. */
class PriceRow {
  private readonly price: Float64Array;
  private readonly wanted: Uint8Array;
  private readonly before: Float64Array;

  constructor(slots: number) {
    this.price = new Float64Array(slots);
    this.wanted = new Uint8Array(slots);
    this.before = new Float64Array(slots + 1);
  }

  of(from: number, to: number): number {
    const last = this.before.length - 1;
    return (this.before[min(to, last)] as number) - (this.before[max(0, min(from, last))] as number);
  }

  want(from: number, to: number): void {
    for (let t = max(0, from); t < min(to, this.wanted.length); t++) this.wanted[t] = (this.wanted[t] as number) + 1;
  }

  step(by: number): boolean {
    const { price, wanted, before } = this;
    const paid = before.at(-1) as number;
    for (let t = 0; t < price.length; t++) {
      price[t] = max(0, (price[t] as number) + by * ((wanted[t] as number) - 1));
      before[t + 1] = (before[t] as number) + (price[t] as number);
    }
    wanted.fill(0);
    return paid > 0 || (before.at(-1) as number) > 0;
  }
}
