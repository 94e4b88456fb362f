/*
 * The shape of one step's words: name, sign, how it is done, what shows that it is finished, its cautions.
 */
import type { CautionId } from '../cautions.js';

/** Hue of a step's glyph: water, drying, brushing, shears, or plain. Shape always tells it apart as well. */
export type Tone = 'tarn' | 'brass' | 'moss' | 'plum' | 'ink' | 'soft';

/** The words and the sign of one step. */
export interface StepWords {
  /** Name in a list: "Force dry". */
  readonly name: string;
  /** Symbol in the sprite of glyphs, without its `g-`. */
  readonly glyph: string;
  readonly tone: Tone;
  readonly how: readonly string[];
  /** The sign that it is finished. */
  readonly done: string;
  readonly cautions: readonly CautionId[];
}

/** One step, in the order in which it is read. */
export function words(
  name: string,
  glyph: string,
  tone: Tone,
  cautions: readonly CautionId[],
  done: string,
  ...how: string[]
): StepWords {
  return { name, glyph, tone, how, done, cautions };
}
