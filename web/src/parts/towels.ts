/*
 * Towel sets in words: how long a jacket still dries under its towel, and when somebody looks in.
 */
import { towelAt } from '@loyal-mane/core';
import type { OpenTowel } from '@loyal-mane/core';
import { durationWords } from '@loyal-mane/library/words';

/** "21 h 15 min more; look in within 2 h"; `isDue`: somebody is to go there now. */
export function towelWords(open: OpenTowel, nowMs: number): { readonly words: string; readonly isDue: boolean } {
  const { leftMs, lookInMs } = towelAt(open, nowMs);
  if (leftMs <= 0) return { words: 'a day is over: feel the root, and release it where it is dry', isDue: true };
  const left = `${durationWords(leftMs)} more`;
  if (lookInMs <= 0) return { words: `look in now: warm, calm, no fold. ${left}`, isDue: true };
  return { words: `${left}; look in within ${durationWords(lookInMs)}`, isDue: false };
}
