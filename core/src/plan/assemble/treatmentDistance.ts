/*
 * Baths keep their distance from parasite treatments, by the hours of the label.
 */
import type { KennelDog } from '../../kennel/dogRecord.js';
import type { ProgramStep } from '../../programs/careProgram.js';
import { WASH_STEPS } from '../../programs/dogProgram.js';
import { addDays } from '../../time/localDay.js';
import type { WallTime } from '../../time/localDay.js';
import { wallToMs } from '../../time/zone.js';

const HOUR_MS = 3_600_000;
/** Distance of baths from a parasite treatment where the label says nothing (common practice, often 48 h). */
const DEFAULT_TREATMENT_HOURS = 48;

/** A bath keeps its distance from treatments: the larger part of its window that is left. */
export function keepDistance(
  step: ProgramStep,
  dog: KennelDog,
  window: Window,
  zone: string,
  leavesMs: number | null = null,
): Window {
  if (!WASH_STEPS.includes(step.step)) return window;
  let { fromMs, toMs } = window;
  for (const s of dog.states ?? []) {
    if (s.kind !== 'treatment') continue;
    const apart = (s.hours ?? DEFAULT_TREATMENT_HOURS) * HOUR_MS;
    const before = wallToMs(s.from, '00:00' as WallTime, zone) - apart;
    const after = wallToMs(addDays(s.from, 1), '00:00' as WallTime, zone) + apart;
    if (before >= toMs || after <= fromMs) continue;
    // Preparation at home must be over when the dog leaves: time after that is not worth anything.
    const lastMs = leavesMs !== null && fromMs < leavesMs ? Math.min(toMs, leavesMs) : toMs;
    if (lastMs - after >= before - fromMs) fromMs = after;
    else toMs = before;
  }
  return { fromMs, toMs };
}

/** A stretch of time, Unix milliseconds, end excluded. */
export interface Window {
  readonly fromMs: number;
  readonly toMs: number;
}
