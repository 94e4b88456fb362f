/*
 * What is near a chain in a plan: the chains that hold what it needs, and stretches that are kept free for it while another
 * one is put back, so that the first one back does not take the best of it.
 */
import { max, min } from '../units/numbers.js';
import type { Rng } from '../units/rng.js';
import type { FitActivity, FitChain, FitModel, FitPlace } from './fitModel.js';
import type { Occupancy } from './occupancy.js';
import { keepFree, letGo } from './occupancy.js';

/** Where a chain was before it was pulled out; null places = nowhere. */
export interface Saved {
  readonly chain: number;
  readonly places: readonly (FitPlace | null)[] | null;
  readonly cost: number;
}

/** Neighbors in one yard; draws by chance. */
export class Neighbors {
  private readonly yard: Occupancy;
  private readonly model: FitModel;
  private readonly rng: Rng;

  constructor(yard: Occupancy, rng: Rng) {
    this.yard = yard;
    this.model = yard.tables.model;
    this.rng = rng;
  }

  /** Placed chains that hold what the seed needs, nearest in time to where it sits. */
  rivals(seed: number, count: number): number[] {
    const { acts } = this.chain(seed);
    const found: number[] = [];
    for (let tries = 0; tries < 4 && found.length < count; tries++) {
      const i = acts[this.rng.below(acts.length)] as number;
      const a = this.model.activities[i] as FitActivity;
      const at = this.yard.isPlaced[i] === 1 ? (this.yard.start[i] as number) : a.aim;
      const list = this.rng.next() < 0.6 ? a.people : a.stations;
      const things = list === a.people ? this.yard.people : this.yard.stations;
      if (list === null || list.length === 0) continue;
      this.holdersNear(
        things[list[this.rng.below(list.length)] as number] as Occupancy['people'][number],
        at,
        seed,
        count,
        found,
      );
    }
    return found;
  }

  private holdersNear(
    thing: Occupancy['people'][number],
    at: number,
    seed: number,
    count: number,
    found: number[],
  ): void {
    const { holder } = thing;
    const reach = 12 + this.rng.below(120);
    const more = 1 + this.rng.below(2);
    let added = 0;
    for (let d = 0; d < reach && found.length < count && added < more; d++) {
      for (const t of [at + d, at - d]) {
        const c = (holder[t] ?? 0) - 1;
        if (t < 0 || c < 0 || c === seed || found.includes(c)) continue;
        found.push(c);
        added++;
      }
    }
  }

  /** Keeps a stretch free near where a pulled chain sat, so that the first one back does not take the best of it. */
  keepSomethingFree(saved: readonly Saved[]): (() => void) | null {
    const s = saved[this.rng.below(saved.length)] as Saved;
    const { acts } = this.chain(s.chain);
    const k = this.rng.below(acts.length);
    const place = s.places?.[k] ?? null;
    const a = this.model.activities[acts[k] as number] as FitActivity;
    if (place === null || a.fixed !== null) return null;
    const things = [
      this.yard.people[place.person],
      this.yard.stations[place.station],
      this.yard.dogs[this.chain(s.chain).dog],
    ];
    const thing = things[this.rng.below(3)];
    if (thing === undefined) return null;
    const from = max(0, place.start - this.rng.below(12));
    const to = min(this.model.horizon, place.start + a.dur + this.rng.below(12));
    keepFree(thing, from, to);
    return () => letGo(thing, from, to);
  }

  /** Keeps a stretch of a chain's places free: its hands, its stations or both. */
  keepPart(chain: number, places: readonly (FitPlace | null)[]): () => void {
    const { acts } = this.chain(chain);
    const from = this.rng.below(acts.length);
    const to = from + 1 + this.rng.below(min(5, acts.length - from));
    const what = this.rng.below(3);
    const undo: (() => void)[] = [];
    for (let k = from; k < to; k++) {
      const place = places[k] ?? null;
      const a = this.model.activities[acts[k] as number] as FitActivity;
      if (place === null || a.fixed !== null) continue;
      const person = this.yard.people[place.person];
      const station = this.yard.stations[place.station];
      if (person !== undefined && what !== 1) {
        keepFree(person, place.start, place.start + a.att);
        undo.push(() => letGo(person, place.start, place.start + a.att));
      }
      if (station !== undefined && what !== 0) {
        keepFree(station, place.start, place.start + a.dur + a.clean);
        undo.push(() => letGo(station, place.start, place.start + a.dur + a.clean));
      }
    }
    return () => {
      for (const back of undo) back();
    };
  }

  private chain(c: number): FitChain {
    return this.model.chains[c] as FitChain;
  }
}
