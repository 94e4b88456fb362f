/*
 * Products that go into the coat at a step of this dog, as its page advises them: what a finish writes down unless somebody says
 * otherwise.
 */
import { BATHS } from '@loyal-mane/core';
import type { ProductAdvice, ProductId, StepId, UseScope, ZoneId } from '@loyal-mane/core';
import { bathAdvice } from './bathAdvice.js';
import type { OwnAsk } from './ownAsk.js';

/** A product that went into a coat, and where. */
export interface UsedProduct {
  readonly product: ProductId;
  readonly scope: UseScope;
  readonly zones?: readonly ZoneId[];
}

/** Products that a bath or its conditioner may be finished with, others than those of its page too. */
export const BATH_PRODUCTS: readonly ProductId[] = [
  'cleansingWash',
  'clarifyingWash',
  'textureWash',
  'mildWash',
  'whiteningWash',
  'stainPreTreat',
  'richConditioner',
  'lightConditioner',
];

const usedOf = ({ product, scope, zones }: ProductAdvice): UsedProduct => ({
  ...{ product, scope },
  ...(scope === 'whole' || zones.length === 0 ? {} : { zones }),
});

/** Whether a finish of a step asks which products went into the coat. */
export const takesProducts = (step: StepId): boolean => BATHS.has(step) || step === 'condition' || step === 'preTreat';

/** Products of a step in the order of work; stains and conditioner are left to the steps of their own. */
export function stepProducts(ask: OwnAsk): UsedProduct[] {
  const { step } = ask;
  if (!takesProducts(step)) return [];
  return bathAdvice(BATHS.has(step) ? ask : { ...ask, step: 'bath' })
    .filter(({ product }) => stepOf(product) === (BATHS.has(step) ? 'bath' : step))
    .map(usedOf);
}

const stepOf = (product: ProductId): StepId =>
  product === 'stainPreTreat' ? 'preTreat' : product.endsWith('Conditioner') ? 'condition' : 'bath';
