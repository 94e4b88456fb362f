/* A dryer that fails under a wet dog: the force dryer dries it through at once, and the entry keeps its place. */
import { readFileSync } from 'node:fs';
import { addDays, instantToMs, localDayOf, planBreaks, planKennel, wallToMs } from '@loyal-mane/core';
import type { KennelFile, Plan, PlannedActivity, WallTime, WorkRecord } from '@loyal-mane/core';
import { CARE_LIBRARY } from '../src/index.js';
import { noteWords } from '../src/words/index.js';
import { fewDogs } from './kennels/fewDogs.js';
import { firstShowOf } from './kennels/firstShow.js';

const DEMO = JSON.parse(readFileSync(`${__dirname}/../demo/demo-kennel.json`, 'utf8')) as KennelFile;
const TOLLE = fewDogs(firstShowOf(DEMO), ['Tolle']);
const ZONE = TOLLE.settings.timeZone;
const DAWN_MS = wallToMs(TOLLE.startDay, '07:00' as WallTime, ZONE);
const HOME = TOLLE.sites.find((s) => s.home)?.id;
const planOf = (kennel: KennelFile, nowMs: number, previous: Plan | null = null): Plan =>
  planKennel(kennel, CARE_LIBRARY, { nowMs, rounds: 4, previous });

const before = planOf(TOLLE, DAWN_MS);
const bath = before.activities.find((a) => a.state === 'planned' && a.step === 'bath') as PlannedActivity;
const towel = before.activities.find((a) => a.state === 'planned' && a.step === 'towel') as PlannedActivity;
/** The dog is out of the tub, wet, and rubbed down. */
const WET_MS = instantToMs(towel.end);
const doneBy = (moment: string): WorkRecord[] =>
  before.activities
    .filter((a) => a.state === 'planned' && a.end <= moment)
    .map((a) => ({
      ...{ taskKey: a.key, dogId: a.dogId, step: a.step, expectedMin: a.minutes.middle, personId: a.people[0] },
      ...{ state: 'done', startedAt: a.start, finishedAt: a.end, workedMs: instantToMs(a.end) - instantToMs(a.start) },
    })) as WorkRecord[];
const wet = { ...TOLLE, work: [...TOLLE.work, ...doneBy(towel.end)] };
const today = localDayOf(WET_MS, ZONE);
const closed = (kennel: KennelFile, kinds: readonly string[]): KennelFile => ({
  ...kennel,
  stations: kennel.stations.map((s) =>
    s.siteId !== HOME || !kinds.includes(s.kind)
      ? s
      : {
          ...s,
          closures: [{ day: today, start: '00:00' as WallTime, end: '24:00' as WallTime, reason: 'failed' }],
        },
  ),
});
const openStep = (plan: Plan, step: string): PlannedActivity | undefined =>
  plan.activities.find((a) => a.state === 'planned' && a.step === step && a.start >= bath.start);
const noteOf = (plan: Plan): string[] =>
  plan.notes.flatMap(({ note }) => (note.code === 'heatLater' ? [noteWords(note)] : []));

it('with a heat dryer free the coat is dried in one run, and nothing is said', () => {
  const plan = planOf(wet, WET_MS, before);
  const [force, heat] = [openStep(plan, 'forceDry'), openStep(plan, 'heatDry')];
  expect(instantToMs(heat?.start ?? bath.start) - instantToMs(force?.end ?? bath.end)).toBeLessThanOrEqual(15 * 60_000);
  expect([plan.unplaced, noteOf(plan)]).toEqual([[], []]);
});

describe('with all heat dryers at home failed for the day', () => {
  const plan = planOf(closed(wet, ['standDryer']), WET_MS, before);
  const [force, heat] = [openStep(plan, 'forceDry'), openStep(plan, 'heatDry')];

  it('the dog keeps its place: blown dry at once, straightened the day after, and its sheet says so', () => {
    expect(plan.unplaced).toEqual([]);
    expect(instantToMs(force?.start ?? ('2000-01-01T00:00:00.000Z' as never)) - WET_MS).toBeLessThanOrEqual(
      15 * 60_000,
    );
    expect(localDayOf(instantToMs(heat?.start ?? bath.start), ZONE)).toBe(addDays(today, 1));
    expect(noteOf(plan)).toEqual([expect.stringMatching(/^No heat dryer is free in time/)]);
  });

  it('both take longer than in one run: through to dry, and misted again', () => {
    const usual = planOf(wet, WET_MS, before);
    for (const step of ['forceDry', 'heatDry'])
      expect(openStep(plan, step)?.minutes.middle).toBeGreaterThan(openStep(usual, step)?.minutes.middle ?? Infinity);
  });

  it('made again it stays, and is still said', () => {
    const again = planOf(closed(wet, ['standDryer']), WET_MS, plan);
    expect(openStep(again, 'heatDry')?.start).toBe(heat?.start);
    expect(noteOf(again)).toHaveLength(1);
  });

  it('no blade comes near the coat before its test', () => {
    const check = openStep(plan, 'dryCheck');
    const blades = plan.activities.filter(
      (a) => a.state === 'planned' && a.start > bath.start && ['naturalTrim', 'clip'].includes(a.step),
    );
    expect(blades.length).toBeGreaterThan(0);
    for (const blade of blades) expect(instantToMs(blade.start)).toBeGreaterThan(instantToMs(check?.end ?? blade.end));
  });
});

it('with the force dryers failed as well it stays wet till they are back, keeps its place, and that is told as a gap', () => {
  const kennel = closed(wet, ['standDryer', 'forceDryer']);
  const plan = planOf(kennel, WET_MS, before);
  expect([plan.unplaced, noteOf(plan)]).toEqual([[], []]);
  const breaks = planBreaks(kennel, CARE_LIBRARY, plan, WET_MS);
  expect(breaks).toEqual([expect.objectContaining({ code: 'gap', step: 'forceDry' })]);
});
