/*
 * The balance as squared rows over the deviation of each station from its target, mm: close to the target, smooth, and the proportions
 * that the eye reads kept. All rows are 0 on the target itself, so that the proportions only act where hair is missing or bone in the way.
 */
import type { SquaresRow } from './boundedSquares.js';
import { linksOf, rootGap } from './outlineLinks.js';
import type { StationLinks } from './outlineLinks.js';
import { isUpright } from './outlineTarget.js';
import { tipAt } from './stations.js';
import type { Station } from './stations.js';

/** How hard each proportion pulls; 1: a millimeter off the proportion weighs as a millimeter of mean deviation. */
export interface BalancePulls {
  /** Length of the outline to its height: raising the whole topline to save it is a choice. */
  readonly length: number;
  readonly leg: number;
  /** Forechest and rump move against each other. */
  readonly mirror: number;
  readonly slope: number;
  readonly topline: number;
}

/** Pulls of a dog nobody has set any for (engineering defaults). */
export const DEFAULT_PULLS: BalancePulls = { length: 0.2, leg: 0.5, mirror: 0.5, slope: 0.5, topline: 1 };

/** Length over which ripple is smoothed, mm on a dog of 600 mm. */
const SMOOTH_MM = 16;
const SMOOTH_AT_HEIGHT = 600;
/** An extent is a mean over so much of the height: one station alone would take the whole correction. */
const EXTENT = 0.09;
/** Least weight of hair that lies aslant. */
const LEAST_FACING = 0.5;
const LEAST_WEIGHT = 1e-6;

/** Rows of a dog's balance. `targets` are depths in mm of outline, one a station. */
export function balanceRows(
  stations: readonly Station[],
  targets: readonly number[],
  heightMm: number,
  pulls: BalancePulls = DEFAULT_PULLS,
): SquaresRow[] {
  const links = linksOf(stations);
  const total = links.reduce((s, l) => s + l.lengthMm, 0);
  return [
    ...fitRows(stations, links, total),
    ...rippleRows(stations, links, total, (SMOOTH_MM * heightMm) / SMOOTH_AT_HEIGHT),
    ...proportionRows(stations, targets, heightMm, pulls),
  ];
}

function fitRows(stations: readonly Station[], links: readonly StationLinks[], total: number): SquaresRow[] {
  return stations.map((s, i) => {
    const facing = Math.max(LEAST_FACING, s.lie[0] * s.normal[0] + s.lie[1] * s.normal[1]);
    const share = (links[i]?.lengthMm ?? 0) / total;
    return { at: [[i, Math.max(LEAST_WEIGHT, Math.sqrt(share) * facing)]], equals: 0 };
  });
}

/** Second differences of the deviation over uneven gaps; none at corners, nor where hair hangs. */
function rippleRows(
  stations: readonly Station[],
  links: readonly StationLinks[],
  total: number,
  smoothMm: number,
): SquaresRow[] {
  return stations.flatMap((s, i): SquaresRow[] => {
    const { before, behind, lengthMm } = links[i] as StationLinks;
    if (before === null || behind === null || s.isCorner) return [];
    const [p, n] = [stations[before] as Station, stations[behind] as Station];
    if (![p, s, n].every(isUpright)) return [];
    const [a, b] = [Math.max(1, rootGap(p, s)), Math.max(1, rootGap(s, n))];
    const weight = Math.sqrt(lengthMm / total) * smoothMm ** 2;
    return [
      {
        at: [
          [before, (2 * weight) / (a * (a + b))],
          [i, (-2 * weight) / (a * b)],
          [behind, (2 * weight) / (b * (a + b))],
        ],
        equals: 0,
      },
    ];
  });
}

type Sum = ReadonlyMap<number, number>;

/** Mean movement along an axis (0 x, 1 y) over the stations chosen; empty where none stands upright. */
function meanMove(stations: readonly Station[], chosen: readonly number[], axis: 0 | 1): Sum {
  const shown = chosen.filter((i) => isUpright(stations[i] as Station));
  return new Map(shown.map((i) => [i, (stations[i] as Station).lie[axis] / shown.length]));
}

function combined(parts: readonly (readonly [Sum, number])[]): SquaresRow['at'] | null {
  if (parts.some(([sum]) => sum.size === 0)) return null;
  const all = new Map<number, number>();
  for (const [sum, factor] of parts) for (const [i, a] of sum) all.set(i, (all.get(i) ?? 0) + a * factor);
  return [...all];
}

