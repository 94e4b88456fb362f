/*
 * One chain's steps as drafts: minutes of this dog by the people who may do it, windows as instants, sessions over days,
 * what is done or running fixed where it was.
 */
import type { Assignment } from '@loyal-mane/engine';
import type { KennelDog } from '../../kennel/dogRecord.js';
import type { KennelEntry, WorkRecord } from '../../kennel/kennelFile.js';
import type { StepId } from '../../kennel/vocabulary.js';
import { addDays } from '../../time/localDay.js';
import type { LocalDay, WallTime } from '../../time/localDay.js';
import { SLOT_MIN } from '../../time/slotGrid.js';
import { workLimits } from '../../kennel/limits.js';
import { NO_WORK, WET_RUN } from '../../programs/stepGroups.js';
import { instantToMs, msToInstant, wallToMs } from '../../time/zone.js';
import type { TaskKey } from '../../units/ids.js';
import type { ProgramStep } from '../../programs/careProgram.js';
import { coatClassOf, isPuppy } from '../../programs/dogFacts.js';
import { matSkill } from '../../programs/matMinutes.js';
import { barOf, needsOfCoat } from '../../programs/mayTrim.js';
import { standMinutesOf } from '../../programs/dogProgram.js';
import type { Estimate } from '../../programs/estimate.js';
import { FreshChecks } from './freshChecks.js';
import { splitPassedOver } from './outOfOrder.js';
import type { StepTimes, WantedStep, WhoMay } from './outOfOrder.js';
import { markMs } from './marks.js';
import { widened } from './ways.js';
import type { MarkContext } from './marks.js';
import type { CalendarItem, LeftOut, PlanNote } from '../plan.js';
import { sessionAtPace, pacesOf } from './assigneePace.js';
import type { PlanInput } from './planInput.js';
import { carriedAfter, slotsInRun } from './roundedRun.js';
import { addEstimates, stepMinutes } from './stepMinutes.js';
import { keepDistance } from './treatmentDistance.js';

/** One step of a chain, still in instants. */
export interface StepDraft {
  readonly key: TaskKey;
  readonly step: ProgramStep;
  readonly position: number;
  readonly sessions: number;
  readonly estimate: Estimate;
  readonly fromMs: number;
  readonly toMs: number;
  /** The days that are wanted, where the window has given way to more. */
  readonly wanted: { readonly fromMs: number; readonly toMs: number };
  readonly carriedMin: number;
  readonly mostMin: number;
  readonly aimMs: number | null;
  /** Ring times are rounded outward, all other windows inward. */
  readonly exact: boolean;
  readonly lagMaxMin: number | null;
  readonly since: readonly { readonly position: number; readonly min: number; readonly max: number | null }[];
  /** Person index who must do it, or -1. */
  readonly handler: number;
  readonly fixed: { readonly place: Assignment; readonly dur: number } | null;
  readonly overdue: boolean;
  /** Indexes of the people who may do it; null = everybody with the skill. */
  readonly allowed: readonly number[] | null;
  /** Attended slots by person index where paces differ; empty = all alike. */
  readonly attended: ReadonlyMap<number, number>;
  /** Where nobody may: what is missing. */
  readonly barred: 'notPracticed' | 'noTool' | null;
  /** Length that the station must have, cm; 0 = any. */
  readonly lengthCm: number;
}

/** Inputs of drafting, and the list that it adds to. */
export interface DraftContext {
  readonly input: PlanInput;
  readonly work: ReadonlyMap<string, WorkRecord>;
  readonly leftOut: LeftOut[];
  readonly calendar: CalendarItem[];
  readonly notes: PlanNote[];
}

/** Whose steps they are, and what they count from. */
export interface ChainFrame {
  readonly dog: KennelDog;
  readonly key: string;
  readonly entry: KennelEntry | null;
  readonly marks: MarkContext;
  /** Person index who shows the dog, or -1. */
  readonly handler: number;
  /** A later trim than the dog's record knows of: that of an earlier show. */
  readonly trimmedOn: LocalDay | null;
  /** Minutes of the dog's run of steps; chains of one day share it. */
  readonly run: RunMinutes;
}

/** Minutes that the steps so far have been given too many (negative: too few). */
export interface RunMinutes {
  carriedMin: number;
}

const MINUTE_MS = 60_000;
const NEVER_SPLIT: ReadonlySet<StepId> = new Set([...WET_RUN, 'dryCheck', 'towelSoak', 'towelRelease']);
/** Minutes between two sessions of work with a daily limit of its own. */
const SESSIONS_APART_MIN = 12 * 60;
/** A table is this much longer than the dog that is set up on it (engineering default). */
const DEFAULT_TABLE_ROOM = 1.1;

