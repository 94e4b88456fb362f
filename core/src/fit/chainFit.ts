/*
 * The cheapest place of one whole chain, everything else as it is. A dog does one thing at a time, so the chain's own
 * activities never compete for people, stations or power: a shortest path finds times and hands, a second one stations.
 * What does interact inside a chain (the dog's standing minutes, a person's daily limits, lags over a middle step) is
 * branched on when the answer violates it.
 */
import { ceil, floor, max, min, INFINITY } from '../units/numbers.js';
import type { Rng } from '../units/rng.js';
import { chainCost } from './chainCost.js';
import type { PathExtra, PathWishes } from './chainPath.js';
import { ChainPath } from './chainPath.js';
import type { FitBan } from './chainStarts.js';
import { ChainStarts } from './chainStarts.js';
import type { FitActivity, FitModel, FitPlace } from './fitModel.js';
import type { ChainTables, FitTables } from './fitTables.js';
import type { Occupancy } from './occupancy.js';

/** States above which hands are chosen after the times: a long chain in wide windows would take too long otherwise. */
const MOST_STATES = 12_000;
/** Beyond every horizon, and still a small integer. */
const FAR = 1 << 28;

/** How hard to look. */
export interface FitEffort {
  /** Random cost a state, at most, so that ties fall differently each time; 0 = exact. */
  readonly noise: number;
  /** Whether hands, and whether stations, are told apart on the way. */
  readonly hands: boolean;
  readonly stations: boolean;
  /** Branches tried before a chain counts as having no place. */
  readonly branches: number;
  /** Whether to follow one branch at random instead of the best first. */
  readonly dives: boolean;
  readonly extra: PathExtra | null;
}

/** What is chosen along a chain after its times. */
const HANDS = 'hands';
const STATIONS = 'stations';

/** An answer under some bans. */
interface Node {
  readonly bans: readonly FitBan[];
  readonly places: (FitPlace | null)[];
  readonly cost: number;
}

export const QUICK: FitEffort = { noise: 0.4, hands: true, stations: false, branches: 12, dives: false, extra: null };
export const EXACT: FitEffort = { noise: 0, hands: true, stations: true, branches: 60, dives: false, extra: null };

/** Finds places of chains in one yard. After `fit` the answer is in `places` and `cost`, or `blocked` names a position. */
export class ChainFit {
  places: (FitPlace | null)[] = [];
  cost = 0;
  blocked = -1;
  readonly starts: ChainStarts;
  private readonly path: ChainPath;
  private readonly yard: Occupancy;
  private readonly tables: FitTables;
  private readonly model: FitModel;
  private readonly rng: Rng;

  constructor(yard: Occupancy, rng: Rng) {
    this.yard = yard;
    this.tables = yard.tables;
    this.model = yard.tables.model;
    this.rng = rng;
    this.starts = new ChainStarts(yard);
    this.path = new ChainPath(this.tables);
  }

  /** Looks for a place of a chain that is not in the yard. `blocked` stays the furthest position that had no start. */
  fit(chain: number, effort: FitEffort): boolean {
    this.path.seed(floor(this.rng.next() * 0x7fffffff));
    this.blocked = -1;
    const open: Node[] = [];
    this.open(open, chain, [], effort);
    for (let tried = 1; open.length > 0;) {
      const node = this.cheapest(open);
      const conflict = this.conflict(chain, node.places);
      if (conflict.length === 0) {
        this.places = node.places;
        this.cost = chainCost(this.tables, chain, node.places);
        return true;
      }
      if (tried >= effort.branches) return false;
      if (effort.dives) {
        // One way at random, the others forgotten: good enough where the answer is only a hint.
        open.length = 0;
        tried++;
        this.open(open, chain, [...node.bans, conflict[this.rng.below(conflict.length)] as FitBan], effort);
      } else {
        tried += conflict.length;
        for (const ban of conflict) this.open(open, chain, [...node.bans, ban], effort);
      }
    }
    return false;
  }

  private open(open: Node[], chain: number, bans: readonly FitBan[], effort: FitEffort): void {
    const places = this.attempt(chain, bans, effort);
    if (places !== null) open.push({ bans, places, cost: this.costWith(chain, places, effort) });
  }

