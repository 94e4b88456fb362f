/*
 * Care programs, first version: the whole order of work for each class of coat, from keep-up to after-show, counted
 * back from the ring or the departure. Windows say what is allowed, aims what is wanted. Common practice throughout;
 * every figure is a default that a kennel may change.
 */
import type {
  CalendarRule,
  CareProgram,
  CoatClass,
  Condition,
  KeepUpRule,
  Mark,
  ProgramStep,
  StepId,
} from '@loyal-mane/core';
import {
  brushing,
  dressing,
  due,
  firstTrims,
  shapeOnCleanCoat,
  inspection,
  keepUpBath,
  lessons,
  matsOut,
  rewrap,
  trimming,
} from './keepUpRules.js';
import { WARM, WET, aimDay, dayEnd, dayStart, prep, within } from './programSteps.js';
import type { Extra } from './programSteps.js';
import { STRIPPING_EVERY_DAYS } from './stripping.js';

/** No full ear trim on the show day or the evening before, by anybody (common practice): one nick is seen in the ring. */
const EARS_BY: Mark = { of: 'ringDay', day: -1, at: 'evening' };
/** A soaked jacket is covered before it begins to dry. */
const SOAKED = WET;
/** A checked dry coat is cut on the day of its check; another day begins with the tests again (common practice). */
const CHECK_TO_SCISSORS = 10 * 60;
/** From the brush-out, or the blow-out, to the water: one session, or the coat tangles again (common practice). */
const BRUSHED_MIN = 150;
/** The pre-treat works 20 to 120 minutes before its bath. */
const PRE_TREAT: NonNullable<Extra['since']> = [
  ['preTreat', 20, 120],
  ['brushOut1', 0, BRUSHED_MIN, 'ifDone'],
];
const whenBathed: Extra = { when: ['bathed'] };
const trimOf = (dryCheck: StepId = 'dryCheck'): NonNullable<Extra['since']> => [[dryCheck, 0, CHECK_TO_SCISSORS]];

function journey(): readonly ProgramStep[] {
  const evening = within(dayStart(-1), { of: 'departure', min: 0 });
  return [
    evening('bag', 'bag', { to: { of: 'departure', min: -10 }, aim: aimDay(-1, '15:00') }),
    // The van is full ten minutes before it leaves; loading is planned with care, since nobody can catch up.
    within({ of: 'departure', min: -90 }, { of: 'departure', min: -10 }, true)('load', 'load', {
      aim: { of: 'latest' },
      when: ['travels'],
    }),
  ];
}

/** Wraps or bands on the evening before, on a coat that is kept and travels in them. */
function wraps(): ProgramStep {
  return within(dayStart(-1), { of: 'departure', min: -10 })('wraps', 'wraps', {
    aim: aimDay(-1, '14:00'),
    when: ['wrapped'],
  });
}

const morning = within({ of: 'ringDay', day: 0, at: 'start' }, { of: 'ring', min: 0 }, true);

/** Coats whose root is revived with water and air on the show morning, where the ground has a force dryer (CP-41). */
const REVIVED: readonly CoatClass[] = ['double', 'jacketedNatural', 'jacketedTrimmed'];
/** Share of the finish that is water and air there (engineering default). */
const REVIVE_SHARE = 0.25;

/** The finish: on coats that are revived its first part is done at the dryer, where there is one. */
function finishing(coat: CoatClass): readonly ProgramStep[] {
  const from: Mark = { of: 'ring', min: -240 };
  const whole = morning('finish', 'finish', { from, aim: { of: 'latest' }, anchor: true });
  if (!REVIVED.includes(coat)) return [whole];
  return [
    morning('revive', 'finish', {
      ...{ from, share: REVIVE_SHARE, aim: { of: 'latest' }, when: ['siteDryer'] },
      // A zone that was spot-washed goes straight to the dryer.
      since: [['spotWash', 0, WET[1], 'ifDone']],
    }),
    { ...whole, share: 1 - REVIVE_SHARE, lagMin: 0, lagMaxMin: REVIVED_WAIT_MIN, when: ['siteDryer'] },
    { ...whole, when: ['noSiteDryer'] },
  ];
}
/** A revived root is finished before it sinks (engineering default). */
const REVIVED_WAIT_MIN = 60;

