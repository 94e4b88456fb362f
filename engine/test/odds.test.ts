/* Odds: against the normal distribution where it can be worked out by hand. */
import { playOdds } from '../src/index.js';
import type { Activity, Model } from '../src/index.js';
import { STEP } from './fitWorld.js';

const H = 200;

function modelOf(activities: Activity[]): Model {
  const site = new Int8Array(H + 1);
  return {
    horizon: H,
    now: 0,
    dayStarts: [0],
    workers: [{ site, over: new Uint8Array(H + 1), seams: [], exposureCap: 1e6, precisionCap: 1e6 }],
    machines: [],
    supplies: [],
    jobs: [{ site, strainCap: H }],
    chains: [...new Set(activities.map((a) => a.chain))].map((c) => ({
      job: 0,
      cost: 1,
      needs: -1,
      continuities: [],
      acts: activities.flatMap((a, i) => (a.chain === c ? [i] : [])),
      lags: [],
    })),
    activities,
    weights: { overtime: 0, workerChange: 0, machineChange: 0, acrossKinds: false },
  };
}

const place = (start: number) => ({ start, worker: 0, second: -1, machine: -1 });
const play = (model: Model, starts: number[], spread: number, runs = 20_000) =>
  playOdds(model, starts.map(place), {
    runs,
    seed: 5,
    spread: model.activities.map((a) => (a.latestEnd === a.earliestStart + a.duration ? 0 : spread)),
    middle: model.activities.map((a) => a.duration),
    counts: model.activities.map(() => true),
  });

it('one task before an exact time: the log-normal distribution says how often it is over', () => {
  // Ten slots in the middle, eleven and a half to go: ln(1.15) / 0.18 = 0.776 deviations, 78.1 % of the draws.
  const ring = { ...STEP, earliestStart: 23, latestEnd: 26, duration: 3, attended: 3 };
  const model = modelOf([{ ...STEP, duration: 10, attended: 10, latestEnd: 100 }, ring]);

  const { ready, breaks } = play({ ...model, activities: [model.activities[0]!, ring] }, [11.5, 23], 0.18);
  expect(ready[0]).toBeCloseTo(0.781, 1);
  expect(Math.abs(ready[0]! - 0.781)).toBeLessThan(0.02);
  expect(breaks[0]).toBe(1);
});

it('without spread everything is ready; what is not in the plan has no odds', () => {
  const model = modelOf([
    { ...STEP, duration: 10, attended: 10 },
    { ...STEP, chain: 1, duration: 4, attended: 4 },
  ]);
  const odds = playOdds(model, [place(3), null], {
    runs: 50,
    seed: 1,
    spread: [0, 0],
    middle: [10, 4],
    counts: [true, true],
  });
  expect(odds.ready[0]).toBe(1);
  expect(odds.breaks[0]).toBe(-1);
  expect(odds.ready[1]).toBeNaN();
});

it('one worker’s overrun reaches the next job, and a break is kept', () => {
  const busy = modelOf([
    { ...STEP, duration: 10, attended: 10, latestEnd: 100 },
    { ...STEP, chain: 1, duration: 5, attended: 5, earliestStart: 0, latestEnd: 16 },
  ]);
  // The second job has one slot to spare after the first: as often ready as the first is within eleven of ten.
  const { ready } = play(busy, [0, 10], 0.18);
  expect(ready[1]).toBeGreaterThan(0.55);
  expect(ready[1]).toBeLessThan(0.75);
  expect(ready[0]).toBe(1);
  const site = busy.workers[0]!.site.slice().fill(-1, 15, 40);
  const rest = { ...busy, workers: [{ ...busy.workers[0]!, site }] };
  const held = play(
    { ...rest, activities: rest.activities.map((a, i) => (i === 1 ? { ...a, latestEnd: 30 } : a)) },
    [0, 15],
    0.3,
  );
  // Whenever the first takes longer than fifteen, the second waits for the end of the break: too late.
  expect(held.ready[1]).toBeLessThan(0.97);
});

it('plays five hundred tasks ten thousand times, the same with the same seed', () => {
  const many = modelOf(
    Array.from({ length: 500 }, (_, i) => ({ ...STEP, chain: i % 40, duration: 1, attended: 1, latestEnd: H })),
  );
  const starts = many.activities.map((_, i) => Math.floor(i / 3));
  const odds = play(many, starts, 0.18, 10_000);
  expect(odds.ready).toHaveLength(40);
  for (const ready of odds.ready) expect(ready >= 0 && ready <= 1).toBe(true);
  expect(play(many, starts, 0.18, 10_000)).toEqual(odds);
});
