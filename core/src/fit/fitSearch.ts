/*
 * The search for a good fit of all chains: place them one by one; let what has no place push out what is lighter; then
 * pull out a few related chains again and again and put them back better, with a temperature that falls. It never breaks
 * a rule: what does not fit is left out whole. The same model, seed and rounds give the same answer on every machine.
 */
import { floor, log, max, min, INFINITY } from '../units/numbers.js';
import type { Rng } from '../units/rng.js';
import { makeRng } from '../units/rng.js';
import { chainCost } from './chainCost.js';
import { holdsAt } from './holds.js';
import { Claims } from './claims.js';
import type { FitEffort } from './chainFit.js';
import type { PathExtra } from './chainPath.js';
import { ChainFit, EXACT, QUICK } from './chainFit.js';
import { Eviction } from './eviction.js';
import type { FitActivity, FitChain, FitModel, FitPlace } from './fitModel.js';
import type { ChainTables } from './fitTables.js';
import { FitTables } from './fitTables.js';
import type { Saved } from './neighbors.js';
import { Neighbors } from './neighbors.js';
import { Occupancy } from './occupancy.js';
import { Placing } from './placing.js';
import { Prices } from './prices.js';
import { Timing } from './timing.js';

export interface FitProgress {
  readonly round: number;
  readonly cost: number;
  /** Chains placed; and whether one is. */
  readonly placed: number;
  readonly isPlaced: (chain: number) => boolean;
}

export interface FitOptions {
  readonly seed: number;
  /** Share of the budget that is used up after so many rounds, 0 to 1; at 1 the search ends. */
  readonly used: (round: number) => number;
  /** Asked every few rounds; true ends the search with what it has. */
  readonly shouldStop: () => boolean;
  /** Told whenever the best answer so far became better. */
  readonly onProgress: (progress: FitProgress) => void;
  /** What is wished for beyond the model's costs; null = nothing. */
  readonly wishes: PathExtra | null;
  /** Price that spreads work evenly over people, see `SearchWishes`; 0 = not asked for. */
  readonly evenLoad: number;
}

/** Places by activity index; null = not placed. */
export type FitPlacement = readonly (FitPlace | null)[];

export interface FitResult {
  readonly placement: FitPlacement;
  readonly cost: number;
  readonly unplaced: readonly number[];
  readonly rounds: number;
}

/** Share of the budget that chains without a place may use before costs are looked at. */
const PLACING_SHARE = 0.6;
const HOT = 15;
const COLD = 1;
const MOST_PULLED = 3;
/** Share of the rounds that pull out a chain and one rival only. */
const PULLS_TWO = 0.6;
/**
 * Few chains settle in whatever valley their placing has led to, and are cheap to place: up to so many begin several times
 * afresh, paying prices, for a share of the budget; then the best beginnings are bettered one after the other.
 */
const FEW_CHAINS = 12;
const AFRESH = { share: 0.4, times: 12, evictions: 30, warm: 4, again: 4, pays: 0.5, pullsTwo: 0.35 };
/** Cost above what is allowed up to which better times are looked for; with many chains they cost more than they bring. */
const NEAR = 10;
/** Prices are learnt in the first beginning and follow in the later ones. */
const BIDS = { first: 15, later: 5 };

interface Begun {
  readonly cost: number;
  readonly answer: FitPlacement;
}

/** Fits all chains of a model. */
export function searchFit(model: FitModel, options: FitOptions): FitResult {
  const search = new FitSearch(model, options);
  search.construct();
  search.placeAll();
  search.improve();
  return search.result();
}

/** One search over one model. */
export class FitSearch {
  readonly tables: FitTables;
  readonly yard: Occupancy;
  private readonly model: FitModel;
  private readonly options: FitOptions;
  private readonly rng: Rng;
  private readonly fitter: ChainFit;
  private readonly eviction: Eviction;
  private readonly neighbors: Neighbors;
  readonly at: Placing;
  private readonly timing: Timing;
  /** How often a chain was left without a place. */
  private readonly fails: Float64Array;
  /** Chains that have no place even alone. */
  private readonly hopeless: Uint8Array;
  /** Least cost of each chain in an otherwise empty yard: no answer has it cheaper. */
  private readonly least: Float64Array;
  private best: FitPlacement = [];
  private bestCost = INFINITY;
  private round = 0;
  /** While chains wait for a place, claims are respected; later only costs count. */
  private readonly careful: FitEffort;
  private readonly quick: FitEffort;
  private readonly exact: FitEffort;
  /** What a few chains pay for slots that several want; null where there are many chains. */
  private readonly prices: Prices | null;

