/*
 * Shops: chains without windows or workers, each activity bound to one machine, and the latest end is what counts. Whole
 * chains are too coarse a move there, so the orders on the machines are searched: two neighbors of a critical block change
 * places, the estimate of the new latest end picks the swap, a tabu list keeps it from being undone (neighborhood of
 * Nowicki and Smutnicki 1996, estimate of Taillard 1994; both from memory).
 */
import { max, INFINITY } from './numbers.js';
import type { Rng } from './rng.js';
import { makeRng } from './rng.js';
import type { Activity, Model, Assignment } from './model.js';
import type { SearchOptions, SearchResult } from './search/search.js';

const PATIENCE = 3000;
const SHAKES = 12;
const NONE = -1;

/** Whether a model is a shop: nothing but chains in order, minimum lags and one machine each. */
export function isJobShop(model: Model): boolean {
  const plain = model.activities.every(
    (a) =>
      a.machines?.length === 1 &&
      a.workers === null &&
      a.fixed === null &&
      a.omissionCost < 0 &&
      a.earliestStart === 0 &&
      a.setup === 0,
  );
  return plain && model.chains.every((c) => c.needs < 0 && c.lags.every((l) => l.max < 0 && l.to === l.from + 1));
}

/** Places all chains of a shop so that the latest end is as early as can be found; `cost` of the result is that end. */
export function searchMakespan(model: Model, options: SearchOptions): SearchResult {
  const search = new ShopSearch(model, makeRng(options.seed));
  let round = 0;
  let best = search.begin();
  options.onProgress({ round, cost: best, placed: model.chains.length, isPlaced: () => true });
  for (; options.used(round) < 1 && best > search.bound && !options.shouldStop(); round++) {
    if (!search.step()) continue;
    best = search.bestEnd;
    options.onProgress({ round, cost: best, placed: model.chains.length, isPlaced: () => true });
  }
  return { schedule: search.schedule(), cost: best, unplaced: [], rounds: round };
}

class ShopSearch {
  bestEnd = INFINITY;
  /** No answer ends earlier: the longest chain, and the busiest machine. */
  readonly bound: number;
  private readonly model: Model;
  private readonly rng: Rng;
  private readonly count: number;
  private readonly duration: Int32Array;
  /** Neighbors in the chain and the lag before each activity. */
  private readonly chainBefore: Int32Array;
  private readonly chainAfter: Int32Array;
  private readonly lag: Int32Array;
  /** Neighbors on the machine. */
  private readonly before: Int32Array;
  private readonly after: Int32Array;
  private readonly head: Int32Array;
  private readonly tail: Int32Array;
  private readonly queue: Int32Array;
  private readonly waits: Int32Array;
  private readonly tabu: Int32Array;
  private readonly orders: Int32Array[];
  private bestOrders: Int32Array[] = [];
  private end = 0;
  private now = 0;
  private sinceBest = 0;

  constructor(model: Model, rng: Rng) {
    const n = model.activities.length;
    this.model = model;
    this.rng = rng;
    this.count = n;
    this.duration = Int32Array.from(model.activities, (a) => a.duration);
    this.chainBefore = new Int32Array(n).fill(NONE);
    this.chainAfter = new Int32Array(n).fill(NONE);
    this.lag = new Int32Array(n);
    this.before = new Int32Array(n).fill(NONE);
    this.after = new Int32Array(n).fill(NONE);
    this.head = new Int32Array(n);
    this.tail = new Int32Array(n);
    this.queue = new Int32Array(n);
    this.waits = new Int32Array(n);
    this.tabu = new Int32Array(n * n);
    for (const chain of model.chains) this.linkChain(chain);
    this.orders = model.machines.map((_, s) => Int32Array.from(this.usersOf(s)));
    this.bound = this.leastEnd();
  }

  private linkChain(chain: Model['chains'][number]): void {
    for (let k = 1; k < chain.acts.length; k++) {
      const i = chain.acts[k] as number;
      this.chainBefore[i] = chain.acts[k - 1] as number;
      this.chainAfter[chain.acts[k - 1] as number] = i;
    }
    for (const lag of chain.lags) {
      const i = chain.acts[lag.to] as number;
      this.lag[i] = max(this.lag[i] as number, lag.min);
    }
  }

  private usersOf(machine: number): number[] {
    return this.model.activities.flatMap((a, i) => (a.machines?.[0] === machine ? [i] : []));
  }

