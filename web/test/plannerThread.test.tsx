/* The browser's planning thread: where a task could start instead, and what a change would do. */
import { wrap } from 'comlink';
import { cleanup, fireEvent, screen, within } from '@testing-library/react';
import { instantToMs, planKennel, whatIf } from '@loyal-mane/core';
import type { PlannedActivity, WorkRecord } from '@loyal-mane/core';
import { CARE_LIBRARY } from '@loyal-mane/library';
import { TaskDrawer } from '../src/parts/TaskDrawer';
import CountdownRoom from '../src/rooms/countdown/CountdownRoom';
import { askedMomentMs } from '../src/parts/useAskedPlan';
import { PlannerClient, planner as pagePlanner } from '../src/workers/plannerClient';
import type { PlanAnswers } from '../src/workers/planAnswers';
import { LocalWorker } from './localWorker';
import { fewDogs } from '../../library/test/kennels/fewDogs';
import { sharedPlan } from '../../library/test/sharedPlan';
import { DAWN_MS, FILE, PLAN, show, stored } from './world';

/** Few dogs, for what plans anew. */
const FEW = fewDogs(FILE, ['Pim', 'Rusk', 'Isbrin', 'Lovage', 'Bram', 'Hale', 'Wisp', 'Seraph', 'Koro']);
const FEW_PLAN = sharedPlan(FEW, { nowMs: DAWN_MS, rounds: 2 });

const plan = { id: 'p1', kennel: FILE, plan: PLAN, nowMs: DAWN_MS };
const opened: PlannerClient[] = [];
const open = (): PlannerClient => {
  const planner = new PlannerClient(() => new LocalWorker());
  opened.push(planner);
  return planner;
};
const planned = PLAN.activities.filter((a) => a.state === 'planned' && a.kind === 'show');

const runningSince = (a: PlannedActivity): WorkRecord => ({
  taskKey: a.key,
  dogId: a.dogId,
  step: a.step,
  state: 'running',
  personId: a.people[0]!,
  startedAt: a.start,
  runningSince: a.start,
  workedMs: 0,
});

beforeEach(() => {
  HTMLElement.prototype.getBoundingClientRect = () => new DOMRect(0, 0, 1224, 600);
  Object.assign(globalThis, { Worker: LocalWorker });
});

afterEach(() => {
  pagePlanner.stop();
  for (const planner of opened.splice(0)) planner.stop();
});

it('a task may always start where it stands, and every start is within its own stretch', async () => {
  const planner = open();
  for (const a of planned.slice(0, 40)) {
    const { starts } = await planner.windows(plan, a.key);
    const here = instantToMs(a.start);
    const holds = (list: readonly { from: string; to: string }[]): boolean =>
      list.some((s) => instantToMs(s.from as never) <= here && here <= instantToMs(s.to as never));
    expect(holds(starts?.open ?? [])).toBe(true);
    expect(holds(starts?.alone ?? [])).toBe(true);
  }
  expect((await planner.windows(plan, 'no task' as never)).starts).toBeNull();
});

it('what is given up is not answered, and the next question starts a thread again', async () => {
  const planner = open();
  const asked = planner.windows(plan, planned[0]!.key);
  planner.stop();
  await expect(asked).rejects.toThrow('given up');
  expect((await planner.windows(plan, planned[0]!.key)).starts).not.toBeNull();
});

it('a question without a plan is refused in words', async () => {
  const thread = new LocalWorker();
  await expect(wrap<PlanAnswers>(thread).windows('x' as never)).rejects.toThrow('no plan is open');
  thread.terminate();
});

it('compares as the core does, and keeps the published plan', async () => {
  const entry = FILE.entries.find((e) => FILE.dogs.find((d) => d.id === e.dogId)?.name === 'Pim')!;
  const changes = [{ kind: 'entryPulled', entryId: entry.id }] as const;
  const before = JSON.stringify(FEW_PLAN);
  const asked = { id: 'p2', kennel: FEW, plan: FEW_PLAN, nowMs: DAWN_MS };
  const answer = await open().whatIf(asked, changes);
  const {
    before: was,
    after,
    effect,
    odds,
  } = whatIf(FEW, CARE_LIBRARY, changes, {
    nowMs: DAWN_MS,
    published: FEW_PLAN,
  });
  expect(answer).toEqual({ before: was, after, effect, odds });
  expect(answer.after.of).toBe(answer.before.of - 1);
  expect(JSON.stringify(FEW_PLAN)).toBe(before);
  expect(planKennel(FEW, CARE_LIBRARY, { nowMs: DAWN_MS, rounds: 2 })).toEqual(FEW_PLAN);
});

it('shows a lead when a task could start instead, and nobody else', async () => {
  const task = planned.find((a) => a.step === 'bath') as PlannedActivity;
  show(<TaskDrawer activity={task} onClose={() => undefined} />);
  expect(await screen.findByText(/Other dogs stay where they are/)).toBeInTheDocument();
  expect(screen.getAllByRole('img', { name: /day: \d/ }).length).toBeGreaterThan(0);
});

