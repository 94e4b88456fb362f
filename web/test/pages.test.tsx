/* Pages at the bench and in Methods: ticked one by one, changed by the kennel, told for every breed. */
import { act, fireEvent, screen, waitFor, within } from '@testing-library/react';
import { CARE_LIBRARY } from '@loyal-mane/library';
import { STEP_LINES } from '@loyal-mane/library/pages';
import { CAUTIONS } from '@loyal-mane/library/words';
import type { PlannedActivity } from '@loyal-mane/core';
import { instantToMs, msToInstant } from '@loyal-mane/core';
import type { Work } from '../src/api/queries';
import { setServerTime } from '../src/api/serverClock';
import BenchRoom from '../src/rooms/bench/BenchRoom';
import MethodsRoom from '../src/rooms/methods/MethodsRoom';
import { FILE, KENNEL, PLAN, houseMethods, isToday, show, stored } from './world';

const KEY = 'loyal-mane-outbox';
const bather = FILE.people.find((p) => p.signIn === 'asta') ?? FILE.people[0];
const bath = PLAN.activities.find((a) => a.step === 'bath' && a.state === 'planned' && isToday(a.start));
if (bath === undefined || bather === undefined) throw new Error('nobody bathes today');

beforeEach(() => {
  window.localStorage.clear();
  window.dispatchEvent(new StorageEvent('storage', { key: KEY }));
  HTMLElement.prototype.scrollIntoView = () => undefined;
});

/** Everything given goes out and comes back before the test goes on. */
const settled = (what: () => unknown): Promise<void> =>
  act(async () => {
    await what();
  });

const running = (a: PlannedActivity, ticked: string[]): Work => ({
  taskKey: a.key,
  dogId: a.dogId,
  step: a.step,
  state: 'running',
  personId: bather.id,
  startedAt: a.start,
  runningSince: a.start,
  workedMs: 0,
  version: 1,
  ticked,
});
const waiting = (): { command: string; tick?: { line: string; ticked: boolean } }[] =>
  (JSON.parse(window.localStorage.getItem(KEY) ?? '{"waiting":[]}') as { waiting: never[] }).waiting;
const at = (ticked: string[]) =>
  show(<BenchRoom />, {
    signIn: bather.signIn,
    at: '/bench',
    nowMs: instantToMs(bath.start) + 60_000,
    work: [running(bath, ticked)],
  });

describe('at the bench', () => {
  it('a guided sequence is ticked line by line, by touch and by key; the next line is the one that is lit', async () => {
    at(['earCleaning.1']);
    expect(await screen.findByRole('img', { name: 'Where: behind the ear' })).toBeVisible();
    const ears = screen.getByRole('region', { name: 'Ears cleaned' });
    const boxes = within(ears).getAllByRole('checkbox');
    expect(boxes.map((b) => b.getAttribute('aria-checked'))).toEqual(['true', 'false', 'false', 'false']);
    expect(ears).toHaveTextContent('1 of 4');
    expect(boxes[1]?.closest('li')).toHaveAttribute('aria-current', 'step');
    await settled(() => fireEvent.click(boxes[1] as HTMLElement));
    await settled(() => fireEvent.keyDown(document.body, { key: 't', code: 'KeyT' }));
    expect(waiting().map((o) => [o.command, o.tick])).toEqual([
      ['tick', { line: 'earCleaning.2', ticked: true }],
      ['tick', { line: 'earCleaning.3', ticked: true }],
    ]);
    // A tick waiting for the server is drawn already.
    expect(within(ears).getAllByRole('checkbox', { checked: true })).toHaveLength(3);
    await settled(() => fireEvent.click(within(ears).getAllByRole('checkbox')[0] as HTMLElement));
    expect(waiting().at(-1)?.tick).toEqual({ line: 'earCleaning.1', ticked: false });
  });

  it('cautions are met one after the other, three in sight; what was met stays met', async () => {
    at(['caution.tub']);
    await screen.findByRole('img', { name: /^Where: / });
    const cautions = screen.getByRole('region', { name: 'Watch out for' });
    expect(cautions).not.toHaveTextContent(CAUTIONS.tub);
    const open = within(cautions).getAllByRole('button', { name: 'Understood' });
    expect(open).toHaveLength(3);
    const before = cautions.textContent;
    await settled(() => fireEvent.click(open[0] as HTMLElement));
    expect(waiting().at(-1)?.tick?.line).toMatch(/^caution\./);
    expect(cautions.textContent).not.toBe(before);
  });

  it('nothing is ticked before the task is begun', async () => {
    show(<BenchRoom />, { signIn: bather.signIn, at: '/bench', nowMs: instantToMs(bath.start) });
    await screen.findByRole('img', { name: /^Where: / });
    expect(screen.queryAllByRole('checkbox')).toEqual([]);
    expect(screen.queryAllByRole('button', { name: 'Understood' })).toEqual([]);
  });
});

