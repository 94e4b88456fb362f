/*
 * Cooperation learned from a dog's breaks and overruns: counted by hand.
 */
import { borneWork, borneZones } from '../src/index.js';
import type { WorkRecord } from '../src/index.js';
import { withLearnedZones } from '../src/programs/learnedCooperation.js';

const DOG = 'dog-1' as WorkRecord['dogId'];

function task(day: number, minutes: number, more: Partial<WorkRecord> = {}): WorkRecord {
  const at = `2026-05-${String(day).padStart(2, '0')}T09:00:00Z` as NonNullable<WorkRecord['finishedAt']>;
  return {
    taskKey: `t${String(day)}` as WorkRecord['taskKey'],
    dogId: DOG,
    step: 'lineBrush',
    state: 'done',
    workedMs: minutes * 60_000,
    expectedMin: 40,
    finishedAt: at,
    ...more,
  };
}
const pause = (cause: 'dog' | 'calledAway', zones?: ('belly' | 'tail')[]) => ({
  at: '2026-05-01T08:30:00Z' as NonNullable<WorkRecord['finishedAt']>,
  cause,
  ...(zones === undefined ? {} : { zones }),
});

describe('kinds of work', () => {
  it('counts breaks that the dog asked for, not those of people, and the median of what it took', () => {
    const work = [
      task(1, 40, { pauses: [pause('dog'), pause('calledAway')] }),
      task(2, 60),
      task(3, 48, { pauses: [pause('dog', ['tail'])] }),
      task(4, 30, { dogId: 'dog-2' as WorkRecord['dogId'], pauses: [pause('dog')] }),
    ];
    expect(borneWork(DOG, work)).toEqual([{ step: 'lineBrush', tasks: 3, breaks: 2, overrun: 1.2, trend: null }]);
  });

  it('tells a trend from six tasks on, by their order in time and not in the list', () => {
    const slow = [50, 52, 51].map((min, i) => task(1 + i, min));
    const quick = [40, 41, 39].map((min, i) => task(11 + i, min));
    expect(borneWork(DOG, [...quick, ...slow])[0]?.trend).toBe('better');
    const worse = quick.map((w, i) => ({
      ...w,
      finishedAt: slow[i]?.finishedAt as NonNullable<WorkRecord['finishedAt']>,
    }));
    const later = slow.map((w, i) => ({
      ...w,
      finishedAt: quick[i]?.finishedAt as NonNullable<WorkRecord['finishedAt']>,
    }));
    expect(borneWork(DOG, [...worse, ...later])[0]?.trend).toBe('worse');
    expect(
      borneWork(
        DOG,
        [...slow, ...quick].map((w) => ({ ...w, workedMs: 40 * 60_000 })),
      )[0]?.trend,
    ).toBe('steady');
    expect(borneWork(DOG, [...slow, ...quick].slice(1))[0]?.trend).toBeNull();
  });

  it('is not turned by one odd day', () => {
    const work = [40, 41, 39, 40, 160, 40].map((min, i) => task(1 + i, min));
    expect(borneWork(DOG, work)[0]?.trend).toBe('steady');
  });
});

describe('zones', () => {
  const work = [
    task(1, 40, { pauses: [pause('dog', ['belly'])] }),
    task(2, 40, { step: 'combThrough' }),
    task(3, 40, { pauses: [pause('dog', ['belly']), pause('dog', ['belly', 'tail'])] }),
    task(4, 40, { step: 'bath' }),
  ];

  it('a break in a share of the tasks of that kind, shrunk by two tasks without', () => {
    const [belly, tail] = ['belly', 'tail'].map((zone) => borneZones(DOG, work).find((z) => z.zone === zone));
    expect(belly).toMatchObject({ breaks: 2, tasks: 3 });
    expect(belly?.factor).toBeCloseTo(1 + 0.6 * (2 / 5), 9);
    expect(tail).toMatchObject({ breaks: 1, tasks: 3 });
    expect(tail?.factor).toBeCloseTo(1 + 0.6 * (1 / 5), 9);
  });

  it('reaches the plan’s minutes, and what somebody entered stays', () => {
    const dog = { id: DOG, cooperation: 1.1, cooperationZones: [{ zone: 'tail' as const, factor: 0.9 }] };
    const zones = withLearnedZones(dog, work).cooperationZones;
    expect(zones).toHaveLength(2);
    expect(zones[0]).toEqual({ zone: 'tail', factor: 0.9 });
    expect(zones[1]?.zone).toBe('belly');
    expect(zones[1]?.factor).toBeCloseTo(1.1 * 1.24, 9);
    expect(withLearnedZones(dog, [])).toBe(dog);
  });
});
