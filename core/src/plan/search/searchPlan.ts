/*
 * The search for a plan: the fitter does it, on the problem in its own form. The budget is rounds, never seconds, so that
 * the same input, seed and rounds give the same plan on every machine.
 */
import type { Assignment, Schedule } from '@loyal-mane/engine';
import { Search, StabilityPenalty } from '@loyal-mane/engine';
import type { Problem, Task } from '../problem.js';
import { WET_RUN } from '../../programs/stepGroups.js';
import { moveTowardIdeal } from './moveTowardIdeal.js';
import { WorkingSchedule } from '../workingSchedule.js';

/** Rounds of improvement (engineering default): well under a second of search for twenty dogs. */
export const DEFAULT_ROUNDS = 250;
/** Cost a task of each skill that its person has: who can do much is left free for it where that costs nothing else. */
const SKILL_PRICE = 0.6;
/** Four hours of work already done cost a further half hour about as much as two more skills: a tie-breaker. */
const EVEN_LOAD = 0.012;
/** Evictions that a repair may try for what lost its place. */
const REPAIR_TRIES = 60;
/** Evictions a try when one chain is to be fitted in among its rivals. */
const EVICTIONS_A_TRY = 6;
/** Up to so many show chains a plan may begin so often, with seeds so far apart. */
const FEW_SHOWS = 12;
const MOST_BEGINNINGS = 4;
const SEEDS_APART = 7919;
/** Rounds between two reports when nothing became better. */
const REPORT_EVERY = 50;

/** How far a search is: round, cost, chains that have a place. */
export interface SearchProgress {
  readonly round: number;
  readonly rounds: number;
  /** Show chains placed and in all. */
  readonly placed: number;
  readonly of: number;
  readonly cost: number;
}

/** Seed, rounds, and who listens. */
export interface SearchOptions {
  readonly seed: number;
  readonly rounds: number;
  /** Asked between rounds; true ends the search with what it has. */
  readonly shouldStop: () => boolean;
  readonly onProgress: (progress: SearchProgress) => void;
  /** Places of the published plan by activity index, to be kept where they still hold. */
  readonly previous: Schedule | null;
  /** Whether a plan made afresh is looked at too where the previous one leaves a show out; default true. */
  readonly alsoAfresh?: boolean;
  /** Whether the previous plan is nobody's yet, so that people may change hands for the dogs' sake; default false. */
  readonly mayHandOver?: boolean;
  /** Whether what keeps its previous place is left there, though it could be nearer to its aim; default false. */
  readonly staysPut?: boolean;
}

/** The best schedule found, chains without a place, rounds used. */
export interface SearchResult {
  readonly schedule: Schedule;
  readonly cost: number;
  /** Indexes of chains that have no place. */
  readonly unplaced: readonly number[];
  readonly rounds: number;
}

/** Makes a plan. Never breaks a rule: what does not fit is left out whole. */
export function searchPlan(problem: Problem, options: SearchOptions): SearchResult {
  const found = options.previous === null ? afresh(problem, options) : repaired(problem, options, options.previous);
  const working = new WorkingSchedule(problem, found.schedule);
  // Work that people already go by stays where it was, also where it could now be a little nearer to its aim.
  const { previous } = options;
  moveTowardIdeal(working, (a) => options.staysPut === true && isSame(previous?.[a.index], working.placeOf(a.index)));
  return { ...found, schedule: working.schedule() };
}

function isSame(x: Assignment | null | undefined, y: Assignment | null): boolean {
  return x != null && y !== null && x.start === y.start && x.worker === y.worker && x.machine === y.machine;
}

/**
 * A small kennel has few ways to fit, and one search may walk past them: while something that has a place alone is out, it
 * begins again with another seed. Large ones find their places within one search.
 */
function afresh(problem: Problem, options: SearchOptions): SearchResult {
  const isSmall = problem.chains.filter((c) => c.kind === 'show').length <= FEW_SHOWS;
  let best: SearchResult | null = null;
  for (let k = 0; k < (isSmall ? MOST_BEGINNINGS : 1); k++) {
    const search = newSearch(problem, { ...options, seed: options.seed + k * SEEDS_APART });
    search.construct();
    search.placeAll();
    const placed = unreadyCost(problem, search.result());
    // A further beginning that leaves out no less is not worth bettering.
    if (best !== null && placed >= unreadyCost(problem, best)) continue;
    search.improve();
    const found = search.result();
    if (best === null || found.cost < best.cost) best = found;
    if (unreadyCost(problem, found) === 0 || !search.couldPlaceMore() || options.shouldStop()) break;
  }
  if (best === null) throw new Error('afresh: nothing was searched');
  return best;
}

/**
 * Published work stays where it still fits; only the rest is placed, and work that lost its place may push others out.
 * Where a show is left out all the same, a plan made afresh is looked at too: more ready entries weigh more than staying
 * near what was published.
 */
