/*
 * Words of mats: the ladder of one, the budget of all, what to do.
 */
import type { BurnGuard, KnownMat, MatBudget, MatLimit, MatRung, MatVerdict, Rung, SkinState } from '@loyal-mane/core';
import { MOST_ONE_MAT_MIN, SOLID_LARGE_CM } from '@loyal-mane/core';
import { ZONE_NAMES } from '../zones/zones.js';

/** Rungs in words. */
export const RUNG_WORDS: Readonly<Record<MatRung, string>> = {
  fingers: 'Fingers and loosening spray',
  corner: 'Corner of the slicker, from the tips, your hand on the skin',
  splitter: 'Splitting tool, then the corner again',
  clipBeneath: 'Clip beneath it, the blade flat on the skin',
};

const WHY_WORDS: Readonly<Record<Rung['why'], string>> = {
  always: 'every mat begins here',
  smallTender: 'small and in a tender place: no tool is needed, and none is borne',
  large: 'the largest of all part best in the fingers',
  picking: 'a few light strokes; nothing gives, then back to spray and fingers',
  sparing: 'sparingly: it costs hair',
  atSkin: 'it lies at the skin, a blade would meet it',
  tender: 'the skin is thin here',
  solid: 'fighting it bruises skin and pulls out hair',
  last: 'only where nothing gives after going back',
};

/** "Splitting tool, then the corner again: not here, the skin is thin here." */
export function rungWords({ way, why, isLeftOut }: Rung): string {
  return `${RUNG_WORDS[way]}: ${isLeftOut ? 'not here, ' : ''}${WHY_WORDS[why]}.`;
}

/** How long a brush stays at one place. */
export function guardWords({ strokes, minutes, restMin }: BurnGuard): string {
  return `At most ${String(strokes)} strokes or ${String(minutes)} min at one place, then elsewhere for ${String(restMin)} min.`;
}

/** Skin under a mat in words. */
export const SKIN_WORDS: Readonly<Record<SkinState, string>> = {
  calm: 'calm',
  red: 'red',
  wet: 'wet',
  smells: 'smells',
};

/** "behind the ear, left: tight, 6 cm". */
export function matName({ zone, side, tightness, cm }: KnownMat): string {
  const where = `${ZONE_NAMES[zone]}${side === undefined ? '' : `, ${side}`}`;
  return `${where}: ${tightness}${cm === undefined ? '' : `, ${String(cm)} cm`}`;
}

/** Verdicts as they stand over the reckoning. */
export const VERDICT_WORDS: Readonly<Record<MatVerdict, string>> = {
  workOut: 'Work it out',
  decide: 'Lead and owner decide',
  clip: 'Clip it beneath',
  pull: 'Pull the entry, or clip it',
  vet: 'A vet first',
};

const LIMIT_WORDS: Readonly<Record<Exclude<MatLimit, null>, string>> = {
  skin: 'Skin under a mat is red, wet or smells: nobody works there before a vet has looked.',
  solidLarge: `Solid felt of ${String(SOLID_LARGE_CM)} cm and more is not worked out on any dog.`,
  onePlace: `One mat would need more than ${String(MOST_ONE_MAT_MIN)} minutes: skin pays for that.`,
};

const min = (n: number): string => `${String(Math.round(n))} min`;

/** The sentence under a verdict: what decides, with its figures. */
export function budgetWords({ verdict, limit, needMin, hasMin, bearsMin, days }: MatBudget): string {
  if (limit !== null) return LIMIT_WORDS[limit];
  const need = `It needs about ${min(needMin.middle)} (${String(Math.round(needMin.low))} to ${min(needMin.high)})`;
  const has = `${String(days)} ${days === 1 ? 'day has' : 'days have'} ${min(hasMin)} for it, at most ${min(bearsMin)} a day`;
  if (verdict === 'workOut') return `${need}; ${has}.`;
  if (verdict === 'decide') return `${need}; ${has}: it may just do.`;
  return `${need}; ${has}: it does not do.`;
}