/** Show morning: the finish ends 20 to 60 minutes before the gate, tidies in between, then gate and ring. */
function showMorning(coat: CoatClass): readonly ProgramStep[] {
  return [
    // Dirt between bath and ring asks for a spot wash, not for a bath.
    morning('spotWash', 'spotWash', { from: { of: 'ring', min: -300 }, aim: { of: 'latest' }, when: ['soiled'] }),
    ...finishing(coat),
    morning('tidies', 'tidies', { lag: [0, 10] }),
    morning('gate', 'gate', { from: { of: 'ring', min: -30 }, aim: { of: 'latest' }, lag: [15, 40] }),
    within({ of: 'ring', min: 0 }, { of: 'ring', min: 15 })('ring', 'ring', { aim: { of: 'earliest' }, lag: [0, 0] }),
  ];
}

/** Held ready for a later round, or taken down within four hours of the last judging, at the latest next day. */
function after(): readonly ProgramStep[] {
  const sameDay = within({ of: 'ring', min: 15 }, { of: 'ringDay', day: 1, at: 'end' });
  return [
    sameDay('winnersHold', 'winnersHold', {
      to: { of: 'laterRound', min: 0 },
      aim: { of: 'latest' },
      when: ['laterRound'],
    }),
    sameDay('ring', 'ring', {
      from: { of: 'laterRound', min: 0 },
      to: { of: 'laterRound', min: 15 },
      aim: { of: 'earliest' },
      when: ['laterRound'],
    }),
    sameDay('takedown', 'takedown', { aim: { of: 'follow' }, when: ['lastShowDay', 'holdComesOut'] }),
    // A soft, brushable hold may stay for days: it comes out when there is time.
    sameDay('takedown', 'takedown', {
      to: { of: 'ringDay', day: 3, at: 'end' },
      aim: { of: 'earliest' },
      when: ['lastShowDay', 'holdMayStay'],
    }),
    sameDay('skinLook', 'inspection', { aim: { of: 'follow' } }),
  ];
}

/** Share of a touch-up that is water and air (engineering default). */
const TOUCH_UP_AIR_SHARE = 0.4;

/** Between show days: hands over the dog, water and air again; never a second preparation. */
function between(coat: CoatClass): readonly ProgramStep[] {
  const evening = within({ of: 'ringDay', day: -1, at: 'start' }, { of: 'ring', min: -90 }, true);
  const when: Extra = { aim: { of: 'latest' }, from: { of: 'ring', min: -16 * 60 } };
  if (!REVIVED.includes(coat)) return [evening('touchUp', 'touchUp', when)];
  return [
    evening('revive', 'touchUp', { ...when, share: TOUCH_UP_AIR_SHARE, when: ['siteDryer'] }),
    evening('touchUp', 'touchUp', {
      ...when,
      ...{ share: 1 - TOUCH_UP_AIR_SHARE, lag: [0, REVIVED_WAIT_MIN], when: ['siteDryer'] },
    }),
    evening('touchUp', 'touchUp', { ...when, when: ['noSiteDryer'] }),
  ];
}

/** Mats that are known come out at once and before anything else, or they set in the bath. */
const matWork = within(dayStart(-40), { of: 'prepEnd', day: -1 })('knots', 'knots', {
  times: 'mats',
  when: ['hasMats'],
  aim: { of: 'earliest' },
});

const PRACTICE: CalendarRule = {
  step: 'practice',
  daysBefore: 60,
  words: 'A person who has never done this trim practices it about two months before the first show with it.',
};

/** Show bath to combed dry. `wash` is the bath step itself; steps that a coat does not have are left out. */
function bathToDry(options: { condition: boolean; force: boolean; brush?: boolean }): readonly ProgramStep[] {
  return [
    ...(options.condition ? [prep('condition', 'condition', { lag: [0, 0], ...whenBathed })] : []),
    prep('towel', 'towel', { lag: [0, 0], ...whenBathed }),
    ...(options.force ? [prep('forceDry', 'forceDry', { lag: WET })] : []),
    // Curl is opened with the brush between air and heat: what the comb still catches there is not straight yet.
    ...(options.brush === true ? [prep('lineBrush', 'lineBrush', { lag: WET })] : []),
    prep('heatDry', 'heatDry', { lag: options.force && options.brush !== true ? WARM : WET }),
    prep('dryCheck', 'dryCheck', { lag: [0, 20] }),
    ...backToHeat(),
  ];
}

