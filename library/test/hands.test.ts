/* Tasks are planned with the minutes of whoever does them: a slow brusher takes longer than a quick one. */
import { readFileSync } from 'node:fs';
import { instantToMs, learnPace, wallToMs } from '@loyal-mane/core';
import type { KennelFile, PlannedActivity, StepId, WallTime } from '@loyal-mane/core';
import { sharedPlan } from './sharedPlan.js';

const demo = JSON.parse(readFileSync(`${__dirname}/../demo/demo-kennel.json`, 'utf8')) as KennelFile;
const idOf = (name: string) => demo.people.find((p) => p.name === name)?.id;
const BRUSHING: readonly StepId[] = ['keepUpBrush', 'brushOut1', 'combThrough'];
/** How long they take for brushing, against what is expected of anybody. */
const TAKES = new Map([
  [idOf('Tuva Lind'), 1.5],
  [idOf('Asta Berg'), 0.7],
]);

const file: KennelFile = {
  ...demo,
  work: demo.work.map((w) => {
    const takes = BRUSHING.includes(w.step) ? TAKES.get(w.personId) : undefined;
    return takes === undefined || w.expectedMin === undefined ? w : { ...w, workedMs: w.expectedMin * takes * 60_000 };
  }),
};
const zone = file.settings.timeZone;
const nowMs = wallToMs(file.startDay, '00:00' as WallTime, zone);
const pace = learnPace(
  file.work.flatMap((w) =>
    w.state === 'done' && w.expectedMin !== undefined && w.finishedAt !== undefined
      ? [{ ...w, personId: w.personId ?? null, expectedMin: w.expectedMin, actualMin: w.workedMs / 60_000 }]
      : [],
  ),
);

const attendedMin = (a: PlannedActivity): number => (instantToMs(a.attendedUntil) - instantToMs(a.start)) / 60_000;
/** A run is rounded as a whole: one step of it may have up to this much more or less than its own minutes. */
const ROUNDED_MIN = 10;

/** Minutes that whoever does a brushing takes for it. */
function own(a: PlannedActivity): number {
  const factor = pace.person(a.people[0] ?? '', a.step).factor * pace.dog(a.dogId, a.step).factor;
  return a.minutes.usual * factor;
}

const isFar = (a: PlannedActivity, minutes: number): boolean => Math.abs(attendedMin(a) - minutes) > ROUNDED_MIN;

const plan = sharedPlan(file, { nowMs, rounds: 8 });
const brushings = plan.activities.filter((a) => a.step === 'keepUpBrush' && a.state === 'planned');

it('gives a brushing as many minutes as the one who does it takes', () => {
  const slow = pace.person(idOf('Tuva Lind') ?? '', 'keepUpBrush').factor;
  const quick = pace.person(idOf('Asta Berg') ?? '', 'keepUpBrush').factor;
  expect(slow / quick).toBeGreaterThan(1.3);
  expect(new Set(brushings.map((a) => a.people[0])).size).toBeGreaterThan(2);
  expect(brushings.filter((a) => isFar(a, own(a))).length).toBeLessThanOrEqual(0.1 * brushings.length);
  const mine = (name: string): PlannedActivity[] => brushings.filter((a) => a.people[0] === idOf(name));
  const sum = (list: readonly PlannedActivity[], of: (a: PlannedActivity) => number): number =>
    list.reduce((total, a) => total + of(a), 0);
  // All brushings of one person together take what that person takes, and not what the middle of the crew does.
  for (const name of ['Tuva Lind', 'Jonas Fell']) {
    const list = mine(name);
    if (list.length < 5) continue;
    expect(sum(list, attendedMin) / sum(list, own)).toBeGreaterThan(0.85);
    expect(sum(list, attendedMin) / sum(list, own)).toBeLessThan(1.2);
  }
});

it('leaves nobody unready for it, and keeps to it when it plans again', () => {
  const shows = (p: typeof plan): string[] => p.unplaced.filter((u) => u.kind === 'show').map((u) => u.key);
  expect(shows(plan).length).toBeLessThanOrEqual(3);
  const again = sharedPlan(file, { nowMs, rounds: 8, previous: plan });
  expect(shows(again)).toEqual(shows(plan));
  const before = new Map(plan.activities.map((a) => [a.key, `${a.start} ${a.end} ${a.people.join()}`]));
  const moved = again.activities.filter((a) => before.get(a.key) !== `${a.start} ${a.end} ${a.people.join()}`);
  expect(moved.length).toBeLessThanOrEqual(0.05 * plan.activities.length);
});
