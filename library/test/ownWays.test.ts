/* A kennel's own programs and breeds, locks, zones that failed a test: what follows from them in the plan. Common practice. */
import { readFileSync } from 'node:fs';
import {
  COAT_CLASSES,
  addDays,
  coatAfter,
  dogProgram,
  gatedZones,
  isMet,
  isCleanFaced,
  planKennel,
  programFaults,
  changedProgram,
  shiftKennel,
  trimDogOf,
  trimZonesOf,
  undercoatLoad,
  undercoatLoadAt,
  unlockedShare,
  wallToMs,
  withKennelBreeds,
} from '@loyal-mane/core';
import type {
  EntryFacts,
  KennelDog,
  KennelFile,
  KennelStepChange,
  LocalDay,
  Plan,
  StepId,
  WallTime,
} from '@loyal-mane/core';
import { CARE_LIBRARY, ZONES } from '@loyal-mane/library';
import { readKennel } from '@loyal-mane/library/reader';
import { dropWords, faultWords } from '@loyal-mane/library/words';
import { entryFacts } from './kennels/entryFacts.js';
import { WITHOUT_PLACE, fewDogs, withoutDogs } from './kennels/fewDogs.js';
import { sharedPlan } from './sharedPlan.js';

const demo = JSON.parse(readFileSync(`${__dirname}/../demo/demo-kennel.json`, 'utf8')) as KennelFile;
const kennel = withoutDogs(demo, WITHOUT_PLACE);
const dawn = wallToMs(kennel.startDay, '00:00' as WallTime, kennel.settings.timeZone);
const dogOf = (name: string): KennelDog => kennel.dogs.find((d) => d.name === name) as KennelDog;
const breedOf = (name: string) => CARE_LIBRARY.breeds.get(dogOf(name).breed) ?? fail(name);
const fail = (name: string): never => {
  throw new Error(name);
};
const FACTS = entryFacts(kennel.shows[0]?.firstDay as LocalDay);
const programOf = (dog: KennelDog, facts: Partial<EntryFacts> = {}) =>
  dogProgram(dog, kennel, CARE_LIBRARY, kennel.shows[0] ?? null, { ...FACTS, ...facts });
const withDog = (name: string, more: Partial<KennelDog>): KennelFile => ({
  ...kennel,
  dogs: kennel.dogs.map((d) => (d.name === name ? { ...d, ...more } : d)),
});
/** A plan of these dogs alone: what is asked of each here does not hang on the others. */
const planOf = (k: KennelFile, ...names: string[]): Plan => sharedPlan(fewDogs(k, names), { nowMs: dawn, rounds: 0 });
const stepsOf = (plan: Plan, name: string, step: StepId) =>
  plan.activities.filter((a) => a.dogId === dogOf(name).id && a.step === step && a.kind === 'show');

