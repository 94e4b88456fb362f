/*
 * A day around its tasks: who rides when, who is in which ring, what is washed, and which dogs only
 * wait, and where. A pure reading of kennel and plan.
 */
import type { Plan, PlannedActivity } from '../plan/plan.js';
import type { StepId } from '../kennel/vocabulary.js';
import { BATHS, NO_WORK } from '../programs/stepGroups.js';
import { addDays } from '../time/localDay.js';
import type { LocalDay, WallTime } from '../time/localDay.js';
import { instantToMs, wallToMs } from '../time/zone.js';
import { groupBy } from '../units/groupBy.js';
import type { RoomKennel } from './countdown.js';

/** The part of a kennel that a day's facts are read from; the API's shape and the kennel file both fit. */
export interface FactsKennel extends Pick<RoomKennel, 'settings' | 'dogs' | 'rings'> {
  readonly sites: readonly { readonly id: string; readonly name: string; readonly home: boolean }[];
  readonly entries: readonly {
    readonly id: string;
    readonly dogId: string;
    readonly ringId: string;
    readonly day: string;
    readonly ringTime: string;
    readonly handlerId?: string;
  }[];
  readonly transports: readonly {
    readonly name: string;
    readonly day: string;
    readonly depart: string;
    readonly arrive: string;
    readonly toSiteId: string;
    readonly dogs: readonly string[];
    readonly people: readonly string[];
  }[];
}

/** One ride of a day; times in Unix milliseconds. */
export interface Ride {
  readonly name: string;
  readonly departMs: number;
  readonly arriveMs: number;
  readonly toSiteId: string;
  readonly dogs: readonly string[];
  readonly people: readonly string[];
}

/** One dog in a ring. */
export interface RingCall {
  readonly entryId: string;
  readonly dogId: string;
  readonly ringMs: number;
  readonly ring: string;
  readonly handlerId: string | null;
}

/** Dogs of one site that nobody works on that day. */
export interface Waiting {
  readonly siteId: string;
  readonly dogs: readonly string[];
}

/** A day around its tasks, each list in order of time. */
export interface DayFacts {
  readonly rides: readonly Ride[];
  readonly rings: readonly RingCall[];
  /** Baths, each with the mixes that it needs. */
  readonly baths: readonly PlannedActivity[];
  readonly waiting: readonly Waiting[];
}

/** Care of a minute or two that every dog has, besides looks and rides. */
const IN_PASSING: ReadonlySet<StepId> = new Set([...NO_WORK, ...(['dressing'] as const)]);

/** Reads a local day. */
export function dayFacts(kennel: FactsKennel, plan: Plan | null, day: LocalDay): DayFacts {
  const zone = kennel.settings.timeZone;
  const from = wallToMs(day, '00:00' as WallTime, zone);
  const to = wallToMs(addDays(day, 1), '00:00' as WallTime, zone);
  const ms = (wall: string): number => wallToMs(day, wall as WallTime, zone);
  const today = (plan?.activities ?? []).filter((a) => instantToMs(a.start) >= from && instantToMs(a.start) < to);
  const rings = kennel.entries
    .filter((e) => e.day === day)
    .map((e) => ({
      ...{ entryId: e.id, dogId: e.dogId, ringMs: ms(e.ringTime), handlerId: e.handlerId ?? null },
      ring: kennel.rings.find((r) => r.id === e.ringId)?.name ?? '',
    }))
    .sort((x, y) => x.ringMs - y.ringMs);
  const rides = kennel.transports
    .filter((t) => t.day === day)
    .map((t) => ({
      ...{ name: t.name, departMs: ms(t.depart), arriveMs: ms(t.arrive), toSiteId: t.toSiteId },
      ...{ dogs: t.dogs, people: t.people },
    }))
    .sort((x, y) => x.departMs - y.departMs);
  return { rides, rings, baths: today.filter((a) => BATHS.has(a.step)), waiting: waitingOn(kennel, today, rings, day) };
}

/** Dogs with no work and no ring that day, by where they are at its end. */
function waitingOn(
  kennel: FactsKennel,
  today: readonly PlannedActivity[],
  rings: readonly RingCall[],
  day: LocalDay,
): Waiting[] {
  const busy = new Set<string>([
    ...today.filter((a) => !IN_PASSING.has(a.step)).map((a) => a.dogId),
    ...rings.map((r) => r.dogId),
  ]);
  const idle = kennel.dogs.filter((d) => !busy.has(d.id)).map((d) => d.id);
  const groups = groupBy(idle, (id) => siteOf(kennel, id, day));
  return [...groups].map(([siteId, dogs]) => ({ siteId, dogs }));
}

/** Site at which a dog is when a day ends. */
function siteOf(kennel: FactsKennel, dogId: string, day: LocalDay): string {
  const rides = kennel.transports
    .filter((t) => t.day <= day && t.dogs.includes(dogId))
    .sort((x, y) => `${x.day}${x.arrive}`.localeCompare(`${y.day}${y.arrive}`));
  return rides.at(-1)?.toSiteId ?? kennel.sites.find((s) => s.home)?.id ?? '';
}
