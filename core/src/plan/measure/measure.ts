/*
 * How good a plan is: what no plan could do better than, and how likely each entry is to be ready when durations spread
 * as they do. Both are computed from the finished plan and never change it.
 */
import type { Schedule } from '@loyal-mane/engine';
import type { PlayOptions } from '@loyal-mane/engine';
import { leastCosts, playOdds } from '@loyal-mane/engine';
import type { StepId } from '../../kennel/vocabulary.js';
import { SPREAD_P80 } from '../../programs/estimate.js';
import type { Assembled } from '../assemble/assemble.js';
import type { EntryOdds, PlanBound } from '../plan.js';

/** Plays of a plan: the share is then sure to about one in a hundred (standard error of a share). */
export const DEFAULT_PLAYS = 2000;

/** Steps that are missed when they are late: the dog does not leave, is not at the gate, is not in the ring. */
export const DEADLINES: ReadonlySet<StepId> = new Set(['load', 'gate', 'ring']);
/** Judging takes as long as it takes, at its own time. */
const JUDGED: ReadonlySet<StepId> = new Set(['ring']);
/** Steps before which the wait is wanted, but given up when time is short. */
const SQUEEZED: ReadonlySet<StepId> = new Set(['gate']);

/** The van is planned to be full ten minutes before it leaves, in slots. */
const LOAD_GRACE = 2;

/** The bound that no plan of the problem can better: show entries that have a place, and cost. */
export function boundOfPlan(assembled: Assembled): PlanBound {
  const { problem } = assembled;
  const least = leastCosts(problem);
  const hopeless = (c: number): boolean => {
    const needs = problem.chains[c]?.needs ?? -1;
    return least[c] === Infinity || (needs >= 0 && hopeless(needs));
  };
  const shows = problem.chains.filter((c) => c.kind === 'show');
  const cost = problem.chains.reduce((sum, c, k) => sum + Math.min(c.cost, least[k] as number), 0);
  return { ready: shows.filter((c) => !hopeless(c.index)).length, of: shows.length, cost: Math.floor(cost) };
}

/** Odds of every placed entry. The same plan, seed and number of plays give the same odds. */
export function oddsOfPlan(assembled: Assembled, schedule: Schedule, seed: number, plays = DEFAULT_PLAYS): EntryOdds[] {
  const { problem, drafts } = assembled;
  const odds = playOdds(problem, schedule, { ...playOf(assembled), runs: plays, seed });
  return problem.chains.flatMap((c): EntryOdds[] => {
    const entryId = drafts[c.index]?.entryId ?? null;
    const ready = odds.ready[c.index] ?? Number.NaN;
    if (c.kind !== 'show' || entryId === null || Number.isNaN(ready)) return [];
    const breaks = problem.activities[odds.breaks[c.index] ?? -1]?.key ?? null;
    return [{ entryId: entryId, ready: Math.round(ready * 1000) / 1000, breaks }];
  });
}

/** How a plan is played: the middle of each task's minutes and their spread, what may not be late. */
function playOf({ problem, drafts, estimates }: Assembled): Omit<PlayOptions, 'runs' | 'seed'> {
  const sessions = new Map(drafts.flatMap((d) => d.steps.map((s) => [s.key as string, s.sessions] as const)));
  return {
    spread: problem.activities.map((a) => {
      const e = estimates[a.index];
      return e === undefined || JUDGED.has(a.step) || e.middleMin <= 0
        ? 0
        : Math.log(e.p80Min / e.middleMin) / SPREAD_P80;
    }),
    middle: problem.activities.map(
      (a) => (estimates[a.index]?.middleMin ?? a.attended * 5) / 5 / (sessions.get(a.key) ?? 1),
    ),
    counts: problem.activities.map((a) => DEADLINES.has(a.step)),
    grace: problem.activities.map((a) => (a.step === 'load' ? LOAD_GRACE : 0)),
    squeezes: problem.activities.map((a) => SQUEEZED.has(a.step)),
  };
}

/** One play from a slot on in which everything takes its middle minutes: whether lateness is still carried. */
export function playedAsPlanned(assembled: Assembled, fromSlot: number): PlayOptions {
  const play = playOf(assembled);
  // Judging keeps its exact time; all else takes the middle of its minutes, never more than was planned for it.
  const middle = assembled.problem.activities.map((a, i) => Math.min(a.attended, play.middle[i] ?? a.attended));
  const spread = play.spread.map((s) => (s === 0 ? 0 : Number.MIN_VALUE));
  return { ...play, middle, spread, runs: 1, seed: 1, notBefore: fromSlot };
}
