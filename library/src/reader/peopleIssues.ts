/*
 * Faults of people and their shifts.
 */
import type { KennelFile } from '@loyal-mane/core';
import type { KennelIssue } from './kennelIssue.js';

/** Issues of people, shifts and transports. */
export function peopleIssues(kennel: KennelFile): KennelIssue[] {
  return [...signInIssues(kennel), ...shiftIssues(kennel), ...transportIssues(kennel)];
}

function signInIssues(kennel: KennelFile): KennelIssue[] {
  const issues: KennelIssue[] = [];
  const seen = new Set<string>();
  kennel.people.forEach((p, i) => {
    if (seen.has(p.signIn)) issues.push({ code: 'sameSignIn', path: `people[${String(i)}].signIn`, signIn: p.signIn });
    seen.add(p.signIn);
  });
  if (!kennel.people.some((p) => p.role === 'lead')) issues.push({ code: 'noLead', path: 'people' });
  return issues;
}

function shiftIssues(kennel: KennelFile): KennelIssue[] {
  const issues: KennelIssue[] = [];
  const seen = new Set<string>();
  const names = new Map<string, string>(kennel.people.map((p) => [p.id, p.name]));
  kennel.shifts.forEach((s, i) => {
    const path = `shifts[${String(i)}]`;
    if (s.end <= s.start) issues.push({ code: 'endsBeforeStart', path, start: s.start, end: s.end });
    else if (s.overtimeEnd < s.end) {
      issues.push({ code: 'overtimeBeforeEnd', path, end: s.end, overtimeEnd: s.overtimeEnd });
    }
    s.pauses.forEach((p, k) => {
      const at = `${path}.pauses[${String(k)}]`;
      if (p.end <= p.start) issues.push({ code: 'endsBeforeStart', path: at, start: p.start, end: p.end });
      else if (p.start < s.start || p.end > s.overtimeEnd) issues.push({ code: 'pauseOutside', path: at });
    });
    const key = `${s.personId} ${s.day}`;
    if (seen.has(key)) {
      issues.push({ code: 'twoShifts', path, person: names.get(s.personId) ?? s.personId, day: s.day });
    }
    seen.add(key);
  });
  return issues;
}

function transportIssues(kennel: KennelFile): KennelIssue[] {
  return kennel.transports.flatMap((t, i): KennelIssue[] =>
    t.arrive <= t.depart ? [{ code: 'arrivesBeforeDeparting', path: `transports[${String(i)}]` }] : [],
  );
}
