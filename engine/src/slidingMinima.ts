/*
 * Sliding window minima, many at once: each layer of a chain's path is reached through them.
 */
import { INFINITY } from './numbers.js';

/** Sliding window minima over one layer, many at once: channel c holds indexes of rising value. */
export class SlidingMinima {
  private items = new Int32Array(1 << 12);
  private values = new Float64Array(1 << 12);
  private states = new Int32Array(1 << 12);
  private head = new Int32Array(1 << 12);
  private tail = new Int32Array(1 << 12);
  private size = 0;

  /** Empties so many channels, each for up to `size` items. */
  begin(channels: number, size: number): void {
    if (this.items.length < channels * size) {
      const larger = channels * size * 2;
      this.items = new Int32Array(larger);
      this.values = new Float64Array(larger);
      this.states = new Int32Array(larger);
    }
    if (this.head.length < channels) {
      this.head = new Int32Array(channels * 2);
      this.tail = new Int32Array(channels * 2);
    }
    this.size = size;
    for (let c = 0; c < channels; c++) this.clear(c);
  }

  /** Empties a channel. */
  clear(c: number): void {
    this.head[c] = c * this.size;
    this.tail[c] = c * this.size;
  }

  /** Adds an item (a rising number) with its value. */
  push(c: number, item: number, value: number, state: number): void {
    const { values } = this;
    const head = this.head[c] as number;
    let tail = this.tail[c] as number;
    while (tail > head && (values[tail - 1] as number) >= value) tail--;
    this.items[tail] = item;
    values[tail] = value;
    this.states[tail] = state;
    this.tail[c] = tail + 1;
  }

  /** Least value of the items from `least` on; Infinity when there is none. */
  value(c: number, least: number): number {
    const { items } = this;
    const tail = this.tail[c] as number;
    let head = this.head[c] as number;
    while (head < tail && (items[head] as number) < least) head++;
    this.head[c] = head;
    return head < tail ? (this.values[head] as number) : INFINITY;
  }

  /** State behind the value that was asked for last. */
  state(c: number): number {
    return this.states[this.head[c] as number] as number;
  }
}
