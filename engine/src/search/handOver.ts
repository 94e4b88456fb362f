/*
 * Hand-over: times stay as they are, workers or machines change. A continuity that is split is given to one keeper, and what
 * the keeper did at those times goes to whoever gave them up, or to somebody else who is free.
 */
import { chainCost } from '../chainCost.js';
import { awayFrom, keeperOf, keptBy } from '../continuity.js';
import { isFeasibleAt } from '../feasibility.js';
import type { Assignment, Continuity } from '../model.js';
import { max, min } from '../numbers.js';
import type { UnaryResource } from '../occupancy.js';
import { FIXED_WORK } from '../occupancy.js';
import { bitAt } from '../slotBits.js';
import type { SearchState } from './searchState.js';

type Places = (Assignment | null)[];

/** Passes over all split continuities at most; each ends with a cheaper schedule or is the last. */
const MOST_PASSES = 12;

/** Hands over wherever that makes the schedule cheaper, until nowhere does. */
export function handOverAll(state: SearchState): void {
  const chains = state.all().filter((c) => state.chain(c).continuities.length > 0);
  for (let pass = 0; pass < MOST_PASSES; pass++) {
    const before = state.solution.total;
    for (const c of chains) if (state.isPlaced(c)) handOverChain(state, c, before);
    if (state.solution.total >= before - 1e-6) return;
  }
}

/** Tries each split continuity of a placed chain with each who could keep it; a total above `limit` is taken back. */
function handOverChain(state: SearchState, chain: number, limit: number): void {
  state.chain(chain).continuities.forEach((c, n) => {
    const places = state.solution.last[chain] ?? [];
    if (awayFrom(c, places, keeperOf(c, places)) === 0) return;
    for (const who of state.tables.chains[chain]?.keepers[n] ?? []) {
      const now = min(limit, state.solution.total);
      handOver(state, chain, c, who, now - 1e-6);
    }
  });
}

/** Gives a placed chain's continuity to a keeper; true where it could, and the total is at most `limit` now. */
export function handOver(state: SearchState, chain: number, c: Continuity, keeper: number, limit: number): boolean {
  const changed = new Map<number, Places>();
  for (const k of c.members) giveMember(state, changed, { chain, k, of: c.of, keeper });
  return changed.size > 0 && apply(state, changed, limit);
}

interface Member {
  readonly chain: number;
  readonly k: number;
  readonly of: Continuity['of'];
  readonly keeper: number;
}

/** Notes one member's change of hands, where the keeper can have it; others' work there goes elsewhere, or nothing is noted. */
function giveMember(state: SearchState, changed: Map<number, Places>, { chain, k, of, keeper }: Member): void {
  const mine = placesOf(state, changed, chain);
  const place = mine[k] ?? null;
  const i = state.chain(chain).acts[k] as number;
  if (place === null || keptBy(of, place) === keeper || !mayServe(state, i, place, of, keeper)) return;
  const holder = holderOf(state, of, keeper);
  const a = state.activity(i);
  const end = place.start + (of === 'worker' ? a.attended : a.duration + a.setup);
  const others: { readonly chain: number; readonly k: number; readonly to: number }[] = [];
  for (let t = max(0, place.start); t < end; t++) {
    const held = holder[t] ?? 0;
    if (held === 0 || others.some((o) => o.chain === held - 1 && covers(state, changed, o, t))) continue;
    const other = held === FIXED_WORK ? null : displaced(state, changed, { of, keeper, t, chain: held - 1 });
    const to = other === null ? -1 : takerOf(state, changed, other, of, keptBy(of, place), keeper);
    if (other === null || to < 0) return;
    others.push({ ...other, to });
  }
  for (const o of others) change(state, changed, o.chain, o.k, of, o.to);
  change(state, changed, chain, k, of, keeper);
}

