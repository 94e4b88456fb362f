/* The plan in force held against a kennel that changes under it: what breaks is said, what its slack carries is not. */
import { readFileSync } from 'node:fs';
import { breakGroups, draftChanges, instantToMs, planBreaks, planKennel } from '@loyal-mane/core';
import type { Instant, KennelFile, Plan, PlanBreak, PlannedActivity, WorkRecord } from '@loyal-mane/core';
import { CARE_LIBRARY } from '../src/index.js';
import { breakLine, breakWords, namesOf } from '../src/words/index.js';
import { fewDogs } from './kennels/fewDogs.js';
import { sharedLiveDemo } from './sharedPlan.js';

const DEMO = JSON.parse(readFileSync(`${__dirname}/../demo/demo-kennel.json`, 'utf8')) as KennelFile;
const NOW_MS = Date.parse('2026-06-17T08:20:00Z');
const MIN_MS = 60_000;
const { kennel, plan } = sharedLiveDemo(DEMO, NOW_MS);
const dogOf = (name: string): KennelFile['dogs'][number] => {
  const dog = kennel.dogs.find((d) => d.name === name);
  if (dog === undefined) throw new Error(`no dog is called ${name}`);
  return dog;
};
const personOf = (name: string): KennelFile['people'][number] => {
  const person = kennel.people.find((p) => p.name.startsWith(name));
  if (person === undefined) throw new Error(`nobody is called ${name}`);
  return person;
};
const broken = (changed: Partial<KennelFile>, nowMs = NOW_MS, p: Plan = plan): PlanBreak[] =>
  planBreaks({ ...kennel, ...changed }, CARE_LIBRARY, p, nowMs);
const codes = (breaks: readonly PlanBreak[]): string[] => [...new Set(breaks.map((b) => b.code))];
const workOn = (dogId: string): PlannedActivity[] =>
  plan.activities.filter((a) => a.dogId === dogId && a.state === 'planned' && a.entryId !== null);

it('holds where nothing changed, and while its slack carries what is late', () => {
  expect(broken({})).toEqual([]);
  for (const min of [5, 20, 45]) expect(broken({}, NOW_MS + min * MIN_MS)).toEqual([]);
});

it('holds on the next morning when the day went as planned, whatever pace was learned from it', () => {
  const today = plan.activities.filter((a) => a.state !== 'done' && a.start < '2026-06-17T22');
  const done = today.map((a): WorkRecord => ({
    ...{ taskKey: a.key, dogId: a.dogId, step: a.step, state: 'done', startedAt: a.start, finishedAt: a.attendedUntil },
    ...(a.people[0] === undefined ? {} : { personId: a.people[0] }),
    ...(a.stationId === null ? {} : { stationId: a.stationId }),
    ...(a.minutes.usual > 0 ? { expectedMin: a.minutes.usual } : {}),
    workedMs: 0.7 * (instantToMs(a.attendedUntil) - instantToMs(a.start)),
  }));
  const keys = new Set(done.map((w) => w.taskKey));
  const work = [...kennel.work.filter((w) => !keys.has(w.taskKey)), ...done];
  for (const at of ['2026-06-17T20:00:00Z', '2026-06-18T03:00:00Z', '2026-06-18T05:35:00Z'])
    expect(broken({ work }, Date.parse(at))).toEqual([]);
});

it('says so when work is so far behind that dogs miss their time, as one matter', () => {
  const breaks = broken({}, NOW_MS + 30 * 60 * MIN_MS);
  expect(codes(breaks)).toContain('late');
  const behind = breakGroups(breaks, kennel.settings.timeZone).filter((g) => g.of === 'behind');
  for (const g of behind) expect(breakLine(g, namesOf(kennel)).who).toBe('Work is behind');
});

it('a ring that comes sooner breaks that dog’s finish, and no other dog', () => {
  const { id } = dogOf('Nemi');
  const entry = kennel.entries.find((e) => e.dogId === id);
  const entries = kennel.entries.map((e) =>
    e.id === entry?.id ? { ...e, ringTime: '08:30' as typeof e.ringTime } : e,
  );
  const breaks = broken({ entries });
  expect(codes(breaks)).toEqual(['tooLate']);
  expect(new Set(breaks.map((b) => b.dogId))).toEqual(new Set([id]));
  expect(new Set(breaks.map((b) => b.entryId))).toEqual(new Set([entry?.id]));
  const first = breaks[0] as PlanBreak;
  expect(breakWords(first, namesOf({ ...kennel, entries }))).toMatch(
    /must end by Friday 0\d:\d\d, with the ring at 08:30/,
  );
  // Planned again it holds again.
  const again = planKennel({ ...kennel, entries }, CARE_LIBRARY, { nowMs: NOW_MS, previous: plan, rounds: 4 });
  expect(broken({ entries }, NOW_MS, again)).toEqual([]);
});

it('names who is ill, once a day, with every task that needs somebody', () => {
  const tuva = personOf('Tuva');
  const id = '00000000-0000-7000-8000-000000000001' as KennelFile['absences'][number]['id'];
  const day = '2026-06-18' as KennelFile['absences'][number]['day'];
  const breaks = broken({ absences: [...kennel.absences, { id, personId: tuva.id, day, reason: 'ill' }] });
  const hers = plan.activities.filter(
    (a) => a.state === 'planned' && a.people.includes(tuva.id) && a.start.startsWith(day),
  );
  expect(hers.length).toBeGreaterThan(5);
  expect(new Set(breaks.map((b) => b.key))).toEqual(new Set(hers.map((a) => a.key)));
  const [group, ...others] = breakGroups(breaks, kennel.settings.timeZone);
  expect(others).toEqual([]);
  if (group === undefined) throw new Error('nothing broke');
  const line = breakLine(group, namesOf(kennel));
  expect(line.who).toBe('Tuva');
  expect(line.what).toMatch(/is not there on Thursday: \d+ tasks need somebody/);
});

