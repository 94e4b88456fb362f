/*
 * Needs of each step: skills, station, power, quiet. Equipment figures at 230 V and noise at the ear
 * are engineering defaults; hearing protection is counted as 13 dB off the force dryer's 98 dBA.
 */
import type { Skill, StationKind, StepId, StepNeeds } from '@loyal-mane/core';

/** Amperes of a force dryer at 230 V (engineering default; the plate on the dryer counts). */
export const DEFAULT_FORCE_DRYER_AMPS = 9;
/** Amperes of a heated stand dryer at 230 V (engineering default; the plate on the dryer counts). */
export const DEFAULT_HEAT_DRYER_AMPS = 7;
/** Decibels by which worn hearing protection lowers noise at the ear (engineering default). */
export const DEFAULT_PROTECTION_DB = 13;

const quiet: StepNeeds = {
  skill: 'hand',
  second: null,
  station: null,
  amps: 0,
  cleanMin: 0,
  stands: false,
  noiseDba: 0,
  scissors: false,
  lifts: false,
  wholeLength: false,
};

function at(station: StationKind | null, skill: Skill, more: Partial<StepNeeds> = {}): StepNeeds {
  const cleanMin = station === 'tub' ? 5 : station === null || station === 'pen' ? 0 : 2;
  return { ...quiet, station, skill, cleanMin, ...more };
}

const force: Partial<StepNeeds> = { amps: DEFAULT_FORCE_DRYER_AMPS, noiseDba: 98 - DEFAULT_PROTECTION_DB };
const trim: Partial<StepNeeds> = { stands: true, scissors: true, wholeLength: true };

/** Needs of each step: skill, second person, station, amperes, dBA, minutes of clean-down. */
export const STEP_NEEDS: Readonly<Record<StepId, StepNeeds>> = {
  inspection: quiet,
  keepUpBrush: at('table', 'brush'),
  dressing: at(null, 'brush'),
  knots: at('table', 'brush'),
  lesson: at('table', 'brush'),
  practice: at('table', 'scissor', trim),
  shapeCheck: at('table', 'scissor'),
  shapeTrim: at('table', 'scissor', trim),
  strip: at('table', 'scissor', { stands: true }),
  trimBath: at('tub', 'bath', { lifts: true }),
  blowOut: at('forceDryer', 'dry', { ...force, cleanMin: 15 }),
  brushOut1: at('table', 'brush'),
  preTreat: at('table', 'bath'),
  brushOut2: at('table', 'brush'),
  glands: at('tub', 'glands', { lifts: true }),
  mittClean: at('table', 'hand'),
  bath: at('tub', 'bath', { lifts: true }),
  bathWhites: at('tub', 'bath', { lifts: true }),
  condition: at('tub', 'bath', { lifts: true }),
  towel: at(null, 'bath'),
  forceDry: at('forceDryer', 'dry', force),
  heatDry: at('standDryer', 'dry', { amps: DEFAULT_HEAT_DRYER_AMPS, noiseDba: 78 }),
  dryCheck: at('table', 'dry'),
  undercoat: at('table', 'brush'),
  lineBrush: at('table', 'brush'),
  combThrough: at('table', 'brush'),
  clip: at('table', 'scissor', { noiseDba: 70 }),
  upperEars: at('table', 'scissor', { noiseDba: 70, stands: true }),
  nails: at('table', 'brush', { noiseDba: 75 }),
  ears: at('table', 'scissor', trim),
  throat: at('table', 'scissor', trim),
  whiskers: at('table', 'scissor', { scissors: true }),
  naturalTrim: at('table', 'scissor', trim),
  roughTrim: at('table', 'scissor', trim),
  // The coat is soaked in a tub, and the dog then lies under its towel in a pen: two places, two steps.
  towelSoak: at('tub', 'bath', { lifts: true }),
  towelSet: at('pen', 'bath'),
  towelRelease: at('table', 'dry'),
  fineTrim: at('table', 'scissor', trim),
  // One pair of eyes does where the dog stands still; the second is for the movement check (common practice).
  outlineCheck: at('table', 'scissor', { stands: true, wholeLength: true }),
  wraps: at('table', 'brush'),
  bag: quiet,
  load: quiet,
  spotWash: at(null, 'bath'),
  touchUp: at('table', 'brush'),
  // The root is revived with water and the force dryer at once: its circuit, its noise, the ground's dryer hours.
  revive: at('forceDryer', 'brush', force),
  finish: at('table', 'brush'),
  tidies: at('table', 'scissor', { scissors: true }),
  gate: at(null, 'ring'),
  ring: at(null, 'ring'),
  winnersHold: at(null, 'brush'),
  skinLook: quiet,
  takedown: at('table', 'brush'),
};
