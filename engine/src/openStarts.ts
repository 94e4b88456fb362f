/*
 * Where one activity could start, with everything that is already placed in its way, and which workers and machines allow
 * each start. Rules can be relaxed one at a time, to find out what is in the way; the answer to "what would be possible"
 * and the answer to "why not" thus come from one place.
 */
import { max, min } from './numbers.js';
import type { Activity, Model } from './model.js';
import type { Tables } from './tables.js';
import type { Occupancy, UnaryResource } from './occupancy.js';
import { isDayFull, spendsLimits, strainOver } from './dailyLimits.js';
import { bitAt, clearRange, keepRunsIn, setRange } from './slotBits.js';

/** Rules that can be relaxed. */
export const RELAXABLE = [
  'workerBusy',
  'shift',
  'machineBusy',
  'machineClosed',
  'supply',
  'jobBusy',
  'strain',
  'workerLimit',
  'setup',
] as const;
/** A rule that can be relaxed, to find out what is in the way. */
export type Relaxable = (typeof RELAXABLE)[number];

/** All rules hold. */
export const NOTHING_RELAXED: ReadonlySet<Relaxable> = new Set();

/** Starts that one worker or machine allows. */
interface Starter {
  /** Index of the worker or machine. */
  readonly index: number;
  readonly starts: Int32Array;
}

/** Starts of one activity; the sets begin at slot `base`, a multiple of 32. */
export interface OpenStarts {
  readonly base: number;
  /** Slots in which it can start, rising. */
  readonly slots: readonly number[];
  readonly workers: readonly Starter[];
  readonly secondWorkers: readonly Starter[];
  readonly machines: readonly Starter[];
}

const NONE: OpenStarts = { base: 0, slots: [], workers: [], secondWorkers: [], machines: [] };

/** Indexes of the starters that allow a start at a slot. */
export function startersAt(open: OpenStarts, which: readonly Starter[], slot: number): number[] {
  return which.filter((s) => bitAt(s.starts, slot - open.base)).map((s) => s.index);
}

/**
 * Starts of an activity that is not in the occupancy, from `from` to `to`. Other activities of its chain stand where they
 * stand; a job needs no setup after itself, so they lend their machines.
 */
export function openStarts(
  occupancy: Occupancy,
  activity: number,
  from: number,
  to: number,
  relaxed: ReadonlySet<Relaxable> = NOTHING_RELAXED,
): OpenStarts {
  const { model } = occupancy.tables;
  const a = model.activities[activity] as Activity;
  const [first, last] = [max(model.now, 0, from), min(to, model.horizon - a.duration)];
  return first > last ? NONE : new Look(occupancy, a, first, last, relaxed).answer();
}

/** One look at one activity: the part of every calendar that its starts touch. */
class Look {
  private readonly occupancy: Occupancy;
  private readonly tables: Tables;
  private readonly model: Model;
  private readonly a: Activity;
  private readonly relaxed: ReadonlySet<Relaxable>;
  private readonly job: number;
  private readonly travelClass: number;
  private readonly word0: number;
  private readonly words: number;
  private readonly first: number;
  private readonly last: number;

  constructor(occupancy: Occupancy, a: Activity, first: number, last: number, relaxed: ReadonlySet<Relaxable>) {
    this.occupancy = occupancy;
    this.tables = occupancy.tables;
    this.model = occupancy.tables.model;
    this.a = a;
    this.relaxed = relaxed;
    this.job = this.model.chains[a.chain]?.job ?? -1;
    this.travelClass = this.tables.travelClassOf[this.job] as number;
    this.first = first;
    this.last = last;
    this.word0 = first >> 5;
    this.words = ((last + a.duration + a.setup) >> 5) - this.word0 + 2;
  }

  answer(): OpenStarts {
    const { a } = this;
    const ok = this.jobStarts();
    const workers = (a.workers ?? []).map((who) => this.worker(who, true));
    const secondWorkers = (a.secondWorkers ?? []).map((who) => this.worker(who, false));
    const machines = (a.machines ?? []).map((s) => this.machine(s));
    if (a.workers !== null) keepAny(ok, workers);
    if (a.secondWorkers !== null) keepTwo(ok, workers, secondWorkers);
    if (a.machines !== null) keepAny(ok, machines);
    const base = this.word0 << 5;
    const slots: number[] = [];
    for (let t = this.first; t <= this.last; t++) if (bitAt(ok, t - base)) slots.push(t);
    return { base, slots, workers, secondWorkers, machines };
  }

  private cut(bits: Int32Array): Int32Array {
    const part = new Int32Array(this.words);
    part.set(bits.subarray(this.word0, this.word0 + this.words));
    return part;
  }

  /** Starts of a calendar from which something is free for long enough. */
  private runs(calendar: Int32Array, free: Int32Array | null, need: number): Int32Array {
    const starts = this.cut(calendar);
    if (free === null) return starts;
    const bits = this.cut(free);
    keepRunsIn(bits, this.words, need);
    return both(starts, bits);
  }

