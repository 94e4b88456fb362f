/* Jackets under their towels: told at every bench and in every room, with a touch for whoever has looked in. */
import { fireEvent, render, screen } from '@testing-library/react';
import { openTowels } from '@loyal-mane/core';
import type { WorkRecord } from '@loyal-mane/core';
import type { Names } from '@loyal-mane/library/words';
import { SoakLine } from '../src/app/SoakLine';
import type { Work } from '../src/api/queries';
import { towelWords } from '../src/parts/towels';
import { TowelClocks } from '../src/rooms/bench/TowelClocks';
import { DAWN_MS, FILE, show } from './world';

const MIN = 60_000;
const rusk = FILE.dogs.find((d) => d.name === 'Rusk');
const setAt = (ms: number): Work =>
  ({
    ...{ taskKey: 'k', dogId: rusk?.id, step: 'towelSet', state: 'done', workedMs: 0, version: 2 },
    ...{ startedAt: new Date(ms - 5 * MIN).toISOString(), finishedAt: new Date(ms).toISOString() },
  }) as unknown as Work;
const names = { dog: () => 'Rusk' } as unknown as Names;

it.each([
  [60, '23 h more; look in within 2 h', false],
  [200, 'look in now: warm, calm, no fold. 20 h 40 min more', true],
  [1441, 'a day is over: feel the root, and release it where it is dry', true],
])('after %d min: %s', (min, words, isDue) => {
  const [open] = openTowels<WorkRecord>([setAt(0)], min * MIN);
  if (open === undefined) throw new Error('no towel');
  expect(towelWords(open, min * MIN)).toEqual({ words, isDue });
});

it('at the bench it is one touch to say that somebody has looked in', () => {
  const towels = openTowels<WorkRecord>([setAt(0)], 200 * MIN);
  const looked: string[] = [];
  render(<TowelClocks towels={towels} names={names} now={200 * MIN} onLook={(o) => looked.push(o.work.taskKey)} />);
  expect(screen.getByRole('region', { name: 'Under the towel now' })).toHaveTextContent(/Rusk: towel set.*look in now/);
  fireEvent.click(screen.getByRole('button', { name: 'Looked in' }));
  expect(looked).toEqual(['k']);
});

it('stands under the tabs of every room; nothing where no towel is on', () => {
  const page = show(<SoakLine />, { work: [setAt(DAWN_MS - 60 * MIN)] });
  expect(screen.getByRole('region', { name: 'Under the towel now' })).toHaveTextContent(/Rusk: towel set 23 h more/);
  page.unmount();
  show(<SoakLine />, { work: [] });
  expect(screen.queryByRole('region')).toBeNull();
});
