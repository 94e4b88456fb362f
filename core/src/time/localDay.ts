/*
 * Local calendar days as `YYYY-MM-DD`. Day arithmetic is done on the calendar (never by adding 24 hours), so days
 * of 23 and 25 hours need no special case here.
 */

/** A calendar day in the kennel's own zone, `YYYY-MM-DD`. */
export type LocalDay = string & { readonly __day: true };
/** A wall-clock time, `HH:MM`, 00:00 to 24:00. */
export type WallTime = string & { readonly __wall: true };
/** An instant, ISO 8601 in UTC with `Z`. */
export type Instant = string & { readonly __instant: true };

const DAY_MS = 86_400_000;

function utcMs(day: LocalDay): number {
  return Date.parse(`${day}T00:00:00Z`);
}

/** `day` plus `n` calendar days (n may be negative). */
export function addDays(day: LocalDay, n: number): LocalDay {
  return new Date(utcMs(day) + n * DAY_MS).toISOString().slice(0, 10) as LocalDay;
}

/** Calendar days from `a` to `b`; negative when `b` is earlier. */
export function daysBetween(a: LocalDay, b: LocalDay): number {
  return Math.round((utcMs(b) - utcMs(a)) / DAY_MS);
}

/** Day of the week, 0 = Sunday to 6 = Saturday. */
export function weekday(day: LocalDay): number {
  return new Date(utcMs(day)).getUTCDay();
}

/** Whether the text is a day that exists (no 30 February). */
export function isLocalDay(text: string): text is LocalDay {
  if (!/^\d{4}-\d{2}-\d{2}$/.test(text)) return false;
  const ms = Date.parse(`${text}T00:00:00Z`);
  return !Number.isNaN(ms) && new Date(ms).toISOString().startsWith(text);
}

/** Minutes after midnight of a wall time: `06:40` is 400. */
export function wallMinutes(time: WallTime): number {
  return Number(time.slice(0, 2)) * 60 + Number(time.slice(3, 5));
}

/** The wall time of minutes since midnight, "00:00" to "24:00". */
export function wallOf(minutes: number): WallTime {
  const two = (n: number): string => String(n).padStart(2, '0');
  return `${two(Math.floor(minutes / 60))}:${two(minutes % 60)}` as WallTime;
}
