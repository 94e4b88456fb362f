/*
 * The zones of a coat with their share of the body's surface, and how much more or less hair each carries by class of
 * coat. Shares are engineering defaults (common practice, adjustable); one row a zone.
 */
import { COAT_CLASSES, hairShares } from '@loyal-mane/core';
import type { CoatClass, ZoneFacts, ZoneId, ZoneRegion } from '@loyal-mane/core';

/** Percent of the body's surface of each region, both sides together; normalized below. */
const REGION_PERCENT = {
  head: 10,
  ears: 4,
  neck: 9,
  front: 13,
  forelegs: 13,
  trunk: 27,
  underside: 7,
  rear: 13,
  hindLegs: 9,
  tail: 4,
} as const;
type Part = keyof typeof REGION_PERCENT;

type Row = readonly [id: ZoneId, name: string, region: ZoneRegion, part: Part, percent: number, marks?: string];

/** Marks: p = paired, f = friction. `percent` is of the part. */
const ROWS: readonly Row[] = [
  ['muzzle', 'muzzle', 'head', 'head', 15],
  ['beard', 'beard', 'head', 'head', 10],
  ['stop', 'stop', 'head', 'head', 3],
  ['eyeCorner', 'eye corner', 'head', 'head', 2, 'p'],
  ['brow', 'brow', 'head', 'head', 5, 'p'],
  ['skull', 'skull', 'head', 'head', 30],
  ['cheek', 'cheek', 'head', 'head', 25, 'p'],
  ['earFront', 'ear front edge', 'head', 'ears', 10, 'p'],
  ['earBack', 'ear back edge', 'head', 'ears', 10, 'p'],
  ['earSurface', 'ear surface', 'head', 'ears', 35, 'p'],
  ['earUnder', 'ear underside', 'head', 'ears', 25, 'pf'],
  ['earFringe', 'ear fringe', 'head', 'ears', 15, 'p'],
  ['behindEar', 'behind the ear', 'head', 'ears', 5, 'pf'],
  ['throat', 'throat', 'neck', 'neck', 30],
  ['crest', 'crest', 'neck', 'neck', 30],
  ['neckSide', 'neck side', 'neck', 'neck', 30, 'p'],
  ['collarSeat', 'collar seat', 'neck', 'neck', 10, 'f'],
  ['forechest', 'forechest', 'front', 'front', 30],
  ['shoulder', 'shoulder', 'front', 'front', 40, 'p'],
  ['upperArm', 'upper arm', 'front', 'front', 22, 'p'],
  ['armpit', 'armpit', 'front', 'front', 8, 'pf'],
  ['foreleg', 'foreleg', 'front', 'forelegs', 40, 'p'],
  ['innerForeleg', 'inner foreleg', 'front', 'forelegs', 20, 'p'],
  ['foreFeather', 'fore feather', 'front', 'forelegs', 15, 'p'],
  ['pastern', 'pastern', 'front', 'forelegs', 8, 'p'],
  ['forefoot', 'forefoot', 'front', 'forelegs', 11, 'p'],
  ['foreToes', 'fore toes', 'front', 'forelegs', 4, 'p'],
  ['forePads', 'fore pads', 'front', 'forelegs', 2, 'p'],
  ['withers', 'withers', 'body', 'trunk', 8],
  ['back', 'back', 'body', 'trunk', 22],
  ['loin', 'loin', 'body', 'trunk', 12],
  ['croup', 'croup', 'body', 'trunk', 10],
  ['ribs', 'ribs', 'body', 'trunk', 38, 'p'],
  ['flank', 'flank', 'body', 'trunk', 10, 'p'],
  ['belly', 'belly', 'body', 'underside', 50, 'f'],
  ['mammaryLine', 'sheath or mammary line', 'body', 'underside', 10, 'f'],
  ['underline', 'underline', 'body', 'underside', 30],
  ['loinSkirt', 'loin skirt', 'body', 'underside', 10, 'p'],
  ['outerThigh', 'outer thigh', 'rear', 'rear', 40, 'p'],
  ['innerThigh', 'inner thigh', 'rear', 'rear', 20, 'pf'],
  ['breeches', 'breeches', 'rear', 'rear', 20, 'pf'],
  ['stifle', 'stifle', 'rear', 'rear', 12, 'p'],
  ['hock', 'hock', 'rear', 'hindLegs', 60, 'p'],
  ['hindfoot', 'hindfoot', 'rear', 'hindLegs', 28, 'p'],
  ['hindToes', 'hind toes', 'rear', 'hindLegs', 8, 'p'],
  ['hindPads', 'hind pads', 'rear', 'hindLegs', 4, 'p'],
  ['vent', 'vent', 'rear', 'rear', 3, 'f'],
  ['tailSet', 'tail set', 'rear', 'rear', 5],
  ['tail', 'tail', 'rear', 'tail', 80],
  ['tailTip', 'tail tip', 'rear', 'tail', 20],
];

