/*
 * Order of work on one dog in words: what is still open before a step, and what its being open does.
 */
import type { OrderWhy, StepId } from '@loyal-mane/core';
import { METHODS } from './methods.js';

const WHY: Readonly<Record<OrderWhy, string>> = {
  matsSet: 'Water sets mats.',
  unwashed: 'The coat is not washed yet.',
  unconditioned: 'Conditioner goes in before the coat dries.',
  unblown: 'Heat follows the force dryer: undercoat is blown out first.',
  stillWet: 'The coat is not dry yet.',
  untested: 'Scissors, clippers and rake need a coat that was tested dry.',
  uncut: 'The cut before it is not done.',
};

/** "Brush-out is not finished. Water sets mats." */
export function openBeforeWords(step: StepId, why: OrderWhy): string {
  return `${METHODS[step].name} is not finished. ${WHY[why]}`;
}
