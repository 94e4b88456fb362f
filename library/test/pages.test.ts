/* Pages composed for each dog: no two contrary lines, no line of another coat, no empty page, no line that nobody reads. */
import { DOG_STATES, SEQUENCE_IDS, STEP_IDS, chooseSides, composePage } from '@loyal-mane/core';
import type {
  BreedFacts,
  Chosen,
  DogStateKind,
  KennelDog,
  KennelLineChange,
  LocalDay,
  PageDay,
  PageLine,
  PageOwner,
  SchoolId,
  Side,
  StepId,
} from '@loyal-mane/core';
import { BREED_ROWS, CARE_LIBRARY, SCHOOLS } from '../src/index.js';
import { STEP_LINES, stepPage, usualDog } from '../src/pages/index.js';
import { CAUTIONS } from '../src/words/index.js';

const DAY = '2026-06-17' as LocalDay;
/** Breeds that differ in what pages ask for; of those that do not, the first. */
const breeds = [
  ...new Map(
    [...CARE_LIBRARY.breeds.values()]
      .reverse()
      .map((b) => [JSON.stringify([b.coat, b.styles, b.footStyle, b.variant, [...b.growOn]]), b] as const),
  ).values(),
];
const breedOf = (name: string): BreedFacts => {
  const breed = CARE_LIBRARY.breeds.get(name);
  if (breed === undefined) throw new Error(`no breed is called ${name}`);
  return breed;
};
const born = (months: number): LocalDay =>
  new Date(Date.UTC(2026, 5 - months, 17)).toISOString().slice(0, 10) as LocalDay;

function chosenOf(breed: BreedFacts, dog: KennelDog, schools: Readonly<Partial<Record<SchoolId, Side>>>): Chosen[] {
  return chooseSides(SCHOOLS, {
    coat: breed.coat,
    dog: { ...dog, schools },
    kennel: { people: [{ skills: ['harshDryer', 'glands'] }] },
    isMet: () => false,
  });
}

const linesOf = (
  breed: BreedFacts,
  step: StepId,
  more: Partial<KennelDog> = {},
  schools: Readonly<Partial<Record<SchoolId, Side>>> = {},
  purpose: 'show' | 'keepUp' | 'trim' = 'show',
  day: Partial<PageDay> = {},
): readonly PageLine[] => {
  const dog = { ...usualDog(breed, DAY), ...more };
  const at = { day: DAY, purpose, isShowDay: true, ...day };
  return stepPage({ step, dog, library: CARE_LIBRARY, chosen: chosenOf(breed, dog, schools), at }).lines;
};
const textOf = (...ask: Parameters<typeof linesOf>): string =>
  linesOf(...ask)
    .map((l) => l.text)
    .join(' ');

/** Steps that a coat's program has, keep-up and schools included. */
function stepsOf(breed: BreedFacts): StepId[] {
  const p = CARE_LIBRARY.programs[breed.coat];
  const inserted = SCHOOLS.filter((s) => s.coats?.includes(breed.coat) !== false).flatMap((s) =>
    [...s.a.edits, ...s.b.edits].flatMap((e) => (e.edit === 'insert' ? e.steps : e.edit === 'replace' ? e.by : [])),
  );
  const all = [...p.keepUp.flatMap((r) => r.steps), ...p.preparation, ...p.between, ...p.showMorning, ...p.after];
  return [...new Set([...all, ...inserted].map((s) => s.step)), 'practice'];
}

/** Flanks that a coat's step is done by; none where it is done whole. */
function flanksOf(breed: BreedFacts, step: StepId): (1 | 2 | undefined)[] {
  const steps = CARE_LIBRARY.programs[breed.coat].preparation.filter((s) => s.step === step);
  return steps.some((s) => s.flank !== undefined) ? [undefined, 1, 2] : [undefined];
}

/** Dogs of a breed at every stage and in every state, with every fact of a record that pages ask for. */
function dogsOf(): Partial<KennelDog>[] {
  const state = (kind: DogStateKind): Partial<KennelDog> => ({ states: [{ kind, from: '2026-06-10' as LocalDay }] });
  return [
    {},
    { sex: 'bitch', undercoat: 'heavy' },
    { born: born(5), fringed: true },
    { coatChange: true, mats: [{ zone: 'behindEar', tightness: 'loose' }] },
    { liesForWork: false, turnsInTub: true, standsForDryer: false, density: 'light' },
    { colors: [{ zone: 'foreleg', color: 'white' }], weakLegs: ['hock'], growsCoat: true },
    { paleRoots: true, jacketLies: false, wrapped: true, wholeBath: true },
    { recipe: [{ product: 'liftSpray', zones: ['skull'] }], consents: [{ what: 'shaveOut', given: DAY }] },
    ...DOG_STATES.map(state),
  ];
}

