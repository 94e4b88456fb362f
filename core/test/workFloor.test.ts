/* Soak clocks, checks at the tub and the meters of a day, reckoned from records alone. */
import fc from 'fast-check';
import type { CareLibrary, Instant, PersonId, SoakRecord, StepId, WorkRecord } from '../src/index.js';
import {
  conditionerAfter,
  exitChecks,
  exitTick,
  noiseMinutesLeft,
  noiseToday,
  openBefore,
  openChecks,
  openSoaks,
  scissorMinutes,
  soakAt,
  stoodMinutes,
  withSoak,
  withSoakEnded,
  withSoaksEnded,
} from '../src/index.js';

const T0 = Date.parse('2026-06-17T08:00:00Z');
const MIN = 60_000;
const at = (min: number): Instant => new Date(T0 + min * MIN).toISOString() as Instant;

const soak = (more: Partial<SoakRecord> = {}): SoakRecord => ({
  id: 'soak-one',
  product: 'whiteningWash',
  at: at(0),
  leastMin: 5,
  mostMin: 10,
  ...more,
});
const task = (more: Partial<WorkRecord> = {}): WorkRecord =>
  ({
    taskKey: 'k',
    dogId: 'dog',
    step: 'bath',
    state: 'running',
    workedMs: 0,
    startedAt: at(0),
    ...more,
  }) as WorkRecord;

describe('a soak clock', () => {
  it.each([
    [0, 'early', 5],
    [4.9, 'early', 0.1],
    [5, 'ready', 5],
    [9, 'ready', 1],
    [10, 'over', 0],
    [13, 'over', -3],
    // A device whose clock is an hour behind shows a soak that has just begun.
    [-60, 'early', 5],
  ] as const)('%d min in: %s, %d min left', (min, phase, left) => {
    const now = soakAt(soak(), T0 + min * MIN);
    expect(now.phase).toBe(phase);
    expect(now.leftMs / MIN).toBeCloseTo(left, 6);
  });

  it('never drifts: read at any moments, in any order, it tells the same as if it were read once', () => {
    const readings = fc.array(fc.integer({ min: 0, max: 3_600_000 }), { minLength: 1, maxLength: 30 });
    fc.assert(
      fc.property(
        readings,
        fc.integer({ min: 0, max: 20 }),
        fc.integer({ min: 0, max: 40 }),
        (moments, least, more) => {
          const one = soak({ leastMin: least, mostMin: least + more });
          for (const ms of moments) soakAt(one, T0 + ms);
          const last = moments.at(-1) ?? 0;
          const now = soakAt(one, T0 + last);
          expect(now.workedMs).toBe(last);
          expect(now.share).toBeLessThanOrEqual(1);
          expect(now.phase === 'over').toBe(last >= (least + more) * MIN);
        },
      ),
      { seed: 17, numRuns: 200 },
    );
  });

  it('begins once however often it is told, only on begun work, and several run side by side', () => {
    const one = withSoak(task(), soak());
    expect(withSoak(one, soak())).toBe(one);
    expect(withSoak(null, soak())).toBeNull();
    expect(withSoak(task({ state: 'skipped' }), soak())).toBeNull();
    const two = withSoak(one, soak({ id: 'soak-two', at: at(1), mostMin: 3, leastMin: 3 }));
    const other = task({ taskKey: 'x' as WorkRecord['taskKey'], soaks: [soak({ id: 'soak-three', at: at(-8) })] });
    // Those that are due first come first.
    expect(openSoaks([two as WorkRecord, other]).map((o) => o.soak.id)).toEqual(['soak-three', 'soak-two', 'soak-one']);
  });

  it('ends once: in whatever order two ends arrive, the earlier counts, never before it began', () => {
    const record = withSoak(task(), soak()) as WorkRecord;
    const ends = fc.array(fc.integer({ min: -10, max: 30 }), { minLength: 1, maxLength: 5 });
    fc.assert(
      fc.property(ends, (minutes) => {
        const after = minutes.reduce<WorkRecord>((r, m) => withSoakEnded(r, 'soak-one', at(m)) as WorkRecord, record);
        expect(after.soaks?.[0]?.endedAt).toBe(at(Math.max(0, Math.min(...minutes))));
        expect(openSoaks([after])).toEqual([]);
      }),
      { seed: 3, numRuns: 100 },
    );
    expect(withSoakEnded(record, 'no such soak', at(1))).toBeNull();
    expect(withSoaksEnded(record, at(7)).soaks?.[0]?.endedAt).toBe(at(7));
    const none = task();
    expect(withSoaksEnded(none, at(7))).toBe(none);
  });
});

