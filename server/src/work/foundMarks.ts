/*
 * Remembers which coat marks a finished step cleared, and puts only those back: marks that somebody has found since stay.
 */
import { coatAfter } from '@loyal-mane/core';
import type { CoatMarks, MatPlace, StepId } from '@loyal-mane/core';

const LISTS = ['soiled', 'mats', 'unready'] as const;

/** Zone, and side where it has one. */
function placeOf(mark: string | { readonly zone: string; readonly side?: string }): string {
  return typeof mark === 'string' ? mark : `${mark.zone} ${mark.side ?? ''}`;
}

/** Whether a step, finished on a coat with these marks, takes any of them off. */
export function takesMarks(step: StepId, before: CoatMarks, matsOut: readonly MatPlace[]): boolean {
  const after = coatAfter(step, before, matsOut);
  return LISTS.some((list) => after[list].length !== before[list].length);
}

/** The marks as they are now with those put back that a step took off when it was finished on `before`. */
export function marksBack(
  step: StepId,
  { before, matsOut = [] }: { readonly before: CoatMarks; readonly matsOut?: readonly MatPlace[] },
  now: CoatMarks,
): CoatMarks {
  const after = coatAfter(step, before, matsOut);
  const back = <T extends Parameters<typeof placeOf>[0]>(
    was: readonly T[],
    left: readonly T[],
    is: readonly T[],
  ): T[] => {
    const kept = new Set([...left, ...is].map(placeOf));
    return [...is, ...was.filter((mark) => !kept.has(placeOf(mark)))];
  };
  return {
    soiled: back(before.soiled, after.soiled, now.soiled),
    mats: back(before.mats, after.mats, now.mats),
    unready: back(before.unready, after.unready, now.unready),
  };
}
