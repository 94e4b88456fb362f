/* The starting minutes against the trade's loose checks (common practice; 34 kg and 11 kg are assumptions, as marked). */
import { readFileSync } from 'node:fs';
import {
  assembleProblem,
  bodySurfaceM2,
  cooperationFactor,
  estimate,
  lengthFactor,
  makePlanInput,
  wallToMs,
} from '@loyal-mane/core';
import type {
  CoatColumn,
  EstimateFacts,
  KennelDog,
  KennelFile,
  LocalDay,
  WallTime,
  WorkRecord,
  ZoneId,
} from '@loyal-mane/core';
import { CARE_LIBRARY, HAIR_SHARES, MINUTES, TRIM_PARTS } from '../src/index.js';
import type { MinutesKey } from '../src/index.js';
import { restsOnWords } from '../src/words/index.js';
import { fewDogs } from './kennels/fewDogs.js';
import { sharedPlan } from './sharedPlan.js';

const demo = JSON.parse(readFileSync(`${__dirname}/../demo/demo-kennel.json`, 'utf8')) as KennelFile;
const demoDawn = wallToMs(demo.startDay, '00:00' as WallTime, demo.settings.timeZone);

const facts = (weightKg: number, more: Partial<EstimateFacts> = {}): EstimateFacts => ({
  weightKg,
  density: 'normal',
  coatChange: false,
  puppy: false,
  cooperation: 1,
  overgrownWeeks: 0,
  ...more,
});
const sum = (rows: MinutesKey[], column: CoatColumn, f: EstimateFacts): number =>
  rows.reduce((s, row) => s + estimate(MINUTES[row], column, f).middleMin, 0);
const within = (value: number, target: number, tolerance: number): void => {
  expect(value).toBeGreaterThanOrEqual(target * (1 - tolerance));
  expect(value).toBeLessThanOrEqual(target * (1 + tolerance));
};

it('a large heavy double coat a month after its last groom takes 4 to 5 hours, its bath about 45 minutes (CP-07)', () => {
  const whole = sum(
    [
      'blowOutHeavy',
      'bath',
      'condition',
      'towel',
      'forceDry',
      'heatDry',
      'dryCheck',
      'undercoatHeavy',
      'lineBrush',
      'combThrough',
      'clip',
      'nails',
    ],
    'double',
    facts(34),
  );
  expect(whole / 60).toBeGreaterThan(4);
  expect(whole / 60).toBeLessThan(5);
  within(whole, 4.75 * 60, 0.03);
  within(sum(['bath'], 'double', facts(34)), 45, 0.05);
});

it('a large sheepdog coat at its interval: brush-out 1.5 to 2 h, with whites and drying about 3 h, whole bath a day (CP-08)', () => {
  const f = facts(34);
  within(sum(['brushOut'], 'heavySheepdog', f), 105, 0.05);
  const whites: MinutesKey[] = ['brushOut', 'bathWhites', 'condition', 'towel', 'heatDryWhites', 'dryCheck'];
  within(sum(whites, 'heavySheepdog', f), 180, 0.15);
  within(sum(['brushOut', 'bath', 'condition', 'towel', 'heatDry', 'dryCheck'], 'heavySheepdog', f), 6 * 60 + 55, 0.03);
});

it('a spaniel eight weeks beyond its trim interval takes about 110 standing minutes (CP-11)', () => {
  within(sum(['roughTrim', 'fineTrim'], 'jacketed', facts(23, { overgrownWeeks: 8 })), 110, 0.05);
});

it('a curly puppy of 10 to 12 kg is clipped and scissored for the first time in about 20 minutes, within a third (CP-25)', () => {
  for (const kg of [10, 11, 12]) {
    const minutes = sum(['roughTrim', 'clip'], 'scissored', facts(kg, { puppy: true }));
    expect(minutes).toBeGreaterThan(20);
    expect(minutes).toBeLessThan(29);
  }
  within(sum(['roughTrim', 'clip'], 'scissored', facts(10, { puppy: true })), 20, 0.3);
});

