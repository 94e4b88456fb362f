/*
 * Brings the demo kennel to life at any moment: the file is moved to today, today is planned from its midnight, and
 * what should be over by now is recorded as done, with believable minutes, so that the demo is busy from the first second.
 */
import type { KennelFile, LocalDay, Plan, PlannedActivity, Rng, WallTime, WorkRecord } from '@loyal-mane/core';
import { instantToMs, kennelOnDay, localDayOf, makeRng, msToInstant, planKennel, wallToMs } from '@loyal-mane/core';
import { CARE_LIBRARY } from '../careLibrary.js';

const MINUTE_MS = 60_000;

/** How far believable minutes stray from the middle estimate, either way alike, so that nobody seems to learn from it. */
const STRAY = 0.12;

/** Record of a planned task that went about as planned: 12 % faster or slower, never past its place. */
export function believableWork(a: PlannedActivity, rng: Rng): WorkRecord {
  const start = instantToMs(a.start) + rng.below(3) * MINUTE_MS;
  const room = instantToMs(a.attendedUntil) - start - MINUTE_MS / 2;
  const middle = a.minutes.middle * MINUTE_MS;
  const stray = Math.max(0, Math.min(STRAY, room / middle - 1));
  const wanted = middle * (1 + stray * (2 * rng.next() - 1));
  const worked = Math.max(MINUTE_MS, Math.min(room, Math.round(wanted)));
  return {
    ...basis(a),
    state: 'done',
    startedAt: msToInstant(start),
    finishedAt: msToInstant(start + worked),
    workedMs: worked,
  };
}

function basis(
  a: PlannedActivity,
): Pick<WorkRecord, 'taskKey' | 'dogId' | 'step' | 'personId' | 'stationId' | 'expectedMin'> {
  return {
    taskKey: a.key,
    dogId: a.dogId,
    step: a.step,
    ...(a.minutes.usual > 0 ? { expectedMin: a.minutes.usual } : {}),
    ...(a.people[0] === undefined ? {} : { personId: a.people[0] }),
    ...(a.stationId === null ? {} : { stationId: a.stationId }),
  };
}

function workUntil(plan: Plan, nowMs: number): WorkRecord[] {
  const rng = makeRng(11);
  return plan.activities.flatMap((a): WorkRecord[] => {
    if (a.state !== 'planned' || instantToMs(a.start) > nowMs) return [];
    if (instantToMs(a.attendedUntil) <= nowMs) return [believableWork(a, rng)];
    return [{ ...basis(a), state: 'running', startedAt: a.start, runningSince: a.start, workedMs: 0 }];
  });
}

/** The demo kennel and its published plan at a moment; `rounds` of search where the usual ones take too long. */
export function liveDemo(file: KennelFile, nowMs: number, rounds?: number): { kennel: KennelFile; plan: Plan } {
  const budget = rounds === undefined ? {} : { rounds };
  const zone = file.settings.timeZone;
  const today: LocalDay = localDayOf(nowMs, zone);
  const dawn = kennelOnDay(file, today);
  const morning = planKennel(dawn, CARE_LIBRARY, {
    ...budget,
    nowMs: wallToMs(today, '00:00' as WallTime, zone),
  });
  const kennel = { ...dawn, work: [...dawn.work, ...workUntil(morning, nowMs)] };
  return { kennel, plan: planKennel(kennel, CARE_LIBRARY, { ...budget, nowMs, previous: morning }) };
}
