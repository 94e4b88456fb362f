/* Bringing in files: what a table and a calendar would change, what is wrong with them, what is saved of them. */
import { fireEvent, screen, waitFor, within } from '@testing-library/react';
import BringInRoom from '../src/rooms/bringIn/BringInRoom';
import { Refusal, TestServer } from './testServer';
import { choose, give, press, rowsOf } from './page';
import { FILE, show } from './world';

let server: TestServer;
const open = (what: string) => show(<BringInRoom />, { at: `/bring-in?what=${what}` }).container;
const HEAD = 'Name;Breed;Sex;Born;Weight';
const GOOD = `${HEAD}\nFable;Keeshond;f;2024-01-31;17,5\nJuniper;Samoyed;m;12.4.2023;24\n`;

beforeEach(() => {
  window.localStorage.clear();
  server = new TestServer();
});

describe('a table of dogs', () => {
  it('is shown as what it would change, and saved when all is right', async () => {
    const page = open('dogs');
    await screen.findByRole('heading', { name: 'Bring in dogs' });
    give(page, 'dogs.csv', GOOD);
    const bar = await screen.findByText(/change something/);
    expect(bar).toHaveTextContent('2 new, 0 change something, 0 there already, 0 not as they are');
    expect(rowsOf('Rows of the file')).toHaveLength(2);
    await waitFor(() => expect(screen.getByRole('button', { name: 'Save all 2' })).toBeEnabled());
    press('Save all 2');
    await waitFor(() => expect(server.changes(0)).toHaveLength(2));
    expect(server.changes(0)[0]).toMatchObject({ list: 'dogs', from: null, to: { name: 'Fable', weightKg: 17.5 } });
    expect(server.changes(0)[1]?.to).toMatchObject({ born: '2023-04-12', sex: 'dog' });
    expect(await screen.findByText('2 rows saved. The trail can take them back.')).toBeVisible();
  });

  it('faults stand by row and column; the good rows can be saved without the bad one', async () => {
    const page = open('dogs');
    await screen.findByRole('heading', { name: 'Bring in dogs' });
    give(page, 'dogs.csv', `${GOOD}Kees;Kees;f;2024-01-01;heavy\n`);
    const bad = await screen.findByText(/cannot read “heavy”/);
    expect(bad).toHaveTextContent('write a number of kilograms');
    expect(screen.getByRole('button', { name: 'Save all 3' })).toBeDisabled();
    await waitFor(() => expect(screen.getByRole('button', { name: 'Save only the 2 good ones' })).toBeEnabled());
    press('Save only the 2 good ones');
    await waitFor(() => expect(server.changes(0)).toHaveLength(2));
  });

  it('the server’s complaints stand at their rows, and a refusal keeps the file', async () => {
    server.on('POST /api/changes/check', () => ({
      errors: [{ path: 'changes[1].name', code: 'sameName', detail: 'there is another dog of this name' }],
    }));
    server.on('POST /api/changes', () => new Refusal(503, 'away', 'The database is away', 'Nothing was saved.'));
    const page = open('dogs');
    await screen.findByRole('heading', { name: 'Bring in dogs' });
    give(page, 'dogs.csv', GOOD);
    expect(await screen.findByText(/there is another dog of this name/)).toBeVisible();
    press('Save only the good one');
    expect(await screen.findByText(/The database is away/)).toBeVisible();
    expect(rowsOf('Rows of the file')).toHaveLength(2);
  });

  it('columns are chosen by hand, and remembered for the next file', async () => {
    const page = open('dogs');
    await screen.findByRole('heading', { name: 'Bring in dogs' });
    const table = GOOD.replace('Weight', 'Massa');
    give(page, 'dogs.csv', table);
    const columns = within(await screen.findByRole('region', { name: 'Columns' }));
    await choose(/Column of weight/, 'Massa', columns);
    await waitFor(() => expect(screen.getByText(/change something/)).toHaveTextContent('2 new'));
    await waitFor(() => expect(screen.getByRole('button', { name: 'Save all 2' })).toBeEnabled());
    press('Save all 2');
    await screen.findByText(/2 rows saved/);
    give(page, 'again.csv', table);
    await waitFor(() => expect(screen.getByText(/change something/)).toHaveTextContent('2 new'));
  });

  it('says that an old code page was read, and what is no table', async () => {
    const page = open('dogs');
    await screen.findByRole('heading', { name: 'Bring in dogs' });
    give(
      page,
      'old.csv',
      Uint8Array.from([
        ...new TextEncoder().encode(`${HEAD}\nZo`),
        0xeb,
        ...new TextEncoder().encode(';Keeshond;f;2024-01-31;17\n'),
      ]),
    );
    expect(await screen.findByText(/read as the older Western code page/)).toBeVisible();
    expect(await screen.findByText(/Zoë/)).toBeVisible();
    give(page, 'empty.csv', '');
    expect(await screen.findByRole('alert')).toBeVisible();
    expect(screen.queryByRole('region', { name: 'Columns' })).toBeNull();
  });
});

