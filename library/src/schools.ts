/*
 * The schools, one row a question: which side is usual on which coat, what the other side does to the order of work, and
 * when a side is refused. Sides that only change how a thing is done have no edits; their words stand in `words`. Common
 * practice throughout; factors and minutes are engineering defaults.
 */
import { COAT_CLASSES } from '@loyal-mane/core';
import type {
  CoatClass,
  ProgramEdit,
  School,
  SchoolRefusal,
  SchoolSide,
  Side,
  Skill,
  StepId,
  ToolKind,
  ToolNeed,
} from '@loyal-mane/core';
import { WET } from './programSteps.js';
import {
  BATH_BETWEEN,
  BRUSH_OUT_STEP,
  GLANDS_STEP,
  LIGHT_BLOW_OUT_STEP,
  MATS_AT_EARLY_BATH,
  TANGLES_OUT,
} from './schoolSteps.js';

const NONE: SchoolSide = { edits: [], refusedWhen: [] };

function side(
  edits: readonly ProgramEdit[],
  refusedWhen: readonly SchoolRefusal[] = [],
  needsSkill?: Skill,
): SchoolSide {
  return { edits, refusedWhen, ...(needsSkill === undefined ? {} : { needsSkill }) };
}

interface More {
  readonly coats?: readonly CoatClass[];
  readonly otherUsual?: readonly CoatClass[];
  readonly otherWhen?: School['otherWhen'];
  readonly otherWhenOn?: School['otherWhenOn'];
  readonly a?: SchoolSide;
  readonly b?: SchoolSide;
}

function school(id: School['id'], usual: Side, more: More = {}): School {
  return {
    id,
    ...(more.coats === undefined ? {} : { coats: more.coats }),
    usual,
    otherUsual: more.otherUsual ?? [],
    ...(more.otherWhen === undefined ? {} : { otherWhen: more.otherWhen }),
    ...(more.otherWhenOn === undefined ? {} : { otherWhenOn: more.otherWhenOn }),
    a: more.a ?? NONE,
    b: more.b ?? NONE,
  };
}

const BATHS: readonly StepId[] = ['bath', 'bathWhites', 'trimBath'];
const SHOW_BATHS: readonly StepId[] = ['bath', 'bathWhites'];
const LONG: readonly CoatClass[] = COAT_CLASSES.filter((c) => c !== 'smooth');
const TRIMMED: readonly CoatClass[] = ['scissored', 'jacketedNatural', 'jacketedTrimmed'];
const notOf = (coats: readonly CoatClass[]): readonly CoatClass[] => COAT_CLASSES.filter((c) => !coats.includes(c));

/** Coats that stand up: their minutes at the gate are with misting and brushing, those of the others without. */
const KEPT_UP: readonly CoatClass[] = ['double', 'heavySheepdog', 'scissored'];
const AT_GATE_MIN = 4;
/** Most minutes between tidies and gate of a coat that is damp beneath; 40 otherwise (engineering default). */
const DAMP_HOLD_WAIT_MIN = 25;

/** Steps that move to show morning with the bath; each only where the coat has it. */
const MORNING_BATH: readonly StepId[] = [
  'bath',
  'condition',
  'towel',
  'forceDry',
  'heatDry',
  'dryCheck',
  'lineBrush',
  'combThrough',
];
/** Twelve days, in minutes. */
const CLIP_AFTER_TRIM_BATH = 12 * 24 * 60;
/** Mat work on loose curls after water and air (engineering default). */
const MATS_BY_AIR = 0.7;
/** A few minutes a day with rewards (common practice). */
const MATS_A_DAY_MIN = 5;
const BRUSHED_OUT_BATH = 0.9;
const DRY_SHAMPOO_BATH = 0.95;
const HARSH_FORCE_DRY = 0.6;
const STRETCH_DRY = 1.8;
const TRIMMER = 0.5;
/** CP-39: one wash left on saves the second's working in, and costs the minutes that it is left (engineering default). */
const ONE_WASH = 0.9;
/** A soft spray-up that stays is not taken down that evening (engineering default). */
const SPRAY_STAYS = 0.7;
/** Nails cut first need little grinding (engineering default). */
const CUT_FIRST = 0.8;
/** The blades that a throat is clipped with, on a thin and on a thick coat (common practice). */
const THROAT_BLADE = 10;
const THICK_THROAT_BLADE = 12;

