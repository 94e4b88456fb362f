/*
 * Notes that a hand makes at the table, as the next one reads them.
 */
import type { KennelDog, NoteKind } from '@loyal-mane/core';
import { zonesWords } from './productWords.js';
import { monthDay } from './timeWords.js';

/** What a note is about: on its button, and before its zones. */
export const NOTE_WORDS: Readonly<Record<NoteKind, string>> = {
  sore: 'Sore',
  thin: 'Thin here',
  leftLonger: 'Left longer',
  careful: 'Careful',
};

/** "Left longer: throat, because the neck is short (17 Jun)." */
export function dogNoteWords({ kind, zones, text, day }: NonNullable<KennelDog['notes']>[number]): string {
  const where = zones.length === 0 ? 'the whole dog' : zonesWords(zones, 4);
  const why = text === undefined ? '' : kind === 'leftLonger' ? `, because ${text}` : `, ${text}`;
  return `${NOTE_WORDS[kind]}: ${where}${why} (${monthDay(day)}).`;
}
