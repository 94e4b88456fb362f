/* The body template's geometry: smooth lines through their landmarks, views, and a partition of zones without gaps. */
import fc from 'fast-check';
import { bodyRow, dogOutline, pathOf, viewIn, zoneShapes } from '../src/index.js';
import { closedSpline, signedArea } from '../src/outline/spline.js';
import { landmarksOf } from '../src/outline/template.js';
import type { BodyRow, Point } from '../src/index.js';

/** Even-odd rule (Shimrat 1962). */
function isInside([x, y]: Point, polygon: readonly Point[]): boolean {
  let inside = false;
  polygon.forEach(([x1, y1], i) => {
    const [x0, y0] = polygon[(i + polygon.length - 1) % polygon.length] as Point;
    if (y1 > y !== y0 > y && x < ((x0 - x1) * (y - y1)) / (y0 - y1) + x1) inside = !inside;
  });
  return inside;
}

const HAIRY = bodyRow({ hair: { all: [0.05, 0.03], in: [0, 0], sole: [0, 0] } });

describe('a closed spline', () => {
  const ring = fc
    .array(fc.record({ r: fc.double({ min: 0.5, max: 2, noNaN: true }) }), { minLength: 3, maxLength: 24 })
    .map((list): Point[] =>
      list.map(({ r }, i) => {
        const angle = (2 * Math.PI * i) / list.length;
        return [r * Math.cos(angle), r * Math.sin(angle)];
      }),
    );

  it('goes through its landmarks at known indexes, stays near them and is finite', () => {
    fc.assert(
      fc.property(ring, fc.integer({ min: 1, max: 12 }), (marks, per) => {
        const line = closedSpline(marks, per);
        expect(line).toHaveLength(marks.length * per);
        marks.forEach((m, i) => {
          expect(line[i * per]?.[0]).toBeCloseTo(m[0], 9);
          expect(line[i * per]?.[1]).toBeCloseTo(m[1], 9);
        });
        for (const [x, y] of line) expect(Math.hypot(x, y)).toBeLessThan(4);
      }),
      { seed: 51, numRuns: 200 },
    );
  });

  it('draws a circle through eight points to within 1 % of its area', () => {
    const marks = Array.from({ length: 8 }, (_, i): Point => [
      Math.cos((i * Math.PI) / 4),
      Math.sin((i * Math.PI) / 4),
    ]);
    expect(signedArea(closedSpline(marks, 20)) / Math.PI).toBeCloseTo(1, 1.7);
  });

  it('takes landmarks that coincide, and refuses fewer than three', () => {
    const line = closedSpline(
      [
        [0, 0],
        [0, 0],
        [1, 0],
        [1, 1],
      ],
      6,
    );
    for (const [x, y] of line) expect(Number.isFinite(x + y)).toBe(true);
    expect(() =>
      closedSpline(
        [
          [0, 0],
          [1, 1],
        ],
        4,
      ),
    ).toThrow(/at least three/);
  });
});

const shapes = fc.record({
  length: fc.double({ min: 0.95, max: 1.6, noNaN: true }),
  depth: fc.double({ min: 0.4, max: 0.58, noNaN: true }),
  neckAngle: fc.double({ min: 40, max: 66, noNaN: true }),
  neckLength: fc.double({ min: 0.3, max: 0.45, noNaN: true }),
  tailAngle: fc.double({ min: -60, max: 110, noNaN: true }),
  tailCurl: fc.double({ min: -120, max: 200, noNaN: true }),
  ear: fc.constantFrom('drop' as const, 'prick' as const, 'fold' as const),
});

