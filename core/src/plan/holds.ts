/*
 * Whether places that a chain once had can be taken again: alone in the yard, and in the chain's own order.
 */
import type { Activity, Place } from './problem.js';
import { startMask, startersAt } from './startMask.js';
import type { Yard } from './yard.js';

/** Whether an activity can sit at a place, its own chain's order left aside. */
export function fitsAlone(yard: Yard, a: Activity, place: Place): boolean {
  if (place.start < Math.max(a.est, yard.problem.now) || place.start + a.dur > a.let) return false;
  const mask = startMask(yard, a.with({ est: place.start, let: place.start + a.dur }));
  if (mask.slots.length === 0) return false;
  if (place.person >= 0 && !startersAt(mask, mask.people, place.start).includes(place.person)) return false;
  if (place.second >= 0 && !startersAt(mask, mask.seconds, place.start).includes(place.second)) return false;
  return place.station < 0 || startersAt(mask, mask.stations, place.start).includes(place.station);
}

/** Whether a chain's places keep its order and its lags. */
export function inOrder(list: readonly Activity[], places: readonly Place[]): boolean {
  return list.every((a, i) => {
    const start = (places[i] as Place).start;
    const prev = list[i - 1];
    if (prev !== undefined && !(prev.fixed !== null && a.fixed !== null)) {
      const lag = start - ((places[i - 1] as Place).start + prev.dur);
      if (lag < a.lagMin || (a.lagMax >= 0 && lag > a.lagMax)) return false;
    }
    return a.since.every((s) => {
      const j = list.findIndex((b) => b.index === s.activity);
      const b = list[j];
      if (b === undefined || (b.fixed !== null && a.fixed !== null)) return true;
      const lag = start - ((places[j] as Place).start + b.dur);
      return lag >= s.min && (s.max < 0 || lag <= s.max);
    });
  });
}
