/*
 * Schools, rules of shows, ages, states, practice and kits: what each does to a dog's order of work. Common practice
 * throughout; factors and minutes are the engineering defaults of the tables.
 */
import { readFileSync } from 'node:fs';
import {
  SCHOOL_IDS,
  addDays,
  barOf,
  coatClassOf,
  dogProgram,
  standMinutesOf,
  wallToMs,
  STRIPPING_AREAS,
  isMet,
  mayGoUnbathed,
  strippingArea,
  undercoatLoad,
} from '@loyal-mane/core';
import type {
  EntryFacts,
  KennelDog,
  KennelFile,
  LocalDay,
  Plan,
  ProgramStep,
  SchoolChoices,
  StepId,
  WallTime,
} from '@loyal-mane/core';
import { CARE_LIBRARY, MINUTES, SCHOOLS, TRIM_MAPS, libraryFaults } from '../src/index.js';
import { REFUSAL_WORDS, SCHOOL_WORDS, strippingWords } from '../src/words/index.js';
import { entryFacts } from './kennels/entryFacts.js';
import { WITHOUT_PLACE, fewDogs, withoutDogs } from './kennels/fewDogs.js';
import { sharedPlan } from './sharedPlan.js';

const demo = JSON.parse(readFileSync(`${__dirname}/../demo/demo-kennel.json`, 'utf8')) as KennelFile;
const kennel = withoutDogs(demo, WITHOUT_PLACE);
const dogOf = (name: string): KennelDog => {
  const found = demo.dogs.find((d) => d.name === name);
  if (found === undefined) throw new Error(`no dog ${name}`);
  return found;
};
const show = kennel.shows[0] as KennelFile['shows'][number];
const FACTS = entryFacts(show.firstDay);

function programOf(dog: KennelDog, more: Partial<KennelFile> = {}, facts: Partial<EntryFacts> = {}) {
  return dogProgram(dog, { ...kennel, ...more }, CARE_LIBRARY, more.shows?.[0] ?? show, { ...FACTS, ...facts });
}

const withSchools = (dog: KennelDog, schools: SchoolChoices): KennelDog => ({ ...dog, schools });
const idsOf = (steps: readonly ProgramStep[]): StepId[] => steps.map((s) => s.step);
const find = (steps: readonly ProgramStep[], step: StepId): ProgramStep => {
  const found = steps.findLast((s) => s.step === step);
  if (found === undefined) throw new Error(`no step ${step}`);
  return found;
};

describe('the questions', () => {
  it('are thirty-six, each with a row, words for both sides and a reason for each', () => {
    expect(SCHOOLS.map((s) => s.id)).toEqual([...SCHOOL_IDS]);
    expect(SCHOOLS).toHaveLength(36);
    for (const s of SCHOOLS) {
      const w = SCHOOL_WORDS[s.id];
      for (const text of [w.question, w.a.name, w.a.reason, w.b.name, w.b.reason, w.usual])
        expect(text.length).toBeGreaterThan(2);
      expect(w.a.name).not.toBe(w.b.name);
      for (const why of [...s.a.refusedWhen, ...s.b.refusedWhen]) expect(REFUSAL_WORDS[why]).toMatch(/^Refused: .+\.$/);
    }
  });

  it('leave every program sound on every coat, whichever side is chosen', () => {
    const coats = new Map(kennel.dogs.map((d) => [coatClassOf(d, CARE_LIBRARY), d]));
    expect(coats.size).toBe(8);
    for (const [coat, dog] of coats) {
      for (const id of SCHOOL_IDS) {
        for (const side of ['a', 'b'] as const) {
          const { program } = programOf(withSchools(dog, { [id]: side }));
          expect(libraryFaults({ ...CARE_LIBRARY, programs: { ...CARE_LIBRARY.programs, [coat]: program } })).toEqual(
            [],
          );
        }
      }
    }
  });

  it('the dog’s own choice goes before the kennel’s, the kennel’s before what is usual', () => {
    const dog = dogOf('Nocci');
    const methods = { number: 2, schools: { curlDrying: 'b' as const } };
    const by = (d: KennelDog, more: Partial<KennelFile>) =>
      programOf(d, more).chosen.find((c) => c.school.id === 'curlDrying');
    expect(by(dog, {})).toMatchObject({ side: 'a', by: 'usual' });
    expect(by(dog, { methods })).toMatchObject({ side: 'b', by: 'kennel' });
    expect(by(withSchools(dog, { curlDrying: 'a' }), { methods })).toMatchObject({ side: 'a', by: 'dog' });
  });
});

