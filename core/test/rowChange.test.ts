/* Changes of rows as data, what goes with a row that is removed, and ring times by place in the ring. */
import type { KennelFile, KennelRow, RowChange, WallTime } from '../src/index.js';
import {
  KENNEL_LISTS,
  applyChanges,
  changedFields,
  fitChange,
  inverseOf,
  removalOf,
  ringTimeAt,
  rowsOf,
  sameValue,
} from '../src/index.js';

const row = (fields: object): KennelRow => ({ id: 'x', ...fields });
const change = (from: KennelRow | null, to: KennelRow | null): RowChange => ({ list: 'dogs', id: 'x', from, to });

describe('fitting a change to what others did', () => {
  it('fields that only one side changed go together', () => {
    const fit = fitChange(change(row({ a: 1, b: 1, c: 1 }), row({ a: 2, b: 1 })), row({ a: 1, b: 5, c: 1 }));
    expect(fit).toEqual({ ok: true, change: change(row({ a: 1, b: 5, c: 1 }), row({ a: 2, b: 5 })) });
  });
  it('a field that both changed differently is named; the same change twice is one', () => {
    expect(fitChange(change(row({ a: 1 }), row({ a: 2 })), row({ a: 3 }))).toMatchObject({ ok: false, fields: ['a'] });
    expect(fitChange(change(row({ a: 1 }), row({ a: 2 })), row({ a: 2 })).ok).toBe(true);
  });
  it('a row that is gone, one that is there already, and one that changed before it is removed', () => {
    expect(fitChange(change(row({ a: 1 }), row({ a: 2 })), null)).toMatchObject({ ok: false, current: null });
    expect(fitChange(change(null, row({ a: 1 })), row({ a: 2 })).ok).toBe(false);
    expect(fitChange(change(null, row({ a: 1 })), row({ a: 1 })).ok).toBe(true);
    expect(fitChange(change(row({ a: 1 }), null), row({ a: 2 })).ok).toBe(false);
  });
});

it('values are the same whatever the order of their fields', () => {
  expect(sameValue({ a: [1, { b: 2 }], c: undefined }, { a: [1, { b: 2 }] })).toBe(true);
  expect(sameValue([1, 2], [2, 1])).toBe(false);
  expect(sameValue([], {})).toBe(false);
  expect(changedFields(row({ a: 1, b: 2 }), row({ b: 3 }))).toEqual(['a', 'b']);
});

describe('changes of a kennel', () => {
  const kennel = {
    name: 'Tiny',
    settings: { timeZone: 'UTC', clock: '24h' },
    sites: [{ id: 's1', name: 'Home' }],
    circuits: [{ id: 'c1', siteId: 's1' }],
    stations: [{ id: 't1', name: 'Tub', siteId: 's1', circuitId: 'c1' }],
    people: [{ id: 'p1', name: 'A' }],
    shifts: [{ id: 'h1', personId: 'p1' }],
    absences: [{ id: 'a1', personId: 'p1' }],
    owners: [{ id: 'o1', name: 'O' }],
    dogs: [{ id: 'd1', name: 'D', ownerId: 'o1' }],
    transports: [{ id: 'v1', people: ['p1'], dogs: ['d1'] }],
    shows: [{ id: 'w1', name: 'W', siteId: 's1' }],
    rings: [{ id: 'r1', showId: 'w1' }],
    entries: [{ id: 'e1', dogId: 'd1', showId: 'w1', ringId: 'r1', handlerId: 'p1' }],
    work: [],
  } as unknown as KennelFile;

  it('taken back give the kennel again, every list alike', () => {
    for (const list of KENNEL_LISTS) {
      const [first] = rowsOf(kennel, list);
      if (first === undefined) continue;
      const changes: RowChange[] = [{ list, id: first.id, from: first, to: { ...first, name: 'Other' } }];
      const changed = applyChanges(kennel, changes);
      expect(rowsOf(changed, list)[0]?.['name']).toBe('Other');
      expect(applyChanges(changed, inverseOf(changes))).toEqual(kennel);
    }
  });

  it('a removal takes with it what cannot be without it, and leaves no id that points nowhere', () => {
    for (const list of ['people', 'dogs', 'shows', 'rings', 'owners', 'circuits'] as const) {
      for (const { id } of rowsOf(kennel, list)) {
        const rest = applyChanges(kennel, removalOf(kennel, list, id));
        const { work, pins, ...others } = rest;
        expect(JSON.stringify(others)).not.toContain(id);
        expect(work).toBe(kennel.work);
        expect(pins).toBe(kennel.pins);
      }
    }
    expect(removalOf(kennel, 'dogs', 'nobody')).toEqual([]);
  });
});

it('50 dogs from 08:30 at 25 an hour end at 10:30 (scheduling convention of all-breed shows)', () => {
  expect(ringTimeAt('08:30' as WallTime, 1, 25)).toBe('08:30');
  expect(ringTimeAt('08:30' as WallTime, 51, 25)).toBe('10:30');
  expect(ringTimeAt('08:30' as WallTime, 2, 25)).toBe('08:32');
  expect(ringTimeAt('08:30' as WallTime, 0, 25)).toBeNull();
  expect(ringTimeAt('23:50' as WallTime, 20, 25)).toBeNull();
});
