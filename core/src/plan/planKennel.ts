/*
 * The main job in one call: kennel in, plan out. Assembles the problem, searches, lets the independent validator look,
 * and explains every item and every gap.
 */
import type { Assignment } from '@loyal-mane/engine';
import type { DogId, TaskKey } from '../units/ids.js';
import { hashText } from '../units/hash.js';
import { msToInstant } from '../time/zone.js';
import type { KennelFile } from '../kennel/kennelFile.js';
import type { CareLibrary } from '../programs/careLibrary.js';
import type { Assembled } from './assemble/assemble.js';
import type { SlotReason } from './explain/explain.js';
import { explainPlace } from './explain/explain.js';
import type { SlotHandOver } from './explain/handedOver.js';
import { handOversOf } from './explain/handedOver.js';
import { boundOfPlan, oddsOfPlan } from './measure/measure.js';
import { idealStartIn, movesOf } from './explain/moves.js';
import type { EntryOdds, Plan, PlannedActivity, Reason, TaskName, UnplacedChain } from './plan.js';
import { assembledFor, personId, scheduleOf } from './placedPlan.js';
import { wayNotes, waysTaken } from './explain/wayNotes.js';
import { makePlanInput } from './assemble/planInput.js';
import type { Task } from './problem.js';
import type { Searched, SearchKennelOptions } from './search/searchKennel.js';
import { searchKennel } from './search/searchKennel.js';
import { latestStarts } from './explain/spare.js';
import { validatePlan } from './validate/validatePlan.js';
import type { AskOptions } from './explain/unplacedChains.js';
import { unplacedChains } from './explain/unplacedChains.js';
import { WorkingSchedule } from './workingSchedule.js';

/** Seed of a plan that names none. */
export const DEFAULT_SEED = 1;

/** When a plan is made, how long it may search, and what it should tell. */
export interface PlanOptions extends AskOptions, SearchKennelOptions {
  readonly nowMs: number;
  /** Leaves aside why something has no place, for plans that are only compared; default false. */
  readonly unasked?: boolean;
  readonly seed?: number;
  /** Also tell how likely each entry is to be ready; default false. */
  readonly odds?: boolean;
  /** Also tell what no plan could do better than; default false. */
  readonly bound?: boolean;
}

/** Plans a whole kennel. The same kennel, library, moment, seed, rounds and previous plan give the same plan. */
export function planKennel(kennel: KennelFile, library: CareLibrary, options: PlanOptions): Plan {
  const seed = options.seed ?? DEFAULT_SEED;
  const searched = searchKennel(makePlanInput(kennel, library, options.nowMs), options, seed);
  const { assembled, found } = searched;
  const faults = validatePlan(assembled.problem, found.schedule);
  if (faults.length > 0) throw new Error(`planKennel: the plan breaks a rule: ${JSON.stringify(faults[0])}`);
  const working = new WorkingSchedule(assembled.problem, found.schedule);
  return {
    format: 'loyal-mane-plan',
    version: 1,
    now: msToInstant(options.nowMs),
    firstDay: assembled.input.grid.firstDay,
    seed,
    rounds: found.rounds,
    inputHash: hashText(JSON.stringify([kennel, library.version, options.nowMs])),
    libraryVersion: library.version,
    cost: Math.round(found.cost),
    activities: plannedActivities(searched, working),
    unplaced: whatIsOut(searched, options.unasked === true ? { ...options, shouldStop: () => true } : options),
    leftOut: assembled.leftOut,
    calendar: assembled.calendar,
    notes: [...assembled.notes, ...wayNotes(assembled, found.schedule)],
    ways: waysTaken(assembled, found.schedule),
    methods: kennel.methods?.number ?? 0,
    ...(options.odds === true ? { odds: oddsOfShown(searched, seed) } : {}),
    ...(options.bound === true ? { bound: boundOfPlan(searched.before.assembled) } : {}),
  };
}

/** Odds of the entries that are shown: a dog that is only readied is in no ring in time. */
function oddsOfShown({ assembled, found }: Searched, seed: number): EntryOdds[] {
  return oddsOfPlan(assembled, found.schedule, seed).filter((o) => !assembled.input.upToRing.has(o.entryId));
}

/** Up to so many chains without a place, those of keep-up work are looked into as well (engineering default). */
const MOST_ASKED = 8;

/** Chains without a place: entries are asked about before their dogs' keep-up work stood in their way. */
function whatIsOut({ assembled, found, before }: Searched, options: PlanOptions): UnplacedChain[] {
  const out = new Set(found.unplaced.map((c) => assembled.drafts[c]?.key));
  const readied = assembled.input.upToRing;
  const placed = new Set(assembled.problem.activities.flatMap((a) => (found.schedule[a.index] == null ? [] : [a.key])));
  const entries = unplacedChains(before.assembled, before.found, options)
    .filter((u) => out.has(u.key) || readied.has(u.entryId ?? ''))
    // Work up to the ring has its place; only the ring waits.
    .map((u) => ({ ...u, waiting: u.waiting.filter((w) => !placed.has(w.key)) }));
  if (before.found === found) return entries;
  const asked = new Set(entries.map((u) => u.key));
  const rest = found.unplaced.filter((c) => !asked.has(assembled.drafts[c]?.key ?? ''));
  // Entries are asked about first; where there are many, keep-up work waits until somebody looks.
  const many = entries.length + rest.length > MOST_ASKED;
  const asking = many ? { ...options, shouldStop: () => true } : options;
  return [...entries, ...unplacedChains(assembled, { ...found, unplaced: rest }, asking)];
}

