/* Work that is not done in the usual way, so that dogs have a place: read from plans of altered kennels. */
import { readFileSync } from 'node:fs';
import {
  COAT_CLASSES,
  addDays,
  bathAtSite,
  instantToMs,
  localDayOf,
  matsTogether,
  planKennel,
  wallToMs,
} from '@loyal-mane/core';
import type { KennelDog, KennelFile, Plan, PlannedActivity, WallTime } from '@loyal-mane/core';
import { CARE_LIBRARY, PROGRAMS } from '../src/index.js';
import { namesOf, noteWords, whyNotWords } from '../src/words/index.js';
import { fewDogs } from './kennels/fewDogs.js';
import { firstShowOf } from './kennels/firstShow.js';

const WHOLE = JSON.parse(readFileSync(`${__dirname}/../demo/demo-kennel.json`, 'utf8')) as KennelFile;
const DEMO = firstShowOf(WHOLE);
const ZONE = DEMO.settings.timeZone;
const NOW_MS = wallToMs(DEMO.startDay, '07:00' as WallTime, ZONE);
const HOME = DEMO.sites.find((s) => s.home)?.id;
const planOf = (kennel: KennelFile): Plan => planKennel(kennel, CARE_LIBRARY, { nowMs: NOW_MS, rounds: 2 });
/** A plan of which nobody reads why something is out. */
const unasked = (kennel: KennelFile): Plan =>
  planKennel(kennel, CARE_LIBRARY, { nowMs: NOW_MS, rounds: 2, unasked: true });
const dogOf = (name: string): KennelDog => DEMO.dogs.find((d) => d.name === name) as KennelDog;
const withDog = (name: string, more: Partial<KennelDog>, kennel = DEMO): KennelFile => ({
  ...kennel,
  dogs: kennel.dogs.map((d) => (d.name === name ? { ...d, ...more } : d)),
});
/** A plan of one dog alone: what is asked of it does not hang on the others. */
const alone = (name: string, more: Partial<KennelDog>): Plan => planOf(fewDogs(withDog(name, more), [name]));
const tasksOf = (plan: Plan, name: string): PlannedActivity[] =>
  plan.activities.filter((a) => a.dogId === dogOf(name).id && a.state === 'planned');
const dayOf = (a: PlannedActivity): string => localDayOf(instantToMs(a.start), ZONE);
const isOut = (plan: Plan, name: string): boolean =>
  plan.unplaced.some((u) => u.kind === 'show' && u.dogId === dogOf(name).id && u.reason.code !== 'needsOther');

describe('dogs too heavy for one', () => {
  const plan = planOf(DEMO);
  const wet = plan.activities.filter((a) => a.step === 'bath' && a.state === 'planned');

  it('come by the ramp, or two lift them, and nobody lifts from 23 kg on alone', () => {
    for (const bath of wet) {
      const dog = DEMO.dogs.find((d) => d.id === bath.dogId);
      const tub = DEMO.stations.find((s) => s.id === bath.stationId);
      if ((dog?.weightKg ?? 0) >= 23)
        expect([dog?.name, tub?.ramp === true || bath.people.length === 2]).toEqual([dog?.name, true]);
    }
    expect(wet.filter((b) => b.people.length === 2).length).toBeGreaterThan(0);
  });

  it('are not lifted by two where that is too much for two: Odran, 35 kg, waits for the ramp', () => {
    expect(isOut(plan, 'Odran')).toBe(true);
    const lifted = (plan.ways ?? []).filter((w) => w.twoLift).map((w) => DEMO.dogs.find((d) => d.id === w.dogId));
    expect(lifted.length).toBeGreaterThan(0);
    for (const dog of lifted) expect(dog?.weightKg).toBeLessThanOrEqual((4 / 3) * 23);
  });

  it('a kennel that sets a higher limit lifts those below it alone', () => {
    const strong = unasked({ ...DEMO, settings: { ...DEMO.settings, rampFromKg: 30 } });
    const lifted = (strong.ways ?? []).filter((w) => w.twoLift).map((w) => DEMO.dogs.find((d) => d.id === w.dogId));
    for (const dog of lifted) expect(dog?.weightKg).toBeGreaterThanOrEqual(30);
    expect(lifted.length).toBeLessThan((plan.ways ?? []).length);
  });
});

