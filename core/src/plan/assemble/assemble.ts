/*
 * From the kennel and the care programs to the planner's problem: every entry becomes a chain of activities with
 * windows counted back from its ring time or the departure, every dog at home gets its keep-up work, and what is done or
 * running is fixed. Pure: the moment comes in as an argument.
 */
import { slotsOf } from '../../time/slotGrid.js';
import type { SlotGrid } from '../../time/slotGrid.js';
import { noiseDosePercent } from '../../programs/noiseDose.js';
import { workLimits } from '../../kennel/limits.js';
import type { TaskPin } from '../../kennel/kennelFile.js';
import type { Skill, StepId } from '../../kennel/vocabulary.js';
import { instantToMs } from '../../time/zone.js';
import type { DogId } from '../../units/ids.js';
import type { ProgramStep } from '../../programs/careProgram.js';
import type { Estimate } from '../../programs/estimate.js';
import { BLADES, BLOWN, WET_RUN } from '../../programs/stepGroups.js';
import { walkOf, withWalks } from './walks.js';
import { shareLags, tightenWindows } from './windows.js';
import type { ChainFields } from '../problem.js';
import { DEFAULT_WEIGHTS, Problem, Task, demandOf } from '../problem.js';
import type { ChainDraft } from './chains.js';
import { continuitiesOf } from './continuities.js';
import { draftChains } from './chains.js';
import type { StepDraft } from './stepDrafts.js';
import type { PlanInput } from './planInput.js';
import { slotsInRun } from './roundedRun.js';
import { makeCalendars } from './calendars.js';
import type { CalendarItem, LeftOut, PlanNote } from '../plan.js';

/** The problem, and what is needed to read its indexes back. */
export interface Assembled {
  readonly problem: Problem;
  readonly input: PlanInput;
  readonly drafts: readonly ChainDraft[];
  /** Estimates by activity index. */
  readonly estimates: readonly Estimate[];
  /** Attended slots by person index, by activity index; empty where all who may do it are alike. */
  readonly attended: readonly ReadonlyMap<number, number>[];
  readonly leftOut: readonly LeftOut[];
  readonly notes: readonly PlanNote[];
  readonly calendar: readonly CalendarItem[];
}

/** Hundredths of a percent of a day's noise dose in one slot. */
function noisePoints(levelDba: number): number {
  return levelDba <= 0 ? 0 : Math.ceil(noiseDosePercent(levelDba, 5) * 100);
}

/** Makes the planner's problem from an input. */
export function assembleProblem(input: PlanInput): Assembled {
  const { grid } = input;
  const now = grid.slotOf(input.nowMs, 'ceil');
  const calendars = makeCalendars(input);
  const drafted = draftChains(input);
  const chains: ChainFields[] = [];
  const activities: Task[] = [];
  const estimates: Estimate[] = [];
  const attended: ReadonlyMap<number, number>[] = [];
  const keys = new Map<string, number>();
  const pins = new Map((input.kennel.pins ?? []).map((p) => [p.taskKey as string, p]));
  for (const draft of drafted.chains) {
    const index = chains.length;
    const dog = input.dogIndex.get(draft.dogId) ?? -1;
    const first = activities.length;
    const made = draft.steps.map((s, k) => makeActivity(input, draft, s, index, first + k, now));
    const walk = walkOf(input, draft.dogId);
    const tight = tightenWindows(withWalks(shareLags(made), walk), now, grid.horizon);
    activities.push(...tight.map((a) => pinned(input, pins, a, now)));
    estimates.push(...draft.steps.map((s) => s.estimate));
    attended.push(...draft.steps.map((s) => s.attended));
    keys.set(draft.key, index);
    chains.push({
      index,
      key: draft.key,
      kind: draft.kind,
      job: dog,
      cost: draft.cost,
      needs: draft.needs === null ? -1 : (keys.get(draft.needs) ?? -1),
      acts: tight.map((a) => a.index),
      continuities: draft.kind === 'show' ? continuitiesOf(tight) : [],
    });
  }
  const { leftOut, calendar, notes } = drafted;
  const problem = new Problem({
    horizon: grid.horizon,
    now,
    dayStarts: grid.dayStarts,
    ...calendars,
    chains: firstRingFirst(chains, activities),
    activities,
    weights: DEFAULT_WEIGHTS,
  });
  return { problem, input, drafts: drafted.chains, estimates, attended, leftOut, calendar, notes };
}

/** Of two entries of equal importance that cannot both be ready, the one that is due first keeps what both need. */
const FIRST_RING = 100;

