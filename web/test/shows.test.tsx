/* Shows: the list, a new show, one show's entries, its rings and its rules. */
import { fireEvent, screen, waitFor, within } from '@testing-library/react';
import { Route, Routes } from 'react-router';
import { RULE_WORDS } from '@loyal-mane/library/words';
import ShowsRoom from '../src/rooms/shows/ShowsRoom';
import { TestServer } from './testServer';
import { choose, press, rowsOf, type } from './page';
import { FILE, KENNEL, NAMES, show } from './world';

let server: TestServer;
const next = FILE.shows.find((s) => s.name === 'Tornvik')!;
const entries = FILE.entries.filter((e) => e.showId === next.id);
const room = (at: string, signIn = 'maren') =>
  show(
    <Routes>
      <Route path="/shows" element={<ShowsRoom />} />
      <Route path="/shows/:id" element={<ShowsRoom />} />
    </Routes>,
    { at, signIn },
  );
const page = async (signIn = 'maren') => {
  room(`/shows/${next.id}`, signIn);
  await screen.findByRole('region', { name: 'Entries' });
  // Fields open once the kennel's rows are there.
  if (signIn === 'maren') await screen.findByRole('button', { name: 'Name and days' });
};

beforeEach(() => {
  window.localStorage.clear();
  server = new TestServer();
});

describe('the list', () => {
  it('says what comes next, and opens a show', async () => {
    room('/shows');
    expect(screen.getByRole('heading', { level: 1 })).toHaveTextContent(/^Tornvik is in \d days: \d+ entries\.$/);
    expect(rowsOf('Shows')).toHaveLength(FILE.shows.length);
    fireEvent.click(screen.getByText('Tornvik'));
    expect(await screen.findByRole('region', { name: 'Entries' })).toBeVisible();
  });

  it('a new show is entered with its site and rings in one change', async () => {
    room('/shows');
    await waitFor(() => expect(screen.getByRole('button', { name: /Add show/ })).toBeEnabled());
    press('Add show');
    const form = within(await screen.findByRole('dialog'));
    press('Enter the show', form);
    expect(await form.findByText('What is it called?')).toBeVisible();
    expect(form.getByText('When does it begin?')).toBeVisible();
    type('Name', 'Harrow Fen', form);
    type('Where', 'Fen hall', form);
    const day = form.getByLabelText('First day');
    fireEvent.change(day, { target: { value: '2026-07-04' } });
    fireEvent.blur(day);
    type('Rings', '3', form);
    press('Enter the show', form);
    await waitFor(() =>
      expect(server.changes(0).map((c) => c.list)).toEqual(['sites', 'shows', 'rings', 'rings', 'rings']),
    );
    expect(server.changes(0)[1]?.to).toMatchObject({
      name: 'Harrow Fen',
      firstDay: '2026-07-04',
      lastDay: '2026-07-05',
    });
  });
});

