/* The frame around the rooms: who sees which, shortcuts, search, the four weeks ahead; and a first day's steps. */
import { cleanup, fireEvent, screen, waitFor, within } from '@testing-library/react';
import { RouterProvider, createMemoryRouter, useLocation } from 'react-router';
import type { Plan } from '@loyal-mane/core';
import { Frame } from '../src/app/Frame';
import { RoomError } from '../src/app/RoomError';
import CountdownRoom from '../src/rooms/countdown/CountdownRoom';
import type { Kennel } from '../src/api/queries';
import { Refusal, TestServer } from './testServer';
import { choose, give, press } from './page';
import { FILE, KENNEL, show, showAround } from './world';

let server: TestServer;

function Where() {
  const { pathname, search } = useLocation();
  return <p data-testid="where">{pathname + search}</p>;
}

function frame(signIn = 'maren', at = '/') {
  const router = createMemoryRouter(
    [{ element: <Frame />, errorElement: <RoomError />, children: [{ path: '*', element: <Where /> }] }],
    { initialEntries: [at] },
  );
  return showAround(<RouterProvider router={router} />, { signIn });
}
const where = (): string | null => screen.getByTestId('where').textContent;

beforeEach(() => {
  window.localStorage.clear();
  server = new TestServer();
});

describe('the frame', () => {
  it('shows each role its rooms, and who is signed in', () => {
    const lead = frame();
    const tabs = within(screen.getByRole('navigation', { name: 'Rooms' }));
    expect(tabs.getAllByRole('link').map((a) => a.textContent)).toEqual([
      ...['Countdown', 'Day sheet', 'Bench', 'Mixing room', 'Dogs', 'Outline', 'Shows', 'Methods', 'Kennel'],
    ]);
    expect(screen.getByRole('link', { name: 'Maren Holt' })).toHaveAttribute('href', '/account');
    lead.unmount();
    frame('tuva');
    expect(within(screen.getByRole('navigation', { name: 'Rooms' })).queryByText('Kennel')).toBeNull();
  });

  it('goes to rooms by two keys, and lists the shortcuts', async () => {
    frame();
    for (const key of ['g', 'k']) fireEvent.keyDown(document.body, { key, code: `Key${key.toUpperCase()}` });
    expect(where()).toBe('/kennel');
    fireEvent.keyDown(document.body, { key: '?', code: 'Slash', shiftKey: true });
    expect(within(await screen.findByRole('dialog')).getByText('start or pause (Bench)')).toBeVisible();
  });

  it('finds a dog by a part of its name, and by a name that is nearly right', async () => {
    frame();
    fireEvent.keyDown(document.body, { key: '/', code: 'Slash' });
    const dialog = within(await screen.findByRole('dialog'));
    const field = dialog.getByLabelText('A dog, a person, a room, a show');
    fireEvent.change(field, { target: { value: 'isbr' } });
    expect((await screen.findAllByText(/^Isbrin, /)).length).toBeGreaterThan(0);
    fireEvent.change(field, { target: { value: 'seraf' } });
    const near = await screen.findAllByText(/^Seraph, /);
    fireEvent.click(near.at(-1)!);
    const seraph = FILE.dogs.find((d) => d.name === 'Seraph');
    await waitFor(() => expect(where()).toBe(`/?dog=${seraph?.id ?? ''}`));
  });

  it('draws four weeks ahead, each day a way to its sheet', () => {
    frame();
    const rail = within(screen.getByRole('group', { name: 'The next 28 days' }));
    const days = rail.getAllByRole('button');
    expect(days).toHaveLength(28);
    expect(days[0]).toHaveAccessibleName(/^Wednesday 17 Jun, \d+ hours of work$/);
    fireEvent.keyDown(days[2]!, { key: 'Enter' });
    expect(where()).toBe('/day?day=2026-06-19');
    fireEvent.click(days[1]!);
    expect(where()).toBe('/day?day=2026-06-18');
  });

  it('signs out, and says when that did not work', async () => {
    frame();
    server.on('DELETE /api/session', () => new Refusal(503, 'away', 'The database is away', 'Try again.'));
    press('sign out');
    expect(await screen.findByText('Signing out did not work; try again.')).toBeVisible();
  });

  it('a room that fails stands aside with words and a way to try again', async () => {
    const Broken = (): never => {
      throw new Error('nothing of this room is right');
    };
    const silent = jest.spyOn(console, 'error').mockImplementation(() => undefined);
    const router = createMemoryRouter([{ path: '/', element: <Broken />, errorElement: <RoomError /> }]);
    showAround(<RouterProvider router={router} />, {});
    expect(await screen.findByRole('alert')).toHaveTextContent('This room did not open.');
    expect(screen.getByRole('button', { name: 'Open it again' })).toBeVisible();
    silent.mockRestore();
  });
});

