/*
 * The search for a plan: place chains one by one, then pull out a few related ones and put them back better. A chain
 * that has no place pushes its rivals out until it fits (and they are put back where they can). The budget is rounds,
 * never seconds, so that the same input, seed and rounds give the same plan on every machine.
 */
import type { Rng } from '../units/rng.js';
import { makeRng } from '../units/rng.js';
import { chainCost, conflictOf, insertChain } from './insertion.js';
import type { Place, Placement, Problem } from './problem.js';
import { fitsAlone, inOrder } from './holds.js';
import { ringTimesOf } from './ringTimes.js';
import type { Reservation } from './ringTimes.js';
import { settle } from './settle.js';
import { Yard } from './yard.js';

/** Rounds of improvement (engineering default): well under a second for a kennel of twenty dogs. */
export const DEFAULT_ROUNDS = 30;
const MOST_PULLED = 4;
const MOST_REBUILDS = 2;
const HOT = 6000;
const WARM = 20;

export interface SearchProgress {
  readonly round: number;
  readonly rounds: number;
  /** Show chains placed and in all. */
  readonly placed: number;
  readonly of: number;
  readonly cost: number;
}

export interface SearchOptions {
  readonly seed: number;
  readonly rounds: number;
  /** Asked between rounds; true ends the search with what it has. */
  readonly shouldStop: () => boolean;
  readonly onProgress: (progress: SearchProgress) => void;
  /** Places of the published plan by activity index, to be kept where they still hold. */
  readonly previous: Placement | null;
}

export interface SearchResult {
  readonly placement: Placement;
  readonly cost: number;
  /** Indexes of chains that have no place. */
  readonly unplaced: readonly number[];
  readonly rounds: number;
}

/** Makes a plan. Never breaks a rule: what does not fit is left out whole. */
export function searchPlan(problem: Problem, options: SearchOptions): SearchResult {
  const search = new Search(problem, options);
  search.construct();
  search.improve();
  const best = options.previous === null ? search : afreshIfMoreReady(problem, options, search);
  settle(best.yard);
  return best.result();
}

/**
 * A repair that leaves an entry out which would fit alone is held against a plan made afresh: more ready entries weigh
 * more than staying near what was published. Otherwise the repair stands.
 */
function afreshIfMoreReady(problem: Problem, options: SearchOptions, repaired: Search): Search {
  const out = repaired.unreadyShows();
  const alone = new Yard(problem);
  if (options.shouldStop() || !out.some((c) => insertChain(alone, c, makeRng(options.seed)).ok)) return repaired;
  const fresh = new Search(problem, { ...options, previous: null });
  fresh.construct();
  fresh.improve();
  const cost = (chains: readonly number[]): number =>
    chains.reduce((sum, c) => sum + (problem.chains[c]?.cost ?? 0), 0);
  return cost(fresh.unreadyShows()) < cost(out) ? fresh : repaired;
}

/**
 * Places of a chain that had none when its rivals may move, in a problem that asks no more than the one the placement
 * was made for; null when it does not fit. No show that had a place may lose it.
 */
export function fitWithRivals(problem: Problem, placement: Placement, chain: number, tries: number): Place[] | null {
  // What does not fit even beside done and running work alone needs no longer look.
  if (!insertChain(new Yard(problem), chain, makeRng(1)).ok) return null;
  const search = new Search(problem, {
    seed: 1,
    rounds: 0,
    shouldStop: () => false,
    onProgress: () => undefined,
    previous: null,
  });
  search.adopt(placement);
  if (!search.fits(chain, tries) && !search.fitsFirst(chain)) return null;
  return search.yard.placesOf(chain).filter((p): p is Place => p !== null);
}

class Search {
  readonly yard: Yard;
  private readonly problem: Problem;
  private readonly options: SearchOptions;
  private readonly rng: Rng;
  private readonly placed: Uint8Array;
  private readonly costs: Float64Array;
  private readonly fails: Int32Array;
  private readonly dependents: number[][];
  private readonly shows: number[];
  /** Handlers' fixed minutes at gate and ring, kept free while their chain is out. */
  private readonly ringTimes: readonly (readonly Reservation[])[];
  private readonly kept: Uint8Array;
  private keeping = true;
  private rounds = 0;

