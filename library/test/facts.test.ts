/*
 * Facts that decide: each field of a record, a kit or a breed's row changes a plan, a page, a gate or a choice. Common practice
 * throughout; factors are engineering defaults.
 */
import { readFileSync } from 'node:fs';
import {
  FIRM_HOLDS,
  addDays,
  barOf,
  bathProducts,
  chooseSides,
  dogProgram,
  fringesOf,
  matsOver,
  recordFields,
  trimDogOf,
  trimZonesOf,
  wallToMs,
  washCount,
  washVolumes,
  withFoundDays,
} from '@loyal-mane/core';
import type {
  BreedFacts,
  EntryFacts,
  KennelDog,
  KennelFile,
  LocalDay,
  Plan,
  PlannedActivity,
  ProgramStep,
  StepId,
  WallTime,
} from '@loyal-mane/core';
import { CARE_LIBRARY, PRODUCTS, SCHOOLS, productZones } from '../src/index.js';
import { entryFacts } from './kennels/entryFacts.js';
import { fewDogs } from './kennels/fewDogs.js';
import { sharedPlan } from './sharedPlan.js';

const demo = JSON.parse(readFileSync(`${__dirname}/../demo/demo-kennel.json`, 'utf8')) as KennelFile;
const show = demo.shows[0] as KennelFile['shows'][number];
const DAY = show.firstDay;
const NOW_MS = wallToMs(demo.startDay, '07:00' as WallTime, demo.settings.timeZone);
const dogOf = (name: string): KennelDog => {
  const found = demo.dogs.find((d) => d.name === name);
  if (found === undefined) throw new Error(`no dog is called ${name}`);
  return found;
};
const breedOf = (name: string): BreedFacts => {
  const found = CARE_LIBRARY.breeds.get(name);
  if (found === undefined) throw new Error(`no breed is called ${name}`);
  return found;
};
const programOf = (dog: KennelDog, facts: Partial<EntryFacts> = {}) =>
  dogProgram(dog, demo, CARE_LIBRARY, show, { ...entryFacts(DAY), ...facts });
const idsOf = (steps: readonly ProgramStep[]): StepId[] => steps.map((s) => s.step);

describe('a dog that does not stand for the force dryer', () => {
  const planOf = (more: Partial<KennelDog>): PlannedActivity[] => {
    const kennel = fewDogs(demo, ['Brisk']);
    const plan: Plan = sharedPlan(
      { ...kennel, dogs: kennel.dogs.map((d) => ({ ...d, ...more })) },
      { nowMs: NOW_MS, rounds: 0 },
    );
    return plan.activities.filter((a) => a.state === 'planned');
  };
  const minutesOf = (list: readonly PlannedActivity[], step: StepId): number =>
    list.find((a) => a.step === step)?.minutes.middle ?? 0;

  it('is held by a second person, and takes a fifth longer there and nowhere else', () => {
    const [usual, afraid] = [planOf({ standsForDryer: true }), planOf({ standsForDryer: false })];
    for (const a of usual.filter((x) => x.step === 'forceDry')) expect(a.people).toHaveLength(1);
    const blown = afraid.filter((a) => a.step === 'forceDry');
    expect(blown.length).toBeGreaterThan(0);
    for (const a of blown) expect(a.people).toHaveLength(2);
    expect(minutesOf(afraid, 'forceDry') / minutesOf(usual, 'forceDry')).toBeCloseTo(1.2, 1);
    // Hair that grows from one day to the next makes a tenth of a minute.
    expect(minutesOf(afraid, 'heatDry')).toBeCloseTo(minutesOf(usual, 'heatDry'), 0);
  });

  it('one that turns in the tub when asked is washed sooner', () => {
    const [usual, turns] = [planOf({ turnsInTub: false }), planOf({ turnsInTub: true })];
    expect(minutesOf(turns, 'bath')).toBeLessThan(minutesOf(usual, 'bath'));
    expect(minutesOf(turns, 'lineBrush')).toBe(minutesOf(usual, 'lineBrush'));
  });
});

