/*
 * What never changes while a model is fitted, computed once: tightened windows, which activity may follow which, where
 * each person and station can serve a dog, overtime as prefix sums. Everything is a flat array; the innermost loops read
 * it millions of times.
 */
import { max, min } from '../units/numbers.js';
import type { FitActivity, FitChain, FitModel } from './fitModel.js';
import { clearRange, keepRunsIn, wordsOf } from './slotBits.js';

/** That the activity at one position may directly follow the one at another, everything between omitted. */
export interface FitLink {
  readonly from: number;
  readonly to: number;
  readonly min: number;
  /** -1 = any. */
  readonly max: number;
  /** Cost of what is omitted between. */
  readonly skipped: number;
  /** Both stand, and one day has not enough standing minutes for the two. */
  readonly apart: boolean;
}

/** A chain made ready for fitting. */
export interface ChainTables {
  readonly acts: readonly number[];
  /** Links into each position. */
  readonly into: readonly (readonly FitLink[])[];
  /** Links out of each position. */
  readonly outOf: readonly (readonly FitLink[])[];
  /** Cost of omitting everything before (after) a position; -1 where something there is mandatory. */
  readonly skipBefore: readonly number[];
  readonly skipAfter: readonly number[];
  /** Lags that reach over a position: checked on the answer. */
  readonly over: FitChain['lags'];
  /** Whether daily limits (standing, noise, scissors) concern the chain. */
  readonly limited: boolean;
  /** Chains that need this one. */
  readonly dependents: readonly number[];
}

/** Passes over a chain's lags; windows that are not tight after so many are sound all the same. */
const MOST_PASSES = 60;

/** Derived tables of one model. */
export class FitTables {
  readonly model: FitModel;
  readonly words: number;
  readonly days: number;
  /** Day of each slot. */
  readonly dayOf: Int16Array;
  readonly dayStart: Int32Array;
  /** Class of each dog: dogs with the same journeys. */
  readonly classOf: Int16Array;
  /** Earliest and latest start of each activity. */
  readonly lo: Int32Array;
  readonly hi: Int32Array;
  readonly chains: readonly ChainTables[];
  /** Steps of the longest chain: buffers of whoever fits chains are as long. */
  readonly mostSteps: number;
  /** By person: overtime slots before each slot. */
  readonly overBefore: readonly Int32Array[];
  /** Cost of overtime of each chain's fixed work, which counts even when the chain is left out. */
  readonly fixedOvertime: Float64Array;
  private readonly classSites: Int8Array[] = [];
  private readonly personThere = new Map<number, Int32Array>();
  private readonly stationThere = new Map<number, Int32Array>();
  private readonly dogThere = new Map<number, Int32Array>();
  private readonly personStarts = new Map<number, Int32Array>();
  private readonly stationStarts = new Map<number, Int32Array>();
  private readonly dogStarts = new Map<number, Int32Array>();
  /** By station: the first with the same calendar, so that those that never close are looked at once a site. */
  private readonly calendarOf: Int32Array;

  constructor(model: FitModel) {
    this.model = model;
    this.words = wordsOf(model.horizon);
    this.days = model.dayStarts.length;
    this.dayStart = Int32Array.from([...model.dayStarts, model.horizon]);
    this.dayOf = new Int16Array(model.horizon + 1);
    for (let d = 0; d < this.days; d++) this.dayOf.fill(d, this.dayStart[d], model.horizon + 1);
    this.classOf = Int16Array.from(model.dogs.map((dog) => this.classFor(dog.site)));
    this.calendarOf = calendarsOf(model.stations);
    this.overBefore = model.people.map((p) => prefixOf(p.over, model.horizon));
    this.lo = new Int32Array(model.activities.length);
    this.hi = new Int32Array(model.activities.length);
    const dependents = dependentsOf(model);
    this.mostSteps = model.chains.reduce((most, c) => Math.max(most, c.acts.length), 1);
    this.chains = model.chains.map((c, k) => {
      this.tighten(c);
      return chainTables(model, c, dependents[k] as number[]);
    });
    this.fixedOvertime = Float64Array.from(model.chains, (c) => this.fixedOvertimeOf(c));
  }

  /** Day of a slot; -1 before the first midnight. */
  dayAt(slot: number): number {
    return slot < 0 ? -1 : (this.dayOf[min(slot, this.model.horizon)] as number);
  }

  /** Overtime slots of a person in [from, from + slots). */
  overtime(person: number, from: number, slots: number): number {
    if (person < 0 || from < 0) return 0;
    const before = this.overBefore[person] as Int32Array;
    return (before[min(from + slots, this.model.horizon)] as number) - (before[from] as number);
  }

