/*
 * Where one task of a plan could start instead, while it is dragged: every start with which its whole chain can still be
 * finished, and those of them for which the rest of its chain may even stay where it is. Other jobs do not move.
 */
import { max, min } from './numbers.js';
import { ChainStarts } from './chainStarts.js';
import type { Activity, Assignment, Model, Schedule } from './model.js';
import { Tables } from './tables.js';
import { Occupancy } from './occupancy.js';

/** Slots in which a dragged activity could start. */
export interface DragStarts {
  /** Starts with which the chain can still be finished, rising. */
  readonly open: readonly number[];
  /** Those for which nothing else of the chain needs to move. */
  readonly alone: readonly number[];
}

/** Answers for one plan; made once, asked many times. */
export class DragWindows {
  private readonly model: Model;
  private readonly occupancy: Occupancy;
  private readonly starts: ChainStarts;

  constructor(model: Model, schedule: Schedule) {
    this.model = model;
    this.occupancy = new Occupancy(new Tables(model));
    model.activities.forEach((a, i) => {
      const place = schedule[i] ?? null;
      if (place !== null && a.fixed === null) this.occupancy.put(i, place);
    });
    this.starts = new ChainStarts(this.occupancy);
  }

  /** Starts of a placed activity; its own place is among them. The plan stays as it is. */
  of(activity: number): DragStarts {
    const a = this.model.activities[activity] as Activity;
    const { acts } = this.model.chains[a.chain] as Model['chains'][number];
    const places = acts.map((i) => this.occupancy.placeOf(i));
    const position = acts.indexOf(activity);
    this.occupancy.takeChain(a.chain);
    const open = this.starts.look(a.chain, []) ? this.starts.list(position) : [];
    acts.forEach((i, k) => {
      const place = places[k] ?? null;
      if (place !== null && (this.model.activities[i] as Activity).fixed === null) this.occupancy.put(i, place);
    });
    const [from, to] = this.roomBetween(a, position, places);
    return { open, alone: open.filter((t) => t >= from && t <= to) };
  }

  /** Starts that the chain's other places leave it, first and last. */
  private roomBetween(
    a: Activity,
    position: number,
    places: readonly (Assignment | null)[],
  ): readonly [number, number] {
    const chain = this.model.chains[a.chain] as Model['chains'][number];
    let from = 0;
    let to = this.model.horizon;
    const bound = (k: number, least: number, most: number): void => {
      const place = places[k] ?? null;
      if (place === null) return;
      const end = place.start + (this.model.activities[chain.acts[k] as number] as Activity).duration;
      if (k < position) {
        from = max(from, end + least);
        if (most >= 0) to = min(to, end + most);
      } else {
        to = min(to, place.start - least - a.duration);
        if (most >= 0) from = max(from, place.start - most - a.duration);
      }
    };
    for (const lag of chain.lags) {
      if (lag.to === position) bound(lag.from, lag.min, lag.max);
      if (lag.from === position) bound(lag.to, lag.min, lag.max);
    }
    for (let k = 0; k < places.length; k++) if (k !== position) bound(k, 0, -1);
    return [from, to];
  }
}
