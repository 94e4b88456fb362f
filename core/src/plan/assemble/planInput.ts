/*
 * The input of a plan: the whole kennel, the library and the moment, with the look-ups that assembling needs.
 */
import type { DogId, PersonId, StationId } from '../../units/ids.js';
import { SlotGrid } from '../../time/slotGrid.js';
import type { LocalDay } from '../../time/localDay.js';
import { instantToMs, localDayOf } from '../../time/zone.js';
import type { KennelDog } from '../../kennel/dogRecord.js';
import type { KennelFile, WorkRecord } from '../../kennel/kennelFile.js';
import { withoutKept } from '../../mats/keptMats.js';
import type { CareLibrary } from '../../programs/careLibrary.js';
import { withKennelBreeds } from '../../programs/kennelBreeds.js';
import type { Way } from './ways.js';
import { learnPace } from '../../programs/pace.js';
import { withLearnedZones } from '../../programs/learnedCooperation.js';
import { AT_THE_RING } from '../../programs/stepGroups.js';
import type { LearnedPace, PaceLog } from '../../programs/pace.js';

/** Days that the slot planner looks ahead; longer leads are calendar items. */
export const HORIZON_DAYS = 28;

/** A station, or one place of a station that has several. */
export interface StationUnit {
  readonly id: StationId;
  readonly index: number;
}

/** Person index by task key, for tasks whose minutes are those of one person. */
export type Assignees = ReadonlyMap<string, number>;

/** A pause of one person, by index, in slots. */
export interface Rest {
  readonly person: number;
  readonly from: number;
  readonly to: number;
}

/** Nobody is known yet: every task takes the middle pace. */
export const NO_ASSIGNEES: Assignees = new Map();

/**
 * All that a plan is assembled from, looked up once: kennel, library, days, indexes of people, stations and dogs.
 */
export interface PlanInput {
  readonly kennel: KennelFile;
  readonly library: CareLibrary;
  readonly nowMs: number;
  readonly grid: SlotGrid;
  readonly dogIndex: ReadonlyMap<DogId, number>;
  readonly personIndex: ReadonlyMap<PersonId, number>;
  /** One unit a place: `units[k].id` is the station of the planner's station k. */
  readonly units: readonly StationUnit[];
  readonly siteIndex: ReadonlyMap<string, number>;
  readonly homeSite: number;
  /** Whether any tub has a ramp; without one, heavy dogs need a second person. */
  readonly hasRamp: boolean;
  /** Pace of dogs and people, learned from finished work. */
  readonly pace: LearnedPace;
  /** Entries that have no place: what they would have covered of their dog's keep-up comes back as ordinary work. */
  readonly withoutPlace: ReadonlySet<string>;
  /** Entries that nobody can take into the ring: their dogs are readied all the same, up to it. */
  readonly upToRing: ReadonlySet<string>;
  /** Chains that are not done in the usual way, by key. */
  readonly ways: ReadonlyMap<string, Way>;
  /** Keys of keep-up rounds that other work of the same day takes in. */
  readonly merged: ReadonlySet<string>;
  /** Attended slots of a plan's tasks, by task key: a difference of one slot is rounding, and changes nothing. */
  readonly plannedSlots: ReadonlyMap<string, number>;
  /** Middle estimates that those slots rest on, minutes by task key, where a plan is made again: other estimates have their own slots. */
  readonly plannedMinutes: ReadonlyMap<string, number>;
  /** Whether tasks keep those minutes whatever is known since: a plan is held against its own. */
  readonly keepsMinutes: boolean;
  /** Pauses that a plan gives to people who would work too long without one. */
  readonly rests: readonly Rest[];
  /** Who tasks went to, where their minutes are to be that person's. */
  readonly assignees: Assignees;
}

