/*
 * Quantiles of a gamma distribution: the range of a rate that was learned from counts.
 */

/**
 * The value that a gamma variable of this shape and rate stays below with a chance given as a standard normal deviate `z`
 * (-1.2816 = 10 %, 1.2816 = 90 %). Wilson and Hilferty's cube (PUB-16); within 2 % of the exact value for shapes from 2 on.
 * Throws unless shape and rate are above 0.
 */
export function gammaQuantile(shape: number, rate: number, z: number): number {
  if (!(shape > 0 && rate > 0)) throw new Error('gammaQuantile: shape and rate must be above 0');
  const ninth = 1 / (9 * shape);
  const root = Math.max(0, 1 - ninth + z * Math.sqrt(ninth));
  return (shape * root ** 3) / rate;
}
