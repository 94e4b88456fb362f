/*
 * Related chains: those that hold what a chain needs, near where it is.
 */
import type { UnaryResource } from '../../occupancy.js';
import type { SearchState } from '../searchState.js';

/** Placed chains that hold what the seed needs, nearest in time to where it is; `count` at most, drawn by chance. */
export function rivalsOf(state: SearchState, seed: number, count: number): number[] {
  const { rng, occupancy } = state;
  const { acts } = state.chain(seed);
  const found: number[] = [];
  for (let tries = 0; tries < 4 && found.length < count; tries++) {
    const i = acts[rng.below(acts.length)] as number;
    const a = state.activity(i);
    const at = occupancy.isPlaced[i] === 1 ? (occupancy.start[i] as number) : a.idealStart;
    const list = rng.next() < 0.6 ? a.workers : a.machines;
    const resources = list === a.workers ? occupancy.workers : occupancy.machines;
    if (list === null || list.length === 0) continue;
    const resource = resources[list[rng.below(list.length)] as number] as UnaryResource;
    holdersNear(state, resource, { at, seed, count }, found);
  }
  return found;
}

function holdersNear(
  { rng }: SearchState,
  { holder }: UnaryResource,
  { at, seed, count }: { readonly at: number; readonly seed: number; readonly count: number },
  found: number[],
): void {
  const reach = 12 + rng.below(120);
  const more = 1 + rng.below(2);
  let added = 0;
  for (let d = 0; d < reach && found.length < count && added < more; d++) {
    for (const t of [at + d, at - d]) {
      const c = (holder[t] ?? 0) - 1;
      if (t < 0 || c < 0 || c === seed || found.includes(c)) continue;
      found.push(c);
      added++;
    }
  }
}
