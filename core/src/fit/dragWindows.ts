/*
 * Where one task of a plan could start instead, while it is dragged: every start with which its whole chain can still be
 * finished, and those of them for which the rest of its chain may even stay where it is. Other dogs do not move.
 */
import { max, min } from '../units/numbers.js';
import { ChainStarts } from './chainStarts.js';
import type { FitActivity, FitModel, FitPlace } from './fitModel.js';
import { FitTables } from './fitTables.js';
import type { FitPlacement } from './fitSearch.js';
import { Occupancy } from './occupancy.js';

export interface DragStarts {
  /** Starts with which the chain can still be finished, rising. */
  readonly open: readonly number[];
  /** Those for which nothing else of the chain needs to move. */
  readonly alone: readonly number[];
}

/** Answers for one plan; made once, asked many times. */
export class DragWindows {
  private readonly model: FitModel;
  private readonly yard: Occupancy;
  private readonly starts: ChainStarts;

  constructor(model: FitModel, placement: FitPlacement) {
    this.model = model;
    this.yard = new Occupancy(new FitTables(model));
    model.activities.forEach((a, i) => {
      const place = placement[i] ?? null;
      if (place !== null && a.fixed === null) this.yard.put(i, place);
    });
    this.starts = new ChainStarts(this.yard);
  }

  /** Starts of a placed activity; its own place is among them. The plan stays as it is. */
  of(activity: number): DragStarts {
    const a = this.model.activities[activity] as FitActivity;
    const { acts } = this.model.chains[a.chain] as FitModel['chains'][number];
    const places = acts.map((i) => this.yard.placeOf(i));
    const position = acts.indexOf(activity);
    this.yard.takeChain(a.chain);
    const open = this.starts.look(a.chain, []) ? this.starts.list(position) : [];
    acts.forEach((i, k) => {
      const place = places[k] ?? null;
      if (place !== null && (this.model.activities[i] as FitActivity).fixed === null) this.yard.put(i, place);
    });
    const [from, to] = this.roomBetween(a, position, places);
    return { open, alone: open.filter((t) => t >= from && t <= to) };
  }

  /** Starts that the chain's other places leave it, first and last. */
  private roomBetween(
    a: FitActivity,
    position: number,
    places: readonly (FitPlace | null)[],
  ): readonly [number, number] {
    const chain = this.model.chains[a.chain] as FitModel['chains'][number];
    let from = 0;
    let to = this.model.horizon;
    const bound = (k: number, least: number, most: number): void => {
      const place = places[k] ?? null;
      if (place === null) return;
      const end = place.start + (this.model.activities[chain.acts[k] as number] as FitActivity).dur;
      if (k < position) {
        from = max(from, end + least);
        if (most >= 0) to = min(to, end + most);
      } else {
        to = min(to, place.start - least - a.dur);
        if (most >= 0) from = max(from, place.start - most - a.dur);
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
