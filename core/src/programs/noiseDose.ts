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

const REGULATORY_DBA = 90;
const REGULATORY_EXCHANGE_DB = 5;
/** Below this level the regulatory limit counts nothing. */
const REGULATORY_FROM_DBA = 80;

/** Allowed minutes a day at a level by the regulatory limit, T = 480 / 2^((L-90)/5) (PUB-03: OSHA 29 CFR 1910.95, G-16). */
export function regulatoryNoiseMin(levelDba: number): number {
  return CRITERION_MIN / 2 ** ((levelDba - REGULATORY_DBA) / REGULATORY_EXCHANGE_DB);
}

/** Daily dose in percent by the regulatory limit; levels below 80 dBA count nothing. */
export function regulatoryNoisePercent(levelDba: number, minutes: number): number {
  return levelDba < REGULATORY_FROM_DBA ? 0 : (100 * minutes) / regulatoryNoiseMin(levelDba);
}

/** Daily dose in percent of `minutes` at a level; doses of different levels add up. A level of 0 counts nothing. */
export function noiseDosePercent(levelDba: number, minutes: number): number {
  return levelDba <= 0 ? 0 : (100 * minutes) / allowedNoiseMin(levelDba);
}
