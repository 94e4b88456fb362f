/* Mixing: what a label says, how much a bath takes, batches that add up, stock that runs down. */
import fc from 'fast-check';
import type { KennelBottle, LocalDay, MixBath, MixTables, ProductAdvice, ProductId, ZoneId } from '../src/index.js';
import {
  DILUTION_WAYS,
  batchesOf,
  bodySurfaceM2,
  isExpired,
  labelNumber,
  mixParts,
  mixture,
  orderList,
  runOuts,
  shareOf,
  usableBottles,
  drawsFrom,
  waterParts,
} from '../src/index.js';

const day = (d: string): LocalDay => d as LocalDay;

describe('a label’s dilution', () => {
  it.each([
    ['oneToN', 10, 10],
    ['nToOne', 10, 10],
    // Ten parts in all are one of product and nine of water.
    ['oneInN', 10, 9],
    ['oneInN', 1, 0],
  ] as const)('%s with %d is %d parts of water', (way, n, parts) => {
    expect(waterParts(way, n)).toBe(parts);
  });

  it('is written back as it was read, in each of the three ways', () => {
    fc.assert(
      fc.property(fc.constantFrom(...DILUTION_WAYS), fc.integer({ min: 1, max: 200 }), (way, n) => {
        expect(labelNumber(way, waterParts(way, n))).toBe(n);
      }),
      { seed: 4 },
    );
  });

  it('that leaves no water, or is no number, is refused', () => {
    expect(() => waterParts('oneInN', 0)).toThrow(/no dilution/);
    expect(() => waterParts('oneToN', NaN)).toThrow(RangeError);
  });

  it('mixes product and water that add up to the whole', () => {
    expect(mixture(1100, 10)).toEqual({ neatMl: 100, waterMl: 1000 });
    expect(mixture(250, null)).toEqual({ neatMl: 250, waterMl: 0 });
    fc.assert(
      fc.property(fc.integer({ min: 0, max: 20_000 }), fc.integer({ min: 1, max: 100 }), (ml, parts) => {
        const { neatMl, waterMl } = mixture(ml, parts);
        expect(neatMl + waterMl).toBe(ml);
        expect(Math.abs(neatMl - ml / (1 + parts))).toBeLessThanOrEqual(0.5);
      }),
      { seed: 9 },
    );
  });
});

const shares = new Map<ZoneId, number>([
  ['ribs', 0.7],
  ['tail', 0.3],
]);
const product = (parts: number | null) => ({ parts, soakMin: null, rinse: 'out' as const });
const tables: MixTables = {
  litersPerM2: { double: 0.9 } as MixTables['litersPerM2'],
  hairShares: { double: shares } as unknown as MixTables['hairShares'],
  products: {
    cleansingWash: product(10),
    whiteningWash: product(6),
    richConditioner: product(8),
    liftSpray: product(null),
  } as unknown as MixTables['products'],
};
const whole = (id: ProductId): ProductAdvice => ({
  product: id,
  use: true,
  scope: 'whole',
  zones: [],
  why: { code: 'usual' },
});
const bath = (more: Partial<MixBath> = {}): MixBath => ({
  dogId: 'dog',
  weightKg: 34,
  coat: 'double',
  density: 'normal',
  washes: 2,
  advice: [whole('cleansingWash'), whole('richConditioner')],
  ...more,
});

describe('what a bath takes', () => {
  it('is surface by liters a square meter by washes: a large double of 34 kg stays within common practice', () => {
    const [wash, conditioner] = mixParts(bath(), tables);
    // CP-35: 0.7 to 1.4 l a square meter and wash.
    const perWash = (wash?.mixedMl ?? 0) / 2 / 1000 / bodySurfaceM2(34);
    expect(perWash).toBeCloseTo(0.9, 2);
    expect(wash?.washes).toBe(2);
    // A conditioner takes about a third of one wash.
    expect((conditioner?.mixedMl ?? 0) / ((wash?.mixedMl ?? 0) / 2)).toBeCloseTo(1 / 3, 2);
    for (const density of ['light', 'heavy'] as const) {
      const [other] = mixParts(bath({ density }), tables);
      const liters = (other?.mixedMl ?? 0) / 2 / 1000 / bodySurfaceM2(34);
      expect(liters).toBeGreaterThanOrEqual(0.7);
      expect(liters).toBeLessThanOrEqual(1.4);
    }
  });

  it('of some zones is their share of the hair; what is not used takes nothing', () => {
    const some: ProductAdvice = { ...whole('whiteningWash'), scope: 'zones', zones: ['tail'] };
    const [part] = mixParts(bath({ washes: 1, advice: [some, { ...whole('cleansingWash'), use: false }] }), tables);
    const [all] = mixParts(bath({ washes: 1, advice: [whole('whiteningWash')] }), tables);
    expect(part?.mixedMl).toBe(Math.round((all?.mixedMl ?? 0) * 0.3));
    expect(mixParts(bath({ advice: [{ ...whole('cleansingWash'), use: false }] }), tables)).toEqual([]);
    expect(shareOf(shares, 'zones', ['tail', 'ribs'])).toBeCloseTo(1, 9);
  });

  it('of any dogs together makes batches that hold it, in whole steps, product and water adding up', () => {
    const weights = fc.array(fc.double({ min: 2, max: 70, noNaN: true }), { minLength: 1, maxLength: 12 });
    fc.assert(
      fc.property(weights, fc.integer({ min: 0, max: 40 }), fc.constantFrom(1, 10, 50), (kg, wastePercent, stepMl) => {
        const parts = kg.flatMap((weightKg, i) => mixParts(bath({ dogId: String(i), weightKg }), tables));
        const batches = batchesOf(parts, { wastePercent, stepMl });
        expect(batches.map((b) => b.product)).toEqual(['cleansingWash', 'richConditioner']);
        for (const b of batches) {
          expect(b.neatMl + b.waterMl).toBe(b.mixedMl);
          expect(b.mixedMl % stepMl).toBe(0);
          expect(b.mixedMl).toBeGreaterThanOrEqual(b.neededMl);
          expect(b.mixedMl).toBeLessThan(b.neededMl * (1 + wastePercent / 100) + stepMl);
          expect(b.dogIds).toHaveLength(kg.length);
          expect(b.neededMl).toBe(parts.filter((p) => p.product === b.product).reduce((s, p) => s + p.mixedMl, 0));
        }
      }),
      { seed: 21, numRuns: 100 },
    );
  });
});

