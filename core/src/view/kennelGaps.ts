/*
 * Gaps in a kennel before its next show, before any question of time: nobody on a day, no ride, no table there, a skill
 * that too few have. Each with the rows that would fill it, as a start that is changed to what is true.
 */
import type { KennelFile, KennelShift, KennelStation, KennelTransport } from '../kennel/kennelFile.js';
import type { Skill, StationKind, StepId } from '../kennel/vocabulary.js';
import type { StepNeeds } from '../programs/careLibrary.js';
import { addDays, wallMinutes, wallOf } from '../time/localDay.js';
import type { LocalDay, WallTime } from '../time/localDay.js';
import type { PersonId, ShiftId, SiteId, StationId, TransportId } from '../units/ids.js';

/** The part of a kennel that gaps are read from; the API's shape and the kennel file both fit. */
export interface GapKennel {
  readonly sites: readonly { readonly id: string; readonly name: string; readonly home: boolean }[];
  readonly stations: readonly { readonly siteId: string; readonly kind: StationKind }[];
  readonly people: readonly {
    readonly id: string;
    readonly name: string;
    readonly role: string;
    readonly skills: readonly Skill[];
  }[];
  readonly shifts: readonly { readonly personId: string; readonly day: string; readonly start: string }[];
  readonly transports: readonly {
    readonly name: string;
    readonly toSiteId: string;
    readonly day: string;
    readonly depart: string;
    readonly dogs: readonly string[];
    readonly people: readonly string[];
  }[];
  readonly shows: readonly {
    readonly id: string;
    readonly siteId: string;
    readonly firstDay: string;
    readonly lastDay: string;
  }[];
  readonly entries: readonly { readonly dogId: string; readonly showId: string; readonly day: string }[];
}

/** One thing that is missing. */
export type KennelGap =
  | { readonly code: 'noShift'; readonly days: readonly LocalDay[] }
  | { readonly code: 'noRide'; readonly siteId: string; readonly dogs: readonly string[] }
  | { readonly code: 'noTable'; readonly siteId: string }
  /** Nobody who loads is at work before a ride leaves. */
  | { readonly code: 'lateShift'; readonly ride: string; readonly day: LocalDay; readonly depart: WallTime }
  | { readonly code: 'noSkill'; readonly step: StepId; readonly skill: Skill; readonly people: readonly string[] }
  /** A step needs two people, and only one has what it asks for. */
  | { readonly code: 'noSecond'; readonly step: StepId; readonly skill: Skill; readonly people: readonly string[] };

/** People who could be given a skill, at most. */
const MOST_PEOPLE = 3;

/** Gaps for the next show; empty where no show is ahead, or nothing is missing. */
export function kennelGaps(
  kennel: GapKennel,
  steps: Readonly<Record<StepId, Pick<StepNeeds, 'skill' | 'second'>>>,
  wanted: readonly StepId[],
  today: LocalDay,
): KennelGap[] {
  const [show] = kennel.shows
    .filter((s) => s.lastDay >= today && kennel.entries.some((e) => e.showId === s.id))
    .sort((x, y) => x.firstDay.localeCompare(y.firstDay));
  if (show === undefined) return [];
  const entries = kennel.entries.filter((e) => e.showId === show.id && e.day >= today);
  const isAway = kennel.sites.find((s) => s.id === show.siteId)?.home === false;
  return [
    ...shiftGaps(kennel, entries, today),
    ...(isAway ? siteGaps(kennel, show.siteId, entries) : []),
    ...(isAway ? loadGaps(kennel, show.siteId, entries, { skill: steps.load.skill, today }) : []),
    ...skillGaps(kennel, steps, wanted),
  ];
}

type Entries = GapKennel['entries'];

/** Days of judging on which nobody works, and the day before the first where no day is left to prepare on. */
function shiftGaps({ shifts }: GapKennel, entries: Entries, today: LocalDay): KennelGap[] {
  const judged = [...new Set(entries.map((e) => e.day as LocalDay))].sort();
  const [first] = judged;
  if (first === undefined) return [];
  const before = addDays(first, -1);
  const isPrepared = before < today || shifts.some((s) => s.day >= today && s.day < first);
  const days = [...(isPrepared ? [] : [before]), ...judged.filter((d) => !shifts.some((s) => s.day === d))];
  return days.length === 0 ? [] : [{ code: 'noShift', days }];
}

