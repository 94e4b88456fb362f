/* Rules of a plan that a lead works by: runs rounded, walks, rests, tests before a blade, who hands over and why. */
import { DEFAULT_WORK_LIMITS, WorkingSchedule } from '../src/index.js';
import type { ProgramStep, StepId } from '../src/index.js';
import { continuitiesOf } from '../src/plan/assemble/continuities.js';
import { FreshChecks } from '../src/plan/assemble/freshChecks.js';
import { carriedAfter, slotsInRun } from '../src/plan/assemble/roundedRun.js';
import { withWalks } from '../src/plan/assemble/walks.js';
import { handOversOf } from '../src/plan/explain/handedOver.js';
import type { TaskFields, Task } from '../src/plan/problem.js';
import { DEFAULT_WEIGHTS, Problem } from '../src/plan/problem.js';
import { restsLacking } from '../src/plan/search/rests.js';
import { DAY, person, station, task } from './tinyKennel.js';

describe('a run of steps is rounded, not each step', () => {
  const total = (minutes: readonly number[], careful = false): number => {
    let carried = 0;
    let slots = 0;
    for (const m of minutes) {
      const given = slotsInRun(m, carried, Infinity, careful);
      carried = carriedAfter(m, carried, given);
      slots += given;
    }
    return slots * 5;
  };

  it.each([
    [[3, 12, 4], 20],
    [[7, 7, 7, 7], 25],
    [[30], 30],
    [[22, 23, 21, 24], 90],
  ])('%j minutes take %i', (minutes, taken) => {
    expect(total(minutes)).toBe(taken);
  });

  it('on a show morning it is never too short', () => {
    for (const run of [
      [31, 9.3],
      [20.5, 7, 14],
      [36.9, 5.8],
    ])
      expect(total(run, true)).toBeGreaterThanOrEqual(run.reduce((x, y) => x + y, 0));
  });

  it('every step has a slot, and a day’s limit is kept', () => {
    expect(slotsInRun(2, 10)).toBe(1);
    expect(slotsInRun(33, 0, 30)).toBe(6);
    expect(slotsInRun(4, 0, 3)).toBe(1);
  });

  it('no more than ten minutes are passed on', () => {
    expect(carriedAfter(1, 9, 1)).toBe(10);
    expect(carriedAfter(60, 0, 6)).toBe(-10);
  });
});

/** Tasks of one chain, one after the other as soon as can be. */
function chainOf(steps: readonly (readonly [StepId, number, Partial<TaskFields>?])[]): Task[] {
  return steps.map(([step, slots, more], index) =>
    task({ index, step, duration: slots, attended: slots, follows: index > 0, ...more }),
  );
}

describe('walks', () => {
  const walk = { afterMin: 120, min: 15 };
  const lags = (list: readonly Task[]): number[] => withWalks(list, walk).map((a) => a.lagMin);

  it('come before the step that would pass two hours', () => {
    expect(
      lags(
        chainOf([
          ['brushOut1', 10],
          ['nails', 10],
          ['clip', 6],
        ]),
      ),
    ).toEqual([0, 0, 3]);
  });

  it('never between tub and dry coat: before the bath, or after the check', () => {
    const list = chainOf([
      ['brushOut1', 12],
      ['bath', 6],
      ['towel', 1, { lagMax: 0 }],
      ['forceDry', 7, { lagMax: 2 }],
      ['heatDry', 6, { lagMax: 3 }],
      ['dryCheck', 1, { lagMax: 4 }],
      ['lineBrush', 4],
    ]);
    expect(lags(list)).toEqual([0, 3, 0, 0, 0, 0, 3]);
  });

  it('are not asked for by a ride, a look or work of another day', () => {
    const list = chainOf([
      ['brushOut1', 20],
      ['inspection', 10],
      ['load', 10],
      ['finish', 8, { follows: false }],
    ]);
    expect(lags(list)).toEqual([0, 0, 0, 0]);
  });
});

/** A problem of one chain with its continuities, at the places that are told. */
function worked(
  list: readonly Task[],
  places: readonly (readonly [start: number, worker: number])[],
  workers = [person(['scissor', 'brush', 'bath', 'dry']), person(['scissor', 'brush', 'bath', 'dry'])],
): WorkingSchedule {
  const problem = new Problem({
    horizon: DAY,
    now: 0,
    dayStarts: [0],
    workers,
    machines: [station('table'), station('tub')],
    supplies: [],
    jobs: [{ name: 'Dog', site: new Int8Array(DAY + 1), strainCap: DAY }],
    chains: [
      {
        index: 0,
        key: 'c0',
        kind: 'show',
        job: 0,
        cost: 1000,
        needs: -1,
        acts: list.map((a) => a.index),
        continuities: continuitiesOf(list),
      },
    ],
    activities: list,
    weights: DEFAULT_WEIGHTS,
  });
  return new WorkingSchedule(
    problem,
    places.map(([start, worker]) => ({ start, worker, second: -1, machine: -1 })),
  );
}