  constructor(model: FitModel, options: FitOptions) {
    this.model = model;
    this.options = options;
    this.tables = new FitTables(model);
    this.rng = makeRng(options.seed);
    this.yard = new Occupancy(this.tables);
    this.at = new Placing(this.yard);
    this.timing = new Timing(this.yard, this.at);
    this.fitter = new ChainFit(this.yard, this.rng);
    this.eviction = new Eviction(this.yard);
    this.neighbors = new Neighbors(this.yard, this.rng);
    const { wishes, evenLoad } = options;
    this.careful = { ...QUICK, extra: new Claims(this.yard, { wishes, evenLoad, claims: true }) };
    const extra = wishes === null && evenLoad === 0 ? null : new Claims(this.yard, { wishes, evenLoad, claims: false });
    this.quick = { ...QUICK, extra };
    this.exact = { ...EXACT, extra };
    this.prices = model.chains.length <= FEW_CHAINS ? new Prices(model, extra) : null;
    const n = model.chains.length;
    this.fails = new Float64Array(n);
    this.hopeless = new Uint8Array(n);
    this.least = new Float64Array(n);
  }

  /** Least cost of chains alone; what has no place even so is never tried again. */
  private measureAlone(chains: readonly number[], amongFew: boolean): void {
    const placed = this.at.all();
    const saved = this.at.save(placed);
    for (const c of placed) this.at.remove(c);
    for (const c of chains) {
      const attempt = (): boolean => this.fitter.fit(c, LEAST);
      if (amongFew ? this.amongFew(c, attempt) : attempt()) this.least[c] = this.fitter.cost;
      else this.hopeless[c] = 1;
    }
    this.at.restore(saved);
  }

  /** Takes over the places of chains that still hold, needed chains before those that need them. */
  adopt(placement: FitPlacement): void {
    for (const c of this.order()) {
      const { acts, needs } = this.chain(c);
      const places = acts.map((i) => (this.model.activities[i] as FitActivity).fixed ?? placement[i] ?? null);
      if (this.at.placed[c] === 1 || (needs >= 0 && this.at.placed[needs] === 0)) continue;
      if (holdsAt(this.yard, c, places) && this.fitter.conflict(c, places).length === 0)
        this.at.settle(c, places, chainCost(this.tables, c, places));
    }
    this.noteBest();
  }

  /** Chains without a place push out others only where that is no loss in all; for repairs, where little may move. */
  placeLost(tries: number): void {
    for (let k = 0; k < tries && !this.isOver(1); k++, this.round++) {
      const out = this.waiting();
      if (out.length === 0) break;
      this.tryEviction(this.pickWaiting(out), 1);
      this.noteBest();
    }
    this.restoreBest();
  }

  /**
   * Tries to fit one chain in by moving others; true when it is in and none that had a place has lost it, else everything
   * is as it was.
   */
  fitIn(chain: number, tries: number): boolean {
    const before = this.at.all();
    const saved = this.at.save([...before, chain]);
    const lost = [chain];
    for (let k = 0; k < tries && lost.length > 0; k++) {
      this.evict(lost[k % lost.length] as number);
      lost.length = 0;
      for (const c of [chain, ...before]) if (this.at.placed[c] === 0) lost.push(c);
    }
    if (lost.length > 0) this.at.restore(saved);
    return lost.length === 0;
  }

  private chain(c: number): FitChain {
    return this.model.chains[c] as FitChain;
  }

  /** Places every chain once: needed before needing, important before the rest, early before late. */
  construct(): void {
    for (const c of this.order()) if (this.at.placed[c] === 0) this.placeAmongFew(c);
    this.noteBest();
    const out = this.waiting();
    if (out.length > 0) this.measureAlone(out, true);
  }

  /** With a few of a large crew first, others than the chain before it had; with all of them when that does not do. */
  private placeAmongFew(c: number): void {
    this.amongFew(c, () => this.place(c, this.careful));
  }

  private amongFew(c: number, attempt: () => boolean): boolean {
    const { starts } = this.fitter;
    starts.beginNarrow((c * GOLDEN) % 1);
    const found = attempt();
    return (starts.endNarrow() && !found && attempt()) || found;
  }

