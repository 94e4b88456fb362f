/*
 * The nearest names to a word that nothing is called exactly: a letter too few, too many or exchanged.
 */
import Fuse from 'fuse.js';

/** Share of a word's letters that may differ (0 = none, 1 = all). */
const DISTANCE = 0.4;
const MOST = 3;

/** Names that a typed word may have meant, the nearest first, at most three. */
export function nearest(typed: string, names: readonly string[]): string[] {
  const fuse = new Fuse([...new Set(names)], { threshold: DISTANCE, ignoreLocation: true, minMatchCharLength: 2 });
  return fuse.search(typed.trim(), { limit: MOST }).map((found) => found.item);
}
