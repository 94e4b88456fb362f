/* The planner: never breaks a rule, whatever the kennel; same seed, same plan; exact where a slow twin can look. */
import type { Schedule } from '@loyal-mane/engine';
import { ChainFit, EXACT } from '@loyal-mane/engine';
import fc from 'fast-check';
import { WorkingSchedule, makeRng, validatePlan } from '../src/index.js';
import { RULES } from '../src/plan/validate/validatePlan.js';
import { searchPlan } from '../src/plan/search/searchPlan.js';
import type { Problem } from '../src/index.js';
import type { RuleCode } from '../src/plan/validate/validatePlan.js';
import type { SearchOptions } from '../src/plan/search/searchPlan.js';
import { DAY, dog, kennels, person, problemOf, station } from './tinyKennel.js';

const options = (seed: number, rounds = 12): SearchOptions => ({
  seed,
  rounds,
  shouldStop: () => false,
  onProgress: () => undefined,
  previous: null,
});

describe('property: random kennels', () => {
  it('never breaks a hard rule, and its own cost is the cost of what it placed', () => {
    let placed = 0;
    let out = 0;
    fc.assert(
      fc.property(kennels, fc.integer({ min: 1, max: 99 }), (problem, seed) => {
        const found = searchPlan(problem, options(seed));
        expect(validatePlan(problem, found.schedule)).toEqual([]);
        placed += problem.chains.length - found.unplaced.length;
        out += found.unplaced.length;
      }),
      { seed: 11, numRuns: 120 },
    );
    // A guard: neither an empty nor a trivial set of kennels would prove anything.
    expect(placed).toBeGreaterThan(70);
    expect(out).toBeGreaterThan(50);
  });

  it('gives the same plan for the same seed', () => {
    fc.assert(
      fc.property(kennels, (problem) => {
        expect(searchPlan(problem, options(5)).schedule).toEqual(searchPlan(problem, options(5)).schedule);
      }),
      { seed: 12, numRuns: 25 },
    );
  });

  it('moves nothing when it repairs a plan that still holds', () => {
    let kept = 0;
    fc.assert(
      fc.property(kennels, (problem) => {
        const first = searchPlan(problem, options(2));
        const again = searchPlan(problem, { ...options(2, 0), previous: first.schedule });
        for (const [i, place] of first.schedule.entries()) {
          if (place === null) continue;
          kept++;
          expect(again.schedule[i]).toEqual(place);
        }
      }),
      { seed: 13, numRuns: 60 },
    );
    expect(kept).toBeGreaterThan(40);
  });
});

/** Tries every combination of starts of a chain of up to three steps: slow and obvious. */
function bruteForce(problem: Problem): number {
  const list = problem.activities;
  let best = Infinity;
  const working = new WorkingSchedule(problem);
  const visit = (k: number, schedule: (Schedule[number] | null)[]): void => {
    const a = list[k];
    if (a === undefined) {
      if (validatePlan(problem, schedule).length === 0) best = Math.min(best, working.costOf(0, schedule));
      return;
    }
    for (let start = a.earliestStart; start + a.duration <= a.latestEnd; start++) {
      for (let p = 0; p < problem.workers.length; p++) {
        const s = problem.machines.findIndex((x) => x.kind === a.station);
        visit(k + 1, [...schedule, { start, worker: p, second: -1, machine: s }]);
      }
    }
  };
  visit(0, []);
  return best;
}

it('finds the same best cost as trying everything, on tiny chains', () => {
  let solved = 0;
  for (let seed = 1; seed <= 12; seed++) {
    const rng = makeRng(seed);
    const at = 95 + rng.below(10);
    const problem = problemOf(
      [
        {
          dog: 0,
          steps: [
            {
              step: 'bath',
              duration: 2,
              attended: 2,
              earliestStart: at,
              latestEnd: at + 12,
              idealStart: at + rng.below(8),
              skill: 'bath',
            },
            {
              step: 'heatDry',
              duration: 3,
              attended: 3,
              earliestStart: at,
              latestEnd: at + 18,
              skill: 'dry',
              station: 'standDryer',
              follows: true,
              lagMax: 2,
            },
            {
              step: 'lineBrush',
              duration: 2,
              attended: 2,
              earliestStart: at,
              latestEnd: at + 22,
              idealStart: at + 14,
              skill: 'brush',
              station: 'table',
              strains: true,
            },
          ],
        },
      ],
      {
        dogs: [dog()],
        people: [person(['bath', 'dry'], 90, 108), person(['brush', 'dry'], 96, 112)],
        stations: [station('tub'), station('standDryer'), station('table')],
      },
    );
    const fitter = new ChainFit(new WorkingSchedule(problem).taken, makeRng(1));
    const best = bruteForce(problem);
    expect(fitter.fit(0, EXACT)).toBe(best < Infinity);
    if (best === Infinity) continue;
    expect(fitter.cost).toBe(best);
    solved++;
  }
  expect(solved).toBeGreaterThan(6);
});

