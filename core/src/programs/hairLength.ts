/*
 * Longer hair takes longer to wash, dry and brush. What was measured is held against the length at which the table's
 * minutes hold; lengths and exponent are engineering defaults, corrected by logged work.
 */
import type { CoatClass } from '../coat/coatClass.js';
import type { ZoneId } from '../coat/zones.js';
import type { KennelDog } from '../kennel/dogRecord.js';
import type { LocalDay } from '../time/localDay.js';
import { median } from '../units/median.js';

/** Millimeters at which a coat's minutes are the table's. */
export interface UsualLength {
  readonly bodyMm: number;
  readonly featherMm: number;
}

/** Hair of a coat that nobody has measured, mm (engineering default). */
export const DEFAULT_USUAL_LENGTH: Readonly<Record<CoatClass, UsualLength>> = {
  double: { bodyMm: 60, featherMm: 100 },
  heavySheepdog: { bodyMm: 120, featherMm: 140 },
  drop: { bodyMm: 200, featherMm: 200 },
  scissored: { bodyMm: 40, featherMm: 70 },
  jacketedNatural: { bodyMm: 40, featherMm: 100 },
  jacketedTrimmed: { bodyMm: 30, featherMm: 90 },
  wire: { bodyMm: 40, featherMm: 50 },
  smooth: { bodyMm: 15, featherMm: 20 },
};

/** Zones of long hair: fringes, feathers, the tail. */
export const FEATHER_ZONES: readonly ZoneId[] = [
  'earFringe',
  'foreFeather',
  'underline',
  'breeches',
  'tail',
  'tailTip',
];
const BODY: readonly ZoneId[] = [
  ...(['crest', 'neckSide', 'forechest', 'shoulder', 'upperArm', 'foreleg', 'withers', 'back', 'loin'] as const),
  ...(['croup', 'ribs', 'flank', 'outerThigh', 'stifle', 'hock'] as const),
];

/** Minutes grow with the root of the length: lines are longer, not more. */
const EXPONENT = 0.5;
const LEAST = 0.8;
const MOST = 1.3;

/** Newest measure of each zone up to a day, mm. */
function newest(dog: Pick<KennelDog, 'lengths'>, day: LocalDay): Map<ZoneId, number> {
  const known = (dog.lengths ?? []).filter((l) => l.day <= day).sort((x, y) => x.day.localeCompare(y.day));
  return new Map(known.map((l) => [l.zone, l.mm]));
}

/**
 * Factor on the minutes of washing, drying and brushing, 0.8 to 1.3, by the middle of the measured zones; 1 where nothing
 * that counts was measured.
 */
export function lengthFactor(dog: Pick<KennelDog, 'lengths'>, coat: CoatClass, day: LocalDay): number {
  const usual = DEFAULT_USUAL_LENGTH[coat];
  const ratio = median(
    [...newest(dog, day)].flatMap(([zone, mm]) => {
      if (FEATHER_ZONES.includes(zone)) return [mm / usual.featherMm];
      return BODY.includes(zone) ? [mm / usual.bodyMm] : [];
    }),
  );
  return ratio === null ? 1 : Math.max(LEAST, Math.min(MOST, ratio ** EXPONENT));
}
