/*
 * Rules of the care of tools: what is done after a use, after so many hours of use, or by the week. Common practice; the hours
 * are engineering defaults, since no table is published.
 */
import type { CareRule, ToolKind } from '@loyal-mane/core';

const SHEARS: readonly ToolKind[] = ['thinners', 'shortStraight', 'longStraight', 'longCurved'];
const CLIPPERS: readonly ToolKind[] = ['clipper', 'trimmer'];
const BRUSHES: readonly ToolKind[] = ['slicker', 'pinBrush', 'rake', 'wideComb', 'faceComb', 'curry'];
const HOUR_MIN = 60;

/** Use after which brushes are looked at for bent and sunk pins (engineering default). */
const DEFAULT_PINS_MIN = 20 * HOUR_MIN;
/** Use after which shears go to be sharpened (engineering default; the hair says so before: it folds instead of falling). */
const DEFAULT_SHARPEN_MIN = 60 * HOUR_MIN;
/** Use after which a clipper's blade is serviced (engineering default). */
const DEFAULT_BLADE_MIN = 10 * HOUR_MIN;
/** Days between two looks at cord, plug and vents of a dryer (engineering default; the local fire code goes before). */
const DEFAULT_FIRE_DAYS = 7;

/** All rules. */
export const CARE_RULES: readonly CareRule[] = [
  { job: 'clear', kinds: [...BRUSHES, 'grinder', 'strippingKnife'], after: 'use' },
  { job: 'pins', kinds: ['slicker', 'pinBrush'], after: { minutes: DEFAULT_PINS_MIN } },
  { job: 'oil', kinds: [...SHEARS, ...CLIPPERS], after: 'use' },
  { job: 'sharpen', kinds: SHEARS, after: { minutes: DEFAULT_SHARPEN_MIN } },
  { job: 'blade', kinds: CLIPPERS, after: { minutes: DEFAULT_BLADE_MIN } },
  { job: 'filter', kinds: ['forceDryer', 'standDryer'], after: 'use' },
  { job: 'fireCheck', kinds: ['forceDryer', 'standDryer'], after: { days: DEFAULT_FIRE_DAYS } },
  { job: 'disinfect', kinds: ['tub'], after: 'use' },
];
