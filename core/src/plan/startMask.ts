/*
 * Where one activity can start: a set of start slots for every person and every station that could take it, with
 * everything that is already placed in the way. The same function answers the search, the windows that people are shown,
 * and "what if this one rule did not hold".
 */
import { andInto, andMoved, hasBit, keepRuns, orInto, slotsIn } from './bits.js';
import type { Activity, Problem, ProblemPerson } from './problem.js';
import type { CountedBits, Yard } from './yard.js';

/** Rules that can be lifted one at a time to find out what is in the way. */
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

/** Starts of one activity. All sets begin at slot `base`, a multiple of 32. */
export interface StartMask {
  readonly base: number;
  /** Slots in which it can start, rising. */
  readonly slots: Int32Array;
  readonly people: readonly Starter[];
  readonly seconds: readonly Starter[];
  readonly stations: readonly Starter[];
  /** Starts for which somebody is there without overtime; null where that makes no difference. */
  readonly regular: Int32Array | null;
}

/** Indexes of the starters that allow a start at a slot. */
export function startersAt(mask: StartMask, which: readonly Starter[], slot: number): number[] {
  const found: number[] = [];
  for (const s of which) if (hasBit(s.starts, slot - mask.base)) found.push(s.index);
  return found;
}

/** The part of the calendars that one activity's window touches. */
class Window {
  readonly base: number;
  private readonly w0: number;
  private readonly words: number;

  constructor(est: number, latestEnd: number) {
    this.w0 = est >> 5;
    this.base = this.w0 << 5;
    this.words = (latestEnd >> 5) - this.w0 + 2;
  }

  cut(bits: Int32Array): Int32Array {
    return bits.slice(this.w0, this.w0 + this.words);
  }

  /** set &= the window's part of bits. */
  keep(set: Int32Array, bits: Int32Array): void {
    for (let k = 0, w = this.w0; k < set.length; k++, w++) set[k] = (set[k] as number) & (bits[w] ?? 0);
  }

  none(): Int32Array {
    return new Int32Array(this.words);
  }

  /** Keeps [from, to) only. */
  clip(bits: Int32Array, from: number, to: number): void {
    for (let k = 0; k < bits.length; k++) {
      const first = this.base + (k << 5);
      if (first + 32 <= from || first >= to) bits[k] = 0;
      else {
        if (first < from) bits[k] = (bits[k] ?? 0) & (-1 << (from - first));
        if (first + 32 > to) bits[k] = (bits[k] ?? 0) & ~(-1 << (to - first));
      }
    }
  }
}

const EMPTY: StartMask = { base: 0, slots: new Int32Array(0), people: [], seconds: [], stations: [], regular: null };

/** Starts of activity `a` with everything placed in the yard in its way, except what is lifted. */
export function startMask(yard: Yard, a: Activity, lifted: ReadonlySet<Liftable> = NOTHING_LIFTED): StartMask {
  const p = yard.problem;
  const from = Math.max(yard.problem.now, a.est);
  const to = Math.min(p.horizon, a.let) - a.dur + 1;
  if (to <= from) return EMPTY;
  const dog = p.chains[a.chain]?.dog ?? -1;
  const kind = yard.statics.classOf[dog] ?? 0;
  const window = new Window(from, to + a.dur + a.clean);
  const ok = dogStarts(yard, a, window, dog, kind, lifted);
  window.clip(ok, from, to);
  let people: Starter[] = [];
  let seconds: Starter[] = [];
  let stations: Starter[] = [];
  let regular: Int32Array | null = null;
  if (a.skill !== null && a.att > 0) {
    people = personStarts(yard, a, window, kind, lifted, (who) => mayDo(p, a, who));
    regular = regularStarts(yard, a, window, kind, people);
    restrict(window, ok, people);
  }
  if (a.second !== null) {
    const second = a.second;
    seconds = personStarts(yard, a, window, kind, lifted, (who) => p.people[who]?.skills.has(second) === true);
    restrict(window, ok, seconds);
    keepTwoDifferent(ok, people, seconds);
  }
  if (a.station !== null) {
    stations = stationStarts(yard, a, window, kind, lifted);
    restrict(window, ok, stations);
  }
  return { base: window.base, slots: slotsIn(ok, window.base), people, seconds, stations, regular };
}

function dogStarts(
  yard: Yard,
  a: Activity,
  window: Window,
  dog: number,
  kind: number,
  lifted: ReadonlySet<Liftable>,
): Int32Array {
  const ok = window.cut(yard.statics.dogThere[kind] as Int32Array);
  if (!lifted.has('dogBusy')) window.keep(ok, (yard.dogFree[dog] as CountedBits).free);
  keepRuns(ok, a.dur);
  if (a.stands && !lifted.has('standing')) {
    const cap = yard.problem.dogs[dog]?.standCap ?? 0;
    closeDays(yard.problem, window, ok, (day) => (yard.stood[dog]?.[day] ?? 0) + a.dur > cap);
  }
  return ok;
}

