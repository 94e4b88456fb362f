/*
 * The shape of one step's words: name, sign, what shows that it is finished, its cautions. How it is done stands on its page,
 * which is composed for each dog.
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
  /** The sign that it is finished. */
  readonly done: string;
  readonly cautions: readonly CautionId[];
}

/** One step. */
export function words(
  name: string,
  glyph: string,
  tone: Tone,
  cautions: readonly CautionId[],
  done: string,
): StepWords {
  return { name, glyph, tone, done, cautions };
}
