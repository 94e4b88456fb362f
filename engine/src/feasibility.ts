/*
 * Whether places that a chain once had can be taken again, everything else as it is now.
 */
import { max, min, INFINITY } from './numbers.js';
import type { Activity, Model, Assignment } from './model.js';
import type { Occupancy, UnaryResource } from './occupancy.js';
import { bitAt } from './slotBits.js';

/** Whether a chain that is not in the occupancy can sit at these places; daily limits are left to the caller. */
export function isFeasibleAt(occupancy: Occupancy, chain: number, places: readonly (Assignment | null)[]): boolean {
  const { model } = occupancy.tables;
  const c = model.chains[chain] as Model['chains'][number];
  return inOrder(model, c, places) && c.acts.every((i, k) => fitsAlone(occupancy, c.job, i, places[k] ?? null));
}

function inOrder(model: Model, c: Model['chains'][number], places: readonly (Assignment | null)[]): boolean {
  let end = -INFINITY;
  let wasFixed = false;
  for (let k = 0; k < c.acts.length; k++) {
    const a = model.activities[c.acts[k] as number] as Activity;
    const place = places[k] ?? null;
    if (place === null) continue;
    if (place.start < end && !(wasFixed && a.fixed !== null)) return false;
    end = place.start + a.duration;
    wasFixed = a.fixed !== null;
  }
  return c.lags.every((lag) => {
    const from = places[lag.from] ?? null;
    const to = places[lag.to] ?? null;
    const a = model.activities[c.acts[lag.from] as number] as Activity;
    const b = model.activities[c.acts[lag.to] as number] as Activity;
    if (from === null || to === null || (a.fixed !== null && b.fixed !== null)) return true;
    const gap = to.start - from.start - a.duration;
    return gap >= lag.min && (lag.max < 0 || gap <= lag.max);
  });
}

function fitsAlone(occupancy: Occupancy, job: number, i: number, place: Assignment | null): boolean {
  const { tables } = occupancy;
  const a = tables.model.activities[i] as Activity;
  if (a.fixed !== null) return true;
  if (place === null) return a.omissionCost >= 0;
  const { start, worker, second, machine } = place;
  if (start < (tables.lo[i] as number) || start > (tables.hi[i] as number)) return false;
  const travelClass = tables.travelClassOf[job] as number;
  if (
    !bitAt(tables.jobStartsOf(travelClass, a.duration), start) ||
    !isFree(occupancy.jobs[job], start, start + a.duration)
  )
    return false;
  return (
    (worker < 0 || worker !== second) &&
    servesAt(occupancy, travelClass, a, a.workers, worker, start) &&
    servesAt(occupancy, travelClass, a, a.secondWorkers, second, start) &&
    machineServes(occupancy, travelClass, a, machine, start)
  );
}

function servesAt(
  occupancy: Occupancy,
  travelClass: number,
  a: Activity,
  able: readonly number[] | null,
  who: number,
  start: number,
): boolean {
  if (able === null) return who < 0;
  if (!able.includes(who) || !bitAt(occupancy.tables.workerStartsOf(travelClass, who, a.attended), start)) return false;
  return isFree(occupancy.workers[who], start, start + a.attended);
}

function machineServes(
  occupancy: Occupancy,
  travelClass: number,
  a: Activity,
  machine: number,
  start: number,
): boolean {
  if (a.machines === null) return machine < 0;
  if (
    !a.machines.includes(machine) ||
    !bitAt(occupancy.tables.machineStartsOf(travelClass, machine, a.duration), start)
  )
    return false;
  if (!isFreeBesideOwn(occupancy, a, machine, start)) return false;
  const supply = occupancy.supplies[occupancy.tables.model.machines[machine]?.supply ?? -1];
  if (a.demand === 0 || supply === undefined) return true;
  for (let t = start; t < start + a.duration; t++)
    if ((supply.load[t] as number) + a.demand > supply.limit) return false;
  return true;
}

/** Free with its setup; what is set up after fixed work of its own chain counts as free for it. */
function isFreeBesideOwn(occupancy: Occupancy, a: Activity, machine: number, start: number): boolean {
  const { model, chains } = occupancy.tables;
  const own = (chains[a.chain]?.fixedSetups ?? []).map((i) => model.activities[i] as Activity);
  const ends = own.filter((f) => f.fixed?.machine === machine).map((f) => (f.fixed?.start ?? 0) + f.duration + f.setup);
  const from = max(start, ...ends.filter((end) => end > start && end <= start + a.duration + a.setup));
  return isFree(occupancy.machines[machine], from, start + a.duration + a.setup);
}

function isFree(unary: UnaryResource | undefined, from: number, to: number): boolean {
  if (unary === undefined) return false;
  for (let t = from; t < min(to, unary.holder.length); t++) if (unary.holder[t] !== 0) return false;
  return true;
}
