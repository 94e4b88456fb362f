/*
 * The Countdown room's answer: will every dog be ready, and what is in the way? A pure reading of kennel, plan, work and
 * the moment.
 */
import type { StepId, WorkState } from '../kennel/vocabulary.js';
import type { PlanBreak } from '../plan/hold/planBreaks.js';
import type { LeftOut, Plan, PlannedActivity, UnplacedChain } from '../plan/plan.js';
import type { DropReason } from '../programs/dogProgram.js';
import { groupBy } from '../units/groupBy.js';
import { addDays } from '../time/localDay.js';
import type { Instant, LocalDay, WallTime } from '../time/localDay.js';
import { instantToMs, localDayOf, wallToMs } from '../time/zone.js';

/** The part of a kennel that the rooms read; the API's shape and the kennel file both fit. */
export interface RoomKennel {
  readonly settings: { readonly timeZone: string };
  readonly dogs: readonly { readonly id: string; readonly name: string; readonly breed: string }[];
  readonly shows: readonly {
    readonly id: string;
    readonly name: string;
    readonly siteId: string;
    readonly firstDay: string;
    readonly lastDay: string;
  }[];
  readonly rings: readonly { readonly id: string; readonly name: string }[];
  readonly sites: readonly { readonly id: string; readonly home: boolean }[];
  readonly transports: readonly { readonly toSiteId: string; readonly day: string; readonly dogs: readonly string[] }[];
  readonly entries: readonly {
    readonly id: string;
    readonly dogId: string;
    readonly showId: string;
    readonly ringId: string;
    readonly day: string;
    readonly ringTime: string;
  }[];
}

/** A record of work as rooms read it. */
export interface RoomWork {
  readonly taskKey: string;
  readonly dogId: string;
  readonly step: StepId;
  readonly state: WorkState;
  readonly startedAt?: string;
  readonly finishedAt?: string;
}

/** State of a step on a strand. */
export type MarkState =
  'done' | 'skipped' | 'running' | 'paused' | 'planned' | 'late' | 'noPlace' | 'waiting' | 'travel';

/** One step on a strand. */
export interface StrandStep {
  readonly key: string;
  readonly step: StepId;
  readonly state: MarkState;
  readonly atMs: number;
}

/** One dog's row: its next entry, its steps, what is in the way; times in Unix milliseconds. */
export interface CountdownRow<E extends RoomKennel['entries'][number] = RoomKennel['entries'][number]> {
  readonly dogId: string;
  readonly entry: E;
  readonly ringMs: number;
  readonly ring: string;
  /** Later entries of the dog at the same show. */
  readonly also: readonly E[];
  readonly steps: readonly StrandStep[];
  /** Why the dog will not be ready; null when it will. */
  readonly problem: UnplacedChain | null;
  /** Tasks of its entries that no longer hold in the plan: by that the dog is not ready. */
  readonly broken: readonly PlanBreak[];
  /** Steps of its entries that are left out though its coat asks for them: it is ready without them. */
  readonly without: readonly StepId[];
  /** Whether the plan knows of the entry; one that was entered since, or lies beyond it, is not ready yet. */
  readonly isPlanned: boolean;
  /** How much later the next open step could begin, ms; null when nothing is open or there is a problem. */
  readonly spareMs: number | null;
}

/** Rows of one day in order of ring times. */
export interface CountdownDay<E extends RoomKennel['entries'][number] = RoomKennel['entries'][number]> {
  readonly day: LocalDay;
  readonly firstRingMs: number;
  readonly rows: readonly CountdownRow<E>[];
}

/** The answer of the Countdown: how many will be ready, and what is in the way of the others. */
export interface Countdown<E extends RoomKennel['entries'][number] = RoomKennel['entries'][number]> {
  /** The next show, or null when none is ahead. */
  readonly show: RoomKennel['shows'][number] | null;
  readonly days: readonly CountdownDay<E>[];
  readonly ready: number;
  readonly of: number;
  /** Rows that the plan does not know of yet. */
  readonly unplanned: number;
  /** Rows whose plan no longer holds. */
  readonly broken: number;
  /** Dogs that will be ready, but without something. */
  readonly readyWithout: readonly string[];
  /** Dogs of the next show, away from home, that no ride takes there. */
  readonly withoutRide: readonly string[];
  /** Rows with a problem, the soonest decision first, with the moment by which it must be taken. */
  readonly problems: readonly { readonly row: CountdownRow<E>; readonly byMs: number }[];
  /** Later shows within the plan, folded to a line each. */
  readonly later: readonly {
    readonly show: RoomKennel['shows'][number];
    readonly dogs: number;
    readonly notReady: number;
    /** Dogs that the plan does not know of yet, and those for which it no longer holds. */
    readonly unplanned: number;
    readonly broken: number;
  }[];
}

