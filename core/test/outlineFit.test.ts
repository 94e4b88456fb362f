/* Two outlines as areas: known squares, and a dog against itself moved. */
import fc from 'fast-check';
import { bodyRings, bodyRow, outlineFit, stationsOf } from '@loyal-mane/core';
import type { Point } from '@loyal-mane/core';

const square = (x: number, y: number, side: number): Point[] => [
  [x, y],
  [x + side, y],
  [x + side, y + side],
  [x, y + side],
];

it('two squares that share half: a third of the union, moved by half a side', () => {
  const fit = outlineFit([square(0, 100, 100)], [square(50, 100, 100)], 0);
  expect(fit?.overlap).toBeCloseTo(1 / 3, 9);
  expect(fit?.betweenMm2).toBeCloseTo(10_000, 6);
  expect(fit?.farthestMm).toBeCloseTo(50, 9);
});

it('rings of one outline that overlap count once; what lies below the level does not count', () => {
  expect(outlineFit([square(0, 100, 60), square(40, 100, 60)], [square(0, 100, 100)], 0)?.overlap).toBeCloseTo(
    0.6 + 0,
    1,
  );
  const legs = [square(0, 100, 100), square(0, 0, 99)];
  expect(outlineFit(legs, [square(0, 100, 100)], 100)?.overlap).toBeCloseTo(1, 6);
  expect(outlineFit([square(0, 0, 50)], [square(0, 100, 50)], 80)).toBeNull();
});

it('a dog fits itself, and lies as far off as it was moved, at most', () => {
  const rings = bodyRings(stationsOf(bodyRow({}), 'smooth', 500));
  expect(outlineFit(rings, rings, 0)).toMatchObject({ overlap: 1, farthestMm: expect.closeTo(0, 9) as number });
  fc.assert(
    fc.property(
      fc.double({ min: 1, max: 40, noNaN: true }),
      fc.double({ min: 0, max: 6.28, noNaN: true }),
      (by, way) => {
        const moved = rings.map((r) => r.map(([x, y]): Point => [x + by * Math.cos(way), y + by * Math.sin(way)]));
        const fit = outlineFit(rings, moved, -100);
        expect(fit?.farthestMm).toBeLessThanOrEqual(by + 0.01);
        expect(fit?.farthestMm).toBeGreaterThan(by * 0.5);
        expect(fit?.overlap).toBeLessThan(1);
      },
    ),
    { numRuns: 20 },
  );
});
