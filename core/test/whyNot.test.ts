/* Why a dog has no place: each cause on its own, and each remedy that is named gives the place when it is taken. */
import { searchPlan } from '../src/plan/search/searchPlan.js';
import { whyNot } from '../src/plan/explain/whyNot.js';
import type { Problem } from '../src/index.js';
import type { ProblemPerson } from '../src/plan/problem.js';
import type { ChainSpec } from './tinyKennel.js';
import { DAY, dog, person, problemOf, station } from './tinyKennel.js';

const plan = (problem: Problem) =>
  searchPlan(problem, { seed: 1, rounds: 6, shouldStop: () => false, onProgress: () => undefined, previous: null });

function reasonOf(chains: readonly ChainSpec[], world: Parameters<typeof problemOf>[1], chain = 0) {
  const problem = problemOf(chains, world);
  const found = plan(problem);
  expect(found.unplaced).toContain(chain);
  return { problem, found, why: whyNot(problem, found.schedule, chain) };
}

const bather = (from = 90, to = 200): ProblemPerson => person(['bath'], from, to, 0);

it('nobody has the skill', () => {
  const { why } = reasonOf([{ dog: 0, steps: [{}, { skill: 'scissor', station: 'table' }] }], {
    dogs: [dog()],
    people: [bather()],
    stations: [station('tub'), station('table')],
  });
  expect(why).toEqual({ code: 'noSkill', blocked: 1, remedies: [], together: [] });
});

it('nobody with the skill is there in all its time, or no place of its kind is', () => {
  const steps = [{ earliestStart: 100, latestEnd: 160, idealStart: 100 }];
  const world = { dogs: [dog()], people: [bather(250, 260)], stations: [station('tub')] };
  expect(reasonOf([{ dog: 0, steps }], world).why).toEqual({
    code: 'nobodyThere',
    blocked: 0,
    remedies: [],
    together: [],
  });
  const elsewhere = { ...world, people: [bather()], stations: [{ ...station('tub'), site: 1 }] };
  expect(reasonOf([{ dog: 0, steps }], elsewhere).why).toEqual({
    code: 'noStationThere',
    blocked: 0,
    remedies: [],
    together: [],
  });
});

it('its time has passed', () => {
  const { why } = reasonOf([{ dog: 0, steps: [{ latestEnd: 100 }] }], {
    dogs: [dog()],
    people: [bather()],
    stations: [station('tub')],
    now: 120,
  });
  expect(why).toMatchObject({ code: 'windowPast', blocked: 0 });
});

it('the day before it has no place', () => {
  const { why } = reasonOf(
    [
      { dog: 0, steps: [{ skill: 'scissor' }] },
      { dog: 0, needs: 0, steps: [{ earliestStart: 100 }] },
    ],
    { dogs: [dog()], people: [bather()], stations: [station('tub')] },
    1,
  );
  expect(why).toMatchObject({ code: 'needsOther', remedies: [], together: [] });
});

it('the tub is closed: opening it helps', () => {
  const closed = new Uint8Array(DAY + 1).fill(1, 80, 210);
  const { problem, why } = reasonOf([{ dog: 0, steps: [{ latestEnd: 210 }] }], {
    dogs: [dog()],
    people: [bather()],
    stations: [{ ...station('tub'), closed }],
  });
  expect(why.code).toBe('noPlace');
  expect(why.remedies[0]).toEqual({ code: 'openStation', station: 0, from: 80 });
  const open = problem.with({ machines: [{ ...station('tub') }] });
  expect(plan(open).unplaced).toEqual([]);
});

it('a tub that is closed on two days: the day that the work would use is named, not the first', () => {
  const closed = new Uint8Array(2 * DAY + 1);
  closed.fill(1, 20, 200);
  closed.fill(1, DAY + 80, DAY + 200);
  const { why } = reasonOf(
    [{ dog: 0, steps: [{ earliestStart: DAY + 100, latestEnd: DAY + 150, idealStart: DAY + 110 }] }],
    {
      dogs: [dog(2)],
      people: [person(['bath'], 90, 200, 0, 2)],
      stations: [{ ...station('tub', 2), closed }],
      days: 2,
    },
  );
  expect(why.remedies[0]).toEqual({ code: 'openStation', station: 0, from: DAY + 80 });
});

it('the shift ends too early: staying helps, and says until when', () => {
  const { problem, why } = reasonOf([{ dog: 0, steps: [{ duration: 10, attended: 10, earliestStart: 105 }] }], {
    dogs: [dog()],
    people: [bather(90, 112)],
    stations: [station('tub')],
  });
  const stay = why.remedies.find((r) => r.code === 'stay');
  expect(stay).toMatchObject({ person: 0, until: 115 });
  const longer = problem.with({ workers: [bather(90, 115)] });
  expect(plan(longer).unplaced).toEqual([]);
  expect(plan(problem.with({ workers: [bather(90, 114)] })).unplaced).toEqual([0]);
});

