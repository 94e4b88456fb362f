/*
 * The coat seen from above and from beneath: what the two sides hide. A plan of half widths along the body's axis, the
 * dog facing right, its left side up from above and down from beneath; zones are a partition by bands and strips, clipped
 * by the plan's own line. Half widths are engineering starting values.
 */
import type { ZoneId, ZoneSide } from '../coat/zones.js';
import type { BodyRow, HairMap } from './bodyRow.js';
import type { Point } from './spline.js';
import { closedSpline } from './spline.js';
import { frameOf } from './template.js';

/** Views from above and from beneath. */
export const PLAN_SIDES = ['above', 'beneath'] as const;
/** One of `PLAN_SIDES`. */
export type PlanSide = (typeof PLAN_SIDES)[number];

/** A zone in a view from above or beneath, a polygon in body units. */
export interface PlanZone {
  readonly zone: ZoneId;
  readonly side: ZoneSide;
  /** Body units; x along the dog toward its nose, y toward the dog's left from above, its right from beneath. */
  readonly polygon: readonly Point[];
  readonly center: Point;
}

/** A view from above or beneath: the body's line and its zones, in body units. */
export interface PlanView {
  readonly line: readonly Point[];
  readonly zones: readonly PlanZone[];
  /** Box of the line: x from, x to, and the half width. */
  readonly box: readonly [number, number, number];
}

/** Half widths of a lean dog along its length, fractions of the height at the withers. */
const HALF = {
  tailTip: 0.018,
  tail: 0.028,
  rump: 0.11,
  loin: 0.105,
  ribs: 0.15,
  shoulder: 0.14,
  neck: 0.08,
  skull: 0.08,
};
const MUZZLE_HALF = 0.04;
const LONGEST_TAIL = 0.4;

/** Stations along the axis, from the tail's tip to the nose. */
function stations(
  m: BodyRow,
): Readonly<
  Record<'tip' | 'root' | 'croup' | 'loin' | 'back' | 'withers' | 'front' | 'latch' | 'stop' | 'nose', number>
> {
  const { rumpX, head } = frameOf(m);
  const front = Math.max(m.forechest - 0.04, 0.1);
  // Head and neck are laid flat, so that what a lowered head shows can be touched.
  const latch = Math.max(front + 0.1, head(0, 0)[0]);
  return {
    tip: rumpX - Math.min(LONGEST_TAIL, m.tailLength),
    root: rumpX,
    croup: rumpX + 0.22,
    loin: rumpX + 0.4,
    back: -0.12,
    withers: 0.02,
    front,
    latch,
    stop: latch + m.skull,
    nose: latch + m.skull + m.muzzle,
  };
}

function stands(hair: HairMap, place: string): number {
  return (hair[place] ?? hair['all'] ?? [0, 0])[0];
}

/** The plan of a dog with its zones from above or from beneath. */
export function planView(m: BodyRow, side: PlanSide): PlanView {
  const at = stations(m);
  const upper = widths(m, at);
  const line = closedSpline([...upper, ...[...upper].reverse().map(([x, y]): Point => [x, -y])], 6);
  const most = Math.max(...upper.map((p) => p[1]));
  const zones = side === 'above' ? aboveZones(at) : beneathZones(at);
  return { line, zones, box: [at.tip, at.nose, most] };
}

function widths(m: BodyRow, at: ReturnType<typeof stations>): Point[] {
  const h = m.hair;
  const tail = HALF.tail + stands(h, 'tailT') * 0.6;
  return [
    [at.tip, HALF.tailTip + stands(h, 'tailTip') * 0.3],
    [(at.tip + at.root) / 2, tail],
    [at.root - 0.02, HALF.tail + stands(h, 'tailT') * 0.4],
    [at.root + 0.03, HALF.rump + stands(h, 'breech') * 0.6],
    [at.croup, HALF.rump + 0.02 + stands(h, 'rump') * 0.6],
    [at.loin, HALF.loin + stands(h, 'loin') * 0.7],
    [(at.loin + at.back) / 2, HALF.ribs + stands(h, 'back') * 0.8],
    [at.withers - 0.04, HALF.shoulder + stands(h, 'withers') * 0.7],
    [at.front - 0.02, HALF.neck + 0.02 + stands(h, 'throat') * 0.6],
    [at.latch, HALF.neck * 0.9 + stands(h, 'crest') * 0.5],
    [at.latch + m.skull * 0.5, HALF.skull + stands(h, 'skull') * 0.6],
    [at.stop, HALF.skull * 0.8 + stands(h, 'brow') * 0.5],
    [at.nose - m.muzzle * 0.4, MUZZLE_HALF + stands(h, 'chin') * 0.4],
    [at.nose, MUZZLE_HALF * 0.6],
  ];
}

const FAR = 1;

