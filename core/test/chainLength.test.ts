/* Chains of any length are placed: no buffer has a size of its own. */
import fc from 'fast-check';
import { searchFit } from '../src/index.js';
import type { FitModel } from '../src/index.js';
import { STEP, quiet } from './fitWorld.js';

/** One chain of so many short steps, each directly after the one before it, in a day that just holds them. */
function longChain(steps: number): FitModel {
  const horizon = steps + 4;
  const acts = Array.from({ length: steps }, (_, k) => k);
  const activities = acts.map((k) => ({ ...STEP, dur: 1, att: 1, est: 0, let: horizon - 1, aim: k, follows: k > 0 }));
  const there = new Int8Array(horizon + 1);
  const never = new Uint8Array(horizon + 1);
  return {
    horizon,
    now: 0,
    dayStarts: [0],
    people: [{ site: there, over: never, seams: [], noiseCap: 10, scissorCap: steps + 1 }],
    stations: [],
    circuits: [],
    dogs: [{ site: there, standCap: steps + 1 }],
    chains: [
      {
        dog: 0,
        cost: 500,
        needs: -1,
        acts,
        lags: acts.slice(1).map((k) => ({ from: k - 1, to: k, min: 0, max: 1 })),
      },
    ],
    activities,
    weights: { overtime: 4, handOver: 5, stationChange: 2, acrossKinds: true },
  };
}

const isWhole = (steps: number): boolean => {
  const { placement } = searchFit(longChain(steps), quiet(1, 1));
  const starts = placement.map((p) => p?.start ?? -1);
  return starts.length === steps && starts.every((s, k) => s >= 0 && (k === 0 || s > (starts[k - 1] ?? s)));
};

it.each([1, 2, 63, 64, 65, 66, 128, 129, 300])('a chain of %i steps has its place', (steps) => {
  expect(isWhole(steps)).toBe(true);
});

it('and so has every chain of 1 to 300 steps', () => {
  fc.assert(fc.property(fc.integer({ min: 1, max: 300 }), isWhole), { seed: 7, numRuns: 12 });
});