it('names the station that was closed, and the circuit that cannot carry its dryers', () => {
  const tub = kennel.stations.find((s) => s.name === 'Tub 1');
  const closure = { day: '2026-06-18', start: '00:00', end: '24:00', reason: 'leaks' } as never;
  const stations = kennel.stations.map((s) => (s.id === tub?.id ? { ...s, closures: [...s.closures, closure] } : s));
  const closed = broken({ stations });
  expect(codes(closed)).toEqual(['closed']);
  expect(new Set(closed.map((b) => b.stationId))).toEqual(new Set([tub?.id]));
  expect(codes(broken({ circuits: kennel.circuits.map((c) => ({ ...c, amps: 8 })) }))).toContain('amperes');
});

it('a mat that was found is work that the plan does not have', () => {
  const bram = dogOf('Bram');
  const mats = [{ zone: 'behindEar', tightness: 'tight', foundOn: '2026-06-17' }] as never;
  const breaks = broken({ dogs: kennel.dogs.map((d) => (d.id === bram.id ? { ...d, mats } : d)) });
  expect(codes(breaks)).toEqual(['missing']);
  expect(breaks[0]).toMatchObject({ dogId: bram.id, start: null });
});

it('a dog that was bathed long before its time is wet, and dried before anything else', () => {
  // With dryers and bathers to spare: where all are taken, the next free one is what there is.
  const { kennel: some, plan: live } = sharedLiveDemo(fewDogs(DEMO, ['Lovage', 'Nemi', 'Rusk', 'Tolle']), NOW_MS);
  const bath = live.activities.find((a) => a.step === 'bath' && a.state === 'planned' && a.start > '2026-06-18');
  if (bath === undefined) throw new Error('no bath is planned');
  const record: WorkRecord = {
    taskKey: bath.key,
    dogId: bath.dogId,
    step: bath.step,
    state: 'done',
    startedAt: '2026-06-17T08:00:00Z' as Instant,
    finishedAt: '2026-06-17T08:20:00Z' as Instant,
    workedMs: 20 * MIN_MS,
  };
  const work = [...some.work, record];
  const breaks = planBreaks({ ...some, work }, CARE_LIBRARY, live, NOW_MS);
  const first = breaks[0] as PlanBreak;
  expect(first).toMatchObject({ code: 'gap', dogId: bath.dogId, mark: '2026-06-17T08:20:00.000Z' });
  expect(breakWords(first, namesOf(some))).toMatch(/^has been wet since Wednesday 10:20: .* now\.$/);
  expect(breaks.filter((b) => b.dogId === bath.dogId)).toHaveLength(1);
  const again = planKennel({ ...some, work }, CARE_LIBRARY, { nowMs: NOW_MS, previous: live, rounds: 4 });
  const next = again.activities
    .filter((a) => a.dogId === bath.dogId && a.state === 'planned' && a.entryId === bath.entryId)
    .slice(0, 3);
  expect(next.map((a) => a.step)).not.toContain('nails');
  expect(instantToMs((next[0] as PlannedActivity).start) - NOW_MS).toBeLessThanOrEqual(30 * MIN_MS);
});

describe('a draft told by dog', () => {
  const asked = workOn(dogOf('Brisk').id).find((a) => a.step === 'fineTrim') as PlannedActivity;
  const other = kennel.people.find((p) => !asked.people.includes(p.id)) as KennelFile['people'][number];
  const shift = { personId: other.id, day: asked.start.slice(0, 10), end: '09:00', overtimeEnd: '23:00' };
  const withMove = (to: Partial<PlannedActivity>): Plan => ({
    ...plan,
    activities: plan.activities.map((a) => (a.key === asked.key ? { ...a, ...to } : a)),
  });

  it('is empty where nothing moved, and tells other hands and overtime where they change', () => {
    expect(draftChanges(plan, plan, kennel.shifts, kennel.settings.timeZone)).toEqual([]);
    const draft = withMove({ people: [shift.personId] });
    const [dog] = draftChanges(plan, draft, [shift], kennel.settings.timeZone);
    const minutes = (instantToMs(asked.attendedUntil) - instantToMs(asked.start)) / MIN_MS;
    expect(dog).toMatchObject({ dogId: asked.dogId, fate: 'same', overtimeMin: minutes });
    expect(dog?.moves).toMatchObject([{ otherPeople: true, overtimeMin: minutes }]);
  });

  it('puts a dog that loses its place first, and one that gains it last', () => {
    const lostDog = dogOf('Nemi').id;
    const gained = plan.unplaced.find((u) => u.kind === 'show');
    if (gained === undefined) throw new Error('every entry has a place');
    const out = { ...gained, dogId: lostDog };
    const draft = { ...withMove({ people: [shift.personId] }), unplaced: [out] };
    const dogs = draftChanges(plan, draft, [], kennel.settings.timeZone);
    expect(dogs[0]).toMatchObject({ dogId: lostDog, fate: 'lost' });
    expect(dogs.at(-1)).toMatchObject({ fate: 'gained' });
  });
});
