/*
 * How a label says that a product is thinned. Three ways of writing are in use, and two of them look alike: they are kept apart,
 * because a bath that is taken for another is twice as strong or half.
 */
import type { DilutionWay } from '../kennel/vocabulary.js';

/** Parts of water to one part of product. @throws RangeError where the label's number leaves no water, or is none */
export function waterParts(way: DilutionWay, n: number): number {
  const parts = way === 'oneInN' ? n - 1 : n;
  if (!(parts >= 0) || !Number.isFinite(parts)) throw new RangeError(`waterParts: ${String(n)} is no dilution`);
  return parts;
}

/** The number that a label of a way writes for parts of water: the inverse of `waterParts`. */
export function labelNumber(way: DilutionWay, parts: number): number {
  return way === 'oneInN' ? parts + 1 : parts;
}

/** Product and water of a mix, whole milliliters; they add up to the mix. */
export interface Mixture {
  readonly neatMl: number;
  readonly waterMl: number;
}

/** Splits a mix of whole milliliters into product and water. A product that is used as it is has no water (`parts` null). */
export function mixture(mixedMl: number, parts: number | null): Mixture {
  if (parts === null) return { neatMl: mixedMl, waterMl: 0 };
  const neatMl = Math.round(mixedMl / (1 + parts));
  return { neatMl, waterMl: mixedMl - neatMl };
}
