/*
 * The search for a good schedule of all chains: insert them one by one; let what has no place push out what is lighter; then
 * make small moves again and again, accepted by a temperature that falls. It never breaks a rule: what does not fit is left
 * out whole. The same model, seed and rounds give the same schedule on every machine.
 */
import type { Model, Schedule } from '../model.js';
import { max } from '../numbers.js';
import type { Occupancy } from '../occupancy.js';
import { HOT, temperatureAt } from './acceptance.js';
import { BETTERED, beginnings } from './beginnings.js';
import type { BudgetOptions } from './budget.js';
import { Budget } from './budget.js';
import { Ejection } from './ejection.js';
import type { SearchProgress } from './incumbent.js';
import { Incumbent } from './incumbent.js';
import { adoptSchedule, insertAll } from './insertion.js';
import { mend } from './mend.js';
import { makeMove } from './neighborhoods/index.js';
import type { Tools } from './neighborhoods/neighborhood.js';
import { removeRelated } from './neighborhoods/removeRelated.js';
import type { StateOptions } from './searchState.js';
import { SearchState } from './searchState.js';

/** Seed, soft costs, budget and ears of a search. */
export interface SearchOptions extends StateOptions, BudgetOptions {
  /** Told whenever the cheapest schedule so far became cheaper. */
  readonly onProgress: (progress: SearchProgress) => void;
}

/** The cheapest schedule that was found. */
export interface SearchResult {
  readonly schedule: Schedule;
  readonly cost: number;
  /** Indexes of chains that have no place. */
  readonly unplaced: readonly number[];
  readonly rounds: number;
}

/** Share of the budget that chains without a place may use before costs are looked at. */
const PLACING_SHARE = 0.6;
/** Random moves after every second ejection, so that the next one meets another schedule. */
const STIRRED = 3;

/** Schedules all chains of a model. */
export function solve(model: Model, options: SearchOptions): SearchResult {
  const search = new Search(model, options);
  search.construct();
  search.placeAll();
  search.improve();
  return search.result();
}

/** One search over one model: what `solve` does, step by step. */
export class Search {
  private readonly state: SearchState;
  private readonly budget: Budget;
  private readonly incumbent: Incumbent;
  private readonly ejection: Ejection;
  private readonly tools: Tools;

  constructor(model: Model, options: SearchOptions) {
    this.state = new SearchState(model, options);
    this.budget = new Budget(options);
    this.incumbent = new Incumbent(this.state.solution, this.budget, options.onProgress);
    this.ejection = new Ejection(this.state);
    this.tools = { state: this.state, ejection: this.ejection };
  }

  /** The schedule as it is now. */
  get occupancy(): Occupancy {
    return this.state.occupancy;
  }

  /** Takes over the places of chains that still hold. */
  adopt(schedule: Schedule): void {
    adoptSchedule(this.state, schedule);
    this.incumbent.note();
  }

  /** Inserts every chain that has no place yet, once. */
  construct(): void {
    insertAll(this.state);
    this.incumbent.note();
    const out = this.state.waiting();
    if (out.length > 0) this.state.measureAlone(out, true);
  }

  /** Lets chains without a place push out lighter ones, until all have one or their share of the budget is used up. */
  placeAll(): void {
    const { state, budget } = this;
    for (; !budget.isOver(PLACING_SHARE); budget.round++) {
      const out = state.waiting();
      if (out.length === 0) break;
      this.ejection.eject(state.pick(out));
      this.incumbent.note();
      if (state.rng.next() < 0.5) this.stir();
    }
    this.incumbent.restore();
  }

  /** Chains without a place push out others only where that is no loss in all; for repairs, where little may move. */
  placeLost(tries: number): void {
    const { state, budget } = this;
    for (let k = 0; k < tries && !budget.isOver(1); k++, budget.round++) {
      const out = state.waiting();
      if (out.length === 0) break;
      this.ejection.tryEject(state.pick(out), 1);
      this.incumbent.note();
    }
    this.incumbent.restore();
  }

  /**
   * Tries to fit one chain in by moving others; true when it is in and none that had a place has lost it, else everything
   * is as it was.
   */
  fitIn(chain: number, tries: number): boolean {
    return this.ejection.insertAmongRivals(chain, tries);
  }

  /** Makes the schedule cheaper, ever more careful not to make it dearer, until the budget is used up. */
  improve(): void {
    const { state, budget, incumbent, ejection } = this;
    if (budget.isOver(1)) return;
    state.measureAlone(state.all(), false);
    const anneal = (until: number, hot: number): void => this.anneal(until, hot);
    const note = (): void => incumbent.note();
    const begun = state.prices === null ? [] : beginnings({ state, budget, ejection, note, anneal }, state.prices);
    const from = budget.used();
    const times = state.prices === null ? 1 : BETTERED;
    for (let k = 0; k < times; k++) {
      const other = begun[k];
      if (k === 0 || other === undefined) incumbent.restore();
      else state.solution.setTo(other.schedule);
      this.anneal(from + ((1 - from) * (k + 1)) / times, HOT);
    }
    incumbent.restore();
    this.mend();
  }

  /** Brings together again what one worker or machine should keep, wherever that makes the schedule cheaper. */
  mend(): void {
    mend(this.state, () => this.budget.shouldStop());
    this.incumbent.note();
  }

  /** Whether something has no place now that would have one in an empty schedule. */
  couldPlaceMore(): boolean {
    return this.state.waiting().length > 0;
  }

  result(): SearchResult {
    const { schedule, cost } = this.incumbent;
    const unplaced = this.state.all().filter((c) => !this.state.isPlaced(c));
    return { schedule, cost, unplaced, rounds: this.budget.round };
  }

  private anneal(end: number, hot: number): void {
    const { budget } = this;
    const from = budget.used();
    for (; !budget.isOver(end); budget.round++) {
      const part = (budget.used() - from) / max(1e-9, end - from);
      makeMove(this.tools, { temperature: temperatureAt(hot, part), part });
      this.incumbent.note();
    }
  }

  private stir(): void {
    for (let k = 0; k < STIRRED; k++) removeRelated.move(this.tools, { temperature: HOT, part: 0 });
  }
}