/** Drafts of a chain's steps, in order. */
export function draftSteps(context: DraftContext, frame: ChainFrame, steps: readonly ProgramStep[]): StepDraft[] {
  const { todo, passedOver } = splitPassedOver(
    wantedSteps(context, frame, steps),
    msToInstant(context.input.grid.msOf(0)),
    (key) => context.work.get(key),
  );
  for (const w of passedOver) if (!w.isPutIn) leaveOut(context, frame, w.step.step, 'passedOver');
  const drafts: StepDraft[] = [];
  for (const w of todo) drafts.push(makeStep(context, frame, w, drafts));
  return drafts;
}

function leaveOut(context: DraftContext, frame: ChainFrame, step: StepId, code: 'past' | 'passedOver'): void {
  context.leftOut.push({ dogId: frame.dog.id, entryId: frame.entry?.id ?? null, step, why: { code } });
}

function wantedSteps(context: DraftContext, frame: ChainFrame, steps: readonly ProgramStep[]): WantedStep[] {
  const drafting = new Sessions(context, frame, steps);
  return steps.flatMap((step) => drafting.of(step));
}

/** Turns a chain's steps, in order, into sessions with their minutes, windows and people. */
class Sessions {
  private readonly context: DraftContext;
  private readonly frame: ChainFrame;
  private readonly minutesOf: (step: ProgramStep, who: WhoMay) => Estimate;
  private readonly standMin: number;
  private readonly occurrences = new Map<string, number>();
  private readonly checks: FreshChecks;
  /** Minutes of a rough pass whose days are over. */
  private missed: Estimate | null = null;
  private isPutIn = false;
  private hasMatWork = false;
  /** A puppy's sitting, and the pause after it. */
  private readonly sittingMin: number;
  private readonly pauseMin: number;

  constructor(context: DraftContext, frame: ChainFrame, steps: readonly ProgramStep[]) {
    this.context = context;
    this.frame = frame;
    this.minutesOf = stepMinutes(context.input, frame);
    this.standMin = standMinutes(context.input, frame.dog);
    this.checks = new FreshChecks(steps, this.standMin);
    const { puppyWorkMin, dogWalkMin } = workLimits(context.input.kennel.settings);
    this.sittingMin = isPuppy(frame.dog, context.input) ? Math.max(SLOT_MIN, puppyWorkMin) : Infinity;
    this.pauseMin = dogWalkMin;
  }

  of(given: ProgramStep): WantedStep[] {
    const { input } = this.context;
    const { dog, entry } = this.frame;
    const step = given.times === 'mats' && given.skill === null ? { ...given, skill: matSkill(dog.mats ?? []) } : given;
    // Mats come out once: where an earlier place for it is still to come, a later one falls away.
    if (step.times === 'mats' && this.hasMatWork) return [];
    const occurrence = (this.occurrences.get(step.step) ?? 0) + 1;
    this.occurrences.set(step.step, occurrence);
    const who = peopleFor(input, step, dog, entry);
    const own = this.minutesOf(step, who);
    // A rough pass that was missed is not left undone: the fine pass takes its minutes as well.
    const minutes = step.step === 'fineTrim' && this.missed !== null ? addEstimates(own, this.missed) : own;
    const planned = step.careful ? minutes.p80Min : minutes.middleMin;
    const stands = input.library.steps[step.step].stands;
    const most = Math.min(
      stands ? this.standMin : Infinity,
      step.perDayMin ?? Infinity,
      this.isSplit(step) ? this.sittingMin : Infinity,
    );
    const sessions = Math.max(1, Math.ceil(planned / most - 1e-9));
    const asked = { who, minutes, sessions, most, occurrence, planned };
    if (step.aim.of !== 'follow' && entry !== null) this.frame.run.carriedMin = 0;
    return Array.from({ length: sessions }, (_, k) => this.session(step, asked, k + 1)).flat();
  }

  /** Whether a step can be left and taken up again: not from tub to dry coat, and not on the way to the ring. */
  private isSplit({ step, careful }: ProgramStep): boolean {
    return this.sittingMin < Infinity && !careful && !NEVER_SPLIT.has(step) && !NO_WORK.has(step);
  }

  /** Sessions of tests that come before a blade; they are counted already. */
  private putIn(tests: readonly ProgramStep[]): WantedStep[] {
    if (tests.length === 0) return [];
    this.isPutIn = true;
    const wanted = tests.flatMap((test) => this.of(test));
    this.isPutIn = false;
    return wanted;
  }

