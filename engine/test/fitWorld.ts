/*
 * Tiny random models: one or two short days, a few workers with overlapping skills, chains that collide.
 */
import type { Activity, Chain, Model, SearchOptions } from '../src/index.js';
import { buildModel, makeRng } from '../src/index.js';

export const quiet = (seed: number, rounds: number): SearchOptions => ({
  seed,
  used: (round) => (rounds === 0 ? 1 : round / rounds),
  shouldStop: () => false,
  onProgress: () => undefined,
  softCosts: null,
  evenLoad: 0,
});

/** The same, ended early where the cost is down to a proven optimum: no search can better it. */
export function untilOptimal(seed: number, rounds: number, optimum: number): SearchOptions {
  let cost = Infinity;
  return {
    ...quiet(seed, rounds),
    onProgress: (p) => void (cost = p.cost),
    shouldStop: () => Math.round(cost) <= optimum,
  };
}

/** Slots of one tiny day. */
const DAY = 26;

const ONE_STEP = buildModel({
  horizon: 2 * DAY,
  workers: [{}],
  jobs: [{}],
  chains: [{ job: 0, cost: 1, activities: [{ duration: 2, idealStart: 8, earlyCost: 1, lateCost: 2, workers: [0] }] }],
});
/** A step of two slots that the first worker does. */
export const STEP = ONE_STEP.activities[0] as Activity;

/** A tiny kennel of two days, three workers and six machines; the same seed gives the same. */
export function tinyModel(seed: number): Model {
  const rng = makeRng(seed);
  const horizon = 2 * DAY;
  const activities: Activity[] = [];
  const chains: Chain[] = [];
  const kinds = [[0], [1], [2, 3], [4, 5]];
  const count = 2 + rng.below(2);
  for (let c = 0; c < count; c++) {
    const acts: number[] = [];
    const steps = 2 + rng.below(3);
    const dayEnd = rng.next() < 0.5 ? DAY - 2 : horizon - 2;
    for (let k = 0; k < steps; k++) {
      const duration = 1 + rng.below(4);
      // A tub is used once a chain: its clean-down concerns other jobs only, which the program beside us does not know.
      const drawn = rng.below(5) - 1;
      const kind = drawn === 0 && acts.some((i) => activities[i]?.kind === 0) ? -1 : drawn;
      const isLoud = kind === 1;
      acts.push(activities.length);
      activities.push({
        ...STEP,
        chain: c,
        duration,
        attended: rng.next() < 0.2 ? 1 : duration,
        earliestStart: rng.below(6),
        latestEnd: dayEnd,
        idealStart: 4 + rng.below(dayEnd - 8),
        earlyCost: rng.below(3),
        lateCost: rng.below(3),
        omissionCost: k > 0 && rng.next() < 0.2 ? 15 : -1,
        workers: [[0, 1], [1, 2], [0, 1, 2], [1]][rng.below(4)] ?? [1],
        secondWorkers: rng.next() < 0.15 ? [0, 2] : null,
        machines: kind < 0 ? null : (kinds[kind] ?? null),
        kind,
        demand: isLoud ? 9 : kind === 2 ? 6 : 0,
        setup: kind === 0 ? 1 : 0,
        strains: kind === 3,
        exposure: isLoud ? 2 : 0,
        precision: kind === 3 ? 1 : 0,
      });
    }
    const lags = acts
      .slice(1)
      .flatMap((_, k) => (rng.next() < 0.5 ? [{ from: k, to: k + 1, min: rng.below(2), max: 2 + rng.below(3) }] : []));
    chains.push({
      job: c,
      cost: 500 + 100 * rng.below(5),
      needs: c === 2 && rng.next() < 0.5 ? 0 : -1,
      acts,
      lags,
      continuities: [],
    });
  }
  const worker = (from: number, to: number) => {
    const site = new Int8Array(horizon + 1).fill(-1);
    const over = new Uint8Array(horizon + 1);
    for (const d of [0, DAY]) {
      site.fill(0, d + from, d + to + 3);
      over.fill(1, d + to, d + to + 3);
    }
    return { site, over, seams: [], exposureCap: 10, precisionCap: 6 };
  };
  return {
    horizon,
    now: 0,
    dayStarts: [0, DAY],
    workers: [worker(2, 14), worker(3, 18), worker(4, 16)],
    machines: [0, 1, 2, 2, 3, 3].map((kind) => ({
      site: 0,
      supply: kind === 1 || kind === 2 ? 0 : -1,
      closed: new Uint8Array(horizon + 1),
    })),
    supplies: [12],
    jobs: chains.map(() => ({ site: new Int8Array(horizon + 1), strainCap: 4 })),
    chains,
    activities,
    weights: { overtime: 4, workerChange: 5, machineChange: 2, acrossKinds: true },
  };
}
