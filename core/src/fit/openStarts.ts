/*
 * Where one activity could start, with everything that is already placed in its way, and which people and stations allow
 * each start. Rules can be lifted one at a time, to find out what is in the way; the answer to "what would be possible"
 * and the answer to "why not" thus come from one place.
 */
import { max, min } from '../units/numbers.js';
import type { FitActivity, FitModel } from './fitModel.js';
import type { FitTables } from './fitTables.js';
import type { Occupancy, Unary } from './occupancy.js';
import { bitAt, clearRange, keepRunsIn, setRange } from './slotBits.js';

/** Rules that can be lifted. */
export const LIFTABLE = [
  'personBusy',
  'shift',
  'stationBusy',
  'stationClosed',
  'circuit',
  'dogBusy',
  'standing',
  'personLimit',
  'cleanDown',
] as const;
export type Liftable = (typeof LIFTABLE)[number];

export const NOTHING_LIFTED: ReadonlySet<Liftable> = new Set();

/** Starts that one person or station allows. */
interface Starter {
  /** Index of the person or station. */
  readonly index: number;
  readonly starts: Int32Array;
}

/** Starts of one activity; the sets begin at slot `base`, a multiple of 32. */
export interface OpenStarts {
  readonly base: number;
  /** Slots in which it can start, rising. */
  readonly slots: readonly number[];
  readonly people: readonly Starter[];
  readonly seconds: readonly Starter[];
  readonly stations: readonly Starter[];
}

const NONE: OpenStarts = { base: 0, slots: [], people: [], seconds: [], stations: [] };

/** Indexes of the starters that allow a start at a slot. */
export function startersAt(open: OpenStarts, which: readonly Starter[], slot: number): number[] {
  return which.filter((s) => bitAt(s.starts, slot - open.base)).map((s) => s.index);
}

/**
 * Starts of an activity that is not in the yard, from `from` to `to`. Other activities of its chain stand where they
 * stand; a dog needs no clean-down after itself, so they lend their stations.
 */
export function openStarts(
  yard: Occupancy,
  activity: number,
  from: number,
  to: number,
  lifted: ReadonlySet<Liftable> = NOTHING_LIFTED,
): OpenStarts {
  const { model } = yard.tables;
  const a = model.activities[activity] as FitActivity;
  const [first, last] = [max(model.now, 0, from), min(to, model.horizon - a.dur)];
  return first > last ? NONE : new Look(yard, a, first, last, lifted).answer();
}

/** One look at one activity: the part of every calendar that its starts touch. */
class Look {
  private readonly yard: Occupancy;
  private readonly tables: FitTables;
  private readonly model: FitModel;
  private readonly a: FitActivity;
  private readonly lifted: ReadonlySet<Liftable>;
  private readonly dog: number;
  private readonly klass: number;
  private readonly word0: number;
  private readonly words: number;
  private readonly first: number;
  private readonly last: number;

  constructor(yard: Occupancy, a: FitActivity, first: number, last: number, lifted: ReadonlySet<Liftable>) {
    this.yard = yard;
    this.tables = yard.tables;
    this.model = yard.tables.model;
    this.a = a;
    this.lifted = lifted;
    this.dog = this.model.chains[a.chain]?.dog ?? -1;
    this.klass = this.tables.classOf[this.dog] as number;
    this.first = first;
    this.last = last;
    this.word0 = first >> 5;
    this.words = ((last + a.dur + a.clean) >> 5) - this.word0 + 2;
  }

