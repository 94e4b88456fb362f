/* Lines that a task shows beside its own: what belongs to this dog, this kennel, and whoever does it. */
import type { PlannedActivity, StepId } from '@loyal-mane/core';
import type { Kennel, Methods } from '../src/api/queries';
import { pageOf } from '../src/parts/pageOf';
import { DAWN_MS, KENNEL, NAMES } from './world';

const [dog] = KENNEL.dogs.filter((d) => d.coat === 'double');
const [brusher] = KENNEL.people;
if (dog === undefined || brusher === undefined) throw new Error('no dog, or nobody');

const task = (step: StepId, more: Partial<PlannedActivity> = {}): PlannedActivity =>
  ({
    key: `e:1:${step}:1:1`,
    kind: 'show',
    dogId: dog.id,
    step,
    state: 'planned',
    start: new Date(DAWN_MS).toISOString(),
    people: [brusher.id],
    ...more,
  }) as unknown as PlannedActivity;

const kennelWith = (record: object, person: object = {}): Kennel =>
  ({
    ...KENNEL,
    dogs: KENNEL.dogs.map((d) => (d.id === dog.id ? { ...d, record: { ...(d.record as object), ...record } } : d)),
    people: KENNEL.people.map((p) => (p.id === brusher.id ? { ...p, record: person } : p)),
  }) as unknown as Kennel;

const methods = (schools: object, own: object = {}): Methods =>
  ({ number: 1, schools, dogs: [{ dogId: dog.id, version: 1, coat: dog.coat, schools: own }] }) as unknown as Methods;

const howLines = (a: PlannedActivity, kennel: Kennel, m?: Methods): string[] =>
  pageOf(a, kennel, NAMES.zone, m)?.lines.map((l) => l.text) ?? [];

const ROUTE = {
  a: 'Work from the tail forward and from the foot upward.',
  b: 'Work leg by leg from the hock, the body last.',
} as const;
const route = (side: 'a' | 'b'): string => ROUTE[side];

describe('the route of the brush', () => {
  const told = (kennel: Kennel, m: Methods) => howLines(task('lineBrush'), kennel, m);

  it('is the one of whoever brushes, else the kennel’s, else what is usual', () => {
    expect(told(kennelWith({}), methods({}))).toContain(route('a'));
    expect(told(kennelWith({}), methods({ brushingRoute: 'b' }))).toContain(route('b'));
    expect(told(kennelWith({}), methods({ brushingRoute: 'a' }))).toContain(route('a'));
    expect(told(kennelWith({}, { brushingRoute: 'b' }), methods({ brushingRoute: 'a' }))).toContain(route('b'));
    expect(told(kennelWith({}, { brushingRoute: 'b' }), methods({}))).toContain(route('b'));
  });

  it('is the dog’s own before everybody’s, and told at brushing only', () => {
    const kennel = kennelWith({}, { brushingRoute: 'b' });
    expect(told(kennel, methods({}, { brushingRoute: 'a' }))).toContain(route('a'));
    expect(howLines(task('bath'), kennel, methods({}))).not.toContain(route('b'));
    expect(howLines(task('lineBrush', { people: [] }), kennel, methods({}))).not.toContain(route('b'));
  });
});

describe('where a trim begins', () => {
  const began = (person: object, m: Methods = methods({})): string[] =>
    howLines(task('naturalTrim'), kennelWith({}, person), m);
  const at = (lines: readonly string[], begin: string): number => lines.findIndex((l) => l.startsWith(begin));

  it('is the person’s own beginning before the kennel’s, and its lines follow it', () => {
    const usual = began({});
    expect(at(usual, 'Begin with the feet')).toBeGreaterThanOrEqual(0);
    expect(usual[at(usual, 'Begin with the feet') + 1]).toMatch(/Mini clipper under the pads/);
    expect(at(began({}, methods({ trimBegin: 'b' })), 'Begin at the rear')).toBeGreaterThanOrEqual(0);
    const own = began({ trimBegin: 'feet' }, methods({ trimBegin: 'b' }));
    expect(at(own, 'Begin at the rear')).toBe(-1);
    expect(own[at(own, 'Begin with the feet') + 1]).toMatch(/Mini clipper under the pads/);
    expect([...own].sort().filter((l) => !l.startsWith('Begin'))).toEqual(
      [...usual].sort().filter((l) => !l.startsWith('Begin')),
    );
    // A double coat's natural trim has no work at the head: then nothing of it is said.
    expect(at(began({ trimBegin: 'head' }), 'Begin')).toBe(-1);
  });
});