describe('what a side changes', () => {
  it('curl dried drip-damp: no force dryer, heat times 1.8, twenty minutes from the tub', () => {
    const { program } = programOf(withSchools(dogOf('Nocci'), { curlDrying: 'b' }));
    expect(idsOf(program.preparation)).not.toContain('forceDry');
    expect(find(program.preparation, 'heatDry')).toMatchObject({ factor: 1.8, lagMin: 20 });
  });

  it('a heavy undercoat brushed out first: no blow-out, bath times 0.9, light removal after', () => {
    const dog = { ...dogOf('Isbrin'), undercoat: 'heavy' as const };
    const usual = programOf(dog).program.preparation;
    const brushed = programOf(withSchools(dog, { doubleBeforeBath: 'b' })).program.preparation;
    expect(idsOf(usual)).toContain('blowOut');
    expect(idsOf(brushed)).not.toContain('blowOut');
    expect(idsOf(brushed)).toContain('brushOut1');
    expect(find(brushed, 'bath').factor).toBeCloseTo(0.9);
    expect(find(brushed, 'undercoat').row).toBe('undercoatLight');
  });

  it('a light load is brushed by default and blown out by choice', () => {
    const dog = { ...dogOf('Isbrin'), undercoat: 'light' as const };
    expect(programOf(dog).chosen.find((c) => c.school.id === 'doubleBeforeBath')?.side).toBe('b');
    const blown = programOf(withSchools(dog, { doubleBeforeBath: 'a' })).program.preparation;
    expect(find(blown, 'blowOut').row).toBe('blowOutLight');
  });

  it('a throat by clipper takes 8 minutes instead of 14 and a week to settle', () => {
    const dog = dogOf('Rusk');
    const thinned = find(programOf(dog).program.preparation, 'throat');
    const clipped = programOf(withSchools(dog, { throat: 'a' })).program.preparation;
    expect([MINUTES[thinned.row as 'throat'].by.jacketed, MINUTES.throat.by.jacketed]).toEqual([14, 8]);
    expect(find(clipped, 'throat')).toMatchObject({ row: 'throat', to: { of: 'prepDay', day: -7 } });
    expect(idsOf(clipped).indexOf('throat')).toBeLessThan(idsOf(clipped).indexOf('roughTrim'));
  });

  it('a bath each show day replaces the touch-up, where the site has a tub', () => {
    const dog = withSchools(dogOf('Wisp'), { clusterDays: 'b' });
    const between = (facts: Partial<EntryFacts>): StepId[] => {
      const steps = programOf(dog, {}, facts).program.between;
      return idsOf(steps.filter((s) => s.when.every((c) => isMet(c, dog, { ...FACTS, ...facts }))));
    };
    expect(between({})).toEqual(['bath', 'towel', 'heatDry', 'combThrough']);
    expect(between({ siteTub: false })).toEqual(['revive', 'touchUp']);
    expect(between({ siteTub: false, siteDryer: false })).toEqual(['touchUp']);
  });

  it('whites only on heavy sheepdogs, the whole dog by choice', () => {
    const dog = { ...dogOf('Odran'), wholeBath: false };
    expect(find(programOf(dog).program.preparation, 'bathWhites').when).toContain('whitesOnly');
    const whole = programOf(withSchools(dog, { bathScope: 'a' })).program.preparation;
    expect(idsOf(whole)).not.toContain('bathWhites');
    expect(find(whole, 'bath').when).toEqual([]);
  });

  it('soft tangles of heavy sheepdogs come out within two days after the show', () => {
    const { program } = programOf(dogOf('Fenn'));
    expect(find(program.after, 'knots').to).toEqual({ of: 'ringDay', day: 2, at: 'end' });
    expect(idsOf(programOf(withSchools(dogOf('Fenn'), { tanglesAtShow: 'a' })).program.after)).not.toContain('knots');
  });

  it('mats are worked a few minutes a day on different days, or after the bath by air', () => {
    const dog = { ...dogOf('Nocci'), mats: [{ zone: 'armpit' as const, tightness: 'loose' as const }] };
    expect(find(programOf(withSchools(dog, { matsAndTime: 'b' })).program.preparation, 'knots').perDayMin).toBe(5);
    const brushed = idsOf(programOf(withSchools(dog, { matsAndWater: 'a' })).program.preparation);
    const air = programOf(withSchools(dog, { matsAndWater: 'b' })).program.preparation;
    expect(brushed.indexOf('knots')).toBe(0);
    expect(idsOf(air).indexOf('knots')).toBeGreaterThan(idsOf(air).indexOf('trimBath'));
    expect(find(air, 'knots').factor).toBe(0.7);
  });

  it('loose mats on scissored curls, and only they, are worked by air where nobody decided it', () => {
    const loose = [{ zone: 'armpit' as const, tightness: 'loose' as const }];
    const sideOf = (name: string, more: object, school = 'matsAndWater') =>
      programOf({ ...dogOf(name), ...more }).chosen.find((c) => c.school.id === school)?.side;
    expect(sideOf('Nocci', { mats: loose })).toBe('b');
    expect(sideOf('Nocci', {})).toBe('a');
    expect(sideOf('Isbrin', { mats: loose })).toBe('a');
    const tight = programOf({ ...dogOf('Nocci'), mats: [{ zone: 'armpit', tightness: 'tight' }] });
    expect(tight.chosen.find((c) => c.school.id === 'matsAndWater')).toMatchObject({ side: 'a', refused: null });
    expect(tight.notes.filter((n) => n.code === 'schoolRefused')).toEqual([]);
  });

  it('a dog that bears little of mat work has minutes a day of it, and no bath before it is clear', () => {
    const hard = { cooperationAt: [{ step: 'knots' as const, factor: 1.5 }] };
    const dog = { ...dogOf('Nocci'), ...hard, mats: [{ zone: 'armpit' as const, tightness: 'loose' as const }] };
    const { program, chosen } = programOf(dog);
    expect(chosen.find((c) => c.school.id === 'matsAndTime')?.side).toBe('b');
    expect(find(program.preparation, 'knots')).toMatchObject({ factor: 1, perDayMin: 5 });
    expect(idsOf(program.preparation).indexOf('knots')).toBe(0);
    const both = programOf(withSchools(dog, { matsAndWater: 'b' }));
    expect(both.notes).toContainEqual({
      code: 'schoolRefused',
      school: 'matsAndWater',
      side: 'b',
      why: 'noBathUntilClear',
    });
  });

  it('minutes: condition 2 shorter, finish of a damp double coat 5 shorter, gate 4 longer, glands 4', () => {
    const of = (name: string, schools: SchoolChoices) => programOf(withSchools(dogOf(name), schools)).program;
    expect(find(of('Isbrin', { soakLength: 'b' }).preparation, 'condition').plusMin).toBe(-2);
    expect(find(of('Isbrin', { ringDryness: 'b' }).showMorning, 'finish').plusMin).toBe(-5);
    // The log of a dog's own hold comes before what is usual of a damp coat.
    const unlogged = programOf(withSchools({ ...dogOf('Isbrin'), holds: [] }, { ringDryness: 'b' })).program;
    expect(find(unlogged.showMorning, 'gate').lagMaxMin).toBe(25);
    expect(find(of('Isbrin', {}).showMorning, 'gate')).toMatchObject({ plusMin: 0, lagMaxMin: 40 });
    expect(find(of('Isbrin', { gate: 'a' }).showMorning, 'gate').plusMin).toBe(-4);
    expect(find(of('Quill', {}).showMorning, 'gate').plusMin).toBe(0);
    expect(find(of('Quill', { gate: 'b' }).showMorning, 'gate').plusMin).toBe(4);
    expect(find(of('Nocci', { productAndScissors: 'a' }).preparation, 'fineTrim').plusMin).toBe(5);
    const people = kennel.people.map((p) => ({ ...p, skills: [...p.skills, 'glands' as const] }));
    const trained = programOf(withSchools(dogOf('Isbrin'), { glands: 'a' }), { people });
    const glands = idsOf(trained.program.preparation);
    expect(glands[glands.indexOf('bath') - 1]).toBe('glands');
  });

  it('a smooth coat may be bathed on the show morning, before its finish', () => {
    const { program } = programOf(
      withSchools({ ...dogOf('Quill'), bathSkippedWhenClean: false }, { whenToBathe: 'b' }),
    );
    expect(idsOf(program.preparation)).not.toContain('bath');
    const morning = idsOf(program.showMorning);
    expect(morning.slice(morning.indexOf('bath'), morning.indexOf('finish') + 1)).toEqual(['bath', 'towel', 'finish']);
  });

  it('so may jackets that were trimmed before, with all that makes them dry; the bath before the rough pass stays', () => {
    const setter = programOf(withSchools(dogOf('Hale'), { whenToBathe: 'b' })).program;
    expect(idsOf(setter.preparation).filter((s) => ['trimBath', 'forceDry', 'heatDry'].includes(s))).toEqual([
      'trimBath',
      'forceDry',
      'heatDry',
    ]);
    const morning = setter.showMorning.filter(
      (s) => !s.when.includes('unready') && ['bath', 'forceDry', 'heatDry', 'dryCheck'].includes(s.step),
    );
    expect(morning.map((s) => s.step)).toEqual(['bath', 'forceDry', 'heatDry', 'dryCheck']);
    expect(morning.every((s) => s.careful)).toBe(true);
  });

  it('on several show days the morning bath is the first day’s only; touch-ups follow', () => {
    const stations = kennel.stations.map((s) => ({ ...s, closures: [] }));
    const quill = { ...withSchools(dogOf('Quill'), { whenToBathe: 'b' }), bathSkippedWhenClean: false };
    const entries = kennel.entries.filter((e) => e.dogId === quill.id);
    expect(entries.length).toBeGreaterThan(1);
    const { activities, unplaced } = sharedPlan(
      { ...kennel, stations, dogs: [quill], entries, work: [] },
      {
        nowMs: wallToMs(kennel.startDay, '00:00' as WallTime, kennel.settings.timeZone),
        rounds: 2,
      },
    );
    expect(unplaced.filter((u) => u.kind === 'show')).toEqual([]);
    const days = (step: StepId) => activities.filter((a) => a.step === step).map((a) => a.start.slice(0, 10));
    expect(days('bath')).toEqual([entries[0]?.day]);
    expect(days('touchUp')).toEqual(entries.slice(1).map((e) => e.day));
  });

  it('standing minutes: the cap of the coat, less where the dog bears less, its own tolerance by that school', () => {
    const trained = { ...dogOf('Rusk'), standMinPerDay: 60 };
    const own = withSchools(trained, { tableTime: 'b' });
    const minutes = (d: KennelDog, puppy = false) => standMinutesOf(d, kennel, CARE_LIBRARY, puppy);
    expect([minutes(trained), minutes(own), minutes({ ...trained, standMinPerDay: 20 })]).toEqual([45, 60, 20]);
    expect(minutes({ ...dogOf('Isbrin'), standMinPerDay: 40 })).toBe(40);
    const untold = Object.fromEntries(
      Object.entries(dogOf('Isbrin')).filter(([key]) => key !== 'standMinPerDay'),
    ) as unknown as KennelDog;
    expect([minutes(untold), minutes(untold, true)]).toEqual([30, 15]);
  });
});

