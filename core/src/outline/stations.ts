/*
 * Stations: fixed places along the body line, by which hair, target and cut are reckoned. The same index is the same place on every
 * dog that has the same parts, on the target and between two states of a drawing. Millimeters; x forward, y up, the ground at 0.
 */
import type { CoatClass } from '../coat/coatClass.js';
import type { ZoneId } from '../coat/zones.js';
import type { BodyRow, Hair } from './bodyRow.js';
import { hairAt, hangingAir } from './hairPlace.js';
import { hairReach } from './hairReach.js';
import { NEAR_PARTS, isCorner, zoneOfPlace } from './outlinePlaces.js';
import type { NearPart } from './outlinePlaces.js';
import type { Point } from './spline.js';
import { closedSpline, outwardNormals } from './spline.js';
import { landmarksOf } from './template.js';
import type { Landmark } from './template.js';

/** A place of the body line with the hair that grows there. */
export interface Station {
  readonly part: NearPart;
  readonly zone: ZoneId;
  /** Root of the hair on the body line, mm. */
  readonly root: Point;
  /** Outward normal of the body, of length 1. */
  readonly normal: Point;
  /** Direction in which the hair lies, of length 1. */
  readonly lie: Point;
  /** How far it hangs: 0 upright, 1 plumb. */
  readonly hangs: number;
  /** Millimeters of outline for one of hair, above 0, at most 1. */
  readonly reach: number;
  /** Depth of coat that the breed shows here, mm of outline. */
  readonly breedDepth: number;
  readonly isHidden: boolean;
  readonly isCorner: boolean;
}

/** Stations from one landmark to the next. */
const PER_LANDMARK = 2;
/** Below this hair a place is told to have none: its direction is the normal. */
const LEAST_HAIR = 1e-6;

/** Stations of all near parts, part by part, in the order of their lines. */
export function stationsOf(row: BodyRow, coat: CoatClass, heightMm: number): Station[] {
  const marks = landmarksOf(row);
  return NEAR_PARTS.flatMap((part) => {
    const mine = marks.get(part);
    return mine === undefined ? [] : partStations(part, mine, row, coat, heightMm);
  });
}

function partStations(
  part: NearPart,
  marks: readonly Landmark[],
  row: BodyRow,
  coat: CoatClass,
  heightMm: number,
): Station[] {
  const line = closedSpline(
    marks.map((l) => l.at),
    PER_LANDMARK,
  );
  const normals = outwardNormals(line);
  return line.map((at, i): Station => {
    const near = marks[Math.floor(i / PER_LANDMARK)] as Landmark;
    const next = marks[(Math.floor(i / PER_LANDMARK) + 1) % marks.length] as Landmark;
    const between = (i % PER_LANDMARK) / PER_LANDMARK;
    const normal = normals[i] as Point;
    const [stands, falls] = hairBetween(row, near, next, between);
    const drop = falls * hangingAir(normal[1]);
    const [x, y] = [normal[0] * stands, normal[1] * stands - drop];
    const depth = Math.hypot(x, y);
    const hangs = stands + Math.abs(drop) < LEAST_HAIR ? 0 : Math.max(0, drop) / (stands + Math.abs(drop));
    return {
      part,
      zone: zoneOfPlace(part, near.place),
      root: [at[0] * heightMm, at[1] * heightMm],
      normal,
      lie: depth < LEAST_HAIR ? normal : [x / depth, y / depth],
      hangs,
      reach: hairReach(coat, hangs, normal[0], normal[1]),
      breedDepth: depth * heightMm,
      isHidden: between === 0 ? near.isHidden : isHiddenBetween(near, next),
      isCorner: isCorner(part, near.place),
    };
  });
}

/** Between two landmarks the line shows up to one that another part covers, but not where it goes inside. */
function isHiddenBetween(near: Landmark, next: Landmark): boolean {
  return (near.isHidden && next.isHidden) || near.place === 'in' || next.place === 'in';
}

/** Hair between two landmarks, so that it does not jump where one place meets the next. */
function hairBetween(row: BodyRow, near: Landmark, next: Landmark, t: number): Hair {
  const a = hairAt(row.hair, near.place);
  const b = hairAt(row.hair, next.place);
  const mix = (i: 0 | 1): number => a[i] * near.share * (1 - t) + b[i] * next.share * t;
  return [mix(0), mix(1)];
}

/** Tip of the hair at a depth of coat, mm. */
export function tipAt({ root, lie }: Station, depthMm: number): Point {
  return [root[0] + lie[0] * depthMm, root[1] + lie[1] * depthMm];
}
