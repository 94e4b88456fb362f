/* States of a dog: the work that each changes or blocks, with its reason, and for how long. Common practice; days are our defaults. */
import {
  addDays,
  dogProgram,
  estimateFacts,
  falsePregnancyAbout,
  isDropping,
  stageOf,
  trimDogOf,
  trimZonesOf,
  wallToMs,
} from '@loyal-mane/core';
import type { DogStateKind, KennelDog, KennelFile, LocalDay, Plan, StepId, WallTime } from '@loyal-mane/core';
import { CARE_LIBRARY } from '../src/index.js';
import { dropWords, noteWords } from '../src/words/index.js';
import { entryFacts } from './kennels/entryFacts.js';
import { kennelOf } from './kennels/kennelOf.js';
import { SETTERS } from './kennels/plots.js';
import { sharedPlan } from './sharedPlan.js';

const DAY = '2026-05-09' as LocalDay;
type States = NonNullable<KennelDog['states']>;

function kennelWith(states: States, breed: string, more: Partial<KennelDog> = {}): KennelFile {
  const rings = [[0, 0, '10:00', 0]] as const;
  return kennelOf({ ...SETTERS, dogs: [{ dog: 'Meadow', breed, weightKg: 20, rings, more: { ...more, states } }] });
}

function programOf(states: States, breed = 'Samoyed', more: Partial<KennelDog> = {}) {
  const kennel = kennelWith(states, breed, more);
  const [dog] = kennel.dogs;
  const [show] = kennel.shows;
  if (dog === undefined || show === undefined) throw new Error('no dog');
  return dogProgram(dog, kennel, CARE_LIBRARY, show, entryFacts(show.firstDay, { siteTub: false }));
}

function planOf(kennel: KennelFile): Plan {
  const nowMs = wallToMs(kennel.startDay, '06:00' as WallTime, kennel.settings.timeZone);
  return sharedPlan(kennel, { nowMs, rounds: 2 });
}

const since = (kind: DogStateKind, from: string, until?: string): States => [
  { kind, from: from as LocalDay, ...(until === undefined ? {} : { until: until as LocalDay }) },
];
const leftAlone = (states: States, step: StepId, day: LocalDay): string[] => {
  const breed = CARE_LIBRARY.breeds.get('Poodle (Standard)');
  if (breed === undefined) throw new Error('no such breed');
  const zones = trimZonesOf(step, trimDogOf({ states }, false, day), breed, CARE_LIBRARY);
  return (zones?.leave ?? []).flatMap((z) => (z.why === 'state' ? [z.zone] : []));
};

describe('zones that a state leaves alone', () => {
  it.each([
    ['season', ['mammaryLine', 'vent']],
    ['falsePregnancy', ['belly', 'mammaryLine']],
    ['afterWhelping', ['belly', 'mammaryLine']],
    ['treatment', []],
  ] as const)('%s', (kind, zones) => {
    expect(leftAlone(since(kind, '2026-05-01'), 'fineTrim', DAY).sort()).toEqual(zones);
  });

  it('are cut again when it is over, and were before it began', () => {
    const states = since('season', '2026-05-01', '2026-05-20');
    expect(leftAlone(states, 'fineTrim', '2026-05-20' as LocalDay)).toHaveLength(2);
    expect(leftAlone(states, 'fineTrim', '2026-05-21' as LocalDay)).toEqual([]);
    expect(leftAlone(states, 'fineTrim', '2026-04-30' as LocalDay)).toEqual([]);
  });

  it('shorten the trim in the plan', () => {
    const fine = (states: States): number => {
      const plan = planOf(kennelWith(states, 'Poodle (Standard)', { sex: 'bitch' }));
      const found = plan.activities.filter((a) => a.step === 'fineTrim');
      expect(found.length).toBeGreaterThan(0);
      return found.reduce((sum, a) => sum + a.minutes.middle, 0);
    };
    expect(fine(since('falsePregnancy', '2026-05-01'))).toBeLessThan(fine([]) * 0.99);
  });
});

