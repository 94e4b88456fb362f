/*
 * Groups of steps that several rules speak of: washing, the run from tub to dry coat, blades, brushing through.
 */
import type { StepId } from '../kennel/vocabulary.js';

/** Baths: each begins a run from tub to dry coat. */
export const BATHS: ReadonlySet<StepId> = new Set(['bath', 'bathWhites', 'trimBath']);
/** The run from tub to dry coat, the test at its end aside: nothing interrupts it. */
export const WET_RUN: ReadonlySet<StepId> = new Set([
  ...BATHS,
  ...(['condition', 'towel', 'forceDry', 'heatDry'] as const),
]);
/** Work with the force dryer: a dog that does not stand for it is held. */
export const BLOWN: ReadonlySet<StepId> = new Set(['blowOut', 'forceDry', 'revive']);
/** Trims, which a test of the same day comes before: those of a show, and those that keep a shape between shows. */
export const BLADES: ReadonlySet<StepId> = new Set([
  ...(['roughTrim', 'naturalTrim', 'fineTrim', 'upperEars', 'ears', 'throat', 'shapeTrim'] as const),
]);
/** Brushing out, or blowing out, before a bath. */
export const BRUSH_OUTS: ReadonlySet<StepId> = new Set(['brushOut1', 'brushOut2', 'blowOut']);
/** Steps that brush a whole coat through. */
export const BRUSHED_THROUGH: ReadonlySet<StepId> = new Set([...BRUSH_OUTS, 'lineBrush', 'combThrough']);
/** A look, a bag, a ride, a towel set, the ring: no work on a coat, and none that tires a dog. */
export const NO_WORK: ReadonlySet<StepId> = new Set([
  ...(['inspection', 'skinLook', 'load', 'bag', 'towelSet', 'gate', 'ring', 'winnersHold'] as const),
]);
/** Work of whoever shows the dog: it lasts as long as the judging does, whoever does it. */
export const AT_THE_RING: ReadonlySet<StepId> = new Set(['gate', 'ring', 'winnersHold']);
