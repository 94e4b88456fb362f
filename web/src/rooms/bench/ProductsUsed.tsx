/*
 * Products that went into the coat: those of the page and of soaks are chosen already; others are a touch away.
 */
import { useState } from 'react';
import { tickedProducts } from '@loyal-mane/core';
import type { ProductId } from '@loyal-mane/core';
import { BATH_PRODUCTS } from '@loyal-mane/library/pages';
import type { UsedProduct } from '@loyal-mane/library/pages';
import { PRODUCT_NAMES } from '@loyal-mane/library/words';
import type { Kennel, Methods } from '../../api/queries';
import { productsAt } from '../../parts/pageOf';
import type { BenchTask } from './myTasks';

/** Products of a task: what its page advises, and what soaked at it. */
export function usedAt(task: BenchTask, kennel: Kennel, zone: string, methods?: Methods): readonly UsedProduct[] {
  const advised = productsAt(task.activity, kennel, zone, methods);
  const soaked = new Set((task.work?.soaks ?? []).map((s) => s.product));
  const others = [...soaked].filter((p) => !advised.some((a) => a.product === p));
  return [...advised, ...others.map((product): UsedProduct => ({ product, scope: 'whole' }))];
}

/** Those of a task's products that went into the coat, as far as it is known: all, unless somebody ticks them one by one. */
export function usedNow({ work }: BenchTask, products: readonly UsedProduct[]): readonly UsedProduct[] {
  const ticked = tickedProducts(work?.ticked ?? []);
  const soaked = new Set((work?.soaks ?? []).map((s) => s.product));
  return ticked === null ? products : products.filter((p) => ticked.has(p.product) || soaked.has(p.product));
}

interface Props {
  readonly advised: readonly UsedProduct[];
  readonly used: readonly UsedProduct[];
  readonly onChange: (used: readonly UsedProduct[]) => void;
}

/** Products that were used, each a touch. */
export function ProductsUsed({ advised, used, onChange }: Props) {
  const [isOpen, setOpen] = useState(advised.length === 0);
  const isUsed = (product: ProductId): boolean => used.some((u) => u.product === product);
  const offered = advised.map((a) => a.product);
  const shown = isOpen ? [...offered, ...BATH_PRODUCTS.filter((p) => !offered.includes(p))] : offered;
  const toggle = (product: ProductId): void => {
    const known = advised.find((a) => a.product === product) ?? { product, scope: 'whole' as const };
    onChange(isUsed(product) ? used.filter((u) => u.product !== product) : [...used, known]);
  };
  return (
    <section aria-label="Products used">
      <p className="parts-left">In the coat went:</p>
      <div className="note-choices">
        {shown.map((product) => (
          <button key={product} type="button" aria-pressed={isUsed(product)} onClick={() => toggle(product)}>
            {PRODUCT_NAMES[product]}
          </button>
        ))}
        {!isOpen && (
          <button type="button" onClick={() => setOpen(true)}>
            Something else
          </button>
        )}
      </div>
    </section>
  );
}
