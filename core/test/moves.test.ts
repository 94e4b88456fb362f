/* Where a task could sit instead, against the independent validator trying every start with every pair of hands. */
import type { Assignment, Schedule } from '@loyal-mane/engine';
import fc from 'fast-check';
import { WorkingSchedule, validatePlan } from '../src/index.js';
import { latestStarts } from '../src/plan/explain/spare.js';
import { movesOf } from '../src/plan/explain/moves.js';
import { searchPlan } from '../src/plan/search/searchPlan.js';
import type { Problem } from '../src/index.js';
import type { Task } from '../src/plan/problem.js';
import { kennels } from './tinyKennel.js';

const quick = {
  seed: 3,
  rounds: 4,
  shouldStop: () => false,
  onProgress: () => undefined,
  previous: null,
};

/** Every start that the rules allow with some hands and some station, everything else standing. */
function slowStarts(problem: Problem, schedule: Schedule, a: Task): number[] {
  const found: number[] = [];
  const people = a.skill === null ? [-1] : problem.workers.map((_, p) => p);
  const seconds = a.second === null ? [-1] : problem.workers.map((_, p) => p);
  const stations = a.station === null ? [-1] : problem.machines.map((_, s) => s);
  for (let start = a.earliestStart; start + a.duration <= a.latestEnd; start++) {
    const options = people.flatMap((person) =>
      seconds.flatMap((second) =>
        stations.map((station): Assignment => ({ start, worker: person, second, machine: station })),
      ),
    );
    const holds = (place: Assignment): boolean =>
      validatePlan(
        problem,
        schedule.map((p, i) => (i === a.index ? place : p)),
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
      const { schedule } = searchPlan(problem, quick);
      const placed = problem.activities.filter(
        (a) => schedule[a.index] !== null && a.latestEnd - a.earliestStart < 260,
      );
      const a = placed[pick % Math.max(1, placed.length)];
      if (a === undefined) return;
      const working = new WorkingSchedule(problem, schedule);
      const starts = movesOf(working, a).map((m) => m.start);
      asked++;
      offered += starts.length;
      expect(starts).toEqual(slowStarts(problem, schedule, a));
      expect(working.schedule()).toEqual(schedule);
    }),
    { seed: 44, numRuns: 110 },
  );
  expect(asked).toBeGreaterThan(15);
  expect(offered).toBeGreaterThan(asked);
});

it('gives every offered place hands and a station with which the plan still holds', () => {
  fc.assert(
    fc.property(kennels, (problem) => {
      const { schedule } = searchPlan(problem, quick);
      const working = new WorkingSchedule(problem, schedule);
      for (const a of problem.activities.slice(0, 6)) {
        if (schedule[a.index] === null) continue;
        for (const move of movesOf(working, a).slice(0, 8)) {
          expect(
            validatePlan(
              problem,
              schedule.map((p, i) => (i === a.index ? move : p)),
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
      const { schedule } = searchPlan(problem, quick);
      const working = new WorkingSchedule(problem, schedule);
      for (const chain of problem.chains) {
        if (chain.acts.some((i) => schedule[i] === null)) continue;
        const latest = latestStarts(working, chain.index);
        chain.acts.forEach((i, k) => expect(latest[k]).toBeGreaterThanOrEqual(schedule[i]?.start ?? 0));
        if (chain.acts.length !== 1) continue;
        lone++;
        const moves = movesOf(working, problem.activities[chain.acts[0] ?? 0] as Task);
        expect(latest[0]).toBe(moves[moves.length - 1]?.start);
      }
      expect(working.schedule()).toEqual(schedule);
    }),
    { seed: 46, numRuns: 60 },
  );
  expect(lone).toBeGreaterThan(5);
});
