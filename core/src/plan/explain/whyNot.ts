/*
 * Why a chain has no place, and what single change would give it one. Each change is tried for real: the problem is
 * rebuilt with that one thing different and the chain is fitted again. The first that works names the cause, and is the
 * remedy that people are offered; where none works, that is said.
 */
import type { Assignment, Effort, Schedule } from '@loyal-mane/engine';
import { ChainFit, makeRng } from '@loyal-mane/engine';
import type { StationKind } from '../../kennel/vocabulary.js';
import type { Task, Chain, Problem } from '../problem.js';
import { fitWithRivals } from '../search/searchPlan.js';
import {
  closedByUs,
  extraPerson,
  extraStations,
  noStandingLimit,
  openStation,
  stayLonger,
  without,
  withoutBreaks,
} from './supposedProblems.js';
import { WorkingSchedule } from '../workingSchedule.js';

/** One change that would give the chain a place. Indexes into the problem; slots are absolute. */
export type SlotRemedy =
  | { readonly code: 'otherHandler'; readonly handler: number; readonly other: number; readonly rival: number }
  | { readonly code: 'stay'; readonly person: number; readonly until: number; readonly slots: number }
  | { readonly code: 'unpin'; readonly activity: number }
  | { readonly code: 'moveBreak'; readonly person: number; readonly from: number }
  | { readonly code: 'openStation'; readonly station: number; readonly from: number }
  | { readonly code: 'freePerson'; readonly person: number; readonly at: number }
  | { readonly code: 'moreStanding' }
  | { readonly code: 'extraStation'; readonly kind: StationKind }
  | { readonly code: 'without'; readonly chain: number };

/** Why a chain is left out. `blocked` is the first activity (index) that finds no place, -1 when unknown. */
export interface SlotWhyNot {
  readonly code: 'needsOther' | 'noSkill' | 'windowPast' | 'nobodyThere' | 'noStationThere' | 'noPlace';
  readonly blocked: number;
  /** Changes that would help, the smallest first; empty = no single change helps. */
  readonly remedies: readonly SlotRemedy[];
}

const STAY_SLOTS = [2, 6, 12] as const;
const MOST_REMEDIES = 2;
const TRIES_PER_CHANGE = 2;
/** Exact in times and people, so that a remedy is only said to be needed where it is; stations follow. */
const EFFORT: Effort = {
  jitter: 0,
  byWorker: true,
  byMachine: false,
  branches: 60,
  dives: false,
  softCosts: null,
  keepers: 'any',
};

function activitiesOf(problem: Problem, chain: number): { readonly chain: Chain; readonly list: readonly Task[] } {
  const c = problem.chains[chain];
  if (c === undefined) throw new Error(`whyNot: no chain ${String(chain)}`);
  return { chain: c, list: c.acts.map((i) => problem.activities[i]).filter((a) => a !== undefined) };
}

/** Reasons that show without trying anything: at most one pass over the chain; null when there is none of them. */
export function plainWhyNot(problem: Problem, schedule: Schedule, chain: number): SlotWhyNot | null {
  const { chain: c, list } = activitiesOf(problem, chain);
  const needed = problem.chains[c.needs];
  if (needed !== undefined && needed.acts.some((i) => (schedule[i] ?? null) === null)) {
    return { code: 'needsOther', blocked: -1, remedies: [] };
  }
  const past = list.find(
    (a) => a.fixed === null && a.pinned === null && Math.max(a.earliestStart, problem.now) + a.duration > a.latestEnd,
  );
  if (past !== undefined) return { code: 'windowPast', blocked: past.index, remedies: [] };
  const unskilled = list.find((a) => a.fixed === null && !somebodyCan(problem, a));
  return unskilled === undefined ? null : { code: 'noSkill', blocked: unskilled.index, remedies: [] };
}

/** Finds out why a chain is out, with the plan as it stands. Each change that might help is tried: up to a second each. */
export function whyNot(problem: Problem, schedule: Schedule, chain: number): SlotWhyNot {
  const plain = plainWhyNot(problem, schedule, chain);
  if (plain !== null) return plain;
  const { chain: c, list } = activitiesOf(problem, chain);
  // A step that has no place even in an empty schedule says more than one that is only crowded out.
  const rest = withoutIdle(problem, schedule, chain);
  const alone = fitAgain(rest, [], chain);
  const attempt = alone.places === null ? alone : fitAgain(rest, schedule, chain);
  const blocked = attempt.places === null ? (c.acts[attempt.blocked] ?? -1) : -1;
  const hopeless = alone.places === null && fitAgain(withEverything(rest, chain), [], chain).places === null;
  const lack = hopeless ? lackOf(problem, list) : null;
  if (lack !== null) return lack;
  return {
    code: 'noPlace',
    blocked,
    remedies: hopeless ? [] : remediesFor(rest, schedule, chain, list, alone.places !== null),
  };
}