describe('what a trim cuts', () => {
  it('obeys the map, the locks and what is left to grow', () => {
    const hale = breedOf('Hale');
    const free = trimZonesOf('fineTrim', { locked: [], growsCoat: false }, hale, CARE_LIBRARY);
    expect(free?.cut.map((z) => z.zone)).toContain('throat');
    expect(free?.cut.map((z) => z.zone)).not.toContain('earFringe');
    expect(free?.leave).toEqual([]);
    const locked = trimZonesOf('fineTrim', { locked: ['throat'], growsCoat: true }, hale, CARE_LIBRARY);
    expect(locked?.leave).toContainEqual({ zone: 'throat', why: 'locked' });
    expect(locked?.leave.some((z) => z.why === 'growingOn')).toBe(true);
    expect(trimZonesOf('bath', { locked: [], growsCoat: false }, hale, CARE_LIBRARY)).toBeNull();
  });

  it('a puppy grows coat unless its record says otherwise', () => {
    expect(trimDogOf({}, true, kennel.startDay).growsCoat).toBe(true);
    expect(trimDogOf({ growsCoat: false }, true, kennel.startDay).growsCoat).toBe(false);
  });

  it('a step of which everything is locked drops out with its reason; half of it locked takes less time', () => {
    const ears = trimZonesOf('ears', { locked: [], growsCoat: false }, breedOf('Rusk'), CARE_LIBRARY);
    const locked = ears?.cut.map((z) => z.zone) ?? [];
    const program = programOf({ ...dogOf('Rusk'), locked });
    expect(program.dropped).toContainEqual({ step: 'ears', why: { code: 'allLocked' } });
    expect(dropWords('ears', { code: 'allLocked' })).toMatch(/locked or left to grow/);
    const zones = {
      cut: [{ zone: 'ribs' as const, how: 'shaped' as const }],
      leave: [{ zone: 'back' as const, why: 'locked' as const }],
    };
    expect(unlockedShare(zones, () => 0.1)).toBeCloseTo(0.5, 9);
    expect(unlockedShare({ ...zones, cut: [] }, () => 0.1)).toBe(0.25);
  });

  it('reaches the plan: a locked back shortens the fine trim', () => {
    const minutes = (k: KennelFile): number =>
      stepsOf(planOf(k, 'Brisk'), 'Brisk', 'fineTrim').reduce((sum, a) => sum + a.minutes.middle, 0);
    const body = ZONES.filter((z) => z.region === 'body').map((z) => z.id);
    expect(minutes(withDog('Brisk', { locked: body }))).toBeLessThan(minutes(kennel) * 0.95);
  });
});

describe('two tests a zone', () => {
  it('send damp or kinked zones back to heat and to another check before scissors', () => {
    const plan = planOf(
      withDog('Brisk', {
        unready: [
          { zone: 'foreleg', test: 'kinked' },
          { zone: 'skull', test: 'damp' },
        ],
      }),
      'Brisk',
    );
    const plain = planOf(kennel, 'Brisk');
    expect(stepsOf(plan, 'Brisk', 'heatDry').length).toBe(stepsOf(plain, 'Brisk', 'heatDry').length + 1);
    // Kinked roots make the trim longer too: it may take a day more, which begins with tests of its own.
    expect(stepsOf(plan, 'Brisk', 'dryCheck').length).toBeGreaterThan(stepsOf(plain, 'Brisk', 'dryCheck').length);
    const nextShow = kennel.entries.find((e) => e.dogId === dogOf('Brisk').id)?.id;
    const mine = (step: StepId) => stepsOf(plan, 'Brisk', step).filter((a) => a.entryId === nextShow);
    expect(mine('fineTrim').length).toBeGreaterThan(0);
    for (const a of mine('fineTrim')) {
      const before = mine('dryCheck').filter((c) => c.start < a.start);
      expect(before.at(-1)?.start.slice(0, 10)).toBe(a.start.slice(0, 10));
    }
  });

  it('keep clippers and scissors waiting on long coats, never on smooth ones', () => {
    const kinked = { unready: [{ zone: 'foreleg' as const, test: 'kinked' as const }] };
    expect(gatedZones('fineTrim', { ...dogOf('Brisk'), ...kinked }, CARE_LIBRARY)).toEqual(['foreleg']);
    expect(gatedZones('lineBrush', { ...dogOf('Brisk'), ...kinked }, CARE_LIBRARY)).toEqual([]);
    expect(gatedZones('clip', { ...dogOf('Brisk'), ...kinked }, CARE_LIBRARY)).toEqual([]);
    expect(gatedZones('fineTrim', { ...dogOf('Quill'), ...kinked }, CARE_LIBRARY)).toEqual([]);
  });

  it('keep the rake from a damp zone, whether it is cut or not; a kink is none of its business', () => {
    const damp = { unready: [{ zone: 'ribs' as const, test: 'damp' as const }] };
    expect(gatedZones('undercoat', { ...dogOf('Tolle'), ...damp }, CARE_LIBRARY)).toEqual(['ribs']);
    const kinked = { unready: [{ zone: 'ribs' as const, test: 'kinked' as const }] };
    expect(gatedZones('undercoat', { ...dogOf('Tolle'), ...kinked }, CARE_LIBRARY)).toEqual([]);
  });

  it('finished work clears what it clears', () => {
    const marks = {
      soiled: ['hindfoot' as const],
      mats: [{ zone: 'armpit' as const, tightness: 'loose' as const }],
      unready: [{ zone: 'ribs' as const, test: 'damp' as const }],
    };
    expect(coatAfter('bath', marks)).toEqual({ ...marks, soiled: [], unready: [] });
    expect(coatAfter('spotWash', marks)).toEqual({ ...marks, soiled: [] });
    // Nobody has said which are out: all stay marked.
    expect(coatAfter('knots', marks)).toBe(marks);
    expect(coatAfter('knots', marks, marks.mats)).toEqual({ ...marks, mats: [] });
    expect(coatAfter('heatDry', marks)).toEqual({ ...marks, unready: [] });
    expect(coatAfter('lineBrush', marks)).toBe(marks);
  });
});

