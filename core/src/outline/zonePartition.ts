/*
 * The coat's zones in side view: one partition of the plane for each part, bent by one smooth warp so that seams look
 * grown and no gaps open, and clipped by the part's own line when it is painted. Zones too small to touch here are chosen
 * by name or under a lens.
 */
import type { ZoneId } from '../coat/zones.js';
import type { DogOutline } from './dogOutline.js';
import type { Point } from './spline.js';
import { frameOf } from './template.js';
import type { PartId } from './template.js';

/** A zone of the side view. */
export interface ZoneShape {
  readonly zone: ZoneId;
  readonly part: PartId;
  /** A polygon in body units; only what lies inside the part's coat line is the zone. */
  readonly polygon: readonly Point[];
  /** A place inside for a number or a mark. */
  readonly center: Point;
}

const FAR = 9;
const EVERYWHERE: readonly Point[] = [
  [-FAR, -FAR],
  [FAR, -FAR],
  [FAR, FAR],
  [-FAR, FAR],
];

type Draft = readonly [zone: ZoneId, part: PartId, polygon: readonly Point[], center: Point];

/** Zones of a dog in the order in which they are painted. */
export function zoneShapes(outline: DogOutline): ZoneShape[] {
  const drafts = [...trunkZones(outline), ...neckZones(outline), ...headZones(outline), ...limbZones(outline)];
  return drafts.map(([zone, part, polygon, center]) => ({ zone, part, polygon: warped(polygon), center }));
}

function mix(p: Point, q: Point, t: number): Point {
  return [p[0] + (q[0] - p[0]) * t, p[1] + (q[1] - p[1]) * t];
}

/** A box from left to right and from low to high. */
function box(x0: number, x1: number, y0: number, y1: number): readonly Point[] {
  return [
    [x0, y1],
    [x1, y1],
    [x1, y0],
    [x0, y0],
  ];
}

const SHOULDER_X = -0.15;
const WITHERS_X = -0.03;

function trunkZones({ row: m }: DogOutline): Draft[] {
  const { rumpX: r, brisket: b } = frameOf(m);
  const croup = r + 0.26;
  const loin = r + 0.42;
  const back = loin + (WITHERS_X - 0.12 - loin);
  return [
    ['croup', 'trunk', box(r - 1, croup, 0.72, 2), [r + 0.13, 0.86]],
    ['loin', 'trunk', box(croup, loin, 0.74, 2), [r + 0.34, 0.88]],
    ['flank', 'trunk', box(r - 1, loin, -1, 0.74), [r + 0.34, m.tuckUp + 0.09]],
    ['back', 'trunk', box(loin, back, 0.88, 2), [(loin + back) / 2, 0.94]],
    ['withers', 'trunk', box(back, WITHERS_X, 0.88, 2), [-0.09, 0.94]],
    ['ribs', 'trunk', box(loin, SHOULDER_X, b + 0.13, 0.88), [(loin + SHOULDER_X) / 2, (b + 1) / 2]],
    ['belly', 'trunk', box(loin, SHOULDER_X, b + 0.02, b + 0.13), [(loin + SHOULDER_X) / 2, b + 0.08]],
    ['underline', 'trunk', box(loin, SHOULDER_X, -1, b + 0.02), [(loin + SHOULDER_X) / 2, b - 0.01]],
  ];
}

function neckZones(outline: DogOutline): Draft[] {
  const m = outline.row;
  const { brisket: b, head } = frameOf(m);
  const root: Point = [WITHERS_X, 0.985];
  const front: Point = [m.forechest - 0.06, b + 0.33];
  const upper = mix(root, front, 0.34);
  const lower = mix(root, front, 0.7);
  const [over, behind, latch] = [head(-0.03, 0.6), head(-0.03, -0.02), head(0, -m.skullDepth * 0.98)];
  const [h1, h2] = [mix(behind, latch, 0.3), mix(behind, latch, 0.72)];
  const bib: Point = [latch[0] + 0.03, b + 0.31];
  const s = SHOULDER_X;
  const far = m.forechest + 0.6;
  const shoulder: readonly Point[] = [
    [s, 0.88],
    [WITHERS_X, 0.88],
    root,
    upper,
    lower,
    [lower[0] - 0.02, b - 0.02],
    [s, b - 0.02],
  ];
  const chest: readonly Point[] = [
    lower,
    front,
    [far, front[1] - 0.03],
    [far, -1],
    [s, -1],
    [s, b - 0.02],
    [lower[0] - 0.02, b - 0.02],
  ];
  return [
    ['shoulder', 'trunk', shoulder, [-0.03, b + 0.24]],
    ['forechest', 'trunk', chest, [m.forechest - 0.05, b + 0.17]],
    ['crest', 'trunk', [[WITHERS_X, 2], root, upper, h1, behind, over], mix(mix(root, behind, 0.5), over, 0.06)],
    ['neckSide', 'trunk', [upper, lower, h2, h1], mix(mix(upper, lower, 0.5), mix(h1, h2, 0.5), 0.5)],
    [
      'throat',
      'trunk',
      [lower, front, [far + 0.1, front[1] - 0.03], [far + 0.1, bib[1] - 0.02], [bib[0], bib[1] - 0.02], latch, h2],
      mix(mix(lower, front, 0.7), latch, 0.45),
    ],
  ];
}

