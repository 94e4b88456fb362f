/* Dogs and the coat file: what was found first, products with reasons, what estimates rest on, a form that checks itself. */
import { fireEvent, screen, waitFor, within } from '@testing-library/react';
import { Route, Routes } from 'react-router';
import { stageOf } from '@loyal-mane/core';
import type { LocalDay } from '@loyal-mane/core';
import { METHODS, PRODUCT_NAMES } from '@loyal-mane/library/words';
import CoatFileRoom from '../src/rooms/dogs/CoatFileRoom';
import { factWords } from '../src/rooms/dogs/EstimatesPart';
import DogsRoom from '../src/rooms/dogs/DogsRoom';
import type { Work } from '../src/api/queries';
import { FILE, KENNEL, PLAN, show } from './world';

const idOf = (name: string): string => FILE.dogs.find((d) => d.name === name)?.id ?? '';
const rooms = (
  <Routes>
    <Route path="/dogs" element={<DogsRoom />} />
    <Route path="/dogs/:id" element={<CoatFileRoom />} />
  </Routes>
);
const methods = { number: 0, schools: {}, steps: [], intervals: [], dogs: [], history: [] };
const file = (name: string, part = '', signIn = 'maren') =>
  show(rooms, { at: `/dogs/${idOf(name)}${part === '' ? '' : `?part=${part}`}`, signIn, methods });

it('says what all minutes of a dog are made of', () => {
  const dog = KENNEL.dogs.find((d) => d.coat === 'double');
  if (dog === undefined) throw new Error('no double coat');
  const words = (record: object) =>
    factWords({ ...dog, record: { ...dog.record, ...record } }, KENNEL, FILE.startDay).join('; ');
  const plain = { density: 'normal', coatChange: false, cooperation: 1, lengths: [], lastTrim: FILE.startDay };
  expect(words(plain)).toMatch(/^\d+ kg, about 0\.\d\d m² of skin$/);
  expect(words({ ...plain, density: 'heavy' })).toContain('heavy coat, washing, drying and brushing times 1.25');
  expect(words({ ...plain, coatChange: true })).toContain('the coat drops, brushing times 1.4');
  expect(words({ ...plain, cooperation: 1.3 })).toContain('it makes it hard, times 1.3');
  const lengths = [{ zone: 'back', mm: 90, day: FILE.startDay }];
  expect(words({ ...plain, lengths })).toContain('hair longer than usual, times 1.22');
  expect(words({ ...plain, lastTrim: '2025-06-17' })).toMatch(/weeks beyond its trim, trims times 1.8/);
});

it('lists every dog, narrows by name or breed, and says when nobody is called that', () => {
  show(rooms, { at: '/dogs' });
  expect(screen.getByRole('heading', { level: 1 })).toHaveTextContent('No mats, damp spots or dirt on record.');
  const dogs = () => within(screen.getByRole('region', { name: 'Dogs' })).queryAllByRole('link');
  expect(dogs()).toHaveLength(KENNEL.dogs.length);
  const find = screen.getByLabelText('Find in dogs');
  fireEvent.change(find, { target: { value: 'setter' } });
  expect(dogs()).toHaveLength(2);
  fireEvent.change(find, { target: { value: 'zzz' } });
  expect(dogs()).toHaveLength(0);
  expect(screen.getByText(`0 of ${String(KENNEL.dogs.length)}`)).toBeInTheDocument();
  expect(screen.getByText(/Nothing here matches “zzz”/)).toBeInTheDocument();
  expect(screen.queryByText(/No dog yet/)).not.toBeInTheDocument();
});

