/*
 * The what-if comparison: a set of changes in, their effect out. The kennel and its plan stay as they are; both sides are repaired from
 * the published plan, so that only the changes make the difference.
 */
import type { KennelFile } from '../../kennel/kennelFile.js';
import type { CareLibrary } from '../../programs/careLibrary.js';
import type { LocalDay, WallTime } from '../../time/localDay.js';
import { instantToMs, wallToMs } from '../../time/zone.js';
import type { KennelDog } from '../../kennel/dogRecord.js';
import type { AbsenceId, DogId, EntryId, PersonId, StationId } from '../../units/ids.js';
import type { Plan } from '../plan.js';
import type { PlanEffect } from './planEffect.js';
import { planEffect } from './planEffect.js';
import { planKennel } from '../planKennel.js';

/** One thing that could be different. */
export type WhatIfChange =
  | { readonly kind: 'personAway'; readonly personId: PersonId; readonly day: LocalDay }
  | { readonly kind: 'personStays'; readonly personId: PersonId; readonly day: LocalDay; readonly until: WallTime }
  | { readonly kind: 'stationClosed'; readonly stationId: StationId; readonly day: LocalDay }
  | { readonly kind: 'stationOpen'; readonly stationId: StationId }
  | { readonly kind: 'otherHandler'; readonly entryId: EntryId; readonly personId: PersonId }
  | { readonly kind: 'ringTime'; readonly entryId: EntryId; readonly ringTime: WallTime }
  | { readonly kind: 'entryPulled'; readonly entryId: EntryId };

/** A dog's outline and measures as they would be. */
export interface DogShaped {
  readonly kind: 'dogShaped';
  readonly dogId: DogId;
  readonly record: Pick<KennelDog, 'measures' | 'outline'>;
}

/** One side of a comparison: entries that would be ready, of how many, overtime in minutes. */
export interface WhatIfSide {
  /** Show entries that have a place, and all of them. */
  readonly ready: number;
  readonly of: number;
  /** Attended minutes after the end of a shift, of all people. */
  readonly overtimeMin: number;
}

/** An entry whose odds of being ready change by more than two in a hundred; null where it has no place. */
export interface OddsChange {
  readonly entryId: EntryId;
  readonly before: number | null;
  readonly after: number | null;
}

/** A plan with and without supposed changes, compared. */
export interface WhatIf {
  readonly before: WhatIfSide;
  readonly after: WhatIfSide;
  readonly effect: PlanEffect;
  readonly odds: readonly OddsChange[];
  /** The plan as it would be. */
  readonly plan: Plan;
}

/** The moment that is asked about, the published plan, and how long may be searched. */
export interface WhatIfOptions {
  readonly nowMs: number;
  /** The plan that people work by; null plans both sides afresh. */
  readonly published: Plan | null;
  readonly seed?: number;
  /** Rounds of a search that begins afresh, where a repair leaves a show out; default 60. */
  readonly rounds?: number;
}

/** A comparison is asked for again and again: less searching than for a plan that people work by (engineering default). */
const DEFAULT_WHAT_IF_ROUNDS = 60;

/** Compares the kennel as it is with the kennel as it would be. */
export function whatIf(
  kennel: KennelFile,
  library: CareLibrary,
  changes: readonly (WhatIfChange | DogShaped)[],
  options: WhatIfOptions,
): WhatIf {
  const changed = changes.reduce((k, change) => withChange(k, change), kennel);
  const make = (k: KennelFile): Plan =>
    planKennel(k, library, {
      nowMs: options.nowMs,
      previous: options.published,
      odds: true,
      unasked: true,
      rounds: options.rounds ?? DEFAULT_WHAT_IF_ROUNDS,
      ...(options.seed === undefined ? {} : { seed: options.seed }),
    });
  const [before, after] = [make(kennel), make(changed)];
  return {
    before: sideOf(kennel, before),
    after: sideOf(changed, after),
    effect: planEffect(before, after),
    odds: oddsChanges(before, after),
    plan: after,
  };
}

/** Smaller differences are chance. */
const ODDS_TOLERANCE = 0.02;