/** Zones that failed the dry or the straight test go back to heat, not to mat work, and are tested again. */
function backToHeat(): readonly ProgramStep[] {
  const when: readonly Condition[] = ['unready'];
  return [
    prep('heatDry', 'heatAgain', { when, times: 'unready' }),
    prep('dryCheck', 'dryCheck', { when, lag: [0, 20], share: 0.5 }),
  ];
}

/** Whiskers are a step of their own; the rest of the trim keeps the whole at the table's minutes. */
const NATURAL_WITHOUT_WHISKERS = 15 / 18;
const FINE_WITHOUT_WHISKERS = 23 / 26;
const SMOOTH_WITHOUT_WHISKERS = 7 / 10;

const double: readonly ProgramStep[] = [
  ...[within(dayStart(-35), dayEnd(-21))].flatMap((early) => [
    early('blowOut', 'blowOutHeavy', { when: ['undercoatHeavy'], skipWhenPast: true, aim: aimDay(-28), anchor: true }),
    early('undercoat', 'undercoatHeavy', { when: ['undercoatHeavy'], skipWhenPast: true, lag: [0, 120] }),
  ]),
  prep('blowOut', 'blowOutHeavy', { when: ['undercoatHeavy'], aim: aimDay(-2), anchor: true }),
  prep('brushOut1', 'brushOut', { when: ['undercoatLight'], aim: aimDay(-2), anchor: true }),
  prep('preTreat', 'preTreat'),
  prep('nails', 'nails'),
  prep('bath', 'bath', { since: [...PRE_TREAT, ['blowOut', 0, BRUSHED_MIN, 'ifDone']] }),
  ...bathToDry({ condition: true, force: true }),
  prep('undercoat', 'undercoatHeavy', { when: ['undercoatHeavy'] }),
  prep('undercoat', 'undercoatLight', { when: ['undercoatLight'] }),
  prep('lineBrush', 'lineBrush'),
  prep('combThrough', 'combThrough', { lag: [0, 60] }),
  prep('clip', 'clip', { since: trimOf() }),
  prep('ears', 'ears', { since: trimOf(), to: EARS_BY, when: ['earsTrimmed'] }),
  prep('naturalTrim', 'naturalTrim', { since: trimOf() }),
  prep('outlineCheck', 'outlineCheck'),
  ...journey(),
];

const heavySheepdog: readonly ProgramStep[] = [
  prep('brushOut1', 'brushOut', { share: 0.5, flank: 1, aim: aimDay(-1), anchor: true }),
  prep('preTreat', 'preTreat', { lag: [0, 60] }),
  prep('brushOut2', 'brushOut', { share: 0.5, flank: 2, lag: [0, 20] }),
  prep('bathWhites', 'bathWhites', { when: ['whitesOnly'], since: PRE_TREAT }),
  prep('bath', 'bath', { when: ['wholeBath'], since: PRE_TREAT }),
  prep('condition', 'condition', { lag: [0, 0] }),
  prep('towel', 'towel', { lag: [0, 0] }),
  prep('heatDry', 'heatDryWhites', { when: ['whitesOnly'], lag: WET }),
  // A harsh coat that was bathed whole is dried lying on a towel, one flank and then the other.
  prep('heatDry', 'heatDry', { share: 0.5, flank: 1, when: ['wholeBath'], lag: WET }),
  prep('heatDry', 'heatDry', { share: 0.5, flank: 2, when: ['wholeBath'], lag: [0, 30] }),
  prep('dryCheck', 'dryCheck', { lag: [0, 20] }),
  ...backToHeat(),
  // Line brushing may end after one flank and go on with the other on another day.
  prep('lineBrush', 'lineBrush', { share: 0.5, flank: 1 }),
  prep('lineBrush', 'lineBrush', { share: 0.5, flank: 2 }),
  prep('combThrough', 'combThrough', { lag: [0, 60] }),
  // A whole bath fills a day: the trims of the next one come after the comb-through and the two tests again.
  prep('dryCheck', 'dryCheck', { when: ['wholeBath'], lag: [0, 20], share: 0.5 }),
  // Pads and vent need no test of the day.
  prep('clip', 'clip'),
  prep('nails', 'nails'),
  prep('roughTrim', 'roughTrim', { since: trimOf(), when: ['outlineShaped'] }),
  prep('fineTrim', 'fineTrim', { since: trimOf(), when: ['outlineShaped'] }),
  prep('outlineCheck', 'outlineCheck'),
  ...journey(),
];