describe('who keeps what', () => {
  it('scissor work from the trim to the ring, each wet run, brushing and table by visit', () => {
    const list = chainOf([
      ['brushOut1', 2, { station: 'table' }],
      ['trimBath', 2],
      ['heatDry', 2],
      ['roughTrim', 2, { station: 'table' }],
      ['brushOut1', 2, { station: 'table' }],
      ['bath', 2],
      ['heatDry', 2],
      ['lineBrush', 2, { station: 'table' }],
      ['fineTrim', 2, { station: 'table' }],
      ['finish', 2, { station: 'table' }],
    ]);
    expect(continuitiesOf(list).map((c) => [c.of, c.members])).toEqual([
      ['worker', [3, 8, 9]],
      ['worker', [1, 2]],
      ['worker', [5, 6]],
      ['machine', [0, 3]],
      ['worker', [4, 7]],
      ['machine', [4, 7, 8]],
    ]);
  });
});

describe('who hands over says why', () => {
  const scissors = (more: Partial<TaskFields> = {}): Partial<TaskFields> => ({
    skill: 'scissor',
    station: null,
    ...more,
  });
  const trims = chainOf([
    ['roughTrim', 4, scissors()],
    ['fineTrim', 4, scissors()],
    ['finish', 4, scissors()],
  ]);
  const causes = (at: WorkingSchedule): unknown[] => [...handOversOf(at, 0)].map(([i, h]) => [i, h.keeper, h.cause]);
  const three = [
    [100, 0],
    [110, 0],
    [120, 1],
  ] as const;

  it('nothing forces it: nothing is said', () => {
    expect(causes(worked(trims, three))).toEqual([]);
  });

  it('one pair of hands was tried in vain: what would have given way', () => {
    const inVain = new Map([0, 1, 2].map((i) => [i, 'elseOut'] as const));
    expect([...handOversOf(worked(trims, three), 0, inVain)].map(([i, h]) => [i, h.cause])).toEqual([[2, 'elseOut']]);
  });

  it('the keeper is not there, or cannot', () => {
    const gone = [person(['scissor'], 90, 105, 10), person(['scissor'])];
    expect(causes(worked(trims, three, gone))).toEqual([[2, 0, 'notThere']]);
    const brush = chainOf([
      ['roughTrim', 4, scissors()],
      ['fineTrim', 4, scissors()],
      ['finish', 4, { skill: 'brush', station: null }],
    ]);
    expect(causes(worked(brush, three, [person(['scissor']), person(['brush'])]))).toEqual([[2, 0, 'skill']]);
  });

  it('the keeper has had the day’s scissor work', () => {
    const fine = chainOf([
      ['roughTrim', 4, scissors({ precision: 1 })],
      ['fineTrim', 4, scissors({ precision: 1 })],
      ['finish', 4, scissors({ precision: 1 })],
    ]);
    const tired = { ...person(['scissor']), precisionCap: 10 };
    expect(causes(worked(fine, three, [tired, person(['scissor'])]))).toEqual([[2, 0, 'scissorMinutes']]);
  });
});

