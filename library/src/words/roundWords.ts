/*
 * Care rounds in words: feeding, walks, water, unloading.
 */
import type { CareRound, RoundKind } from '@loyal-mane/core';
import { durationWords } from './timeWords.js';

/** Names of the rounds. */
export const ROUND_WORDS: Readonly<Record<RoundKind, string>> = {
  morning: 'out, fed and watered',
  midday: 'walk and water',
  evening: 'walk, fed and watered',
  unload: 'unloaded, watered and let settle',
};

/** "11 dogs: walk and water". */
export function roundWords({ kind, dogs }: Pick<CareRound, 'kind' | 'dogs'>): string {
  return `${dogs.length === 1 ? '1 dog' : `${String(dogs.length)} dogs`}: ${ROUND_WORDS[kind]}`;
}

/** "nobody has time for 35 of 45 min"; empty where somebody has. */
export function lackingWords({ lackingMin, minutes }: Pick<CareRound, 'lackingMin' | 'minutes'>): string {
  if (lackingMin === 0) return '';
  const of = lackingMin === minutes ? '' : ` of ${durationWords(minutes * 60_000)}`;
  return `nobody has time for ${durationWords(lackingMin * 60_000)}${of}`;
}
