/* The demo with its first show only: its troubles and its full days lie there, and a plan takes half the time. */
import type { KennelFile } from '@loyal-mane/core';

export function firstShowOf(kennel: KennelFile): KennelFile {
  const [first, ...later] = kennel.shows;
  if (first === undefined) return kennel;
  const gone = new Set<string>(later.map((s) => s.siteId));
  const isGone = (siteId: string): boolean => gone.has(siteId) && siteId !== first.siteId;
  return {
    ...kennel,
    shows: [first],
    entries: kennel.entries.filter((e) => e.showId === first.id),
    rings: kennel.rings.filter((r) => r.showId === first.id),
    transports: kennel.transports.filter((t) => !isGone(t.toSiteId) && !isGone(t.fromSiteId)),
    sites: kennel.sites.filter((s) => !isGone(s.id)),
    stations: kennel.stations.filter((s) => !isGone(s.siteId)),
    circuits: kennel.circuits.filter((c) => !isGone(c.siteId)),
  };
}
