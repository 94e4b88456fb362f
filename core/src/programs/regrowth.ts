/*
 * How long before a ring a fine trim may lie, from the dog's own outline: what is cut grows on, and how fast is known only within a
 * range. Beyond the day on which that range is wider than the eye forgives, nobody knows what the ring will see.
 */
import type { KennelDog } from '../kennel/dogRecord.js';
import type { StepId } from '../kennel/vocabulary.js';
import { daysBetween } from '../time/localDay.js';
import type { LocalDay } from '../time/localDay.js';
import type { BreedFacts, CareLibrary } from './careLibrary.js';
import type { CareProgram } from './careProgram.js';
import { DEFAULT_PUPPY_DAYS } from './dogFacts.js';
import { zoneAsks } from './outlineOfDog.js';
import type { ProgramEdit } from './programEdit.js';

/** Trims after which no other one sets the line right (common practice: a few days before, tidies only on the morning; CP-13). */
const FINE_TRIMS: readonly StepId[] = ['fineTrim', 'naturalTrim', 'shapeTrim'];
/** The eye forgives so many millimeters of hair (engineering default). */
const FORGIVEN_MM = 1;
/** No trim is held nearer to the ring than this, days: a fresh cut settles (common practice). */
const LEAST_DAYS = 2;

/** Days before the ring from which on what is cut is known to a millimeter; null where fewer than two lengths of a zone are known. */
export function regrowthDays(
  dog: KennelDog,
  breed: BreedFacts,
  library: Pick<CareLibrary, 'trimMaps' | 'growthPrior'>,
  day: LocalDay,
): number | null {
  const puppy = daysBetween(dog.born, day) < DEFAULT_PUPPY_DAYS;
  const known = zoneAsks(dog, breed, library, day, puppy).filter((z) => z.answer.ok && z.growth.spans > 0);
  if (known.length === 0) return null;
  const widest = Math.max(...known.map(({ growth }) => (growth.high - growth.low) / 2));
  return Math.max(LEAST_DAYS, Math.floor(FORGIVEN_MM / widest));
}

/** The edit that holds fine trims to those days, where a program has one that may lie earlier; else null. */
export function regrowthEdit(program: CareProgram, days: number): ProgramEdit | null {
  const isEarly = program.preparation.some(
    ({ step, from }) => FINE_TRIMS.includes(step) && from.of === 'prepDay' && from.day < -days,
  );
  return isEarly ? { edit: 'notBefore', steps: FINE_TRIMS, day: -days, parts: ['preparation'] } : null;
}