function proportionRows(
  stations: readonly Station[],
  targets: readonly number[],
  heightMm: number,
  pulls: BalancePulls,
): SquaresRow[] {
  const places = extents(stations, targets, heightMm);
  const front = meanMove(stations, places.front, 0);
  const rear = meanMove(stations, places.rear, 0);
  const height = meanMove(stations, places.withers, 1);
  const croup = meanMove(stations, places.croup, 1);
  const brisket = meanMove(stations, places.brisket, 1);
  const row = (pull: number, parts: readonly (readonly [Sum, number])[]): SquaresRow[] => {
    const at = combined(parts);
    return at === null || pull <= 0 ? [] : [{ at: at.map(([i, a]) => [i, a * Math.sqrt(pull)]), equals: 0 }];
  };
  return [
    ...row(pulls.length, [
      [front, 1],
      [rear, -1],
      [height, -places.lengthToHeight],
    ]),
    ...row(pulls.leg, [
      [brisket, 1],
      [height, -places.legShare],
    ]),
    ...row(pulls.mirror, [
      [front, 1],
      [rear, 1],
    ]),
    ...row(pulls.slope, [
      [height, 1],
      [croup, -1],
    ]),
    ...toplineRows(stations, places, height, croup, pulls.topline),
  ];
}

/** Each place of the topline keeps to the straight line from withers to croup. */
function toplineRows(
  stations: readonly Station[],
  places: Extents,
  height: Sum,
  croup: Sum,
  pull: number,
): SquaresRow[] {
  const mine = places.topline.filter((i) => isUpright(stations[i] as Station));
  if (height.size === 0 || croup.size === 0 || pull <= 0) return [];
  const middle = (list: readonly number[]): number =>
    list.reduce((s, i) => s + (stations[i] as Station).root[0], 0) / list.length;
  const [from, to] = [middle(places.withers), middle(places.croup)];
  const weight = Math.sqrt(pull / Math.max(1, mine.length));
  return mine.flatMap((i) => {
    const { root, lie } = stations[i] as Station;
    const t = from === to ? 0 : Math.min(1, Math.max(0, (root[0] - from) / (to - from)));
    const at = combined([
      [new Map([[i, lie[1]]]), weight],
      [height, -weight * (1 - t)],
      [croup, -weight * t],
    ]);
    return at === null ? [] : [{ at, equals: 0 }];
  });
}

interface Extents {
  readonly front: readonly number[];
  readonly rear: readonly number[];
  readonly withers: readonly number[];
  readonly croup: readonly number[];
  readonly brisket: readonly number[];
  readonly topline: readonly number[];
  readonly lengthToHeight: number;
  readonly legShare: number;
}

/** Stations between which the eye measures, and the proportions of the target there. */
function extents(stations: readonly Station[], targets: readonly number[], heightMm: number): Extents {
  const tips = stations.map((s, i) => tipAt(s, targets[i] as number));
  const shown = (zones: readonly Station['zone'][]): number[] =>
    stations.flatMap((s, i) => (!s.isHidden && s.part !== 'tail' && zones.includes(s.zone) ? [i] : []));
  const reach = EXTENT * heightMm;
  const most = (list: readonly number[], of: (i: number) => number): number[] => {
    const best = Math.max(...list.map(of));
    return list.filter((i) => of(i) >= best - reach);
  };
  const x = (i: number): number => tips[i]?.[0] ?? 0;
  const y = (i: number): number => tips[i]?.[1] ?? 0;
  const front = most(shown(['forechest']), x);
  const rear = most(shown(['breeches']), (i) => -x(i));
  const withers = shown(['withers']);
  const brisket = most(shown(['underline']), (i) => -y(i));
  const mean = (list: readonly number[], of: (i: number) => number): number =>
    list.reduce((s, i) => s + of(i), 0) / Math.max(1, list.length);
  const height = Math.max(1, mean(withers, y));
  return {
    front,
    rear,
    withers,
    croup: shown(['croup']),
    brisket,
    topline: shown(['back', 'loin']),
    lengthToHeight: (mean(front, x) - mean(rear, x)) / height,
    legShare: mean(brisket, y) / height,
  };
}
