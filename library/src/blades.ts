/*
 * Blades and snap-on combs by the length that they leave with the growth: nominal, from memory, calibrated per clipper and hand.
 */
import type { Blade, KennelPerson } from '@loyal-mane/core';

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

/** Blades of a kit, and the teeth of its comb in mm; null for a kit without a wide comb. */
export interface CutKit {
  readonly blades: readonly Blade[];
  readonly toothMm: number | null;
}

const EVERYTHING: CutKit = { blades: BLADES_MM, toothMm: COMB_TOOTH_MM };

/**
 * Blades and comb that somebody has: those that their clippers are written down with, all of them where a clipper names none; everything
 * for somebody whose kit nobody wrote down. Names that no blade has are passed over.
 */
export function cutKitOf(kit: NonNullable<KennelPerson['kit']> | undefined): CutKit {
  if (kit === undefined) return EVERYTHING;
  const clippers = kit.filter((t) => t.tool === 'clipper' || t.tool === 'trimmer');
  const isOpen = clippers.some((t) => (t.blade ?? '').trim() === '');
  const named = new Set(clippers.flatMap((t) => (t.blade ?? '').split(/[,;]/)).map(bladeKey));
  return {
    blades: isOpen ? BLADES_MM : BLADES_MM.filter((b) => named.has(bladeKey(b.name))),
    toothMm: kit.some((t) => t.tool === 'wideComb') ? COMB_TOOTH_MM : null,
  };
}

/** "#7F", "7 f" and "7F" are one blade; "1/2 in" is the comb of that length. */
function bladeKey(name: string): string {
  return name.toLowerCase().replace(/comb|#|\s/g, '');
}
