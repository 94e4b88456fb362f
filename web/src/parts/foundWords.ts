/*
 * Marks of a coat, in tints and in words.
 */
import type { Tightness, ZoneId, ZoneTest } from '@loyal-mane/core';
import { ZONE_NAMES } from '@loyal-mane/library';
import { monthDay } from '@loyal-mane/library/words';
import type { Kennel } from '../api/queries';
import type { MapSide, ZoneTint } from './coatMap/ZoneButton';

type Dog = Kennel['dogs'][number];
/** Findings that a zone can have. */
export type Found = 'clear' | 'soiled' | Tightness | ZoneTest;

/** How each finding is drawn. */
export const FOUND_TINTS: Readonly<Record<Found, ZoneTint>> = {
  clear: { fill: 'var(--moss-tint)', mark: '', words: 'clear' },
  soiled: { fill: 'var(--tarn-tint)', mark: 'S', words: 'soiled since its bath' },
  damp: { fill: 'var(--tarn-tint)', mark: 'D', words: 'damp at the root: back to heat' },
  kinked: { fill: 'var(--brass-tint)', mark: 'K', words: 'kinked at the root: back to heat' },
  loose: { fill: 'var(--brass-tint)', mark: '#', words: 'a loose mat' },
  tight: { fill: 'var(--clay-tint)', mark: '##', words: 'a tight mat' },
  solid: { fill: 'var(--clay-tint)', mark: '###', words: 'a solid mat: clip beneath, never bathe it' },
};
/** A mat without a side is on both; a picture without sides shows either. */
export function onSide(mat: 'left' | 'right' | undefined, side: MapSide): boolean {
  return mat === undefined || side === null || mat === side;
}

/** Marks of a zone, the worst first. */
export function foundAt(dog: Pick<Dog, 'marks'>, zone: ZoneId, side: MapSide): Found {
  const mat = dog.marks.mats.find((m) => m.zone === zone && onSide(m.side, side));
  const unready = dog.marks.unready.find((u) => u.zone === zone);
  return mat?.tightness ?? unready?.test ?? (dog.marks.soiled.includes(zone) ? 'soiled' : 'clear');
}

/** Whether nothing is marked in the coat. */
export function isClear(dog: Pick<Dog, 'marks'>): boolean {
  return dog.marks.mats.length + dog.marks.soiled.length + dog.marks.unready.length === 0;
}

/** The coat in a sentence: "A tight mat: behind the ear, left. Soiled: hindfoot." */
export function foundWords(dog: Pick<Dog, 'marks'>): string {
  const { soiled, mats, unready } = dog.marks;
  if (soiled.length + mats.length + unready.length === 0) {
    return 'No mats, damp spots or dirt on record.';
  }
  const matWords = mats.map((m) => {
    const where = [ZONE_NAMES[m.zone], ...(m.side === undefined ? [] : [m.side])];
    const size = m.cm === undefined ? [] : [`${String(m.cm)} cm`];
    const kept = m.keptUntil === undefined ? [] : [`kept for the ring, out by ${monthDay(m.keptUntil)}`];
    return `${FOUND_TINTS[m.tightness].words.split(':')[0] ?? ''}: ${[...where, ...size, ...kept].join(', ')}.`;
  });
  const back = unready.map((u) => `${u.test} at the root: ${ZONE_NAMES[u.zone]}.`);
  const dirt = soiled.length === 0 ? [] : [`soiled: ${soiled.map((z) => ZONE_NAMES[z]).join(', ')}.`];
  return [...matWords, ...back, ...dirt].map((w) => w.charAt(0).toUpperCase() + w.slice(1)).join(' ');
}

/** Dates of work that are entered or follow from it: a dog without any has not been looked at. */
const LOOKED_AT = ['lastTrim', 'lastBrush', 'lastBath', 'lastUndercoat'] as const;

/** Whether anybody has worked on this coat or marked anything in it: "clear" is not said of a coat nobody has seen. */
export function isLookedAt(dog: Pick<Dog, 'id' | 'marks' | 'record'>, worked: readonly string[]): boolean {
  return !isClear(dog) || LOOKED_AT.some((field) => dog.record[field] !== undefined) || worked.includes(dog.id);
}
