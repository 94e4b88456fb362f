/* The outline of a dog: what comes off for the day of the show, what is missing, and what is typed. */
import { act, fireEvent, screen, waitFor, within } from '@testing-library/react';
import { Route, Routes } from 'react-router';
import OutlineRoom, { answerWords } from '../src/rooms/outline/OutlineRoom';
import { FILE, KENNEL, show } from './world';

let sent: {
  path: string;
  body: {
    record?: {
      wanted?: { zone: string; mm: number }[];
      measures?: { day: string; what: string; cm: number }[];
      outline?: { corrections?: object[]; lengthPull?: number; kept?: { name: string; lengths: object[] }[] };
    };
  };
}[] = [];
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
    /Take off \d+(\.5)? to \d+(\.5)? mm: leave .* more in the rough pass\. Shears over a comb at \d+ degrees\./,
  );
  const states = screen.getAllByRole('row').map((r) => r.className);
  expect(states.indexOf('missing')).toBeGreaterThan(states.lastIndexOf('takeOff'));
  expect(screen.getByText(/^Not measured yet/).textContent).toMatch(/forechest/);
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
  const field = () => within(rowOf('Back')).getByLabelText<HTMLInputElement>('Wanted on the day, mm: back');
  const was = field().value;
  fireEvent.change(field(), { target: { value: '700' } });
  fireEvent.blur(field());
  expect(await screen.findByText('Hair on the day is between 0.5 and 600 mm. Nothing was changed.')).toBeVisible();
  expect(field().value).toBe(was);
  fireEvent.change(field(), { target: { value: '35' } });
  fireEvent.blur(field());
  await waitFor(() => expect(sent).toHaveLength(1));
  const saved = sent[0]?.body.record?.wanted ?? [];
  expect(saved.find((w) => w.zone === 'back')?.mm).toBe(35);
  expect(saved).toHaveLength((brisk?.wanted ?? []).length);
});

it('a tail that no dog carries is told, and the angle stays', async () => {
  open();
  tab('Measures');
  const field = () => screen.getByLabelText<HTMLInputElement>('Tail in movement, degrees');
  const was = field().value;
  fireEvent.change(field(), { target: { value: '500' } });
  fireEvent.blur(field());
  expect(
    await screen.findByText(/^A tail is carried between .90 and 180 degrees\. Nothing was changed\.$/),
  ).toBeVisible();
  expect(field().value).toBe(was);
  expect(sent).toEqual([]);
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
  const way = {
    showDay: '2026-06-20' as never,
    session: null,
    sessionDay: '2026-06-18' as never,
    judge: null,
    flattery: 1,
  };
  expect(answerWords('Koro', [], way)).toBe('Koro: measure the hair to see what comes off.');
});

const tab = (name: string): boolean => fireEvent.click(screen.getByRole('tab', { name }));

it('measures are dragged by keys and typed in inches, taken back, and kept with their day', async () => {
  open();
  tab('Measures');
  const hock = screen.getByRole('slider', { name: 'hock behind the rump and height of the hock' });
  const before = Number(hock.getAttribute('aria-valuenow'));
  fireEvent.keyDown(hock, { key: 'ArrowRight', shiftKey: true });
  fireEvent.keyUp(hock, { key: 'ArrowRight' });
  expect(Number(hock.getAttribute('aria-valuenow'))).toBe(before + 10);
  fireEvent.click(screen.getByRole('button', { name: 'Back a step' }));
  expect(Number(hock.getAttribute('aria-valuenow'))).toBe(before);
  fireEvent.click(screen.getByRole('button', { name: 'Forward' }));
  fireEvent.click(screen.getByText('in'));
  const height = screen.getByLabelText('height at the withers, in');
  fireEvent.change(height, { target: { value: '19' } });
  fireEvent.blur(height);
  fireEvent.click(screen.getByRole('button', { name: 'Keep' }));
  await waitFor(() => expect(sent).toHaveLength(1));
  const kept = Object.fromEntries((sent[0]?.body.record?.measures ?? []).map((m) => [m.what, m.cm]));
  expect(kept['height']).toBeCloseTo(48.3, 1);
  expect(kept['hockBehind']).toBeGreaterThan(2);
});

