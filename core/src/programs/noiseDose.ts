/*
 * Noise at work, as a share of what a person's hearing bears in a day.
 */

const CRITERION_DBA = 85;
const EXCHANGE_DB = 3;
const CRITERION_MIN = 480;

/** Allowed minutes a day at a level, T = 480 / 2^((L-85)/3) (NIOSH 98-126, 1998, recommended limit). */
export function allowedNoiseMin(levelDba: number): number {
  return CRITERION_MIN / 2 ** ((levelDba - CRITERION_DBA) / EXCHANGE_DB);
}

/** Daily dose in percent of `minutes` at a level; doses of different levels add up. A level of 0 counts nothing. */
export function noiseDosePercent(levelDba: number, minutes: number): number {
  return levelDba <= 0 ? 0 : (100 * minutes) / allowedNoiseMin(levelDba);
}
