/*
 * The Day sheet's answer: who does what on a day, where, in which order. A pure reading of kennel, plan and work.
 */
import type { StepId, WorkState } from '../kennel/vocabulary.js';
import type { Plan, PlannedActivity } from '../plan/plan.js';
import { addDays } from '../time/localDay.js';
import type { Instant, LocalDay, WallTime } from '../time/localDay.js';
import { instantToMs, wallToMs } from '../time/zone.js';
import type { CareRound } from './careRounds.js';
import type { RoomWork } from './countdown.js';

/** The part of a kennel that a day sheet reads. */
export interface SheetKennel {
  readonly settings: { readonly timeZone: string };
  readonly people: readonly { readonly id: string; readonly name: string; readonly role: string }[];
  readonly stations: readonly {
    readonly id: string;
    readonly name: string;
    readonly closures: readonly {
      readonly day: string;
      readonly start: string;
      readonly end: string;
      readonly reason: string;
    }[];
  }[];
  readonly shifts: readonly {
    readonly id: string;
    readonly personId: string;
    readonly day: string;
    readonly start: string;
    readonly end: string;
    readonly pauses: readonly { readonly start: string; readonly end: string; readonly what: 'break' | 'care' }[];
  }[];
  readonly absences: readonly { readonly personId: string; readonly day: string; readonly reason: 'ill' | 'away' }[];
  readonly transports: readonly {
    readonly name: string;
    readonly day: string;
    readonly depart: string;
    readonly arrive: string;
    readonly people: readonly string[];
  }[];
}

/** Work records with what the sheet shows of who did it. */
export interface SheetWork extends RoomWork {
  readonly personId?: string;
  readonly stationId?: string;
}

/** One task on a person's rope; times in ms since the epoch. */
export interface Block {
  readonly key: string;
  readonly dogId: string;
  readonly step: StepId;
  readonly startMs: number;
  readonly endMs: number;
  readonly stationId: string | null;
  readonly state: WorkState | 'planned' | 'late';
  /** Null for work that the plan no longer holds. */
  readonly activity: PlannedActivity | null;
}

/** Neighboring blocks of one person with one dog, or of one step on several dogs, drawn as one. */
export interface Bundle {
  readonly startMs: number;
  readonly endMs: number;
  readonly blocks: readonly Block[];
}

/** A stretch of a day, Unix milliseconds, and what it is. */
export interface Span {
  readonly fromMs: number;
  readonly toMs: number;
  readonly what: string;
}

/** Somebody's part of a care round. */
export interface RoundSpan {
  readonly fromMs: number;
  readonly toMs: number;
  readonly round: CareRound;
}

/** One person's day: shift, breaks, rides, tasks, load in minutes. */
export interface Lane {
  readonly personId: string;
  readonly shift: Span | null;
  readonly absent: 'ill' | 'away' | null;
  readonly pauses: readonly Span[];
  readonly travel: readonly Span[];
  /** Parts of care rounds; `what` is the round's kind. */
  readonly rounds: readonly RoundSpan[];
  readonly blocks: readonly Block[];
  /** Attended minutes, and the minutes of the shift without pauses. */
  readonly loadMin: number;
  readonly shiftMin: number;
}

/** One station's day: who is on it, when it is closed. */
export interface StationLane {
  readonly stationId: string;
  readonly spans: readonly {
    readonly fromMs: number;
    readonly toMs: number;
    readonly dogId: string;
    readonly state: Block['state'];
  }[];
  readonly closed: readonly Span[];
}

/** A day's lanes and how many tasks have a place. */
export interface DaySheet {
  readonly day: LocalDay;
  readonly fromMs: number;
  readonly toMs: number;
  readonly lanes: readonly Lane[];
  readonly stations: readonly StationLane[];
  /** Tasks of the day that have a place, and of chains whose first waiting step falls on it and has none. */
  readonly tasks: number;
  readonly withoutPlace: number;
}

const LATE_MS = 10 * 60_000;
const MINUTE_MS = 60_000;

