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
  // The trunk goes on as the hind leg at the rump, where both lines end, and at the stifle, where both begin.
  const [rump, breech] = [lineEnd(stations, 'trunk', behind), lineEnd(stations, 'hind', behind)];
  if (rump !== null && breech !== null) [behind[rump], behind[breech]] = [breech, rump];
  const [belly, stifle] = [lineEnd(stations, 'trunk', before), lineEnd(stations, 'hind', before)];
  if (belly !== null && stifle !== null) [before[belly], before[stifle]] = [stifle, belly];
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

/** Station of a part at which its visible line ends, by the neighbors on one side; null where it does not. */
function lineEnd(
  stations: readonly Station[],
  part: Station['part'],
  neighbors: readonly (number | null)[],
): number | null {
  const end = stations.findIndex((s, i) => s.part === part && !s.isHidden && neighbors[i] === null);
  return end === -1 ? null : end;
}
