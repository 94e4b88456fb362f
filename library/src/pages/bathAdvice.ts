/*
 * Products of a bath on this dog: what its page says, what is mixed for it, and what soaks are all read from here.
 */
import { bathProducts, coatClassOf, washCount, zonesOfColor } from '@loyal-mane/core';
import type { ProductAdvice } from '@loyal-mane/core';
import type { OwnAsk } from './ownAsk.js';
import { productZones } from '../products.js';

/** Products that are used at a bath, in the order of work; a whites-only bath takes a mild wash and the whitener. */
export function bathAdvice({ step, dog, library, at }: OwnAsk): ProductAdvice[] {
  const coat = coatClassOf(dog, library);
  if (step === 'bathWhites') {
    const zones = zonesOfColor(dog, 'white');
    const on = (product: 'mildWash' | 'whiteningWash'): ProductAdvice => ({
      ...{ product, use: true, scope: 'zones', zones },
      why: { code: 'white' },
    });
    return zones.length === 0 ? [] : [on('mildWash'), on('whiteningWash')];
  }
  return bathProducts(dog, coat, at.purpose, at.day, productZones(coat), at.isLaterShowDay).filter((p) => p.use);
}

/** How often a bath washes this dog. */
export function washesOf({ dog, library, chosen }: OwnAsk): 1 | 2 {
  const isLeftOn = chosen.some((c) => c.school.id === 'thickWashes' && c.side === 'b');
  return washCount(coatClassOf(dog, library), dog.density, isLeftOn);
}
