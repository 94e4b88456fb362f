/*
 * Classes of coat, conditions and needs in words.
 */
import type { CoatClass, Condition, Skill, StationKind, ToolKind } from '@loyal-mane/core';

/** Classes of coat in words. */
export const COAT_WORDS: Readonly<Record<CoatClass, string>> = {
  double: 'Double',
  heavySheepdog: 'Heavy sheepdog',
  drop: 'Drop',
  scissored: 'Scissored',
  jacketedNatural: 'Natural jacketed',
  jacketedTrimmed: 'Trimmed jacketed',
  wire: 'Wire',
  smooth: 'Smooth',
};

/** Conditions of steps in words that follow "if". */
export const CONDITION_WORDS: Readonly<Record<Condition, string>> = {
  undercoatHeavy: 'undercoat loaded',
  undercoatLight: 'undercoat light',
  jacketNeedsTowel: 'jacket will not lie',
  wholeBath: 'bathed whole',
  whitesOnly: 'whites only',
  bathed: 'it is bathed',
  travels: 'travels',
  firstShowDay: 'first show day',
  lastShowDay: 'last show day',
  laterRound: 'a later round was won',
  fringed: 'fringed',
  notFringed: 'not fringed',
  hasMats: 'mats are known',
  bearsLittle: 'bears little of it',
  soiled: 'soiled since its bath',
  siteTub: 'tub at the site',
  underNineMonths: 'under nine months',
  fromNineMonths: 'nine months or older',
  towelAfterBath: 'set again after the show bath',
  towelTwice: 'one towel set is not enough',
  unready: 'a zone is damp or kinked',
  wrapped: 'kept in wraps',
  cleanFaced: 'clean face and feet',
  notCleanFaced: 'face and feet not clipped clean',
};

/** Somebody with a skill, in words. */
export const SKILL_WORDS: Readonly<Record<Skill, string>> = {
  bath: 'bathing',
  dry: 'drying',
  brush: 'brushing',
  scissor: 'scissors',
  ring: 'showing',
  hand: 'a pair of hands',
  decide: 'deciding',
  harshDryer: 'the force dryer on harsh coats',
  glands: 'glands',
};

/** Kinds of stations in words. */
export const STATION_NAMES: Readonly<Record<StationKind, string>> = {
  tub: 'tub',
  forceDryer: 'force dryer',
  standDryer: 'stand dryer',
  table: 'table',
  pen: 'pen',
};

/** Kinds of tools in words. */
export const TOOL_WORDS: Readonly<Record<ToolKind, string>> = {
  thinners: 'thinners',
  shortStraight: 'short straight shears',
  longStraight: 'long straight shears',
  longCurved: 'long curved shears',
  clipper: 'clipper',
  trimmer: 'quiet trimmer',
  strippingKnife: 'stripping knife',
  slicker: 'slicker',
  pinBrush: 'pin brush',
  rake: 'undercoat rake',
  wideComb: 'wide comb',
  faceComb: 'face comb',
  grinder: 'nail grinder',
  curry: 'rubber curry',
};
