/*
 * Hair by place of the body line: what a row says of it, and how far it can fall where it grows.
 */
import type { Hair, HairMap } from './bodyRow.js';

/** Normal above which hair lies on the body and cannot hang; it hangs freely from this much further down. */
const AIR_FROM = 0.6;
const AIR_OVER = 0.7;
/** Bib and latch hang like the throat unless a row says otherwise. */
const LIKE: Readonly<Record<string, string>> = { bib: 'throat', latch: 'throat' };

/** Hair of a place in heights at the withers. */
export function hairAt(hair: HairMap, place: string): Hair {
  return hair[place] ?? hair[LIKE[place] ?? ''] ?? hair['all'] ?? [0, 0];
}

/** Share of its hang that hair falls freely, 0 to 1, by the body's normal upward. */
export function hangingAir(normalY: number): number {
  return Math.max(0, Math.min(1, (AIR_FROM - normalY) / AIR_OVER));
}
