/*
 * "No plan can be better than": each chain's least cost in an otherwise empty yard, summed. Resources that chains fight
 * over are not in it, so the gap to it is an upper bound of what is left to gain.
 */
import { INFINITY, min } from '../units/numbers.js';
import { ChainPath } from './chainPath.js';
import { ChainStarts } from './chainStarts.js';
import type { FitModel } from './fitModel.js';
import { FitTables } from './fitTables.js';
import { Occupancy } from './occupancy.js';

/** A cost that no placement of the model can be below. */
export function boundOf(model: FitModel): number {
  const tables = new FitTables(model);
  const yard = new Occupancy(tables);
  const starts = new ChainStarts(yard);
  const path = new ChainPath(tables);
  let bound = 0;
  model.chains.forEach((chain, c) => {
    // Stations, daily limits and lags over a middle step are left aside: that can only make the path cheaper.
    const alone = starts.look(c, [])
      ? path.solve(c, starts, { noise: 0, hands: true, stations: false, extra: null })
      : INFINITY;
    bound += min(chain.cost, alone) + (tables.fixedOvertime[c] as number);
  });
  return bound;
}