describe('the coat', () => {
  it('is tinted by the days since each zone was brushed, and by the chance of a knot with what was found', () => {
    file('Fenn');
    fireEvent.click(screen.getByRole('button', { name: 'Brushed' }));
    expect(
      screen.getAllByRole('button', { name: /^behind the ear.*: brushed (today|yesterday|\d+ days ago)$/ })[0],
    ).toBeVisible();
    fireEvent.click(screen.getByRole('button', { name: 'Knots' }));
    const words = /of 100 such places (\d+) will have a knot by tomorrow \((\d+) to (\d+)\); 4 found in 90 days$/;
    const [rubbed] = screen.getAllByRole('button', { name: /^behind the ear/ });
    const [, risk, low, high] = words.exec(rubbed?.getAttribute('aria-label') ?? '') ?? [];
    expect(Number(low)).toBeLessThanOrEqual(Number(risk));
    expect(Number(risk)).toBeLessThanOrEqual(Number(high));
    fireEvent.click(rubbed as HTMLElement);
    const panel = within(screen.getByRole('region', { name: 'Zone' }));
    expect(panel.getByText(/^Of 100 such places/)).toBeInTheDocument();
    const back =
      screen.getAllByRole('button', { name: /^back: of 100 such places/ })[0]?.getAttribute('aria-label') ?? '';
    expect(Number(/places (?:under )?(\d+) will/.exec(back)?.[1])).toBeLessThan(Number(risk));
  });

  it('a smooth coat is asked for no knots', () => {
    file('Quill');
    expect(screen.queryByRole('button', { name: 'Knots' })).not.toBeInTheDocument();
    expect(screen.getByRole('button', { name: 'Length' })).toBeInTheDocument();
  });

  it('says class, variant and stage of the coat', () => {
    file('Brisk');
    expect(screen.getByText(/Scissored coat; adult/)).toBeInTheDocument();
    const born = '2024-01-01' as LocalDay;
    const day = '2026-06-17' as LocalDay;
    const out = { kind: 'outOfCoat', from: '2026-06-01' as LocalDay } as const;
    const stage = (dog: object): string => stageOf({ born, coatChange: false, ...dog }, day);
    expect(stage({})).toBe('adult');
    expect(stage({ born: '2026-01-01' })).toBe('puppy');
    expect(stage({ coatChange: true, states: [out] })).toBe('coatChange');
    expect(stage({ states: [out] })).toBe('outOfCoat');
    expect(stage({ states: [{ ...out, until: '2026-06-10' }] })).toBe('adult');
  });

  it('shows all four pictures and the lens; a zone says what holds there', () => {
    file('Isbrin');
    for (const picture of ['Left side', 'Right side', 'From above', 'Beneath', 'Head under the lens, on the left']) {
      expect(screen.getByRole('group', { name: picture })).toBeInTheDocument();
    }
    fireEvent.click(screen.getByRole('button', { name: 'Color' }));
    const left = screen.getByRole('group', { name: 'Left side' });
    fireEvent.click(within(left).getByRole('button', { name: 'ribs, left: white' }));
    const zone = screen.getByRole('region', { name: 'Zone' });
    expect(zone).toHaveTextContent('Ribs, left');
    expect(zone).toHaveTextContent('never cut on this trim');
    expect(within(zone).getByRole('button', { name: 'Undercoat out today' })).toBeEnabled();
    expect(within(zone).queryByRole('button', { name: /^Lock/ })).toBeNull();
  });

  it('lets a lead lock what may be cut, and nobody else change the record', () => {
    const { unmount } = file('Brisk');
    const left = screen.getByRole('group', { name: 'Left side' });
    fireEvent.click(within(left).getByRole('button', { name: /^ribs/ }));
    expect(screen.getByRole('button', { name: 'Lock: leave it to grow' })).toBeEnabled();
    unmount();
    file('Brisk', '', 'tuva');
    fireEvent.click(within(screen.getByRole('group', { name: 'Left side' })).getByRole('button', { name: /^ribs/ }));
    expect(screen.queryByRole('button', { name: 'Lock: leave it to grow' })).toBeNull();
    expect(screen.getByRole('radiogroup', { name: 'Found: ribs' })).toBeInTheDocument();
  });
});

