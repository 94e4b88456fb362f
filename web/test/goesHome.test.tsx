/* Somebody goes home before the end of a shift: the shift ends then, and the day is planned again. */
import { fireEvent, screen } from '@testing-library/react';
import { instantToMs, localDayOf, planKennel, withShiftEnded } from '@loyal-mane/core';
import type { PersonId, WallTime } from '@loyal-mane/core';
import { CARE_LIBRARY } from '@loyal-mane/library';
import { fewDogs } from '../../library/test/kennels/fewDogs';
import { GoesHome } from '../src/rooms/daySheet/GoesHome';
import { TestServer } from './testServer';
import { DAWN_MS, FILE, KENNEL, idOf, show } from './world';

const DAY = FILE.startDay;
const tuva = KENNEL.people.find((p) => p.id === idOf('tuva'));
if (tuva === undefined) throw new Error('no tuva');
const shiftOf = (file: typeof FILE) => file.shifts.find((s) => s.personId === tuva.id && s.day === DAY);

it('ends the shift and the breaks after it, of that day and person alone; a shift that begins later is left alone', () => {
  const early = withShiftEnded(FILE, tuva.id as PersonId, DAY, '11:00' as WallTime);
  expect(shiftOf(early)).toMatchObject({ end: '11:00', overtimeEnd: '11:00' });
  expect(shiftOf(early)?.pauses).toEqual(shiftOf(FILE)?.pauses.filter((p) => p.start < '11:00'));
  expect(early.shifts.filter((s, k) => s !== FILE.shifts[k])).toHaveLength(1);
  expect(withShiftEnded(FILE, tuva.id as PersonId, DAY, '05:00' as WallTime).shifts).toEqual(FILE.shifts);
  const few = fewDogs(early, ['Tolle', 'Seraph', 'Wisp']);
  const plan = planKennel(few, CARE_LIBRARY, { nowMs: DAWN_MS, rounds: 1, unasked: true });
  const zone = FILE.settings.timeZone;
  const late = plan.activities.filter(
    (a) => a.people.includes(tuva.id as PersonId) && localDayOf(instantToMs(a.start), zone) === DAY,
  );
  expect(late.filter((a) => a.attendedUntil > '2026-06-17T09:00:00.000Z')).toEqual([]);
});

it('is typed or taken as proposed; a time that is none is told, and nothing is sent', async () => {
  const server = new TestServer();
  const done: string[] = [];
  show(<GoesHome person={tuva} day={DAY} onDone={(words) => done.push(words)} />);
  const time = screen.getByRole('textbox', { name: 'When Tuva goes home' });
  const go = screen.getByRole('button', { name: 'Tuva goes home at' });
  fireEvent.change(time, { target: { value: '25:00' } });
  expect(go).toBeDisabled();
  expect(screen.getByText('Write it like 14:30.')).toBeInTheDocument();
  fireEvent.change(time, { target: { value: '500' } });
  expect(screen.getByText(/^The shift begins at .* is away that day\.$/)).toBeInTheDocument();
  fireEvent.change(time, { target: { value: '23:00' } });
  expect(screen.getByText(/^The shift is over at /)).toBeInTheDocument();
  fireEvent.change(time, { target: { value: '1330' } });
  fireEvent.click(go);
  await screen.findByText((_, element) => done.length > 0 && element?.tagName === 'BODY');
  expect(done).toEqual(['Tuva goes home at 13:30.']);
  const [change] = server.changes(0);
  expect(change).toMatchObject({ list: 'shifts', to: { end: '13:30', overtimeEnd: '13:30' } });
});