describe('undercoat by zone', () => {
  const dog = { undercoat: 'light' as const, coatChange: false };
  const day = '2026-06-17' as LocalDay;

  it.each([
    [0, 0],
    [14, 0.5],
    [28, 1],
    [60, 1],
  ])('%d days after its removal: %d', (days, load) => {
    expect(undercoatLoadAt({ ...dog, lastUndercoat: addDays(day, -days) }, 'ribs', day)).toBeCloseTo(load, 9);
  });

  it('a zone’s own removal counts, and half the zones loaded again is a loaded coat', () => {
    const done = (...days: number[]) =>
      days.map((n, i) => ({
        zone: (['ribs', 'back', 'breeches', 'tail'] as const)[i] ?? 'ribs',
        day: addDays(day, -n),
      }));
    expect(undercoatLoad({ ...dog, undercoatDone: done(40, 40, 3, 3) }, day)).toBe('heavy');
    expect(undercoatLoad({ ...dog, undercoatDone: done(40, 3, 3, 3) }, day)).toBe('light');
    expect(undercoatLoadAt({ ...dog, undercoatDone: done(7) }, 'ribs', day)).toBeCloseTo(0.25, 9);
    expect(undercoatLoadAt(dog, 'ribs', day)).toBeNull();
  });
});

it('a jacket that one towel set does not lay is set twice, each beginning in the tub’s hands', () => {
  const twice = { ...dogOf('Rusk'), towelSets: 2 };
  const steps = (dog: KennelDog): string[] =>
    programOf(dog)
      .program.preparation.filter((s) => s.when.every((c) => isMet(c, dog, FACTS)))
      .map((s) => s.step);
  expect(steps(dogOf('Rusk')).filter((s) => s === 'towelSet')).toHaveLength(1);
  const order = steps(twice).filter((s) => s.startsWith('towelS') || s.startsWith('towelR') || s === 'fineTrim');
  const set = ['towelSoak', 'towelSet', 'towelRelease'];
  expect(order).toEqual([...set, ...set, 'fineTrim']);
  expect(steps({ ...twice, jacketLies: true })).not.toContain('towelSet');
});

it('a first ear trim waits for the owner’s consent where consents are kept; later ones do not', () => {
  const { lastTrim, ...untrimmed } = dogOf('Rusk');
  const drops = (dog: KennelDog) => programOf(dog).dropped.map((d) => `${d.step} ${d.why.code}`);
  const whiskers = { what: 'whiskers' as const, given: '2026-01-01' as LocalDay };
  expect(drops({ ...untrimmed, consents: [whiskers] })).toContain('ears noConsent');
  expect(drops({ ...untrimmed, consents: [whiskers, { ...whiskers, what: 'firstEars' }] })).toEqual([]);
  expect(drops({ ...untrimmed, lastTrim: lastTrim as LocalDay, consents: [whiskers] })).toEqual([]);
  expect(drops(untrimmed)).toEqual([]);
});