describe('the breed’s row', () => {
  const earSteps = (breed: string): boolean => {
    const coat = breedOf(breed).coat;
    const met = CARE_LIBRARY.programs[coat].preparation.find((s) => s.step === 'ears');
    const { styles } = breedOf(breed);
    return met?.when.includes('earsTrimmed') === true && ['edge', 'thinned', 'upper', 'base'].includes(styles.ears);
  };

  it('natural ears and fringes are not trimmed; thinned ones are', () => {
    for (const breed of ['Samoyed', 'Keeshond', 'Papillon', 'Leonberger'])
      expect([breed, earSteps(breed)]).toEqual([breed, false]);
    for (const breed of ['Golden Retriever', 'Shetland Sheepdog', 'Irish Setter'])
      expect([breed, earSteps(breed)]).toEqual([breed, true]);
  });

  it('no trim of a fringed toy touches ear edges, slippers or the flag; a setter’s flag is trimmed', () => {
    const cut = (breed: string): Set<string> => {
      const zones = trimZonesOf('naturalTrim', trimDogOf({}, false, DAY), breedOf(breed), CARE_LIBRARY);
      return new Set(zones?.cut.map((z) => z.zone));
    };
    const cavalier = cut('Cavalier King Charles Spaniel');
    for (const zone of ['earFringe', 'earFront', 'foreToes', 'tailTip']) expect(cavalier.has(zone)).toBe(false);
    expect(cut('Golden Retriever').has('tailTip')).toBe(true);
    expect(fringesOf('jacketedTrimmed', breedOf('Irish Setter').styles).size).toBe(0);
  });

  it('a weak pastern or a sinking hock locks its zone, on that dog only', () => {
    const zonesOf = (weakLegs: KennelDog['weakLegs']) =>
      trimZonesOf(
        'naturalTrim',
        trimDogOf({ ...(weakLegs === undefined ? {} : { weakLegs }) }, false, DAY),
        breedOf('Golden Retriever'),
        CARE_LIBRARY,
      );
    expect(zonesOf(['hock'])?.leave).toContainEqual({ zone: 'hock', why: 'locked' });
    expect(zonesOf([])?.cut.some((z) => z.zone === 'hock')).toBe(true);
  });
});

describe('the size of a tool', () => {
  const bar = (
    kit: { tool: 'longStraight' | 'longCurved' | 'thinners'; lengthIn?: number; teeth?: number }[],
    step: StepId,
    breed: string,
  ) => barOf({ kit }, step, null, CARE_LIBRARY.tools(step, breedOf(breed).coat));

  it('decides whose kit serves: body shears from 7 to 10 in, thinners of about 46 teeth for ears', () => {
    const shears = (lengthIn: number) => [{ tool: 'longStraight' as const, lengthIn }, { tool: 'longCurved' as const }];
    expect(bar(shears(8.5), 'roughTrim', 'Poodle (Standard)')).toBeNull();
    expect(bar(shears(5.5), 'roughTrim', 'Poodle (Standard)')).toEqual({ code: 'noTool', tools: ['longStraight'] });
    expect(bar([{ tool: 'thinners', teeth: 46 }], 'ears', 'Golden Retriever')).toBeNull();
    expect(bar([{ tool: 'thinners', teeth: 28 }], 'ears', 'Golden Retriever')).toEqual({
      code: 'noTool',
      tools: ['thinners'],
    });
  });

  it('that nobody wrote down keeps nobody from work', () => {
    expect(bar([{ tool: 'longStraight' }, { tool: 'longCurved' }], 'roughTrim', 'Poodle (Standard)')).toBeNull();
  });
});

describe('what leaves the coat after the show', () => {
  const takedownTo = (recipe: KennelDog['recipe']): (number | undefined)[] => {
    const dog = { ...dogOf('Isbrin'), ...(recipe === undefined ? {} : { recipe }) };
    const program = programOf(dog, { lastShowDay: true }).program.after.filter((s) => s.step === 'takedown');
    return program
      .filter((s) => s.when.includes(FIRM(recipe) ? 'holdComesOut' : 'holdMayStay'))
      .map((s) => ('day' in s.to ? s.to.day : undefined));
  };
  const FIRM = (recipe: KennelDog['recipe']): boolean =>
    recipe === undefined || recipe.length === 0 || recipe.some((l) => FIRM_HOLDS.includes(l.product));

  it('is by its recipe: firm holds within a day, a soft one may stay for three', () => {
    expect(takedownTo([{ product: 'foam', zones: [] }])).toEqual([1]);
    expect(takedownTo([{ product: 'leaveIn', zones: [] }])).toEqual([3]);
    expect(takedownTo([])).toEqual([1]);
  });

  it('firm holds are those that the products’ own rinse class takes out after the show', () => {
    const out = Object.entries(PRODUCTS).flatMap(([id, p]) => (p.rinse === 'afterShow' ? [id] : []));
    expect([...FIRM_HOLDS].sort()).toEqual(out.sort());
  });
});

