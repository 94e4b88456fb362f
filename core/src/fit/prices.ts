/*
 * Prices of slots of people and stations that more chains want than can have them. Each chain says what it would take if
 * it were alone and had to pay; what is wanted twice becomes dearer, what nobody wants cheaper (a subgradient step of the
 * Lagrangian relaxation of "one thing at a time"; Held and Karp 1971, from memory). Chains that are placed while they pay
 * leave each other what the other needs more.
 */
import { max, min } from '../units/numbers.js';
import type { PathExtra } from './chainPath.js';
import type { FitActivity, FitModel, FitPlace } from './fitModel.js';

/** First step, in cost units a slot wanted once too often; later steps shrink. */
const FIRST_STEP = 2;
const STEP_HALVES_AFTER = 30;

export class Prices implements PathExtra {
  readonly onStarts: boolean;
  readonly onStations = true;
  private readonly model: FitModel;
  private readonly wishes: PathExtra | null;
  private readonly people: readonly PriceRow[];
  private readonly stations: readonly PriceRow[];
  private steps = 0;

  /** Prices beside what else is wished for; null = nothing. */
  constructor(model: FitModel, wishes: PathExtra | null) {
    this.model = model;
    this.wishes = wishes;
    this.onStarts = wishes?.onStarts === true;
    this.people = model.people.map(() => new PriceRow(model.horizon));
    this.stations = model.stations.map(() => new PriceRow(model.horizon));
  }

  start(activity: number, slot: number): number {
    return this.wishes === null ? 0 : this.wishes.start(activity, slot);
  }

  person(activity: number, slot: number, person: number): number {
    const price = (this.people[person] as PriceRow).of(slot, slot + this.act(activity).att);
    return this.wishes === null ? price : price + this.wishes.person(activity, slot, person);
  }

  station(activity: number, slot: number, station: number): number {
    const a = this.act(activity);
    const price = (this.stations[station] as PriceRow).of(slot, slot + a.dur + a.clean);
    return this.wishes?.onStations === true ? price + this.wishes.station(activity, slot, station) : price;
  }

  /** Takes note of what one chain would take. */
  want(acts: readonly number[], places: readonly (FitPlace | null)[]): void {
    acts.forEach((i, k) => {
      const place = places[k] ?? null;
      const a = this.act(i);
      if (place === null || a.fixed !== null) return;
      for (const who of [place.person, place.second]) this.people[who]?.want(place.start, place.start + a.att);
      this.stations[place.station]?.want(place.start, place.start + a.dur + a.clean);
    });
  }

  /** Changes the prices by what was wanted since the last step. */
  step(): void {
    const by = FIRST_STEP / (1 + this.steps / STEP_HALVES_AFTER);
    this.steps++;
    for (const row of this.people) row.step(by);
    for (const row of this.stations) row.step(by);
  }

  private act(i: number): FitActivity {
    return this.model.activities[i] as FitActivity;
  }
}

/** Prices of one person's or station's slots. */
class PriceRow {
  private readonly price: Float64Array;
  private readonly wanted: Uint8Array;
  private readonly before: Float64Array;

  constructor(slots: number) {
    this.price = new Float64Array(slots);
    this.wanted = new Uint8Array(slots);
    this.before = new Float64Array(slots + 1);
  }

  of(from: number, to: number): number {
    const last = this.before.length - 1;
    return (this.before[min(to, last)] as number) - (this.before[max(0, min(from, last))] as number);
  }

  want(from: number, to: number): void {
    for (let t = max(0, from); t < min(to, this.wanted.length); t++) this.wanted[t] = (this.wanted[t] as number) + 1;
  }

  step(by: number): void {
    const { price, wanted, before } = this;
    for (let t = 0; t < price.length; t++) {
      price[t] = max(0, (price[t] as number) + by * ((wanted[t] as number) - 1));
      before[t + 1] = (before[t] as number) + (price[t] as number);
    }
    wanted.fill(0);
  }
}
