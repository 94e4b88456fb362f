/* Every side of every school, for a dog of each coat it is asked of: its work has room before a show, and nothing is late. */
import { chooseSides, planKennel, wallToMs } from '@loyal-mane/core';
import type { KennelDog, KennelFile, LocalDay, WallTime } from '@loyal-mane/core';
import { CARE_LIBRARY, SCHOOLS } from '../src/index.js';
import { COAT_BREEDS } from './kennels/coatBreeds.js';
import { kennelOf } from './kennels/kennelOf.js';
import { TWO_PEOPLE } from './kennels/plots.js';

/** The first day of the two weeks and more that a long preparation takes. */
const START = '2026-08-28' as LocalDay;

/** One dog, with everything that sides ask about answered so that they may be used. */
function kennelWith(breed: string, schools: NonNullable<KennelDog['schools']>): KennelFile {
  const more = { bathSkippedWhenClean: false, schools };
  const kennel = kennelOf({
    ...TWO_PEOPLE,
    startDay: START,
    trips: TWO_PEOPLE.trips.map((t) => ({ ...t, firstDay: '2026-09-12' as LocalDay })),
    dogs: [{ dog: 'Marl', breed, weightKg: 14, rings: [[0, 0, '12:10', 0]], more }],
  });
  return { ...kennel, people: kennel.people.map((p) => ({ ...p, skills: [...p.skills, 'glands', 'harshDryer'] })) };
}

describe.each(COAT_BREEDS)('%s', (breed) => {
  const coat = CARE_LIBRARY.breeds.get(breed)?.coat ?? 'double';
  const sides = SCHOOLS.filter((s) => s.coats === undefined || s.coats.includes(coat)).flatMap((s) =>
    (['a', 'b'] as const).map((side) => [s.id, side] as const),
  );

  it('has room for its work on every side that may be chosen', () => {
    const without: string[] = [];
    for (const [id, side] of sides) {
      const kennel = kennelWith(breed, { [id]: side });
      const [dog] = kennel.dogs;
      if (dog === undefined) throw new Error('no dog');
      const chosen = chooseSides(SCHOOLS, { coat, dog, kennel, isMet: () => false }).find((c) => c.school.id === id);
      if (chosen?.refused != null) continue;
      const nowMs = wallToMs(kennel.startDay, '06:00' as WallTime, kennel.settings.timeZone);
      const plan = planKennel(kennel, CARE_LIBRARY, { nowMs, rounds: 0, unasked: true });
      const out = plan.unplaced.filter((u) => u.kind === 'show').map((u) => u.step);
      if (out.length > 0) without.push(`${id} ${side} has no place: ${out.join(', ')}`);
      for (const { note } of plan.notes)
        if (note.code === 'windowGave')
          without.push(`${id} ${side} gave way: ${note.step} by ${String(note.days)} days`);
    }
    expect(without).toEqual([]);
  });
});
