/*
 * The kennel's problem in the fitter's form: who may do what and where becomes lists of indexes, lags become pairs of
 * positions, and what the plan would like beyond its costs (to stay where it was published, to leave people with many
 * skills free for what only they can do) becomes wishes.
 */
import type { FitActivity, FitChain, FitLag, FitModel, FitPerson } from '../fit/fitModel.js';
import { FitTables } from '../fit/fitTables.js';
import { Stay } from '../fit/stay.js';
import type { Activity, Chain, Placement, Problem } from './problem.js';

/** Amperes are told apart to a tenth. */
const AMP_UNITS = 10;
/** Of two entries of equal importance that cannot both be ready, the one that is due first keeps what both need. */
const FIRST_RING = 100;
/** A skill that a person has, in cost a task: who can do much is left free for it where that costs nothing else. */
const SKILL_PRICE = 0.6;

/** Puts a problem into the fitter's form. Indexes of activities, chains, people, stations and dogs stay the same. */
export function modelOfProblem(problem: Problem): FitModel {
  const { weights } = problem;
  const firstRing = ringOrder(problem);
  return {
    horizon: problem.horizon,
    now: problem.now,
    dayStarts: problem.dayStarts.filter((t) => t < problem.horizon),
    people: problem.people.map((p): FitPerson => ({
      site: p.site,
      over: p.over,
      seams: [],
      noiseCap: p.noiseCap,
      scissorCap: p.scissorCap,
    })),
    stations: problem.stations.map(({ site, circuit, closed }) => ({ site, circuit, closed })),
    circuits: problem.circuits.map((amps) => Math.round(amps * AMP_UNITS)),
    dogs: problem.dogs.map(({ site, standCap }) => ({ site, standCap })),
    chains: problem.chains.map((c) => chainOf(problem, c, firstRing)),
    activities: problem.activities.map((a) => activityOf(problem, a)),
    weights: { ...weights, acrossKinds: false },
  };
}

const tables = new WeakMap<Problem, FitTables>();

/** The fitter's tables of a problem, made once: explanations ask for the same ones again and again. */
export function tablesOf(problem: Problem): FitTables {
  let made = tables.get(problem);
  if (made === undefined) {
    made = new FitTables(modelOfProblem(problem));
    tables.set(problem, made);
  }
  return made;
}

/** By chain: shows whose last ring is later. */
function ringOrder(problem: Problem): readonly number[] {
  const rings = (c: Chain): number[] =>
    c.activities.flatMap((i) => (problem.activities[i]?.step === 'ring' ? [problem.activities[i].est] : []));
  const due = problem.chains.map((c) => (c.kind === 'show' ? Math.max(0, ...rings(c)) : -1));
  return due.map((mine) => (mine < 0 ? 0 : due.filter((other) => other > mine).length));
}

function chainOf(problem: Problem, c: Chain, firstRing: readonly number[]): FitChain {
  const position = new Map(c.activities.map((i, k) => [i, k]));
  const lags = c.activities.flatMap((i, k): FitLag[] => {
    const a = problem.activities[i] as Activity;
    const since = a.since.flatMap((s): FitLag[] => {
      const from = position.get(s.activity);
      return from === undefined ? [] : [{ from, to: k, min: s.min, max: s.max }];
    });
    return k === 0 ? since : [{ from: k - 1, to: k, min: a.lagMin, max: a.lagMax }, ...since];
  });
  const cost = c.cost + FIRST_RING * (firstRing[c.index] ?? 0);
  return { dog: c.dog, cost, needs: c.needs, acts: c.activities, lags };
}

function activityOf(problem: Problem, a: Activity): FitActivity {
  const isFixed = a.fixed !== null;
  return {
    chain: a.chain,
    dur: a.dur,
    att: a.att,
    est: a.est,
    let: a.let,
    aim: a.aim,
    follows: a.follows && !isFixed,
    // What is done or running stands where it stands and costs nothing more.
    early: isFixed ? 0 : a.early,
    late: isFixed ? 0 : a.late,
    omit: -1,
    people: peopleFor(problem, a),
    seconds: a.second === null ? null : having(problem, a.second),
    stations: stationsFor(problem, a),
    kind: a.station === null ? -1 : kindIndex(problem, a.station),
    amps: Math.round(a.amps * AMP_UNITS),
    clean: a.clean,
    stands: a.stands,
    noise: a.noise,
    scissors: a.scissors ? 1 : 0,
    fixed: a.fixed,
  };
}

/** By people (stations) of a problem and what is asked of them: explanations change little, and ask again and again. */
const peopleWith = new WeakMap<Problem['people'], Map<string, number[]>>();
const stationsWith = new WeakMap<Problem['stations'], Map<string, number[]>>();

function listed<T extends object>(
  memo: WeakMap<T, Map<string, number[]>>,
  of: T,
  key: string,
  make: () => number[],
): number[] {
  let lists = memo.get(of);
  if (lists === undefined) memo.set(of, (lists = new Map<string, number[]>()));
  let list = lists.get(key);
  if (list === undefined) lists.set(key, (list = make()));
  return list;
}

function having(problem: Problem, skill: NonNullable<Activity['skill']>): number[] {
  return listed(peopleWith, problem.people, skill, () =>
    problem.people.flatMap((p, k) => (p.skills.has(skill) ? [k] : [])),
  );
}

function peopleFor(problem: Problem, a: Activity): number[] | null {
  if (a.skill === null || a.att === 0) return null;
  const able = having(problem, a.skill);
  const { allowed, only } = a;
  return able.filter((k) => (only < 0 || k === only) && (allowed === null || allowed.includes(k)));
}

function stationsFor(problem: Problem, a: Activity): number[] | null {
  if (a.station === null) return null;
  return listed(stationsWith, problem.stations, `${a.station} ${String(a.ramp)} ${a.lengthCm} ${a.at}`, () =>
    problem.stations.flatMap((s, k) => {
      if (a.at >= 0 && a.at !== k) return [];
      const fits = s.kind === a.station && (!a.ramp || s.ramp) && s.lengthCm >= a.lengthCm;
      return fits ? [k] : [];
    }),
  );
}

function kindIndex(problem: Problem, kind: NonNullable<Activity['station']>): number {
  return problem.stations.findIndex((s) => s.kind === kind);
}

/** What a plan would like beyond its costs: to stay where it was, and people with many skills free for those. */
export function planWishes(problem: Problem, stay: Placement | null): Stay {
  return new Stay(
    stay,
    problem.people.map((p) => p.skills.size * SKILL_PRICE),
  );
}