  constructor(problem: Problem, options: SearchOptions) {
    this.problem = problem;
    this.options = options;
    this.rng = makeRng(options.seed);
    this.yard = new Yard(problem);
    this.placed = new Uint8Array(problem.chains.length);
    this.costs = new Float64Array(problem.chains.length);
    this.fails = new Int32Array(problem.chains.length);
    this.dependents = problem.chains.map((c) => problem.chains.filter((d) => d.needs === c.index).map((d) => d.index));
    this.shows = problem.chains.filter((c) => c.kind === 'show').map((c) => c.index);
    this.ringTimes = ringTimesOf(problem);
    this.kept = new Uint8Array(problem.chains.length);
    for (const c of this.shows) this.keepFree(c, true);
  }

  construct(): void {
    if (this.options.previous !== null) this.keepPrevious(this.options.previous);
    const order = this.order();
    for (const chain of order) if (this.placed[chain] === 0) this.place(chain);
    this.report();
    if (this.options.previous === null) this.rebuild(order);
  }

  /** What found no place the first time goes first the next time; the better plan of the two stays. */
  private rebuild(order: readonly number[]): void {
    const all = this.problem.chains.map((c) => c.index);
    let first = new Set<number>();
    for (let k = 0; k < MOST_REBUILDS && !this.options.shouldStop(); k++) {
      const failed = this.shows.filter((c) => this.placed[c] === 0 && this.needMet(c));
      if (failed.every((c) => first.has(c))) return;
      first = new Set([...first, ...failed]);
      const saved = this.snapshot(all);
      const before = this.totalCost();
      for (const chain of all) this.remove(chain);
      for (const chain of [...order.filter((c) => first.has(c)), ...order])
        if (this.placed[chain] === 0) this.place(chain);
      if (this.totalCost() >= before) this.restore(saved);
      this.report();
    }
  }

  /** Takes over a placement as it is. */
  adopt(placement: Placement): void {
    for (const c of this.shows) this.keepFree(c, false);
    for (const c of this.problem.chains) {
      const places = c.activities.map((i) => placement[i] ?? null);
      if (places.every((p) => p !== null)) this.settleChain(c.index, places);
    }
  }

  /** Tries to fit a chain in by moving its rivals; leaves it in when it fits. */
  fits(chain: number, tries: number): boolean {
    const before = this.shows.filter((c) => this.placed[c] === 1);
    for (let k = 0; k < tries; k++) {
      this.eject(chain);
      if (this.placed[chain] === 1 && before.every((c) => this.placed[c] === 1)) return true;
    }
    return false;
  }

  /** Places the chain first and every other show after it; true when no show that had a place has lost it. */
  fitsFirst(chain: number): boolean {
    const before = this.shows.filter((c) => this.placed[c] === 1);
    const old = this.problem.chains.map((c) => this.yard.placesOf(c.index));
    for (const c of this.problem.chains) this.remove(c.index);
    this.place(chain);
    const order = this.order();
    // What can stay where it was stays there; only what is in the way moves.
    for (const c of order) {
      const places = old[c] ?? [];
      const whole = places.length > 0 && places.every((p) => p !== null);
      if (this.placed[c] === 0 && whole && this.needMet(c) && this.staysFree(c, places)) this.settleChain(c, places);
    }
    for (const c of order) if (this.placed[c] === 0 && this.problem.chains[c]?.kind === 'show') this.place(c);
    return this.placed[chain] === 1 && before.every((c) => this.placed[c] === 1);
  }

  /** Whether a chain's old places are still free, its own handler's kept minutes left aside. */
  private staysFree(chain: number, places: readonly Place[]): boolean {
    this.keepFree(chain, false);
    const free = this.stillHolds(chain, places);
    if (!free) this.keepFree(chain, true);
    return free;
  }