/** Depth of the muzzle at which the beard begins, in depths of the muzzle. */
const BEARD_LINE = 0.7;

function headZones(outline: DogOutline): Draft[] {
  const m = outline.row;
  const { head, brisket: b } = frameOf(m);
  const { skull: s, muzzle: z, skullDepth: sd, muzzleDepth: md } = m;
  const line = -md * BEARD_LINE;
  const bib: Point = [head(0, -sd * 0.98)[0] + 0.03, b + 0.31];
  const end = s + z + 0.4;
  return [
    [
      'skull',
      'trunk',
      [head(-0.03, 0.6), head(s * 0.72, 0.6), head(s * 0.72, -0.02), head(-0.03, -0.02)],
      head(s * 0.35, 0.01),
    ],
    ['brow', 'trunk', [head(s * 0.72, 0.6), head(s, 0.6), head(s, -0.02), head(s * 0.72, -0.02)], head(s * 0.86, 0.01)],
    [
      'cheek',
      'trunk',
      [head(-0.03, -0.02), head(s, -0.02), head(s, -sd * 0.75), head(0, -sd * 0.98)],
      head(s * 0.93, -sd * 0.5),
    ],
    ['muzzle', 'trunk', [head(s, 0.6), head(end, 0.6), head(end, line), head(s, line)], head(s + z * 0.5, -md * 0.25)],
    [
      'beard',
      'trunk',
      [
        head(s, line),
        head(end, line),
        [head(s + z, 0)[0] + 0.4, b + 0.31],
        bib,
        head(0, -sd * 0.98),
        head(s, -sd * 0.75),
      ],
      head(s + z * 0.45, -md * 1.05),
    ],
    [
      'earSurface',
      'ear',
      EVERYWHERE,
      m.ear === 'prick' ? head(s * 0.24, m.stop + m.earLength * 0.45) : head(s * m.earPosition, -m.earLength * 0.45),
    ],
  ];
}

function limbZones(outline: DogOutline): Draft[] {
  const m = outline.row;
  const { rumpX: r, brisket: b } = frameOf(m);
  const { hockHeight: h, stifleHeight: s } = m;
  const behind = r + 0.09;
  const fore = -0.02;
  const hock = r - m.rearAngle + 0.05;
  return [
    ['tail', 'tail', EVERYWHERE, [r - 0.02, m.tailSet]],
    ['outerThigh', 'hind', box(behind, FAR, s, 2), [r + 0.19, (s + m.rump) / 2]],
    ['breeches', 'hind', box(-FAR, behind, h + 0.1, 2), [r + 0.04, m.rump - 0.2]],
    ['stifle', 'hind', box(behind, FAR, h + 0.1, s), [r + 0.19, s - 0.04]],
    ['hock', 'hind', box(-FAR, FAR, 0.085, h + 0.1), [hock, h * 0.65]],
    ['hindfoot', 'hind', box(-FAR, FAR, -1, 0.085), [hock + 0.03, 0.04]],
    ['upperArm', 'fore', box(-FAR, FAR, b, 2), [0, (b + 0.82) / 2]],
    ['foreleg', 'fore', box(fore, FAR, 0.2, b), [0.01, (b + 0.22) / 2]],
    ['foreFeather', 'fore', box(-FAR, fore, 0.2, b), [-0.05, (b + 0.22) / 2]],
    ['pastern', 'fore', box(-FAR, FAR, 0.085, 0.2), [0.01, 0.14]],
    ['forefoot', 'fore', box(-FAR, FAR, -1, 0.085), [0.03, 0.04]],
  ];
}

/** Polygons reach far outside; cut near the dog before they are bent, or the warp would fold them. */
const NEAR_X = 1.9;
const NEAR_Y: readonly [number, number] = [-0.3, 2];
const WARP_STEP = 0.05;
const MOST_STEPS = 70;

function warped(polygon: readonly Point[]): Point[] {
  const near = polygon.map(([x, y]): Point => [
    Math.max(-NEAR_X, Math.min(NEAR_X, x)),
    Math.max(NEAR_Y[0], Math.min(NEAR_Y[1], y)),
  ]);
  return near.flatMap((p, i) => {
    const q = near[(i + 1) % near.length] as Point;
    const steps = Math.max(1, Math.min(MOST_STEPS, Math.ceil(Math.hypot(q[0] - p[0], q[1] - p[1]) / WARP_STEP)));
    return Array.from({ length: steps }, (_, j) => bent(mix(p, q, j / steps)));
  });
}

/** One warp for all zones, by place only, so that neighbors stay neighbors. */
function bent([x, y]: Point): Point {
  return [x + 0.022 * Math.sin(6.2 * y + 1.1) + 0.012 * Math.sin(11 * y + 3 * x), y + 0.014 * Math.sin(7 * x + 0.6)];
}