/** The first step whose whole time passes without anybody, or without any place, where the dog is; null when there is none. */
function lackOf(problem: Problem, list: readonly Task[]): SlotWhyNot | null {
  for (const a of list) {
    const dog = problem.jobs[problem.chains[a.chain]?.job ?? -1]?.site;
    if (a.fixed !== null || dog === undefined) continue;
    const isWith = (site: (t: number) => number): boolean => {
      for (let t = Math.max(a.earliestStart, problem.now); t < a.latestEnd; t++)
        if (dog[t] !== -1 && site(t) === dog[t]) return true;
      return false;
    };
    const able = problem.workers.filter(
      (p, k) =>
        (a.skill === null || p.skills.has(a.skill)) &&
        (a.allowed === null || a.allowed.includes(k)) &&
        (a.only < 0 || a.only === k),
    );
    if (a.skill !== null && !able.some((p) => isWith((t) => p.site[t] ?? -1)))
      return { code: 'nobodyThere', blocked: a.index, remedies: [] };
    const places = problem.machines.filter((s) => s.kind === a.station);
    if (a.station !== null && !places.some((s) => isWith(() => s.site)))
      return { code: 'noStationThere', blocked: a.index, remedies: [] };
  }
  return null;
}

/** So many chains may be out before those that take no room are left aside: they cost time and change nothing. */
const MANY_OUT = 12;

/** The problem without chains that have neither a place nor fixed work; where only a few are out, as it is. */
function withoutIdle(problem: Problem, schedule: Schedule, chain: number): Problem {
  const isIdle = (c: Chain): boolean =>
    c.index !== chain && c.acts.every((i) => (schedule[i] ?? problem.activities[i]?.fixed ?? null) === null);
  const idle = new Set(problem.chains.filter(isIdle));
  if (idle.size <= MANY_OUT) return problem;
  return problem.with({ chains: problem.chains.map((c) => (idle.has(c) ? { ...c, acts: [], continuities: [] } : c)) });
}

/** Every change at once that a remedy could ask for singly: where this does not help, none of them does. */
function withEverything(problem: Problem, chain: number): Problem {
  const everybody = problem.workers.map((_, p) => p);
  const longest = STAY_SLOTS[STAY_SLOTS.length - 1] ?? 0;
  const stays = everybody.reduce((changed, p) => withoutBreaks(stayLonger(changed, p, longest), p), problem);
  const open = problem.machines.reduce((changed, _, s) => openStation(changed, s), stays);
  const activities = open.activities.map((a) => {
    if (a.chain !== chain || a.fixed !== null) return a;
    return a.with({ ...(a.pinned ?? {}), pinned: null, only: -1 });
  });
  return noStandingLimit(open.with({ activities }));
}

function somebodyCan(problem: Problem, a: Task): boolean {
  const has = (skill: Task['skill']): boolean => skill === null || problem.workers.some((p) => p.skills.has(skill));
  return has(a.skill) && has(a.second) && (a.allowed === null || a.allowed.length > 0);
}

/** Places of a chain with all others where they are; null when there are none, with the position that found no start. */
interface Attempt {
  readonly places: readonly (Assignment | null)[] | null;
  readonly blocked: number;
}

function fitAgain(problem: Problem, schedule: Schedule, chain: number): Attempt {
  const fitter = new ChainFit(new WorkingSchedule(othersFixed(problem, schedule, chain), [], chain).taken, makeRng(1));
  return fitter.fit(chain, EFFORT) ? { places: fitter.places, blocked: -1 } : { places: null, blocked: fitter.blocked };
}

/** Activities with everything but one chain where it is for good, by the activities and the schedule they came from. */
const standing = new WeakMap<Problem['activities'], WeakMap<Schedule, Map<number, readonly Task[]>>>();

