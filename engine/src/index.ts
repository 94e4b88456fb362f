/*
 * The scheduler: chains of activities fitted into unary and cumulative resources, calendars and daily limits, as cheaply as
 * can be found. Integers only; no clock, no chance of its own, no input or output.
 */
export type * from './model.js';
export { buildModel } from './buildModel.js';
export type { ActivitySpec, ChainSpec, ModelSpec } from './buildModel.js';
export { LIMITS } from './sizes.js';
export { makeRng } from './rng.js';
export type { Rng } from './rng.js';
export { Search, solve } from './search/search.js';
export type { SearchOptions, SearchResult } from './search/search.js';
export type { SearchProgress } from './search/incumbent.js';
export { repair } from './search/repair.js';
export { boundOf, leastCosts } from './bound.js';
export { playOdds } from './odds.js';
export type { Odds, PlayOptions } from './odds.js';
export { DragWindows } from './dragWindows.js';
export type { DragStarts } from './dragWindows.js';
export { isJobShop, searchMakespan } from './makespan.js';
export { chainCost } from './chainCost.js';
export { continuityCost, keeperOf } from './continuity.js';
export { exposureOver, precisionOver } from './dailyLimits.js';
export { ChainFit, EXACT } from './chainFit.js';
export type { Effort } from './chainFit.js';
export { Tables } from './tables.js';
export { Occupancy } from './occupancy.js';
export { openStarts, startersAt } from './openStarts.js';
export { NOTHING_RELAXED } from './startRules.js';
export type { Relaxable } from './startRules.js';
export { SLOTS_A_DAY } from './timeCost.js';
export { StabilityPenalty } from './stabilityPenalty.js';