describe('products', () => {
  const white: Parameters<typeof bathProducts>[0] = {
    fringed: false,
    colors: [
      { zone: 'foreleg', color: 'white' },
      { zone: 'hindfoot', color: 'white' },
    ],
  };
  const whitener = (later: boolean) =>
    bathProducts(white, 'scissored', 'show', DAY, productZones('scissored'), later).find(
      (p) => p.product === 'whiteningWash',
    );

  it('whitener goes on everything white on the first day of a series, on stains on the others', () => {
    expect(whitener(false)).toMatchObject({ use: true, why: { code: 'white' } });
    expect(whitener(true)).toMatchObject({ scope: 'stains', why: { code: 'laterShowDay' } });
  });

  it('thick double coats and thick curl are washed twice, unless one wash is left on; conditioner is a third of a wash', () => {
    expect(washCount('double', 'normal', false)).toBe(2);
    expect(washCount('scissored', 'heavy', false)).toBe(2);
    expect(washCount('scissored', 'heavy', true)).toBe(1);
    expect(washCount('double', 'light', false)).toBe(1);
    for (const coat of ['drop', 'jacketedTrimmed', 'smooth', 'wire'] as const)
      expect(washCount(coat, 'heavy', false)).toBe(1);
    expect(washVolumes('cleansingWash', 2)).toBe(2);
    expect(washVolumes('textureWash', 2)).toBe(1);
    expect(washVolumes('richConditioner', 2)).toBeCloseTo(1 / 3, 9);
  });

  it('a cleansing wash may stay about five minutes', () => {
    expect(PRODUCTS.cleansingWash.soakMin?.[1]).toBe(5);
  });
});

describe('curl with loose mats', () => {
  it('is washed and blown, and brushed between air and heat: nothing is brushed before the tub', () => {
    const dog = { ...dogOf('Brisk'), mats: [{ zone: 'armpit' as const, tightness: 'loose' as const }] };
    const { program } = programOf(dog, { nextShow: true });
    const steps = idsOf(program.preparation);
    expect(steps).not.toContain('brushOut1');
    expect(steps).not.toContain('brushOut2');
    expect(steps.indexOf('knots')).toBeGreaterThan(steps.indexOf('forceDry'));
    expect(steps.indexOf('knots')).toBeLessThan(steps.indexOf('heatDry'));
    // Each day of preparation keeps its hold on the calendar.
    expect(program.preparation.filter((s) => s.anchor).length).toBeGreaterThanOrEqual(2);
    expect(idsOf(programOf({ ...dog, mats: [] }, { nextShow: true }).program.preparation)).toContain('brushOut1');
  });

  it('without a wait between air and brush: a mat that waits damp sets', () => {
    const dog = { ...dogOf('Brisk'), mats: [{ zone: 'armpit' as const, tightness: 'loose' as const }] };
    const knots = programOf({ ...dog, schools: { matsAndWater: 'b' } }, { nextShow: true }).program.preparation.filter(
      (s) => s.step === 'knots',
    );
    expect(knots.length).toBeGreaterThan(0);
    expect(knots.map((s) => s.lagMaxMin)).toEqual(knots.map(() => 10));
  });

  it('in the plan too: once, at the first bath that is still to come', () => {
    const mats = [{ zone: 'armpit' as const, tightness: 'loose' as const }];
    for (const name of ['Lovage', 'Nocci']) {
      const one = fewDogs(demo, [name]);
      const kennel = { ...one, work: [], dogs: one.dogs.map((d) => ({ ...d, mats })) };
      const { activities } = sharedPlan(kennel, { nowMs: NOW_MS, rounds: 0 });
      const [knots, ...more] = activities.filter((a) => a.step === 'knots' && a.kind === 'show');
      expect([name, knots === undefined, more.length]).toEqual([name, false, 0]);
      const before = activities.filter((a) => a.entryId === knots?.entryId && a.end <= knots.start);
      expect(before.filter((a) => a.step === 'forceDry')).toHaveLength(1);
      expect(before.filter((a) => a.step === 'heatDry')).toHaveLength(0);
      // From the air to the brush, and from there to the heat, the coat never waits.
      const blown = before.find((a) => a.step === 'forceDry');
      const brushed = activities.find((a) => a.step === 'lineBrush' && a.start >= (knots?.end ?? ''));
      const waits = [
        Date.parse(knots?.start ?? '') - Date.parse(blown?.end ?? ''),
        Date.parse(brushed?.start ?? '') - Date.parse(knots?.end ?? ''),
      ].map((ms) => ms / 60_000);
      for (const wait of waits) expect([name, wait >= 0 && wait <= 10]).toEqual([name, true]);
    }
  });

  it('tight mats ask for the brush first, whatever was chosen', () => {
    const dog = {
      ...dogOf('Brisk'),
      mats: [{ zone: 'armpit' as const, tightness: 'tight' as const }],
      schools: { matsAndWater: 'b' as const },
    };
    expect(idsOf(programOf(dog, { nextShow: true }).program.preparation)).toContain('brushOut1');
  });
});