  private order(): number[] {
    const end = (c: number): number =>
      min(...this.chain(c).acts.map((i) => (this.model.activities[i] as FitActivity).let));
    return this.model.chains
      .map((_, c) => c)
      .sort(
        (x, y) => this.depth(x) - this.depth(y) || this.chain(y).cost - this.chain(x).cost || end(x) - end(y) || x - y,
      );
  }

  private depth(c: number): number {
    const { needs } = this.chain(c);
    return needs < 0 ? 0 : 1 + this.depth(needs);
  }

  /** Lets chains without a place push out lighter ones, until all have one or their share of the budget is used up. */
  placeAll(): void {
    const limit = PLACING_SHARE;
    for (; !this.isOver(limit); this.round++) {
      const out = this.waiting();
      if (out.length === 0) break;
      this.evict(this.pickWaiting(out));
      this.noteBest();
      if (this.rng.next() < 0.5) this.stir();
    }
    this.restoreBest();
  }

  /** Pulls out and puts back related chains, ever more careful not to get worse. */
  improve(): void {
    if (this.isOver(1)) return;
    this.measureAlone(
      this.model.chains.map((_, c) => c),
      false,
    );
    const begun = this.prices === null ? [] : this.beginnings(this.prices);
    const from = this.options.used(this.round);
    const times = this.prices === null ? 1 : AFRESH.again;
    for (let k = 0; k < times; k++) {
      const other = begun[k];
      if (k === 0 || other === undefined) this.restoreBest();
      else this.at.setUp(other.answer);
      this.anneal(from + ((1 - from) * (k + 1)) / times, HOT);
    }
    this.restoreBest();
  }

  /** Begins several times afresh; different answers, the cheapest first. */
  private beginnings(prices: Prices): Begun[] {
    const found = new Map<number, Begun>();
    const from = this.options.used(this.round);
    for (let k = 0; k < AFRESH.times; k++) {
      const until = from + (1 - from) * AFRESH.share * ((k + 1) / AFRESH.times);
      this.beginAfresh(until, prices, k === 0 ? BIDS.first : BIDS.later);
      this.anneal(until, AFRESH.warm);
      // Answers of one cost are taken for one and the same.
      const cost = floor(this.at.total + 0.5);
      if (!found.has(cost)) found.set(cost, { cost, answer: this.at.answer() });
    }
    return [...found.values()].sort((x, y) => x.cost - y.cost);
  }

  private anneal(end: number, hot: number): void {
    const from = this.options.used(this.round);
    for (; !this.isOver(end); this.round++) {
      const part = (this.options.used(this.round) - from) / max(1e-9, end - from);
      const temperature = hot * (COLD / hot) ** part;
      const out = this.waiting();
      if (out.length > 0 && this.rng.next() < 0.2) this.tryEviction(this.pickWaiting(out), temperature);
      else this.pullAndPlace(temperature, part);
      this.noteBest();
    }
  }

  /** Lets the chains bid for what they would take if each were alone; the yard must be empty. */
  private bid(prices: Prices, bids: number): void {
    for (let k = 0; k < bids; k++, this.round++) {
      this.model.chains.forEach((chain, c) => {
        const hasPlace = this.hopeless[c] === 0 && this.fitter.fit(c, { ...EXACT, extra: prices });
        if (hasPlace) prices.want(chain.acts, this.fitter.places);
      });
      prices.step();
    }
  }

  /** Everything out and in again in random order, each paying, with a few evictions for what has no place. */
  private beginAfresh(end: number, prices: Prices, bids: number): void {
    this.at.clear();
    this.bid(prices, bids);
    const paying = { ...QUICK, extra: prices };
    for (const c of this.shuffled(this.model.chains.map((_, k) => k))) this.place(c, paying);
    for (let k = 0; k < AFRESH.evictions && !this.isOver(end); k++, this.round++) {
      const out = this.waiting();
      if (out.length === 0) break;
      this.evict(this.pickWaiting(out));
    }
    this.noteBest();
  }

  /** Whether something has no place now that would have one in an empty yard. */
  couldPlaceMore(): boolean {
    return this.waiting().length > 0;
  }

  result(): FitResult {
    const placement = this.best;
    const unplaced = this.model.chains.flatMap((_, c) => (this.at.placed[c] === 1 ? [] : [c]));
    return { placement, cost: this.bestCost, unplaced, rounds: this.round };
  }

  private isOver(share: number): boolean {
    return this.options.used(this.round) >= share || this.options.shouldStop();
  }