/** The activity of a chain that has the keeper in a slot and may change hands; null where there is none. */
function displaced(
  state: SearchState,
  changed: Map<number, Places>,
  at: { readonly of: Continuity['of']; readonly keeper: number; readonly t: number; readonly chain: number },
): { readonly chain: number; readonly k: number } | null {
  const places = placesOf(state, changed, at.chain);
  const k = places.findIndex(
    (p, n) => keptBy(at.of, p) === at.keeper && covers(state, changed, { chain: at.chain, k: n }, at.t),
  );
  return k < 0 || state.activity(state.chain(at.chain).acts[k] as number).fixed !== null
    ? null
    : { chain: at.chain, k };
}

function covers(
  state: SearchState,
  changed: Map<number, Places>,
  { chain, k }: { readonly chain: number; readonly k: number },
  t: number,
): boolean {
  const place = placesOf(state, changed, chain)[k] ?? null;
  const a = state.activity(state.chain(chain).acts[k] as number);
  return place !== null && place.start <= t && t < place.start + max(a.attended, a.duration + a.setup);
}

/** Who takes over displaced work: whoever gives up the keeper's, or somebody free; -1 = nobody. */
function takerOf(
  state: SearchState,
  changed: Map<number, Places>,
  { chain, k }: { readonly chain: number; readonly k: number },
  of: Continuity['of'],
  giver: number,
  keeper: number,
): number {
  const i = state.chain(chain).acts[k] as number;
  const place = placesOf(state, changed, chain)[k] as Assignment;
  const a = state.activity(i);
  const able = (of === 'worker' ? a.workers : a.machines) ?? [];
  if (able.includes(giver) && mayServe(state, i, place, of, giver)) return giver;
  const end = place.start + (of === 'worker' ? a.attended : a.duration + a.setup);
  const isFree = (who: number): boolean => {
    const holder = holderOf(state, of, who);
    for (let t = max(0, place.start); t < min(end, holder.length); t++) if (holder[t] !== 0) return false;
    return mayServe(state, i, place, of, who);
  };
  return able.find((who) => who !== keeper && isFree(who)) ?? -1;
}

/** Whether skills and calendar let somebody have an activity where it is; others' work is left aside. */
function mayServe(state: SearchState, i: number, place: Assignment, of: Continuity['of'], who: number): boolean {
  const { tables } = state;
  const a = state.activity(i);
  if (a.fixed !== null) return false;
  const travelClass = tables.travelClassOf[state.chain(a.chain).job] as number;
  if (of === 'worker')
    return (
      who !== place.second &&
      a.workers?.includes(who) === true &&
      bitAt(tables.workerStartsOf(travelClass, who, a.attended), place.start)
    );
  return a.machines?.includes(who) === true && bitAt(tables.machineStartsOf(travelClass, who, a.duration), place.start);
}

function holderOf({ occupancy }: SearchState, of: Continuity['of'], who: number): Int16Array {
  return ((of === 'worker' ? occupancy.workers : occupancy.machines)[who] as UnaryResource).holder;
}

function placesOf(state: SearchState, changed: Map<number, Places>, chain: number): Places {
  return changed.get(chain) ?? state.chain(chain).acts.map((i) => state.occupancy.placeOf(i));
}

function change(
  state: SearchState,
  changed: Map<number, Places>,
  chain: number,
  k: number,
  of: Continuity['of'],
  to: number,
): void {
  const places = placesOf(state, changed, chain);
  const place = places[k] as Assignment;
  places[k] = of === 'worker' ? { ...place, worker: to } : { ...place, machine: to };
  changed.set(chain, places);
}

/** Puts the changed chains where they are told; everything is as it was where one of them does not fit, or it is too dear. */
function apply(state: SearchState, changed: ReadonlyMap<number, Places>, limit: number): boolean {
  const { solution, fitter, occupancy, tables } = state;
  const chains = [...changed.keys()];
  const saved = solution.save(chains);
  for (const c of chains) solution.remove(c);
  for (const [c, places] of changed) {
    if (!isFeasibleAt(occupancy, c, places) || fitter.conflict(c, places).length > 0) {
      solution.restore(saved);
      return false;
    }
    solution.insert(c, places, chainCost(tables, c, places));
  }
  if (solution.total <= limit) return true;
  solution.restore(saved);
  return false;
}