describe('what is refused, with its reason', () => {
  const refusal = (dog: KennelDog, more: Partial<KennelFile> = {}) =>
    programOf(dog, more).notes.find((n) => n.code === 'schoolRefused');

  it('water or a few minutes a day over tight mats', () => {
    const mats = [{ zone: 'behindEar' as const, tightness: 'tight' as const }];
    for (const school of ['matsAndWater', 'matsAndTime'] as const) {
      const dog = { ...withSchools(dogOf('Nocci'), { [school]: 'b' }), mats };
      expect(refusal(dog)).toEqual({ code: 'schoolRefused', school, side: 'b', why: 'tightMats' });
      expect(find(programOf(dog).program.preparation, 'knots')).toMatchObject({ factor: 1, perDayMin: null });
    }
  });

  it('the force dryer on a heavy sheepdog coat unless somebody is trained for it', () => {
    const dog = { ...withSchools(dogOf('Odran'), { sheepdogForceDryer: 'b' }), wholeBath: true };
    expect(refusal(dog)).toMatchObject({ why: 'nobodyTrained' });
    const people = kennel.people.map((p, i) => (i === 0 ? { ...p, skills: [...p.skills, 'harshDryer' as const] } : p));
    expect(refusal(dog, { people })).toBeUndefined();
    const dry = find(programOf(dog, { people }).program.preparation, 'heatDry');
    expect(dry).toMatchObject({ factor: 0.6, skill: 'harshDryer' });
  });

  it('damp undercoat on a flat coat, a morning bath of a coat that is scissored, a cut surface over pale roots', () => {
    expect(refusal(withSchools(dogOf('Rusk'), { ringDryness: 'b' }))).toMatchObject({ why: 'notDouble' });
    expect(refusal(withSchools(dogOf('Nocci'), { whenToBathe: 'b' }))).toMatchObject({ why: 'scissorsNeedCleanCoat' });
    expect(refusal(withSchools(dogOf('Bram'), { whenToBathe: 'b' }))).toMatchObject({ why: 'scissorsNeedCleanCoat' });
    const away = programOf(withSchools(dogOf('Hale'), { whenToBathe: 'b' }), {}, { travels: true, siteTub: false });
    expect(away.notes).toContainEqual(expect.objectContaining({ code: 'schoolRefused', why: 'noTubThere' }));
    expect(refusal({ ...withSchools(dogOf('Rusk'), { coloredBulk: 'b' }), paleRoots: true })).toMatchObject({
      why: 'paleRoots',
    });
  });
});

