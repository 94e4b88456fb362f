/*
 * Classes of product: how they are thinned, where they go, how they leave the coat. Typical labels; the bottle's own label
 * comes first. Common practice, adjustable; one entry a class.
 */
import type { CoatClass, Product, ProductId, ProductZones, ZoneId } from '@loyal-mane/core';

/** Products by use: parts of water, minutes of soak (common practice; the bottle's label counts). */
export const PRODUCTS: Readonly<Record<ProductId, Product>> = {
  cleansingWash: { parts: 10, soakMin: [1, 5], rinse: 'out' },
  clarifyingWash: { parts: 8, soakMin: null, rinse: 'out' },
  textureWash: { parts: 8, soakMin: null, rinse: 'out' },
  mildWash: { parts: 12, soakMin: null, rinse: 'out' },
  whiteningWash: { parts: 6, soakMin: [5, 10], rinse: 'out' },
  stainPreTreat: { parts: null, soakMin: [20, 40], rinse: 'withBath' },
  richConditioner: { parts: 8, soakMin: [3, 5], rinse: 'out' },
  lightConditioner: { parts: 16, soakMin: [2, 3], rinse: 'mayStay' },
  leaveIn: { parts: null, soakMin: null, rinse: 'stays' },
  loosening: { parts: null, soakMin: [5, 5], rinse: 'nextWash' },
  liftSpray: { parts: null, soakMin: null, rinse: 'afterShow' },
  foam: { parts: null, soakMin: null, rinse: 'afterShow' },
  cream: { parts: null, soakMin: null, rinse: 'afterShow' },
  dressing: { parts: null, soakMin: null, rinse: 'stays' },
  stainBarrier: { parts: null, soakMin: null, rinse: 'stays' },
};

const FEATHER: readonly ZoneId[] = ['earFringe', 'foreFeather', 'underline', 'breeches', 'tail', 'tailTip'];
const LEGS: readonly ZoneId[] = ['foreleg', 'innerForeleg', 'pastern', 'forefoot', 'stifle', 'hock', 'hindfoot'];
const RUFF: readonly ZoneId[] = ['crest', 'neckSide', 'throat', 'forechest', 'shoulder'];

/** Zones where body is wanted in the ring, by coat: a show bath spares them rich conditioner. */
const VOLUME: Readonly<Record<CoatClass, readonly ZoneId[]>> = {
  double: [...RUFF, 'breeches', 'tail', ...LEGS],
  heavySheepdog: ['skull', 'cheek', ...LEGS, 'croup', 'outerThigh', 'breeches'],
  drop: [],
  scissored: ['skull', 'cheek', 'crest', ...LEGS, 'tail'],
  jacketedNatural: [],
  jacketedTrimmed: [],
  wire: ['beard', 'brow', 'muzzle', ...LEGS],
  smooth: [],
};

/** Liters of mixed shampoo a square meter and wash at weight 1. */
export const LITERS_PER_M2: Readonly<Record<CoatClass, number>> = {
  double: 0.9,
  heavySheepdog: 1.1,
  scissored: 0.8,
  drop: 0.7,
  jacketedNatural: 0.5,
  jacketedTrimmed: 0.5,
  wire: 0.4,
  smooth: 0.25,
};

/** Where products of a coat go. */
export function productZones(coat: CoatClass): ProductZones {
  return {
    feather: FEATHER,
    volume: VOLUME[coat],
    legs: LEGS,
    ears: ['earFringe', 'earSurface', 'earUnder'],
    stains: ['muzzle', 'beard', 'eyeCorner', 'forefoot', 'hindfoot', 'belly', 'mammaryLine'],
    face: ['muzzle', 'beard', 'brow', 'cheek', 'stop', 'eyeCorner'],
  };
}
