/*
 * Body and coat shapes in side view, a row each: the demo's eighteen breeds; other breeds borrow the nearest row until
 * they have their own. Measures are invented starting values, fractions of the height at the withers.
 */
import type { BodyRow } from '@loyal-mane/core';
import { LONG_SHAPES } from './longShapes.js';
import { TRIMMED_SHAPES } from './trimmedShapes.js';

/** Bodies by the badge that stands for them, in heights at the withers. */
export const BODY_SHAPES: Readonly<Record<string, BodyRow>> = { ...LONG_SHAPES, ...TRIMMED_SHAPES };
