/*
 * Chains that can never share a schedule: each holds the same worker through a time that it cannot avoid. What is between its
 * latest start and its earliest end an activity takes wherever it is placed (its compulsory part; Lahrichi 1982, from memory).
 */
import type { Activity, Model } from './model.js';
import { min } from './numbers.js';

interface Part {
  readonly chain: number;
  readonly from: number;
  readonly to: number;
}

/** By chain: indexes of the chains that it excludes. Both ways alike; O(n log n + pairs) for n activities. */
export function exclusionsOf(model: Model): readonly (readonly number[])[] {
  const parts: Part[][] = model.workers.map(() => []);
  for (const a of model.activities) {
    const worker = onlyWorker(a);
    const part = compulsoryPart(a);
    if (worker >= 0 && part.from < part.to) parts[worker]?.push(part);
  }
  const excluded = model.chains.map(() => new Set<number>());
  for (const row of parts) {
    row.sort((x, y) => x.from - y.from);
    row.forEach((one, k) => {
      for (let m = k + 1; m < row.length; m++) {
        const other = row[m] as Part;
        if (other.from >= one.to) break;
        if (other.chain === one.chain) continue;
        excluded[one.chain]?.add(other.chain);
        excluded[other.chain]?.add(one.chain);
      }
    });
  }
  return excluded.map((chains) => [...chains]);
}

/** The one worker who can do it; -1 where there is a choice, nobody is needed or it may be omitted. */
function onlyWorker(a: Activity): number {
  if (a.fixed !== null) return a.fixed.worker;
  return a.omissionCost < 0 && a.workers?.length === 1 ? (a.workers[0] as number) : -1;
}

function compulsoryPart({ chain, fixed, earliestStart, latestEnd, duration, attended }: Activity): Part {
  if (fixed !== null) return { chain, from: fixed.start, to: fixed.start + attended };
  const latestStart = latestEnd - duration;
  return { chain, from: latestStart, to: min(earliestStart, latestStart) + attended };
}
