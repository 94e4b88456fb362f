/*
 * Names of guided sequences.
 */
import type { SequenceId } from '@loyal-mane/core';

/** Sequences by name. */
export const SEQUENCE_NAMES: Readonly<Record<SequenceId, string>> = {
  topknot: 'Tied topknot',
  parting: 'Parting the back',
  sprayUp: 'Spray-up',
  fringe: 'Short fringe',
  earCleaning: 'Ears cleaned',
  headFirst: 'Head first',
  foot: 'Foot',
  powder: 'Powder on the legs',
  towelSet: 'Towel set',
  showMorning: 'Finish by its recipe',
};
