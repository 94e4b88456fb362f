/* Odds of whole kennels' plans: where nothing varies, a plan plays as it stands. */
import { playOdds } from '@loyal-mane/engine';
import fc from 'fast-check';
import { searchPlan } from '../src/plan/search/searchPlan.js';
import { kennels } from './tinyKennel.js';

it('where everything takes as long as planned, every plan plays as it stands', () => {
  let played = 0;
  fc.assert(
    fc.property(kennels, (problem) => {
      const { schedule, unplaced } = searchPlan(problem, {
        seed: 1,
        rounds: 4,
        shouldStop: () => false,
        onProgress: () => undefined,
        previous: null,
      });
      const n = problem.activities.length;
      const odds = playOdds(problem, schedule, {
        runs: 2,
        seed: 1,
        spread: new Array<number>(n).fill(0),
        middle: problem.activities.map((a) => a.attended),
        counts: new Array<boolean>(n).fill(true),
      });
      const out = new Set(unplaced);
      problem.chains.forEach((c) => {
        if (out.has(c.index)) return;
        played++;
        expect(odds.ready[c.index]).toBe(1);
      });
    }),
    { seed: 47, numRuns: 60 },
  );
  expect(played).toBeGreaterThan(40);
});