/** Reads the sheet of one local day. */
export function daySheet(
  kennel: SheetKennel,
  plan: Plan | null,
  work: readonly SheetWork[],
  day: LocalDay,
  nowMs: number,
  rounds: readonly CareRound[] = [],
): DaySheet {
  const zone = kennel.settings.timeZone;
  const ms = (time: string): number => wallToMs(day, time as WallTime, zone);
  const dayStart = ms('00:00');
  const dayEnd = wallToMs(addDays(day, 1), '00:00' as WallTime, zone);
  const blocks = blocksOf(plan, work, dayStart, dayEnd, nowMs);
  const lanes = kennel.people.map((p) => ({
    ...laneOf(kennel, p.id, day, blocks.get(p.id) ?? [], ms),
    rounds: roundsOf(rounds, p.id),
  }));
  const all = [...new Map([...blocks.values()].flat().map((b) => [b.key, b])).values()];
  const { fromMs, toMs } = hoursOf(lanes, all, ms('06:00'), ms('18:00'));
  const within = (at: string): boolean => instantToMs(at as Instant) >= dayStart && instantToMs(at as Instant) < dayEnd;
  const withoutPlace = (plan?.unplaced ?? []).flatMap((u) => u.waiting).filter((x) => within(x.aim)).length;
  return { day, fromMs, toMs, lanes, stations: stationLanes(kennel, all, day, ms), tasks: all.length, withoutPlace };
}

function blocksOf(
  plan: Plan | null,
  work: readonly SheetWork[],
  dayStart: number,
  dayEnd: number,
  nowMs: number,
): Map<string, Block[]> {
  const byPerson = new Map<string, Block[]>();
  const add = (personId: string, block: Block): void => {
    if (block.endMs <= dayStart || block.startMs >= dayEnd) return;
    byPerson.set(personId, [...(byPerson.get(personId) ?? []), block]);
  };
  const planned = new Map((plan?.activities ?? []).map((a) => [a.key as string, a]));
  const touched = new Set<string>();
  for (const w of work) {
    if (w.startedAt === undefined || w.personId === undefined) continue;
    touched.add(w.taskKey);
    const activity = planned.get(w.taskKey) ?? null;
    add(w.personId, workBlock(w, activity, nowMs));
    const second = activity?.people.find((id) => id !== w.personId);
    if (second !== undefined && activity !== null && activity.people.length > 1)
      add(second, workBlock(w, activity, nowMs));
  }
  const skipped = new Set(work.filter((w) => w.state === 'skipped').map((w) => w.taskKey));
  for (const a of planned.values()) {
    if (touched.has(a.key) || skipped.has(a.key) || a.state !== 'planned') continue;
    for (const personId of a.people) add(personId, plannedBlock(a, nowMs));
  }
  for (const list of byPerson.values()) list.sort((x, y) => x.startMs - y.startMs);
  return byPerson;
}

function workBlock(w: SheetWork, activity: PlannedActivity | null, nowMs: number): Block {
  const startMs = instantToMs(w.startedAt as Instant);
  const usual = (activity?.minutes.middle ?? 0) * MINUTE_MS;
  const endMs = w.finishedAt === undefined ? Math.max(nowMs, startMs + usual) : instantToMs(w.finishedAt as Instant);
  return {
    key: w.taskKey,
    dogId: w.dogId,
    step: w.step,
    startMs,
    endMs,
    stationId: w.stationId ?? null,
    state: w.state,
    activity,
  };
}

function plannedBlock(a: PlannedActivity, nowMs: number): Block {
  const startMs = instantToMs(a.start);
  return {
    key: a.key,
    dogId: a.dogId,
    step: a.step,
    startMs,
    endMs: instantToMs(a.attendedUntil),
    stationId: a.stationId,
    state: startMs + LATE_MS < nowMs ? 'late' : 'planned',
    activity: a,
  };
}

function roundsOf(rounds: readonly CareRound[], personId: string): RoundSpan[] {
  return rounds
    .flatMap((round) => round.parts.map((p) => ({ ...p, round })))
    .filter((p) => p.personId === personId)
    .map(({ fromMs, toMs, round }) => ({ fromMs, toMs, round }))
    .sort((x, y) => x.fromMs - y.fromMs);
}

