/*
 * A breed: coat, size and proportions, how it is trimmed and stood, what is shown first and what is left
 * to grow.
 */
import type { CoatClass, TrimMapId, ZoneId } from '@loyal-mane/core';

/** Least and most; null where the registry names none. */
export type Span = readonly [least: number | null, most: number | null];

/**
 * A breed as the table has it: coat, trim map, typical weight in kg, heights in inches, styles that its standard asks
 * for.
 */
export interface BreedRow {
  readonly name: string;
  readonly coat: CoatClass;
  readonly variant: string;
  /** Id of the silhouette. */
  readonly badge: string;
  /** Registry that sizes and proportions go by, from memory. */
  readonly registry: 'AKC' | 'FCI';
  /** Height at the withers, inches. */
  readonly dogHeightIn: Span;
  readonly bitchHeightIn: Span;
  /** Body length over height at the withers. */
  readonly lengthToHeight: Span;
  readonly measured: readonly [from: string, to: string];
  /** The proportion in words. */
  readonly proportion: string;
  readonly trimMap: TrimMapId;
  readonly tailKind: string;
  readonly earStyle: string;
  readonly footStyle: string;
  readonly throatStyle: string;
  readonly headPlan: string;
  readonly stance: string;
  /** Features that the eye should meet first, in order. */
  readonly showFirst: readonly string[];
  /** Zones left to grow on dogs that grow coat, as people say it; `zonesOfWords` gives the zones. */
  readonly growOn: readonly string[];
  /** Weight of a usual dog, kg. */
  readonly typicalKg: number;
  /** `memory`: written down from memory; `ratioEstimated`: the proportion is estimated as well. */
  readonly confidence: 'memory' | 'ratioEstimated';
}

const LEGS: readonly ZoneId[] = ['foreleg', 'innerForeleg', 'foreFeather', 'stifle', 'hock'];
const JACKET: readonly ZoneId[] = [
  'crest',
  'neckSide',
  'shoulder',
  'withers',
  'back',
  'loin',
  'croup',
  'ribs',
  'flank',
];

/** Zones that a word of the trade stands for. */
const WORDS: Readonly<Record<string, readonly ZoneId[]>> = {
  'back of foreleg': ['foreFeather'],
  beard: ['beard'],
  bracelets: ['pastern', 'hock'],
  breeches: ['breeches'],
  'ear fringe': ['earFringe'],
  ears: ['earSurface', 'earFringe'],
  fall: ['stop', 'brow', 'muzzle'],
  feather: ['foreFeather', 'underline', 'breeches'],
  flag: ['tail', 'tailTip'],
  'floor length': ['underline', 'foreFeather', 'breeches', 'ribs', 'flank'],
  foreface: ['muzzle', 'beard'],
  'foreleg column': ['foreleg', 'innerForeleg', 'foreFeather'],
  head: ['skull', 'cheek', 'brow', 'muzzle', 'beard'],
  hock: ['hock'],
  jacket: JACKET,
  'jacket by calendar': JACKET,
  legs: LEGS,
  mane: ['crest', 'neckSide', 'throat', 'forechest', 'shoulder', 'withers'],
  ribs: ['ribs'],
  ruff: ['throat', 'neckSide', 'forechest'],
  slippers: ['foreToes', 'hindToes'],
  tail: ['tail', 'tailTip'],
  'tail plume': ['tail', 'tailTip'],
  tassels: ['earFringe'],
  topknot: ['skull'],
};

/** Zones of words such as "topknot"; throws on a word that the map does not know. */
export function zonesOfWords(words: readonly string[]): ReadonlySet<ZoneId> {
  return new Set(
    words.flatMap((word) => {
      const zones = WORDS[word];
      if (zones === undefined) throw new Error(`zonesOfWords: "${word}" stands for no zone`);
      return zones;
    }),
  );
}
