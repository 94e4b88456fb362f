/*
 * Breeds that a kennel adds or keeps its own row of, read beside the library's.
 */
import type { KennelBreed } from '../kennel/methodsRecord.js';
import { breedStyles, fringesOf } from './breedStyles.js';
import type { BreedFacts, CareLibrary } from './careLibrary.js';

const CM_PER_INCH = 2.54;

/** Body length of a usual dog in cm, from the middle of its heights; null where no height is known. */
export function bodyLengthCm(heightsIn: readonly (number | null | undefined)[], lengthToHeight: number): number | null {
  const known = heightsIn.filter((h): h is number => h != null);
  if (known.length === 0) return null;
  return (known.reduce((s, h) => s + h, 0) / known.length) * CM_PER_INCH * lengthToHeight;
}

/** A kennel's own breed, as the computation reads it. */
export function breedFactsOf(b: KennelBreed): BreedFacts {
  const styles = breedStyles({
    footStyle: b.footStyle ?? '',
    earStyle: b.earStyle ?? '',
    throatStyle: b.throatStyle ?? '',
    headPlan: b.headPlan ?? '',
    tailKind: b.tailKind ?? '',
    stance: b.stance ?? '',
  });
  return {
    name: b.name,
    coat: b.coat,
    variant: b.variant,
    badge: b.badge,
    footStyle: b.footStyle ?? '',
    styles,
    fringes: fringesOf(b.coat, styles),
    trimMap: b.trimMap,
    growOn: new Set(b.growOn),
    lengthCm: bodyLengthCm([b.dogFromIn, b.dogToIn, b.bitchFromIn, b.bitchToIn], b.lengthToHeight),
  };
}

/** The library with the kennel's own breeds in it; a row of the same name stands in for the library's. */
export function withKennelBreeds(library: CareLibrary, own: readonly KennelBreed[] | undefined): CareLibrary {
  if (own === undefined || own.length === 0) return library;
  return { ...library, breeds: new Map([...library.breeds, ...own.map((b) => [b.name, breedFactsOf(b)] as const)]) };
}
