/*
 * The room's answer: who is here today and what is closed.
 */
import type { KennelFile, LocalDay } from '@loyal-mane/core';
import { crewOf } from '../../parts/crewOf';

/** The room's answer: how many work today, and what is closed. */
export function kennelAnswer(kennel: KennelFile, today: LocalDay): string {
  const away = new Set(kennel.absences.filter((a) => a.day === today).map((a) => a.personId));
  const working = new Set(kennel.shifts.filter((s) => s.day === today && !away.has(s.personId)).map((s) => s.personId));
  const closed = kennel.stations.filter((s) => s.closures.some((c) => c.day === today)).map((s) => s.name);
  if (kennel.shifts.length === 0)
    return crewOf(kennel).length < 2 ? 'Begin with the people and their shifts.' : 'Nobody has a shift yet.';
  const people = `${String(working.size)} of ${String(crewOf(kennel).length)} work today`;
  return closed.length === 0 ? `${people}, and everything is open.` : `${people}; closed: ${closed.join(', ')}.`;
}