it('the handler stands in the other ring: somebody else takes the dog', () => {
  const shower = (): ProblemPerson => person(['ring'], 90, 200, 0);
  const ring = {
    step: 'ring',
    skill: 'ring',
    station: null,
    earliestStart: 100,
    latestEnd: 104,
    idealStart: 100,
    only: 0,
  } as const;
  const { problem, found, why } = reasonOf(
    [
      { dog: 0, cost: 30_000, steps: [ring] },
      { dog: 1, steps: [ring] },
    ],
    { dogs: [dog(), dog()], people: [shower(), shower()], stations: [] },
    1,
  );
  expect(found.unplaced).toHaveLength(1);
  expect(why.remedies[0]).toMatchObject({ code: 'otherHandler', handler: 0, other: 1, rival: 0 });
  const given = problem.with({ activities: problem.activities.map((a) => (a.chain === 1 ? a.with({ only: 1 }) : a)) });
  expect(plan(given).unplaced).toEqual([]);
});

it('the handler rests while the dog is judged: another time for the break helps', () => {
  const resting = person(['ring'], 90, 200, 0);
  resting.site.fill(-1, 98, 104);
  const ring = {
    step: 'ring',
    skill: 'ring',
    station: null,
    earliestStart: 100,
    latestEnd: 104,
    idealStart: 100,
    only: 0,
  } as const;
  const { problem, why } = reasonOf([{ dog: 0, steps: [ring] }], { dogs: [dog()], people: [resting], stations: [] });
  expect(why.remedies[0]).toMatchObject({ code: 'moveBreak', person: 0, from: 98 });
  expect(plan(problem.with({ workers: [person(['ring'], 90, 200, 0)] })).unplaced).toEqual([]);
});

it('too much standing for one day: that is said, not worked around', () => {
  const { why } = reasonOf(
    [
      {
        dog: 0,
        steps: [{ step: 'fineTrim', skill: 'bath', strains: true, duration: 12, attended: 12, station: 'table' }],
      },
    ],
    { dogs: [dog(1, 9)], people: [bather()], stations: [station('table')] },
  );
  expect(why.remedies.map((r) => r.code)).toContain('moreStanding');
});

it('crowded out: without the other dog it would fit, and nothing is named that would not help', () => {
  const steps = [{ duration: 8, attended: 8, earliestStart: 100, latestEnd: 108, idealStart: 100 }];
  const { problem, found, why } = reasonOf(
    [
      { dog: 0, cost: 30_000, steps },
      { dog: 1, steps },
    ],
    { dogs: [dog(), dog()], people: [bather(), bather()], stations: [station('tub')] },
    1,
  );
  expect(found.unplaced).toEqual([1]);
  expect(why.remedies.map((r) => r.code).sort()).toEqual(['extraStation', 'without']);
  expect(why.remedies).toContainEqual({ code: 'without', chain: 0 });
  const two = problem.with({ machines: [station('tub'), station('tub')] });
  expect(plan(two).unplaced).toEqual([]);
});

it('gives no remedy where no single change helps', () => {
  const steps = [{ duration: 8, attended: 8, earliestStart: 100, latestEnd: 107, idealStart: 100 }];
  const problem = problemOf([{ dog: 0, steps }], { dogs: [dog()], people: [bather()], stations: [station('tub')] });
  expect(whyNot(problem, plan(problem).schedule, 0)).toMatchObject({ code: 'windowPast', remedies: [] });
  expect(() => whyNot(problem, [null], 5)).toThrow(/no chain 5/);
});

const day = (fill: [number, number][]): Int8Array => {
  const site = new Int8Array(DAY + 1).fill(-1);
  for (const [from, to] of fill) site.fill(0, from, to);
  return site;
};
const AT_TEN = { earliestStart: 118, latestEnd: 126, idealStart: 120 };

it('somebody is away: their coming helps, and is named before overtime of others', () => {
  const away = { ...bather(), site: day([]), absent: day([[90, 200]]) };
  const { why } = reasonOf([{ dog: 0, steps: [AT_TEN] }], {
    dogs: [dog()],
    people: [away, person(['brush'])],
    stations: [station('tub')],
  });
  expect(why.remedies[0]).toEqual({ code: 'present', person: 0, at: 120 });
});

it('the shift begins too late: how much sooner is told', () => {
  const { why } = reasonOf([{ dog: 0, steps: [AT_TEN] }], {
    dogs: [dog()],
    people: [bather(130)],
    stations: [station('tub')],
  });
  expect(why.remedies).toContainEqual({ code: 'beginEarlier', person: 0, from: 120, slots: 10 });
});

it('the circuit carries too little: how much it would have to carry is told', () => {
  const dryer = station('forceDryer', 1, 0);
  const { why } = reasonOf([{ dog: 0, steps: [{ ...AT_TEN, skill: 'dry', station: 'forceDryer', demand: 90 }] }], {
    dogs: [dog()],
    people: [person(['dry'])],
    stations: [dryer],
    circuits: [80],
  });
  expect(why.remedies).toContainEqual({ code: 'moreAmps', supply: 0, demand: 90 });
});

it('two causes at once are told as two, and nothing that is not needed', () => {
  const closed = new Uint8Array(DAY + 1).fill(1, 80, 210);
  const away = { ...bather(), site: day([]), absent: day([[90, 200]]) };
  const { why } = reasonOf([{ dog: 0, steps: [AT_TEN] }], {
    dogs: [dog()],
    people: [away, person(['brush'])],
    stations: [{ ...station('tub'), closed }],
  });
  expect(why.remedies).toEqual([]);
  expect(why.together.map((r) => r.code).sort()).toEqual(['openStation', 'present']);
});