describe('stock', () => {
  const bottle = (id: string, leftMl: number, more: object = {}): KennelBottle =>
    ({ id, product: 'whiteningWash', name: 'Snowdrop', sizeMl: 500, leftMl, ...more }) as unknown as KennelBottle;
  const today = day('2026-06-17');
  const need = (on: string, neatMl: number) => ({ day: day(on), product: 'whiteningWash' as const, neatMl });

  it('is taken from the open bottle, then from the one that goes off first, never from one that is over its day', () => {
    const bottles = [
      bottle('late', 500, { expiresOn: day('2028-01-01') }),
      bottle('soon', 500, { expiresOn: day('2026-07-01') }),
      bottle('over', 500, { expiresOn: day('2026-06-16') }),
      bottle('open', 40, { openedOn: day('2026-05-01') }),
      bottle('empty', 0, { openedOn: day('2026-05-01') }),
    ];
    expect(usableBottles(bottles, 'whiteningWash', today).map((b) => b.id as string)).toEqual(['open', 'soon', 'late']);
    expect(isExpired(bottles[2] as KennelBottle, today)).toBe(true);
    // On its last day it is still used.
    expect(isExpired(bottles[2] as KennelBottle, day('2026-06-16'))).toBe(false);
  });

  it('is emptied before the next is opened; what all hold too little of is drawn as far as it goes', () => {
    const [open, next] = [bottle('open', 40), bottle('next', 500)];
    const of = (ml: number) => drawsFrom([open, next], ml).map((d) => [d.bottle.id as string, d.ml]);
    expect(of(30)).toEqual([['open', 30]]);
    expect(of(40)).toEqual([['open', 40]]);
    expect(of(100)).toEqual([
      ['open', 40],
      ['next', 60],
    ]);
    expect(of(900)).toEqual([
      ['open', 40],
      ['next', 500],
    ]);
    expect(of(0)).toEqual([]);
  });

  it('runs out on the day whose bath takes the rest, with a range; days in any order', () => {
    const needs = [need('2026-06-20', 60), need('2026-06-18', 60), need('2026-06-19', 60)];
    const [out] = runOuts([bottle('a', 130)], needs, today);
    expect(out).toMatchObject({
      leftMl: 130,
      neededMl: 180,
      day: '2026-06-20',
      earliest: '2026-06-19',
      latest: '2026-06-20',
    });
    expect(runOuts([bottle('a', 180)], needs, today)[0]).toMatchObject({
      day: null,
      earliest: '2026-06-20',
      latest: null,
    });
    expect(runOuts([bottle('a', 500)], needs, today)[0]).toMatchObject({ day: null, earliest: null });
    expect(runOuts([], needs, today)[0]).toMatchObject({ leftMl: 0, day: '2026-06-18' });
    expect(runOuts([bottle('a', 130)], [], today)[0]).toMatchObject({ neededMl: 0, day: null });
  });

  it('is ordered in bottles of the size that is used, in time for the first bath that may lack it', () => {
    const needs = [need('2026-06-18', 300), need('2026-06-25', 600)];
    const outs = runOuts([bottle('a', 130)], needs, today);
    expect(orderList([bottle('a', 130)], outs)).toEqual([
      { product: 'whiteningWash', bottles: 2, sizeMl: 500, by: '2026-06-18' },
    ]);
    expect(orderList([bottle('a', 2000)], runOuts([bottle('a', 2000)], needs, today))).toEqual([]);
  });
});
