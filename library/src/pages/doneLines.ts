/*
 * Signs that a step is finished on coats for which the usual sign says too much or too little. Common practice.
 */
import type { PageWhen, StepId } from '@loyal-mane/core';
import { all, on } from './line.js';

/** The sign of a step where its facts hold; the first that does is told. */
export interface DoneLine {
  readonly step: StepId;
  readonly text: string;
  readonly when: PageWhen;
}

/** Signs by step. */
export const DONE_LINES: readonly DoneLine[] = [
  { step: 'keepUpBrush', text: 'No loose hair comes any more, and the coat shines.', when: on('coat:smooth') },
  { step: 'bath', text: 'The rinse water runs clear; feet, belly and vent were checked.', when: on('coat:smooth') },
  { step: 'towel', text: 'The dog is dry, and the jacket shines.', when: on('coat:smooth') },
  { step: 'heatDry', text: 'Beard, brows and legs are dry and straight; the jacket lies.', when: on('coat:wire') },
  { step: 'dryCheck', text: 'Every zone passes both tests: dry at the root, no kink.', when: on('coat:scissored') },
  { step: 'clip', text: 'Pads and vent are clear; nothing shows from the side.', when: on('coat:smooth', 'coat:wire') },
  { step: 'ears', text: 'The opening is free; the ears look untouched.', when: on('ears:natural', 'ears:fringe') },
  {
    step: 'fineTrim',
    text: 'Skirt, belly and tufts are even; nothing stands out from the side.',
    when: on('coat:smooth'),
  },
  {
    step: 'fineTrim',
    text: 'The floor line is straight from every side, and the feet are round beneath it.',
    when: on('coat:drop'),
  },
  { step: 'finish', text: 'The coat shines; a white cloth stays white.', when: on('coat:smooth') },
  {
    step: 'finish',
    text: 'The part is straight, both sides fall alike, and it is dry to the touch.',
    when: on('coat:drop'),
  },
  {
    step: 'finish',
    text: 'The jacket lies flat, the feathering falls, and it is dry to the touch.',
    when: on('coat:jacketedNatural', 'coat:jacketedTrimmed'),
  },
  {
    step: 'finish',
    text: 'The outer coat is dry; beneath it may be slightly damp. It falls back when the head moves.',
    when: all('coat:double', 'school:ringDryness:b'),
  },
  {
    step: 'finish',
    text: 'Beard and legs stand, the jacket lies, nothing can be felt by hand.',
    when: on('coat:wire'),
  },
  { step: 'touchUp', text: 'It shines as on the first day.', when: on('coat:smooth') },
  { step: 'gate', text: 'The lead is on.', when: on('coat:smooth') },
  { step: 'takedown', text: 'The dog is wiped down and at rest.', when: on('coat:smooth') },
  { step: 'winnersHold', text: 'The dog has rested and drunk.', when: on('coat:smooth') },
];