  private leastEnd(): number {
    const busiest = this.orders.map((o) => o.reduce((sum, i) => sum + (this.duration[i] as number), 0));
    const longest = this.model.chains.map((c) =>
      c.acts.reduce((sum, i) => sum + (this.duration[i] as number) + (this.lag[i] as number), 0),
    );
    return max(...busiest, ...longest);
  }

  /** First answer: the chain with most work left goes first. */
  begin(): number {
    const left = this.model.chains.map((c) => c.acts.reduce((sum, i) => sum + (this.duration[i] as number), 0));
    const next = this.model.chains.map(() => 0);
    const rows: number[][] = this.orders.map(() => []);
    for (let k = 0; k < this.count; k++) {
      let pick = NONE;
      for (let c = 0; c < left.length; c++) {
        if (
          (next[c] as number) < (this.model.chains[c]?.acts.length ?? 0) &&
          (pick < 0 || (left[c] as number) > (left[pick] as number))
        )
          pick = c;
      }
      const i = this.model.chains[pick]?.acts[next[pick] as number] as number;
      rows[(this.model.activities[i] as Activity).machines?.[0] ?? 0]?.push(i);
      next[pick] = (next[pick] as number) + 1;
      left[pick] = (left[pick] as number) - (this.duration[i] as number);
    }
    rows.forEach((row, s) => this.orders[s]?.set(row));
    this.evaluate();
    this.keepBest();
    return this.bestEnd;
  }

  /** One swap; true when the best answer became better. */
  step(): boolean {
    this.now++;
    if (this.sinceBest++ > PATIENCE) this.shake();
    const swap = this.pickSwap();
    if (swap >= 0) this.swap(swap);
    else this.shake();
    this.evaluate();
    if (this.end === INFINITY) this.shake();
    if (this.end >= this.bestEnd) return false;
    this.keepBest();
    return true;
  }

  schedule(): Assignment[] {
    this.orders.forEach((o, s) => o.set(this.bestOrders[s] as Int32Array));
    this.evaluate();
    return this.model.activities.map((a, i) => ({
      start: this.head[i] as number,
      worker: NONE,
      second: NONE,
      machine: a.machines?.[0] ?? NONE,
    }));
  }

  private keepBest(): void {
    this.bestEnd = this.end;
    this.bestOrders = this.orders.map((o) => o.slice());
    this.sinceBest = 0;
  }

  /** Back to the best answer, then a few swaps at random on its critical path. */
  private shake(): void {
    this.orders.forEach((o, s) => o.set(this.bestOrders[s] as Int32Array));
    this.evaluate();
    this.tabu.fill(0);
    this.sinceBest = 0;
    const count = 1 + this.rng.below(SHAKES);
    for (let k = 0; k < count; k++) {
      const swaps = this.criticalSwaps();
      if (swaps.length === 0) return;
      this.swap(swaps[this.rng.below(swaps.length)] as number);
      this.evaluate();
    }
  }

  /** Earliest starts, latest ends and the latest end of all, from the orders as they are. */
  private evaluate(): void {
    const { before, after, queue, waits, head, tail, duration, chainBefore, chainAfter, lag } = this;
    before.fill(NONE);
    after.fill(NONE);
    for (const order of this.orders) {
      for (let k = 1; k < order.length; k++) {
        before[order[k] as number] = order[k - 1] as number;
        after[order[k - 1] as number] = order[k] as number;
      }
    }
    let last = 0;
    for (let i = 0; i < this.count; i++) {
      waits[i] = ((chainBefore[i] as number) >= 0 ? 1 : 0) + ((before[i] as number) >= 0 ? 1 : 0);
      if (waits[i] === 0) queue[last++] = i;
    }
    let end = 0;
    for (let k = 0; k < last; k++) {
      const i = queue[k] as number;
      const c = chainBefore[i] as number;
      const s = before[i] as number;
      const fromChain = c < 0 ? 0 : (head[c] as number) + (duration[c] as number) + (lag[i] as number);
      const fromMachine = s < 0 ? 0 : (head[s] as number) + (duration[s] as number);
      head[i] = max(fromChain, fromMachine);
      end = max(end, head[i] + (duration[i] as number));
      for (const next of [chainAfter[i] as number, after[i] as number]) {
        if (next < 0) continue;
        waits[next] = (waits[next] as number) - 1;
        if (waits[next] === 0) queue[last++] = next;
      }
    }
    for (let k = last - 1; k >= 0; k--) {
      const i = queue[k] as number;
      const c = chainAfter[i] as number;
      const s = after[i] as number;
      const toChain = c < 0 ? 0 : (tail[c] as number) + (duration[c] as number) + (lag[c] as number);
      const toMachine = s < 0 ? 0 : (tail[s] as number) + (duration[s] as number);
      tail[i] = max(toChain, toMachine);
    }
    // Zero durations can close a circle of orders; such an answer is none.
    this.end = last < this.count ? INFINITY : end;
  }