  /** Takes the cheapest node out: a bound of everything below it. */
  private cheapest(open: Node[]): Node {
    let at = 0;
    for (let k = 1; k < open.length; k++) if ((open[k] as Node).cost < (open[at] as Node).cost) at = k;
    return open.splice(at, 1)[0] as Node;
  }

  private costWith(chain: number, places: readonly (FitPlace | null)[], effort: FitEffort): number {
    const cost = chainCost(this.tables, chain, places);
    if (effort.extra === null) return cost;
    const acts = (this.tables.chains[chain] as ChainTables).acts;
    let more = 0;
    places.forEach((p, k) => {
      const i = acts[k] as number;
      if (p === null || (this.model.activities[i] as FitActivity).fixed !== null) return;
      more += effort.extra?.start(i, p.start) ?? 0;
      if (p.person >= 0) more += effort.extra?.person(i, p.start, p.person) ?? 0;
      if (p.station >= 0) more += effort.extra?.station(i, p.start, p.station) ?? 0;
    });
    return cost + more;
  }

  private attempt(chain: number, bans: readonly FitBan[], effort: FitEffort): (FitPlace | null)[] | null {
    if (!this.starts.look(chain, bans)) {
      this.blocked = max(this.blocked, this.starts.blocked);
      return null;
    }
    const hands = effort.hands && (effort.stations || this.starts.states(chain) <= MOST_STATES);
    const wishes: PathWishes = { noise: effort.noise, hands, stations: effort.stations, extra: effort.extra };
    if (this.path.solve(chain, this.starts, wishes) === INFINITY) {
      this.blocked = max(this.blocked, (this.tables.chains[chain] as ChainTables).acts.length - 1);
      return null;
    }
    return this.choosePlaces(chain, effort);
  }

  private choosePlaces(chain: number, effort: FitEffort): (FitPlace | null)[] {
    const acts = (this.tables.chains[chain] as ChainTables).acts;
    const people = this.chooseAlong(acts, effort, HANDS);
    const stations = this.chooseAlong(acts, effort, STATIONS);
    return acts.map((i, k): FitPlace | null => {
      if (this.path.isOn[k] === 0) return null;
      const a = this.model.activities[i] as FitActivity;
      if (a.fixed !== null) return a.fixed;
      const start = this.path.slot[k] as number;
      const person = people[k] as number;
      return { start, person, second: this.secondFor(k, a, start, person), station: stations[k] as number };
    });
  }

  /** People who may be the ones at the chosen time, or the one that the path has told. */
  private peopleAt(k: number, a: FitActivity): readonly number[] {
    if (a.fixed !== null) return [a.fixed.person];
    const told = this.path.person[k] as number;
    const people = this.starts.people[k] ?? null;
    if (told >= 0 || people === null) return [told];
    const n = this.starts.count[k] as number;
    const start = this.path.slot[k] as number;
    return people.filter((_, p) => this.starts.has(k, (this.starts.peopleAt[k] as number) + p * n, start));
  }

  /** Somebody else who is free, with the least overtime; ties by chance. */
  private secondFor(k: number, a: FitActivity, start: number, person: number): number {
    const seconds = a.seconds ?? [];
    const n = this.starts.count[k] as number;
    let best = -1;
    let least = INFINITY;
    for (let q = 0; q < seconds.length; q++) {
      const who = seconds[q] as number;
      if (who === person || !this.starts.has(k, (this.starts.secondsAt[k] as number) + q * n, start)) continue;
      const over = this.tables.overtime(who, start, a.att) + this.rng.next() * 0.5;
      if (over < least) {
        least = over;
        best = who;
      }
    }
    return best;
  }

  /** People, or stations, at the chosen times: as few changes as can be, ties by chance. */
  private chooseAlong(acts: readonly number[], effort: FitEffort, what: typeof HANDS | typeof STATIONS): Int32Array {
    const chosen = new Int32Array(acts.length).fill(-1);
    const costs: Float64Array[] = [];
    const lists: (readonly number[])[] = [];
    const from: Int32Array[] = [];
    const on: number[] = [];
    for (let k = 0; k < acts.length; k++) {
      if (this.path.isOn[k] === 0) continue;
      const a = this.model.activities[acts[k] as number] as FitActivity;
      const list = what === HANDS ? this.peopleAt(k, a) : this.stationsAt(k, a);
      const here = new Float64Array(list.length);
      const back = new Int32Array(list.length);
      const prev = on[on.length - 1];
      for (let s = 0; s < list.length; s++) {
        here[s] = list.length === 1 ? 0 : this.choiceCost(k, a, list[s] as number, effort, what);
        if (prev === undefined) continue;
        const change = this.changePrice(acts, prev, k, what);
        this.linkChoice(list[s] as number, s, change, here, back, costs, lists);
      }
      costs.push(here);
      lists.push(list);
      from.push(back);
      on.push(k);
    }
    let at = -1;
    for (let i = on.length - 1; i >= 0; i--) {
      const here = costs[i] as Float64Array;
      if (at < 0) at = here.indexOf(min(...here));
      chosen[on[i] as number] = lists[i]?.[at] ?? -1;
      at = (from[i] as Int32Array)[at] as number;
    }
    return chosen;
  }

