/*
 * The last touch on a plan: every activity moves toward its aim where it can do so alone, everything else standing.
 * After it, each one that is not at its aim has something in its way, which is what the explanations name.
 */
import type { Assignment } from '@loyal-mane/engine';
import type { Task } from '../problem.js';
import { idealStartIn, movesOf, narrowedTo } from '../explain/moves.js';
import type { WorkingSchedule } from '../workingSchedule.js';

const MOST_PASSES = 12;

/** Moves single activities toward their aims until none can, those left aside that stay; never raises a chain's cost. */
export function moveTowardIdeal(working: WorkingSchedule, stays: (a: Task) => boolean = () => false): void {
  for (let pass = 0; pass < MOST_PASSES; pass++) {
    let moved = false;
    for (const a of working.problem.activities) {
      const place = working.placeOf(a.index);
      if (a.fixed !== null || place === null || stays(a)) continue;
      if (place.start !== idealStartIn(working, a) && moveOne(working, a, place)) moved = true;
    }
    if (!moved) return;
  }
}

function moveOne(working: WorkingSchedule, a: Task, place: Assignment): boolean {
  const position = working.activitiesOf(a.chain).findIndex((b) => b.index === a.index);
  const places = working.placesOf(a.chain);
  const before = working.costOf(a.chain, places);
  const aim = idealStartIn(working, a);
  let best: Assignment | null = null;
  let bestDistance = Math.abs(place.start - aim);
  for (const option of movesOf(working, narrowedTo(a, place, aim))) {
    const distance = Math.abs(option.start - aim);
    if (distance >= bestDistance) continue;
    places[position] = option;
    if (working.costOf(a.chain, places) > before + 1e-9) continue;
    best = option;
    bestDistance = distance;
  }
  if (best === null) return false;
  working.take(a.index);
  working.put(a.index, best);
  return true;
}
