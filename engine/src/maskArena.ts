/*
 * Bit masks of starts in one growing buffer. A mask is a window of words: where it begins in the buffer (`at`), the word of
 * the horizon that its first word stands for (`word0`), and how many words it has (`n`).
 */
import { max, min } from './numbers.js';
import { clearRange, keepRunsIn, spreadDown, spreadUp } from './slotBits.js';

/** A window of a mask. */
export interface MaskWindow {
  readonly at: number;
  readonly words: number;
  readonly word0: number;
}

/** Masks that live until `reset`; numbers are offsets into `bits`, which moves when it grows. */
export class MaskArena {
  bits: Int32Array;
  private used = 0;
  private work = new Int32Array(1024);

  /** With room for so many words; it grows when `makeRoom` asks for more. */
  constructor(words = 1 << 16) {
    this.bits = new Int32Array(words);
  }

  /** Forgets all masks. */
  reset(): void {
    this.used = 0;
  }

  /** Forgets the masks from an offset on. */
  release(at: number): void {
    this.used = at;
  }

  /** Offset of a new mask of so many words; their content is whatever was there. `makeRoom` comes first. */
  claim(words: number): number {
    const at = this.used;
    this.used += words;
    return at;
  }

  /** Offset of a new empty mask. */
  claimZero(words: number): number {
    const at = this.claim(words);
    this.bits.fill(0, at, at + words);
    return at;
  }

  /** Grows the buffer so that so many words more can be claimed. */
  makeRoom(words: number): void {
    if (this.used + words + 512 <= this.bits.length) return;
    const larger = new Int32Array((this.used + words + 512) * 2);
    larger.set(this.bits);
    this.bits = larger;
  }

  /**
   * Sets a mask to the starts from which `src` has a run of `need`, of those in `starts`; both are whole horizons, `src`
   * null = all of it.
   */
  runs(src: Int32Array | null, starts: Int32Array, at: number, word0: number, n: number, need: number): void {
    if (src === null) {
      for (let w = 0; w < n; w++) this.bits[at + w] = starts[word0 + w] as number;
      return;
    }
    const reach = n + ((need + 31) >> 5) + 1;
    this.fitWork(reach);
    const { work, bits } = this;
    for (let w = 0; w < reach; w++) work[w] = src[word0 + w] ?? 0;
    keepRunsIn(work, reach, need);
    for (let w = 0; w < n; w++) bits[at + w] = (work[w] as number) & (starts[word0 + w] as number);
  }

  /** Adds the slots [from, to) to a mask. */
  fill(at: number, word0: number, n: number, from: number, to: number): void {
    const base = word0 << 5;
    const lo = max(0, from - base);
    const hi = min(n << 5, to - base);
    const { bits } = this;
    for (let t = lo; t < hi;) {
      if ((t & 31) === 0 && hi - t >= 32) {
        bits[at + (t >> 5)] = -1;
        t += 32;
      } else {
        bits[at + (t >> 5)] = (bits[at + (t >> 5)] as number) | (1 << (t & 31));
        t++;
      }
    }
  }

  /** Takes the slots [from, to) out of a mask. */
  clear(at: number, word0: number, n: number, from: number, to: number): void {
    const base = word0 << 5;
    const lo = max(0, from - base);
    const hi = min(n << 5, to - base);
    if (hi > lo) clearRange(this.bits, (at << 5) + lo, (at << 5) + hi);
  }

  /** Takes out of a mask what is before `lo` or after `hi`. */
  cutTo(at: number, word0: number, n: number, lo: number, hi: number): void {
    this.clear(at, word0, n, 0, lo);
    this.clear(at, word0, n, hi + 1, (word0 + n + 1) << 5);
  }

  /** Keeps of a mask what another of the same window has too. */
  andWith(at: number, other: number, n: number): void {
    const { bits } = this;
    for (let w = 0; w < n; w++) bits[at + w] = (bits[at + w] as number) & (bits[other + w] as number);
  }

  /** Keeps of a mask what any of `masks` masks from `at` on has. */
  anyOf(any: number, at: number, n: number, masks: number): void {
    const { bits } = this;
    for (let w = 0; w < n; w++) {
      let some = 0;
      for (let m = 0; m < masks; m++) some |= bits[at + m * n + w] as number;
      bits[any + w] = (bits[any + w] as number) & some;
    }
  }

  /** Keeps of a worker's mask the starts at which somebody else can be the second. */
  keepPairs(at: number, n: number, who: number, secondWorkers: readonly number[], secondWorkersAt: number): void {
    const { bits } = this;
    for (let w = 0; w < n; w++) {
      let other = 0;
      for (let q = 0; q < secondWorkers.length; q++)
        if (secondWorkers[q] !== who) other |= bits[secondWorkersAt + q * n + w] as number;
      bits[at + w] = (bits[at + w] as number) & other;
    }
  }

  /** ORs `work`, whose first bit stands for slot `base`, into the window that begins at word0. */
  private orMoved(at: number, word0: number, n: number, words: number, base: number): void {
    const { work, bits } = this;
    const offset = base - (word0 << 5);
    const by = offset >> 5;
    const rest = offset & 31;
    for (let w = 0; w < n; w++) {
      const k = w - by;
      const high = k >= 0 && k < words ? (work[k] as number) : 0;
      const low = rest === 0 || k - 1 < 0 || k - 1 >= words ? 0 : (work[k - 1] as number) >>> (32 - rest);
      bits[at + w] = (bits[at + w] as number) | (rest === 0 ? high : (high << rest) | low);
    }
  }

  private fitWork(words: number): void {
    if (this.work.length < words) this.work = new Int32Array(words * 2);
  }

  /** Keeps the starts of a mask from which `src` has a run of `need`. */
  keepRuns(src: Int32Array, at: number, word0: number, n: number, need: number): void {
    const reach = n + ((need + 31) >> 5) + 1;
    this.fitWork(reach);
    const { work, bits } = this;
    for (let w = 0; w < reach; w++) work[w] = src[word0 + w] ?? 0;
    keepRunsIn(work, reach, need);
    for (let w = 0; w < n; w++) bits[at + w] = (bits[at + w] as number) & (work[w] as number);
  }

  /** ORs into a mask every start of another, moved by `shift` and `width - 1` slots further on. */
  spreadUpInto(into: MaskWindow, from: MaskWindow, shift: number, width: number): void {
    const words = from.words + ((width + 31) >> 5) + 1;
    this.fitWork(words);
    const { work, bits } = this;
    for (let w = 0; w < from.words; w++) work[w] = bits[from.at + w] as number;
    work.fill(0, from.words, words);
    spreadUp(work, words, width);
    this.orMoved(into.at, into.word0, into.words, words, (from.word0 << 5) + shift);
  }

  /** ORs into a mask every start of another, moved back by `shift` and `width - 1` slots further. */
  spreadDownInto(into: MaskWindow, from: MaskWindow, shift: number, width: number): void {
    const pad = ((width + 31) >> 5) + 1;
    const words = from.words + pad;
    this.fitWork(words);
    const { work, bits } = this;
    work.fill(0, 0, pad);
    for (let w = 0; w < from.words; w++) work[pad + w] = bits[from.at + w] as number;
    spreadDown(work, words, width);
    this.orMoved(into.at, into.word0, into.words, words, ((from.word0 - pad) << 5) - shift);
  }
}
