/*
 * How likely each chain of a plan is to be ready: the plan is played many times with durations drawn from their spread.
 * Everything keeps its order. A task starts when it was planned or when what stands before it is over, whichever is
 * later; nobody starts on a break or after the shift, and what was begun is finished.
 */
import { INFINITY, exp, floor, max, min } from './numbers.js';
import type { Rng } from './rng.js';
import { makeRng } from './rng.js';
import type { Activity, Chain, Model, Schedule } from './model.js';

/** Results of many plays, by chain. */
export interface Odds {
  /** By chain: share of the plays in which it is ready, 0 to 1; NaN for chains that are not in the plan. */
  readonly ready: Float64Array;
  /** By chain: activity that most often is the first to end too late; -1 = none ever does. */
  readonly breaks: Int32Array;
}

/** How a schedule is played. */
export interface PlayOptions {
  readonly runs: number;
  readonly seed: number;
  /** By activity: spread of its duration on the log scale (0 = always as planned). */
  readonly spread: readonly number[];
  /** By activity: middle of its duration in slots; what is planned may be a careful figure. */
  readonly middle: readonly number[];
  /** By activity: whether being late with it alone means that the chain is not ready. */
  readonly counts: readonly boolean[];
  /** By activity: whether the wait that the chain asks for before it is given up when time is short; default none. */
  readonly squeezes?: readonly boolean[];
  /** By activity: slots past its latest end that still do; default none. */
  readonly grace?: readonly number[];
  /** Slot before which nothing begins that is not fixed: the plan is played on from there; default 0. */
  readonly notBefore?: number;
}

const TABLE = 4096;
const NOTHING = -1;
/** Figures of a step that the innermost loop reads, side by side. */
const STEP_FIELDS = 6;
const SPREAD = 0;
const MIDDLE = 1;
const REST = 2;
const CLEAN = 3;
const LATEST_START = 4;
const LATEST_END = 5;
/** Rounding of sums, in slots. */
const SLACK = 1e-6;

/** Plays a plan. The same plan, spreads, runs and seed give the same odds. */
export function playOdds(model: Model, schedule: Schedule, options: PlayOptions): Odds {
  const play = new Play(model, schedule, options);
  for (let k = 0; k < options.runs; k++) play.once();
  return play.odds();
}

class Play {
  private readonly model: Model;
  /** Placed activities by start. */
  private readonly order: Int32Array;
  /** Four activities before each: of the chain, of the worker, of the second, at the machine; -1 = none. */
  private readonly before: Int32Array;
  private readonly planned: Float64Array;
  /** The planned start, or the moment from which the plan is played on. */
  private readonly begin: Float64Array;
  private readonly gaps: Float64Array;
  private readonly ends: Float64Array;
  /** Until when workers are held, and when the machine is set up again. */
  private readonly freeAt: Float64Array;
  private readonly cleanAt: Float64Array;
  private readonly nextOn: readonly Int32Array[];
  private readonly worker: Int32Array;
  private readonly failed: Int32Array;
  private readonly missed: Int32Array;
  private readonly firstLate: Int32Array;
  private readonly steps: Float64Array;
  private readonly chainOf: Int32Array;
  private readonly table: Float64Array;
  private readonly options: PlayOptions;
  private readonly rng: Rng;

  constructor(model: Model, schedule: Schedule, options: PlayOptions) {
    const n = model.activities.length;
    this.model = model;
    this.options = options;
    this.rng = makeRng(options.seed);
    const placed = model.activities.flatMap((_, i) => (schedule[i] == null ? [] : [i]));
    const startOf = (i: number): number => schedule[i]?.start ?? 0;
    this.order = Int32Array.from(placed.sort((x, y) => startOf(x) - startOf(y) || x - y));
    this.before = new Int32Array(n * 4).fill(NOTHING);
    this.planned = Float64Array.from(model.activities, (_, i) => startOf(i));
    const from = options.notBefore ?? 0;
    this.begin = this.planned.map((t, i) => (model.activities[i]?.fixed === null ? max(t, from) : t));
    this.worker = Int32Array.from(model.activities, (_, i) => schedule[i]?.worker ?? NOTHING);
    this.gaps = new Float64Array(n);
    this.ends = new Float64Array(n);
    this.freeAt = new Float64Array(n);
    this.cleanAt = new Float64Array(n);
    this.failed = new Int32Array(model.chains.length);
    this.missed = new Int32Array(n);
    this.firstLate = new Int32Array(model.chains.length);
    this.nextOn = model.workers.map((p) => nextWorking(p.site, model.horizon));
    this.table = normalTable(this.rng);
    this.steps = stepsOf(model, options);
    this.chainOf = Int32Array.from(model.activities, (a) => a.chain);
    this.linkBefore(schedule);
  }

  private linkBefore(schedule: Schedule): void {
    const lastChain = new Map<number, number>();
    const lastWorker = new Map<number, number>();
    const lastMachine = new Map<number, number>();
    for (const i of this.order) {
      const a = this.model.activities[i] as Activity;
      const place = schedule[i];
      if (place == null) continue;
      const link = (k: number, last: Map<number, number>, key: number): void => {
        // Fixed work stands where it stands, whatever came before it.
        if (key >= 0 && a.fixed === null) this.before[i * 4 + k] = last.get(key) ?? NOTHING;
      };
      link(0, lastChain, a.chain);
      link(1, lastWorker, place.worker);
      link(2, lastWorker, place.second);
      // A job needs no setup after itself, and what it does next waits for it anyway.
      const there = lastMachine.get(place.machine) ?? NOTHING;
      const isOwn = there >= 0 && this.model.activities[there]?.chain === a.chain;
      if (!isOwn) link(3, lastMachine, place.machine);
      this.gaps[i] = this.lagAfter(i, this.before[i * 4] as number);
      lastChain.set(a.chain, i);
      for (const who of [place.worker, place.second]) if (who >= 0 && a.attended > 0) lastWorker.set(who, i);
      if (place.machine >= 0) lastMachine.set(place.machine, i);
    }
  }

