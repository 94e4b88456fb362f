/*
 * The count-back scale: time runs toward the ring at the right edge on one smooth logarithmic scale,
 * x(t) = 1 - ln(1 + t / tau) / ln(1 + T / tau), t hours before the ring, T the reach. tau is solved so that the last day
 * always takes the last 40 % of the width; up to 60 hours the scale is linear.
 */

const LAST_DAY_H = 24;
const LAST_DAY_X = 0.6;
const LINEAR_UP_TO_H = 60;
/** How far the scale can reach back, days. */
export const REACHES_D = [3, 7, 14, 28] as const;

/** A scale that counts back from a ring: hours before it to 0 (as far back as it reaches) to 1 (the ring). */
export interface CountBackScale {
  readonly reachH: number;
  /** Solved constant in hours; infinite for the linear scale. */
  readonly tauH: number;
  /** Position of a moment `hours` before the ring: 1 at the ring, 0 at the reach, below 0 beyond it. */
  x(hours: number): number;
  /** Hours before the ring at a position; the inverse of `x`. */
  hours(x: number): number;
}

function logScale(tau: number, reach: number, hours: number): number {
  return 1 - Math.log(1 + hours / tau) / Math.log(1 + reach / tau);
}

/** tau for a reach in hours, by bisection: x(24 h) = 0.60 within 1e-9 of tau. */
function solveTau(reachH: number): number {
  let lo = 1e-3;
  let hi = 1e5;
  for (let i = 0; i < 200 && hi - lo > 1e-9 * hi; i++) {
    const mid = Math.sqrt(lo * hi);
    // A larger tau is closer to linear and leaves the last day less room.
    if (logScale(mid, reachH, LAST_DAY_H) < LAST_DAY_X) lo = mid;
    else hi = mid;
  }
  return (lo + hi) / 2;
}

/** The scale for a reach in hours (above 0). */
export function countBackScale(reachH: number): CountBackScale {
  if (!(reachH > 0)) throw new Error(`countBackScale: reach must be above 0 hours, got ${String(reachH)}`);
  if (reachH <= LINEAR_UP_TO_H) {
    return { reachH, tauH: Infinity, x: (t) => 1 - t / reachH, hours: (x) => reachH * (1 - x) };
  }
  const tauH = solveTau(reachH);
  // After the ring the scale goes on with the slope it has there.
  const slope = 1 / (tauH * Math.log(1 + reachH / tauH));
  return {
    reachH,
    tauH,
    x: (t) => (t < 0 ? 1 - t * slope : logScale(tauH, reachH, t)),
    hours: (x) => (x > 1 ? (1 - x) / slope : tauH * ((1 + reachH / tauH) ** (1 - x) - 1)),
  };
}

/** A tick of the scale: hours before the ring, and its place, 0 to 1. */
export interface Tick {
  readonly hours: number;
  readonly label: string;
  readonly x: number;
}

const TICKS: readonly (readonly [hours: number, label: string])[] = [
  [28 * 24, '28 d'],
  [14 * 24, '14 d'],
  [7 * 24, '7 d'],
  [5 * 24, '5 d'],
  [3 * 24, '3 d'],
  [48, '2 d'],
  [24, '1 d'],
  [17, 'eve'],
  [12, '12 h'],
  [6, '6 h'],
  [3, '3 h'],
  [1, '1 h'],
  [0.25, '15 min'],
  [0, 'ring'],
];

/** Ticks within reach; a label nearer than `leastPx` to its right neighbor is dropped, the ring never. */
export function ticksOf(scale: CountBackScale, widthPx: number, leastPx = 34): Tick[] {
  const kept: Tick[] = [];
  for (const [hours, label] of [...TICKS].reverse()) {
    if (hours > scale.reachH) continue;
    const x = scale.x(hours);
    const right = kept[0];
    if (right === undefined || (right.x - x) * widthPx >= leastPx) kept.unshift({ hours, label, x });
  }
  return kept;
}
