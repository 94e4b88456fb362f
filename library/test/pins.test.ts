/* Tasks that a lead has set: planning goes around them, and says so where that leaves no place. */
import { readFileSync } from 'node:fs';
import { TaskWindows, instantToMs, msToInstant, wallToMs } from '@loyal-mane/core';
import type { KennelFile, Plan, PlannedActivity, TaskPin, WallTime } from '@loyal-mane/core';
import { CARE_LIBRARY } from '../src/index.js';
import { readKennel } from '../src/reader/index.js';
import { kennelOf } from './kennels/kennelOf.js';
import { TWO_PEOPLE } from './kennels/plots.js';
import { sharedPlan } from './sharedPlan.js';

const kennel = kennelOf(TWO_PEOPLE);
const nowMs = wallToMs(kennel.startDay, '06:00' as WallTime, kennel.settings.timeZone);
const make = (k: KennelFile, previous: Plan | null = null): Plan => sharedPlan(k, { nowMs, rounds: 20, previous });
const plan = make(kennel);
const juniper = kennel.dogs.find((d) => d.name === 'Juniper')!;
const taskOf = (p: Plan, key: string): PlannedActivity | undefined => p.activities.find((a) => a.key === key);
const bath = plan.activities.find((a) => a.dogId === juniper.id && a.step === 'bath' && a.kind === 'show')!;
const withPins = (...pins: TaskPin[]): KennelFile => ({ ...kennel, pins });

it('a task that is set stays at its time with its hands, and the plan around it holds', () => {
  const { open } = new TaskWindows(kennel, CARE_LIBRARY, plan, nowMs).of(bath.key)!;
  const start = open.find((s) => s.from !== bath.start)!.from;
  const [personId] = bath.people;
  const after = make(withPins({ taskKey: bath.key, start, personId: personId! }), plan);
  expect(taskOf(after, bath.key)).toMatchObject({ start, people: [personId], reason: { code: 'pinned' } });
  expect(after.unplaced).toEqual([]);
  // Planned afresh it stays there too.
  expect(taskOf(make(withPins({ taskKey: bath.key, start })), bath.key)).toMatchObject({ start });
  // Asked where it could go, it answers as if it were not set.
  const windows = new TaskWindows(withPins({ taskKey: bath.key, start }), CARE_LIBRARY, after, nowMs);
  const starts = windows.of(bath.key)!.open.reduce((n, s) => n + (instantToMs(s.to) - instantToMs(s.from)), 0);
  expect(starts).toBeGreaterThan(3_600_000);
});

it('a time outside the days that are right leaves the dog without a place, and letting go is what helps', () => {
  const night = msToInstant(wallToMs(kennel.startDay, '23:00' as WallTime, kennel.settings.timeZone));
  const calm = {
    ...withPins({ taskKey: bath.key, start: night }),
    entries: kennel.entries.filter((e) => e.dogId === juniper.id),
  };
  const after = make(calm);
  const out = after.unplaced.find((u) => u.dogId === juniper.id);
  expect(out?.reason.remedies[0]).toMatchObject({ code: 'unpin', key: bath.key, step: 'bath' });
});

it('a start that has passed binds nobody', () => {
  const past = msToInstant(nowMs - 3_600_000);
  const after = make(withPins({ taskKey: bath.key, start: past }));
  expect(taskOf(after, bath.key)?.reason.code).not.toBe('pinned');
  expect(after.unplaced).toEqual([]);
});

it('is part of the kennel file, and names people and stations that there are', () => {
  const good = withPins({ taskKey: bath.key, start: bath.start, personId: kennel.people[0]!.id });
  expect(readKennel(JSON.stringify(good), CARE_LIBRARY)).toMatchObject({ ok: true, kennel: { pins: good.pins } });
  const demo = readFileSync(`${__dirname}/../demo/demo-kennel.json`, 'utf8');
  const strange = { ...(JSON.parse(demo) as KennelFile), pins: [{ ...good.pins![0] }] };
  expect(readKennel(JSON.stringify(strange), CARE_LIBRARY)).toMatchObject({
    ok: false,
    issues: [{ code: 'unknownId', path: 'pins[0].personId' }],
  });
});