describe('rules of a show', () => {
  const at = (rules: NonNullable<KennelFile['shows'][number]['rules']>): Partial<KennelFile> => ({
    shows: [{ ...show, rules }],
  });

  it('drop whiskers where they are forbidden, and say so', () => {
    const free = programOf(dogOf('Rusk'), at({ whiskersRemoved: 'free' }));
    const forbidden = programOf(dogOf('Rusk'), at({ whiskersRemoved: 'forbidden' }));
    expect(idsOf(free.program.preparation)).toContain('whiskers');
    expect(idsOf(forbidden.program.preparation)).not.toContain('whiskers');
    expect(forbidden.dropped).toEqual([
      { step: 'whiskers', why: { code: 'showRules', rule: 'whiskersRemoved', value: 'forbidden' } },
    ]);
  });

  it('never drop what is unknown: they ask to check the show’s own rules', () => {
    const own = programOf(dogOf('Rusk'), at({ productsLeft: 'free' }));
    expect(own.dropped).toEqual([]);
    expect(own.notes).toContainEqual({
      code: 'checkRules',
      rules: ['whiskersRemoved', 'alteredShown', 'scissoringNatural', 'dryersOnGround'],
    });
  });

  it('leave tidying or feet of a natural trim', () => {
    const share = (value: 'free' | 'restricted' | 'forbidden') =>
      find(programOf(dogOf('Wisp'), at({ scissoringNatural: value })).program.preparation, 'naturalTrim').factor;
    expect([share('free'), share('restricted'), share('forbidden')]).toEqual([1, 0.6, 0.35]);
  });

  it('note a dog under the least age on the day, to the day', () => {
    const born = (day: string) => ({ ...dogOf('Rusk'), born: day as LocalDay });
    const day = '2026-06-21' as LocalDay;
    const young = (d: KennelDog) =>
      programOf(d, at({ leastAgeMonths: 6 }), { day }).notes.some((n) => n.code === 'underAge');
    expect([young(born('2025-12-21')), young(born('2025-12-22'))]).toEqual([false, true]);
    expect(young(born('2025-12-20'))).toBe(false);
  });
});

