/*
 * The neutral planning instances: a kennel as integers, in JSON. Read into the engine's model; answers written back as
 * rows of [activity, start, person, second person, station].
 */
import { Type } from '@sinclair/typebox';
import type { Static } from '@sinclair/typebox';
import type { Activity, Lag, Model, Schedule } from '../model.js';

const Int = Type.Integer();
const Count = Type.Integer({ minimum: 0 });
const Span = Type.Tuple([Count, Count]);
const Fixed = Type.Tuple([Count, Int, Int, Int]);

/** One activity of an instance file; times and durations in slots. */
export const InstanceActivitySchema = Type.Object({
  id: Count,
  entry: Count,
  step: Type.String(),
  dur: Count,
  est: Count,
  let: Count,
  aim: Int,
  early: Count,
  late: Count,
  skill: Int,
  skill2: Int,
  att: Count,
  kind: Int,
  amps: Count,
  clean: Count,
  stand: Type.Integer({ minimum: 0, maximum: 1 }),
  noise: Count,
  scissor: Count,
  omit: Int,
  fixed: Type.Union([Fixed, Type.Null()]),
});

/** Form of an instance file; `instanceFaults` checks what a form cannot say. */
export const KennelInstanceSchema = Type.Object({
  format: Type.Literal('kennel-bench-1'),
  name: Type.String(),
  days: Type.Array(Count, { minItems: 2 }),
  weights: Type.Object({ overtime: Count, handover: Count, stationChange: Count }),
  trips: Type.Array(Type.Tuple([Count, Count, Count, Count])),
  circuits: Type.Array(Type.Object({ amps: Count })),
  stations: Type.Array(Type.Object({ kind: Count, site: Count, circuit: Int, closed: Type.Array(Span) })),
  persons: Type.Array(
    Type.Object({
      skills: Type.Array(Count),
      noiseCap: Count,
      scissorCap: Count,
      trips: Type.Array(Count),
      shifts: Type.Array(Type.Tuple([Count, Count, Count])),
      breaks: Type.Array(Span),
    }),
  ),
  dogs: Type.Array(Type.Object({ standCap: Count, trips: Type.Array(Count) })),
  entries: Type.Array(
    Type.Object({
      dog: Count,
      cost: Count,
      needs: Int,
      acts: Type.Array(Count, { minItems: 1 }),
      lags: Type.Array(Type.Tuple([Count, Count, Int, Int])),
    }),
  ),
  activities: Type.Array(InstanceActivitySchema),
});

/** A whole instance file. */
export type KennelInstance = Static<typeof KennelInstanceSchema>;
/** One activity of an instance, as its file has it. */
export type InstanceActivity = Static<typeof InstanceActivitySchema>;

/** An index that names nothing: where it stands, and how many there are. */
export interface InstanceFault {
  readonly path: string;
  readonly index: number;
  readonly count: number;
}

/** Indexes of a well-formed instance that name nothing. */
export function instanceFaults(instance: KennelInstance): InstanceFault[] {
  const { entries, activities, dogs, persons, stations, circuits, trips } = instance;
  const faults: InstanceFault[] = [];
  const check = (path: string, index: number, count: number, least = 0): void => {
    if (index < least || index >= count) faults.push({ path, index, count });
  };
  entries.forEach((e, k) => {
    check(`entries[${k}].dog`, e.dog, dogs.length);
    check(`entries[${k}].needs`, e.needs, entries.length, -1);
    e.acts.forEach((i, n) => check(`entries[${k}].acts[${n}]`, i, activities.length));
    e.lags.forEach(([a, b], n) => {
      check(`entries[${k}].lags[${n}][0]`, e.acts.indexOf(a), e.acts.length);
      check(`entries[${k}].lags[${n}][1]`, e.acts.indexOf(b), e.acts.length);
    });
  });
  activities.forEach((a, k) => {
    check(`activities[${k}].entry`, a.entry, entries.length);
    check(`activities[${k}].fixed[1]`, a.fixed?.[1] ?? -1, persons.length, -1);
    check(`activities[${k}].fixed[2]`, a.fixed?.[2] ?? -1, persons.length, -1);
    check(`activities[${k}].fixed[3]`, a.fixed?.[3] ?? -1, stations.length, -1);
  });
  stations.forEach((s, k) => check(`stations[${k}].circuit`, s.circuit, circuits.length, -1));
  persons.forEach((p, k) => p.trips.forEach((t, n) => check(`persons[${k}].trips[${n}]`, t, trips.length)));
  dogs.forEach((d, k) => d.trips.forEach((t, n) => check(`dogs[${k}].trips[${n}]`, t, trips.length)));
  return faults;
}