  /** Starts at which a person can attend `att` slots beside a dog of a class, by calendar alone. */
  personStartsOf(klass: number, person: number, att: number): Int32Array {
    const key = (klass * 4096 + att) * 1024 + person;
    return remembered(this.personStarts, key, () => {
      const p = this.model.people[person] as FitModel['people'][number];
      const there = remembered(this.personThere, klass * 1024 + person, () =>
        sameSite(p.site, this.classSites[klass] as Int8Array, this.words, this.model.horizon),
      );
      const bits = there.slice();
      const need = max(1, att);
      keepRunsIn(bits, this.words, need);
      for (const [end, start] of p.seams) clearRange(bits, max(0, end - need + 1), max(0, start));
      return bits;
    });
  }

  /** Starts at which a station can hold a dog of a class for `dur` slots, by calendar alone. */
  stationStartsOf(klass: number, station: number, dur: number): Int32Array {
    const calendar = this.calendarOf[station] as number;
    const key = (klass * 4096 + dur) * 1024 + calendar;
    return remembered(this.stationStarts, key, () => {
      const s = this.model.stations[calendar] as FitModel['stations'][number];
      const there = remembered(this.stationThere, klass * 1024 + calendar, () =>
        openAt(s.site, s.closed, this.classSites[klass] as Int8Array, this.words, this.model.horizon),
      );
      const bits = there.slice();
      keepRunsIn(bits, this.words, dur);
      return bits;
    });
  }

  /** Starts at which a station is where a dog of a class is for `dur` slots, open or closed. */
  siteStartsOf(klass: number, station: number, dur: number): Int32Array {
    const { site } = this.model.stations[station] as FitModel['stations'][number];
    const { horizon } = this.model;
    const bits = openAt(site, new Uint8Array(horizon), this.classSites[klass] as Int8Array, this.words, horizon);
    keepRunsIn(bits, this.words, dur);
    return bits;
  }

  /** Starts at which a dog of a class stays where it is for `dur` slots. */
  dogStartsOf(klass: number, dur: number): Int32Array {
    return remembered(this.dogStarts, klass * 4096 + dur, () => {
      const site = this.classSites[klass] as Int8Array;
      const there = remembered(this.dogThere, klass, () => sameSite(site, site, this.words, this.model.horizon));
      const bits = there.slice();
      keepRunsIn(bits, this.words, dur);
      return bits;
    });
  }

  private classFor(site: Int8Array): number {
    const horizon = this.model.horizon;
    const found = this.classSites.findIndex((c) => {
      for (let t = 0; t < horizon; t++) if (c[t] !== site[t]) return false;
      return true;
    });
    if (found >= 0) return found;
    this.classSites.push(site);
    return this.classSites.length - 1;
  }

  /** Draws the windows of a chain tight through order and lags; implied by them, so nothing is lost. */
  private tighten(chain: FitChain): void {
    const { lo, hi } = this;
    const { activities, horizon, now } = this.model;
    const acts = chain.acts.map((i) => activities[i] as FitActivity);
    chain.acts.forEach((i, k) => {
      const a = acts[k] as FitActivity;
      lo[i] = a.fixed === null ? max(now, a.est) : a.fixed.start;
      hi[i] = a.fixed === null ? min(horizon, a.let) - a.dur : a.fixed.start;
    });
    const musts = chain.acts.map((_, k) => k).filter((k) => (acts[k] as FitActivity).omit < 0);
    const order = musts.slice(1).map((to, k) => ({ from: musts[k] as number, to, min: 0, max: -1 }));
    const lags = [...chain.lags, ...order];
    for (const pass of acts.keys()) {
      if (pass > MOST_PASSES) return;
      let changed = false;
      for (const lag of lags) {
        const a = chain.acts[lag.from] as number;
        const b = chain.acts[lag.to] as number;
        const from = acts[lag.from] as FitActivity;
        const to = acts[lag.to] as FitActivity;
        if (to.fixed === null && from.omit < 0) {
          changed = raise(lo, b, (lo[a] as number) + from.dur + lag.min) || changed;
          if (lag.max >= 0) changed = lower(hi, b, (hi[a] as number) + from.dur + lag.max) || changed;
        }
        if (from.fixed === null && to.omit < 0) {
          changed = lower(hi, a, (hi[b] as number) - lag.min - from.dur) || changed;
          if (lag.max >= 0) changed = raise(lo, a, (lo[b] as number) - lag.max - from.dur) || changed;
        }
      }
      if (!changed) return;
    }
  }

  private fixedOvertimeOf(chain: FitChain): number {
    let slots = 0;
    for (const i of chain.acts) {
      const a = this.model.activities[i] as FitActivity;
      if (a.fixed === null) continue;
      for (const who of [a.fixed.person, a.fixed.second]) slots += this.overtime(who, a.fixed.start, a.att);
    }
    return slots * this.model.weights.overtime;
  }
}

