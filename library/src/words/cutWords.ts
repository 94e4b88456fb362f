/*
 * Words of the cut list.
 */
import type { CutRow, CutWith } from '@loyal-mane/core';
import { monthDay } from './timeWords.js';

/** A length in whole or half millimeters: "27.5 mm". */
export function mmWords(mm: number): string {
  return `${String(Math.round(mm * 2) / 2)} mm`;
}

/** The tool and how it is held: "blade #7F", "comb at 30 degrees, shears over it". */
export function cutWithWords(tool: CutWith): string {
  switch (tool.what) {
    case 'blade': {
      const name = tool.blade.name.endsWith('comb') ? `${tool.blade.name} on the clipper` : `blade ${tool.blade.name}`;
      return tool.against ? `${name}, against the growth` : name;
    }
    case 'comb':
      return `shears over a comb at ${String(tool.tiltDegrees)} degrees`;
    case 'shears':
      return 'shears, by eye';
  }
}

/** The zone in a sentence: "Take off 14 mm: leave 30 mm roughly, 27.5 mm in the end." */
export function cutRowWords(row: CutRow): string {
  const { state, takeOffMm, cutToMm, roughToMm, missingMm, longEnoughOn } = row;
  switch (state) {
    case 'takeOff': {
      const rough =
        roughToMm === null || cutToMm === null || roughToMm - cutToMm < 0.5 ? '' : `${mmWords(roughToMm)} roughly, `;
      return `Take off ${mmWords(takeOffMm)}: leave ${rough}${mmWords(cutToMm ?? 0)}${rough === '' ? '' : ' in the end'}.`;
    }
    case 'missing':
      return longEnoughOn === null
        ? `${mmWords(missingMm)} too short, and it does not grow so long: scissor around it.`
        : `${mmWords(missingMm)} too short on the day, long enough on ${monthDay(longEnoughOn)}: scissor around it.`;
    case 'right':
      return 'Right as it is: nothing comes off.';
    case 'locked':
      return 'Not cut here.';
    case 'unknown':
      return row.atSessionMm === null ? 'Not measured yet.' : 'No length is wanted yet.';
  }
}
