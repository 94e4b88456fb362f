/*
 * The engine's model: chains of activities for workers, machines, supplies and jobs, all as integers. Time is slots from
 * the first midnight, every interval is half-open. Kennels, neutral instances and job shops all take this form; the engine
 * knows of nothing else.
 */

/** Where and by whom an activity is done; -1 where nobody or nothing is needed. */
export interface Assignment {
  readonly start: number;
  readonly worker: number;
  readonly second: number;
  readonly machine: number;
}

/** One step of one chain. */
export interface Activity {
  readonly chain: number;
  /** Slots that job and machine are taken, and slots from the start for which workers are needed (0 = nobody stays). */
  readonly duration: number;
  readonly attended: number;
  /** Earliest start and latest end. */
  readonly earliestStart: number;
  readonly latestEnd: number;
  /** Ideal start; of a follower only where nothing is placed before it. */
  readonly idealStart: number;
  /** A follower wants to start directly after the step before it. */
  readonly follows: boolean;
  /** Cost a slot before and after the ideal start. */
  readonly earlyCost: number;
  readonly lateCost: number;
  /**
   * Cost of each whole day off the ideal start, where only the time of day counts by slots; -1 = slots count all the way. A
   * day is `SLOTS_A_DAY` slots. Not for followers.
   */
  readonly dayOffCost: number;
  /** Cost of leaving it out alone; -1 = the chain cannot do without it. */
  readonly omissionCost: number;
  /** Indexes of the workers who may do it, of those who may be the second, and below of the machines; null = none is needed. */
  readonly workers: readonly number[] | null;
  readonly secondWorkers: readonly number[] | null;
  /** Of `workers`, those who are only to do it where nobody else can, and what each of them costs. */
  readonly deputies: readonly number[];
  readonly deputyCost: number;
  readonly machines: readonly number[] | null;
  /** Machine kind, -1 = none: which changes of machine between neighbors count. */
  readonly kind: number;
  /** Draw on the machine's supply, in the model's own unit. */
  readonly demand: number;
  /** Slots that the machine needs after it before another job. */
  readonly setup: number;
  /** Whether its slots count against the job's `strainCap`. */
  readonly strains: boolean;
  /** Points an attended slot against the worker's caps of the day; those of precision count for the first worker only. */
  readonly exposure: number;
  readonly precision: number;
  readonly fixed: Assignment | null;
}

/** A lag between two positions of a chain, end to start, in slots; max -1 = any. Void when one of them is omitted. */
export interface Lag {
  readonly from: number;
  readonly to: number;
  readonly min: number;
  readonly max: number;
}

/**
 * Activities of one chain that want one and the same worker, or machine: of a run of steps, or of all work that one pair of
 * hands should do. No activity is in two of one kind.
 */
export interface Continuity {
  readonly of: 'worker' | 'machine';
  /** Positions in the chain. */
  readonly members: readonly number[];
  /** Cost of each placed member that has another than its keeper: whichever serves most of them. */
  readonly cost: number;
}

/** Placed whole or left out whole. */
export interface Chain {
  readonly job: number;
  /** Cost of leaving it out. */
  readonly cost: number;
  /** Index of a chain that must be placed too, or -1. */
  readonly needs: number;
  /** Activity indexes in chain order. */
  readonly acts: readonly number[];
  readonly lags: readonly Lag[];
  readonly continuities: readonly Continuity[];
}

/** Somebody who attends activities: one at a time, where and when the calendar says. */
export interface Worker {
  /** Site by slot; -1 off shift, on a break or between sites. */
  readonly site: Int8Array;
  /** 1 where the slot is overtime. */
  readonly over: Uint8Array;
  /** Work may not reach over such a seam between two shifts that touch: [end of the first, start of the second]. */
  readonly seams: readonly (readonly [number, number])[];
  readonly exposureCap: number;
  readonly precisionCap: number;
}

/** Equipment that serves one activity at a time, at one site. */
export interface Machine {
  readonly site: number;
  readonly supply: number;
  /** 1 where it is closed. */
  readonly closed: Uint8Array;
}

/** One piece of work: of all its chains one activity is done at a time. */
export interface Job {
  /** Site by slot; -1 between sites. */
  readonly site: Int8Array;
  /** Straining slots a day. */
  readonly strainCap: number;
}

/** Cost units of what is not told by an activity itself. */
export interface Weights {
  /** A worker-slot of overtime. */
  readonly overtime: number;
  /** A change of workers between placed neighbors of one chain on one day. */
  readonly workerChange: number;
  /** A change of machine between such neighbors. */
  readonly machineChange: number;
  /** Whether a change to a machine of another kind counts too. */
  readonly acrossKinds: boolean;
}

/** Assignments by activity index; null = the activity has no place. */
export type Schedule = readonly (Assignment | null)[];

/** A whole problem. Activities, chains and resources are told by their indexes. */
export interface Model {
  readonly horizon: number;
  /** First slot in which anything new may start. */
  readonly now: number;
  /** First slot of each day, rising; the end of the last may stand behind them. */
  readonly dayStarts: readonly number[];
  readonly workers: readonly Worker[];
  readonly machines: readonly Machine[];
  /** Limits of the supplies. */
  readonly supplies: readonly number[];
  readonly jobs: readonly Job[];
  readonly chains: readonly Chain[];
  readonly activities: readonly Activity[];
  readonly weights: Weights;
}
