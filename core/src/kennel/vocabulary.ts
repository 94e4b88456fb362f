/*
 * The closed sets of words that a kennel file, the programs and the planner share.
 */
import { OUTLINE_MEASURES } from '../outline/dogBody.js';

/** Roles of people; what each may do stands in the server's access table. */
export const ROLES = ['lead', 'finisher', 'bather', 'hand', 'owner'] as const;
/** Roles: they decide who may see and do which things. */
export type Role = (typeof ROLES)[number];

/** Skills that steps ask for. */
export const SKILLS = ['bath', 'dry', 'brush', 'scissor', 'ring', 'hand', 'decide', 'harshDryer', 'glands'] as const;
/** Skills of a person. */
export type Skill = (typeof SKILLS)[number];

/** Kinds of stations that steps ask for. */
export const STATION_KINDS = ['tub', 'forceDryer', 'standDryer', 'table', 'pen'] as const;
/** Where work is done. */
export type StationKind = (typeof STATION_KINDS)[number];

/** Steps of all programs. */
export const STEP_IDS = [
  'inspection',
  'keepUpBrush',
  'dressing',
  'knots',
  'lesson',
  'practice',
  'shapeCheck',
  'shapeTrim',
  'strip',
  'trimBath',
  'blowOut',
  'brushOut1',
  'preTreat',
  'brushOut2',
  'glands',
  'mittClean',
  'bath',
  'bathWhites',
  'condition',
  'towel',
  'forceDry',
  'heatDry',
  'dryCheck',
  'undercoat',
  'lineBrush',
  'combThrough',
  'clip',
  'upperEars',
  'nails',
  'ears',
  'throat',
  'whiskers',
  'naturalTrim',
  'roughTrim',
  'towelSoak',
  'towelSet',
  'towelRelease',
  'fineTrim',
  'outlineCheck',
  'wraps',
  'bag',
  'load',
  'spotWash',
  'touchUp',
  'revive',
  'finish',
  'tidies',
  'gate',
  'ring',
  'winnersHold',
  'skinLook',
  'takedown',
] as const;
/** Every step of the order of work, from keep-up to after-show. */
export type StepId = (typeof STEP_IDS)[number];

/** Ways in which labels write a dilution of n. */
export const DILUTION_WAYS = ['oneToN', 'nToOne', 'oneInN'] as const;
/**
 * `oneToN`: "1 : 10", one part of product to ten of water. `nToOne`: "10 : 1", the same the other way round. `oneInN`: "1 in 10",
 * one part in ten of the mix, which is nine of water.
 */
export type DilutionWay = (typeof DILUTION_WAYS)[number];

/** Why work on a dog was paused; only what the dog asks for says something of the dog. */
export const PAUSE_CAUSES = ['dog', 'calledAway', 'equipment', 'other'] as const;
/** One of `PAUSE_CAUSES`. */
export type PauseCause = (typeof PAUSE_CAUSES)[number];

/** Of work that goes flank by flank: the one that is done first, and the one after it. */
export type Flank = 1 | 2;

/** Notes that a hand makes at the table, for whoever is there next. */
export const NOTE_KINDS = ['sore', 'thin', 'leftLonger', 'careful', 'trimIdea'] as const;
/** One of `NOTE_KINDS`. */
export type NoteKind = (typeof NOTE_KINDS)[number];

/** Points that hands and eyes go over on an inspection walk, in their order (common practice). */
export const INSPECTION_POINTS = [
  'eyes',
  'ears',
  'teeth',
  'skin',
  'lumps',
  'legs',
  'nails',
  'vent',
  'season',
  'appetite',
  'tufts',
  'soiling',
] as const;
/** One of `INSPECTION_POINTS`. */
export type InspectionPoint = (typeof INSPECTION_POINTS)[number];

/** How soon something unusual wants an answer: watched, within the week, today. */
export const SEVERITIES = ['watch', 'soon', 'now'] as const;
/** One of `SEVERITIES`. */
export type Severity = (typeof SEVERITIES)[number];

/** How something unusual is beside the last look. */
export const COURSES = ['better', 'same', 'worse'] as const;
/** One of `COURSES`. */
export type Course = (typeof COURSES)[number];

/** Skin under a mat. */
export const SKIN_STATES = ['calm', 'red', 'wet', 'smells'] as const;
/** One of `SKIN_STATES`; all but `calm` are a vet's business. */
export type SkinState = (typeof SKIN_STATES)[number];

/** Parts of a dog at which a trim may begin. */
export const TRIM_BEGINNINGS = ['feet', 'head', 'rear', 'topline'] as const;
/** One of `TRIM_BEGINNINGS`. */
export type TrimBeginning = (typeof TRIM_BEGINNINGS)[number];

/** States of a task that was begun. */
export const WORK_STATES = ['running', 'paused', 'done', 'skipped'] as const;
/** State of a task that somebody has touched; a task without a record is only planned. */
export type WorkState = (typeof WORK_STATES)[number];

/** Trims that only time brings back; who learns one practices it long before the first show with it. */
export const IRREVERSIBLE_TRIMS = [
  'ears',
  'throat',
  'roughTrim',
  'naturalTrim',
  'fineTrim',
  'strip',
] as const satisfies readonly StepId[];

