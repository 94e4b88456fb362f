/*
 * Cost of time: slots before and after the ideal start.
 */
import type { Activity } from './model.js';

/** Cost of an activity's start off the ideal one. */
export function timeCost(a: Activity, start: number): number {
  return start < a.idealStart ? a.earlyCost * (a.idealStart - start) : a.lateCost * (start - a.idealStart);
}