describe('age, state and consent', () => {
  it('whiskers stay on dogs under nine months (a school), unless the kennel holds the other', () => {
    const puppy = { ...dogOf('Rusk'), born: addDays(show.firstDay, -200) };
    expect(programOf(puppy).dropped).toEqual([{ step: 'whiskers', why: { code: 'tooYoung' } }]);
    expect(programOf(withSchools(puppy, { puppyWhiskers: 'b' })).dropped).toEqual([]);
  });

  it('an injury stops scissors, hard air and the tub while it lasts', () => {
    const hurt = (until: LocalDay): KennelDog => ({
      ...dogOf('Rusk'),
      states: [{ kind: 'injury', from: addDays(show.firstDay, -9), until }],
    });
    const blocked = programOf(hurt(addDays(show.firstDay, 3)));
    expect(idsOf(blocked.program.preparation)).not.toEqual(expect.arrayContaining(['bath']));
    expect(blocked.dropped.map((d) => d.step)).toEqual(
      expect.arrayContaining(['bath', 'fineTrim', 'ears', 'forceDry']),
    );
    expect(blocked.notes).toContainEqual({ code: 'state', state: 'injury' });
    expect(programOf(hurt(addDays(show.firstDay, -1))).dropped).toEqual([]);
  });

  it('stripping and whiskers want a recorded consent where consents are kept', () => {
    const asked = programOf({ ...dogOf('Rusk'), consents: [] });
    expect(asked.dropped).toContainEqual({ step: 'whiskers', why: { code: 'noConsent', what: 'whiskers' } });
    const given = programOf({ ...dogOf('Rusk'), consents: [{ what: 'whiskers', given: show.firstDay }] });
    expect(given.dropped).toEqual([]);
  });
});