/** The chains, each show dearer to leave out by those whose last ring is later. */
function firstRingFirst(chains: readonly ChainFields[], tasks: readonly Task[]): ChainFields[] {
  const rings = (c: ChainFields): number[] =>
    c.acts.flatMap((i) => (tasks[i]?.step === 'ring' ? [tasks[i].earliestStart] : []));
  const due = chains.map((c) => (c.kind === 'show' ? Math.max(0, ...rings(c)) : -1));
  return chains.map((c, k) => {
    const mine = due[k] ?? -1;
    const later = mine < 0 ? 0 : due.filter((other) => other > mine).length;
    return { ...c, cost: c.cost + FIRST_RING * later };
  });
}

/** Cost of preparing a dog a day off the wish: less than what an uneven crew costs; more where its bath could be stale. */
const DAY_OFF = { fresh: 12, soonStale: 80, stale: 120 } as const;
/** Days from bath to ring after which a bath is stale (common practice). */
const STALE_AFTER_DAYS = 3;

/** Cost of a whole day off the aim of a preparation's first step; -1 where every slot counts. */
function dayOffCost(s: StepDraft, draft: ChainDraft): number {
  if (!s.step.anchor || s.step.to.of !== 'prepEnd' || s.aimMs === null) return -1;
  const ring = draft.steps.find((x) => x.step.step === 'ring');
  if (ring === undefined) return DAY_OFF.fresh;
  const daysFrom = (ms: number): number => Math.floor((ring.fromMs - ms) / DAY_MS);
  if (daysFrom(s.fromMs) <= STALE_AFTER_DAYS) return DAY_OFF.fresh;
  return daysFrom(s.aimMs) < STALE_AFTER_DAYS ? DAY_OFF.soonStale : DAY_OFF.stale;
}

/** A ring finish by somebody who does not scissor, where somebody who does could: about three hours of lateness. */
const DEPUTY = 40;
const RING_FINISH: ReadonlySet<StepId> = new Set(['finish']);

/** Washing, drying and brushing by somebody who scissors, whose time is scarcer: a tie-breaker of three slots a step. */
const SPARED = 3;
type Deputed = 'own' | 'preferred' | 'spared' | 'deputyCost';
const FLOOR: ReadonlySet<Skill> = new Set(['bath', 'dry', 'brush', 'hand']);

/** A step by another than the one whom the dog knows, where that one can: about an hour of lateness (engineering default). */
const STRANGER = 16;
const SCISSORED: ReadonlySet<StepId> = new Set([
  ...BLADES,
  ...(['clip', 'whiskers', 'revive', 'finish', 'tidies'] as const),
]);
const BATHED: ReadonlySet<StepId> = new Set([...WET_RUN, 'dryCheck', 'preTreat', 'towelSoak']);

/** Index of the person whom a dog's record names for a step; -1 where it names none. */
function known(input: PlanInput, dogId: DogId, step: StepId): number {
  const dog = input.kennel.dogs[input.dogIndex.get(dogId) ?? -1];
  const id = SCISSORED.has(step) ? dog?.finisherId : BATHED.has(step) ? dog?.batherId : undefined;
  return id === undefined ? -1 : (input.personIndex.get(id) ?? -1);
}

/** Whom a step should go to, and what it costs when it does not. */
function deputies(step: StepId, skill: Skill | null, own: number): Pick<Task, Deputed> {
  if (own >= 0) return { own, preferred: null, spared: null, deputyCost: RING_FINISH.has(step) ? DEPUTY : STRANGER };
  if (RING_FINISH.has(step)) return { own, preferred: 'scissor', spared: null, deputyCost: DEPUTY };
  const isFloor = skill !== null && FLOOR.has(skill);
  return { own, preferred: null, spared: isFloor ? 'scissor' : null, deputyCost: isFloor ? SPARED : 0 };
}

const DAY_MS = 24 * 3_600_000;
const EARLY = 1;
const LATE = 1;
const ANCHOR_LATE = 2;
const OVERDUE_LATE = 8;
/** A wet dog that waits goes before other dogs' plans: mats set and skin suffers while a coat dries by itself. */
const WET_LATE = 80;

/** Minutes told to a tenth are the same within this. */
const ROUNDED_MIN = 0.11;

/** Whether a task's estimate is the one that its planned slots rest on; true where nobody has noted it. */
function isAsPlanned(input: PlanInput, s: StepDraft): boolean {
  const minutes = input.plannedMinutes.get(s.key);
  return minutes === undefined || Math.abs(minutes - s.estimate.middleMin / s.sessions) < ROUNDED_MIN;
}