const drop: readonly ProgramStep[] = [
  prep('brushOut1', 'brushOut', { share: 0.5, flank: 1, aim: aimDay(-1), anchor: true }),
  prep('preTreat', 'preTreat', { lag: [0, 60] }),
  prep('brushOut2', 'brushOut', { share: 0.5, flank: 2, lag: [0, 20] }),
  prep('nails', 'nails'),
  prep('bath', 'bath', { since: PRE_TREAT }),
  ...bathToDry({ condition: true, force: false }),
  prep('lineBrush', 'lineBrush', { lag: [0, 120] }),
  prep('combThrough', 'combThrough', { lag: [0, 60] }),
  prep('clip', 'clip', { since: trimOf() }),
  prep('fineTrim', 'fineTrim', { since: trimOf() }),
  prep('outlineCheck', 'outlineCheck'),
  wraps(),
  ...journey(),
];

/** Share of the clip work that face and feet are on a clean-faced coat (engineering default). */
const FACE_AND_FEET = 0.6;

/** Trim bath and rough pass; once their days are over the fine pass takes what they would have taken. */
const early = within(dayStart(-7), dayEnd(-3), false, true);

const scissored: readonly ProgramStep[] = [
  within(dayStart(-15), dayEnd(-12))('shapeCheck', 'shapeCheck', { aim: aimDay(-14), skipWhenPast: true }),
  early('brushOut1', 'brushOut', { aim: aimDay(-4), anchor: true }),
  early('trimBath', 'bath', { lag: [0, 120] }),
  early('condition', 'condition', { lag: [0, 0] }),
  early('towel', 'towel', { lag: [0, 0] }),
  early('forceDry', 'forceDry', { lag: WET }),
  early('lineBrush', 'lineBrush', { lag: WET }),
  early('heatDry', 'heatDry', { lag: WET }),
  early('dryCheck', 'dryCheck', { lag: [0, 20] }),
  early('combThrough', 'combThrough', { lag: [0, 60] }),
  early('roughTrim', 'roughTrim', { since: trimOf() }),
  // Face and feet settle for two to five days; pads and vent come with the show bath.
  within(dayStart(-5), dayEnd(-2), false, true)('clip', 'clip', { share: FACE_AND_FEET, when: ['cleanFaced'] }),
  prep('brushOut1', 'brushOut', { share: 0.5, flank: 1, aim: aimDay(-1), anchor: true }),
  prep('preTreat', 'preTreat', { lag: [0, 60] }),
  prep('brushOut2', 'brushOut', { share: 0.5, flank: 2, lag: [0, 20] }),
  prep('nails', 'nails'),
  prep('bath', 'bath', { since: PRE_TREAT }),
  ...bathToDry({ condition: true, force: true, brush: true }),
  prep('combThrough', 'combThrough', { lag: [0, 60] }),
  prep('clip', 'clip', { since: trimOf(), when: ['notCleanFaced'] }),
  prep('clip', 'clip', { share: 1 - FACE_AND_FEET, since: trimOf(), when: ['cleanFaced'] }),
  prep('fineTrim', 'fineTrim', { since: trimOf(), anchor: true }),
  prep('outlineCheck', 'outlineCheck'),
  within(dayStart(-1), { of: 'departure', min: -10 })('wraps', 'wraps', {
    to: { of: 'ring', min: -240 },
    aim: aimDay(-1, '14:00'),
    when: ['wrapped'],
  }),
  ...journey(),
];

const jacketedNatural: readonly ProgramStep[] = [
  prep('brushOut1', 'brushOut', { aim: aimDay(-2), anchor: true }),
  prep('preTreat', 'preTreat'),
  prep('nails', 'nails'),
  prep('bath', 'bath', { since: PRE_TREAT }),
  ...bathToDry({ condition: true, force: true }),
  prep('lineBrush', 'lineBrush', { lag: [0, 120] }),
  prep('combThrough', 'combThrough', { lag: [0, 60] }),
  prep('clip', 'clip', { since: trimOf() }),
  prep('whiskers', 'whiskers'),
  prep('naturalTrim', 'naturalTrim', { share: NATURAL_WITHOUT_WHISKERS, since: trimOf() }),
  prep('ears', 'ears', {
    since: trimOf(),
    to: { of: 'ringDay', day: -1, at: 'start' },
    when: ['notFringed', 'earsTrimmed'],
  }),
  prep('outlineCheck', 'outlineCheck'),
  ...journey(),
];