  private jobStarts(): Int32Array {
    const { a, job } = this;
    const free = this.relaxed.has('jobBusy') ? null : (this.occupancy.jobs[job] as UnaryResource).free;
    const ok = this.runs(this.tables.jobStartsOf(this.travelClass, a.duration), free, a.duration);
    if (a.strains && !this.relaxed.has('strain')) {
      this.closeDays(ok, (d) => strainOver(this.occupancy, job, d, a.duration, 'all') > 0);
    }
    return ok;
  }

  private worker(who: number, isFirst: boolean): Starter {
    const { a } = this;
    const need = max(1, a.attended);
    const calendar = this.relaxed.has('shift')
      ? this.tables.jobStartsOf(this.travelClass, need)
      : this.tables.workerStartsOf(this.travelClass, who, a.attended);
    const free = this.relaxed.has('workerBusy') ? null : (this.occupancy.workers[who] as UnaryResource).free;
    const starts = this.runs(calendar, free, need);
    if (!this.relaxed.has('workerLimit')) this.closeLimited(starts, who, isFirst);
    return { index: who, starts };
  }

  /** Closes the days on which the worker has no room for this activity's exposure or precision. */
  private closeLimited(starts: Int32Array, who: number, isFirst: boolean): void {
    const { a, occupancy } = this;
    if (spendsLimits(a, isFirst)) this.closeDays(starts, (d) => isDayFull(occupancy, who, d, a, isFirst, 'all'));
  }

  private machine(machine: number): Starter {
    const { a, relaxed } = this;
    const calendar = relaxed.has('machineClosed')
      ? this.tables.siteStartsOf(this.travelClass, machine, a.duration)
      : this.tables.machineStartsOf(this.travelClass, machine, a.duration);
    const free = relaxed.has('machineBusy') ? null : this.machineFree(machine);
    const starts = this.runs(calendar, free, relaxed.has('setup') ? a.duration : a.duration + a.setup);
    const supply = this.model.machines[machine]?.supply ?? -1;
    const room =
      a.demand > 0 && !relaxed.has('supply') ? (this.occupancy.supplies[supply]?.roomFor(a.demand) ?? null) : null;
    return { index: machine, starts: room === null ? starts : both(starts, this.powered(room)) };
  }

  private powered(room: Int32Array): Int32Array {
    const bits = this.cut(room);
    keepRunsIn(bits, this.words, this.a.duration);
    return bits;
  }

  /** Free slots of a machine; its own chain lends what it has there, and a relaxed setup is no obstacle. */
  private machineFree(machine: number): Int32Array {
    const free = (this.occupancy.machines[machine] as UnaryResource).free.slice();
    const usedBy = this.occupancy.usedBy[machine] as Int32Array;
    if (this.relaxed.has('setup'))
      for (let t = 0; t < usedBy.length; t++) if (usedBy[t] === 0) setRange(free, t, t + 1);
    for (const i of this.model.chains[this.a.chain]?.acts ?? []) {
      const own = this.model.activities[i] as Activity;
      if (this.occupancy.isPlaced[i] === 0 || this.occupancy.machine[i] !== machine) continue;
      const start = this.occupancy.start[i] as number;
      setRange(free, max(0, start), max(0, start + own.duration + own.setup));
    }
    return free;
  }

  private closeDays(bits: Int32Array, isShut: (day: number) => boolean): void {
    const { dayStart } = this.tables;
    const base = this.word0 << 5;
    for (let d = this.tables.dayAt(this.first); d <= this.tables.dayAt(this.last); d++) {
      if (!isShut(d)) continue;
      const from = max(0, (dayStart[d] as number) - base);
      clearRange(bits, from, max(from, min(this.words << 5, (dayStart[d + 1] as number) - base)));
    }
  }
}

function both(into: Int32Array, other: Int32Array): Int32Array {
  for (let k = 0; k < into.length; k++) into[k] = (into[k] as number) & (other[k] as number);
  return into;
}

function keepAny(ok: Int32Array, starters: readonly Starter[]): void {
  for (let k = 0; k < ok.length; k++) {
    let some = 0;
    for (const s of starters) some |= s.starts[k] as number;
    ok[k] = (ok[k] as number) & some;
  }
}

/** Drops the starts for which both parts would fall to the only worker there. */
function keepTwo(ok: Int32Array, workers: readonly Starter[], secondWorkers: readonly Starter[]): void {
  for (let k = 0; k < ok.length; k++) {
    let fine = 0;
    for (const x of workers)
      for (const y of secondWorkers) if (x.index !== y.index) fine |= (x.starts[k] as number) & (y.starts[k] as number);
    ok[k] = (ok[k] as number) & fine;
  }
}