describe('merging', () => {
  const haldvik = kennel.shows[1];

  it('shows a fortnight apart share the first one’s trim', () => {
    const program = programOf(dogOf('Brisk'), { nextShow: false, trimmedOn: '2026-06-21' as LocalDay });
    const steps = program.program.preparation.map((s) => s.step);
    expect(steps).not.toContain('roughTrim');
    expect(steps).not.toContain('trimBath');
    expect(steps).toContain('fineTrim');
    expect(steps).toContain('shapeCheck');
    expect(program.dropped.map((d) => d.step)).toEqual(expect.arrayContaining(['roughTrim', 'trimBath']));
    expect(programOf(dogOf('Tolle'), { trimmedOn: '2026-06-21' as LocalDay }).dropped.map((d) => d.step)).toContain(
      'naturalTrim',
    );
  });

  it('reaches the plan: Haldvik moved to a fortnight after Tornvik needs no rough pass of its own', () => {
    const day = addDays(kennel.shows[0]?.lastDay as LocalDay, 14);
    const nearer: KennelFile = {
      ...kennel,
      shows: kennel.shows.map((s) => (s.id === haldvik?.id ? { ...s, firstDay: day, lastDay: day } : s)),
      entries: kennel.entries.map((e) => (e.showId === haldvik?.id ? { ...e, day } : e)),
      transports: kennel.transports.filter((t) => t.toSiteId !== haldvik?.siteId && t.fromSiteId !== haldvik?.siteId),
      stations: kennel.stations,
    };
    const plan = planOf(nearer, 'Brisk');
    const entry = nearer.entries.find((e) => e.showId === haldvik?.id && e.dogId === dogOf('Brisk').id);
    const left = plan.leftOut.filter((l) => l.entryId === entry?.id).map((l) => [l.step, l.why.code]);
    expect(left).toContainEqual(['roughTrim', 'sharedTrim']);
  });

  it('three show days make one preparation and two touch-ups', () => {
    const plan = planOf(kennel, 'Isbrin');
    expect(stepsOf(plan, 'Isbrin', 'bath').length + stepsOf(plan, 'Isbrin', 'blowOut').length).toBeLessThanOrEqual(3);
    expect(stepsOf(plan, 'Isbrin', 'touchUp')).toHaveLength(2);
  });

  it('a pulled entry takes only its own work away', () => {
    const pulled = kennel.entries.find((e) => e.dogId === dogOf('Wisp').id && e.day === addDays(FACTS.day, 2));
    const some = fewDogs(kennel, ['Wisp', 'Isbrin', 'Quill', 'Tolle', 'Seraph', 'Nocci']);
    const before = sharedPlan(some, { nowMs: dawn });
    const after = planKennel({ ...some, entries: some.entries.filter((e) => e.id !== pulled?.id) }, CARE_LIBRARY, {
      nowMs: dawn,
      previous: before,
    });
    const others = (p: Plan) => p.activities.filter((a) => a.entryId !== pulled?.id && a.kind === 'show');
    const starts = new Map(others(before).map((a) => [a.key, a.start]));
    const kept = others(after).filter((a) => starts.get(a.key) === a.start).length;
    expect(kept / others(after).length).toBeGreaterThan(0.95);
    expect(after.activities.some((a) => a.entryId === pulled?.id)).toBe(false);
  });
});

describe('clean faces, wraps and first lessons', () => {
  it('face and feet are clipped two to five days before, pads and vent with the show bath', () => {
    expect(isCleanFaced({ variant: 'clean feet and face' })).toBe(true);
    const steps = programOf({ ...dogOf('Brisk'), breed: 'Poodle (Standard)' }, { cleanFaced: true }).program
      .preparation;
    const clips = steps.filter((s) => s.step === 'clip' && !s.when.includes('notCleanFaced'));
    expect(clips[0]).toMatchObject({ from: { day: -5 }, to: { day: -2 } });
    expect(clips.reduce((sum, s) => sum + s.share, 0)).toBeCloseTo(1, 9);
  });

  it('wrapped hair is rewrapped every three days, puppies have lessons, others neither', () => {
    const plan = planOf(kennel, 'Koro', 'Seraph');
    const keepUp = (name: string, step: StepId) =>
      [...plan.activities].filter((a) => a.dogId === dogOf(name).id && a.step === step && a.kind === 'keepUp').length;
    expect(keepUp('Koro', 'wraps')).toBeGreaterThan(0);
    expect(keepUp('Seraph', 'wraps')).toBe(0);
    const puppy = withDog('Hale', { born: addDays(kennel.startDay, -120) });
    const lessons = planOf(puppy, 'Hale').activities.filter((a) => a.step === 'lesson');
    expect(lessons.some((a) => a.dogId === dogOf('Hale').id)).toBe(true);
    for (const a of lessons) expect(a.minutes.middle).toBeLessThanOrEqual(10);
  });
});

