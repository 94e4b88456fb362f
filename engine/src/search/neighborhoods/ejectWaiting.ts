/*
 * A chain without a place pushes lighter ones out, and is taken back where that is no gain.
 */
import type { Neighborhood } from './neighborhood.js';

const SHARE = 0.2;

/** Ejection as a move of the annealing. */
export const ejectWaiting: Neighborhood = {
  share: ({ state }) => (state.waiting().length > 0 ? SHARE : 0),
  move: ({ state, ejection }, { temperature }) => ejection.tryEject(state.pick(state.waiting()), temperature),
};
