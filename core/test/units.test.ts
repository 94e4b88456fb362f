/* Numbers that come from outside, each with its source. */
import { bodySurfaceM2, makeRng, overgrownFactor } from '../src/index.js';
import { allowedNoiseMin, noiseDosePercent } from '../src/programs/noiseDose.js';
import { hashText } from '../src/units/hash.js';

describe('body surface (PUB-01, Merck Veterinary Manual, weight to surface table for dogs, from memory)', () => {
  it.each([
    [5, 0.295, 0.29],
    [10, 0.469, 0.46],
    [20, 0.744, 0.74],
    [30, 0.975, 0.96],
    [40, 1.181, 1.17],
  ])('%d kg: %d by the formula, %d printed', (kg, formula, printed) => {
    expect(bodySurfaceM2(kg)).toBeCloseTo(formula, 3);
    expect(Math.abs(bodySurfaceM2(kg) - printed)).toBeLessThan(0.016);
  });

  it('names the culprit on a weight that is none', () => {
    expect(() => bodySurfaceM2(0)).toThrow(/above 0 kg/);
  });
});

describe('noise (NIOSH 98-126, 1998: 85 dBA, 3 dB exchange)', () => {
  it.each([
    [85, 480],
    [88, 240],
    [91, 120],
    [94, 60],
    [97, 30],
    [100, 15],
  ])('%d dBA: %d minutes a day', (level, minutes) => {
    expect(allowedNoiseMin(level)).toBeCloseTo(minutes, 6);
    expect(noiseDosePercent(level, minutes)).toBeCloseTo(100, 6);
  });

  it('counts nothing for quiet work', () => {
    expect(noiseDosePercent(0, 600)).toBe(0);
  });
});

it('grows 10 % a week beyond the trim interval, at most 80 %', () => {
  expect(overgrownFactor(0)).toBe(1);
  expect(overgrownFactor(3)).toBeCloseTo(1.3);
  expect(overgrownFactor(30)).toBe(1.8);
  expect(overgrownFactor(-5)).toBe(1);
});

it('gives the same numbers for the same seed and spreads them', () => {
  const a = makeRng(7);
  const b = makeRng(7);
  const draws = Array.from({ length: 4000 }, () => a.next());
  expect(draws).toEqual(Array.from({ length: 4000 }, () => b.next()));
  expect(draws.reduce((s, x) => s + x, 0) / draws.length).toBeCloseTo(0.5, 1);
});

it('hashes as FNV-1a does (published test vectors of Fowler, Noll, Vo)', () => {
  expect(hashText('')).toBe('cbf29ce484222325');
  expect(hashText('a')).toBe('af63dc4c8601ec8c');
  expect(hashText('foobar')).toBe('85944171f73967e8');
});
