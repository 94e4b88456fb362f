/* Continuity: the path with keepers against trying everything, and what the search makes of it. */
import fc from 'fast-check';
import { ChainFit, EXACT, Occupancy, Tables, buildModel, chainCost, keeperOf, makeRng, solve } from '../src/index.js';
import type { Activity, Assignment, Model } from '../src/index.js';
import { quiet } from './fitWorld.js';

const HORIZON = 9;

/** One chain of three or four steps, three workers, two machines of one kind, some of them busy now and then. */
function splitWorld(seed: number): Model {
  const rng = makeRng(seed);
  const steps = 3 + rng.below(2);
  const able = [
    [0, 1],
    [1, 2],
    [0, 2],
    [0, 1, 2],
  ];
  const worker = () => ({ site: Int8Array.from({ length: HORIZON + 1 }, () => (rng.next() < 0.2 ? -1 : 0)) });
  return buildModel({
    horizon: HORIZON,
    workers: [worker(), worker(), worker()],
    machines: [{}, { closed: Uint8Array.from({ length: HORIZON }, () => (rng.next() < 0.25 ? 1 : 0)) }],
    jobs: [{}],
    weights: { workerChange: rng.below(3), machineChange: rng.below(3), acrossKinds: false },
    chains: [
      {
        job: 0,
        cost: 10_000,
        activities: Array.from({ length: steps }, (_, k) => ({
          duration: 1 + rng.below(2),
          idealStart: Math.min(HORIZON - 2, 2 * k),
          earlyCost: 1,
          lateCost: 1 + rng.below(2),
          workers: able[rng.below(able.length)] ?? null,
          machines: k === 1 ? null : [0, 1],
          kind: k === 1 ? -1 : 0,
        })),
        continuities: [
          { of: 'worker', members: [0, 1, steps - 1], cost: 1 + rng.below(6) },
          { of: 'machine', members: [0, steps - 1], cost: rng.below(4) },
        ],
      },
    ],
  });
}

/** Least cost of all places there are, added up here from the model alone; Infinity where there are none. */
function triedEverything(model: Model): number {
  const { acts, continuities } = model.chains[0]!;
  const { workerChange, machineChange } = model.weights;
  let least = Infinity;
  const isThere = (who: number, from: number, slots: number): boolean =>
    Array.from({ length: slots }, (_, n) => model.workers[who]?.site[from + n]).every((s) => s === 0);
  const isOpen = (machine: number, from: number, slots: number): boolean =>
    Array.from({ length: slots }, (_, n) => model.machines[machine]?.closed[from + n]).every((c) => c !== 1);
  const split = (places: readonly Assignment[]): number =>
    continuities.reduce((sum, c) => {
      const has = c.members
        .map((k) => (c.of === 'worker' ? places[k]!.worker : places[k]!.machine))
        .filter((w) => w >= 0);
      const most = Math.max(0, ...has.map((w) => has.filter((v) => v === w).length));
      return sum + c.cost * (has.length - most);
    }, 0);
  const next = (k: number, from: number, cost: number, places: readonly Assignment[]): void => {
    if (k === acts.length) {
      least = Math.min(least, cost + split(places));
      return;
    }
    const a = model.activities[acts[k]!] as Activity;
    const before = places[k - 1];
    const kindBefore = model.activities[acts[k - 1] ?? -1]?.kind;
    for (let t = from; t + a.duration <= model.horizon; t++)
      for (const worker of a.workers ?? [-1])
        for (const machine of a.machines ?? [-1]) {
          if (!isThere(worker, t, a.duration) || (machine >= 0 && !isOpen(machine, t, a.duration))) continue;
          const off = t < a.idealStart ? a.earlyCost * (a.idealStart - t) : a.lateCost * (t - a.idealStart);
          const changes =
            (before !== undefined && before.worker !== worker ? workerChange : 0) +
            (before !== undefined && machine >= 0 && kindBefore === a.kind && before.machine !== machine
              ? machineChange
              : 0);
          next(k + 1, t + a.duration, cost + off + changes, [...places, { start: t, worker, second: -1, machine }]);
        }
  };
  next(0, 0, 0, []);
  return least;
}

it('finds the same least cost as trying everything, on 150 tiny chains', () => {
  let split = 0;
  for (let seed = 1; seed <= 150; seed++) {
    const model = splitWorld(seed);
    const tables = new Tables(model);
    const fit = new ChainFit(new Occupancy(tables), makeRng(seed));
    const least = triedEverything(model);
    expect(fit.fit(0, { ...EXACT, branches: 200 })).toBe(least < Infinity);
    if (least === Infinity) continue;
    expect(fit.cost).toBeCloseTo(least, 6);
    expect(fit.cost).toBeCloseTo(chainCost(tables, 0, fit.places), 6);
    const [c] = model.chains[0]!.continuities;
    if (new Set(c!.members.map((k) => fit.places[k]?.worker)).size > 1) split++;
  }
  // Some of them are better split than kept, so that both ways are looked at.
  expect(split).toBeGreaterThan(10);
  expect(split).toBeLessThan(140);
});

