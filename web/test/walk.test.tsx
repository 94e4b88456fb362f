/* The inspection walk: one touch a dog, what is unusual written down and followed, missed days told. */
import { fireEvent, screen, waitFor, within } from '@testing-library/react';
import type { Instant } from '@loyal-mane/core';
import { msToInstant } from '@loyal-mane/core';
import WalkRoom from '../src/rooms/walk/WalkRoom';
import { WalkLine } from '../src/parts/WalkLine';
import type { Kennel, Work } from '../src/api/queries';
import { DAWN_MS, FILE, KENNEL, PLAN, isToday, show } from './world';

interface Sent {
  readonly path: string;
  readonly body: Record<string, unknown>;
}
let sent: Sent[] = [];
beforeEach(() => {
  sent = [];
  window.localStorage.clear();
  globalThis.fetch = (async (input: Request) => {
    if (input.method === 'GET') return new Response('{}', { status: 404 });
    sent.push({ path: new URL(input.url).pathname, body: (await input.clone().json()) as Record<string, unknown> });
    return Response.json({ id: 'x', version: 2, work: null });
  }) as typeof fetch;
});

const DAY_MS = 86_400_000;
const dogs = FILE.dogs.map((d) => d.id);
const looked = (dogId: string, daysAgo: number): Work =>
  ({
    ...{ taskKey: `i ${dogId} ${String(daysAgo)}`, dogId, step: 'inspection', state: 'done', workedMs: 1, version: 2 },
    finishedAt: msToInstant(DAWN_MS - daysAgo * DAY_MS) satisfies Instant,
  }) as unknown as Work;
/** A planned inspection of today, and its dog. */
const planned = PLAN.activities.find((a) => a.step === 'inspection' && isToday(a.start));
const withRecord = (dogId: string, record: object): Kennel => ({
  ...KENNEL,
  // Nothing of the demo is followed here but what is given.
  dogs: KENNEL.dogs.map((d) => ({
    ...d,
    record: { ...d.record, observations: [], ...(d.id === dogId ? record : {}) },
  })),
});
const nameOf = (dogId: string | undefined): string => FILE.dogs.find((d) => d.id === dogId)?.name ?? '';

it('tells how far it is, and whom nobody looked at on a day before', () => {
  const [one, two, three] = dogs as unknown as [string, string, string];
  const work = [...dogs.slice(3).map((d) => looked(d, 1)), looked(one, 0), looked(two, 3), looked(three, 3)];
  show(<WalkRoom />, { work });
  expect(screen.getByRole('heading', { level: 1 }).textContent).toBe(
    `1 of ${String(dogs.length)} dogs was looked over today.`,
  );
  const missed = [two, three].map(nameOf).sort((x, y) => x.localeCompare(y));
  expect(screen.getByText(/Nobody looked over/).textContent).toContain(
    `Nobody looked over ${missed.join(', ')} on a day before this one.`,
  );
});

it('the line that leads to it tells what is to be looked at again', () => {
  const [one] = dogs as unknown as [string];
  const observation = { id: 'observed', day: '2026-06-10', point: 'skin', zones: ['flank'], severity: 'now' };
  show(<WalkLine />, { work: dogs.map((d) => looked(d, 1)), kennel: withRecord(one, { observations: [observation] }) });
  expect(screen.getByText(/looked over today/).textContent).toBe(
    `Inspection walk: 0 of ${String(dogs.length)} looked over today, 1 thing to look at again.`,
  );
});

it('one touch finishes the inspection that is planned, without teaching its minutes, and goes on to the next dog', async () => {
  show(<WalkRoom />);
  const name = nameOf(planned?.dogId);
  fireEvent.click(screen.getByRole('button', { name: new RegExp(name) }));
  fireEvent.click(screen.getByRole('button', { name: 'All as usual' }));
  await waitFor(() => expect(sent.map((s) => s.path.split('/').at(-1))).toEqual(['start', 'finish']));
  expect(sent[1]?.body).toMatchObject({ dogId: planned?.dogId, step: 'inspection', version: 1, doneBefore: true });
  expect(screen.queryByRole('complementary', { name })).toBeNull();
});

it('where none is planned the day is noted with the dog', async () => {
  const free = dogs.find(
    (d) => !PLAN.activities.some((a) => a.dogId === d && a.step === 'inspection' && isToday(a.start)),
  );
  show(<WalkRoom />);
  fireEvent.click(screen.getByRole('button', { name: new RegExp(nameOf(free)) }));
  fireEvent.click(screen.getByRole('button', { name: 'All as usual' }));
  await waitFor(() => expect(sent).toHaveLength(1));
  expect(sent[0]).toMatchObject({ path: `/api/dogs/${free ?? ''}/log`, body: { what: 'inspected' } });
});

it('what is unusual is written down with how soon, where, what and who was told', async () => {
  show(<WalkRoom />);
  const name = nameOf(dogs[0]);
  fireEvent.click(screen.getByRole('button', { name: new RegExp(name) }));
  fireEvent.click(screen.getByRole('button', { name: /^Skin/ }));
  const part = screen.getByRole('region', { name: 'Skin: not as usual' });
  expect(within(part).getByRole('button', { name: 'Write it down' })).toBeDisabled();
  fireEvent.click(within(part).getByRole('button', { name: 'Today: tell a lead' }));
  expect(part.textContent).toContain('a vet’s business');
  fireEvent.click(within(part).getByRole('button', { name: 'Tail' }));
  fireEvent.change(within(part).getByLabelText('What was seen'), { target: { value: 'a red patch' } });
  fireEvent.change(within(part).getByLabelText('Who was told'), { target: { value: 'Maren' } });
  fireEvent.click(within(part).getByRole('button', { name: 'Write it down' }));
  await waitFor(() => expect(sent).toHaveLength(1));
  expect(sent[0]?.body).toMatchObject({
    what: 'seen',
    point: 'skin',
    severity: 'now',
    text: 'a red patch',
    told: 'Maren',
  });
  expect(sent[0]?.body['zones']).toContain('tailTip');
});

it('what is followed is answered at the next look, or closed', async () => {
  const [one] = dogs as unknown as [string];
  const observation = {
    id: 'observed',
    day: '2026-06-10',
    point: 'ears',
    zones: [],
    severity: 'watch',
    text: 'smells',
  };
  show(<WalkRoom />, { kennel: withRecord(one, { observations: [observation] }) });
  fireEvent.click(screen.getByRole('button', { name: new RegExp(nameOf(one)) }));
  expect(screen.getByText('Ears: smells (10 Jun).')).toBeTruthy();
  fireEvent.click(screen.getByRole('button', { name: 'Worse' }));
  await waitFor(() => expect(sent).toHaveLength(1));
  fireEvent.click(screen.getByRole('button', { name: 'As usual again' }));
  await waitFor(() => expect(sent).toHaveLength(2));
  expect(sent.map((s) => s.body)).toMatchObject([
    { what: 'seenAgain', noteId: 'observed', course: 'worse' },
    { what: 'seenOver', noteId: 'observed' },
  ]);
});
