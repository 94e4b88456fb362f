/* The rooms with a real plan in them: what a lead sees and may do, and what somebody else does not. */
import { act, cleanup, fireEvent, screen, waitFor, within } from '@testing-library/react';
import { STEP_IDS, countdown, instantToMs, msToInstant } from '@loyal-mane/core';
import type { DogId, Instant, KennelFile, PersonId, PlannedActivity, TaskKey, ToldBreak } from '@loyal-mane/core';
import { METHODS, whyNotWords } from '@loyal-mane/library/words';
import type { Work } from '../src/api/queries';
import { foundWords } from '../src/parts/foundWords';
import BenchRoom from '../src/rooms/bench/BenchRoom';
import { TaskDrawer } from '../src/parts/TaskDrawer';
import CountdownRoom from '../src/rooms/countdown/CountdownRoom';
import DaySheetRoom from '../src/rooms/daySheet/DaySheetRoom';
import { CHECKS, DAWN_MS, FILE, NAMES, PLAN, idOf, isToday, show, stored } from './world';

const read = countdown(FILE, PLAN, [], DAWN_MS);
const problemDog = FILE.dogs.find((d) => d.id === read.problems[0]?.row.dogId);
const noServer = globalThis.fetch;
afterEach(() => {
  globalThis.fetch = noServer;
  window.localStorage.clear();
  window.dispatchEvent(new StorageEvent('storage', { key: 'loyal-mane-outbox' }));
});

beforeEach(() => {
  HTMLElement.prototype.getBoundingClientRect = () => new DOMRect(0, 0, 1224, 600);
});

