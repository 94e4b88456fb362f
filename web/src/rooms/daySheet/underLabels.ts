/*
 * Words under the blocks of a rope: a name that finds no room in its block stands below it, in as many rows as it takes that
 * none is cut short; the station where there is room for it.
 */
import type { Bundle } from '@loyal-mane/core';
import { lowerFirst } from '@loyal-mane/library/words';
import type { Names } from '@loyal-mane/library/words';

const DOG_PX = 8.6;
const SMALL_DOG_PX = 7.4;
const PLACE_PX = 6.6;
/** Px between two names of one row. */
const APART_PX = 6;
/** Top of the first row in a lane, px. */
export const UNDER_TOP_PX = 57;
/** Height of a row, px. */
export const UNDER_ROW_PX = 15;

/** A block with its place on the rope, px. */
export interface PlacedBundle {
  readonly bundle: Bundle;
  readonly x: number;
  readonly width: number;
}

/** Words under a block. */
export interface UnderLabel {
  readonly words: string;
  readonly isName: boolean;
  /** Row below the blocks, from 0. */
  readonly row: number;
}

/** The dog's name where it is one dog's, else how many dogs. */
export function nameOf(bundle: Bundle, names: Names): string {
  const dogs = new Set(bundle.blocks.map((b) => b.dogId));
  return dogs.size === 1 ? names.dog(bundle.blocks[0]?.dogId ?? null) : `${String(dogs.size)} dogs`;
}

/** How the dog's name is set in a block: large, small, or beneath it. */
export function nameSize(name: string, width: number): 'large' | 'small' | 'below' {
  if (name.length * DOG_PX + 12 <= width) return 'large';
  return name.length * SMALL_DOG_PX + 8 <= width ? 'small' : 'below';
}

/** Labels of a rope's blocks, in their order; names first, then stations where their row is free. */
export function underLabels(placed: readonly PlacedBundle[], names: Names): (UnderLabel | null)[] {
  const rows: number[] = [];
  const labels = placed.map(({ bundle, x, width }): UnderLabel | null => {
    const words = nameOf(bundle, names);
    if (nameSize(words, width) !== 'below') return null;
    const isFree = rows.findIndex((end) => end <= x);
    const row = isFree < 0 ? rows.length : isFree;
    rows[row] = x + words.length * SMALL_DOG_PX + APART_PX;
    return { words, isName: true, row };
  });
  return labels.map((label, k) => label ?? placeLabel(placed, labels, k, names));
}

/** The station of a block, in the first row, if nothing stands in its way. */
function placeLabel(
  placed: readonly PlacedBundle[],
  labels: readonly (UnderLabel | null)[],
  k: number,
  names: Names,
): UnderLabel | null {
  const mine = placed[k];
  const stationId = mine?.bundle.blocks[0]?.stationId ?? null;
  if (mine === undefined || stationId === null || mine.bundle.blocks.some((b) => b.stationId !== stationId))
    return null;
  const words = lowerFirst(names.station(stationId));
  const end = mine.x + words.length * PLACE_PX;
  const isTaken = placed.some((p, j) => {
    const other = labels[j];
    if (other?.row !== 0) return j !== k && p.x > mine.x && p.x < end;
    return p.x < end && p.x + other.words.length * SMALL_DOG_PX > mine.x;
  });
  return isTaken ? null : { words, isName: false, row: 0 };
}
