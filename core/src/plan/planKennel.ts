/*
 * The main job in one call: kennel in, plan out. Assembles the problem, searches, lets the independent validator look,
 * and explains every item and every gap.
 */
import type { DogId, EntryId, PersonId, StationId, TaskKey } from '../units/ids.js';
import { hashText } from '../units/hash.js';
import { msToInstant, instantToMs } from '../time/zone.js';
import type { KennelFile } from '../kennel/kennelFile.js';
import type { CareLibrary } from '../programs/careLibrary.js';
import type { Assembled } from './assemble.js';
import { assembleProblem } from './assemble.js';
import type { ChainDraft } from './chains.js';
import type { SlotReason } from './explain.js';
import { explainPlace } from './explain.js';
import { boundOfPlan, oddsOfPlan } from './measure.js';
import { aimInYard, movesOf } from './moves.js';
import type { Plan, PlannedActivity, Reason, Remedy, TaskName, UnplacedChain, WhyNot } from './plan.js';
import { handsAfter, handsKept, handsOfPlan } from './hands.js';
import type { PlanInput } from './planInput.js';
import { makePlanInput } from './planInput.js';
import type { Activity, Place, Placement } from './problem.js';
import type { SearchProgress, SearchResult } from './search.js';
import { DEFAULT_ROUNDS, searchPlan } from './search.js';
import { latestStarts } from './spare.js';
import { validatePlan } from './validatePlan.js';
import type { SlotRemedy, SlotWhyNot } from './whyNot.js';
import { whyNot } from './whyNot.js';
import { Yard } from './yard.js';

export const DEFAULT_SEED = 1;
/** Searches with ever better known hands; what still has no place then is left at the middle pace. */
const MOST_PASSES = 3;

type WhyNotCode = WhyNot['code'];

export interface PlanOptions {
  readonly nowMs: number;
  readonly seed?: number;
  readonly rounds?: number;
  readonly shouldStop?: () => boolean;
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
    unplaced: found.unplaced.map((c) => unplacedChain(assembled, found.placement, c)),
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

/** The problem of a kennel whose tasks have the hands, and the minutes, of a plan; null = of no plan yet. */
export function assembledFor(input: PlanInput, plan: Plan | null): Assembled {
  if (plan === null) return assembleProblem(input);
  const hands = handsOfPlan(input, plan);
  const assembled = assembleProblem({ ...input, hands });
  const kept = handsKept(assembled, plan);
  return kept.size === hands.size ? assembled : assembleProblem({ ...input, hands: kept });
}

/** Places of a plan in terms of a problem, by activity index; null for what the plan does not hold. */
export function placementOf(assembled: Assembled, plan: Plan): Placement {
  const { problem, input } = assembled;
  const byKey = new Map(plan.activities.map((a) => [a.key as string, a]));
  const unit = (id: StationId | null, a: Activity): number =>
    id === null
      ? -1
      : (input.units.find((u) => u.id === id && problem.stations[u.index]?.kind === a.station)?.index ?? -1);
  return problem.activities.map((a): Place | null => {
    if (a.fixed !== null) return a.fixed;
    const old = byKey.get(a.key);
    if (old === undefined || old.state !== 'planned') return null;
    const who = old.people.map((id) => input.personIndex.get(id) ?? -1);
    return {
      start: input.grid.slotOf(instantToMs(old.start), 'floor'),
      person: who[0] ?? -1,
      second: who[1] ?? -1,
      station: unit(old.stationId, a),
    };
  });
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

function personId(assembled: Assembled, p: number): PersonId {
  const person = assembled.input.kennel.people[p];
  if (person === undefined) throw new Error(`personId: no person ${String(p)}`);
  return person.id;
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

function unplacedChain(assembled: Assembled, placement: Placement, chain: number): UnplacedChain {
  const { problem, drafts, input } = assembled;
  const draft = drafts[chain];
  const why = whyNot(problem, placement, chain);
  const list = problem.chains[chain]?.activities ?? [];
  let end = 0;
  const waiting = list.flatMap((i) => {
    const a = problem.activities[i];
    if (a === undefined || a.fixed !== null) return [];
    const aim = a.follows ? Math.max(a.est, Math.min(end, a.let - a.dur)) : a.aim;
    end = aim + a.dur;
    return [{ key: a.key, step: a.step, aim: msToInstant(input.grid.msOf(aim)), blocked: i === why.blocked }];
  });
  return {
    key: draft?.key ?? '',
    kind: draft?.kind ?? 'keepUp',
    dogId: draft?.dogId as DogId,
    entryId: draft?.entryId ?? null,
    step: problem.activities[why.blocked]?.step ?? null,
    reason: {
      code: barredOr(why.code, draft, problem.activities[why.blocked]),
      remedies: why.remedies.map((r) => remedyOf(assembled, draft?.entryId ?? null, r)),
    },
    waiting,
  };
}

/** "Nobody can" is said more exactly where people have the skill but not the practice, or not the tool. */
function barredOr(code: SlotWhyNot['code'], draft: ChainDraft | undefined, a: Activity | undefined): WhyNotCode {
  if (code !== 'noSkill') return code;
  return draft?.steps.find((s) => s.key === a?.key)?.barred ?? code;
}

function remedyOf(assembled: Assembled, entryId: EntryId | null, r: SlotRemedy): Remedy {
  const { input, drafts } = assembled;
  const at = (slot: number) => msToInstant(input.grid.msOf(slot));
  const stationId = (s: number) => input.units[s]?.id as StationId;
  switch (r.code) {
    case 'otherHandler':
      return {
        code: r.code,
        entryId: entryId as EntryId,
        handlerId: personId(assembled, r.handler),
        otherId: personId(assembled, r.other),
        rivalDogId: drafts[r.rival]?.dogId ?? null,
        rivalEntryId: drafts[r.rival]?.entryId ?? null,
      };
    case 'stay':
      return { code: r.code, personId: personId(assembled, r.person), until: at(r.until), minutes: r.slots * 5 };
    case 'unpin': {
      const a = assembled.problem.activities[r.activity] as Activity;
      return { code: r.code, key: a.key, step: a.step, start: at(a.est) };
    }
    case 'moveBreak':
      return { code: r.code, personId: personId(assembled, r.person), from: at(r.from) };
    case 'openStation':
      return { code: r.code, stationId: stationId(r.station), from: at(r.from) };
    case 'freePerson':
      return { code: r.code, personId: personId(assembled, r.person) };
    case 'without':
      return { code: r.code, dogId: drafts[r.chain]?.dogId as DogId };
    case 'moreStanding':
    case 'extraStation':
      return r;
  }
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
