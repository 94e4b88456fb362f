/*
 * Cost of time: slots before and after the ideal start, or days off it and slots off its time of day.
 */
import type { Activity } from './model.js';
import { floor } from './numbers.js';

/** Slots of five minutes in a day; the one or two days a year that are an hour longer or shorter are taken for usual ones. */
export const SLOTS_A_DAY = 288;

/** Cost of an activity's start off the ideal one. */
export function timeCost(a: Activity, start: number): number {
  if (a.dayOffCost < 0) return offSlots(a, start - a.idealStart);
  const days = floor((start - a.idealStart) / SLOTS_A_DAY + 0.5);
  return offSlots(a, start - a.idealStart - days * SLOTS_A_DAY) + a.dayOffCost * (days < 0 ? -days : days);
}

function offSlots(a: Activity, off: number): number {
  return off < 0 ? -a.earlyCost * off : a.lateCost * off;
}