describe('in Methods', () => {
  const nails = '/methods?part=steps&step=nails&whose=Samoyed';
  const linesIn = (): string[] =>
    within(screen.getByRole('region', { name: 'Lines of the page' }))
      .getAllByRole('listitem')
      .map((li) => li.textContent.replace(/UpDownHide$/, ''));

  it('a lead hides, adds and moves lines; the change is told and can be given up', async () => {
    show(<MethodsRoom />, { at: nails, methods: houseMethods() });
    fireEvent.click(screen.getByRole('button', { name: 'Change lines' }));
    const usual = linesIn();
    expect(usual.length).toBeGreaterThan(2);
    fireEvent.click(screen.getByRole('button', { name: /^Hide: Round them/ }));
    expect(screen.getByRole('heading', { name: 'Hidden here' })).toBeVisible();
    fireEvent.change(screen.getByRole('textbox', { name: 'A line of your own' }), {
      target: { value: 'Feet on the blue mat.' },
    });
    fireEvent.click(screen.getByRole('button', { name: 'Add line' }));
    fireEvent.click(screen.getByRole('button', { name: 'Move up: Feet on the blue mat.' }));
    const changed = linesIn();
    expect(changed.indexOf('Feet on the blue mat.')).toBe(changed.indexOf('Praise the dog between feet.') - 1);
    const bar = screen.getByRole('region', { name: 'What the change would do' });
    expect(bar).toHaveTextContent('“Round them: no edge catches.”: hidden.');
    expect(bar).toHaveTextContent('“Feet on the blue mat.”: added.');
    expect(bar).toHaveTextContent('It moves nothing in the plan.');
    expect(within(bar).getByRole('button', { name: 'Save' })).toBeEnabled();
    fireEvent.click(screen.getByRole('button', { name: 'Show again' }));
    fireEvent.click(screen.getByRole('button', { name: 'Hide: Feet on the blue mat.' }));
    await waitFor(() => expect(screen.queryByRole('region', { name: 'What the change would do' })).toBeNull());
    expect(linesIn()).toEqual(usual);
  });

  it('a bather reads pages and changes none; a step that a coat has not is told', () => {
    show(<MethodsRoom />, { at: nails, signIn: 'tuva', methods: houseMethods() });
    expect(screen.queryByRole('button', { name: 'Change lines' })).toBeNull();
    expect(screen.getByText('Round them: no edge catches.')).toBeVisible();
  });

  it('lines of pages ask for no new plan, other methods do', () => {
    const version = { schools: {}, steps: [], intervals: [], products: [], madeAt: msToInstant(0), madeBy: null };
    const hide = { step: 'nails', line: 'nails.round', of: 'kennel', hidden: true };
    const saved = { ...version, number: 1, lines: [hide] };
    show(<MethodsRoom />, { at: '/methods', methods: { ...houseMethods({}, [saved]), lines: [hide] } });
    expect(screen.queryByRole('note')).toBeNull();
    expect(screen.getByRole('heading', { level: 1 })).toHaveTextContent('1 line of pages');
  });

  it('the handbook has a page for each of the kennel’s breeds, each step with its end', () => {
    show(<MethodsRoom />, { at: '/methods?part=handbook', methods: houseMethods() });
    const ours = new Set(KENNEL.dogs.map((d) => d.breed));
    expect(screen.getAllByRole('heading', { name: /^How we do an? / })).toHaveLength(ours.size);
    for (const article of screen.getAllByRole('article'))
      expect(within(article).getAllByText('Finished when:').length).toBeGreaterThan(10);
    expect(CARE_LIBRARY.breeds.size).toBeGreaterThan(ours.size);
    expect(STEP_LINES.bath.length).toBeGreaterThan(10);
  });
});