describe('the validator says which rule is broken', () => {
  const world = {
    dogs: [dog(), dog()],
    people: [person(['bath', 'scissor']), person(['bath'])],
    stations: [station('tub', 1, 0), station('tub'), station('table')],
    circuits: [10],
  };
  const problem = problemOf(
    [
      {
        dog: 0,
        steps: [
          { earliestStart: 90, demand: 9 },
          { earliestStart: 90, lagMin: 1, lagMax: 3 },
        ],
      },
      {
        dog: 1,
        needs: 0,
        steps: [
          { earliestStart: 90, demand: 9 },
          {
            step: 'fineTrim',
            skill: 'scissor',
            station: 'table',
            strains: true,
            precision: 1,
            duration: 10,
            attended: 10,
          },
        ],
      },
    ],
    world,
  );
  const good: Schedule = [
    { start: 100, worker: 0, second: -1, machine: 0 },
    { start: 105, worker: 0, second: -1, machine: 1 },
    { start: 110, worker: 1, second: -1, machine: 0 },
    null,
  ];
  const withTrim = (start: number): Schedule => [...good.slice(0, 3), { start, worker: 0, second: -1, machine: 2 }];
  const move = (i: number, change: object): Schedule =>
    withTrim(120).map((p, k) => (k === i && p !== null ? { ...p, ...change } : p));

  it.each<[RuleCode, Schedule]>([
    ['window', move(0, { start: 80 })],
    ['shift', move(3, { start: 215 })],
    ['order', move(1, { start: 102 })],
    ['lag', move(1, { start: 109 })],
    ['people', move(0, { worker: -1 })],
    ['skill', move(3, { worker: 1 })],
    ['personTwice', move(2, { start: 101, worker: 0, machine: 1 })],
    ['station', move(0, { machine: 2 })],
    ['stationTwice', move(2, { start: 104 })],
    ['circuit', move(2, { start: 102, machine: 0 })],
    ['dogTwice', move(1, { start: 101 })],
    ['whole', good],
    ['needs', [null, null, ...withTrim(120).slice(2)]],
    ['standing', withTrim(120)],
  ])('%s', (rule, schedule) => {
    expect(validatePlan(problem, schedule).map((f) => f.rule)).toContain(rule);
  });

  it('knows closed places, the road, daily limits and fixed work', () => {
    const closed = problemOf([{ dog: 0, steps: [{ earliestStart: 90 }] }], {
      ...world,
      stations: [{ ...station('tub'), closed: new Uint8Array(DAY + 1).fill(1) }],
    });
    const one = [{ start: 100, worker: 0, second: -1, machine: 0 }];
    expect(validatePlan(closed, one).map((f) => f.rule)).toContain('closed');
    const road = problemOf([{ dog: 0, steps: [{ earliestStart: 90 }] }], {
      ...world,
      dogs: [{ ...dog(), site: new Int8Array(DAY + 1).fill(-1) }],
    });
    expect(validatePlan(road, one).map((f) => f.rule)).toContain('transit');
    const loud = problemOf([{ dog: 0, steps: [{ earliestStart: 90, exposure: 9000 }] }], world);
    expect(validatePlan(loud, one).map((f) => f.rule)).toContain('personLimit');
    const fixed = problemOf(
      [{ dog: 0, steps: [{ earliestStart: 90, fixed: { start: 99, worker: 0, second: -1, machine: 0 } }] }],
      world,
    );
    expect(validatePlan(fixed, one).map((f) => f.rule)).toContain('fixed');
  });

  it('has no rule that no test breaks', () => {
    expect(RULES).toHaveLength(18);
  });

  it('finds nothing wrong with a good plan', () => {
    const calm = problemOf([{ dog: 0, steps: [{ earliestStart: 90 }, { earliestStart: 90, lagMax: 3 }] }], world);
    expect(validatePlan(calm, good.slice(0, 2))).toEqual([]);
  });
});

it('leaves a whole chain out rather than part of it', () => {
  const problem = problemOf(
    [{ dog: 0, steps: [{ earliestStart: 90 }, { step: 'fineTrim', skill: 'scissor', station: 'table' }] }],
    { dogs: [dog()], people: [person(['bath'])], stations: [station('tub'), station('table')] },
  );
  const found = searchPlan(problem, options(1));
  expect(found.unplaced).toEqual([0]);
  expect(found.schedule).toEqual([null, null]);
});

it('stops when it is told to, with what it has', () => {
  const problem = fc.sample(kennels, { seed: 4, numRuns: 1 })[0] as Problem;
  const found = searchPlan(problem, { ...options(1, 10_000), shouldStop: () => true });
  expect(found.rounds).toBe(0);
  expect(validatePlan(problem, found.schedule)).toEqual([]);
});