/** A late step is one whose planned start has passed by more than this, ms. */
const LATE_MS = 10 * 60_000;

type EntryOf<K extends RoomKennel> = K['entries'][number];

/** Reads the Countdown. `breaks`: what of the plan no longer holds. */
export function countdown<K extends RoomKennel>(
  kennel: K,
  plan: Plan | null,
  work: readonly RoomWork[],
  nowMs: number,
  breaks: readonly PlanBreak[] = [],
): Countdown<EntryOf<K>> {
  const today = localDayOf(nowMs, kennel.settings.timeZone);
  const shows = kennel.shows
    .filter((s) => s.lastDay >= today && kennel.entries.some((e) => e.showId === s.id))
    .sort((x, y) => x.firstDay.localeCompare(y.firstDay));
  const show = shows[0] ?? null;
  const read = readingOf(kennel, plan, work, nowMs, breaks);
  const rows = show === null ? [] : showRows(read, show.id);
  const days = [...new Set(rows.map((r) => r.entry.day as LocalDay))].sort().map((day) => dayOf(day, rows));
  const problems = rows
    .filter((row) => row.problem !== null)
    .map((row) => ({ row, byMs: decideBy(row, nowMs) }))
    .sort((x, y) => x.byMs - y.byMs);
  const unplanned = rows.filter((row) => !row.isPlanned).length;
  const later = shows.slice(1).map((s) => ({
    show: s,
    dogs: new Set(kennel.entries.filter((e) => e.showId === s.id).map((e) => e.dogId)).size,
    notReady: (plan?.unplaced ?? []).filter((u) => kennel.entries.some((e) => e.id === u.entryId && e.showId === s.id))
      .length,
    unplanned: [...dogsAt(read, s.id).values()].filter((entries) => !isPlanned(read, entries)).length,
    broken: [...dogsAt(read, s.id).values()].filter((entries) => brokenOf(read, entries).length > 0).length,
  }));
  const broken = rows.filter(isBroken).length;
  const ready = rows.length - problems.length - unplanned - broken;
  const readyWithout = rows
    .filter((row) => row.problem === null && row.isPlanned && row.broken.length === 0 && row.without.length > 0)
    .map((row) => row.dogId);
  const withoutRide = show === null ? [] : withoutRideTo(kennel, show, rows);
  return { show, days, ready, of: rows.length, unplanned, broken, readyWithout, withoutRide, problems, later };
}

/** Whether a dog counts as not ready by its plan alone. */
function isBroken(row: CountdownRow): boolean {
  return row.problem === null && row.isPlanned && row.broken.length > 0;
}

/** Dogs that are not at a show's site and that nothing takes there by their day. */
function withoutRideTo(
  kennel: RoomKennel,
  show: RoomKennel['shows'][number],
  rows: readonly CountdownRow[],
): readonly string[] {
  if (kennel.sites.find((s) => s.id === show.siteId)?.home !== false) return [];
  const rides = kennel.transports.filter((t) => t.toSiteId === show.siteId);
  return rows
    .filter((row) => !rides.some((t) => t.day <= row.entry.day && t.dogs.includes(row.dogId)))
    .map((row) => row.dogId);
}

function dayOf<E extends RoomKennel['entries'][number]>(
  day: LocalDay,
  rows: readonly CountdownRow<E>[],
): CountdownDay<E> {
  const mine = rows.filter((r) => r.entry.day === day).sort((x, y) => x.ringMs - y.ringMs);
  return { day, firstRingMs: mine[0]?.ringMs ?? 0, rows: mine };
}

