/* A plan may be older than the kennel: a dog that was pulled since is still in it until the next plan. */
import { screen } from '@testing-library/react';
import BenchRoom from '../src/rooms/bench/BenchRoom';
import CountdownRoom from '../src/rooms/countdown/CountdownRoom';
import DaySheetRoom from '../src/rooms/daySheet/DaySheetRoom';
import { FILE, KENNEL, PLAN, show } from './world';

beforeEach(() => {
  HTMLElement.prototype.getBoundingClientRect = () => new DOMRect(0, 0, 1224, 600);
});

const shown = [...new Set(PLAN.activities.flatMap((a) => (a.entryId === null ? [] : [a.entryId])))];

it.each([
  ['the countdown', <CountdownRoom key="c" />, 'maren', '/'],
  ['the day sheet', <DaySheetRoom key="d" />, 'maren', '/day'],
  ['the bench', <BenchRoom key="b" />, 'tuva', '/bench'],
] as const)('%s opens while the plan still has entries that are gone', (_, room, signIn, at) => {
  for (const gone of [shown.slice(0, 1), shown]) {
    const entries = KENNEL.entries.filter((e) => !gone.includes(e.id as never));
    const kennel = { ...KENNEL, entries };
    const kennelFile = { ...FILE, entries: FILE.entries.filter((e) => !gone.includes(e.id)) };
    const page = show(room, { signIn, at, kennel, kennelFile });
    expect(screen.getByRole('heading', { level: 1 })).toBeInTheDocument();
    page.unmount();
  }
});
