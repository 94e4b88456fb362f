/* Care of tools: due from real use, by each kind of rule, of kits and of stations. */
import { caredTools, toolJobs, toolKey } from '@loyal-mane/core';
import type { CareId, CareRule, Instant, KennelFile, PersonId, StationId, ToolJob, ToolWork } from '@loyal-mane/core';

const asta = 'asta' as PersonId;
const tuva = 'tuva' as PersonId;
const dryer = 'dryer' as StationId;
const NOW = Date.parse('2026-06-17T12:00:00Z');
const HOUR = 3_600_000;
const hours = (n: number): number => NOW - n * HOUR;
const at = { nowMs: NOW, zone: 'Europe/Oslo' };

const worked = (more: Partial<ToolWork>): ToolWork => ({ minutes: 30, untilMs: hours(1), tools: [], ...more });
const RULES: readonly CareRule[] = [
  { job: 'clear', kinds: ['slicker'], after: 'use' },
  { job: 'sharpen', kinds: ['thinners'], after: { minutes: 120 } },
  { job: 'fireCheck', kinds: ['forceDryer'], after: { days: 7 } },
];
type Care = NonNullable<KennelFile['toolCare']>[number];
const care = (tool: string, job: Care['job'], ms: number): Care => ({
  ...{ id: `${tool}${job}` as CareId, tool, job, at: new Date(ms).toISOString() as Instant },
});

const PEOPLE = [
  { id: asta, role: 'finisher', kit: [{ tool: 'thinners' }, { tool: 'thinners', sharpened: '2026-06-10' }] },
  { id: tuva, role: 'bather' },
] as unknown as KennelFile['people'];
const STATIONS = [
  { id: dryer, kind: 'forceDryer' },
  { id: 'table', kind: 'table' },
] as const;

const jobsOf = (work: readonly ToolWork[], done: readonly Care[] = []): ToolJob[] =>
  toolJobs(caredTools({ people: PEOPLE, stations: STATIONS }, work), RULES, work, done, at);
const find = (jobs: readonly ToolJob[], job: string): ToolJob | undefined => jobs.find((j) => j.job === job);

it('tools are those of a kit once each, else those that somebody worked with, and dryers and tubs', () => {
  const work = [
    worked({ personId: tuva, tools: ['slicker', 'wideComb'] }),
    worked({ personId: asta, tools: ['slicker'] }),
  ];
  const keys = caredTools({ people: PEOPLE, stations: STATIONS }, work).map((t) => t.key);
  expect(keys).toEqual([toolKey(asta, 'thinners'), toolKey(tuva, 'slicker'), toolKey(tuva, 'wideComb'), dryer]);
});

it('a job after each use is due from the first use on, until it is done, and again after the next', () => {
  const first = worked({ personId: tuva, tools: ['slicker'], untilMs: hours(5) });
  expect(find(jobsOf([first]), 'clear')).toMatchObject({ isDue: true, lastMs: null, usedMin: 30 });
  const done = [care(toolKey(tuva, 'slicker'), 'clear', hours(4))];
  expect(find(jobsOf([first], done), 'clear')).toMatchObject({ isDue: false, usedMin: 0, lastMs: hours(4) });
  const second = worked({ personId: tuva, tools: ['slicker'], untilMs: hours(2) });
  expect(find(jobsOf([first, second], done), 'clear')).toMatchObject({ isDue: true, usedMin: 30 });
  // Another's slicker, or another job on it, is not this one.
  expect(find(jobsOf([first], [care(toolKey(asta, 'slicker'), 'clear', hours(4))]), 'clear')?.isDue).toBe(true);
});

it('a job after so many minutes counts them since it was done, or since the kit says so', () => {
  const cut = (n: number, untilMs: number): ToolWork =>
    worked({ personId: asta, tools: ['thinners'], minutes: n, untilMs });
  const before = cut(500, Date.parse('2026-06-09T10:00:00Z'));
  expect(find(jobsOf([before, cut(80, hours(3))]), 'sharpen')).toMatchObject({
    isDue: false,
    usedMin: 80,
    leftMin: 40,
  });
  expect(find(jobsOf([cut(80, hours(3)), cut(45, hours(2))]), 'sharpen')).toMatchObject({ isDue: true, leftMin: 0 });
  const done = [care(toolKey(asta, 'thinners'), 'sharpen', hours(1))];
  expect(find(jobsOf([cut(80, hours(3)), cut(45, hours(2))], done), 'sharpen')).toMatchObject({ leftMin: 120 });
});

it('a job by the week is due where it is not on record, and a week after it was done, used or not', () => {
  expect(find(jobsOf([]), 'fireCheck')?.isDue).toBe(true);
  expect(find(jobsOf([], [care(dryer, 'fireCheck', hours(6 * 24))]), 'fireCheck')?.isDue).toBe(false);
  expect(find(jobsOf([], [care(dryer, 'fireCheck', hours(7 * 24))]), 'fireCheck')?.isDue).toBe(true);
});

it('what is due comes first', () => {
  const jobs = jobsOf([worked({ personId: asta, tools: ['thinners'] })], [care(dryer, 'fireCheck', hours(1))]);
  const slicker = worked({ personId: tuva, tools: ['slicker'] });
  expect(jobs.some((j) => j.isDue)).toBe(false);
  expect(jobsOf([slicker], [care(dryer, 'fireCheck', hours(1))])[0]?.job).toBe('clear');
});
