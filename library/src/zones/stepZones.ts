/*
 * Which zones are a step's business when it cuts. The dog's trim map and locks say how much of that is cut. Common
 * practice; one entry a step.
 */
import type { StepId, ZoneId } from '@loyal-mane/core';

const FEET: readonly ZoneId[] = ['forefoot', 'foreToes', 'forePads', 'hindfoot', 'hindToes', 'hindPads'];
const JACKET: readonly ZoneId[] = [
  'skull',
  'cheek',
  'crest',
  'neckSide',
  'throat',
  'forechest',
  'shoulder',
  'upperArm',
  'withers',
  'back',
  'loin',
  'croup',
  'ribs',
  'flank',
  'outerThigh',
  'tailSet',
  'tail',
  'earSurface',
];

/** Zones that each step works on. */
export const STEP_ZONES: Readonly<Partial<Record<StepId, readonly ZoneId[] | 'all'>>> = {
  clip: [...FEET, 'vent', 'belly', 'muzzle', 'cheek', 'throat'],
  upperEars: ['earSurface', 'earUnder'],
  ears: ['earFront', 'earBack', 'earSurface', 'earUnder', 'earFringe', 'behindEar'],
  throat: ['throat', 'neckSide', 'cheek', 'forechest'],
  whiskers: ['muzzle', 'brow', 'cheek'],
  naturalTrim: 'all',
  roughTrim: 'all',
  fineTrim: 'all',
  shapeTrim: 'all',
  strip: JACKET,
  tidies: [...FEET, 'earFront', 'earBack', 'muzzle', 'hock', 'tailTip'],
};
