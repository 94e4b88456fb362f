/* Programs, intervals, products and breeds as this kennel has them: what a change says, what stops it, what is saved. */
import { fireEvent, screen, waitFor, within } from '@testing-library/react';
import { METHODS } from '@loyal-mane/library/words';
import MethodsRoom from '../src/rooms/methods/MethodsRoom';
import { Refusal, TestServer } from './testServer';
import { choose, press, type } from './page';
import { houseMethods, show } from './world';

const EFFECT = { moved: 6, added: 0, removed: 0, dogs: ['a', 'b'], crewMin: 45, gained: [], lost: [], refused: [] };
let server: TestServer;
const open = (address: string, signIn = 'maren') =>
  show(<MethodsRoom />, { at: `/methods?${address}`, methods: houseMethods(), signIn });
const bar = () => within(screen.getByRole('region', { name: 'What the change would do' }));
const saved = () => server.sent.filter((s) => s.path === '/api/methods').map((s) => s.body);

beforeEach(() => {
  server = new TestServer();
  server.on('POST /api/methods/preview', () => EFFECT);
  server.on('POST /api/methods', () => houseMethods());
  server.on('GET /api/methods', () => houseMethods());
});

describe('a program', () => {
  it('is drawn with every step, for a grown dog, a puppy or a coat in change', async () => {
    open('part=programs&coat=drop');
    const steps = screen.getAllByRole('button', { name: new RegExp(`^${METHODS.bath.name}$`) });
    expect(steps.length).toBeGreaterThan(0);
    const grown = screen.getAllByText(/ min/).length;
    await choose('Drawn for', 'a dog in coat change');
    expect(screen.getAllByText(/ min/).length).toBeGreaterThanOrEqual(grown - 5);
    press('Wire');
    expect(screen.getAllByText(METHODS.strip.name).length).toBeGreaterThan(0);
  });

  it('a step is changed in days, waits and minutes; the planner says what that moves; it is saved', async () => {
    open('part=programs&coat=drop');
    await choose('Change a step', METHODS.bath.name);
    type('Minutes more', '10');
    fireEvent.blur(screen.getByLabelText('Minutes more'));
    expect(await bar().findByText(/Moves 6 tasks of 2 dogs, adds 45 min of crew time/)).toBeVisible();
    expect(bar().getByText('Drop, bath: 10 min longer.')).toBeVisible();
    press('Save', bar());
    await waitFor(() => expect(saved()).toHaveLength(1));
    expect(saved()[0]).toMatchObject({ steps: [{ coat: 'drop', step: 'bath', nth: 1, plusMin: 10 }] });
    expect(await screen.findByText('Saved. Plan again to work by it.')).toBeVisible();
  });

  it('what cannot work is refused in words before anything is asked', async () => {
    open('part=programs&coat=drop');
    await choose('Change a step', METHODS.bath.name);
    type('First day before', '1');
    type('Last day before', '4');
    fireEvent.blur(screen.getByLabelText('Last day before'));
    expect(await bar().findByText(/This cannot be saved:/)).toBeVisible();
    expect(bar().getByText(/Bath may begin only after its last day is over/)).toBeVisible();
    expect(bar().getByRole('button', { name: 'Save' })).toBeDisabled();
    expect(saved()).toEqual([]);
    press('As the library has it');
    expect(screen.queryByRole('region', { name: 'What the change would do' })).toBeNull();
  });

  it('a step can be left out, wanted at another time, and put before another', async () => {
    open('part=programs&coat=scissored');
    await choose('Change a step', METHODS.nails.name, screen, 'Nails');
    fireEvent.click(screen.getByRole('switch', { name: 'Left out' }));
    expect(await bar().findByText(/Scissored, nails: left out/)).toBeVisible();
    fireEvent.click(screen.getByRole('switch', { name: 'Left out' }));
    type('Most minutes a day', '30');
    fireEvent.blur(screen.getByLabelText('Most minutes a day'));
    expect(await bar().findByText(/Scissored, nails: .*30 min/)).toBeVisible();
    press('Discard changes', bar());
    expect(screen.queryByRole('region', { name: 'What the change would do' })).toBeNull();
  });

  it('keep-up work comes back more or less often', async () => {
    open('part=programs&coat=drop');
    const intervals = within(screen.getByRole('group', { name: 'Keep-up intervals' }));
    const bath = intervals.getByLabelText('Keep-up bath, days');
    fireEvent.change(bath, { target: { value: '3' } });
    fireEvent.blur(bath);
    expect(await bar().findByText(/Drop, keep-up bath: .*3 days/)).toBeVisible();
    await bar().findByText(/Moves 6 tasks/);
    press('Save', bar());
    await waitFor(() => expect(saved()[0]).toMatchObject({ intervals: [{ coat: 'drop', everyDays: 3 }] }));
  });

  it('a refusal of the server stays readable, and the change is not lost', async () => {
    server.on('POST /api/methods', () => new Refusal(409, 'stale', 'Somebody changed this before you', 'Look again.'));
    open('part=programs&coat=drop');
    await choose('Change a step', METHODS.bath.name);
    type('Minutes more', '5');
    fireEvent.blur(screen.getByLabelText('Minutes more'));
    await bar().findByText(/Moves 6 tasks/);
    press('Save', bar());
    expect(await screen.findByText(/Somebody changed this before you/)).toBeVisible();
    expect(screen.getByLabelText('Minutes more')).toHaveValue('5');
  });

  it('is read by the crew and changed by leads', () => {
    open('part=programs&coat=drop', 'tuva');
    expect(screen.queryByRole('combobox', { name: 'Change a step' })).toBeNull();
    expect(screen.queryByRole('group', { name: 'Keep-up intervals' })).toBeNull();
  });
});

