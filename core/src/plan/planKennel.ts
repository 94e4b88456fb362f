/*
 * The main job in one call: kennel in, plan out. Assembles the problem, searches, lets the independent validator look,
 * and explains every item and every gap.
 */
import type { DogId, TaskKey } from '../units/ids.js';
import { hashText } from '../units/hash.js';
import { msToInstant } from '../time/zone.js';
import type { KennelFile } from '../kennel/kennelFile.js';
import type { CareLibrary } from '../programs/careLibrary.js';
import type { Assembled } from './assemble.js';
import { assembleProblem } from './assemble.js';
import type { SlotReason } from './explain.js';
import { explainPlace } from './explain.js';
import { boundOfPlan, oddsOfPlan } from './measure.js';
import { aimInYard, movesOf } from './moves.js';
import type { Plan, PlannedActivity, Reason, TaskName } from './plan.js';
import { handsAfter } from './hands.js';
import { assembledFor, personId, placementOf } from './placedPlan.js';
import type { PlanInput } from './planInput.js';
import { makePlanInput } from './planInput.js';
import type { Activity, Place } from './problem.js';
import type { SearchProgress, SearchResult } from './search.js';
import { DEFAULT_ROUNDS, searchPlan } from './search.js';
import { latestStarts } from './spare.js';
import { validatePlan } from './validatePlan.js';
import type { AskOptions } from './unplacedChains.js';
import { unplacedChains } from './unplacedChains.js';
import { Yard } from './yard.js';

export const DEFAULT_SEED = 1;
/** Searches with ever better known hands; what still has no place then is left at the middle pace. */
const MOST_PASSES = 3;

export interface PlanOptions extends AskOptions {
  readonly nowMs: number;
  readonly seed?: number;
  readonly rounds?: number;
  readonly onProgress?: (progress: SearchProgress) => void;
  /** The published plan: what still holds in it stays where it is. */
  readonly previous?: Plan | null;
  /** Also tell how likely each entry is to be ready; default false. */
  readonly odds?: boolean;
  /** Also tell what no plan could do better than; default false. */
  readonly bound?: boolean;
}

/** Plans a whole kennel. The same kennel, library, moment, seed, rounds and previous plan give the same plan. */
export function planKennel(kennel: KennelFile, library: CareLibrary, options: PlanOptions): Plan {
  const seed = options.seed ?? DEFAULT_SEED;
  const { assembled, found } = searchByHands(makePlanInput(kennel, library, options.nowMs), options, seed);
  const faults = validatePlan(assembled.problem, found.placement);
  if (faults.length > 0) throw new Error(`planKennel: the plan breaks a rule: ${JSON.stringify(faults[0])}`);
  const yard = new Yard(assembled.problem, found.placement);
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
    activities: plannedActivities(assembled, yard),
    unplaced: unplacedChains(assembled, found, options),
    leftOut: assembled.leftOut,
    calendar: assembled.calendar,
    notes: assembled.notes,
    methods: kennel.methods?.number ?? 0,
    ...(options.odds === true ? { odds: oddsOfPlan(assembled, found.placement, seed) } : {}),
    ...(options.bound === true ? { bound: boundOfPlan(assembled) } : {}),
  };
}

/** Kennels with at most so many entries are searched twice as long: a small crew feels each odd hour (engineering default). */
const SMALL_ENTRIES = 12;

function usualRounds({ problem }: Assembled): number {
  const entries = problem.chains.filter((c) => c.kind === 'show').length;
  return entries <= SMALL_ENTRIES ? 2 * DEFAULT_ROUNDS : DEFAULT_ROUNDS;
}

/** Searches until the minutes of every task are those of whoever does it, see `hands`. */
function searchByHands(
  input: PlanInput,
  options: PlanOptions,
  seed: number,
): { readonly assembled: Assembled; readonly found: SearchResult } {
  const before = options.previous ?? null;
  let assembled = assembledFor(input, before);
  let previous = before === null ? null : placementOf(assembled, before);
  for (let pass = 1; ; pass++) {
    const found = searchPlan(assembled.problem, {
      seed,
      rounds: options.rounds ?? usualRounds(assembled),
      shouldStop: options.shouldStop ?? (() => false),
      onProgress: options.onProgress ?? (() => undefined),
      previous,
    });
    const hands = pass < MOST_PASSES ? handsAfter(assembled, found.placement) : null;
    if (hands === null) return { assembled, found };
    const placed = new Map(
      assembled.problem.activities.map((a) => [a.key as string, found.placement[a.index] ?? null]),
    );
    assembled = assembleProblem({ ...input, hands });
    previous = assembled.problem.activities.map((a) => a.fixed ?? placed.get(a.key) ?? null);
  }
}

