/* Bit sets over slots against plain arrays of booleans. */
import fc from 'fast-check';
import {
  allOnes,
  andInto,
  andMoved,
  bitsWhere,
  hasBit,
  keepRuns,
  orInto,
  setBit,
  slotsIn,
  wordsFor,
} from '../src/plan/bits.js';

const flags = fc.array(fc.boolean(), { minLength: 1, maxLength: 200 });
const toBits = (has: readonly boolean[]): Int32Array => bitsWhere(has.length, (t) => has[t] === true);
const indexes = (has: readonly boolean[]): number[] => has.flatMap((on, t) => (on ? [t] : []));
const check = (property: fc.IPropertyWithHooks<[boolean[], number]> | fc.IPropertyWithHooks<[boolean[], boolean[]]>) =>
  fc.assert(property as fc.IPropertyWithHooks<unknown>, { seed: 41, numRuns: 200 });

it('holds what it was given, bit by bit', () => {
  check(
    fc.property(flags, fc.integer({ min: 0, max: 199 }), (has, at) => {
      const bits = toBits(has);
      expect([...slotsIn(bits, 1000)]).toEqual(indexes(has).map((t) => t + 1000));
      const t = at % has.length;
      setBit(bits, t, has[t] !== true);
      expect(hasBit(bits, t)).toBe(has[t] !== true);
    }),
  );
});

it('keeps the starts of runs that are long enough', () => {
  check(
    fc.property(flags, fc.integer({ min: 1, max: 70 }), (has, need) => {
      const bits = toBits(has);
      keepRuns(bits, need);
      const slow = has.map((_, t) => t + need <= has.length && has.slice(t, t + need).every((x) => x));
      expect([...slotsIn(bits, 0)]).toEqual(indexes(slow));
    }),
  );
});

it('joins and cuts sets', () => {
  check(
    fc.property(flags, flags, (a, b) => {
      const n = Math.max(a.length, b.length);
      const wide = (x: readonly boolean[]): Int32Array => bitsWhere(n, (t) => x[t] === true);
      const or = wide(a);
      orInto(or, wide(b));
      expect([...slotsIn(or, 0)]).toEqual(indexes(Array.from({ length: n }, (_, t) => a[t] === true || b[t] === true)));
      const and = wide(a);
      andInto(and, wide(b));
      expect([...slotsIn(and, 0)]).toEqual(
        indexes(Array.from({ length: n }, (_, t) => a[t] === true && b[t] === true)),
      );
    }),
  );
});

it('keeps what another set has some slots later', () => {
  check(
    fc.property(flags, fc.integer({ min: 0, max: 80 }), (has, by) => {
      const bits = allOnes(has.length);
      andMoved(bits, toBits(has), by);
      expect([...slotsIn(bits, 0)]).toEqual(indexes(has.map((_, t) => has[t + by] === true)));
    }),
  );
});

it('has room for every slot, also at the edge of a word', () => {
  for (const slots of [1, 31, 32, 33, 64, 287, 288]) {
    expect(wordsFor(slots) * 32).toBeGreaterThanOrEqual(slots);
    expect(slotsIn(allOnes(slots), 0)).toHaveLength(slots);
  }
});
