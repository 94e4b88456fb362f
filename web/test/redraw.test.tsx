/*
 * How much is drawn again: a task that somebody finishes changes one dog's row of the Countdown, and leaves the others, the
 * rooms that do not show it and their frame alone.
 */
import type * as React from 'react';
import { Profiler } from 'react';
import type { ComponentProps } from 'react';
import { act, waitFor } from '@testing-library/react';
import type { Work } from '../src/api/queries';
import { workQuery } from '../src/api/queries';
import CountdownRoom from '../src/rooms/countdown/CountdownRoom';
import type * as StrandFile from '../src/rooms/countdown/Strand';
import ShowsRoom from '../src/rooms/shows/ShowsRoom';
import { DAWN_MS, PLAN, show } from './world';

/** Draws of each dog's strand, by React's own profiler. */
const drawn = new Map<string, number>();

jest.mock('../src/rooms/countdown/Strand', () => {
  const { memo } = jest.requireActual<typeof React>('react');
  const { StrandDrawing } = jest.requireActual<typeof StrandFile>('../src/rooms/countdown/Strand');
  const count = (dogId: string): void => void drawn.set(dogId, (drawn.get(dogId) ?? 0) + 1);
  return {
    Strand: memo((props: ComponentProps<typeof StrandDrawing>) => (
      <Profiler id={props.row.dogId} onRender={count}>
        <StrandDrawing {...props} />
      </Profiler>
    )),
  };
});

const task = PLAN.activities.find((a) => a.state === 'planned' && a.kind === 'show' && Date.parse(a.start) > DAWN_MS)!;
const finished = {
  taskKey: task.key,
  dogId: task.dogId,
  step: task.step,
  state: 'done',
  personId: task.people[0],
  startedAt: new Date(DAWN_MS - 3_600_000).toISOString(),
  finishedAt: new Date(DAWN_MS).toISOString(),
  workedMs: 3_600_000,
  version: 1,
} as unknown as Work;

beforeEach(() => {
  HTMLElement.prototype.getBoundingClientRect = () => new DOMRect(0, 0, 1224, 600);
});

it('a finished task draws its own dog again, no other, and no room that shows no work', async () => {
  let showsDrawn = 0;
  const { client } = show(
    <>
      <CountdownRoom />
      <Profiler id="shows" onRender={() => showsDrawn++}>
        <ShowsRoom />
      </Profiler>
    </>,
  );
  expect(drawn.size).toBeGreaterThan(10);
  expect(drawn.has(task.dogId)).toBe(true);
  drawn.clear();
  showsDrawn = 0;
  act(() => void client.setQueryData<Work[]>(workQuery.queryKey, [finished]));
  await waitFor(() => expect([...drawn]).toEqual([[task.dogId, 1]]));
  expect(showsDrawn).toBe(0);
});
