/* The day sheet: ropes, names, what stands around the tasks, load, paper. */
import { act, cleanup, fireEvent, screen, waitFor, within } from '@testing-library/react';
import { bundlesOf, careRounds, instantToMs, msToInstant } from '@loyal-mane/core';
import type { Block, Bundle, DogId, PersonId, PlannedActivity, TaskKey } from '@loyal-mane/core';
import { roundWords } from '@loyal-mane/library/words';
import type { Work } from '../src/api/queries';
import { pageOf } from '../src/parts/pageOf';
import DaySheetRoom from '../src/rooms/daySheet/DaySheetRoom';
// The room loads its charts when they are asked for; here they are read beforehand, so that no test waits for that.
import '../src/rooms/daySheet/LoadView';
import { underLabels } from '../src/rooms/daySheet/underLabels';
import { DAWN_MS, FILE, KENNEL, NAMES, PLAN, idOf, isToday, show } from './world';

beforeEach(() => {
  HTMLElement.prototype.getBoundingClientRect = () => new DOMRect(0, 0, 1224, 600);
  // Charts measure text by a canvas where there is one; here they count letters.
  HTMLCanvasElement.prototype.getContext = () => null;
});

const blockAt = (a: PlannedActivity): Block => ({
  ...{ key: a.key, dogId: a.dogId, step: a.step, stationId: a.stationId, state: 'planned', activity: a },
  ...{ startMs: instantToMs(a.start), endMs: instantToMs(a.attendedUntil) },
});

