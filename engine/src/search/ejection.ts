/*
 * Ejection: a chain without a place takes one from lighter chains, which then look for another. Weights grow with a chain's
 * cost and with how often it was left out, so that nobody is pushed about for ever.
 */
import { max } from '../numbers.js';
import { QUICK } from '../chainFit.js';
import { Eviction } from '../eviction.js';
import type { Saved } from '../solution.js';
import { acceptedUpTo } from './acceptance.js';
import { reservePart } from './reserving.js';
import type { SearchState } from './searchState.js';

const WEIGHT_SCALE = 0.3;
const JITTER = 20;
/** Share of ejections that leave the ejected a part of what they had. */
const LEAVES_A_PART = 0.7;

/** Ejections in one search. */
export class Ejection {
  private readonly state: SearchState;
  private readonly eviction: Eviction;

  constructor(state: SearchState) {
    this.state = state;
    this.eviction = new Eviction(state.occupancy);
  }

  /** Puts a chain where the lightest others are in its way, and then those where they find room. */
  eject(c: number): void {
    const { state } = this;
    if (state.place(c, state.careful)) return;
    const victims = this.victimsOf(c);
    if (victims !== null) this.replace(c, victims, state.solution.save(victims));
  }

  /** The same, taken back where it costs more than the temperature allows. */
  tryEject(c: number, temperature: number): void {
    const { solution, rng } = this.state;
    const victims = this.victimsOf(c);
    if (victims === null) return;
    const saved = solution.save([c, ...victims]);
    const limit = acceptedUpTo(solution.total, temperature, rng);
    this.replace(c, victims, saved.slice(1));
    if (solution.total > limit) solution.restore(saved);
  }

  /**
   * Inserts one chain by ejecting others, up to so many times; true when it is in and none that had a place has lost it,
   * else everything is as it was.
   */
  insertAmongRivals(chain: number, tries: number): boolean {
    const { solution } = this.state;
    const before = solution.all();
    const saved = solution.save([...before, chain]);
    const lost = [chain];
    for (let k = 0; k < tries && lost.length > 0; k++) {
      this.eject(lost[k % lost.length] as number);
      lost.length = 0;
      for (const c of [chain, ...before]) if (!this.state.isPlaced(c)) lost.push(c);
    }
    if (lost.length > 0) solution.restore(saved);
    return lost.length === 0;
  }

  private replace(c: number, victims: readonly number[], saved: readonly Saved[]): void {
    const { state } = this;
    for (const v of victims) state.solution.remove(v);
    this.placeBeside(c, saved);
    for (const v of state.byWeight(victims)) state.place(v, state.careful);
  }

  /** Places a chain, if it can so that a part of what those before it had stays free for them. */
  private placeBeside(c: number, saved: readonly Saved[]): void {
    const { state } = this;
    const old = saved[state.rng.below(max(1, saved.length))];
    if (old?.places != null && state.rng.next() < LEAVES_A_PART) {
      const release = reservePart(state, old.chain, old.places);
      state.place(c, state.careful);
      release();
    }
    if (!state.isPlaced(c)) state.place(c, state.careful);
  }

  /** Chains that would have to go, dependents included; null when the chain has no place even so. */
  private victimsOf(c: number): number[] | null {
    const { state, eviction } = this;
    const { fitter } = state;
    state.fails[c] = (state.fails[c] as number) + 1;
    this.weigh();
    eviction.begin(c);
    fitter.starts.ejecting = true;
    const found = fitter.fit(c, {
      ...QUICK,
      jitter: JITTER,
      byWorker: false,
      dives: true,
      softCosts: eviction,
      keepers: 'any',
    });
    fitter.starts.ejecting = false;
    if (!found) return null;
    const victims = new Set<number>();
    const open = state.chain(c).acts.flatMap((i, k) => {
      const place = fitter.places[k] ?? null;
      return place === null || state.activity(i).fixed !== null ? [] : [{ i, place }];
    });
    for (const { i, place } of open) eviction.victimsAt(i, place, victims);
    for (const { i, place } of open) {
      eviction.powerVictimsAt(i, place, victims);
      eviction.limitVictimsAt(i, place, victims);
    }
    victims.delete(c);
    return state.solution.withDependents([...victims]);
  }

  private weigh(): void {
    const { state } = this;
    const { weight } = this.eviction;
    const of = (c: number): number => {
      let sum = state.chain(c).cost * (1 + (state.fails[c] as number)) * WEIGHT_SCALE;
      for (const d of state.dependentsOf(c)) sum += of(d);
      return sum;
    };
    for (let c = 0; c < weight.length; c++) weight[c] = of(c) * (0.3 + 1.4 * state.rng.next());
  }
}
