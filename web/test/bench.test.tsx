/* The bench shows one person's day in order, and words for how long it still takes. */
import { render, screen } from '@testing-library/react';
import type { DogId, Instant, PersonId, Plan, PlannedActivity } from '@loyal-mane/core';
import type { Work } from '../src/api/queries';
import { EstimateBand } from '../src/rooms/bench/EstimateBand';
import { currentTask, myTasks } from '../src/rooms/bench/myTasks';

const ZONE = 'Europe/Oslo';
const NOW = Date.parse('2026-06-17T08:00:00Z');

function task(key: string, start: string, people: string[]): PlannedActivity {
  return {
    key,
    dogId: 'd',
    step: 'bath',
    start,
    attendedUntil: start,
    end: start,
    people,
    state: 'planned',
  } as unknown as PlannedActivity;
}

const plan = {
  activities: [
    task('b', '2026-06-17T09:00:00Z', ['tuva']),
    task('a', '2026-06-17T07:00:00Z', ['tuva']),
    task('c', '2026-06-17T07:30:00Z', ['asta']),
    task('z', '2026-06-18T07:30:00Z', ['tuva']),
  ],
} as unknown as Plan;

const work = (taskKey: string, state: Work['state'], personId: string): Work => ({
  taskKey: taskKey as Work['taskKey'],
  state,
  personId: personId as PersonId,
  dogId: 'd' as DogId,
  step: 'bath',
  startedAt: '2026-06-17T07:10:00Z' as Instant,
  workedMs: 0,
  version: 1,
});

it('lists a person’s tasks of today by time', () => {
  expect(myTasks(plan, [], 'tuva', ZONE, NOW).map((t) => t.activity.key)).toEqual(['a', 'b']);
});

it('gives a task to whoever took it over', () => {
  const taken = [work('c', 'running', 'tuva')];
  expect(myTasks(plan, taken, 'tuva', ZONE, NOW).map((t) => t.activity.key)).toEqual(['a', 'c', 'b']);
  expect(myTasks(plan, taken, 'asta', ZONE, NOW)).toEqual([]);
});

it('looks at what runs, then what is paused, then what comes first', () => {
  expect(currentTask(myTasks(plan, [], 'tuva', ZONE, NOW))?.activity.key).toBe('a');
  expect(currentTask(myTasks(plan, [work('b', 'paused', 'tuva')], 'tuva', ZONE, NOW))?.activity.key).toBe('b');
  expect(
    currentTask(myTasks(plan, [work('a', 'done', 'tuva'), work('b', 'done', 'tuva')], 'tuva', ZONE, NOW)),
  ).toBeNull();
});

describe('the estimate in words', () => {
  const minutes = { middle: 40, p20: 34, p80: 47, usual: 40, logs: 0 };
  it.each([
    [0, false, 'about 40 min'],
    [18, true, 'about 22 min more'],
    [42, true, 'about there'],
    [60, true, 'longer than usual'],
  ])('after %d min', (worked, started, words) => {
    render(<EstimateBand minutes={minutes} workedMs={worked * 60_000} started={started} />);
    expect(screen.getByText(words)).toBeInTheDocument();
  });
});
