/*
 * Where the activities of one chain could start, everything else as it is: by worker and by machine as bit masks, cut to
 * what the chain's own order and lags can reach, forward and backward. It names the first activity that has no start.
 */
import { max, min, INFINITY } from './numbers.js';
import type { Activity, Model } from './model.js';
import type { ChainTables, Link, Tables } from './tables.js';
import type { Occupancy } from './occupancy.js';
import type { Spent } from './dailyLimits.js';
import type { StartWindow } from './startRules.js';
import { NOTHING_RELAXED, StartRules, windowFrom } from './startRules.js';
import { MaskArena } from './maskArena.js';
import { countBits, firstBit, lastBit } from './slotBits.js';

/** Slots [from, to) that the activity at a position may not start in; worker -1 = by nobody. */
export interface Ban {
  readonly position: number;
  readonly from: number;
  readonly to: number;
  readonly worker: number;
}

/** So many of the workers, and of the machines, that may serve a step are looked at in a narrow look: a usual kennel's all. */
const FEW_WORKERS = 12;
const FEW_MACHINES = 24;

/** Masks and slots of the chain that was looked at last. Buffers are made once and grow when they must. */
export class ChainStarts {
  /** First word and words of each position's window. */
  readonly word0: Int32Array;
  readonly count: Int32Array;
  /** Where the masks begin in `bits`: any start, by worker, by second worker, by machine. */
  readonly anyAt: Int32Array;
  readonly workersAt: Int32Array;
  readonly secondWorkersAt: Int32Array;
  readonly machinesAt: Int32Array;
  /** First and last start of each position; first -1 = none. */
  readonly first: Int32Array;
  readonly last: Int32Array;
  readonly masks = new MaskArena();
  /** Position that had no start in the last look; -1 = none. */
  blocked = -1;
  /**
   * Place in the crew, 0 to 1, from which a narrow look takes the next few workers (and machines) who may do a step; -1 = all
   * are looked at. A large crew makes looking dear, while a few neighbors of it are as good for a first plan.
   */
  private narrowFrom = -1;
  private leftSomeOut = false;
  /** Those the last look told apart, by position; null = the step needs none. */
  readonly workers: (readonly number[] | null)[] = [];
  readonly machines: (readonly number[] | null)[] = [];
  private readonly tables: Tables;
  private readonly model: Model;
  private readonly rules: StartRules;
  private chain: ChainTables;

  constructor(occupancy: Occupancy) {
    this.tables = occupancy.tables;
    this.model = occupancy.tables.model;
    this.chain = this.tables.chains[0] as ChainTables;
    const steps = this.tables.mostSteps;
    this.word0 = new Int32Array(steps);
    this.count = new Int32Array(steps);
    this.anyAt = new Int32Array(steps);
    this.workersAt = new Int32Array(steps);
    this.secondWorkersAt = new Int32Array(steps);
    this.machinesAt = new Int32Array(steps);
    this.first = new Int32Array(steps);
    this.last = new Int32Array(steps);
    this.rules = new StartRules(occupancy, NOTHING_RELAXED, false);
  }

  /** Whether only fixed work counts as being in the way. */
  set ejecting(on: boolean) {
    this.rules.ejecting = on;
  }

  /** From now on looks are narrow: at a few of a large crew, from a place in it (0 to 1) on. */
  beginNarrow(from: number): void {
    this.narrowFrom = from;
    this.leftSomeOut = false;
  }

  /** Looks are whole again; tells whether the narrow ones left anybody or anything out. */
  endNarrow(): boolean {
    this.narrowFrom = -1;
    return this.leftSomeOut;
  }

  /** Looks at a chain that is not in the occupancy; false when some activity has no start (`blocked` says which). */
  look(index: number, bans: readonly Ban[]): boolean {
    const c = this.model.chains[index] as Model['chains'][number];
    this.chain = this.tables.chains[index] as ChainTables;
    this.rules.forJob(c.job);
    this.masks.reset();
    this.blocked = -1;
    for (let k = 0; k < c.acts.length; k++) {
      const a = this.model.activities[c.acts[k] as number] as Activity;
      const found = a.fixed !== null ? this.addFixed(k, a) : this.addLayer(k, c.acts[k] as number, a, bans);
      if (!found && (a.omissionCost < 0 || a.fixed !== null)) {
        this.blocked = k;
        return false;
      }
    }
    return this.backward(c.acts);
  }

  /** Starts of all positions together, each times the workers who may do it: what telling workers apart would cost. */
  states(index: number): number {
    const c = this.model.chains[index] as Model['chains'][number];
    let states = 0;
    for (let k = 0; k < c.acts.length; k++) {
      const a = this.actAt(k);
      if (a.fixed !== null || (this.first[k] as number) < 0) continue;
      states +=
        countBits(this.masks.bits, this.anyAt[k] as number, this.count[k] as number) * (this.workers[k]?.length ?? 1);
    }
    return states;
  }