describe('with both tubs at home closed before the show', () => {
  const closures = [0, 1].map((k) => ({
    ...{ day: addDays(DEMO.startDay, k), start: '00:00' as WallTime, end: '24:00' as WallTime, reason: 'no hot water' },
  }));
  const kennel = {
    ...DEMO,
    stations: DEMO.stations.map((s) => (s.kind === 'tub' && s.siteId === HOME ? { ...s, closures } : s)),
  };
  const plan = unasked(kennel);
  const atShow = plan.activities.filter((a) => {
    const tub = DEMO.stations.find((s) => s.id === a.stationId);
    return a.step === 'bath' && tub?.siteId !== undefined && tub.siteId !== HOME && a.entryId !== null;
  });

  it('dogs are bathed in the show’s own tub within its hours, after they have arrived, and it is said', () => {
    expect(atShow.length).toBeGreaterThan(1);
    for (const bath of atShow) {
      const load = plan.activities.find((a) => a.entryId === bath.entryId && a.step === 'load');
      expect(instantToMs(bath.start)).toBeGreaterThan(instantToMs(load?.start ?? bath.end));
      const note = plan.notes.find((n) => n.entryId === bath.entryId && n.note.code === 'bathAtSite');
      expect(note === undefined ? '' : noteWords(note.note)).toMatch(/^Bathed at the show/);
      const ring = plan.activities.find((a) => a.entryId === bath.entryId && a.step === 'ring');
      expect(instantToMs(ring?.start ?? bath.start)).toBeGreaterThan(instantToMs(bath.end));
    }
  });

  it('none of them is cut before it is dry there, and none on its show day', () => {
    for (const bath of atShow) {
      const mine = plan.activities.filter((a) => a.entryId === bath.entryId);
      const ring = mine.find((a) => a.step === 'ring');
      for (const a of mine.filter(
        (x) => ['fineTrim', 'naturalTrim', 'ears'].includes(x.step) && x.start > bath.start,
      )) {
        expect(mine.some((c) => c.step === 'dryCheck' && dayOf(c) === dayOf(a) && c.start < a.start)).toBe(true);
        expect(ring === undefined ? '' : dayOf(ring)).not.toBe(dayOf(a));
      }
    }
  });
});

it('mats take minutes by their size, how tight they are and where; tight ones go to somebody who scissors', () => {
  const loose = { zone: 'ribs', tightness: 'loose' } as const;
  expect(matsTogether([loose])).toBe(1);
  expect(matsTogether([loose, loose])).toBe(2);
  expect(matsTogether([{ ...loose, cm: 9 }])).toBe(3);
  expect(matsTogether([{ ...loose, tightness: 'tight' }])).toBe(2.5);
  expect(matsTogether([{ ...loose, tightness: 'tight', zone: 'armpit' }])).toBe(3.75);
  expect(matsTogether([{ ...loose, tightness: 'solid' }])).toBe(4);
  expect(matsTogether([{ ...loose, cm: 1 }])).toBe(1);
  const task = tasksOf(alone('Brisk', { mats: [{ ...loose, tightness: 'tight' }] }), 'Brisk').find(
    (a) => a.step === 'knots',
  );
  expect(task?.people.length).toBe(1);
  for (const id of task?.people ?? []) expect(DEMO.people.find((p) => p.id === id)?.skills).toContain('scissor');
});

