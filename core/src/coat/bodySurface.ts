/*
 * How much dog there is to wash, dry and brush. Work on a coat grows with the body's surface, and the surface with
 * weight: never with height, since low dogs are heavy.
 */

/** Surface of the reference dog of the minutes table (about 20 kg), square meters. */
export const REFERENCE_SURFACE_M2 = 0.75;

/**
 * Body surface of a dog in square meters: 10.1 x W^(2/3) x 1e-4, W in grams (PUB-01: weight to body surface table
 * for dogs, Merck Veterinary Manual, from memory; printed tables agree within 0.015). Throws unless kg > 0.
 */
export function bodySurfaceM2(weightKg: number): number {
  if (!(weightKg > 0)) throw new Error(`bodySurfaceM2: weight must be above 0 kg, got ${String(weightKg)}`);
  return 10.1 * (weightKg * 1000) ** (2 / 3) * 1e-4;
}

/** Weight whose surface is the reference surface, kg (the formula above, solved for the weight). */
export const REFERENCE_KG = (REFERENCE_SURFACE_M2 / 10.1e-4) ** 1.5 / 1000;
