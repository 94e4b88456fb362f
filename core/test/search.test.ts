/* The planner: never breaks a rule, whatever the kennel; same seed, same plan; exact where a slow twin can look. */
import fc from 'fast-check';
import { RULES, Yard, makeRng, searchPlan, validatePlan } from '../src/index.js';
import { ChainFit, EXACT } from '../src/fit/chainFit.js';
import type { Placement, Problem, RuleCode, SearchOptions } from '../src/index.js';
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
        expect(validatePlan(problem, found.placement)).toEqual([]);
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
        expect(searchPlan(problem, options(5)).placement).toEqual(searchPlan(problem, options(5)).placement);
      }),
      { seed: 12, numRuns: 25 },
    );
  });

  it('moves nothing when it repairs a plan that still holds', () => {
    let kept = 0;
    fc.assert(
      fc.property(kennels, (problem) => {
        const first = searchPlan(problem, options(2));
        const again = searchPlan(problem, { ...options(2, 0), previous: first.placement });
        for (const [i, place] of first.placement.entries()) {
          if (place === null) continue;
          kept++;
          expect(again.placement[i]).toEqual(place);
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
  const yard = new Yard(problem);
  const visit = (k: number, placement: (Placement[number] | null)[]): void => {
    const a = list[k];
    if (a === undefined) {
      if (validatePlan(problem, placement).length === 0) best = Math.min(best, yard.costOf(0, placement));
      return;
    }
    for (let start = a.est; start + a.dur <= a.let; start++) {
      for (let p = 0; p < problem.people.length; p++) {
        const s = problem.stations.findIndex((x) => x.kind === a.station);
        visit(k + 1, [...placement, { start, person: p, second: -1, station: s }]);
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
            { step: 'bath', dur: 2, att: 2, est: at, let: at + 12, aim: at + rng.below(8), skill: 'bath' },
            {
              step: 'heatDry',
              dur: 3,
              att: 3,
              est: at,
              let: at + 18,
              skill: 'dry',
              station: 'standDryer',
              follows: true,
              lagMax: 2,
            },
            {
              step: 'lineBrush',
              dur: 2,
              att: 2,
              est: at,
              let: at + 22,
              aim: at + 14,
              skill: 'brush',
              station: 'table',
              stands: true,
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
    const fitter = new ChainFit(new Yard(problem).taken, makeRng(1));
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
          { est: 90, amps: 9 },
          { est: 90, lagMin: 1, lagMax: 3 },
        ],
      },
      {
        dog: 1,
        needs: 0,
        steps: [
          { est: 90, amps: 9 },
          { step: 'fineTrim', skill: 'scissor', station: 'table', stands: true, scissors: true, dur: 10, att: 10 },
        ],
      },
    ],
    world,
  );
  const good: Placement = [
    { start: 100, person: 0, second: -1, station: 0 },
    { start: 105, person: 0, second: -1, station: 1 },
    { start: 110, person: 1, second: -1, station: 0 },
    null,
  ];
  const withTrim = (start: number): Placement => [...good.slice(0, 3), { start, person: 0, second: -1, station: 2 }];
  const move = (i: number, change: object): Placement =>
    withTrim(120).map((p, k) => (k === i && p !== null ? { ...p, ...change } : p));

  it.each<[RuleCode, Placement]>([
    ['window', move(0, { start: 80 })],
    ['shift', move(3, { start: 215 })],
    ['order', move(1, { start: 102 })],
    ['lag', move(1, { start: 109 })],
    ['people', move(0, { person: -1 })],
    ['skill', move(3, { person: 1 })],
    ['personTwice', move(2, { start: 101, person: 0, station: 1 })],
    ['station', move(0, { station: 2 })],
    ['stationTwice', move(2, { start: 104 })],
    ['circuit', move(2, { start: 102, station: 0 })],
    ['dogTwice', move(1, { start: 101 })],
    ['whole', good],
    ['needs', [null, null, ...withTrim(120).slice(2)]],
    ['standing', withTrim(120)],
  ])('%s', (rule, placement) => {
    expect(validatePlan(problem, placement).map((f) => f.rule)).toContain(rule);
  });

  it('knows closed places, the road, daily limits and fixed work', () => {
    const closed = problemOf([{ dog: 0, steps: [{ est: 90 }] }], {
      ...world,
      stations: [{ ...station('tub'), closed: new Uint8Array(DAY + 1).fill(1) }],
    });
    const one = [{ start: 100, person: 0, second: -1, station: 0 }];
    expect(validatePlan(closed, one).map((f) => f.rule)).toContain('closed');
    const road = problemOf([{ dog: 0, steps: [{ est: 90 }] }], {
      ...world,
      dogs: [{ ...dog(), site: new Int8Array(DAY + 1).fill(-1) }],
    });
    expect(validatePlan(road, one).map((f) => f.rule)).toContain('transit');
    const loud = problemOf([{ dog: 0, steps: [{ est: 90, noise: 9000 }] }], world);
    expect(validatePlan(loud, one).map((f) => f.rule)).toContain('personLimit');
    const fixed = problemOf(
      [{ dog: 0, steps: [{ est: 90, fixed: { start: 99, person: 0, second: -1, station: 0 } }] }],
      world,
    );
    expect(validatePlan(fixed, one).map((f) => f.rule)).toContain('fixed');
  });

  it('has no rule that no test breaks', () => {
    expect(RULES).toHaveLength(18);
  });

  it('finds nothing wrong with a good plan', () => {
    const calm = problemOf([{ dog: 0, steps: [{ est: 90 }, { est: 90, lagMax: 3 }] }], world);
    expect(validatePlan(calm, good.slice(0, 2))).toEqual([]);
  });
});

it('leaves a whole chain out rather than part of it', () => {
  const problem = problemOf(
    [{ dog: 0, steps: [{ est: 90 }, { step: 'fineTrim', skill: 'scissor', station: 'table' }] }],
    { dogs: [dog()], people: [person(['bath'])], stations: [station('tub'), station('table')] },
  );
  const found = searchPlan(problem, options(1));
  expect(found.unplaced).toEqual([0]);
  expect(found.placement).toEqual([null, null]);
});

it('stops when it is told to, with what it has', () => {
  const problem = fc.sample(kennels, { seed: 4, numRuns: 1 })[0] as Problem;
  const found = searchPlan(problem, { ...options(1, 10_000), shouldStop: () => true });
  expect(found.rounds).toBe(0);
  expect(validatePlan(problem, found.placement)).toEqual([]);
});
