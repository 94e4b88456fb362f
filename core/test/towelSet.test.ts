/* Towel sets, reckoned from records: how long, when somebody looks in, and when the towel is off. */
import fc from 'fast-check';
import type { Instant, WorkRecord } from '../src/index.js';
import { DEFAULT_LOOK_MIN, TOWEL_SET_MIN, lookTick, openTowels, towelAt, withTick } from '../src/index.js';

const T0 = Date.parse('2026-06-15T07:45:00Z');
const MIN = 60_000;
const at = (min: number): Instant => new Date(T0 + min * MIN).toISOString() as Instant;
const task = (step: string, more: Partial<WorkRecord> = {}): WorkRecord =>
  ({ taskKey: `k ${step}`, dogId: 'rusk', step, state: 'done', workedMs: 0, ...more }) as WorkRecord;
const set = (more: Partial<WorkRecord> = {}): WorkRecord =>
  task('towelSet', { startedAt: at(-5), finishedAt: at(0), ...more });

it('begins when it is pinned, and takes about a day (CP-16)', () => {
  const [open] = openTowels([set()], T0 + 60 * MIN);
  if (open === undefined) throw new Error('no towel');
  expect(open.since).toBe(at(0));
  expect(towelAt(open, T0 + 60 * MIN)).toEqual({
    leftMs: (TOWEL_SET_MIN - 60) * MIN,
    lookInMs: (DEFAULT_LOOK_MIN - 60) * MIN,
  });
  expect(TOWEL_SET_MIN).toBe(1440);
});

it('a look begins the time to the next anew; of looks in any order the last counts', () => {
  const looked = [200, 90, 150].reduce<WorkRecord>(
    (w, min) => withTick(w, lookTick(T0 + min * MIN), true) as WorkRecord,
    set(),
  );
  const [open] = openTowels([looked], T0 + 210 * MIN);
  expect(open?.lookedAt).toBe(at(200));
  const [never] = openTowels([set({ ticked: ['look.x', 'part.back'] })], T0 + MIN);
  expect(never?.lookedAt).toBe(at(0));
});

it.each([
  ['while it is being set', [set({ state: 'running' })], 0],
  ['set', [set()], 1],
  ['before its release', [set(), task('towelRelease', { state: 'paused' })], 1],
  ['under release', [set(), task('towelRelease', { state: 'running', startedAt: at(1440) })], 0],
  ['released', [set(), task('towelRelease', { startedAt: at(1440), finishedAt: at(1445) })], 0],
  ['set again after a release', [set({ finishedAt: at(1500) }), task('towelRelease', { finishedAt: at(1445) })], 1],
  ['another dog released', [set(), task('towelRelease', { dogId: 'hale' as never, finishedAt: at(1445) })], 1],
])('%s: %#', (_, work, count) => {
  expect(openTowels(work, T0 + 1600 * MIN)).toHaveLength(count);
});

it('one that nobody released on record is forgotten after three days', () => {
  expect(openTowels([set()], T0 + 71 * 60 * MIN)).toHaveLength(1);
  expect(openTowels([set()], T0 + 73 * 60 * MIN)).toHaveLength(0);
});

it('property: the clock never drifts, whatever is asked in between', () => {
  fc.assert(
    fc.property(fc.array(fc.integer({ min: 0, max: 4000 }), { minLength: 1 }), (asked) => {
      for (const min of asked) {
        const [open] = openTowels([set()], T0 + min * MIN);
        if (open !== undefined) expect(towelAt(open, T0 + min * MIN).leftMs).toBe((TOWEL_SET_MIN - min) * MIN);
        else expect(min).toBeGreaterThan(72 * 60);
      }
    }),
    { seed: 7 },
  );
});
