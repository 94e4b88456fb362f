/* Chains that can never share a schedule: found where they are, nowhere else, and not fought over. */
import { buildModel, makeRng, solve } from '../src/index.js';
import type { Model } from '../src/index.js';
import { exclusionsOf } from '../src/exclusions.js';
import { quiet, tinyModel } from './fitWorld.js';

type Step = Parameters<typeof buildModel>[0]['chains'][number]['activities'][number];

/** Two rings of six slots, one dog each; the second may begin at a slot and cost something to leave out. */
function rings(second: Partial<Step>, cost = 50): Model {
  const ring: Step = { duration: 6, earliestStart: 20, latestEnd: 26, workers: [0] };
  return buildModel({
    horizon: 60,
    workers: [{}, {}],
    jobs: [{}, {}],
    chains: [
      { job: 0, cost: 50, activities: [ring] },
      { job: 1, cost, activities: [{ ...ring, ...second }] },
    ],
  });
}

it.each<[string, Partial<Step>, boolean]>([
  ['at one time', {}, true],
  ['overlapping by a slot', { earliestStart: 25, latestEnd: 31 }, true],
  ['one after the other', { earliestStart: 26, latestEnd: 32 }, false],
  ['with some choice, but never past it', { earliestStart: 22, latestEnd: 30 }, true],
  ['with enough choice to be after it', { earliestStart: 20, latestEnd: 32 }, false],
  ['where the other worker can step in', { workers: [0, 1] }, false],
  ['of another worker', { workers: [1] }, false],
  ['where it may be omitted', { omissionCost: 3 }, false],
  ['once nobody need stay', { attended: 0 }, false],
])('%s: %j', (_, second, isExcluded) => {
  expect(exclusionsOf(rings(second))).toEqual(isExcluded ? [[1], [0]] : [[], []]);
});

it('of two that exclude each other the dearer one is in', () => {
  for (const [cost, out] of [
    [10, 1],
    [90, 0],
  ] as const) {
    const found = solve(rings({}, cost), quiet(1, 400));
    expect(found.unplaced).toEqual([out]);
  }
});

/** The same with a first step for one worker only, hardly to be moved. */
function tight(model: Model, seed: number): Model {
  const rng = makeRng(seed);
  const firsts = new Set(model.chains.map((c) => c.acts[0]));
  const activities = model.activities.map((a, i) =>
    firsts.has(i) && a.fixed === null
      ? { ...a, workers: [0], omissionCost: -1, latestEnd: a.earliestStart + a.duration + rng.below(3) }
      : a,
  );
  return { ...model, activities };
}

it('is never claimed of two chains that a schedule holds both of', () => {
  let claimed = 0;
  for (let seed = 1; seed <= 60; seed++) {
    const model = tight(tinyModel(seed), seed);
    const { unplaced } = solve(model, quiet(seed, 60));
    exclusionsOf(model).forEach((chains, c) => {
      claimed += chains.length;
      for (const d of chains) expect(unplaced.some((u) => u === c || u === d)).toBe(true);
    });
  }
  expect(claimed).toBeGreaterThan(0);
});
