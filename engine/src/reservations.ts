/*
 * Slots of workers that only they can give and that cannot move. Other work that could be
 * done by somebody else, or a little later, is priced out of them, so that no chain loses its place to a convenience.
 */
import { max, min } from './numbers.js';
import type { SoftCosts } from './softCosts.js';
import type { Activity } from './model.js';
import type { Tables } from './tables.js';
import type { Occupancy } from './occupancy.js';

/** Price of a reserved slot. */
const PRICE = 12;

/** Parts of a search's soft costs. */
export interface ReservationOptions {
  /** The caller's own costs; null = none. */
  readonly softCosts: SoftCosts | null;
  /** Price of a slot of work, times the slots that the worker works that day already: spreads work evenly. */
  readonly evenLoad: number;
  /** Whether reservations are respected. */
  readonly reservations: boolean;
}

/** Soft costs of a search: the caller's own, work spread evenly, and reservations respected. */
export class Reservations implements SoftCosts {
  readonly onStarts: boolean;
  readonly onMachines: boolean;
  private readonly occupancy: Occupancy;
  private readonly tables: Tables;
  private readonly softCosts: SoftCosts | null;
  private readonly evenLoad: number;
  /** By worker: reserved slots before each slot; null = none. */
  private readonly before: readonly (Int32Array | null)[];

  constructor(occupancy: Occupancy, { softCosts, evenLoad, reservations }: ReservationOptions) {
    const { tables } = occupancy;
    const { model } = tables;
    this.occupancy = occupancy;
    this.tables = tables;
    this.softCosts = softCosts;
    this.evenLoad = evenLoad;
    this.onStarts = softCosts?.onStarts === true;
    this.onMachines = softCosts?.onMachines === true;
    const reserved = model.workers.map(() => new Uint8Array(model.horizon + 1));
    const has = model.workers.map(() => false);
    model.activities.forEach((a, i) => {
      if (!reservations) return;
      const who =
        a.workers?.length === 1 && a.fixed === null && tables.lo[i] === tables.hi[i] ? a.workers[0] : undefined;
      if (who === undefined) return;
      const from = max(0, tables.lo[i] as number);
      reserved[who]?.fill(1, from, from + a.attended);
      has[who] = true;
    });
    this.before = reserved.map((slots, p) => (has[p] === true ? sums(slots) : null));
  }

  start(activity: number, slot: number): number {
    return this.softCosts === null ? 0 : this.softCosts.start(activity, slot);
  }

  worker(activity: number, slot: number, worker: number): number {
    let price = this.softCosts === null ? 0 : this.softCosts.worker(activity, slot, worker);
    const { attended } = this.tables.model.activities[activity] as Activity;
    if (this.evenLoad > 0)
      price +=
        this.evenLoad *
        attended *
        (this.occupancy.worked[worker * this.tables.days + this.tables.dayAt(slot)] as number);
    const before = this.before[worker] as Int32Array | null;
    if (before === null) return price;
    const end = min(before.length - 1, slot + attended);
    return price + PRICE * ((before[end] as number) - (before[slot] as number));
  }

  machine(activity: number, slot: number, machine: number): number {
    return this.softCosts === null ? 0 : this.softCosts.machine(activity, slot, machine);
  }
}

function sums(slots: Uint8Array): Int32Array {
  const before = new Int32Array(slots.length + 1);
  for (let t = 0; t < slots.length; t++) before[t + 1] = (before[t] as number) + (slots[t] as number);
  return before;
}
