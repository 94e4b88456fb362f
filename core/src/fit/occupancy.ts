/*
 * Who and what is taken when, while a plan is being made. People, stations and dogs do one thing at a time, so each slot
 * knows the chain that holds it; taking and giving back undo each other exactly.
 */
import { max, min } from '../units/numbers.js';
import type { FitActivity, FitModel, FitPlace } from './fitModel.js';
import type { FitTables } from './fitTables.js';
import { clearRange, onesUpTo } from './slotBits.js';

/** Holder of a slot: chain + 1, 0 = free, or one of these. */
export const FIXED_WORK = -1;
export const KEPT_FREE = -2;

/** One thing that does one thing at a time: free slots as bits, and who holds the others. */
export class Unary {
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

/** Load of one circuit, and for every draw that occurs the slots in which it can still be added. */
export class CircuitLoad {
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

  add(from: number, to: number, amps: number): void {
    for (let t = from; t < to; t++) this.load[t] = (this.load[t] as number) + amps;
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
  roomFor(amps: number): Int32Array | null {
    return this.room[this.draws.indexOf(amps)] ?? null;
  }
}

/** Slots that bit sets of stations reach past the horizon, so that a clean-down may end after it. */
const PAST = 512;

/** Mutable occupancy of one model; fixed work is in it from the start. */
export class Occupancy {
  readonly tables: FitTables;
  readonly people: readonly Unary[];
  readonly stations: readonly Unary[];
  readonly dogs: readonly Unary[];
  readonly circuits: readonly CircuitLoad[];
  /** By dog (person) and day: standing slots, noise and scissor points taken. */
  readonly stood: Int32Array;
  readonly noise: Int32Array;
  readonly scissors: Int32Array;
  /** By person and day: slots of work. */
  readonly worked: Int32Array;
  /** Activity that uses a station in a slot, + 1: whose draw it is. */
  readonly usedBy: readonly Int32Array[];
  /** Start, person, second and station of each activity; start -1 = not placed (fixed work excepted). */
  readonly start: Int32Array;
  readonly person: Int16Array;
  readonly second: Int16Array;
  readonly station: Int16Array;
  readonly isPlaced: Uint8Array;
  private readonly model: FitModel;

  constructor(tables: FitTables) {
    const { model, days } = tables;
    const h = model.horizon;
    this.tables = tables;
    this.model = model;
    this.people = model.people.map(() => new Unary(h));
    this.stations = model.stations.map(() => new Unary(h + PAST));
    this.dogs = model.dogs.map(() => new Unary(h));
    const draws = [...new Set(model.activities.map((a) => a.amps))].filter((amps) => amps > 0);
    this.circuits = model.circuits.map((limit) => new CircuitLoad(h, limit, draws));
    this.stood = new Int32Array(model.dogs.length * days);
    this.noise = new Int32Array(model.people.length * days);
    this.scissors = new Int32Array(model.people.length * days);
    this.worked = new Int32Array(model.people.length * days);
    this.usedBy = model.stations.map(() => new Int32Array(h));
    this.start = new Int32Array(model.activities.length).fill(-1);
    this.person = new Int16Array(model.activities.length).fill(-1);
    this.second = new Int16Array(model.activities.length).fill(-1);
    this.station = new Int16Array(model.activities.length).fill(-1);
    this.isPlaced = new Uint8Array(model.activities.length);
    model.activities.forEach((a, i) => {
      if (a.fixed !== null) this.put(i, a.fixed);
    });
  }

  /** Takes what the activity needs at a place. The caller has made sure that it is free. */
  put(i: number, place: FitPlace): void {
    this.start[i] = place.start;
    this.person[i] = place.person;
    this.second[i] = place.second;
    this.station[i] = place.station;
    this.isPlaced[i] = 1;
    this.bump(i, 1);
  }

  /** Gives back what the activity took; nothing happens when it is not placed, or fixed. */
  take(i: number): void {
    if (this.isPlaced[i] === 0 || (this.model.activities[i] as FitActivity).fixed !== null) return;
    this.bump(i, -1);
    this.isPlaced[i] = 0;
    this.start[i] = -1;
  }

