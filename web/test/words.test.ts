/* Small words and small shapes that many rooms use. */
import { addDays, wallToMs } from '@loyal-mane/core';
import type { CountdownRow, KennelFile, LocalDay, WallTime } from '@loyal-mane/core';
import { monthDay } from '@loyal-mane/library/words';
import { BREED_ROWS } from '@loyal-mane/library';
import type { MethodsBody } from '../src/api/commands';
import { countWords } from '../src/parts/countWords';
import { nightsOf } from '../src/rooms/countdown/nights';
import { alsoWords, byWords, stateWords } from '../src/rooms/countdown/rowWords';
import { breedViews, draftOf } from '../src/rooms/methods/breedView';
import { sameMethods } from '../src/rooms/methods/useMethodsDraft';
import { kennelAnswer } from '../src/rooms/kennel/kennelAnswer';
import { DAWN_MS, FILE, KENNEL, NAMES } from './world';

const HOUR_MS = 3_600_000;
const today = FILE.startDay;

describe('counts and days', () => {
  it.each([
    [0, '0 dogs'],
    [1, '1 dog'],
    [12, '12 dogs'],
  ])('%d', (n, words) => expect(countWords(n, 'dog')).toBe(words));

  it.each([
    ['2026-06-07', '7 Jun'],
    ['2026-12-31', '31 Dec'],
  ])('%s', (day, words) => expect(monthDay(day)).toBe(words));
});

describe('beside a strand', () => {
  const at = (day: LocalDay, time: string): number => wallToMs(day, time as WallTime, NAMES.zone);
  const row = (more: object): CountdownRow =>
    ({ also: [], problem: null, broken: [], without: [], isPlanned: true, spareMs: null, ...more }) as never;

  it('stands until when to decide: now, today, tomorrow, a day', () => {
    const now = at(today, '10:00');
    expect(byWords(now, now, NAMES)).toBe('now');
    expect(byWords(at(today, '17:30'), now, NAMES)).toBe('today, by 17:30');
    expect(byWords(at(addDays(today, 1), '08:00'), now, NAMES)).toBe('tomorrow, by 08:00');
    expect(byWords(at(addDays(today, 3), '08:00'), now, NAMES)).toMatch(/^by Saturday .*08:00$/);
  });

  it('stand the dog’s other days of the circuit, and what it lacks or has to spare', () => {
    expect(alsoWords(row({}))).toBe('');
    const also = [{ day: addDays(today, 3) }, { day: addDays(today, 4) }];
    expect(alsoWords(row({ also }))).toBe(', +Sat, Sun');
    expect(stateWords(row({ isPlanned: false }), NAMES, '')).toBe('not planned yet');
    expect(stateWords(row({}), NAMES, '')).toBe('all done');
    expect(stateWords(row({ without: ['roughTrim'] }), NAMES, '')).toBe('all done, without rough trim');
    expect(stateWords(row({ without: ['roughTrim'] }), NAMES, 'hock short')).toBe(
      'all done, without rough trim, hock short',
    );
    expect(stateWords(row({ broken: [{}] }), NAMES, '')).toBe('plan no longer holds');
    expect(stateWords(row({ spareMs: 2 * HOUR_MS }), NAMES, '')).toMatch(/2 h/);
  });
});

describe('nights', () => {
  it('are the hours between the last shift of a day and the first of the next', () => {
    const nights = nightsOf(KENNEL, today);
    expect(nights.length).toBeGreaterThan(50);
    const night = nights.find((n) => n.fromMs > DAWN_MS);
    const ends = FILE.shifts.filter((s) => s.day === today).map((s) => wallToMs(s.day, s.end, NAMES.zone));
    expect(night?.fromMs).toBe(Math.max(...ends));
    for (const n of nights) expect(n.toMs).toBeGreaterThan(n.fromMs);
  });

  it('are from eight to six where nobody has a shift', () => {
    const [first] = nightsOf({ ...KENNEL, shifts: [] }, today);
    expect(((first?.toMs ?? 0) - (first?.fromMs ?? 0)) / HOUR_MS).toBe(10);
  });
});

