/* The kennel's own data in the interface: what forms make of what is typed, and the steps of a first day. */
import { act, renderHook } from '@testing-library/react';
import { addDays, rowsOf } from '@loyal-mane/core';
import type { LocalDay } from '@loyal-mane/core';
import type { ImportedRow } from '@loyal-mane/library/csv';
import { firstSteps } from '../src/rooms/countdown/FirstSteps';
import { usualStations } from '../src/rooms/countdown/usualStations';
import { textOf } from '../src/rooms/bringIn/textOf';
import { withFound } from '../src/rooms/bringIn/withFound';
import { blockChanges } from '../src/rooms/shows/EntriesForm';
import { showChanges } from '../src/rooms/shows/NewShowForm';
import { sameRingAndTime } from '../src/rooms/shows/sameRingAndTime';
import { patternChanges, withoutShifts } from '../src/rooms/kennel/PatternForm';
import { personFollows } from '../src/rooms/kennel/kennelFields';
import { ProblemError } from '../src/api/client';
import { overOthers } from '../src/api/overOthers';
import { draftOf, dropDraft, keepDraft } from '../src/parts/rows/draft';
import { MARK_MS, markChanged, useJustChanged } from '../src/parts/justChanged';
import { FILE, KENNEL } from './world';

let next = 0;
const newId = (): string => `new-${String(++next)}`;

it('drafts are kept until they are dropped', () => {
  keepDraft('dogs:x', { name: 'Half' });
  expect(draftOf('dogs:x')).toEqual({ name: 'Half' });
  dropDraft('dogs:x');
  expect(draftOf('dogs:x')).toBeNull();
});

it('a pattern fills free days of the chosen weekdays, and replaces only when told to', () => {
  const person = FILE.people[0]!;
  const last = FILE.shifts
    .map((s) => s.day)
    .sort()
    .at(-1)!;
  const pattern = {
    people: [person.id],
    weekdays: [1, 3],
    start: '800',
    end: '16:00',
    overtimeEnd: '17:00',
    breakFrom: '12:00',
    breakTo: '12:30',
    from: addDays(last, 1),
    weeks: 3,
    replace: false,
  };
  const laid = patternChanges(FILE, pattern, newId);
  expect(laid).toHaveLength(6);
  expect(laid[0]?.to).toMatchObject({ start: '08:00', pauses: [{ start: '12:00', end: '12:30', what: 'break' }] });
  const there = FILE.shifts.find((s) => s.personId === person.id)!;
  const over = { ...pattern, from: there.day, weekdays: [0, 1, 2, 3, 4, 5, 6], weeks: 1 };
  expect(patternChanges(FILE, over, newId).some((c) => c.id === there.id)).toBe(false);
  const replaced = patternChanges(FILE, { ...over, replace: true }, newId).find((c) => c.id === there.id);
  expect(replaced).toMatchObject({ from: there, to: { start: '08:00' } });
});

it('a pattern is proposed for those who have no shift from its first day on', () => {
  const from = FILE.startDay;
  expect(withoutShifts(FILE, from)).toEqual([]);
  const person = FILE.people.find((p) => p.signIn === 'ivo')!;
  const shifts = FILE.shifts.filter((s) => s.personId !== person.id);
  expect(withoutShifts({ ...FILE, shifts }, from)).toEqual([person.id]);
});

it('a show comes with its rings, its site where that is new, and rules as at another', () => {
  const values = { name: ' Harrow Fen ', site: 'Fen hall', firstDay: '2026-07-04' as LocalDay, days: 2, rings: 3 };
  const { id, changes } = showChanges(FILE, values, newId);
  expect(changes.map((c) => c.list)).toEqual(['sites', 'shows', 'rings', 'rings', 'rings']);
  expect(changes.find((c) => c.id === id)?.to).toMatchObject({ name: 'Harrow Fen', lastDay: '2026-07-05' });
  const known = showChanges(FILE, { ...values, site: FILE.sites[1]!.name.toUpperCase() }, newId);
  expect(known.changes.map((c) => c.list)).not.toContain('sites');
});

it('a block enters each dog on each day at its place in the ring', () => {
  const places = new Map([
    ['a', 1],
    ['b', 6],
    ['c', 900],
  ]);
  const block = { showId: 's', ringId: 'r', days: ['2026-07-04', '2026-07-05'], start: '900', places };
  const more = { dogsPerHour: 25, handlerId: undefined, showClass: ' Open ' };
  const changes = blockChanges({ ...block, ...more }, newId);
  expect(changes).toHaveLength(4);
  expect(changes.map((c) => c.to?.['ringTime'])).toEqual(['09:00', '09:12', '09:00', '09:12']);
  expect(changes[0]?.to).toMatchObject({ showClass: 'Open', importance: 2 });
});