  private choiceCost(
    k: number,
    a: FitActivity,
    which: number,
    effort: FitEffort,
    what: typeof HANDS | typeof STATIONS,
  ): number {
    const start = this.path.slot[k] as number;
    const tie = effort.noise === 0 ? 0 : this.rng.next() * 0.01;
    if (which < 0 || a.fixed !== null) return 0;
    if (what === HANDS) return tie + this.path.handsCost(k, a, this.starts, start, which, effort.extra);
    const index = this.tables.chains[a.chain]?.acts[k] as number;
    return tie + (effort.extra?.onStations === true ? effort.extra.station(index, start, which) : 0);
  }

  /** What a change between two neighbors costs. */
  private changePrice(acts: readonly number[], prev: number, k: number, what: typeof HANDS | typeof STATIONS): number {
    if (this.tables.dayAt(this.path.slot[prev] as number) !== this.tables.dayAt(this.path.slot[k] as number)) return 0;
    if (what === HANDS) return this.model.weights.handOver;
    return this.countsChange(acts, prev, k) ? this.model.weights.stationChange : 0;
  }

  private linkChoice(
    which: number,
    s: number,
    change: number,
    here: Float64Array,
    back: Int32Array,
    costs: readonly Float64Array[],
    lists: readonly (readonly number[])[],
  ): void {
    const before = costs[costs.length - 1] as Float64Array;
    const listBefore = lists[lists.length - 1] as readonly number[];
    let least = INFINITY;
    for (let b = 0; b < listBefore.length; b++) {
      const changed = which >= 0 && (listBefore[b] as number) >= 0 && listBefore[b] !== which;
      const cost = (before[b] as number) + (changed ? change : 0);
      if (cost < least) {
        least = cost;
        back[s] = b;
      }
    }
    here[s] = (here[s] as number) + least;
  }

  private countsChange(acts: readonly number[], prev: number, k: number): boolean {
    const a = this.model.activities[acts[prev] as number] as FitActivity;
    const b = this.model.activities[acts[k] as number] as FitActivity;
    return this.model.weights.acrossKinds || a.kind === b.kind;
  }

  private stationsAt(k: number, a: FitActivity): readonly number[] {
    if (a.fixed !== null) return [a.fixed.station];
    const stations = this.starts.stations[k] ?? null;
    if (stations === null) return [-1];
    const told = this.path.station[k] as number;
    if (told >= 0) return [told];
    const n = this.starts.count[k] as number;
    const start = this.path.slot[k] as number;
    return stations.filter((_, s) => this.starts.has(k, (this.starts.stationsAt[k] as number) + s * n, start));
  }

  /** Bans that each lift one violation of what interacts inside a chain; empty when nothing is violated. */
  conflict(chain: number, places: readonly (FitPlace | null)[]): FitBan[] {
    const tables = this.tables.chains[chain] as ChainTables;
    if (tables.limited) {
      const limit = this.standingConflict(chain, places) ?? this.personConflict(chain, places);
      if (limit !== null) return limit;
    }
    return tables.over.length === 0 ? [] : (this.lagConflict(tables, places) ?? []);
  }

