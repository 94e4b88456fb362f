/*
 * Slots of people that only they can give and that cannot move: a handler's minutes in the ring. Other work that could be
 * done by somebody else, or a little later, is priced out of them, so that no chain loses its place to a convenience.
 */
import { max, min } from '../units/numbers.js';
import type { PathExtra } from './chainPath.js';
import type { FitActivity } from './fitModel.js';
import type { FitTables } from './fitTables.js';
import type { Occupancy } from './occupancy.js';

/** Price of a claimed slot. */
const PRICE = 12;

export interface SearchWishes {
  /** What the caller wishes; null = nothing. */
  readonly wishes: PathExtra | null;
  /** Price of a slot of work, times the slots that the person works that day already: spreads work evenly. */
  readonly evenLoad: number;
  /** Whether claims are respected. */
  readonly claims: boolean;
}

/** Wishes of a search: what the caller wishes, work spread evenly, and claims respected. */
export class Claims implements PathExtra {
  readonly onStarts: boolean;
  readonly onStations: boolean;
  private readonly yard: Occupancy;
  private readonly tables: FitTables;
  private readonly wishes: PathExtra | null;
  private readonly evenLoad: number;
  /** By person: claimed slots before each slot; null = none. */
  private readonly before: readonly (Int32Array | null)[];

  constructor(yard: Occupancy, { wishes, evenLoad, claims }: SearchWishes) {
    const { tables } = yard;
    const { model } = tables;
    this.yard = yard;
    this.tables = tables;
    this.wishes = wishes;
    this.evenLoad = evenLoad;
    this.onStarts = wishes?.onStarts === true;
    this.onStations = wishes?.onStations === true;
    const claimed = model.people.map(() => new Uint8Array(model.horizon + 1));
    const has = model.people.map(() => false);
    model.activities.forEach((a, i) => {
      if (!claims) return;
      const who = a.people?.length === 1 && a.fixed === null && tables.lo[i] === tables.hi[i] ? a.people[0] : undefined;
      if (who === undefined) return;
      const from = max(0, tables.lo[i] as number);
      claimed[who]?.fill(1, from, from + a.att);
      has[who] = true;
    });
    this.before = claimed.map((slots, p) => (has[p] === true ? sums(slots) : null));
  }

  start(activity: number, slot: number): number {
    return this.wishes === null ? 0 : this.wishes.start(activity, slot);
  }

  person(activity: number, slot: number, person: number): number {
    let price = this.wishes === null ? 0 : this.wishes.person(activity, slot, person);
    const { att } = this.tables.model.activities[activity] as FitActivity;
    if (this.evenLoad > 0)
      price += this.evenLoad * att * (this.yard.worked[person * this.tables.days + this.tables.dayAt(slot)] as number);
    const before = this.before[person] as Int32Array | null;
    if (before === null) return price;
    const end = min(before.length - 1, slot + att);
    return price + PRICE * ((before[end] as number) - (before[slot] as number));
  }

  station(activity: number, slot: number, station: number): number {
    return this.wishes === null ? 0 : this.wishes.station(activity, slot, station);
  }
}

function sums(slots: Uint8Array): Int32Array {
  const before = new Int32Array(slots.length + 1);
  for (let t = 0; t < slots.length; t++) before[t + 1] = (before[t] as number) + (slots[t] as number);
  return before;
}