describe('who may trim', () => {
  const day = '2026-06-19' as LocalDay;
  const learning = (days: number, outcome: 'good' | 'poor' = 'good') => ({
    learning: [{ trim: 'ears' as const, practiced: [{ day: addDays(day, -days), outcome }] }],
  });

  it('nobody who has not practiced about 60 days before; an experienced finisher always', () => {
    expect(barOf({}, 'ears', day, [])).toBeNull();
    expect(barOf(learning(60), 'ears', day, [])).toBeNull();
    expect(barOf(learning(50), 'ears', day, [])).toBeNull();
    expect(barOf(learning(49), 'ears', day, [])).toEqual({ code: 'notPracticed' });
    expect(barOf(learning(60, 'poor'), 'ears', day, [])).toEqual({ code: 'notPracticed' });
    expect(barOf(learning(1), 'fineTrim', day, [])).toBeNull();
    expect(barOf(learning(1), 'ears', null, [])).toBeNull();
  });

  it('nobody whose kit lacks what the work needs', () => {
    const needs = [{ tool: 'thinners' as const }, { tool: 'shortStraight' as const }];
    expect(barOf({ kit: [{ tool: 'thinners' }] }, 'naturalTrim', day, needs)).toEqual({
      code: 'noTool',
      tools: ['shortStraight'],
    });
    expect(barOf({ kit: [{ tool: 'thinners' }, { tool: 'shortStraight' }] }, 'naturalTrim', day, needs)).toBeNull();
  });

  it('nobody whose clipper lacks the blade: pads ask for a 30; a clipper of unknown blades counts as having it', () => {
    const needs = CARE_LIBRARY.tools('clip', 'double');
    expect(needs).toEqual([{ tool: 'clipper', blade: 30 }]);
    const clipper = (blade?: string) => ({
      kit: [{ tool: 'clipper' as const, ...(blade === undefined ? {} : { blade }) }],
    });
    expect(barOf(clipper('#10, 30 and 40'), 'clip', day, needs)).toBeNull();
    expect(barOf(clipper(), 'clip', day, needs)).toBeNull();
    expect(barOf(clipper('#10 and 13'), 'clip', day, needs)).toEqual({ code: 'noTool', tools: ['clipper'] });
  });

  const dawn = wallToMs(kennel.startDay, '00:00' as WallTime, kennel.settings.timeZone);
  const some = fewDogs(kennel, ['Isbrin', 'Tolle', 'Hale', 'Rusk']);
  const planOf = (people: KennelFile['people']): Plan => sharedPlan({ ...some, people }, { nowMs: dawn, rounds: 1 });
  const trimmers = (plan: Plan): Set<string> =>
    new Set(plan.activities.filter((a) => a.step === 'ears' && a.state === 'planned').flatMap((a) => a.people));

  it('gives ears to nobody who still learns them', () => {
    const before = trimmers(planOf(kennel.people));
    const [learner] = [...before];
    expect(learner).toBeDefined();
    const people = kennel.people.map((p) =>
      p.id === learner ? { ...p, learning: [{ trim: 'ears' as const, practiced: [] }] } : p,
    );
    expect([...trimmers(planOf(people))]).not.toContain(learner);
  });

  it('says what is missing when nobody may', () => {
    const people = kennel.people.map((p) => ({ ...p, learning: [{ trim: 'ears' as const, practiced: [] }] }));
    const why = planOf(people).unplaced.filter((u) => u.reason.code === 'notPracticed');
    expect(why.length).toBeGreaterThan(0);
    for (const u of why) expect(u.step).toBe('ears');
    const bare = kennel.people.map((p) => ({
      ...p,
      kit: (['clipper', 'grinder', 'slicker', 'pinBrush', 'wideComb', 'rake', 'curry'] as const).map((tool) => ({
        tool,
      })),
    }));
    expect(planOf(bare).unplaced.some((u) => u.reason.code === 'noTool')).toBe(true);
  });
});