/** Prepares an input. `nowMs` is milliseconds since the epoch. */
export function makePlanInput(file: KennelFile, shipped: CareLibrary, nowMs: number): PlanInput {
  const library = withKennelBreeds(shipped, file.breeds);
  const zone = file.settings.timeZone;
  const today = localDayOf(nowMs, zone);
  const known = withUndercoat(withoutDogsThatLeft(file, today), zone);
  const earlier = finishedBefore(known.work, today, zone);
  const kennel = { ...known, dogs: known.dogs.map((dog) => withLearnedZones(withoutKept(dog, today), earlier)) };
  const grid = new SlotGrid(today, HORIZON_DAYS, zone);
  const units = kennel.stations.flatMap((s) => Array.from({ length: s.places ?? 1 }, () => s.id));
  const home = kennel.sites.findIndex((s) => s.home);
  return {
    kennel,
    library,
    nowMs,
    grid,
    dogIndex: new Map(kennel.dogs.map((d, i) => [d.id, i])),
    personIndex: new Map(kennel.people.map((p, i) => [p.id, i])),
    units: units.map((id, index) => ({ id, index })),
    siteIndex: new Map(kennel.sites.map((s, i) => [s.id, i])),
    homeSite: home < 0 ? 0 : home,
    assignees: NO_ASSIGNEES,
    withoutPlace: new Set(),
    upToRing: new Set(),
    ways: new Map(),
    rests: [],
    merged: new Set(),
    plannedSlots: new Map(),
    plannedMinutes: new Map(),
    keepsMinutes: false,
    pace: learnPace(logsOf(earlier)),
    hasRamp: kennel.stations.some((s) => s.kind === 'tub' && s.ramp === true),
  };
}

/**
 * Finished tasks of earlier days: today's are learned from overnight, so that a plan
 * does not shift under people's hands with every task they finish.
 */
function finishedBefore(work: readonly WorkRecord[], day: LocalDay, zone: string): WorkRecord[] {
  return work.filter(
    (w) => w.state === 'done' && w.finishedAt !== undefined && localDayOf(instantToMs(w.finishedAt), zone) < day,
  );
}

/** Finished work that tells of its dog and its person; the ring's minutes are the judge's. */
function logsOf(work: readonly WorkRecord[]): PaceLog[] {
  return work.flatMap((w): PaceLog[] => {
    if (w.expectedMin === undefined || AT_THE_RING.has(w.step)) return [];
    const { dogId, step, expectedMin } = w;
    const isSecondFlank = w.flank === 2;
    return [{ dogId, step, expectedMin, isSecondFlank, personId: w.personId ?? null, actualMin: w.workedMs / 60_000 }];
  });
}

/** Dogs with their last full removal of undercoat as finished work has it, where that is later than their records'. */
function withUndercoat(kennel: KennelFile, zone: string): KennelFile {
  const last = new Map<DogId, LocalDay>();
  for (const w of kennel.work) {
    if (w.step !== 'undercoat' || w.state !== 'done' || w.finishedAt === undefined) continue;
    const day = localDayOf(instantToMs(w.finishedAt), zone);
    if (day > (last.get(w.dogId) ?? '')) last.set(w.dogId, day);
  }
  const later = (dog: KennelDog): KennelDog => {
    const day = last.get(dog.id);
    return day === undefined || day <= (dog.lastUndercoat ?? '') ? dog : { ...dog, lastUndercoat: day };
  };
  return { ...kennel, dogs: kennel.dogs.map(later) };
}

/** Dogs that are no longer here get no work, and are not shown. */
function withoutDogsThatLeft(kennel: KennelFile, today: LocalDay): KennelFile {
  const left = new Set(kennel.dogs.flatMap((d) => (d.leftOn !== undefined && d.leftOn <= today ? [d.id] : [])));
  if (left.size === 0) return kennel;
  return {
    ...kennel,
    dogs: kennel.dogs.filter((d) => !left.has(d.id)),
    entries: kennel.entries.filter((e) => !left.has(e.dogId)),
    work: kennel.work.filter((w) => !left.has(w.dogId)),
    transports: kennel.transports.map((t) => ({ ...t, dogs: t.dogs.filter((id) => !left.has(id)) })),
  };
}
