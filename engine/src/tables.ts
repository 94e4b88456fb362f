/*
 * Facts that never change while a model is fitted, computed once: tightened windows, which activity may follow which, where
 * each worker and machine can serve a job, overtime as prefix sums. Everything is a flat array; the innermost loops read
 * it millions of times.
 */
import { keeperCandidates } from './continuity.js';
import { max, min } from './numbers.js';
import type { Activity, Chain, Model } from './model.js';
import { assertSizes } from './sizes.js';
import { clearRange, keepRunsIn, wordsOf } from './slotBits.js';

/** That the activity at one position may directly follow the one at another, everything between omitted. */
export interface Link {
  readonly from: number;
  readonly to: number;
  readonly min: number;
  /** -1 = any. */
  readonly max: number;
  /** Cost of what is omitted between. */
  readonly skipped: number;
  /** Both strain, and one day has not enough straining slots for the two. */
  readonly apart: boolean;
}

/** A chain made ready for fitting. */
export interface ChainTables {
  readonly acts: readonly number[];
  /** Links into each position. */
  readonly into: readonly (readonly Link[])[];
  /** Links out of each position. */
  readonly outOf: readonly (readonly Link[])[];
  /** Cost of omitting everything before (after) a position; -1 where something there is mandatory. */
  readonly skipBefore: readonly number[];
  readonly skipAfter: readonly number[];
  /** Lags that reach over a position: checked on the answer. */
  readonly over: Chain['lags'];
  /** Whether daily limits (strain, exposure, precision) concern the chain. */
  readonly limited: boolean;
  /** Chains that need this one. */
  readonly dependents: readonly number[];
  /** Fixed activities with a setup, by index: what follows them of this chain needs no setup. */
  readonly fixedSetups: readonly number[];
  /** By continuity: who could keep it. */
  readonly keepers: readonly (readonly number[])[];
}

/** Passes over a chain's lags; windows that are not tight after so many are sound all the same. */
const MOST_PASSES = 60;

/** Derived tables of one model. */
export class Tables {
  readonly model: Model;
  readonly words: number;
  readonly days: number;
  /** Day of each slot. */
  readonly dayOf: Int16Array;
  readonly dayStart: Int32Array;
  /** Class of each job: jobs with the same journeys. */
  readonly travelClassOf: Int16Array;
  /** Earliest and latest start of each activity. */
  readonly lo: Int32Array;
  readonly hi: Int32Array;
  readonly chains: readonly ChainTables[];
  /** Steps of the longest chain: buffers of whoever fits chains are as long. */
  readonly mostSteps: number;
  /** By worker: overtime slots before each slot. */
  readonly overBefore: readonly Int32Array[];
  /** Cost of overtime of each chain's fixed work, which counts even when the chain is left out. */
  readonly fixedOvertime: Float64Array;
  private readonly travelSites: Int8Array[] = [];
  private readonly workerThere = new Map<number, Int32Array>();
  private readonly machineThere = new Map<number, Int32Array>();
  private readonly jobThere = new Map<number, Int32Array>();
  private readonly workerStarts = new Map<number, Int32Array>();
  private readonly machineStarts = new Map<number, Int32Array>();
  private readonly jobStarts = new Map<number, Int32Array>();
  /** By machine: the first with the same calendar, so that those that never close are looked at once a site. */
  private readonly calendarOf: Int32Array;

