/*
 * Neighbors along the silhouette: the next visible place before and behind each station, over seams where one part goes on as another
 * (rump to the back of the thigh, stifle to the tuck-up), and how much of the line each station stands for.
 */
import type { Station } from './stations.js';

/** Neighbors of one station, as indexes; null where the visible line ends. */
export interface StationLinks {
  readonly before: number | null;
  readonly behind: number | null;
  /** Line that the station stands for, mm; 0 where it is hidden. */
  readonly lengthMm: number;
}

/** Distance of the roots of two stations, mm. */
export function rootGap(a: Station, b: Station): number {
  return Math.hypot(a.root[0] - b.root[0], a.root[1] - b.root[1]);
}

/** Links of every station, in the order of the stations. */
export function linksOf(stations: readonly Station[]): StationLinks[] {
  const before: (number | null)[] = stations.map(() => null);
  const behind: (number | null)[] = stations.map(() => null);
  for (const run of partRuns(stations)) {
    run.forEach((i, k) => {
      const next = run[(k + 1) % run.length] as number;
      if (isShown(stations, i) && isShown(stations, next)) {
        behind[i] = next;
        before[next] = i;
      }
    });
  }
  for (const [a, b] of seams(stations)) {
    if (behind[a] === null) behind[a] = b;
    else before[a] ??= b;
    if (behind[b] === null) behind[b] = a;
    else before[b] ??= a;
  }
  return stations.map((s, i) => {
    const [p, n] = [before[i] ?? null, behind[i] ?? null];
    const half = (to: number | null): number => (to === null ? 0 : rootGap(s, stations[to] as Station) / 2);
    return { before: p, behind: n, lengthMm: s.isHidden ? 0 : half(p) + half(n) };
  });
}

function isShown(stations: readonly Station[], i: number): boolean {
  return stations[i]?.isHidden === false;
}

/** Indexes of each part's stations, in order. */
function partRuns(stations: readonly Station[]): number[][] {
  const runs = new Map<string, number[]>();
  stations.forEach((s, i) => {
    const run = runs.get(s.part);
    if (run === undefined) runs.set(s.part, [i]);
    else run.push(i);
  });
  return [...runs.values()];
}

/** Pairs of stations at which one part's line goes on as another's. */
function seams(stations: readonly Station[]): [number, number][] {
  const shown = (part: Station['part'], zone: Station['zone']): number[] =>
    stations.flatMap((s, i) => (s.part === part && s.zone === zone && !s.isHidden ? [i] : []));
  const pair = (a: number | undefined, b: number | undefined): [number, number][] =>
    a === undefined || b === undefined ? [] : [[a, b]];
  return [
    ...pair(shown('trunk', 'breeches').at(-1), shown('hind', 'breeches').at(-1)),
    ...pair(shown('trunk', 'underline')[0], shown('hind', 'stifle')[0]),
  ];
}