/** A decision is due before the first waiting step should begin. */
function decideBy(row: CountdownRow, nowMs: number): number {
  const first = row.problem?.waiting[0];
  return first === undefined ? row.ringMs : Math.max(nowMs, instantToMs(first.aim));
}

/** The plan sorted by dog and by entry, once: rooms read it again every few seconds. */
interface Reading<K extends RoomKennel> {
  readonly kennel: K;
  readonly nowMs: number;
  readonly activities: ReadonlyMap<string, readonly PlannedActivity[]>;
  readonly unplaced: ReadonlyMap<string, readonly UnplacedChain[]>;
  readonly work: ReadonlyMap<string, readonly RoomWork[]>;
  readonly states: ReadonlyMap<string, RoomWork>;
  /** Entries of which the plan has work. */
  readonly planned: ReadonlySet<string | null>;
  readonly breaks: ReadonlyMap<string | null, readonly PlanBreak[]>;
  readonly leftOut: ReadonlyMap<string | null, readonly LeftOut[]>;
}

function readingOf<K extends RoomKennel>(
  kennel: K,
  plan: Plan | null,
  work: readonly RoomWork[],
  nowMs: number,
  breaks: readonly PlanBreak[],
): Reading<K> {
  const activities = plan?.activities ?? [];
  return {
    kennel,
    nowMs,
    activities: groupBy(activities, (a) => a.dogId as string),
    unplaced: groupBy(plan?.unplaced ?? [], (u) => u.dogId as string),
    work: groupBy(work, (w) => w.dogId),
    states: new Map(work.map((w) => [w.taskKey, w])),
    planned: new Set(activities.map((a) => a.entryId)),
    breaks: groupBy(breaks, (b) => b.entryId as string | null),
    leftOut: groupBy(plan?.leftOut ?? [], (l) => l.entryId as string | null),
  };
}

/** Entries of each dog at a show, by ring time. */
function dogsAt<K extends RoomKennel>(read: Reading<K>, showId: string): Map<string, EntryOf<K>[]> {
  const here: readonly EntryOf<K>[] = read.kennel.entries.filter((e) => e.showId === showId);
  const byDog = groupBy(here, (e) => e.dogId);
  for (const entries of byDog.values()) entries.sort((x, y) => ringMsOf(read, x) - ringMsOf(read, y));
  return byDog;
}

function ringMsOf(read: Reading<RoomKennel>, e: RoomKennel['entries'][number]): number {
  return wallToMs(e.day as LocalDay, e.ringTime as WallTime, read.kennel.settings.timeZone);
}

/** Entries that are not judged yet, a quarter of an hour allowed. */
function aheadOf<E extends RoomKennel['entries'][number]>(read: Reading<RoomKennel>, entries: readonly E[]): E[] {
  return entries.filter((e) => ringMsOf(read, e) + 15 * 60_000 > read.nowMs);
}

function showRows<K extends RoomKennel>(read: Reading<K>, showId: string): CountdownRow<EntryOf<K>>[] {
  const { kennel, nowMs } = read;
  return [...dogsAt(read, showId)].map(([dogId, entries]) => {
    const ahead = aheadOf(read, entries);
    const entry = (ahead[0] ?? entries[entries.length - 1]) as EntryOf<K>;
    const problem = problemOf(read, dogId, entries);
    const open = (read.activities.get(dogId) ?? []).filter((a) => a.entryId !== null);
    return {
      dogId,
      entry,
      ringMs: ringMsOf(read, entry),
      ring: kennel.rings.find((r) => r.id === entry.ringId)?.name ?? '',
      also: ahead.slice(1),
      steps: stepsOf(read, dogId, entry),
      problem,
      broken: brokenOf(read, ahead),
      without: withoutOf(read, dogId, ahead),
      isPlanned: isPlanned(read, entries),
      spareMs: problem === null ? spareOf(open, read.states, nowMs) : null,
    };
  });
}

/** Whether the plan knows a dog's entries: it has work for one, or says why not; what is judged needs none. */
function isPlanned<K extends RoomKennel>(read: Reading<K>, entries: readonly EntryOf<K>[]): boolean {
  const ahead = aheadOf(read, entries);
  const dogId = entries[0]?.dogId ?? '';
  return ahead.length === 0 || ahead.some((e) => read.planned.has(e.id)) || problemOf(read, dogId, entries) !== null;
}

