/*
 * The neighborhoods of the search, in the order in which they are offered a move; the last takes what the others leave.
 */
import { ejectWaiting } from './ejectWaiting.js';
import { keepTogether } from './keepTogether.js';
import type { Moment, Neighborhood, Tools } from './neighborhood.js';
import { removeRelated } from './removeRelated.js';

/** In the order in which they are offered a move. */
export const NEIGHBORHOODS: readonly Neighborhood[] = [ejectWaiting, keepTogether, removeRelated];

/** Makes one move in a neighborhood drawn by chance. */
export function makeMove(tools: Tools, moment: Moment): void {
  for (const neighborhood of NEIGHBORHOODS) {
    const share = neighborhood.share(tools);
    if (share < 1 && (share === 0 || tools.state.rng.next() >= share)) continue;
    neighborhood.move(tools, moment);
    return;
  }
}