describe('rests', () => {
  const brush: Partial<TaskFields> = { skill: 'brush', station: null };

  it('are lacking where somebody works four and a half hours through, and lie near the middle', () => {
    const list = chainOf(Array.from({ length: 8 }, () => ['keepUpBrush', 8, brush] as const));
    const places = list.map((_, k) => [90 + 8 * k, 0] as const);
    const at = worked(list, places);
    const rests = restsLacking(at.problem, at.schedule(), DEFAULT_WORK_LIMITS);
    expect(rests).toHaveLength(1);
    const [rest] = rests;
    expect(rest?.to).toBe((rest?.from ?? 0) + 3);
    expect(Math.abs((rest?.from ?? 0) - (90 + 30))).toBeLessThan(8);
  });

  it('a pause of a quarter of an hour is enough; one of ten minutes is not', () => {
    const list = chainOf(Array.from({ length: 8 }, () => ['keepUpBrush', 8, brush] as const));
    const withGap = (gap: number): WorkingSchedule =>
      worked(
        list,
        list.map((_, k) => [90 + 8 * k + (k >= 4 ? gap : 0), 0] as const),
      );
    expect(restsLacking(withGap(3).problem, withGap(3).schedule(), DEFAULT_WORK_LIMITS)).toEqual([]);
    expect(restsLacking(withGap(2).problem, withGap(2).schedule(), DEFAULT_WORK_LIMITS)).toHaveLength(1);
    const lifted = { ...DEFAULT_WORK_LIMITS, personWorkMin: Infinity };
    expect(restsLacking(withGap(2).problem, withGap(2).schedule(), lifted)).toEqual([]);
  });

  it('a night of less than eleven hours is lengthened where fewer minutes of work lie', () => {
    const [evening, morning] = [20 * 12, DAY + 6 * 12];
    const list = chainOf([
      ['keepUpBrush', 6, brush],
      ['keepUpBrush', 12, brush],
    ]);
    const one = worked(list, []).problem;
    const at = { problem: one.with({ horizon: 2 * DAY, dayStarts: [0, DAY, 2 * DAY] }), schedule: () => placed };
    const placed = [evening, morning].map((start) => ({ start, worker: 0, second: -1, machine: -1 }));
    const rests = restsLacking(at.problem, at.schedule(), DEFAULT_WORK_LIMITS);
    expect(rests).toEqual([{ person: 0, from: morning - 11 * 12, to: evening + 6 }]);
    expect(restsLacking(at.problem, at.schedule(), { ...DEFAULT_WORK_LIMITS, nightRestHours: 9 })).toEqual([]);
  });
});

describe('tests before a blade', () => {
  const step = (id: StepId, more: Partial<ProgramStep> = {}): ProgramStep => ({
    ...({ step: id, row: id, share: 1, factor: 1, plusMin: 0, perDayMin: null, times: 'once', skill: null } as const),
    ...({ tools: null, from: { of: 'ring', min: 0 }, to: { of: 'ring', min: 0 }, anchor: false, lagMin: 0 } as const),
    ...({ aim: { of: 'follow' }, lagMaxMin: null, since: [], when: [], restMin: 0 } as const),
    ...{ skipWhenPast: false, careful: false },
    ...more,
  });
  const steps = ['dryCheck', 'combThrough', 'roughTrim', 'fineTrim', 'outlineCheck'] as const;
  const put = (checks: FreshChecks, id: StepId, minutes: number, more: Partial<ProgramStep> = {}): string[] =>
    checks.before(step(id, more), minutes).tests.map((t) => t.step);
  const fresh = (): FreshChecks =>
    new FreshChecks(
      steps.map((s) => step(s)),
      45,
    );

  it('none on the day of the test, as long as the dog may stand', () => {
    const checks = fresh();
    expect(put(checks, 'dryCheck', 5)).toEqual([]);
    expect(put(checks, 'roughTrim', 30)).toEqual([]);
    expect(put(checks, 'fineTrim', 15)).toEqual([]);
  });

  it('a day that is full leads to the next, which begins with comb and test', () => {
    const checks = fresh();
    put(checks, 'dryCheck', 5);
    put(checks, 'roughTrim', 40);
    const { tests, step: trim } = checks.before(step('fineTrim'), 20);
    expect(tests.map((t) => [t.step, t.lagMin])).toEqual([
      ['combThrough', 12 * 60],
      ['dryCheck', 0],
    ]);
    expect(trim.aim).toEqual({ of: 'follow' });
    expect(put(checks, 'ears', 10)).toEqual([]);
  });

  it('a trim with a day of its own, or after a night, is tested for; coats without tests are not', () => {
    const checks = fresh();
    put(checks, 'dryCheck', 5);
    const aim = { of: 'prepDay', day: -3, time: '10:00' } as const;
    expect(put(checks, 'fineTrim', 20, { aim, anchor: true })).toEqual(['combThrough', 'dryCheck']);
    checks.anotherDay();
    expect(put(checks, 'ears', 5)).toEqual(['combThrough', 'dryCheck']);
    expect(put(new FreshChecks([step('fineTrim')], 45), 'fineTrim', 60)).toEqual([]);
  });

  it('the outline check of a full day waits for the next, without a test', () => {
    const checks = fresh();
    put(checks, 'dryCheck', 5);
    put(checks, 'fineTrim', 45);
    const { tests, step: look } = checks.before(step('outlineCheck'), 5);
    expect([tests.length, look.lagMin]).toEqual([0, 12 * 60]);
  });
});
