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
  undercoatHeavy: 'the undercoat is heavy',
  undercoatLight: 'the undercoat is light',
  jacketNeedsTowel: 'the jacket does not lie by itself',
  jacketLies: 'the jacket lies by itself',
  wholeBath: 'the whole dog is bathed',
  whitesOnly: 'only the whites are bathed',
  bathed: 'it is bathed',
  travels: 'the dog travels',
  firstShowDay: 'it is the first show day',
  lastShowDay: 'it is the last show day',
  laterRound: 'a later round was won',
  fringed: 'the coat is fringed',
  notFringed: 'the coat is not fringed',
  hasMats: 'mats are known',
  bearsLittle: 'the dog bears little of it',
  soiled: 'the dog was soiled since its bath',
  siteTub: 'the site has a tub',
  siteDryer: 'the site has a force dryer',
  noSiteDryer: 'the site has no force dryer',
  underNineMonths: 'the dog is under nine months',
  fromTenWeeks: 'the dog is ten weeks or older',
  fromNineMonths: 'the dog is nine months or older',
  towelAfterBath: 'the jacket is set again after the show bath',
  towelTwice: 'one towel set is not enough',
  unready: 'a zone is damp or kinked',
  wrapped: 'the coat is kept in wraps',
  outlineShaped: 'the outline is shaped with scissors',
  earsTrimmed: 'the breed’s ears are trimmed',
  upperEarsClipped: 'the upper part of the breed’s ears is clipped',
  trimDone: 'an earlier show’s trim holds',
  holdComesOut: 'its finish must come out',
  holdMayStay: 'its finish may stay for days',
  cleanFaced: 'face and feet are clipped clean',
  notCleanFaced: 'face and feet are not clipped clean',
};

/** Somebody with a skill, in words. */
export const SKILL_WORDS: Readonly<Record<Skill, string>> = {
  bath: 'bathing',
  dry: 'drying',
  brush: 'brushing',
  scissor: 'scissors',
  ring: 'showing',
  hand: 'holding and carrying',
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
