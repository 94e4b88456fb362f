import { ClosedSet } from '../src/closedSet.js';
import { chainCost } from '../src/chainCost.js';
import { isFeasibleAt } from '../src/feasibility.js';
import { Timing } from '../src/timing.js';
import { adoptSchedule, insertAll } from '../src/search/insertion.js';
import { SearchState } from '../src/search/searchState.js';
import type { Activity, Model } from '../src/index.js';
import { makeRng } from '../src/index.js';
import { quiet, STEP, tinyModel } from './fitWorld.js';

interface Graph {
  readonly weights: readonly number[];
  readonly arcs: readonly (readonly [number, number])[];
}

function randomGraph(seed: number): Graph {
  const rng = makeRng(seed);
  const nodes = 2 + rng.below(7);
  const weights = Array.from({ length: nodes }, () => rng.below(13) - 6);
  const arcs = Array.from({ length: rng.below(2 * nodes) }, () => [rng.below(nodes), rng.below(nodes)] as const);
  return { weights, arcs };
}

/** Weight of the lightest closed set, by trying all sets. */
function lightest({ weights, arcs }: Graph): number {
  let best = 0;
  for (let set = 0; set < 1 << weights.length; set++) {
    if (arcs.some(([from, to]) => (set >> from) & 1 && !((set >> to) & 1))) continue;
    best = Math.min(
      best,
      weights.reduce((sum, w, k) => sum + ((set >> k) & 1 ? w : 0), 0),
    );
  }
  return best;
}

function solved({ weights, arcs }: Graph): ClosedSet {
  const graph = new ClosedSet();
  graph.begin(weights.length);
  weights.forEach((w, k) => {
    graph.weigh(k, w);
  });
  for (const [from, to] of arcs) graph.imply(from, to);
  graph.solve();
  return graph;
}

describe('the lightest closed set', () => {
  it('is as light as trying all sets finds, and closed, on 300 small random graphs', () => {
    for (let seed = 0; seed < 300; seed++) {
      const graph = randomGraph(seed);
      const found = solved(graph);
      const weight = graph.weights.reduce((sum, w, k) => sum + (found.has(k) ? w : 0), 0);
      expect({ seed, weight }).toEqual({ seed, weight: lightest(graph) });
      for (const [from, to] of graph.arcs) if (found.has(from)) expect(found.has(to)).toBe(true);
    }
  });

  it('leaves out what is forbidden and all that leads to it', () => {
    const graph = new ClosedSet();
    graph.begin(3);
    for (const k of [0, 1]) graph.weigh(k, -5);
    graph.imply(0, 2);
    graph.forbid(2);
    expect(graph.solve()).toBe(true);
    expect([0, 1, 2].map((k) => graph.has(k))).toEqual([false, true, false]);
  });
});

/** Two jobs and one worker: each job's step wants slot 4; both were placed late, back to back. */
function twoLate(): Model {
  const model = tinyModel(1);
  const step = (chain: number): Activity => ({
    ...STEP,
    chain,
    idealStart: 4,
    earlyCost: 1,
    lateCost: 2,
    latestEnd: 20,
    workers: [1],
  });
  const chain = (job: number) => ({ job, cost: 500, needs: -1, acts: [job], lags: [], continuities: [] });
  return { ...model, jobs: model.jobs.slice(0, 2), chains: [chain(0), chain(1)], activities: [step(0), step(1)] };
}

describe('better times for all at once', () => {
  it('moves two chains that touch to where both together are cheapest', () => {
    const model = twoLate();
    const state = new SearchState(model, quiet(1, 0));
    const at = (start: number) => ({ start, worker: 1, second: -1, machine: -1 });
    adoptSchedule(state, [at(8), at(10)]);
    const timing = new Timing(state.occupancy, state.solution);
    expect(timing.better()).toBe(true);
    // The worker comes at 3: starts 3 and 5 cost 1 + 2, starts 4 and 6 cost 0 + 4.
    expect([0, 1].map((i) => state.occupancy.start[i])).toEqual([3, 5]);
    expect(state.solution.total).toBe(3);
    expect(timing.better()).toBe(false);
  });

  it('never makes an answer dearer, breaks no order and keeps workers and machines, on 60 tiny kennels', () => {
    let cheaper = 0;
    for (let seed = 1; seed <= 60; seed++) {
      const model = tinyModel(seed);
      const state = new SearchState(model, quiet(seed, 0));
      insertAll(state);
      const before = {
        total: state.solution.total,
        workers: [...state.occupancy.worker],
        machines: [...state.occupancy.machine],
      };
      if (new Timing(state.occupancy, state.solution).better()) cheaper++;
      expect(state.solution.total).toBeLessThanOrEqual(before.total);
      expect([...state.occupancy.worker]).toEqual(before.workers);
      expect([...state.occupancy.machine]).toEqual(before.machines);
      model.chains.forEach((chain, c) => {
        if (state.solution.placed[c] === 0) return;
        const places = chain.acts.map((i) => state.occupancy.placeOf(i));
        expect(state.solution.costs[c]).toBe(chainCost(state.tables, c, places));
        const saved = state.solution.save([c]);
        state.solution.remove(c);
        expect(isFeasibleAt(state.occupancy, c, places)).toBe(true);
        state.solution.restore(saved);
      });
    }
    expect(cheaper).toBeGreaterThan(0);
  });
});
