/*
 * Where one resource lets an activity start: the one statement of what a job, a worker and a machine ask. Chains are placed
 * by it, single activities are moved by it, and with a rule relaxed it answers what is in the way. A rule is read from the
 * fields of the object that was asked last, since looks are made a million times and a new object each time costs a third.
 */
import { max } from './numbers.js';
import type { Activity, Model } from './model.js';
import type { ChainTables, Tables } from './tables.js';
import type { Occupancy, UnaryResource } from './occupancy.js';
import { FreeOfFixed } from './occupancy.js';
import type { Spent } from './dailyLimits.js';
import { isDayFull, spendsLimits, strainOver } from './dailyLimits.js';
import type { MaskArena } from './maskArena.js';
import { setRange } from './slotBits.js';

/** A rule that can be relaxed, to find out what is in the way. */
export type Relaxable =
  'workerBusy' | 'shift' | 'machineBusy' | 'machineClosed' | 'supply' | 'jobBusy' | 'strain' | 'workerLimit' | 'setup';

/** All rules hold. */
export const NOTHING_RELAXED: ReadonlySet<Relaxable> = new Set();

/** Mask of the starts of one activity: its window [lo, hi], and the words that hold it. */
export interface StartWindow {
  readonly lo: number;
  readonly hi: number;
  readonly word0: number;
  readonly words: number;
}

/** The window of starts from `lo` to `hi`. */
export function windowFrom(lo: number, hi: number): StartWindow {
  return { lo, hi, word0: lo >> 5, words: (hi >> 5) - (lo >> 5) + 1 };
}

/** The rules of one occupancy. */
export class StartRules {
  /** Whether only fixed work counts as being in the way, and daily limits as unspent. */
  ejecting = false;
  private readonly occupancy: Occupancy;
  private readonly tables: Tables;
  private readonly model: Model;
  private readonly relaxed: ReadonlySet<Relaxable>;
  /** Whether the other activities of a chain are placed: they lend their machines, as a job needs no setup after itself. */
  private readonly lendsOwn: boolean;
  private readonly hardWorkers: FreeOfFixed;
  private readonly hardMachines: FreeOfFixed;
  private readonly hardJobs: FreeOfFixed;
  private job = 0;
  private travelClass = 0;

  constructor(occupancy: Occupancy, relaxed: ReadonlySet<Relaxable>, lendsOwn: boolean) {
    this.occupancy = occupancy;
    this.tables = occupancy.tables;
    this.model = occupancy.tables.model;
    this.relaxed = relaxed;
    this.lendsOwn = lendsOwn;
    this.hardWorkers = new FreeOfFixed(occupancy.workers);
    this.hardMachines = new FreeOfFixed(occupancy.machines);
    this.hardJobs = new FreeOfFixed(occupancy.jobs);
  }

  /** Share of daily limits that counts as spent. */
  get spent(): Spent {
    return this.ejecting ? 'nothing' : 'all';
  }

  /** From now on the rules are asked for activities of this job. */
  forJob(job: number): void {
    this.job = job;
    this.travelClass = this.tables.travelClassOf[job] as number;
  }

  /** Sets a mask to the starts at which the job is there, free for the whole duration and rested enough. */
  ofJob(a: Activity, masks: MaskArena, at: number, window: StartWindow): void {
    const { job, relaxed } = this;
    const { word0, words } = window;
    const calendar = this.tables.jobStartsOf(this.travelClass, a.duration);
    masks.runs(this.jobFree(), calendar, at, word0, words, a.duration);
    masks.cutTo(at, word0, words, window.lo, window.hi);
    if (!a.strains || relaxed.has('strain')) return;
    this.closeDays(masks, at, window, (d) => strainOver(this.occupancy, job, d, a.duration, this.spent) > 0);
  }