function oddsChanges(before: Plan, after: Plan): OddsChange[] {
  const of = (plan: Plan): Map<EntryId, number> => new Map((plan.odds ?? []).map((o) => [o.entryId, o.ready]));
  const [old, fresh] = [of(before), of(after)];
  return [...new Set([...old.keys(), ...fresh.keys()])].flatMap((entryId): OddsChange[] => {
    const [was, is] = [old.get(entryId) ?? null, fresh.get(entryId) ?? null];
    return Math.abs((was ?? 0) - (is ?? 0)) <= ODDS_TOLERANCE ? [] : [{ entryId, before: was, after: is }];
  });
}

/** Absences that are only supposed need an id of their own. */
const SUPPOSED = '00000000-0000-7000-8000-000000000000' as AbsenceId;

/** The kennel with one thing different; the one that comes in stays as it is. `id`: of an absence that is added. */
export function withChange(kennel: KennelFile, change: WhatIfChange | DogShaped, id: AbsenceId = SUPPOSED): KennelFile {
  switch (change.kind) {
    case 'dogShaped': {
      const { dogId, record } = change;
      return { ...kennel, dogs: kennel.dogs.map((d) => (d.id === dogId ? { ...d, ...record } : d)) };
    }
    case 'personAway': {
      const { personId, day } = change;
      return { ...kennel, absences: [...kennel.absences, { id, personId, day, reason: 'away' }] };
    }
    case 'personStays': {
      const mine = (s: KennelFile['shifts'][number]): boolean => s.personId === change.personId && s.day === change.day;
      const stays = kennel.shifts.map((s) =>
        mine(s) && s.overtimeEnd < change.until ? { ...s, overtimeEnd: change.until } : s,
      );
      return { ...kennel, shifts: stays };
    }
    case 'stationClosed': {
      const closure = {
        day: change.day,
        start: '00:00' as WallTime,
        end: '24:00' as WallTime,
        reason: 'closed for the day',
      };
      return withStation(kennel, change.stationId, (s) => ({ ...s, closures: [...s.closures, closure] }));
    }
    case 'stationOpen':
      return withStation(kennel, change.stationId, (s) => ({ ...s, closures: [] }));
    case 'otherHandler':
      return withEntry(kennel, change.entryId, (e) => ({ ...e, handlerId: change.personId }));
    case 'ringTime':
      return withEntry(kennel, change.entryId, (e) => ({ ...e, ringTime: change.ringTime }));
    case 'entryPulled':
      return { ...kennel, entries: kennel.entries.filter((e) => e.id !== change.entryId) };
  }
}

function withStation(
  kennel: KennelFile,
  id: StationId,
  to: (s: KennelFile['stations'][number]) => KennelFile['stations'][number],
): KennelFile {
  return { ...kennel, stations: kennel.stations.map((s) => (s.id === id ? to(s) : s)) };
}

function withEntry(
  kennel: KennelFile,
  id: EntryId,
  to: (e: KennelFile['entries'][number]) => KennelFile['entries'][number],
): KennelFile {
  return { ...kennel, entries: kennel.entries.map((e) => (e.id === id ? to(e) : e)) };
}

function sideOf(kennel: KennelFile, plan: Plan): WhatIfSide {
  // An entry without a place may have work that is done already: it is not ready all the same.
  const out = new Set(plan.unplaced.flatMap((u) => (u.kind === 'show' && u.entryId !== null ? [u.entryId] : [])));
  const all = new Set([...out, ...plan.activities.flatMap((a) => (a.entryId === null ? [] : [a.entryId]))]);
  return { ready: all.size - out.size, of: all.size, overtimeMin: overtimeMinutes(kennel, plan) };
}

/** Attended minutes of planned work after the end of its person's shift. */
export function overtimeMinutes(kennel: KennelFile, plan: Plan): number {
  const zone = kennel.settings.timeZone;
  let minutes = 0;
  for (const shift of kennel.shifts) {
    const end = wallToMs(shift.day, shift.end, zone);
    const last = wallToMs(shift.day, shift.overtimeEnd, zone);
    if (last <= end) continue;
    for (const a of plan.activities) {
      if (a.state !== 'planned' || !a.people.includes(shift.personId)) continue;
      const [from, to] = [Math.max(end, instantToMs(a.start)), Math.min(last, instantToMs(a.attendedUntil))];
      minutes += Math.max(0, to - from) / 60_000;
    }
  }
  return minutes;
}
