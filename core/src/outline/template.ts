/*
 * The body template: landmarks of each part of a dog in side view, facing +x, from a row of measures. Withers at (0, 1),
 * ground at y = 0. Parts are lines of their own (trunk with head, legs, tail, ear), so that no line crosses itself where
 * they meet. Landmarks are engineering starting values.
 */
import type { BodyRow } from './bodyRow.js';
import type { Point } from './spline.js';

/** Parts from back to front as they are painted; the far legs show behind the near ones. */
export const PART_IDS = ['farHind', 'farFore', 'tail', 'hind', 'trunk', 'fore', 'ear'] as const;
/** A part of the drawing, such as the trunk or a leg. */
export type PartId = (typeof PART_IDS)[number];

/** A point of a part's line, in body units, and how much hair grows there. */
export interface Landmark {
  readonly at: Point;
  /** Place of the line by which its hair is told. */
  readonly place: string;
  /** Share of that hair here: lines taper toward roots and tips. */
  readonly share: number;
  /** Inside another part: no part of the dog's silhouette. */
  readonly isHidden: boolean;
}

const TAIL_STEPS = 7;
const NEAR_FORE_X = -0.025;
const FAR_HIND_SHIFT = 0.075;
const FAR_FORE_SHIFT = 0.06;

const radians = (degrees: number): number => (degrees * Math.PI) / 180;
const markAt = (at: Point, place: string, share = 1): Landmark => ({ at, place, share, isHidden: place === 'in' });
const mark = (x: number, y: number, place: string, share = 1): Landmark => markAt([x, y], place, share);
const hidden = (l: Landmark): Landmark => ({ ...l, isHidden: true });

/** Axes of head and neck of a dog. */
export interface Frame {
  readonly occiput: Point;
  /** A point by its distance along the head toward the nose and above its axis. */
  readonly head: (along: number, above: number) => Point;
  /** A point along the neck from the withers (0) to the occiput (1), and off its line. */
  readonly neck: (along: number, off: number) => Point;
  readonly rumpX: number;
  readonly brisket: number;
}

/** Where head and rump of a body lie: places along and above the head's axis, in body units. */
export function frameOf(m: BodyRow): Frame {
  const angle = radians(m.neckAngle);
  const occiput: Point = [Math.cos(angle) * m.neckLength + 0.03, 1 + Math.sin(angle) * m.neckLength * 0.98];
  const down = radians(-m.headAngle);
  const [fx, fy] = [Math.cos(down), Math.sin(down)];
  return {
    occiput,
    head: (along, above) => [occiput[0] + fx * along - fy * above, occiput[1] + fy * along + fx * above],
    neck: (along, off) => [
      occiput[0] * along - Math.sin(angle) * off,
      1 + (occiput[1] - 1) * along + Math.cos(angle) * off,
    ],
    rumpX: m.forechest - m.length,
    brisket: 1 - m.depth,
  };
}

/** Landmarks of every part that the dog has. */
export function landmarksOf(m: BodyRow): ReadonlyMap<PartId, readonly Landmark[]> {
  const frame = frameOf(m);
  const parts = new Map<PartId, readonly Landmark[]>([
    ['farHind', hindLeg(m, frame, FAR_HIND_SHIFT)],
    ['farFore', foreLeg(m, frame, FAR_FORE_SHIFT)],
    ['hind', hindLeg(m, frame, 0)],
    ['trunk', [...topAndRear(m, frame), ...underside(m, frame), ...headAndNeck(m, frame)]],
    ['fore', foreLeg(m, frame, 0)],
    ['ear', earOf(m, frame)],
  ]);
  if (m.tailLength > 0) parts.set('tail', tailOf(m, frame));
  return parts;
}

function topAndRear(m: BodyRow, { rumpX }: Frame): Landmark[] {
  return [
    mark(0, 1, 'withers'),
    mark(-0.12, 0.985 - m.dip, 'back'),
    mark(rumpX + 0.48, 0.985 - m.dip / 2, 'back'),
    mark(rumpX + 0.3, m.croup, 'loin'),
    mark(rumpX + 0.13, (m.croup + m.tailSet) / 2 + 0.015, 'croup'),
    mark(rumpX + 0.045, m.tailSet, 'croup'),
    mark(rumpX + 0.003, (m.tailSet + m.rump) / 2, 'rump'),
    mark(rumpX, m.rump, 'rump'),
    hidden(mark(rumpX + 0.05, m.rump - 0.14, 'rump', 0.6)),
  ];
}

function underside(m: BodyRow, { rumpX, brisket }: Frame): Landmark[] {
  const x = m.forechest;
  return [
    hidden(mark(rumpX + 0.2, m.tuckUp + 0.03, 'flank', 0.3)),
    mark(rumpX + 0.36, m.tuckUp, 'belly'),
    mark((rumpX + 0.36 + x - 0.2) / 2, (m.tuckUp + brisket) / 2 - 0.012, 'belly'),
    mark(x - 0.26, brisket, 'belly'),
    mark(x - 0.13, brisket + 0.02, 'chest'),
    mark(x - 0.035, brisket + 0.1, 'chest'),
    mark(x, brisket + 0.2, 'chest'),
    mark(x - 0.02, brisket + 0.29, 'chest'),
  ];
}

