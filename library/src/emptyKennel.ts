/*
 * A kennel on its first day: a home, one lead who may do everything, and nothing else yet.
 */
import type { KennelFile, LocalDay } from '@loyal-mane/core';
import { KENNEL_FORMAT, KENNEL_VERSION, SKILLS } from '@loyal-mane/core';

/** Beginning of a new kennel: its name, its zone, today there, and a source of ids. */
export interface FirstDay {
  readonly name: string;
  readonly timeZone: string;
  readonly today: LocalDay;
  readonly newId: () => string;
}

/** The kennel; its lead signs in as `lead`. */
export function emptyKennel({ name, timeZone, today, newId }: FirstDay): KennelFile {
  const kennel: unknown = {
    format: KENNEL_FORMAT,
    version: KENNEL_VERSION,
    name,
    startDay: today,
    settings: { timeZone, clock: '24h', keepUpDaysAhead: 5, rampFromKg: 23 },
    sites: [{ id: newId(), name: 'Home', home: true }],
    circuits: [],
    stations: [],
    people: [{ id: newId(), name: 'Lead', signIn: 'lead', role: 'lead', skills: [...SKILLS] }],
    shifts: [],
    absences: [],
    transports: [],
    owners: [],
    dogs: [],
    shows: [],
    rings: [],
    entries: [],
    work: [],
  };
  return kennel as KennelFile;
}
