/*
 * Growth of hair by class of coat before anything was measured on a dog: millimeters a day (PUB-15, a weak prior) and the length at
 * which it stays (engineering defaults).
 */
import { FEATHER_ZONES } from '@loyal-mane/core';
import type { CoatClass, GrowthPrior, ZoneId } from '@loyal-mane/core';

interface CoatGrowth {
  readonly mmPerDay: number;
  readonly bodyMm: number;
  readonly featherMm: number;
}

const BY_COAT: Readonly<Record<CoatClass, CoatGrowth>> = {
  scissored: { mmPerDay: 0.35, bodyMm: 200, featherMm: 260 },
  drop: { mmPerDay: 0.35, bodyMm: 300, featherMm: 320 },
  heavySheepdog: { mmPerDay: 0.25, bodyMm: 160, featherMm: 200 },
  double: { mmPerDay: 0.2, bodyMm: 75, featherMm: 140 },
  jacketedTrimmed: { mmPerDay: 0.22, bodyMm: 80, featherMm: 140 },
  jacketedNatural: { mmPerDay: 0.2, bodyMm: 55, featherMm: 140 },
  wire: { mmPerDay: 0.18, bodyMm: 70, featherMm: 80 },
  smooth: { mmPerDay: 0.1, bodyMm: 18, featherMm: 25 },
};

/** The prior of a zone of a coat. */
export function growthPrior(coat: CoatClass, zone: ZoneId): GrowthPrior {
  const { mmPerDay, bodyMm, featherMm } = BY_COAT[coat];
  return { mmPerDay, mostMm: FEATHER_ZONES.includes(zone) ? featherMm : bodyMm };
}