describe('the countdown', () => {
  it('answers as a headline and has a strand for every dog', () => {
    show(<CountdownRoom />);
    expect(screen.getByRole('heading', { level: 1 })).toHaveTextContent(`${String(read.ready)} of 18 will be ready`);
    for (const row of read.days.flatMap((d) => d.rows)) {
      const name = FILE.dogs.find((d) => d.id === row.dogId)?.name ?? '';
      expect(screen.getAllByText(name).length).toBeGreaterThan(0);
    }
  });

  it('lists what is in the way, and opens the dog with what would help', async () => {
    show(<CountdownRoom />);
    const list = screen.getByRole('list', { name: 'In the way' });
    expect(within(list).getAllByRole('listitem')).toHaveLength(read.problems.length);
    fireEvent.click(within(list).getByRole('button', { name: problemDog?.name ?? '' }));
    const drawer = await screen.findByRole('dialog');
    expect(drawer).toHaveTextContent(problemDog?.breed ?? 'no dog');
    expect(within(drawer).getAllByRole('button', { name: /^(Let|Reopen) / }).length).toBeGreaterThan(0);
    expect(await within(drawer).findByRole('region', { name: 'Found in the coat' })).toBeVisible();
  });

  it('says whose hair will be too short on the day, though it grows so long; which zones, and until when, in the opened dog', async () => {
    show(<CountdownRoom />);
    const row = screen.getByRole('button', { name: /^Brisk/ });
    await waitFor(() => expect(row).toHaveTextContent(/hock short/), { timeout: 20_000 });
    // A coat that never grows so long is no slip: its outline tells, the countdown does not.
    expect(screen.getByRole('button', { name: /^Isbrin/ })).not.toHaveTextContent(/short/);
    fireEvent.click(row);
    const drawer = await screen.findByRole('dialog');
    const short = await within(drawer).findByText(/^Hock: .* mm too short on the day, long enough on \d+ Jul/);
    expect(short).toBeVisible();
  });

  it('offers only what was planned with, what it costs others beside it; how far the looking is, with a way to stop it', async () => {
    const chains = CHECKS.chains.slice(0, 1).map((c) => ({
      ...c,
      remedies: [
        {
          changes: c.remedies.flatMap((r) => r.changes).slice(0, 1),
          gained: [],
          lost: [],
          costsMore: false,
          moved: 12,
          overtimeMin: 20,
        },
        {
          changes: [{ code: 'without', dogId: read.days[0]?.rows[0]?.dogId as DogId }],
          gained: [],
          lost: [read.days[0]?.rows[0]?.dogId as DogId],
          costsMore: true,
          moved: 1,
          overtimeMin: 0,
        },
      ],
    })) as (typeof CHECKS)['chains'];
    const dog = PLAN.unplaced.find((u) => u.key === chains[0]?.key)?.dogId ?? '';
    show(<CountdownRoom />, { at: `/?dog=${dog}`, view: { checks: [{ ...CHECKS, of: 3, chains }] } });
    const drawer = await screen.findByRole('dialog');
    expect(drawer).toHaveTextContent('12 tasks move, 20 min more overtime.');
    const rival = NAMES.dog(read.days[0]?.rows[0]?.dogId ?? '');
    expect(drawer).toHaveTextContent(`1 task moves. ${rival} loses its place, and is more important.`);
    expect(screen.getByText(/Testing possible changes: 1 of 3 dogs done/)).toBeInTheDocument();
    expect(screen.getByRole('button', { name: 'Stop', hidden: true })).toBeEnabled();
  });

  it('asks once for what would help, where nobody has looked', async () => {
    const asked: string[] = [];
    globalThis.fetch = ((input: Request) => {
      asked.push(new URL(input.url).pathname);
      return Promise.resolve(new Response(null, { status: 204 }));
    }) as typeof fetch;
    const published = { ...stored(PLAN), id: '019b8b74-1800-7000-8000-85caea2d67aa' };
    const { rerender } = show(<CountdownRoom />, { view: { published, checks: [] } });
    await waitFor(() => expect(asked.filter((a) => a.endsWith('/look-into'))).toHaveLength(1));
    rerender(<p />);
    show(<CountdownRoom />, { view: { published, checks: [] } });
    expect(asked.filter((a) => a.endsWith('/look-into'))).toHaveLength(1);
  });

  it('lets anybody mark what they find in a coat, by zone', async () => {
    show(<CountdownRoom />, { signIn: 'tuva', at: `/?dog=${problemDog?.id ?? ''}` });
    const found = await screen.findByRole('region', { name: 'Found in the coat' });
    expect(found).toHaveTextContent('Nothing is marked.');
    fireEvent.click(within(found).getByRole('button', { name: 'behind the ear' }));
    expect(within(found).getByRole('radiogroup', { name: 'Found: behind the ear' })).toBeInTheDocument();
    expect(within(found).getByRole('radio', { name: 'Clear' })).toBeChecked();
    const marks = {
      soiled: ['hindfoot' as const],
      mats: [{ zone: 'behindEar' as const, tightness: 'tight' as const, side: 'left' as const }],
      unready: [{ zone: 'foreleg' as const, test: 'kinked' as const }],
    };
    expect(foundWords({ marks })).toBe(
      'A tight mat: behind the ear, left. Kinked at the root: foreleg. Soiled: hindfoot.',
    );
  });

  it('offers planning and remedies to a lead only', async () => {
    show(<CountdownRoom />, { signIn: 'tuva', at: `/?dog=${problemDog?.id ?? ''}` });
    expect(await screen.findByRole('dialog')).toHaveTextContent(problemDog?.name ?? 'no dog');
    expect(screen.queryByRole('button', { name: /^(Let|Reopen) / })).toBeNull();
    expect(screen.queryByRole('button', { name: 'Plan' })).toBeNull();
    expect(screen.queryByRole('button', { name: 'Take it as it is' })).toBeNull();
  });

  it('lets a lead take the plan as it is, as soon as the search has one', async () => {
    const sent: string[] = [];
    globalThis.fetch = ((input: Request) => {
      if (input.method === 'POST') sent.push(new URL(input.url).pathname);
      return Promise.resolve(new Response(null, { status: input.method === 'POST' ? 204 : 404 }));
    }) as typeof fetch;
    const progress = { phase: 'search', round: 0, rounds: 250, placed: 24, of: 32 };
    show(<CountdownRoom />, { view: { job: { id: 'j', state: 'running', progress } as never } });
    fireEvent.click(screen.getByRole('button', { name: 'Take it as it is' }));
    await waitFor(() => expect(sent).toEqual(['/api/plan-jobs/j/enough']));
    expect(await screen.findByText(/^The search ends with the plan that it has/)).toBeVisible();
  });

  it('says what of the plan no longer holds, whose, since when; such a dog is not counted ready', () => {
    const [first, second] = PLAN.activities.filter(
      (a) => a.entryId !== null && a.state === 'planned' && a.step === 'finish',
    );
    if (first === undefined || second === undefined) throw new Error('two dogs are finished at a ring');
    const of = (a: PlannedActivity, more: Partial<ToldBreak>): ToldBreak => ({
      ...{ key: a.key, dogId: a.dogId, entryId: a.entryId, step: a.step, start: a.start, end: a.end },
      ...{ code: 'tooLate', mark: a.start, personId: a.people[0] ?? null, stationId: null, other: null, since: null },
      ...more,
    });
    const ready = countdown(FILE, PLAN, [], DAWN_MS).ready;
    const since = { at: '2026-06-17T08:14:00Z' as Instant, actorId: FILE.people[0]?.id as PersonId };
    const breaks = [of(first, { since }), of(second, { code: 'gap', step: 'condition' })];
    show(<CountdownRoom />, { breaks });
    const broken = screen.getByRole('status', { name: 'No longer holds' });
    expect(broken).toHaveTextContent(/must end by .*, with the ring at .* since 10:14/);
    expect(broken).toHaveTextContent(`${NAMES.dog(second.dogId)} has been wet since`);
    expect(within(broken).getByRole('button', { name: 'Plan again' })).toBeEnabled();
    const rows = new Set([first.dogId, second.dogId]).size;
    expect(screen.getByRole('heading', { level: 1 })).toHaveTextContent(`${String(ready - rows)} of 18`);
    cleanup();
    show(<CountdownRoom />, { breaks, signIn: 'jonas' });
    expect(screen.queryByRole('button', { name: 'Plan again' })).toBeNull();
  });

  it('says it in the opened dog too, and nothing of others', async () => {
    const [a, other] = PLAN.activities.filter(
      (x) => x.entryId !== null && x.state === 'planned' && x.step === 'finish',
    );
    if (a === undefined || other === undefined) throw new Error('two dogs are finished at a ring');
    const of = { key: a.key, dogId: a.dogId, entryId: a.entryId, step: a.step, start: a.start, end: a.end };
    const told = { ...of, code: 'tooLate', mark: a.start, personId: null, stationId: null, other: null, since: null };
    show(<CountdownRoom />, { breaks: [told as unknown as ToldBreak] });
    fireEvent.click(within(screen.getByRole('status', { name: 'No longer holds' })).getByText(NAMES.dog(a.dogId)));
    const drawer = await screen.findByRole('dialog');
    const lines = await within(drawer).findByRole('region', { name: 'No longer holds' });
    expect(lines).toHaveTextContent(/The plan no longer holds\..* must end by/);
    expect(await within(drawer).findByRole('region', { name: 'Found in the coat' })).toBeVisible();
    expect(lines).not.toHaveTextContent(NAMES.dog(other.dogId));
  });

  it('goes back to the plan before, by the menu of planning', async () => {
    const previous = { id: 'p0', publishedAt: '2026-06-17T06:34:00Z' };
    show(<CountdownRoom />, { view: { previous } });
    fireEvent.mouseEnter(screen.getByRole('button', { name: 'More ways to plan' }));
    expect(await screen.findByText('Back to the plan of 08:34')).toBeInTheDocument();
  });

  it('shows how far planning is, with a way to stop it', () => {
    const job = {
      id: 'j',
      state: 'running',
      mode: 'keep',
      progress: { round: 3, rounds: 30, placed: 11, of: 32, cost: 1 },
    };
    show(<CountdownRoom />, { view: { job: job as never } });
    expect(screen.getByText(/Planning, 11 of 32 entries placed/)).toBeInTheDocument();
    expect(screen.getByRole('button', { name: 'Cancel' })).toBeEnabled();
    expect(screen.queryByRole('button', { name: 'Plan' })).toBeNull();
  });

  it('shows a draft with what moved and what has no place; looking at it is one touch', () => {
    const a = PLAN.activities.find((x) => x.state === 'planned' && x.people.length === 1) as PlannedActivity;
    const other = FILE.people.find((p) => p.id !== a.people[0]) as KennelFile['people'][number];
    const moved = PLAN.activities.map((x) => (x.key === a.key ? { ...x, people: [other.id] } : x));
    show(<CountdownRoom />, { view: { draft: stored({ ...PLAN, activities: moved }, { moved: 1 }) } });
    const draft = screen.getByRole('region', { name: 'Draft plan' });
    expect(draft).toHaveTextContent('16 of 18 ready, 1 task moved');
    expect(draft).toHaveTextContent(`${NAMES.first(a.people[0] ?? '')}, now ${NAMES.first(other.id)}`);
    for (const u of PLAN.unplaced.slice(0, 1)) {
      expect(draft).toHaveTextContent(FILE.dogs.find((d) => d.id === u.dogId)?.name ?? 'no dog');
    }
    fireEvent.click(within(draft).getByRole('button', { name: 'Show this draft' }));
    expect(within(draft).getByRole('button', { name: 'Show the published plan' })).toHaveAttribute(
      'aria-pressed',
      'true',
    );
  });

  it('draws a draft on other paper for as long as it is looked at', () => {
    const { container } = show(<CountdownRoom />, { view: { draft: stored(PLAN) } });
    expect(container.querySelector('.looks-at-draft')).toBeNull();
    fireEvent.click(screen.getByRole('button', { name: 'Show this draft' }));
    expect(container.querySelector('.looks-at-draft')).toContainElement(screen.getByRole('heading', { level: 1 }));
    fireEvent.click(screen.getByRole('button', { name: 'Show the published plan' }));
    expect(container.querySelector('.looks-at-draft')).toBeNull();
  });

  it('finds out on demand why a chain has no place that the planner did not look into', async () => {
    const [lost] = PLAN.unplaced;
    if (lost === undefined) throw new Error('everything has a place');
    const notAsked = { ...lost, reason: { code: 'notAsked', remedies: [] } } as unknown as typeof lost;
    const asked: string[] = [];
    globalThis.fetch = ((input: Request) => {
      asked.push(decodeURIComponent(new URL(input.url).pathname));
      return Promise.resolve(Response.json({ step: lost.step, reason: lost.reason }));
    }) as typeof fetch;
    show(<CountdownRoom />, {
      at: `/?dog=${lost.dogId}`,
      signIn: 'tuva',
      view: { published: stored({ ...PLAN, unplaced: [notAsked] }), checks: [] },
    });
    expect(asked).toEqual([]);
    fireEvent.click(screen.getByRole('button', { name: 'Find out why' }));
    expect(await screen.findByText(whyNotWords(lost, NAMES))).toBeInTheDocument();
    expect(asked).toEqual([`/api/chains/${lost.key}/why`]);
  });

  it('names the dogs that no ride takes to a show away from home', () => {
    expect(read.withoutRide).toEqual([]);
    const { transports } = FILE;
    const [dogId] = transports.flatMap((t) => t.dogs);
    const left = transports.map((t) => ({ ...t, dogs: t.dogs.filter((d) => d !== dogId) }));
    expect(countdown({ ...FILE, transports: left }, PLAN, [], DAWN_MS).withoutRide).toEqual([dogId]);
    const atHome = FILE.sites.map((s) => ({ ...s, home: true }));
    expect(countdown({ ...FILE, transports: [], sites: atHome }, PLAN, [], DAWN_MS).withoutRide).toEqual([]);
  });

  it('says so when no show is ahead', () => {
    show(<CountdownRoom />, { nowMs: DAWN_MS + 400 * 86_400_000 });
    expect(screen.getByRole('heading')).toHaveTextContent('No show is ahead.');
  });
});

