/*
 * Invented kennels for the tests, written short: who works when, what stands where, which dogs are shown. Ids count up, so
 * that the same kennel is the same file.
 */
import { addDays, weekday } from '@loyal-mane/core';
import type { KennelDog, KennelFile, LocalDay, Skill, StationKind } from '@loyal-mane/core';
import { CARE_LIBRARY } from '../../src/index.js';
import { readKennel } from '../../src/reader/index.js';

export interface Crew {
  readonly name: string;
  readonly skills: readonly Skill[];
  readonly start: string;
  readonly end: string;
  /** Weekdays off, 0 = Sunday. */
  readonly off?: readonly number[];
}

export interface Shown {
  readonly dog: string;
  readonly breed: string;
  readonly weightKg: number;
  /** Rings: show index, day of that show (0 = its first), time, handler index. */
  readonly rings: readonly (readonly [show: number, day: number, time: string, handler: number])[];
  readonly more?: Partial<KennelDog>;
}

export interface Trip {
  readonly name: string;
  readonly site: string;
  readonly firstDay: LocalDay;
  readonly days: number;
  /** When the van leaves on the first day and is there; back on the last evening. */
  readonly leaves: string;
  readonly arrives: string;
  readonly crew: readonly number[];
  readonly tables: number;
}

export interface Plot {
  readonly name: string;
  readonly startDay: LocalDay;
  readonly crew: readonly Crew[];
  readonly stations: readonly (readonly [kind: StationKind, name: string, circuit?: number])[];
  readonly amps: readonly number[];
  readonly trips: readonly Trip[];
  readonly dogs: readonly Shown[];
}

const ZONE = 'Europe/Oslo';
const AHEAD = 16;

/** Builds a kennel file and has the reader check it; throws with the first fault. */
export function kennelOf(plot: Plot): KennelFile {
  let count = 0;
  const id = (): string => `019b8b74-1900-7000-8000-${(++count).toString(16).padStart(12, '0')}`;
  const home = id();
  const sites = plot.trips.map(() => id());
  const circuits = plot.amps.map((amps, k) => ({ id: id(), siteId: home, name: `Circuit ${String(k + 1)}`, amps }));
  const people = plot.crew.map((c, k) => ({
    id: id(),
    name: c.name,
    signIn: c.name.toLowerCase().split(' ')[0] as string,
    role: k === 0 ? 'lead' : 'bather',
    skills: [...c.skills],
  }));
  const dogs = plot.dogs.map((d, k) => dogOf(id(), d, plot.startDay, k));
  const shows = plot.trips.map((t, k) => ({
    id: id(),
    name: t.name,
    siteId: sites[k],
    firstDay: t.firstDay,
    lastDay: addDays(t.firstDay, t.days - 1),
  }));
  const rings = shows.map((s) => ({ id: id(), showId: s.id, name: 'Ring 1' }));
  const entries = plot.dogs.flatMap((d, k) =>
    d.rings.map(([show, day, ringTime, handler]) => ({
      id: id(),
      dogId: dogs[k]?.id,
      showId: shows[show]?.id,
      ringId: rings[show]?.id,
      day: addDays((plot.trips[show] as Trip).firstDay, day),
      ringTime,
      handlerId: people[handler]?.id,
      importance: 2,
    })),
  );
  const goes = (show: number): string[] =>
    plot.dogs.flatMap((d, k) => (d.rings.some((r) => r[0] === show) ? [dogs[k]?.id as string] : []));
  const file = {
    format: 'loyal-mane-kennel',
    version: 1,
    name: plot.name,
    startDay: plot.startDay,
    settings: { timeZone: ZONE, clock: '24h', keepUpDaysAhead: 3, rampFromKg: 23 },
    sites: [
      { id: home, name: plot.name, home: true },
      ...plot.trips.map((t, k) => ({ id: sites[k], name: t.site, home: false })),
    ],
    circuits,
    stations: [
      ...plot.stations.map(([kind, name, circuit]) => ({
        id: id(),
        siteId: home,
        kind,
        name,
        closures: [],
        ...(circuit === undefined ? {} : { circuitId: circuits[circuit]?.id }),
        ...(kind === 'pen' ? { places: plot.dogs.length } : {}),
        ...(kind === 'tub' ? { ramp: true } : {}),
      })),
      ...plot.trips.flatMap((t, k) =>
        Array.from({ length: t.tables }, (_, n) => ({
          id: id(),
          siteId: sites[k],
          kind: 'table',
          name: `${t.site} table ${String(n + 1)}`,
          closures: [],
        })),
      ),
    ],
    people,
    shifts: shiftsOf(plot, people, id),
    absences: [],
    transports: plot.trips.flatMap((t, k) => {
      const lastDay = addDays(t.firstDay, t.days - 1);
      const crew = t.crew.map((p) => people[p]?.id);
      const ride = { people: crew, dogs: goes(k) };
      return [
        {
          id: id(),
          name: 'Van',
          fromSiteId: home,
          toSiteId: sites[k],
          day: t.firstDay,
          depart: t.leaves,
          arrive: t.arrives,
          ...ride,
        },
        {
          id: id(),
          name: 'Van',
          fromSiteId: sites[k],
          toSiteId: home,
          day: lastDay,
          depart: '18:00',
          arrive: '19:30',
          ...ride,
        },
      ];
    }),
    owners: [],
    dogs,
    shows,
    rings,
    entries,
    work: [],
  };
  const read = readKennel(JSON.stringify(file), CARE_LIBRARY);
  if (!read.ok) throw new Error(`kennelOf ${plot.name}: ${JSON.stringify(read.issues[0])}`);
  return read.kennel;
}

function dogOf(id: string, d: Shown, startDay: LocalDay, k: number) {
  return {
    id,
    name: d.dog,
    breed: d.breed,
    sex: k % 2 === 0 ? 'dog' : 'bitch',
    born: '2022-05-02',
    weightKg: d.weightKg,
    density: 'normal',
    undercoat: 'light',
    coatChange: false,
    jacketLies: true,
    liesForWork: false,
    cooperation: 1,
    wholeBath: false,
    bathSkippedWhenClean: false,
    fringed: false,
    lastTrim: addDays(startDay, -24 - (k % 5)),
    lastBrush: addDays(startDay, -1 - (k % 2)),
    lastBath: addDays(startDay, -4 - (k % 4)),
    ...d.more,
  };
}

function shiftsOf(plot: Plot, people: readonly { id: string }[], id: () => string) {
  const shifts: object[] = [];
  for (let n = 0; n < AHEAD; n++) {
    const day = addDays(plot.startDay, n);
    plot.crew.forEach((c, k) => {
      const trip = plot.trips.find((t) => t.crew.includes(k) && day >= t.firstDay && day < addDays(t.firstDay, t.days));
      if (trip === undefined && (c.off ?? []).includes(weekday(day))) return;
      const [start, end] = trip === undefined ? [c.start, c.end] : ['05:00', '19:00'];
      const rest = trip === undefined ? '11:45' : '16:00';
      shifts.push({
        id: id(),
        personId: people[k]?.id,
        day,
        start,
        end,
        overtimeEnd: plus(end, 60),
        // On show days people rest when their rings are over.
        pauses: [{ start: plus(rest, k * 15), end: plus(rest, k * 15 + 30), what: 'break' }],
      });
    });
  }
  return shifts;
}

function plus(time: string, minutes: number): string {
  const at = Number(time.slice(0, 2)) * 60 + Number(time.slice(3)) + minutes;
  return `${String(Math.floor(at / 60)).padStart(2, '0')}:${String(at % 60).padStart(2, '0')}`;
}