/** Slots in which two are at the same site, neither off nor on the road. */
function sameSite(x: Int8Array, y: Int8Array, words: number, horizon: number): Int32Array {
  const bits = new Int32Array(words);
  for (let t = 0; t < horizon; t++)
    if (x[t] !== -1 && x[t] === y[t]) bits[t >> 5] = (bits[t >> 5] as number) | (1 << (t & 31));
  return bits;
}

/** Slots in which a station is open and at the site of the class. */
function openAt(site: number, closed: Uint8Array, y: Int8Array, words: number, horizon: number): Int32Array {
  const bits = new Int32Array(words);
  for (let t = 0; t < horizon; t++)
    if (closed[t] === 0 && y[t] === site) bits[t >> 5] = (bits[t >> 5] as number) | (1 << (t & 31));
  return bits;
}

const closes = new WeakMap<Uint8Array, boolean>();

function everCloses(closed: Uint8Array): boolean {
  let ever = closes.get(closed);
  if (ever === undefined) closes.set(closed, (ever = closed.includes(1)));
  return ever;
}

function calendarsOf(stations: FitModel['stations']): Int32Array {
  const bySite = new Map<number, number>();
  return Int32Array.from(stations, ({ site, closed }, k) => {
    if (everCloses(closed)) return k;
    if (!bySite.has(site)) bySite.set(site, k);
    return bySite.get(site) as number;
  });
}

function remembered(memo: Map<number, Int32Array>, key: number, make: () => Int32Array): Int32Array {
  let bits = memo.get(key);
  if (bits === undefined) {
    bits = make();
    memo.set(key, bits);
  }
  return bits;
}

function raise(values: Int32Array, at: number, to: number): boolean {
  if (to <= (values[at] as number)) return false;
  values[at] = to;
  return true;
}

function lower(values: Int32Array, at: number, to: number): boolean {
  if (to >= (values[at] as number)) return false;
  values[at] = to;
  return true;
}

function prefixOf(over: Uint8Array, horizon: number): Int32Array {
  const before = new Int32Array(horizon + 1);
  for (let t = 0; t < horizon; t++) before[t + 1] = (before[t] as number) + (over[t] ?? 0);
  return before;
}

function dependentsOf(model: FitModel): number[][] {
  const lists = model.chains.map((): number[] => []);
  model.chains.forEach((c, k) => lists[c.needs]?.push(k));
  return lists;
}

function chainTables(model: FitModel, chain: FitChain, dependents: readonly number[]): ChainTables {
  const acts = chain.acts.map((i) => model.activities[i] as FitActivity);
  const omit = (k: number): number => {
    const a = acts[k] as FitActivity;
    return a.fixed === null ? a.omit : -1;
  };
  const into: FitLink[][] = acts.map(() => []);
  const outOf: FitLink[][] = acts.map(() => []);
  for (let to = 1; to < acts.length; to++) {
    let skipped = 0;
    for (let from = to - 1; from >= 0; from--) {
      const apart = areApart(model, chain, acts[from] as FitActivity, acts[to] as FitActivity);
      const link = { ...lagBetween(chain, from, to), skipped, apart };
      into[to]?.push(link);
      outOf[from]?.push(link);
      if (omit(from) < 0) break;
      skipped += omit(from);
    }
  }
  return {
    acts: chain.acts,
    into,
    outOf,
    skipBefore: acts.map((_, k) => skippable(acts.slice(0, k))),
    skipAfter: acts.map((_, k) => skippable(acts.slice(k + 1))),
    over: chain.lags.filter((l) => l.to - l.from > 1),
    limited: acts.some((a) => a.stands || a.noise > 0 || a.scissors > 0),
    dependents,
  };
}

function lagBetween(chain: FitChain, from: number, to: number): Omit<FitLink, 'skipped' | 'apart'> {
  let least = 0;
  let most = -1;
  for (const lag of chain.lags) {
    if (lag.from !== from || lag.to !== to) continue;
    least = max(least, lag.min);
    if (lag.max >= 0) most = most < 0 ? lag.max : min(most, lag.max);
  }
  return { from, to, min: least, max: most };
}

function areApart(model: FitModel, chain: FitChain, a: FitActivity, b: FitActivity): boolean {
  const cap = model.dogs[chain.dog]?.standCap ?? 0;
  return a.stands && b.stands && a.fixed === null && b.fixed === null && a.dur + b.dur > cap;
}

function skippable(acts: readonly FitActivity[]): number {
  return acts.some((a) => a.omit < 0 || a.fixed !== null) ? -1 : acts.reduce((sum, a) => sum + a.omit, 0);
}