describe('the day sheet', () => {
  const today = PLAN.activities.filter((a) => a.state === 'planned' && isToday(a.start));

  it('counts the day’s tasks and has a rope for each person', () => {
    show(<DaySheetRoom />);
    expect(screen.getByRole('heading', { level: 1 })).toHaveTextContent(
      `all ${String(today.length)} tasks have a place`,
    );
    for (const p of FILE.people) expect(screen.getByRole('region', { name: p.name })).toBeInTheDocument();
  });

  it('has a name on every block, below it where it is too narrow, and none upon another', () => {
    const placed = Array.from({ length: 12 }, (_, k) => ({
      bundle: bundlesOf([blockAt(today[k] as PlannedActivity)])[0] as Bundle,
      x: 20 * k,
      width: 18,
    }));
    const labels = underLabels(placed, NAMES);
    labels.forEach((label, k) => {
      expect(label).toMatchObject({ words: NAMES.dog(today[k]?.dogId ?? ''), isName: true });
      const before = labels.slice(0, k).map((l, j) => ({ ...l, x: placed[j]?.x ?? 0 }));
      for (const b of before.filter((l) => l.row === label?.row))
        expect(b.x + (b.words?.length ?? 0) * 7).toBeLessThanOrEqual(placed[k]?.x ?? 0);
    });
    expect(Math.max(...labels.map((l) => l?.row ?? 0))).toBeGreaterThan(0);
  });

  it('tells the day around the tasks: rings with handlers, baths with what is mixed, dogs without work', () => {
    const ring = FILE.entries[0];
    show(<DaySheetRoom />, { at: `/day?day=${ring?.day ?? ''}` });
    const facts = screen.getByRole('region', { name: 'The day around the tasks' });
    expect(facts).toHaveTextContent('In the ring');
    expect(facts).toHaveTextContent(`${ring?.ringTime ?? ''} ${NAMES.dog(ring?.dogId ?? '')}`);
    cleanup();
    const bath = PLAN.activities.find((a) => a.step === 'bath' && isToday(a.start));
    show(<DaySheetRoom />);
    const mixes = screen.getByRole('region', { name: 'The day around the tasks' });
    expect(mixes).toHaveTextContent(`${NAMES.dog(bath?.dogId ?? '')}: Cleansing wash`);
  });

  it('tells in the morning which mats are still in, and since when', () => {
    const mats = [
      { zone: 'armpit' as const, tightness: 'tight' as const, foundOn: '2026-06-15' },
      { zone: 'tail' as const, tightness: 'loose' as const, foundOn: FILE.startDay },
    ];
    const kennel = {
      ...KENNEL,
      dogs: KENNEL.dogs.map((d) => (d.name === 'Hale' ? { ...d, marks: { ...d.marks, mats } } : d)),
    };
    show(<DaySheetRoom />, { kennel });
    const facts = screen.getByRole('region', { name: 'The day around the tasks' });
    expect(facts).toHaveTextContent(/Mats still in.*Hale.*armpit/);
    expect(facts).not.toHaveTextContent(/Mats still in.*Hale.*tail/);
  });

  it('shows the load by day, as bars and as the table they are drawn from', async () => {
    show(<DaySheetRoom />);
    fireEvent.click(screen.getByRole('button', { name: 'Load' }));
    const people = await screen.findByRole('region', { name: 'People, hours by day' }, { timeout: 15_000 });
    expect(
      within(people)
        .getByRole('img', { name: /^Bars by day: / })
        .querySelector('svg'),
    ).not.toBeNull();
    expect(within(people).getByRole('row', { name: /^Asta Berg.*of 7\.5 h/ })).toBeInTheDocument();
    expect(screen.getByRole('region', { name: 'Stations, hours by day' })).toHaveTextContent('Tub 1');
  });

  it('prints a card a dog of the show: its rings, its morning, what goes on its coat and in its bag', () => {
    show(<DaySheetRoom />);
    const printed = jest.fn(() => window.dispatchEvent(new Event('beforeprint')));
    window.print = printed as never;
    fireEvent.click(screen.getByRole('button', { name: 'Crate cards' }));
    expect(printed).toHaveBeenCalledTimes(1);
    const cards = screen.getAllByRole('article');
    const shown = new Set(FILE.entries.filter((e) => e.day <= '2026-06-21').map((e) => e.dogId));
    expect(cards).toHaveLength(shown.size);
    const entry = FILE.entries[0];
    const card = screen.getByRole('article', { name: NAMES.dog(entry?.dogId ?? '') });
    expect(card).toHaveTextContent(`${entry?.ringTime ?? ''} ${NAMES.ring(entry?.id ?? '')}`);
    expect(card).toHaveTextContent('show lead');
    act(() => void window.dispatchEvent(new Event('afterprint')));
    expect(screen.queryByRole('article')).toBeNull();
    fireEvent.click(screen.getByRole('button', { name: 'Print' }));
    expect(screen.getByRole('region', { name: 'The day on paper' })).toHaveTextContent('Shampoo to mix');
    act(() => void window.dispatchEvent(new Event('afterprint')));
  });

  it('tells a person on a phone what is left, and keeps what is over folded away', () => {
    const mine = today.filter((a) => a.people.includes(idOf('pia') as never));
    const done = mine[0];
    const work: Work[] = [
      {
        taskKey: done?.key as TaskKey,
        dogId: done?.dogId as DogId,
        step: done?.step ?? 'bath',
        state: 'done',
        personId: idOf('pia') as PersonId,
        startedAt: msToInstant(DAWN_MS - 30 * 60_000),
        finishedAt: msToInstant(DAWN_MS - 20 * 60_000),
        workedMs: 600_000,
        version: 2,
      },
    ];
    show(<DaySheetRoom />, { signIn: 'pia', work });
    expect(mine.length).toBeGreaterThan(2);
    expect(screen.getByRole('heading', { level: 1 })).toHaveTextContent(`${String(mine.length - 1)} to do, next`);
    expect(within(screen.getByRole('list', { name: 'My day' })).getAllByRole('listitem')).toHaveLength(mine.length - 1);
    fireEvent.click(screen.getByText('1 over'));
    expect(within(screen.getByRole('list', { name: 'Over' })).getAllByRole('listitem')).toHaveLength(1);
  });

  it('says who feeds and walks when, on the sheet and to each of them', () => {
    const { unmount } = show(<DaySheetRoom />);
    const day = screen.getByRole('region', { name: 'The day around the tasks' });
    expect(day).toHaveTextContent(/Fed, walked, watered.*\d+ dogs: out, fed and watered, /);
    const first = careRounds(KENNEL, PLAN, FILE.startDay).find((r) => r.parts.length > 0);
    const person = FILE.people.find((p) => p.id === first?.parts[0]?.personId);
    if (first === undefined || person === undefined) throw new Error('nobody feeds');
    unmount();
    show(<DaySheetRoom />, { signIn: person.signIn });
    expect(screen.getByRole('list', { name: 'My rounds' })).toHaveTextContent(roundWords(first));
  });

  it('opens a task with how it is done and why it sits there', async () => {
    show(<DaySheetRoom />, { signIn: 'pia' });
    const first = within(screen.getByRole('list', { name: 'My day' })).getAllByRole('button')[0];
    const a = today
      .filter((x) => x.people.includes(idOf('pia') as never))
      .sort((x, y) => x.start.localeCompare(y.start))[0];
    if (first === undefined || a === undefined) throw new Error('nothing planned');
    fireEvent.click(first);
    const drawer = screen.getByRole('dialog');
    const page = pageOf(a, KENNEL, NAMES.zone);
    for (const line of page?.lines ?? []) await waitFor(() => expect(drawer).toHaveTextContent(line.text));
    expect(drawer).toHaveTextContent('Why then');
  });

  it('lets a lead open a person, nobody else', () => {
    const first = show(<DaySheetRoom />);
    expect(screen.getAllByTitle('Ill, back, sign-in')).toHaveLength(FILE.people.length);
    first.unmount();
    show(<DaySheetRoom />, { signIn: 'tuva' });
    expect(screen.queryByTitle('Ill, back, sign-in')).toBeNull();
  });

  it('steps through days by button and by key', () => {
    show(<DaySheetRoom />);
    const head = screen.getByRole('heading', { level: 1 });
    const before = head.textContent;
    fireEvent.click(screen.getByLabelText('Next day'));
    expect(head).not.toHaveTextContent(before);
    fireEvent.keyDown(document.body, { key: '[' });
    expect(head).toHaveTextContent(before);
  });
});
