/*
 * Stretches that are kept free for a chain while another one is inserted, so that the first one does not take the best of
 * it. Each call answers with what lets go of them again.
 */
import { max, min } from '../numbers.js';
import type { Assignment } from '../model.js';
import { reserve, unreserve } from '../occupancy.js';
import type { Saved } from '../solution.js';
import type { SearchState } from './searchState.js';

/** Slots by which a reserved stretch reaches out at most, before and after. */
const REACH = 12;
/** Activities in a row that a part has at most. */
const LONGEST_PART = 5;

/** Reserves a stretch near where a removed chain was; null where what was drawn by chance cannot be reserved. */
export function reserveNear(state: SearchState, saved: readonly Saved[]): (() => void) | null {
  const { rng, occupancy } = state;
  const s = saved[rng.below(saved.length)] as Saved;
  const { acts, job } = state.chain(s.chain);
  const k = rng.below(acts.length);
  const place = s.places?.[k] ?? null;
  const a = state.activity(acts[k] as number);
  if (place === null || a.fixed !== null) return null;
  const resources = [occupancy.workers[place.worker], occupancy.machines[place.machine], occupancy.jobs[job]];
  const resource = resources[rng.below(3)];
  if (resource === undefined) return null;
  const from = max(0, place.start - rng.below(REACH));
  const to = min(state.model.horizon, place.start + a.duration + rng.below(REACH));
  reserve(resource, from, to);
  return () => unreserve(resource, from, to);
}

/** Reserves a part of a chain's places: its workers, its machines or both, of a few activities in a row. */
export function reservePart(state: SearchState, chain: number, places: readonly (Assignment | null)[]): () => void {
  const { rng, occupancy } = state;
  const { acts } = state.chain(chain);
  const from = rng.below(acts.length);
  const to = from + 1 + rng.below(min(LONGEST_PART, acts.length - from));
  const what = rng.below(3);
  const release: (() => void)[] = [];
  for (let k = from; k < to; k++) {
    const place = places[k] ?? null;
    const a = state.activity(acts[k] as number);
    if (place === null || a.fixed !== null) continue;
    const worker = occupancy.workers[place.worker];
    const machine = occupancy.machines[place.machine];
    if (worker !== undefined && what !== 1) {
      reserve(worker, place.start, place.start + a.attended);
      release.push(() => unreserve(worker, place.start, place.start + a.attended));
    }
    if (machine !== undefined && what !== 0) {
      reserve(machine, place.start, place.start + a.duration + a.setup);
      release.push(() => unreserve(machine, place.start, place.start + a.duration + a.setup));
    }
  }
  return () => {
    for (const free of release) free();
  };
}
