/* The room Kennel: people, shifts, stations, power, travel, owners, the trail; what a form checks and sends. */
import { act, fireEvent, screen, waitFor, within } from '@testing-library/react';
import { addDays, weekday } from '@loyal-mane/core';
import type { LocalDay } from '@loyal-mane/core';
import KennelRoom from '../src/rooms/kennel/KennelRoom';
import { Refusal, TestServer } from './testServer';
import { choose, label, press, rowsOf, type } from './page';
import { FILE, show } from './world';

let server: TestServer;
const crew = FILE.people.filter((p) => p.role !== 'owner');
const room = (part = '') => show(<KennelRoom />, { at: `/kennel${part === '' ? '' : `?part=${part}`}` });

beforeEach(() => {
  window.localStorage.clear();
  server = new TestServer();
});

describe('people', () => {
  it('are listed with what they can do and their hours, or as a matrix of skills', async () => {
    room();
    expect(await screen.findByRole('heading', { level: 1 })).toHaveTextContent('of 6 work today');
    expect(rowsOf('People')).toHaveLength(FILE.people.length);
    expect(rowsOf('People')[0]).toHaveTextContent(/Maren Holt.*lead.*maren.*\d+ h/);
    fireEvent.click(screen.getByRole('switch'));
    const matrix = screen.getByRole('table');
    expect(within(matrix).getAllByRole('row').length).toBeGreaterThan(crew.length);
  });

  it('a new person is checked while typed, kept as a draft, and saved in one change', async () => {
    server.on('POST /api/changes/check', () => ({
      errors: [{ path: 'changes[0].signIn', code: 'sameSignIn', detail: 'two people sign in as "maren"' }],
    }));
    const { unmount } = room();
    press('Add person', await screen.findByRole('region', { name: 'People' }).then(within));
    const form = within(await screen.findByRole('dialog'));
    type('Name', 'Mar En', form);
    expect(await form.findByText('Two people sign in as "maren".')).toBeVisible();
    unmount();
    room();
    press('Add person', await screen.findByRole('region', { name: 'People' }).then(within));
    const again = within(await screen.findByRole('dialog'));
    expect(again.getByText(/What you typed here before is back/)).toBeVisible();
    expect(again.getByLabelText(label('Name'))).toHaveValue('Mar En');
    type('Signs in as', 'mar', again);
    press('Save', again);
    await waitFor(() => expect(server.changes(0)).toHaveLength(1));
    expect(server.changes(0)[0]).toMatchObject({ list: 'people', from: null, to: { name: 'Mar En', signIn: 'mar' } });
    expect(await screen.findByText('Saved.')).toBeVisible();
  });

  it('answers about what was typed before say nothing once newer ones are asked for', async () => {
    const answers: ((found: object) => void)[] = [];
    server.on('POST /api/changes/check', () => new Promise((resolve) => answers.push(resolve)));
    const found = (detail: string) => ({ errors: [{ path: 'changes[0].signIn', code: 'sameSignIn', detail }] });
    room();
    press('Add person', await screen.findByRole('region', { name: 'People' }).then(within));
    const form = within(await screen.findByRole('dialog'));
    type('Name', 'Mar', form);
    await waitFor(() => expect(answers).toHaveLength(1));
    type('Signs in as', 'maren', form);
    await waitFor(() => expect(answers).toHaveLength(2));
    answers[1]?.(found('two people sign in as "maren"'));
    expect(await form.findByText('Two people sign in as "maren".')).toBeVisible();
    answers[0]?.(found('is empty'));
    await act(() => Promise.resolve());
    expect(form.queryByText('Is empty.')).toBeNull();
    expect(form.getByText('Two people sign in as "maren".')).toBeVisible();
  });

  it('a refused save says why and keeps what was typed', async () => {
    server.on(
      'POST /api/changes',
      () =>
        new Refusal(422, 'invalid', 'Something is not right', 'Nothing was saved.', [
          { path: 'changes[0].name', code: 'schema', detail: 'is empty' },
        ]),
    );
    room();
    press('Add person', await screen.findByRole('region', { name: 'People' }).then(within));
    const form = within(await screen.findByRole('dialog'));
    type('Name', 'Somebody', form);
    type('Signs in as', 'some', form);
    press('Save', form);
    expect(await form.findByText('Is empty.')).toBeVisible();
    expect(await screen.findByText('Nothing was saved: what is marked is not right yet.')).toBeVisible();
    expect(form.getByLabelText(label('Name'))).toHaveValue('Somebody');
  });

  it('get a welcome link, shown once, and their sign-in is closed only when that is confirmed', async () => {
    server.on('POST /api/people/*/link', () => ({ link: 'one-time-secret' }));
    server.on('POST /api/people/*/close-sign-in', () => undefined);
    server.on('GET /api/feeds', () => ({ feeds: [] }));
    room();
    fireEvent.click(await screen.findByText('Tuva Lind'));
    const drawer = within(await screen.findByRole('dialog'));
    press('Make a link', drawer);
    expect(await drawer.findByLabelText('The link, shown once')).toHaveValue(
      'http://localhost/welcome#one-time-secret',
    );
    press('Close the sign-in', drawer);
    expect((await screen.findAllByText('Close the sign-in of Tuva Lind?')).length).toBeGreaterThan(0);
    expect(server.sent.map((s) => s.path.split('/').at(-1))).toEqual(['link']);
    press('Close it');
    expect(await screen.findByText('Closed.')).toBeVisible();
  });

  it('keep practice, kit and route', async () => {
    server.on('GET /api/feeds', () => ({ feeds: [] }));
    server.on('POST /api/people/*/record', () => undefined);
    room();
    fireEvent.click(await screen.findByText('Tuva Lind'));
    const drawer = within(await screen.findByRole('dialog'));
    await drawer.findByText('Practice');
    press('Add a trim that is being learned', drawer);
    press('Save practice, kit and ways', drawer);
    expect(await drawer.findByText('Which trim?')).toBeVisible();
    fireEvent.click(drawer.getByRole('switch', { name: 'The plan asks for the kit' }));
    expect(drawer.getAllByLabelText('Tool').length).toBeGreaterThan(5);
    fireEvent.click(drawer.getAllByRole('button', { name: 'Remove this line' })[0]!);
    press('Save practice, kit and ways', drawer);
    await waitFor(() => expect(server.sent.length > 0).toBe(true));
    expect(server.sent[0]?.body).toMatchObject({ record: { learning: [] } });
  });
});

