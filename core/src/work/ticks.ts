/*
 * Lines of a page and parts of the dog that were ticked at the bench, and cautions that were met: kept with the task, so that whoever takes it over
 * goes on where the other stopped. Ticks are a set: two devices that tick at once both count, in whatever order they arrive.
 */
import type { WorkRecord } from '../kennel/kennelFile.js';
import type { ProductId } from '../kennel/vocabulary.js';

/** Most ticks that a task keeps. */
export const MOST_TICKS = 120;

/** The id under which a caution that was met is ticked. */
export const cautionTick = (caution: string): string => `caution.${caution}`;

/** The id under which a part of the dog is ticked, one of its sides where it has two. */
export const partTick = (part: string, side: 'left' | 'right' | null = null): string =>
  `part.${part}${side === null ? '' : `.${side}`}`;

const USED = 'used.';

/** The id under which a product is ticked that went into the coat. */
export const usedTick = (product: ProductId): string => `${USED}${product}`;

/** Products that somebody ticked as used; null where nobody ticks them: then those of the page count. */
export function tickedProducts(ticked: readonly string[]): ReadonlySet<string> | null {
  const products = ticked.flatMap((t) => (t.startsWith(USED) ? [t.slice(USED.length)] : []));
  return products.length === 0 ? null : new Set(products);
}

/**
 * A record with a line ticked, or the tick taken off; null for a task that is not begun, or was skipped. A tick that reaches a
 * finished task late is kept: somebody made it while the task ran.
 */
export function withTick(record: WorkRecord | null, line: string, isTicked: boolean): WorkRecord | null {
  if (record === null || record.state === 'skipped') return null;
  if (record.state === 'done' && !isTicked) return null;
  const { ticked = [], ...rest } = record;
  const others = ticked.filter((t) => t !== line);
  const next = isTicked ? [...others, line].slice(-MOST_TICKS) : others;
  return next.length === 0 ? rest : { ...rest, ticked: next };
}
