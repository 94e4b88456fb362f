/*
 * Steps that only one side of a school asks for.
 */
import type { ProgramStep } from '@loyal-mane/core';
import { WET, aimDay, dayEnd, dayStart, prep, within } from './programSteps.js';

/** A bath between show days, for coats that are washed each day. */
export const BATH_BETWEEN: readonly ProgramStep[] = betweenBath();

/** Washed and dried again on the evening between two show days, where the site has a tub. */
function betweenBath(): readonly ProgramStep[] {
  const evening = within({ of: 'ring', min: -20 * 60 }, { of: 'ring', min: -90 });
  return [
    evening('bath', 'bath', { aim: { of: 'latest' }, anchor: true }),
    evening('towel', 'towel', { lag: [0, 0] }),
    evening('heatDry', 'heatDry', { lag: WET }),
    evening('combThrough', 'combThrough', { lag: [0, 30] }),
  ];
}

/** Glands emptied by trained hands, at once before a bath. */
export const GLANDS_STEP: ProgramStep = prep('glands', 'glands');

/** Mats that are worked after the air of an early bath, where that bath is still to come. */
export const MATS_AT_EARLY_BATH: ProgramStep = within(
  dayStart(-7),
  dayEnd(-3),
  false,
  true,
)('knots', 'knots', {
  times: 'mats',
  when: ['hasMats'],
});

/** Tangles kept for body come out within two days of the show. */
export const TANGLES_OUT: ProgramStep = within({ of: 'ring', min: 15 }, { of: 'ringDay', day: 2, at: 'end' })(
  'knots',
  'knots',
  { when: ['lastShowDay'] },
);

/** Full brush-out in place of the dry blow-out, and the other way round. */
export const BRUSH_OUT_STEP: ProgramStep = prep('brushOut1', 'brushOut', { aim: aimDay(-2), anchor: true });
/** A light blow-out that one school has before the bath. */
export const LIGHT_BLOW_OUT_STEP: ProgramStep = prep('blowOut', 'blowOutLight', { aim: aimDay(-2), anchor: true });
