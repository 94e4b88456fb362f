/*
 * Lines that a groomer sets by hand: each is moved off the breed's own at its two ends, in mm of outline, outward above 0, and straight
 * in between. The dog's bones stay where they are: a line asks for hair.
 */
import type { ZoneId } from '../coat/zones.js';
import type { NearPart } from './outlinePlaces.js';
import type { Station } from './stations.js';

/** Lines of side view that are set by hand. */
export const OUTLINE_LINES = [
  'topline',
  'underline',
  'front',
  'columnFront',
  'columnBack',
  'rear',
  'bevel',
  'floor',
] as const;
/** One of `OUTLINE_LINES`. */
export type OutlineLine = (typeof OUTLINE_LINES)[number];

/** A line off the breed's own at its two ends, mm; the floor is level and has its first end only. */
export interface LineEnds {
  readonly near: number;
  readonly far: number;
}

/** Lines that were set. */
export type SetLines = Readonly<Partial<Record<OutlineLine, LineEnds>>>;

/** No line is moved further, mm: more is another dog. */
export const MOST_LINE_MM = 60;

interface Course {
  readonly parts: readonly NearPart[];
  readonly zones: readonly ZoneId[];
  /** Axis along which it runs, and whether its near end is where that is greatest. */
  readonly axis: 0 | 1;
}

/** Courses of the lines but the floor; the near end is the front one, or the upper one. */
const COURSES: Readonly<Record<Exclude<OutlineLine, 'floor'>, Course>> = {
  topline: { parts: ['trunk'], zones: ['withers', 'back', 'loin', 'croup'], axis: 0 },
  underline: { parts: ['trunk'], zones: ['underline', 'flank'], axis: 0 },
  front: { parts: ['trunk'], zones: ['throat', 'forechest'], axis: 1 },
  columnFront: { parts: ['fore'], zones: ['foreleg', 'pastern'], axis: 1 },
  columnBack: { parts: ['fore'], zones: ['foreFeather'], axis: 1 },
  rear: { parts: ['trunk', 'hind'], zones: ['breeches'], axis: 1 },
  bevel: { parts: ['fore', 'hind'], zones: ['forefoot', 'hindfoot'], axis: 1 },
};

/** Stations of a line by their index, from its near end to its far end, each with its share of the way; none for the floor. */
export function lineStations(
  stations: readonly Station[],
  line: OutlineLine,
): { readonly index: number; readonly share: number }[] {
  if (line === 'floor') return [];
  const { parts, zones, axis } = COURSES[line];
  const mine = stations.flatMap((s, index) =>
    !s.isHidden && parts.includes(s.part) && zones.includes(s.zone) ? [{ index, at: s.root[axis] }] : [],
  );
  const [near, far] = [Math.max(...mine.map((m) => m.at)), Math.min(...mine.map((m) => m.at))];
  const length = Math.max(1e-9, near - far);
  return mine
    .map(({ index, at }) => ({ index, share: (near - at) / length }))
    .sort((x, y) => x.share - y.share || x.index - y.index);
}

const bounded = (mm: number): number => Math.min(MOST_LINE_MM, Math.max(-MOST_LINE_MM, mm));

/** Depths of a target with its lines moved, mm of outline, never below 0. */
export function depthsWithLines(stations: readonly Station[], depths: readonly number[], lines: SetLines): number[] {
  const moved = [...depths];
  for (const line of OUTLINE_LINES) {
    const ends = lines[line];
    if (ends === undefined) continue;
    for (const { index, share } of lineStations(stations, line)) {
      const by = bounded(ends.near) * (1 - share) + bounded(ends.far) * share;
      moved[index] = Math.max(0, (moved[index] as number) + by);
    }
  }
  return moved;
}

/** How much higher than the breed's the floor of hanging hair is, mm. */
export function floorRise(lines: SetLines): number {
  return bounded(lines.floor?.near ?? 0);
}
