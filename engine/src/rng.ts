/*
 * The only source of chance in the core: a small seeded generator (mulberry32, public domain, 32-bit state).
 * The same seed gives the same numbers on every machine, which is what makes plans repeatable.
 */
import { floor, imul } from './numbers.js';

/** A seeded generator. `next()` is uniform in [0, 1); `below(n)` an integer in [0, n). */
export interface Rng {
  next(): number;
  below(n: number): number;
}

/** Makes a generator from any integer seed. */
export function makeRng(seed: number): Rng {
  let state = seed | 0;
  const next = (): number => {
    state = (state + 0x6d2b79f5) | 0;
    let t = imul(state ^ (state >>> 15), 1 | state);
    t = (t + imul(t ^ (t >>> 7), 61 | t)) ^ t;
    return ((t ^ (t >>> 14)) >>> 0) / 4294967296;
  };
  return { next, below: (n) => floor(next() * n) };
}
