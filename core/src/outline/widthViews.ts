/*
 * The dog from ahead, from behind, and its head from above: half widths of the body with the hair that stands off them, one side at a
 * time. The same idea as in side view: now, on the day, wanted, solved within what can be there. Half widths are engineering starting
 * values on the dog's own measures.
 */
import type { CoatClass } from '../coat/coatClass.js';
import type { ZoneId } from '../coat/zones.js';
import type { LocalDay } from '../time/localDay.js';
import { median } from '../units/median.js';
import type { BodyRow } from './bodyRow.js';
import { solveBoundedSquares } from './boundedSquares.js';
import type { SquaresRow } from './boundedSquares.js';
import { hairFactor } from './corrections.js';
import type { CorrectionAmounts } from './corrections.js';
import type { CutAsk } from './cutList.js';
import { hairAt } from './hairPlace.js';
import { hairReach } from './hairReach.js';
import { hairOn } from './outlineModel.js';
import type { OutlineAnswer, OutlineAsk } from './outlineModel.js';
import type { Point } from './spline.js';
import { frameOf } from './template.js';

/** Views across the body. */
export const WIDTH_VIEWS = ['front', 'rear', 'head'] as const;
/** One of `WIDTH_VIEWS`. */
export type WidthView = (typeof WIDTH_VIEWS)[number];

/** A place of one side's line; mm. */
export interface WidthPlace {
  readonly zone: ZoneId;
  /** Above the ground; of the head from above: behind the nose. */
  readonly at: number;
  /** Half width of the body. */
  readonly bodyMm: number;
  /** Millimeters of outline for one of hair. */
  readonly reach: number;
  /** Depth that the target wants, on the day if left (null where nobody measured), and as it is solved. */
  readonly targetDepth: number;
  readonly onDayDepth: number | null;
  readonly depth: number;
  readonly isLocked: boolean;
}

/** The V of the throat from ahead, mm: half its width and height where it begins, and the height of its tip. */
export interface ThroatV {
  readonly half: number;
  readonly top: number;
  readonly tip: number;
}

/** One side of a view, the places from the ground up, or from the nose back. */
export interface WidthSide {
  readonly view: WidthView;
  readonly places: readonly WidthPlace[];
  readonly throat: ThroatV | null;
  /** Held within a wedge from the nose to the back of the skull. */
  readonly isWedge: boolean;
  /** Least value of the balance, mm squared. */
  readonly objective: number;
}

interface Place {
  readonly zone: ZoneId;
  readonly at: number;
  readonly half: number;
  /** Place of the body line whose hair stands here. */
  readonly hair: string;
  /** Share of that hair that stands off here. */
  readonly share: number;
}

/** Hair on a side stands less than on the line that side view shows (engineering default). */
const ON_THE_SIDE = 0.7;
/** Hair that covers the skin, mm. */
const SKIN_MM = 3;
/** Smoothness over neighboring places. */
const SMOOTH = 0.5;

/** Coats whose heads are judged as a wedge from above (common practice); the others by the length of their hair. */
const WEDGE_COATS: ReadonlySet<CoatClass> = new Set(['jacketedNatural', 'jacketedTrimmed', 'double', 'smooth']);
/** How far "show more neck" lowers the tip of the throat's V at its full amount, heights (engineering default). */
export const TIP_LOWERED = 0.06;

const place = (zone: ZoneId, at: number, half: number, hair: string, share = 1): Place => ({
  zone,
  at,
  half,
  hair,
  share,
});

/** Middle of the head and its top from ahead, and the neck between the withers (0) and them (1), above the ground. */
function headHeights(m: BodyRow): {
  readonly middle: number;
  readonly top: number;
  readonly neck: (share: number) => number;
} {
  const { occiput, head } = frameOf(m);
  const top = Math.max(occiput[1], head(m.skull * 0.4, 0)[1]) + m.skullDepth * 0.12;
  const middle = top - m.skullDepth * 0.62;
  return { middle, top, neck: (share) => 1 + (middle - m.skullDepth * 0.5 - 1) * share };
}