describe('checks at the tub', () => {
  it('go over the whole dog after a bath, over the whites after theirs; cotton is asked for when the last water is out', () => {
    expect(exitChecks('bath', 'double', true)).not.toContain('cotton');
    expect(exitChecks('bath', 'double', false)).toEqual([...exitChecks('bath', 'double', true), 'cotton']);
    expect(exitChecks('condition', 'double', false)).toEqual(['product', 'cotton']);
    expect(exitChecks('bathWhites', 'heavySheepdog', false)).not.toContain('belly');
    expect(exitChecks('bath', 'wire', false)).not.toContain('tail');
    expect(exitChecks('lineBrush', 'double', false)).toEqual([]);
  });

  it('that are ticked are confirmed', () => {
    expect(openChecks(['feet', 'vent', 'cotton'], [exitTick('vent'), 'part.tail'])).toEqual(['feet', 'cotton']);
  });

  it('know the conditioner of the same bath from that of another', () => {
    const bath = { dogId: 'd', step: 'bath' as StepId, start: at(0) } as const;
    const tasks = (min: number, dogId = 'd') => [{ dogId, step: 'condition' as StepId, start: at(min) }] as never[];
    expect(conditionerAfter(bath as never, tasks(20))).toBe(true);
    for (const [min, dog] of [
      [-20, 'd'],
      [24 * 60, 'd'],
      [20, 'other'],
    ] as const)
      expect(conditionerAfter(bath as never, tasks(min, dog))).toBe(false);
    expect(conditionerAfter(undefined, tasks(20))).toBe(false);
  });
});

describe('meters of a day', () => {
  const needs = (more: object) => ({ stands: false, scissors: false, noiseDba: 0, ...more });
  const steps = {
    fineTrim: needs({ stands: true, scissors: true }),
    whiskers: needs({ scissors: true }),
    forceDry: needs({ noiseDba: 88 }),
    blowOut: needs({ noiseDba: 91 }),
  } as unknown as CareLibrary['steps'];
  const done = (step: StepId, min: number, more: Partial<WorkRecord> = {}): WorkRecord =>
    task({ step, state: 'done', workedMs: min * MIN, personId: 'ivo' as PersonId, ...more });
  const ask = (work: readonly WorkRecord[]) => ({
    work,
    library: { steps },
    zone: 'Europe/Oslo',
    nowMs: T0 + 60 * MIN,
  });

  it('add up today’s tasks of the dog and of the person, what runs included', () => {
    const work = [
      done('fineTrim', 20),
      done('fineTrim', 5, { state: 'running', runningSince: at(50) }),
      done('fineTrim', 30, { startedAt: at(-24 * 60) }),
      done('whiskers', 3),
      done('fineTrim', 9, { dogId: 'other' as WorkRecord['dogId'], personId: 'pia' as PersonId }),
    ];
    expect(stoodMinutes(ask(work), 'dog')).toBeCloseTo(35, 6);
    expect(scissorMinutes(ask(work), 'ivo')).toBeCloseTo(38, 6);
  });

  it('count noise by both published limits', () => {
    // 60 min at 88 dBA are an eighth of 480 x 1/2 = 240; 30 min at 91 dBA a quarter of 120 (PUB-02).
    const work = [done('forceDry', 60), done('blowOut', 30)];
    const { recommended, regulatory } = noiseToday(ask(work), 'ivo');
    expect(recommended).toBeCloseTo(25 + 25, 6);
    // PUB-03: 480 / 2^((88 - 90) / 5) = 633.4 min, 480 / 2^((91 - 90) / 5) = 417.9 min.
    expect(regulatory).toBeCloseTo((60 / 633.38) * 100 + (30 / 417.87) * 100, 1);
    expect(noiseMinutesLeft(50, 91)).toBeCloseTo(60, 6);
    expect(noiseMinutesLeft(130, 91)).toBe(0);
  });
});

describe('the order of work on a dog', () => {
  interface Planned {
    readonly key: string;
    readonly dogId: string;
    readonly step: StepId;
    readonly start: Instant;
  }
  const planned = (step: StepId, min: number, dogId = 'a'): Planned => ({
    ...{ key: `${dogId} ${step} ${String(min)}`, dogId, step, start: at(min) },
  });
  const day = [
    planned('brushOut1', 0),
    planned('preTreat', 20),
    planned('nails', 30),
    planned('bath', 40),
    planned('condition', 60),
    planned('forceDry', 70),
    planned('heatDry', 90),
    planned('dryCheck', 110),
    planned('fineTrim', 120),
    planned('outlineCheck', 150),
    planned('brushOut1', 10, 'b'),
  ];
  const asked = (step: StepId, done: readonly StepId[] = []) => {
    const task = day.find((t) => t.step === step && t.dogId === 'a') as Planned;
    const before = openBefore(task, day, (t) => t.dogId === 'a' && done.includes(t.step));
    return before === null ? null : [before.task.key, before.why];
  };

  it('a bath rests on the brush-out, not on nails or stains, nor on another dog’s', () => {
    expect(asked('bath')).toEqual(['a brushOut1 0', 'matsSet']);
    expect(asked('bath', ['brushOut1'])).toBeNull();
  });

  it.each([
    ['condition', [], 'unwashed'],
    ['heatDry', ['bath'], 'unconditioned'],
    ['heatDry', ['bath', 'condition'], 'unblown'],
    ['dryCheck', ['forceDry'], 'stillWet'],
    ['fineTrim', ['forceDry', 'heatDry'], 'untested'],
    ['outlineCheck', [], 'uncut'],
  ] as const)('%s with %j done: %s', (step, done, why) => {
    expect(asked(step, done)?.[1]).toBe(why);
  });

  it('the first steps rest on nothing, and what was planned a day before is other work', () => {
    expect(asked('brushOut1')).toBeNull();
    expect(asked('preTreat')).toBeNull();
    const bath = planned('bath', 25 * 60);
    expect(openBefore(bath, [...day, bath], () => false)).toBeNull();
  });
});