/** Breaks of a dog's entries that are not judged yet. */
function brokenOf(read: Reading<RoomKennel>, entries: readonly { readonly id: string }[]): readonly PlanBreak[] {
  return entries.flatMap((e) => read.breaks.get(e.id) ?? []);
}

/**
 * Reasons by which a coat is less than it could be. Rules, age and locked zones leave out what is not wanted, and what later
 * work has passed over can no longer be had.
 */
const IS_LOSS: ReadonlySet<DropReason['code']> = new Set(['past', 'state', 'noConsent']);
/** A look, a test or a brushing that is over changes no coat, and a missed rough pass is made good by the fine one. */
const NO_LOSS: ReadonlySet<StepId> = new Set([
  ...(['shapeCheck', 'lineBrush', 'combThrough', 'dryCheck', 'inspection', 'roughTrim'] as const),
]);

/** Steps that a dog goes without: dropped by the plan, or skipped by somebody, each once. */
function withoutOf(
  read: Reading<RoomKennel>,
  dogId: string,
  entries: readonly { readonly id: string }[],
): readonly StepId[] {
  const dropped = entries.flatMap((e) =>
    (read.leftOut.get(e.id) ?? []).filter(
      (l) => IS_LOSS.has(l.why.code) && !(l.why.code === 'past' && NO_LOSS.has(l.step)),
    ),
  );
  const skipped = (read.work.get(dogId) ?? []).filter(
    (w) => w.state === 'skipped' && entries.some((e) => w.taskKey.startsWith(`e:${e.id}:`)),
  );
  return [...new Set([...dropped.map((l) => l.step), ...skipped.map((w) => w.step)])];
}

function problemOf(
  read: Reading<RoomKennel>,
  dogId: string,
  entries: readonly { readonly id: string }[],
): UnplacedChain | null {
  const out = (read.unplaced.get(dogId) ?? []).filter((u) => entries.some((e) => e.id === u.entryId));
  // "Waits for the day before" is no cause of its own.
  return out.find((u) => u.reason.code !== 'needsOther') ?? out[0] ?? null;
}

/** Slack of the next open step: how much later than planned, or than now, it could begin. */
function spareOf(
  chain: readonly PlannedActivity[],
  states: ReadonlyMap<string, RoomWork>,
  nowMs: number,
): number | null {
  const next = chain.find((a) => !states.has(a.key) && a.state === 'planned' && a.latest !== null && !a.bound);
  if (next?.latest == null) return null;
  return Math.max(0, instantToMs(next.latest) - Math.max(nowMs, instantToMs(next.start)));
}

function stepsOf(
  read: Reading<RoomKennel>,
  dogId: string,
  entry: { readonly id: string; readonly day: string },
): StrandStep[] {
  const { nowMs, states } = read;
  const zone = read.kennel.settings.timeZone;
  const ends = wallToMs(addDays(entry.day as LocalDay, 1), '00:00' as WallTime, zone);
  const steps: StrandStep[] = [];
  for (const w of read.work.get(dogId) ?? []) {
    const at = w.finishedAt ?? w.startedAt;
    if (at === undefined) continue;
    const open = w.state === 'running' || w.state === 'paused';
    steps.push({ key: w.taskKey, step: w.step, state: w.state, atMs: open ? nowMs : instantToMs(at as Instant) });
  }
  for (const a of read.activities.get(dogId) ?? []) {
    const startMs = instantToMs(a.start);
    if (states.has(a.key) || a.state !== 'planned' || startMs >= ends) continue;
    const state = startMs + LATE_MS < nowMs ? 'late' : a.step === 'load' ? 'travel' : 'planned';
    steps.push({ key: a.key, step: a.step, state, atMs: Math.max(startMs, nowMs) });
  }
  for (const u of read.unplaced.get(dogId) ?? []) {
    if (u.entryId !== entry.id) continue;
    for (const x of u.waiting) {
      steps.push({
        key: x.key,
        step: x.step,
        state: x.blocked ? 'noPlace' : 'waiting',
        atMs: Math.max(nowMs, instantToMs(x.aim)),
      });
    }
  }
  return steps.sort((x, y) => x.atMs - y.atMs);
}
