/*
 * The effect of a change on a plan, in figures that people decide by: tasks and dogs it moves, crew time it adds, dogs
 * that gain or lose their readiness.
 */
import type { DogId } from '../../units/ids.js';
import { instantToMs } from '../../time/zone.js';
import type { Plan, PlannedActivity } from '../plan.js';
import { comparePlans } from '../plan.js';

/** Effect of a change on a plan: tasks moved, dogs gained and lost, overtime (minutes) before and after. */
export interface PlanEffect {
  /** Tasks that sit elsewhere, with other people, or in another place. */
  readonly moved: number;
  readonly added: number;
  readonly removed: number;
  /** Dogs with any of these. */
  readonly dogs: readonly DogId[];
  /** Attended minutes of all people, after less before. */
  readonly crewMin: number;
  /** Dogs with an entry that has a place only after, or only before. */
  readonly gained: readonly DogId[];
  readonly lost: readonly DogId[];
}

/** Compares two plans that were made at one moment from two versions of a kennel. */
export function planEffect(before: Plan, after: Plan): PlanEffect {
  const change = comparePlans(before, after);
  const dogOf = new Map([...before.activities, ...after.activities].map((a) => [a.key, a.dogId]));
  const touched = [...change.added, ...change.removed, ...change.updated.map((u) => u.key)];
  const dogs = new Set(touched.flatMap((key) => dogOf.get(key) ?? []));
  const out = (plan: Plan): Set<DogId> => new Set(plan.unplaced.filter((u) => u.kind === 'show').map((u) => u.dogId));
  const [outBefore, outAfter] = [out(before), out(after)];
  return {
    moved: change.updated.length,
    added: change.added.length,
    removed: change.removed.length,
    dogs: [...dogs],
    crewMin: crewMinutes(after) - crewMinutes(before),
    gained: [...outBefore].filter((d) => !outAfter.has(d)),
    lost: [...outAfter].filter((d) => !outBefore.has(d)),
  };
}

/** Attended minutes of planned work, counted once for each person. */
export function crewMinutes(plan: Plan): number {
  return plan.activities.filter((a) => a.state === 'planned').reduce((sum, a) => sum + attended(a), 0);
}

function attended(a: PlannedActivity): number {
  return (a.people.length * (instantToMs(a.attendedUntil) - instantToMs(a.start))) / 60_000;
}
