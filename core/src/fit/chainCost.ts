/*
 * What a placed chain costs, added up from the rules alone. The search's own sums are held against it.
 */
import { max } from '../units/numbers.js';
import { aimCost } from './chainPath.js';
import type { FitActivity, FitModel, FitPlace } from './fitModel.js';
import type { FitTables } from './fitTables.js';

/** Cost of a chain's places in chain order (null = omitted); overtime of fixed work is left aside, it counts anyway. */
export function chainCost(tables: FitTables, chain: number, places: readonly (FitPlace | null)[]): number {
  const { model } = tables;
  const { weights } = model;
  const c = model.chains[chain] as FitModel['chains'][number];
  let cost = 0;
  let before = -1;
  for (let k = 0; k < c.acts.length; k++) {
    const a = model.activities[c.acts[k] as number] as FitActivity;
    const place = places[k] ?? null;
    if (place === null) {
      cost += max(0, a.omit);
      continue;
    }
    const prev = before < 0 ? null : (model.activities[c.acts[before] as number] as FitActivity);
    const prevPlace = before < 0 ? null : (places[before] ?? null);
    cost += offAim(model, c, a, place, prev, prevPlace, before, k);
    if (a.fixed === null) {
      const over =
        tables.overtime(place.person, place.start, a.att) + tables.overtime(place.second, place.start, a.att);
      cost += over * weights.overtime;
    }
    if (prev !== null && prevPlace !== null && tables.dayAt(prevPlace.start) === tables.dayAt(place.start)) {
      if (place.person >= 0 && prevPlace.person >= 0 && place.person !== prevPlace.person) cost += weights.handOver;
      const counts = weights.acrossKinds || a.kind === prev.kind;
      if (counts && place.station >= 0 && prevPlace.station >= 0 && place.station !== prevPlace.station)
        cost += weights.stationChange;
    }
    before = k;
  }
  return cost;
}

function offAim(
  model: FitModel,
  chain: FitModel['chains'][number],
  a: FitActivity,
  place: FitPlace,
  prev: FitActivity | null,
  prevPlace: FitPlace | null,
  from: number,
  to: number,
): number {
  if (!a.follows || prev === null || prevPlace === null) return aimCost(a, place.start);
  let min = 0;
  for (const lag of chain.lags) if (lag.from === from && lag.to === to) min = max(min, lag.min);
  return a.late * (place.start - max(a.est, model.now, prevPlace.start + prev.dur + min));
}
