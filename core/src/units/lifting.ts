/*
 * How heavy a dog one person lifts: the revised lifting equation (PUB-04, from memory). A dog moves, and the equation is made
 * for loads that do not, so it is advice only.
 */

/** Load that three people in four lift under the best of conditions, kg (PUB-04). */
export const LOAD_CONSTANT_KG = 23;

/** One lift: lengths in centimeters, the twist of the body in degrees, multipliers of frequency and grip from 0 to 1. */
export interface Lift {
  /** From the ankles to the hands, at least 25. */
  readonly reachCm: number;
  /** Height of the hands at the start. */
  readonly heightCm: number;
  /** How far up or down the load goes, at least 25. */
  readonly travelCm: number;
  readonly twistDeg?: number;
  readonly frequency?: number;
  readonly grip?: number;
}

/** Recommended weight limit of a lift, kg (PUB-04). */
export function recommendedKg({ reachCm, heightCm, travelCm, twistDeg = 0, frequency = 1, grip = 1 }: Lift): number {
  const reach = Math.min(1, 25 / Math.max(25, reachCm));
  const height = 1 - 0.003 * Math.abs(heightCm - 75);
  const travel = Math.min(1, 0.82 + 4.5 / Math.max(25, travelCm));
  return LOAD_CONSTANT_KG * reach * height * travel * (1 - 0.0032 * twistDeg) * frequency * grip;
}

/** Into a tub: held against the body from the height of a standing dog's belly, over the rim. */
const INTO_TUB: Lift = { reachCm: 30, heightCm: 45, travelCm: 60, grip: 0.9 };

/** Load over the recommended limit when a dog is lifted into a tub by one person; above 1 it is a risk (PUB-04). */
export function tubLiftIndex(weightKg: number): number {
  return weightKg / recommendedKg(INTO_TUB);
}