describe('shifts', () => {
  const monday = addDays(FILE.startDay, -((weekday(FILE.startDay) + 6) % 7));

  it('stand in a week; a day is marked away and back', async () => {
    room('shifts');
    const table = await screen.findByRole('table', { name: 'Shifts of the week' });
    expect(within(table).getAllByRole('row')).toHaveLength(crew.length + 1);
    fireEvent.click(within(table).getAllByRole('button', { name: 'away' })[0]!);
    await waitFor(() => expect(server.changes(0)).toHaveLength(1));
    expect(server.changes(0)[0]).toMatchObject({ list: 'absences', from: null, to: { reason: 'away' } });
    press('Next week');
    expect(await screen.findByText(new RegExp(`^${String(Number(addDays(monday, 7).slice(8)))} `))).toBeVisible();
    press('Previous week');
    press('Previous week');
    expect(within(screen.getByRole('table')).getAllByRole('row')).toHaveLength(crew.length + 1);
  });

  it('a day that is pressed opens its shift', async () => {
    room('shifts');
    const table = await screen.findByRole('table', { name: 'Shifts of the week' });
    const shift = FILE.shifts.find((s) => s.day === FILE.startDay)!;
    const who = FILE.people.find((p) => p.id === shift.personId)!.name;
    press(`${who}, ${shift.day}: ${shift.start}–${shift.end}`, within(table));
    const drawer = within(await screen.findByRole('dialog'));
    expect(drawer.getByLabelText(label('Begins'))).toHaveValue(shift.start);
  });

  it('a weekly pattern is laid over free days', async () => {
    room('shifts');
    press('Lay a weekly pattern', await screen.findByRole('table').then(() => screen));
    const drawer = within(await screen.findByRole('dialog'));
    press('Lay shifts', drawer);
    expect(await drawer.findByText('For whom?')).toBeVisible();
    await choose('For', 'Tuva Lind', drawer);
    for (const noTime of ['noon', '2575']) {
      type('Begins', noTime, drawer);
      press('Lay shifts', drawer);
      expect(await drawer.findByText('Write it like 08:00.')).toBeVisible();
      type('Begins', '08:00', drawer);
      await waitFor(() => expect(drawer.queryByText('Write it like 08:00.')).toBeNull());
    }
    type('Begins', '730', drawer);
    press('Lay shifts', drawer);
    await waitFor(() => expect(server.changes(0).length).toBeGreaterThan(5));
    const free = server.changes(0) as unknown as { to: { personId: string; start: string; day: LocalDay } }[];
    const tuva = FILE.people.find((p) => p.signIn === 'tuva')?.id;
    expect(new Set(free.map((c) => c.to.personId))).toEqual(new Set([tuva]));
    expect(new Set(free.map((c) => c.to.start))).toEqual(new Set(['07:30']));
    expect(free.every((c) => !FILE.shifts.some((s) => s.personId === tuva && s.day === c.to.day))).toBe(true);
  });
});