function makeActivity(
  input: PlanInput,
  draft: ChainDraft,
  s: StepDraft,
  chain: number,
  index: number,
  now: number,
): Task {
  const { grid } = input;
  const needs = input.library.steps[s.step.step];
  const minutes = s.step.careful ? s.estimate.p80Min : s.estimate.middleMin;
  const own = s.exact ? slotsOf(minutes) : slotsInRun(minutes / s.sessions, s.carriedMin, s.mostMin, s.step.careful);
  const planned = isAsPlanned(input, s) ? (input.plannedSlots.get(s.key) ?? own) : own;
  const att = input.keepsMinutes || Math.abs(planned - own) <= 1 ? planned : own;
  const dur = s.fixed === null ? att + slotsOf(s.step.restMin) : s.fixed.dur;
  const est = s.fixed === null ? Math.max(now, grid.slotOf(s.fromMs, s.exact ? 'floor' : 'ceil')) : s.fixed.place.start;
  const latest = s.fixed === null ? Math.min(grid.horizon, grid.slotOf(s.toMs, s.exact ? 'ceil' : 'floor')) : est + dur;
  const byTwo = !input.hasRamp || input.ways.get(draft.key)?.twoLift === true;
  const ramp = needs.lifts && draft.weightKg >= workLimits(input.kennel.settings).liftKg;
  const isHeld = draft.fearsDryer && BLOWN.has(s.step.step);
  const task = new Task({
    index,
    chain,
    key: s.key,
    step: s.step.step,
    duration: dur,
    attended: s.fixed === null ? att : Math.min(s.fixed.dur, s.step.restMin > 0 ? att : s.fixed.dur),
    earliestStart: est,
    latestEnd: latest,
    idealStart: aimOf(s, grid, est, latest - dur),
    follows: s.step.aim.of === 'follow' && s.position > 0,
    earlyCost: s.step.anchor ? ANCHOR_LATE : EARLY,
    lateCost: s.overdue ? (WET_RUN.has(s.step.step) ? WET_LATE : OVERDUE_LATE) : s.step.anchor ? ANCHOR_LATE : LATE,
    dayOffCost: dayOffCost(s, draft),
    skill: s.step.skill ?? needs.skill,
    allowed: s.allowed,
    second: (ramp && byTwo) || isHeld ? 'hand' : needs.second,
    ...deputies(s.step.step, s.step.skill ?? needs.skill, known(input, draft.dogId, s.step.step)),
    only: s.handler,
    station: needs.station,
    ramp: ramp && !byTwo,
    lengthCm: s.lengthCm,
    demand: demandOf(needs.amps),
    setup: slotsOf(needs.cleanMin),
    strains: needs.stands,
    exposure: noisePoints(needs.noiseDba),
    precision: needs.scissors ? 1 : 0,
    lagMin: slotsOf(s.step.lagMin),
    lagMax: s.lagMaxMin === null ? -1 : Math.floor(s.lagMaxMin / 5),
    since: s.since.map((x) => ({
      activity: index - s.position + x.position,
      min: slotsOf(x.min),
      max: x.max === null ? -1 : Math.floor(x.max / 5),
    })),
    fixed: null,
    overdue: s.overdue,
    at: -1,
    pinned: null,
  });
  return s.fixed === null ? task : task.fixedAt(s.fixed.place);
}

/**
 * A task that a lead has set has one start, and the assignees and place that were named. A start that has passed binds nobody
 * any more.
 */
function pinned(input: PlanInput, pins: ReadonlyMap<string, TaskPin>, a: Task, now: number): Task {
  const pin = pins.get(a.key);
  if (pin === undefined || a.fixed !== null) return a;
  const start = input.grid.slotOf(instantToMs(pin.start), 'floor');
  if (start < now) return a;
  const person = pin.personId === undefined ? -1 : (input.personIndex.get(pin.personId) ?? -1);
  const unit = input.units.find((u) => u.id === pin.stationId);
  return a.with({
    // Never outside what the care program allows: such a task has no place, and letting it go is what helps.
    earliestStart: Math.max(a.earliestStart, start),
    latestEnd: Math.min(a.latestEnd, start + a.duration),
    idealStart: start,
    follows: false,
    only: person >= 0 ? person : a.only,
    at: unit?.index ?? -1,
    pinned: {
      earliestStart: a.earliestStart,
      latestEnd: a.latestEnd,
      idealStart: a.idealStart,
      follows: a.follows,
      only: a.only,
      at: a.at,
    },
  });
}

function aimOf(s: StepDraft, grid: SlotGrid, est: number, latestStart: number): number {
  const clamp = (t: number): number => Math.max(est, Math.min(latestStart, t));
  const aim: ProgramStep['aim'] = s.step.aim;
  if (s.overdue) return est;
  if (aim.of === 'prepDay' && s.aimMs !== null) return clamp(grid.slotOf(s.aimMs, 'ceil'));
  return aim.of === 'latest' ? clamp(latestStart) : est;
}
