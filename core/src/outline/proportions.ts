/*
 * Proportions of an outline as the eye measures them, with the coat on: length to height, how much of the height is leg, how level the
 * top is.
 */
import type { Station } from './stations.js';
import { tipAt } from './stations.js';

/** Proportions with the coat on; mm, and shares of the height. */
export interface OutlineProportions {
  /** Forechest to rump, without the tail. */
  readonly lengthMm: number;
  /** Ground to the top of the withers. */
  readonly heightMm: number;
  readonly lengthToHeight: number;
  /** Ground to the underline at its lowest, over the height. */
  readonly legShare: number;
  /** Top of the croup below the top of the withers, mm; below 0 where it is higher. */
  readonly slopeMm: number;
}

/** Proportions of stations at depths of coat; the stations have a trunk and hind legs. */
export function outlineProportions(stations: readonly Station[], depths: readonly number[]): OutlineProportions {
  const tips = (zones: readonly Station['zone'][], axis: 0 | 1): number[] =>
    stations.flatMap((s, i) =>
      s.isHidden || s.part === 'tail' || !zones.includes(s.zone) ? [] : [tipAt(s, depths[i] as number)[axis]],
    );
  const front = Math.max(...tips(['forechest'], 0));
  const rear = Math.min(...tips(['breeches'], 0));
  const mean = (list: readonly number[]): number => list.reduce((x, y) => x + y, 0) / Math.max(1, list.length);
  const heightMm = mean(tips(['withers'], 1));
  const under = Math.min(...tips(['underline'], 1));
  return {
    lengthMm: front - rear,
    heightMm,
    lengthToHeight: (front - rear) / heightMm,
    legShare: under / heightMm,
    slopeMm: heightMm - mean(tips(['croup'], 1)),
  };
}
