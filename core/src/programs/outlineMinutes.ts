/*
 * Minutes of a trim from the dog's own outline: where hair was measured, what comes off decides, by its millimeters and by how much of
 * the coat it is; where nobody measured, the weeks since the last trim do.
 */
import type { ZoneId } from '../coat/zones.js';
import type { ZoneCut } from '../outline/outlineCuts.js';
import { overgrownFactor } from './estimate.js';

/** A zone at which nothing comes off is still combed up and looked at (engineering default). */
const LOOKED_AT = 0.4;
/** No zone takes longer than this many times its usual minutes (engineering default). */
const MOST = 1.8;
const DAYS_A_WEEK = 7;

/** A usual trim: weeks of growth that come off, and the factor of a zone nobody measured. */
export interface UsualTrim {
  readonly intervalWeeks: number;
  readonly overgrownWeeks: number;
}

/**
 * Factor on a trim's minutes over the zones that it cuts, 0.4 to 1.8; null where none of them was measured. A zone from which as much
 * comes off as grows in the usual interval takes its usual minutes.
 */
export function outlineFactor(
  cuts: readonly ZoneCut[],
  zones: readonly ZoneId[],
  growthOf: (zone: ZoneId) => number,
  hairOf: (zone: ZoneId) => number,
  { intervalWeeks, overgrownWeeks }: UsualTrim,
): number | null {
  const byZone = new Map(cuts.map((c) => [c.row.zone, c]));
  let [sum, weight, known] = [0, 0, 0];
  for (const zone of zones) {
    const share = hairOf(zone);
    const cut = byZone.get(zone);
    const isKnown = cut !== undefined && cut.row.atSessionMm !== null && cut.row.wantedMm !== null;
    if (isKnown) known++;
    const usualMm = intervalWeeks * DAYS_A_WEEK * growthOf(zone);
    const offMm = cut?.takeOffMm === null || cut === undefined ? 0 : (cut.takeOffMm[0] + cut.takeOffMm[1]) / 2;
    const factor = isKnown
      ? Math.min(MOST, LOOKED_AT + (1 - LOOKED_AT) * (offMm / usualMm))
      : overgrownFactor(overgrownWeeks);
    sum += share * factor;
    weight += share;
  }
  return known === 0 || weight === 0 ? null : sum / weight;
}
