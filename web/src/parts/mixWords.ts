/*
 * Products of a bath as they are mixed: tables of amounts, and each product in words.
 */
import { mixParts } from '@loyal-mane/core';
import type { MixPart, MixTables, ProductAdvice, Products } from '@loyal-mane/core';
import { HAIR_SHARES, LITERS_PER_M2 } from '@loyal-mane/library';
import { washesOf } from '@loyal-mane/library/pages';
import type { OwnAsk } from '@loyal-mane/library/pages';
import { RINSE_WORDS, whereWords } from '@loyal-mane/library/words';
import type { Methods } from '../api/queries';
import { coatOf, kennelDogOf } from './dogRecord';
import type { Dog } from './dogRecord';
import { productsOf } from './kennelProducts';

/** Where amounts come from in this kennel. */
export const tablesOf = (methods: Methods | undefined): MixTables => ({
  litersPerM2: LITERS_PER_M2,
  hairShares: HAIR_SHARES,
  products: productsOf(methods),
});

/** Products of a bath as they are mixed for its dog. */
export function mixFor(dog: Dog, ask: OwnAsk, advice: readonly ProductAdvice[], methods?: Methods): MixPart[] {
  const { density } = kennelDogOf(dog);
  const of = { dogId: dog.id, weightKg: dog.weightKg, coat: coatOf(dog), density, washes: washesOf(ask), advice };
  return mixParts(of, tablesOf(methods));
}

/** "all over, 2 washes, leave 1 to 5 min, rinse out completely"; `mostZones`: as many are named, else a few. */
export function partWords(part: MixPart, products: Products, mostZones?: number): string {
  const { soakMin, rinse } = products[part.product];
  const times = part.washes > 1 ? `${String(part.washes)} washes` : '';
  const soak =
    soakMin === null
      ? ''
      : `leave ${soakMin[0] === soakMin[1] ? '' : `${String(soakMin[0])} to `}${String(soakMin[1])} min`;
  return [whereWords(part, mostZones), times, soak, RINSE_WORDS[rinse]].filter((w) => w !== '').join(', ');
}