/** Clean and dry since its bath: one night in a clean crate, and the tests again (CP-40). */
const ONE_NIGHT = 36 * 60;
const roughDays = within(dayStart(-8), dayEnd(-4), false, true);
/** Its bath, which the fine pass needs as well where the rough pass is over. */
const trimBathDays = within(dayStart(-8), dayEnd(-2), false, true);
const fineDays = within(dayStart(-4), dayEnd(-2));

const jacketedTrimmed: readonly ProgramStep[] = [
  within(dayStart(-15), dayEnd(-12))('shapeCheck', 'shapeCheck', { aim: aimDay(-14), skipWhenPast: true }),
  trimBathDays('brushOut1', 'brushOut', { aim: aimDay(-5), anchor: true }),
  trimBathDays('trimBath', 'bath', { lag: [0, 120] }),
  trimBathDays('towel', 'towel', { lag: [0, 0] }),
  trimBathDays('forceDry', 'forceDry', { lag: WET }),
  trimBathDays('heatDry', 'heatDry', { lag: WARM }),
  trimBathDays('dryCheck', 'dryCheck', { lag: [0, 20] }),
  trimBathDays('combThrough', 'combThrough', { lag: [0, 60] }),
  roughDays('roughTrim', 'roughTrim', { since: trimOf() }),
  within(dayStart(-6), dayEnd(-2))('towelSoak', 'towelSoak', {
    when: ['jacketNeedsTowel'],
    aim: aimDay(-4, '10:00'),
  }),
  within(dayStart(-6), dayEnd(-2))('towelSet', 'towelSet', {
    when: ['jacketNeedsTowel'],
    restMin: 24 * 60,
    lag: SOAKED,
  }),
  within(dayStart(-5), dayEnd(-2))('towelRelease', 'towelRelease', { when: ['jacketNeedsTowel'], lag: [0, 120] }),
  // A coat that has dried is soaked in the tub again: a second set needs the tub and its bather as the first did.
  within(dayStart(-5), dayEnd(-2))('towelSoak', 'towelSoak', { when: ['towelTwice'] }),
  within(dayStart(-5), dayEnd(-2))('towelSet', 'towelSet', { when: ['towelTwice'], restMin: 24 * 60, lag: SOAKED }),
  within(dayStart(-5), dayEnd(-2))('towelRelease', 'towelRelease', { when: ['towelTwice'], lag: [0, 120] }),
  // No blade on a coat that was washed longer ago than a night: the fine pass follows its bath, or the towel's release.
  fineDays('fineTrim', 'fineTrim', {
    ...{ share: FINE_WITHOUT_WHISKERS, aim: aimDay(-4, '10:00'), anchor: true, when: ['jacketLies'] },
    since: trimOf(),
  }),
  fineDays('fineTrim', 'fineTrim', {
    ...{ share: FINE_WITHOUT_WHISKERS, aim: aimDay(-3, '10:00'), anchor: true, when: ['jacketNeedsTowel'] },
    since: [...trimOf(), ['towelRelease', 0, ONE_NIGHT, 'ifDone']],
  }),
  // Clipped some days before the show: what the blade left settles.
  fineDays('upperEars', 'upperEars', { since: trimOf(), when: ['upperEarsClipped'] }),
  fineDays('ears', 'ears', { since: trimOf(), when: ['earsTrimmed'] }),
  prep('brushOut1', 'brushOut', { aim: aimDay(-1), anchor: true }),
  prep('preTreat', 'preTreat'),
  prep('nails', 'nails'),
  prep('bath', 'bath', { since: PRE_TREAT }),
  ...bathToDry({ condition: true, force: true }),
  prep('lineBrush', 'lineBrush', { lag: [0, 120] }),
  prep('combThrough', 'combThrough', { lag: [0, 60] }),
  // Thinners blend from the first day: throat and front come on the coat that was washed for the show.
  prep('throat', 'throatThinned', { since: trimOf() }),
  prep('whiskers', 'whiskers'),
  prep('clip', 'clip', { since: trimOf() }),
  // Where a day fits before leaving, the washed jacket is set once more.
  prep('towelSoak', 'towelSoak', { when: ['towelAfterBath'] }),
  prep('towelSet', 'towelSet', { when: ['towelAfterBath'], restMin: 24 * 60, lag: SOAKED }),
  prep('towelRelease', 'towelRelease', { when: ['towelAfterBath'], lag: [0, 120] }),
  prep('outlineCheck', 'outlineCheck'),
  ...journey(),
];

