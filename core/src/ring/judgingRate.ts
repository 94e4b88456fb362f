/*
 * When a dog goes in, from where it stands in the ring's order: blocks start by the program, and a judge sees about so many
 * dogs an hour.
 */
import type { WallTime } from '../time/localDay.js';

/** Dogs an hour that one judge sees: the usual scheduling convention of all-breed shows, 25 an hour and 175 a day. */
export const DOGS_PER_HOUR = 25;
/** Dogs that one judge sees in a day at most (common practice; a show's own program counts). */
export const DOGS_PER_DAY = 175;

const LAST_MINUTE = 24 * 60 - 1;

/**
 * Time at which the dog at place `number` (1 = first) of a block goes in; rounded down to whole minutes, so that nobody is
 * late. Null when it would be after midnight or when an argument makes no sense.
 */
export function ringTimeAt(start: WallTime, number: number, dogsPerHour: number): WallTime | null {
  if (number < 1 || dogsPerHour <= 0) return null;
  const at = Number(start.slice(0, 2)) * 60 + Number(start.slice(3)) + Math.floor(((number - 1) * 60) / dogsPerHour);
  if (at > LAST_MINUTE) return null;
  return `${pad(Math.floor(at / 60))}:${pad(at % 60)}` as WallTime;
}

const pad = (n: number): string => String(n).padStart(2, '0');