function siteGaps(kennel: GapKennel, siteId: string, entries: Entries): KennelGap[] {
  const rides = kennel.transports.filter((t) => t.toSiteId === siteId);
  const left = entries.filter((e) => !rides.some((t) => t.day <= e.day && t.dogs.includes(e.dogId)));
  const dogs = [...new Set(left.map((e) => e.dogId))];
  const hasTable = kennel.stations.some((s) => s.siteId === siteId && s.kind === 'table');
  return [
    ...(dogs.length === 0 ? [] : [{ code: 'noRide', siteId, dogs } as const]),
    ...(hasTable ? [] : [{ code: 'noTable', siteId } as const]),
  ];
}

/** Minutes in which dogs are loaded before a ride leaves (engineering default). */
const LOAD_MIN = 30;

/** Rides to the show that leave before anybody who may load is at work. */
function loadGaps(
  kennel: GapKennel,
  siteId: string,
  entries: Entries,
  { skill, today }: { readonly skill: Skill | null; readonly today: LocalDay },
): KennelGap[] {
  const able = new Set(kennel.people.filter((p) => skill === null || p.skills.includes(skill)).map((p) => p.id));
  if (able.size === 0) return [];
  return kennel.transports
    .filter((t) => t.toSiteId === siteId && t.day >= today)
    .filter((t) => entries.some((e) => t.day <= e.day && t.dogs.includes(e.dogId)))
    .filter(({ day, depart }) => {
      const latest = wallMinutes(depart as WallTime) - LOAD_MIN;
      return !kennel.shifts.some(
        (s) => s.day === day && able.has(s.personId) && wallMinutes(s.start as WallTime) <= latest,
      );
    })
    .map((t) => ({ code: 'lateShift', ride: t.name, day: t.day as LocalDay, depart: t.depart as WallTime }));
}

function skillGaps(
  kennel: GapKennel,
  steps: Readonly<Record<StepId, Pick<StepNeeds, 'skill' | 'second'>>>,
  wanted: readonly StepId[],
): KennelGap[] {
  const crew = kennel.people.filter((p) => p.role !== 'owner');
  const found = new Map<string, KennelGap>();
  for (const step of wanted) {
    const { skill, second } = steps[step];
    for (const asked of [skill, second]) {
      if (asked === null) continue;
      const able = crew.filter((p) => p.skills.includes(asked));
      const others = crew.filter((p) => !able.includes(p));
      const people = others.slice(0, MOST_PEOPLE).map((p) => p.id);
      if (able.length === 0) found.set(asked, { code: 'noSkill', step, skill: asked, people });
      // Two are needed at once, and the same one cannot be both.
      const both = crew.filter((p) => [skill, second].some((s) => s !== null && p.skills.includes(s)));
      if (second !== null && both.length < 2 && asked === second && able.length > 0)
        found.set(asked, { code: 'noSecond', step, skill: asked, people });
    }
  }
  return [...found.values()];
}

const DAWN = '05:00' as WallTime;
const DUSK = '18:00' as WallTime;
const LATEST = '20:00' as WallTime;

/** Minutes before a ride leaves at which those who load begin. */
const LOADERS_BEGIN_MIN = 60;

/** When those who load begin for a ride. */
export function loadersBegin(depart: WallTime): WallTime {
  return wallOf(Math.max(0, wallMinutes(depart) - LOADERS_BEGIN_MIN));
}

/** Ids for the rows that are added. */
type NewId = () => string;

/** The kennel with every gap of its next show filled, also those that filling opens, as a van that leaves before all shifts. */
export function withGapsFilled(
  kennel: KennelFile,
  gapsOf: (kennel: KennelFile) => readonly KennelGap[],
  newId: NewId,
): KennelFile {
  const tried = new Set<string>();
  let filled = kennel;
  for (;;) {
    const gap = gapsOf(filled).find((g) => !tried.has(JSON.stringify(g)));
    if (gap === undefined) return filled;
    tried.add(JSON.stringify(gap));
    filled = withGapFilled(filled, gap, newId);
  }
}

