/*
 * A kennel with a remedy taken: the rows as they would be, for whoever saves them and for whoever checks first what they do.
 */
import type { KennelFile, KennelShift } from '../../kennel/kennelFile.js';
import { wallMinutes, wallOf } from '../../time/localDay.js';
import type { Instant, LocalDay } from '../../time/localDay.js';
import { instantToMs, localDayOf, wallTimeOf } from '../../time/zone.js';
import type { DogId, PersonId, ShiftId, StationId } from '../../units/ids.js';
import type { Remedy } from '../plan.js';
import { withChange } from './whatIf.js';

/** The dog that a remedy is for, and ids for rows that it adds. */
export interface RemedyFor {
  readonly dogId: DogId;
  /** A new id, the next at each call. */
  readonly newId: () => string;
}

/** The longest stand of a day that a record holds, minutes. */
const LONGEST_STAND_MIN = 120;

/** The kennel with one remedy taken; the one that comes in stays as it is. */
export function withRemedy(kennel: KennelFile, remedy: Remedy, { dogId, newId }: RemedyFor): KennelFile {
  const zone = kennel.settings.timeZone;
  switch (remedy.code) {
    case 'otherHandler':
      return withChange(kennel, { kind: 'otherHandler', entryId: remedy.entryId, personId: remedy.otherId });
    case 'stay': {
      const until = instantToMs(remedy.until);
      const [day, wall] = [localDayOf(until, zone), wallTimeOf(until, zone)];
      return withChange(kennel, { kind: 'personStays', personId: remedy.personId, day, until: wall });
    }
    case 'beginEarlier': {
      const from = instantToMs(remedy.from);
      const start = wallTimeOf(from, zone);
      return withShift(kennel, remedy.personId, localDayOf(from, zone), (s) => (start < s.start ? { ...s, start } : s));
    }
    case 'moveBreak':
      return remedy.to === undefined ? kennel : withBreak(kennel, remedy.personId, remedy.from, remedy.to);
    case 'present': {
      const isIt = (a: KennelFile['absences'][number]): boolean =>
        a.personId === remedy.personId && a.day === remedy.day;
      return { ...kennel, absences: kennel.absences.filter((a) => !isIt(a)) };
    }
    case 'unpin':
      return { ...kennel, pins: (kennel.pins ?? []).filter((p) => p.taskKey !== remedy.key) };
    case 'openStation': {
      const day = localDayOf(instantToMs(remedy.from), zone);
      const stations = kennel.stations.map((s) =>
        s.id === remedy.stationId ? { ...s, closures: s.closures.filter((c) => c.day !== day) } : s,
      );
      return { ...kennel, stations };
    }
    case 'moreAmps':
      return {
        ...kennel,
        circuits: kennel.circuits.map((c) => (c.id === remedy.circuitId ? { ...c, amps: remedy.amps } : c)),
      };
    case 'moreStanding':
      return {
        ...kennel,
        dogs: kennel.dogs.map((d) =>
          d.id === dogId
            ? { ...d, standMinPerDay: LONGEST_STAND_MIN, schools: { ...d.schools, tableTime: 'b' as const } }
            : d,
        ),
      };
    case 'freePerson':
      return withTwin(kennel, remedy.personId, newId);
    case 'extraStation':
      return withStationsAdded(kennel, remedy.kind, newId);
    case 'without':
      return { ...kennel, entries: kennel.entries.filter((e) => e.dogId !== remedy.dogId) };
  }
}

function withShift(
  kennel: KennelFile,
  personId: PersonId,
  day: LocalDay,
  to: (shift: KennelShift) => KennelShift,
): KennelFile {
  return { ...kennel, shifts: kennel.shifts.map((s) => (s.personId === personId && s.day === day ? to(s) : s)) };
}

/** A break of the same length at another time of its day. */
function withBreak(kennel: KennelFile, personId: PersonId, from: Instant, to: Instant): KennelFile {
  const zone = kennel.settings.timeZone;
  const at = wallMinutes(wallTimeOf(instantToMs(from), zone));
  const start = wallTimeOf(instantToMs(to), zone);
  return withShift(kennel, personId, localDayOf(instantToMs(from), zone), (s) => ({
    ...s,
    pauses: s.pauses.map((p) => {
      const [begins, ends] = [wallMinutes(p.start), wallMinutes(p.end)];
      const isIt = begins <= at && at < ends;
      return isIt ? { ...p, start, end: wallOf(wallMinutes(start) + ends - begins) } : p;
    }),
  }));
}

function withTwin(kennel: KennelFile, personId: PersonId, newId: () => string): KennelFile {
  const person = kennel.people.find((p) => p.id === personId);
  if (person === undefined) return kennel;
  const twin = newId() as PersonId;
  const shifts = kennel.shifts
    .filter((s) => s.personId === personId)
    .map((s) => ({ ...s, id: newId() as ShiftId, personId: twin }));
  return {
    ...kennel,
    people: [...kennel.people, { ...person, id: twin, signIn: `${person.signIn}-2` }],
    shifts: [...kennel.shifts, ...shifts],
    transports: kennel.transports.map((t) => (t.people.includes(personId) ? { ...t, people: [...t.people, twin] } : t)),
  };
}

function withStationsAdded(
  kennel: KennelFile,
  kind: KennelFile['stations'][number]['kind'],
  newId: () => string,
): KennelFile {
  const sites = [...new Set(kennel.stations.filter((s) => s.kind === kind).map((s) => s.siteId))];
  const added = sites.map((siteId) => ({
    ...{ id: newId() as StationId, siteId, kind, name: kind, closures: [] },
    ...(kind === 'tub' ? { ramp: true } : {}),
  }));
  return { ...kennel, stations: [...kennel.stations, ...added] };
}
