/*
 * Keeps together what one worker or machine should do: a chain whose continuity is split is removed with those that hold its
 * keeper at the time, and inserted first, with that keeper.
 */
import { awayFrom, continuityCost, keeperOf, keptBy } from '../../continuity.js';
import type { Ban } from '../../chainStarts.js';
import type { Assignment, Continuity } from '../../model.js';
import type { UnaryResource } from '../../occupancy.js';
import { acceptedUpTo } from '../acceptance.js';
import { handOver } from '../handOver.js';
import type { SearchState } from '../searchState.js';
import type { Neighborhood } from './neighborhood.js';

/** Share of the moves while some model has continuities; chains looked at for the most split one; rivals that leave at most. */
const SHARE = 0.4;
const LOOKED_AT = 6;
const MOST_RIVALS = 3;
/** Slots around a member in which its keeper's other work is a rival. */
const NEAR = 8;
/** Share of the moves that give it to whoever has most of it already. */
const STAYS = 0.4;
/** Share of the moves in which rivals are given the keeper that the chain had. */
const SWAPS = 0.5;
/** Share of the moves that leave other days than one as they are: they are many times faster. */
const ONE_DAY = 0.7;
/** Share of the moves that leave all times as they are: they take a small part of the time of the others. */
const HANDS_OVER = 0.5;

const splits = new WeakMap<SearchState, readonly number[]>();

/** Mends one split continuity. */
export const keepTogether: Neighborhood = {
  share: ({ state }) => (continuous(state).length === 0 ? 0 : SHARE),
  move: ({ state }, { temperature }) => {
    const { solution, rng } = state;
    const seed = mostSplit(state);
    if (seed < 0) return;
    const split = splitOf(state, seed);
    if (split === null) return;
    const { keepers, rivals, taken, given, continuity } = split;
    if (rng.next() < HANDS_OVER) {
      const most = acceptedUpTo(solution.total, temperature, rng);
      handOver(state, seed, continuity, taken.who, most);
      return;
    }
    const removed = solution.withDependents([seed, ...rivals]);
    const saved = solution.save(removed);
    const limit = acceptedUpTo(solution.total, temperature, rng);
    for (const c of removed) solution.remove(c);
    const swaps = rng.next() < SWAPS;
    const day = rng.next() < ONE_DAY ? split.day : -1;
    state.place(seed, state.quick, keepers, pinned(state, seed, day));
    for (const c of state.shuffled(removed)) {
      if (state.isPlaced(c)) continue;
      state.place(c, state.quick, swaps ? swapped(state, c, taken, given) : undefined, pinned(state, c, day));
      if (state.floorOf(removed) > limit) break;
    }
    if (solution.total > limit) solution.restore(saved);
  },
};

/** Chains that have continuities. */
function continuous(state: SearchState): readonly number[] {
  let chains = splits.get(state);
  if (chains === undefined)
    splits.set(state, (chains = state.all().filter((c) => state.chain(c).continuities.length > 0)));
  return chains;
}

/** Of some placed chains drawn by chance, the one whose continuities cost most; -1 where none costs anything. */
function mostSplit(state: SearchState): number {
  const chains = continuous(state);
  let best = -1;
  let most = 0;
  for (let k = 0; k < LOOKED_AT; k++) {
    const c = state.pick(chains);
    const places = state.solution.last[c] ?? null;
    if (!state.isPlaced(c) || places === null) continue;
    const cost = continuityCost(state.chain(c), places);
    if (cost > most) {
      most = cost;
      best = c;
    }
  }
  return best;
}

/** Bans that leave what a chain had on other days than one where it was; none for day -1. */
function pinned(state: SearchState, chain: number, day: number): readonly Ban[] {
  const places = day < 0 ? [] : (state.solution.last[chain] ?? []);
  return places.flatMap((p, position) =>
    p === null || state.tables.dayAt(p.start) === day
      ? []
      : [
          { position, from: 0, to: p.start, worker: -1 },
          { position, from: p.start + 1, to: state.model.horizon, worker: -1 },
        ],
  );
}

/** Keepers of a chain that had one where another chain now has them: it is given the other's. */
function swapped(state: SearchState, chain: number, taken: Kept, given: number): number[] {
  const places = state.solution.last[chain] ?? [];
  return state.chain(chain).continuities.map((c, n) => {
    const had = keeperOf(c, places);
    const able = state.tables.chains[chain]?.keepers[n] ?? [];
    return c.of === taken.of && had === taken.who && able.includes(given) ? given : had;
  });
}

interface Kept {
  readonly of: Continuity['of'];
  readonly who: number;
}

interface Split {
  readonly keepers: number[];
  readonly rivals: number[];
  /** Who is to keep the continuity now, and who had most of it. */
  readonly taken: Kept;
  readonly given: number;
  readonly continuity: Continuity;
  /** Day of a member that somebody else has. */
  readonly day: number;
}

/** Who is to keep the chain's continuities from now on, and which chains hold that keeper where it is wanted. */
function splitOf(state: SearchState, seed: number): Split | null {
  const { rng } = state;
  const { continuities } = state.chain(seed);
  const places = state.solution.last[seed] ?? [];
  const keepers = continuities.map((c) => keeperOf(c, places));
  const split = continuities.flatMap((c, n) => (awayFrom(c, places, keepers[n] as number) > 0 ? [n] : []));
  if (split.length === 0) return null;
  const n = state.pick(split);
  const given = keepers[n] as number;
  const able = state.tables.chains[seed]?.keepers[n] ?? [];
  if (able.length > 0 && rng.next() >= STAYS) keepers[n] = state.pick(able);
  const c = continuities[n] as Continuity;
  const who = keepers[n] as number;
  const away = c.members.filter((k) => ![-1, who].includes(keptBy(c.of, places[k] ?? null)));
  const day = state.tables.dayAt(places[away.length === 0 ? (c.members[0] as number) : state.pick(away)]?.start ?? 0);
  return {
    keepers,
    rivals: holdersOf(state, seed, c, places, who),
    taken: { of: c.of, who },
    given,
    continuity: c,
    day,
  };
}

/** Chains that hold the keeper where a member needs it. */
function holdersOf(
  state: SearchState,
  seed: number,
  c: Continuity,
  places: readonly (Assignment | null)[],
  keeper: number,
): number[] {
  const { occupancy } = state;
  const resources = c.of === 'worker' ? occupancy.workers : occupancy.machines;
  const { holder } = resources[keeper] as UnaryResource;
  const found: number[] = [];
  for (const k of c.members) {
    const place = places[k] ?? null;
    if (place === null || keptBy(c.of, place) === keeper) continue;
    const { duration } = state.activity(state.chain(seed).acts[k] as number);
    for (let t = place.start - NEAR; t < place.start + duration + NEAR && found.length < MOST_RIVALS; t++) {
      const rival = t < 0 ? -1 : (holder[t] ?? 0) - 1;
      if (rival >= 0 && rival !== seed && !found.includes(rival)) found.push(rival);
    }
  }
  return found;
}