it('keeps baths away from a parasite treatment by the label’s hours', () => {
  const dawn = wallToMs(kennel.startDay, '00:00' as WallTime, kennel.settings.timeZone);
  const dog = dogOf('Seraph');
  const bathOf = (k: KennelFile): string | undefined =>
    sharedPlan(fewDogs(k, ['Seraph']), { nowMs: dawn }).activities.find(
      (a) => a.dogId === dog.id && a.step === 'bath' && a.kind === 'show' && a.state === 'planned',
    )?.start;
  // Alone in the kennel, so that nothing but the treatment is in the way.
  const calm = { ...kennel, entries: kennel.entries.filter((e) => e.dogId === dog.id) };
  const usual = bathOf(calm);
  expect(usual).toBeDefined();
  const day = (usual ?? '').slice(0, 10) as LocalDay;
  const states = [{ kind: 'treatment' as const, from: day, hours: 6 }];
  const moved = bathOf({ ...calm, dogs: kennel.dogs.map((d) => (d.id === dog.id ? { ...d, states } : d)) });
  expect(moved).toBeDefined();
  const treated = wallToMs(day, '00:00' as WallTime, kennel.settings.timeZone);
  const at = Date.parse(moved ?? '');
  expect(at < treated - 6 * 3_600_000 || at >= treated + 30 * 3_600_000).toBe(true);
  expect(moved).not.toBe(usual);
});

