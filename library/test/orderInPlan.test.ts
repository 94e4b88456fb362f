/* The order of work read from plans: one dog of each coat, alone with a crew that has time. Common practice (CP-40). */
import { instantToMs, localDayOf, wallToMs } from '@loyal-mane/core';
import type { KennelDog, KennelFile, PlannedActivity, StepId, WallTime } from '@loyal-mane/core';
import { COAT_BREEDS } from './kennels/coatBreeds.js';
import { kennelOf } from './kennels/kennelOf.js';
import { TWO_PEOPLE } from './kennels/plots.js';
import { sharedPlan } from './sharedPlan.js';

const RINGS = [[0, 0, '12:10', 0]] as const;
/** Work of scissors, thinners and clippers on the outline; pads, nails, vent and whiskers are none of it. */
const BLADES: readonly StepId[] = ['roughTrim', 'naturalTrim', 'fineTrim', 'upperEars', 'ears', 'throat', 'shapeTrim'];
const NIGHT_MS = 36 * 3_600_000;

function kennelWith(breed: string, more: Partial<KennelDog> = {}): KennelFile {
  return kennelOf({ ...TWO_PEOPLE, dogs: [{ dog: 'Marl', breed, weightKg: 14, rings: RINGS, more }] });
}

/** All work of the kennel's one dog, in order of time. */
function workOf(kennel: KennelFile): readonly PlannedActivity[] {
  const nowMs = wallToMs(kennel.startDay, '06:00' as WallTime, kennel.settings.timeZone);
  const plan = sharedPlan(kennel, { nowMs, rounds: 0 });
  expect(plan.unplaced.filter((u) => u.kind === 'show')).toEqual([]);
  return [...plan.activities].sort((x, y) => x.start.localeCompare(y.start));
}

const dayOf = (kennel: KennelFile, a: PlannedActivity): string =>
  localDayOf(instantToMs(a.start), kennel.settings.timeZone);

it.each(COAT_BREEDS.filter((breed) => breed !== 'Dalmatian'))(
  '%s: every blade meets a coat that was dried at most a night before, combed and tested on its day',
  (breed) => {
    const kennel = kennelWith(breed);
    const work = workOf(kennel);
    const cuts = work.filter((a) => BLADES.includes(a.step));
    // A Bearded Collie keeps its outline: nothing of it is cut (A8), so nothing of it is looked for here.
    expect(cuts.length > 0).toBe(breed !== 'Bearded Collie');
    for (const cut of cuts) {
      const before = work.filter((a) => a.start < cut.start);
      const dried = before.filter((a) => a.step === 'heatDry' || a.step === 'towelRelease').at(-1);
      expect([cut.step, dried === undefined]).toEqual([cut.step, false]);
      expect(instantToMs(cut.start) - instantToMs(dried?.end ?? cut.start)).toBeLessThanOrEqual(NIGHT_MS);
      const today = new Set(before.filter((a) => dayOf(kennel, a) === dayOf(kennel, cut)).map((a) => a.step));
      expect([cut.step, today.has('dryCheck'), today.has('combThrough')]).toEqual([cut.step, true, true]);
    }
  },
);

it('a natural heavy coat gets no rough and no fine trim of its outline, and nothing that teases in its bag', () => {
  const steps = new Set(workOf(kennelWith('Bearded Collie')).map((a) => a.step));
  for (const none of ['roughTrim', 'fineTrim', 'naturalTrim'] as const) expect(steps.has(none)).toBe(false);
  for (const some of ['bathWhites', 'lineBrush', 'clip', 'nails'] as const)
    expect([some, steps.has(some)]).toEqual([some, true]);
});

it('a smooth dog is trimmed, skirt and tufts before whiskers, then bathed, then shown', () => {
  const work = workOf(kennelWith('Dalmatian', { bathSkippedWhenClean: false }));
  const at = (step: StepId): string => work.find((a) => a.step === step && a.kind === 'show')?.start ?? '';
  const order = (['fineTrim', 'whiskers', 'bath', 'towel', 'outlineCheck', 'finish', 'ring'] as const).map(at);
  expect(order.every((start) => start !== '')).toBe(true);
  expect(order).toEqual([...order].sort());
});

it('a day that brushes the coat through has no keep-up brushing, and none that looks over it anyway an inspection', () => {
  const kennel = kennelWith('Samoyed', { lastBrush: '2026-09-01' as never });
  const work = workOf(kennel);
  const through = new Set(
    work.filter((a) => ['brushOut1', 'blowOut', 'lineBrush'].includes(a.step)).map((a) => dayOf(kennel, a)),
  );
  expect(through.size).toBeGreaterThan(0);
  const keepUp = work.filter((a) => a.kind === 'keepUp' && (a.step === 'keepUpBrush' || a.step === 'inspection'));
  expect(keepUp.length).toBeGreaterThan(0);
  expect(keepUp.filter((a) => through.has(dayOf(kennel, a)))).toEqual([]);
});
