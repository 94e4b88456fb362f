/*
 * Words of what is looked at before a dog leaves the tub.
 */
import type { ExitCheck } from '@loyal-mane/core';

/** By check: what the hands do, and its name in a list. */
export const EXIT_WORDS: Readonly<Record<ExitCheck, { readonly short: string; readonly ask: string }>> = {
  feet: { short: 'feet', ask: 'Feet: rinsed between the toes' },
  vent: { short: 'vent', ask: 'Vent: clean and rinsed' },
  belly: { short: 'belly', ask: 'Belly: no slip under the hand' },
  tail: { short: 'tail', ask: 'Tail: rinsed to the tip' },
  ears: { short: 'ears', ask: 'Ears: leather rinsed, canal dry' },
  skin: { short: 'skin looked at', ask: 'Skin: looked at, nothing red' },
  product: { short: 'product out', ask: 'Product out: the water runs clear' },
  cotton: { short: 'cotton out', ask: 'Cotton out, left and right; or none was in' },
};