describe('one show', () => {
  it('lists its entries with ring times, rings and handlers', async () => {
    await page();
    expect(screen.getByRole('heading', { level: 1 })).toHaveTextContent(`Tornvik: ${String(entries.length)} entries`);
    expect(rowsOf('Entries')).toHaveLength(entries.length);
    const brisk = rowsOf('Entries').find((r) => r.textContent.includes('Brisk'));
    expect(brisk).toHaveTextContent(KENNEL.dogs.find((d) => d.name === 'Brisk')?.breed ?? 'no breed');
  });

  it('takes a ring time that is typed over, and marks what is no time', async () => {
    await page();
    const entry = entries.find((e) => NAMES.dog(e.dogId) === 'Tolle')!;
    const time = screen.getAllByLabelText('Tolle goes in at')[0]!;
    fireEvent.change(time, { target: { value: '25:00' } });
    fireEvent.keyDown(time, { key: 'Enter' });
    expect(time).toHaveAttribute('title', 'A time is written like 09:30.');
    fireEvent.keyDown(time, { key: 'Escape' });
    expect(time).toHaveValue(entry.ringTime);
    fireEvent.change(time, { target: { value: '1015' } });
    fireEvent.keyDown(time, { key: 'Enter' });
    await waitFor(() => expect(server.changes(0)).toHaveLength(1));
    expect(server.changes(0)[0]).toMatchObject({
      list: 'entries',
      from: { ringTime: entry.ringTime },
      to: { ringTime: '10:15' },
    });
    expect(await screen.findByText(/Ring time changed/)).toBeVisible();
  });

  it('pulls an entry once, however often it is pressed', async () => {
    await page();
    const pull = screen.getAllByRole('button', { name: 'Pull Brisk' })[0]!;
    fireEvent.click(pull);
    fireEvent.click(pull);
    expect(await screen.findByText(/Brisk is pulled; only its own work goes/)).toBeVisible();
    expect(server.bodies('/api/changes')).toHaveLength(1);
    expect(server.changes(0).at(-1)).toMatchObject({ list: 'entries', to: null });
  });

  it('enters several dogs of a block, each at the time of its place', async () => {
    await page();
    press('Enter dogs');
    const form = within(await screen.findByRole('dialog'));
    expect(form.getByRole('button', { name: 'Enter' })).toBeDisabled();
    await choose('Dogs', /^Pim,/, form, 'Pim');
    await choose('Dogs', /^Rusk,/, form, 'Rusk');
    fireEvent.change(form.getByLabelText('Block starts'), { target: { value: 'soon' } });
    expect(form.getByRole('button', { name: 'Enter' })).toBeDisabled();
    fireEvent.change(form.getByLabelText('Block starts'), { target: { value: '930' } });
    fireEvent.blur(form.getByLabelText('Block starts'), { target: { value: '930' } });
    fireEvent.change(form.getByLabelText('Place of Rusk'), { target: { value: '11' } });
    expect(form.getByRole('table', { name: 'Places in the ring' })).toHaveTextContent('09:54');
    press('Enter 2', form);
    await waitFor(() => expect(server.changes(0)).toHaveLength(2));
    expect(server.changes(0).map((c) => (c.to as { ringTime: string }).ringTime)).toEqual(['09:30', '09:54']);
    expect(await screen.findByText('2 entered. Plan again to work by them.')).toBeVisible();
  });

  it('opens an entry as a form, with everything that can be said of it', async () => {
    await page();
    fireEvent.click(rowsOf('Entries')[0]!);
    const form = within(await screen.findByRole('dialog'));
    for (const field of ['Shown by', 'Class', 'Held ready until']) expect(form.getByText(field)).toBeVisible();
    type('Class', 'Open', form);
    press('Save', form);
    await waitFor(() => expect(server.changes(0)[0]?.to).toMatchObject({ showClass: 'Open' }));
  });

  it('has rings that can be renamed and added', async () => {
    await page();
    const rings = within(screen.getByRole('region', { name: 'Rings' }));
    press('Add ring', rings);
    const form = within(await screen.findByRole('dialog'));
    type('Name', 'Ring 12', form);
    press('Save', form);
    await waitFor(() =>
      expect(server.changes(0)[0]).toMatchObject({ list: 'rings', to: { name: 'Ring 12', showId: next.id } }),
    );
  });

  it('writes down its rules, one by one or all as at an example', async () => {
    server.on('POST /api/shows/*/rules', () => ({ version: 2 }));
    await page();
    await choose(`Tornvik: ${RULE_WORDS.whiskersRemoved}`, 'forbidden');
    await waitFor(() => expect(server.sent).toHaveLength(1));
    expect(server.sent[0]?.body).toMatchObject({ rules: { whiskersRemoved: 'forbidden' } });
    expect(await screen.findByText('Saved. Plan again to work by it.')).toBeVisible();
    await choose('Tornvik: copy all rules from', 'a strict show');
    await waitFor(() => expect(server.sent).toHaveLength(2));
    fireEvent.change(screen.getByLabelText('Tornvik: least age in months'), { target: { value: '9' } });
    fireEvent.blur(screen.getByLabelText('Tornvik: least age in months'));
    await waitFor(() => expect(server.sent.at(-1)?.body).toMatchObject({ rules: { leastAgeMonths: 9 } }));
  });

  it('is read by the crew and changed by leads', async () => {
    await page('tuva');
    expect(screen.queryByRole('button', { name: /Enter dogs/ })).toBeNull();
    expect(screen.queryByRole('button', { name: /^Pull/ })).toBeNull();
    for (const time of screen.getAllByLabelText(/goes in at$/)) expect(time).toBeDisabled();
  });
});