describe('what the coat’s own state decides', () => {
  const parts = (dog: KennelDog) => {
    const { program } = programOf(dog);
    const holdsFor = (s: ProgramStep): boolean => s.when.every((c) => isMet(c, dog, FACTS));
    return {
      preparation: idsOf(program.preparation.filter(holdsFor)),
      morning: idsOf(program.showMorning.filter(holdsFor)),
    };
  };

  it('undercoat is loaded again about a month after its last full removal, in coat change after two weeks (common practice)', () => {
    const removed = (days: number, coatChange = false): KennelDog => ({
      ...dogOf('Isbrin'),
      coatChange,
      undercoat: 'heavy',
      lastUndercoat: addDays(show.firstDay, -days),
    });
    expect(undercoatLoad(removed(27), show.firstDay)).toBe('light');
    expect(undercoatLoad(removed(28), show.firstDay)).toBe('heavy');
    expect(undercoatLoad(removed(14, true), show.firstDay)).toBe('heavy');
    expect(parts(removed(20)).preparation).not.toContain('blowOut');
    expect(parts(removed(40)).preparation).toContain('blowOut');
  });

  it('a smooth dog goes unbathed when allowed, on clean ground, with no dirt to be seen', () => {
    const smooth = { ...dogOf('Quill'), bathSkippedWhenClean: true };
    expect(mayGoUnbathed(smooth)).toBe(true);
    expect(mayGoUnbathed({ ...smooth, ground: 'grass' })).toBe(true);
    expect(mayGoUnbathed({ ...smooth, ground: 'earth' })).toBe(false);
    expect(mayGoUnbathed({ ...smooth, ground: 'grass', soiled: ['forefoot'] })).toBe(false);
    expect(mayGoUnbathed({ ...smooth, bathSkippedWhenClean: false })).toBe(false);
    expect(parts(smooth).preparation).not.toContain('bath');
    expect(parts({ ...smooth, ground: 'earth' }).preparation).toContain('bath');
  });

  it('dirt since the bath asks for a spot wash on the show morning, not for a bath', () => {
    expect(parts(dogOf('Rusk')).morning).not.toContain('spotWash');
    const dirty = parts({ ...dogOf('Rusk'), soiled: ['hindfoot'] });
    expect(dirty.morning.indexOf('spotWash')).toBe(dirty.morning.indexOf('revive') - 1);
  });

  it('a harsh jacket comes round by area in eight to twelve weeks, no area twice in a round', () => {
    const start = '2026-03-02' as LocalDay;
    const turns = STRIPPING_AREAS.map((_, k) => strippingArea(addDays(start, k * 10), 10));
    expect(new Set(turns.map((t) => t.join())).size).toBe(STRIPPING_AREAS.length);
    const weeks = (STRIPPING_AREAS.length * 10) / 7;
    expect(weeks >= 8 && weeks <= 12).toBe(true);
    expect(strippingArea(addDays(start, 80), 10)).toEqual(strippingArea(start, 10));
    for (const zone of new Set(turns.flat())) expect(['byHand', 'thinned']).toContain(TRIM_MAPS.wire.cut.get(zone));
    expect(strippingWords(start)).toMatch(/^This time: .+\.$/);
  });
});