describe('mats that stay', () => {
  const known = [
    { zone: 'armpit' as const, tightness: 'loose' as const, side: 'left' as const, foundOn: '2026-06-15' as LocalDay },
  ];

  it('keep the day on which they were found, and are told on any later one', () => {
    const today = '2026-06-17' as LocalDay;
    const marked = withFoundDays(
      [
        { zone: 'armpit' as const, tightness: 'tight' as const, side: 'left' as const },
        { zone: 'tail' as const, tightness: 'loose' as const },
      ],
      known,
      today,
    );
    expect(marked.map((m) => m.foundOn)).toEqual(['2026-06-15', today]);
    expect(matsOver(marked, today).map((m) => m.zone)).toEqual(['armpit']);
    expect(matsOver(marked, '2026-06-18' as LocalDay)).toHaveLength(2);
  });
});

describe('a record shows what concerns the dog', () => {
  const fieldsOf = (breed: string, sex: KennelDog['sex'] = 'dog') =>
    recordFields(breedOf(breed), CARE_LIBRARY.programs[breedOf(breed).coat], sex);

  it.each([
    [
      'Dalmatian',
      ['bathSkippedWhenClean', 'ground'],
      ['undercoat', 'jacketLies', 'fringed', 'wrapped', 'coatChange', 'weakLegs', 'standsForDryer'],
    ],
    [
      'Samoyed',
      ['undercoat', 'lastUndercoat', 'growsCoat', 'coatChange', 'standsForDryer'],
      ['jacketLies', 'wholeBath', 'bathSkippedWhenClean', 'wrapped'],
    ],
    ['Maltese', ['fringed', 'wrapped', 'liesForWork'], ['undercoat', 'jacketLies', 'paleRoots', 'wholeBath']],
    [
      'Irish Setter',
      ['jacketLies', 'towelSets', 'towelAfterBath', 'paleRoots', 'weakLegs'],
      ['undercoat', 'wholeBath', 'wrapped'],
    ],
    ['Old English Sheepdog', ['wholeBath', 'liesForWork'], ['jacketLies', 'bathSkippedWhenClean', 'wrapped']],
    ['Wire Fox Terrier', ['liesForWork'], ['jacketLies', 'wrapped', 'wholeBath']],
  ] as const)('%s', (breed, has, hasNot) => {
    const fields = fieldsOf(breed);
    for (const field of has) expect([field, fields.has(field)]).toEqual([field, true]);
    for (const field of hasNot) expect([field, fields.has(field)]).toEqual([field, false]);
  });

  it('states of bitches are asked of bitches, consents of the work that a coat has', () => {
    expect(fieldsOf('Samoyed', 'bitch').states).toContain('season');
    expect(fieldsOf('Samoyed', 'dog').states).not.toContain('season');
    expect(fieldsOf('Wire Fox Terrier').consents).toContain('strip');
    expect(fieldsOf('Samoyed').consents).not.toContain('strip');
  });

  it('every question of the schools is answered for every coat that is asked it', () => {
    for (const breed of CARE_LIBRARY.breeds.values()) {
      const chosen = chooseSides(SCHOOLS, { coat: breed.coat, dog: {}, kennel: { people: [] }, isMet: () => false });
      expect(chosen.length).toBe(SCHOOLS.filter((s) => s.coats?.includes(breed.coat) !== false).length);
    }
  });
});

