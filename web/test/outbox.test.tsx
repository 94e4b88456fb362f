/* Taps at the bench while the server is away: kept on the device, never called saved, sent once when it is back. */
import { act, fireEvent, screen, waitFor, within } from '@testing-library/react';
import { METHODS } from '@loyal-mane/library/words';
import type { PlannedActivity } from '@loyal-mane/core';
import { instantToMs, localDayOf, msToInstant } from '@loyal-mane/core';
import { workQuery } from '../src/api/queries';
import type { Work } from '../src/api/queries';
import BenchRoom from '../src/rooms/bench/BenchRoom';
import DaySheetRoom from '../src/rooms/daySheet/DaySheetRoom';
import { DAWN_MS, FILE, KENNEL, PLAN, show } from './world';

const KEY = 'loyal-mane-outbox';
const me = FILE.people.find((p) => p.signIn === 'tuva');
const isToday = (start: PlannedActivity['start']): boolean =>
  localDayOf(instantToMs(start), FILE.settings.timeZone) === FILE.startDay;
const mine = PLAN.activities
  .filter((a) => a.state === 'planned' && isToday(a.start) && me !== undefined && a.people.includes(me.id))
  .sort((x, y) => x.start.localeCompare(y.start));
const first = mine[0];
if (first === undefined || me === undefined) throw new Error('nothing is planned for tuva');

interface Sent {
  readonly path: string;
  readonly body: { readonly commandId?: string; readonly version?: number; readonly at?: string };
}
let sent: Sent[] = [];
let answer: (path: string, body: Sent['body']) => { status: number; body: object } | null = () => null;

beforeEach(() => {
  window.localStorage.clear();
  window.dispatchEvent(new StorageEvent('storage', { key: KEY }));
  window.scrollTo = () => undefined;
  sent = [];
  globalThis.fetch = (async (input: Request) => {
    const { pathname } = new URL(input.url);
    if (input.method === 'GET') return new Response('{}', { status: 404 });
    const body = (await input.clone().json()) as Sent['body'];
    const told = answer(decodeURIComponent(pathname), body);
    if (told === null) throw new TypeError('no connection');
    sent.push({ path: decodeURIComponent(pathname), body });
    return Response.json(told.body, { status: told.status });
  }) as typeof fetch;
});
afterEach(() => {
  answer = () => null;
});

const kept = (): { waiting: { command: string }[] } =>
  JSON.parse(window.localStorage.getItem(KEY) ?? '{"waiting":[]}') as { waiting: { command: string }[] };
/** A hand waits a little between two touches. */
const later = (ms: number): void => {
  jest.setSystemTime(Date.now() + ms);
};
const record = (version: number, state: Work['state']) => {
  const { key: taskKey, dogId, step } = first;
  return { work: { taskKey, dogId, step, state, personId: me.id, workedMs: state === 'done' ? 90_000 : 0, version } };
};

const workOf = ({ key: taskKey, dogId, step }: PlannedActivity) => ({ taskKey, dogId, step });
const nameOf = ({ dogId }: PlannedActivity): string => FILE.dogs.find((d) => d.id === dogId)?.name ?? '';

it('what waits on the device is done in every room of it', async () => {
  const { key, dogId, step, stationId } = first;
  const order = (command: string, minutes: number) => ({
    ...{ commandId: `c-${command}`, key, command, version: 0, dogId, step, stationId, personId: me.id },
    at: msToInstant(DAWN_MS + minutes * 60_000),
  });
  window.localStorage.setItem(KEY, JSON.stringify({ waiting: [order('start', 1), order('finish', 9)], refused: [] }));
  window.dispatchEvent(new StorageEvent('storage', { key: KEY }));
  const day = show(<DaySheetRoom />, { signIn: 'tuva', at: '/day' });
  expect(await screen.findByText('1 over')).toBeInTheDocument();
  day.unmount();
  window.localStorage.clear();
  window.dispatchEvent(new StorageEvent('storage', { key: KEY }));
  show(<DaySheetRoom />, { signIn: 'tuva', at: '/day' });
  expect(await screen.findByRole('list', { name: 'My day' })).toBeInTheDocument();
  expect(screen.queryByText('1 over')).toBeNull();
});

