/*
 * Contents of a dog's bag: what every dog needs, what its coat needs, what its finishing recipe names. Common practice.
 */
import type { CoatClass, KennelDog } from '@loyal-mane/core';
import { PRODUCT_NAMES } from './words/productWords.js';

const ALL: readonly string[] = ['water bottle', 'spare clean combs', 'towel', 'show lead', 'number'];

const BY_COAT: Readonly<Record<CoatClass, readonly string[]>> = {
  double: ['product slicker for the feet', 'comb on the handler for the hocks'],
  heavySheepdog: ['texture spray'],
  drop: ['tail comb', 'bands', 'bow', 'parting mist'],
  scissored: ['building spray', 'locking spray', 'several combs'],
  jacketedNatural: ['bristle brush', 'fringe comb'],
  jacketedTrimmed: ['bristle brush', 'fringe comb'],
  wire: ['stripping knife', 'furnishing comb'],
  smooth: ['wipes', 'shine'],
};

/** The bag of a dog: each thing once, the recipe's products last. */
export function bagList(coat: CoatClass, recipe: KennelDog['recipe']): string[] {
  const products = (recipe ?? []).map((line) => PRODUCT_NAMES[line.product].toLowerCase());
  // Only a head that is teased needs the brush for it: its recipe puts something on the skull.
  const isTeased = coat === 'heavySheepdog' && (recipe ?? []).some((line) => line.zones.includes('skull'));
  return [...new Set([...ALL, ...BY_COAT[coat], ...(isTeased ? ['teasing brush'] : []), ...products])];
}
