/*
 * The target: how deep the coat has to be at each station of this dog so that its line is the breed's. The trunk is the breed's on the
 * dog's own height; legs, tail, ears, head and neck are the dog's own bones with the breed's hair.
 */
import type { CoatClass } from '../coat/coatClass.js';
import type { BodyRow } from './bodyRow.js';
import type { Point } from './spline.js';
import { stationsOf, tipAt } from './stations.js';
import type { Station } from './stations.js';

/** Measures that the standard decides on the trunk; the others are the dog's own. */
const TRUNK_MEASURES = [
  'length',
  'forechest',
  'depth',
  'croup',
  'tailSet',
  'rump',
  'tuckUp',
  'rearAngle',
] as const satisfies readonly (keyof BodyRow)[];

/** The bodies that the target is drawn on: the trunk by the standard, limbs and tail where the dog's own bones are. */
export interface TargetBodies {
  readonly trunk: BodyRow;
  readonly limbs: BodyRow;
}

/** Bodies of a dog's target; `change` are the corrections that a lead asks for. */
export function targetBodies(dog: BodyRow, breed: BodyRow, change: (body: BodyRow) => BodyRow): TargetBodies {
  const standard = Object.fromEntries(TRUNK_MEASURES.map((key) => [key, breed[key]]));
  const trunk = change({ ...dog, ...standard, dip: breed.dip, hair: breed.hair, floor: breed.floor });
  return { trunk, limbs: { ...dog, rearAngle: trunk.rearAngle, hair: breed.hair, floor: breed.floor } };
}

/** Stations of the target, in the order of the dog's own. */
export function targetStations({ trunk, limbs }: TargetBodies, coat: CoatClass, heightMm: number): Station[] {
  const [own, standard] = [stationsOf(limbs, coat, heightMm), stationsOf(trunk, coat, heightMm)];
  return own.map((s, i) => (s.part === 'trunk' ? (standard[i] as Station) : s));
}

/** Hair that lies nearer to the plumb line than to the normal is no matter of crossing a line: its length counts. */
const UPRIGHT = 0.6;
/** A crossing that lies further from the same station of the target than this is of another part of the line, heights. */
const FARTHEST = 0.08;

/** A line that meets hair just at the end of a piece is met, whatever rounding says. */
const AT_END = 1e-9;
const PARALLEL = 1e-9;

/** Whether hair stands enough for its outline to be its length. */
export function isUpright({ lie, normal, hangs }: Station): boolean {
  return lie[0] * normal[0] + lie[1] * normal[1] >= UPRIGHT && hangs <= 0.5;
}

/**
 * Depth of coat at each station, mm of outline, negative where the body itself lies outside the target. `target` has the same
 * stations on the target's body with their depths.
 */
export function targetDepths(
  dog: readonly Station[],
  target: readonly Station[],
  depths: readonly number[],
  heightMm: number,
): number[] {
  const tips = target.map((s, i) => tipAt(s, depths[i] as number));
  const lines = partLines(target, tips);
  return dog.map((s, i) => {
    if (!isUpright(s)) return depths[i] as number;
    const near = tips[i] as Point;
    const t = nearestCrossing(s, lines.get(s.part) ?? [], near, FARTHEST * heightMm);
    return t ?? (near[0] - s.root[0]) * s.lie[0] + (near[1] - s.root[1]) * s.lie[1];
  });
}

function gapTo(a: Point, b: Point): number {
  return Math.hypot(a[0] - b[0], a[1] - b[1]);
}

function partLines(stations: readonly Station[], tips: readonly Point[]): Map<string, Point[]> {
  const lines = new Map<string, Point[]>();
  stations.forEach((s, i) => {
    const line = lines.get(s.part);
    if (line === undefined) lines.set(s.part, [tips[i] as Point]);
    else line.push(tips[i] as Point);
  });
  return lines;
}

/** Distance along a station's hair at which it crosses a closed line nearest to a point; null where none is near enough. */
function nearestCrossing(s: Station, line: readonly Point[], near: Point, farthestMm: number): number | null {
  const { root, lie } = s;
  let best: number | null = null;
  let bestGap = farthestMm;
  for (let i = 0; i < line.length; i++) {
    const a = line[i] as Point;
    const b = line[i + 1 === line.length ? 0 : i + 1] as Point;
    const [ex, ey] = [b[0] - a[0], b[1] - a[1]];
    const across = lie[0] * ey - lie[1] * ex;
    if (Math.abs(across) < PARALLEL) continue;
    const [wx, wy] = [a[0] - root[0], a[1] - root[1]];
    const share = (wx * lie[1] - wy * lie[0]) / across;
    if (share < -AT_END || share > 1 + AT_END) continue;
    const t = (wx * ey - wy * ex) / across;
    const gap = gapTo(tipAt(s, t), near);
    if (gap <= bestGap) [best, bestGap] = [t, gap];
  }
  return best;
}

/** Depths that keep every tip above the floor, mm; never below 0. */
export function aboveFloor(stations: readonly Station[], depths: readonly number[], floorMm: number): number[] {
  return depths.map((d, i) => {
    const { root, lie } = stations[i] as Station;
    return lie[1] >= -1e-6 ? d : Math.min(d, Math.max(0, (root[1] - floorMm) / -lie[1]));
  });
}