describe('without a connection', () => {
  beforeEach(() => {
    jest.useFakeTimers({ doNotFake: ['queueMicrotask', 'nextTick', 'setImmediate'] });
    jest.setSystemTime(DAWN_MS);
  });
  afterEach(() => {
    jest.useRealTimers();
  });

  it('goes on, says how many records wait, never “saved”; a reload keeps them; back online each is sent once, in order', async () => {
    const page = show(<BenchRoom />, { signIn: 'tuva', at: '/bench' });
    fireEvent.click(screen.getByRole('button', { name: /^Start / }));
    expect(screen.getByRole('button', { name: 'Pause' })).toBeEnabled();
    later(95_000);
    await act(() => jest.advanceTimersByTimeAsync(1000));
    fireEvent.click(screen.getByRole('button', { name: / is finished$/ }));
    await act(() => jest.advanceTimersByTimeAsync(1000));
    expect(kept().waiting.map((o) => o.command)).toEqual(['start', 'finish']);
    expect(screen.getByText('2 records wait on this device')).toBeInTheDocument();
    expect(screen.queryByText('saved')).not.toBeInTheDocument();
    // Minutes later nothing has changed about that.
    await act(() => jest.advanceTimersByTimeAsync(180_000));
    expect(screen.queryByText('saved')).not.toBeInTheDocument();
    expect(screen.getByText('2 records wait on this device')).toBeInTheDocument();
    page.unmount();
    answer = (path) => ({ status: 200, body: path.endsWith('/start') ? record(1, 'running') : record(2, 'done') });
    show(<BenchRoom />, { signIn: 'tuva', at: '/bench' });
    await act(() => jest.advanceTimersByTimeAsync(5000));
    await waitFor(() => expect(kept().waiting).toEqual([]));
    expect(sent.map((s) => s.path)).toEqual([`/api/tasks/${first.key}/start`, `/api/tasks/${first.key}/finish`]);
    expect(sent.map((s) => s.body.version)).toEqual([0, 1]);
    const [start, finish] = sent.map((s) => Date.parse(s.body.at ?? ''));
    expect((finish ?? 0) - (start ?? 0)).toBeGreaterThan(90_000);
    await act(() => jest.advanceTimersByTimeAsync(1000));
    expect(screen.getByText('saved')).toBeInTheDocument();
  });

  it('keeps a note on the coat too, and sends it although the start before it is refused', async () => {
    show(<BenchRoom />, { signIn: 'tuva', at: '/bench' });
    fireEvent.click(screen.getByRole('button', { name: /^Start / }));
    later(2000);
    await act(() => jest.advanceTimersByTimeAsync(1500));
    fireEvent.click(screen.getByRole('button', { name: 'Note' }));
    fireEvent.click(screen.getByRole('button', { name: 'Sore' }));
    fireEvent.change(screen.getByLabelText('Why, or what to do'), { target: { value: 'left elbow' } });
    fireEvent.click(screen.getByRole('button', { name: /^Note it/ }));
    expect(kept().waiting.map((o) => o.command)).toEqual(['start', 'coatLog']);
    answer = (path) =>
      path.endsWith('/start')
        ? { status: 409, body: { title: '', detail: 'Pia was quicker.', code: 'alreadyOver', status: 409, errors: [] } }
        : { status: 200, body: { id: first.dogId, version: 2 } };
    await act(() => jest.advanceTimersByTimeAsync(5000));
    await waitFor(() => expect(kept().waiting).toEqual([]));
    expect(screen.getByRole('alert')).toHaveTextContent(/Not recorded: .*\(start [0-9:]+\)/);
    const [, note] = sent;
    expect(note?.path).toBe(`/api/dogs/${first.dogId}/log`);
    expect(note?.body).toMatchObject({ what: 'note', about: 'sore', text: 'left elbow' });
    expect(Date.parse(note?.body.at ?? '')).toBeGreaterThan(DAWN_MS);
  });

  it('another person’s records wait for that person, and are not sent in somebody else’s name', async () => {
    const page = show(<BenchRoom />, { signIn: 'tuva', at: '/bench' });
    fireEvent.click(screen.getByRole('button', { name: /^Start / }));
    await act(() => jest.advanceTimersByTimeAsync(500));
    page.unmount();
    answer = () => ({ status: 200, body: record(1, 'running') });
    show(<BenchRoom />, { signIn: 'ivo', at: '/bench' });
    await act(() => jest.advanceTimersByTimeAsync(5000));
    expect(sent).toEqual([]);
    expect(kept().waiting).toHaveLength(1);
  });

  it('what the server refuses is shown with why until it is read, and what hung on it with it', async () => {
    show(<BenchRoom />, { signIn: 'tuva', at: '/bench' });
    fireEvent.click(screen.getByRole('button', { name: /^Start / }));
    answer = () => ({
      status: 409,
      body: { title: '', detail: 'Pia was quicker.', code: 'alreadyOver', status: 409, errors: [] },
    });
    await act(() => jest.advanceTimersByTimeAsync(5000));
    const told = await screen.findByRole('alert');
    expect(told).toHaveTextContent(/Not recorded: .*start.* Pia was quicker/);
    expect(kept().waiting).toEqual([]);
    fireEvent.click(screen.getByRole('button', { name: 'I have read it' }));
    expect(screen.queryByRole('alert')).not.toBeInTheDocument();
  });
});