it('names whoever has most as the keeper, the earliest of equals', () => {
  const c = { of: 'worker', members: [0, 1, 2, 3], cost: 1 } as const;
  const by = (...workers: number[]) => workers.map((worker, k) => ({ start: k, worker, second: -1, machine: -1 }));
  expect(keeperOf(c, by(2, 1, 1, 0))).toBe(1);
  expect(keeperOf(c, by(2, 1, 1, 2))).toBe(2);
  expect(keeperOf(c, [null, null, null, null])).toBe(-1);
});

/** Some jobs of one day that three workers share, each with a beginning and an end that one of them should keep. */
function sharedDay(jobs: number, cost: number): Model {
  return buildModel({
    horizon: 60,
    workers: [{}, {}, {}],
    jobs: Array.from({ length: jobs }, () => ({})),
    weights: { workerChange: 1 },
    chains: Array.from({ length: jobs }, (_, j) => ({
      job: j,
      cost: 10_000,
      activities: [0, 1, 2].map((k) => ({
        duration: 3,
        idealStart: 4 * j + 9 * k,
        earlyCost: 1,
        workers: k === 1 ? [0] : [0, 1, 2],
      })),
      continuities: [{ of: 'worker' as const, members: [0, 2], cost }],
    })),
  });
}

const splits = (model: Model): number => {
  const { schedule } = solve(model, quiet(1, 120));
  return model.chains.filter((c) => schedule[c.acts[0]!]?.worker !== schedule[c.acts[2]!]?.worker).length;
};

it('a search keeps together what costs when it is split', () => {
  expect(splits(sharedDay(7, 40))).toBe(0);
});

it('property: a dearer split never leaves more of them', () => {
  fc.assert(
    fc.property(fc.integer({ min: 3, max: 7 }), (jobs) => splits(sharedDay(jobs, 30)) <= splits(sharedDay(jobs, 0))),
    { seed: 3, numRuns: 5 },
  );
});

it('a start a day off its ideal costs by the day, and the time of day by slots', () => {
  const model = buildModel({
    horizon: 3 * 288,
    dayStarts: [0, 288, 576],
    workers: [{ site: Int8Array.from({ length: 3 * 288 + 1 }, (_, t) => (t >= 288 && t < 576 ? -1 : 0)) }],
    jobs: [{}],
    chains: [
      {
        job: 0,
        cost: 10_000,
        activities: [{ duration: 2, idealStart: 288 + 100, earlyCost: 2, lateCost: 3, dayOffCost: 12, workers: [0] }],
      },
    ],
  });
  const tables = new Tables(model);
  const fit = new ChainFit(new Occupancy(tables), makeRng(1));
  expect(fit.fit(0, EXACT)).toBe(true);
  expect(fit.places[0]?.start).toBe(100);
  expect(fit.cost).toBe(12);
  const at = (start: number): number => chainCost(tables, 0, [{ start, worker: 0, second: -1, machine: -1 }]);
  expect([at(95), at(104), at(676)]).toEqual([12 + 10, 12 + 12, 12]);
});

it('a deputy has it only where that is cheaper than waiting for the others', () => {
  const model = (deputyCost: number) =>
    buildModel({
      horizon: 30,
      workers: [{}, { site: Int8Array.from({ length: 31 }, (_, t) => (t < 10 ? -1 : 0)) }],
      jobs: [{}],
      chains: [{ job: 0, cost: 500, activities: [{ duration: 2, workers: [0, 1], deputies: [0], deputyCost }] }],
    });
  const who = (deputyCost: number): number | undefined => solve(model(deputyCost), quiet(1, 5)).schedule[0]?.worker;
  expect([who(5), who(15)]).toEqual([0, 1]);
});

it('what follows running work at once needs no setup of the machine that its job is on already, others do', () => {
  const running = { start: 10, worker: 0, second: -1, machine: 0 };
  const model = buildModel({
    horizon: 60,
    now: 12,
    workers: [{}, {}],
    machines: [{}],
    jobs: [{}, {}],
    chains: [
      {
        job: 0,
        cost: 500,
        activities: [
          { duration: 4, setup: 2, workers: [0], machines: [0], kind: 0, fixed: running },
          { duration: 2, setup: 2, workers: [0], machines: [0], kind: 0, follows: true },
        ],
        lags: [{ from: 0, to: 1, min: 0, max: 0 }],
      },
      { job: 1, cost: 400, activities: [{ duration: 2, setup: 2, workers: [1], machines: [0], kind: 0 }] },
    ],
  });
  for (let seed = 1; seed <= 5; seed++) {
    const { schedule } = solve(model, quiet(seed, 30));
    expect(schedule.map((p) => p?.start)).toEqual([10, 14, 18]);
  }
});
