/*
 * Who and what is taken when, while a plan is being made. Workers, machines and jobs do one thing at a time, so each slot
 * knows the chain that holds it; taking and giving back undo each other exactly.
 */
import { max, min } from './numbers.js';
import type { Activity, Model, Assignment } from './model.js';
import type { Tables } from './tables.js';
import { clearRange, onesUpTo } from './slotBits.js';

/** Holder of a slot: chain + 1, 0 = free, or one of these. */
export const FIXED_WORK = -1;
/** Holder of a slot that is kept free for a while. */
export const RESERVED = -2;

/** One thing that does one thing at a time: free slots as bits, and who holds the others. */
export class UnaryResource {
  readonly free: Int32Array;
  readonly holder: Int16Array;

  constructor(slots: number) {
    this.free = onesUpTo(slots);
    this.holder = new Int16Array(slots);
  }

  take(from: number, to: number, holder: number): void {
    const last = min(to, this.holder.length);
    if (last <= from) return;
    clearRange(this.free, from, last);
    this.holder.fill(holder, from, last);
  }

  /** Gives back what this holder has in [from, to). */
  give(from: number, to: number, holder: number): void {
    const last = min(to, this.holder.length);
    for (let t = from; t < last; t++) {
      if (this.holder[t] !== holder) continue;
      this.holder[t] = 0;
      this.free[t >> 5] = (this.free[t >> 5] as number) | (1 << (t & 31));
    }
  }
}

/** Load of one supply, and for every draw that occurs the slots in which it can still be added. */
export class CumulativeResource {
  readonly load: Int32Array;
  readonly limit: number;
  private readonly draws: readonly number[];
  private readonly room: readonly Int32Array[];

  constructor(slots: number, limit: number, draws: readonly number[]) {
    this.load = new Int32Array(slots);
    this.limit = limit;
    this.draws = draws;
    this.room = draws.map((draw) => onesUpTo(draw <= limit ? slots : 0));
  }

  add(from: number, to: number, demand: number): void {
    for (let t = from; t < to; t++) this.load[t] = (this.load[t] as number) + demand;
    for (let d = 0; d < this.draws.length; d++) {
      const most = this.limit - (this.draws[d] as number);
      const bits = this.room[d] as Int32Array;
      for (let t = from; t < to; t++) {
        if ((this.load[t] as number) <= most) bits[t >> 5] = (bits[t >> 5] as number) | (1 << (t & 31));
        else bits[t >> 5] = (bits[t >> 5] as number) & ~(1 << (t & 31));
      }
    }
  }

  /** Slots in which this draw still fits; null when nothing draws that much. */
  roomFor(demand: number): Int32Array | null {
    return this.room[this.draws.indexOf(demand)] ?? null;
  }
}

/** Slots that bit sets of machines reach past the horizon, so that a setup may end after it. */
const PAST = 512;

/** Mutable occupancy of one model; fixed work is in it from the start. */
export class Occupancy {
  readonly tables: Tables;
  readonly workers: readonly UnaryResource[];
  readonly machines: readonly UnaryResource[];
  readonly jobs: readonly UnaryResource[];
  readonly supplies: readonly CumulativeResource[];
  /** By job (worker) and day: straining slots, exposure and precision points taken. */
  readonly strained: Int32Array;
  readonly exposure: Int32Array;
  readonly precision: Int32Array;
  /** By worker and day: slots of work. */
  readonly worked: Int32Array;
  /** Activity that uses a machine in a slot, + 1: whose draw it is. */
  readonly usedBy: readonly Int32Array[];
  /** Start, worker, second and machine of each activity; start -1 = not placed (fixed work excepted). */
  readonly start: Int32Array;
  readonly worker: Int16Array;
  readonly second: Int16Array;
  readonly machine: Int16Array;
  readonly isPlaced: Uint8Array;
  private readonly model: Model;

  constructor(tables: Tables) {
    const { model, days } = tables;
    const h = model.horizon;
    this.tables = tables;
    this.model = model;
    this.workers = model.workers.map(() => new UnaryResource(h));
    this.machines = model.machines.map(() => new UnaryResource(h + PAST));
    this.jobs = model.jobs.map(() => new UnaryResource(h));
    const draws = [...new Set(model.activities.map((a) => a.demand))].filter((demand) => demand > 0);
    this.supplies = model.supplies.map((limit) => new CumulativeResource(h, limit, draws));
    this.strained = new Int32Array(model.jobs.length * days);
    this.exposure = new Int32Array(model.workers.length * days);
    this.precision = new Int32Array(model.workers.length * days);
    this.worked = new Int32Array(model.workers.length * days);
    this.usedBy = model.machines.map(() => new Int32Array(h));
    this.start = new Int32Array(model.activities.length).fill(-1);
    this.worker = new Int16Array(model.activities.length).fill(-1);
    this.second = new Int16Array(model.activities.length).fill(-1);
    this.machine = new Int16Array(model.activities.length).fill(-1);
    this.isPlaced = new Uint8Array(model.activities.length);
    model.activities.forEach((a, i) => {
      if (a.fixed !== null) this.put(i, a.fixed);
    });
  }

  /** Takes what the activity needs at a place. The caller has made sure that it is free. */
  put(i: number, place: Assignment): void {
    this.start[i] = place.start;
    this.worker[i] = place.worker;
    this.second[i] = place.second;
    this.machine[i] = place.machine;
    this.isPlaced[i] = 1;
    this.bump(i, 1);
  }

