/* A plan is mended where a lead would hand it back: fewer people, one pair of scissors, a walk; and only where nothing loses by it. */
import type { Schedule } from '@loyal-mane/engine';
import type { StepId } from '../src/index.js';
import type { Assembled } from '../src/plan/assemble/assemble.js';
import type { Problem, TaskFields } from '../src/plan/problem.js';
import { leadFaults } from '../src/plan/search/leadFaults.js';
import { mendedForLead } from '../src/plan/search/leadMending.js';
import type { PlaceAnew } from '../src/plan/search/leadMending.js';
import { withAside } from '../src/plan/search/searchPlan.js';
import type { SearchResult } from '../src/plan/search/searchPlan.js';
import { validatePlan } from '../src/plan/validate/validatePlan.js';
import { DAY, dog, person, problemOf, station } from './tinyKennel.js';

type Place = readonly [start: number, worker: number, machine?: number, second?: number];

const assembledOf = (problem: Problem): Assembled =>
  ({
    problem,
    drafts: problem.chains.map((c) => ({ dogId: `dog ${String(c.job)}`, key: c.key })),
    input: { kennel: { settings: { keepUpDaysAhead: 0 }, dogs: [] }, dogIndex: new Map() },
  }) as unknown as Assembled;
const scheduleOf = (places: readonly Place[]): Schedule =>
  places.map(([start, worker, machine = -1, second = -1]) => ({ start, worker, machine, second }));
const resultOf = (schedule: Schedule): SearchResult => ({ schedule, cost: 0, unplaced: [], rounds: 7 });
const placeAnew: PlaceAnew = (problem, schedule, chains) =>
  withAside(
    problem,
    { seed: 1, rounds: 1, shouldStop: () => false, onProgress: () => undefined, previous: schedule },
    schedule,
    chains,
  );
const kinds = (problem: Problem, schedule: Schedule): string[] =>
  leadFaults(assembledOf(problem), schedule).map((f) => f.kind);
const mend = (problem: Problem, places: readonly Place[]): Schedule => {
  const { schedule, rounds } = mendedForLead(assembledOf(problem), resultOf(scheduleOf(places)), placeAnew).found;
  expect(validatePlan(problem, schedule)).toEqual([]);
  expect(rounds).toBe(7);
  return schedule;
};
const steps = (list: readonly (readonly [StepId, Partial<TaskFields>?])[]): Partial<TaskFields>[] =>
  list.map(([step, more], k) => ({
    ...{ step, skill: 'brush', station: null, setup: 0, follows: k > 0, duration: 4, attended: 4 },
    ...more,
  }));
const crew = (n: number) => Array.from({ length: n }, () => person(['brush', 'scissor', 'hand']));

describe('a dog that goes through five hands in a day', () => {
  const five = steps([['brushOut1'], ['preTreat'], ['nails'], ['lineBrush'], ['combThrough']]);
  const places = five.map((_, k) => [100 + 4 * k, k] as const);
  const problem = problemOf([{ dog: 0, steps: five }], { people: crew(5), stations: [], dogs: [dog()] });

  it('is handed back, and mended to three', () => {
    expect(kinds(problem, scheduleOf(places))).toEqual(['crowded']);
    const mended = mend(problem, places);
    expect(kinds(problem, mended)).toEqual([]);
    expect(new Set(mended.map((p) => p?.worker)).size).toBeLessThanOrEqual(3);
  });

  it('keeps them where nobody else can do it', () => {
    const skills = ['bath', 'dry', 'brush', 'scissor', 'hand'] as const;
    const each = problemOf([{ dog: 0, steps: five.map((s, k) => ({ ...s, skill: skills[k] as never })) }], {
      ...{ people: skills.map((s) => person([s])), stations: [], dogs: [dog()] },
    });
    expect(mend(each, places)).toEqual(scheduleOf(places));
    expect(kinds(each, scheduleOf(places))).toEqual(['crowded']);
  });

  it('what was done before today counts on no day ahead', () => {
    const done = { ...five[0], fixed: { start: -400, worker: 0, second: -1, machine: -1 }, earliestStart: -400 };
    const later = problemOf([{ dog: 0, steps: [done, ...five.slice(1, 4)] }], {
      ...{ people: crew(5), stations: [], dogs: [dog()] },
    });
    expect(
      kinds(
        later,
        scheduleOf([
          [-400, 0],
          [100, 1],
          [104, 2],
          [108, 3],
        ]),
      ),
    ).toEqual([]);
  });
});