  private session(step: ProgramStep, asked: Asked, session: number): WantedStep[] {
    const { context, frame } = this;
    const { input } = context;
    const { marks, dog } = frame;
    const { who, minutes, sessions, most, planned } = asked;
    const key = `${frame.key}:${step.step}:${String(asked.occurrence)}:${String(session)}` as TaskKey;
    const record = context.work.get(key);
    if (record?.state === 'skipped') return [];
    const wanted = { fromMs: markMs(step.from, marks), toMs: markMs(step.to, marks) };
    const isWide = input.ways.get(frame.key)?.isWide === true;
    const allowed = isWide ? widened(wanted, step, marks) : wanted;
    const window = keepDistance(step, dog, allowed, marks.zone, marks.departMs);
    const past = step.skipWhenPast && window.toMs - planned * MINUTE_MS < input.nowMs;
    if (past && record === undefined && step.times === 'mats') return [];
    if (past && record === undefined) {
      if (step.step === 'roughTrim') this.missed = minutes;
      if (session === 1) leaveOut(context, frame, step.step, 'past');
      return [];
    }
    if (step.times === 'mats') this.hasMatWork = true;
    const fresh = this.isPutIn ? { tests: [], step, roomMin: Infinity } : this.checks.before(step, planned / sessions);
    const room = Math.min(most, Math.max(SLOT_MIN, fresh.roomMin));
    // Tests keep their numbers whether or not the blade has begun: they are the same tasks.
    const tests = this.putIn(fresh.tests);
    if (record !== undefined && (record.startedAt ?? '') < msToInstant(input.grid.msOf(0))) this.checks.anotherDay();
    // Sessions of work that has a daily limit of its own fall on different days.
    const apart = session > 1 && step.perDayMin !== null;
    const pauseMin = apart ? SESSIONS_APART_MIN : session > 1 && this.isSplit(step) ? this.pauseMin : 0;
    const mine = pauseMin > 0 ? { ...fresh.step, lagMin: pauseMin, lagMaxMin: null } : fresh.step;
    const carriedMin = isExact(step) ? 0 : frame.run.carriedMin;
    const paces = isExact(step) ? new Map<number, number>() : pacesOf(input, step.step, who);
    const options = { minutes, sessions, careful: step.careful, most: room, carriedMin };
    // Work that somebody has begun takes as long as that person does.
    const doer = record?.personId === undefined ? undefined : input.personIndex.get(record.personId);
    const paced = sessionAtPace(options, who, paces, doer ?? input.assignees.get(key));
    const times = { key, sessions, minutes: paced.minutes, ...window, wanted, carriedMin, mostMin: room };
    this.checks.gave(step, slotsInRun(planned / sessions, carriedMin, room, step.careful) * SLOT_MIN);
    carryOn(frame.run, planned / sessions, room, step.careful);
    const { isPutIn } = this;
    return [...tests, { step: mine, times, record, who: paced.who, attended: paced.attended, isPutIn }];
  }
}

/** Facts that all sessions of one step share. */
interface Asked {
  readonly who: WhoMay;
  readonly minutes: Estimate;
  readonly sessions: number;
  readonly most: number;
  readonly occurrence: number;
  readonly planned: number;
}

/** Passes on what a step is given too many or too few; at the middle pace, so that it stays as it is whoever does it. */
function carryOn(run: RunMinutes, minutes: number, most: number, careful: boolean): void {
  run.carriedMin = carriedAfter(minutes, run.carriedMin, slotsInRun(minutes, run.carriedMin, most, careful));
}

/** Judging takes the time that it takes. */
function isExact(step: ProgramStep): boolean {
  return step.from.of === 'ring' && step.to.of === 'ring' && step.step === 'ring';
}

function standMinutes(input: PlanInput, dog: KennelDog): number {
  const minutes = standMinutesOf(dog, input.kennel, input.library, isPuppy(dog, input));
  return Math.max(SLOT_MIN, Math.floor(minutes / SLOT_MIN) * SLOT_MIN);
}