  /** Share of daily limits that counts as spent: nothing while others may be pushed out. */
  get spent(): Spent {
    return this.rules.spent;
  }

  /** Starts of a position in the last look, rising. */
  list(k: number): number[] {
    const found: number[] = [];
    if (this.fixedAt(k)) return [this.first[k] as number];
    if ((this.first[k] as number) < 0) return found;
    for (let t = this.first[k] as number; t <= (this.last[k] as number); t++)
      if (this.has(k, this.anyAt[k] as number, t)) found.push(t);
    return found;
  }

  /** Whether a mask of a position (`at` + offset of its window) has the slot. */
  has(position: number, at: number, slot: number): boolean {
    const word = (slot >> 5) - (this.word0[position] as number);
    return ((this.masks.bits[at + word] as number) & (1 << (slot & 31))) !== 0;
  }

  private addFixed(k: number, a: Activity): boolean {
    const start = a.fixed?.start ?? 0;
    this.first[k] = start;
    this.last[k] = start;
    this.word0[k] = 0;
    this.count[k] = 0;
    return true;
  }

  private addLayer(k: number, i: number, a: Activity, bans: readonly Ban[]): boolean {
    this.first[k] = -1;
    this.count[k] = 0;
    const workers = this.few(a.workers, this.model.workers.length, FEW_WORKERS);
    const machines = this.few(a.machines, this.model.machines.length, FEW_MACHINES);
    this.workers[k] = workers;
    this.machines[k] = machines;
    const window = this.windowOf(k, i);
    if (window === null) return false;
    const { word0, words: n } = window;
    this.word0[k] = word0;
    this.count[k] = n;
    this.masks.makeRoom(n * (2 + (workers?.length ?? 0) + (a.secondWorkers?.length ?? 0) + (machines?.length ?? 0)));
    const any = this.masks.claim(n);
    this.anyAt[k] = any;
    this.rules.ofJob(a, this.masks, any, window);
    this.reachForward(k, any, word0, n);
    if (firstBit(this.masks.bits, any, n) < 0) return false;
    if (a.secondWorkers !== null) this.addSeconds(k, a, a.secondWorkers, window);
    if (workers !== null) this.addWorkers(k, a, workers, window, bans);
    if (machines !== null) this.addMachines(k, a, machines, window);
    for (const ban of bans) if (ban.position === k && ban.worker < 0) this.masks.clear(any, word0, n, ban.from, ban.to);
    return this.noteEnds(k);
  }

  /** The next `most` of a list (of indexes that rise, below `all`) from `narrowFrom` on, round the end; or the list itself. */
  private few(list: readonly number[] | null, all: number, most: number): readonly number[] | null {
    if (list === null || this.narrowFrom < 0 || list.length <= most) return list;
    this.leftSomeOut = true;
    const least = this.narrowFrom * all;
    const from = max(
      0,
      list.findIndex((x) => x >= least),
    );
    return Array.from({ length: most }, (_, k) => list[(from + k) % list.length] as number);
  }

  private noteEnds(k: number): boolean {
    const at = this.anyAt[k] as number;
    const n = this.count[k] as number;
    const base = (this.word0[k] as number) << 5;
    const first = firstBit(this.masks.bits, at, n);
    this.first[k] = first < 0 ? -1 : base + first;
    this.last[k] = first < 0 ? -1 : base + lastBit(this.masks.bits, at, n);
    return first >= 0;
  }

  /** Window of starts, narrowed by what stands before it in the chain. */
  private windowOf(k: number, i: number): StartWindow | null {
    let lo = this.tables.lo[i] as number;
    let hi = this.tables.hi[i] as number;
    if ((this.chain.skipBefore[k] as number) < 0) {
      let from = INFINITY;
      let to = -1;
      for (const link of this.chain.into[k] as readonly Link[]) {
        if (!this.isOpen(link.from)) continue;
        const end = this.durAt(link.from);
        from = min(from, this.afterFirst(link, end));
        to = max(to, link.max < 0 ? hi : (this.last[link.from] as number) + end + link.max);
      }
      lo = max(lo, from);
      hi = min(hi, to);
    }
    return lo > hi || lo < 0 ? null : windowFrom(lo, hi);
  }

  /** Earliest start that the earliest start of the activity before allows. */
  private afterFirst(link: Link, duration: number): number {
    const first = this.first[link.from] as number;
    const next = first + duration + link.min;
    return link.apart ? max(next, this.tables.dayStart[this.tables.dayAt(first) + 1] as number) : next;
  }

  private isOpen(k: number): boolean {
    return this.fixedAt(k) || (this.first[k] as number) >= 0;
  }

  private fixedAt(k: number): boolean {
    return this.actAt(k).fixed !== null;
  }