describe('after whelping', () => {
  const states = since('afterWhelping', '2026-02-01');
  const at = (days: number): boolean =>
    isDropping({ coatChange: false, states }, addDays('2026-02-01' as LocalDay, days));

  it('the coat drops two to four months later', () => {
    expect([30, 59, 60, 90, 120, 121].map(at)).toEqual([false, false, true, true, true, false]);
    expect(stageOf({ born: '2022-01-01' as LocalDay, coatChange: false, states }, DAY)).toBe('coatChange');
  });

  it('it is brushed longer then, and oftener at home', () => {
    const kennel = kennelWith(states, 'Samoyed');
    const [dog] = kennel.dogs;
    if (dog === undefined) throw new Error('no dog');
    expect(estimateFacts(dog, CARE_LIBRARY, DAY, false).coatChange).toBe(true);
    expect(estimateFacts({ ...dog, states: [] }, CARE_LIBRARY, DAY, false).coatChange).toBe(false);
    const brushings = (k: KennelFile): number =>
      planOf({ ...k, entries: [], settings: { ...k.settings, keepUpDaysAhead: 7 } }).activities.filter(
        (a) => a.step === 'keepUpBrush',
      ).length;
    expect(brushings(kennel)).toBeGreaterThan(brushings(kennelWith([], 'Samoyed')));
  });
});

describe('medicine', () => {
  it('keeps neat products off the skin, and says why', () => {
    const { program, dropped } = programOf(since('medicine', '2026-05-01'));
    expect(program.preparation.map((s) => s.step)).not.toContain('preTreat');
    const found = dropped.find((d) => d.step === 'preTreat');
    expect(found?.why).toEqual({ code: 'state', state: 'medicine' });
    if (found !== undefined) expect(dropWords(found.step, found.why)).toMatch(/label and vet decide/);
    expect(programOf([]).program.preparation.map((s) => s.step)).toContain('preTreat');
  });
});

describe('a season', () => {
  const bitch = (states: States) => ({ sex: 'bitch' as const, states });

  it('forecasts a false pregnancy about two months later, of a bitch that has not whelped since', () => {
    expect(falsePregnancyAbout(bitch(since('season', '2026-03-10', '2026-03-31')))).toBe('2026-05-09');
    expect(falsePregnancyAbout({ sex: 'dog', states: since('season', '2026-03-10') })).toBeNull();
    expect(falsePregnancyAbout(bitch([]))).toBeNull();
    const whelped = [...since('season', '2026-03-10'), ...since('afterWhelping', '2026-05-12')];
    expect(falsePregnancyAbout(bitch(whelped))).toBeNull();
    const two = [...since('season', '2025-08-01'), ...since('season', '2026-03-10')];
    expect(falsePregnancyAbout(bitch(two))).toBe('2026-05-09');
  });

  it('says so about that time, and no longer once it has shown', () => {
    const of = (states: States) => programOf(states, 'Samoyed', { sex: 'bitch' }).notes;
    const note = of(since('season', '2026-03-10', '2026-03-31')).find((n) => n.code === 'falsePregnancyAbout');
    expect(note).toEqual({ code: 'falsePregnancyAbout', about: '2026-05-09' });
    if (note !== undefined) expect(noteWords(note)).toMatch(/about 9 May.*vet/);
    const far = of(since('season', '2025-11-01', '2025-11-20'));
    expect(far.some((n) => n.code === 'falsePregnancyAbout')).toBe(false);
    const shown = of([...since('season', '2026-03-10', '2026-03-31'), ...since('falsePregnancy', '2026-05-05')]);
    expect(shown.some((n) => n.code === 'falsePregnancyAbout')).toBe(false);
    expect(shown).toContainEqual({ code: 'state', state: 'falsePregnancy' });
  });
});

it('every state that holds on the day is told with the dog’s work', () => {
  const kinds = ['season', 'falsePregnancy', 'afterWhelping', 'injury', 'medicine', 'allergy', 'outOfCoat'] as const;
  for (const kind of kinds) {
    expect(programOf(since(kind, '2026-05-01')).notes).toContainEqual({ code: 'state', state: kind });
    expect(programOf(since(kind, '2026-04-01', '2026-04-20')).notes.filter((n) => n.code === 'state')).toEqual([]);
    expect(noteWords({ code: 'state', state: kind }).length).toBeGreaterThan(20);
  }
});
