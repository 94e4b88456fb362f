/*
 * A kennel's planning problem: the engine's model, and beside it the trade's own facts of every task, person, station and
 * dog. Times are slots of 5 minutes from the plan's first midnight, every interval is half-open. It is made by
 * `assembleProblem` and read by the search, the validator and the explanations.
 */
import type {
  Activity,
  Assignment,
  Chain as EngineChain,
  Job,
  Lag,
  Machine,
  Model,
  Weights,
  Worker,
} from '@loyal-mane/engine';
import type { Skill, StationKind, StepId } from '../kennel/vocabulary.js';
import type { TaskKey } from '../units/ids.js';

/** Who and what serves a task is worked out by the problem, from what the task asks for. */
type WorkedOut = 'workers' | 'secondWorkers' | 'deputies' | 'machines' | 'kind' | 'omissionCost';

/** One step of one chain as it is asked for: the engine's times and costs, and the trade's needs. */
export interface TaskFields extends Omit<Activity, WorkedOut> {
  /** Its place in `Problem.activities`. */
  readonly index: number;
  readonly key: TaskKey;
  readonly step: StepId;
  readonly skill: Skill | null;
  readonly second: Skill | null;
  /** Indexes of the people who may be the second; absent = everybody with the skill. */
  readonly seconds?: readonly number[];
  /** Skill of those who should do it where they can, others cost `deputyCost`; or of those who should be left free of it. */
  readonly preferred: Skill | null;
  readonly spared: Skill | null;
  /** Index of the one whom the dog knows for it, others cost `deputyCost`; -1 = nobody is named. */
  readonly own: number;
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
  /** Slots after the end of the task before it in the chain: at least, at most (-1 = any). */
  readonly lagMin: number;
  readonly lagMax: number;
  /** Lags to earlier tasks of the same chain, end to start, in slots; max -1 = any. */
  readonly since: readonly { readonly activity: number; readonly min: number; readonly max: number }[];
  /** A lag that was already broken by what really happened: the step is due at once instead. */
  readonly overdue: boolean;
  /** The window and the people as they were before a lead set the task; null where nobody has. */
  readonly pinned: Pick<TaskFields, 'earliestStart' | 'latestEnd' | 'idealStart' | 'follows' | 'only' | 'at'> | null;
}

/** Who and what may serve a task, as indexes into the problem's people and stations. */
type Servers = Pick<Activity, 'workers' | 'secondWorkers' | 'deputies' | 'machines' | 'kind'>;
const NOBODY_YET: Servers = { workers: null, secondWorkers: null, deputies: [], machines: null, kind: -1 };

/**
 * One step of one chain. Its index in `Problem.activities` is its identity inside the planner. A class, so that all
 * tasks share one shape: the innermost loops read millions of them.
 */
export class Task implements Activity, TaskFields {
  readonly index: TaskFields['index'];
  readonly chain: TaskFields['chain'];
  readonly key: TaskFields['key'];
  readonly step: TaskFields['step'];
  readonly duration: TaskFields['duration'];
  readonly attended: TaskFields['attended'];
  readonly earliestStart: TaskFields['earliestStart'];
  readonly latestEnd: TaskFields['latestEnd'];
  readonly idealStart: TaskFields['idealStart'];
  readonly follows: TaskFields['follows'];
  readonly earlyCost: TaskFields['earlyCost'];
  readonly lateCost: TaskFields['lateCost'];
  readonly dayOffCost: TaskFields['dayOffCost'];
  readonly skill: TaskFields['skill'];
  readonly second: TaskFields['second'];
  readonly seconds?: readonly number[];
  readonly preferred: TaskFields['preferred'];
  readonly spared: TaskFields['spared'];
  readonly own: TaskFields['own'];
  readonly deputyCost: TaskFields['deputyCost'];
  readonly only: TaskFields['only'];
  readonly allowed: TaskFields['allowed'];
  readonly station: TaskFields['station'];
  readonly at: TaskFields['at'];
  readonly ramp: TaskFields['ramp'];
  readonly lengthCm: TaskFields['lengthCm'];
  readonly demand: TaskFields['demand'];
  readonly setup: TaskFields['setup'];
  readonly strains: TaskFields['strains'];
  readonly exposure: TaskFields['exposure'];
  readonly precision: TaskFields['precision'];
  readonly lagMin: TaskFields['lagMin'];
  readonly lagMax: TaskFields['lagMax'];
  readonly since: TaskFields['since'];
  readonly fixed: TaskFields['fixed'];
  readonly overdue: TaskFields['overdue'];
  readonly pinned: TaskFields['pinned'];
  readonly workers: Activity['workers'];
  readonly secondWorkers: Activity['secondWorkers'];
  readonly deputies: Activity['deputies'];
  readonly machines: Activity['machines'];
  readonly kind: Activity['kind'];
  /** No step of a chain is left out alone. */
  readonly omissionCost = -1;