function headAndNeck(m: BodyRow, { head, neck, brisket }: Frame): Landmark[] {
  const { skull: s, muzzle: z, skullDepth: sd, muzzleDepth: md, stop } = m;
  const base = neck(0.28, -0.2);
  const bib: Point = [base[0] * 0.4 + (m.forechest - 0.03) * 0.6, (base[1] + brisket + 0.3) / 2 + 0.02];
  const latch = head(0.04, -sd * 0.96);
  return [
    markAt(bib, 'bib'),
    markAt(throatOf(neck(0.62, -0.155), bib, latch), 'throat'),
    markAt(latch, 'latch'),
    markAt(head(s * 0.62, -sd * 0.98), 'jaw'),
    markAt(head(s + z * 0.25, -sd * 0.62 - md * 0.42), 'chin'),
    markAt(head(s + z * 0.75, -md * 1.18), 'chin'),
    markAt(head(s + z * 0.93, -md * 1.05), 'chin'),
    markAt(head(s + z, -md * 0.62), 'lip'),
    markAt(head(s + z * 1.02, -md * 0.12), 'nose'),
    markAt(head(s + z * 0.95, 0.004), 'nose'),
    markAt(head(s + z * 0.4, stop * -0.1), 'muzzle'),
    markAt(head(s + 0.015, stop * 0.1), 'stop'),
    markAt(head(s * 0.86, stop + 0.012), 'brow'),
    markAt(head(s * 0.5, stop + 0.03), 'skull'),
    markAt(head(s * 0.12, stop + 0.012), 'skull'),
    markAt(neck(0.84, 0), 'crest'),
    markAt(neck(0.5, m.neckArch * 0.7), 'crest'),
    markAt(neck(0.2, 0.004), 'crest'),
  ];
}

/** Room between throat and latch: on a short neck under a deep skull the line would fold there. */
const THROAT_ROOM = 0.045;
const THROAT_SHARE = 0.62;

/** Front of the neck, or a point between bib and latch where the skull leaves it no room. */
function throatOf(front: Point, bib: Point, latch: Point): Point {
  const isCrowded = front[1] > latch[1] - THROAT_ROOM;
  if (!isCrowded) return front;
  return [bib[0] + (latch[0] - bib[0]) * THROAT_SHARE, bib[1] + (latch[1] - bib[1]) * THROAT_SHARE];
}

function shifted(marks: readonly Landmark[], by: number): Landmark[] {
  return marks.map((l) => ({ ...l, at: [l.at[0] + by, l.at[1]] }));
}

function hindLeg(m: BodyRow, { rumpX: r }: Frame, by: number): Landmark[] {
  const { hockHeight: h, stifleHeight: s, hindWidth: w, footLength: f } = m;
  const x = r - m.rearAngle;
  const leg = [
    mark(r + 0.02, 0.9, 'in'),
    mark(r + 0.2, 0.93, 'in'),
    mark(r + 0.33, 0.8, 'in'),
    mark(r + 0.345, 0.65, 'in'),
    mark(r + 0.305, s + 0.02, 'stifle'),
    mark(r + 0.235, s - 0.09, 'stifle'),
    mark(x + w + 0.075, h + 0.06, 'hockF'),
    mark(x + w + 0.035, h - 0.04, 'hindleg'),
    mark(x + w + 0.02, 0.1, 'hindleg'),
    mark(x + w + 0.06, 0.055, 'foot'),
    mark(x + f + 0.03, 0.03, 'foot'),
    mark(x + f + 0.025, 0, 'sole'),
    mark(x + 0.02, 0, 'sole'),
    mark(x + 0.008, 0.05, 'hindleg'),
    mark(x + 0.008, h - 0.06, 'hock'),
    mark(x, h + 0.005, 'hock'),
    mark(x + 0.028, h + 0.06, 'hock'),
    mark(r + 0.085, s - 0.05, 'breech'),
    mark(r + 0.03, s + 0.1, 'breech'),
    mark(r - 0.005, m.rump - 0.12, 'breech'),
    hidden(mark(r - 0.002, m.rump, 'breech')),
  ];
  return shifted(leg, by);
}

