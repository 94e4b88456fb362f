/*
 * Products that soak at a step on this dog, with the minutes of their labels: what a soak clock is begun for.
 */
import type { ProductId, Products, StepId } from '@loyal-mane/core';
import { bathAdvice } from './bathAdvice.js';
import type { OwnAsk } from './ownAsk.js';

/** A product that soaks, minutes at least and at most. */
export interface SoakChoice {
  readonly product: ProductId;
  readonly leastMin: number;
  readonly mostMin: number;
}

/** A school's short soak: the label's least stays the floor (common practice). */
const SHORT_SOAK_MIN = 3;
/** Steps at which one product soaks, whatever the dog. */
const ALWAYS: Readonly<Partial<Record<StepId, ProductId>>> = { preTreat: 'stainPreTreat', knots: 'loosening' };

const SOAKED: ReadonlySet<StepId> = new Set(['bath', 'trimBath', 'bathWhites', 'condition']);

/** Soaks of a step, in the order of work; `products` are as the kennel's own bottles say. */
export function soakChoices(ask: OwnAsk, products: Products): readonly SoakChoice[] {
  const isShort = ask.chosen.some((c) => c.school.id === 'soakLength' && c.side === 'b');
  return productsAt(ask).flatMap((product) => {
    const soak = products[product].soakMin;
    if (soak === null) return [];
    const [leastMin, label] = soak;
    const mostMin = isShort && product.endsWith('Conditioner') ? Math.max(leastMin, SHORT_SOAK_MIN) : label;
    return [{ product, leastMin, mostMin }];
  });
}

function productsAt(ask: OwnAsk): readonly ProductId[] {
  const { step } = ask;
  const one = ALWAYS[step];
  if (one !== undefined) return [one];
  if (!SOAKED.has(step)) return [];
  const mine = bathAdvice(ask).filter((p) => (step === 'condition') === p.product.endsWith('Conditioner'));
  // Stains are treated at a step of their own.
  return [...new Set(mine.map((p) => p.product).filter((p) => p !== 'stainPreTreat'))];
}
