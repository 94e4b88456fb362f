/*
 * Minutes that a mat takes, by its size, how far it has closed, and how tender the place is: a kennel's first guess, which
 * its own finished work corrects (engineering defaults; five minutes for a loose knot is common practice).
 */
import type { ZoneId } from '../coat/zones.js';
import type { KennelDog } from '../kennel/dogRecord.js';
import type { Skill, Tightness } from '../kennel/vocabulary.js';

/** A mat that is known. */
export type KnownMat = NonNullable<KennelDog['mats']>[number];

/** Longest side of a mat whose size nobody noted, cm: about two fingers, a loose knot of five minutes. */
export const DEFAULT_MAT_CM = 3;
/** Minutes over those of a loose one. A solid mat is clipped from beneath, a little at a time. */
const BY_TIGHTNESS: Readonly<Record<Tightness, number>> = { loose: 1, tight: 2.5, solid: 4 };
/** Places where the skin is thin or the dog flinches. */
export const TENDER_ZONES: ReadonlySet<ZoneId> = new Set([
  ...(['earFront', 'earBack', 'earUnder', 'behindEar', 'armpit', 'belly', 'mammaryLine'] as const),
  ...(['innerThigh', 'innerForeleg', 'vent', 'eyeCorner', 'foreToes', 'hindToes'] as const),
]);
const TENDER_FACTOR = 1.5;
/** A mat is no quicker than this, however small. */
const LEAST = 0.6;

/** Minutes of one mat over those of a loose knot of `DEFAULT_MAT_CM` in an easy place. */
export function matFactor(mat: KnownMat): number {
  const size = Math.max(LEAST, (mat.cm ?? DEFAULT_MAT_CM) / DEFAULT_MAT_CM);
  return size * BY_TIGHTNESS[mat.tightness] * (TENDER_ZONES.has(mat.zone) ? TENDER_FACTOR : 1);
}

/** Loose knots that mats together count for; at least one. */
export function matsTogether(mats: readonly KnownMat[]): number {
  return Math.max(
    1,
    mats.reduce((sum, m) => sum + matFactor(m), 0),
  );
}

/** Tight and solid mats go to somebody who scissors: they bruise skin and cost hair in hands that do not know (common practice). */
export function matSkill(mats: readonly KnownMat[]): Skill | null {
  return mats.some((m) => m.tightness !== 'loose') ? 'scissor' : null;
}
