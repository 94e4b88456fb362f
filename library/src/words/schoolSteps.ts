/*
 * Schools that speak at a step: whoever does it reads which side this kennel, or this dog, goes by.
 */
import type { Chosen, FirstSide, SchoolId, StepId } from '@loyal-mane/core';
import { SCHOOL_WORDS } from './schoolWords.js';

/** Steps at which each question is answered in the how-to. */
export const SCHOOL_STEPS: Readonly<Record<SchoolId, readonly StepId[]>> = {
  matsAndWater: ['knots', 'bath'],
  matsAndTime: ['knots'],
  doubleBeforeBath: ['blowOut', 'brushOut1'],
  whenToBathe: ['bath'],
  clusterDays: ['touchUp', 'bath'],
  ringDryness: ['finish'],
  sheepdogForceDryer: ['heatDry', 'forceDry'],
  bathScope: ['bath', 'bathWhites'],
  shampooOn: ['bath', 'trimBath'],
  headInBath: ['bath', 'trimBath'],
  tubShaking: ['bath', 'trimBath', 'condition'],
  glands: ['glands'],
  // Told for every dog, see `sideFirstWords`.
  sideOrder: [],
  productAndScissors: ['fineTrim', 'finish'],
  throat: ['throat'],
  earTop: ['ears'],
  bodyShears: ['roughTrim', 'fineTrim', 'shapeTrim'],
  footEdge: ['naturalTrim', 'fineTrim'],
  brushingRoute: ['brushOut1', 'brushOut2', 'lineBrush', 'keepUpBrush'],
  tanglesAtShow: ['brushOut1', 'brushOut2', 'touchUp', 'takedown'],
  preTreat: ['preTreat'],
  smallTrimsBy: ['clip', 'whiskers', 'tidies'],
  puppyWhiskers: ['whiskers'],
  whiskers: ['whiskers'],
  curlDrying: ['heatDry', 'forceDry'],
  soakLength: ['condition'],
  coloredBulk: ['roughTrim', 'fineTrim', 'shapeTrim'],
  tableTime: ['fineTrim', 'roughTrim', 'naturalTrim'],
  posture: ['lineBrush', 'brushOut1', 'keepUpBrush'],
  gate: ['gate'],
};

/** The chosen answers at a step, in words: "Head in the bath: last." Each question once. */
export function schoolLines(step: StepId, chosen: readonly Chosen[]): string[] {
  return chosen
    .filter((c) => SCHOOL_STEPS[c.school.id].includes(step))
    .map((c) => `${SCHOOL_WORDS[c.school.id].question}: ${lowerFirst(SCHOOL_WORDS[c.school.id][c.side].name)}.`);
}

/** Which side comes first, as a line of the how-to. */
export function sideFirstWords(side: FirstSide): string {
  return side === 'show' ? 'Show side first, once around.' : 'Off side first: the finished side is not lain on.';
}

function lowerFirst(text: string): string {
  return text.charAt(0).toLowerCase() + text.slice(1);
}