describe('a kennel’s own programs', () => {
  const people = kennel.people;
  const faults = (change: KennelStepChange) =>
    programFaults(CARE_LIBRARY, CARE_LIBRARY.programs[change.coat], [change], people);
  const bath = { coat: 'drop', part: 'preparation', step: 'bath', nth: 1 } as const;

  it.each(COAT_CLASSES)('the library’s own program for %s coats has no fault', (coat) => {
    expect(programFaults(CARE_LIBRARY, CARE_LIBRARY.programs[coat], [], people)).toEqual([]);
  });

  it.each([
    ['a circle', { ...bath, before: 'preTreat' }, /circle/],
    ['a check left out', { ...bath, step: 'dryCheck', leftOut: true }, /safe only after dry and straight check/],
    ['days the wrong way round', { ...bath, fromDay: -1, toDay: -3 }, /after its last day/],
    ['a window that what comes before cannot meet', { ...bath, fromDay: -5, toDay: -5 }, /too late/],
    ['a wait that is none', { ...bath, step: 'heatDry', waitMin: 30 }, /no wait is both/],
    [
      'work between that is longer than the wait',
      { ...bath, step: 'brushOut2', plusMin: 120 },
      /the work between takes/,
    ],
    [
      'days on a step that counts from the ring',
      { ...bath, part: 'showMorning', step: 'gate', fromDay: -2 },
      /counts from the ring/,
    ],
    ['a step that is not there', { ...bath, nth: 4 }, /There is no 4th bath/],
  ] as const)('refuses %s', (_, change, words) => {
    const found = faults(change as KennelStepChange).map(faultWords);
    expect(found.join(' ')).toMatch(words);
  });

  it('refuses a step that nobody here can do', () => {
    const few = people.map((p) => ({ ...p, skills: p.skills.filter((s) => s !== 'bath') }));
    const found = programFaults(CARE_LIBRARY, CARE_LIBRARY.programs.drop, [], few);
    expect(found.map(faultWords).join(' ')).toMatch(/Bath needs bathing, and nobody here can do that/);
  });

  it('changes what it says and nothing else, in the order in which steps are named', () => {
    const program = CARE_LIBRARY.programs.drop;
    const changed = changedProgram(program, {
      steps: [
        { ...bath, fromDay: -4, toDay: -2, aimDay: -3, aimTime: '10:00' as WallTime, plusMin: 5, perDayMin: 20 },
        { coat: 'drop', part: 'preparation', step: 'nails', nth: 1, before: 'combThrough' },
        { coat: 'drop', part: 'after', step: 'skinLook', nth: 1, leftOut: true },
        { coat: 'wire', part: 'preparation', step: 'bath', nth: 1, leftOut: true },
      ],
      intervals: [{ coat: 'drop', rule: 'bath', everyDays: 5, everyDaysInChange: 4 }],
    });
    const steps = changed.preparation.map((s) => s.step);
    expect(steps.indexOf('nails')).toBe(steps.indexOf('combThrough') - 1);
    expect(changed.preparation.find((s) => s.step === 'bath')).toMatchObject({
      from: { day: -4 },
      to: { day: -2 },
      aim: { day: -3, time: '10:00' },
      plusMin: 5,
      perDayMin: 20,
    });
    expect(changed.after.map((s) => s.step)).not.toContain('skinLook');
    expect(changed.keepUp.find((r) => r.id === 'bath')).toMatchObject({ everyDays: 5, everyDaysInChange: 4 });
    expect(changed.preparation).toHaveLength(program.preparation.length);
    expect(changedProgram(program, { steps: [], intervals: [] })).toBe(program);
  });

  it('reaches the plan', () => {
    const methods = { number: 1, schools: {}, steps: [{ ...bath, plusMin: 30 }] };
    const minutes = (k: KennelFile): number => stepsOf(planOf(k, 'Muir'), 'Muir', 'bath')[0]?.minutes.usual ?? 0;
    expect(minutes({ ...kennel, methods })).toBeCloseTo(minutes(kennel) + 30, 0);
  });
});

