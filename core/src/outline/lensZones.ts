/*
 * Zones that are too small to touch in side view, as they lie under a lens over head, feet and rear: patches on the
 * outline, in body units.
 */
import type { ZoneId } from '../coat/zones.js';
import type { DogOutline } from './dogOutline.js';
import type { Point } from './spline.js';
import { frameOf } from './template.js';

/** Places that side views are too small for. */
export const LENS_PLACES = ['head', 'feet', 'rear'] as const;
/** One of `LENS_PLACES`. */
export type LensPlace = (typeof LENS_PLACES)[number];

/** A zone under a lens. */
export interface LensZone {
  readonly zone: ZoneId;
  /** A patch in body units. */
  readonly polygon: readonly Point[];
  readonly center: Point;
}

/** A part of the side view, enlarged; center and radius in body units. */
export interface Lens {
  readonly place: LensPlace;
  readonly center: Point;
  /** Radius of what it shows, body units. */
  readonly radius: number;
  readonly zones: readonly LensZone[];
}

const CORNERS = 14;

/** An ellipse turned by an angle in radians, as a polygon. */
function patch(zone: ZoneId, center: Point, rx: number, ry: number, turn = 0): LensZone {
  const polygon = Array.from({ length: CORNERS }, (_, k): Point => {
    const a = (k / CORNERS) * 2 * Math.PI;
    const [x, y] = [Math.cos(a) * rx, Math.sin(a) * ry];
    return [center[0] + x * Math.cos(turn) - y * Math.sin(turn), center[1] + x * Math.sin(turn) + y * Math.cos(turn)];
  });
  return { zone, polygon, center };
}

/** The three lenses of a dog. */
export function lensesOf(outline: DogOutline): Lens[] {
  return [headLens(outline), feetLens(outline), rearLens(outline)].map(wideEnough);
}

/** Room around the outermost patch. */
const RIM = 0.03;

function wideEnough(lens: Lens): Lens {
  const [x, y] = lens.center;
  const far = lens.zones.map((z) => Math.hypot(z.center[0] - x, z.center[1] - y) + RIM);
  return { ...lens, radius: Math.max(lens.radius, ...far) };
}

function headLens({ row: m }: DogOutline): Lens {
  const { head } = frameOf(m);
  const { skull: s, stop } = m;
  const up = m.ear === 'prick';
  // Along the ear from its root to its tip; a pricked one stands, others hang.
  const root = up ? head(s * 0.24, stop + 0.02) : head(s * m.earPosition, -0.02);
  const along = (t: number, off: number): Point => [root[0] + off, root[1] + (up ? 1 : -1) * t * m.earLength];
  const w = m.earWidth;
  return {
    place: 'head',
    center: head(s * 0.6, -0.03),
    radius: Math.max(0.22, m.earLength * 0.9),
    zones: [
      patch('behindEar', head(-0.02, -0.035), 0.026, 0.034),
      patch('earUnder', along(0.3, -w * 0.12), w * 0.2, m.earLength * 0.16),
      patch('earBack', along(0.5, -w * 0.38), w * 0.12, m.earLength * 0.26),
      patch('earFront', along(0.5, w * 0.38), w * 0.12, m.earLength * 0.26),
      patch('earFringe', along(0.96, 0), w * 0.4, m.earLength * 0.12),
      patch('stop', head(s + 0.012, stop * 0.2), 0.02, 0.016),
      patch('eyeCorner', head(s + 0.002, -0.022), 0.015, 0.012),
    ],
  };
}

function feetLens({ row: m }: DogOutline): Lens {
  const fore = 0.02;
  const foot = m.footLength;
  return {
    place: 'feet',
    center: [fore, 0.09],
    radius: 0.2,
    zones: [
      patch('foreToes', [fore + foot * 0.32, 0.032], foot * 0.22, 0.026),
      patch('forePads', [fore, 0.008], foot * 0.34, 0.012),
      patch('innerForeleg', [fore - 0.055, 0.21], 0.022, 0.05),
      patch('armpit', [fore - 0.075, 0.27], 0.028, 0.022),
      patch('hindToes', [fore - 0.14, 0.032], 0.03, 0.024),
      patch('hindPads', [fore - 0.14, 0.0], 0.036, 0.012),
    ],
  };
}

function rearLens({ row: m }: DogOutline): Lens {
  const { rumpX: r } = frameOf(m);
  return {
    place: 'rear',
    center: [r + 0.05, m.rump - 0.06],
    radius: 0.24,
    zones: [
      patch('tailSet', [r + 0.045, m.tailSet - 0.005], 0.042, 0.026),
      patch('vent', [r + 0.012, m.rump + 0.02], 0.024, 0.03),
      patch('innerThigh', [r + 0.075, m.rump - 0.22], 0.03, 0.055),
      patch('loinSkirt', [r + 0.22, m.tuckUp + 0.03], 0.045, 0.022),
      patch('mammaryLine', [r + 0.2, m.tuckUp - 0.03], 0.045, 0.018),
      patch('tailTip', [r - 0.13, m.tailSet - 0.07], 0.03, 0.026),
    ],
  };
}
