/* Lessons of a coat: settling and holding move aims and waits; a few logs alone move nothing. Common practice. */
import { holdMinutes, settlesWhen } from '@loyal-mane/core';
import { settlingEdits } from '../src/programs/settling.js';
import type { LocalDay, Settled } from '@loyal-mane/core';

const day = (n: number): LocalDay => `2026-06-${String(n).padStart(2, '0')}` as LocalDay;
const settles = (...right: Settled[]) => ({ settles: right.map((r, i) => ({ day: day(i + 1), right: r })) });
const holds = (...minutes: number[]) => ({ holds: minutes.map((m, i) => ({ day: day(i + 1), minutes: m })) });

describe('settling', () => {
  it.each([
    [settles(), null],
    [settles('afterTwo'), null],
    [settles('afterTwo', 'afterTwo'), 'afterTwo'],
    [settles('nextDay', 'nextDay', 'sameDay', 'sameDay'), 'sameDay'],
    [settles('afterTwo', 'afterTwo', 'sameDay', 'sameDay', 'sameDay', 'afterTwo'), 'sameDay'],
  ])('%j: %s', (dog, when) => {
    expect(settlesWhen(dog)).toBe(when);
  });

  it('moves the aim a day either way, and not at all for the usual night', () => {
    expect(settlingEdits(settles('afterTwo', 'afterTwo'))).toEqual([{ edit: 'shiftAim', days: -1 }]);
    expect(settlingEdits(settles('sameDay', 'sameDay'))).toEqual([{ edit: 'shiftAim', days: 1 }]);
    expect(settlingEdits(settles('nextDay', 'nextDay'))).toEqual([]);
  });
});

describe('holding', () => {
  it.each([
    [holds(), null],
    [holds(60), 60],
    [holds(60, 90), 75],
    [holds(200, 60, 90, 70), 80],
  ])('%j: %s', (dog, minutes) => {
    expect(holdMinutes(dog)).toBe(minutes);
  });

  it('brings the finish nearer to the gate the shorter it holds', () => {
    const waits = [240, 80, 60, 20].map((m) => settlingEdits(holds(m))[0]);
    expect(waits).toMatchObject([
      { step: 'gate', min: 15, max: 40 },
      { step: 'gate', min: 15, max: 35 },
      { step: 'gate', min: 15, max: 15 },
      { step: 'gate', min: 5, max: 5 },
    ]);
  });
});
