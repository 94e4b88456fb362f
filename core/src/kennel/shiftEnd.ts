/*
 * Somebody goes home before the end of a shift.
 */
import type { LocalDay, WallTime } from '../time/localDay.js';
import type { PersonId } from '../units/ids.js';
import type { KennelFile, KennelShift } from './kennelFile.js';

/** The kennel with a person's shift of a day ended at a time, breaks with it; a shift that would begin later is as it was. */
export function withShiftEnded(kennel: KennelFile, personId: PersonId, day: LocalDay, at: WallTime): KennelFile {
  const ended = (s: KennelShift): KennelShift => ({
    ...s,
    end: s.end < at ? s.end : at,
    overtimeEnd: s.overtimeEnd < at ? s.overtimeEnd : at,
    pauses: s.pauses.flatMap((p) => (p.start >= at ? [] : [{ ...p, end: p.end < at ? p.end : at }])),
  });
  const isIt = (s: KennelShift): boolean => s.personId === personId && s.day === day && s.start < at;
  return { ...kennel, shifts: kennel.shifts.map((s) => (isIt(s) ? ended(s) : s)) };
}
