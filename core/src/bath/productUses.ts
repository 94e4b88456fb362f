/*
 * Products that were used on a coat: written down when a bath is finished or logged by hand, and taken back with the finish.
 * Whitening days, clarifying washes and sensitivities are reckoned from them.
 */
import { MOST_USES } from '../kennel/dogRecord.js';
import type { KennelDog } from '../kennel/dogRecord.js';

/** A product that was used on a day, and where. */
export type ProductUse = NonNullable<KennelDog['uses']>[number];

/** The part of a record that uses change. */
export type UsesRecord = Pick<KennelDog, 'uses' | 'buildUp'>;

/** A record with uses added; a clarifying wash takes build-up away. The same record where nothing was used. */
export function withUses<R extends UsesRecord>(record: R, used: readonly ProductUse[]): R {
  if (used.length === 0) return record;
  const isClear = record.buildUp === true && used.some((u) => u.product === 'clarifyingWash');
  return {
    ...record,
    uses: [...(record.uses ?? []), ...used].slice(-MOST_USES),
    ...(isClear ? { buildUp: false } : {}),
  };
}

/** A record with uses taken back, each once and the newest first; `hadBuildUp`: build-up was known before them. */
export function withoutUses<R extends UsesRecord>(record: R, used: readonly ProductUse[], hadBuildUp: boolean): R {
  const uses = [...(record.uses ?? [])];
  for (const use of used) {
    const at = uses.findLastIndex((u) => isSame(u, use));
    if (at >= 0) uses.splice(at, 1);
  }
  const back = hadBuildUp && used.some((u) => u.product === 'clarifyingWash');
  return { ...record, uses, ...(back ? { buildUp: true } : {}) };
}

function isSame(x: ProductUse, y: ProductUse): boolean {
  return (
    x.day === y.day &&
    x.product === y.product &&
    x.scope === y.scope &&
    (x.zones ?? []).join() === (y.zones ?? []).join()
  );
}
