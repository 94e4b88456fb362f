/*
 * Ruin and recreate: a chain and others that hold what it needs are removed and inserted again in another order, parts of
 * what the later ones need kept free for them (large neighborhood search, Shaw 1998; from memory).
 */
import { INFINITY, max } from '../../numbers.js';
import type { Effort } from '../../chainFit.js';
import { Timing } from '../../timing.js';
import { acceptedUpTo } from '../acceptance.js';
import { reserveNear, reservePart } from '../reserving.js';
import type { SearchState } from '../searchState.js';
import type { Moment, Neighborhood } from './neighborhood.js';
import { rivalsOf } from './rivals.js';

/** Rivals removed with a chain at most; and the share of moves that remove one only, of many chains and of few. */
const MOST_RIVALS = 3;
const ONE_RIVAL = { many: 0.6, few: 0.35 };
/** Share of the first insertions that pay prices, where there are any. */
const PAYS = 0.5;
/** Cost above what is allowed up to which better times are looked for; with many chains they cost more than they bring. */
const NEAR = 10;
/** From this part of the cooling on every second move inserts exactly, before it one in twenty. */
const LATE = 0.9;

const timings = new WeakMap<SearchState, Timing>();

/** Ruin and recreate as a move; it takes whatever moves the others leave. */
export const removeRelated: Neighborhood = {
  share: () => 1,
  move: ({ state }, moment) => {
    const seed = pickSeed(state);
    if (seed >= 0) new Move(state, moment, seed).make();
  },
};

class Move {
  private readonly state: SearchState;
  private readonly moment: Moment;
  private readonly removed: readonly number[];
  private readonly near: number;

  constructor(state: SearchState, moment: Moment, seed: number) {
    const isFew = state.prices !== null;
    const { rng } = state;
    this.state = state;
    this.moment = moment;
    this.near = isFew ? NEAR : 0;
    const count = 1 + (rng.next() < (isFew ? ONE_RIVAL.few : ONE_RIVAL.many) ? 0 : rng.below(MOST_RIVALS));
    this.removed = state.solution.withDependents([seed, ...rivalsOf(state, seed, count)]);
  }

  make(): void {
    const { state, removed, near } = this;
    const { solution, rng } = state;
    const saved = solution.save(removed);
    const whole = near > 0 ? solution.save(solution.all()) : saved;
    const limit = acceptedUpTo(solution.total, this.moment.temperature, rng);
    for (const c of removed) solution.remove(c);
    const effort = rng.next() < (this.moment.part > LATE ? 0.5 : 0.05) ? state.exact : state.quick;
    const order = rng.next() < 0.3 ? state.byWeight(removed) : state.shuffled(removed);
    const u = rng.next();
    const release = u < 0.7 ? reserveForLater(state, order) : u < 0.85 ? reserveNear(state, saved) : null;
    const done = this.insertInTurn(order, effort, release, limit + near);
    const isBetter = near > 0 && done && solution.total < limit + near && timingOf(state).better();
    if (!done || solution.total > limit) solution.restore(isBetter ? whole : saved);
  }

  /** Inserts chains one after the other; false, halfway through, where the total cannot end at `limit` or below. */
  private insertInTurn(order: readonly number[], effort: Effort, release: (() => void) | null, limit: number): boolean {
    const { state } = this;
    const { prices } = state;
    const pays = prices !== null && state.rng.next() < PAYS;
    const first = pays ? { ...effort, softCosts: prices } : effort;
    for (const [k, c] of order.entries()) {
      state.place(c, k === 0 ? first : effort);
      if (k === 0) release?.();
      if (state.floorOf(order) > limit) return false;
    }
    return true;
  }
}

function timingOf(state: SearchState): Timing {
  let timing = timings.get(state);
  if (timing === undefined) timings.set(state, (timing = new Timing(state.occupancy, state.solution)));
  return timing;
}

/** A placed chain, of a few drawn by chance the one that pays most above its least; -1 where none was drawn. */
function pickSeed(state: SearchState): number {
  const { rng, solution } = state;
  let best = -1;
  let bestKey = -INFINITY;
  const tries = rng.next() < 0.5 ? 5 : 1;
  for (let k = 0; k < tries * 3 && k < 40; k++) {
    const c = rng.below(solution.placed.length);
    if (!state.isPlaced(c)) continue;
    const key = (solution.costs[c] as number) - (state.least[c] as number);
    if (key > bestKey) {
      best = c;
      bestKey = key;
    }
    if (tries === 1) break;
  }
  return best;
}

/** Reserves a part of what a later chain of the order would take now, so that the first one leaves it that. */
function reserveForLater(state: SearchState, order: readonly number[]): (() => void) | null {
  const later = order[1 + state.rng.below(max(1, order.length - 1))];
  if (
    later === undefined ||
    state.isHopeless(later) ||
    !state.fitter.fit(later, state.quick, state.solution.last[later] ?? null)
  )
    return null;
  return reservePart(state, later, state.fitter.places);
}
