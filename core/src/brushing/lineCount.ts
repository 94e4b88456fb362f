/*
 * How many lines a part of a coat is brushed in: its surface taken as a square, a line a finger or two apart.
 */
import { bodySurfaceM2 } from '../coat/bodySurface.js';
import type { CoatClass } from '../coat/coatClass.js';

/** Between two lines, cm: closer where long hair lies on hair (engineering defaults, common practice a finger or two). */
export const DEFAULT_LINE_CM: Readonly<Record<CoatClass, number>> = {
  double: 3,
  heavySheepdog: 2,
  drop: 2,
  scissored: 2.5,
  jacketedNatural: 3,
  jacketedTrimmed: 3,
  wire: 3,
  smooth: 4,
};
const CM2_PER_M2 = 10_000;

/** Lines of a part that has a share of the body's surface (0 to 1), at least one. */
export function lineCount(weightKg: number, coat: CoatClass, share: number): number {
  const side = Math.sqrt(bodySurfaceM2(weightKg) * CM2_PER_M2 * share);
  return Math.max(1, Math.round(side / DEFAULT_LINE_CM[coat]));
}