  /** `servers` is the problem's to say: whoever makes a task leaves it away. */
  constructor(f: TaskFields, servers: Servers = NOBODY_YET) {
    this.index = f.index;
    this.chain = f.chain;
    this.key = f.key;
    this.step = f.step;
    this.duration = f.duration;
    this.attended = f.attended;
    this.earliestStart = f.earliestStart;
    this.latestEnd = f.latestEnd;
    this.idealStart = f.idealStart;
    this.follows = f.follows;
    this.earlyCost = f.earlyCost;
    this.lateCost = f.lateCost;
    this.dayOffCost = f.dayOffCost;
    this.skill = f.skill;
    this.second = f.second;
    if (f.seconds !== undefined) this.seconds = f.seconds;
    this.preferred = f.preferred;
    this.spared = f.spared;
    this.own = f.own;
    this.deputyCost = f.deputyCost;
    this.only = f.only;
    this.allowed = f.allowed;
    this.station = f.station;
    this.at = f.at;
    this.ramp = f.ramp;
    this.lengthCm = f.lengthCm;
    this.demand = f.demand;
    this.setup = f.setup;
    this.strains = f.strains;
    this.exposure = f.exposure;
    this.precision = f.precision;
    this.lagMin = f.lagMin;
    this.lagMax = f.lagMax;
    this.since = f.since;
    this.fixed = f.fixed;
    this.overdue = f.overdue;
    this.pinned = f.pinned;
    this.workers = servers.workers;
    this.secondWorkers = servers.secondWorkers;
    this.deputies = servers.deputies;
    this.machines = servers.machines;
    this.kind = servers.kind;
  }

  /** A copy with some fields changed. */
  with(changes: Partial<TaskFields>): Task {
    return new Task({ ...this, ...changes }, this);
  }

  /** A copy that stands where something really happened, or where it may not move: it costs nothing more. */
  fixedAt(place: Assignment): Task {
    return this.with({ fixed: place, follows: false, earlyCost: 0, lateCost: 0, dayOffCost: -1 });
  }
}

/** Show work, keep-up work, and work on dogs that are not shown. */
export const CHAIN_KINDS = ['show', 'keepUp'] as const;
/** One of `CHAIN_KINDS`. */
export type ChainKind = (typeof CHAIN_KINDS)[number];

/** A whole entry or one round of keep-up work: placed whole or left out whole. */
export interface ChainFields extends Omit<EngineChain, 'lags'> {
  readonly index: number;
  readonly key: string;
  readonly kind: ChainKind;
}

/** A chain with its lags, as its tasks say them. */
export interface Chain extends ChainFields, EngineChain {}

/** A person in slots: shifts, breaks, skills, limits of a day. */
export interface ProblemPerson extends Worker {
  readonly name: string;
  readonly skills: ReadonlySet<Skill>;
  /** Where their shifts would have them on the days on which they are away; -1 else. Absent where they never are. */
  readonly absent?: Int8Array;
  /** Where their rides have them, at work or not; -1 on the road. Absent where they never ride. */
  readonly whereabouts?: Int8Array;
}