it('the heat finish of a lower leg of thick curl takes under a minute after a proper force dry (CP-32)', () => {
  // One side of a paired zone: half of the share that both have.
  const oneSide = (zone: ZoneId): number => (HAIR_SHARES.scissored.get(zone) ?? 0) / 2;
  const heat = (zone: ZoneId, f: EstimateFacts): number =>
    estimate(MINUTES.heatDry, 'scissored', f, oneSide(zone)).middleMin;
  for (const zone of ['hock', 'foreleg'] as const) {
    const minutes = heat(zone, facts(20, { prepared: 'brushedOut' }));
    expect(minutes).toBeGreaterThan(0.25);
    expect(minutes).toBeLessThan(1);
  }
  // Small legs are quick and large ones are not, in proportion to the surface.
  expect(heat('hock', facts(5))).toBeCloseTo((heat('hock', facts(40)) * bodySurfaceM2(5)) / bodySurfaceM2(40), 6);
});

/** Minutes of parts of a trim for a dog, and all of them. */
const part = (row: MinutesKey, column: CoatColumn, f: EstimateFacts, ...names: string[]): number => {
  const parts = TRIM_PARTS[row]?.[column] ?? {};
  const whole = Object.values(parts).reduce((x, y) => x + y, 0);
  const mine = names.reduce((x, n) => x + (parts[n] ?? Number.NaN), 0);
  return estimate(MINUTES[row], column, f, mine / whole).middleMin;
};
const puppy = { puppy: true };

/** Minutes timed at work, while explaining and partly cut: loose checks within a factor of two (CP-37). */
const TIMED: readonly (readonly [what: string, least: number, most: number, ours: number])[] = [
  [
    'rear, underline and front of a puppy, both sides',
    6,
    7,
    part('roughTrim', 'scissored', facts(11, puppy), 'rear', 'underline', 'front'),
  ],
  ['a first topknot', 3.5, 3.5, part('finish', 'scissored', facts(8, puppy), 'bands and topknot')],
  ['the natural trim of a retriever', 23, 23, sum(['naturalTrim'], 'jacketed', facts(32))],
  ['one ear of a retriever', 3, 5, part('ears', 'jacketed', facts(32), 'left ear')],
  ['one forefoot', 1, 2.5, part('naturalTrim', 'jacketed', facts(32), 'forefeet') / 2],
  ['a flag tail', 2, 2, part('naturalTrim', 'jacketed', facts(32), 'tail end')],
  ['a docked tail', 3.5, 3.5, part('fineTrim', 'double', facts(14), 'tail')],
  ['a raised tail', 4, 4, part('fineTrim', 'double', facts(20), 'tail')],
  ['a fringe to the floor', 3.5, 3.5, part('fineTrim', 'drop', facts(7), 'floor line')],
  ['the spray-up of a small puppy', 9, 9, part('finish', 'scissored', facts(7, puppy), 'spray-up')],
  [
    'a spaniel from the bath to combed wet',
    20,
    20,
    sum(['bath', 'condition', 'towel', 'glands'], 'jacketed', facts(14)),
  ],
  ['mitt and curry of a smooth dog', 3, 3, sum(['mittClean'], 'smooth', facts(16))],
  ['skirt and belly of a smooth dog', 3, 3, part('fineTrim', 'smooth', facts(20), 'skirt and belly')],
  ['tufts and vent of a smooth dog', 4, 4, part('fineTrim', 'smooth', facts(20), 'tufts and vent')],
  ['whiskers of a smooth dog', 3, Infinity, part('fineTrim', 'smooth', facts(20), 'whiskers')],
];

it.each(TIMED)('%s takes about as long as it was timed (CP-37)', (_, least, most, ours) => {
  expect(ours).toBeGreaterThan(least / 2);
  expect(ours).toBeLessThan(most * 2);
});

it('parts of a trim are together the trim', () => {
  for (const [row, byCoat] of Object.entries(TRIM_PARTS))
    for (const [column, parts] of Object.entries(byCoat)) {
      const whole = Object.values(parts).reduce((x, y) => x + y, 0);
      expect([row, column, whole]).toEqual([row, column, MINUTES[row as MinutesKey].by[column as never]]);
    }
});