it('text is read as UTF-8, UTF-16 or the older code page, and a giant is refused', () => {
  const bytes = (...b: number[]): ArrayBuffer => new Uint8Array(b).buffer;
  expect(textOf(bytes(0xc3, 0x98))).toEqual({ ok: true, text: 'Ø', isOldCode: false });
  expect(textOf(bytes(0xff, 0xfe, 0xd8, 0x00))).toMatchObject({ text: 'Ø', isOldCode: false });
  expect(textOf(bytes(0xd8, 0x41))).toEqual({ ok: true, text: 'ØA', isOldCode: true });
  expect(textOf(new ArrayBuffer(20_000_000))).toMatchObject({ ok: false });
});

it('what the server finds goes to the row of the file that brought it', () => {
  const change = { list: 'dogs', id: 'x', from: null, to: { id: 'x' } } as const;
  const row = (line: number, changes: number): ImportedRow => ({
    line,
    about: '',
    state: 'new',
    faults: [],
    changes: Array.from({ length: changes }, () => change),
  });
  const rows = withFound([row(2, 2), row(3, 1), row(4, 0)], [{ path: 'changes[2].weightKg', detail: 'must be less' }]);
  expect(rows.map((r) => r.state)).toEqual(['new', 'bad', 'new']);
  expect(rows[1]?.faults[0]).toMatchObject({ column: 'Weight', reason: 'told' });
});

it('a first day leads from people to entries; the usual stations fit a kennel file', () => {
  const bare = {
    ...KENNEL,
    people: [{ ...KENNEL.people[0]!, name: 'Lead' }],
    shifts: [],
    stations: [],
    dogs: [],
    shows: [],
  };
  expect(firstSteps({ ...bare, entries: [] }, FILE.startDay).every((s) => !s.done)).toBe(true);
  expect(firstSteps(KENNEL, FILE.startDay).every((s) => s.done)).toBe(true);
  const unsure = { ...KENNEL, settings: { ...KENNEL.settings, zoneChecked: false } };
  expect(firstSteps(unsure, FILE.startDay).map((s) => s.done)).toEqual([false, true, true, true, true, true]);
  const stations = usualStations('home', newId);
  expect(new Set(stations.map((c) => c.to?.['kind']))).toEqual(
    new Set(['tub', 'forceDryer', 'standDryer', 'table', 'pen']),
  );
  expect(rowsOf(FILE, 'stations').length).toBeGreaterThan(0);
});

it('a new person gets a sign-in name from the name and skills from the role', () => {
  expect(personFollows({ name: 'Åse  Lind-Holm', role: 'bather' })).toEqual({
    signIn: 'ase.lind.holm',
    skills: ['bath', 'dry', 'brush'],
  });
  expect(personFollows({ name: '犬', role: 'owner' })).toEqual({ signIn: '', skills: [] });
});

it('two dogs in one ring at one time are told of each other', () => {
  const [first, second, third] = FILE.entries;
  if (first === undefined || second === undefined || third === undefined) throw new Error('no entries');
  const { ringId, day, ringTime } = first;
  const twins = sameRingAndTime([
    first,
    { ...second, ringId, day, ringTime },
    { ...third, ringId, day: addDays(day, 1) },
  ]);
  expect(twins.get(first.id)?.map((e) => e.id)).toEqual([second.id]);
  expect(twins.get(third.id)).toEqual([]);
});

it('what somebody else changed is marked for a moment', () => {
  jest.useFakeTimers();
  const { result } = renderHook(() => useJustChanged());
  act(() => markChanged(['a', 'b']));
  expect([...result.current]).toEqual(['a', 'b']);
  act(() => jest.advanceTimersByTime(MARK_MS / 2));
  act(() => markChanged(['c']));
  act(() => jest.advanceTimersByTime(MARK_MS / 2));
  expect([...result.current]).toEqual(['c']);
  act(() => jest.advanceTimersByTime(MARK_MS));
  expect(result.current.size).toBe(0);
  jest.useRealTimers();
});

describe('two people write on one dog at once', () => {
  const seen = KENNEL.dogs[0]!;
  const theirs = { ...seen, version: seen.version + 1, record: { ...seen.record, note: 'Turned sour on Monday.' } };
  const stale = new ProblemError({ title: '', detail: 'Somebody was faster.', status: 409, code: 'stale', errors: [] });
  const sendTo = (sent: number[]) => (dog: typeof seen) => {
    sent.push(dog.version);
    return dog.version === theirs.version ? Promise.resolve('saved') : Promise.reject(stale);
  };

  it('what others left alone is saved over their change', async () => {
    const sent: number[] = [];
    const change = { seen, touched: (d: typeof seen) => d.record.recipe ?? null, send: sendTo(sent) };
    await expect(overOthers(change, () => Promise.resolve(theirs))).resolves.toBe('saved');
    expect(sent).toEqual([seen.version, theirs.version]);
  });

  it('what both touched is refused, and so is a dog that is gone', async () => {
    const sent: number[] = [];
    const change = { seen, touched: (d: typeof seen) => d.record.note ?? null, send: sendTo(sent) };
    await expect(overOthers(change, () => Promise.resolve(theirs))).rejects.toBe(stale);
    await expect(overOthers(change, () => Promise.resolve(null))).rejects.toBe(stale);
    expect(sent).toEqual([seen.version, seen.version]);
  });
});
