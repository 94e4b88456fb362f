/*
 * Insertion: a first schedule, chain by chain, or one taken over from before.
 */
import { chainCost } from '../chainCost.js';
import { isFeasibleAt } from '../feasibility.js';
import type { Schedule } from '../model.js';
import { min } from '../numbers.js';
import type { SearchState } from './searchState.js';

/** Needed before needing, important before the rest, early before late. */
export function insertionOrder(state: SearchState): number[] {
  const end = (c: number): number => min(...state.chain(c).acts.map((i) => state.activity(i).latestEnd));
  return state
    .all()
    .sort(
      (x, y) =>
        state.depth(x) - state.depth(y) || state.chain(y).cost - state.chain(x).cost || end(x) - end(y) || x - y,
    );
}

/** Inserts every chain that has no place yet, once. */
export function insertAll(state: SearchState): void {
  for (const c of insertionOrder(state)) if (!state.isPlaced(c)) state.amongFew(c, () => state.place(c, state.careful));
}

/** Takes over the places of chains that still hold, needed chains before those that need them. */
export function adoptSchedule(state: SearchState, schedule: Schedule): void {
  for (const c of insertionOrder(state)) {
    const { acts, needs } = state.chain(c);
    const places = acts.map((i) => state.activity(i).fixed ?? schedule[i] ?? null);
    if (state.isPlaced(c) || (needs >= 0 && !state.isPlaced(needs))) continue;
    if (isFeasibleAt(state.occupancy, c, places) && state.fitter.conflict(c, places).length === 0)
      state.solution.insert(c, places, chainCost(state.tables, c, places));
  }
}
