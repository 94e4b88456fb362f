/*
 * "No plan can be better than": each chain's least cost in an otherwise empty schedule, summed. Resources that chains fight
 * over are not in it, so the gap to it is an upper bound of what is left to gain.
 */
import { min } from './numbers.js';
import { ChainPath } from './chainPath.js';
import { ChainStarts } from './chainStarts.js';
import type { Model } from './model.js';
import { Tables } from './tables.js';
import { Occupancy } from './occupancy.js';

/** By chain: a cost that it cannot be below in any schedule; infinite where it has no place even alone. */
export function leastCosts(model: Model): Float64Array {
  const tables = new Tables(model);
  const starts = new ChainStarts(new Occupancy(tables));
  const path = new ChainPath(tables);
  return Float64Array.from(model.chains, (_, c) =>
    // Machines, daily limits and lags over a middle step are left aside: that can only make the path cheaper.
    starts.look(c, [])
      ? path.solve(c, starts, { jitter: 0, byWorker: true, byMachine: false, softCosts: null }) +
        (tables.fixedOvertime[c] as number)
      : Infinity,
  );
}

/** A cost that no schedule of the model can be below. */
export function boundOf(model: Model): number {
  const { fixedOvertime } = new Tables(model);
  return leastCosts(model).reduce(
    (sum, least, c) => sum + min((model.chains[c]?.cost ?? 0) + (fixedOvertime[c] as number), least),
    0,
  );
}
