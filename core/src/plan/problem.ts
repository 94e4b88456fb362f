/*
 * The planner's own view of a kennel: integers only. Times are slots of 5 minutes from the plan's first midnight, every
 * interval is half-open. It is made by `assembleProblem` and read by the search, the validator and the explanations.
 */
import type { Skill, StationKind, StepId } from '../kennel/vocabulary.js';
import type { TaskKey } from '../units/ids.js';

/** A placement that may not move: done, running or locked work. */
export interface FixedPlace {
  readonly start: number;
  readonly person: number;
  readonly second: number;
  readonly station: number;
}

/** Where and by whom an activity is done; -1 where nobody or nothing is needed. */
export interface Place {
  readonly start: number;
  readonly person: number;
  readonly second: number;
  readonly station: number;
}

/** What one step of one chain asks for. */
export interface ActivityFields {
  readonly index: number;
  readonly chain: number;
  readonly key: TaskKey;
  readonly step: StepId;
  /** Slots that dog and station are taken. */
  readonly dur: number;
  /** Slots from the start for which people are needed; 0 = nobody. */
  readonly att: number;
  /** Earliest start. */
  readonly est: number;
  /** Latest end. */
  readonly let: number;
  /** Wanted start, inside the window; of a follower only where nothing is placed before it. */
  readonly aim: number;
  /** A follower wants to start directly after the step before it; its cost is the gap. */
  readonly follows: boolean;
  /** Cost a slot before and after the aim. */
  readonly early: number;
  readonly late: number;
  readonly skill: Skill | null;
  readonly second: Skill | null;
  /** The one person who must do it (the handler in the ring), or -1. */
  readonly only: number;
  /** People who may do it besides having the skill (practice, tools); null = all with the skill. */
  readonly allowed: readonly number[] | null;
  readonly station: StationKind | null;
  /** The one station that it must have, or -1. */
  readonly at: number;
  readonly ramp: boolean;
  /** Length that the station must have, cm; 0 = any. */
  readonly lengthCm: number;
  readonly amps: number;
  /** Slots of clean-down before another dog. */
  readonly clean: number;
  readonly stands: boolean;
  /** Noise dose a slot, in hundredths of a percent of a day's. */
  readonly noise: number;
  readonly scissors: boolean;
  /** Slots after the end of the activity before it in the chain: at least, at most (-1 = any). */
  readonly lagMin: number;
  readonly lagMax: number;
  /** Lags to earlier activities of the same chain, end to start, in slots; max -1 = any. */
  readonly since: readonly { readonly activity: number; readonly min: number; readonly max: number }[];
  readonly fixed: FixedPlace | null;
  /** A lag that was already broken by what really happened: the step is due at once instead. */
  readonly overdue: boolean;
  /** What a lead has narrowed by setting the task, as it was before; null where nobody has. */
  readonly pinned: Pick<ActivityFields, 'est' | 'let' | 'aim' | 'follows' | 'only' | 'at'> | null;
}

/**
 * One step of one chain. Its index in `Problem.activities` is its identity inside the planner. A class, so that all
 * activities share one shape: the innermost loops read millions of them.
 */
export class Activity implements ActivityFields {
  readonly index: ActivityFields['index'];
  readonly chain: ActivityFields['chain'];
  readonly key: ActivityFields['key'];
  readonly step: ActivityFields['step'];
  readonly dur: ActivityFields['dur'];
  readonly att: ActivityFields['att'];
  readonly est: ActivityFields['est'];
  readonly let: ActivityFields['let'];
  readonly aim: ActivityFields['aim'];
  readonly follows: ActivityFields['follows'];
  readonly early: ActivityFields['early'];
  readonly late: ActivityFields['late'];
  readonly skill: ActivityFields['skill'];
  readonly second: ActivityFields['second'];
  readonly only: ActivityFields['only'];
  readonly allowed: ActivityFields['allowed'];
  readonly station: ActivityFields['station'];
  readonly at: ActivityFields['at'];
  readonly ramp: ActivityFields['ramp'];
  readonly lengthCm: ActivityFields['lengthCm'];
  readonly amps: ActivityFields['amps'];
  readonly clean: ActivityFields['clean'];
  readonly stands: ActivityFields['stands'];
  readonly noise: ActivityFields['noise'];
  readonly scissors: ActivityFields['scissors'];
  readonly lagMin: ActivityFields['lagMin'];
  readonly lagMax: ActivityFields['lagMax'];
  readonly since: ActivityFields['since'];
  readonly fixed: ActivityFields['fixed'];
  readonly overdue: ActivityFields['overdue'];
  readonly pinned: ActivityFields['pinned'];

