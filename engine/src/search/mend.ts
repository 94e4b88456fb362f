/*
 * Mending: after a search, the chains whose continuities are split most are placed again near the times they have, each exactly
 * and with whoever keeps them best, everything else as it is.
 */
import type { Ban } from '../chainStarts.js';
import { continuityCost } from '../continuity.js';
import type { SearchState } from './searchState.js';
import { max } from '../numbers.js';
import { handOverAll } from './handOver.js';

/** Chains that are placed again at most: each takes as long as a hundred quick insertions. */
const MOST_CHAINS = 40;
const PASSES = 2;
/**
 * Slots before and after its place in which an activity is looked for again. Hands change for the sake of hands here: a window
 * over the whole horizon takes three times as long and finds schedules no cheaper (measured on the demo kennel, three seeds).
 */
const NEAR = 36;
/** Sums of costs in another order differ by less. */
const TOLERANCE = 1e-6;

/** Mends split continuities wherever that makes the schedule cheaper; `shouldStop` is asked between chains. */
export function mend(state: SearchState, shouldStop: () => boolean): void {
  // A chain that could not be bettered rarely can later: only what became cheaper is looked at again.
  let worthIt: ReadonlySet<number> | null = null;
  for (let pass = 0; pass < PASSES && worthIt?.size !== 0; pass++) {
    handOverAll(state);
    const cheaper = new Set<number>();
    for (const c of mostSplit(state)) {
      if (worthIt?.has(c) === false) continue;
      if (shouldStop()) return;
      const before = state.solution.total;
      placeAgain(state, c);
      if (state.solution.total < before - TOLERANCE) cheaper.add(c);
    }
    worthIt = cheaper;
  }
  handOverAll(state);
}

function mostSplit(state: SearchState): number[] {
  const cost = new Map<number, number>();
  for (const c of state.all()) {
    const places = state.solution.last[c] ?? null;
    if (!state.isPlaced(c) || places === null || state.dependentsOf(c).length > 0) continue;
    const split = continuityCost(state.chain(c), places);
    if (split > 0) cost.set(c, split);
  }
  return [...cost.keys()].sort((x, y) => (cost.get(y) as number) - (cost.get(x) as number)).slice(0, MOST_CHAINS);
}

function placeAgain(state: SearchState, c: number): void {
  const { solution } = state;
  const saved = solution.save([c]);
  const before = solution.total;
  solution.remove(c);
  if (!state.place(c, state.mending, undefined, farFrom(state, c)) || solution.total > before) solution.restore(saved);
}

/** Bans of all starts that are not near those that a chain had last. */
function farFrom(state: SearchState, c: number): readonly Ban[] {
  const places = state.solution.last[c] ?? [];
  return places.flatMap((p, position) =>
    p === null
      ? []
      : [
          { position, from: 0, to: max(0, p.start - NEAR), worker: -1 },
          { position, from: p.start + NEAR + 1, to: state.model.horizon, worker: -1 },
        ],
  );
}
