/*
 * Moist air: how much water a room's air can still take up. Temperatures in degrees Celsius, relative humidity 0 to 1,
 * pressures in pascals.
 */

/** Coefficients of the saturation pressure over water, 0 to 200 degrees Celsius (PUB-05). */
const C8 = -5.8002206e3;
const C9 = 1.3914993;
const C10 = -4.8640239e-2;
const C11 = 4.1764768e-5;
const C12 = -1.4452093e-8;
const C13 = 6.5459673;
const KELVIN = 273.15;
/** Standard pressure at sea level, Pa. */
export const SEA_LEVEL_PA = 101_325;
/** Molar mass of water over that of dry air. */
const WATER_TO_AIR = 0.621945;

/** Pressure of water vapor over water at rest, Pa, 0 to 200 degrees Celsius (PUB-05). Throws outside. */
export function saturationPa(celsius: number): number {
  if (!(celsius >= 0 && celsius <= 200)) throw new Error(`saturationPa: 0 to 200 degrees, got ${String(celsius)}`);
  const t = celsius + KELVIN;
  return Math.exp(C8 / t + C9 + C10 * t + C11 * t ** 2 + C12 * t ** 3 + C13 * Math.log(t));
}

/** Pressure of the vapor in air, Pa. */
export function vaporPa(celsius: number, humidity: number): number {
  return humidity * saturationPa(celsius);
}

/** Kilograms of water a kilogram of dry air (PUB-05). */
export function humidityRatio(celsius: number, humidity: number, pressurePa = SEA_LEVEL_PA): number {
  const vapor = vaporPa(celsius, humidity);
  return (WATER_TO_AIR * vapor) / (pressurePa - vapor);
}

/** The pressure that air lacks until it is full of water, Pa: hair dries in proportion to it (PUB-05). */
export function deficitPa(celsius: number, humidity: number): number {
  return saturationPa(celsius) - vaporPa(celsius, humidity);
}

/** The same for room air that a dryer has warmed: it holds as much vapor as before, and could hold more. */
export function warmedDeficitPa(room: RoomAir, outletCelsius: number): number {
  const warm = Math.max(outletCelsius, room.celsius);
  return saturationPa(warm) - vaporPa(room.celsius, room.humidity);
}

/** Air of a room. */
export interface RoomAir {
  /** Degrees Celsius, 0 to 45. */
  readonly celsius: number;
  /** Relative humidity, 0 to 1. */
  readonly humidity: number;
}