/** The problem of one chain alone: all others are fixed where they are, so that nothing need be prepared for them. */
function othersFixed(problem: Problem, schedule: Schedule, chain: number): Problem {
  const byPlacement = remembered(
    standing,
    problem.activities,
    () => new WeakMap<Schedule, Map<number, readonly Task[]>>(),
  );
  const byChain = remembered(byPlacement, schedule, () => new Map<number, readonly Task[]>());
  const activities = remembered(byChain, chain, () =>
    problem.activities.map((a) => {
      const place = schedule[a.index] ?? null;
      return a.chain === chain || place === null || a.fixed !== null ? a : a.fixedAt(place);
    }),
  );
  const chains = problem.chains.map((c) => (c.index === chain ? c : { ...c, acts: [], continuities: [] }));
  return problem.with({ activities, chains });
}

function remembered<K, V>(
  memo: { get(key: K): V | undefined; set(key: K, value: V): unknown },
  key: K,
  make: () => V,
): V {
  const known = memo.get(key);
  if (known !== undefined) return known;
  const made = make();
  memo.set(key, made);
  return made;
}

interface Trial {
  readonly remedy: SlotRemedy;
  readonly problem: Problem;
  readonly schedule: Schedule;
}

/** Whether the chain has a place under a change, or under several at once. */
type Helps = (problem: Problem, schedule: Schedule) => boolean;

/**
 * Those of a list that may help alone: what does not help all together does not help alone, so halves are asked before
 * their parts, and where nobody helps one question is enough.
 */
function* mayHelp(list: readonly number[], together: (some: readonly number[]) => boolean): Generator<number> {
  const [first] = list;
  if (first === undefined || !together(list)) return;
  if (list.length === 1) {
    yield first;
    return;
  }
  const half = list.length >> 1;
  yield* mayHelp(list.slice(0, half), together);
  yield* mayHelp(list.slice(half), together);
}

function* peopleTrials(
  { problem, schedule, remedy }: { problem: Problem; schedule: Schedule; remedy: (p: number) => SlotRemedy },
  change: (problem: Problem, p: number) => Problem,
  helps: Helps,
): Generator<Trial> {
  const everybody = problem.workers.map((_, p) => p);
  for (const p of mayHelp(everybody, (some) => helps(some.reduce(change, problem), schedule)))
    yield { remedy: remedy(p), problem: change(problem, p), schedule };
}

function* remedyTrials(problem: Problem, schedule: Schedule, list: readonly Task[]): Generator<Trial> {
  const chain = list[0]?.chain ?? -1;
  const helps: Helps = (changed, where) => fitAgain(changed, where, chain).places !== null;
  const of = (remedy: (p: number) => SlotRemedy) => ({ problem, schedule, remedy });
  yield* pinTrials(problem, schedule, list);
  yield* handlerTrials(problem, schedule, list, helps);
  for (const slots of STAY_SLOTS) {
    const stay = (changed: Problem, p: number): Problem => stayLonger(changed, p, slots);
    yield* peopleTrials(
      of((person) => ({ code: 'stay', person, until: 0, slots })),
      stay,
      helps,
    );
  }
  yield* stationTrials(problem, schedule, list);
  yield* peopleTrials(
    of((person) => ({ code: 'moveBreak', person, from: -1 })),
    withoutBreaks,
    helps,
  );
  const kinds = [...new Set(list.flatMap((a) => (a.station === null ? [] : [a.station])))];
  for (const kind of helps(kinds.reduce(extraStations, problem), schedule) ? kinds : []) {
    yield { remedy: { code: 'extraStation', kind }, problem: extraStations(problem, kind), schedule };
  }
  yield* peopleTrials(
    of((person) => ({ code: 'freePerson', person, at: -1 })),
    extraPerson,
    helps,
  );
  if (list.some((a) => a.strains))
    yield { remedy: { code: 'moreStanding' }, problem: noStandingLimit(problem), schedule };
  yield* withoutTrials(problem, schedule, chain, helps);
}

/** The other shows' chains, each gone. */
function* withoutTrials(problem: Problem, schedule: Schedule, chain: number, helps: Helps): Generator<Trial> {
  const isPlaced = (i: number): boolean => (schedule[i] ?? null) !== null && problem.activities[i]?.fixed === null;
  const others = problem.chains.filter((c) => c.kind === 'show' && c.index !== chain && c.acts.some(isPlaced));
  const gone = (some: readonly number[]): Schedule => some.reduce((left, c) => without(problem, left, c), schedule);
  const alone = mayHelp(
    others.map((c) => c.index),
    (some) => helps(problem, gone(some)),
  );
  for (const other of alone) yield { remedy: { code: 'without', chain: other }, problem, schedule: gone([other]) };
}

