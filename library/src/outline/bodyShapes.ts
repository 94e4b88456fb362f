/*
 * Body and coat shapes in side view, a row for each breed of the library. Measures are starting values from memory of the breeds'
 * standards and of common practice, fractions of the height at the withers; a dog's own measures take their place.
 */
import type { BodyRow } from '@loyal-mane/core';
import { LONG_SHAPES } from './longShapes.js';
import { MORE_LONG_SHAPES } from './moreLongShapes.js';
import { MORE_TRIMMED_SHAPES } from './moreTrimmedShapes.js';
import { TRIMMED_SHAPES } from './trimmedShapes.js';

/** Bodies by the badge that stands for them, in heights at the withers. */
export const BODY_SHAPES: Readonly<Record<string, BodyRow>> = {
  ...LONG_SHAPES,
  ...MORE_LONG_SHAPES,
  ...TRIMMED_SHAPES,
  ...MORE_TRIMMED_SHAPES,
};
