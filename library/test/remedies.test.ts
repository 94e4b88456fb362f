/* A remedy taken in a kennel's file: one thing is different, it is what the remedy says, and the file is still a kennel's. */
import { readFileSync } from 'node:fs';
import { instantToMs, msToInstant, wallToMs, withRemedy } from '@loyal-mane/core';
import type { KennelFile, LocalDay, Remedy, TaskKey, WallTime } from '@loyal-mane/core';
import { v7 } from 'uuid';
import { CARE_LIBRARY } from '../src/index.js';
import { readKennel } from '../src/reader/index.js';

const DEMO = JSON.parse(readFileSync(`${__dirname}/../demo/demo-kennel.json`, 'utf8')) as KennelFile;
const ZONE = DEMO.settings.timeZone;
const DAY = DEMO.startDay;
const at = (wall: string, day: LocalDay = DAY) => msToInstant(wallToMs(day, wall as WallTime, ZONE));
const person = (name: string) => DEMO.people.find((p) => p.name.startsWith(name))!;
const tamsin = DEMO.dogs.find((d) => d.name === 'Tamsin')!;
const tub = DEMO.stations.find((s) => s.closures.some((c) => c.day === DAY))!;
const entry = DEMO.entries.find((e) => e.dogId === tamsin.id)!;
const task = 'e:x:bath:1:1' as TaskKey;
const kennel: KennelFile = {
  ...DEMO,
  pins: [{ taskKey: task, start: at('12:00') }],
  absences: [
    { id: v7() as never, personId: person('Ivo').id, day: DAY, reason: 'ill' },
    { id: v7() as never, personId: person('Pia').id, day: DAY, reason: 'away' },
  ],
};
const taken = (remedy: Remedy): KennelFile => withRemedy(kennel, remedy, { dogId: tamsin.id, newId: () => v7() });
/** Lists that differ from the kennel as it was. */
const changed = (after: KennelFile): string[] =>
  Object.keys(after).filter((k) => JSON.stringify(after[k as never]) !== JSON.stringify(kennel[k as never]));
const shiftOf = (k: KennelFile, name: string) => k.shifts.find((s) => s.personId === person(name).id && s.day === DAY)!;

it('another handler, somebody who stays, somebody who begins earlier: one row each', () => {
  const other = taken({
    ...{ code: 'otherHandler', entryId: entry.id, handlerId: person('Maren').id, otherId: person('Ivo').id },
    ...{ rivalDogId: null, rivalEntryId: null },
  });
  expect(changed(other)).toEqual(['entries']);
  expect(other.entries.find((e) => e.id === entry.id)?.handlerId).toBe(person('Ivo').id);
  const stays = taken({ code: 'stay', personId: person('Asta').id, until: at('19:35'), minutes: 95 });
  expect(changed(stays)).toEqual(['shifts']);
  expect(shiftOf(stays, 'Asta').overtimeEnd).toBe('19:35');
  const early = taken({ code: 'beginEarlier', personId: person('Asta').id, from: at('05:45'), minutes: 105 });
  expect(changed(early)).toEqual(['shifts']);
  expect(shiftOf(early, 'Asta').start).toBe('05:45');
  // Who begins before that already is left alone.
  expect(changed(taken({ code: 'beginEarlier', personId: person('Asta').id, from: at('12:00'), minutes: 5 }))).toEqual(
    [],
  );
});

it('a break moves with its length, on its day only; of an earlier plan without a time it stays', () => {
  const before = shiftOf(kennel, 'Asta').pauses.find((p) => p.what === 'break')!;
  const moved = taken({ code: 'moveBreak', personId: person('Asta').id, from: at(before.start), to: at('14:10') });
  expect(changed(moved)).toEqual(['shifts']);
  const after = shiftOf(moved, 'Asta').pauses.find((p) => p.what === 'break')!;
  expect(after.start).toBe('14:10');
  const length = (p: typeof after) => instantToMs(at(p.end)) - instantToMs(at(p.start));
  expect(length(after)).toBe(length(before));
  const others = (k: KennelFile) => k.shifts.filter((s) => s.id !== shiftOf(kennel, 'Asta').id);
  expect(others(moved)).toEqual(others(kennel));
  expect(changed(taken({ code: 'moveBreak', personId: person('Asta').id, from: at(before.start) }))).toEqual([]);
});

it('a station opens for its day, an absence of one person ends, a set task is let go, a circuit carries more', () => {
  const open = taken({ code: 'openStation', stationId: tub.id, from: at('08:00') });
  expect(changed(open)).toEqual(['stations']);
  const closures = open.stations.find((s) => s.id === tub.id)?.closures ?? [];
  expect(closures).toEqual(tub.closures.filter((c) => c.day !== DAY));
  const there = taken({ code: 'present', personId: person('Ivo').id, day: DAY });
  expect(there.absences.map((a) => a.personId)).toEqual([person('Pia').id]);
  expect(taken({ code: 'unpin', key: task, step: 'bath', start: at('12:00') }).pins).toEqual([]);
  const [circuit] = DEMO.circuits;
  const more = taken({ code: 'moreAmps', circuitId: circuit!.id, amps: 25, present: circuit!.amps });
  expect(changed(more)).toEqual(['circuits']);
  expect(more.circuits.find((c) => c.id === circuit!.id)?.amps).toBe(25);
});

it('one more person has the shifts and rides of the one, one more station stands at every site that has its kind', () => {
  const twin = taken({ code: 'freePerson', personId: person('Tuva').id });
  const added = twin.people.at(-1)!;
  expect(added).toMatchObject({ skills: person('Tuva').skills });
  expect(added.id).not.toBe(person('Tuva').id);
  const shifts = (k: KennelFile, id: string) =>
    k.shifts.filter((s) => s.personId === id).map((s) => [s.day, s.start, s.end]);
  expect(shifts(twin, added.id)).toEqual(shifts(kennel, person('Tuva').id));
  for (const t of twin.transports) expect(t.people.includes(added.id)).toBe(t.people.includes(person('Tuva').id));
  const tables = taken({ code: 'extraStation', kind: 'table' });
  const sites = new Set(DEMO.stations.filter((s) => s.kind === 'table').map((s) => s.siteId));
  expect(tables.stations.length - DEMO.stations.length).toBe(sites.size);
});

it('a dog that may stand longer, and a dog that is pulled', () => {
  const longer = taken({ code: 'moreStanding' });
  expect(changed(longer)).toEqual(['dogs']);
  expect(longer.dogs.find((d) => d.id === tamsin.id)).toMatchObject({ schools: { tableTime: 'b' } });
  const without = taken({ code: 'without', dogId: tamsin.id });
  expect(without.entries).toHaveLength(DEMO.entries.filter((e) => e.dogId !== tamsin.id).length);
});

it('whatever is taken and can be saved, the file is still read', () => {
  const all: Remedy[] = [
    { code: 'stay', personId: person('Asta').id, until: at('19:35'), minutes: 95 },
    { code: 'beginEarlier', personId: person('Asta').id, from: at('05:45'), minutes: 105 },
    { code: 'openStation', stationId: tub.id, from: at('08:00') },
    { code: 'present', personId: person('Ivo').id, day: DAY },
    { code: 'moreStanding' },
    { code: 'without', dogId: tamsin.id },
  ];
  for (const remedy of all) {
    const read = readKennel(JSON.stringify(taken(remedy)), CARE_LIBRARY);
    expect([remedy.code, read.ok ? [] : read.issues]).toEqual([remedy.code, []]);
  }
});
