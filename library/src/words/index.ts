/*
 * Words in English. The one module that turns codes into sentences: reasons, problems, issues, steps, cautions.
 */
export { CAUTIONS, DEFER } from './cautions.js';
export type { CautionId } from './cautions.js';
export { CARE_JOB_WORDS } from './careJobWords.js';
export { cutRangeWords, cutRowWords, cutWithWords, mmWords, zoneCutWords } from './cutWords.js';
export {
  CORRECTION_WORDS,
  FAULT_NAMES,
  LINE_WORDS,
  MEASURED_BETWEEN,
  MEASURE_WORDS,
  MOVEMENT_WORDS,
} from './outlineWords.js';
export { EXIT_WORDS } from './exitWords.js';
export { COURSE_WORDS, POINT_WORDS, SEVERITY_WORDS, observationWords } from './inspectionWords.js';
export { RUNG_WORDS, SKIN_WORDS, VERDICT_WORDS, budgetWords, guardWords, matName, rungWords } from './matWords.js';
export { NOTE_WORDS, dogNoteWords } from './dogNoteWords.js';
export { METHODS } from './methods.js';
export type { StepWords, Tone } from './methods/stepWords.js';
export { issueWords } from './issueWords.js';
export { namesOf } from './names.js';
export type { Names } from './names.js';
export {
  checkedWords,
  isTelling,
  reasonWords,
  remedyButton,
  remedyWords,
  shortWhyNot,
  whyNotWords,
} from './reasonWords.js';
export {
  clockWords,
  dayWords,
  durationWords,
  monthDay,
  restsOnWords,
  shortWeekday,
  spareWords,
  weekdayWords,
} from './timeWords.js';
export { REFUSAL_WORDS, SCHOOL_WORDS } from './schoolWords.js';
export type { SchoolWords, SideWords } from './schoolWords.js';
export {
  CONSENT_WORDS,
  RULE_WORDS,
  STAGE_WORDS,
  STATE_WORDS,
  dropWords,
  leftOutLines,
  heatLaterWords,
  noteWords,
  strippingWords,
} from './programWords.js';
export { COAT_WORDS, CONDITION_WORDS, SKILL_WORDS, STATION_NAMES, TOOL_WORDS } from './coatWords.js';
export { breakLine, breakWords } from './breakWords.js';
export type { BreakLine } from './breakWords.js';
export { gapButtons, gapWords } from './gapWords.js';
export { faultWords } from './faultWords.js';
export { leadWords } from './leadWords.js';
export { GOES_WRONG } from './goesWrong.js';
export {
  COLOR_WORDS,
  PRODUCT_NAMES,
  PURPOSE_WORDS,
  RINSE_WORDS,
  SCOPE_WORDS,
  SETTLED_WORDS,
  productChangeWords,
  productFaultWords,
  productWhyWords,
  productWords,
  whereWords,
  zonesWords,
} from './productWords.js';
export { TOOL_NOTES } from './toolNotes.js';
export { SEQUENCE_NAMES } from './sequenceWords.js';
export { sideFirstWords } from './sideWords.js';
export { boundDetailWords, boundWords, likelyWords, oddsWords, tightestWords } from './oddsWords.js';
export { oddsInsteadWords, overtimeInsteadWords, readyInsteadWords, supposedWords } from './whatIfWords.js';
export type { EntryName } from './whatIfWords.js';
export { lowerFirst } from './lowerFirst.js';
export { openBeforeWords } from './orderWords.js';
export { rowAtWords, trailWords } from './trailWords.js';
export { ROUND_WORDS, lackingWords, roundWords } from './roundWords.js';
export { liftWords } from './liftWords.js';
