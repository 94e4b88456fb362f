/*
 * Lift: product at the root holds hair off the body for some hours. It helps only where hair is too short on the day and stands, never
 * where it hangs, and never more than a share of the hair's own depth.
 */
import type { ZoneId } from '../coat/zones.js';
import type { OutlineAnswer } from './outlineModel.js';
import { isUpright } from './outlineTarget.js';

/** Zones at which lift is used: a dip, a steep croup, a stifle that needs more bend, thin bone (common practice). */
export const LIFT_ZONES = [
  ...(['back', 'loin', 'croup', 'stifle', 'foreleg', 'hock', 'outerThigh'] as const),
] as const satisfies readonly ZoneId[];

/** Lift adds at most this share of the hair's depth, and so many mm (engineering defaults). */
const MOST_SHARE = 0.25;
const MOST_MM = 8;
/** Less than this is not seen, mm. */
const SEEN_MM = 1;

/** Lift of a zone, mm of outline: the most over its stations, and how much is missing there still. */
export interface ZoneLift {
  readonly zone: ZoneId;
  readonly liftMm: number;
  readonly leftMm: number;
}

/** Lift of each zone where cutting and growing cannot help; zones where less than a millimeter would show are left out. */
export function liftsOf({ stations }: Pick<OutlineAnswer, 'stations'>): ZoneLift[] {
  return LIFT_ZONES.flatMap((zone): ZoneLift[] => {
    const short = stations.flatMap((s) => {
      if (s.zone !== zone || s.isHidden || s.hair === null || !isUpright(s)) return [];
      const missing = s.targetDepth - s.onDayDepth;
      const lift = Math.min(missing, s.onDayDepth * MOST_SHARE, MOST_MM);
      return lift >= SEEN_MM ? [{ lift, left: missing - lift }] : [];
    });
    if (short.length === 0) return [];
    return [{ zone, liftMm: Math.max(...short.map((s) => s.lift)), leftMm: Math.max(...short.map((s) => s.left)) }];
  });
}
