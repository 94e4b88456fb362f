/* The inspection walk: one look a day, missed days told, unusual things followed until closed; products that a finish notes. */
import {
  isLookDue,
  lastLooked,
  missedDays,
  openObservations,
  withInspected,
  withLook,
  withObservation,
  withObservationClosed,
  withUses,
  withoutUses,
} from '@loyal-mane/core';
import type { DogId, Instant, KennelDog, LocalDay, Observation, PersonId, WorkRecord } from '@loyal-mane/core';

const day = (n: number): LocalDay => `2026-06-${String(n).padStart(2, '0')}` as LocalDay;
const ZONE = 'Europe/Oslo';
type KennelPart = Pick<KennelDog, 'inspected' | 'observations'>;
const id = 'dog' as DogId;
const pia = 'pia' as PersonId;
const done = (step: WorkRecord['step'], at: string, more: Partial<WorkRecord> = {}): WorkRecord => ({
  ...{ taskKey: `${step} ${at}` as WorkRecord['taskKey'], dogId: id, step, state: 'done', workedMs: 180_000 },
  finishedAt: at as Instant,
  ...more,
});
const found = (n: number, more: Partial<Observation> = {}): Observation => ({
  ...{ id: `found-${String(n)}-`.padEnd(8, 'x'), day: day(1), point: 'skin', zones: ['flank'], severity: 'watch' },
  ...more,
});

describe('a look at a dog', () => {
  it('is its inspection, planned or noted, or work whose hands go over the whole coat', () => {
    const dog = { id, inspected: [{ day: day(3) }] };
    expect(lastLooked(dog, [], ZONE)).toBe(day(3));
    expect(lastLooked(dog, [done('lineBrush', '2026-06-05T10:00:00Z')], ZONE)).toBe(day(5));
    // Half past eleven at night in London is the next day in Oslo.
    expect(lastLooked(dog, [done('inspection', '2026-06-05T22:30:00Z')], ZONE)).toBe(day(6));
    const others = [
      done('nails', '2026-06-09T10:00:00Z'),
      done('inspection', '2026-06-09T10:00:00Z', { state: 'skipped' }),
      done('inspection', '2026-06-09T10:00:00Z', { dogId: 'other' as DogId }),
    ];
    expect(lastLooked(dog, others, ZONE)).toBe(day(3));
    expect(lastLooked({ id }, [], ZONE)).toBeNull();
  });

  it('is noted once a day, by whoever looked last', () => {
    const twice = withInspected(withInspected<KennelPart>({}, day(4), null), day(4), pia);
    expect(twice.inspected).toEqual([{ day: day(4), by: pia }]);
  });

  it('missed before today is told, a week back at most, and only of days on which the dog was here', () => {
    const dog = { id, inspected: [{ day: day(3) }] };
    expect(missedDays(dog, [], ZONE, day(4))).toEqual([]);
    expect(missedDays(dog, [], ZONE, day(6))).toEqual([day(4), day(5)]);
    expect(missedDays(dog, [], ZONE, day(30))).toHaveLength(7);
    const stays: NonNullable<KennelDog['stays']> = [{ from: day(1), until: day(3) }, { from: day(5) }];
    expect(missedDays({ ...dog, stays }, [], ZONE, day(6))).toEqual([day(5)]);
    expect(missedDays({ id }, [], ZONE, day(6))).toEqual([]);
    expect(missedDays(dog, [done('inspection', '2026-06-05T10:00:00Z')], ZONE, day(6))).toEqual([]);
  });
});

describe('something unusual', () => {
  it('is followed until it is closed, the most urgent first', () => {
    let dog = withObservation<KennelPart>({}, found(1));
    dog = withObservation(dog, found(2, { severity: 'now', point: 'eyes' }));
    expect(withObservation(dog, found(2))).toBe(dog);
    expect(openObservations(dog).map((o) => o.point)).toEqual(['eyes', 'skin']);
    const closed = withObservationClosed(dog, found(1).id, day(9));
    expect(openObservations(closed ?? {}).map((o) => o.point)).toEqual(['eyes']);
    expect(closed?.observations).toHaveLength(2);
    expect(withObservationClosed(closed ?? {}, found(1).id, day(9))).toBeNull();
    expect(withLook(closed ?? {}, 'nothing', { day: day(9), course: 'same' })).toBeNull();
  });

  it('wants a look again after its days, daily once it got worse', () => {
    const skin = found(1);
    expect([day(2), day(3), day(4)].map((d) => isLookDue(skin, d))).toEqual([false, false, true]);
    expect(isLookDue(found(1, { severity: 'now' }), day(2))).toBe(true);
    const looked = withLook({ observations: [skin] }, skin.id, { day: day(4), course: 'worse', by: pia });
    const [worse] = openObservations(looked ?? {});
    expect(worse?.looks).toEqual([{ day: day(4), course: 'worse', by: pia }]);
    expect(isLookDue(worse ?? skin, day(4))).toBe(false);
    expect(isLookDue(worse ?? skin, day(5))).toBe(true);
  });

  it('of more than a hundred the oldest closed one goes, never an open one while a closed one is there', () => {
    const many = Array.from({ length: 100 }, (_, k) => found(k, k === 40 ? { closedOn: day(2) } : {}));
    const next = withObservation({ observations: many }, found(100));
    expect(next.observations).toHaveLength(100);
    expect(next.observations.some((o) => o.id === found(40).id)).toBe(false);
    expect(next.observations.at(-1)?.id).toBe(found(100).id);
  });
});

describe('products that a finish notes', () => {
  const wash = { day: day(5), product: 'cleansingWash', scope: 'whole' } as const;
  const clarify = { day: day(5), product: 'clarifyingWash', scope: 'whole' } as const;

  it('are added, and a clarifying wash takes build-up away', () => {
    expect(withUses({ buildUp: true }, [wash])).toEqual({ buildUp: true, uses: [wash] });
    expect(withUses({ buildUp: true }, [clarify])).toEqual({ buildUp: false, uses: [clarify] });
    const none = {};
    expect(withUses(none, [])).toBe(none);
  });

  it('go back with an undo, each once, the newest first, and build-up comes back with them', () => {
    const white = { day: day(5), product: 'whiteningWash', scope: 'zones', zones: ['muzzle'] } as const;
    const before: Pick<KennelDog, 'uses' | 'buildUp'> = { buildUp: true, uses: [wash] };
    const used = [wash, clarify, { ...white, zones: [...white.zones] }];
    expect(withoutUses(withUses(before, used), used, true)).toEqual(before);
    expect(withoutUses({ uses: [] }, [wash], false)).toEqual({ uses: [] });
  });
});