function makeStep(
  context: DraftContext,
  frame: ChainFrame,
  wanted: WantedStep,
  before: readonly StepDraft[],
): StepDraft {
  const { input } = context;
  const { marks } = frame;
  const { step, times, record, who, attended } = wanted;
  const fixed = record === undefined ? null : fixedPlace(input, record, times, step);
  const prev = before[before.length - 1];
  const since = step.since.flatMap((s) => {
    const position = before.findLastIndex((b) => b.step.step === s.step);
    return position < 0 ? [] : [{ position, min: s.min, max: voidWhenBroken(input, before[position], s.max) }];
  });
  const lagMaxMin = voidWhenBroken(input, prev, step.lagMaxMin);
  const length = input.library.breeds.get(frame.dog.breed)?.lengthCm ?? 0;
  return {
    key: times.key,
    step,
    position: before.length,
    sessions: times.sessions,
    estimate: times.minutes,
    fromMs: times.fromMs,
    toMs: times.toMs,
    wanted: times.wanted,
    carriedMin: times.carriedMin,
    mostMin: times.mostMin,
    aimMs:
      step.aim.of === 'prepDay'
        ? wallToMs(addDays(marks.prepDay, step.aim.day), step.aim.time as WallTime, marks.zone)
        : null,
    exact: isExact(step),
    lagMaxMin,
    since,
    handler: step.step === 'ring' || step.step === 'gate' ? frame.handler : -1,
    fixed,
    overdue: fixed === null && lagMaxMin === null && step.lagMaxMin !== null,
    allowed: who.allowed,
    attended,
    barred: who.barred,
    lengthCm: input.library.steps[step.step].wholeLength ? length * DEFAULT_TABLE_ROOM : 0,
  };
}

/** Who may do a step: practice and kit decide; `allowed` is null where they bar nobody. */
function peopleFor(input: PlanInput, step: ProgramStep, dog: KennelDog, entry: KennelEntry | null): WhoMay {
  const skill = step.skill ?? input.library.steps[step.step].skill;
  const asked = step.tools ?? input.library.tools(step.step, coatClassOf(dog, input.library));
  const tools = needsOfCoat(asked, dog.density);
  const skilled = input.kennel.people.flatMap((p, i) => (skill !== null && p.skills.includes(skill) ? [i] : []));
  const bars = skilled.map((i) => barOf(input.kennel.people[i] ?? {}, step.step, entry?.day ?? null, tools));
  if (bars.every((b) => b === null)) return { may: skilled, allowed: null, barred: null };
  const may = skilled.filter((_, k) => bars[k] === null);
  const barred = may.length > 0 ? null : (bars.find((b) => b?.code === 'notPracticed') ?? bars[0])?.code;
  return { may, allowed: may, barred: barred ?? null };
}

/** A dog that waits on finished work is never given up because nobody is free within so many slots (15 min). */
const HARDLY_LEFT = 3;

/** A lag that what really happened has broken, or all but used up, asks for "at once", not for the impossible. */
function voidWhenBroken(input: PlanInput, before: StepDraft | undefined, maxMin: number | null): number | null {
  if (maxMin === null || before?.fixed == null) return maxMin;
  const end = before.fixed.place.start + before.fixed.dur;
  const now = input.grid.slotOf(input.nowMs, 'ceil');
  const isWaiting = end <= now && end + Math.floor(maxMin / SLOT_MIN) <= now + HARDLY_LEFT;
  return isWaiting ? null : maxMin;
}

/** Where work that somebody started sits. Running work lasts at least until the next slot. */
function fixedPlace(input: PlanInput, w: WorkRecord, times: StepTimes, step: ProgramStep): StepDraft['fixed'] {
  if (w.startedAt === undefined) return null;
  const { grid } = input;
  const startMs = instantToMs(w.startedAt);
  const start = grid.slotOf(startMs, 'floor');
  const now = grid.slotOf(input.nowMs, 'ceil');
  const done = w.state === 'done' && w.finishedAt !== undefined;
  // As long as its run gave it: what a step has too few its neighbors have too many.
  const { carriedMin, mostMin } = times;
  const planned = slotsInRun(times.minutes.middleMin / times.sessions, carriedMin, mostMin, step.careful) * SLOT_MIN;
  const workedEnd = done
    ? grid.slotOf(instantToMs(w.finishedAt ?? w.startedAt), 'ceil')
    : Math.max(now + 1, grid.slotOf(input.nowMs + Math.max(0, planned * MINUTE_MS - workedMs(w, input.nowMs)), 'ceil'));
  const end = workedEnd + Math.ceil(step.restMin / SLOT_MIN);
  const person = w.personId === undefined ? -1 : (input.personIndex.get(w.personId) ?? -1);
  const station = input.units.find((u) => u.id === w.stationId)?.index ?? -1;
  return { place: { start, worker: person, second: -1, machine: station }, dur: Math.max(1, end - start) };
}

/** Milliseconds worked on a task until a moment, pauses left out. */
export function workedMs(w: WorkRecord, nowMs: number): number {
  return w.workedMs + (w.runningSince === undefined ? 0 : Math.max(0, nowMs - instantToMs(w.runningSince)));
}
