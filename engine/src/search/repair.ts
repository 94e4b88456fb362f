/*
 * A change to a schedule that people already work by: what still holds stays, the rest is placed near where it was, and what
 * lost its place may push others out where that is no loss in all.
 */
import type { Model, Schedule } from '../model.js';
import type { SearchOptions, SearchResult } from './search.js';
import { Search } from './search.js';
import { StabilityPenalty } from '../stabilityPenalty.js';

/** Evictions that may be tried for what lost its place. */
const MOST_TRIES = 60;

/** Fits a changed model, moving as little of a schedule as it can. The budget bounds the evictions only. */
export function repair(
  model: Model,
  previous: Schedule,
  options: Omit<SearchOptions, 'softCosts' | 'evenLoad'>,
): SearchResult {
  const search = new Search(model, { ...options, softCosts: new StabilityPenalty(previous), evenLoad: 0 });
  search.adopt(previous);
  search.construct();
  search.placeLost(MOST_TRIES);
  return search.result();
}
