/*
 * Lines and areas of a solved outline, for a picture: the body, the coat as the union of the body and one quad for each pair of
 * neighbors (so that no line of tips that crosses itself leaves a hole), lines of tips, and what lies between two of them. Millimeters,
 * y up.
 */
import type { ZoneId } from '../coat/zones.js';
import { NEAR_PARTS } from './outlinePlaces.js';
import type { Point } from './spline.js';
import { closedSpline, counterclockwise } from './spline.js';
import { tipAt } from './stations.js';
import type { Station } from './stations.js';

/** Stations of each part, in order, with their places in the whole list. */
function partRuns(stations: readonly Station[]): number[][] {
  return NEAR_PARTS.map((part) => stations.flatMap((s, i) => (s.part === part ? [i] : []))).filter((r) => r.length > 0);
}

/** Points drawn from one station to the next: a line of stations alone looks cut with a knife. */
const DEFAULT_DRAWN = 3;

/** A line through points of a part, with so many points from one to the next. */
function smooth(points: readonly Point[], drawn: number): readonly Point[] {
  return drawn === 1 ? points : closedSpline(points, drawn);
}

/** Body lines of all near parts; `drawn` points from one station to the next, 1 while something moves. */
export function bodyRings(stations: readonly Station[], drawn = DEFAULT_DRAWN): Point[][] {
  return partRuns(stations).map((run) => [
    ...counterclockwise(
      smooth(
        run.map((i) => (stations[i] as Station).root),
        drawn,
      ),
    ),
  ]);
}

/** Body and hair as rings that overlap; filled by the non-zero rule they are the coat. */
export function coatRings(stations: readonly Station[], depths: readonly number[]): Point[][] {
  const quads = partRuns(stations).flatMap((run) => {
    const roots = smooth(
      run.map((i) => (stations[i] as Station).root),
      DEFAULT_DRAWN,
    );
    const tips = smooth(
      run.map((i) => tipAt(stations[i] as Station, depths[i] as number)),
      DEFAULT_DRAWN,
    );
    const isBare = (k: number): boolean =>
      [k, k + 1].every((at) => (stations[run[at % run.length] as number] as Station).isHidden);
    return roots.flatMap((root, j): Point[][] => {
      if (isBare(Math.floor(j / DEFAULT_DRAWN))) return [];
      const next = (j + 1) % roots.length;
      return [[root, roots[next] as Point, tips[next] as Point, tips[j] as Point]];
    });
  });
  return [...bodyRings(stations, DEFAULT_DRAWN), ...quads.map((q) => [...counterclockwise(q)])];
}

/**
 * Body and hair as a ring of tips for each part: far fewer points than `coatRings`, for a drawing that moves. Where a line of tips
 * crosses itself it may leave a hole.
 */
export function roughRings(stations: readonly Station[], depths: readonly number[]): Point[][] {
  const tips = partRuns(stations).map((run) => [
    ...counterclockwise(run.map((i) => tipAt(stations[i] as Station, depths[i] as number))),
  ]);
  return [...bodyRings(stations, 1), ...tips];
}

/** Lines of tips where the outline shows, a line for each run of stations; of one zone, or of all. */
export function tipLines(
  stations: readonly Station[],
  depths: readonly number[],
  zone: ZoneId | null = null,
): Point[][] {
  const isWanted = (i: number): boolean => zone === null || stations[i]?.zone === zone;
  return shownRuns(stations, isWanted).map((run) => run.map((i) => tipAt(stations[i] as Station, depths[i] as number)));
}

/** Areas between two depths where the first is greater by at least so many mm of outline, ring by ring. */
export function areasBetween(
  stations: readonly Station[],
  outer: readonly number[],
  inner: readonly number[],
  leastMm: number,
): Point[][] {
  const isApart = (i: number): boolean => (outer[i] as number) - (inner[i] as number) >= leastMm;
  return shownRuns(stations, isApart).map((run) => [
    ...run.map((i) => tipAt(stations[i] as Station, outer[i] as number)),
    ...run.map((i) => tipAt(stations[i] as Station, inner[i] as number)).reverse(),
  ]);
}

/** Runs of neighboring stations that show and are wanted; a part that is wanted all around ends where it began. */
function shownRuns(stations: readonly Station[], isWanted: (index: number) => boolean): number[][] {
  const runs: number[][] = [];
  for (const part of partRuns(stations)) {
    const isIn = (i: number): boolean => !(stations[i] as Station).isHidden && isWanted(i);
    const from = part.findIndex((i) => !isIn(i));
    if (from === -1) {
      runs.push([...part, part[0] as number]);
      continue;
    }
    let run: number[] = [];
    for (let k = 1; k <= part.length; k++) {
      const i = part[(from + k) % part.length] as number;
      if (isIn(i)) run.push(i);
      else {
        if (run.length > 1) runs.push(run);
        run = [];
      }
    }
  }
  return runs;
}

/** SVG path of lines in a picture: x to the right from `left`, the ground at `ground`; `mirrored` faces left. */
export function ringPath(
  rings: readonly (readonly Point[])[],
  {
    scale,
    x,
    y,
    mirrored,
  }: { readonly scale: number; readonly x: number; readonly y: number; readonly mirrored: boolean },
  isClosed = true,
): string {
  const sign = mirrored ? -1 : 1;
  return rings
    .map((ring) => {
      const at = ring.map((p) => `${(x + sign * p[0] * scale).toFixed(1)} ${(y - p[1] * scale).toFixed(1)}`);
      return `M${at.join('L')}${isClosed ? 'Z' : ''}`;
    })
    .join('');
}