it('the two who help at one dog’s bath become one', () => {
  const wet = steps([
    ['bath', { skill: 'bath', second: 'hand' }],
    ['condition', { skill: 'bath', second: 'hand' }],
    ['nails', { skill: 'bath' }],
  ]);
  const people = [person(['bath']), person(['hand']), person(['hand']), person(['bath'])];
  const problem = problemOf([{ dog: 0, steps: wet }], { people, stations: [], dogs: [dog()] });
  const places: Place[] = [
    [100, 0, -1, 1],
    [104, 0, -1, 2],
    [108, 3],
  ];
  expect(kinds(problem, scheduleOf(places))).toContain('crowded');
  expect(kinds(problem, mend(problem, places))).toEqual([]);
});

it('trims and ring finish come back to one pair of scissors, which began them', () => {
  const trims = steps([['roughTrim'], ['fineTrim'], ['finish']]).map((s) => ({ ...s, skill: 'scissor' as const }));
  const problem = problemOf([{ dog: 0, steps: trims }], { people: crew(2), stations: [], dogs: [dog()] });
  const places: Place[] = [
    [100, 0],
    [104, 1],
    [120, 0],
  ];
  expect(kinds(problem, scheduleOf(places))).toEqual(['hands']);
  const mended = mend(problem, places);
  expect(mended.map((p) => p?.worker)).toEqual([0, 0, 0]);
});

it('a dog that would stand on three tables stands on two', () => {
  const three = steps([['brushOut1'], ['nails'], ['combThrough']]).map((s) => ({ ...s, station: 'table' as const }));
  const stations = [station('table'), station('table'), station('table')];
  const problem = problemOf([{ dog: 0, steps: three }], { people: crew(1), stations, dogs: [dog()] });
  const places: Place[] = [
    [100, 0, 0],
    [104, 0, 1],
    [108, 0, 2],
  ];
  expect(kinds(problem, scheduleOf(places))).toEqual(['tables']);
  const mended = mend(problem, places);
  expect(new Set(mended.map((p) => p?.machine)).size).toBeLessThanOrEqual(2);
});

it('more than two hours of work have a walk in them, and the dog keeps its people', () => {
  const long = steps([['brushOut1'], ['nails'], ['combThrough'], ['clip']]).map((s) => ({
    ...s,
    duration: 7,
    attended: 7,
  }));
  const problem = problemOf([{ dog: 0, steps: long }], { people: crew(3), stations: [], dogs: [dog(1, 60)] });
  const places = long.map((_, k) => [100 + 7 * k, k % 2] as const);
  expect(kinds(problem, scheduleOf(places))).toEqual(['longWork']);
  const mended = mend(problem, places);
  expect(kinds(problem, mended)).toEqual([]);
  expect(mended.map((p) => p?.worker)).toEqual([0, 1, 0, 1]);
});

it('a bath follows its brush-out within two hours and a half', () => {
  const two = steps([['brushOut1'], ['bath']]).map((s, k) => ({ ...s, follows: false, idealStart: 100 + 40 * k }));
  const problem = problemOf([{ dog: 0, steps: two }], { people: crew(1), stations: [], dogs: [dog()] });
  expect(
    kinds(
      problem,
      scheduleOf([
        [100, 0],
        [140, 0],
      ]),
    ),
  ).toEqual(['brushedLongAgo']);
  expect(
    kinds(
      problem,
      mend(problem, [
        [100, 0],
        [140, 0],
      ]),
    ),
  ).toEqual([]);
});