describe('a double coat on the show morning', () => {
  const morning = (facts: Partial<EntryFacts>) =>
    programOf({ ...dogOf('Isbrin'), schools: { whenToBathe: 'b' } }, facts);

  it('is bathed then only where the trim of a show before holds, with all that belongs to the bath, and no ears are cut', () => {
    const refused = morning({ trimmedOn: null });
    expect(refused.chosen.find((c) => c.school.id === 'whenToBathe')?.refused?.why).toBe('scissorsNeedCleanCoat');
    expect(idsOf(refused.program.preparation)).toContain('bath');
    const { program } = morning({ trimmedOn: '2026-06-10' as LocalDay });
    const steps = idsOf(program.showMorning);
    expect(idsOf(program.preparation)).not.toContain('bath');
    expect(idsOf(program.preparation)).not.toContain('ears');
    for (const step of ['blowOut', 'preTreat', 'bath', 'forceDry', 'heatDry', 'dryCheck', 'combThrough'] as const)
      expect(steps.indexOf(step)).toBeGreaterThanOrEqual(0);
    expect(steps.indexOf('blowOut')).toBeLessThan(steps.indexOf('bath'));
    expect(steps.indexOf('combThrough')).toBeLessThan(steps.indexOf('finish'));
  });
});

describe('a double coat whose trim of a fortnight before holds, in the plan', () => {
  const one = fewDogs(demo, ['Isbrin']);
  const [first] = one.entries;
  const [ring] = one.rings;
  if (first === undefined || ring === undefined) throw new Error('Isbrin is shown nowhere');
  const later = (day: LocalDay): LocalDay => addDays(day, 14);
  const fortnight = '00000000-0000-7000-9000-0000000000' as const;
  const home = one.sites.find((site) => site.home)?.id ?? show.siteId;
  const kennel: KennelFile = {
    ...one,
    dogs: one.dogs.map((d) => ({ ...d, schools: { whenToBathe: 'b' } })),
    shows: [show, { ...show, id: `${fortnight}01` as never, siteId: home, firstDay: later(DAY), lastDay: later(DAY) }],
    rings: [ring, { ...ring, id: `${fortnight}02` as never, showId: `${fortnight}01` as never }],
    entries: [
      first,
      {
        ...{ ...first, id: `${fortnight}03` as never, showId: `${fortnight}01` as never },
        ...{ ringId: `${fortnight}02` as never, day: later(first.day), ringTime: '15:00' as WallTime },
      },
    ],
    stations: one.stations.map((s) => ({ ...s, closures: [] })),
  };
  const { activities, unplaced } = sharedPlan(kennel, { nowMs: NOW_MS, rounds: 0 });
  const bathOf = (entryId: string): PlannedActivity | undefined =>
    activities.find((a) => a.entryId === entryId && a.step === 'bath');

  it('is bathed on that show’s morning, before its finish, and on the days before at the first', () => {
    expect(unplaced.filter((u) => u.kind === 'show')).toEqual([]);
    expect(bathOf(first.id)?.start.slice(0, 10)).not.toBe(first.day);
    const bath = bathOf(`${fortnight}03`);
    expect(bath?.start.slice(0, 10)).toBe(later(first.day));
    const finish = activities.find((a) => a.entryId === `${fortnight}03` && a.step === 'finish');
    expect((finish?.start ?? '') > (bath?.end ?? '')).toBe(true);
    expect(activities.some((a) => a.entryId === `${fortnight}03` && a.step === 'ears')).toBe(false);
  });
});

describe('what leaves a coat, in the plan', () => {
  type Recipe = NonNullable<KennelDog['recipe']>;
  const hoursAfterRing = (product: Recipe[number]['product']): number => {
    const one = fewDogs(demo, ['Isbrin']);
    const dogs = one.dogs.map((d) => ({ ...d, recipe: [{ product, zones: [] }] }));
    const { activities } = sharedPlan({ ...one, dogs }, { nowMs: NOW_MS, rounds: 0 });
    const takedown = activities.find((a) => a.step === 'takedown');
    const ring = activities.filter((a) => a.step === 'ring' && a.entryId === takedown?.entryId).at(-1);
    return (Date.parse(takedown?.start ?? '') - Date.parse(ring?.end ?? '')) / 3_600_000;
  };

  it('a firm hold is out by the end of the next day, a soft one within three', () => {
    const [hold] = FIRM_HOLDS;
    if (hold === undefined) throw new Error('no hold is firm');
    const firm = hoursAfterRing(hold);
    expect(firm).toBeGreaterThanOrEqual(0);
    expect(firm).toBeLessThan(36);
    const soft = hoursAfterRing('leaveIn');
    expect(soft).toBeGreaterThanOrEqual(0);
    expect(soft).toBeLessThan(84);
  });
});