/** All sides a, all sides b, what is usual, and two that other answers would refuse. */
const SIDES_OF_SCHOOLS: readonly Readonly<Partial<Record<SchoolId, Side>>>[] = [
  Object.fromEntries(SCHOOLS.map((s) => [s.id, 'a'])),
  Object.fromEntries(SCHOOLS.map((s) => [s.id, 'b'])),
  {},
  { matsAndWater: 'b', matsAndTime: 'a', sheepdogForceDryer: 'b' },
];

/** Words that only some coats have; nobody else is told of them. */
const WORDS_OF_COATS: readonly (readonly [RegExp, (b: BreedFacts) => boolean])[] = [
  [/\bjackets?\b/i, (b) => /jacketed|wire|smooth/.test(b.coat)],
  [/\bfeather(ing|ed)?\b/i, (b) => b.coat.includes('jacketed') || b.styles.ears === 'fringe'],
  [/\bcurl/i, (b) => b.coat === 'scissored'],
  [/undercoat/i, (b) => !/drop|smooth|wire|scissored/.test(b.coat)],
  [/floor line/i, (b) => b.coat === 'drop'],
  [/bevel/i, (b) => ['bevel', 'curved', 'clipped'].includes(b.styles.feet) || b.coat === 'scissored'],
  [/rosette/i, (b) => b.coat === 'scissored'],
  [/tease|backcomb/i, (b) => b.coat === 'heavySheepdog'],
  [/bone to the hock/i, (b) => b.styles.tail === 'flag'],
  [/wedge head/i, (b) => b.coat === 'jacketedTrimmed'],
  [/topknot/i, (b) => b.coat === 'scissored' || b.styles.head === 'tied'],
];

describe('for all breeds, stages, states and sides of schools', () => {
  const dogs = dogsOf();
  it('no page is empty, holds two contrary lines, the same line twice, or a line of another coat', () => {
    const faults: string[] = [];
    const read = new Set<string>();
    for (const breed of breeds) {
      for (const more of dogs) {
        for (const schools of SIDES_OF_SCHOOLS) {
          const dog = { ...usualDog(breed, DAY), ...more };
          const chosen = chosenOf(breed, dog, schools);
          for (const step of stepsOf(breed)) {
            const at = { day: DAY, purpose: 'show' as const, isShowDay: true, hasSiteDryer: more === dogs[0] };
            const { lines, done, cautions } = stepPage({ step, dog, library: CARE_LIBRARY, chosen, at });
            const where = `${breed.name}, ${step}`;
            const composed = lines.filter((l) => !l.id.startsWith('own.'));
            if (composed.length === 0) faults.push(`${where}: empty`);
            const topics = lines.flatMap((l) => l.topic ?? []);
            if (new Set(topics).size < topics.length) faults.push(`${where}: contrary ${topics.sort().join(' ')}`);
            if (new Set(lines.map((l) => l.text)).size < lines.length) faults.push(`${where}: said twice`);
            if (new Set(lines.map((l) => l.id)).size < lines.length) faults.push(`${where}: one id twice`);
            for (const l of composed) {
              if (read.has(`${breed.name} ${l.id}`)) continue;
              read.add(`${breed.name} ${l.id}`);
              for (const [word, has] of WORDS_OF_COATS)
                if (!has(breed) && word.test(l.text)) faults.push(`${where}: ${String(word)} in ${l.id}`);
            }
            if (done === '' || cautions.some((c) => !(c in CAUTIONS))) faults.push(`${where}: no end`);
          }
        }
      }
    }
    expect([...new Set(faults)].slice(0, 12)).toEqual([]);
  });

  it('every line reaches a dog', () => {
    const unread = new Set(Object.values(STEP_LINES).flatMap((lines) => lines.map((l) => `${l.id}: ${l.text}`)));
    const everyDog = breeds.flatMap((breed) =>
      dogs.flatMap((more) => SIDES_OF_SCHOOLS.map((schools) => ({ breed, more, schools }))),
    );
    for (const { breed, more, schools } of everyDog) {
      if (unread.size === 0) break;
      for (const purpose of ['show', 'keepUp', 'trim'] as const)
        for (const step of stepsOf(breed))
          for (const flank of flanksOf(breed, step))
            for (const l of linesOf(breed, step, more, schools, purpose, { flank }))
              unread.delete(`${l.id}: ${l.text}`);
    }
    expect([...unread]).toEqual([]);
  });

  it('lines are known by an id and end as sentences', () => {
    for (const step of STEP_IDS)
      for (const l of STEP_LINES[step]) {
        expect(l.id).toMatch(/^[a-zA-Z0-9.]{3,60}$/);
        expect(l.text).toMatch(/[.!?]$/);
      }
  });
});

