/*
 * The lines of every step's page.
 */
import type { StepLines } from '@loyal-mane/core';
import { BRUSH_LINES } from './lines/brushLines.js';
import { SHOW_LINES } from './lines/showLines.js';
import { TRIM_LINES } from './lines/trimLines.js';
import { WASH_LINES } from './lines/washLines.js';

/** All lines by step, in working order; `composePage` leaves those that are true for a dog. */
export const STEP_LINES: StepLines = { ...BRUSH_LINES, ...WASH_LINES, ...TRIM_LINES, ...SHOW_LINES };
