/*
 * Learning from finished work on simulated logs with known true factors: the error falls as the closed form of a normal
 * effect says, tau^2 * k / (n + k) with k = noise variance / effect variance; one odd day moves little; outliers are kept
 * and flagged.
 */
import { learnPace, makeRng } from '../src/index.js';
import {
  DEFAULT_DAY_SPREAD,
  DEFAULT_DOG_SPREAD,
  DEFAULT_ODD_SPREADS,
  DEFAULT_PERSON_SPREAD,
} from '../src/programs/pace.js';
import type { PaceLog, Rng } from '../src/index.js';

/** A standard normal number (Box and Muller, 1958). */
function normal(rng: Rng): number {
  return Math.sqrt(-2 * Math.log(1 - rng.next())) * Math.cos(2 * Math.PI * rng.next());
}

const log = (dogId: string, personId: string | null, actualMin: number, more: Partial<PaceLog> = {}): PaceLog => ({
  dogId,
  personId,
  step: 'bath',
  actualMin,
  expectedMin: 30,
  ...more,
});

describe('the second flank', () => {
  it('is learned beside the dog’s own pace: n logs of it, shrunk as any effect', () => {
    const logs = Array.from({ length: 8 }, (_, i) =>
      log('d', null, i % 2 === 0 ? 33 : 27, { step: 'lineBrush', isSecondFlank: i % 2 === 1 }),
    );
    const learned = learnPace(logs);
    const [dog, second] = [learned.dog('d', 'lineBrush').factor, learned.secondFlank('d', 'lineBrush')];
    const left = Math.log(27 / 30) - Math.log(dog);
    const k = (DEFAULT_DAY_SPREAD / DEFAULT_DOG_SPREAD) ** 2;
    expect(second.logs).toBe(4);
    expect(Math.log(second.factor)).toBeCloseTo((4 * left) / (4 + k), 9);
    expect(learned.secondFlank('other', 'lineBrush').factor).toBe(1);
  });
});

describe('the error on simulated logs', () => {
  const RUNS = 4000;

  /** Mean squared error of the log factor of one dog after n logs, over many true factors. */
  function errorAfter(n: number): number {
    const rng = makeRng(7 + n);
    let sum = 0;
    for (let run = 0; run < RUNS; run++) {
      const truth = normal(rng) * DEFAULT_DOG_SPREAD;
      const logs = Array.from({ length: n }, () =>
        log('d', null, 30 * Math.exp(truth + normal(rng) * DEFAULT_DAY_SPREAD)),
      );
      sum += (Math.log(learnPace(logs).dog('d', 'bath').factor) - truth) ** 2;
    }
    return sum / RUNS;
  }

  it.each([0, 1, 2, 5, 10, 20])('falls after %d logs as the closed form says, within 8 %%', (n) => {
    const k = (DEFAULT_DAY_SPREAD / DEFAULT_DOG_SPREAD) ** 2;
    const closed = (DEFAULT_DOG_SPREAD ** 2 * k) / (n + k);
    expect(errorAfter(n) / closed).toBeGreaterThan(0.92);
    expect(errorAfter(n) / closed).toBeLessThan(1.08);
  });

  it('tells a slow dog from a slow person where several people work on several dogs', () => {
    const rng = makeRng(3);
    let before = 0;
    let after = 0;
    for (let run = 0; run < 60; run++) {
      const dogs = Array.from({ length: 6 }, () => normal(rng) * DEFAULT_DOG_SPREAD);
      const people = Array.from({ length: 3 }, () => normal(rng) * DEFAULT_PERSON_SPREAD);
      const logs = dogs.flatMap((d, i) =>
        people.flatMap((p, j) =>
          Array.from({ length: 6 }, () =>
            log(`d${String(i)}`, `p${String(j)}`, 30 * Math.exp(d + p + normal(rng) * DEFAULT_DAY_SPREAD)),
          ),
        ),
      );
      const learned = learnPace(logs);
      dogs.forEach((d, i) => {
        before += d ** 2;
        after += (Math.log(learned.dog(`d${String(i)}`, 'bath').factor) - d) ** 2;
      });
      people.forEach((p, j) => {
        before += p ** 2;
        after += (Math.log(learned.person(`p${String(j)}`, 'bath').factor) - p) ** 2;
      });
    }
    // A level that all share cannot be told apart from either; what differs is learned.
    expect(after / before).toBeLessThan(0.45);
  });
});

describe('an odd day', () => {
  const most = DEFAULT_ODD_SPREADS * Math.hypot(DEFAULT_DAY_SPREAD, DEFAULT_DOG_SPREAD, DEFAULT_PERSON_SPREAD);
  const k = (DEFAULT_DAY_SPREAD / DEFAULT_DOG_SPREAD) ** 2;

  it('moves an estimate by at most the clip over n + k, however odd it was', () => {
    for (const n of [0, 4, 12]) {
      const calm = Array.from({ length: n }, () => log('d', null, 30));
      for (const actual of [60, 300, 3000, 3]) {
        const factor = learnPace([...calm, log('d', null, actual)]).dog('d', 'bath').factor;
        expect(Math.abs(Math.log(factor))).toBeLessThanOrEqual(most / (n + 1 + k) + 1e-9);
      }
    }
  });

  it('is kept and flagged; an ordinary one is not', () => {
    const learned = learnPace([log('d', null, 33), log('d', null, 200), log('d', null, 28)]);
    expect(learned.odd).toEqual([1]);
    expect(learned.dog('d', 'bath').logs).toBe(3);
  });
});

it('speaks for one kind of work and one dog only', () => {
  const logs = Array.from({ length: 20 }, () => log('slow', 'p', 45, { step: 'brushOut1' }));
  const learned = learnPace(logs);
  expect(learned.dog('slow', 'lineBrush').factor).toBeGreaterThan(1.1);
  expect(learned.dog('slow', 'bath')).toEqual({ factor: 1, logs: 0 });
  expect(learned.dog('other', 'lineBrush')).toEqual({ factor: 1, logs: 0 });
});

it('learns nothing from nothing, nor from a clock that was never started', () => {
  expect(learnPace([]).dog('d', 'bath')).toEqual({ factor: 1, logs: 0 });
  expect(learnPace([log('d', 'p', 0), log('d', 'p', -3)]).dog('d', 'bath')).toEqual({ factor: 1, logs: 0 });
});