const wire: readonly ProgramStep[] = [
  prep('brushOut1', 'brushOut', { aim: aimDay(-2), anchor: true }),
  // Furnishings are cut as the other coats are: washed, dry and straight. The jacket stays dry: water softens it.
  prep('bath', 'bathFurnishings'),
  prep('towel', 'towel', { lag: [0, 0] }),
  prep('heatDry', 'heatDry', { lag: WET }),
  prep('dryCheck', 'dryCheck', { lag: [0, 20] }),
  ...backToHeat(),
  prep('lineBrush', 'lineBrush'),
  prep('combThrough', 'combThrough', { lag: [0, 60] }),
  fineDays('clip', 'clip'),
  fineDays('fineTrim', 'fineTrim'),
  prep('nails', 'nails'),
  prep('outlineCheck', 'outlineCheck'),
  ...journey(),
];

const smooth: readonly ProgramStep[] = [
  prep('mittClean', 'mittClean', { aim: aimDay(-2), anchor: true }),
  // Skirt, belly, tufts and vent first, whiskers after them (common practice).
  prep('fineTrim', 'fineTrim', { share: SMOOTH_WITHOUT_WHISKERS }),
  prep('clip', 'clip'),
  prep('whiskers', 'whiskers'),
  prep('nails', 'nails'),
  prep('bath', 'bath', whenBathed),
  prep('towel', 'towel', { lag: [0, 0], ...whenBathed }),
  prep('outlineCheck', 'outlineCheck'),
  ...journey(),
];

function program(
  coat: CoatClass,
  preparation: readonly ProgramStep[],
  keepUp: readonly KeepUpRule[],
  calendar: readonly CalendarRule[] = [],
): CareProgram {
  return {
    coat,
    version: 2,
    calendar,
    keepUp: [...keepUp, ...(coat === 'smooth' ? [] : [matsOut]), lessons, firstTrims(coat)],
    preparation: coat === 'smooth' ? preparation : [matWork, ...preparation],
    between: between(coat),
    showMorning: showMorning(coat),
    after: after(),
  };
}

/** Care programs by class of coat (common practice). */
export const PROGRAMS: Readonly<Record<CoatClass, CareProgram>> = {
  double: program('double', double, [inspection, brushing(2, 1)]),
  heavySheepdog: program('heavySheepdog', heavySheepdog, [inspection, brushing(3, 2)]),
  drop: program('drop', drop, [inspection, brushing(1), dressing, keepUpBath(7, false), rewrap]),
  scissored: program(
    'scissored',
    scissored,
    [inspection, brushing(2, 1), keepUpBath(10, true), rewrap, shapeOnCleanCoat(21, 12)],
    [PRACTICE],
  ),
  jacketedNatural: program('jacketedNatural', jacketedNatural, [
    inspection,
    brushing(3, 2),
    dressing,
    keepUpBath(7, true, ['fringed']),
  ]),
  jacketedTrimmed: program(
    'jacketedTrimmed',
    jacketedTrimmed,
    [inspection, brushing(3, 2), trimming('card', 'strip', 'card', 10, 9)],
    [PRACTICE],
  ),
  wire: program('wire', wire, [
    inspection,
    brushing(4, 3),
    trimming('strip', 'strip', 'strip', STRIPPING_EVERY_DAYS, 4),
  ]),
  smooth: program('smooth', smooth, [inspection, brushing(7, 4)]),
};

/** Steps that are done when somebody finds the need, not by the calendar: knots and soiled zones. */
export const WHEN_FOUND: readonly ProgramStep[] = [due('knots', 'knots'), due('spotWash', 'spotWash')];
