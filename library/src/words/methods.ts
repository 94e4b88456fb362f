/*
 * The name and sign of each step, what shows that it is finished, and its cautions. Common practice of the trade. One entry
 * per step; a test counts them.
 */
import type { StepId } from '@loyal-mane/core';
import { CARE_METHODS } from './methods/careMethods.js';
import { SHOW_METHODS } from './methods/showMethods.js';
import type { StepWords } from './methods/stepWords.js';
import { TRIM_METHODS } from './methods/trimMethods.js';
import { WASH_METHODS } from './methods/washMethods.js';

/** Each step in words: name, sign, what shows that it is finished. */
export const METHODS: Readonly<Record<StepId, StepWords>> = {
  ...CARE_METHODS,
  ...WASH_METHODS,
  ...TRIM_METHODS,
  ...SHOW_METHODS,
};
