/*
 * "No plan can be better than": each chain's least cost in an otherwise empty yard, summed. Resources that chains fight
 * over are not in it, so the gap to it is an upper bound of what is left to gain.
 */
import { min } from '../units/numbers.js';
import { ChainPath } from './chainPath.js';
import { ChainStarts } from './chainStarts.js';
import type { FitModel } from './fitModel.js';
import { FitTables } from './fitTables.js';
import { Occupancy } from './occupancy.js';

/** By chain: a cost that it cannot be below in any placement; infinite where it has no place even alone. */
export function leastCosts(model: FitModel): Float64Array {
  const tables = new FitTables(model);
  const starts = new ChainStarts(new Occupancy(tables));
  const path = new ChainPath(tables);
  return Float64Array.from(model.chains, (_, c) =>
    // Stations, daily limits and lags over a middle step are left aside: that can only make the path cheaper.
    starts.look(c, [])
      ? path.solve(c, starts, { noise: 0, hands: true, stations: false, extra: null }) +
        (tables.fixedOvertime[c] as number)
      : Infinity,
  );
}

/** A cost that no placement of the model can be below. */
export function boundOf(model: FitModel): number {
  const { fixedOvertime } = new FitTables(model);
  return leastCosts(model).reduce(
    (sum, least, c) => sum + min((model.chains[c]?.cost ?? 0) + (fixedOvertime[c] as number), least),
    0,
  );
}
