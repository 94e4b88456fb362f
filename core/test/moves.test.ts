/* Where a task could sit instead, against the independent validator trying every start with every pair of hands. */
import fc from 'fast-check';
import { Yard, latestStarts, movesOf, searchPlan, validatePlan } from '../src/index.js';
import type { Activity, Place, Placement, Problem } from '../src/index.js';
import { kennels } from './tinyKennel.js';

const quick = {
  seed: 3,
  rounds: 4,
  shouldStop: () => false,
  onProgress: () => undefined,
  previous: null,
};

/** Every start that the rules allow with some hands and some station, everything else standing. */
function slowStarts(problem: Problem, placement: Placement, a: Activity): number[] {
  const found: number[] = [];
  const people = a.skill === null ? [-1] : problem.people.map((_, p) => p);
  const seconds = a.second === null ? [-1] : problem.people.map((_, p) => p);
  const stations = a.station === null ? [-1] : problem.stations.map((_, s) => s);
  for (let start = a.est; start + a.dur <= a.let; start++) {
    const options = people.flatMap((person) =>
      seconds.flatMap((second) => stations.map((station): Place => ({ start, person, second, station }))),
    );
    const holds = (place: Place): boolean =>
      validatePlan(
        problem,
        placement.map((p, i) => (i === a.index ? place : p)),
      ).length === 0;
    if (options.some(holds)) found.push(start);
  }
  return found;
}

it('offers exactly the starts that the rules allow', () => {
  let asked = 0;
  let offered = 0;
  fc.assert(
    fc.property(kennels, fc.nat(), (problem, pick) => {
      const { placement } = searchPlan(problem, quick);
      const placed = problem.activities.filter((a) => placement[a.index] !== null && a.let - a.est < 260);
      const a = placed[pick % Math.max(1, placed.length)];
      if (a === undefined) return;
      const yard = new Yard(problem, placement);
      const starts = movesOf(yard, a).map((m) => m.start);
      asked++;
      offered += starts.length;
      expect(starts).toEqual(slowStarts(problem, placement, a));
      expect(yard.placement()).toEqual(placement);
    }),
    { seed: 44, numRuns: 110 },
  );
  expect(asked).toBeGreaterThan(15);
  expect(offered).toBeGreaterThan(asked);
});

it('gives every offered place hands and a station with which the plan still holds', () => {
  fc.assert(
    fc.property(kennels, (problem) => {
      const { placement } = searchPlan(problem, quick);
      const yard = new Yard(problem, placement);
      for (const a of problem.activities.slice(0, 6)) {
        if (placement[a.index] === null) continue;
        for (const move of movesOf(yard, a).slice(0, 8)) {
          expect(
            validatePlan(
              problem,
              placement.map((p, i) => (i === a.index ? move : p)),
            ),
          ).toEqual([]);
        }
      }
    }),
    { seed: 45, numRuns: 25 },
  );
});

it('never says a task must begin earlier than it stands, and for a lone task says the latest there is', () => {
  let lone = 0;
  fc.assert(
    fc.property(kennels, (problem) => {
      const { placement } = searchPlan(problem, quick);
      const yard = new Yard(problem, placement);
      for (const chain of problem.chains) {
        if (chain.activities.some((i) => placement[i] === null)) continue;
        const latest = latestStarts(yard, chain.index);
        chain.activities.forEach((i, k) => expect(latest[k]).toBeGreaterThanOrEqual(placement[i]?.start ?? 0));
        if (chain.activities.length !== 1) continue;
        lone++;
        const moves = movesOf(yard, problem.activities[chain.activities[0] ?? 0] as Activity);
        expect(latest[0]).toBe(moves[moves.length - 1]?.start);
      }
      expect(yard.placement()).toEqual(placement);
    }),
    { seed: 46, numRuns: 60 },
  );
  expect(lone).toBeGreaterThan(5);
});