/** A station in slots: site, circuit, closed times. */
export interface ProblemStation extends Machine {
  readonly name: string;
  readonly kind: StationKind;
  readonly ramp: boolean;
  /** Usable length, cm; Infinity where it is not known. */
  readonly lengthCm: number;
  /** 1 where a show's rules close it, which nobody can open; these slots are closed as well. */
  readonly barred: Uint8Array;
}

/** A dog in slots: where it is when, and how long it may stand in a day. */
export interface ProblemDog extends Job {
  readonly name: string;
  /** Where it would be if it were in the kennel's care all the time; absent where it is. */
  readonly always?: Int8Array;
}

/** Defaults in the order of what matters: ready entries, then aims, overtime, changes. Engineering choice. */
export const DEFAULT_WEIGHTS: Weights = { overtime: 16, workerChange: 20, machineChange: 4, acrossKinds: false };

/** Amperes are told apart to a tenth: the unit of a task's demand and of a supply. */
export const DEMAND_PER_AMP = 10;

/** A draw or a limit in amperes, in the problem's unit. */
export function demandOf(amps: number): number {
  return Math.round(amps * DEMAND_PER_AMP);
}

/** Parts of a planning problem: the engine's, with the trade's facts of people, stations, dogs, chains and tasks. */
export interface ProblemFields extends Omit<Model, 'workers' | 'machines' | 'jobs' | 'chains' | 'activities'> {
  readonly workers: readonly ProblemPerson[];
  readonly machines: readonly ProblemStation[];
  readonly jobs: readonly ProblemDog[];
  readonly chains: readonly ChainFields[];
  readonly activities: readonly Task[];
}

/** Index of the day that holds a slot. */
export function dayOfSlot(problem: Problem, slot: number): number {
  const starts = problem.dayStarts;
  // A day has at most 300 slots, so the answer is never before this one.
  let k = Math.max(0, Math.floor(slot / 300));
  while (k + 2 < starts.length && slot >= (starts[k + 1] ?? Infinity)) k++;
  return k;
}

/** A whole planning problem, which is the engine's model as well. */
export class Problem implements Model, ProblemFields {
  readonly horizon: ProblemFields['horizon'];
  readonly now: ProblemFields['now'];
  readonly dayStarts: ProblemFields['dayStarts'];
  readonly workers: ProblemFields['workers'];
  readonly machines: ProblemFields['machines'];
  readonly supplies: ProblemFields['supplies'];
  readonly jobs: ProblemFields['jobs'];
  readonly chains: readonly Chain[];
  readonly activities: ProblemFields['activities'];
  readonly weights: ProblemFields['weights'];

  /** `like`: a problem that this one differs little from; what is the same in both is taken from it. */
  constructor(f: ProblemFields, like: Problem | null = null) {
    this.horizon = f.horizon;
    this.now = f.now;
    this.dayStarts = f.dayStarts;
    this.workers = f.workers;
    this.machines = f.machines;
    this.supplies = f.supplies;
    this.jobs = f.jobs;
    this.weights = f.weights;
    const isServed = like !== null && like.workers === f.workers && like.machines === f.machines;
    const isKept = (i: number): boolean => f.activities[i] === like?.activities[i];
    this.activities = f.activities.map((a, i) => (isServed && isKept(i) ? a : served(a, f)));
    this.chains = f.chains.map((c, k) => {
      const same = like?.chains[k];
      return same === c && c.acts.every(isKept) ? same : { ...c, lags: lagsOf(c, f.activities) };
    });
  }

  /** A copy with some fields changed: "what if". */
  with(changes: Partial<ProblemFields>): Problem {
    return new Problem({ ...this, ...changes }, this);
  }
}

/** Lags between neighbors, and over middle steps, as positions in the chain. */
function lagsOf(c: ChainFields, tasks: readonly Task[]): Lag[] {
  const position = new Map(c.acts.map((i, k) => [i, k]));
  return c.acts.flatMap((i, k): Lag[] => {
    const a = tasks[i] as Task;
    const since = a.since.flatMap((s): Lag[] => {
      const from = position.get(s.activity);
      return from === undefined ? [] : [{ from, to: k, min: s.min, max: s.max }];
    });
    return k === 0 ? since : [{ from: k - 1, to: k, min: a.lagMin, max: a.lagMax }, ...since];
  });
}