  private standingConflict(chain: number, places: readonly (FitPlace | null)[]): FitBan[] | null {
    const c = this.model.chains[chain] as FitModel['chains'][number];
    const cap = this.model.dogs[c.dog]?.standCap ?? 0;
    const byDay = new Map<number, number[]>();
    c.acts.forEach((i, k) => {
      const a = this.model.activities[i] as FitActivity;
      const place = places[k] ?? null;
      if (!a.stands || a.fixed !== null || place === null) return;
      const day = this.tables.dayAt(place.start);
      byDay.set(day, [...(byDay.get(day) ?? []), k]);
    });
    for (const [day, positions] of byDay) {
      const mine = positions.reduce((sum, k) => sum + this.act(c.acts, k).dur, 0);
      if (this.starts.taken(this.yard.stood, c.dog * this.tables.days + day) + mine <= cap) continue;
      const to = this.tables.dayStart[day + 1] as number;
      return positions.map((position) => ({ position, from: this.tables.dayStart[day] as number, to, person: -1 }));
    }
    return null;
  }

  private personConflict(chain: number, places: readonly (FitPlace | null)[]): FitBan[] | null {
    const { acts } = this.model.chains[chain] as FitModel['chains'][number];
    const noise = new Map<number, number>();
    const cut = new Map<number, number>();
    for (let k = 0; k < acts.length; k++) {
      const a = this.act(acts, k);
      const place = places[k] ?? null;
      if (a.fixed !== null || place === null || (a.noise === 0 && a.scissors === 0)) continue;
      const day = this.tables.dayAt(place.start);
      for (const who of [place.person, place.second]) {
        if (who < 0) continue;
        const at = who * this.tables.days + day;
        const loud = add(noise, at, a.noise * a.att) + this.starts.taken(this.yard.noise, at);
        const scissored =
          add(cut, at, who === place.person ? a.scissors * a.att : 0) + this.starts.taken(this.yard.scissors, at);
        const person = this.model.people[who] as FitModel['people'][number];
        if (loud > person.noiseCap || scissored > person.scissorCap)
          return this.bansOf(acts, places, who, day, loud > person.noiseCap);
      }
    }
    return null;
  }

  /** One ban for each of the person's activities of that day that add to the limit that is passed. */
  private bansOf(
    acts: readonly number[],
    places: readonly (FitPlace | null)[],
    who: number,
    day: number,
    isNoise: boolean,
  ): FitBan[] {
    const range = { from: this.tables.dayStart[day] as number, to: this.tables.dayStart[day + 1] as number };
    return acts.flatMap((_, position): FitBan[] => {
      const a = this.act(acts, position);
      const place = places[position] ?? null;
      if (a.fixed !== null || place === null || this.tables.dayAt(place.start) !== day) return [];
      const adds = isNoise ? a.noise > 0 : a.scissors > 0;
      if (!adds || (place.person !== who && place.second !== who)) return [];
      return [{ position, ...range, person: place.person === who ? who : -1 }];
    });
  }

  /** Lags over a middle step: the later one must wait, or the earlier one must not start so early. */
  private lagConflict(tables: ChainTables, places: readonly (FitPlace | null)[]): FitBan[] | null {
    for (const lag of tables.over) {
      const before = places[lag.from] ?? null;
      const after = places[lag.to] ?? null;
      if (before === null || after === null) continue;
      const a = this.act(tables.acts, lag.from);
      const b = this.act(tables.acts, lag.to);
      if (a.fixed !== null && b.fixed !== null) continue;
      const gap = after.start - before.start - a.dur;
      const bans: FitBan[] = [];
      // Whatever the threshold, one of the two holds in every answer that keeps the lag; halfway between, both make headway.
      if (gap < lag.min) {
        const reach = a.dur + lag.min;
        const from = ceil((after.start + 1 + before.start + reach) / 2);
        bans.push({ position: lag.to, from: 0, to: from, person: -1 });
        bans.push({ position: lag.from, from: from - reach, to: FAR, person: -1 });
      } else if (lag.max >= 0 && gap > lag.max) {
        const reach = a.dur + lag.max;
        const from = ceil((before.start + 1 + after.start - reach) / 2);
        bans.push({ position: lag.from, from: 0, to: from, person: -1 });
        bans.push({ position: lag.to, from: from + reach, to: FAR, person: -1 });
      } else continue;
      return bans.filter((ban) => this.act(tables.acts, ban.position).fixed === null);
    }
    return null;
  }

  private act(acts: readonly number[], position: number): FitActivity {
    return this.model.activities[acts[position] as number] as FitActivity;
  }
}

function add(sums: Map<number, number>, key: number, by: number): number {
  const sum = (sums.get(key) ?? 0) + by;
  sums.set(key, sum);
  return sum;
}
