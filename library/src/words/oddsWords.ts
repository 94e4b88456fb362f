/*
 * How sure a plan is, and how much better one could be, in words.
 */
import type { EntryOdds, Plan, PlanBound, StepId } from '@loyal-mane/core';
import { METHODS } from './methods.js';

function stepOf(key: string): StepId {
  return key.split(':').at(-3) as StepId;
}

/** Plays of a hundred in which an entry is ready. Never "100" where it once was not. */
function inHundred(share: number): string {
  if (share >= 1) return 'every play';
  return `${String(Math.min(99, Math.round(share * 100)))} of 100 plays`;
}

/** How likely an entry is to be ready, and what most often makes it late. */
export function oddsWords(odds: EntryOdds): string {
  const first = `With minutes that vary as they usually do, ready in ${inHundred(odds.ready)} of this plan.`;
  if (odds.breaks === null || odds.ready >= 0.995) return first;
  return `${first} What most often comes too late: ${METHODS[stepOf(odds.breaks)].name.toLowerCase()}.`;
}

/** The entry that is least sure, when it is less sure than this. */
export function tightestWords(odds: EntryOdds, dog: string): string {
  return `Tightest: ${dog}, ready in ${inHundred(odds.ready)}.`;
}

/** What no plan could do better than, in the numbers of show days. */
export function boundWords(bound: PlanBound, plan: Pick<Plan, 'unplaced' | 'cost'>): string {
  const ready = bound.of - plan.unplaced.filter((u) => u.kind === 'show').length;
  const days = `${String(ready)} of ${String(bound.of)} show days are ready`;
  const most =
    ready >= bound.ready
      ? `${days}, and no plan could have more as things stand.`
      : `${days}; no plan could have more than ${String(bound.ready)} as things stand.`;
  const cost = (n: number): string => Math.round(n).toLocaleString('en');
  return `${most} Weighed cost ${cost(plan.cost)}, never below ${cost(bound.cost)}.`;
}
