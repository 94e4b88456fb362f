/* The starting minutes against the trade's loose checks (common practice; 34 kg and 11 kg are assumptions, as marked). */
import { readFileSync } from 'node:fs';
import { assembleProblem, cooperationFactor, estimate, makePlanInput, planKennel, wallToMs } from '@loyal-mane/core';
import type { CoatColumn, EstimateFacts, KennelFile, WallTime, WorkRecord } from '@loyal-mane/core';
import { CARE_LIBRARY, MINUTES } from '../src/index.js';
import type { MinutesKey } from '../src/index.js';
import { restsOnWords } from '../src/words/index.js';

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

it('a natural retriever trim takes about 23 minutes, loosely (CP-37, factor 2)', () => {
  const minutes = sum(['naturalTrim'], 'jacketed', facts(32));
  within(minutes, 21, 0.05);
  expect(minutes).toBeGreaterThan(23 / 2);
  expect(minutes).toBeLessThan(23 * 2);
});

it('a curly puppy of 11 kg is clipped and scissored in about 20 minutes, within 30 % (CP-25)', () => {
  within(sum(['roughTrim'], 'scissored', facts(11, { puppy: true })), 20, 0.3);
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
  const logs = (factor: number, count: number): WorkRecord[] =>
    Array.from({ length: count }, (_, k) => ({
      taskKey: `x:${String(k)}` as WorkRecord['taskKey'],
      dogId: dog?.id as WorkRecord['dogId'],
      step: 'brushOut1',
      state: 'done',
      startedAt: '2026-06-01T08:00:00.000Z' as WorkRecord['startedAt'] & string,
      finishedAt: '2026-06-01T09:00:00.000Z' as WorkRecord['finishedAt'] & string,
      workedMs: 30 * factor * 60_000,
      expectedMin: 30,
    }));
  const brushing = (work: WorkRecord[]) =>
    planKennel({ ...file, work }, CARE_LIBRARY, { nowMs, rounds: 1 }).activities.find(
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
      'It rests on 12 finished tasks of this dog, which is 35 % slower than usual.',
    );
  }, 60_000);
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