it('spreads from the 20th to the 80th percentile as the log-normal spread of 0.18 says', () => {
  const e = estimate(MINUTES.bath, 'double', facts(20));
  expect(e.p20Min / e.middleMin).toBeCloseTo(0.86, 2);
  expect(e.p80Min / e.middleMin).toBeCloseTo(1.16, 2);
});

it('refuses a step that a coat does not have', () => {
  expect(() => estimate(MINUTES.mittClean, 'drop', facts(5))).toThrow(/not done on drop/);
});

describe('minutes learned from finished work', () => {
  const file = JSON.parse(readFileSync(`${__dirname}/../demo/demo-kennel.json`, 'utf8')) as KennelFile;
  const nowMs = wallToMs(file.startDay, '00:00' as WallTime, file.settings.timeZone);
  const dog = file.dogs.find((d) => d.name === 'Seraph');
  const logs = (factor: number, count: number, step: WorkRecord['step'] = 'brushOut1'): WorkRecord[] =>
    Array.from({ length: count }, (_, k) => ({
      taskKey: `x:${String(k)}` as WorkRecord['taskKey'],
      dogId: dog?.id as WorkRecord['dogId'],
      step,
      state: 'done',
      startedAt: '2026-06-01T08:00:00.000Z' as WorkRecord['startedAt'] & string,
      finishedAt: '2026-06-01T09:00:00.000Z' as WorkRecord['finishedAt'] & string,
      workedMs: 30 * factor * 60_000,
      expectedMin: 30,
    }));
  const brushing = (work: WorkRecord[]) =>
    sharedPlan({ ...fewDogs(file, ['Seraph']), work }, { nowMs, rounds: 1 }).activities.find(
      (a) => a.dogId === dog?.id && a.step === 'brushOut1',
    )?.minutes;

  it('make a slow dog’s brushing longer in the plan, and say what they rest on', () => {
    const usual = brushing([]);
    const slow = brushing(logs(1.4, 12));
    expect(usual).toMatchObject({ logs: 0 });
    expect(slow?.logs).toBe(12);
    expect(slow?.usual).toBe(usual?.middle);
    // Shrunken: 12 logs of +40 % (ln 0.336) come to exp(0.336 * 12 / (12 + 1.44)) = 1.35.
    expect((slow?.middle ?? 0) / (usual?.middle ?? 1)).toBeCloseTo(Math.exp((Math.log(1.4) * 12) / (12 + 1.44)), 2);
    expect(restsOnWords(slow ?? { middle: 1, usual: 1, logs: 0 })).toBe(
      'From 12 timed sessions with this dog: 35 % slower than the standard time.',
    );
  });

  it('leave the gate and the ring alone: judging that took longer at one show costs no place at the next', () => {
    const planned = (work: WorkRecord[]) => sharedPlan({ ...fewDogs(file, ['Seraph']), work }, { nowMs, rounds: 1 });
    const atRing = (work: WorkRecord[]) =>
      planned(work)
        .activities.filter((a) => a.dogId === dog?.id && (a.step === 'gate' || a.step === 'ring'))
        .map((a) => [a.step, a.start, a.minutes.middle]);
    const usual = atRing([]);
    expect(usual.length).toBeGreaterThan(1);
    expect(atRing([...logs(1.4, 12, 'gate'), ...logs(1.4, 12, 'ring')])).toEqual(usual);
  });
});

