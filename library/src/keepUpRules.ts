/*
 * Keep-up work between shows: what comes round in how many days, oftener in coat change, and rests around a show. Common
 * practice; every interval is a default that a kennel may change.
 */
import type { CoatClass, Condition, KeepUpRule, ProgramStep, StepId } from '@loyal-mane/core';
import type { MinutesKey } from './minutes.js';
import { WARM, WET, within } from './programSteps.js';
import type { Extra } from './programSteps.js';

/** Once in the day it falls due. */
export const due = within({ of: 'ringDay', day: 0, at: 'start' }, { of: 'ringDay', day: 0, at: 'end' });
/** Trims between shows may take some days: a dog stands for so many minutes on each. */
const TRIM_DAYS = 4;
const dueInDays = within({ of: 'ringDay', day: 0, at: 'start' }, { of: 'ringDay', day: TRIM_DAYS - 1, at: 'end' });

function daily(id: string, step: StepId, row: MinutesKey, when: readonly Condition[] = []): KeepUpRule {
  return {
    id,
    everyDays: 1,
    everyDaysInChange: 1,
    when,
    since: 'none',
    restDaysBefore: 0,
    steps: [due(step, row, { aim: { of: 'earliest' } })],
  };
}

/** Keep-up brushing every so many days, sooner in coat change. */
export function brushing(everyDays: number, everyDaysInChange = everyDays): KeepUpRule {
  return {
    id: 'brush',
    everyDays,
    everyDaysInChange,
    when: [],
    since: 'lastBrush',
    // The show's own brush-out may come three days before; coats that are brushed daily cannot wait for it.
    restDaysBefore: everyDays === 1 ? 2 : 3,
    steps: [due('keepUpBrush', 'keepUpBrush', { aim: { of: 'earliest' } })],
  };
}

/** The look over the whole coat that finds mats, damp and sore spots. */
export const inspection = daily('inspection', 'inspection', 'inspection');
/** Dressing of fringes and ends between baths. */
export const dressing: KeepUpRule = {
  ...daily('dressing', 'dressing', 'dressing', ['fringed']),
  // None from the show bath to the ring but what the show itself asks for (common practice).
  restDaysBefore: 2,
};

/** Weekly bath of long and fringed coats. The show bath replaces it in its week. */
export function keepUpBath(everyDays: number, forceDry: boolean, when: readonly Condition[] = []): KeepUpRule {
  return {
    id: 'bath',
    everyDays,
    everyDaysInChange: everyDays,
    when,
    since: 'lastBath',
    restDaysBefore: everyDays,
    steps: washed(due, forceDry),
  };
}

/** From the brush-out to the combed dry coat. */
function washed(on: typeof due, forceDry: boolean): readonly ProgramStep[] {
  return [
    on('brushOut1', 'brushOut', { aim: { of: 'earliest' } }),
    on('bath', 'bath', { lag: [0, 120] }),
    on('condition', 'condition', { lag: [0, 0] }),
    on('towel', 'towel', { lag: [0, 0] }),
    ...(forceDry ? [on('forceDry', 'forceDry', { lag: WET })] : []),
    on('heatDry', 'heatDry', { lag: forceDry ? WARM : WET }),
    on('dryCheck', 'dryCheck', { lag: [0, 15] }),
    on('combThrough', 'combThrough', { lag: [0, 30] }),
  ];
}

/** A checked dry coat is cut on the day of its check (CP-40). */
const CHECK_TO_BLADE: NonNullable<Extra['since']> = [['dryCheck', 0, 10 * 60]];

/** A trim between shows on a coat that is scissored: washed, dried, checked and combed for it, as any blade asks for. */
export function shapeOnCleanCoat(everyDays: number, restDaysBefore: number): KeepUpRule {
  const rule = trimming('shape', 'shapeTrim', 'roughTrim', everyDays, restDaysBefore, ['fromNineMonths']);
  const trim = dueInDays('shapeTrim', 'roughTrim', { since: CHECK_TO_BLADE });
  return { ...rule, covers: 'bath', steps: [...washed(dueInDays, true), trim] };
}

/** Trims that keep a coat's shape between shows. */
export function trimming(
  id: string,
  step: StepId,
  row: MinutesKey,
  everyDays: number,
  restDaysBefore: number,
  when: readonly Condition[] = [],
): KeepUpRule {
  return {
    id,
    everyDays,
    everyDaysInChange: everyDays,
    when,
    since: 'lastTrim',
    restDaysBefore,
    spreadDays: TRIM_DAYS,
    steps: [dueInDays(step, row, { aim: { of: 'earliest' } })],
  };
}

/** Hair in wraps or bands is taken down, brushed and put up again every three days (common practice: one to three). */
export const rewrap: KeepUpRule = {
  id: 'wraps',
  everyDays: 3,
  everyDaysInChange: 2,
  when: ['wrapped'],
  since: 'none',
  restDaysBefore: 1,
  steps: [due('wraps', 'wraps', { aim: { of: 'earliest' } })],
};

/** Mats that are known and no show brings out: at once, today or the next day, in every coat that mats (common practice). */
export const matsOut: KeepUpRule = {
  id: 'mats',
  everyDays: 1,
  everyDaysInChange: 1,
  when: ['hasMats'],
  since: 'none',
  restDaysBefore: 0,
  once: true,
  spreadDays: 2,
  steps: [
    within({ of: 'ringDay', day: 0, at: 'start' }, { of: 'ringDay', day: 1, at: 'end' })('knots', 'knots', {
      times: 'mats',
      aim: { of: 'earliest' },
    }),
  ],
};

/** First lessons: table, sounds, water and tools in minutes, from ten weeks on (CP-18), long before the first trim. */
export const lessons: KeepUpRule = {
  id: 'lesson',
  everyDays: 3,
  everyDaysInChange: 3,
  when: ['underNineMonths', 'fromTenWeeks'],
  since: 'none',
  restDaysBefore: 2,
  steps: [due('lesson', 'lesson', { aim: { of: 'earliest' } })],
};

/**
 * First trims of a puppy, in sessions of minutes: feet and nails on every coat, and on a coat that is scissored its first
 * lines with them, with clean face and feet where the breed has them (common practice).
 */
export function firstTrims(coat: CoatClass): KeepUpRule {
  const first: Extra = { aim: { of: 'earliest' } };
  const nails = dueInDays('nails', 'nails', first);
  const clip = dueInDays('clip', 'clip', first);
  return {
    id: 'firstTrims',
    everyDays: coat === 'scissored' ? 21 : 14,
    everyDaysInChange: coat === 'scissored' ? 21 : 14,
    when: ['underNineMonths'],
    since: 'none',
    restDaysBefore: 7,
    spreadDays: TRIM_DAYS,
    ...(coat === 'scissored' ? { covers: 'bath' } : {}),
    steps:
      coat === 'scissored'
        ? [...washed(dueInDays, true), clip, dueInDays('shapeTrim', 'roughTrim', { since: CHECK_TO_BLADE }), nails]
        : [clip, nails],
  };
}
