/*
 * Checks before a dog leaves the tub: each is confirmed by itself, or the task cannot be finished. Product that
 * stays in a coat burns skin and spoils the finish; cotton that stays in an ear is a dog's pain (common practice).
 */
import type { CoatClass } from '../coat/coatClass.js';
import type { StepId } from '../kennel/vocabulary.js';
import type { PlannedActivity } from '../plan/plan.js';
import { instantToMs } from '../time/zone.js';

/** Things that are confirmed, in the order in which hands go over the dog. */
export const EXIT_CHECKS = ['feet', 'vent', 'belly', 'tail', 'ears', 'skin', 'product', 'cotton'] as const;
/** One of `EXIT_CHECKS`. */
export type ExitCheck = (typeof EXIT_CHECKS)[number];

const WHOLE: readonly ExitCheck[] = ['feet', 'vent', 'belly', 'tail', 'ears', 'skin', 'product'];
/** Only its furnishings are washed. */
const FURNISHINGS: readonly ExitCheck[] = ['feet', 'belly', 'ears', 'skin', 'product'];
/** Head, collar, legs, feet and tail tip. */
const WHITES: readonly ExitCheck[] = ['feet', 'tail', 'ears', 'skin', 'product'];

/** Checks of a step; `isConditioned`: a conditioner follows in the same tub, and the cotton stays in for it. */
export function exitChecks(step: StepId, coat: CoatClass, isConditioned: boolean): readonly ExitCheck[] {
  const cotton: readonly ExitCheck[] = isConditioned ? [] : ['cotton'];
  switch (step) {
    case 'bath':
    case 'trimBath':
      return [...(coat === 'wire' ? FURNISHINGS : WHOLE), ...cotton];
    case 'bathWhites':
      return [...WHITES, ...cotton];
    case 'condition':
      return ['product', 'cotton'];
    default:
      return [];
  }
}

/** The id under which a check that was confirmed is ticked. */
export const exitTick = (check: ExitCheck): string => `exit.${check}`;

/** Ticks of a task whose finish is taken back: what was confirmed with that finish is confirmed again with the next. */
export function ticksBeforeFinish(ticked: readonly string[], before: readonly string[] = []): string[] {
  return ticked.filter((t) => !t.startsWith('exit.') || before.includes(t));
}

/** Checks of a list that nobody has confirmed. */
export function openChecks(checks: readonly ExitCheck[], ticked: readonly string[] = []): ExitCheck[] {
  return checks.filter((c) => !ticked.includes(exitTick(c)));
}

/** A planned task as `conditionerAfter` asks of it. */
type Planned = Pick<PlannedActivity, 'dogId' | 'step' | 'start'>;

/** Within so long after its bath a conditioner belongs to it, both as planned. */
const SAME_BATH_MS = 2 * 3_600_000;

/** Whether a conditioner of the same bath is planned after a bath; false where the bath itself is not in the plan. */
export function conditionerAfter(bath: Planned | undefined, tasks: Iterable<Planned>): boolean {
  if (bath === undefined) return false;
  const fromMs = instantToMs(bath.start);
  for (const t of tasks) {
    if (t.step !== 'condition' || t.dogId !== bath.dogId) continue;
    const afterMs = instantToMs(t.start) - fromMs;
    if (afterMs >= 0 && afterMs < SAME_BATH_MS) return true;
  }
  return false;
}