  /** @throws RangeError with words where the model is larger than the engine takes */
  constructor(model: Model) {
    assertSizes(model);
    this.model = model;
    this.words = wordsOf(model.horizon);
    const dayStarts = model.dayStarts.filter((t) => t < model.horizon);
    this.days = dayStarts.length;
    this.dayStart = Int32Array.from([...dayStarts, model.horizon]);
    this.dayOf = new Int16Array(model.horizon + 1);
    for (let d = 0; d < this.days; d++) this.dayOf.fill(d, this.dayStart[d], model.horizon + 1);
    this.travelClassOf = Int16Array.from(model.jobs.map((job) => this.classFor(job.site)));
    this.calendarOf = calendarsOf(model.machines);
    this.overBefore = model.workers.map((p) => prefixOf(p.over, model.horizon));
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

  /** Overtime slots of a worker in [from, from + slots). */
  overtime(worker: number, from: number, slots: number): number {
    if (worker < 0 || from < 0) return 0;
    const before = this.overBefore[worker] as Int32Array;
    return (before[min(from + slots, this.model.horizon)] as number) - (before[from] as number);
  }

  /** Starts at which a worker can attend `attended` slots beside a job of a class, by calendar alone. */
  workerStartsOf(travelClass: number, worker: number, attended: number): Int32Array {
    const key = (travelClass * 4096 + attended) * 1024 + worker;
    return remembered(this.workerStarts, key, () => {
      const p = this.model.workers[worker] as Model['workers'][number];
      const there = remembered(this.workerThere, travelClass * 1024 + worker, () =>
        sameSite(p.site, this.travelSites[travelClass] as Int8Array, this.words, this.model.horizon),
      );
      const bits = there.slice();
      const need = max(1, attended);
      keepRunsIn(bits, this.words, need);
      for (const [end, start] of p.seams) clearRange(bits, max(0, end - need + 1), max(0, start));
      return bits;
    });
  }

  /** Starts at which a machine can hold a job of a class for `duration` slots, by calendar alone. */
  machineStartsOf(travelClass: number, machine: number, duration: number): Int32Array {
    const calendar = this.calendarOf[machine] as number;
    const key = (travelClass * 4096 + duration) * 1024 + calendar;
    return remembered(this.machineStarts, key, () => {
      const s = this.model.machines[calendar] as Model['machines'][number];
      const there = remembered(this.machineThere, travelClass * 1024 + calendar, () =>
        openAt(s.site, s.closed, this.travelSites[travelClass] as Int8Array, this.words, this.model.horizon),
      );
      const bits = there.slice();
      keepRunsIn(bits, this.words, duration);
      return bits;
    });
  }

  /** Starts at which a machine is where a job of a class is for `duration` slots, open or closed. */
  siteStartsOf(travelClass: number, machine: number, duration: number): Int32Array {
    const { site } = this.model.machines[machine] as Model['machines'][number];
    const { horizon } = this.model;
    const bits = openAt(site, new Uint8Array(horizon), this.travelSites[travelClass] as Int8Array, this.words, horizon);
    keepRunsIn(bits, this.words, duration);
    return bits;
  }

  /** Starts at which a job of a class stays where it is for `duration` slots. */
  jobStartsOf(travelClass: number, duration: number): Int32Array {
    return remembered(this.jobStarts, travelClass * 4096 + duration, () => {
      const site = this.travelSites[travelClass] as Int8Array;
      const there = remembered(this.jobThere, travelClass, () => sameSite(site, site, this.words, this.model.horizon));
      const bits = there.slice();
      keepRunsIn(bits, this.words, duration);
      return bits;
    });
  }

  private classFor(site: Int8Array): number {
    const horizon = this.model.horizon;
    const found = this.travelSites.findIndex((c) => {
      for (let t = 0; t < horizon; t++) if (c[t] !== site[t]) return false;
      return true;
    });
    if (found >= 0) return found;
    this.travelSites.push(site);
    return this.travelSites.length - 1;
  }

  /** Draws the windows of a chain tight through order and lags; implied by them, so nothing is lost. */
  private tighten(chain: Chain): void {
    const { lo, hi } = this;
    const { activities, horizon, now } = this.model;
    const acts = chain.acts.map((i) => activities[i] as Activity);
    chain.acts.forEach((i, k) => {
      const a = acts[k] as Activity;
      lo[i] = a.fixed === null ? max(now, a.earliestStart) : a.fixed.start;
      hi[i] = a.fixed === null ? min(horizon, a.latestEnd) - a.duration : a.fixed.start;
    });
    const musts = chain.acts.map((_, k) => k).filter((k) => (acts[k] as Activity).omissionCost < 0);
    const order = musts.slice(1).map((to, k) => ({ from: musts[k] as number, to, min: 0, max: -1 }));
    const lags = [...chain.lags, ...order];
    for (const pass of acts.keys()) {
      if (pass > MOST_PASSES) return;
      let changed = false;
      for (const lag of lags) {
        const a = chain.acts[lag.from] as number;
        const b = chain.acts[lag.to] as number;
        const from = acts[lag.from] as Activity;
        const to = acts[lag.to] as Activity;
        if (to.fixed === null && from.omissionCost < 0) {
          changed = raise(lo, b, (lo[a] as number) + from.duration + lag.min) || changed;
          if (lag.max >= 0) changed = lower(hi, b, (hi[a] as number) + from.duration + lag.max) || changed;
        }
        if (from.fixed === null && to.omissionCost < 0) {
          changed = lower(hi, a, (hi[b] as number) - lag.min - from.duration) || changed;
          if (lag.max >= 0) changed = raise(lo, a, (lo[b] as number) - lag.max - from.duration) || changed;
        }
      }
      if (!changed) return;
    }
  }

  private fixedOvertimeOf(chain: Chain): number {
    let slots = 0;
    for (const i of chain.acts) {
      const a = this.model.activities[i] as Activity;
      if (a.fixed === null) continue;
      for (const who of [a.fixed.worker, a.fixed.second]) slots += this.overtime(who, a.fixed.start, a.attended);
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

/** Slots in which a machine is open and at the site of the class. */
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

function calendarsOf(machines: Model['machines']): Int32Array {
  const bySite = new Map<number, number>();
  return Int32Array.from(machines, ({ site, closed }, k) => {
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

function dependentsOf(model: Model): number[][] {
  const lists = model.chains.map((): number[] => []);
  model.chains.forEach((c, k) => lists[c.needs]?.push(k));
  return lists;
}

function chainTables(model: Model, chain: Chain, dependents: readonly number[]): ChainTables {
  const acts = chain.acts.map((i) => model.activities[i] as Activity);
  const omissionCost = (k: number): number => {
    const a = acts[k] as Activity;
    return a.fixed === null ? a.omissionCost : -1;
  };
  const into: Link[][] = acts.map(() => []);
  const outOf: Link[][] = acts.map(() => []);
  for (let to = 1; to < acts.length; to++) {
    let skipped = 0;
    for (let from = to - 1; from >= 0; from--) {
      const apart = areApart(model, chain, acts[from] as Activity, acts[to] as Activity);
      const link = { ...lagBetween(chain, from, to), skipped, apart };
      into[to]?.push(link);
      outOf[from]?.push(link);
      if (omissionCost(from) < 0) break;
      skipped += omissionCost(from);
    }
  }
  return {
    acts: chain.acts,
    into,
    outOf,
    skipBefore: acts.map((_, k) => skippable(acts.slice(0, k))),
    skipAfter: acts.map((_, k) => skippable(acts.slice(k + 1))),
    over: chain.lags.filter((l) => l.to - l.from > 1),
    limited: acts.some((a) => a.strains || a.exposure > 0 || a.precision > 0),
    dependents,
    fixedSetups: chain.acts.filter((_, k) => {
      const a = acts[k] as Activity;
      return a.fixed !== null && a.fixed.machine >= 0 && a.setup > 0;
    }),
    keepers: chain.continuities.map((c) => keeperCandidates(model, chain, c)),
  };
}

function lagBetween(chain: Chain, from: number, to: number): Omit<Link, 'skipped' | 'apart'> {
  let least = 0;
  let most = -1;
  for (const lag of chain.lags) {
    if (lag.from !== from || lag.to !== to) continue;
    least = max(least, lag.min);
    if (lag.max >= 0) most = most < 0 ? lag.max : min(most, lag.max);
  }
  return { from, to, min: least, max: most };
}

function areApart(model: Model, chain: Chain, a: Activity, b: Activity): boolean {
  const cap = model.jobs[chain.job]?.strainCap ?? 0;
  return a.strains && b.strains && a.fixed === null && b.fixed === null && a.duration + b.duration > cap;
}

function skippable(acts: readonly Activity[]): number {
  return acts.some((a) => a.omissionCost < 0 || a.fixed !== null)
    ? -1
    : acts.reduce((sum, a) => sum + a.omissionCost, 0);
}