it('a dog goes to the finisher and the bather who know it', () => {
  const idOf = (name: string) => DEMO.people.find((p) => p.name.startsWith(name))?.id as never;
  const share = (of: Plan, steps: readonly string[], id: string): number => {
    const mine = tasksOf(of, 'Koro').filter((a) => steps.includes(a.step));
    return mine.filter((a) => (a.people as readonly string[]).includes(id)).length / mine.length;
  };
  const wet = ['bath', 'condition', 'towel', 'forceDry', 'heatDry'];
  const scissors = ['clip', 'fineTrim', 'finish', 'tidies'];
  const named = (bather: string, finisher: string): Plan =>
    unasked(withDog('Koro', { batherId: idOf(bather), finisherId: idOf(finisher) }, WHOLE));
  const [one, other] = [named('Asta', 'Ivo'), named('Tuva', 'Maren')];
  expect(share(one, wet, idOf('Asta'))).toBeGreaterThan(0.6);
  expect(share(other, wet, idOf('Tuva'))).toBeGreaterThan(0.6);
  // Nobody is in two places: where the finisher is in a ring, another has the dog.
  expect(share(one, scissors, idOf('Ivo'))).toBeGreaterThanOrEqual(share(other, scissors, idOf('Ivo')));
  expect(share(other, scissors, idOf('Maren'))).toBeGreaterThanOrEqual(share(one, scissors, idOf('Maren')));
});

it('nothing is planned for a dog that is with its owner, and what it then lacks is told', () => {
  const tomorrow = addDays(DEMO.startDay, 1);
  const late = alone('Muir', { stays: [{ from: tomorrow, arrives: '12:00' as WallTime }] });
  const first = tasksOf(late, 'Muir')[0];
  expect(first === undefined ? 0 : instantToMs(first.start)).toBeGreaterThanOrEqual(
    wallToMs(tomorrow, '12:00' as WallTime, ZONE),
  );
  const gone = alone('Muir', { stays: [{ from: DEMO.startDay, until: DEMO.startDay }] });
  expect(isOut(gone, 'Muir')).toBe(true);
  const out = gone.unplaced.find((u) => u.dogId === dogOf('Muir').id && u.kind === 'show');
  expect(out === undefined ? '' : whyNotWords(out, namesOf(DEMO))).toMatch(/not in the kennel/);
});

describe('a program with its show bath at the show', () => {
  const washes = ['bath', 'bathWhites'];
  const trims = ['clip', 'whiskers', 'fineTrim', 'roughTrim', 'naturalTrim', 'ears', 'throat'];

  it.each(COAT_CLASSES.map((coat) => [coat]))(
    '%s: bag and journey first, then the bath with what belongs to it',
    (coat) => {
      const given = PROGRAMS[coat];
      // A jacket that is set for a day once more after its bath cannot be bathed the day before.
      const isSetAgain = given.preparation.some((s) => s.when.includes('towelAfterBath'));
      expect(bathAtSite(given, 1) === null).toBe(isSetAgain);
      const home = { ...given, preparation: given.preparation.filter((s) => !s.when.includes('towelAfterBath')) };
      const there = bathAtSite(home, 1);
      if (there === null) throw new Error('no bath');
      const steps = there.preparation.map((s) => s.step);
      const load = steps.indexOf('load');
      const bath = steps.findLastIndex((s) => washes.includes(s));
      expect(bath).toBeGreaterThan(load);
      expect([...steps].sort()).toEqual(home.preparation.map((s) => s.step).sort());
      // Trims that come before the bath at home still do, at home.
      const before = home.preparation.slice(
        0,
        home.preparation.findLastIndex((s) => washes.includes(s.step)),
      );
      const cutAtHome = steps.slice(0, load).filter((s) => trims.includes(s));
      expect(cutAtHome).toEqual(before.map((s) => s.step).filter((s) => trims.includes(s)));
      for (const s of there.preparation.slice(load + 1)) {
        expect(s.from).toEqual({ of: 'departure', min: 0 });
        expect(s.to.of).toBe('ringDay');
      }
      const [first] = there.preparation.slice(load + 1);
      expect(first).toMatchObject({ anchor: true, aim: { of: 'prepDay', day: 1 } });
    },
  );
});