  answer(): OpenStarts {
    const { a } = this;
    const ok = this.dogStarts();
    const people = (a.people ?? []).map((who) => this.person(who, true));
    const seconds = (a.seconds ?? []).map((who) => this.person(who, false));
    const stations = (a.stations ?? []).map((s) => this.station(s));
    if (a.people !== null) keepAny(ok, people);
    if (a.seconds !== null) keepTwo(ok, people, seconds);
    if (a.stations !== null) keepAny(ok, stations);
    const base = this.word0 << 5;
    const slots: number[] = [];
    for (let t = this.first; t <= this.last; t++) if (bitAt(ok, t - base)) slots.push(t);
    return { base, slots, people, seconds, stations };
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

  private dogStarts(): Int32Array {
    const { a, dog } = this;
    const free = this.lifted.has('dogBusy') ? null : (this.yard.dogs[dog] as Unary).free;
    const ok = this.runs(this.tables.dogStartsOf(this.klass, a.dur), free, a.dur);
    if (a.stands && !this.lifted.has('standing')) {
      const cap = this.model.dogs[dog]?.standCap ?? 0;
      this.closeDays(ok, (d) => (this.yard.stood[dog * this.tables.days + d] as number) + a.dur > cap);
    }
    return ok;
  }

  private person(who: number, isFirst: boolean): Starter {
    const { a } = this;
    const need = max(1, a.att);
    const calendar = this.lifted.has('shift')
      ? this.tables.dogStartsOf(this.klass, need)
      : this.tables.personStartsOf(this.klass, who, a.att);
    const free = this.lifted.has('personBusy') ? null : (this.yard.people[who] as Unary).free;
    const starts = this.runs(calendar, free, need);
    if (!this.lifted.has('personLimit')) this.closeLimited(starts, who, isFirst);
    return { index: who, starts };
  }

  /** Closes the days on which the person has no room for this activity's noise or scissor minutes. */
  private closeLimited(starts: Int32Array, who: number, isFirst: boolean): void {
    const { a, yard } = this;
    const { noiseCap, scissorCap } = this.model.people[who] as FitModel['people'][number];
    if (a.noise === 0 && (a.scissors === 0 || !isFirst)) return;
    this.closeDays(starts, (d) => {
      const day = who * this.tables.days + d;
      const loud = (yard.noise[day] as number) + a.noise * a.att > noiseCap;
      const cut = isFirst && a.scissors > 0;
      return loud || (cut && (yard.scissors[day] as number) + a.scissors * a.att > scissorCap);
    });
  }

  private station(station: number): Starter {
    const { a, lifted } = this;
    const calendar = lifted.has('stationClosed')
      ? this.tables.siteStartsOf(this.klass, station, a.dur)
      : this.tables.stationStartsOf(this.klass, station, a.dur);
    const free = lifted.has('stationBusy') ? null : this.stationFree(station);
    const starts = this.runs(calendar, free, lifted.has('cleanDown') ? a.dur : a.dur + a.clean);
    const circuit = this.model.stations[station]?.circuit ?? -1;
    const room = a.amps > 0 && !lifted.has('circuit') ? (this.yard.circuits[circuit]?.roomFor(a.amps) ?? null) : null;
    return { index: station, starts: room === null ? starts : both(starts, this.powered(room)) };
  }

  private powered(room: Int32Array): Int32Array {
    const bits = this.cut(room);
    keepRunsIn(bits, this.words, this.a.dur);
    return bits;
  }

  /** Free slots of a station; its own chain lends what it has there, and a lifted clean-down is no obstacle. */
  private stationFree(station: number): Int32Array {
    const free = (this.yard.stations[station] as Unary).free.slice();
    const usedBy = this.yard.usedBy[station] as Int32Array;
    if (this.lifted.has('cleanDown'))
      for (let t = 0; t < usedBy.length; t++) if (usedBy[t] === 0) setRange(free, t, t + 1);
    for (const i of this.model.chains[this.a.chain]?.acts ?? []) {
      const own = this.model.activities[i] as FitActivity;
      if (this.yard.isPlaced[i] === 0 || this.yard.station[i] !== station) continue;
      const start = this.yard.start[i] as number;
      setRange(free, max(0, start), max(0, start + own.dur + own.clean));
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

/** Drops the starts for which both jobs would fall to the only person there. */
function keepTwo(ok: Int32Array, people: readonly Starter[], seconds: readonly Starter[]): void {
  for (let k = 0; k < ok.length; k++) {
    let fine = 0;
    for (const x of people)
      for (const y of seconds) if (x.index !== y.index) fine |= (x.starts[k] as number) & (y.starts[k] as number);
    ok[k] = (ok[k] as number) & fine;
  }
}
