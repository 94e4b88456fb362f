/*
 * The show bath on the show's own ground, the day before the ring: bag and journey come first, then everything from the
 * brush-out to the outline check, with the site's tub, dryers and tables.
 */
import { BATHS } from './stepGroups.js';
import type { CareProgram, ProgramStep } from './careProgram.js';
import type { StepId } from '../kennel/vocabulary.js';

/** Cutting, and looking at what was cut: before a bath at the site these stay at home. */
const TRIMS: ReadonlySet<StepId> = new Set([
  ...(['clip', 'whiskers', 'fineTrim', 'roughTrim', 'naturalTrim', 'upperEars', 'ears', 'throat'] as const),
  ...(['knots', 'shapeCheck'] as const),
]);
const JOURNEY: ReadonlySet<StepId> = new Set(['bag', 'load']);
/** Attended minutes in the queue at a tub that other kennels use (engineering default). */
export const DEFAULT_QUEUE_MIN = 15;

/**
 * The preparation with its show bath at the site; null where the coat has none. `aimDay`: the day before the ring, counted
 * from the day of departure.
 */
export function bathAtSite(program: CareProgram, aimDay: number): CareProgram | null {
  const steps = program.preparation;
  const bath = steps.findLastIndex((s) => s.step === 'bath' || s.step === 'bathWhites');
  const load = steps.findIndex((s) => s.step === 'load');
  if (bath < 0 || load < bath || steps.some((s) => s.restMin > 0 && s.from.of === 'prepDay' && s.from.day === -3))
    return null;
  let first = bath;
  while (first > 0 && isBefore(steps[first - 1] as ProgramStep)) first--;
  const block = steps.slice(first, load).filter((s) => !JOURNEY.has(s.step));
  return {
    ...program,
    preparation: [
      ...steps.slice(0, first),
      ...steps.slice(first, load + 1).filter((s) => JOURNEY.has(s.step)),
      ...block.map((s, k) => atSite(s, k === 0, aimDay)),
      ...steps.slice(load + 1),
    ],
  };
}

/** Whether a step before the bath belongs to it. */
function isBefore(s: ProgramStep): boolean {
  return s.from.of === 'prepDay' && s.from.day === -3 && s.to.of === 'prepEnd' && !TRIMS.has(s.step);
}

function atSite(s: ProgramStep, isFirst: boolean, day: number): ProgramStep {
  // A rule of its own about the last moment, as for ears, stays.
  const to = s.to.of === 'ringDay' ? s.to : ({ of: 'ringDay', day: -1, at: 'end' } as const);
  return {
    ...s,
    from: { of: 'departure', min: 0 },
    to,
    aim: isFirst ? { of: 'prepDay', day, time: '10:00' } : { of: 'follow' },
    anchor: isFirst,
    skipWhenPast: false,
    plusMin: s.plusMin + (BATHS.has(s.step) ? DEFAULT_QUEUE_MIN : 0),
  };
}
