/*
 * The library as the computation reads it.
 */
import type { CareLibrary, CoatClass } from '@loyal-mane/core';
import { BREEDS } from './breedTable.js';
import { growthPrior } from './growth.js';
import { MINUTES } from './minutes.js';
import { BODY_SHAPES } from './outline/bodyShapes.js';
import { PROGRAMS } from './programs.js';
import { SCHOOLS } from './schools.js';
import { STEP_NEEDS } from './steps.js';
import { toolsFor } from './tools.js';
import { STEP_ZONES } from './zones/stepZones.js';
import { TRIM_MAPS } from './zones/trimMaps.js';
import { HAIR_SHARES } from './zones/zones.js';

/** Standing trim minutes a day: 45 for trained dogs in jacketed and scissored trims (CP-10), 30 others (default). */
const STAND_MINUTES: Readonly<Record<CoatClass, number>> = {
  double: 30,
  heavySheepdog: 30,
  drop: 30,
  scissored: 45,
  jacketedNatural: 45,
  jacketedTrimmed: 45,
  wire: 30,
  smooth: 30,
};

/** Weeks between trims; beyond them the work grows (engineering default). */
const TRIM_INTERVAL_WEEKS: Readonly<Record<CoatClass, number>> = {
  double: 8,
  heavySheepdog: 6,
  drop: 6,
  scissored: 3,
  jacketedNatural: 6,
  jacketedTrimmed: 4,
  wire: 4,
  smooth: 4,
};

/** All that the house ships: breeds, programs, steps, schools, minutes, products, tools. */
export const CARE_LIBRARY: CareLibrary = {
  version: '5',
  breeds: BREEDS,
  steps: STEP_NEEDS,
  minutes: MINUTES,
  programs: PROGRAMS,
  schools: SCHOOLS,
  tools: toolsFor,
  trimMaps: TRIM_MAPS,
  stepZones: (step) => STEP_ZONES[step] ?? null,
  hairShare: (coat, zone) => HAIR_SHARES[coat].get(zone) ?? 0,
  shapes: BODY_SHAPES,
  growthPrior,
  standMinutes: STAND_MINUTES,
  puppyStandMinutes: 15,
  trimIntervalWeeks: TRIM_INTERVAL_WEEKS,
};