function foreLeg(m: BodyRow, { brisket: b }: Frame, by: number): Landmark[] {
  const { forearmWidth: w, footLength: f } = m;
  const x = NEAR_FORE_X;
  const leg = [
    mark(x - 0.07, 0.86, 'in'),
    mark(x + 0.07, 0.88, 'in'),
    mark(x + 0.15, 0.72, 'in'),
    mark(x + 0.115, b + 0.05, 'in'),
    mark(x + w + 0.018, b - 0.1, 'foreF'),
    mark(x + w, 0.26, 'foreF'),
    mark(x + w + 0.004, 0.19, 'foreF'),
    mark(x + w + 0.006, 0.1, 'foreF'),
    mark(x + w + 0.045, 0.05, 'foot'),
    mark(x + f + 0.005, 0.028, 'foot'),
    mark(x + f - 0.002, 0, 'sole'),
    mark(x + 0.005, 0, 'sole'),
    mark(x - 0.006, 0.05, 'pastern'),
    mark(x - 0.004, 0.13, 'pastern'),
    mark(x + 0.004, 0.2, 'foreB'),
    mark(x - 0.004, 0.3, 'foreB'),
    mark(x - 0.03, b - 0.06, 'foreB'),
    mark(x - 0.075, b + 0.05, 'foreB'),
    mark(x - 0.1, 0.72, 'in'),
  ];
  return shifted(leg, by);
}

/** Share of the tail's hair along its length, root to tip, above and beneath. */
function tailShare(m: BodyRow, i: number, below: boolean): number {
  if (m.tailKind === 'plume') return i < TAIL_STEPS - 2.6 ? 0.06 : i < TAIL_STEPS - 1.6 ? 0.75 : 1;
  if (m.tailKind === 'flag' && below) {
    const rise = Math.sin((Math.min(1, (i + 0.6) / 3.2) * Math.PI) / 2);
    return rise * Math.max(0.06, 1 - Math.max(0, i - 1.5) / (TAIL_STEPS - 1.3));
  }
  return Math.min(1, (i + 0.3) / 2.2);
}

function tailOf(m: BodyRow, { rumpX }: Frame): Landmark[] {
  const bones: { x: number; y: number; angle: number }[] = [];
  let [x, y, angle] = [rumpX + 0.06, m.tailSet - 0.02, 180 - m.tailAngle];
  const step = m.tailLength / TAIL_STEPS;
  for (let i = 0; i <= TAIL_STEPS; i++) {
    bones.push({ x, y, angle });
    x += Math.cos(radians(angle)) * step;
    y += Math.sin(radians(angle)) * step;
    angle -= m.tailCurl / TAIL_STEPS;
  }
  const width = (i: number): number => m.tailWidth * (1 - (0.45 * i) / TAIL_STEPS);
  const plume = m.tailKind === 'plume';
  const side = (below: boolean): Landmark[] =>
    bones.map((b, i) => {
      const [ox, oy] = [Math.sin(radians(b.angle)) * width(i), Math.cos(radians(b.angle)) * width(i)];
      const at: Point = below ? [b.x - ox, b.y + oy] : [b.x + ox, b.y - oy];
      const l = markAt(at, plume ? 'plume' : below ? 'tailB' : 'tailT', tailShare(m, i, below));
      return i === 0 ? hidden(l) : l;
    });
  const end = bones[TAIL_STEPS] ?? { x, y, angle };
  const tip = mark(
    end.x + Math.cos(radians(angle)) * 0.01,
    end.y + Math.sin(radians(angle)) * 0.01,
    plume ? 'plume' : 'tailTip',
  );
  return [...side(false), tip, ...side(true).reverse()];
}

function earOf(m: BodyRow, { head }: Frame): Landmark[] {
  const { skull: s, stop, earLength: l, earWidth: w } = m;
  if (m.ear === 'prick') {
    return [
      markAt(head(s * 0.1, stop), 'ear'),
      markAt(head(s * 0.12 - 0.005, stop + l * 0.55), 'ear'),
      markAt(head(s * 0.2, stop + l), 'ear'),
      markAt(head(s * 0.22 + 0.004, stop + l), 'ear'),
      markAt(head(s * 0.32 + w * 0.3, stop + l * 0.5), 'ear'),
      markAt(head(s * 0.5, stop * 0.6), 'ear'),
    ];
  }
  if (m.ear === 'fold') {
    return [
      markAt(head(s * 0.25, stop + 0.035), 'ear'),
      markAt(head(s * 0.55, stop + 0.03), 'ear'),
      markAt(head(s * 0.86, -l * 0.32), 'ear'),
      markAt(head(s * 0.84, -l * 0.42), 'ear'),
      markAt(head(s * 0.45, -l * 0.3), 'ear'),
      markAt(head(s * 0.28, -0.01), 'ear'),
    ];
  }
  const root = head(s * m.earPosition, m.skullDepth * 0.08);
  const half = w / 2;
  const at = (dx: number, dy: number, place: string): Landmark => mark(root[0] + dx, root[1] + dy, place);
  return [
    at(-half * 0.6, 0, 'earT'),
    at(half * 0.5, 0.012, 'earT'),
    at(half, -l * 0.3, 'ear'),
    at(half * 0.95, -l * 0.72, 'ear'),
    at(half * 0.25, -l, 'ear'),
    at(-half * 0.55, -l * 0.9, 'ear'),
    at(-half, -l * 0.45, 'ear'),
  ];
}
