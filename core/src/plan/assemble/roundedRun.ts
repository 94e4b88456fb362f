/*
 * Minutes of a run of steps as slots. A run is rounded, not each of its steps: what one step has too many the next one has
 * fewer, so that a whole day's work takes the minutes that were estimated for it.
 */
import { SLOT_MIN } from '../../time/slotGrid.js';

/** Most minutes that are passed on, so that no step is squeezed by several before it (engineering default). */
const MOST_CARRIED_MIN = 10;
/**
 * Slots by which a step has to pass a half before it is given a whole one more: careful steps and those of less than a slot are
 * given too many, which makes it good over the plan (measured on the demo kennel: 5 % above the estimates; with 0.1 it is 6 %, and
 * with 0.3 4 %, but then plans hold less often when minutes vary).
 */
const HALF = 0.2;

/**
 * Slots of a step of so many minutes, at least 1, when the steps before it have `carriedMin` too many (negative: too few). A
 * careful run, on a show morning, is never rounded down.
 */
export function slotsInRun(minutes: number, carriedMin: number, mostMin = Infinity, careful = false): number {
  const most = mostMin === Infinity ? Infinity : Math.max(1, Math.floor(mostMin / SLOT_MIN + 1e-9));
  const slots = (minutes - carriedMin) / SLOT_MIN;
  return Math.min(most, Math.max(1, careful ? Math.ceil(slots - 1e-9) : Math.round(slots - HALF)));
}

/** Minutes too many (negative: too few) after a step that was given so many slots. */
export function carriedAfter(minutes: number, carriedMin: number, slots: number): number {
  const carried = slots * SLOT_MIN - (minutes - carriedMin);
  return Math.max(-MOST_CARRIED_MIN, Math.min(MOST_CARRIED_MIN, carried));
}
