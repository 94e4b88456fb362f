/* What if: a comparison that leaves the kennel and its plan as they are. */
import { readFileSync } from 'node:fs';
import { overtimeMinutes, wallToMs, whatIf } from '@loyal-mane/core';
import type { KennelFile, LocalDay, WallTime, WhatIfChange } from '@loyal-mane/core';
import { CARE_LIBRARY } from '@loyal-mane/library';
import { fewDogs } from './kennels/fewDogs.js';
import { sharedPlan } from './sharedPlan.js';

const text = readFileSync(`${__dirname}/../demo/demo-kennel.json`, 'utf8');
const kennel = JSON.parse(text) as KennelFile;
const nowMs = wallToMs(kennel.startDay, '00:00' as WallTime, kennel.settings.timeZone);
const published = sharedPlan(kennel, { nowMs });
/** Few dogs, for what needs no full house. */
const few = fewDogs(kennel, ['Pim', 'Rusk', 'Isbrin', 'Lovage', 'Bram', 'Wisp', 'Hale', 'Fenn']);
const fewPublished = sharedPlan(few, { nowMs });
const asked = (...changes: WhatIfChange[]) => whatIf(few, CARE_LIBRARY, changes, { nowMs, published: fewPublished });
const nameOf = (id: string): string => kennel.dogs.find((d) => d.id === id)?.name ?? '';
const entriesOf = (name: string) => kennel.entries.filter((e) => nameOf(e.dogId) === name);
const person = (signIn: string) => kennel.people.find((p) => p.signIn === signIn)!;

it('what is out finds its place when what is in its way is gone, and nothing else changes hands for it', () => {
  const tub = kennel.stations.find((s) => s.name === 'Tub 2')!;
  const tamsin = entriesOf('Tamsin')[0]!;
  const changes: WhatIfChange[] = [
    { kind: 'stationOpen', stationId: tub.id },
    {
      kind: 'otherHandler',
      entryId: tamsin.id,
      personId: person('jonas').skills.includes('ring') ? person('jonas').id : person('pia').id,
    },
  ];
  const answer = whatIf(kennel, CARE_LIBRARY, changes, { nowMs, published });
  expect(answer.before.of - answer.before.ready).toBe(3);
  expect(answer.after.ready).toBeGreaterThan(answer.before.ready);
  expect(answer.effect.gained.map(nameOf)).toContain('Odran');
  expect(answer.effect.lost).toEqual([]);
  expect(answer.effect.moved).toBeLessThan(published.activities.length / 4);
  expect(JSON.stringify(kennel)).toBe(JSON.stringify(JSON.parse(text)));
});

it('a lead who is away costs entries; a pulled entry takes only its own work', () => {
  const away = asked({ kind: 'personAway', personId: person('maren').id, day: '2026-06-20' as LocalDay });
  expect(away.after.ready).toBeLessThan(away.before.ready);
  expect(away.effect.lost.length).toBeGreaterThan(0);
  const entry = entriesOf('Pim')[0]!;
  const pulled = asked({ kind: 'entryPulled', entryId: entry.id });
  expect(pulled.after.of).toBe(pulled.before.of - 1);
  expect(pulled.plan.activities.some((a) => a.entryId === entry.id)).toBe(false);
  expect(pulled.effect.lost).toEqual([]);
});

it('a dog whose hair were longer takes longer to trim; its record stays', () => {
  const lovage = few.dogs.find((d) => d.name === 'Lovage')!;
  const measures = [{ day: kennel.startDay, what: 'height' as const, cm: 61 }];
  const outline = { ...lovage.outline, corrections: [{ what: 'shortBack' as const, amount: 1 }] };
  const answer = whatIf(few, CARE_LIBRARY, [{ kind: 'dogShaped', dogId: lovage.id, record: { measures, outline } }], {
    nowMs,
    published: fewPublished,
  });
  const trims = (list: typeof fewPublished.activities): number =>
    list.filter((a) => a.dogId === lovage.id && a.step.endsWith('Trim')).reduce((sum, a) => sum + a.minutes.middle, 0);
  expect(trims(answer.plan.activities)).not.toBe(trims(fewPublished.activities));
  expect(lovage.measures).not.toEqual(measures);
});

it('counts overtime as the minutes after the end of a shift', () => {
  const answer = asked({
    kind: 'personStays',
    personId: person('tuva').id,
    day: kennel.startDay,
    until: '22:00' as WallTime,
  });
  expect(answer.before.overtimeMin).toBe(overtimeMinutes(few, fewPublished));
  const early = kennel.shifts.map((s) => ({ ...s, end: s.start, overtimeEnd: s.overtimeEnd }));
  // Were every shift to end as it begins, all work in shifts that allow staying would be overtime.
  expect(overtimeMinutes({ ...few, shifts: early }, fewPublished)).toBeGreaterThan(answer.before.overtimeMin + 300);
});

it('a ring time that moves by an hour moves the dog’s morning with it', () => {
  const entry = entriesOf('Rusk')[0]!;
  const answer = asked({ kind: 'ringTime', entryId: entry.id, ringTime: '15:00' as WallTime });
  const ring = answer.plan.activities.find((a) => a.entryId === entry.id && a.step === 'ring');
  expect(ring?.start).toContain('T13:00');
  expect(answer.effect.dogs.map(nameOf)).toContain('Rusk');
});