describe('products and recipe', () => {
  it('says what the next bath takes and why, by its purpose', () => {
    file('Isbrin', 'products');
    const bath = screen.getByRole('region', { name: 'Bath' });
    expect(bath).toHaveTextContent(`${PRODUCT_NAMES.whiteningWash}, all over`);
    expect(bath).toHaveTextContent('body is wanted there');
    fireEvent.click(within(bath).getByText('Keep-up bath'));
    expect(bath).toHaveTextContent('The last clarifying wash was on 15 May');
    expect(bath).toHaveTextContent('A keep-up bath is conditioned everywhere');
    expect(bath).not.toHaveTextContent(PRODUCT_NAMES.whiteningWash);
  });

  it('says how much of the bottle a bath takes: a thick coat’s two washes twice as much as one that is left on', () => {
    const thick = {
      ...KENNEL,
      dogs: KENNEL.dogs.map((d) =>
        d.name === 'Isbrin' ? { ...d, record: { ...d.record, density: 'heavy' as const } } : d,
      ),
    };
    const amountOf = (schools: object): [number, string] => {
      const at = `/dogs/${idOf('Isbrin')}?part=products`;
      const { container, unmount } = show(rooms, { at, kennel: thick, methods: { ...methods, schools } });
      const [, ml, after] = /Cleansing wash.*?about (\d+) ml of the bottle(.{0,15})/i.exec(container.textContent) ?? [];
      unmount();
      return [Number(ml), after ?? ''];
    };
    const [two, said] = amountOf({});
    const [one, unsaid] = amountOf({ thickWashes: 'b' });
    expect(two).toBeGreaterThan(0);
    expect(Math.abs(two - 2 * one)).toBeLessThanOrEqual(5);
    expect([said.startsWith(' for two washes'), unsaid.includes('washes')]).toEqual([true, false]);
  });

  it('keeps the recipe in order, with the bag and what comes out', () => {
    file('Isbrin', 'products');
    const recipe = screen.getByRole('region', { name: 'Finishing recipe' });
    expect(within(recipe).getAllByRole('listitem')).toHaveLength(4);
    expect(recipe).toHaveTextContent('foam, fixative (loin, hock)');
    expect(within(recipe).queryByRole('button', { name: 'Save the recipe' })).toBeNull();
    fireEvent.click(within(recipe).getByRole('button', { name: `${PRODUCT_NAMES.foam} earlier` }));
    expect(within(recipe).getByRole('button', { name: 'Save the recipe' })).toBeEnabled();
    fireEvent.click(within(recipe).getByRole('button', { name: `Remove ${PRODUCT_NAMES.cream}` }));
    expect(within(recipe).getAllByRole('listitem')).toHaveLength(3);
    fireEvent.click(within(recipe).getByRole('button', { name: 'Discard changes' }));
    expect(within(recipe).getAllByRole('listitem')).toHaveLength(4);
  });

  it('says what the coat has taught', () => {
    file('Isbrin', 'products');
    const taught = screen.getByRole('region', { name: 'What the coat has taught' });
    expect(taught).toHaveTextContent('right the next day (2 logged)');
    expect(taught).toHaveTextContent('about 88 min');
    expect(within(taught).getByRole('button', { name: 'Record how long it held' })).toBeDisabled();
  });
});

it('says what a dog is entered for, what comes and what was done', () => {
  const done = FILE.work.filter((w) => w.dogId === idOf('Rusk') && w.state === 'done');
  const work = FILE.work.map((w) => ({ ...w, version: 1 })) as Work[];
  show(rooms, { at: `/dogs/${idOf('Rusk')}?part=work`, methods, work });
  const entered = within(screen.getByRole('region', { name: 'Entered' }));
  const mine = FILE.entries.filter((e) => e.dogId === idOf('Rusk'));
  expect(entered.getAllByRole('listitem')).toHaveLength(mine.length);
  expect(entered.getByText('09:40')).toBeInTheDocument();
  const planned = PLAN.activities.filter((a) => a.dogId === idOf('Rusk') && a.state !== 'done');
  const comes = within(screen.getByRole('region', { name: 'Coming up' }));
  expect(comes.getAllByRole('button')).toHaveLength(planned.length);
  const did = within(screen.getByRole('region', { name: 'Done' }));
  expect(did.getAllByRole('listitem')).toHaveLength(Math.min(40, done.length));
  expect(did.getByText('Soak for the towel set')).toBeInTheDocument();
});

