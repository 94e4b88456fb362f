/*
 * Two outlines of one dog side by side: signed depth by station first, then by zone. Stations have the same index on both, so that the
 * same place is compared with itself, whatever the hair did.
 */
import type { ZoneId } from '../coat/zones.js';
import type { Station } from './stations.js';

/** How a zone differs; mm of outline, above 0 where the second is deeper. */
export interface ZoneDifference {
  readonly zone: ZoneId;
  /** At the station where it differs most. */
  readonly mostMm: number;
  /** Over the zone's line. */
  readonly meanMm: number;
}

/** Differences by zone, the greatest first; zones that differ by less than `leastMm` are left out. */
export function zoneDifferences(
  stations: readonly Station[],
  first: readonly number[],
  second: readonly number[],
  leastMm: number,
): ZoneDifference[] {
  const zones = new Map<ZoneId, number[]>();
  stations.forEach((s, i) => {
    if (s.isHidden) return;
    const list = zones.get(s.zone) ?? [];
    list.push((second[i] as number) - (first[i] as number));
    zones.set(s.zone, list);
  });
  return [...zones]
    .map(([zone, gaps]): ZoneDifference => {
      const mostMm = gaps.reduce((x, y) => (Math.abs(y) > Math.abs(x) ? y : x), 0);
      return { zone, mostMm, meanMm: gaps.reduce((x, y) => x + y, 0) / gaps.length };
    })
    .filter((d) => Math.abs(d.mostMm) >= leastMm)
    .sort((x, y) => Math.abs(y.mostMm) - Math.abs(x.mostMm));
}