describe('which side comes first', () => {
  const line = (step: StepId, record: object = {}, m: Methods = methods({})): string | undefined =>
    howLines(task(step), kennelWith(record), m).find((l) => l.includes(' side first'));
  const SHOW = 'Show side first, once around.';
  const OFF = 'Off side first: the finished side is not lain on.';

  it('is the show side where a dog is trimmed or stands, the off side for volume and where it lies', () => {
    expect(line('naturalTrim')).toBe(SHOW);
    expect(line('finish')).toBe(OFF);
    expect(line('lineBrush', { liesForWork: false })).toBe(SHOW);
    expect(line('lineBrush', { liesForWork: true })).toBe(OFF);
    expect(line('bath')).toBeUndefined();
  });

  it('is one side everywhere once the kennel, or the dog’s record, has decided it', () => {
    expect(line('finish', {}, methods({ sideOrder: 'a' }))).toBe(SHOW);
    expect(line('naturalTrim', {}, methods({ sideOrder: 'b' }))).toBe(OFF);
    expect(line('naturalTrim', {}, methods({ sideOrder: 'b' }, { sideOrder: 'a' }))).toBe(SHOW);
  });
});

describe('this dog’s own lines', () => {
  it('come first: what is locked and what is left to grow, where something is cut', () => {
    const [locked, ...how] = howLines(task('naturalTrim'), kennelWith({ locked: ['hock'] }));
    expect(locked).toBe('Locked, go around it: hock.');
    expect(how.length).toBeGreaterThan(4);
    expect(howLines(task('dryCheck'), kennelWith({ locked: ['hock'] })).join(' ')).not.toContain('hock');
  });

  it('name the products of this bath by its purpose', () => {
    const kennel = kennelWith({ colors: [{ zone: 'hock', color: 'white' }], uses: [], states: [] });
    const [show] = howLines(task('bath'), kennel);
    expect(show).toMatch(/whitening wash, hock/);
    const [home] = howLines(task('bath', { kind: 'keepUp' }), kennel);
    expect(home).not.toMatch(/whitening/i);
    expect(howLines(task('condition', { kind: 'keepUp' }), kennel)[0]).toMatch(/^Rich conditioner/);
    expect(howLines(task('bathWhites'), kennel)[0]).toBe('White on this dog: hock.');
  });

  it('keep the finishing recipe in its order, and name afterwards what has to come out', () => {
    const recipe = [
      { product: 'leaveIn', zones: [] },
      { product: 'foam', zones: ['hock', 'stifle'] },
      { product: 'liftSpray', zones: [] },
    ];
    const kennel = kennelWith({ recipe });
    const page = pageOf(task('finish'), kennel, NAMES.zone);
    const lines = (page?.lines ?? []).filter((l) => l.sequence === 'showMorning');
    expect(lines.map((l) => l.zones)).toEqual(recipe.map((r) => r.zones));
    expect(lines[1]?.text).toMatch(/hock, stifle/);
    const [out = ''] = howLines(task('takedown'), kennel);
    expect(out).toMatch(/^Out: /);
    expect(out.toLowerCase()).not.toMatch(/leave-in/);
    expect(howLines(task('bag'), kennel)[0]).toMatch(/^In the bag: /);
  });

  it('there is no page for a dog that is gone', () => {
    expect(pageOf(task('bath', { dogId: 'gone' as never }), KENNEL, NAMES.zone)).toBeNull();
  });

  it('the kennel’s own lines stand where it put them, for the dogs it meant', () => {
    const lines = [
      { step: 'nails', line: 'own-1', of: 'dog', which: dog.id, text: 'Feet on the blue mat.', after: '' },
    ];
    const own = { ...methods({}), lines } as unknown as Methods;
    expect(howLines(task('nails'), KENNEL, own)[0]).toBe('Feet on the blue mat.');
    const other = KENNEL.dogs.find((d) => d.id !== dog.id);
    expect(howLines(task('nails', { dogId: other?.id as never }), KENNEL, own).join(' ')).not.toContain('blue mat');
  });
});