  improve(): void {
    const { rounds, shouldStop } = this.options;
    const repairing = this.options.previous !== null;
    for (this.rounds = 0; this.rounds < rounds && !shouldStop(); this.rounds++) {
      const lost = this.problem.chains.filter((c) => this.placed[c.index] === 0 && this.canBePlaced(c.index));
      if (repairing && lost.length === 0) break;
      // While an entry is out, whole entries are worth trading; after that only small costs are.
      const hot = lost.some((c) => c.kind === 'show') ? HOT : WARM;
      const temperature = hot ** (1 - this.rounds / Math.max(1, rounds - 1));
      if (lost.length > 0 && (repairing || this.rng.next() < 0.5)) this.eject(this.pick(lost.map((c) => c.index)));
      else this.pullAndPlace(temperature);
      if (this.rounds % 10 === 9) this.report();
    }
    if (repairing) this.makeRoom();
    this.fillGaps();
  }

  /** Last resort of a repair: what is still out goes first and everything else after it, if that loses nothing. */
  private makeRoom(): void {
    const all = this.problem.chains.map((c) => c.index);
    for (const chain of this.shows) {
      if (this.placed[chain] === 1 || !this.needMet(chain) || this.options.shouldStop()) continue;
      if (!insertChain(new Yard(this.problem), chain, makeRng(this.options.seed)).ok) continue;
      const saved = this.snapshot(all);
      const before = this.totalCost();
      this.fitsFirst(chain);
      for (const c of this.order()) if (this.placed[c] === 0) this.place(c);
      if (this.totalCost() >= before) this.restore(saved);
    }
  }

  /** Show chains that have no place. */
  unreadyShows(): number[] {
    return this.shows.filter((c) => this.placed[c] === 0);
  }

  result(): SearchResult {
    const placement = this.yard.places.map((p) => p);
    const unplaced = this.problem.chains.filter((c) => this.placed[c.index] === 0).map((c) => c.index);
    return { placement, cost: this.totalCost(), unplaced, rounds: this.rounds };
  }

  /** Shows before keep-up, important before the rest, early deadlines before late ones. */
  private order(): number[] {
    const deadline = (chain: number): number => {
      const list = this.problem.chains[chain]?.activities ?? [];
      return Math.min(...list.map((i) => this.yard.activity(i).let));
    };
    const needs = (chain: number): number => ((this.problem.chains[chain]?.needs ?? -1) >= 0 ? 1 : 0);
    return this.problem.chains
      .map((c) => c.index)
      .sort((x, y) => {
        const a = this.problem.chains[x];
        const b = this.problem.chains[y];
        if (a === undefined || b === undefined) return 0;
        if (a.kind !== b.kind) return a.kind === 'show' ? -1 : 1;
        return needs(x) - needs(y) || b.cost - a.cost || deadline(x) - deadline(y) || x - y;
      });
  }

  private keepPrevious(previous: Placement): void {
    // What was published may stand on another handler's ring time only if it did so before; look without keeping.
    for (const c of this.shows) this.keepFree(c, false);
    for (const chain of this.order()) {
      const c = this.problem.chains[chain];
      if (c === undefined || !this.needMet(chain)) continue;
      const places = c.activities.map((i) => this.yard.places[i] ?? previous[i] ?? null);
      if (places.some((p) => p === null) || !this.stillHolds(chain, places as Place[])) continue;
      this.settleChain(chain, places as Place[]);
    }
  }

  /** Whether a chain can be put at given places as the yard stands. */
  private stillHolds(chain: number, places: readonly Place[]): boolean {
    const list = (this.problem.chains[chain]?.activities ?? []).map((i) => this.yard.activity(i));
    const fits = list.every((a, i) => a.fixed !== null || fitsAlone(this.yard, a, places[i] as Place));
    return fits && inOrder(list, places) && conflictOf(this.yard, list, places).length === 0;
  }

  private settleChain(chain: number, places: readonly Place[]): void {
    const list = (this.problem.chains[chain]?.activities ?? []).map((i) => this.yard.activity(i));
    this.keepFree(chain, false);
    this.yard.putChain(chain, places);
    this.placed[chain] = 1;
    this.costs[chain] = chainCost(this.yard, list, places);
  }