function band(zone: ZoneId, x0: number, x1: number, y0: number, y1: number, side: ZoneSide): PlanZone {
  const reach = (y: number): number => Math.sign(y) * Math.min(Math.abs(y), 0.2);
  return {
    zone,
    side,
    polygon: [
      [x0, y0],
      [x1, y0],
      [x1, y1],
      [x0, y1],
    ],
    center: [(x0 + x1) / 2, (reach(y0) + reach(y1)) / 2],
  };
}

/** The same band on both sides; `left` says which sign of y is the dog's left. */
function pair(zone: ZoneId, x0: number, x1: number, y0: number, left: 1 | -1): PlanZone[] {
  const on = (sign: 1 | -1): PlanZone => band(zone, x0, x1, sign * y0, sign * FAR, sign === left ? 'left' : 'right');
  return [on(1), on(-1)];
}

const SPINE = 0.055;
const EAR_FROM = 0.055;

function aboveZones(at: ReturnType<typeof stations>): PlanZone[] {
  const middle = (zone: ZoneId, x0: number, x1: number, half = SPINE): PlanZone =>
    band(zone, x0, x1, -half, half, 'middle');
  const earFrom = at.latch + (at.stop - at.latch) * 0.1;
  const earTo = at.latch + (at.stop - at.latch) * 0.75;
  return [
    middle('tailTip', at.tip - 0.1, at.tip + (at.root - at.tip) * 0.3, FAR),
    middle('tail', at.tip + (at.root - at.tip) * 0.3, at.root - 0.01, FAR),
    ...pair('breeches', at.root - 0.01, at.root + 0.07, SPINE, 1),
    middle('tailSet', at.root - 0.01, at.root + 0.07),
    ...pair('outerThigh', at.root + 0.07, at.croup + 0.04, SPINE, 1),
    middle('croup', at.root + 0.07, at.croup),
    middle('loin', at.croup, at.loin),
    ...pair('flank', at.croup + 0.04, at.loin, SPINE, 1),
    middle('back', at.loin, at.back),
    ...pair('ribs', at.loin, at.back, SPINE, 1),
    middle('withers', at.back, at.withers),
    ...pair('shoulder', at.back, at.withers + 0.06, SPINE, 1),
    middle('collarSeat', at.withers + (at.latch - at.withers) * 0.55, at.withers + (at.latch - at.withers) * 0.72, FAR),
    middle('crest', at.withers, at.latch, 0.035),
    ...pair('neckSide', at.withers + 0.06, at.latch, 0.035, 1),
    ...pair('behindEar', at.latch, earFrom, 0.03, 1),
    ...pair('earSurface', earFrom, earTo, EAR_FROM, 1),
    middle('skull', at.latch, at.stop - 0.03, FAR),
    ...pair('brow', at.stop - 0.03, at.stop, 0, 1),
    ...pair('cheek', at.stop, at.stop + 0.03, 0.03, 1),
    middle('stop', at.stop, at.stop + 0.03, 0.03),
    middle('muzzle', at.stop + 0.03, at.nose + 0.1, FAR),
  ].sort(narrowLast);
}

function beneathZones(at: ReturnType<typeof stations>): PlanZone[] {
  const middle = (zone: ZoneId, x0: number, x1: number, half = SPINE): PlanZone =>
    band(zone, x0, x1, -half, half, 'middle');
  const elbow = at.withers - 0.02;
  return [
    middle('tail', at.tip - 0.1, at.root - 0.01, FAR),
    middle('vent', at.root - 0.01, at.root + 0.05, 0.045),
    ...pair('breeches', at.root - 0.01, at.root + 0.05, 0.045, -1),
    ...pair('innerThigh', at.root + 0.05, at.croup + 0.03, 0.03, -1),
    ...pair('hindPads', at.croup - 0.1, at.croup - 0.02, 0.1, -1),
    middle('mammaryLine', at.root + 0.05, at.loin + 0.05, 0.03),
    ...pair('loinSkirt', at.croup + 0.03, at.loin + 0.05, 0.03, -1),
    middle('belly', at.loin + 0.05, at.back - 0.02, FAR),
    middle('underline', at.back - 0.02, elbow, FAR),
    ...pair('armpit', elbow - 0.07, elbow + 0.03, 0.06, -1),
    ...pair('innerForeleg', elbow + 0.03, elbow + 0.1, 0.07, -1),
    ...pair('forePads', elbow + 0.1, elbow + 0.15, 0.09, -1),
    middle('forechest', elbow, at.front + 0.02, FAR),
    middle('throat', at.front + 0.02, at.latch + 0.03, FAR),
    ...pair('earUnder', at.latch + 0.03, at.latch + 0.12, EAR_FROM, -1),
    middle('beard', at.latch + 0.03, at.nose + 0.1, FAR),
  ].sort(narrowLast);
}

/** Wide bands first, so that what is narrow is painted over them and can be touched. */
function narrowLast(x: PlanZone, y: PlanZone): number {
  const area = ({ polygon: [a, b, c] }: PlanZone): number =>
    Math.abs(((b?.[0] ?? 0) - (a?.[0] ?? 0)) * ((c?.[1] ?? 0) - (b?.[1] ?? 0)));
  return area(y) - area(x);
}