/** The task with those who may serve it; the same task where nothing about them changed. */
function served(a: Task, of: ProblemFields): Task {
  const workers = peopleFor(a, of);
  const secondWorkers = a.second === null ? null : secondsFor(a.second, a.seconds, of);
  const machines = stationsFor(a, of);
  const kind = a.station === null ? -1 : of.machines.findIndex((s) => s.kind === a.station);
  const deputies = deputiesFor(a, of);
  const isSame =
    a.workers === workers &&
    a.secondWorkers === secondWorkers &&
    a.deputies === deputies &&
    a.machines === machines &&
    a.kind === kind;
  return isSame ? a : new Task(a, { workers, secondWorkers, deputies, machines, kind });
}

/** By people (stations) of a problem and what is asked of them: explanations change little, and ask again and again. */
const peopleWith = new WeakMap<ProblemFields['workers'], Map<string, readonly number[]>>();
const stationsWith = new WeakMap<ProblemFields['machines'], Map<string, readonly number[]>>();

function listed<T extends object>(
  memo: WeakMap<T, Map<string, readonly number[]>>,
  of: T,
  key: string,
  make: () => readonly number[],
): readonly number[] {
  let lists = memo.get(of);
  if (lists === undefined) memo.set(of, (lists = new Map<string, readonly number[]>()));
  let list = lists.get(key);
  if (list === undefined) lists.set(key, (list = make()));
  return list;
}

function having(skill: Skill, of: ProblemFields): readonly number[] {
  return listed(peopleWith, of.workers, skill, () => of.workers.flatMap((p, k) => (p.skills.has(skill) ? [k] : [])));
}

function secondsFor(skill: Skill, only: Task['seconds'], of: ProblemFields): readonly number[] {
  const able = having(skill, of);
  if (only === undefined) return able;
  return listed(peopleWith, of.workers, `second ${skill} ${only.join()}`, () => able.filter((k) => only.includes(k)));
}

/** Those who may do a task although others should; nobody where all are alike in that. */
function deputiesFor({ own, preferred, spared }: Task, of: ProblemFields): readonly number[] {
  if (own >= 0)
    return listed(peopleWith, of.workers, `but ${String(own)}`, () =>
      of.workers.flatMap((_, k) => (k === own ? [] : [k])),
    );
  if (spared !== null) return having(spared, of);
  if (preferred === null) return NOBODY_YET.deputies;
  return listed(peopleWith, of.workers, `not ${preferred}`, () => {
    const others = of.workers.flatMap((p, k) => (p.skills.has(preferred) ? [] : [k]));
    return others.length === of.workers.length ? [] : others;
  });
}

function peopleFor(a: Task, of: ProblemFields): readonly number[] | null {
  const { skill, allowed, only } = a;
  if (skill === null || a.attended === 0) return null;
  const able = having(skill, of);
  if (only < 0 && allowed === null) return able;
  return listed(peopleWith, of.workers, `${skill} ${String(only)} ${allowed?.join() ?? '*'}`, () =>
    able.filter((k) => (only < 0 || k === only) && (allowed === null || allowed.includes(k))),
  );
}

function stationsFor(a: Task, of: ProblemFields): readonly number[] | null {
  if (a.station === null) return null;
  return listed(stationsWith, of.machines, `${a.station} ${String(a.ramp)} ${a.lengthCm} ${a.at}`, () =>
    of.machines.flatMap((s, k) => {
      if (a.at >= 0 && a.at !== k) return [];
      const fits = s.kind === a.station && (!a.ramp || s.ramp) && s.lengthCm >= a.lengthCm;
      return fits ? [k] : [];
    }),
  );
}

/** Start that a task wants, given the end of the step before it in its chain (-1 when none is placed). */
export function aimAfter(a: Task, endBefore: number, now: number): number {
  if (!a.follows || endBefore < 0) return a.idealStart;
  return Math.max(a.earliestStart, now, endBefore + a.lagMin);
}
