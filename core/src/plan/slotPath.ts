/*
 * Shortest path through the starts of one chain: one layer an activity, one node a slot in which it can start. The
 * nodes of all layers lie one after the other in buffers that are made once and used again, since this is the innermost
 * loop of the planner.
 */
import type { Rng } from '../units/rng.js';
import type { Activity } from './problem.js';

/** Beyond every horizon, and still a small integer. */
const FAR = 1 << 28;

/** Reusable shortest-path solver over the slots of a chain. */
export class SlotPath {
  private slots = new Int32Array(4096);
  private best = new Float64Array(4096);
  /** Node of the activity before, for the way back. */
  private from = new Int32Array(4096);
  private values = new Float64Array(4096);
  private queue = new Int32Array(4096);
  /** First node of each layer, and one more. */
  private readonly first: number[] = [0];
  private before: Activity | null = null;

  /** Forgets the last chain and makes room for so many nodes. */
  begin(nodes: number): void {
    this.first.length = 1;
    this.before = null;
    if (this.slots.length >= nodes) return;
    const size = nodes * 2;
    this.slots = new Int32Array(size);
    this.best = new Float64Array(size);
    this.from = new Int32Array(size);
    this.values = new Float64Array(size);
    this.queue = new Int32Array(size);
  }

  /**
   * Adds the next activity: keeps the slots that a chain can reach, each with the cheapest chain that ends there
   * (sliding window minimum over the layer before). False when none is reached. A follower pays for its gap, late x (t -
   * end before), which the window minimum carries as a slope.
   */
  addLayer(
    a: Activity,
    slots: Int32Array,
    costs: Float64Array,
    closed: ((slot: number) => boolean) | null,
    now: number,
  ): boolean {
    const start = this.first[this.first.length - 1] as number;
    const prev = this.before;
    const end = prev === null ? this.copyFirst(slots, costs, closed) : this.extend(a, prev, slots, costs, closed, now);
    this.first.push(end);
    this.before = a;
    return end > start;
  }

  private copyFirst(slots: Int32Array, costs: Float64Array, closed: ((slot: number) => boolean) | null): number {
    let end = 0;
    for (let k = 0; k < slots.length; k++) {
      const t = slots[k] as number;
      if (closed !== null && closed(t)) continue;
      this.slots[end] = t;
      this.best[end++] = costs[k] as number;
    }
    return end;
  }

  private extend(
    a: Activity,
    prev: Activity,
    slots: Int32Array,
    costs: Float64Array,
    closed: ((slot: number) => boolean) | null,
    now: number,
  ): number {
    const lo = this.first[this.first.length - 2] as number;
    const hi = this.first[this.first.length - 1] as number;
    // What really happened is taken as it was, also where it broke the order or a lag.
    const free = a.fixed !== null && prev.fixed !== null;
    const slope = a.follows && a.fixed === null ? a.late : 0;
    this.slopeValues(lo, hi, slope, prev.dur + a.lagMin, Math.max(now, a.est));
    const { best, from, values, queue } = this;
    const nodes = this.slots;
    const least = prev.dur + a.lagMin;
    const most = free || a.lagMax < 0 ? FAR : prev.dur + a.lagMax;
    const count = slots.length;
    let head = 0;
    let tail = 0;
    let next = lo;
    let end = hi;
    for (let k = 0; k < count; k++) {
      const t = slots[k] as number;
      const newest = free ? FAR : t - least;
      const oldest = t - most;
      while (next < hi && (nodes[next] as number) <= newest) {
        const value = values[next] as number;
        while (tail > head && (values[queue[tail - 1] as number] as number) >= value) tail--;
        queue[tail++] = next++;
      }
      while (tail > head && (nodes[queue[head] as number] as number) < oldest) head++;
      if (tail === head || (closed !== null && closed(t))) continue;
      const source = queue[head] as number;
      nodes[end] = t;
      best[end] = (costs[k] as number) + (values[source] as number) + slope * t;
      from[end++] = source;
    }
    return end;
  }

  /** Cost of each node of the layer before, less the slope that its successor's gap starts from. */
  private slopeValues(lo: number, hi: number, slope: number, least: number, open: number): void {
    const { best, slots, values } = this;
    for (let j = lo; j < hi; j++) {
      const ready = (slots[j] as number) + least;
      values[j] = (best[j] as number) - slope * (ready > open ? ready : open);
    }
  }

  /** Starts of the cheapest chain, in chain order; one of equals at random. */
  wayBack(rng: Rng): number[] {
    const layers = this.first.length - 1;
    const starts = new Array<number>(layers);
    let node = this.cheapest(this.first[layers - 1] as number, this.first[layers] as number, rng);
    for (let i = layers - 1; i >= 0; i--) {
      starts[i] = this.slots[node] as number;
      node = this.from[node] as number;
    }
    return starts;
  }

  private cheapest(lo: number, hi: number, rng: Rng): number {
    let at = lo;
    let equals = 1;
    for (let k = lo + 1; k < hi; k++) {
      const c = this.best[k] as number;
      const least = this.best[at] as number;
      if (c < least) {
        at = k;
        equals = 1;
      } else if (c === least && rng.below(++equals) === 0) at = k;
    }
    return at;
  }
}