it('places that no tape reaches are nudged by keys: an ear that hangs grows downward', () => {
  open();
  tab('Measures');
  const nudge = (name: string, key: string): number => {
    const place = screen.getByRole('slider', { name });
    const before = Number(place.getAttribute('aria-valuenow'));
    fireEvent.keyDown(place, { key });
    fireEvent.keyUp(place, { key });
    return Number(place.getAttribute('aria-valuenow')) - before;
  };
  expect(nudge('height of the stifle', 'ArrowUp')).toBe(1);
  expect(nudge('depth of the skull', 'ArrowUp')).toBe(-1);
  expect(nudge('depth of the muzzle', 'ArrowDown')).toBe(1);
  expect(nudge('length of the ear', 'ArrowDown')).toBe(1);
  fireEvent.click(screen.getByText('More places'));
  expect(screen.getByLabelText<HTMLInputElement>('width of the ear, mm').value).not.toBe('');
});

it('a measure that no dog of the breed has is left aside, said, and not kept', async () => {
  open();
  tab('Measures');
  const neck = screen.getByLabelText('length of the neck, mm');
  fireEvent.change(neck, { target: { value: '900' } });
  fireEvent.blur(neck);
  expect(screen.getByText('900 mm is too far from the breed: left aside')).toBeTruthy();
  expect(screen.getByLabelText<HTMLInputElement>('length of the neck, mm').value).not.toBe('900');
  // A height typed in the wrong unit would make a giant of the dog, and a length of the neck out of nothing.
  const height = screen.getByLabelText<HTMLInputElement>('height at the withers, mm');
  const was = height.value;
  fireEvent.change(height, { target: { value: '1900' } });
  fireEvent.blur(height);
  expect(screen.getByText('1900 mm is too far from the breed: left aside')).toBeTruthy();
  expect(screen.getByLabelText<HTMLInputElement>('height at the withers, mm').value).toBe(was);
  fireEvent.click(screen.getByRole('button', { name: 'Keep' }));
  await waitFor(() => expect(sent).toHaveLength(1));
  expect(sent[0]?.body.record?.measures).toEqual([]);
});

it('a correction says what it changes, or why nothing', () => {
  open();
  tab('For the eye');
  const eye = within(screen.getByRole('region', { name: 'For the eye' }));
  expect(eye.getByText('throat closer, its V lower; crest a little closer')).toBeTruthy();
  fireEvent.keyDown(eye.getByRole('slider', { name: 'Show more leg' }), { key: 'End', keyCode: 35 });
  expect(eye.getByText(/^underline higher: up to \d+(\.5)? mm of outline$|^no effect/)).toBeTruthy();
});

it('today’s outline is kept by name, with the lengths of today', async () => {
  open();
  tab('Compare');
  const part = within(screen.getByRole('region', { name: 'Compare' }));
  expect(part.getByRole('rowheader', { name: 'hock' })).toBeTruthy();
  fireEvent.change(part.getByLabelText('Name of today’s outline'), { target: { value: 'before the trim' } });
  fireEvent.click(part.getByRole('button', { name: 'Keep today’s outline' }));
  await waitFor(() => expect(sent).toHaveLength(1));
  const kept = (sent[0]?.body.record?.outline?.kept ?? []).at(-1);
  expect(kept?.name).toBe('before the trim');
  expect(kept?.lengths.length).toBeGreaterThan(5);
});

it('all zones are reached from the map, those too that the side does not show', () => {
  open();
  fireEvent.click(screen.getByText('All zones'));
  fireEvent.click(screen.getAllByRole('button', { name: /^armpit/i })[0] as HTMLElement);
  expect(within(screen.getByRole('region', { name: 'Zone' })).getByRole('heading').textContent).toBe('Armpit');
});

