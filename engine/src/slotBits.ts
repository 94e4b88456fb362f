/*
 * Bit sets over slots, worked on through windows: slot t is bit t & 31 of word t >> 5, and a window is a run of words.
 * Where something can start is a run-length AND of what must be free, thirty-two slots at a time.
 */
import { clz32, imul, max, min } from './numbers.js';

/** Words that hold `slots` bits, with room to look past the end. */
export function wordsOf(slots: number): number {
  return (slots >> 5) + 2;
}

/** A set whose bits 0 to slots - 1 are one, and that holds `slots` bits. */
export function onesUpTo(slots: number): Int32Array {
  const bits = new Int32Array(wordsOf(slots));
  bits.fill(-1, 0, slots >> 5);
  if ((slots & 31) !== 0) bits[slots >> 5] = (1 << (slots & 31)) - 1;
  return bits;
}

/** Whether a mask has a slot; slots outside it are not there. */
export function bitAt(bits: Int32Array, t: number): boolean {
  return ((bits[t >> 5] as number) & (1 << (t & 31))) !== 0;
}

/** Sets the bits [from, to). */
export function setRange(bits: Int32Array, from: number, to: number): void {
  for (let t = from; t < to; t++) bits[t >> 5] = (bits[t >> 5] as number) | (1 << (t & 31));
}

/** Clears the bits [from, to). */
export function clearRange(bits: Int32Array, from: number, to: number): void {
  for (let t = from; t < to;) {
    if ((t & 31) === 0 && to - t >= 32) {
      bits[t >> 5] = 0;
      t += 32;
    } else {
      bits[t >> 5] = (bits[t >> 5] as number) & ~(1 << (t & 31));
      t++;
    }
  }
}

/** Run-length AND in place over the first `words` words: bit t stays where bits t to t + need - 1 all were set. */
export function keepRunsIn(bits: Int32Array, words: number, need: number): void {
  for (let have = 1; have < need;) {
    const step = min(have, need - have);
    const by = step >> 5;
    const rest = step & 31;
    const last = words - by;
    if (rest === 0) {
      for (let k = 0; k < last; k++) bits[k] = (bits[k] as number) & (bits[k + by] as number);
    } else {
      const left = 32 - rest;
      for (let k = 0; k < last - 1; k++) {
        const moved = ((bits[k + by] as number) >>> rest) | ((bits[k + by + 1] as number) << left);
        bits[k] = (bits[k] as number) & moved;
      }
      if (last > 0) bits[last - 1] = (bits[last - 1] as number) & ((bits[words - 1] as number) >>> rest);
    }
    for (let k = max(0, last); k < words; k++) bits[k] = 0;
    have += step;
  }
}

/** ORs the first `words` words with themselves moved up by 0 to width - 1 slots. */
export function spreadUp(bits: Int32Array, words: number, width: number): void {
  for (let have = 1; have < width;) {
    const step = min(have, width - have);
    orMovedUp(bits, words, step);
    have += step;
  }
}

/** ORs the first `words` words with themselves moved down by 0 to width - 1 slots. */
export function spreadDown(bits: Int32Array, words: number, width: number): void {
  for (let have = 1; have < width;) {
    const step = min(have, width - have);
    orMovedDown(bits, words, step);
    have += step;
  }
}

function orMovedUp(bits: Int32Array, words: number, step: number): void {
  const by = step >> 5;
  const rest = step & 31;
  for (let k = words - 1; k >= by; k--) {
    const high = bits[k - by] as number;
    const low = rest === 0 || k - by === 0 ? 0 : (bits[k - by - 1] as number) >>> (32 - rest);
    bits[k] = (bits[k] as number) | (rest === 0 ? high : (high << rest) | low);
  }
}

function orMovedDown(bits: Int32Array, words: number, step: number): void {
  const by = step >> 5;
  const rest = step & 31;
  for (let k = 0; k + by < words; k++) {
    const low = bits[k + by] as number;
    const high = rest === 0 || k + by + 1 >= words ? 0 : (bits[k + by + 1] as number) << (32 - rest);
    bits[k] = (bits[k] as number) | (rest === 0 ? low : (low >>> rest) | high);
  }
}

/** Lowest set bit of the words, or -1. */
export function firstBit(bits: Int32Array, at: number, words: number): number {
  for (let k = 0; k < words; k++) {
    const w = bits[at + k] as number;
    if (w !== 0) return (k << 5) + 31 - clz32(w & -w);
  }
  return -1;
}

/** Highest set bit of the words, or -1. */
export function lastBit(bits: Int32Array, at: number, words: number): number {
  for (let k = words - 1; k >= 0; k--) {
    const w = bits[at + k] as number;
    if (w !== 0) return (k << 5) + 31 - clz32(w);
  }
  return -1;
}

/** Number of set bits of the words. */
export function countBits(bits: Int32Array, at: number, words: number): number {
  let count = 0;
  for (let k = at; k < at + words; k++) {
    let w = bits[k] as number;
    w -= (w >>> 1) & 0x55555555;
    w = (w & 0x33333333) + ((w >>> 2) & 0x33333333);
    count += imul((w + (w >>> 4)) & 0x0f0f0f0f, 0x01010101) >>> 24;
  }
  return count;
}