  /** Gives back what the activity took; nothing happens when it is not placed, or fixed. */
  take(i: number): void {
    if (this.isPlaced[i] === 0 || (this.model.activities[i] as Activity).fixed !== null) return;
    this.bump(i, -1);
    this.isPlaced[i] = 0;
    this.start[i] = -1;
  }

  /** Where an activity is; null when it is not placed. */
  placeOf(i: number): Assignment | null {
    if (this.isPlaced[i] === 0) return null;
    return {
      start: this.start[i] as number,
      worker: this.worker[i] as number,
      second: this.second[i] as number,
      machine: this.machine[i] as number,
    };
  }

  /** Takes a whole chain out, fixed work excepted. */
  takeChain(chain: number): void {
    for (const i of (this.model.chains[chain] as Model['chains'][number]).acts) this.take(i);
  }

  private bump(i: number, by: 1 | -1): void {
    const m = this.model;
    const a = m.activities[i] as Activity;
    const chain = m.chains[a.chain] as Model['chains'][number];
    const holder = a.fixed !== null ? FIXED_WORK : a.chain + 1;
    const start = this.start[i] as number;
    const from = max(0, start);
    const end = min(m.horizon, start + a.duration);
    const attEnd = min(m.horizon, start + a.attended);
    const machine = this.machine[i] as number;
    hold(this.jobs[chain.job], from, end, holder, by);
    hold(this.workers[this.worker[i] as number], from, attEnd, holder, by);
    hold(this.workers[this.second[i] as number], from, attEnd, holder, by);
    if (machine >= 0) {
      hold(this.machines[machine], from, max(0, start + a.duration + a.setup), holder, by);
      this.usedBy[machine]?.fill(by > 0 ? i + 1 : 0, from, max(from, end));
      if (by < 0) this.keepSetups(a.chain, machine);
      if (a.demand > 0) this.supplies[m.machines[machine]?.supply ?? -1]?.add(from, end, by * a.demand);
    }
    // Daily limits of days before the plan's first are nobody's concern any more.
    if (start < 0) return;
    this.count(a, chain.job, i, this.tables.dayAt(start), by);
  }

  /** Setups after fixed work, which a later step of the same chain may have taken, are kept free again. */
  private keepSetups(chain: number, machine: number): void {
    for (const i of this.tables.chains[chain]?.fixedSetups ?? []) {
      const own = this.model.activities[i] as Activity;
      if (own.fixed?.machine !== machine) continue;
      const unary = this.machines[machine] as UnaryResource;
      const end = own.fixed.start + own.duration;
      for (let t = max(0, end); t < min(end + own.setup, unary.holder.length); t++)
        if (unary.holder[t] === 0) unary.take(t, t + 1, FIXED_WORK);
    }
  }

  private count(a: Activity, job: number, i: number, day: number, by: number): void {
    const days = this.tables.days;
    const worker = this.worker[i] as number;
    const second = this.second[i] as number;
    if (worker >= 0) add(this.worked, worker * days + day, by * a.attended);
    if (second >= 0) add(this.worked, second * days + day, by * a.attended);
    if (a.strains) add(this.strained, job * days + day, by * a.duration);
    if (worker >= 0 && a.exposure > 0) add(this.exposure, worker * days + day, by * a.exposure * a.attended);
    if (second >= 0 && a.exposure > 0) add(this.exposure, second * days + day, by * a.exposure * a.attended);
    if (worker >= 0 && a.precision > 0) add(this.precision, worker * days + day, by * a.precision * a.attended);
  }
}

function add(counts: Int32Array, at: number, by: number): void {
  counts[at] = (counts[at] as number) + by;
}

function hold(unary: UnaryResource | undefined, from: number, to: number, holder: number, by: 1 | -1): void {
  if (by > 0) unary?.take(from, to, holder);
  else unary?.give(from, to, holder);
}

/** Keeps the free slots of somebody or something in [from, to) from being taken. */
export function reserve(unary: UnaryResource, from: number, to: number): void {
  for (let t = from; t < min(to, unary.holder.length); t++) if (unary.holder[t] === 0) unary.take(t, t + 1, RESERVED);
}

/** Lets go of what `reserve` kept in [from, to). */
export function unreserve(unary: UnaryResource, from: number, to: number): void {
  unary.give(from, to, RESERVED);
}

/**
 * Free bits in which only fixed work is in the way, made when they are first asked for: many a search never pushes anything
 * out. Fixed work does not change, so they stay true.
 */
export class FreeOfFixed {
  private readonly things: readonly UnaryResource[];
  private readonly made = new Map<number, Int32Array>();

  constructor(things: readonly UnaryResource[]) {
    this.things = things;
  }

  /** Bits of one worker, machine or job by index; throws on an index that is none. */
  of(index: number): Int32Array {
    let bits = this.made.get(index);
    if (bits === undefined) {
      bits = freeOfFixed(this.things[index] as UnaryResource);
      this.made.set(index, bits);
    }
    return bits;
  }
}

function freeOfFixed(unary: UnaryResource): Int32Array {
  const bits = onesUpTo(unary.holder.length);
  const { holder } = unary;
  for (let t = 0; t < holder.length; t++) if (holder[t] === FIXED_WORK) clearRange(bits, t, t + 1);
  return bits;
}
