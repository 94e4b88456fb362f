/*
 * Why a chain has no place, and what single change would give it one. Each change is tried for real: the problem is
 * rebuilt with that one thing different and the chain is fitted again. The first that works names the cause, and is the
 * remedy that people are offered; where none works, that is said.
 */
import type { Schedule } from '@loyal-mane/engine';
import type { Task, Chain, Problem } from '../problem.js';
import { fitWithRivals } from '../search/searchPlan.js';
import { fitAgain } from './fitAgain.js';
import { refine } from './refineRemedy.js';
import type { Helps } from './remedyTrials.js';
import { EARLIER_SLOTS, STAY_SLOTS, remedyTrials, singleChanges } from './remedyTrials.js';
import type { SlotRemedy } from './slotRemedy.js';
import {
  beginEarlier,
  moreAmps,
  noStandingLimit,
  openStation,
  present,
  stayLonger,
  withoutBreaks,
} from './supposedProblems.js';
import { helpTogether } from './together.js';

/** Why a chain is left out. `blocked` is the first activity (index) that finds no place, -1 when unknown. */
export interface SlotWhyNot {
  readonly code: 'needsOther' | 'noSkill' | 'windowPast' | 'nobodyThere' | 'noStationThere' | 'dogNotHere' | 'noPlace';
  readonly blocked: number;
  /** Changes that would help, the smallest first; empty = no single change helps. */
  readonly remedies: readonly SlotRemedy[];
  /** Where no single change helps: the fewest that help only together; empty where not even these do. */
  readonly together: readonly SlotRemedy[];
}

const MOST_REMEDIES = 2;
const TRIES_PER_CHANGE = 2;

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
    return { code: 'needsOther', blocked: -1, remedies: [], together: [] };
  }
  const past = list.find(
    (a) => a.fixed === null && a.pinned === null && Math.max(a.earliestStart, problem.now) + a.duration > a.latestEnd,
  );
  if (past !== undefined) return { code: 'windowPast', blocked: past.index, remedies: [], together: [] };
  const unskilled = list.find((a) => a.fixed === null && !somebodyCan(problem, a));
  return unskilled === undefined ? null : { code: 'noSkill', blocked: unskilled.index, remedies: [], together: [] };
}

/**
 * Finds out why a chain is out, with the plan as it stands. Each change that might help is tried: with everything else where it
 * is, and, where it is asked for (`moving`), with room for rivals to move, up to a second each.
 */
export function whyNot(problem: Problem, schedule: Schedule, chain: number, moving = true): SlotWhyNot {
  const plain = plainWhyNot(problem, schedule, chain);
  if (plain !== null) return plain;
  const { chain: c, list } = activitiesOf(problem, chain);
  // A step that has no place even in an empty schedule says more than one that is only crowded out.
  const rest = withoutIdle(problem, schedule, chain);
  const alone = fitAgain(rest, [], chain);
  const attempt = alone.places === null ? alone : fitAgain(rest, schedule, chain);
  const blocked = attempt.places === null ? (c.acts[attempt.blocked] ?? -1) : -1;
  if (alone.places === null && fitsWhileHere(rest, chain))
    return { code: 'dogNotHere', blocked, remedies: [], together: [] };
  const changed = withEverything(rest, chain);
  const atBest = alone.places === null ? fitAgain(changed, [], chain) : alone;
  const hopeless = atBest.places === null;
  // Named is what no change of shifts, stations or power would give.
  const lack = hopeless ? lackOf(changed, list) : null;
  if (lack !== null) return lack;
  if (hopeless) return { code: 'noPlace', blocked: c.acts[atBest.blocked] ?? blocked, remedies: [], together: [] };
  const direct = remediesFor(rest, schedule, chain, list, alone.places !== null);
  const remedies = direct.length > 0 || !moving ? direct : remediesMoving(rest, schedule, chain, list);
  const together = remedies.length > 0 ? [] : helpTogether(rest, schedule, chain, list);
  return { code: 'noPlace', blocked, remedies, together };
}

/** Whether a chain would fit if its dog were in the kennel's care all the time. */
function fitsWhileHere(problem: Problem, chain: number): boolean {
  const job = problem.chains[chain]?.job ?? -1;
  const always = problem.jobs[job]?.always;
  if (always === undefined) return false;
  const jobs = problem.jobs.map((d, k) => (k === job ? { ...d, site: always } : d));
  return fitAgain(problem.with({ jobs }), [], chain).places !== null;
}

/**
 * The first step whose whole time passes without the dog, without anybody, or without any place, where the dog is; null when there is
 * none.
 */
function lackOf(problem: Problem, list: readonly Task[]): SlotWhyNot | null {
  for (const a of list) {
    const job = problem.jobs[problem.chains[a.chain]?.job ?? -1];
    const dog = job?.site;
    if (a.fixed !== null || dog === undefined) continue;
    const [from, to] = [Math.max(a.earliestStart, problem.now), a.latestEnd];
    if (job?.always !== undefined && dog.subarray(from, to).every((site) => site === -1))
      return { code: 'dogNotHere', blocked: a.index, remedies: [], together: [] };
    const isWith = (site: (t: number) => number): boolean => {
      for (let t = from; t < to; t++) if (dog[t] !== -1 && site(t) === dog[t]) return true;
      return false;
    };
    const able = problem.workers.filter(
      (p, k) =>
        (a.skill === null || p.skills.has(a.skill)) &&
        (a.allowed === null || a.allowed.includes(k)) &&
        (a.only < 0 || a.only === k),
    );
    if (a.skill !== null && !able.some((p) => isWith((t) => p.site[t] ?? -1)))
      return { code: 'nobodyThere', blocked: a.index, remedies: [], together: [] };
    const places = problem.machines.filter((s) => s.kind === a.station);
    if (a.station !== null && !places.some((s) => isWith(() => s.site)))
      return { code: 'noStationThere', blocked: a.index, remedies: [], together: [] };
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
  const there = everybody.reduce(present, problem);
  const earlier = everybody.reduce((changed, p) => beginEarlier(changed, p, EARLIER_SLOTS), there);
  const stays = everybody.reduce((changed, p) => withoutBreaks(stayLonger(changed, p, longest), p), earlier);
  const power = stays.supplies.reduce((changed, _, k) => moreAmps(changed, k), stays);
  const open = problem.machines.reduce((changed, _, s) => openStation(changed, s), power);
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
  return found;
}

/** In a full schedule no change helps while every rival stands still: asked with room for a few of them to move. */
function remediesMoving(problem: Problem, schedule: Schedule, chain: number, list: readonly Task[]): SlotRemedy[] {
  const found: SlotRemedy[] = [];
  const helps: Helps = (changed, where) => fitWithRivals(changed, where, chain, TRIES_PER_CHANGE) !== null;
  for (const trial of singleChanges(problem, schedule, list, helps)) {
    if (found.some((f) => f.code === trial.remedy.code)) continue;
    const places = fitWithRivals(trial.problem, trial.schedule, chain, TRIES_PER_CHANGE);
    if (places === null) continue;
    const remedy = refine(trial, problem, list, places);
    if (remedy !== null) found.push(remedy);
    if (found.length >= MOST_REMEDIES) break;
  }
  return found;
}
