/*
 * Blades and snap-on combs by the length that they leave with the growth: nominal, from memory, calibrated per clipper and hand.
 */
import type { Blade } from '@loyal-mane/core';

/** All blades, shortest first. */
export const BLADES_MM: readonly Blade[] = [
  { name: '#30', mm: 0.5 },
  { name: '#15', mm: 1.2 },
  { name: '#12', mm: 1.4 },
  { name: '#10', mm: 1.5 },
  { name: '#9', mm: 2 },
  { name: '#7F', mm: 3 },
  { name: '#5F', mm: 6 },
  { name: '#4F', mm: 9 },
  { name: '3/8 in comb', mm: 10 },
  { name: '1/2 in comb', mm: 13 },
  { name: '5/8 in comb', mm: 16 },
  { name: '3/4 in comb', mm: 19 },
  { name: '1 in comb', mm: 25 },
];
/** Teeth of a wide comb, mm (common practice: about an inch and a half). */
export const COMB_TOOTH_MM = 38;
