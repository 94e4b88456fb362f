/*
 * How much later each open step of a chain could begin, with the dog still ready: everything of other dogs fixed, the
 * rest of its own chain free to follow. Computed backward from the last step.
 */
import { maskOf } from './insertion.js';
import type { Activity } from './problem.js';
import type { Yard } from './yard.js';

/**
 * Latest start of each activity of a placed chain, in chain order; -1 where none exists (which a valid plan does not
 * have). Fixed activities give their own start. The chain stays in the yard.
 */
export function latestStarts(yard: Yard, chain: number): number[] {
  const list = (yard.problem.chains[chain]?.activities ?? []).map((i) => yard.activity(i));
  const places = yard.placesOf(chain);
  yard.takeChain(chain);
  const masks = list.map((a) => maskOf(yard, a));
  yard.putChain(chain, places);
  const latest = new Array<number>(list.length).fill(-1);
  let later: Int32Array | null = null;
  for (let i = list.length - 1; i >= 0; i--) {
    const a = list[i] as Activity;
    const next = list[i + 1];
    const slots: Int32Array = masks[i]?.slots ?? new Int32Array(0);
    const open: Int32Array = later === null || next === undefined ? slots : keepFollowed(a, next, slots, later);
    latest[i] = open[open.length - 1] ?? -1;
    later = open;
  }
  return latest;
}

/** The starts after which the next activity still has one within its lag. */
function keepFollowed(a: Activity, next: Activity, slots: Int32Array, later: Int32Array): Int32Array {
  if (a.fixed !== null && next.fixed !== null) return slots;
  let k = 0;
  return slots.filter((t) => {
    const from = t + a.dur + next.lagMin;
    while (k < later.length && (later[k] ?? 0) < from) k++;
    const first = later[k];
    return first !== undefined && (next.lagMax < 0 || first <= t + a.dur + next.lagMax);
  });
}