describe('places', () => {
  it('stations say where they are, when they are closed, and how much is planned at them', async () => {
    room('stations');
    await screen.findByRole('region', { name: 'Stations' });
    expect(rowsOf('Stations').length).toBe(FILE.stations.length);
    const closed = FILE.stations.find((s) => s.closures.some((c) => c.day >= FILE.startDay))!;
    const row = rowsOf('Stations').find((r) => r.textContent.startsWith(closed.name));
    expect(row).toHaveTextContent('closed');
    type('Find in stations', 'dryer');
    await waitFor(() => expect(rowsOf('Stations').length).toBeLessThan(FILE.stations.length));
    type('Find in stations', 'drier');
    expect(await screen.findByText(/Nothing here matches “drier”/)).toBeVisible();
    press('Add station');
    expect(within(await screen.findByRole('dialog')).getByText('New station')).toBeVisible();
  });

  it('circuits say how near the plan comes to what they carry', async () => {
    room('power');
    await screen.findByRole('region', { name: 'Power circuits' });
    expect(rowsOf('Power circuits')).toHaveLength(FILE.circuits.length);
    for (const [k, c] of FILE.circuits.entries()) {
      const [used] = /(\d+(?:\.\d+)?) (?:of \d+ )?A/.exec(rowsOf('Power circuits')[k]?.textContent ?? '') ?? [];
      expect(used).toBeDefined();
      expect(rowsOf('Power circuits')[k]).toHaveTextContent(`${String(c.amps)} A`);
    }
    fireEvent.click(rowsOf('Power circuits')[0]!);
    expect(await screen.findByRole('dialog')).toBeVisible();
  });

  it('sites and rides, and owners', async () => {
    const travel = room('travel');
    expect(await screen.findByRole('heading', { level: 1 })).toBeVisible();
    for (const site of FILE.sites) expect(screen.getAllByText(site.name).length).toBeGreaterThan(0);
    travel.unmount();
    room('owners');
    await screen.findByRole('heading', { level: 1 });
    for (const owner of FILE.owners.slice(0, 3)) expect(screen.getAllByText(owner.name).length).toBeGreaterThan(0);
  });
});

describe('the kennel', () => {
  it('has its settings and its file', async () => {
    room('settings');
    expect(await screen.findByRole('link', { name: /The kennel as a file/ })).toHaveAttribute('href', '/api/export');
  });

  it('the trail says who did what, and takes it back', async () => {
    const shift = FILE.shifts[0]!;
    server.on('GET /api/trail', () => ({
      entries: [
        {
          number: 12,
          at: '2026-06-17T06:10:00Z',
          kind: 'kennel.changed',
          subject: shift.id,
          actorId: FILE.people[0]?.id,
          rows: [{ list: 'shifts', id: shift.id, from: null, to: shift }],
          count: 1,
          mayUndo: true,
        },
      ],
    }));
    server.on('POST /api/trail/*/undo', () => ({ rows: [] }));
    room('trail');
    const trail = within(await screen.findByRole('region', { name: 'Trail' }));
    expect(await trail.findByText(/added shift of/)).toHaveTextContent(`${FILE.people[0]?.name ?? ''} added shift of`);
    press('Take back', trail);
    expect(await screen.findByText('Taken back.')).toBeVisible();
    expect(server.sent.at(-1)?.path).toBe('/api/trail/12/undo');
  });

  it('is closed to others than leads', () => {
    show(<KennelRoom />, { at: '/kennel', signIn: 'tuva' });
    expect(screen.queryByRole('heading', { level: 1 })).toBeNull();
  });
});