it('stops where it is told to, with what it has', () => {
  const trims = steps([['roughTrim'], ['fineTrim'], ['finish']]).map((s) => ({ ...s, skill: 'scissor' as const }));
  const problem = problemOf([{ dog: 0, steps: trims }], { people: crew(2), stations: [], dogs: [dog()] });
  const places = scheduleOf([
    [100, 0],
    [104, 1],
    [120, 0],
  ]);
  const { found, inVain } = mendedForLead(assembledOf(problem), resultOf(places), placeAnew, () => true);
  expect(found.schedule).toEqual(places);
  expect(inVain.size).toBe(0);
});

it('nothing is mended at the price of another dog’s place', () => {
  const five = steps([['brushOut1'], ['preTreat'], ['nails'], ['lineBrush'], ['combThrough']]).map((s, k) => ({
    ...s,
    // Each may be done by two, of whom only one is free for long: the other dog needs that one all day.
    ...{ allowed: k < 2 ? [0, 1] : k === 2 ? [2] : [k], earliestStart: 100 + 4 * k, latestEnd: 104 + 4 * k },
  }));
  const other = steps([
    ['keepUpBrush', { allowed: [0], duration: 100, attended: 100, earliestStart: 104, latestEnd: 204 }],
  ]);
  const problem = problemOf(
    [
      { dog: 0, steps: five },
      { dog: 1, steps: other },
    ],
    { people: crew(5), stations: [], dogs: [dog(1, 200), dog(1, 200)] },
  );
  const places: Place[] = [
    [100, 0],
    [104, 1],
    [108, 2],
    [112, 3],
    [116, 4],
    [104, 0],
  ];
  expect(places.every(([start]) => start < DAY)).toBe(true);
  const mended = mend(problem, places);
  expect(mended.filter((p) => p === null)).toEqual([]);
});

describe('one pair of scissors that cannot be', () => {
  const at = (from: number, slots: number, allowed: readonly number[]): Partial<TaskFields> => ({
    ...{ duration: slots, attended: slots, earliestStart: from, latestEnd: from + slots, allowed },
  });
  const trims = steps([
    ['roughTrim', at(140, 4, [0])],
    ['fineTrim', at(144, 4, [0, 1])],
    ['finish', at(148, 4, [0])],
  ]).map((s) => ({ ...s, skill: 'scissor' as const }));
  const places: Place[] = [
    [140, 0],
    [144, 1],
    [148, 0],
    [100, 0],
    [152, 0],
  ];
  const tried = (brushing: readonly (readonly [number, number])[]) => {
    const others = brushing.map(([from, slots]) => ({ dog: 1, steps: steps([['keepUpBrush', at(from, slots, [0])]]) }));
    const problem = problemOf([{ dog: 0, steps: trims }, ...others], {
      ...{ people: crew(2), stations: [], dogs: [dog(1, 400), dog(1, 400)] },
    });
    const schedule = scheduleOf(places.slice(0, 3 + brushing.length));
    expect(validatePlan(problem, schedule)).toEqual([]);
    return mendedForLead(assembledOf(problem), resultOf(schedule), placeAnew);
  };

  it('says that something else would give way: whoever began would work on without a rest', () => {
    const day = [
      [100, 40],
      [152, 18],
    ] as const;
    expect([...tried(day).inVain]).toEqual([0, 1, 2].map((i) => [i, 'elseWorse']));
  });

  it('says nothing where it can be', () => {
    const { found, inVain } = tried([]);
    expect(found.schedule.slice(0, 3).map((p) => p?.worker)).toEqual([0, 0, 0]);
    expect(inVain.size).toBe(0);
  });
});
