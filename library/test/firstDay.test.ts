/* A kennel's first day: valid, plannable with nothing in it, and ready to be filled by changes. */
import { applyChanges, planKennel, removalOf, wallToMs } from '@loyal-mane/core';
import type { KennelRow, LocalDay, RowChange, WallTime } from '@loyal-mane/core';
import { CARE_LIBRARY, PLAIN_DOG, emptyKennel } from '../src/index.js';
import { changeIssues, readKennel } from '../src/reader/index.js';
import { issueWords, namesOf, rowAtWords, trailWords, whyNotWords } from '../src/words/index.js';

let next = 0;
const newId = (): string => `00000000-0000-7000-8000-${String(++next).padStart(12, '0')}`;
const today = '2026-07-01' as LocalDay;
const kennel = emptyKennel({ name: 'Fern', timeZone: 'Europe/Oslo', today, newId });
const added = (list: RowChange['list'], fields: object): RowChange => {
  const id = newId();
  return { list, id, from: null, to: { id, ...fields } };
};
const told = (...changes: RowChange[]): string[] =>
  changeIssues(kennel, changes, CARE_LIBRARY, today).map((i) => `${i.path}: ${issueWords(i)}`);
const dog = (fields: object): RowChange =>
  added('dogs', {
    ...PLAIN_DOG,
    name: 'Larkin',
    breed: 'Keeshond',
    sex: 'bitch',
    born: '2024-03-04',
    weightKg: 19,
    ...fields,
  });

it('is read and planned although it is empty', () => {
  expect(readKennel(JSON.stringify(kennel), CARE_LIBRARY)).toMatchObject({ ok: true });
  const nowMs = wallToMs(today, '08:00' as WallTime, 'Europe/Oslo');
  const plan = planKennel(kennel, CARE_LIBRARY, { nowMs, odds: true, bound: true });
  expect([plan.activities, plan.unplaced]).toEqual([[], []]);
});

it('dogs without anybody at work are told to have no place, and no single change is promised to help', () => {
  const dogs = Array.from({ length: 6 }, (_, k) => dog({ name: `Dog ${String(k)}` }));
  const withDogs = applyChanges(kennel, [
    ...dogs,
    added('stations', { siteId: kennel.sites[0]?.id, kind: 'table', name: 'Table', closures: [] }),
  ]);
  const nowMs = wallToMs(today, '08:00' as WallTime, 'Europe/Oslo');
  const plan = planKennel(withDogs, CARE_LIBRARY, { nowMs, rounds: 2 });
  expect(plan.activities).toEqual([]);
  expect(plan.unplaced.length).toBeGreaterThan(12);
  const [first] = plan.unplaced;
  if (first === undefined) throw new Error('all have a place');
  expect(whyNotWords(first, namesOf(withDogs))).toMatch(
    /: nobody with the skill is on shift where Dog \d is on \w+ \d+\.$/,
  );
  expect(plan.unplaced.every((u) => u.reason.remedies.length === 0)).toBe(true);
});

it('takes a first dog before there is anybody for every step of it', () => {
  expect(told(dog({}))).toEqual([]);
  const noSkills = { ...kennel, people: kennel.people.map((p) => ({ ...p, skills: [] })) };
  expect(changeIssues(noSkills, [dog({})], CARE_LIBRARY, today)).toEqual([]);
});

it.each([
  [{ weightKg: 0 }, 'changes[0].weightKg: must be at least 0.5'],
  [{ weightKg: 500 }, 'changes[0].weightKg: must be at most 120'],
  [{ born: '2027-01-01' }, 'changes[0].born: 2027-01-01 is later than today, 2026-07-01'],
  [{ born: 'spring' }, 'changes[0].born: must be a day such as 2026-07-04'],
  [{ microchip: '12' }, 'changes[0].microchip: must be 15 digits'],
  [{ name: '' }, 'changes[0].name: is empty'],
  [{ weightKg: 'heavy' }, 'changes[0].weightKg: must be a number'],
  [{ leashed: true }, 'changes[0].leashed: is not a field of a kennel file'],
])('a dog with %j is told what is wrong', (fields, words) => {
  expect(told(dog(fields))).toEqual([words]);
});

// ISO 11784: three digits of a country (ISO 3166 numeric, up to 894) or a maker (900 to 998), 999 for tests.
it.each([
  ['578000000000001', true],
  ['985000000000001', true],
  ['999000000000001', true],
  ['000000000000001', false],
  ['896000000000001', false],
])('microchip %s is %s', (microchip, good) => {
  expect(told(dog({ microchip })).length === 0).toBe(good);
});

it('two dogs do not share a chip; the last lead stays; what was wrong before is not told again', () => {
  const chip = { microchip: '999000000000001' };
  expect(told(dog(chip), dog({ ...chip, name: 'Wren' }))).toEqual([
    'changes[1].microchip: is the microchip of Larkin too',
  ]);
  const lead = kennel.people[0]!;
  expect(told(...removalOf(kennel, 'people', lead.id))).toEqual([
    'people: at least one person must have the role "lead"',
  ]);
  const broken = { ...kennel, sites: [] };
  expect(changeIssues(broken, [added('owners', { name: 'E. Moor', contact: '' })], CARE_LIBRARY, today)).toEqual([]);
});

it('words what was changed', () => {
  const change = dog({});
  const to = { ...(change.to as KennelRow), weightKg: 20, coatChange: true };
  const line = (rows: RowChange[], kind = 'kennel.changed', subject = '') =>
    trailWords({ kind, subject, rows, count: rows.length }, kennel);
  expect(line([change])).toBe('added dog Larkin');
  expect(line([{ ...change, from: change.to, to }])).toBe(
    'changed dog Larkin: coat change no to yes, weight kg 19 to 20',
  );
  expect(line([{ ...change, from: change.to, to: null }], 'kennel.undone')).toBe('took back: removed dog Larkin');
  const shift = added('shifts', { personId: kennel.people[0]?.id, day: today });
  expect(line([shift, shift])).toBe('added shift of Lead on 1 Jul, and 1 more');
  const own = { ...kennel, dogs: [to as never] };
  const task = (kind: string, subject: string) => trailWords({ kind, subject, rows: [], count: 0 }, own);
  expect(task('task.finishCoat', `k:${change.id}:bath:2026-07-01:bath:1:1`)).toBe('finished Larkin, bath');
  expect(task('task.start', 'k:gone:bath:2026-07-01:bath:1:1')).toBe('started a dog, bath');
  const marks = (from: object, after: object): string =>
    trailWords(
      {
        kind: 'dog.marks',
        rows: [{ list: 'dogs', id: change.id, from: { ...to, ...from }, to: { ...to, ...after } }],
        count: 1,
      },
      own,
    );
  const mat = { zone: 'behindEar', side: 'left', tightness: 'tight' };
  expect(marks({}, { mats: [mat] })).toBe('marked Larkin: tight mat behind the ear (left)');
  expect(marks({ mats: [mat], soiled: ['belly'] }, { soiled: ['belly'] })).toBe(
    'marked Larkin: no longer: tight mat behind the ear (left)',
  );
  expect(marks({}, {})).toBe('looked at Larkin');
});

it('names the row that a complaint is about', () => {
  expect(rowAtWords('people[0].skills', kennel)).toBe(`Person ${kennel.people[0]?.name ?? ''}`);
  expect(rowAtWords('people[99].skills', kennel)).toBeNull();
  expect(rowAtWords('settings.timeZone', kennel)).toBeNull();
  expect(rowAtWords('nothing[0]', kennel)).toBeNull();
});
