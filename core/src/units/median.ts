/*
 * The middle of some numbers.
 */

/** The middle one in order, of an even count the mean of the middle two; null of none. */
export function median(values: readonly number[]): number | null {
  const sorted = [...values].sort((x, y) => x - y);
  const middle = sorted.length >> 1;
  const upper = sorted[middle];
  if (upper === undefined) return null;
  return sorted.length % 2 === 1 ? upper : ((sorted[middle - 1] ?? upper) + upper) / 2;
}