describe('no blade on a coat that was not washed, dried, checked and combed that day', () => {
  const kennel = fewDogs(demo, ['Brisk']);
  const alone = {
    ...kennel,
    entries: [],
    work: [],
    dogs: kennel.dogs.map((d) => ({ ...d, lastTrim: '2026-05-01' as LocalDay, lastBath: '2026-06-05' as LocalDay })),
  };
  const plan = sharedPlan(alone, { nowMs: NOW_MS, rounds: 0 });
  const dayOf = (a: PlannedActivity): string => a.start.slice(0, 10);

  it('holds for trims that keep a shape between shows: each has its bath, its check and its comb before it', () => {
    const trims = plan.activities.filter((a) => a.step === 'shapeTrim');
    expect(trims.length).toBeGreaterThan(0);
    for (const trim of trims) {
      const before = plan.activities.filter((a) => dayOf(a) === dayOf(trim) && a.start < trim.start);
      for (const step of ['dryCheck', 'combThrough'] as const)
        expect([step, before.some((a) => a.step === step)]).toEqual([step, true]);
    }
    const first = trims[0] as PlannedActivity;
    const washed = plan.activities.filter((a) => a.step === 'bath' && a.start < first.start).at(-1);
    expect(washed?.key.split(':')[2]).toBe('shape');
  });

  it('such a round is a bath: the one that was due on that day has no round of its own', () => {
    const baths = plan.activities.filter((a) => a.step === 'bath').map((a) => a.key.split(':')[2]);
    expect(baths).toEqual(['shape']);
  });
});

describe('heavy coats go flank by flank', () => {
  const kennel = fewDogs(demo, ['Fenn']);
  const nine = { ...kennel, dogs: kennel.dogs.map((d) => ({ ...d, born: '2023-03-01' as LocalDay })) };
  const brushed = (k: KennelFile): PlannedActivity[] =>
    sharedPlan(k, { nowMs: NOW_MS, rounds: 0 })
      .activities.filter((a) => a.step === 'lineBrush')
      .sort((x, y) => x.start.localeCompare(y.start));

  it('the second follows the first, each with half of the minutes', () => {
    const [one, two] = brushed(nine);
    expect([one?.flank, two?.flank]).toEqual([1, 2]);
    expect(one?.minutes.usual).toBeCloseTo(two?.minutes.usual ?? 0, 5);
  });

  it('or on another day, and the dog is as ready', () => {
    const [one, two] = brushed(nine) as [PlannedActivity, PlannedActivity];
    const earlier = (a: PlannedActivity): PlannedActivity['start'] =>
      new Date(Date.parse(a.start) - 86_400_000).toISOString() as PlannedActivity['start'];
    const apart = {
      ...nine,
      pins: [
        { taskKey: one.key, start: earlier(one) },
        { taskKey: two.key, start: two.start },
      ],
    };
    const days = brushed(apart).map((a) => [a.flank, a.start.slice(0, 10)]);
    expect(days).toEqual([
      [1, earlier(one).slice(0, 10)],
      [2, two.start.slice(0, 10)],
    ]);
    const plan = sharedPlan(apart, { nowMs: NOW_MS, rounds: 0 });
    expect(plan.unplaced.filter((u) => u.kind === 'show')).toEqual([]);
  });

  it('and a dog whose second flank went faster is given less for it, its first as before', () => {
    const [entry] = nine.entries;
    const at = (n: number) =>
      `2026-06-0${String(n)}T09:00:00.000Z` as NonNullable<KennelFile['work'][number]['finishedAt']>;
    const work = [1, 2, 3, 4, 5, 6].flatMap((n): KennelFile['work'][number][] =>
      ([1, 2] as const).map((flank) => ({
        taskKey: `k:${String(n)}:lineBrush:${String(flank)}:1` as KennelFile['work'][number]['taskKey'],
        ...{ dogId: entry?.dogId ?? dogOf('Fenn').id, step: 'lineBrush', state: 'done', flank, expectedMin: 20 },
        ...{ startedAt: at(n), finishedAt: at(n), workedMs: (flank === 1 ? 22 : 18) * 60_000 },
      })),
    );
    const [one, two] = brushed({ ...nine, work }) as [PlannedActivity, PlannedActivity];
    expect(two.minutes.middle / one.minutes.middle).toBeLessThan(0.97);
    expect(two.minutes.usual).toBeCloseTo(one.minutes.usual, 5);
  });
});