  private actAt(k: number): Activity {
    return this.model.activities[this.chain.acts[k] as number] as Activity;
  }

  private durAt(k: number): number {
    return this.actAt(k).duration;
  }

  private addWorkers(
    k: number,
    a: Activity,
    workers: readonly number[],
    window: StartWindow,
    bans: readonly Ban[],
  ): void {
    const { masks } = this;
    const { word0, words: n } = window;
    const any = this.anyAt[k] as number;
    const from = masks.claim(n * workers.length);
    this.workersAt[k] = from;
    for (let p = 0; p < workers.length; p++) {
      const who = workers[p] as number;
      const at = from + p * n;
      this.rules.ofWorker(a, who, true, masks, at, window);
      for (const ban of bans) if (ban.position === k && ban.worker === who) masks.clear(at, word0, n, ban.from, ban.to);
      if (a.secondWorkers !== null) masks.keepPairs(at, n, who, a.secondWorkers, this.secondWorkersAt[k] as number);
      masks.andWith(at, any, n);
    }
    masks.anyOf(any, from, n, workers.length);
  }

  private addSeconds(k: number, a: Activity, secondWorkers: readonly number[], window: StartWindow): void {
    const at = this.masks.claim(window.words * secondWorkers.length);
    this.secondWorkersAt[k] = at;
    for (let p = 0; p < secondWorkers.length; p++)
      this.rules.ofWorker(a, secondWorkers[p] as number, false, this.masks, at + p * window.words, window);
  }

  private addMachines(k: number, a: Activity, machines: readonly number[], window: StartWindow): void {
    const { masks } = this;
    const n = window.words;
    const any = this.anyAt[k] as number;
    const from = masks.claim(n * machines.length);
    this.machinesAt[k] = from;
    for (let s = 0; s < machines.length; s++) {
      this.rules.ofMachine(a, machines[s] as number, masks, from + s * n, window);
      masks.andWith(from + s * n, any, n);
    }
    masks.anyOf(any, from, n, machines.length);
  }

  /** Cuts a mask to what the activities before it can reach. */
  private reachForward(k: number, any: number, word0: number, n: number): void {
    if ((this.chain.skipBefore[k] as number) >= 0) return;
    const reach = this.masks.claimZero(n);
    for (const link of this.chain.into[k] as readonly Link[]) {
      if (!this.isOpen(link.from)) continue;
      const shift = this.durAt(link.from) + link.min;
      if (link.max < 0 || this.fixedAt(link.from)) {
        const from = this.afterFirst(link, this.durAt(link.from));
        const to = link.max < 0 ? INFINITY : (this.first[link.from] as number) + this.durAt(link.from) + link.max + 1;
        this.masks.fill(reach, word0, n, from, to);
      } else this.spreadInto(reach, word0, n, link.from, shift, link.max - link.min + 1);
    }
    this.masks.andWith(any, reach, n);
    this.masks.release(reach);
  }

  private backward(acts: readonly number[]): boolean {
    for (let k = acts.length - 2; k >= 0; k--) {
      if (this.fixedAt(k) || (this.first[k] as number) < 0) continue;
      if ((this.chain.skipAfter[k] as number) >= 0) continue;
      const n = this.count[k] as number;
      const word0 = this.word0[k] as number;
      this.masks.makeRoom(n);
      const reach = this.masks.claimZero(n);
      for (const link of this.chain.outOf[k] as readonly Link[]) this.reachBack(reach, word0, n, k, link);
      this.masks.andWith(this.anyAt[k] as number, reach, n);
      this.masks.release(reach);
      if (!this.noteEnds(k) && this.actAt(k).omissionCost < 0) {
        this.blocked = k;
        return false;
      }
    }
    return true;
  }

  private reachBack(reach: number, word0: number, n: number, k: number, link: Link): void {
    const j = link.to;
    if (!this.isOpen(j)) return;
    const shift = this.durAt(k) + link.min;
    if (link.max < 0 || this.fixedAt(j)) {
      const last = this.last[j] as number;
      const dayBefore = link.apart ? (this.tables.dayStart[this.tables.dayAt(last)] as number) : INFINITY;
      const to = min(last - shift + 1, dayBefore);
      const from = link.max < 0 ? 0 : (this.last[j] as number) - this.durAt(k) - link.max;
      this.masks.fill(reach, word0, n, max(0, from), to);
      return;
    }
    const from = { at: this.anyAt[j] as number, words: this.count[j] as number, word0: this.word0[j] as number };
    this.masks.spreadDownInto({ at: reach, words: n, word0 }, from, shift, link.max - link.min + 1);
  }

  private spreadInto(reach: number, word0: number, n: number, k: number, shift: number, width: number): void {
    const from = { at: this.anyAt[k] as number, words: this.count[k] as number, word0: this.word0[k] as number };
    this.masks.spreadUpInto({ at: reach, words: n, word0 }, from, shift, width);
  }
}
