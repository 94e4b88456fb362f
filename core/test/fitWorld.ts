/*
 * Tiny random models for the fitter: one or two short days, a few people with overlapping skills, chains that collide.
 */
import type { FitActivity, FitChain, FitModel, FitOptions } from '../src/index.js';
import { makeRng } from '../src/index.js';

export const quiet = (seed: number, rounds: number): FitOptions => ({
  seed,
  used: (round) => (rounds === 0 ? 1 : round / rounds),
  shouldStop: () => false,
  onProgress: () => undefined,
  wishes: null,
  evenLoad: 0,
});

/** Slots of one tiny day. */
const DAY = 26;

export const STEP: FitActivity = {
  chain: 0,
  dur: 2,
  att: 2,
  est: 0,
  let: 2 * DAY,
  aim: 8,
  follows: false,
  early: 1,
  late: 2,
  omit: -1,
  people: [0],
  seconds: null,
  stations: null,
  kind: -1,
  amps: 0,
  clean: 0,
  stands: false,
  noise: 0,
  scissors: 0,
  fixed: null,
};

/** A tiny kennel of two days, three people and six stations; the same seed gives the same. */
export function tinyModel(seed: number): FitModel {
  const rng = makeRng(seed);
  const horizon = 2 * DAY;
  const activities: FitActivity[] = [];
  const chains: FitChain[] = [];
  const kinds = [[0], [1], [2, 3], [4, 5]];
  const count = 2 + rng.below(2);
  for (let c = 0; c < count; c++) {
    const acts: number[] = [];
    const steps = 2 + rng.below(3);
    const dayEnd = rng.next() < 0.5 ? DAY - 2 : horizon - 2;
    for (let k = 0; k < steps; k++) {
      const dur = 1 + rng.below(4);
      // A tub is used once a chain: its clean-down concerns other dogs only, which the program beside us does not know.
      const drawn = rng.below(5) - 1;
      const kind = drawn === 0 && acts.some((i) => activities[i]?.kind === 0) ? -1 : drawn;
      const isLoud = kind === 1;
      acts.push(activities.length);
      activities.push({
        ...STEP,
        chain: c,
        dur,
        att: rng.next() < 0.2 ? 1 : dur,
        est: rng.below(6),
        let: dayEnd,
        aim: 4 + rng.below(dayEnd - 8),
        early: rng.below(3),
        late: rng.below(3),
        omit: k > 0 && rng.next() < 0.2 ? 15 : -1,
        people: [[0, 1], [1, 2], [0, 1, 2], [1]][rng.below(4)] ?? [1],
        seconds: rng.next() < 0.15 ? [0, 2] : null,
        stations: kind < 0 ? null : (kinds[kind] ?? null),
        kind,
        amps: isLoud ? 9 : kind === 2 ? 6 : 0,
        clean: kind === 0 ? 1 : 0,
        stands: kind === 3,
        noise: isLoud ? 2 : 0,
        scissors: kind === 3 ? 1 : 0,
      });
    }
    const lags = acts
      .slice(1)
      .flatMap((_, k) => (rng.next() < 0.5 ? [{ from: k, to: k + 1, min: rng.below(2), max: 2 + rng.below(3) }] : []));
    chains.push({ dog: c, cost: 500 + 100 * rng.below(5), needs: c === 2 && rng.next() < 0.5 ? 0 : -1, acts, lags });
  }
  const person = (from: number, to: number) => {
    const site = new Int8Array(horizon + 1).fill(-1);
    const over = new Uint8Array(horizon + 1);
    for (const d of [0, DAY]) {
      site.fill(0, d + from, d + to + 3);
      over.fill(1, d + to, d + to + 3);
    }
    return { site, over, seams: [], noiseCap: 10, scissorCap: 6 };
  };
  return {
    horizon,
    now: 0,
    dayStarts: [0, DAY],
    people: [person(2, 14), person(3, 18), person(4, 16)],
    stations: [0, 1, 2, 2, 3, 3].map((kind) => ({
      site: 0,
      circuit: kind === 1 || kind === 2 ? 0 : -1,
      closed: new Uint8Array(horizon + 1),
    })),
    circuits: [12],
    dogs: chains.map(() => ({ site: new Int8Array(horizon + 1), standCap: 4 })),
    chains,
    activities,
    weights: { overtime: 4, handOver: 5, stationChange: 2, acrossKinds: true },
  };
}