/** How a practiced trim came out. */
export const PRACTICE_OUTCOMES = ['good', 'fair', 'poor'] as const;
/** One of `PRACTICE_OUTCOMES`. */
export type PracticeOutcome = (typeof PRACTICE_OUTCOMES)[number];

/** Sides of a dog. */
export const BODY_SIDES = ['left', 'right'] as const;
/** One of `BODY_SIDES`. */
export type BodySide = (typeof BODY_SIDES)[number];

/** How an outline was while the dog moved. */
export const MOVEMENTS = ['asWanted', 'tooLong', 'tooShort', 'uneven'] as const;
/** One of `MOVEMENTS`. */
export type Movement = (typeof MOVEMENTS)[number];

/** Kinds of tools in somebody's kit. */
export const TOOL_KINDS = [
  'thinners',
  'shortStraight',
  'longStraight',
  'longCurved',
  'clipper',
  'trimmer',
  'strippingKnife',
  'slicker',
  'pinBrush',
  'rake',
  'wideComb',
  'faceComb',
  'grinder',
  'curry',
] as const;
/** A kind of tool of somebody's kit. */
export type ToolKind = (typeof TOOL_KINDS)[number];

/** Jobs that keep tools sharp, clean and safe. */
export const CARE_JOBS = ['clear', 'pins', 'oil', 'sharpen', 'blade', 'filter', 'fireCheck', 'disinfect'] as const;
/** One of `CARE_JOBS`. */
export type CareJob = (typeof CARE_JOBS)[number];

/** States of a dog that change or stop work for a while. */
export const DOG_STATES = [
  'season',
  'falsePregnancy',
  'afterWhelping',
  'injury',
  'medicine',
  'allergy',
  'treatment',
  'outOfCoat',
] as const;
/** States that change or block work on a dog for a while. */
export type DogStateKind = (typeof DOG_STATES)[number];

/** How far a mat has closed: loose ones open to fingers, tight ones pull, solid ones are clipped beneath. */
export const TIGHTNESSES = ['loose', 'tight', 'solid'] as const;
/** How tight a mat is: loose, tight, solid. */
export type Tightness = (typeof TIGHTNESSES)[number];

/** Ground of a dog's run: what it brings into the coat. */
export const GROUNDS = ['grass', 'artificial', 'indoors', 'gravel', 'earth'] as const;
/** The ground of a dog's run, which decides how fast it soils. */
export type Ground = (typeof GROUNDS)[number];

/** Joints whose weakness hair hides. */
export const WEAK_LEGS = ['pastern', 'hock'] as const;
/** Weak pasterns, sinking hocks. */
export type WeakLeg = (typeof WEAK_LEGS)[number];

/** Consents that an owner can give beforehand. */
export const CONSENTS = ['shaveOut', 'strip', 'firstEars', 'whiskers'] as const;
/** Steps that cannot be undone and need the owner's consent. */
export type ConsentKind = (typeof CONSENTS)[number];

/** Classes of product; a kennel's own bottles belong to one each. */
export const PRODUCT_IDS = [
  'cleansingWash',
  'clarifyingWash',
  'textureWash',
  'mildWash',
  'whiteningWash',
  'stainPreTreat',
  'richConditioner',
  'lightConditioner',
  'leaveIn',
  'loosening',
  'liftSpray',
  'foam',
  'cream',
  'dressing',
  'stainBarrier',
] as const;
/** A product by its use, not by its maker. */
export type ProductId = (typeof PRODUCT_IDS)[number];

/** Where a product was used: on the whole coat, on zones, on stains only. */
export const USE_SCOPES = ['whole', 'zones', 'stains'] as const;
/** One of `USE_SCOPES`. */
export type UseScope = (typeof USE_SCOPES)[number];

/** `darkOverPale`: a dark surface over paler roots, cut from beneath only. */
export const COAT_COLORS = ['white', 'pale', 'dark', 'darkOverPale'] as const;
/** One of `COAT_COLORS`. */
export type CoatColor = (typeof COAT_COLORS)[number];

/** When a coat was right after its bath. */
export const SETTLED = ['sameDay', 'nextDay', 'afterTwo'] as const;
/** One of `SETTLED`. */
export type Settled = (typeof SETTLED)[number];

/** Tests that a zone must pass before scissors: dry at the root, straight at the root. */
export const ZONE_TESTS = ['damp', 'kinked'] as const;
/** One of `ZONE_TESTS`. */
export type ZoneTest = (typeof ZONE_TESTS)[number];

/** Parts of a care program whose steps a kennel may change. */
export const CHANGED_PARTS = ['preparation', 'between', 'showMorning', 'after'] as const;
/** One of `CHANGED_PARTS`. */
export type ChangedPart = (typeof CHANGED_PARTS)[number];

/** Measures of a dog; the first is the height at the withers. */
export const DOG_MEASURES = [...OUTLINE_MEASURES, 'chest', 'neck', 'foreleg'] as const;
/** One of `DOG_MEASURES`; kept in cm. */
export type DogMeasure = (typeof DOG_MEASURES)[number];