describe('the template', () => {
  it('stands on the ground with its withers at one, whatever the measures', () => {
    fc.assert(
      fc.property(shapes, (differs) => {
        const outline = dogOutline(bodyRow({ ...differs, hair: HAIRY.hair }));
        const [, low, , high] = outline.box;
        expect(low).toBeGreaterThan(-0.02);
        expect(low).toBeLessThan(0.03);
        expect(high).toBeGreaterThan(1);
        const trunk = outline.body.get('trunk') ?? [];
        expect(trunk[0]).toEqual([0, 1]);
      }),
      { seed: 52, numRuns: 100 },
    );
  });

  it('grows a coat outside the body: every part is at least as large, more hair is more', () => {
    const area = (row: BodyRow, of: 'body' | 'coat'): number =>
      [...dogOutline(row)[of].values()].reduce((sum, line) => sum + Math.abs(signedArea(line)), 0);
    const longer = bodyRow({ hair: { all: [0.1, 0.06], in: [0, 0], sole: [0, 0] } });
    expect(area(HAIRY, 'coat')).toBeGreaterThan(area(HAIRY, 'body') * 1.05);
    expect(area(longer, 'coat')).toBeGreaterThan(area(HAIRY, 'coat'));
    // Without hair only the soles differ: hair never reaches the ground.
    expect(area(bodyRow({}), 'coat') / area(bodyRow({}), 'body')).toBeCloseTo(1, 2);
  });

  it('keeps the number of landmarks of a part on every dog, and leaves out a tail that is not there', () => {
    const counts = (row: BodyRow): number[] => [...landmarksOf(row).values()].map((l) => l.length);
    expect(counts(bodyRow({ length: 1.5, tailAngle: 100 }))).toEqual(counts(bodyRow({})));
    expect(landmarksOf(bodyRow({ tailLength: 0 })).has('tail')).toBe(false);
  });
});

describe('a view', () => {
  it('fits its box, and mirrors for the left side', () => {
    const outline = dogOutline(HAIRY);
    const numbers = (mirrored: boolean): number[] =>
      [...outline.coat.values()].flatMap((line) =>
        [...pathOf(line, viewIn(outline, 300, 200, mirrored)).matchAll(/(-?[\d.]+) (-?[\d.]+)/g)].map((m) =>
          Number(m[1]),
        ),
      );
    const right = numbers(false);
    const left = numbers(true);
    expect(Math.min(...right)).toBeGreaterThanOrEqual(-0.1);
    expect(Math.max(...right)).toBeLessThanOrEqual(300.1);
    expect(Math.min(...left)).toBeCloseTo(300 - Math.max(...right), 0);
    expect(Math.max(...left)).toBeCloseTo(300 - Math.min(...right), 0);
  });
});

describe('the zones of a side', () => {
  it('leave no gap: every place of a part lies in a zone of it', () => {
    fc.assert(
      fc.property(shapes, (differs) => {
        const outline = dogOutline(bodyRow({ ...differs, hair: HAIRY.hair }));
        const zones = zoneShapes(outline);
        let places = 0;
        let gaps = 0;
        for (const [part, line] of outline.coat) {
          if (part === 'farHind' || part === 'farFore') continue;
          const mine = zones.filter((z) => z.part === part);
          for (let x = outline.box[0]; x < outline.box[2]; x += 0.045) {
            for (let y = 0; y < outline.box[3]; y += 0.045) {
              if (!isInside([x, y], line)) continue;
              places++;
              if (!mine.some((z) => isInside([x, y], z.polygon))) gaps++;
            }
          }
        }
        expect(places).toBeGreaterThan(150);
        expect(gaps / places).toBeLessThan(0.01);
      }),
      { seed: 53, numRuns: 25 },
    );
  });

  it('has each zone once, with the place for its mark inside its part', () => {
    const outline = dogOutline(HAIRY);
    const zones = zoneShapes(outline);
    expect(new Set(zones.map((z) => z.zone)).size).toBe(zones.length);
    expect(zones.length).toBeGreaterThan(25);
    for (const z of zones) expect([z.zone, isInside(z.center, outline.coat.get(z.part) ?? [])]).toEqual([z.zone, true]);
  });
});