it('each style of a breed’s row is read as the kind that it names', () => {
  const kinds = new Map<string, Set<string>>();
  const note = (words: string, kind: string): void => void kinds.set(words, (kinds.get(words) ?? new Set()).add(kind));
  for (const row of BREED_ROWS) {
    const { styles } = breedOf(row.name);
    note(`feet ${row.footStyle}`, styles.feet);
    note(`ears ${row.earStyle}`, styles.ears);
    note(`head ${row.headPlan}`, styles.head);
    note(`tail ${row.tailKind}`, styles.tail);
  }
  const read = Object.fromEntries([...kinds].map(([words, k]) => [words, [...k].join()]));
  expect(read).toMatchObject({
    'feet clipped': 'clipped',
    'feet round, under the coat': 'curved',
    'feet natural, slippers kept': 'slippers',
    'feet round, natural look': 'natural',
    'feet round, full bevel': 'bevel',
    'ears fringe kept, blended': 'blended',
    'ears fringe never lost': 'fringe',
    'ears trimmed to leather, thinned': 'thinned',
    'ears upper part clipped, about three fingers': 'upper',
    'head topknot or fall by breed': 'tied',
    'head topknot natural': 'natural',
    'head rectangular, beard kept': 'rectangular',
    'tail flag': 'flag',
    'tail plume over back': 'curled',
    'tail docked or natural, raised': 'docked',
    'tail raised in motion': 'raised',
  });
});

describe('each dog is told its own', () => {
  const poodle = breedOf('Poodle (Standard)');
  const golden = breedOf('Golden Retriever');
  const maltese = breedOf('Maltese');
  const samoyed = breedOf('Samoyed');
  const bobtail = breedOf('Old English Sheepdog');
  const dalmatian = breedOf('Dalmatian');

  it('heat: feather by its fullness, legs by coat, a tail that would flip', () => {
    expect(textOf(golden, 'heatDry')).toMatch(/Full feather straight down/);
    expect(textOf(golden, 'heatDry', { density: 'light' })).toMatch(/Sparse feather up first/);
    expect(textOf(poodle, 'heatDry')).toMatch(/from front and back toward the middle/);
    expect(textOf(poodle, 'heatDry')).not.toMatch(/feather|flips/i);
  });

  it('a side of a school changes the page, also where it changes nothing else', () => {
    for (const [school, step, breed] of [
      ['headInBath', 'bath', golden],
      ['tubShaking', 'bath', golden],
      ['brushingRoute', 'brushOut1', golden],
      ['posture', 'lineBrush', golden],
      ['trimBegin', 'naturalTrim', golden],
      ['sprayOnLayer', 'finish', poodle],
      ['sprayUpAfter', 'takedown', poodle],
      ['thickWashes', 'bath', samoyed],
      ['eyelashes', 'whiskers', golden],
      ['nailTool', 'nails', golden],
      ['footEdge', 'fineTrim', maltese],
      ['gate', 'gate', golden],
      ['shampooOn', 'bath', golden],
      ['curlDrying', 'heatDry', poodle],
      ['earTop', 'ears', golden],
      ['bodyShears', 'fineTrim', poodle],
    ] as const) {
      const [a, b] = [textOf(breed, step, {}, { [school]: 'a' }), textOf(breed, step, {}, { [school]: 'b' })];
      expect([school, a === b]).toEqual([school, false]);
    }
  });

  it('the head of a dog in the bath is last or first, never both', () => {
    expect(textOf(golden, 'bath')).toMatch(/The head last/);
    const first = linesOf(golden, 'bath', {}, { headInBath: 'b' });
    expect(first.filter((l) => l.sequence === 'headFirst')).toHaveLength(5);
    expect(first.map((l) => l.text).join(' ')).not.toMatch(/The head last/);
  });

  it('a fringed ear meets no slicker, natural ears are left, a weak hock keeps its hair', () => {
    expect(textOf(breedOf('Papillon'), 'keepUpBrush')).toMatch(/no slicker/);
    expect(textOf(samoyed, 'ears')).toMatch(/left as they grow/);
    expect(textOf(golden, 'naturalTrim', { weakLegs: ['hock'] })).toMatch(/Locked, go around it: hock/);
    expect(textOf(golden, 'naturalTrim', { weakLegs: ['hock'] })).toMatch(/sinking hock keeps its hair/);
  });

  it('a smooth dog is curried and wiped, and hears of no parting, lifting or combing', () => {
    for (const step of stepsOf(dalmatian))
      expect(textOf(dalmatian, step)).not.toMatch(/part to the skin|layers|comb\b/i);
    expect(textOf(dalmatian, 'touchUp')).toMatch(/two minutes/);
  });

  it('only a teased head is teased', () => {
    expect(textOf(bobtail, 'finish')).toMatch(/Tease the head/);
    expect(textOf(breedOf('Briard'), 'finish')).toMatch(/stays as it grows/);
    expect(textOf(breedOf('Briard'), 'bag')).not.toMatch(/Teasing/);
  });

  it('shows its stance at the outline check, and a recipe line by line', () => {
    expect(textOf(golden, 'outlineCheck')).toMatch(/^Set up: /);
    const recipe: KennelDog['recipe'] = [
      { product: 'leaveIn', zones: ['skull'] },
      { product: 'liftSpray', zones: [] },
    ];
    const lines = linesOf(poodle, 'finish', { recipe }).filter((l) => l.sequence === 'showMorning');
    expect(lines.map((l) => l.text.replace(/:.*/, ''))).toHaveLength(2);
  });
});

