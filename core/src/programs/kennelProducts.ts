/*
 * Products as a kennel's own bottles say, over the library's typical labels.
 */
import type { KennelProductChange } from '../kennel/methodsRecord.js';
import type { ProductId } from '../kennel/vocabulary.js';
import type { Product } from './products.js';

/** All products as a kennel uses them. */
export type Products = Readonly<Record<ProductId, Product>>;

/** Faults of a change: a product that is used as it is has no parts; a soak must not end before it begins. */
export interface ProductFault {
  readonly code: 'notThinned' | 'soakTwisted' | 'twice';
  readonly product: ProductId;
}

/** Products with a kennel's changes applied; what is absent stays as the library has it. */
export function withKennelProducts(products: Products, changes: readonly KennelProductChange[] = []): Products {
  const changed = changes.map((c) => [c.product, changedProduct(products[c.product], c)] as const);
  return { ...products, ...Object.fromEntries(changed) };
}

function changedProduct(p: Product, c: KennelProductChange): Product {
  const soaks = c.soakFromMin !== undefined || c.soakToMin !== undefined;
  const from = c.soakFromMin ?? p.soakMin?.[0] ?? c.soakToMin ?? 0;
  return {
    ...p,
    parts: p.parts === null ? null : (c.parts ?? p.parts),
    soakMin: soaks ? [from, c.soakToMin ?? Math.max(from, p.soakMin?.[1] ?? from)] : p.soakMin,
  };
}

/** Everything that is wrong with a list of changes. */
export function productFaults(products: Products, changes: readonly KennelProductChange[]): ProductFault[] {
  return changes.flatMap((c, i): ProductFault[] => {
    const { product } = c;
    const soak = changedProduct(products[product], c).soakMin;
    return [
      ...(changes.findIndex((o) => o.product === product) < i ? [{ code: 'twice' as const, product }] : []),
      ...(c.parts !== undefined && products[product].parts === null ? [{ code: 'notThinned' as const, product }] : []),
      ...(soak !== null && soak[0] > soak[1] ? [{ code: 'soakTwisted' as const, product }] : []),
    ];
  });
}
