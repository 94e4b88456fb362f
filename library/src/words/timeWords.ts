/*
 * Times and durations in words.
 */
import { localDayOf, wallTimeOf, weekday } from '@loyal-mane/core';
import type { LocalDay } from '@loyal-mane/core';

const DAYS = ['Sunday', 'Monday', 'Tuesday', 'Wednesday', 'Thursday', 'Friday', 'Saturday'] as const;
const MINUTE_MS = 60_000;

/** A wall time, "14:05" or "2:05 pm". */
export function clockWords(ms: number, zone: string, clock: '24h' | '12h'): string {
  const wall = wallTimeOf(ms, zone);
  if (clock === '24h') return wall;
  const hour = Number(wall.slice(0, 2));
  return `${String(hour % 12 === 0 ? 12 : hour % 12)}:${wall.slice(3)} ${hour < 12 ? 'am' : 'pm'}`;
}

/** Name of the local day of an instant. */
export function dayWords(ms: number, zone: string): string {
  return weekdayWords(localDayOf(ms, zone));
}

/** Name of a local day: "Friday". */
export function weekdayWords(day: string): string {
  return DAYS[weekday(day as LocalDay)] ?? '';
}

/** Its first three letters: "Fri". */
export function shortWeekday(day: string): string {
  return weekdayWords(day).slice(0, 3);
}

/** "45 min", "3 h", "3 h 20", "2 d 3 h": cut to what matters at that size. */
export function durationWords(ms: number): string {
  const minutes = Math.round(ms / MINUTE_MS);
  if (minutes < 60) return `${String(minutes)} min`;
  const hours = Math.floor(minutes / 60);
  const rest = minutes % 60;
  if (hours < 24) return rest === 0 ? `${String(hours)} h` : `${String(hours)} h ${String(rest)} min`;
  const days = Math.floor(hours / 24);
  return hours % 24 === 0 ? daysWords(days) : `${daysWords(days)} ${String(hours % 24)} h`;
}

/**
 * Slack of a chain: "3 h 20 to spare" in 5 minutes, from six hours in half hours, from a day in hours; under an hour
 * "only 45 min to spare". Never a minus.
 */
export function spareWords(ms: number): string {
  const minutes = Math.max(0, ms / MINUTE_MS);
  if (minutes < 60) return `only ${String(Math.floor(minutes / 5) * 5)} min to spare`;
  const step = minutes < 360 ? 5 : minutes < 1440 ? 30 : 60;
  return `${durationWords(Math.floor(minutes / step) * step * MINUTE_MS)} to spare`;
}

/** Origin of an estimate: "From 6 timed sessions with this dog: 8 % slower than the standard time." */
export function restsOnWords(m: { readonly middle: number; readonly usual: number; readonly logs: number }): string {
  if (m.logs === 0) return 'Standard time for this coat and weight; no timed session with this dog yet.';
  const percent = Math.round((m.middle / m.usual - 1) * 100);
  const pace =
    percent === 0
      ? 'the standard time'
      : `${String(Math.abs(percent))} % ${percent > 0 ? 'slower' : 'faster'} than the standard time`;
  return `From ${String(m.logs)} timed ${m.logs === 1 ? 'session' : 'sessions'} with this dog: ${pace}.`;
}

function daysWords(days: number): string {
  return `${String(days)} ${days === 1 ? 'day' : 'days'}`;
}

const MONTHS = ['Jan', 'Feb', 'Mar', 'Apr', 'May', 'Jun', 'Jul', 'Aug', 'Sep', 'Oct', 'Nov', 'Dec'] as const;

/** A local day as people write it: "17 Jun". */
export function monthDay(day: string): string {
  return `${String(Number(day.slice(8)))} ${MONTHS[Number(day.slice(5, 7)) - 1] ?? ''}`;
}
