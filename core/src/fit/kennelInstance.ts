/*
 * The neutral planning instances: a kennel as integers, in JSON. Read into the fitter's model; answers written back as
 * rows of [activity, start, person, second person, station].
 */
import type { FitActivity, FitLag, FitModel } from './fitModel.js';
import type { FitPlacement } from './fitSearch.js';

export interface InstanceActivity {
  readonly id: number;
  readonly entry: number;
  readonly step: string;
  readonly dur: number;
  readonly est: number;
  readonly let: number;
  readonly aim: number;
  readonly early: number;
  readonly late: number;
  readonly skill: number;
  readonly skill2: number;
  readonly att: number;
  readonly kind: number;
  readonly amps: number;
  readonly clean: number;
  readonly stand: number;
  readonly noise: number;
  readonly scissor: number;
  readonly omit: number;
  readonly fixed: readonly number[] | null;
}

export interface KennelInstance {
  readonly name: string;
  readonly days: readonly number[];
  readonly weights: { readonly overtime: number; readonly handover: number; readonly stationChange: number };
  readonly trips: readonly (readonly number[])[];
  readonly circuits: readonly { readonly amps: number }[];
  readonly stations: readonly {
    readonly kind: number;
    readonly site: number;
    readonly circuit: number;
    readonly closed: readonly (readonly number[])[];
  }[];
  readonly persons: readonly {
    readonly skills: readonly number[];
    readonly noiseCap: number;
    readonly scissorCap: number;
    readonly trips: readonly number[];
    readonly shifts: readonly (readonly number[])[];
    readonly breaks: readonly (readonly number[])[];
  }[];
  readonly dogs: readonly { readonly standCap: number; readonly trips: readonly number[] }[];
  readonly entries: readonly {
    readonly dog: number;
    readonly cost: number;
    readonly needs: number;
    readonly acts: readonly number[];
    readonly lags: readonly (readonly number[])[];
  }[];
  readonly activities: readonly InstanceActivity[];
}

/** Puts an instance into the fitter's form. */
export function modelOfInstance(instance: KennelInstance): FitModel {
  const horizon = instance.days[instance.days.length - 1] ?? 0;
  const sites = (trips: readonly number[]): Int8Array => whereabouts(instance, trips, horizon);
  return {
    horizon,
    now: 0,
    dayStarts: instance.days.slice(0, -1),
    people: instance.persons.map((p) => {
      const where = sites(p.trips);
      const site = new Int8Array(horizon + 1).fill(-1);
      const over = new Uint8Array(horizon + 1);
      for (const [start = 0, end = 0, last = 0] of p.shifts) {
        for (let t = start; t < Math.min(last, horizon); t++) site[t] = where[t] ?? -1;
        over.fill(1, end, last);
      }
      for (const [start = 0, end = 0] of p.breaks) site.fill(-1, start, end);
      const shifts = [...p.shifts].sort((x, y) => (x[0] ?? 0) - (y[0] ?? 0));
      const seams = shifts.flatMap((s, k) => seamAfter(s, shifts[k + 1]));
      return { site, over, seams, noiseCap: p.noiseCap, scissorCap: p.scissorCap };
    }),
    stations: instance.stations.map((s) => {
      const closed = new Uint8Array(horizon + 1);
      for (const [start = 0, end = 0] of s.closed) closed.fill(1, start, end);
      return { site: s.site, circuit: s.circuit, closed };
    }),
    circuits: instance.circuits.map((c) => c.amps),
    dogs: instance.dogs.map((d) => ({ site: sites(d.trips), standCap: d.standCap })),
    chains: instance.entries.map((e) => ({
      dog: e.dog,
      cost: e.cost,
      needs: e.needs,
      acts: e.acts,
      lags: e.lags.map(([a = 0, b = 0, min = 0, max = -1]): FitLag => ({
        from: e.acts.indexOf(a),
        to: e.acts.indexOf(b),
        min: Math.max(0, min),
        max,
      })),
    })),
    activities: instance.activities.map((a) => activityOf(instance, a)),
    weights: {
      overtime: instance.weights.overtime,
      handOver: instance.weights.handover,
      stationChange: instance.weights.stationChange,
      acrossKinds: true,
    },
  };
}

/** Where work may not reach over: between two shifts that touch or overlap. */
function seamAfter(shift: readonly number[], next: readonly number[] | undefined): [number, number][] {
  const end = shift[2] ?? 0;
  return next !== undefined && (next[0] ?? 0) <= end ? [[end, next[0] ?? 0]] : [];
}

function whereabouts(instance: KennelInstance, own: readonly number[], horizon: number): Int8Array {
  const sites = new Int8Array(horizon + 1);
  const trips = own.map((k) => instance.trips[k] ?? []).sort((x, y) => (x[2] ?? 0) - (y[2] ?? 0));
  for (const [, to = 0, depart = 0, arrive = 0] of trips) {
    sites.fill(-1, depart, arrive);
    sites.fill(to, arrive);
  }
  return sites;
}

function activityOf(instance: KennelInstance, a: InstanceActivity): FitActivity {
  const having = (skill: number): number[] | null =>
    skill < 0 ? null : instance.persons.flatMap((p, k) => (p.skills.includes(skill) ? [k] : []));
  const ofKind = a.kind < 0 ? null : instance.stations.flatMap((s, k) => (s.kind === a.kind ? [k] : []));
  const [start = 0, person = -1, second = -1, station = -1] = a.fixed ?? [];
  return {
    chain: a.entry,
    dur: a.dur,
    att: a.att,
    est: a.est,
    let: a.let,
    aim: a.aim,
    follows: false,
    early: a.early,
    late: a.late,
    omit: a.omit,
    people: having(a.skill),
    seconds: having(a.skill2),
    stations: ofKind,
    kind: a.kind,
    amps: a.amps,
    clean: a.clean,
    stands: a.stand === 1,
    noise: a.noise,
    scissors: a.scissor,
    fixed: a.fixed === null ? null : { start, person, second, station },
  };
}

/** Rows of the answer, by activity. Fixed work is always in it. */
export function rowsOfPlacement(placement: FitPlacement): number[][] {
  return placement.flatMap((p, i) => (p === null ? [] : [[i, p.start, p.person, p.second, p.station]]));
}
