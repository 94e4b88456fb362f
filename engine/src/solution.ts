/*
 * Which chains of a model are placed in an occupancy, and the total cost: inserted, removed, and whole schedules set again.
 */
import { chainCost } from './chainCost.js';
import type { Activity, Assignment, Chain, Model, Schedule } from './model.js';
import type { ChainTables, Tables } from './tables.js';
import type { Occupancy } from './occupancy.js';

/** Where a chain was before it was removed; null places = nowhere. */
export interface Saved {
  readonly chain: number;
  readonly places: readonly (Assignment | null)[] | null;
  readonly cost: number;
}

/** The placed chains of one occupancy, with the total of their costs and of what the others cost by being left out. */
export class Solution {
  readonly placed: Uint8Array;
  readonly costs: Float64Array;
  /** By chain: places that it had last, also after it was removed; null = it was never placed. */
  readonly last: (readonly (Assignment | null)[] | null)[];
  total = 0;
  private readonly occupancy: Occupancy;
  private readonly tables: Tables;
  private readonly model: Model;

  constructor(occupancy: Occupancy) {
    this.occupancy = occupancy;
    this.tables = occupancy.tables;
    this.model = occupancy.tables.model;
    const n = this.model.chains.length;
    this.placed = new Uint8Array(n);
    this.costs = new Float64Array(n);
    this.last = Array.from({ length: n }, () => null);
    for (let c = 0; c < n; c++) this.total += this.chain(c).cost + (this.tables.fixedOvertime[c] as number);
  }

  /** Chains that are placed. */
  all(): number[] {
    return this.model.chains.flatMap((_, c) => (this.placed[c] === 1 ? [c] : []));
  }

  /** Puts a chain that is out where it is told, at a cost that the caller knows. */
  insert(c: number, places: readonly (Assignment | null)[], cost: number): void {
    const { acts } = this.chain(c);
    for (let k = 0; k < acts.length; k++) {
      const place = places[k] ?? null;
      const i = acts[k] as number;
      if (place !== null && (this.model.activities[i] as Activity).fixed === null) this.occupancy.put(i, place);
    }
    this.placed[c] = 1;
    this.last[c] = places;
    this.costs[c] = cost;
    this.total += cost - this.chain(c).cost;
  }

  remove(c: number): void {
    if (this.placed[c] === 0) return;
    this.occupancy.takeChain(c);
    this.placed[c] = 0;
    this.total += this.chain(c).cost - (this.costs[c] as number);
  }

  clear(): void {
    for (let c = 0; c < this.placed.length; c++) this.remove(c);
  }

  /** Where chains are now, to `restore` later. */
  save(chains: readonly number[]): Saved[] {
    return chains.map((chain) => ({
      chain,
      places: this.placed[chain] === 1 ? this.chain(chain).acts.map((i) => this.occupancy.placeOf(i)) : null,
      cost: this.costs[chain] as number,
    }));
  }

  restore(saved: readonly Saved[]): void {
    for (const s of saved) this.remove(s.chain);
    for (const s of saved) if (s.places !== null) this.insert(s.chain, s.places, s.cost);
  }

  /** Where everything is now. */
  schedule(): Schedule {
    return this.model.activities.map((_, i) => this.occupancy.placeOf(i));
  }

  /** Sets up a whole answer of this model instead of what is there. */
  setTo(schedule: Schedule): void {
    this.clear();
    this.model.chains.forEach((chain, c) => {
      const places = chain.acts.map((i) => schedule[i] ?? null);
      const whole = chain.acts.every(
        (i, k) => places[k] !== null || (this.model.activities[i] as Activity).omissionCost >= 0,
      );
      const open = chain.acts.some(
        (i, k) => places[k] !== null && (this.model.activities[i] as Activity).fixed === null,
      );
      if (whole && (open || this.wasPlaced(c, places))) this.insert(c, places, chainCost(this.tables, c, places));
    });
  }

  /** Those of some chains that are placed, with all placed ones that need them. */
  withDependents(chains: readonly number[]): number[] {
    const found = new Set<number>();
    const add = (c: number): void => {
      if (found.has(c) || this.placed[c] === 0) return;
      found.add(c);
      for (const d of (this.tables.chains[c] as ChainTables).dependents) add(d);
    };
    for (const c of chains) add(c);
    return [...found];
  }

  /** A chain of fixed and optional work only counts as placed when that is no dearer than leaving it out. */
  private wasPlaced(c: number, places: readonly (Assignment | null)[]): boolean {
    return chainCost(this.tables, c, places) < this.chain(c).cost;
  }

  private chain(c: number): Chain {
    return this.model.chains[c] as Chain;
  }
}
