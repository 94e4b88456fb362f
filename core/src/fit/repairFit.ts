/*
 * A change to a plan that people already work by: what still holds stays, the rest is placed near where it was, and what
 * lost its place may push others out where that is no loss in all.
 */
import type { FitModel } from './fitModel.js';
import type { FitOptions, FitPlacement, FitResult } from './fitSearch.js';
import { FitSearch } from './fitSearch.js';
import { Stay } from './stay.js';

/** Evictions that may be tried for what lost its place. */
const MOST_TRIES = 60;

/** Fits a changed model, moving as little of a placement as it can. The budget bounds the evictions only. */
export function repairFit(
  model: FitModel,
  previous: FitPlacement,
  options: Omit<FitOptions, 'wishes' | 'evenLoad'>,
): FitResult {
  const search = new FitSearch(model, { ...options, wishes: new Stay(previous), evenLoad: 0 });
  search.adopt(previous);
  search.construct();
  search.placeLost(MOST_TRIES);
  return search.result();
}
