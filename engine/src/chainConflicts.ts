/*
 * Rules that interact inside a chain: the job's straining slots of a day, a worker's daily limits, lags over a middle step. An
 * answer that violates one is branched on: each branch bans what would violate it.
 */
import { ceil } from './numbers.js';
import type { Ban, ChainStarts } from './chainStarts.js';
import { exposureOver, precisionOver, strainOver } from './dailyLimits.js';
import type { Activity, Assignment, Model } from './model.js';
import type { Occupancy } from './occupancy.js';
import type { ChainTables, Tables } from './tables.js';

/** Beyond every horizon, and still a small integer. */
const FAR = 1 << 28;

/** Looks for violations in places of chains that are not in the occupancy. */
export class ChainConflicts {
  private readonly occupancy: Occupancy;
  private readonly tables: Tables;
  private readonly model: Model;
  private readonly starts: ChainStarts;

  constructor(occupancy: Occupancy, starts: ChainStarts) {
    this.occupancy = occupancy;
    this.tables = occupancy.tables;
    this.model = occupancy.tables.model;
    this.starts = starts;
  }

  /** Bans that each lift one violation of what interacts inside a chain; empty when nothing is violated. */
  of(chain: number, places: readonly (Assignment | null)[]): Ban[] {
    const tables = this.tables.chains[chain] as ChainTables;
    if (tables.limited) {
      const limit = this.strainConflict(chain, places) ?? this.workerConflict(chain, places);
      if (limit !== null) return limit;
    }
    return tables.over.length === 0 ? [] : (this.lagConflict(tables, places) ?? []);
  }

  private strainConflict(chain: number, places: readonly (Assignment | null)[]): Ban[] | null {
    const c = this.model.chains[chain] as Model['chains'][number];
    const byDay = new Map<number, number[]>();
    c.acts.forEach((i, k) => {
      const a = this.model.activities[i] as Activity;
      const place = places[k] ?? null;
      if (!a.strains || a.fixed !== null || place === null) return;
      const day = this.tables.dayAt(place.start);
      byDay.set(day, [...(byDay.get(day) ?? []), k]);
    });
    for (const [day, positions] of byDay) {
      const mine = positions.reduce((sum, k) => sum + this.act(c.acts, k).duration, 0);
      if (strainOver(this.occupancy, c.job, day, mine, this.starts.spent) <= 0) continue;
      const to = this.tables.dayStart[day + 1] as number;
      return positions.map((position) => ({ position, from: this.tables.dayStart[day] as number, to, worker: -1 }));
    }
    return null;
  }

  private workerConflict(chain: number, places: readonly (Assignment | null)[]): Ban[] | null {
    const { acts } = this.model.chains[chain] as Model['chains'][number];
    const exposure = new Map<number, number>();
    const precision = new Map<number, number>();
    for (let k = 0; k < acts.length; k++) {
      const a = this.act(acts, k);
      const place = places[k] ?? null;
      if (a.fixed !== null || place === null || (a.exposure === 0 && a.precision === 0)) continue;
      const day = this.tables.dayAt(place.start);
      for (const who of [place.worker, place.second]) {
        if (who < 0) continue;
        const at = who * this.tables.days + day;
        const exposed = add(exposure, at, a.exposure * a.attended);
        const precise = add(precision, at, who === place.worker ? a.precision * a.attended : 0);
        const isExposed = exposureOver(this.occupancy, who, day, exposed, this.starts.spent) > 0;
        if (isExposed || precisionOver(this.occupancy, who, day, precise, this.starts.spent) > 0)
          return this.bansOf(acts, places, who, day, isExposed);
      }
    }
    return null;
  }

  /** One ban for each of the worker's activities of that day that add to the limit that is passed. */
  private bansOf(
    acts: readonly number[],
    places: readonly (Assignment | null)[],
    who: number,
    day: number,
    isExposure: boolean,
  ): Ban[] {
    const range = { from: this.tables.dayStart[day] as number, to: this.tables.dayStart[day + 1] as number };
    return acts.flatMap((_, position): Ban[] => {
      const a = this.act(acts, position);
      const place = places[position] ?? null;
      if (a.fixed !== null || place === null || this.tables.dayAt(place.start) !== day) return [];
      const adds = isExposure ? a.exposure > 0 : a.precision > 0;
      if (!adds || (place.worker !== who && place.second !== who)) return [];
      return [{ position, ...range, worker: place.worker === who ? who : -1 }];
    });
  }

  /** Lags over a middle step: the later one must wait, or the earlier one must not start so early. */
  private lagConflict(tables: ChainTables, places: readonly (Assignment | null)[]): Ban[] | null {
    for (const lag of tables.over) {
      const before = places[lag.from] ?? null;
      const after = places[lag.to] ?? null;
      if (before === null || after === null) continue;
      const a = this.act(tables.acts, lag.from);
      const b = this.act(tables.acts, lag.to);
      if (a.fixed !== null && b.fixed !== null) continue;
      const gap = after.start - before.start - a.duration;
      const bans: Ban[] = [];
      // At any threshold one of the two holds in every answer that keeps the lag; halfway between, both make headway.
      if (gap < lag.min) {
        const reach = a.duration + lag.min;
        const from = ceil((after.start + 1 + before.start + reach) / 2);
        bans.push({ position: lag.to, from: 0, to: from, worker: -1 });
        bans.push({ position: lag.from, from: from - reach, to: FAR, worker: -1 });
      } else if (lag.max >= 0 && gap > lag.max) {
        const reach = a.duration + lag.max;
        const from = ceil((before.start + 1 + after.start - reach) / 2);
        bans.push({ position: lag.from, from: 0, to: from, worker: -1 });
        bans.push({ position: lag.to, from: from + reach, to: FAR, worker: -1 });
      } else continue;
      return bans.filter((ban) => this.act(tables.acts, ban.position).fixed === null);
    }
    return null;
  }

  private act(acts: readonly number[], position: number): Activity {
    return this.model.activities[acts[position] as number] as Activity;
  }
}

function add(sums: Map<number, number>, key: number, by: number): number {
  const sum = (sums.get(key) ?? 0) + by;
  sums.set(key, sum);
  return sum;
}