it('shows what every estimate rests on', () => {
  file('Hale', 'estimates');
  const steps = new Set(PLAN.activities.filter((a) => a.dogId === idOf('Hale')).map((a) => a.step));
  for (const step of steps) expect(screen.getByRole('rowheader', { name: METHODS[step].name })).toBeInTheDocument();
  expect(screen.getAllByText(/^(From \d+ timed|Standard time)/)).toHaveLength(steps.size);
});

describe('the record', () => {
  it('checks while it is typed', async () => {
    file('Hale', 'record');
    const cooperation = screen.getByLabelText('Cooperation (0.8 easy, 1.6 hard)');
    fireEvent.change(cooperation, { target: { value: '3' } });
    expect(await screen.findByText('Between 0.8 and 1.6.')).toBeInTheDocument();
    fireEvent.change(cooperation, { target: { value: '1.2' } });
    await waitFor(() => expect(screen.queryByText('Between 0.8 and 1.6.')).toBeNull());
  });

  it('says who knows the dog, and when it is here: a stay without a day or with a time that is none is refused', async () => {
    file('Hale', 'record');
    const stays = screen.getByRole('region', { name: 'Stays' });
    fireEvent.click(within(stays).getByRole('button', { name: /Add stay/ }));
    const at = within(stays).getByLabelText('Brought at');
    fireEvent.change(at, { target: { value: '930' } });
    fireEvent.blur(at);
    expect(at).toHaveValue('09:30');
    fireEvent.change(at, { target: { value: 'noon' } });
    expect(await within(stays).findByText('A time, such as 09:30.')).toBeInTheDocument();
    fireEvent.click(screen.getByRole('button', { name: 'Save the record' }));
    expect(await within(stays).findByText('From which day?')).toBeInTheDocument();
    const own = screen.getByRole('region', { name: 'Who knows it' });
    fireEvent.mouseDown(within(own).getByRole('combobox', { name: 'Bathes and dries it' }));
    const names = FILE.people.filter((p) => p.skills.includes('bath')).map((p) => p.name);
    for (const name of names) expect(await screen.findByTitle(name)).toBeInTheDocument();
    expect(screen.queryByTitle('Ivo Sand')).toBeNull();
  });

  it('tells what was learned of the dog from finished work, beneath what people have entered', () => {
    const at = (day: number) => `2026-06-0${String(day)}T09:00:00.000Z`;
    const work = [1, 2, 3].map((day) => ({
      ...{
        taskKey: `k:${String(day)}:lineBrush:1:1`,
        dogId: idOf('Hale'),
        step: 'lineBrush',
        state: 'done',
        version: 1,
      },
      ...{ startedAt: at(day), finishedAt: at(day), workedMs: 24 * 60_000, expectedMin: 20 },
      ...(day === 3 ? { pauses: [{ at: at(day), cause: 'dog', zones: ['belly', 'underline'] }] } : {}),
    })) as unknown as Work[];
    show(rooms, { at: `/dogs/${idOf('Hale')}?part=record`, work });
    const learned = screen.getByRole('region', { name: 'Learned from finished work' });
    expect(learned).toHaveTextContent('Brushing20 % over the minutes expected in 3 tasks, asked for 1 break');
    expect(learned).toHaveTextContent(/belly, underline ?a break in 1 of 3 tasks: plans give it 12 % more/);
  });

  it('is read only for the floor', () => {
    file('Hale', 'record', 'tuva');
    expect(screen.queryByRole('button', { name: 'Save the record' })).toBeNull();
    expect(screen.getByLabelText('Cooperation (0.8 easy, 1.6 hard)')).toBeDisabled();
  });
});