  private needMet(chain: number): boolean {
    const needs = this.problem.chains[chain]?.needs ?? -1;
    return needs < 0 || this.placed[needs] === 1;
  }

  private canBePlaced(chain: number): boolean {
    return this.needMet(chain) && (this.fails[chain] ?? 0) < 12;
  }

  /** Keeps the handler of a chain that is out free for its ring, or lets go of that. */
  private keepFree(chain: number, on: boolean): void {
    if ((this.kept[chain] === 1) === on) return;
    this.kept[chain] = on ? 1 : 0;
    for (const r of this.ringTimes[chain] ?? []) this.yard.personFree[r.person]?.add(r.from, r.to, on ? 1 : -1);
  }

  private place(chain: number): boolean {
    if (!this.needMet(chain)) return false;
    const kept = this.kept[chain] === 1;
    this.keepFree(chain, false);
    const found = insertChain(this.yard, chain, this.rng, this.options.previous);
    if (!found.ok) {
      this.fails[chain] = (this.fails[chain] ?? 0) + 1;
      if (kept) this.keepFree(chain, true);
      return false;
    }
    this.yard.putChain(chain, found.places);
    this.placed[chain] = 1;
    this.costs[chain] = found.cost;
    return true;
  }

  private remove(chain: number): void {
    this.yard.takeChain(chain);
    this.placed[chain] = 0;
    this.costs[chain] = 0;
    if (this.keeping) this.keepFree(chain, true);
  }

  private snapshot(
    chains: readonly number[],
  ): { chain: number; places: (Place | null)[]; placed: number; cost: number }[] {
    return chains.map((chain) => ({
      chain,
      places: this.yard.placesOf(chain),
      placed: this.placed[chain] ?? 0,
      cost: this.costs[chain] ?? 0,
    }));
  }

  private restore(saved: ReturnType<Search['snapshot']>): void {
    for (const s of saved) this.remove(s.chain);
    for (const s of saved) {
      if (s.placed === 1) {
        this.keepFree(s.chain, false);
        this.yard.putChain(s.chain, s.places);
      }
      this.placed[s.chain] = s.placed;
      this.costs[s.chain] = s.cost;
    }
  }

  private costOf(chains: readonly number[]): number {
    return chains.reduce(
      (sum, c) => sum + (this.placed[c] === 1 ? (this.costs[c] ?? 0) : (this.problem.chains[c]?.cost ?? 0)),
      0,
    );
  }

  private totalCost(): number {
    return this.costOf(this.problem.chains.map((c) => c.index));
  }

  /** Pulls out a seed chain and its nearest rivals, and puts them back in another order. */
  private pullAndPlace(temperature: number): void {
    const placedShows = this.shows.filter((c) => this.placed[c] === 1);
    if (placedShows.length === 0) return;
    const seed = this.worstOfSix(placedShows);
    const pulled = this.withDependents([seed, ...this.rivals(seed, 1 + this.rng.below(MOST_PULLED))]);
    this.tryAgain(pulled, temperature);
  }

  private tryAgain(pulled: readonly number[], temperature: number): void {
    const saved = this.snapshot(pulled);
    const before = this.costOf(pulled);
    for (const chain of pulled) this.remove(chain);
    const blocked = this.blockSomething();
    const order = this.shuffled(pulled);
    for (const chain of order) this.place(chain);
    for (const chain of order) if (this.placed[chain] === 0) this.place(chain);
    blocked?.();
    const gain = before - this.costOf(pulled);
    if (gain < 0 && this.rng.next() >= Math.exp(gain / temperature)) this.restore(saved);
  }

  /** In most rounds keeps a random stretch of one person free, so that the first chain does not take it. */
  private blockSomething(): (() => void) | null {
    if (this.rng.next() > 0.6) return null;
    const calendar = this.yard.personFree[this.rng.below(this.problem.people.length)];
    if (calendar === undefined) return null;
    const from = this.problem.now + this.rng.below(Math.max(1, this.problem.horizon - this.problem.now));
    const to = Math.min(this.problem.horizon, from + 6 + this.rng.below(30));
    calendar.add(from, to, 1);
    return () => {
      calendar.add(from, to, -1);
    };
  }