  constructor(f: ActivityFields) {
    this.index = f.index;
    this.chain = f.chain;
    this.key = f.key;
    this.step = f.step;
    this.dur = f.dur;
    this.att = f.att;
    this.est = f.est;
    this.let = f.let;
    this.aim = f.aim;
    this.follows = f.follows;
    this.early = f.early;
    this.late = f.late;
    this.skill = f.skill;
    this.second = f.second;
    this.only = f.only;
    this.allowed = f.allowed;
    this.station = f.station;
    this.at = f.at;
    this.ramp = f.ramp;
    this.lengthCm = f.lengthCm;
    this.amps = f.amps;
    this.clean = f.clean;
    this.stands = f.stands;
    this.noise = f.noise;
    this.scissors = f.scissors;
    this.lagMin = f.lagMin;
    this.lagMax = f.lagMax;
    this.since = f.since;
    this.fixed = f.fixed;
    this.overdue = f.overdue;
    this.pinned = f.pinned;
  }

  /** A copy with some fields changed. */
  with(changes: Partial<ActivityFields>): Activity {
    return new Activity({ ...this, ...changes });
  }
}

export const CHAIN_KINDS = ['show', 'keepUp'] as const;
export type ChainKind = (typeof CHAIN_KINDS)[number];

/** A whole entry or one round of keep-up work: placed whole or left out whole. */
export interface Chain {
  readonly index: number;
  readonly key: string;
  readonly kind: ChainKind;
  readonly dog: number;
  /** Cost of leaving it out. */
  readonly cost: number;
  /** Index of a chain that must be placed too, or -1. */
  readonly needs: number;
  /** In chain order. */
  readonly activities: readonly number[];
}

export interface ProblemPerson {
  readonly name: string;
  readonly skills: ReadonlySet<Skill>;
  /** Site by slot; -1 off shift, on a break or in transit. */
  readonly site: Int8Array;
  /** 1 where the slot is overtime. */
  readonly over: Uint8Array;
  readonly scissorCap: number;
  readonly noiseCap: number;
}

export interface ProblemStation {
  readonly name: string;
  readonly kind: StationKind;
  readonly site: number;
  readonly circuit: number;
  readonly ramp: boolean;
  /** Usable length, cm; Infinity where it is not known. */
  readonly lengthCm: number;
  /** 1 where it is closed. */
  readonly closed: Uint8Array;
  /** 1 where a show's rules close it, which nobody can open; these slots are closed as well. */
  readonly barred: Uint8Array;
}

export interface ProblemDog {
  readonly name: string;
  /** Site by slot; -1 in transit. */
  readonly site: Int8Array;
  /** Standing trim slots a day. */
  readonly standCap: number;
}

export interface Weights {
  /** A person-slot of overtime. */
  readonly overtime: number;
  /** A change of hands between neighbors of one chain on one day. */
  readonly handOver: number;
  /** A change of station between neighbors that both need one of the same kind. */
  readonly stationChange: number;
}

/** Defaults in the order of what matters: ready entries, then aims, overtime, hands. Engineering choice. */
export const DEFAULT_WEIGHTS: Weights = { overtime: 16, handOver: 20, stationChange: 4 };

/** What a planning problem consists of. */
export interface ProblemFields {
  readonly horizon: number;
  /** First slot in which anything new may start. */
  readonly now: number;
  readonly dayStarts: readonly number[];
  readonly people: readonly ProblemPerson[];
  readonly stations: readonly ProblemStation[];
  /** Amperes of each circuit. */
  readonly circuits: readonly number[];
  readonly dogs: readonly ProblemDog[];
  readonly chains: readonly Chain[];
  readonly activities: readonly Activity[];
  readonly weights: Weights;
}

/** Index of the day that holds a slot. */
export function dayOfSlot(problem: Problem, slot: number): number {
  const starts = problem.dayStarts;
  // A day has at most 300 slots, so the answer is never before this one.
  let k = Math.max(0, Math.floor(slot / 300));
  while (k + 2 < starts.length && slot >= (starts[k + 1] ?? Infinity)) k++;
  return k;
}

/** A whole planning problem. */
export class Problem implements ProblemFields {
  readonly horizon: ProblemFields['horizon'];
  readonly now: ProblemFields['now'];
  readonly dayStarts: ProblemFields['dayStarts'];
  readonly people: ProblemFields['people'];
  readonly stations: ProblemFields['stations'];
  readonly circuits: ProblemFields['circuits'];
  readonly dogs: ProblemFields['dogs'];
  readonly chains: ProblemFields['chains'];
  readonly activities: ProblemFields['activities'];
  readonly weights: ProblemFields['weights'];

  constructor(f: ProblemFields) {
    this.horizon = f.horizon;
    this.now = f.now;
    this.dayStarts = f.dayStarts;
    this.people = f.people;
    this.stations = f.stations;
    this.circuits = f.circuits;
    this.dogs = f.dogs;
    this.chains = f.chains;
    this.activities = f.activities;
    this.weights = f.weights;
  }

  /** A copy with some fields changed: "what if". */
  with(changes: Partial<ProblemFields>): Problem {
    return new Problem({ ...this, ...changes });
  }
}

/** Start that an activity wants, given the end of the step before it in its chain (-1 when none is placed). */
export function aimAfter(a: Activity, endBefore: number, now: number): number {
  if (!a.follows || endBefore < 0) return a.aim;
  return Math.max(a.est, now, endBefore + a.lagMin);
}

/** Where every activity sits, by index; null = not placed. */
export type Placement = readonly (Place | null)[];
