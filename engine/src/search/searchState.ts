/*
 * State that all parts of one search share: the schedule as it is, the ways to insert a chain, and facts learnt of each chain.
 */
import { min } from '../numbers.js';
import type { Rng } from '../rng.js';
import { makeRng } from '../rng.js';
import type { Effort } from '../chainFit.js';
import type { Ban } from '../chainStarts.js';
import type { Keepers } from '../continuity.js';
import { ChainFit, EXACT, QUICK } from '../chainFit.js';
import type { SoftCosts } from '../softCosts.js';
import type { Activity, Chain, Model } from '../model.js';
import { exclusionsOf } from '../exclusions.js';
import { Occupancy } from '../occupancy.js';
import { Reservations } from '../reservations.js';
import { Solution } from '../solution.js';
import type { ChainTables } from '../tables.js';
import { Tables } from '../tables.js';
import { Prices } from './prices.js';

/** Seed and costs of a search. */
export interface StateOptions {
  readonly seed: number;
  /** Costs beside the model's own; null = none. */
  readonly softCosts: SoftCosts | null;
  /** Price that spreads work evenly over workers, see `ReservationOptions`; 0 = not asked for. */
  readonly evenLoad: number;
}

/** Up to so many chains pay prices: they are cheap to place, and otherwise stay in whatever valley they came to first. */
const FEW_CHAINS = 12;
/** Steps of the golden section spread evenly over a circle, however many there are. */
const GOLDEN = 0.6180339887498949;
const LEAST: Effort = {
  jitter: 0,
  byWorker: true,
  byMachine: false,
  branches: 40,
  dives: false,
  softCosts: null,
  keepers: 'any',
};

/** One search's state. */
export class SearchState {
  readonly model: Model;
  readonly tables: Tables;
  readonly occupancy: Occupancy;
  readonly solution: Solution;
  readonly fitter: ChainFit;
  readonly rng: Rng;
  /** While chains wait for a place, reservations are respected; later only costs count. */
  readonly careful: Effort;
  readonly quick: Effort;
  readonly exact: Effort;
  /** As exact, with whoever keeps continuities best; machines follow the times. */
  readonly mending: Effort;
  /** Prices that a few chains pay for slots that several want; null where there are many chains. */
  readonly prices: Prices | null;
  /** By chain: how often it was left without a place. */
  readonly fails: Float64Array;
  /** By chain: least cost in an otherwise empty schedule, once `measureAlone` has looked; no answer has it cheaper. */
  readonly least: Float64Array;
  /** By chain: 1 where it has no place even alone. */
  private readonly hopeless: Uint8Array;
  /** By chain: those that can never be placed beside it. */
  private readonly excluded: readonly (readonly number[])[];

  constructor(model: Model, { seed, softCosts, evenLoad }: StateOptions) {
    this.model = model;
    this.tables = new Tables(model);
    this.rng = makeRng(seed);
    this.occupancy = new Occupancy(this.tables);
    this.solution = new Solution(this.occupancy);
    this.fitter = new ChainFit(this.occupancy, this.rng);
    const reserved = new Reservations(this.occupancy, { softCosts, evenLoad, reservations: true });
    const plain = new Reservations(this.occupancy, { softCosts, evenLoad, reservations: false });
    const costs = softCosts === null && evenLoad === 0 ? null : plain;
    this.careful = { ...QUICK, softCosts: reserved };
    this.quick = { ...QUICK, softCosts: costs };
    const n = model.chains.length;
    // With many chains a guess of who keeps what, made again and again, finds more than a thorough look at one of them.
    this.exact = { ...EXACT, softCosts: costs, keepers: n <= FEW_CHAINS ? 'best' : 'guess' };
    this.mending = { ...EXACT, softCosts: costs, byMachine: false };
    this.prices = n <= FEW_CHAINS ? new Prices(model, costs) : null;
    this.fails = new Float64Array(n);
    this.least = new Float64Array(n);
    this.hopeless = new Uint8Array(n);
    this.excluded = exclusionsOf(model);
  }

  /** The chain of an index. */
  chain(c: number): Chain {
    return this.model.chains[c] as Chain;
  }

  /** The activity of an index. */
  activity(i: number): Activity {
    return this.model.activities[i] as Activity;
  }

