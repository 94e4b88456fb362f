/*
 * How sure a plan is, and how much better one could be, in words.
 */
import type { EntryOdds, Plan, PlanBound, StepId } from '@loyal-mane/core';
import { METHODS } from './methods.js';

function stepOf(key: string): StepId {
  return key.split(':').at(-3) as StepId;
}

/** "47 %". Never "100 %" where it once was not. */
export function likelyWords(share: number): string {
  return share >= 1 ? '100 %' : `${String(Math.min(99, Math.round(share * 100)))} %`;
}

/** How likely an entry is to be ready, and what most often makes it late. */
export function oddsWords(odds: EntryOdds): string {
  const first = `${likelyWords(odds.ready)} likely to be ready on time.`;
  if (odds.breaks === null || odds.ready >= 0.995) return first;
  return `${first} Most often late: ${METHODS[stepOf(odds.breaks)].name.toLowerCase()}.`;
}

/** The entry that is least sure, when it is less sure than this. */
export function tightestWords(odds: EntryOdds, dog: string): string {
  return `Least sure: ${dog}, ${likelyWords(odds.ready)} likely to be ready on time.`;
}

/** How many entries will be ready, and whether a better plan could have more. */
export function boundWords(bound: PlanBound, plan: Pick<Plan, 'unplaced'>): string {
  const ready = bound.of - plan.unplaced.filter((u) => u.kind === 'show').length;
  const entries = `${String(ready)} of ${String(bound.of)} entries will be ready.`;
  return ready >= bound.ready
    ? `${entries} No plan can do better with today’s people and equipment.`
    : `${entries} With today’s people and equipment no plan can have more than ${String(bound.ready)}.`;
}

/** The search's own numbers: the plan's cost, and what no plan can cost less than. */
export function boundDetailWords(bound: PlanBound, plan: Pick<Plan, 'cost'>): string {
  const cost = (n: number): string => Math.round(n).toLocaleString('en');
  return `The plan’s cost is ${cost(plan.cost)}: waiting, overtime, changes of person and station, and entries left out. No plan can cost less than ${cost(bound.cost)}.`;
}
