/*
 * Faults of a changed care program, in whole sentences.
 */
import type { ProgramFault } from '@loyal-mane/core';
import { SKILL_WORDS } from './coatWords.js';
import { METHODS } from './methods.js';

const PART_WORDS = {
  preparation: 'preparation',
  between: 'days between',
  showMorning: 'show morning',
  after: 'time after the show',
} as const;

/** One sentence: what is wrong, and why it cannot be saved. */
export function faultWords(f: ProgramFault): string {
  const name = METHODS[f.step].name;
  switch (f.code) {
    case 'cycle':
      return `${name} waits for ${lower(f.waitsFor)}, which now comes after it: a circle that no day can hold.`;
    case 'missing':
      return `${name} is safe only after ${lower(f.waitsFor)}, and that is left out.`;
    case 'waitTwisted':
      return `${name} is to wait at least ${String(f.min)} and at most ${String(f.max)} min: no wait is both.`;
    case 'waitTooShort':
      return `${name} must begin within ${String(f.max)} min of ${lower(f.since)}, but the work between takes ${String(f.needs)} min.`;
    case 'windowTwisted':
      return `${name} may begin only after its last day is over.`;
    case 'tooLate':
      return `${name} cannot be over in time: what comes before it ends ${lateWords(f.shortMin)} too late.`;
    case 'earsTooLate':
      return `${name}: no full ear trim on the show day or the evening before, by anybody. Let it end two days before.`;
    case 'nobody':
      return `${name} needs ${SKILL_WORDS[f.skill]}, and nobody here can do that.`;
    case 'noDays':
      return `${name} counts from the ring, not in days: change its wait or its minutes.`;
    case 'noSuchStep':
      return `There is no ${f.nth > 1 ? `${String(f.nth)}th ` : ''}${lower(f.step)} in the ${PART_WORDS[f.part]} of this coat.`;
  }
}

function lower(step: ProgramFault['step']): string {
  return METHODS[step].name.toLowerCase();
}

function lateWords(minutes: number): string {
  return minutes < 120 ? `${String(minutes)} min` : `${String(Math.round(minutes / 60))} h`;
}
