/*
 * Minutes at gate and ring that belong to one handler whatever else is planned.
 */
import type { Problem } from './problem.js';

/** Slots of one person, `to` not included. */
export interface Reservation {
  readonly person: number;
  readonly from: number;
  readonly to: number;
}

/** Minutes at gate and ring that only one person can do and only at one time; the first of two that clash keeps them. */
export function ringTimesOf(problem: Problem): Reservation[][] {
  const taken: Reservation[] = [];
  return problem.chains.map((chain) => {
    const mine: Reservation[] = [];
    for (const i of chain.activities) {
      const a = problem.activities[i];
      if (a === undefined || a.only < 0 || a.fixed !== null || a.est + a.dur !== a.let || a.est < problem.now) continue;
      mine.push({ person: a.only, from: a.est, to: a.est + a.att });
    }
    const clash = mine.some((r) => taken.some((t) => t.person === r.person && t.from < r.to && r.from < t.to));
    if (clash) return [];
    taken.push(...mine);
    return mine;
  });
}
