/*
 * Daily limits: straining slots of a job, exposure and precision points of a worker. They are stated here once; starts are
 * narrowed by them, places of a chain are checked against them, and ejection asks by how much they are passed.
 */
import type { Activity, Job, Worker } from './model.js';
import type { Occupancy } from './occupancy.js';

/** Whether placed work counts as spent, or nothing does while others may be pushed out. */
export type Spent = 'all' | 'nothing';

/** Straining slots by which a job's day passes its limit with so many more; 0 or less = they fit. */
export function strainOver(occupancy: Occupancy, job: number, day: number, slots: number, spent: Spent): number {
  const { model, days } = occupancy.tables;
  return of(occupancy.strained, job * days + day, spent) + slots - (model.jobs[job] as Job).strainCap;
}

/** Exposure points by which a worker's day passes its limit with so many more; 0 or less = they fit. */
export function exposureOver(occupancy: Occupancy, worker: number, day: number, points: number, spent: Spent): number {
  const { model, days } = occupancy.tables;
  return of(occupancy.exposure, worker * days + day, spent) + points - (model.workers[worker] as Worker).exposureCap;
}

/** Precision points, which only the first worker of an activity spends, by which a day passes its limit with more. */
export function precisionOver(occupancy: Occupancy, worker: number, day: number, points: number, spent: Spent): number {
  const { model, days } = occupancy.tables;
  return of(occupancy.precision, worker * days + day, spent) + points - (model.workers[worker] as Worker).precisionCap;
}

/** Whether an activity spends anything of a worker's daily limits. */
export function spendsLimits(a: Activity, isFirst: boolean): boolean {
  return a.exposure > 0 || (isFirst && a.precision > 0);
}

/** Whether a worker has no room for an activity on a day. An activity that spends nothing always has. */
export function isDayFull(
  occupancy: Occupancy,
  worker: number,
  day: number,
  a: Activity,
  isFirst: boolean,
  spent: Spent,
): boolean {
  const { exposure, precision, attended } = a;
  if (exposure > 0 && exposureOver(occupancy, worker, day, exposure * attended, spent) > 0) return true;
  return isFirst && precision > 0 && precisionOver(occupancy, worker, day, precision * attended, spent) > 0;
}

function of(counts: Int32Array, at: number, spent: Spent): number {
  return spent === 'nothing' ? 0 : (counts[at] as number);
}