/** Puts an instance into the engine's form. */
export function modelOfInstance(instance: KennelInstance): Model {
  const horizon = instance.days[instance.days.length - 1] ?? 0;
  const sites = (trips: readonly number[]): Int8Array => whereabouts(instance, trips, horizon);
  return {
    horizon,
    now: 0,
    dayStarts: instance.days.slice(0, -1),
    workers: instance.persons.map((p) => {
      const where = sites(p.trips);
      const site = new Int8Array(horizon + 1).fill(-1);
      const over = new Uint8Array(horizon + 1);
      for (const [start, end, last] of p.shifts) {
        for (let t = start; t < Math.min(last, horizon); t++) site[t] = where[t] ?? -1;
        over.fill(1, end, last);
      }
      for (const [start, end] of p.breaks) site.fill(-1, start, end);
      const shifts = [...p.shifts].sort((x, y) => x[0] - y[0]);
      const seams = shifts.flatMap((s, k) => seamAfter(s, shifts[k + 1]));
      return { site, over, seams, exposureCap: p.noiseCap, precisionCap: p.scissorCap };
    }),
    machines: instance.stations.map((s) => {
      const closed = new Uint8Array(horizon + 1);
      for (const [start, end] of s.closed) closed.fill(1, start, end);
      return { site: s.site, supply: s.circuit, closed };
    }),
    supplies: instance.circuits.map((c) => c.amps),
    jobs: instance.dogs.map((d) => ({ site: sites(d.trips), strainCap: d.standCap })),
    chains: instance.entries.map((e) => ({
      job: e.dog,
      cost: e.cost,
      needs: e.needs,
      acts: e.acts,
      continuities: [],
      lags: e.lags.map(([a, b, min, max]): Lag => ({
        from: e.acts.indexOf(a),
        to: e.acts.indexOf(b),
        min: Math.max(0, min),
        max,
      })),
    })),
    activities: instance.activities.map((a) => activityOf(instance, a)),
    weights: {
      overtime: instance.weights.overtime,
      workerChange: instance.weights.handover,
      machineChange: instance.weights.stationChange,
      acrossKinds: true,
    },
  };
}

/** Where work may not reach over: between two shifts that touch or overlap. */
function seamAfter(shift: readonly number[], next: readonly number[] | undefined): [number, number][] {
  const end = shift[2] ?? 0;
  const start = next?.[0] ?? Number.POSITIVE_INFINITY;
  return start <= end ? [[end, start]] : [];
}

function whereabouts(instance: KennelInstance, own: readonly number[], horizon: number): Int8Array {
  const sites = new Int8Array(horizon + 1);
  const trips = own.flatMap((k) => {
    const trip = instance.trips[k];
    return trip === undefined ? [] : [trip];
  });
  trips.sort((x, y) => x[2] - y[2]);
  for (const [, to, depart, arrive] of trips) {
    sites.fill(-1, depart, arrive);
    sites.fill(to, arrive);
  }
  return sites;
}

function activityOf(instance: KennelInstance, a: InstanceActivity): Activity {
  const having = (skill: number): number[] | null =>
    skill < 0 ? null : instance.persons.flatMap((p, k) => (p.skills.includes(skill) ? [k] : []));
  const ofKind = a.kind < 0 ? null : instance.stations.flatMap((s, k) => (s.kind === a.kind ? [k] : []));
  const [start = 0, worker = -1, second = -1, machine = -1] = a.fixed ?? [];
  return {
    chain: a.entry,
    duration: a.dur,
    attended: a.att,
    earliestStart: a.est,
    latestEnd: a.let,
    idealStart: a.aim,
    follows: false,
    earlyCost: a.early,
    dayOffCost: -1,
    deputies: [],
    deputyCost: 0,
    lateCost: a.late,
    omissionCost: a.omit,
    workers: having(a.skill),
    secondWorkers: having(a.skill2),
    machines: ofKind,
    kind: a.kind,
    demand: a.amps,
    setup: a.clean,
    strains: a.stand === 1,
    exposure: a.noise,
    precision: a.scissor,
    fixed: a.fixed === null ? null : { start, worker, second, machine },
  };
}

/** Rows of the answer, by activity. Fixed work is always in it. */
export function rowsOfSchedule(schedule: Schedule): number[][] {
  return schedule.flatMap((p, i) => (p === null ? [] : [[i, p.start, p.worker, p.second, p.machine]]));
}
