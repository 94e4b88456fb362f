/*
 * Two outlines as areas: how much they share, and how far apart their lines lie. Signed depth by station comes first where both are
 * ours; a photo has no stations. Compared above a level, since far legs and shadow are in a photo's line too.
 */
import { Clipper, FillRule } from 'clipper2-ts';
import type { Point } from './spline.js';

/** How two outlines fit; mm. */
export interface OutlineFit {
  /** Area of both over the area of either, 0 to 1. */
  readonly overlap: number;
  /** Area that only one of them has, mm squared. */
  readonly betweenMm2: number;
  /** Furthest that a point of either line lies from the other (Hausdorff distance), and the mean over both lines. */
  readonly farthestMm: number;
  readonly meanMm: number;
}

type Paths = { x: number; y: number }[][];

/** Whole units a millimeter in which areas are reckoned: a thousandth is finer than any photo. */
const UNITS = 1000;
/** A line is measured at points no further apart than this, mm. */
const STEP_MM = 4;
const FAR_MM = 5000;

/** The fit of two sets of rings that overlap (each the union of its rings), above a level in mm; null where one is empty there. */
export function outlineFit(
  first: readonly (readonly Point[])[],
  second: readonly (readonly Point[])[],
  aboveMm: number,
): OutlineFit | null {
  const above: Paths = [
    [
      { x: -FAR_MM * UNITS, y: Math.round(aboveMm * UNITS) },
      { x: FAR_MM * UNITS, y: Math.round(aboveMm * UNITS) },
      { x: FAR_MM * UNITS, y: FAR_MM * UNITS },
      { x: -FAR_MM * UNITS, y: FAR_MM * UNITS },
    ],
  ];
  const [a, b] = [first, second].map((rings): Paths =>
    Clipper.intersect(Clipper.union(pathsOf(rings), FillRule.NonZero), above, FillRule.NonZero),
  ) as [Paths, Paths];
  const either = areaOf(Clipper.union(a, b, FillRule.NonZero));
  if (areaOf(a) === 0 || areaOf(b) === 0 || either === 0) return null;
  const both = areaOf(Clipper.intersect(a, b, FillRule.NonZero));
  const gaps = [...gapsTo(linePoints(a, aboveMm), b), ...gapsTo(linePoints(b, aboveMm), a)];
  return {
    overlap: both / either,
    betweenMm2: either - both,
    farthestMm: gaps.reduce((x, y) => Math.max(x, y), 0),
    meanMm: gaps.reduce((x, y) => x + y, 0) / gaps.length,
  };
}

function pathsOf(rings: readonly (readonly Point[])[]): Paths {
  return rings.map((ring) => ring.map(([x, y]) => ({ x: Math.round(x * UNITS), y: Math.round(y * UNITS) })));
}

function areaOf(paths: Paths): number {
  return Math.abs(paths.reduce((sum, p) => sum + Clipper.area(p), 0)) / (UNITS * UNITS);
}

/** Points along the outer lines, mm; the cut at the level is no line of a dog. */
function linePoints(paths: Paths, aboveMm: number): Point[] {
  return paths.flatMap((path) =>
    path.flatMap((p, i): Point[] => {
      const q = path[(i + 1) % path.length] as { x: number; y: number };
      const [ax, ay, bx, by] = [p.x / UNITS, p.y / UNITS, q.x / UNITS, q.y / UNITS];
      const steps = Math.max(1, Math.ceil(Math.hypot(bx - ax, by - ay) / STEP_MM));
      return Array.from({ length: steps }, (_, k): Point => [
        ax + ((bx - ax) * k) / steps,
        ay + ((by - ay) * k) / steps,
      ]).filter(([, y]) => y > aboveMm + 1 / UNITS);
    }),
  );
}

function gapsTo(points: readonly Point[], paths: Paths): number[] {
  const pieces = paths.flatMap((path) =>
    path.map((p, i) => {
      const q = path[(i + 1) % path.length] as { x: number; y: number };
      return [p.x / UNITS, p.y / UNITS, q.x / UNITS, q.y / UNITS] as const;
    }),
  );
  return points.map(([x, y]) => {
    let least = Infinity;
    for (const [ax, ay, bx, by] of pieces) {
      const [dx, dy] = [bx - ax, by - ay];
      const along = Math.max(0, Math.min(1, ((x - ax) * dx + (y - ay) * dy) / Math.max(1e-12, dx * dx + dy * dy)));
      least = Math.min(least, (x - ax - along * dx) ** 2 + (y - ay - along * dy) ** 2);
    }
    return Math.sqrt(least);
  });
}
