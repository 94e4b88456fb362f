/*
 * Words of the cut list.
 */
import type { CutRow, CutWith, MmRange, ZoneCut } from '@loyal-mane/core';
import { monthDay } from './timeWords.js';

/** A length in whole or half millimeters: "27.5 mm". */
export function mmWords(mm: number): string {
  return `${String(Math.round(mm * 2) / 2)} mm`;
}

/** The tool and how it is held: "blade #7F", "shears over a comb at 30 degrees", "... at 19 to 39 degrees". */
export function cutWithWords(tool: CutWith): string {
  switch (tool.what) {
    case 'blade': {
      const name = tool.blade.name.endsWith('comb') ? `${tool.blade.name} on the clipper` : `blade ${tool.blade.name}`;
      return tool.against ? `${name}, against the growth` : name;
    }
    case 'comb':
      return `shears over a comb at ${tiltWords(tool.tiltDegrees, tool.toDegrees)} degrees`;
    case 'shears':
      return 'shears, by eye';
  }
}

/** A turn of the wrist by less than this is none, degrees. */
const SAME_TILT = 4;

function tiltWords(from: number, to: number): string {
  return to - from < SAME_TILT ? String(Math.round((from + to) / 2)) : `${String(from)} to ${String(to)}`;
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

/** A range of lengths: "8 to 15 mm", or one where both ends read the same. */
export function cutRangeWords([least, most]: MmRange): string {
  const [a, b] = [Math.round(least * 2) / 2, Math.round(most * 2) / 2];
  return a === b ? `${String(a)} mm` : `${String(a)} to ${String(b)} mm`;
}

/** Less bone than this outside the target is not told, mm. */
const TOLD_BONE_MM = 2;

/** The zone in sentences, with the range over it: "Take off 8 to 15 mm: leave 27 to 34 mm, 3 mm more in the rough pass." */
export function zoneCutWords(cut: ZoneCut): string {
  const { row, takeOffMm, cutToMm, missingMm, outlineMm, boneMm, isByHand } = cut;
  const more: string[] = [];
  if (takeOffMm !== null && cutToMm !== null) {
    const reserve = (row.roughToMm ?? 0) - (row.cutToMm ?? 0);
    const rough = reserve < RESERVE_TOLD_MM ? '' : `, ${mmWords(reserve)} more in the rough pass`;
    more.push(`Take off ${cutRangeWords(takeOffMm)}: leave ${cutRangeWords(cutToMm)}${rough}.`);
  }
  if (missingMm !== null) {
    const when =
      row.state === 'missing' && row.longEnoughOn !== null ? `long enough on ${monthDay(row.longEnoughOn)}` : null;
    const rest = when ?? (row.state === 'missing' ? 'it does not grow so long' : 'in places');
    more.push(`${cutRangeWords(missingMm)} too short on the day, ${rest}: scissor around it.`);
  }
  if (more.length === 0) more.push(cutRowWords(row));
  if (boneMm >= TOLD_BONE_MM)
    more.push(`The body lies ${mmWords(boneMm)} outside the breed’s line: hair cannot hide it.`);
  if (isByHand && takeOffMm !== null) {
    const seen = mmWords(Math.abs(outlineMm));
    more.push(
      `It lies or hangs here: ${mmWords(row.takeOffMm)} of hair are ${seen} of outline. Comb it down and look first.`,
    );
  }
  return more.join(' ');
}

const RESERVE_TOLD_MM = 0.5;