it('a mark in the coat shows at once, and is laid over what others have marked meanwhile', async () => {
  const marks: { readonly version: number; readonly marks: { readonly soiled: string[] } }[] = [];
  const others = { soiled: ['belly'], mats: [], unready: [] };
  const dogs = KENNEL.dogs.map((d) => (d.id === first.dogId ? { ...d, version: 7, marks: others } : d));
  let isThere = false;
  globalThis.fetch = (async (input: Request) => {
    if (!isThere) throw new TypeError('no connection');
    const { pathname } = new URL(input.url);
    if (input.method === 'POST') marks.push((await input.clone().json()) as (typeof marks)[number]);
    return Response.json(pathname === '/api/kennel' ? { ...KENNEL, dogs } : { id: first.dogId, version: 8 });
  }) as typeof fetch;
  show(<BenchRoom />, { signIn: 'tuva', at: '/bench' });
  fireEvent.click(screen.getByRole('button', { name: 'Mark what you find' }));
  fireEvent.click(await screen.findByRole('button', { name: 'behind the ear' }));
  fireEvent.click(screen.getByRole('radio', { name: 'Soiled' }));
  await waitFor(() => expect(screen.getByRole('radio', { name: 'Soiled' })).toBeChecked());
  expect(kept().waiting.map((o) => o.command)).toEqual(['mark']);
  isThere = true;
  window.dispatchEvent(new Event('online'));
  await waitFor(() => expect(kept().waiting).toEqual([]), { timeout: 10_000 });
  expect(marks).toMatchObject([{ version: 7, marks: { soiled: ['belly', 'behindEar'] } }]);
});

it('a note that is open stays with its dog when its task is finished elsewhere', async () => {
  const { client } = show(<BenchRoom />, { signIn: 'tuva', at: '/bench' });
  const other = mine.find((a) => a.dogId !== first.dogId);
  if (other === undefined) throw new Error('tuva works on one dog only today');
  fireEvent.click(screen.getByRole('button', { name: 'Note' }));
  const over = mine.slice(0, mine.indexOf(other)).map((a) => ({ ...record(2, 'done').work, ...workOf(a) }));
  act(() => void client.setQueryData(workQuery.queryKey, over));
  await screen.findByRole('heading', { name: new RegExp(`^${nameOf(other)}: `) });
  expect(screen.getByText(`A note on ${nameOf(first)}`)).toBeVisible();
  fireEvent.click(screen.getByRole('button', { name: 'Sore' }));
  fireEvent.click(screen.getByRole('button', { name: /^Note it/ }));
  expect(kept().waiting).toMatchObject([{ command: 'coatLog', dogId: first.dogId }]);
  expect(await screen.findByText('1 record waits on this device')).toBeVisible();
});