function frontPlaces(m: BodyRow): Place[] {
  const elbow = 1 - m.depth;
  const leg = m.chestWidth * 0.34;
  const { middle, top, neck } = headHeights(m);
  return [
    place('forefoot', 0.012, leg + m.forearmWidth * 0.85, 'foot'),
    place('forefoot', 0.05, leg + m.forearmWidth * 0.75, 'foot'),
    place('pastern', 0.11, leg + m.forearmWidth * 0.45, 'pastern'),
    place('foreleg', elbow * 0.5, leg + m.forearmWidth * 0.5, 'foreF'),
    place('foreleg', elbow * 0.85, leg + m.forearmWidth * 0.65, 'foreF'),
    place('upperArm', elbow + 0.08, m.chestWidth * 0.5, 'withers', 0.8),
    place('shoulder', elbow + m.depth * 0.5, m.chestWidth * 0.49, 'withers', 0.8),
    place('shoulder', Math.max(0.9, elbow + m.depth * 0.75), m.chestWidth * 0.4, 'withers', 0.8),
    place('neckSide', neck(0.35), m.chestWidth * 0.28, 'crest', 0.8),
    place('neckSide', neck(0.9), m.skullWidth * 0.42, 'crest', 0.8),
    place('cheek', middle, m.skullWidth * 0.5, 'skull', 0.7),
    place('skull', middle + (top - middle) * 0.7, m.skullWidth * 0.44, 'skull'),
    place('skull', top, m.skullWidth * 0.2, 'skull'),
  ];
}

function rearPlaces(m: BodyRow): Place[] {
  const leg = m.thighWidth * 0.33;
  return [
    place('hindfoot', 0.012, leg + m.hindWidth * 0.85, 'foot'),
    place('hindfoot', 0.05, leg + m.hindWidth * 0.75, 'foot'),
    place('hock', m.hockHeight * 0.55, leg + m.hindWidth * 0.45, 'hindleg'),
    place('hock', m.hockHeight, leg + m.hindWidth * 0.55, 'hindleg'),
    place('outerThigh', m.stifleHeight * 0.95, m.thighWidth * 0.46, 'hindleg'),
    place('outerThigh', (m.stifleHeight + m.rump) / 2, m.thighWidth * 0.52, 'breech', 0.8),
    place('breeches', m.rump - 0.03, m.thighWidth * 0.51, 'breech', 0.8),
    place('croup', m.tailSet - 0.02, m.thighWidth * 0.42, 'croup', 0.8),
    place('croup', m.croup, m.thighWidth * 0.2, 'croup'),
  ];
}

function headPlaces(m: BodyRow): Place[] {
  const w = m.skullWidth;
  return [
    place('muzzle', 0.012, w * 0.14, 'muzzle', 0.25),
    place('muzzle', m.muzzle * 0.3, w * 0.24, 'muzzle', 0.8),
    place('muzzle', m.muzzle * 0.7, w * 0.28, 'muzzle'),
    place('stop', m.muzzle, w * 0.34, 'muzzle', 0.5),
    place('brow', m.muzzle + m.skull * 0.2, w * 0.43, 'skull', 0.4),
    place('cheek', m.muzzle + m.skull * 0.5, w * 0.5, 'skull', 0.7),
    place('skull', m.muzzle + m.skull * 0.8, w * 0.48, 'skull', 0.8),
    place('behindEar', m.muzzle + m.skull, w * 0.42, 'crest', 0.7),
  ];
}

const PLACES: Readonly<Record<WidthView, (m: BodyRow) => Place[]>> = {
  front: frontPlaces,
  rear: rearPlaces,
  head: headPlaces,
};

