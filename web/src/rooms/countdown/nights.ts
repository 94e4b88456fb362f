/*
 * The hours in which no work is possible, faded on every strand.
 */
import { addDays, wallToMs } from '@loyal-mane/core';
import type { LocalDay, WallTime } from '@loyal-mane/core';
import type { Kennel } from '../../api/queries';
import type { Night } from './Strand';

/** Nights are the hours of the calendar in which nobody is on shift; without shifts, 20 to 6. */
export function nightsOf(kennel: Kennel, today: LocalDay): Night[] {
  const zone = kennel.settings.timeZone;
  const at = (day: LocalDay, time: string): number => wallToMs(day, time as WallTime, zone);
  return Array.from({ length: 64 }, (_, k) => addDays(today, k - 31)).map((day) => {
    const next = addDays(day, 1);
    const ends = kennel.shifts.filter((s) => s.day === day).map((s) => s.end);
    const starts = kennel.shifts.filter((s) => s.day === next).map((s) => s.start);
    return {
      fromMs: at(day, ends.length === 0 ? '20:00' : (ends.sort()[ends.length - 1] ?? '20:00')),
      toMs: at(next, starts.length === 0 ? '06:00' : (starts.sort()[0] ?? '06:00')),
    };
  });
}