describe('the length of the hair, where it was measured', () => {
  const measured = (...list: (readonly [ZoneId, number, string])[]) => ({
    lengths: list.map(([zone, mm, day]) => ({ zone, mm, day: day as LocalDay })),
  });
  const on = '2026-06-17' as LocalDay;
  const factor = (dog: Parameters<typeof lengthFactor>[0]): number => lengthFactor(dog, 'double', on);

  it('makes washing, drying and brushing longer or shorter by the root of it, within limits', () => {
    expect(factor({})).toBe(1);
    expect(factor(measured(['back', 60, '2026-06-01']))).toBe(1);
    expect(factor(measured(['back', 90, '2026-06-01']))).toBeCloseTo(Math.sqrt(1.5), 6);
    expect(factor(measured(['back', 600, '2026-06-01']))).toBe(1.3);
    expect(factor(measured(['back', 5, '2026-06-01']))).toBe(0.8);
  });

  it('is the newest measure of a zone, the middle of several zones, feather by its own measure', () => {
    expect(factor(measured(['back', 20, '2026-01-01'], ['back', 60, '2026-06-01']))).toBe(1);
    expect(factor(measured(['back', 60, '2026-06-01'], ['back', 90, '2026-07-01']))).toBe(1);
    expect(factor(measured(['back', 60, on], ['ribs', 60, on], ['croup', 400, on]))).toBe(1);
    expect(factor(measured(['tail', 100, on]))).toBe(1);
    expect(factor(measured(['forePads', 1, on]))).toBe(1);
  });

  it('reaches the plan: a longer coat is brushed and dried longer, its nails are not', () => {
    const minutesOf = (lengths: KennelDog['lengths']) => {
      const dogs = demo.dogs.map((d) => (d.name === 'Isbrin' && lengths !== undefined ? { ...d, lengths } : d));
      const input = makePlanInput({ ...demo, dogs }, CARE_LIBRARY, demoDawn);
      const { drafts } = assembleProblem(input);
      const dog = demo.dogs.find((d) => d.name === 'Isbrin');
      const steps = drafts.filter((d) => d.dogId === dog?.id && d.kind === 'show').flatMap((d) => d.steps);
      return (step: string): number => steps.find((s) => s.step.step === step)?.estimate.middleMin ?? 0;
    };
    const usual = minutesOf(undefined);
    const long = minutesOf(measured(['back', 90, '2026-06-01']).lengths);
    for (const step of ['lineBrush', 'forceDry', 'bath'])
      expect(long(step) / usual(step)).toBeCloseTo(Math.sqrt(1.5), 2);
    expect(long('nails')).toBe(usual('nails'));
  });
});

it('takes the dog’s cooperation by step, and by the zones that a step touches', () => {
  const hair = (zone: string): number => (zone === 'ribs' ? 0.3 : 0.1);
  const dog = { cooperation: 1, cooperationAt: [{ step: 'bath' as const, factor: 0.9 }] };
  expect(cooperationFactor(dog, 'bath', 'all', hair)).toBe(0.9);
  expect(cooperationFactor(dog, 'ears', ['earFront', 'earBack'], hair)).toBe(1);
  const shy = { ...dog, cooperationZones: [{ zone: 'earFront' as const, factor: 1.6 }] };
  // Half the hair of the step is where the dog will not be touched: half of 0.6 more.
  expect(cooperationFactor(shy, 'ears', ['earFront', 'earBack'], hair)).toBeCloseTo(1.3, 10);
  expect(cooperationFactor(shy, 'ears', ['earFront', 'ribs'], hair)).toBeCloseTo(1.15, 10);
  expect(cooperationFactor(shy, 'nails', null, hair)).toBe(1);
  expect(cooperationFactor(shy, 'bath', 'all', hair)).toBeLessThan(1);
});

it('plans more time where a dog lets a zone be touched badly, and no more elsewhere', () => {
  const hale = demo.dogs.find((d) => d.name === 'Hale')!;
  const zones = (['earFront', 'earBack', 'earSurface', 'earUnder', 'earFringe', 'behindEar'] as const).map((zone) => ({
    zone,
    factor: 1.6,
  }));
  const shy = { ...demo, dogs: demo.dogs.map((d) => (d.id === hale.id ? { ...d, cooperationZones: zones } : d)) };
  const minutes = (kennel: KennelFile, step: string): number => {
    const drafts = assembleProblem(makePlanInput(kennel, CARE_LIBRARY, demoDawn)).drafts;
    const found = drafts
      .filter((d) => d.dogId === hale.id)
      .flatMap((d) => d.steps)
      .find((s) => s.step.step === step);
    return found?.estimate.middleMin ?? 0;
  };
  expect(minutes(demo, 'ears')).toBeGreaterThan(0);
  expect(minutes(shy, 'ears') / minutes(demo, 'ears')).toBeCloseTo(1.6 / hale.cooperation, 5);
  expect(minutes(shy, 'throat')).toBe(minutes(demo, 'throat'));
});