describe('the trims of a jacket', () => {
  const kennel = fewDogs(demo, ['Hale', 'Rusk']);
  const plan = sharedPlan({ ...kennel, work: [] }, { nowMs: NOW_MS, rounds: 0 });
  const HOUR_MS = 3_600_000;
  const CUT_CLEAN: ReadonlySet<StepId> = new Set(['roughTrim', 'fineTrim', 'upperEars', 'ears', 'throat']);

  it('are cut on a clean coat: at most one night since its bath or the towel, tested on the day; throat and front on the day of a bath', () => {
    const trims = plan.activities.filter((a) => a.state === 'planned' && CUT_CLEAN.has(a.step));
    expect(new Set(trims.map((a) => a.step)).size).toBe(CUT_CLEAN.size);
    for (const trim of trims) {
      const mine = plan.activities.filter((a) => a.entryId === trim.entryId && a.end <= trim.start);
      const wet = mine.filter((a) => a.step === 'heatDry' || a.step === 'towelRelease').at(-1);
      const hours = (Date.parse(trim.start) - Date.parse(wet?.end ?? '')) / HOUR_MS;
      expect([trim.step, trim.start, hours <= (trim.step === 'throat' ? 10 : 36)]).toEqual([
        trim.step,
        trim.start,
        true,
      ]);
      const tested = mine.filter((a) => a.step === 'dryCheck').at(-1);
      expect(tested?.start.slice(0, 10)).toBe(trim.start.slice(0, 10));
    }
  });

  it('a dog that stands little is washed again before its fine pass, and nothing is told as left out for it', () => {
    const hale = plan.activities.find((a) => a.step === 'fineTrim');
    if (hale === undefined) throw new Error('no fine trim is planned');
    const mine = plan.activities.filter((a) => a.entryId === hale.entryId && a.start <= hale.start);
    const rough = mine.filter((a) => a.step === 'roughTrim');
    expect(new Set(rough.map((a) => a.start.slice(0, 10))).size).toBe(2);
    const [first, second] = mine.filter((a) => a.step === 'trimBath');
    expect(first !== undefined && first.end <= (rough[0]?.start ?? '')).toBe(true);
    expect(second?.start.slice(0, 10)).toBe(hale.start.slice(0, 10));
    expect(plan.leftOut.filter((l) => l.why.code === 'passedOver')).toEqual([]);
  });

  it('a throat that is clipped settles for a week, and is clipped on the coat that was washed for the rough pass', () => {
    const { program } = programOf({ ...dogOf('Hale'), schools: { throat: 'a' } });
    const steps = program.preparation;
    const at = (step: StepId): number => steps.findIndex((s) => s.step === step);
    expect(at('throat')).toBeGreaterThan(at('combThrough'));
    expect(at('throat')).toBeLessThan(at('roughTrim'));
    expect(steps[at('throat')]).toMatchObject({ to: { of: 'prepDay', day: -7 } });
    expect(steps[at('trimBath')]).toMatchObject({ to: { of: 'prepDay', day: -7 } });
  });
});

describe('ears whose upper part is clipped', () => {
  const kennel = fewDogs(demo, ['Hale']);
  const stepsOf = (k: KennelFile): PlannedActivity[] =>
    sharedPlan(k, { nowMs: NOW_MS, rounds: 0 })
      .activities.filter((a) => a.entryId !== null)
      .sort((x, y) => x.start.localeCompare(y.start));

  it('have a step of the clipper’s own, before the edge is trimmed, by somebody with a clipper', () => {
    const tasks = stepsOf({ ...kennel, work: [] });
    const clipped = tasks.filter((a) => a.step === 'upperEars');
    expect(clipped.length).toBeGreaterThan(0);
    for (const a of clipped) {
      const edge = tasks.find((b) => b.entryId === a.entryId && b.step === 'ears');
      expect(edge !== undefined && edge.start >= a.end).toBe(true);
    }
    const cannot = {
      ...kennel,
      work: [],
      people: kennel.people.map((p) => ({ ...p, kit: [{ tool: 'thinners' as const }] })),
    };
    expect(stepsOf(cannot).filter((a) => a.step === 'upperEars')).toEqual([]);
    const cavalier = programOf(dogOf('Wisp'));
    expect(idsOf(cavalier.program.preparation)).not.toContain('upperEars');
  });

  it('that were passed over the day before wait for the next test of the coat', () => {
    const late = { ...kennel, work: kennel.work.filter((w) => w.step !== 'upperEars') };
    const tasks = stepsOf(late);
    const todo = tasks.filter((a) => a.step === 'upperEars' && a.state === 'planned');
    expect(todo.length).toBeGreaterThan(0);
    for (const a of todo) {
      const tested = tasks.filter((b) => b.step === 'dryCheck' && b.start.slice(0, 10) === a.start.slice(0, 10));
      expect(tested.some((b) => b.end <= a.start)).toBe(true);
    }
  });
});

