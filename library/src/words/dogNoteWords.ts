/*
 * Notes that a hand makes at the table, as the next one reads them.
 */
import type { KennelDog, NoteKind, ZoneId } from '@loyal-mane/core';
import { DOG_PARTS } from '../zones/zones.js';
import { zonesWords } from './productWords.js';
import { monthDay } from './timeWords.js';

/** Subjects of notes: on a button, and before a note's zones. */
export const NOTE_WORDS: Readonly<Record<NoteKind, string>> = {
  sore: 'Sore',
  thin: 'Thin here',
  leftLonger: 'Left longer',
  careful: 'Careful',
  trimIdea: 'Idea for the trim',
};

/** Whole parts of the dog by their names, the zones beside them by theirs. */
function placeWords(zones: readonly ZoneId[]): string {
  const parts = DOG_PARTS.filter((p) => p.zones.every((z) => zones.includes(z)));
  const rest = zones.filter((z) => !parts.some((p) => p.zones.includes(z)));
  const names = parts.map((p) => p.name.toLowerCase());
  return [...names, ...(rest.length === 0 ? [] : [zonesWords(rest, 4)])].join(', ');
}

/** "Left longer: throat, because the neck is short (17 Jun)." */
export function dogNoteWords({ kind, zones, text, day }: NonNullable<KennelDog['notes']>[number]): string {
  const where = zones.length === 0 ? 'the whole dog' : placeWords(zones);
  const why = text === undefined ? '' : kind === 'leftLonger' ? `, because ${text}` : `, ${text}`;
  return `${NOTE_WORDS[kind]}: ${where}${why} (${monthDay(day)}).`;
}