function laneOf(
  kennel: SheetKennel,
  personId: string,
  day: LocalDay,
  blocks: readonly Block[],
  ms: (time: string) => number,
): Omit<Lane, 'rounds'> {
  const shift = kennel.shifts.find((s) => s.personId === personId && s.day === day);
  const absent = kennel.absences.find((a) => a.personId === personId && a.day === day)?.reason ?? null;
  const pauses = (shift?.pauses ?? []).map((p) => ({ fromMs: ms(p.start), toMs: ms(p.end), what: p.what }));
  const travel = kennel.transports
    .filter((t) => t.day === day && t.people.includes(personId))
    .map((t) => ({ fromMs: ms(t.depart), toMs: ms(t.arrive), what: t.name }));
  const minutes = (s: Span): number => (s.toMs - s.fromMs) / MINUTE_MS;
  const whole = shift === undefined ? null : { fromMs: ms(shift.start), toMs: ms(shift.end), what: 'shift' };
  const off = [...pauses, ...travel].reduce((sum, p) => sum + minutes(p), 0);
  return {
    personId,
    shift: whole,
    absent,
    pauses,
    travel,
    blocks,
    loadMin: Math.round(blocks.reduce((sum, b) => sum + (b.endMs - b.startMs) / MINUTE_MS, 0)),
    shiftMin: whole === null ? 0 : Math.max(0, Math.round(minutes(whole) - off)),
  };
}

/** Gap up to which neighbors are drawn as one, ms. */
const BUNDLE_GAP_MS = 6 * MINUTE_MS;
/** A block longer than this stands for itself, ms. */
const BUNDLE_MOST_MS = 25 * MINUTE_MS;

/**
 * Short neighbors that belong together as bundles, in order; nothing is lost and running work stands alone. Blocks that
 * start within `leastMs` of each other, the time that the narrowest drawn block covers, share one too.
 */
export function bundlesOf(blocks: readonly Block[], leastMs = 0): Bundle[] {
  const bundles: Bundle[] = [];
  for (const b of blocks) {
    const last = bundles[bundles.length - 1];
    if (last !== undefined && (belongs(last, b) || crowds(last, b, leastMs))) {
      bundles[bundles.length - 1] = {
        startMs: last.startMs,
        endMs: Math.max(last.endMs, b.endMs),
        blocks: [...last.blocks, b],
      };
    } else bundles.push({ startMs: b.startMs, endMs: b.endMs, blocks: [b] });
  }
  return bundles;
}

const isOpen = (x: Block): boolean => x.state === 'running' || x.state === 'paused';

function crowds(bundle: Bundle, b: Block, leastMs: number): boolean {
  if (isOpen(b) || bundle.blocks.some(isOpen)) return false;
  return b.startMs - bundle.startMs < leastMs;
}

function belongs(bundle: Bundle, b: Block): boolean {
  const short = (x: Block): boolean => x.endMs - x.startMs <= BUNDLE_MOST_MS;
  if (b.startMs - bundle.endMs > BUNDLE_GAP_MS || !short(b) || isOpen(b)) return false;
  const alike = (x: Block): boolean => short(x) && x.state === b.state;
  const sameDog = bundle.blocks.every((x) => x.dogId === b.dogId);
  const sameStep = bundle.blocks.every((x) => x.step === b.step);
  return bundle.blocks.every(alike) && (sameDog || sameStep);
}

/** The hours that the sheet shows: all shifts and all work, whole hours, at least 6 to 18. */
function hoursOf(
  lanes: readonly Lane[],
  blocks: readonly Block[],
  least: number,
  most: number,
): { fromMs: number; toMs: number } {
  const HOUR = 3_600_000;
  const starts = [...lanes.flatMap((l) => (l.shift === null ? [] : [l.shift.fromMs])), ...blocks.map((b) => b.startMs)];
  const ends = [...lanes.flatMap((l) => (l.shift === null ? [] : [l.shift.toMs])), ...blocks.map((b) => b.endMs)];
  const from = Math.min(least, ...starts);
  const to = Math.max(most, ...ends);
  return { fromMs: Math.floor(from / HOUR) * HOUR, toMs: Math.ceil(to / HOUR) * HOUR };
}

function stationLanes(
  kennel: SheetKennel,
  blocks: readonly Block[],
  day: LocalDay,
  ms: (time: string) => number,
): StationLane[] {
  return kennel.stations
    .map((s) => ({
      stationId: s.id,
      spans: blocks
        .filter((b) => b.stationId === s.id)
        .map((b) => ({ fromMs: b.startMs, toMs: b.endMs, dogId: b.dogId, state: b.state })),
      closed: s.closures
        .filter((c) => c.day === day)
        .map((c) => ({ fromMs: ms(c.start), toMs: ms(c.end), what: c.reason })),
    }))
    .filter((s) => s.spans.length > 0 || s.closed.length > 0);
}
