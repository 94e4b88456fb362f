/* Bit sets over slots against plain arrays of booleans. */
import fc from 'fast-check';
import {
  bitAt,
  clearRange,
  countBits,
  firstBit,
  keepRunsIn,
  lastBit,
  onesUpTo,
  setRange,
  spreadDown,
  spreadUp,
  wordsOf,
} from '../src/slotBits.js';

const flags = fc.array(fc.boolean(), { minLength: 1, maxLength: 200 });
const toBits = (has: readonly boolean[]): Int32Array => {
  const bits = new Int32Array(wordsOf(has.length));
  has.forEach((on, t) => {
    if (on) setRange(bits, t, t + 1);
  });
  return bits;
};
const slots = (bits: Int32Array): number[] =>
  Array.from({ length: bits.length * 32 }, (_, t) => t).filter((t) => bitAt(bits, t));
const indexes = (has: readonly boolean[]): number[] => has.flatMap((on, t) => (on ? [t] : []));
const check = <T extends unknown[]>(property: fc.IPropertyWithHooks<T>) =>
  fc.assert(property, { seed: 41, numRuns: 200 });

it('holds what it was given, bit by bit', () => {
  check(
    fc.property(flags, fc.nat(199), fc.nat(199), (has, x, y) => {
      const bits = toBits(has);
      expect(slots(bits)).toEqual(indexes(has));
      const [from, to] = [Math.min(x, y, has.length), Math.min(Math.max(x, y), has.length)];
      clearRange(bits, from, to);
      expect(slots(bits)).toEqual(indexes(has.map((on, t) => on && (t < from || t >= to))));
      setRange(bits, from, to);
      expect(slots(bits)).toEqual(indexes(has.map((on, t) => on || (t >= from && t < to))));
    }),
  );
});

it('keeps the starts of runs that are long enough', () => {
  check(
    fc.property(flags, fc.integer({ min: 1, max: 70 }), (has, need) => {
      const bits = toBits(has);
      keepRunsIn(bits, bits.length, need);
      const slow = has.map((_, t) => t + need <= has.length && has.slice(t, t + need).every((x) => x));
      expect(slots(bits)).toEqual(indexes(slow));
    }),
  );
});

it('spreads over the slots after and before, as far as the words go', () => {
  check(
    fc.property(flags, fc.integer({ min: 1, max: 80 }), (has, width) => {
      const n = wordsOf(has.length) * 32;
      const near = (t: number, way: 1 | -1): boolean =>
        Array.from({ length: width }, (_, k) => has[t - way * k] === true).some((x) => x);
      const all = Array.from({ length: n }, (_, t) => t);
      const up = toBits(has);
      spreadUp(up, up.length, width);
      expect(slots(up)).toEqual(all.filter((t) => near(t, 1)));
      const down = toBits(has);
      spreadDown(down, down.length, width);
      expect(slots(down)).toEqual(all.filter((t) => near(t, -1)));
    }),
  );
});

it('finds the first and the last, and counts', () => {
  check(
    fc.property(flags, (has) => {
      const bits = toBits(has);
      const list = indexes(has);
      expect(firstBit(bits, 0, bits.length)).toBe(list[0] ?? -1);
      expect(lastBit(bits, 0, bits.length)).toBe(list[list.length - 1] ?? -1);
      expect(countBits(bits, 0, bits.length)).toBe(list.length);
    }),
  );
});

it('has room for every slot, also at the edge of a word', () => {
  for (const n of [1, 31, 32, 33, 64, 287, 288]) {
    expect(wordsOf(n) * 32).toBeGreaterThanOrEqual(n);
    expect(slots(onesUpTo(n))).toHaveLength(n);
  }
});