it('asks about the end of the running five minutes: what a plan made within them has placed may stay there', async () => {
  const baths = FEW_PLAN.activities.filter(
    (a) => a.state === 'planned' && a.kind === 'show' && a.step === 'bath' && instantToMs(a.start) > DAWN_MS,
  );
  expect(baths.length).toBeGreaterThan(4);
  for (const bath of baths.slice(0, 4)) {
    // Two minutes longer than it was thought to take: the plan that is made then lets it end with the next five minutes.
    const madeMs = instantToMs(bath.attendedUntil) + 2 * 60_000;
    const kennel = { ...FEW, work: [...FEW.work, runningSince(bath)] };
    const made = planKennel(kennel, CARE_LIBRARY, { nowMs: madeMs, rounds: 2, previous: FEW_PLAN });
    const planner = open();
    const asked = { id: bath.key, kennel, plan: made, nowMs: askedMomentMs(madeMs + 60_000) };
    for (const a of made.activities.filter((x) => x.dogId === bath.dogId && x.state === 'planned')) {
      const { starts } = await planner.windows(asked, a.key);
      expect([a.key, starts?.open.some((s) => s.from <= a.start && a.start <= s.to)]).toEqual([a.key, true]);
    }
  }
}, 120_000);

it('says so where no start is left, and sets nothing', async () => {
  const task = planned.find((a) => a.step === 'bath') as PlannedActivity;
  const days = [...new Set(planned.map((a) => a.start.slice(0, 10)))];
  const absences = FILE.people.flatMap((p) => days.map((day) => ({ personId: p.id, day, reason: 'ill' })));
  const kennelFile = { ...FILE, absences } as unknown as typeof FILE;
  show(<TaskDrawer activity={task} onClose={() => undefined} />, { kennelFile });
  expect(await screen.findByText(/^None: .*Plan again/)).toBeInTheDocument();
  expect(screen.queryByRole('button', { name: 'Keep time and person' })).toBeNull();
});

it('offers to keep a task where it is only while its start is still to come', async () => {
  const task = planned.find((a) => a.step === 'bath') as PlannedActivity;
  show(<TaskDrawer activity={task} onClose={() => undefined} />);
  expect(await screen.findByRole('button', { name: 'Keep time and person' })).toBeInTheDocument();
  cleanup();
  show(<TaskDrawer activity={task} onClose={() => undefined} />, { nowMs: instantToMs(task.start) + 60_000 });
  expect(await screen.findByText(/^(None|.*Other dogs stay)/)).toBeInTheDocument();
  expect(screen.queryByRole('button', { name: 'Keep time and person' })).toBeNull();
});

it('lets a lead choose by whom: those who are free then, with the overtime it would cost', async () => {
  const trims = planned.filter((a) => a.step === 'fineTrim' && instantToMs(a.start) > DAWN_MS);
  const asked = { id: 'who', kennel: FEW, plan: FEW_PLAN, nowMs: askedMomentMs(DAWN_MS) };
  const scissors = FEW.people.filter((p) => p.skills.includes('scissor')).map((p) => p.id);
  const mine = FEW_PLAN.activities.filter((a) => a.step === 'fineTrim' && a.state === 'planned');
  expect(trims.length + mine.length).toBeGreaterThan(0);
  for (const trim of mine) {
    const doers = await open().whoAt(asked, trim.key, trim.start);
    expect(doers.map((d) => d.personId)).toContain(trim.people[0]);
    for (const d of doers) expect(scissors).toContain(d.personId);
    const over = doers.map((d) => d.overtimeMin);
    expect(over).toEqual([...over].sort((x, y) => x - y));
  }
});

it('does not compute for somebody who may not see the whole kennel', () => {
  const task = planned.find((a) => a.step === 'bath') as PlannedActivity;
  show(<TaskDrawer activity={task} onClose={() => undefined} />, { signIn: 'tuva' });
  expect(screen.queryByText('Could start')).toBeNull();
});

it('supposes a change, says what it would do, and refuses a time that is none', async () => {
  show(<CountdownRoom />, { kennelFile: FEW, view: { published: stored(FEW_PLAN) } });
  fireEvent.click(screen.getByRole('button', { name: 'What if' }));
  const drawer = await screen.findByRole('dialog');
  const choose = async (label: string, option: string | RegExp, search?: string): Promise<void> => {
    const box = within(drawer).getByRole('combobox', { name: label });
    fireEvent.mouseDown(box);
    if (search !== undefined) fireEvent.change(box, { target: { value: search } });
    const options = await screen.findAllByText(option, { selector: '.ant-select-item-option-content' });
    fireEvent.click(options[options.length - 1]!);
  };
  await choose('What if', 'a ring time moves');
  await choose('Which dog', /^Rusk, Sun/, 'Rusk');
  const suppose = within(drawer).getByRole('button', { name: 'Suppose this' });
  fireEvent.change(within(drawer).getByRole('textbox', { name: 'Time' }), { target: { value: '25:00' } });
  expect(drawer).toHaveTextContent('Write the time as 14:30.');
  expect(suppose).toBeDisabled();
  fireEvent.change(within(drawer).getByRole('textbox', { name: 'Time' }), { target: { value: '15:00' } });
  fireEvent.click(suppose);
  expect(within(drawer).getByRole('list', { name: 'Supposed' })).toHaveTextContent(
    'Rusk is judged at 15:00 on Sunday.',
  );
  const told = await within(drawer).findByRole('region', { name: 'What it would do' }, { timeout: 60_000 });
  expect(told).toHaveTextContent(/\d+ of \d+ entries would be ready/);
  expect(told).toHaveTextContent(/Moves|moves/);
  expect(within(drawer).getByRole('button', { name: 'Save these changes and plan again' })).toBeEnabled();
});