it('lines are typed and moved by keys at their ends, and kept', async () => {
  open();
  tab('For the eye');
  const lines = within(screen.getByRole('region', { name: 'Lines' }));
  const field = lines.getByLabelText('Topline at the croup, mm');
  fireEvent.change(field, { target: { value: '300' } });
  fireEvent.blur(field);
  expect(lines.getByLabelText<HTMLInputElement>('Topline at the croup, mm').value).toBe('60');
  fireEvent.click(screen.getByRole('button', { name: 'Back a step' }));
  const knob = screen.getByRole('slider', { name: 'Topline at the withers' });
  fireEvent.keyDown(knob, { key: 'ArrowUp', shiftKey: true });
  fireEvent.keyUp(knob, { key: 'ArrowUp' });
  expect(Number(knob.getAttribute('aria-valuenow'))).toBeGreaterThan(5);
  fireEvent.click(screen.getByRole('button', { name: 'Keep' }));
  await waitFor(() => expect(sent).toHaveLength(1));
  expect(sent[0]?.body.record?.outline).toMatchObject({ lines: [{ what: 'topline', far: 0 }] });
});

it('from ahead, from behind and from above both sides are told, and a zone is chosen there', () => {
  open();
  fireEvent.click(screen.getByText('Front'));
  const front = screen.getByRole('group', { name: 'The dog from ahead' });
  expect(within(front).getAllByText(/^−\d+$/).length).toBeGreaterThanOrEqual(2);
  fireEvent.click(within(front).getAllByText(/^shoulder: not measured$/)[0] as Element);
  expect(within(screen.getByRole('region', { name: 'Zone' })).getByRole('heading').textContent).toBe('Shoulder');
  const tip = within(front).getByRole('slider', { name: 'Tip of the throat’s V' });
  for (let i = 0; i < 5; i++) fireEvent.keyDown(tip, { key: 'ArrowDown', shiftKey: true });
  expect(Number(tip.getAttribute('aria-valuenow'))).toBe(100);
  fireEvent.click(screen.getByText('Head'));
  expect(screen.getByRole('group', { name: 'The head from above, nose up' })).toBeTruthy();
  fireEvent.click(screen.getByText('Rear'));
  expect(screen.getByRole('group', { name: 'The dog from behind' })).toBeTruthy();
});

const advance = (ms: number): void =>
  act(() => {
    jest.advanceTimersByTime(ms);
  });

it('growth is played day by day to the show, and stopped', () => {
  jest.useFakeTimers();
  try {
    open();
    fireEvent.click(screen.getByRole('button', { name: 'Play' }));
    expect(screen.getByText(/^Left alone until Wednesday 17 Jun$/)).toBeTruthy();
    advance(400);
    expect(screen.getByText(/^Left alone until Thursday 18 Jun$/)).toBeTruthy();
    fireEvent.click(screen.getByRole('button', { name: 'Stop' }));
    advance(2000);
    expect(screen.getByText(/^Left alone until Thursday 18 Jun$/)).toBeTruthy();
  } finally {
    jest.useRealTimers();
  }
});

it('an earlier outline becomes the target', async () => {
  open();
  tab('Compare');
  const part = within(screen.getByRole('region', { name: 'Compare' }));
  expect(part.queryByRole('button', { name: /^Want it as/ })).toBeNull();
  fireEvent.mouseDown(part.getByRole('combobox', { name: 'From' }));
  fireEvent.click(screen.getByTitle(/^before the trim in May/));
  fireEvent.click(part.getByRole('button', { name: 'Want it as “before the trim in May”' }));
  await waitFor(() => expect(sent).toHaveLength(1));
  const wanted = sent[0]?.body.record?.wanted ?? [];
  expect(wanted.find((w) => w.zone === 'crest')?.mm).toBe(40);
  expect(wanted.find((w) => w.zone === 'foreleg')?.mm).toBe(32);
});
