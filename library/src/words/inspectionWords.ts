/*
 * Words of the inspection walk: what is gone over, how soon something wants an answer, how it is beside the last look.
 */
import type { Course, InspectionPoint, Observation, Severity } from '@loyal-mane/core';
import { zonesWords } from './productWords.js';
import { monthDay } from './timeWords.js';

/** By point: its name, and what hands and eyes go over. */
export const POINT_WORDS: Readonly<Record<InspectionPoint, { readonly name: string; readonly look: string }>> = {
  eyes: { name: 'Eyes', look: 'clear, not red, nothing runs' },
  ears: { name: 'Ears', look: 'clean, no smell, no shaking of the head' },
  teeth: { name: 'Teeth', look: 'gums pink, nothing broken' },
  skin: { name: 'Skin', look: 'parted at several places: no red, no wet, no scratching' },
  lumps: { name: 'Lumps', look: 'flat hand over the whole body' },
  legs: { name: 'Legs', look: 'walks evenly, pads whole' },
  nails: { name: 'Nails', look: 'none torn, none too long' },
  vent: { name: 'Vent', look: 'clean, stool firm' },
  season: { name: 'Season', look: 'bitches: swelling, color' },
  appetite: { name: 'Appetite', look: 'bowl empty, drinks as usual' },
  tufts: { name: 'Tufts', look: 'loose tufts, knots beginning' },
  soiling: { name: 'Soiling', look: 'feet, belly, beard' },
};

/** How soon something wants an answer, on a button. */
export const SEVERITY_WORDS: Readonly<Record<Severity, string>> = {
  watch: 'Watch it',
  soon: 'This week',
  now: 'Today: tell a lead',
};

/** How something is beside the last look, on a button. */
export const COURSE_WORDS: Readonly<Record<Course, string>> = { better: 'Better', same: 'The same', worse: 'Worse' };

/** "Skin, flank: red, size of a coin (14 Jun; worse since 15 Jun); Maren was told." */
export function observationWords({ point, zones, text, day, looks = [], told }: Observation): string {
  const where = zones.length === 0 ? '' : `, ${zonesWords(zones, 4)}`;
  const last = looks.at(-1);
  const since = last === undefined ? '' : `; ${COURSE_WORDS[last.course].toLowerCase()} on ${monthDay(last.day)}`;
  const who = told === undefined ? '' : ` ${told} was told.`;
  return `${POINT_WORDS[point].name}${where}${text === undefined ? '' : `: ${text}`} (${monthDay(day)}${since}).${who}`;
}