function plannedActivities(assembled: Assembled, yard: Yard): PlannedActivity[] {
  const { problem } = assembled;
  const planned: PlannedActivity[] = [];
  for (const chain of problem.chains) {
    const latest = yard.isPlaced(chain.index) ? latestStarts(yard, chain.index) : [];
    let bound = false;
    chain.activities.forEach((i, k) => {
      const a = yard.activity(i);
      const place = yard.placeOf(i);
      // What follows running work at once is bound to it, and so is what follows that.
      bound = a.fixed !== null || (bound && a.lagMax >= 0);
      if (place !== null) planned.push({ ...plannedActivity(assembled, yard, a, place, latest[k] ?? -1), bound });
    });
  }
  return planned.sort((x, y) => x.start.localeCompare(y.start) || x.key.localeCompare(y.key));
}

function plannedActivity(
  assembled: Assembled,
  yard: Yard,
  a: Activity,
  place: Place,
  latest: number,
): Omit<PlannedActivity, 'bound'> {
  const { input, drafts, estimates } = assembled;
  const { grid } = input;
  const draft = drafts[a.chain];
  const minutes = estimates[a.index];
  const sessions = draft?.steps.find((s) => s.key === a.key)?.sessions ?? 1;
  const reason = explainPlace(yard, a, place);
  const at = (slot: number) => msToInstant(grid.msOf(slot));
  return {
    key: a.key,
    kind: draft?.kind ?? 'keepUp',
    dogId: draft?.dogId as DogId,
    entryId: draft?.entryId ?? null,
    step: a.step,
    state: a.fixed === null ? 'planned' : reason.code === 'done' ? 'done' : 'running',
    start: at(place.start),
    end: at(place.start + a.dur),
    attendedUntil: at(place.start + a.att),
    people: [place.person, place.second].flatMap((p) => (p < 0 ? [] : [personId(assembled, p)])),
    stationId: place.station < 0 ? null : (input.units[place.station]?.id ?? null),
    minutes: {
      middle: round1((minutes?.middleMin ?? 0) / sessions),
      p20: round1((minutes?.p20Min ?? 0) / sessions),
      p80: round1((minutes?.p80Min ?? 0) / sessions),
      usual: round1((minutes?.usualMin ?? 0) / sessions),
      logs: minutes?.logs ?? 0,
    },
    aim: at(a.fixed === null ? aimInYard(yard, a) : place.start),
    latest: a.fixed !== null || latest < 0 ? null : at(latest),
    reason: reasonOf(assembled, yard, a, reason),
  };
}

function round1(minutes: number): number {
  return Math.round(minutes * 10) / 10;
}

/** Puts ids in place of the indexes of a reason. */
export function reasonOf(assembled: Assembled, yard: Yard, a: Activity, reason: SlotReason): Reason {
  if (reason.code === 'sameHands') {
    return { code: 'sameHands', personId: reason.person < 0 ? null : personId(assembled, reason.person) };
  }
  if (reason.code === 'blocked') {
    const { code, by, towards } = reason;
    return { code, by, towards, heldBy: reason.heldBy < 0 ? null : taskName(assembled, yard, reason.heldBy) };
  }
  if (reason.code === 'atAim' && a.follows) return { code: 'follows' };
  return reason;
}

/** Names a placed activity by dog, step, person and end. */
export function taskName(assembled: Assembled, yard: Yard, index: number): TaskName | null {
  const a = yard.activity(index);
  const place = yard.placeOf(index);
  if (place === null) return null;
  return {
    key: a.key,
    dogId: assembled.drafts[a.chain]?.dogId as DogId,
    step: a.step,
    personId: place.person < 0 ? null : personId(assembled, place.person),
    until: msToInstant(assembled.input.grid.msOf(place.start + a.dur)),
  };
}

/** Earliest and latest start of one planned task with everything else as it is, and what waits for it. */
export interface TaskRoom {
  readonly earliest: string;
  readonly latest: string;
  readonly waits: readonly TaskKey[];
}

/** Computes the room of a task afresh from the rules; null for a task that is done, running or not in the plan. */
export function taskRoom(
  kennel: KennelFile,
  library: CareLibrary,
  plan: Plan,
  nowMs: number,
  key: TaskKey,
): TaskRoom | null {
  const assembled = assembledFor(makePlanInput(kennel, library, nowMs), plan);
  const yard = new Yard(assembled.problem, placementOf(assembled, plan));
  const a = assembled.problem.activities.find((x) => x.key === key);
  if (a === undefined || a.fixed !== null || yard.placeOf(a.index) === null) return null;
  const moves = movesOf(yard, a);
  const chain = assembled.problem.chains[a.chain]?.activities ?? [];
  const later = chain.slice(chain.indexOf(a.index) + 1).map((i) => yard.activity(i).key);
  const place = yard.placeOf(a.index) as Place;
  const starts = moves.length > 0 ? moves.map((m) => m.start) : [place.start];
  const at = (slot: number): string => msToInstant(assembled.input.grid.msOf(slot));
  return { earliest: at(Math.min(...starts)), latest: at(Math.max(...starts)), waits: later.slice(0, 3) };
}
