/*
 * Acceptance by annealing: a move may make the schedule dearer by a random amount that shrinks as the temperature falls
 * (Metropolis 1953, Kirkpatrick et al. 1983; from memory).
 */
import { log } from '../numbers.js';
import type { Rng } from '../rng.js';

/** Cost units that a move may lose in the mean at the beginning of a search. */
export const HOT = 15;
/** The same at its end. */
export const COLD = 1;

/** Temperature after a part (0 to 1) of the cooling from `hot` down to `COLD`. */
export function temperatureAt(hot: number, part: number): number {
  return hot * (COLD / hot) ** part;
}

/** Highest total that is accepted after a move from `total`, drawn by chance. */
export function acceptedUpTo(total: number, temperature: number, rng: Rng): number {
  return total - temperature * log(rng.next());
}
