/*
 * Bit sets over slots: slot t is bit t & 31 of word t >> 5. Where something can start is a run-length AND of what must
 * be free: thirty-two slots at a time, which is what keeps a plan of hundreds of steps fast.
 */

/** Words that hold `slots` bits, with one spare for shifts. */
export function wordsFor(slots: number): number {
  return (slots >> 5) + 2;
}

/** A set with bits 0 to slots - 1 all one. */
export function allOnes(slots: number): Int32Array {
  const bits = new Int32Array(wordsFor(slots));
  bits.fill(-1, 0, slots >> 5);
  bits[slots >> 5] = (slots & 31) === 0 ? 0 : (1 << (slots & 31)) - 1;
  return bits;
}

/** A set of the slots below `slots` for which `has` is true. */
export function bitsWhere(slots: number, has: (slot: number) => boolean): Int32Array {
  const bits = new Int32Array(wordsFor(slots));
  for (let t = 0; t < slots; t++) if (has(t)) bits[t >> 5] = (bits[t >> 5] ?? 0) | (1 << (t & 31));
  return bits;
}

export function setBit(bits: Int32Array, t: number, on: boolean): void {
  const w = t >> 5;
  const b = 1 << (t & 31);
  bits[w] = on ? (bits[w] ?? 0) | b : (bits[w] ?? 0) & ~b;
}

export function hasBit(bits: Int32Array, t: number): boolean {
  return t >= 0 && ((bits[t >> 5] ?? 0) & (1 << (t & 31))) !== 0;
}

/**
 * Run-length AND in place: afterwards bit t of `bits` is set where bits t to t + need - 1 all were. Works on the
 * whole array; `need` at least 1.
 */
export function keepRuns(bits: Int32Array, need: number): void {
  for (let have = 1; have < need;) {
    const step = Math.min(have, need - have);
    andShifted(bits, step);
    have += step;
  }
}

/** bits &= bits moved `by` slots toward zero. */
function andShifted(bits: Int32Array, by: number): void {
  const words = by >> 5;
  const rest = by & 31;
  const n = bits.length;
  for (let k = 0; k < n; k++) {
    const low = bits[k + words] ?? 0;
    const high = bits[k + words + 1] ?? 0;
    const moved = rest === 0 ? low : (low >>> rest) | (high << (32 - rest));
    bits[k] = (bits[k] ?? 0) & moved;
  }
}

/** bits |= other. */
export function orInto(bits: Int32Array, other: Int32Array): void {
  for (let k = 0; k < bits.length; k++) bits[k] = (bits[k] ?? 0) | (other[k] ?? 0);
}

/** bits &= other. */
export function andInto(bits: Int32Array, other: Int32Array): void {
  for (let k = 0; k < bits.length; k++) bits[k] = (bits[k] ?? 0) & (other[k] ?? 0);
}

/** bits &= other moved `by` slots toward zero: keeps t where other has t + by. */
export function andMoved(bits: Int32Array, other: Int32Array, by: number): void {
  const words = by >> 5;
  const rest = by & 31;
  for (let k = 0; k < bits.length; k++) {
    const low = other[k + words] ?? 0;
    const high = other[k + words + 1] ?? 0;
    bits[k] = (bits[k] ?? 0) & (rest === 0 ? low : (low >>> rest) | (high << (32 - rest)));
  }
}

/** Slots whose bits are set, rising. `base` is the slot of the first bit. */
export function slotsIn(bits: Int32Array, base: number): Int32Array {
  let count = 0;
  for (const word of bits) {
    for (let w = word; w !== 0; w &= w - 1) count++;
  }
  const slots = new Int32Array(count);
  let at = 0;
  for (let k = 0; k < bits.length; k++) {
    for (let w = bits[k] ?? 0; w !== 0; w &= w - 1) slots[at++] = base + (k << 5) + 31 - Math.clz32(w & -w);
  }
  return slots;
}