describe('the kennel room’s answer', () => {
  it('says who works today and what is closed', () => {
    expect(kennelAnswer(FILE, today)).toMatch(/^6 of 6 work today; closed: /);
    const [person] = FILE.people;
    const absences = [{ id: 'a', personId: person?.id, day: today, reason: 'ill' }];
    expect(kennelAnswer({ ...FILE, absences } as unknown as KennelFile, today)).toMatch(/^5 of 6/);
    const stations = FILE.stations.map((s) => ({ ...s, closures: [] }));
    expect(kennelAnswer({ ...FILE, stations }, today)).toBe('6 of 6 work today, and everything is open.');
  });

  it('says what to begin with in an empty kennel', () => {
    expect(kennelAnswer({ ...FILE, shifts: [] }, today)).toBe('Nobody has a shift yet.');
    expect(kennelAnswer({ ...FILE, shifts: [], people: [] }, today)).toBe('Begin with the people and their shifts.');
  });
});

describe('breeds as the page shows them', () => {
  const shipped = breedViews({ breeds: [] });

  it('are all rows by name, with sizes from memory to be verified', () => {
    expect(shipped).toHaveLength(BREED_ROWS.length);
    expect(shipped.map((b) => b.name)).toEqual([...shipped.map((b) => b.name)].sort((x, y) => x.localeCompare(y)));
    for (const b of shipped) expect(b.foot).toMatch(/from memory.*verify with your registry/);
  });

  it('become a draft of the kennel’s own row that keeps what the library knows', () => {
    for (const view of shipped) {
      const row = BREED_ROWS.find((b) => b.name === view.name);
      const draft = draftOf(view);
      expect(draft).toMatchObject({
        name: row?.name,
        coat: row?.coat,
        trimMap: row?.trimMap,
        typicalKg: row?.typicalKg,
      });
      expect(draft.lengthToHeight).toBeGreaterThanOrEqual(row?.lengthToHeight[0] ?? 0);
      expect(draft.lengthToHeight).toBeLessThanOrEqual((row?.lengthToHeight[1] ?? 9) + 0.005);
    }
  });

  it('are the kennel’s own where it has one of that name', () => {
    const [first] = shipped;
    if (first === undefined) throw new Error('no breed');
    const facts = { ...draftOf(first), typicalKg: 99 };
    const breeds = [{ name: first.name, version: 4, facts }] as never;
    const mine = breedViews({ breeds }).filter((b) => b.name === first.name);
    expect(mine).toHaveLength(1);
    expect(mine[0]?.own).toMatchObject({ version: 4, breed: { typicalKg: 99 } });
    expect(mine[0]?.lines).toContainEqual(['Weight', 'about 99 kg']);
    expect(draftOf(mine[0] ?? first)).toBe(facts);
  });
});

describe('two sets of decisions', () => {
  const body = (more: Partial<MethodsBody>): MethodsBody => ({
    schools: {},
    steps: [],
    intervals: [],
    lines: [],
    products: [],
    ...more,
  });

  it('are the same in whatever order they were made', () => {
    const step = { coat: 'drop', part: 'preparation', step: 'bath', nth: 1, plusMin: 5 } as never;
    const turned = { plusMin: 5, nth: 1, step: 'bath', part: 'preparation', coat: 'drop' } as never;
    const other = { coat: 'wire', part: 'preparation', step: 'bath', nth: 1, plusMin: 5 } as never;
    expect(
      sameMethods(body({ schools: { gate: 'a', glands: 'b' } }), body({ schools: { glands: 'b', gate: 'a' } })),
    ).toBe(true);
    expect(sameMethods(body({ steps: [step, other] }), body({ steps: [other, turned] }))).toBe(true);
    expect(sameMethods(body({ steps: [step] }), body({ steps: [other] }))).toBe(false);
    expect(sameMethods(body({ schools: { gate: 'a' } }), body({}))).toBe(false);
  });
});
