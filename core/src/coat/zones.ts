/*
 * The map of a coat: named zones, which side they lie on, which are rubbed, and what share of the body's surface each
 * has. Ids are shared by records, trim maps, schools and pictures.
 */

/** Zones of a coat, the same on every dog, from the head back and down. */
export const ZONE_IDS = [
  'muzzle',
  'beard',
  'stop',
  'eyeCorner',
  'brow',
  'skull',
  'cheek',
  'earFront',
  'earBack',
  'earSurface',
  'earUnder',
  'earFringe',
  'behindEar',
  'throat',
  'crest',
  'neckSide',
  'collarSeat',
  'forechest',
  'shoulder',
  'upperArm',
  'armpit',
  'foreleg',
  'innerForeleg',
  'foreFeather',
  'pastern',
  'forefoot',
  'foreToes',
  'forePads',
  'withers',
  'back',
  'loin',
  'croup',
  'ribs',
  'flank',
  'belly',
  'mammaryLine',
  'underline',
  'loinSkirt',
  'outerThigh',
  'innerThigh',
  'breeches',
  'stifle',
  'hock',
  'hindfoot',
  'hindToes',
  'hindPads',
  'vent',
  'tailSet',
  'tail',
  'tailTip',
] as const;
/** A zone of the coat; paired zones exist left and right. */
export type ZoneId = (typeof ZONE_IDS)[number];

/** Regions that zones are listed by. */
export const ZONE_REGIONS = ['head', 'neck', 'front', 'body', 'rear'] as const;
/** One of `ZONE_REGIONS`. */
export type ZoneRegion = (typeof ZONE_REGIONS)[number];

/** A zone, the same on every dog. */
export interface ZoneFacts {
  readonly id: ZoneId;
  readonly name: string;
  readonly region: ZoneRegion;
  /** Whether there is one on each side. */
  readonly paired: boolean;
  /** Rubbed by limbs, collar or wet: knots start here. */
  readonly friction: boolean;
  /** Share of the body's surface before the coat's weights, both sides together; sums to 1 over all zones. */
  readonly share: number;
}

/** Side of a paired zone, or the middle of one that is not. */
export type ZoneSide = 'left' | 'right' | 'middle';

/**
 * Shares of hair, not skin, for one coat: surface shares times the coat's weight by zone, summing to 1. `weights` gives
 * what differs from 1.
 */
export function hairShares(
  zones: readonly ZoneFacts[],
  weights: Readonly<Partial<Record<ZoneId, number>>>,
): ReadonlyMap<ZoneId, number> {
  const raw = zones.map((z) => z.share * (weights[z.id] ?? 1));
  const sum = raw.reduce((x, y) => x + y, 0);
  return new Map(zones.map((z, i) => [z.id, (raw[i] ?? 0) / sum]));
}
