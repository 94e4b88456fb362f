/*
 * The yard: who and what is taken when. Counts by slot beside the problem's fixed calendars, so that taking and giving
 * back undo each other exactly. Everything the search tries goes through here.
 */
import { allOnes, setBit } from './bits.js';
import type { Activity, Place, Problem } from './problem.js';
import { dayOfSlot } from './problem.js';
import { SlotPath } from './slotPath.js';
import type { Statics } from './statics.js';
import { makeStatics } from './statics.js';

/** A bit set of free slots with a count of takers behind each bit. */
export class CountedBits {
  readonly free: Int32Array;
  private readonly takers: Uint8Array;

  constructor(slots: number) {
    this.free = allOnes(slots);
    this.takers = new Uint8Array(slots);
  }

  /** Takes (1) or gives back (-1) the slots [from, to). */
  add(from: number, to: number, by: 1 | -1): void {
    const { free, takers } = this;
    for (let t = from; t < to; t++) {
      const now = (takers[t] ?? 0) + by;
      takers[t] = now;
      if (now === 0) setBit(free, t, true);
      else if (now === 1 && by === 1) setBit(free, t, false);
    }
  }
}

/** Load of one circuit, and for every draw that occurs the slots in which it can still be added. */
export class CircuitBits {
  private readonly load: Float32Array;
  private readonly limit: number;
  private readonly draws: readonly number[];
  private readonly room: readonly Int32Array[];

  constructor(slots: number, amps: number, draws: readonly number[]) {
    this.load = new Float32Array(slots);
    this.limit = amps + 1e-6;
    this.draws = draws;
    this.room = draws.map((draw) => (draw <= this.limit ? allOnes(slots) : new Int32Array(allOnes(slots).length)));
  }

  add(from: number, to: number, amps: number): void {
    for (let t = from; t < to; t++) {
      const now = (this.load[t] ?? 0) + amps;
      this.load[t] = now;
      for (let d = 0; d < this.draws.length; d++) {
        setBit(this.room[d] as Int32Array, t, now + (this.draws[d] ?? 0) <= this.limit);
      }
    }
  }

  /** Slots in which a draw of this many amperes still fits; null when nothing draws that much. */
  roomFor(amps: number): Int32Array | null {
    return this.room[this.draws.indexOf(amps)] ?? null;
  }
}

/** Mutable occupancy of one problem. Every array is made once, in the constructor. */
export class Yard {
  readonly problem: Problem;
  readonly statics: Statics;
  /** Free slots of each person and dog; free = bit set. */
  readonly personFree: CountedBits[];
  readonly dogFree: CountedBits[];
  /** Slots in which a station is not in use; and not in use nor being cleaned. */
  readonly stationUnused: CountedBits[];
  readonly stationFree: CountedBits[];
  readonly circuits: CircuitBits[];
  /** Standing slots by dog and day; noise and scissor points by person and day. */
  readonly stood: Int32Array[];
  readonly noise: Int32Array[];
  readonly scissors: Int32Array[];
  readonly places: (Place | null)[];
  readonly days: number;
  /** Buffers of the insertion, made once. */
  readonly path = new SlotPath();

  constructor(problem: Problem) {
    const h = problem.horizon;
    this.problem = problem;
    this.days = problem.dayStarts.length;
    this.statics = makeStatics(problem);
    this.personFree = problem.people.map(() => new CountedBits(h));
    this.dogFree = problem.dogs.map(() => new CountedBits(h));
    this.stationUnused = problem.stations.map(() => new CountedBits(h));
    this.stationFree = problem.stations.map(() => new CountedBits(h));
    const draws = [...new Set(problem.activities.map((a) => a.amps))].filter((amps) => amps > 0);
    this.circuits = problem.circuits.map((amps) => new CircuitBits(h, amps, draws));
    this.stood = problem.dogs.map(() => new Int32Array(this.days));
    this.noise = problem.people.map(() => new Int32Array(this.days));
    this.scissors = problem.people.map(() => new Int32Array(this.days));
    this.places = problem.activities.map(() => null);
    for (const a of problem.activities) if (a.fixed !== null) this.put(a, a.fixed);
  }

  /** Takes what the activity needs at a place. The caller has made sure that it is free. */
  put(a: Activity, place: Place): void {
    this.bump(a, place, 1);
    this.places[a.index] = place;
  }

  /** Gives back what the activity took; nothing happens when it was not placed. */
  take(a: Activity): void {
    const place = this.places[a.index];
    if (place === null || place === undefined) return;
    this.bump(a, place, -1);
    this.places[a.index] = null;
  }

  /** Takes a whole chain out, fixed activities excepted. */
  takeChain(chain: number): void {
    for (const i of this.problem.chains[chain]?.activities ?? []) {
      const a = this.activity(i);
      if (a.fixed === null) this.take(a);
    }
  }

  /** Puts a chain's places back as `placesOf` gave them. */
  putChain(chain: number, places: readonly (Place | null)[]): void {
    (this.problem.chains[chain]?.activities ?? []).forEach((i, k) => {
      const a = this.activity(i);
      const place = places[k];
      if (a.fixed === null && place !== null && place !== undefined) this.put(a, place);
    });
  }

  /** Places of a chain's activities in chain order. */
  placesOf(chain: number): (Place | null)[] {
    return (this.problem.chains[chain]?.activities ?? []).map((i) => this.places[i] ?? null);
  }

  /** Whether every activity of the chain has a place. */
  isPlaced(chain: number): boolean {
    return (this.problem.chains[chain]?.activities ?? []).every((i) => this.places[i] !== null);
  }

  /** The activity of an index; throws on an index that is none. */
  activity(index: number): Activity {
    const a = this.problem.activities[index];
    if (a === undefined) throw new Error(`Yard: no activity ${String(index)}`);
    return a;
  }

  /** Takes (1) or gives back (-1) only the station of a place, with its clean-down and its power. */
  bumpStation(a: Activity, place: Place, by: 1 | -1): void {
    if (place.station < 0) return;
    const p = this.problem;
    const from = Math.max(0, place.start);
    const end = Math.min(p.horizon, place.start + a.dur);
    this.stationUnused[place.station]?.add(from, end, by);
    this.stationFree[place.station]?.add(from, Math.min(p.horizon, end + a.clean), by);
    if (a.amps > 0) this.circuits[p.stations[place.station]?.circuit ?? -1]?.add(from, end, by * a.amps);
  }

  private bump(a: Activity, place: Place, by: 1 | -1): void {
    const p = this.problem;
    const end = Math.min(p.horizon, place.start + a.dur);
    const from = Math.max(0, place.start);
    const attEnd = Math.max(from, Math.min(p.horizon, place.start + a.att));
    const day = dayOfSlot(p, from);
    const dog = p.chains[a.chain]?.dog ?? -1;
    this.dogFree[dog]?.add(from, end, by);
    this.personFree[place.person]?.add(from, attEnd, by);
    this.personFree[place.second]?.add(from, attEnd, by);
    this.bumpStation(a, place, by);
    // Daily limits of days before the plan's first are nobody's concern any more.
    if (place.start < 0) return;
    if (a.stands) count(this.stood[dog], day, by * a.dur);
    count(this.noise[place.person], day, by * a.noise * a.att);
    count(this.noise[place.second], day, by * a.noise * a.att);
    if (a.scissors) count(this.scissors[place.person], day, by * a.att);
  }
}

function count(counts: Int32Array | undefined, day: number, by: number): void {
  if (counts !== undefined) counts[day] = (counts[day] ?? 0) + by;
}
