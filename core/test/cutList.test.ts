/* The cut list: growth there and back, learned from measures, and what is left at a session so that the day finds what is wanted. */
import fc from 'fast-check';
import {
  addDays,
  combTilt,
  cutAcross,
  cutList,
  cutWith,
  daysUntilMm,
  grownMm,
  learnGrowth,
  ungrownMm,
} from '@loyal-mane/core';
import type { CutAsk, CutRow, GrowthPrior, LocalDay, MeasuredHair } from '@loyal-mane/core';

const day = (n: number): LocalDay => addDays('2026-06-01' as LocalDay, n);
const PRIOR: GrowthPrior = { mmPerDay: 0.35, mostMm: 120 };
const growths = fc.record({
  mmPerDay: fc.double({ min: 0.04, max: 0.6, noNaN: true }),
  mostMm: fc.double({ min: 20, max: 300, noNaN: true }),
});
const millimeters = fc.double({ min: 0, max: 300, noNaN: true });
const days = fc.integer({ min: 0, max: 200 });

/** Growth day by day, by the differential equation and not by the product's formula: an independent simulation. */
function simulated(mm: number, count: number, { mmPerDay, mostMm }: GrowthPrior): number {
  const steps = 400;
  let now = mm;
  for (let k = 0; k < count * steps; k++) {
    const slow = Math.min(1, Math.max(0, (mostMm - now) / (0.2 * mostMm)));
    now = Math.min(Math.max(now, mostMm), now + (mmPerDay * slow) / steps);
  }
  return now;
}

describe('growth', () => {
  it('agrees with a simulation by small steps', () => {
    for (const [mm, count] of [
      [0, 40],
      [90, 60],
      [100, 30],
      [60, 200],
    ] as const)
      expect(grownMm(mm, count, PRIOR)).toBeCloseTo(simulated(mm, count, PRIOR), 1);
  });

  it('two weeks at a third of a millimeter are about five (CP-14)', () => {
    expect(grownMm(30, 14, PRIOR) - 30).toBeCloseTo(4.9, 1);
  });

  it('never shrinks, never passes the full length, and more days are never less', () => {
    fc.assert(
      fc.property(millimeters, days, days, growths, (mm, first, more, growth) => {
        const at = grownMm(mm, first, growth);
        expect(at).toBeGreaterThanOrEqual(mm);
        expect(at).toBeLessThanOrEqual(Math.max(mm, growth.mostMm) + 1e-9);
        expect(grownMm(mm, first + more, growth)).toBeGreaterThanOrEqual(at - 1e-9);
        expect(grownMm(at, more, growth)).toBeCloseTo(grownMm(mm, first + more, growth), 6);
      }),
    );
  });

  it('backward is its inverse wherever bare skin would not be longer', () => {
    fc.assert(
      fc.property(millimeters, days, growths, (mm, count, growth) => {
        const wanted = grownMm(mm, count, growth);
        if (mm >= growth.mostMm || wanted > growth.mostMm * 0.9999) return;
        expect(ungrownMm(wanted, count, growth)).toBeCloseTo(mm, 5);
      }),
    );
    expect(ungrownMm(5, 100, PRIOR)).toBe(0);
  });

  it('the wait is the first day on which it is long enough', () => {
    fc.assert(
      fc.property(millimeters, millimeters, growths, (mm, wanted, growth) => {
        const wait = daysUntilMm(mm, wanted, growth);
        if (wait === null) {
          expect(wanted).toBeGreaterThanOrEqual(growth.mostMm);
          return;
        }
        expect(grownMm(mm, wait, growth)).toBeGreaterThanOrEqual(wanted - 1e-6);
        if (wait > 1) expect(grownMm(mm, wait - 1, growth)).toBeLessThan(wanted + 1e-6);
      }),
    );
  });
});

describe('growth that is learned', () => {
  const every = (rate: number, count: number, slip: readonly number[] = []): MeasuredHair[] =>
    Array.from({ length: count }, (_, k) => ({ day: day(k * 10), mm: 20 + rate * k * 10 + (slip[k] ?? 0) }));

  it('is the prior with its wide range before anything was measured', () => {
    const none = learnGrowth([], PRIOR);
    expect(none).toMatchObject({ spans: 0, mostMm: 120 });
    expect(none.mmPerDay).toBeCloseTo(0.35, 9);
    expect(none.low).toBeLessThan(0.25);
    expect(none.high).toBeGreaterThan(0.5);
  });

  it('comes near what was measured, narrower with each span', () => {
    const two = learnGrowth(every(0.2, 2), PRIOR);
    const seven = learnGrowth(every(0.2, 7), PRIOR);
    expect(two.mmPerDay).toBeGreaterThan(seven.mmPerDay);
    expect(seven.mmPerDay).toBeCloseTo(0.2, 1);
    expect(seven.high / seven.low).toBeLessThan(two.high / two.low);
    expect(seven.spans).toBe(6);
  });

  it('one slip of the ruler does not decide, a cut between two measures is none of it, and a few days tell nothing', () => {
    const clean = learnGrowth(every(0.3, 6), PRIOR).mmPerDay;
    expect(learnGrowth(every(0.3, 6, [0, 0, 25]), PRIOR).mmPerDay).toBeCloseTo(clean, 1);
    const cut = [...every(0.3, 3), { day: day(21), mm: 12 }, { day: day(41), mm: 18 }];
    expect(learnGrowth(cut, PRIOR)).toMatchObject({ spans: 3 });
    expect(
      learnGrowth(
        [
          { day: day(0), mm: 20 },
          { day: day(3), mm: 28 },
        ],
        PRIOR,
      ).spans,
    ).toBe(0);
  });
});