it('a table of entries is about a show, and knows what is there', async () => {
  const show1 = FILE.shows[0]!;
  const entry = FILE.entries.find((e) => e.showId === show1.id)!;
  const dog = FILE.dogs.find((d) => d.id === entry.dogId)!;
  const ring = FILE.rings.find((r) => r.id === entry.ringId)!;
  const page = show(<BringInRoom />, { at: `/bring-in?what=entries&show=${show1.id}` }).container;
  await screen.findByRole('heading', { name: 'Bring in entries' });
  expect(screen.getByRole('combobox', { name: /Show that rows without one/ })).toBeVisible();
  give(
    page,
    'entries.csv',
    `Dog;Day;Ring;Time\n${dog.name};${entry.day};${ring.name};${entry.ringTime}\nNobody;${entry.day};${ring.name};10:00\n`,
  );
  const bar = await screen.findByText(/change something/);
  expect(bar).toHaveTextContent('1 there already, 1 not as they are');
});

describe('a calendar of shows', () => {
  const event = (uid: string, name: string, from: string, to: string): string =>
    `BEGIN:VEVENT\nUID:${uid}\nDTSTAMP:20260101T000000Z\nDTSTART;VALUE=DATE:${from}\nDTEND;VALUE=DATE:${to}\nSUMMARY:${name}\nLOCATION:Fen hall\nEND:VEVENT`;
  const calendar = (...events: string[]): string =>
    `BEGIN:VCALENDAR\nVERSION:2.0\nPRODID:-//test//EN\n${events.join('\n')}\nEND:VCALENDAR\n`;

  it('offers its shows one by one, and saves those that are taken', async () => {
    const page = open('shows');
    await screen.findByRole('heading', { name: 'Bring in shows' });
    give(
      page,
      'shows.ics',
      calendar(event('a', 'Harrow Fen', '20260801', '20260803'), event('b', 'Larkmere', '20260905', '20260906')),
    );
    expect(await screen.findByText(/with other days/)).toHaveTextContent('2 new, 0 with other days');
    fireEvent.click(screen.getByRole('checkbox', { name: 'Take Larkmere' }));
    await waitFor(() => expect(screen.getByRole('button', { name: 'Save the show' })).toBeEnabled());
    press('Save the show');
    await waitFor(() => expect(server.changes(0).some((c) => c.list === 'shows')).toBe(true));
    const saved = server.changes(0).filter((c) => c.list === 'shows');
    expect(saved.map((c) => c.to)).toMatchObject([
      { name: 'Harrow Fen', firstDay: '2026-08-01', lastDay: '2026-08-02' },
    ]);
    expect(await screen.findByText(/1 show saved/)).toBeVisible();
  });

  it('says what is no calendar', async () => {
    const page = open('shows');
    await screen.findByRole('heading', { name: 'Bring in shows' });
    give(page, 'shows.ics', 'not a calendar');
    expect(await screen.findByRole('alert')).toBeVisible();
  });
});

it('is closed to others than leads', () => {
  show(<BringInRoom />, { at: '/bring-in?what=dogs', signIn: 'tuva' });
  expect(screen.queryByRole('heading', { level: 1 })).toBeNull();
});
