/*
 * Trim maps: what is cut at all on each kind of trim, and how it should look. Common practice; zones not named here are
 * locked. One entry a map.
 */
import { ZONE_IDS } from '@loyal-mane/core';
import type { CutKind, Finish, TrimMap, TrimMapId, ZoneId } from '@loyal-mane/core';

type Cut = Readonly<Partial<Record<CutKind, readonly ZoneId[]>>>;

function map(id: TrimMapId, finish: Finish, cut: Cut): TrimMap {
  const rows = Object.entries(cut) as [CutKind, readonly ZoneId[]][];
  return { id, finish, cut: new Map(rows.flatMap(([how, zones]) => zones.map((z) => [z, how] as const))) };
}

const FEET: readonly ZoneId[] = ['forefoot', 'foreToes', 'forePads', 'hindfoot', 'hindToes', 'hindPads'];
const WHISKERS: readonly ZoneId[] = ['muzzle', 'brow'];
const FEATHER: readonly ZoneId[] = ['foreFeather', 'underline', 'breeches'];
const FURNISHINGS: readonly ZoneId[] = [
  'muzzle',
  'beard',
  'brow',
  'foreleg',
  'innerForeleg',
  'stifle',
  'hock',
  'underline',
];
const JACKET: readonly ZoneId[] = [
  'crest',
  'neckSide',
  'shoulder',
  'upperArm',
  'withers',
  'back',
  'loin',
  'croup',
  'ribs',
  'flank',
  'outerThigh',
];

/** Cuts of each map, zone by zone (common practice; the breed's standard counts). */
export const TRIM_MAPS: Readonly<Record<TrimMapId, TrimMap>> = {
  naturalJacketed: map('naturalJacketed', 'natural', {
    shaped: [...WHISKERS, ...FEET, 'pastern', 'hock', 'earFront', 'earBack', 'tailTip'],
    thinned: ['earSurface', 'skull', 'behindEar', 'shoulder'],
    strays: FEATHER,
  }),
  trimmedJacketed: map('trimmedJacketed', 'natural', {
    shaped: [...WHISKERS, ...FEET, 'pastern', 'hock', 'earFront', 'earBack', 'earSurface', 'throat', 'tailTip'],
    thinned: ['skull', 'cheek', 'behindEar', 'forechest', ...JACKET, ...FEATHER, 'tail', 'tailSet'],
  }),
  naturalDouble: map('naturalDouble', 'natural', {
    shaped: [...FEET, 'hock', 'vent'],
    thinned: ['earFront', 'earBack', 'tail', 'tailTip'],
    strays: [...WHISKERS, 'underline'],
  }),
  doubleShaped: map('doubleShaped', 'natural', {
    shaped: [...FEET, 'hock', 'vent'],
    thinned: ['earFront', 'earBack', 'tail', 'tailTip', 'tailSet', 'breeches', 'forechest'],
    strays: [...WHISKERS, 'underline'],
  }),
  heavySheepdog: map('heavySheepdog', 'natural', {
    shaped: [...FEET, 'stop', 'vent'],
    thinned: ['skull', 'cheek', 'muzzle', 'brow', 'breeches', 'outerThigh', 'tailSet'],
  }),
  drop: map('drop', 'natural', {
    shaped: [...FEET, 'vent', 'underline', 'foreFeather', 'breeches'],
    thinned: ['skull', 'stop'],
  }),
  scissored: map('scissored', 'crisp', { shaped: ZONE_IDS }),
  wire: map('wire', 'natural', {
    byHand: [...JACKET, 'skull', 'cheek', 'throat', 'forechest', 'tail', 'tailSet', 'earSurface'],
    thinned: FURNISHINGS,
    shaped: [...FEET, 'vent', 'belly'],
  }),
  smooth: map('smooth', 'natural', {
    shaped: ['loinSkirt', 'belly', 'vent', 'underline'],
    thinned: ['breeches', 'neckSide', 'forechest'],
    strays: WHISKERS,
  }),
};
