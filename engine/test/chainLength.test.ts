/* Chains of any length are placed: no buffer has a size of its own. */
import fc from 'fast-check';
import { solve } from '../src/index.js';
import type { Model } from '../src/index.js';
import { STEP, quiet } from './fitWorld.js';

/** One chain of so many short steps, each directly after the one before it, in a day that just holds them. */
function longChain(steps: number): Model {
  const horizon = steps + 4;
  const acts = Array.from({ length: steps }, (_, k) => k);
  const activities = acts.map((k) => ({
    ...STEP,
    duration: 1,
    attended: 1,
    earliestStart: 0,
    latestEnd: horizon - 1,
    idealStart: k,
    follows: k > 0,
  }));
  const there = new Int8Array(horizon + 1);
  const never = new Uint8Array(horizon + 1);
  return {
    horizon,
    now: 0,
    dayStarts: [0],
    workers: [{ site: there, over: never, seams: [], exposureCap: 10, precisionCap: steps + 1 }],
    machines: [],
    supplies: [],
    jobs: [{ site: there, strainCap: steps + 1 }],
    chains: [
      {
        job: 0,
        cost: 500,
        needs: -1,
        acts,
        continuities: [],
        lags: acts.slice(1).map((k) => ({ from: k - 1, to: k, min: 0, max: 1 })),
      },
    ],
    activities,
    weights: { overtime: 4, workerChange: 5, machineChange: 2, acrossKinds: true },
  };
}

const isWhole = (steps: number): boolean => {
  const { schedule } = solve(longChain(steps), quiet(1, 1));
  const starts = schedule.map((p) => p?.start ?? -1);
  return starts.length === steps && starts.every((s, k) => s >= 0 && (k === 0 || s > (starts[k - 1] ?? s)));
};

it.each([1, 2, 63, 64, 65, 66, 128, 129, 300])('a chain of %i steps has its place', (steps) => {
  expect(isWhole(steps)).toBe(true);
});

it('and so has every chain of 1 to 300 steps', () => {
  fc.assert(fc.property(fc.integer({ min: 1, max: 300 }), isWhole), { seed: 7, numRuns: 12 });
});