describe('mat work', () => {
  const [dog] = KENNEL.dogs;
  if (dog === undefined) throw new Error('no dog');
  const knots = {
    ...bath,
    key: 'f:mats:knots:1:1',
    step: 'knots',
    dogId: dog.id,
    people: [bather.id],
  } as never as PlannedActivity;
  const mats = [
    { zone: 'armpit', tightness: 'loose', side: 'left' },
    { zone: 'tail', tightness: 'tight' },
  ];

  const benchAfter = (ms: number): void => {
    const kennel = {
      ...KENNEL,
      dogs: KENNEL.dogs.map((d) => (d.id === dog.id ? { ...d, marks: { ...d.marks, mats } } : d)),
    } as never;
    show(<BenchRoom />, {
      ...{ signIn: bather.signIn, at: '/bench', nowMs: instantToMs(bath.start) + ms, kennel },
      view: { published: stored({ ...PLAN, activities: [...PLAN.activities, knots] }) },
      work: [running(knots, [])],
    });
  };

  it('is asked of too where it was done before it was started', async () => {
    benchAfter(20_000);
    fireEvent.click(screen.getByRole('button', { name: /is finished$/ }));
    fireEvent.click(await screen.findByRole('button', { name: 'Yes, it was done before' }));
    expect(await screen.findByText(/which mats are out\?/)).toBeVisible();
    fireEvent.click(screen.getByRole('checkbox', { name: /^tail/ }));
    await settled(() => fireEvent.click(screen.getByRole('button', { name: 'Finish, 1 still in' })));
    expect(waiting().at(-1)).toMatchObject({ command: 'finish', doneBefore: true, matsOut: [{ zone: 'tail' }] });
  });

  it('a question stands until it is answered, also when the minute it is about has passed', async () => {
    benchAfter(50_000);
    fireEvent.click(screen.getByRole('button', { name: /is finished$/ }));
    expect(await screen.findByRole('button', { name: 'Yes, it was done before' })).toBeVisible();
    setServerTime(msToInstant(instantToMs(bath.start) + 75_000));
    await screen.findByText('01:15');
    fireEvent.click(screen.getByRole('button', { name: 'Yes, it was done before' }));
    expect(await screen.findByText(/which mats are out\?/)).toBeVisible();
  });

  it('is finished zone by zone: what is not said to be out stays in', async () => {
    benchAfter(120_000);
    fireEvent.click(screen.getByRole('button', { name: /is finished$/ }));
    const dialog = await screen.findByRole('dialog');
    expect(dialog).toHaveTextContent('which mats are out?');
    expect(within(dialog).getByRole('button', { name: 'Finish, 2 still in' })).toBeVisible();
    fireEvent.click(within(dialog).getByRole('checkbox', { name: /^armpit, left/ }));
    expect(dialog).toHaveTextContent('told tomorrow morning');
    await settled(() => fireEvent.click(within(dialog).getByRole('button', { name: 'Finish, 1 still in' })));
    expect(waiting().at(-1)).toMatchObject({ command: 'finish', matsOut: [{ zone: 'armpit', side: 'left' }] });
  });
});
