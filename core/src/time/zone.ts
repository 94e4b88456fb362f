/*
 * The one place that converts between instants (UTC) and the kennel's wall clock. A wall time that does not exist
 * (clocks go forward) is moved forward by the gap; one that exists twice means the first of the two.
 */
import { DateTime } from 'luxon';
import type { Instant, LocalDay, WallTime } from './localDay.js';
import { addDays, wallMinutes } from './localDay.js';

interface DayClock {
  readonly midnightMs: number;
  /** Whether the day runs a plain 24 hours, so that wall times can be added up. */
  readonly plain: boolean;
}

const DAY_MS = 86_400_000;
/** Days that were looked up before: zone rules are constants, and asking for them is slow. */
const clocks = new Map<string, DayClock>();

function dayClock(day: LocalDay, zone: string): DayClock {
  const key = `${zone} ${day}`;
  const known = clocks.get(key);
  if (known !== undefined) return known;
  const midnight = DateTime.fromISO(`${day}T00:00`, { zone });
  const midnightMs = midnight.toMillis();
  const made = { midnightMs, plain: midnight.plus({ days: 1 }).toMillis() - midnightMs === DAY_MS };
  clocks.set(key, made);
  return made;
}

/** Milliseconds since the epoch of a wall time on a local day in an IANA zone. `24:00` is the next midnight. */
export function wallToMs(day: LocalDay, time: WallTime, zone: string): number {
  if (time.startsWith('24')) return wallToMs(addDays(day, 1), '00:00' as WallTime, zone);
  const clock = dayClock(day, zone);
  const ms = clock.plain
    ? clock.midnightMs + wallMinutes(time) * 60_000
    : Math.min(
        ...DateTime.fromISO(`${day}T${time}`, { zone })
          .getPossibleOffsets()
          .map((d) => d.toMillis()),
      );
  if (Number.isNaN(ms)) throw new Error(`wallToMs: "${day} ${time}" in "${zone}" is no time`);
  return ms;
}

/** The same as an instant. */
export function wallToInstant(day: LocalDay, time: WallTime, zone: string): Instant {
  return msToInstant(wallToMs(day, time, zone));
}

/** ISO text of milliseconds since the epoch. */
export function msToInstant(ms: number): Instant {
  return new Date(ms).toISOString() as Instant;
}

/** Milliseconds since the epoch of an instant; throws on text that is none. */
export function instantToMs(instant: Instant): number {
  const ms = Date.parse(instant);
  if (Number.isNaN(ms)) throw new Error(`instantToMs: "${instant}" is no instant`);
  return ms;
}

/** Local day of an instant in an IANA zone. */
export function localDayOf(ms: number, zone: string): LocalDay {
  const utcDay = new Date(ms).toISOString().slice(0, 10) as LocalDay;
  // Clocks are at most a day off UTC: the last of these three that has begun.
  const found = [1, 0, -1].map((n) => addDays(utcDay, n)).find((day) => dayClock(day, zone).midnightMs <= ms);
  if (found === undefined) throw new Error(`localDayOf: ${String(ms)} in "${zone}" is no time`);
  return found;
}

/** Wall time of an instant in an IANA zone, cut to the minute. */
export function wallTimeOf(ms: number, zone: string): WallTime {
  const { midnightMs, plain } = dayClock(localDayOf(ms, zone), zone);
  if (plain) {
    const minutes = Math.floor((ms - midnightMs) / 60_000);
    return `${twoDigits(Math.floor(minutes / 60))}:${twoDigits(minutes % 60)}` as WallTime;
  }
  return DateTime.fromMillis(ms, { zone }).toFormat('HH:mm') as WallTime;
}

function twoDigits(n: number): string {
  return String(n).padStart(2, '0');
}

/** Whether the platform knows this IANA zone. */
export function isZone(zone: string): boolean {
  return DateTime.local({ zone }).isValid;
}