describe('a breed of the kennel’s own', () => {
  const own = {
    name: 'Wrenfold Water Spitz',
    coat: 'double' as const,
    variant: '',
    badge: 'samoyed',
    trimMap: 'naturalDouble' as const,
    growOn: ['tail' as const],
    typicalKg: 20,
    lengthToHeight: 1.1,
    dogFromIn: 20,
    dogToIn: 22,
  };
  const file: KennelFile = { ...withDog('Isbrin', { breed: own.name }), breeds: [own] };

  it('is planned like any other, and stands in for the library’s row of its name', () => {
    expect(readKennel(JSON.stringify(file), CARE_LIBRARY)).toMatchObject({ ok: true });
    const plan = planOf(file, 'Isbrin');
    expect(stepsOf(plan, 'Isbrin', 'bath').length).toBeGreaterThan(0);
    const library = withKennelBreeds(CARE_LIBRARY, [{ ...own, name: 'Samoyed', trimMap: 'doubleShaped' }]);
    expect(library.breeds.get('Samoyed')).toMatchObject({ trimMap: 'doubleShaped', lengthCm: 21 * 2.54 * 1.1 });
    expect(withKennelBreeds(CARE_LIBRARY, undefined)).toBe(CARE_LIBRARY);
  });

  it('is refused without its silhouette, and its dogs without it', () => {
    const read = (k: KennelFile) => readKennel(JSON.stringify(k), CARE_LIBRARY);
    expect(read({ ...file, breeds: [{ ...own, badge: 'unicorn' }] })).toMatchObject({
      issues: [{ code: 'unknownBadge', path: 'breeds[0].badge' }],
    });
    expect(read({ ...file, breeds: [] })).toMatchObject({ issues: [{ code: 'unknownBreed' }] });
    const methods = {
      number: 1,
      schools: {},
      steps: [{ coat: 'drop', part: 'preparation', step: 'dryCheck', nth: 1, leftOut: true }],
    };
    expect(read({ ...kennel, methods } as KennelFile)).toMatchObject({ issues: [{ code: 'programFault' }, {}] });
  });
});

it('a table that is too short for the dog is not given to a trim', () => {
  const tables = (lengthCm: number): KennelFile => ({
    ...kennel,
    stations: kennel.stations.map((s) => (s.kind === 'table' && s.name !== 'Table 4' ? { ...s, lengthCm } : s)),
  });
  const plan = planOf(tables(60), 'Hale');
  const home = kennel.stations.filter((s) => s.name.startsWith('Table')).map((s) => s.id);
  const long = kennel.stations.filter((s) => s.kind === 'table' && s.name === 'Table 4').map((s) => s.id);
  const mine = [...stepsOf(plan, 'Hale', 'fineTrim'), ...stepsOf(plan, 'Hale', 'outlineCheck')].filter(
    (a) => a.state === 'planned' && a.stationId !== null && home.includes(a.stationId),
  );
  expect(mine.length).toBeGreaterThan(0);
  for (const a of mine) expect(long).toContain(a.stationId);
});

it('moves every day of a dog’s record with the kennel', () => {
  const moved = shiftKennel(kennel, 7).dogs.find((d) => d.name === 'Isbrin');
  expect(moved?.uses?.[0]?.day).toBe(addDays(dogOf('Isbrin').uses?.[0]?.day as LocalDay, 7));
  expect(moved?.holds?.[0]?.day).toBe(addDays(dogOf('Isbrin').holds?.[0]?.day as LocalDay, 7));
});