function remediesFor(
  problem: Problem,
  schedule: Schedule,
  chain: number,
  list: readonly Task[],
  fitsAlone: boolean,
): SlotRemedy[] {
  const found: SlotRemedy[] = [];
  // A step without a place even in an empty schedule is helped only by other people, stations or windows.
  const helps: Helps = (changed, where) => fitAgain(changed, where, chain).places !== null;
  const direct = fitsAlone ? remedyTrials(problem, schedule, list) : singleChanges(problem, schedule, list, helps);
  for (const trial of direct) {
    if (found.some((f) => f.code === trial.remedy.code)) continue;
    const { places } = fitAgain(trial.problem, trial.schedule, chain);
    if (places === null) continue;
    const remedy = refine(trial, problem, list, places);
    if (remedy !== null) found.push(remedy);
    if (found.length >= MOST_REMEDIES) return found;
  }
  // In a full schedule no change helps while every rival stands still: try again with room for a few of them to move.
  const helpsMoved: Helps = (changed, where) => fitWithRivals(changed, where, chain, TRIES_PER_CHANGE) !== null;
  for (const trial of found.length > 0 ? [] : singleChanges(problem, schedule, list, helpsMoved)) {
    if (found.some((f) => f.code === trial.remedy.code)) continue;
    const places = fitWithRivals(trial.problem, trial.schedule, chain, TRIES_PER_CHANGE);
    if (places === null) continue;
    const remedy = refine(trial, problem, list, places);
    if (remedy !== null) found.push(remedy);
    if (found.length >= MOST_REMEDIES) break;
  }
  return found;
}

/** Longest that a break is moved, in slots (3 h). */
const BREAK_MOVES = 36;

/** Whether somebody has a free stretch as long as a break near it, with the chain in its place. */
function hasRest(
  trial: Trial,
  problem: Problem,
  list: readonly Task[],
  places: readonly (Assignment | null)[],
  from: number,
  length: number,
): boolean {
  const { remedy } = trial;
  if (remedy.code !== 'moveBreak') return false;
  const working = new WorkingSchedule(trial.problem, trial.schedule, list[0]?.chain ?? -1);
  list.forEach((a, k) => {
    const place = places[k] ?? null;
    if (a.fixed === null && place !== null) working.put(a.index, place);
  });
  const holder = working.taken.workers[remedy.person]?.holder;
  const site = trial.problem.workers[remedy.person]?.site;
  const free = (t: number): boolean => holder?.[t] === 0 && site?.[t] === site?.[from];
  const last = Math.min(problem.horizon - length, from + BREAK_MOVES);
  for (let t = Math.max(problem.now, from - BREAK_MOVES); t <= last; t++) {
    let run = 0;
    while (run < length && free(t + run)) run++;
    if (run === length) return true;
  }
  return false;
}

/** The changes that people can make most easily, each with the rest as it is. */
function* singleChanges(problem: Problem, schedule: Schedule, list: readonly Task[], helps: Helps): Generator<Trial> {
  const of = (remedy: (p: number) => SlotRemedy) => ({ problem, schedule, remedy });
  yield* pinTrials(problem, schedule, list);
  // Whoever shows the dog may only be resting then.
  const handler = list.find((x) => x.step === 'ring')?.only ?? -1;
  const moveBreak = (person: number): SlotRemedy => ({ code: 'moveBreak', person, from: -1 });
  if (handler >= 0) yield { remedy: moveBreak(handler), problem: withoutBreaks(problem, handler), schedule };
  yield* handlerTrials(problem, schedule, list, helps);
  yield* stationTrials(problem, schedule, list);
  yield* peopleTrials(of(moveBreak), withoutBreaks, helps);
  const slots = STAY_SLOTS[STAY_SLOTS.length - 1] ?? 12;
  const stay = (changed: Problem, p: number): Problem => stayLonger(changed, p, slots);
  yield* peopleTrials(
    of((person) => ({ code: 'stay', person, until: -1, slots })),
    stay,
    helps,
  );
  if (list.some((a) => a.strains)) {
    yield { remedy: { code: 'moreStanding' }, problem: noStandingLimit(problem), schedule };
  }
}

