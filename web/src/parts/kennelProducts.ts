/*
 * Products as this kennel's own bottles say.
 */
import { withKennelProducts } from '@loyal-mane/core';
import type { Products } from '@loyal-mane/core';
import { PRODUCTS } from '@loyal-mane/library';
import type { Methods } from '../api/queries';

/** The library's typical labels while the kennel's methods are not read yet. */
export function productsOf(methods: Pick<Methods, 'products'> | undefined): Products {
  return withKennelProducts(PRODUCTS, methods?.products ?? []);
}
