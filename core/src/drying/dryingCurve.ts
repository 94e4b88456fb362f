/*
 * A wet coat on its way to dry: air blows water out, ever less of it, toward a floor; warm air evaporates the rest, first at a
 * steady rate, then ever slower. Minutes are those that the plan has for this dog and these hands in usual air; the room's air
 * makes them longer or shorter.
 */
import { bodySurfaceM2 } from '../coat/bodySurface.js';
import type { CoatClass } from '../coat/coatClass.js';
import type { KennelDog } from '../kennel/dogRecord.js';
import { DEFAULT_FACTORS } from '../programs/estimate.js';
import { warmedDeficitPa } from './moistAir.js';
import type { RoomAir } from './moistAir.js';

/** Air in which the table of minutes holds (engineering default). */
export const USUAL_AIR: RoomAir = { celsius: 20, humidity: 0.5 };
/** Water in the hair after toweling, g a square meter at usual density (engineering defaults, corrected by weighing). */
export const DEFAULT_WATER_G_PER_M2: Readonly<Record<CoatClass, number>> = {
  double: 700,
  heavySheepdog: 900,
  drop: 500,
  scissored: 600,
  jacketedNatural: 300,
  jacketedTrimmed: 300,
  wire: 150,
  smooth: 60,
};
/** Share that no air can blow out, and that of the blown-out water that is left when the step is over. */
const FLOOR_SHARE = 0.35;
const LEFT_TO_BLOW = 0.05;
/** Of what heat begins with: below this share the hair itself gives its water up, ever slower; at this one it is dry. */
const SLOWER_FROM = 0.3;
const DRY_AT = 0.03;
/** Air of a stand dryer at the dog, degrees (engineering default: never hot to a hand). */
const OUTLET_CELSIUS = 42;
/** Air that takes up no water at all is a room to leave: no more than this is told. */
const MOST_FACTOR = 3;
/** Points a curve is drawn by. */
const POINTS = 48;

/** A wet dog with the plan's minutes. */
export interface WetDog {
  readonly weightKg: number;
  readonly coat: CoatClass;
  readonly density: KennelDog['density'];
  /** Minutes of each phase in usual air; 0 = the phase is not done. */
  readonly blowMin: number;
  readonly heatMin: number;
}

/** A point of the curve: minutes since the towel, grams of water left. */
export interface DryingPoint {
  readonly min: number;
  readonly grams: number;
}

/** How a coat dries in a room. */
export interface Drying {
  readonly blowMin: number;
  readonly heatMin: number;
  /** Water after the towel, g. */
  readonly grams: number;
  readonly curve: readonly DryingPoint[];
}

/** How a coat dries in a room's air. Blowing throws water out and does not feel the air; heat does. */
export function dryingIn(dog: WetDog, room: RoomAir): Drying {
  const grams = bodySurfaceM2(dog.weightKg) * DEFAULT_WATER_G_PER_M2[dog.coat] * DEFAULT_FACTORS.density[dog.density];
  const heatMin = dog.heatMin * airFactor(room);
  const length = dog.blowMin + heatMin;
  const curve = Array.from({ length: POINTS + 1 }, (_, k) => {
    const min = (length * k) / POINTS;
    return { min, grams: waterAt({ ...dog, heatMin }, grams, min) };
  });
  return { blowMin: dog.blowMin, heatMin, grams, curve };
}

/** How much longer heat takes in a room than in usual air, at most three times; below 1 where it is drier or warmer. */
export function airFactor(room: RoomAir): number {
  const left = warmedDeficitPa(room, OUTLET_CELSIUS);
  const usual = warmedDeficitPa(USUAL_AIR, OUTLET_CELSIUS);
  return left * MOST_FACTOR <= usual ? MOST_FACTOR : usual / left;
}

/** Grams left after so many minutes. */
function waterAt(dog: WetDog, grams: number, min: number): number {
  if (min < dog.blowMin) return blown(grams, min / dog.blowMin);
  const begun = dog.blowMin > 0 ? blown(grams, 1) : grams;
  return dog.heatMin > 0 ? begun * heated((min - dog.blowMin) / dog.heatMin) : begun;
}

/** Exponentially toward the floor; at share 1 of the time a twentieth of what can go is left. */
function blown(grams: number, share: number): number {
  return grams * (FLOOR_SHARE + (1 - FLOOR_SHARE) * LEFT_TO_BLOW ** share);
}

/**
 * Share of water left at a share of the time. At the steady rate r the first part takes (1 - c) / r, the slowing one
 * c / r x ln(c / d): c is where it slows, d where it is dry.
 */
function heated(share: number): number {
  const steady = 1 - SLOWER_FROM;
  const slowing = SLOWER_FROM * Math.log(SLOWER_FROM / DRY_AT);
  const at = share * (steady + slowing);
  return at <= steady ? 1 - at : SLOWER_FROM * Math.exp(-(at - steady) / SLOWER_FROM);
}

/** Minutes of a phase by zone: its share of the hair. */
export function minutesByZone<Zone>(minutes: number, shares: ReadonlyMap<Zone, number>): ReadonlyMap<Zone, number> {
  const all = [...shares.values()].reduce((sum, share) => sum + share, 0);
  return new Map([...shares].map(([zone, share]) => [zone, all === 0 ? 0 : (minutes * share) / all]));
}
