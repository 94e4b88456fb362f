/*
 * What never changes while a problem is planned, as bit sets: where each person and each station can serve a dog. Dogs
 * with the same journeys share a class, and there are only a few of those. "What if" problems share most of their people
 * and stations with the real one, so each set is remembered with the object that it was made from.
 */
import { bitsWhere } from './bits.js';
import type { Problem, ProblemPerson, ProblemStation } from './problem.js';

export interface Statics {
  /** Class of each dog. */
  readonly classOf: readonly number[];
  /** By class: slots in which the dog is somewhere, not on the road. */
  readonly dogThere: readonly Int32Array[];
  /** By class and person: at the dog's site, on shift; and the same without overtime. */
  readonly person: readonly (readonly Int32Array[])[];
  readonly personRegular: readonly (readonly Int32Array[])[];
  /** By person: overtime slots before each slot, so that a stretch is one subtraction. */
  readonly overBefore: readonly Int32Array[];
  /** By class and station: at the dog's site and open; and at the site, open or closed. */
  readonly station: readonly (readonly Int32Array[])[];
  readonly stationSite: readonly (readonly Int32Array[])[];
}

type Memo<K extends object> = WeakMap<K, WeakMap<Int8Array, Int32Array>>;
const personMemo: Memo<ProblemPerson> = new WeakMap();
const regularMemo: Memo<ProblemPerson> = new WeakMap();
const stationMemo: Memo<ProblemStation> = new WeakMap();
const siteMemo: Memo<ProblemStation> = new WeakMap();

function remembered<K extends object>(memo: Memo<K>, key: K, sites: Int8Array, make: () => Int32Array): Int32Array {
  let bySites = memo.get(key);
  if (bySites === undefined) {
    bySites = new WeakMap();
    memo.set(key, bySites);
  }
  let bits = bySites.get(sites);
  if (bits === undefined) {
    bits = make();
    bySites.set(sites, bits);
  }
  return bits;
}

/** Computes the statics of a problem. */
export function makeStatics(problem: Problem): Statics {
  const { horizon, people, stations, dogs } = problem;
  const classes: Int8Array[] = [];
  const classOf = dogs.map((dog) => {
    const found = classes.findIndex((c) => sameSites(c, dog.site, horizon));
    if (found >= 0) return found;
    classes.push(dog.site);
    return classes.length - 1;
  });
  const forPeople = (memo: Memo<ProblemPerson>, has: (p: ProblemPerson, c: Int8Array, t: number) => boolean) =>
    classes.map((c) => people.map((p) => remembered(memo, p, c, () => bitsWhere(horizon, (t) => has(p, c, t)))));
  const forStations = (memo: Memo<ProblemStation>, has: (s: ProblemStation, c: Int8Array, t: number) => boolean) =>
    classes.map((c) => stations.map((s) => remembered(memo, s, c, () => bitsWhere(horizon, (t) => has(s, c, t)))));
  return {
    classOf,
    overBefore: people.map((p) => overtimeBefore(p)),
    dogThere: classes.map((c) => bitsWhere(horizon, (t) => c[t] !== -1)),
    person: forPeople(personMemo, (p, c, t) => p.site[t] !== -1 && p.site[t] === c[t]),
    personRegular: forPeople(regularMemo, (p, c, t) => p.site[t] !== -1 && p.site[t] === c[t] && p.over[t] === 0),
    station: forStations(stationMemo, (s, c, t) => s.site === c[t] && s.closed[t] === 0),
    stationSite: forStations(siteMemo, (s, c, t) => s.site === c[t]),
  };
}

const overMemo = new WeakMap<ProblemPerson, Int32Array>();

function overtimeBefore(person: ProblemPerson): Int32Array {
  const known = overMemo.get(person);
  if (known !== undefined) return known;
  const before = new Int32Array(person.over.length + 1);
  for (let t = 0; t < person.over.length; t++) before[t + 1] = (before[t] ?? 0) + (person.over[t] ?? 0);
  overMemo.set(person, before);
  return before;
}

function sameSites(x: Int8Array, y: Int8Array, horizon: number): boolean {
  for (let t = 0; t < horizon; t++) if (x[t] !== y[t]) return false;
  return true;
}
