/*
 * The wish to leave things where they were: what was published stays at its time, in its hands and at its place unless
 * something else is worth more.
 */
import type { PathExtra } from './chainPath.js';
import type { FitPlacement } from './fitSearch.js';

/** Worth of leaving a published task at its time, in slots off its aim (2.5 h); of leaving it with its hands and place. */
const STAY_TIME = 30;
const STAY_HANDS = 6;

/** Wishes that hold on to a placement; `prices` by person are added to whatever that person does. */
export class Stay implements PathExtra {
  readonly onStarts: boolean;
  readonly onStations: boolean;
  private readonly old: FitPlacement | null;
  private readonly prices: readonly number[] | null;

  constructor(old: FitPlacement | null, prices: readonly number[] | null = null) {
    this.old = old;
    this.prices = prices;
    this.onStarts = old !== null;
    this.onStations = old !== null;
  }

  start(activity: number, slot: number): number {
    const old = this.old?.[activity] ?? null;
    return old === null || old.start === slot ? 0 : STAY_TIME;
  }

  person(activity: number, _slot: number, person: number): number {
    const old = this.old?.[activity] ?? null;
    const price = this.prices === null ? 0 : (this.prices[person] as number);
    return price + (old === null || old.person === person ? 0 : STAY_HANDS);
  }

  station(activity: number, _slot: number, station: number): number {
    const old = this.old?.[activity] ?? null;
    return old === null || old.station === station ? 0 : STAY_HANDS;
  }
}
