/*
 * Whether places that a chain once had can be taken again, the yard as it stands.
 */
import { min, INFINITY } from '../units/numbers.js';
import type { FitActivity, FitModel, FitPlace } from './fitModel.js';
import type { Occupancy, Unary } from './occupancy.js';
import { bitAt } from './slotBits.js';

/** Whether a chain that is not in the yard can sit at these places; daily limits are left to the caller. */
export function holdsAt(yard: Occupancy, chain: number, places: readonly (FitPlace | null)[]): boolean {
  const { model } = yard.tables;
  const c = model.chains[chain] as FitModel['chains'][number];
  return inOrder(model, c, places) && c.acts.every((i, k) => fitsAlone(yard, c.dog, i, places[k] ?? null));
}

function inOrder(model: FitModel, c: FitModel['chains'][number], places: readonly (FitPlace | null)[]): boolean {
  let end = -INFINITY;
  let wasFixed = false;
  for (let k = 0; k < c.acts.length; k++) {
    const a = model.activities[c.acts[k] as number] as FitActivity;
    const place = places[k] ?? null;
    if (place === null) continue;
    if (place.start < end && !(wasFixed && a.fixed !== null)) return false;
    end = place.start + a.dur;
    wasFixed = a.fixed !== null;
  }
  return c.lags.every((lag) => {
    const from = places[lag.from] ?? null;
    const to = places[lag.to] ?? null;
    const a = model.activities[c.acts[lag.from] as number] as FitActivity;
    const b = model.activities[c.acts[lag.to] as number] as FitActivity;
    if (from === null || to === null || (a.fixed !== null && b.fixed !== null)) return true;
    const gap = to.start - from.start - a.dur;
    return gap >= lag.min && (lag.max < 0 || gap <= lag.max);
  });
}

function fitsAlone(yard: Occupancy, dog: number, i: number, place: FitPlace | null): boolean {
  const { tables } = yard;
  const a = tables.model.activities[i] as FitActivity;
  if (a.fixed !== null) return true;
  if (place === null) return a.omit >= 0;
  const { start, person, second, station } = place;
  if (start < (tables.lo[i] as number) || start > (tables.hi[i] as number)) return false;
  const klass = tables.classOf[dog] as number;
  if (!bitAt(tables.dogStartsOf(klass, a.dur), start) || !isFree(yard.dogs[dog], start, start + a.dur)) return false;
  return (
    (person < 0 || person !== second) &&
    servesAt(yard, klass, a, a.people, person, start) &&
    servesAt(yard, klass, a, a.seconds, second, start) &&
    stationServes(yard, klass, a, station, start)
  );
}

function servesAt(
  yard: Occupancy,
  klass: number,
  a: FitActivity,
  able: readonly number[] | null,
  who: number,
  start: number,
): boolean {
  if (able === null) return who < 0;
  if (!able.includes(who) || !bitAt(yard.tables.personStartsOf(klass, who, a.att), start)) return false;
  return isFree(yard.people[who], start, start + a.att);
}

function stationServes(yard: Occupancy, klass: number, a: FitActivity, station: number, start: number): boolean {
  if (a.stations === null) return station < 0;
  if (!a.stations.includes(station) || !bitAt(yard.tables.stationStartsOf(klass, station, a.dur), start)) return false;
  if (!isFree(yard.stations[station], start, start + a.dur + a.clean)) return false;
  const circuit = yard.circuits[yard.tables.model.stations[station]?.circuit ?? -1];
  if (a.amps === 0 || circuit === undefined) return true;
  for (let t = start; t < start + a.dur; t++) if ((circuit.load[t] as number) + a.amps > circuit.limit) return false;
  return true;
}

function isFree(unary: Unary | undefined, from: number, to: number): boolean {
  if (unary === undefined) return false;
  for (let t = from; t < min(to, unary.holder.length); t++) if (unary.holder[t] !== 0) return false;
  return true;
}