/** The kennel with a gap filled, by a start that people change to what is true; `personId` is who gets a skill. */
export function withGapFilled(kennel: KennelFile, gap: KennelGap, newId: NewId, personId?: string): KennelFile {
  switch (gap.code) {
    case 'noShift':
      return { ...kennel, shifts: [...kennel.shifts, ...shiftsOn(kennel, gap.days, newId)] };
    case 'noRide':
      return withRide(kennel, gap, newId);
    case 'noTable': {
      const table = (name: string): KennelStation => ({
        ...{ id: newId() as StationId, siteId: gap.siteId as SiteId, kind: 'table', name, closures: [] },
      });
      return { ...kennel, stations: [...kennel.stations, table('Show table 1'), table('Show table 2')] };
    }
    case 'lateShift':
      return withEarlyShifts(kennel, gap, newId);
    case 'noSkill':
    case 'noSecond': {
      const who = personId ?? gap.people[0];
      const people = kennel.people.map((p) => (p.id === who ? { ...p, skills: [...p.skills, gap.skill] } : p));
      return { ...kennel, people };
    }
  }
}

/** A long day for everybody of the crew who has no shift on it. */
function shiftsOn(kennel: KennelFile, days: readonly LocalDay[], newId: NewId): KennelShift[] {
  const crew = kennel.people.filter((p) => p.role !== 'owner' && p.skills.length > 0);
  return days.flatMap((day) =>
    crew
      .filter((p) => !kennel.shifts.some((s) => s.personId === p.id && s.day === day))
      .map((p): KennelShift => ({
        ...{ id: newId() as ShiftId, personId: p.id, day, start: DAWN, end: DUSK, overtimeEnd: LATEST },
        pauses: breaksOn(kennel, day),
      })),
  );
}

/** Shifts of a ride's day begin in time to load, of those who have one; without any, a long day for everybody. */
function withEarlyShifts(
  kennel: KennelFile,
  { day, depart }: Extract<KennelGap, { code: 'lateShift' }>,
  newId: NewId,
): KennelFile {
  if (!kennel.shifts.some((s) => s.day === day))
    return { ...kennel, shifts: [...kennel.shifts, ...shiftsOn(kennel, [day], newId)] };
  const start = loadersBegin(depart);
  return { ...kennel, shifts: kennel.shifts.map((s) => (s.day === day && s.start > start ? { ...s, start } : s)) };
}

/** Beginnings of a break that are looked at, the usual one first; a break of half an hour. */
const BREAKS = ['12:00', '12:30', '13:00', '11:30', '13:30', '14:00', '11:00', '14:30', '15:00', '10:00'] as WallTime[];
const BREAK_MIN = 30;
/** Minutes before a ring in which nobody who shows can rest, and after it. */
const RING_ROOM_MIN = { before: 60, after: 30 };

/** A break that no ring of the day falls into; none where the rings leave no room: the planner lays rests itself. */
function breaksOn({ entries }: KennelFile, day: LocalDay): KennelShift['pauses'] {
  const rings = entries.filter((e) => e.day === day).map((e) => wallMinutes(e.ringTime));
  const start = BREAKS.find((b) => {
    const from = wallMinutes(b);
    return rings.every((r) => from + BREAK_MIN + RING_ROOM_MIN.before <= r || from >= r + RING_ROOM_MIN.after);
  });
  if (start === undefined) return [];
  return [{ start, end: wallOf(wallMinutes(start) + BREAK_MIN), what: 'break' }];
}

/** A van there on the first morning and back on the last evening, with the dogs and whoever shows or finishes. */
function withRide(
  kennel: KennelFile,
  { siteId, dogs }: Extract<KennelGap, { code: 'noRide' }>,
  newId: NewId,
): KennelFile {
  const home = kennel.sites.find((s) => s.home)?.id;
  const days = kennel.entries
    .filter((e) => dogs.includes(e.dogId))
    .filter((e) => kennel.shows.find((s) => s.id === e.showId)?.siteId === siteId)
    .map((e) => e.day)
    .sort();
  const [first, last] = [days[0], days.at(-1)];
  if (home === undefined || first === undefined || last === undefined) return kennel;
  const crew: PersonId[] = kennel.people.filter((p) => p.role !== 'owner' && p.skills.length > 0).map((p) => p.id);
  const of = { people: crew, dogs: dogs as KennelTransport['dogs'] };
  const there: KennelTransport = {
    ...{ id: newId() as TransportId, name: 'Van', fromSiteId: home, toSiteId: siteId as SiteId, day: first },
    ...{ depart: '06:30' as WallTime, arrive: '07:30' as WallTime, ...of },
  };
  const back: KennelTransport = {
    ...{ id: newId() as TransportId, name: 'Van home', fromSiteId: siteId as SiteId, toSiteId: home, day: last },
    ...{ depart: DUSK, arrive: '19:00' as WallTime, ...of },
  };
  return { ...kennel, transports: [...kennel.transports, there, back] };
}