  /** Sets a mask to the starts at which a worker is on shift where the job is, free, and within the day's limits. */
  ofWorker(a: Activity, who: number, isFirst: boolean, masks: MaskArena, at: number, window: StartWindow): void {
    const need = max(1, a.attended);
    const calendar = this.relaxed.has('shift')
      ? this.tables.jobStartsOf(this.travelClass, need)
      : this.tables.workerStartsOf(this.travelClass, who, a.attended);
    masks.runs(this.workerFree(who), calendar, at, window.word0, window.words, need);
    if (!spendsLimits(a, isFirst) || this.relaxed.has('workerLimit')) return;
    this.closeDays(masks, at, window, (d) => isDayFull(this.occupancy, who, d, a, isFirst, this.spent));
  }

  /** Sets a mask to the starts at which a machine is open where the job is, free with its setup, and has supply enough. */
  ofMachine(a: Activity, machine: number, masks: MaskArena, at: number, window: StartWindow): void {
    const { relaxed } = this;
    const calendar = relaxed.has('machineClosed')
      ? this.tables.siteStartsOf(this.travelClass, machine, a.duration)
      : this.tables.machineStartsOf(this.travelClass, machine, a.duration);
    const need = relaxed.has('setup') ? a.duration : a.duration + a.setup;
    masks.runs(this.machineFree(a, machine), calendar, at, window.word0, window.words, need);
    const supply = this.model.machines[machine]?.supply ?? -1;
    if (a.demand === 0 || supply < 0 || this.ejecting || relaxed.has('supply')) return;
    const room = this.occupancy.supplies[supply]?.roomFor(a.demand) ?? null;
    if (room !== null) masks.keepRuns(room, at, window.word0, window.words, a.duration);
  }

  private jobFree(): Int32Array | null {
    if (this.relaxed.has('jobBusy')) return null;
    return this.ejecting ? this.hardJobs.of(this.job) : (this.occupancy.jobs[this.job] as UnaryResource).free;
  }

  private workerFree(who: number): Int32Array | null {
    if (this.relaxed.has('workerBusy')) return null;
    return this.ejecting ? this.hardWorkers.of(who) : (this.occupancy.workers[who] as UnaryResource).free;
  }

  private machineFree(a: Activity, machine: number): Int32Array | null {
    if (this.relaxed.has('machineBusy')) return null;
    const free = this.ejecting
      ? this.hardMachines.of(machine)
      : (this.occupancy.machines[machine] as UnaryResource).free;
    if (this.lendsOwn && !this.ejecting) return this.withOwn(free.slice(), a, machine);
    const { fixedSetups } = this.tables.chains[a.chain] as ChainTables;
    return fixedSetups.length === 0 ? free : this.withSetups(free, fixedSetups, machine);
  }

  /** Adds to a machine's free slots the setups after fixed work of the activity's own chain: its next step needs none. */
  private withSetups(free: Int32Array, fixedSetups: readonly number[], machine: number): Int32Array {
    let bits = free;
    for (const i of fixedSetups) {
      const own = this.model.activities[i] as Activity;
      if (own.fixed?.machine !== machine) continue;
      if (bits === free) bits = free.slice();
      const end = max(0, own.fixed.start + own.duration);
      setRange(bits, end, end + own.setup);
    }
    return bits;
  }

  /** Adds to a machine's free slots what the activity's own chain has there, and the setups where those are relaxed. */
  private withOwn(free: Int32Array, a: Activity, machine: number): Int32Array {
    const { occupancy } = this;
    const usedBy = occupancy.usedBy[machine] as Int32Array;
    if (this.relaxed.has('setup'))
      for (let t = 0; t < usedBy.length; t++) if (usedBy[t] === 0) setRange(free, t, t + 1);
    for (const i of this.model.chains[a.chain]?.acts ?? []) {
      const own = this.model.activities[i] as Activity;
      if (occupancy.isPlaced[i] === 0 || occupancy.machine[i] !== machine) continue;
      const start = occupancy.start[i] as number;
      setRange(free, max(0, start), max(0, start + own.duration + own.setup));
    }
    return free;
  }

  private closeDays(masks: MaskArena, at: number, window: StartWindow, isShut: (day: number) => boolean): void {
    const { dayStart } = this.tables;
    const last = this.tables.dayAt(window.hi);
    for (let d = this.tables.dayAt(window.lo); d <= last; d++)
      if (isShut(d)) masks.clear(at, window.word0, window.words, dayStart[d] as number, dayStart[d + 1] as number);
  }
}