describe('the show morning of double and jacketed coats', () => {
  const kennel = fewDogs(demo, ['Isbrin', 'Hale']);
  const planOf = (k: KennelFile): PlannedActivity[] => [...sharedPlan(k, { nowMs: NOW_MS, rounds: 0 }).activities];

  it('has water and air at the ground’s own dryer, on its circuit, and the finish within the hour', () => {
    const tasks = planOf(kennel);
    const revived = tasks.filter((a) => a.step === 'revive');
    expect(revived.length).toBeGreaterThan(1);
    for (const a of revived) {
      const station = kennel.stations.find((s) => s.id === a.stationId);
      expect(station).toMatchObject({ kind: 'forceDryer', circuitId: expect.any(String) as string });
      const next = tasks.find(
        (b) => b.entryId === a.entryId && (b.step === 'finish' || b.step === 'touchUp') && b.start >= a.end,
      );
      expect(next).toBeDefined();
      expect(Date.parse(next?.start ?? '') - Date.parse(a.end)).toBeLessThanOrEqual(60 * 60_000);
    }
    const firstDay = tasks.find((a) => a.step === 'finish')?.entryId;
    const minutes = (step: StepId): number =>
      tasks.find((a) => a.entryId === firstDay && a.step === step)?.minutes.usual ?? 0;
    expect(minutes('revive') / (minutes('revive') + minutes('finish'))).toBeCloseTo(0.25, 1);
  });

  it('the touch-up between show days is done at the dryer too, and a spot wash goes straight there', () => {
    const tasks = planOf(kennel);
    const touched = tasks.filter((a) => a.step === 'touchUp');
    expect(touched.length).toBeGreaterThan(0);
    for (const a of touched) {
      const air = tasks.filter((b) => b.entryId === a.entryId && b.step === 'revive' && b.end <= a.start);
      expect(air).toHaveLength(1);
      expect(Date.parse(a.start) - Date.parse(air[0]?.end ?? '')).toBeLessThanOrEqual(60 * 60_000);
    }
    const dogs = kennel.dogs.map((d) => (d.name === 'Isbrin' ? { ...d, soiled: ['forefoot' as const] } : d));
    const soiled = planOf({ ...kennel, dogs });
    const spots = soiled.filter((a) => a.step === 'spotWash');
    expect(spots.length).toBeGreaterThan(0);
    for (const a of spots) {
      const air = soiled.find((b) => b.entryId === a.entryId && b.step === 'revive' && b.start >= a.end);
      expect(Date.parse(air?.start ?? '') - Date.parse(a.end)).toBeLessThanOrEqual(10 * 60_000);
    }
  });

  it('is a finish alone where the ground has no dryer', () => {
    const without = {
      ...kennel,
      stations: kennel.stations.filter((s) => s.kind !== 'forceDryer' || s.siteId === kennel.sites[0]?.id),
    };
    const tasks = planOf(without);
    expect(tasks.some((a) => a.step === 'revive')).toBe(false);
    expect(tasks.some((a) => a.step === 'finish')).toBe(true);
  });
});

describe('daily dressing', () => {
  it('stops where the preparation begins: none from the show bath to the ring', () => {
    const kennel = fewDogs(demo, ['Koro']);
    const plan = sharedPlan(
      { ...kennel, dogs: kennel.dogs.map((d) => ({ ...d, fringed: true })) },
      { nowMs: NOW_MS, rounds: 0 },
    );
    const dressed = plan.activities.filter((a) => a.step === 'dressing').map((a) => a.start);
    for (const bath of plan.activities.filter((a) => a.step === 'bath' && a.kind === 'show')) {
      const ring = plan.activities.find((a) => a.entryId === bath.entryId && a.step === 'ring')?.start ?? '';
      expect(dressed.filter((start) => start > bath.start && start < ring)).toEqual([]);
    }
    expect(dressed.length).toBeGreaterThan(0);
  });
});