function plannedActivities({ assembled, inVain }: Searched, working: WorkingSchedule): PlannedActivity[] {
  const { problem } = assembled;
  const planned: PlannedActivity[] = [];
  for (const chain of problem.chains) {
    const latest = working.isPlaced(chain.index) ? latestStarts(working, chain.index) : [];
    const handOvers = handOversOf(working, chain.index, inVain);
    let bound = false;
    chain.acts.forEach((i, k) => {
      const a = working.activity(i);
      const place = working.placeOf(i);
      // A step that follows running work at once is bound to it, and so is the next.
      bound = a.fixed !== null || (bound && a.lagMax >= 0);
      if (place === null) return;
      const handedOver = handOverOf(assembled, working, handOvers.get(i));
      planned.push({ ...plannedActivity(assembled, working, a, place, latest[k] ?? -1), bound, ...handedOver });
    });
  }
  return planned.sort((x, y) => x.start.localeCompare(y.start) || x.key.localeCompare(y.key));
}

function handOverOf(
  assembled: Assembled,
  working: WorkingSchedule,
  h: SlotHandOver | undefined,
): Pick<PlannedActivity, 'handedOver'> {
  if (h === undefined) return {};
  const heldBy = h.heldBy < 0 ? null : taskName(assembled, working, h.heldBy);
  return { handedOver: { from: personId(assembled, h.keeper), cause: h.cause, heldBy } };
}

function plannedActivity(
  assembled: Assembled,
  working: WorkingSchedule,
  a: Task,
  place: Assignment,
  latest: number,
): Omit<PlannedActivity, 'bound'> {
  const { input, drafts, estimates } = assembled;
  const { grid } = input;
  const draft = drafts[a.chain];
  const minutes = estimates[a.index];
  const step = draft?.steps.find((s) => s.key === a.key);
  const sessions = step?.sessions ?? 1;
  const reason = explainPlace(working, a, place);
  const at = (slot: number) => msToInstant(grid.msOf(slot));
  return {
    key: a.key,
    kind: draft?.kind ?? 'keepUp',
    dogId: draft?.dogId as DogId,
    entryId: draft?.entryId ?? null,
    step: a.step,
    ...(step?.step.flank === undefined ? {} : { flank: step.step.flank }),
    state: a.fixed === null ? 'planned' : reason.code === 'done' ? 'done' : 'running',
    start: at(place.start),
    end: at(place.start + a.duration),
    attendedUntil: at(place.start + a.attended),
    people: [place.worker, place.second].flatMap((p) => (p < 0 ? [] : [personId(assembled, p)])),
    stationId: place.machine < 0 ? null : (input.units[place.machine]?.id ?? null),
    minutes: {
      middle: round1((minutes?.middleMin ?? 0) / sessions),
      p20: round1((minutes?.p20Min ?? 0) / sessions),
      p80: round1((minutes?.p80Min ?? 0) / sessions),
      usual: round1((minutes?.usualMin ?? 0) / sessions),
      logs: minutes?.logs ?? 0,
    },
    aim: at(a.fixed === null ? idealStartIn(working, a) : place.start),
    latest: a.fixed !== null || latest < 0 ? null : at(latest),
    reason: reasonOf(assembled, working, a, reason),
  };
}

function round1(minutes: number): number {
  return Math.round(minutes * 10) / 10;
}

/** Puts ids in place of the indexes of a reason. */
export function reasonOf(assembled: Assembled, working: WorkingSchedule, a: Task, reason: SlotReason): Reason {
  if (reason.code === 'sameHands') {
    return { code: 'sameHands', personId: reason.person < 0 ? null : personId(assembled, reason.person) };
  }
  if (reason.code === 'blocked') {
    const { code, by, towards } = reason;
    return { code, by, towards, heldBy: reason.heldBy < 0 ? null : taskName(assembled, working, reason.heldBy) };
  }
  if (reason.code === 'atAim' && a.follows) return { code: 'follows' };
  return reason;
}

/** Names a placed activity by dog, step, person and end. */
export function taskName(assembled: Assembled, working: WorkingSchedule, index: number): TaskName | null {
  const a = working.activity(index);
  const place = working.placeOf(index);
  if (place === null) return null;
  return {
    key: a.key,
    dogId: assembled.drafts[a.chain]?.dogId as DogId,
    step: a.step,
    personId: place.worker < 0 ? null : personId(assembled, place.worker),
    until: msToInstant(assembled.input.grid.msOf(place.start + a.duration)),
  };
}

/** Earliest and latest start of one planned task with everything else as it is, and what waits for it. */
export interface TaskSlack {
  readonly earliest: string;
  readonly latest: string;
  readonly waits: readonly TaskKey[];
}

/** Computes the slack of a task afresh from the rules; null for a task that is done, running or not in the plan. */
export function taskSlack(
  kennel: KennelFile,
  library: CareLibrary,
  plan: Plan,
  nowMs: number,
  key: TaskKey,
): TaskSlack | null {
  const assembled = assembledFor(makePlanInput(kennel, library, nowMs), plan);
  const working = new WorkingSchedule(assembled.problem, scheduleOf(assembled, plan));
  const a = assembled.problem.activities.find((x) => x.key === key);
  if (a === undefined || a.fixed !== null || working.placeOf(a.index) === null) return null;
  const moves = movesOf(working, a);
  const chain = assembled.problem.chains[a.chain]?.acts ?? [];
  const later = chain.slice(chain.indexOf(a.index) + 1).map((i) => working.activity(i).key);
  const place = working.placeOf(a.index) as Assignment;
  const starts = moves.length > 0 ? moves.map((m) => m.start) : [place.start];
  const at = (slot: number): string => msToInstant(assembled.input.grid.msOf(slot));
  return { earliest: at(Math.min(...starts)), latest: at(Math.max(...starts)), waits: later.slice(0, 3) };
}