  /** Where an activity is; null when it is not placed. */
  placeOf(i: number): FitPlace | null {
    if (this.isPlaced[i] === 0) return null;
    return {
      start: this.start[i] as number,
      person: this.person[i] as number,
      second: this.second[i] as number,
      station: this.station[i] as number,
    };
  }

  /** Takes a whole chain out, fixed work excepted. */
  takeChain(chain: number): void {
    for (const i of (this.model.chains[chain] as FitModel['chains'][number]).acts) this.take(i);
  }

  private bump(i: number, by: 1 | -1): void {
    const m = this.model;
    const a = m.activities[i] as FitActivity;
    const chain = m.chains[a.chain] as FitModel['chains'][number];
    const holder = a.fixed !== null ? FIXED_WORK : a.chain + 1;
    const start = this.start[i] as number;
    const from = max(0, start);
    const end = min(m.horizon, start + a.dur);
    const attEnd = min(m.horizon, start + a.att);
    const station = this.station[i] as number;
    hold(this.dogs[chain.dog], from, end, holder, by);
    hold(this.people[this.person[i] as number], from, attEnd, holder, by);
    hold(this.people[this.second[i] as number], from, attEnd, holder, by);
    if (station >= 0) {
      hold(this.stations[station], from, max(0, start + a.dur + a.clean), holder, by);
      this.usedBy[station]?.fill(by > 0 ? i + 1 : 0, from, max(from, end));
      if (a.amps > 0) this.circuits[m.stations[station]?.circuit ?? -1]?.add(from, end, by * a.amps);
    }
    // Daily limits of days before the plan's first are nobody's concern any more.
    if (start < 0) return;
    this.count(a, chain.dog, i, this.tables.dayAt(start), by);
  }

  private count(a: FitActivity, dog: number, i: number, day: number, by: number): void {
    const days = this.tables.days;
    const person = this.person[i] as number;
    const second = this.second[i] as number;
    if (person >= 0) add(this.worked, person * days + day, by * a.att);
    if (second >= 0) add(this.worked, second * days + day, by * a.att);
    if (a.stands) add(this.stood, dog * days + day, by * a.dur);
    if (person >= 0 && a.noise > 0) add(this.noise, person * days + day, by * a.noise * a.att);
    if (second >= 0 && a.noise > 0) add(this.noise, second * days + day, by * a.noise * a.att);
    if (person >= 0 && a.scissors > 0) add(this.scissors, person * days + day, by * a.scissors * a.att);
  }
}

function add(counts: Int32Array, at: number, by: number): void {
  counts[at] = (counts[at] as number) + by;
}

function hold(unary: Unary | undefined, from: number, to: number, holder: number, by: 1 | -1): void {
  if (by > 0) unary?.take(from, to, holder);
  else unary?.give(from, to, holder);
}

/** Keeps the free slots of somebody or something in [from, to) from being taken. */
export function keepFree(unary: Unary, from: number, to: number): void {
  for (let t = from; t < min(to, unary.holder.length); t++) if (unary.holder[t] === 0) unary.take(t, t + 1, KEPT_FREE);
}

/** Lets go of what `keepFree` kept in [from, to). */
export function letGo(unary: Unary, from: number, to: number): void {
  unary.give(from, to, KEPT_FREE);
}

/**
 * Free bits in which only fixed work is in the way, made when they are first asked for: many a search never pushes anything
 * out. Fixed work does not change, so they stay true.
 */
export class HardFree {
  private readonly things: readonly Unary[];
  private readonly made = new Map<number, Int32Array>();

  constructor(things: readonly Unary[]) {
    this.things = things;
  }

  /** Bits of one person, station or dog by index; throws on an index that is none. */
  of(index: number): Int32Array {
    let bits = this.made.get(index);
    if (bits === undefined) {
      bits = hardFree(this.things[index] as Unary);
      this.made.set(index, bits);
    }
    return bits;
  }
}

function hardFree(unary: Unary): Int32Array {
  const bits = onesUpTo(unary.holder.length);
  const { holder } = unary;
  for (let t = 0; t < holder.length; t++) if (holder[t] === FIXED_WORK) clearRange(bits, t, t + 1);
  return bits;
}