  private waiting(): number[] {
    const out: number[] = [];
    for (let c = 0; c < this.at.placed.length; c++) {
      if (this.at.placed[c] === 1 || this.hopeless[c] === 1) continue;
      const { needs } = this.chain(c);
      if (needs < 0 || this.at.placed[needs] === 1) out.push(c);
    }
    return out;
  }

  private pickWaiting(out: readonly number[]): number {
    return out[this.rng.below(out.length)] as number;
  }

  private place(c: number, effort: FitEffort): boolean {
    const { needs } = this.chain(c);
    if (this.hopeless[c] === 1 || (needs >= 0 && this.at.placed[needs] === 0)) return false;
    if (!this.fitter.fit(c, effort)) return false;
    this.at.settle(c, this.fitter.places, this.fitter.cost);
    return true;
  }

  private noteBest(): void {
    if (this.at.total >= this.bestCost - 1e-6) return;
    this.bestCost = this.at.total;
    this.best = this.at.answer();
    let placed = 0;
    for (const p of this.at.placed) placed += p;
    this.options.onProgress({
      round: this.round,
      cost: this.bestCost,
      placed,
      isPlaced: (c) => this.at.placed[c] === 1,
    });
  }

  private restoreBest(): void {
    if (this.at.total > this.bestCost + 1e-6) this.at.setUp(this.best);
  }

  private weigh(): void {
    const { weight } = this.eviction;
    const of = (c: number): number => {
      let sum = this.chain(c).cost * (1 + (this.fails[c] as number)) * EVICTION_SCALE;
      for (const d of (this.tables.chains[c] as ChainTables).dependents) if (this.at.placed[d] === 1) sum += of(d);
      return sum;
    };
    for (let c = 0; c < weight.length; c++) weight[c] = of(c) * (0.3 + 1.4 * this.rng.next());
  }

  /** Puts a chain where the lightest others are in its way, and then those where they find room. */
  private evict(c: number): void {
    if (this.place(c, this.careful)) return;
    this.fails[c] = (this.fails[c] as number) + 1;
    const victims = this.victimsOf(c);
    if (victims === null) return;
    const saved = this.at.save(victims);
    for (const v of victims) this.at.remove(v);
    this.placeBeside(c, saved);
    for (const v of this.byWeight(victims)) this.place(v, this.careful);
  }

  /** Places a chain, if it can so that a part of what those before it had stays free for them. */
  private placeBeside(c: number, saved: readonly Saved[]): void {
    const old = saved[this.rng.below(max(1, saved.length))];
    if (old?.places != null && this.rng.next() < 0.7) {
      const letBack = this.neighbors.keepPart(old.chain, old.places);
      this.place(c, this.careful);
      letBack();
    }
    if (this.at.placed[c] === 0) this.place(c, this.careful);
  }

  /** Chains that would have to go, dependents included; null when the chain has no place even so. */
  private victimsOf(c: number): number[] | null {
    this.weigh();
    this.eviction.begin(c);
    this.fitter.starts.ejecting = true;
    const found = this.fitter.fit(c, {
      ...QUICK,
      noise: EVICTION_NOISE,
      hands: false,
      dives: true,
      extra: this.eviction,
    });
    this.fitter.starts.ejecting = false;
    if (!found) return null;
    const victims = new Set<number>();
    const { acts } = this.chain(c);
    const { places } = this.fitter;
    acts.forEach((i, k) => {
      const place = places[k] ?? null;
      if (place !== null && (this.model.activities[i] as FitActivity).fixed === null)
        this.eviction.victimsAt(i, place, victims);
    });
    acts.forEach((i, k) => {
      const place = places[k] ?? null;
      if (place !== null && (this.model.activities[i] as FitActivity).fixed === null) {
        this.eviction.powerVictimsAt(i, place, victims);
        this.eviction.limitVictimsAt(i, place, victims);
      }
    });
    victims.delete(c);
    return this.at.withDependents([...victims]);
  }

  private byWeight(chains: readonly number[]): number[] {
    const key = new Map(
      chains.map((c) => [
        c,
        this.depth(c) * 1e9 - this.chain(c).cost * (1 + (this.fails[c] as number)) * (0.5 + this.rng.next()),
      ]),
    );
    return [...chains].sort((x, y) => (key.get(x) as number) - (key.get(y) as number));
  }

