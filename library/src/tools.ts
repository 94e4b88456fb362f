/*
 * Tools that steps need by class of coat: which shears, brush or clipper somebody's kit must hold. Common practice.
 */
import type { CoatClass, StepId, ToolKind, ToolNeed } from '@loyal-mane/core';

type ByCoat = Readonly<Partial<Record<CoatClass | 'any', readonly ToolKind[]>>>;

const THINNED: readonly ToolKind[] = ['thinners', 'shortStraight'];

const TOOLS: Readonly<Partial<Record<StepId, ByCoat>>> = {
  brushOut1: { any: ['slicker', 'wideComb'], drop: ['pinBrush', 'wideComb'], heavySheepdog: ['pinBrush', 'wideComb'] },
  brushOut2: { any: ['slicker', 'wideComb'], drop: ['pinBrush', 'wideComb'], heavySheepdog: ['pinBrush', 'wideComb'] },
  keepUpBrush: { any: ['slicker'], drop: ['pinBrush'], heavySheepdog: ['pinBrush'], smooth: ['curry'] },
  mittClean: { any: ['curry'] },
  undercoat: { any: ['rake', 'slicker'] },
  lineBrush: { any: ['slicker'], drop: ['pinBrush'], heavySheepdog: ['pinBrush'] },
  combThrough: { any: ['wideComb'] },
  clip: { any: ['clipper'] },
  upperEars: { any: ['clipper'] },
  nails: { any: ['grinder'] },
  ears: { any: ['thinners'] },
  throat: { any: ['thinners'] },
  whiskers: { any: ['shortStraight'] },
  naturalTrim: { any: THINNED },
  roughTrim: { any: THINNED, scissored: ['longStraight', 'longCurved'] },
  fineTrim: {
    any: THINNED,
    scissored: ['longStraight', 'longCurved'],
    drop: ['longStraight'],
    smooth: ['shortStraight'],
  },
  shapeTrim: { any: THINNED, scissored: ['longStraight', 'longCurved'] },
  strip: { any: ['strippingKnife'] },
  tidies: { any: ['thinners'] },
};

/** Clipper blades by number: pads are clipped with a 30, upper ears along the hair with a 10. */
const BLADES: Readonly<Partial<Record<StepId, number>>> = { clip: 30, upperEars: 10 };

type Sizes = Pick<ToolNeed, 'lengthIn' | 'teeth'>;

/** Sizes that a step asks of a tool (CP-38): other ones chop, tear or take too long. */
const SIZES: Readonly<Partial<Record<StepId, Readonly<Partial<Record<ToolKind, Sizes>>>>>> = {
  roughTrim: { longStraight: { lengthIn: [7, 10] }, longCurved: { lengthIn: [7, 10] } },
  fineTrim: {
    longStraight: { lengthIn: [7, 10] },
    longCurved: { lengthIn: [6.5, 10] },
    shortStraight: { lengthIn: [4.5, 7.5] },
  },
  naturalTrim: { shortStraight: { lengthIn: [4.5, 7.5] } },
  ears: { thinners: { teeth: [38, 54] } },
  throat: { thinners: { teeth: [38, 54] } },
};

/** Tools of a step on a class of coat; empty where no tool decides. */
export function toolsFor(step: StepId, coat: CoatClass): readonly ToolNeed[] {
  const row = TOOLS[step];
  const blade = BLADES[step];
  return (row?.[coat] ?? row?.any ?? []).map((tool) => ({
    tool,
    ...(tool === 'clipper' && blade !== undefined ? { blade } : {}),
    ...SIZES[step]?.[tool],
  }));
}