/** The throat's upper end belongs to the head's surface, percent of the head. */
const THROAT_OF_HEAD = 10;

const WHOLE = Object.values(REGION_PERCENT).reduce((x, y) => x + y, 0);

/** All zones: name, region, whether there is one on each side. */
export const ZONES: readonly ZoneFacts[] = ROWS.map(([id, name, region, part, percent, marks = '']) => ({
  id,
  name,
  region,
  paired: marks.includes('p'),
  friction: marks.includes('f'),
  share: (REGION_PERCENT[part] * percent + (id === 'throat' ? REGION_PERCENT.head * THROAT_OF_HEAD : 0)) / 100 / WHOLE,
}));

/** Part of a dog as people name it. */
export type DogPartId = Part;

/** A part of a dog with its zones. */
export interface DogPart {
  readonly id: DogPartId;
  readonly name: string;
  readonly zones: readonly ZoneId[];
  /** Worked on one side and then on the other. */
  readonly isPaired: boolean;
}

/** Parts of a dog, nose to tail. */
export const DOG_PARTS: readonly DogPart[] = (
  [
    ['head', 'Head', false],
    ['ears', 'Ears', true],
    ['neck', 'Neck', true],
    ['front', 'Chest and shoulders', true],
    ['forelegs', 'Front legs', true],
    ['trunk', 'Body', true],
    ['underside', 'Belly', false],
    ['rear', 'Rear', true],
    ['hindLegs', 'Hind legs', true],
    ['tail', 'Tail', false],
  ] as const
).map(([id, name, isPaired]) => ({
  ...{ id, name, isPaired },
  zones: ROWS.filter(([, , , part]) => part === id).map(([zone]) => zone),
}));

/** Zones in words. */
export const ZONE_NAMES: Readonly<Record<ZoneId, string>> = Object.fromEntries(
  ROWS.map(([id, name]) => [id, name]),
) as Record<ZoneId, string>;

type Weights = Readonly<Partial<Record<ZoneId, number>>>;

function each(ids: readonly ZoneId[], weight: number): Weights {
  return Object.fromEntries(ids.map((id) => [id, weight]));
}

const LEGS: readonly ZoneId[] = ['foreleg', 'innerForeleg', 'pastern', 'stifle', 'hock'];
const EARS: readonly ZoneId[] = ['earFront', 'earBack', 'earSurface', 'earUnder', 'earFringe', 'behindEar'];
const HEAD: readonly ZoneId[] = ['muzzle', 'beard', 'brow', 'skull', 'cheek'];
const FRINGES: readonly ZoneId[] = [
  'earFringe',
  'earBack',
  'foreFeather',
  'underline',
  'belly',
  'breeches',
  'tail',
  'tailTip',
];
const PLUME: Weights = {
  ...each(['tail', 'tailTip'], 3),
  ...each(['outerThigh', 'breeches', 'throat', 'neckSide'], 1.4),
};

/** Hair against skin by class of coat: a plumed tail is washed like a small dog of its own. */
const HAIR_WEIGHTS: Readonly<Record<CoatClass, Weights>> = {
  double: PLUME,
  heavySheepdog: { ...PLUME, tail: 1.5, tailTip: 1.5 },
  drop: { ...each(EARS, 2), ...each(['belly', 'underline', 'loinSkirt'], 1.5), ...each(LEGS, 1.5) },
  scissored: { ...each(HEAD, 1.6), ...each(LEGS, 1.3) },
  jacketedNatural: each(FRINGES, 1.8),
  jacketedTrimmed: { ...each(FRINGES, 1.8), ...each(['throat', 'earFront'], 0.3) },
  wire: { ...each(['beard', 'foreleg', 'hock'], 1.3), ...each(['throat', 'cheek', 'skull'], 0.3) },
  smooth: {},
};

/** Share of a dog's hair by zone, for each class of coat; each sums to 1. */
export const HAIR_SHARES: Readonly<Record<CoatClass, ReadonlyMap<ZoneId, number>>> = Object.fromEntries(
  COAT_CLASSES.map((coat) => [coat, hairShares(ZONES, HAIR_WEIGHTS[coat])]),
) as Record<CoatClass, ReadonlyMap<ZoneId, number>>;