  /** An eviction that is taken back when it costs more than the temperature allows. */
  private tryEviction(c: number, temperature: number): void {
    this.fails[c] = (this.fails[c] as number) + 1;
    const victims = this.victimsOf(c);
    if (victims === null) return;
    const saved = this.at.save([c, ...victims]);
    const limit = this.at.total - temperature * log(this.rng.next());
    for (const v of victims) this.at.remove(v);
    this.placeBeside(c, saved.slice(1));
    for (const v of this.byWeight(victims)) this.place(v, this.careful);
    if (this.at.total > limit) this.at.restore(saved);
  }

  /** Moves a few chains about at random, so that the next eviction meets another yard. */
  private stir(): void {
    for (let k = 0; k < 3; k++) this.pullAndPlace(HOT, 0);
  }

  private pullAndPlace(temperature: number, part: number): void {
    const seed = this.pickSeed();
    if (seed < 0) return;
    const count =
      1 + (this.rng.next() < (this.prices === null ? PULLS_TWO : AFRESH.pullsTwo) ? 0 : this.rng.below(MOST_PULLED));
    const pulled = this.at.withDependents([seed, ...this.neighbors.rivals(seed, count)]);
    const near = this.prices === null ? 0 : NEAR;
    const saved = this.at.save(pulled);
    const whole = near > 0 ? this.at.save(this.at.all()) : saved;
    const limit = this.at.total - temperature * log(this.rng.next());
    for (const c of pulled) this.at.remove(c);
    const effort = this.rng.next() < (part > 0.9 ? 0.5 : 0.05) ? this.exact : this.quick;
    const order = this.rng.next() < 0.3 ? this.byWeight(pulled) : this.shuffled(pulled);
    const u = this.rng.next();
    const kept = u < 0.7 ? this.keepForLater(order) : u < 0.85 ? this.neighbors.keepSomethingFree(saved) : null;
    const done = this.placeInTurn(order, effort, kept, limit + near);
    const isBetter = near > 0 && done && this.at.total < limit + near && this.timing.better();
    if (!done || this.at.total > limit) this.at.restore(isBetter ? whole : saved);
  }

  /** Puts chains back one after the other; false, halfway through, where the total cannot end at `limit` or below. */
  private placeInTurn(order: readonly number[], effort: FitEffort, kept: (() => void) | null, limit: number): boolean {
    const pays = this.prices !== null && this.rng.next() < AFRESH.pays;
    const first = pays ? { ...effort, extra: this.prices } : effort;
    for (const [k, c] of order.entries()) {
      this.place(c, k === 0 ? first : effort);
      if (k === 0) kept?.();
      if (this.floorOf(order) > limit) return false;
    }
    return true;
  }

  /** Least total once the rest of an order is back: none can be cheaper than alone. */
  private floorOf(order: readonly number[]): number {
    let floor = this.at.total;
    for (const d of order) if (this.at.placed[d] === 0) floor += min(0, (this.least[d] as number) - this.chain(d).cost);
    return floor;
  }

  private pickSeed(): number {
    let best = -1;
    let bestKey = -INFINITY;
    const tries = this.rng.next() < 0.5 ? 5 : 1;
    for (let k = 0; k < tries * 3 && k < 40; k++) {
      const c = this.rng.below(this.at.placed.length);
      if (this.at.placed[c] === 0) continue;
      const key = (this.at.costs[c] as number) - (this.least[c] as number);
      if (key > bestKey) {
        best = c;
        bestKey = key;
      }
      if (tries === 1) break;
    }
    return best;
  }

  /** Keeps a part of what a later chain of the order would take now, so that the first one leaves it that. */
  private keepForLater(order: readonly number[]): (() => void) | null {
    const later = order[1 + this.rng.below(max(1, order.length - 1))];
    if (later === undefined || this.hopeless[later] === 1 || !this.fitter.fit(later, this.quick)) return null;
    return this.neighbors.keepPart(later, this.fitter.places);
  }

  private shuffled(chains: readonly number[]): number[] {
    const key = new Map(chains.map((c) => [c, this.depth(c) * 2 + this.rng.next()]));
    return [...chains].sort((x, y) => (key.get(x) as number) - (key.get(y) as number));
  }
}

/** Steps of the golden section spread evenly over a circle, however many there are. */
const GOLDEN = 0.6180339887498949;
const EVICTION_SCALE = 0.3;
const EVICTION_NOISE = 20;
const LEAST: FitEffort = { noise: 0, hands: true, stations: false, branches: 40, dives: false, extra: null };