/** The chain's own tasks that a lead has set, let go one at a time. */
function* pinTrials(problem: Problem, schedule: Schedule, list: readonly Task[]): Generator<Trial> {
  for (const { index } of list.filter((a) => a.pinned !== null)) {
    const activities = problem.activities.map((a) => (a.index === index ? a.with({ ...a.pinned, pinned: null }) : a));
    yield { remedy: { code: 'unpin', activity: index }, problem: problem.with({ activities }), schedule };
  }
}

function* stationTrials(problem: Problem, schedule: Schedule, list: readonly Task[]): Generator<Trial> {
  const until = Math.max(...list.map((a) => a.latestEnd));
  for (let s = 0; s < problem.machines.length; s++) {
    const from = closedByUs(problem, s).indexOf(1, problem.now);
    if (from >= 0 && from < until && list.some((a) => a.station === problem.machines[s]?.kind)) {
      yield { remedy: { code: 'openStation', station: s, from }, problem: openStation(problem, s), schedule };
    }
  }
}

/**
 * Fills in when the change is used: the end of the work that leans on it. `places` in the order of `list`. Null where the
 * change asks for more than it says: a break that cannot be had at another time of the day.
 */
function refine(
  trial: Trial,
  problem: Problem,
  list: readonly Task[],
  places: readonly (Assignment | null)[],
): SlotRemedy | null {
  const { remedy } = trial;
  if (remedy.code === 'openStation') return { ...remedy, from: closedAt(remedy, problem, list, places) };
  if (remedy.code !== 'stay' && remedy.code !== 'moveBreak') return remedy;
  const before = problem.workers[remedy.person]?.site;
  let until = -1;
  let from = problem.horizon;
  list.forEach((a, i) => {
    const place = places[i];
    if (place == null || (place.worker !== remedy.person && place.second !== remedy.person)) return;
    for (let t = place.start; t < place.start + a.attended; t++) {
      if (before?.[t] !== -1) continue;
      until = Math.max(until, t + 1);
      from = Math.min(from, t);
    }
  });
  if (remedy.code === 'stay') return { ...remedy, until };
  while (from > 0 && before?.[from - 1] === -1) from--;
  let length = 0;
  while (before?.[from + length] === -1) length++;
  return hasRest(trial, problem, list, places, from, length) ? { ...remedy, from } : null;
}

/** Slot at which the closed time begins that the work would use, of several on as many days. */
function closedAt(
  remedy: { readonly station: number; readonly from: number },
  problem: Problem,
  list: readonly Task[],
  places: readonly (Assignment | null)[],
): number {
  const closed = closedByUs(problem, remedy.station);
  const used = list.flatMap((a, i) => {
    const place = places[i];
    if (place == null || place.machine !== remedy.station) return [];
    const t = closed.subarray(place.start, place.start + a.duration).indexOf(1);
    return t < 0 ? [] : [place.start + t];
  });
  if (used.length === 0) return remedy.from;
  let from = Math.min(...used);
  while (from > problem.now && closed[from - 1] === 1) from--;
  return from;
}

function* handlerTrials(problem: Problem, schedule: Schedule, list: readonly Task[], helps: Helps): Generator<Trial> {
  const shown = list.find((a) => a.step === 'ring' && a.only >= 0);
  if (shown === undefined) return;
  const rival = rivalAtRing(problem, schedule, shown);
  const shownBy = (by: Partial<Task>): Problem =>
    problem.with({
      activities: problem.activities.map((a) =>
        a.chain === shown.chain && a.only === shown.only && a.fixed === null ? a.with(by) : a,
      ),
    });
  const handlers = problem.workers.flatMap((p, q) => (q !== shown.only && p.skills.has('ring') ? [q] : []));
  for (const other of mayHelp(handlers, (some) => helps(shownBy({ only: -1, allowed: some }), schedule))) {
    const remedy = { code: 'otherHandler', handler: shown.only, other, rival } as const;
    yield { remedy, problem: shownBy({ only: other }), schedule };
  }
}

/** Chain whose gate or ring keeps the handler of this one, or -1. */
function rivalAtRing(problem: Problem, schedule: Schedule, shown: Task): number {
  const found = problem.activities.find((b) => {
    const at = schedule[b.index] ?? null;
    if (at === null || b.chain === shown.chain || at.worker !== shown.only) return false;
    return at.start < shown.latestEnd && at.start + b.duration > shown.earliestStart - 3;
  });
  return found?.chain ?? -1;
}
