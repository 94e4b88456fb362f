/* The balance by itself: the solver against a plain one, corrections, faults of a body, two poses, two outlines compared. */
import fc from 'fast-check';
import {
  CORRECTION_IDS,
  bodyFaults,
  bodyRow,
  outlineProportions,
  solveOutline,
  solvePoses,
  stationsOf,
  zoneDifferences,
} from '@loyal-mane/core';
import type { OutlineAsk } from '@loyal-mane/core';
import { dogAsk, zoneAsk as zone } from './outlineAsks.js';
import { solveBoundedSquares, squaresAt } from '../src/outline/boundedSquares.js';
import { correctedBody, hairFactor } from '../src/outline/corrections.js';
import { linksOf } from '../src/outline/outlineLinks.js';

const BREED = bodyRow({
  tailKind: 'flag',
  hair: { all: [0.05, 0], in: [0, 0], sole: [0, 0], tailB: [0.02, 0.2], belly: [0.02, 0.05] },
});
const asked = (more: Partial<OutlineAsk> = {}): OutlineAsk => dogAsk(BREED, more);

describe('bounded least squares', () => {
  const problem = fc.integer({ min: 1, max: 6 }).chain((n) =>
    fc.record({
      rows: fc.array(
        fc.record({
          at: fc.array(fc.tuple(fc.integer({ min: 0, max: n - 1 }), fc.double({ min: -2, max: 2, noNaN: true })), {
            minLength: 1,
            maxLength: 3,
          }),
          equals: fc.double({ min: -3, max: 3, noNaN: true }),
        }),
        { maxLength: 8 },
      ),
      bounds: fc.array(
        fc.tuple(fc.double({ min: -2, max: 2, noNaN: true }), fc.double({ min: 0, max: 2, noNaN: true })),
        {
          minLength: n,
          maxLength: n,
        },
      ),
    }),
  );

  it('keep within their bounds, and no step of one or two variables makes them less', () => {
    fc.assert(
      fc.property(problem, ({ rows, bounds }) => {
        const low = bounds.map(([l]) => l);
        const high = bounds.map(([l, w]) => l + w);
        // A row for each variable makes it strictly convex.
        const all = { rows: [...rows, ...low.map((_, i) => ({ at: [[i, 0.3] as const], equals: 0 }))], low, high };
        const { x, objective, residual } = solveBoundedSquares(all);
        expect(residual).toBeLessThan(1e-8);
        expect(objective).toBeCloseTo(squaresAt(all, x), 8);
        x.forEach((v, i) => {
          expect(v).toBeGreaterThanOrEqual((low[i] as number) - 1e-12);
          expect(v).toBeLessThanOrEqual((high[i] as number) + 1e-12);
          for (const by of [-0.1, -1e-3, 1e-3, 0.1])
            x.forEach((w, j) => {
              for (const also of [0, by, -by]) {
                const moved = [...x];
                moved[i] = Math.min(high[i] as number, Math.max(low[i] as number, v + by));
                if (j !== i) moved[j] = Math.min(high[j] as number, Math.max(low[j] as number, w + also));
                expect(squaresAt(all, moved)).toBeGreaterThanOrEqual(objective - 1e-7);
              }
            });
        });
      }),
      { seed: 7, numRuns: 60 },
    );
  });

  it('say which variable cannot be solved for', () => {
    expect(() => solveBoundedSquares({ rows: [], low: [0], high: [1] })).toThrow(/variable 0 has no row/);
    expect(() => solveBoundedSquares({ rows: [{ at: [[0, 1]], equals: 0 }], low: [1], high: [0] })).toThrow(
      /bounds of variable 0 cross/,
    );
  });
});