  isPlaced(c: number): boolean {
    return this.solution.placed[c] === 1;
  }

  isHopeless(c: number): boolean {
    return this.hopeless[c] === 1;
  }

  /** Chains that stand on others that must be placed too: 0 for none. */
  depth(c: number): number {
    const { needs } = this.chain(c);
    return needs < 0 ? 0 : 1 + this.depth(needs);
  }

  /** Indexes of all chains. */
  all(): number[] {
    return this.model.chains.map((_, c) => c);
  }

  /**
   * Inserts a chain at its cheapest place, with these keepers of its continuities and without these starts where told; false
   * where it has none now.
   */
  place(c: number, effort: Effort, keepers?: Keepers, bans?: readonly Ban[]): boolean {
    const { needs } = this.chain(c);
    if (this.isHopeless(c) || (needs >= 0 && !this.isPlaced(needs))) return false;
    if (!this.fitter.fit(c, effort, this.solution.last[c] ?? null, keepers, bans)) return false;
    this.solution.insert(c, this.fitter.places, this.fitter.cost);
    return true;
  }

  /** With a few of a large crew first, others than the chain before it had; with all of them when that does not do. */
  amongFew(c: number, attempt: () => boolean): boolean {
    const { starts } = this.fitter;
    starts.beginNarrow((c * GOLDEN) % 1);
    const found = attempt();
    return (starts.endNarrow() && !found && attempt()) || found;
  }

  /** Looks for the least cost of chains alone; what has no place even so is never tried again. */
  measureAlone(chains: readonly number[], amongFew: boolean): void {
    const placed = this.solution.all();
    const saved = this.solution.save(placed);
    for (const c of placed) this.solution.remove(c);
    for (const c of chains) {
      const attempt = (): boolean => this.fitter.fit(c, LEAST);
      if (amongFew ? this.amongFew(c, attempt) : attempt()) this.least[c] = this.fitter.least;
      else this.hopeless[c] = 1;
    }
    this.solution.restore(saved);
  }

  /** Chains that could have a place and have none. */
  waiting(): number[] {
    const out: number[] = [];
    for (let c = 0; c < this.model.chains.length; c++) {
      if (this.isPlaced(c) || this.isHopeless(c) || this.isExcluded(c)) continue;
      const { needs } = this.chain(c);
      if (needs < 0 || this.isPlaced(needs)) out.push(c);
    }
    return out;
  }

  /** Whether a chain could only have the place of a placed one that costs as much to leave out. */
  private isExcluded(c: number): boolean {
    return this.excluded[c]?.some((d) => this.isPlaced(d) && this.costOut(d) >= this.costOut(c)) === true;
  }

  /** Cost of leaving a chain out, with all that need it. */
  private costOut(c: number): number {
    const { dependents } = this.tables.chains[c] as ChainTables;
    return dependents.reduce((sum, d) => sum + this.costOut(d), this.chain(c).cost);
  }

  /** One of some, by chance. */
  pick(chains: readonly number[]): number {
    return chains[this.rng.below(chains.length)] as number;
  }

  /** In random order, needed chains before those that need them. */
  shuffled(chains: readonly number[]): number[] {
    const key = new Map(chains.map((c) => [c, this.depth(c) * 2 + this.rng.next()]));
    return [...chains].sort((x, y) => (key.get(x) as number) - (key.get(y) as number));
  }

  /** The dear, and those that were often left out, first; needed chains before those that need them. */
  byWeight(chains: readonly number[]): number[] {
    const key = new Map(
      chains.map((c) => [
        c,
        this.depth(c) * 1e9 - this.chain(c).cost * (1 + (this.fails[c] as number)) * (0.5 + this.rng.next()),
      ]),
    );
    return [...chains].sort((x, y) => (key.get(x) as number) - (key.get(y) as number));
  }

  /** Least total once the rest of an order is back: none can be cheaper than alone. */
  floorOf(order: readonly number[]): number {
    let floor = this.solution.total;
    for (const d of order) if (!this.isPlaced(d)) floor += min(0, (this.least[d] as number) - this.chain(d).cost);
    return floor;
  }

  /** Placed chains that need a chain. */
  dependentsOf(c: number): number[] {
    return (this.tables.chains[c] as ChainTables).dependents.filter((d) => this.isPlaced(d));
  }
}