describe('a breed of our own', () => {
  const form = async () => within(await screen.findByRole('dialog'));

  it('needs a name that no other has, and everything that the programs read of it', async () => {
    open('part=zones&breed=Samoyed');
    press('Add own breed');
    const fields = await form();
    press('Save the breed', fields);
    for (const words of ['Give it a name.', 'Which coat?', 'Which trim?', '0.5 to 120 kg.'])
      expect(await fields.findByText(words)).toBeVisible();
    type('Breed', 'samoyed', fields);
    expect(await fields.findByText(/A breed of this name is there already/)).toBeVisible();
    expect(server.sent).toEqual([]);
  });

  it('a shipped breed is changed here, and the change is sent whole', async () => {
    server.on('POST /api/breeds', () => undefined);
    open('part=zones&breed=Samoyed');
    press('Change it here');
    const fields = await form();
    expect(fields.getByLabelText('Breed')).toBeDisabled();
    type('Ears', 'kept as they are', fields);
    press('Save the breed', fields);
    expect(await screen.findByText('Saved. Plan again to work by it.')).toBeVisible();
    expect(server.sent.at(-1)?.body).toMatchObject({
      breed: { name: 'Samoyed', coat: 'double', earStyle: 'kept as they are' },
    });
  });

  it('says a refusal and keeps what was typed', async () => {
    server.on('POST /api/breeds', () => new Refusal(503, 'away', 'The database is away', 'Nothing was saved.'));
    open('part=zones&breed=Samoyed');
    press('Change it here');
    const fields = await form();
    type('Stance', 'free', fields);
    press('Save the breed', fields);
    expect(await screen.findByText(/The database is away/)).toBeVisible();
    expect(fields.getByLabelText('Stance')).toHaveValue('free');
  });
});

it('a step’s page says who, where, with what, and what commonly goes wrong', () => {
  open('part=steps&step=forceDry');
  const page = within(screen.getByRole('article', { name: METHODS.forceDry.name }));
  for (const term of ['Who', 'Where', 'Power', 'Noise', 'The dog', 'Minutes at 20 kg'])
    expect(page.getByText(term)).toBeVisible();
  expect(page.getByText(/A at 230 V/)).toBeVisible();
  expect(page.getByText(/The air is blown into a mat: it tightens/)).toBeVisible();
  press(METHODS.bath.name, within(screen.getByRole('list', { name: 'Steps' })));
  expect(screen.getByRole('article', { name: METHODS.bath.name })).toBeVisible();
});
