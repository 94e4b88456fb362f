/*
 * Models from what differs: most fields of most activities are as usual, and indexes follow from the order of the list.
 */
import type { Activity, Chain, Continuity, Job, Lag, Machine, Model, Weights, Worker } from './model.js';

/** An activity as it is written down; what is left away is as in `PLAIN`. */
export type ActivitySpec = Partial<Omit<Activity, 'chain'>> & Pick<Activity, 'duration'>;

/** A chain as it is written down, with its activities in order. */
export interface ChainSpec {
  readonly job: number;
  /** Cost of leaving the chain out. */
  readonly cost: number;
  /** Index of a chain that must be placed too; left away = none. */
  readonly needs?: number;
  readonly activities: readonly ActivitySpec[];
  readonly lags?: readonly Lag[];
  readonly continuities?: readonly Continuity[];
}

/** A model as it is written down; what is left away is always there, open and unlimited. */
export interface ModelSpec {
  /** Slots from the first midnight. */
  readonly horizon: number;
  readonly dayStarts?: readonly number[];
  readonly now?: number;
  /** By worker: what differs from one that is always there. */
  readonly workers?: readonly Partial<Worker>[];
  readonly machines?: readonly Partial<Machine>[];
  readonly supplies?: readonly number[];
  readonly jobs: readonly Partial<Job>[];
  readonly chains: readonly ChainSpec[];
  readonly weights?: Partial<Weights>;
}

const NO_LIMIT = 2 ** 30;

/** A whole model: everybody and everything at site 0, always open, without limits, unless the specification says so. */
export function buildModel(spec: ModelSpec): Model {
  const { horizon } = spec;
  const site = new Int8Array(horizon + 1);
  const never = new Uint8Array(horizon + 1);
  const activities: Activity[] = [];
  const chains = spec.chains.map((c, chain): Chain => {
    const first = activities.length;
    activities.push(...c.activities.map((a) => ({ ...plain(horizon, a.duration), ...a, chain })));
    const acts = c.activities.map((_, k) => first + k);
    const { job, cost, needs = -1, lags = [], continuities = [] } = c;
    return { job, cost, needs, acts, lags, continuities };
  });
  return {
    horizon,
    now: spec.now ?? 0,
    dayStarts: spec.dayStarts ?? [0],
    workers: (spec.workers ?? []).map((w) => ({
      site,
      over: never,
      seams: [],
      exposureCap: NO_LIMIT,
      precisionCap: NO_LIMIT,
      ...w,
    })),
    machines: (spec.machines ?? []).map((m) => ({ site: 0, supply: -1, closed: never, ...m })),
    supplies: spec.supplies ?? [],
    jobs: spec.jobs.map((j) => ({ site, strainCap: NO_LIMIT, ...j })),
    chains,
    activities,
    weights: { overtime: 0, workerChange: 0, machineChange: 0, acrossKinds: false, ...spec.weights },
  };
}

/** An activity that nobody and nothing serves, as early as can be, all of it attended. */
function plain(horizon: number, duration: number): Omit<Activity, 'chain'> {
  return {
    duration,
    attended: duration,
    earliestStart: 0,
    latestEnd: horizon,
    idealStart: 0,
    follows: false,
    earlyCost: 0,
    lateCost: 1,
    dayOffCost: -1,
    omissionCost: -1,
    workers: null,
    secondWorkers: null,
    deputies: [],
    deputyCost: 0,
    machines: null,
    kind: -1,
    demand: 0,
    setup: 0,
    strains: false,
    exposure: 0,
    precision: 0,
    fixed: null,
  };
}
