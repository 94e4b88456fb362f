/* How heavy a dog one person lifts, against the equation's own worked example. */
import { recommendedKg, tubLiftIndex } from '../src/units/lifting.js';
import { workLimits } from '../src/index.js';

/** Load constant, multipliers and load of the example as it is printed, in inches and pounds (PUB-04, from memory). */
const IN_CM = 2.54;
const LB_KG = 0.45359237;
const example = { reachCm: 23 * IN_CM, travelCm: 48 * IN_CM };

/** The US form of the same equation, recomputed here: 51 lb, 10/H, 1 - 0.0075 |V - 30|, 0.82 + 1.8/D. */
function recommendedLb(h: number, v: number, d: number, grip: number): number {
  return 51 * (10 / h) * (1 - 0.0075 * Math.abs(v - 30)) * (0.82 + 1.8 / d) * grip;
}

it('agrees with the worked example: 16.0 lb at the start, 14.3 lb at the end (PUB-04, from memory)', () => {
  expect(recommendedLb(23, 15, 48, 0.95)).toBeCloseTo(16.03, 1);
  expect(recommendedLb(23, 63, 48, 1)).toBeCloseTo(14.31, 1);
  const start = recommendedKg({ ...example, heightCm: 15 * IN_CM, grip: 0.95 }) / LB_KG;
  const end = recommendedKg({ ...example, heightCm: 63 * IN_CM }) / LB_KG;
  // The metric form rounds its constants: within 5 % of the US one.
  expect(Math.abs(start / 16.03 - 1)).toBeLessThan(0.05);
  expect(Math.abs(end / 14.31 - 1)).toBeLessThan(0.05);
  expect(Math.abs(44 / start / 2.74 - 1)).toBeLessThan(0.05);
});

it('is the load constant of 23 kg under the best of conditions, and less with reach, height, travel, twist and frequency', () => {
  const best = { reachCm: 25, heightCm: 75, travelCm: 25 };
  expect(recommendedKg(best)).toBe(23);
  for (const worse of [
    { reachCm: 40 },
    { heightCm: 20 },
    { heightCm: 150 },
    { travelCm: 80 },
    { twistDeg: 45 },
    { frequency: 0.8 },
  ])
    expect(recommendedKg({ ...best, ...worse })).toBeLessThan(23);
  expect(tubLiftIndex(29)).toBeGreaterThan(1.5);
  expect(tubLiftIndex(5)).toBeLessThan(1);
});

it('a kennel sets its own limits, and lifts one with 0', () => {
  const settings = { timeZone: 'UTC', clock: '24h', keepUpDaysAhead: 5, rampFromKg: 18 } as const;
  expect(workLimits(settings)).toMatchObject({ dogWorkMin: 120, personWorkMin: 270, nightRestHours: 11, liftKg: 18 });
  expect(workLimits({ ...settings, dogWorkMin: 0, personWorkMin: 300, nightRestHours: 0 })).toMatchObject({
    dogWorkMin: Infinity,
    personWorkMin: 300,
    nightRestHours: 0,
  });
});