  /** Wait that the chain asks for between two of its activities. */
  private lagAfter(i: number, before: number): number {
    if (before < 0 || this.options.squeezes?.[i] === true) return 0;
    const chain = this.model.chains[(this.model.activities[i] as Activity).chain] as Chain;
    const from = chain.acts.indexOf(before);
    const to = chain.acts.indexOf(i);
    let gap = 0;
    for (const lag of chain.lags) if (lag.from === from && lag.to === to) gap = max(gap, lag.min);
    return gap;
  }

  once(): void {
    const { order, before, planned, gaps, ends, freeAt, cleanAt, table, steps, firstLate } = this;
    const rng = this.rng;
    firstLate.fill(NOTHING);
    for (const i of order) {
      const s = i * STEP_FIELDS;
      const spread = steps[s + SPREAD] as number;
      const draw = spread === 0 ? 1 : exp(spread * (table[floor(rng.next() * TABLE)] as number));
      const attended = (steps[s + MIDDLE] as number) * draw;
      const b = i * 4;
      let start = this.begin[i] as number;
      const chain = before[b] as number;
      const worker = before[b + 1] as number;
      const second = before[b + 2] as number;
      const machine = before[b + 3] as number;
      if (chain >= 0) start = max(start, (ends[chain] as number) + (gaps[i] as number));
      if (worker >= 0) start = max(start, freeAt[worker] as number);
      if (second >= 0) start = max(start, freeAt[second] as number);
      if (machine >= 0) start = max(start, cleanAt[machine] as number);
      if (start > (planned[i] as number)) start = this.whenWorking(i, start);
      const end = start + attended + (steps[s + REST] as number);
      ends[i] = end;
      freeAt[i] = start + attended;
      cleanAt[i] = end + (steps[s + CLEAN] as number);
      if (start <= (steps[s + LATEST_START] as number) && end <= (steps[s + LATEST_END] as number)) continue;
      const c = this.chainOf[i] as number;
      if (firstLate[c] === NOTHING) firstLate[c] = i;
    }
    this.note();
  }

  /** The start itself, or when the worker works again. */
  private whenWorking(i: number, start: number): number {
    const who = this.worker[i] as number;
    if (who < 0) return start;
    const slot = min(floor(start), this.model.horizon);
    const next = (this.nextOn[who] as Int32Array)[slot] as number;
    return next === slot ? start : next;
  }

  private note(): void {
    for (let c = 0; c < this.failed.length; c++) {
      const i = this.firstLate[c] as number;
      if (i < 0) continue;
      this.failed[c] = (this.failed[c] as number) + 1;
      this.missed[i] = (this.missed[i] as number) + 1;
    }
  }

  odds(): Odds {
    const ready = new Float64Array(this.model.chains.length);
    const breaks = new Int32Array(this.model.chains.length).fill(NOTHING);
    const placed = new Set(this.order);
    this.model.chains.forEach((chain, c) => {
      const isIn = chain.acts.every((i) => placed.has(i) || (this.model.activities[i] as Activity).omissionCost >= 0);
      ready[c] = isIn ? 1 - (this.failed[c] as number) / max(1, this.options.runs) : Number.NaN;
      let most = 0;
      for (const i of chain.acts) {
        if ((this.missed[i] as number) <= most) continue;
        most = this.missed[i] as number;
        breaks[c] = i;
      }
    });
    return { ready, breaks };
  }
}

function stepsOf(model: Model, { spread, middle, counts, grace }: PlayOptions): Float64Array {
  const steps = new Float64Array(model.activities.length * STEP_FIELDS);
  model.activities.forEach((a, i) => {
    const always = a.fixed !== null || spread[i] === 0;
    // A step of exact length at an exact time is missed when it cannot begin on time; others when they end too late.
    const exact = always && a.earliestStart + a.duration === a.latestEnd;
    const free = a.fixed !== null || counts[i] !== true;
    steps.set(
      [
        always ? 0 : (spread[i] ?? 0),
        always ? a.attended : (middle[i] ?? a.attended),
        a.duration - a.attended,
        a.setup,
      ],
      i * STEP_FIELDS,
    );
    steps[i * STEP_FIELDS + LATEST_START] = exact && !free ? a.earliestStart + SLACK : INFINITY;
    steps[i * STEP_FIELDS + LATEST_END] = exact || free ? INFINITY : a.latestEnd + (grace?.[i] ?? 0) + SLACK;
  });
  return steps;
}

/** By slot: the slot itself where a worker works in it, else the next one in which it does; the horizon where none comes. */
function nextWorking(site: Int8Array, horizon: number): Int32Array {
  const next = new Int32Array(horizon + 1).fill(horizon);
  for (let t = horizon - 1; t >= 0; t--) next[t] = site[t] === -1 ? (next[t + 1] as number) : t;
  return next;
}

/** Draws of a normal distribution (sum of twelve uniform draws: mean 0, deviation 1), scaled to exactly that. */
function normalTable(rng: Rng): Float64Array {
  const table = Float64Array.from({ length: TABLE }, () => {
    let sum = -6;
    for (let k = 0; k < 12; k++) sum += rng.next();
    return sum;
  });
  const mean = table.reduce((sum, z) => sum + z, 0) / TABLE;
  const variance = table.reduce((sum, z) => sum + (z - mean) ** 2, 0) / TABLE;
  return table.map((z) => (z - mean) / Math.sqrt(variance));
}
