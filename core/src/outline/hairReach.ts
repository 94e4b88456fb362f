/*
 * Hair and the outline that it makes: how much of a millimeter of hair shows as a millimeter of outline, by coat and by how far it
 * hangs. Curled and stood-up hair shows nearly all of itself, flat hair little; what hangs shows its whole length downward.
 */
import type { CoatClass } from '../coat/coatClass.js';

/** Share of upright hair that stands along the normal: on top, and where it lies on flanks and beneath. */
export interface HairStand {
  readonly top: number;
  readonly beneath: number;
}

/** Standing shares by coat (engineering defaults). */
export const DEFAULT_STAND: Readonly<Record<CoatClass, HairStand>> = {
  scissored: { top: 0.95, beneath: 0.95 },
  double: { top: 0.8, beneath: 0.72 },
  heavySheepdog: { top: 0.55, beneath: 0.45 },
  drop: { top: 0.15, beneath: 0.15 },
  jacketedNatural: { top: 0.2, beneath: 0.25 },
  jacketedTrimmed: { top: 0.18, beneath: 0.22 },
  wire: { top: 0.6, beneath: 0.6 },
  smooth: { top: 0.25, beneath: 0.25 },
};

/** No place shows less of its hair than this: flat hair still lies in layers. */
const LEAST_REACH = 0.1;

/**
 * Millimeters of outline for one of hair. `hangs` 0 (upright) to 1 (plumb); `normalY` is the body's outward normal upward, so
 * that 1 is a back and -1 a belly. Above 0, at most 1.
 */
export function hairReach(coat: CoatClass, hangs: number, normalX: number, normalY: number): number {
  const { top, beneath } = DEFAULT_STAND[coat];
  const stand = normalY > 0 ? top : beneath;
  const [x, y] = [(1 - hangs) * stand * normalX, (1 - hangs) * stand * normalY - hangs];
  return Math.min(1, Math.max(LEAST_REACH, Math.hypot(x, y)));
}