/** One side of a view on the way to the show; `answer` is side view's, whose lengths hold where it shows a zone too. */
export function widthSide(ask: OutlineAsk, answer: Pick<OutlineAnswer, 'stations'>, view: WidthView): WidthSide {
  const { body, breed, heightMm, coat, corrections } = ask;
  const zones = new Map(ask.zones.map((z) => [z.zone, z]));
  const shown = PLACES[view](body);
  const breeds = PLACES[view](breed);
  const reaches = shown.map((p) => hairReach(coat, 0, 1, 0) * p.share);
  const own = wantedInSideView(answer);
  const byHair = shown.map((p, i): number => {
    const lead = zones.get(p.zone)?.wantedMm ?? own.get(p.zone) ?? null;
    if (lead !== null) return lead * (reaches[i] as number);
    const bred = breeds[i] as Place;
    const hair = hairAt(breed.hair, bred.hair)[0] * ON_THE_SIDE * bred.share * hairFactor(p.zone, corrections);
    return Math.max(0, bred.half + hair - p.half) * heightMm;
  });
  const isWedge = view === 'head' && WEDGE_COATS.has(coat);
  const targets = isWedge ? inWedge(shown, byHair, heightMm) : byHair;
  const known = shown.map((p, i) => depthOn(zones.get(p.zone), reaches[i] as number, ask.showDay));
  const { depths, objective } = solvedDepths(targets, known, reaches);
  return {
    view,
    isWedge,
    throat: view === 'front' && zones.get('throat')?.answer.ok !== false ? throatOf(body, heightMm, corrections) : null,
    objective,
    places: shown.map((p, i): WidthPlace => ({
      zone: p.zone,
      at: p.at * heightMm,
      bodyMm: p.half * heightMm,
      reach: reaches[i] as number,
      targetDepth: targets[i] as number,
      onDayDepth: known[i]?.mm ?? null,
      depth: depths[i] as number,
      isLocked: known[i]?.isLocked === true,
    })),
  };
}

/** Hair that side view wants of each zone that it shows, mm at the zone's measuring spot. */
function wantedInSideView({ stations }: Pick<OutlineAnswer, 'stations'>): ReadonlyMap<ZoneId, number> {
  const hair = new Map<ZoneId, number[]>();
  for (const s of stations) {
    if (s.isHidden) continue;
    hair.set(s.zone, [...(hair.get(s.zone) ?? []), Math.max(0, s.targetDepth) / s.reach / s.profile]);
  }
  return new Map([...hair].map(([zone, list]) => [zone, median(list) ?? 0]));
}

/** Depths held within a straight wedge from the nose to the back of the skull; bone may lie outside it. */
function inWedge(places: readonly Place[], depths: readonly number[], heightMm: number): number[] {
  const outer = places.map((p, i) => p.half * heightMm + (depths[i] as number));
  const [first, last] = [places[0] as Place, places.at(-1) as Place];
  const [from, to] = [outer[0] as number, outer.at(-1) as number];
  return places.map((p, i) => {
    const line = from + ((to - from) * (p.at - first.at)) / (last.at - first.at);
    return Math.max(0, Math.min(depths[i] as number, line - p.half * heightMm));
  });
}

interface KnownDepth {
  readonly mm: number;
  readonly isLocked: boolean;
}

function depthOn(zone: CutAsk | undefined, reach: number, showDay: LocalDay): KnownDepth | null {
  if (zone === undefined || zone.measured === null) return null;
  const { measured, growth, answer } = zone;
  return { mm: reach * hairOn({ measured, growth }, showDay), isLocked: !answer.ok };
}

/** Depths nearest to the targets within what can be there on the day; where nobody measured, the target's. */
function solvedDepths(
  targets: readonly number[],
  known: readonly (KnownDepth | null)[],
  reaches: readonly number[],
): { depths: number[]; objective: number } {
  const bounds = targets.map((t, i): readonly [number, number] => {
    const k = known[i] ?? null;
    if (k === null) return [0, 0];
    const low = k.isLocked ? k.mm : Math.min(k.mm, SKIN_MM * (reaches[i] as number), t);
    return [low - t, k.mm - t];
  });
  const fit = targets.map((_, i): SquaresRow => ({ at: [[i, 1]], equals: 0 }));
  const smooth = targets.slice(2).map((_, i): SquaresRow => ({
    at: [
      [i, SMOOTH],
      [i + 1, -2 * SMOOTH],
      [i + 2, SMOOTH],
    ],
    equals: 0,
  }));
  const rows = [...fit, ...smooth];
  const solved = solveBoundedSquares({ rows, low: bounds.map((b) => b[0]), high: bounds.map((b) => b[1]) });
  return { depths: targets.map((t, i) => t + (solved.x[i] as number)), objective: solved.objective };
}

/** The V begins where the head narrows into the neck; its tip is lowered by "show more neck". */
function throatOf(m: BodyRow, heightMm: number, { moreNeck = 0 }: CorrectionAmounts): ThroatV {
  const breastbone = 1 - m.depth * 0.45;
  return {
    half: m.skullWidth * 0.36 * heightMm,
    top: headHeights(m).neck(0.95) * heightMm,
    tip: (breastbone - TIP_LOWERED * Math.min(1, Math.max(0, moreNeck))) * heightMm,
  };
}