function closeDays(p: Problem, window: Window, bits: Int32Array, closed: (day: number) => boolean): void {
  const last = window.base + bits.length * 32;
  for (let d = 0; d + 1 < p.dayStarts.length; d++) {
    const from = p.dayStarts[d] ?? 0;
    const to = p.dayStarts[d + 1] ?? p.horizon;
    if (to <= window.base || from >= last || !closed(d)) continue;
    for (let t = Math.max(from, window.base); t < Math.min(to, last); t++) {
      const k = t - window.base;
      bits[k >> 5] = (bits[k >> 5] ?? 0) & ~(1 << (k & 31));
    }
  }
}

function mayDo(p: Problem, a: Activity, who: number): boolean {
  if (a.skill === null || (a.only >= 0 && a.only !== who)) return false;
  if (a.allowed !== null && !a.allowed.includes(who)) return false;
  return p.people[who]?.skills.has(a.skill) === true;
}

function personStarts(
  yard: Yard,
  a: Activity,
  window: Window,
  kind: number,
  lifted: ReadonlySet<Liftable>,
  may: (who: number) => boolean,
): Starter[] {
  const found: Starter[] = [];
  yard.problem.people.forEach((person, who) => {
    if (!may(who)) return;
    const there = lifted.has('shift') ? yard.statics.dogThere[kind] : yard.statics.person[kind]?.[who];
    const starts = window.cut(there ?? new Int32Array(0));
    if (!lifted.has('personBusy')) window.keep(starts, (yard.personFree[who] as CountedBits).free);
    keepRuns(starts, a.att);
    if (!lifted.has('personLimit')) closeLimited(yard, a, window, person, who, starts);
    found.push({ index: who, starts });
  });
  return found;
}

/** Closes the days on which the person has no room for this activity's noise or scissor minutes. */
function closeLimited(
  yard: Yard,
  a: Activity,
  window: Window,
  person: ProblemPerson,
  who: number,
  starts: Int32Array,
): void {
  if (a.noise === 0 && !a.scissors) return;
  closeDays(yard.problem, window, starts, (d) => {
    const loud = (yard.noise[who]?.[d] ?? 0) + a.noise * a.att > person.noiseCap;
    return loud || (a.scissors && (yard.scissors[who]?.[d] ?? 0) + a.att > person.scissorCap);
  });
}

function regularStarts(yard: Yard, a: Activity, window: Window, kind: number, people: readonly Starter[]): Int32Array {
  const regular = window.none();
  for (const s of people) {
    const starts = window.cut(yard.statics.personRegular[kind]?.[s.index] ?? new Int32Array(0));
    keepRuns(starts, a.att);
    andInto(starts, s.starts);
    orInto(regular, starts);
  }
  return regular;
}

function stationStarts(
  yard: Yard,
  a: Activity,
  window: Window,
  kind: number,
  lifted: ReadonlySet<Liftable>,
): Starter[] {
  const found: Starter[] = [];
  yard.problem.stations.forEach((station, s) => {
    if (station.kind !== a.station || (a.ramp && !station.ramp) || station.lengthCm < a.lengthCm) return;
    const there = lifted.has('stationClosed') ? yard.statics.stationSite[kind]?.[s] : yard.statics.station[kind]?.[s];
    const starts = window.cut(there ?? new Int32Array(0));
    const free = lifted.has('cleanDown') ? yard.stationUnused[s] : yard.stationFree[s];
    if (!lifted.has('stationBusy')) window.keep(starts, (free as CountedBits).free);
    const room = a.amps > 0 && !lifted.has('circuit') ? yard.circuits[station.circuit]?.roomFor(a.amps) : null;
    if (room != null) window.keep(starts, room);
    keepRuns(starts, a.dur);
    if (a.clean > 0 && !lifted.has('stationBusy') && !lifted.has('cleanDown'))
      keepCleanable(yard, a, window, s, starts);
    found.push({ index: s, starts });
  });
  return found;
}

/** Its own clean-down must be over before whatever comes next at the station. */
function keepCleanable(yard: Yard, a: Activity, window: Window, s: number, starts: Int32Array): void {
  const after = window.cut(yard.stationUnused[s]?.free ?? window.none());
  // Past the horizon nothing waits for the station.
  const end = yard.problem.horizon - window.base;
  for (let k = Math.max(0, end); k < after.length * 32; k++) after[k >> 5] = (after[k >> 5] ?? 0) | (1 << (k & 31));
  keepRuns(after, a.clean);
  andMoved(starts, after, a.dur);
}

function restrict(window: Window, ok: Int32Array, starters: readonly Starter[]): void {
  const any = window.none();
  for (const s of starters) orInto(any, s.starts);
  andInto(ok, any);
}

/** Drops the starts for which both jobs would fall to the only person there. */
function keepTwoDifferent(ok: Int32Array, people: readonly Starter[], seconds: readonly Starter[]): void {
  for (let k = 0; k < ok.length; k++) {
    let fine = 0;
    for (const x of people) {
      for (const y of seconds) if (x.index !== y.index) fine |= (x.starts[k] ?? 0) & (y.starts[k] ?? 0);
    }
    ok[k] = (ok[k] ?? 0) & fine;
  }
}
