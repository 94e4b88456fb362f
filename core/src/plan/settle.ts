/*
 * The last touch on a plan: every activity moves toward its aim where it can do so alone, everything else standing.
 * After it, each one that is not at its aim has something in its way, which is what the explanations name.
 */
import type { Activity, Place } from './problem.js';
import { aimInYard, movesOf, narrowedTo } from './moves.js';
import type { Yard } from './yard.js';

const MOST_PASSES = 12;

/** Moves single activities toward their aims until none can; never raises a chain's cost. */
export function settle(yard: Yard): void {
  for (let pass = 0; pass < MOST_PASSES; pass++) {
    let moved = false;
    for (const a of yard.problem.activities) {
      const place = yard.placeOf(a.index);
      if (a.fixed !== null || place === null) continue;
      if (place.start !== aimInYard(yard, a) && settleOne(yard, a, place)) moved = true;
    }
    if (!moved) return;
  }
}

function settleOne(yard: Yard, a: Activity, place: Place): boolean {
  const position = yard.activitiesOf(a.chain).findIndex((b) => b.index === a.index);
  const places = yard.placesOf(a.chain);
  const before = yard.costOf(a.chain, places);
  const aim = aimInYard(yard, a);
  let best: Place | null = null;
  let bestDistance = Math.abs(place.start - aim);
  for (const option of movesOf(yard, narrowedTo(a, place, aim))) {
    const distance = Math.abs(option.start - aim);
    if (distance >= bestDistance) continue;
    places[position] = option;
    if (yard.costOf(a.chain, places) > before + 1e-9) continue;
    best = option;
    bestDistance = distance;
  }
  if (best === null) return false;
  yard.take(a.index);
  yard.put(a.index, best);
  return true;
}