/** Marks of a view beside its line, for the eye to know it by; mm, of the dog's one side. */
export interface WidthMarks {
  /** Between the legs: half its width at the ground, and its top; null where there are no legs. */
  readonly gap: { readonly half: number; readonly top: number } | null;
  /** The tail's middle, from its root to its tip, and half its width with hair; null where it does not show. */
  readonly tail: { readonly from: number; readonly to: number; readonly half: number } | null;
  /** Ear, eye and nose; the ear as a ring. */
  readonly ear: readonly Point[];
  readonly eye: Point | null;
  readonly nose: Point | null;
}

/** The marks of a view; across is positive. */
export function widthMarks(m: BodyRow, heightMm: number, view: WidthView): WidthMarks {
  const mm = ([x, y]: Point): Point => [x * heightMm, y * heightMm];
  const w = m.skullWidth;
  if (view === 'rear') {
    const half = Math.max(0.01, m.thighWidth * 0.33 - m.hindWidth * 0.5);
    const up = m.tailLength * Math.sin((m.tailAngle * Math.PI) / 180);
    const tail = {
      from: (m.tailSet - 0.01) * heightMm,
      to: (m.tailSet + up) * heightMm,
      half: (m.tailWidth + hairAt(m.hair, 'tailT')[0] * ON_THE_SIDE) * heightMm,
    };
    const gap = { half: half * heightMm, top: m.stifleHeight * 0.92 * heightMm };
    return { gap, tail, ear: [], eye: null, nose: null };
  }
  if (view === 'head') {
    const at = m.muzzle + m.skull * 0.75;
    const [out, long] =
      m.ear !== 'prick' ? [m.earWidth * 0.55, m.earLength * 0.42] : [m.earWidth * 0.8, m.earWidth * 0.5];
    const ear: Point[] = [
      [w * 0.34, at - 0.02],
      [w * 0.34 + out, at + long * 0.3],
      [w * 0.3 + out * 0.8, at + long],
      [w * 0.26, at + 0.04],
    ];
    return {
      gap: null,
      tail: null,
      ear: ear.map(mm),
      eye: mm([w * 0.2, m.muzzle + m.skull * 0.12]),
      nose: mm([0, 0.018]),
    };
  }
  const { middle, top } = headHeights(m);
  const ear: Point[] =
    m.ear !== 'prick'
      ? [
          [w * 0.36, top - 0.02],
          [w * 0.56, top - 0.03],
          [w * 0.52 + m.earWidth * 0.45, top - m.earLength * 0.9],
          [w * 0.4, top - m.earLength * 0.75],
        ]
      : [
          [w * 0.14, top - 0.01],
          [w * 0.34, top + m.earLength * 0.85],
          [w * 0.46, top - 0.035],
        ];
  const half = Math.max(0.012, m.chestWidth * 0.34 - m.forearmWidth * 0.5);
  return {
    gap: { half: half * heightMm, top: (1 - m.depth) * 0.96 * heightMm },
    tail: null,
    ear: ear.map(mm),
    eye: mm([w * 0.22, middle + m.skullDepth * 0.18]),
    nose: mm([0, middle - m.skullDepth * 0.2]),
  };
}

/** Asks with a wanted length for the zones that only these views show, where no lead has said one; mm of hair. */
export function withWidths(ask: OutlineAsk, answer: Pick<OutlineAnswer, 'stations'>): CutAsk[] {
  const inSideView = new Set(answer.stations.filter((s) => !s.isHidden).map((s) => s.zone));
  const wanted = new Map<ZoneId, number[]>();
  for (const view of WIDTH_VIEWS)
    for (const p of widthSide(ask, answer, view).places)
      if (!inSideView.has(p.zone)) wanted.set(p.zone, [...(wanted.get(p.zone) ?? []), wantedDepth(p) / p.reach]);
  return ask.zones.map((z) => {
    const mm = median(wanted.get(z.zone) ?? []);
    return z.wantedMm !== null || mm === null || z.measured === null ? z : { ...z, wantedMm: mm };
  });
}

/** The target's where there is too little, so that it is missed, else as it is solved. */
function wantedDepth(p: WidthPlace): number {
  return p.onDayDepth !== null && p.targetDepth > p.onDayDepth ? p.targetDepth : p.depth;
}
