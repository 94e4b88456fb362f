/* Kennels are the same whatever order their rows come in. */
import type { KennelFile } from '@loyal-mane/core';

/** Lists in one order, so that two files that say the same are the same. */
export function inOneOrder(kennel: KennelFile): unknown {
  const inOrder = (value: unknown): unknown => {
    if (Array.isArray(value))
      return value.map(inOrder).sort((x, y) => JSON.stringify(x).localeCompare(JSON.stringify(y)));
    if (typeof value !== 'object' || value === null) return value;
    return Object.fromEntries(
      Object.entries(value)
        .sort(([a], [b]) => a.localeCompare(b))
        .map(([k, v]) => [k, inOrder(v)]),
    );
  };
  return inOrder(kennel);
}