it('every guided sequence is somebody’s, in order, each line with what to look for', () => {
  const of = new Map<string, number>();
  for (const breed of breeds)
    for (const step of stepsOf(breed)) {
      const lines = linesOf(
        breed,
        step,
        { colors: [{ zone: 'foreleg', color: 'white' }], recipe: [{ product: 'liftSpray', zones: [] }] },
        { headInBath: 'b' },
      );
      for (const l of lines) {
        if (l.sequence === undefined) continue;
        expect(l.look ?? '').not.toBe('');
        of.set(l.sequence, (of.get(l.sequence) ?? 0) + 1);
      }
    }
  expect([...of.keys()].sort()).toEqual([...SEQUENCE_IDS].sort());
});

describe('what a kennel changes', () => {
  const golden = breedOf('Golden Retriever');
  const dog = usualDog(golden, DAY);
  const owner: PageOwner = { coat: golden.coat, breed: golden.name, dogId: dog.id };
  const page = (changes: readonly KennelLineChange[], of: Partial<PageOwner> = {}): string[] =>
    composePage('nails', STEP_LINES, new Set(['school:nailTool:a']), changes, { ...owner, ...of }).map((l) => l.id);
  const usual = page([]);

  it('hides, moves and adds lines for the kennel, a coat, a breed, a dog', () => {
    expect(usual).toEqual(['nails.grinder', 'nails.round', 'nails.hair', 'nails.praise']);
    const hide: KennelLineChange = { step: 'nails', line: 'nails.round', of: 'kennel', hidden: true };
    expect(page([hide])).toEqual(['nails.grinder', 'nails.hair', 'nails.praise']);
    const add: KennelLineChange = {
      step: 'nails',
      line: 'own-1',
      of: 'breed',
      which: golden.name,
      text: 'File.',
      after: 'nails.hair',
    };
    expect(page([add])).toEqual(['nails.grinder', 'nails.round', 'nails.hair', 'own-1', 'nails.praise']);
    expect(page([add], { breed: 'Samoyed' })).toEqual(usual);
    const first: KennelLineChange = { step: 'nails', line: 'nails.praise', of: 'dog', which: dog.id, after: '' };
    expect(page([first])).toEqual(['nails.praise', 'nails.grinder', 'nails.round', 'nails.hair']);
    expect(page([first], { dogId: null })).toEqual(usual);
  });

  it('a dog has the last word over its breed, coat and kennel, whatever the order of saving', () => {
    const back: KennelLineChange = { step: 'nails', line: 'own-1', of: 'dog', which: dog.id, hidden: true };
    const add: KennelLineChange = { step: 'nails', line: 'own-1', of: 'kennel', text: 'File.' };
    expect(page([back, add])).toEqual(usual);
    expect(page([back, add], { dogId: null })).toContain('own-1');
  });

  it('a line that stood after one that is gone stays last, nothing is lost', () => {
    const add: KennelLineChange = { step: 'nails', line: 'own-2', of: 'kennel', text: 'File.', after: 'nails.gone' };
    expect(page([add])).toEqual([...usual, 'own-2']);
  });
});