function repaired(problem: Problem, options: SearchOptions, previous: Schedule): SearchResult {
  const search = newSearch(problem, options);
  search.adopt(previous);
  search.construct();
  search.placeLost(REPAIR_TRIES);
  if (options.mayHandOver === true) search.mend();
  const found = wetFirst(problem, options, search.result());
  const out = unreadyCost(problem, found);
  const isEnough = out === 0 || options.alsoAfresh === false || options.shouldStop();
  if (isEnough || !search.couldPlaceMore()) return found;
  const fresh = afresh(problem, { ...options, previous: null });
  return unreadyCost(problem, fresh) < out ? fresh : found;
}

/** A wet dog waits no longer than this before others make room for it, in slots (15 min). */
const WET_WAIT = 3;
/** Chains that are moved one at a time to make room for a wet dog. */
const MOST_ASIDE = 16;

/** Each dog that waits wet goes first: one other dog's work is moved out of its way where that costs no place. */
function wetFirst(problem: Problem, options: SearchOptions, before: SearchResult): SearchResult {
  let best = before;
  for (const a of problem.activities) {
    const place = best.schedule[a.index] ?? null;
    const isWet = a.fixed === null && a.overdue && WET_RUN.has(a.step);
    if (!isWet || place === null || place.start <= problem.now + WET_WAIT) continue;
    for (const aside of inTheWayOf(problem, best.schedule, a)) {
      const found = withAside(problem, options, best.schedule, [a.chain, aside]);
      const isBetter = unreadyCost(problem, found) <= unreadyCost(problem, best) && found.cost < best.cost;
      if (isBetter && startOf(found, a) < startOf(best, a)) best = found;
    }
  }
  return best;
}

function startOf({ schedule }: SearchResult, a: Task): number {
  return schedule[a.index]?.start ?? Infinity;
}

/** Chains with open work at the time that somebody could do who could see to a task, the soonest first. */
function inTheWayOf(problem: Problem, schedule: Schedule, a: Task): readonly number[] {
  const until = (schedule[a.index]?.start ?? problem.now) + a.duration;
  const soon = problem.activities
    .filter((b) => b.fixed === null && b.chain !== a.chain && (schedule[b.index]?.start ?? Infinity) < until)
    .sort((x, y) => (schedule[x.index]?.start ?? 0) - (schedule[y.index]?.start ?? 0));
  return [...new Set(soon.map((b) => b.chain))].slice(0, MOST_ASIDE);
}

/** The schedule with some chains placed again, in the order in which they are given. */
export function withAside(
  problem: Problem,
  options: SearchOptions,
  schedule: Schedule,
  chains: readonly number[],
): SearchResult {
  const search = newSearch(problem, { ...options, previous: schedule });
  search.adopt(schedule.map((p, i) => (chains.includes(problem.activities[i]?.chain ?? -1) ? null : p)));
  for (const c of chains) search.fitIn(c, EVICTIONS_A_TRY);
  search.construct();
  return search.result();
}

/** Costs beside the problem's own: to stay where it was published, and people with many skills free for those. */
function planCosts(problem: Problem, stay: Schedule | null): StabilityPenalty {
  return new StabilityPenalty(
    stay,
    problem.workers.map((p) => p.skills.size * SKILL_PRICE),
  );
}

function unreadyCost(problem: Problem, found: SearchResult): number {
  const shows = found.unplaced.map((c) => problem.chains[c]).filter((c) => c?.kind === 'show');
  return shows.reduce((sum, c) => sum + (c?.cost ?? 0), 0);
}

function newSearch(problem: Problem, options: SearchOptions): Search {
  const { rounds } = options;
  const shows = problem.chains.filter((c) => c.kind === 'show').map((c) => c.index);
  let told = { round: 0, rounds, placed: 0, of: shows.length, cost: Infinity };
  return new Search(problem, {
    seed: options.seed,
    used: (round) => {
      if (round >= told.round + REPORT_EVERY) {
        told = { ...told, round };
        options.onProgress(told);
      }
      return rounds === 0 ? 1 : round / rounds;
    },
    shouldStop: options.shouldStop,
    onProgress: (p) => {
      told = { ...told, round: p.round, placed: shows.filter((c) => p.isPlaced(c)).length, cost: p.cost };
      options.onProgress(told);
    },
    softCosts: planCosts(problem, options.previous),
    evenLoad: EVEN_LOAD,
  });
}

/**
 * Places of a chain that had none when its rivals may move, in a problem that asks no more than the one the schedule
 * was made for; null when it does not fit. No chain that had a place may lose it.
 */
export function fitWithRivals(problem: Problem, schedule: Schedule, chain: number, tries: number): Assignment[] | null {
  const search = newSearch(problem, {
    seed: 1,
    rounds: 1,
    shouldStop: () => false,
    onProgress: () => undefined,
    previous: schedule,
  });
  search.adopt(schedule);
  if (!search.fitIn(chain, tries * EVICTIONS_A_TRY)) return null;
  return (problem.chains[chain]?.acts ?? []).flatMap((i) => search.occupancy.placeOf(i) ?? []);
}