  /** Removes rivals one by one until a chain without a place fits, then puts the others back where they go. */
  private eject(chain: number): void {
    const rivals = this.rivals(chain, 6);
    const involved = this.withDependents([chain, ...rivals]);
    const saved = this.snapshot(involved);
    const before = this.costOf(involved);
    for (const rival of [-1, ...rivals]) {
      if (rival >= 0) for (const c of this.withDependents([rival])) this.remove(c);
      if (this.place(chain)) break;
    }
    const out = involved.filter((c) => this.placed[c] === 0).sort((x, y) => this.needsDepth(x) - this.needsDepth(y));
    for (const c of out) this.place(c);
    if (this.costOf(involved) >= before) this.restore(saved);
  }

  private needsDepth(chain: number): number {
    const needs = this.problem.chains[chain]?.needs ?? -1;
    return needs < 0 ? 0 : 1 + this.needsDepth(needs);
  }

  /** Once more for everything that is still out. */
  private fillGaps(): void {
    this.keeping = false;
    for (const c of this.shows) this.keepFree(c, false);
    for (const chain of this.order()) if (this.placed[chain] === 0) this.place(chain);
  }

  private withDependents(chains: readonly number[]): number[] {
    const found = new Set<number>();
    const add = (c: number): void => {
      if (found.has(c)) return;
      found.add(c);
      for (const d of this.dependents[c] ?? []) add(d);
    };
    for (const c of chains) add(c);
    return [...found].sort((x, y) => x - y);
  }

  private worstOfSix(chains: readonly number[]): number {
    let worst = this.pick(chains);
    for (let i = 0; i < 5; i++) {
      const other = this.pick(chains);
      if ((this.costs[other] ?? 0) > (this.costs[worst] ?? 0)) worst = other;
    }
    return worst;
  }

  /** Placed chains that sit nearest in time to where this one is or wants to be. */
  private rivals(chain: number, count: number): number[] {
    const list = this.problem.chains[chain]?.activities ?? [];
    const anchor = this.yard.activity(list[this.rng.below(list.length)] ?? 0);
    const at = this.yard.places[anchor.index]?.start ?? anchor.aim;
    const near = (other: number): number => {
      let least = Infinity;
      for (const i of this.problem.chains[other]?.activities ?? []) {
        const b = this.yard.activity(i);
        const start = this.yard.places[i]?.start;
        if (start === undefined || b.fixed !== null) continue;
        const same = b.station !== null && b.station === anchor.station ? 0.5 : b.skill === anchor.skill ? 0.7 : 1;
        least = Math.min(least, (Math.abs(start - at) + 1) * same);
      }
      return least * (0.5 + this.rng.next());
    };
    const pool = this.problem.chains.filter((c) => c.index !== chain && this.placed[c.index] === 1);
    return pool
      .map((c) => ({ c: c.index, d: near(c.index) }))
      .filter((x) => x.d < Infinity)
      .sort((x, y) => x.d - y.d || x.c - y.c)
      .slice(0, count)
      .map((x) => x.c);
  }

  private pick(from: readonly number[]): number {
    return from[this.rng.below(from.length)] ?? 0;
  }

  /** Random order in which needed chains still come before those that need them. */
  private shuffled(chains: readonly number[]): number[] {
    const keyed = chains.map((c) => ({
      c,
      k: this.needsDepth(c) * 2 + this.rng.next() + (this.problem.chains[c]?.kind === 'show' ? 0 : 10),
    }));
    return keyed.sort((x, y) => x.k - y.k).map((x) => x.c);
  }

  private report(): void {
    this.options.onProgress({
      round: this.rounds,
      rounds: this.options.rounds,
      placed: this.shows.filter((c) => this.placed[c] === 1).length,
      of: this.shows.length,
      cost: this.totalCost(),
    });
  }
}