it('has a key to the signs: every step’s sign once, each step by its name', () => {
  show(<DaySheetRoom />);
  fireEvent.click(screen.getByRole('button', { name: 'What the signs mean' }));
  const key = screen.getByRole('dialog');
  const signs = new Set(STEP_IDS.map((id) => METHODS[id].glyph));
  expect(within(key).getAllByRole('listitem')).toHaveLength(signs.size + 2);
  for (const id of STEP_IDS) expect(key).toHaveTextContent(METHODS[id].name);
});

describe('the bench', () => {
  it('is opened at a task by its link, also by somebody else', async () => {
    const mine = PLAN.activities
      .filter((a) => a.state === 'planned' && isToday(a.start) && a.people[0] === idOf('tuva'))
      .sort((x, y) => x.start.localeCompare(y.start));
    const later = mine.at(-1);
    if (later === undefined || mine.length < 2) throw new Error('tuva has too little to do today');
    show(<TaskDrawer activity={later} onClose={() => undefined} />, { nowMs: DAWN_MS });
    const to = screen.getByRole('link', { name: 'At the bench' }).getAttribute('href') ?? '';
    expect(to).toBe(`/bench?task=${encodeURIComponent(later.key)}&person=${idOf('tuva')}`);
    cleanup();
    show(<BenchRoom />, { at: to });
    const dog = FILE.dogs.find((d) => d.id === later.dogId)?.name ?? '';
    expect(await screen.findByRole('button', { name: new RegExp(`^Start ${dog}: `) })).toBeEnabled();
  });

  it('says how long is free until the next task, and nothing of a few minutes', () => {
    const next = PLAN.activities
      .filter((x) => x.state === 'planned' && isToday(x.start) && x.people.includes(idOf('tuva') as never))
      .sort((x, y) => x.start.localeCompare(y.start))[0];
    const startMs = instantToMs(next?.start as never);
    const before = (min: number) =>
      show(<BenchRoom />, { signIn: 'tuva', at: '/bench', nowMs: startMs - min * 60_000 });
    const early = before(25);
    expect(screen.getByText('free for 25 min')).toBeInTheDocument();
    early.unmount();
    before(9);
    expect(screen.queryByText(/^free for/)).toBeNull();
  });

  it('skips with one touch of a usual reason', async () => {
    show(<BenchRoom />, { signIn: 'tuva', at: '/bench' });
    const [heading, name] = [screen.getByRole('heading', { level: 1 }), 'Dog unwell'];
    const task = heading.textContent;
    fireEvent.click(screen.getByRole('button', { name: 'Skip it' }));
    fireEvent.click(within(screen.getByRole('dialog')).getByRole('button', { name }));
    expect(screen.getByRole('heading', { level: 1 })).not.toHaveTextContent(task);
    // There is no server in this test.
    expect(await screen.findByText(/1 record waits/)).toBeVisible();
  });

  it('shows the first task with how, cautions and a start, and asks why before it skips', () => {
    show(<BenchRoom />, { signIn: 'tuva', at: '/bench' });
    const a = PLAN.activities
      .filter((x) => x.state === 'planned' && isToday(x.start) && x.people.includes(idOf('tuva') as never))
      .sort((x, y) => x.start.localeCompare(y.start))[0];
    if (a === undefined) throw new Error('nothing planned');
    expect(screen.getByRole('heading', { level: 1 })).toHaveTextContent(
      `${FILE.dogs.find((d) => d.id === a.dogId)?.name ?? ''}: ${METHODS[a.step].name.toLowerCase()}`,
    );
    expect(screen.getByRole('timer')).toHaveTextContent('00:00');
    expect(screen.getByRole('button', { name: /^Start / })).toBeEnabled();
    expect(screen.getByRole('button', { name: 'Pause' })).toBeDisabled();
    fireEvent.click(screen.getByRole('button', { name: 'Skip it' }));
    const ok = within(screen.getByRole('dialog')).getByRole('button', { name: 'Skip it' });
    expect(ok).toBeDisabled();
    fireEvent.change(screen.getByLabelText('Why it is skipped'), { target: { value: 'owner bathed him' } });
    expect(ok).toBeEnabled();
  });

  it('runs the timer of what runs', () => {
    const a = PLAN.activities.find((x) => x.people.includes(idOf('tuva') as never) && isToday(x.start));
    const since = msToInstant(DAWN_MS - 754_000);
    const work: Work[] = [
      {
        taskKey: a?.key as TaskKey,
        dogId: a?.dogId as DogId,
        step: a?.step ?? 'bath',
        state: 'running',
        personId: idOf('tuva') as PersonId,
        startedAt: since,
        runningSince: since,
        workedMs: 0,
        version: 1,
      },
    ];
    show(<BenchRoom />, { signIn: 'tuva', work });
    expect(screen.getByRole('timer')).toHaveTextContent(/12:3[45]/);
    expect(screen.getByRole('button', { name: 'Pause' })).toBeEnabled();
    expect(screen.getByRole('button', { name: / is finished$/ })).toBeEnabled();
  });

  it('says so when nothing is waiting', () => {
    show(<BenchRoom />, { signIn: 'tuva', nowMs: DAWN_MS + 400 * 86_400_000 });
    expect(screen.getByRole('heading')).toHaveTextContent('No task right now, Tuva.');
  });
});

it('the day goes on paper by person: runs of work, places, rings, who has the dog next; and off it again', () => {
  show(<DaySheetRoom />);
  expect(screen.queryByRole('region', { name: 'The day on paper' })).toBeNull();
  act(() => void window.dispatchEvent(new Event('beforeprint')));
  const paper = within(screen.getByRole('region', { name: 'The day on paper' }));
  const lists = paper.getAllByRole('table');
  expect(lists.length).toBeGreaterThan(3);
  const rows = paper.getAllByRole('row').map((r) => r.textContent);
  // A run of steps with one dog is one line.
  expect(rows.some((r) => /^\d\d:\d\d.*: [a-z][^,]*, [a-z]/.test(r))).toBe(true);
  expect(rows.some((r) => /then [A-Z][a-z]+, \d\d:\d\d$/.test(r))).toBe(true);
  act(() => void window.dispatchEvent(new Event('afterprint')));
  expect(screen.queryByRole('region', { name: 'The day on paper' })).toBeNull();
});
