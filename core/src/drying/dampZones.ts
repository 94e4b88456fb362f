/*
 * Zones of a dog that dry slower than their hair says, learned from the dry checks that they failed. Minutes by dog and by flank
 * are learned with all other minutes (see `pace`); here they are shared out among the zones.
 */
import type { ZoneId } from '../coat/zones.js';
import { MOST_DAMP } from '../kennel/dogRecord.js';
import type { KennelDog } from '../kennel/dogRecord.js';
import type { LocalDay } from '../time/localDay.js';

/**
 * Before anything is known one zone in twenty is found damp at a dry check, as if ten checks had told so: a gamma prior on its
 * rate, so that one find does not decide (engineering default).
 */
const PRIOR_FINDS = 0.5;
const PRIOR_CHECKS = 10;
/** No zone is taken for quicker than this beside its hair, or slower than that: more is a matter of the order of work. */
const LEAST_FACTOR = 0.8;
const MOST_FACTOR = 2.5;

type Damp = NonNullable<KennelDog['dampFound']>[number];

/** All finds with those that a day's marks add: a zone that was damp before is no new find. */
export function withDampFinds(
  found: readonly Damp[],
  known: readonly { readonly zone: ZoneId; readonly test: string }[],
  marked: readonly { readonly zone: ZoneId; readonly test: string }[],
  today: LocalDay,
): Damp[] {
  const fresh = marked.filter((m) => m.test === 'damp' && !known.some((k) => k.zone === m.zone && k.test === 'damp'));
  return [...found, ...fresh.map(({ zone }) => ({ day: today, zone }))].slice(-MOST_DAMP);
}

/** How much slower a zone dries than its share of the hair, 1 = as its hair: the posterior rate of finds over the prior's. */
export function dampFactor(finds: number, checks: number): number {
  const rate = (PRIOR_FINDS + finds) / (PRIOR_CHECKS + Math.max(checks, finds));
  return Math.min(MOST_FACTOR, Math.max(LEAST_FACTOR, rate / (PRIOR_FINDS / PRIOR_CHECKS)));
}

/** Shares of the hair by zone, weighted by how a dog's zones have dried; `checks`: its dry checks in the days of the finds. */
export function dryingShares(
  shares: ReadonlyMap<ZoneId, number>,
  found: readonly Damp[],
  checks: number,
): ReadonlyMap<ZoneId, number> {
  const count = new Map<ZoneId, number>();
  for (const { zone } of found) count.set(zone, (count.get(zone) ?? 0) + 1);
  return new Map([...shares].map(([zone, share]) => [zone, share * dampFactor(count.get(zone) ?? 0, checks)]));
}