const ask = (more: Partial<CutAsk> = {}): CutAsk => ({
  zone: 'throat',
  measured: { day: day(0), mm: 40 },
  growth: learnGrowth([], PRIOR),
  wantedMm: 30,
  answer: { ok: true, how: 'shaped' },
  ...more,
});
const rowOf = (more: Partial<CutAsk>, session = 5, show = 12): CutRow =>
  cutList([ask(more)], day(session), day(show))[0] as CutRow;

describe('the cut list', () => {
  it('leaves what grows to the wanted length by the day', () => {
    const row = rowOf({});
    expect(row.state).toBe('takeOff');
    expect(row.atSessionMm).toBeCloseTo(41.75, 2);
    expect(row.cutToMm).toBeCloseTo(30 - 7 * 0.35, 6);
    expect(row.roughToMm).toBeGreaterThan(row.cutToMm ?? 0);
    expect(row.takeOffMm).toBeCloseTo(41.75 - 27.55, 2);
  });

  it('says what is missing, when it will be there, and that it never will', () => {
    const late = rowOf({ wantedMm: 50 });
    expect(late).toMatchObject({ state: 'missing', takeOffMm: 0, cutToMm: null });
    expect(late.missingMm).toBeCloseTo(50 - 40 - 12 * 0.35, 6);
    expect(late.longEnoughOn).toBe(day(29));
    expect(rowOf({ wantedMm: 150 })).toMatchObject({ state: 'missing', longEnoughOn: null });
  });

  it('cuts nothing that is locked, or that nobody has measured or wants', () => {
    expect(rowOf({ answer: { ok: false, why: 'growingOn' } })).toMatchObject({
      state: 'locked',
      why: 'growingOn',
      takeOffMm: 0,
    });
    expect(rowOf({ measured: null })).toMatchObject({ state: 'unknown', atSessionMm: null });
    expect(rowOf({ wantedMm: null })).toMatchObject({ state: 'unknown', takeOffMm: 0 });
    expect(rowOf({ wantedMm: 44 })).toMatchObject({ state: 'right', takeOffMm: 0 });
  });

  it('cut as listed and grown day by day it meets what is wanted within half a millimeter; no cut goes below the skin', () => {
    const asks = fc.record({ mm: millimeters, wanted: millimeters, growth: growths });
    fc.assert(
      fc.property(asks, fc.integer({ min: 0, max: 20 }), fc.integer({ min: 0, max: 40 }), (a, session, more) => {
        const growth = learnGrowth([], a.growth);
        const row = rowOf({ measured: { day: day(0), mm: a.mm }, wantedMm: a.wanted, growth }, session, session + more);
        expect(row.cutToMm ?? 1).toBeGreaterThanOrEqual(0.5);
        expect(row.takeOffMm).toBeGreaterThanOrEqual(0);
        if (row.state !== 'takeOff' || (row.cutToMm ?? 0) <= 0.5) return;
        expect(Math.abs(simulated(row.cutToMm ?? 0, more, growth) - a.wanted)).toBeLessThan(0.5);
      }),
      { numRuns: 40 },
    );
  });

  it('a later show never asks for a longer wait, nor misses more', () => {
    fc.assert(
      fc.property(millimeters, millimeters, growths, days, days, (mm, wanted, g, show, later) => {
        const growth = learnGrowth([], g);
        const at = (n: number): CutRow => rowOf({ measured: { day: day(0), mm }, wantedMm: wanted, growth }, 0, n);
        const [first, second] = [at(show), at(show + later)];
        expect(second.missingMm).toBeLessThanOrEqual(first.missingMm + 1e-9);
        if (first.longEnoughOn !== null && second.longEnoughOn !== null)
          expect(second.longEnoughOn <= first.longEnoughOn).toBe(true);
      }),
    );
  });
});

describe('the tool for a length', () => {
  const blades = [
    { name: '#30', mm: 0.5 },
    { name: '#10', mm: 1.5 },
    { name: '#7F', mm: 3 },
    { name: '#4F', mm: 9 },
    { name: '1/2 in comb', mm: 13 },
  ];

  it('is a blade of the kit that leaves it, with the growth before against it', () => {
    expect(cutWith(3.2, blades, 35, false)).toMatchObject({ what: 'blade', blade: { name: '#7F' }, against: false });
    expect(cutWith(4.4, blades, 35, false)).toMatchObject({ blade: { name: '#4F' }, against: true, leavesMm: 4.5 });
    expect(cutWith(3.2, [], 35, false)).toMatchObject({ what: 'comb' });
  });

  it('else a comb tilted so that its teeth end at the length, else hand and eye', () => {
    expect(cutWith(20, blades, 40, true)).toEqual({ what: 'comb', toothMm: 40, tiltDegrees: 30, toDegrees: 30 });
    expect(cutWith(60, blades, 40, true)).toEqual({ what: 'shears' });
    expect(combTilt(40, 40)).toBeCloseTo(90, 9);
    expect(combTilt(41, 40)).toBeNull();
    expect(
      [0, 10, 20, 30, 40].map((mm) => combTilt(mm, 40) ?? NaN).every((t, i, all) => i === 0 || t > (all[i - 1] ?? 0)),
    ).toBe(true);
  });

  it('is no blade where the zone tapers: a comb is tilted further along it, feather is left to the eye', () => {
    expect(cutAcross([9, 9.2], blades, 35, false)).toMatchObject({ what: 'blade', blade: { name: '#4F' } });
    expect(cutAcross([9, 20], blades, 40, false)).toEqual({
      what: 'comb',
      toothMm: 40,
      tiltDegrees: 13,
      toDegrees: 30,
    });
    expect(cutAcross([9, 143], blades, 40, false)).toEqual({ what: 'shears' });
  });
});
