/*
 * Which chains of a model are placed in a yard, and what that costs: put in, taken out, and whole answers set up again.
 */
import { chainCost } from './chainCost.js';
import type { FitActivity, FitChain, FitModel, FitPlace } from './fitModel.js';
import type { FitPlacement } from './fitSearch.js';
import type { ChainTables, FitTables } from './fitTables.js';
import type { Saved } from './neighbors.js';
import type { Occupancy } from './occupancy.js';

/** The placed chains of one yard, with the total of their costs and of what the others cost by being left out. */
export class Placing {
  readonly placed: Uint8Array;
  readonly costs: Float64Array;
  total = 0;
  private readonly yard: Occupancy;
  private readonly tables: FitTables;
  private readonly model: FitModel;

  constructor(yard: Occupancy) {
    this.yard = yard;
    this.tables = yard.tables;
    this.model = yard.tables.model;
    const n = this.model.chains.length;
    this.placed = new Uint8Array(n);
    this.costs = new Float64Array(n);
    for (let c = 0; c < n; c++) this.total += this.chain(c).cost + (this.tables.fixedOvertime[c] as number);
  }

  /** Chains that are placed. */
  all(): number[] {
    return this.model.chains.flatMap((_, c) => (this.placed[c] === 1 ? [c] : []));
  }

  /** Puts a chain that is out where it is told, at a cost that the caller knows. */
  settle(c: number, places: readonly (FitPlace | null)[], cost: number): void {
    const { acts } = this.chain(c);
    for (let k = 0; k < acts.length; k++) {
      const place = places[k] ?? null;
      const i = acts[k] as number;
      if (place !== null && (this.model.activities[i] as FitActivity).fixed === null) this.yard.put(i, place);
    }
    this.placed[c] = 1;
    this.costs[c] = cost;
    this.total += cost - this.chain(c).cost;
  }

  remove(c: number): void {
    if (this.placed[c] === 0) return;
    this.yard.takeChain(c);
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
      places: this.placed[chain] === 1 ? this.chain(chain).acts.map((i) => this.yard.placeOf(i)) : null,
      cost: this.costs[chain] as number,
    }));
  }

  restore(saved: readonly Saved[]): void {
    for (const s of saved) this.remove(s.chain);
    for (const s of saved) if (s.places !== null) this.settle(s.chain, s.places, s.cost);
  }

  /** Where everything is now. */
  answer(): FitPlacement {
    return this.model.activities.map((_, i) => this.yard.placeOf(i));
  }

  /** Sets up a whole answer of this model instead of what is there. */
  setUp(answer: FitPlacement): void {
    this.clear();
    this.model.chains.forEach((chain, c) => {
      const places = chain.acts.map((i) => answer[i] ?? null);
      const whole = chain.acts.every(
        (i, k) => places[k] !== null || (this.model.activities[i] as FitActivity).omit >= 0,
      );
      const open = chain.acts.some(
        (i, k) => places[k] !== null && (this.model.activities[i] as FitActivity).fixed === null,
      );
      if (whole && (open || this.wasPlaced(c, places))) this.settle(c, places, chainCost(this.tables, c, places));
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
  private wasPlaced(c: number, places: readonly (FitPlace | null)[]): boolean {
    return chainCost(this.tables, c, places) < this.chain(c).cost;
  }

  private chain(c: number): FitChain {
    return this.model.chains[c] as FitChain;
  }
}
