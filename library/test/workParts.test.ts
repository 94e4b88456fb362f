/* Parts that are ticked at a step, in the order of work, and the soaks that a step's products ask for. */
import { STEP_IDS, chooseSides } from '@loyal-mane/core';
import type { PageFact, SchoolId, Side, StepId } from '@loyal-mane/core';
import { CARE_LIBRARY, DOG_PARTS, PRODUCTS, SCHOOLS, ZONES } from '../src/index.js';
import { dogNoteWords } from '../src/words/index.js';
import { soakChoices, stepPage, usualDog, workParts } from '../src/pages/index.js';

const names = (step: StepId, ...facts: PageFact[]): string[] => workParts(step, new Set(facts)).map((p) => p.id);

describe('parts of the dog', () => {
  it('hold every zone once', () => {
    const zones = DOG_PARTS.flatMap((p) => p.zones);
    expect(zones.length).toBe(ZONES.length);
    expect(new Set(zones).size).toBe(ZONES.length);
    for (const p of DOG_PARTS)
      expect([p.id, p.isPaired]).toEqual([
        p.id,
        p.zones.some((z) => ZONES.find((f) => f.id === z)?.paired === true) && p.id !== 'head' && p.id !== 'underside',
      ]);
  });

  it('of a step are each named once', () => {
    for (const step of STEP_IDS) expect(new Set(names(step)).size).toBe(names(step).length);
  });

  it('are washed with the head last, or first where that is chosen', () => {
    expect(names('bath').at(-1)).toBe('head');
    expect(names('bath', 'school:headInBath:b')[0]).toBe('head');
    expect(new Set(names('bath', 'school:headInBath:b'))).toEqual(new Set(names('bath')));
  });

  it('are brushed along the body from the tail, or leg by leg with the body last', () => {
    expect(names('lineBrush', 'school:brushingRoute:a')[0]).toBe('tail');
    const legs = names('lineBrush', 'school:brushingRoute:b');
    expect(legs[0]).toBe('hindLegs');
    expect(legs.indexOf('trunk')).toBeGreaterThan(legs.indexOf('forelegs'));
  });

  it('are trimmed from where whoever trims begins', () => {
    expect(names('fineTrim', 'begin:feet').slice(0, 2)).toEqual(['hindLegs', 'forelegs']);
    expect(names('fineTrim', 'begin:head')[0]).toBe('head');
    expect(names('fineTrim')).toHaveLength(10);
  });

  it('are only those that the step touches', () => {
    expect(names('nails')).toEqual(['forelegs', 'hindLegs']);
    expect(names('ears')).toEqual(['ears']);
    expect(names('load')).toEqual([]);
  });
});

describe('soaks', () => {
  const breed = CARE_LIBRARY.breeds.get('Samoyed');
  if (breed === undefined) throw new Error('no Samoyed');
  const dog = {
    ...usualDog(breed, '2026-06-17' as never),
    colors: [{ zone: 'ribs' as const, color: 'white' as const }],
  };
  const of = (step: StepId, schools: Readonly<Partial<Record<SchoolId, Side>>> = {}) =>
    soakChoices(
      {
        step,
        dog,
        library: CARE_LIBRARY,
        chosen: chooseSides(SCHOOLS, {
          coat: breed.coat,
          dog: { ...dog, schools },
          kennel: { people: [] },
          isMet: () => false,
        }),
        at: { day: '2026-06-17' as never, purpose: 'show', isShowDay: false },
      },
      PRODUCTS,
    );

  it('are those of the bath’s own products, with the label’s minutes', () => {
    expect(of('bath')).toEqual([
      { product: 'cleansingWash', leastMin: 1, mostMin: 5 },
      { product: 'whiteningWash', leastMin: 5, mostMin: 10 },
    ]);
    expect(of('preTreat')).toEqual([{ product: 'stainPreTreat', leastMin: 20, mostMin: 40 }]);
    expect(of('knots').map((s) => s.product)).toEqual(['loosening']);
    expect(of('lineBrush')).toEqual([]);
  });

  it('are shorter for a conditioner where that is chosen, never below its label', () => {
    const [long] = of('condition');
    const [short] = of('condition', { soakLength: 'b' });
    expect([long?.mostMin, short?.mostMin]).toEqual([5, 3]);
    expect(short?.leastMin).toBe(long?.leastMin);
  });
});

describe('notes at the table', () => {
  const breed = CARE_LIBRARY.breeds.get('Irish Setter');
  if (breed === undefined) throw new Error('no Irish Setter');
  const day = '2026-06-17' as never;
  const dog = {
    ...usualDog(breed, day),
    notes: [
      { id: 'note-one', day, kind: 'leftLonger' as const, zones: ['throat' as const], text: 'the neck is short' },
      { id: 'note-two', day, kind: 'careful' as const, zones: [], text: 'hand shy' },
    ],
  };
  const first = (step: StepId): string[] =>
    stepPage({ step, dog, library: CARE_LIBRARY, chosen: [], at: { day, purpose: 'show', isShowDay: false } })
      .lines.map((l) => l.text)
      .filter((t) => /^(Left longer|Careful)/.test(t));

  it('come first at the steps whose zones they concern, with their reason; those of the whole dog everywhere', () => {
    const longer = 'Left longer: throat, because the neck is short (17 Jun).';
    expect(first('throat')).toEqual([longer, 'Careful: the whole dog, hand shy (17 Jun).']);
    expect(first('fineTrim')).toContain(longer);
    expect(first('nails')).toEqual(['Careful: the whole dog, hand shy (17 Jun).']);
    expect(first('inspection')).toHaveLength(2);
    const belly = DOG_PARTS.find((p) => p.id === 'underside')?.zones ?? [];
    const note = { id: 'note-three', day, kind: 'sore' as const, zones: [...belly, 'tail' as const] };
    expect(dogNoteWords(note)).toBe('Sore: belly, tail (17 Jun).');
  });
});
