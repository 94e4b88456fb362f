/*
 * How the minutes of a trim divide over the dog: minutes of the reference dog by part, together the row's own. For the
 * hand that does it: where the time goes. Whiskers are a step of their own in the programs, and a part of the row here. Common practice, loosely timed (within a factor of two); one entry a row.
 */
import type { CoatColumn } from '@loyal-mane/core';
import type { MinutesKey } from './minutes.js';

/** Minutes by part of the dog, both sides together. */
export type TrimParts = Readonly<Record<string, number>>;

/** Where the minutes of a trim go, by row and column of the table of minutes. */
export const TRIM_PARTS: Readonly<Partial<Record<MinutesKey, Readonly<Partial<Record<CoatColumn, TrimParts>>>>>> = {
  ears: {
    double: { 'left ear': 2, 'right ear': 2 },
    jacketed: { 'left ear': 4, 'right ear': 4 },
  },
  naturalTrim: {
    double: { feet: 6, hocks: 2, tail: 3, 'vent and underline': 3 },
    jacketed: {
      forefeet: 3,
      'hind feet': 3,
      'hocks and pasterns': 2.5,
      'tail end': 2,
      'skull and shoulders': 2.5,
      'stray feather': 2,
      whiskers: 3,
    },
  },
  roughTrim: {
    scissored: { rear: 6, underline: 2, front: 6, legs: 10, 'back and sides': 5, head: 6 },
  },
  fineTrim: {
    double: { tail: 4, 'rear and chest': 4 },
    drop: { 'floor line': 4, feet: 6 },
    smooth: { 'skirt and belly': 3, 'tufts and vent': 4, whiskers: 3 },
  },
  finish: {
    scissored: { 'bands and topknot': 8, 'spray-up': 18, 'legs and body': 10, 'last look': 4 },
  },
};