it('links go both ways, over the seams too, and no hidden place has a line', () => {
  const stations = stationsOf(BREED, 'scissored', 500);
  const links = linksOf(stations);
  let seams = 0;
  links.forEach((l, i) => {
    if (stations[i]?.isHidden === true) expect(l.lengthMm).toBe(0);
    for (const n of [l.before, l.behind]) {
      if (n === null) continue;
      const back = links[n];
      expect(back?.before === i || back?.behind === i).toBe(true);
      if (stations[n]?.part !== stations[i]?.part) seams++;
    }
  });
  expect(seams).toBe(4);
});

describe('corrections', () => {
  it('are linear and bounded, and more of one never asks for hair below nothing', () => {
    for (const id of CORRECTION_IDS) {
      const far = correctedBody(BREED, { [id]: 5 });
      expect(far).toEqual(correctedBody(BREED, { [id]: 1 }));
    }
    const all = Object.fromEntries(CORRECTION_IDS.map((id) => [id, 1]));
    for (const z of ['throat', 'breeches', 'crest', 'beard'] as const) {
      expect(hairFactor(z, all)).toBeGreaterThanOrEqual(0.2);
      expect(hairFactor(z, all)).toBeLessThanOrEqual(1.8);
    }
  });

  it('move what they are named for: a shorter outline, a higher underline', () => {
    const zones = (['breeches', 'forechest', 'underline'] as const).map((z) => zone(z, 60));
    const proportions = (corrections: OutlineAsk['corrections']) => {
      const { stations } = solveOutline(asked({ zones, corrections }));
      return outlineProportions(
        stations,
        stations.map((s) => s.depth),
      );
    };
    const plain = proportions({});
    expect(proportions({ shortBack: 1 }).lengthMm).toBeLessThan(plain.lengthMm - 5);
    expect(proportions({ moreLeg: 1 }).legShare).toBeGreaterThan(plain.legShare + 0.005);
  });
});

describe('the body against the breed', () => {
  it('is told by millimeters with what flatters it, and not within the tape’s own error', () => {
    const dog = bodyRow({ ...BREED, length: BREED.length + 0.03, dip: 0.02, neckLength: BREED.neckLength - 0.005 });
    const faults = bodyFaults(dog, BREED, 500);
    expect(faults.map((f) => [f.fault, Math.round(f.offMm), f.correction])).toEqual([
      ['dip', 10, 'hideDip'],
      ['longBack', 15, 'shortBack'],
    ]);
    expect(faults[1]?.amount).toBeCloseTo(0.5, 9);
    expect(bodyFaults(BREED, BREED, 500)).toEqual([]);
  });
});

describe('two poses', () => {
  const zones = [zone('tail', 120)];

  it('leave the shorter of the two on the tail, and nothing else changes', () => {
    const rest = solveOutline(asked({ zones }));
    const { answer, decidedMoving } = solvePoses(asked({ zones }), 100);
    expect(decidedMoving.length).toBeGreaterThan(0);
    answer.stations.forEach((s, i) => {
      const before = rest.stations[i];
      if (s.part === 'tail') expect(s.depth).toBeLessThanOrEqual((before?.depth ?? 0) + 1e-9);
      else expect(s.depth).toBe(before?.depth);
    });
  });

  it('are one where nobody has seen the dog move', () => {
    expect(solvePoses(asked({ zones }), null).decidedMoving).toEqual([]);
    expect(solvePoses(asked({ zones }), BREED.tailAngle).decidedMoving).toEqual([]);
  });
});

it('two outlines differ by zone with the sign of the second, the greatest first', () => {
  const stations = stationsOf(BREED, 'scissored', 500);
  const flat = stations.map(() => 10);
  const other = stations.map((s) => (s.zone === 'back' ? 14 : s.zone === 'hock' ? 3 : 10.4));
  expect(zoneDifferences(stations, flat, other, 1)).toEqual([
    { zone: 'hock', mostMm: -7, meanMm: -7 },
    { zone: 'back', mostMm: 4, meanMm: 4 },
  ]);
  expect(zoneDifferences(stations, flat, flat, 0.1)).toEqual([]);
});