describe('touches', () => {
  beforeEach(() => {
    answer = (path) => ({ status: 200, body: path.endsWith('/start') ? record(1, 'running') : record(2, 'done') });
  });

  it('a second touch within a second does not finish what was just started', async () => {
    show(<BenchRoom />, { signIn: 'tuva', at: '/bench' });
    fireEvent.click(screen.getByRole('button', { name: /^Start / }));
    fireEvent.click(await screen.findByRole('button', { name: / is finished$/ }));
    await waitFor(() => expect(screen.getByText('saved')).toBeInTheDocument());
    expect(sent.map((s) => s.path.split('/').at(-1))).toEqual(['start']);
  });

  it('a start that comes with a question is given anyway only when that is said', async () => {
    answer = (_, body) =>
      'anyway' in body
        ? { status: 200, body: record(1, 'running') }
        : {
            status: 409,
            body: { title: '', detail: 'Pia is still working on it.', code: 'askFirst', status: 409, errors: [] },
          };
    show(<BenchRoom />, { signIn: 'tuva', at: '/bench' });
    fireEvent.click(screen.getByRole('button', { name: /^Start / }));
    expect(await screen.findByRole('alert')).toHaveTextContent('Pia is still working on it.');
    const wall = Date.now();
    jest.spyOn(Date, 'now').mockReturnValue(wall + 2000);
    fireEvent.click(screen.getByRole('button', { name: 'Start anyway' }));
    await waitFor(() => expect(sent).toHaveLength(2));
    expect(sent[1]?.body).toMatchObject({ anyway: true });
    jest.restoreAllMocks();
  });

  it('a bath before its brush-out is asked about on the device, with why; who starts it anyway says so', async () => {
    const today = PLAN.activities.filter((a) => a.state === 'planned' && isToday(a.start));
    const bath = today.find(
      (a) => a.step === 'bath' && today.some((b) => b.step === 'brushOut1' && b.dogId === a.dogId),
    );
    const person = FILE.people.find((p) => p.id === bath?.people[0]);
    if (bath === undefined || person === undefined) throw new Error('no bath with a brush-out today');
    const at = `/bench?task=${encodeURIComponent(bath.key)}&person=${person.id}`;
    const brushed = today.filter((b) => b.dogId === bath.dogId && ['brushOut1', 'brushOut2'].includes(b.step));
    const done = brushed.map((b) => ({ ...workOf(b), state: 'done', version: 2 }) as unknown as Work);
    const start = (): HTMLElement => screen.getByRole('button', { name: `Start ${nameOf(bath)}: bath` });
    const page = show(<BenchRoom />, { signIn: 'tuva', at });
    fireEvent.click(start());
    const dialog = await screen.findByRole('dialog');
    expect(dialog).toHaveTextContent('Brush-out is not finished. Water sets mats.');
    fireEvent.click(within(dialog).getByRole('button', { name: 'Go back' }));
    await waitFor(() => expect(screen.queryByRole('dialog')).toBeNull());
    expect(sent).toEqual([]);
    fireEvent.click(start());
    fireEvent.click(within(await screen.findByRole('dialog')).getByRole('button', { name: 'Start anyway' }));
    await waitFor(() => expect(sent).toHaveLength(1));
    expect(sent[0]?.body).toMatchObject({ anyway: true });
    page.unmount();
    sent = [];
    show(<BenchRoom />, { signIn: 'tuva', at, work: done });
    const wall = Date.now();
    jest.spyOn(Date, 'now').mockReturnValue(wall + 2000);
    fireEvent.click(start());
    await waitFor(() => expect(sent).toHaveLength(1));
    expect(sent[0]?.body).not.toHaveProperty('anyway');
    jest.restoreAllMocks();
  });

  it('names the dog on the start button, and takes a start back', async () => {
    show(<BenchRoom />, { signIn: 'tuva', at: '/bench' });
    const dog = FILE.dogs.find((d) => d.id === first.dogId)?.name ?? '';
    fireEvent.click(screen.getByRole('button', { name: `Start ${dog}: ${METHODS[first.step].name.toLowerCase()}` }));
    await waitFor(() => expect(sent).toHaveLength(1));
    const back = await screen.findByRole('button', { name: 'Not started after all' });
    const wall = Date.now();
    jest.spyOn(Date, 'now').mockReturnValue(wall + 2000);
    answer = () => ({ status: 200, body: { work: null } });
    fireEvent.click(back);
    await waitFor(() => expect(sent.at(-1)?.path).toMatch(/\/undo$/));
    jest.restoreAllMocks();
  });
});
