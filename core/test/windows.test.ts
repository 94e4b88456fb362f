/* Windows drawn tight lose nothing that order and lags allow; shared lags keep the lag they were shared from. */
import fc from 'fast-check';
import type { Task } from '../src/plan/problem.js';
import { shareLags, tightenWindows } from '../src/plan/assemble/windows.js';
import { dog, person, problemOf, station } from './tinyKennel.js';

const HORIZON = 40;

const step = fc.record({
  dur: fc.integer({ min: 1, max: 4 }),
  est: fc.integer({ min: 0, max: 12 }),
  width: fc.integer({ min: 4, max: 22 }),
  lagMin: fc.integer({ min: 0, max: 2 }),
  lagMax: fc.option(fc.integer({ min: 2, max: 6 })),
});

type Step = typeof step extends fc.Arbitrary<infer T> ? T : never;

function listOf(steps: readonly Step[], more: object = {}): readonly Task[] {
  return problemOf(
    [
      {
        dog: 0,
        steps: steps.map((s, k) => ({
          duration: s.dur,
          attended: s.dur,
          earliestStart: s.est,
          latestEnd: Math.min(HORIZON, s.est + s.dur + s.width),
          lagMin: k === 0 ? 0 : s.lagMin,
          lagMax: s.lagMax === null || k === 0 ? -1 : s.lagMax,
          ...(k === steps.length - 1 ? more : {}),
        })),
      },
    ],
    { dogs: [dog()], people: [person(['bath'])], stations: [station('tub')] },
  ).activities;
}

/** Every way to start the steps one after the other within windows and lags: slow and obvious. */
function* waysOf(list: readonly Task[], from: readonly number[] = []): Generator<readonly number[]> {
  const a = list[from.length];
  if (a === undefined) {
    yield from;
    return;
  }
  const prev = list[from.length - 1];
  const end = prev === undefined ? 0 : (from[from.length - 1] ?? 0) + prev.duration;
  for (let t = a.earliestStart; t + a.duration <= a.latestEnd; t++) {
    if (prev !== undefined && t - end < a.lagMin) continue;
    if (prev !== undefined && a.lagMax >= 0 && t - end > a.lagMax) continue;
    yield* waysOf(list, [...from, t]);
  }
}

it('draws windows tight without losing a way to place the chain', () => {
  let ways = 0;
  let tightened = 0;
  fc.assert(
    fc.property(fc.array(step, { minLength: 1, maxLength: 3 }), (steps) => {
      const list = listOf(steps);
      const tight = tightenWindows(list, 0, HORIZON);
      tightened += tight.filter(
        (a, i) => a.earliestStart > (list[i]?.earliestStart ?? 0) || a.latestEnd < (list[i]?.latestEnd ?? 0),
      ).length;
      for (const way of waysOf(list)) {
        ways++;
        way.forEach((start, i) => {
          expect(start).toBeGreaterThanOrEqual(tight[i]?.earliestStart ?? Infinity);
          expect(start + (tight[i]?.duration ?? 0)).toBeLessThanOrEqual(tight[i]?.latestEnd ?? -1);
        });
      }
    }),
    { seed: 42, numRuns: 60 },
  );
  expect(ways).toBeGreaterThan(1000);
  expect(tightened).toBeGreaterThan(30);
});

it('an aim stays within the tightened window, and "as late as can be" follows its end', () => {
  const [first, last] = tightenWindows(
    listOf([
      { dur: 2, est: 0, width: 30, lagMin: 0, lagMax: null },
      { dur: 4, est: 0, width: 20, lagMin: 1, lagMax: null },
    ]),
    0,
    HORIZON,
  );
  expect(last?.earliestStart).toBe(3);
  expect(first?.latestEnd).toBe((last?.latestEnd ?? 0) - 4 - 1);
  expect(first?.idealStart).toBe((first?.latestEnd ?? 0) - 2);
});

it('shares a short lag over the gaps between, so that keeping each gap keeps the lag', () => {
  let kept = 0;
  const wide = { ...{ est: 0, width: 22 }, lagMin: 0, lagMax: null };
  fc.assert(
    fc.property(
      fc.array(fc.integer({ min: 1, max: 3 }), { minLength: 3, maxLength: 3 }),
      fc.integer({ min: 3, max: 12 }),
      (durs, max) => {
        const list = listOf(
          durs.map((dur) => ({ ...wide, dur })),
          { since: [{ activity: 0, min: 0, max }] },
        );
        const shared = shareLags(list);
        // Too short for the middle step itself: no gap is left to share, and nothing can be promised.
        if (max < (durs[1] ?? 0)) return;
        for (const way of waysOf(shared)) {
          kept++;
          expect((way[2] ?? 0) - ((way[0] ?? 0) + (durs[0] ?? 0))).toBeLessThanOrEqual(max);
        }
      },
    ),
    { seed: 43, numRuns: 30 },
  );
  expect(kept).toBeGreaterThan(500);
});