  /** First activities of the pairs on one critical path whose swap can help: at the edges of each machine's blocks. */
  private criticalSwaps(): number[] {
    const path: number[] = [];
    for (let i = this.criticalFrom(); i >= 0; i = this.criticalAfter(i)) path.push(i);
    const swaps: number[] = [];
    for (let from = 0; from < path.length;) {
      let to = from;
      while (to + 1 < path.length && this.after[path[to] as number] === path[to + 1]) to++;
      if (to > from && from > 0) swaps.push(path[from] as number);
      if (to > from && to < path.length - 1 && (to - from > 1 || from === 0)) swaps.push(path[to - 1] as number);
      from = to + 1;
    }
    return swaps.filter((i) => this.chainOf(i) !== this.chainOf(this.after[i] as number));
  }

  private chainOf(i: number): number {
    return (this.model.activities[i] as Activity).chain;
  }

  private criticalFrom(): number {
    const first: number[] = [];
    for (let i = 0; i < this.count; i++)
      if (this.head[i] === 0 && (this.duration[i] as number) + (this.tail[i] as number) === this.end) first.push(i);
    return first[this.rng.below(first.length)] ?? NONE;
  }

  private criticalAfter(i: number): number {
    const done = (this.head[i] as number) + (this.duration[i] as number);
    const s = this.after[i] as number;
    const c = this.chainAfter[i] as number;
    const onMachine =
      s >= 0 && this.head[s] === done && done + (this.duration[s] as number) + (this.tail[s] as number) === this.end;
    const gap = c < 0 ? 0 : (this.lag[c] as number);
    const onChain =
      c >= 0 &&
      this.head[c] === done + gap &&
      done + gap + (this.duration[c] as number) + (this.tail[c] as number) === this.end;
    if (onMachine && onChain) return this.rng.next() < 0.5 ? s : c;
    return onMachine ? s : onChain ? c : NONE;
  }

  private pickSwap(): number {
    let pick = NONE;
    let least = INFINITY;
    for (const i of this.criticalSwaps()) {
      const j = this.after[i] as number;
      const estimate = this.estimate(i, j);
      const isTabu = (this.tabu[j * this.count + i] as number) > this.now && estimate >= this.bestEnd;
      const value = estimate + (isTabu ? 1e6 + (this.tabu[j * this.count + i] as number) : 0) + this.rng.next() * 0.5;
      if (value < least) {
        least = value;
        pick = i;
      }
    }
    return pick;
  }

  /** Latest end through the two when they change places: a lower estimate of the new latest end. */
  private estimate(i: number, j: number): number {
    const { head, tail, duration, chainBefore, chainAfter, lag, before, after } = this;
    const ready = (k: number): number => {
      const c = chainBefore[k] as number;
      return c < 0 ? 0 : (head[c] as number) + (duration[c] as number) + (lag[k] as number);
    };
    const rest = (k: number): number => {
      const c = chainAfter[k] as number;
      return c < 0 ? 0 : (tail[c] as number) + (duration[c] as number) + (lag[c] as number);
    };
    const p = before[i] as number;
    const s = after[j] as number;
    const headJ = max(ready(j), p < 0 ? 0 : (head[p] as number) + (duration[p] as number));
    const headI = max(ready(i), headJ + (duration[j] as number));
    const tailI = max(rest(i), s < 0 ? 0 : (tail[s] as number) + (duration[s] as number));
    const tailJ = max(rest(j), tailI + (duration[i] as number));
    return max(headJ + (duration[j] as number) + tailJ, headI + (duration[i] as number) + tailI);
  }

  private swap(i: number): void {
    const order = this.orders[(this.model.activities[i] as Activity).machines?.[0] ?? 0] as Int32Array;
    const k = order.indexOf(i);
    const j = order[k + 1] as number;
    order[k] = j;
    order[k + 1] = i;
    this.tabu[i * this.count + j] = this.now + 8 + this.rng.below(8);
  }
}