function needs(...tools: readonly ToolKind[]): readonly ToolNeed[] {
  return tools.map((tool) => ({ tool }));
}

/** Questions on which practitioners disagree, both answers with reasons, and what is usual by coat. */
export const SCHOOLS: readonly School[] = [
  school('matsAndWater', 'a', {
    coats: LONG,
    otherWhen: 'hasMats',
    otherWhenOn: ['scissored'],
    b: side(
      [
        // Washed twice, blown outward, brushed out between air and heat: nothing is brushed before the tub.
        { edit: 'drop', steps: ['brushOut1', 'brushOut2'], parts: ['preparation'], coats: ['scissored'] },
        // At the first bath that is still to come: the early one, or the show's.
        {
          edit: 'move',
          step: 'knots',
          before: 'lineBrush',
          isLast: true,
          parts: ['preparation'],
          coats: ['scissored'],
        },
        {
          edit: 'insert',
          before: 'lineBrush',
          steps: [MATS_AT_EARLY_BATH],
          parts: ['preparation'],
          coats: ['scissored'],
        },
        // Opened while it is still damp: a mat that waits sets.
        { edit: 'lag', step: 'knots', min: WET[0], max: WET[1], parts: ['preparation'], coats: ['scissored'] },
        { edit: 'move', step: 'knots', before: 'dryCheck', parts: ['preparation'], coats: notOf(['scissored']) },
        { edit: 'factor', steps: ['knots'], factor: MATS_BY_AIR, parts: ['preparation'] },
      ],
      ['tightMats', 'noBathUntilClear'],
    ),
  }),
  school('matsAndTime', 'a', {
    coats: LONG,
    otherWhen: 'bearsLittle',
    b: side(
      [
        { edit: 'perDay', steps: ['knots'], minutes: MATS_A_DAY_MIN, parts: ['preparation'] },
        {
          edit: 'window',
          steps: ['knots'],
          from: { of: 'prepDay', day: -14, at: 'start' },
          to: { of: 'prepDay', day: -2, at: 'end' },
          aim: { of: 'earliest' },
          parts: ['preparation'],
        },
      ],
      ['tightMats'],
    ),
  }),
  school('doubleBeforeBath', 'a', {
    coats: ['double'],
    otherWhen: 'undercoatLight',
    a: side([
      {
        edit: 'replace',
        step: 'brushOut1',
        by: [LIGHT_BLOW_OUT_STEP],
        parts: ['preparation'],
        when: ['undercoatLight'],
      },
    ]),
    b: side([
      { edit: 'replace', step: 'blowOut', by: [BRUSH_OUT_STEP], parts: ['preparation'], when: ['undercoatHeavy'] },
      { edit: 'row', steps: ['undercoat'], row: 'undercoatLight', parts: ['preparation'], when: ['undercoatHeavy'] },
      { edit: 'factor', steps: BATHS, factor: BRUSHED_OUT_BATH, parts: ['preparation'], when: ['undercoatHeavy'] },
    ]),
  }),
  school('whenToBathe', 'a', {
    b: side(
      [
        { edit: 'carry', steps: MORNING_BATH, to: 'showMorning', before: 'finish', coats: ['smooth'] },
        // The work before and after the bath goes with it; the trim of the show before holds, so that no ears are cut.
        {
          edit: 'carry',
          steps: ['blowOut', 'brushOut1', 'preTreat', 'undercoat', ...MORNING_BATH],
          to: 'showMorning',
          before: 'finish',
          isLate: true,
          coats: ['double'],
        },
        { edit: 'drop', steps: ['ears'], parts: ['preparation'], coats: ['double'] },
        // A coat straight from the dryer is not revived.
        {
          edit: 'drop',
          steps: ['revive'],
          parts: ['showMorning'],
          coats: ['double', 'jacketedTrimmed'],
          when: ['firstShowDay'],
        },
        {
          edit: 'carry',
          steps: ['preTreat', ...MORNING_BATH],
          to: 'showMorning',
          before: 'finish',
          // The bath before the rough pass stays where it is.
          afterLast: 'brushOut1',
          coats: ['jacketedTrimmed'],
        },
        {
          edit: 'window',
          steps: ['blowOut', 'brushOut1', 'preTreat', 'undercoat', ...MORNING_BATH],
          from: { of: 'ringDay', day: 0, at: 'start' },
          to: { of: 'ring', min: -60 },
          parts: ['showMorning'],
        },
        {
          edit: 'window',
          steps: ['bath'],
          from: { of: 'ringDay', day: 0, at: 'start' },
          to: { of: 'ring', min: -60 },
          aim: { of: 'latest' },
          parts: ['showMorning'],
        },
        // Pads and feet are clipped on the coat that was washed for the rough pass.
        {
          edit: 'since',
          step: 'clip',
          since: 'dryCheck',
          min: 0,
          max: CLIP_AFTER_TRIM_BATH,
          coats: ['jacketedTrimmed'],
        },
      ],
      ['scissorsNeedCleanCoat', 'noTubThere'],
    ),
  }),
  school('clusterDays', 'a', {
    coats: ['drop', 'jacketedNatural', 'jacketedTrimmed', 'scissored'],
    b: side([
      { edit: 'drop', steps: ['revive'], parts: ['between'], when: ['siteTub'] },
      { edit: 'replace', step: 'touchUp', by: BATH_BETWEEN, parts: ['between'], when: ['siteTub'] },
    ]),
  }),
  school('ringDryness', 'a', {
    b: side(
      [
        { edit: 'longer', steps: ['finish'], minutes: -5 },
        // It holds shorter: less waiting between the finish and the gate.
        { edit: 'lag', step: 'gate', min: 15, max: DAMP_HOLD_WAIT_MIN, parts: ['showMorning'] },
      ],
      ['notDouble'],
    ),
  }),
  school('sheepdogForceDryer', 'a', {
    coats: ['heavySheepdog'],
    b: side(
      [
        { edit: 'factor', steps: ['heatDry'], factor: HARSH_FORCE_DRY, when: ['wholeBath'] },
        { edit: 'skill', steps: ['heatDry'], skill: 'harshDryer', when: ['wholeBath'] },
      ],
      ['nobodyTrained'],
      'harshDryer',
    ),
  }),
  school('bathScope', 'a', {
    coats: ['heavySheepdog'],
    otherUsual: ['heavySheepdog'],
    a: side([
      { edit: 'assume', condition: 'wholeBath', value: true },
      { edit: 'assume', condition: 'whitesOnly', value: false },
    ]),
  }),
  school('shampooOn', 'a', { b: side([{ edit: 'factor', steps: BATHS, factor: DRY_SHAMPOO_BATH }]) }),
  school('headInBath', 'a'),
  school('tubShaking', 'a'),
  school('glands', 'b', {
    a: side(
      SHOW_BATHS.map((before) => ({ edit: 'insert', before, steps: [GLANDS_STEP], parts: ['preparation'] })),
      ['nobodyTrained'],
      'glands',
    ),
  }),
  school('sideOrder', 'a'),
  school('productAndScissors', 'a', {
    coats: ['scissored', ...notOf(['scissored', 'smooth'])],
    otherUsual: notOf(['scissored']),
    a: side([{ edit: 'longer', steps: ['fineTrim'], minutes: 5, coats: ['scissored'] }]),
  }),
  school('throat', 'b', {
    coats: ['jacketedTrimmed'],
    a: side([
      { edit: 'row', steps: ['throat'], row: 'throat' },
      {
        edit: 'tools',
        steps: ['throat'],
        tools: [{ tool: 'clipper', blade: THROAT_BLADE, heavyBlade: THICK_THROAT_BLADE }],
      },
      // It settles for a week: clipped on the coat that is washed for the rough pass, which then comes early.
      {
        edit: 'window',
        steps: ['trimBath', 'throat'],
        from: { of: 'prepDay', day: -8, at: 'start' },
        to: { of: 'prepDay', day: -7, at: 'end' },
        parts: ['preparation'],
      },
      { edit: 'move', step: 'throat', before: 'roughTrim', parts: ['preparation'] },
    ]),
  }),
  school('earTop', 'a', {
    coats: ['jacketedNatural', 'jacketedTrimmed'],
    b: side([{ edit: 'tools', steps: ['ears'], tools: needs('thinners', 'rake') }]),
  }),
  school('bodyShears', 'a', {
    coats: ['scissored'],
    b: side([{ edit: 'tools', steps: ['roughTrim', 'fineTrim', 'shapeTrim'], tools: needs('longCurved') }]),
  }),
  school('footEdge', 'a', {
    coats: ['jacketedNatural', 'drop', 'scissored'],
    otherUsual: ['drop', 'scissored'],
    a: side([
      { edit: 'tools', steps: ['fineTrim'], tools: needs('longStraight', 'shortStraight'), coats: ['drop'] },
      {
        edit: 'tools',
        steps: ['fineTrim'],
        tools: needs('longStraight', 'longCurved', 'shortStraight'),
        coats: ['scissored'],
      },
    ]),
    b: side([
      { edit: 'tools', steps: ['naturalTrim'], tools: needs('thinners', 'longCurved'), coats: ['jacketedNatural'] },
    ]),
  }),
  school('brushingRoute', 'a', { coats: LONG }),
  school('tanglesAtShow', 'a', {
    coats: ['heavySheepdog', 'double'],
    otherUsual: ['heavySheepdog'],
    b: side([{ edit: 'insert', before: 'takedown', steps: [TANGLES_OUT], parts: ['after'] }]),
  }),
  school('preTreat', 'a', {
    coats: LONG.filter((c) => c !== 'wire'),
    b: side([
      { edit: 'row', steps: ['preTreat'], row: 'preTreatShort' },
      { edit: 'since', step: 'bath', since: 'preTreat', min: 0, max: 120 },
      { edit: 'since', step: 'bathWhites', since: 'preTreat', min: 0, max: 120 },
    ]),
  }),
  school('smallTrimsBy', 'a', {
    coats: ['smooth', 'jacketedNatural'],
    b: side([
      { edit: 'factor', steps: ['fineTrim', 'whiskers'], factor: TRIMMER, coats: ['smooth'] },
      { edit: 'tools', steps: ['fineTrim', 'whiskers'], tools: needs('trimmer'), coats: ['smooth'] },
      { edit: 'tools', steps: ['whiskers'], tools: needs('trimmer'), coats: ['jacketedNatural'] },
    ]),
  }),
  school('puppyWhiskers', 'a', { coats: ['jacketedNatural', 'jacketedTrimmed', 'smooth'] }),
  school('whiskers', 'a', {
    coats: ['jacketedNatural', 'jacketedTrimmed', 'smooth'],
    b: side([{ edit: 'drop', steps: ['whiskers'] }]),
  }),
  school('curlDrying', 'a', {
    coats: ['scissored'],
    b: side([
      // The brush works under the heat, for all of its time.
      { edit: 'drop', steps: ['forceDry'] },
      { edit: 'drop', steps: ['lineBrush'], parts: ['preparation'] },
      { edit: 'factor', steps: ['heatDry'], factor: STRETCH_DRY },
      { edit: 'lag', step: 'heatDry', min: 20, max: 40 },
    ]),
  }),
  school('soakLength', 'a', { coats: LONG, b: side([{ edit: 'longer', steps: ['condition'], minutes: -2 }]) }),
  school('coloredBulk', 'a', { coats: ['jacketedNatural', 'jacketedTrimmed', 'double'], b: side([], ['paleRoots']) }),
  school('tableTime', 'a', { otherUsual: notOf(TRIMMED) }),
  school('posture', 'a'),
  school('gate', 'a', {
    otherUsual: KEPT_UP,
    a: side([{ edit: 'longer', steps: ['gate'], minutes: -AT_GATE_MIN, coats: KEPT_UP }]),
    b: side([{ edit: 'longer', steps: ['gate'], minutes: AT_GATE_MIN, coats: notOf(KEPT_UP) }]),
  }),
  school('thickWashes', 'a', {
    coats: ['double', 'heavySheepdog', 'scissored'],
    b: side([{ edit: 'factor', steps: ['bath', 'trimBath'], factor: ONE_WASH }]),
  }),
  school('trimBegin', 'a', { coats: LONG, otherUsual: ['scissored'] }),
  school('sprayOnLayer', 'a', { coats: ['scissored'] }),
  school('sprayUpAfter', 'a', {
    coats: ['scissored'],
    b: side([{ edit: 'factor', steps: ['takedown'], factor: SPRAY_STAYS }]),
  }),
  school('eyelashes', 'b', { coats: ['jacketedNatural', 'jacketedTrimmed', 'smooth'] }),
  school('nailTool', 'a', { b: side([{ edit: 'factor', steps: ['nails'], factor: CUT_FIRST }]) }),
];
