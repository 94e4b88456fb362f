/* The outline of a dog: what comes off for the day of the show, what is missing, and what is typed. */
import { fireEvent, screen, waitFor, within } from '@testing-library/react';
import { Route, Routes } from 'react-router';
import OutlineRoom, { answerWords } from '../src/rooms/outline/OutlineRoom';
import { FILE, KENNEL, show } from './world';

let sent: { path: string; body: { record?: { wanted?: { zone: string; mm: number }[] } } }[] = [];
beforeEach(() => {
  sent = [];
  globalThis.fetch = (async (input: Request) => {
    if (input.method === 'GET') return new Response('{}', { status: 404 });
    sent.push({
      path: new URL(input.url).pathname,
      body: (await input.clone().json()) as (typeof sent)[number]['body'],
    });
    return Response.json({ id: 'x', version: 2 });
  }) as typeof fetch;
});

const brisk = FILE.dogs.find((d) => d.name === 'Brisk');
const routes = (
  <Routes>
    <Route path="/outline" element={<OutlineRoom />} />
    <Route path="/outline/:id" element={<OutlineRoom />} />
  </Routes>
);
const open = (at = `/outline/${brisk?.id ?? ''}`, signIn = 'maren') => show(routes, { at, signIn });
const rowOf = (zone: string): HTMLElement =>
  screen.getAllByRole('row').find((r) => within(r).queryByRole('rowheader', { name: zone }) !== null) as HTMLElement;

it('says for the next show what is cut and what is too short, the work first', () => {
  open();
  expect(screen.getByRole('heading', { level: 1 }).textContent).toMatch(
    /^Brisk on Saturday: [56] zones to cut, 1 too short\.$/,
  );
  expect(rowOf('Hock').textContent).toMatch(
    /\d+(\.5)? mm too short on the day, long enough on \d+ Jul: scissor around it/,
  );
  expect(rowOf('Throat').textContent).toMatch(
    /Take off 1\d(\.5)? mm: leave .* in the end\. Shears over a comb at \d+ degrees\./,
  );
  const states = screen.getAllByRole('row').map((r) => r.className);
  expect(states.indexOf('missing')).toBeGreaterThan(states.lastIndexOf('takeOff'));
  expect(states.indexOf('unknown')).toBeGreaterThan(states.indexOf('missing'));
});

it('a zone that is touched tells its growth with its range, and what it rests on', () => {
  open();
  fireEvent.click(within(rowOf('Hock')).getByRole('button', { name: 'Hock' }));
  expect(screen.getByRole('region', { name: 'Zone' }).textContent).toMatch(
    /Grows 0\.\d\d mm a day \(0\.\d\d to 0\.\d\d\), learned from 2 measured spans/,
  );
});

it('what is wanted is typed by a lead and saved with the others; nonsense is not', async () => {
  open();
  const field = within(rowOf('Back')).getByLabelText('Wanted on the day, mm: back');
  fireEvent.change(field, { target: { value: '700' } });
  fireEvent.blur(field);
  fireEvent.change(field, { target: { value: '35' } });
  fireEvent.blur(field);
  await waitFor(() => expect(sent).toHaveLength(1));
  const saved = sent[0]?.body.record?.wanted ?? [];
  expect(saved.find((w) => w.zone === 'back')?.mm).toBe(35);
  expect(saved).toHaveLength((brisk?.wanted ?? []).length);
});

it('a finisher reads it and types nothing; without a dog in the address it is the one that is shown next', () => {
  open('/outline', 'ivo');
  expect(screen.queryByLabelText(/^Wanted on the day/)).toBeNull();
  const next = [...KENNEL.entries].sort((x, y) => x.day.localeCompare(y.day))[0];
  const name = FILE.dogs.find((d) => d.id === next?.dogId)?.name ?? '';
  expect(screen.getByRole('heading', { level: 1 }).textContent).toContain(name);
});

it('a dog that is not entered, and one that nobody has measured, are told so', () => {
  expect(answerWords('Koro', [], null)).toBe('Koro is not entered: there is no day to cut for.');
  const way = { showDay: '2026-06-20' as never, session: null, sessionDay: '2026-06-18' as never };
  expect(answerWords('Koro', [], way)).toBe('Koro: measure the hair and say what is wanted.');
});
