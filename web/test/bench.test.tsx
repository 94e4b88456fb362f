/* The bench shows one person's day in order, and words for how long it still takes. */
import { fireEvent, render, screen } from '@testing-library/react';
import type { DogId, Instant, PersonId, Plan, PlannedActivity } from '@loyal-mane/core';
import type { Work } from '../src/api/queries';
import { EstimateBand } from '../src/rooms/bench/EstimateBand';
import { currentTask, myTasks } from '../src/rooms/bench/myTasks';
import type { BenchTask } from '../src/rooms/bench/myTasks';
import { workParts } from '@loyal-mane/library/pages';
import { PauseWhy, lacksCause } from '../src/rooms/bench/PauseWhy';

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

describe('why the pause', () => {
  const nothing = (): void => undefined;
  const paused = (step: PlannedActivity['step'], pauses: readonly object[]): BenchTask => {
    const activity = { ...task('p', '2026-06-17T09:00:00Z', ['tuva']), step };
    return { activity, work: { state: 'paused', pauses }, startMs: 0 } as unknown as BenchTask;
  };
  const at = '2026-06-17T09:10:00Z';

  it('is asked once, and where the dog needs it by the parts that the step touches', () => {
    const said: unknown[][] = [];
    render(
      <PauseWhy
        task={paused('ears', [{ at }])}
        dogName="Tolle"
        parts={workParts('ears', new Set())}
        stationName="Table 1"
        onFailed={nothing}
        onSay={(...told) => said.push(told)}
      />,
    );
    fireEvent.click(screen.getByRole('button', { name: 'The dog needs a break' }));
    expect(said).toEqual([]);
    expect(screen.getByText('Where is it too much for Tolle?')).toBeTruthy();
    expect(screen.getAllByRole('button').map((b) => b.textContent)).toEqual(['Nowhere in particular', 'Ears']);
    fireEvent.click(screen.getByRole('button', { name: 'Ears' }));
    expect(said[0]?.[0]).toBe('dog');
    expect(said[0]?.[1]).toContain('earFringe');
  });

  it('takes one touch where it is not the dog', () => {
    const said: unknown[][] = [];
    render(
      <PauseWhy
        task={paused('bath', [{ at }])}
        dogName="Tolle"
        parts={[]}
        stationName={null}
        onFailed={nothing}
        onSay={(...told) => said.push(told)}
      />,
    );
    fireEvent.click(screen.getByRole('button', { name: 'Called away' }));
    fireEvent.click(screen.getByRole('button', { name: 'A tool or dryer failed' }));
    expect(said).toEqual([
      ['calledAway', []],
      ['equipment', []],
    ]);
  });

  it('asks of a dryer that failed whether it is out of use, and closes it only then', () => {
    const said: unknown[] = [];
    const show = () =>
      render(
        <PauseWhy
          task={paused('heatDry', [{ at }])}
          dogName="Tolle"
          parts={[]}
          stationName="Stand dryer 1"
          onFailed={() => said.push('closed')}
          onSay={(cause) => said.push(cause)}
        />,
      );
    const { unmount } = show();
    fireEvent.click(screen.getByRole('button', { name: 'A tool or dryer failed' }));
    expect(screen.getByText('Is Stand dryer 1 out of use?')).toBeTruthy();
    fireEvent.click(screen.getByRole('button', { name: 'No, it goes on soon' }));
    expect(said).toEqual(['equipment']);
    unmount();
    show();
    fireEvent.click(screen.getByRole('button', { name: 'A tool or dryer failed' }));
    fireEvent.click(screen.getByRole('button', { name: 'Yes, close it for today' }));
    expect(said).toEqual(['equipment', 'closed', 'equipment']);
  });

  it('is not asked where it was said, where nothing is paused, or of a pause before causes were kept', () => {
    for (const pauses of [[{ at, cause: 'other' }], []]) expect(lacksCause(paused('bath', pauses))).toBe(false);
    const running = paused('bath', [{ at }]);
    expect(lacksCause({ ...running, work: { ...running.work, state: 'running' } as BenchTask['work'] })).toBe(false);
    expect(lacksCause({ ...running, work: null })).toBe(false);
  });
});
