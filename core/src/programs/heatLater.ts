/*
 * A washed dog that no heat dryer is free for: the force dryer takes the water out of its coat at once, and the coat is misted
 * and straightened with heat later. So nothing stays wet, and the entry keeps its place.
 */
import type { CareProgram, ProgramStep } from './careProgram.js';
import { BATHS } from './stepGroups.js';

/** The force dryer takes so many times its minutes where it dries through and not only to damp (engineering default). */
export const DEFAULT_BLOWN_THROUGH = 1.5;
/** Minutes of misting a coat that has dried before it is straightened (engineering default). */
export const DEFAULT_MIST_MIN = 5;
/** A coat dried with the force dryer is straightened within so many minutes: a day (engineering default). */
export const DEFAULT_STRAIGHTEN_WITHIN_MIN = 24 * 60;

/** The preparation with each heat drying that a force dryer comes before put off; the same where none does. */
export function heatLater(program: CareProgram): CareProgram {
  const { preparation } = program;
  const put = preparation.map((_, k) => forceBefore(preparation, k));
  return {
    ...program,
    preparation: preparation.map((step, k) => {
      if (put[k] !== null) return later(step);
      return put.includes(k) ? { ...step, factor: step.factor * DEFAULT_BLOWN_THROUGH } : step;
    }),
  };
}

/** Position of the force drying of the same wash before the heat drying at `k`; null where there is none. */
export function forceBefore(steps: readonly Pick<ProgramStep, 'step'>[], k: number): number | null {
  if (steps[k]?.step !== 'heatDry') return null;
  const washed = steps.slice(0, k).findLastIndex((s) => BATHS.has(s.step));
  const force = steps.slice(0, k).findLastIndex((s) => s.step === 'forceDry');
  return force > washed ? force : null;
}

function later(step: ProgramStep): ProgramStep {
  return { ...step, plusMin: step.plusMin + DEFAULT_MIST_MIN, lagMaxMin: DEFAULT_STRAIGHTEN_WITHIN_MIN };
}
