/*
 * Cost of a placed chain, added up from the rules alone. The search's own sums are held against it.
 */
import { continuityCost } from './continuity.js';
import { max } from './numbers.js';
import { timeCost } from './timeCost.js';
import type { Activity, Model, Assignment } from './model.js';
import type { Tables } from './tables.js';

/** Cost of a chain's places in chain order (null = omitted); overtime of fixed work is left aside, it counts anyway. */
export function chainCost(tables: Tables, chain: number, places: readonly (Assignment | null)[]): number {
  const c = tables.model.chains[chain] as Model['chains'][number];
  return neighborCost(tables, chain, places) + (c.continuities.length === 0 ? 0 : continuityCost(c, places));
}

/** Of it, what single steps and neighbors cost; continuities are left aside. */
export function neighborCost(tables: Tables, chain: number, places: readonly (Assignment | null)[]): number {
  const { model } = tables;
  const { weights } = model;
  const c = model.chains[chain] as Model['chains'][number];
  let cost = 0;
  let before = -1;
  for (let k = 0; k < c.acts.length; k++) {
    const a = model.activities[c.acts[k] as number] as Activity;
    const place = places[k] ?? null;
    if (place === null) {
      cost += max(0, a.omissionCost);
      continue;
    }
    const prev = before < 0 ? null : (model.activities[c.acts[before] as number] as Activity);
    const prevPlace = before < 0 ? null : (places[before] ?? null);
    cost += offIdeal(model, c, a, place, prev, prevPlace, before, k);
    if (a.fixed === null) {
      const over =
        tables.overtime(place.worker, place.start, a.attended) + tables.overtime(place.second, place.start, a.attended);
      cost += over * weights.overtime;
      if (a.deputyCost > 0 && a.deputies.includes(place.worker)) cost += a.deputyCost;
    }
    if (prev !== null && prevPlace !== null && tables.dayAt(prevPlace.start) === tables.dayAt(place.start)) {
      if (place.worker >= 0 && prevPlace.worker >= 0 && place.worker !== prevPlace.worker) cost += weights.workerChange;
      const counts = weights.acrossKinds || a.kind === prev.kind;
      if (counts && place.machine >= 0 && prevPlace.machine >= 0 && place.machine !== prevPlace.machine)
        cost += weights.machineChange;
    }
    before = k;
  }
  return cost;
}

function offIdeal(
  model: Model,
  chain: Model['chains'][number],
  a: Activity,
  place: Assignment,
  prev: Activity | null,
  prevPlace: Assignment | null,
  from: number,
  to: number,
): number {
  if (!a.follows || prev === null || prevPlace === null) return timeCost(a, place.start);
  let min = 0;
  for (const lag of chain.lags) if (lag.from === from && lag.to === to) min = max(min, lag.min);
  return a.lateCost * (place.start - max(a.earliestStart, model.now, prevPlace.start + prev.duration + min));
}
