/*
 * Beginnings: few chains settle in whatever valley their insertion has led to, and are cheap to insert. They begin several
 * times afresh, paying prices for slots that several want, for a share of the budget; then the best are bettered in turn.
 */
import { EXACT, QUICK } from '../chainFit.js';
import { floor } from '../numbers.js';
import type { Schedule } from '../model.js';
import type { Budget } from './budget.js';
import type { Ejection } from './ejection.js';
import type { Prices } from './prices.js';
import type { SearchState } from './searchState.js';

/** Share of the rest of the budget that beginnings use, how many there are, and ejections in each. */
const SHARE = 0.4;
const TIMES = 12;
const EJECTIONS = 30;
/** Beginnings that are bettered afterwards. */
export const BETTERED = 4;
/** Temperature from which a beginning is cooled. */
const WARM = 4;
/** Prices are learnt in the first beginning and follow in the later ones. */
const BIDS = { first: 15, later: 5 };

interface Beginning {
  readonly cost: number;
  readonly schedule: Schedule;
}

interface Parts {
  readonly state: SearchState;
  readonly budget: Budget;
  readonly ejection: Ejection;
  /** Keeps the present schedule where it is the cheapest so far. */
  readonly note: () => void;
  /** Anneals until a share of the budget is used up, from a temperature. */
  readonly anneal: (until: number, hot: number) => void;
}

/** Begins several times afresh; different schedules, the cheapest first. */
export function beginnings(parts: Parts, prices: Prices): Beginning[] {
  const { state, budget } = parts;
  const found = new Map<number, Beginning>();
  const from = budget.used();
  for (let k = 0; k < TIMES; k++) {
    const until = from + (1 - from) * SHARE * ((k + 1) / TIMES);
    if (k > 0 && budget.isOver(until)) continue;
    state.solution.clear();
    bid(parts, prices, k === 0 ? BIDS.first : BIDS.later, until);
    insertPaying(parts, prices, until);
    parts.anneal(until, WARM);
    // Schedules of one cost are taken for one and the same.
    const cost = floor(state.solution.total + 0.5);
    if (!found.has(cost)) found.set(cost, { cost, schedule: state.solution.schedule() });
  }
  return [...found.values()].sort((x, y) => x.cost - y.cost);
}

/** Lets the chains bid for what they would take if each were alone, until no two want the same; nothing may be placed. */
function bid({ state, budget }: Parts, prices: Prices, bids: number, until: number): void {
  const paying = { ...EXACT, softCosts: prices };
  for (let k = 0; k < bids && !budget.isOver(until); k++, budget.round++) {
    for (const c of state.all())
      if (!state.isHopeless(c) && state.fitter.fit(c, paying)) prices.want(state.chain(c).acts, state.fitter.places);
    if (!prices.step()) return;
  }
}

/** Everything in again in random order, each paying, with a few ejections for what has no place. */
function insertPaying({ state, budget, ejection, note }: Parts, prices: Prices, until: number): void {
  const paying = { ...QUICK, softCosts: prices };
  for (const c of state.shuffled(state.all())) state.place(c, paying);
  for (let k = 0; k < EJECTIONS && !budget.isOver(until); k++, budget.round++) {
    const out = state.waiting();
    if (out.length === 0) break;
    ejection.eject(state.pick(out));
  }
  note();
}
