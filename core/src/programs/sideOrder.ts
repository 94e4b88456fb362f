/*
 * Which side of a dog comes first: the show side where it is trimmed, once around; the off side where hair is raised for
 * volume, and where the dog lies on the side that is finished (common practice).
 */
import type { CoatClass } from '../coat/coatClass.js';
import type { Side } from '../kennel/choices.js';
import type { KennelDog } from '../kennel/dogRecord.js';
import type { StepId } from '../kennel/vocabulary.js';

/** Coats that stand up in the ring. */
const VOLUME_COATS: readonly CoatClass[] = ['double', 'heavySheepdog', 'scissored', 'wire'];
const TRIMS: readonly StepId[] = ['roughTrim', 'fineTrim', 'naturalTrim', 'shapeTrim'];
/** Work for which a trained dog lies. */
const LYING: readonly StepId[] = ['brushOut1', 'lineBrush', 'keepUpBrush'];

/** The side that judges see, or the other. */
export type FirstSide = 'show' | 'off';

/**
 * The side that comes first at a step; null where no side does. `chosen` is what the kennel, or the dog's record, has
 * decided for all work: side a the show side, side b the off side.
 */
export function firstSide(
  step: StepId,
  coat: CoatClass,
  dog: Pick<KennelDog, 'liesForWork'>,
  chosen: Side | null,
): FirstSide | null {
  if (step !== 'finish' && !TRIMS.includes(step) && !LYING.includes(step)) return null;
  const volume = step === 'finish' && VOLUME_COATS.includes(coat);
  if (chosen !== null) return chosen === 'a' ? 'show' : 'off';
  return volume || (LYING.includes(step) && dog.liesForWork) ? 'off' : 'show';
}
