/*
 * Which side of a dog comes first, in words.
 */
import type { FirstSide } from '@loyal-mane/core';

/** Which side comes first, as a line of the how-to. */
export function sideFirstWords(side: FirstSide): string {
  return side === 'show' ? 'Show side first, once around.' : 'Off side first: the finished side is not lain on.';
}