describe('a kennel without anything', () => {
  const EMPTY = {
    ...KENNEL,
    dogs: [],
    shows: [],
    entries: [],
    rings: [],
    shifts: [],
    stations: [],
    people: KENNEL.people.slice(0, 1).map((p) => ({ ...p, name: 'Lead' })),
    settings: { ...KENNEL.settings, zoneChecked: false },
  } as unknown as Kennel;
  const home = KENNEL.sites.find((s) => s.home)?.id;
  const NONE = { published: null as unknown as { id: string; plan: Plan } } as never;

  it('says what is needed first, and sets up the usual stations at a press', async () => {
    show(<CountdownRoom />, { kennel: EMPTY, view: NONE });
    const steps = within(screen.getByRole('list', { name: 'The first five minutes' }));
    expect(steps.getAllByRole('listitem').map((li) => li.className)).toEqual(['next', '', '', '', '', '']);
    expect(await steps.findByRole('button', { name: /time zone/ })).toBeVisible();
    await waitFor(() => expect(steps.getByRole('button', { name: 'Add usual stations' })).toBeEnabled());
    press('Add usual stations');
    expect(await screen.findByText(/Set up\. Change or remove any of them/)).toBeVisible();
    const changes = server.bodies('/api/changes')[0]?.['changes'] as { list: string }[];
    expect(new Set(changes.map((c) => c.list))).toContain('stations');
  });

  it('names what the next show lacks, and fills it at a press: shifts, a ride there and back, a table', async () => {
    const kennel = {
      ...KENNEL,
      shifts: [],
      transports: [],
      stations: KENNEL.stations.filter((s) => s.siteId === home),
    };
    show(<CountdownRoom />, { kennel });
    const gaps = within(screen.getByRole('region', { name: 'Missing for the next show' }));
    expect(gaps.getByText(/^Nobody works on /)).toBeVisible();
    expect(gaps.getByText(/^Nothing takes .* and \d+ more to .* and back\.$/)).toBeVisible();
    press('Add two tables', gaps);
    await waitFor(() => expect(server.bodies('/api/changes')).toHaveLength(1));
    const added = server.bodies('/api/changes')[0]?.['changes'] as { list: string; to: { kind: string } }[];
    expect(added.map((c) => [c.list, c.to.kind])).toEqual([
      ['stations', 'table'],
      ['stations', 'table'],
    ]);
    cleanup();
    show(<CountdownRoom />, { kennel, signIn: 'jonas' });
    expect(screen.queryByRole('region', { name: 'Missing for the next show' })).toBeNull();
    expect(screen.getByText(/^for .*Nothing takes/)).toBeVisible();
  });

  it('opens a whole kennel out of a file, once the lead has said who they are in it', async () => {
    server.on('POST /api/kennel/open', () => ({ dogs: FILE.dogs.length, people: FILE.people.length }));
    server.on('POST /api/people/*/link', () => ({ link: 'secret' }));
    const { container } = show(<CountdownRoom />, { kennel: EMPTY, view: NONE });
    await screen.findByRole('region', { name: 'Open a kennel file' });
    give(container, 'not.json', 'no kennel');
    expect(await screen.findByText('not.json is no kennel file: it is not JSON.')).toBeVisible();
    give(container, 'list.json', '{"dogs": 3}');
    expect(await screen.findByText('list.json is no kennel file: it has no people or no dogs.')).toBeVisible();
    give(container, 'wrenfold.json', JSON.stringify(FILE));
    const dialog = within(await screen.findByRole('dialog'));
    expect(dialog.getByText(new RegExp(`^${String(FILE.dogs.length)} dogs and`))).toBeVisible();
    await choose('Who are you in it', /^Maren Holt/, dialog);
    press('Open it here', dialog);
    await waitFor(() => expect(server.bodies('/api/kennel/open')).toHaveLength(1));
    expect(server.bodies('/api/kennel/open')[0]).toMatchObject({ becomes: FILE.people[0]?.id });
    const links = await screen.findByLabelText('Links, shown once');
    expect(links).toHaveTextContent('http://localhost/welcome#secret');
  });

  it('the crew is told to wait for a lead', () => {
    show(<CountdownRoom />, { kennel: EMPTY, view: NONE, signIn: 'maren' });
    expect(screen.getByRole('heading', { name: 'No show is ahead.' })).toBeVisible();
  });
});

it('on a phone the countdown is a list, what is in the way first', async () => {
  const still = globalThis.ResizeObserver;
  globalThis.ResizeObserver = class extends still {
    constructor(private readonly seen: ResizeObserverCallback) {
      super(seen);
    }
    override observe(): void {
      this.seen([{ contentRect: { width: 390 } } as ResizeObserverEntry], this);
    }
  };
  show(<CountdownRoom />);
  globalThis.ResizeObserver = still;
  const first = within(screen.getByRole('region', { name: 'In the way' }));
  expect(first.getByRole('button', { name: /Tamsin/ })).toHaveTextContent('Maren shows Brisk');
  expect(screen.getByRole('region', { name: /^Friday 19/ })).toBeVisible();
  fireEvent.click(first.getByRole('button', { name: /Tamsin/ }));
  expect(
    await within(await screen.findByRole('dialog')).findByRole('region', { name: 'Found in the coat' }),
  ).toBeVisible();
});
