/*
 * Breeds by name, as the computation reads them.
 */
import { bodyLengthCm, breedStyles, fringesOf } from '@loyal-mane/core';
import type { BreedFacts } from '@loyal-mane/core';
import { zonesOfWords } from './breeds/breed.js';
import type { Span } from './breeds/breed.js';
import { BREED_ROWS } from './breeds/breedRows.js';

/** Breeds by name, as the library ships them. */
export const BREEDS: ReadonlyMap<string, BreedFacts> = new Map(
  BREED_ROWS.map((row) => [
    row.name,
    {
      name: row.name,
      coat: row.coat,
      variant: row.variant,
      badge: row.badge,
      footStyle: row.footStyle,
      styles: breedStyles(row),
      fringes: fringesOf(row.coat, breedStyles(row)),
      trimMap: row.trimMap,
      growOn: zonesOfWords(row.growOn),
      lengthCm: bodyLengthCm([...row.dogHeightIn, ...row.bitchHeightIn], middleOf(row.lengthToHeight)),
    },
  ]),
);

function middleOf([least, most]: Span): number {
  return ((least ?? most ?? 1) + (most ?? least ?? 1)) / 2;
}
