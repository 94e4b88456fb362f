/*
 * What the fitter fits: chains of activities into people, stations, circuits and dogs, all as integers. Time is slots
 * from the plan's first midnight, every interval is half-open. The kennel's planner, the neutral bench instances and the
 * job shops are all put into this form by adapters; the fitter knows of nothing else.
 */

/** Where and by whom an activity is done; -1 where nobody or nothing is needed. */
export interface FitPlace {
  readonly start: number;
  readonly person: number;
  readonly second: number;
  readonly station: number;
}

/** One step of one chain. */
export interface FitActivity {
  readonly chain: number;
  /** Slots that dog and station are taken, and slots from the start for which people are needed (0 = nobody stays). */
  readonly dur: number;
  readonly att: number;
  /** Earliest start and latest end. */
  readonly est: number;
  readonly let: number;
  /** Wanted start; of a follower only where nothing is placed before it. */
  readonly aim: number;
  /** A follower wants to start directly after the step before it. */
  readonly follows: boolean;
  /** Cost a slot before and after the aim. */
  readonly early: number;
  readonly late: number;
  /** Cost of leaving it out alone; -1 = the chain cannot do without it. */
  readonly omit: number;
  /** Indexes of the people who may do it, of those who may be the second, of the stations; null = none is needed. */
  readonly people: readonly number[] | null;
  readonly seconds: readonly number[] | null;
  readonly stations: readonly number[] | null;
  /** Station kind, -1 = none: which changes of station between neighbors count. */
  readonly kind: number;
  /** Draw on the station's circuit, in the model's units of current. */
  readonly amps: number;
  /** Slots of clean-down before another dog. */
  readonly clean: number;
  readonly stands: boolean;
  /** Points an attended slot, against the person's caps of the day. */
  readonly noise: number;
  readonly scissors: number;
  readonly fixed: FitPlace | null;
}

/** A lag between two positions of a chain, end to start, in slots; max -1 = any. Void when one of them is omitted. */
export interface FitLag {
  readonly from: number;
  readonly to: number;
  readonly min: number;
  readonly max: number;
}

/** Placed whole or left out whole. */
export interface FitChain {
  readonly dog: number;
  /** Cost of leaving it out. */
  readonly cost: number;
  /** Index of a chain that must be placed too, or -1. */
  readonly needs: number;
  /** Activity indexes in chain order. */
  readonly acts: readonly number[];
  readonly lags: readonly FitLag[];
}

export interface FitPerson {
  /** Site by slot; -1 off shift, on a break or on the road. */
  readonly site: Int8Array;
  /** 1 where the slot is overtime. */
  readonly over: Uint8Array;
  /** Work may not reach over such a seam between two shifts that touch: [end of the first, start of the second]. */
  readonly seams: readonly (readonly [number, number])[];
  readonly noiseCap: number;
  readonly scissorCap: number;
}

export interface FitStation {
  readonly site: number;
  readonly circuit: number;
  /** 1 where it is closed. */
  readonly closed: Uint8Array;
}

export interface FitDog {
  /** Site by slot; -1 on the road. */
  readonly site: Int8Array;
  /** Standing slots a day. */
  readonly standCap: number;
}

export interface FitWeights {
  /** A person-slot of overtime. */
  readonly overtime: number;
  /** A change of hands between placed neighbors of one chain on one day. */
  readonly handOver: number;
  /** A change of station between such neighbors. */
  readonly stationChange: number;
  /** Whether a change to a station of another kind counts too. */
  readonly acrossKinds: boolean;
}

export interface FitModel {
  readonly horizon: number;
  /** First slot in which anything new may start. */
  readonly now: number;
  readonly dayStarts: readonly number[];
  readonly people: readonly FitPerson[];
  readonly stations: readonly FitStation[];
  /** Limits of the circuits. */
  readonly circuits: readonly number[];
  readonly dogs: readonly FitDog[];
  readonly chains: readonly FitChain[];
  readonly activities: readonly FitActivity[];
  readonly weights: FitWeights;
}
