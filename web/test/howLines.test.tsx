/* Lines that a task shows beside its own: what belongs to this dog, this kennel, and whoever does it. */
import type { PlannedActivity, StepId } from '@loyal-mane/core';
import { METHODS, SCHOOL_WORDS } from '@loyal-mane/library/words';
import type { Kennel, Methods } from '../src/api/queries';
import { howLines } from '../src/parts/howLines';
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

const route = (side: 'a' | 'b'): string => {
  const { question } = SCHOOL_WORDS.brushingRoute;
  const { name } = SCHOOL_WORDS.brushingRoute[side];
  return `${question}: ${name.charAt(0).toLowerCase()}${name.slice(1)}.`;
};

describe('the route of the brush', () => {
  const told = (kennel: Kennel, m: Methods) => howLines(task('lineBrush'), kennel, NAMES, m);

  it('is the one of whoever brushes, else the kennel’s, and not told where nobody decided it', () => {
    expect(told(kennelWith({}), methods({})).join(' ')).not.toContain(SCHOOL_WORDS.brushingRoute.question);
    expect(told(kennelWith({}), methods({ brushingRoute: 'a' }))).toContain(route('a'));
    expect(told(kennelWith({}, { brushingRoute: 'b' }), methods({ brushingRoute: 'a' }))).toContain(route('b'));
    expect(told(kennelWith({}, { brushingRoute: 'b' }), methods({}))).toContain(route('b'));
  });

  it('is the dog’s own before everybody’s, and told at brushing only', () => {
    const kennel = kennelWith({}, { brushingRoute: 'b' });
    expect(told(kennel, methods({}, { brushingRoute: 'a' }))).toContain(route('a'));
    expect(howLines(task('bath'), kennel, NAMES, methods({}))).not.toContain(route('b'));
    expect(howLines(task('lineBrush', { people: [] }), kennel, NAMES, methods({}))).not.toContain(route('b'));
  });
});

describe('which side comes first', () => {
  const line = (step: StepId, record: object = {}, m: Methods = methods({})): string | undefined =>
    howLines(task(step), kennelWith(record), NAMES, m).find((l) => l.includes(' side first'));
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
    const [locked, ...how] = howLines(task('naturalTrim'), kennelWith({ locked: ['hock'] }), NAMES);
    expect(locked).toBe('Locked, go around it: hock.');
    expect(how).toEqual(expect.arrayContaining([...METHODS.naturalTrim.how]));
    expect(howLines(task('dryCheck'), kennelWith({ locked: ['hock'] }), NAMES)).toEqual(METHODS.dryCheck.how);
  });

  it('name the products of this bath by its purpose', () => {
    const kennel = kennelWith({ colors: [{ zone: 'hock', color: 'white' }], uses: [], states: [] });
    const [show] = howLines(task('bath'), kennel, NAMES);
    expect(show).toMatch(/Whitening wash, hock/);
    const [home] = howLines(task('bath', { kind: 'keepUp' }), kennel, NAMES);
    expect(home).not.toMatch(/Whitening/);
    expect(howLines(task('condition', { kind: 'keepUp' }), kennel, NAMES)[0]).toMatch(/^Rich conditioner/);
    expect(howLines(task('bathWhites'), kennel, NAMES)[0]).toBe('White on this dog: hock.');
  });

  it('keep the finishing recipe in its order, and name afterwards what has to come out', () => {
    const recipe = [
      { product: 'leaveIn', zones: [] },
      { product: 'foam', zones: ['hock', 'stifle'] },
      { product: 'liftSpray', zones: [] },
    ];
    const kennel = kennelWith({ recipe });
    const [finish = ''] = howLines(task('finish'), kennel, NAMES);
    expect(finish).toMatch(/^Recipe, in order: /);
    const places = ['leave-in', 'hock', 'lift'].map((word) => finish.toLowerCase().indexOf(word));
    expect(places).toEqual([...places].sort((x, y) => x - y));
    expect(places[0]).toBeGreaterThan(0);
    const [out = ''] = howLines(task('takedown'), kennel, NAMES);
    expect(out).toMatch(/^Out: /);
    expect(out.toLowerCase()).not.toMatch(/leave-in/);
    expect(howLines(task('bag'), kennel, NAMES)[0]).toMatch(/^In the bag: /);
  });

  it('are none for a dog that is gone: the step’s own lines still hold', () => {
    expect(howLines(task('bath', { dogId: 'gone' as never }), KENNEL, NAMES)).toEqual(METHODS.bath.how);
  });
});
