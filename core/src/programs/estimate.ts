/*
 * Minutes of a step for one dog: base minutes of the coat times the body's surface and what is known of the dog. One
 * function for planner, bench and records. The spread is log-normal; people see the 20th to the 80th percentile.
 */
import { REFERENCE_SURFACE_M2, bodySurfaceM2 } from '../coat/bodySurface.js';
import type { CoatColumn } from '../coat/coatClass.js';
import type { KennelDog } from '../kennel/dogRecord.js';
import type { MinutesRow } from './careProgram.js';
import type { Pace } from './pace.js';

/** Spread of a duration's logarithm until logs say otherwise (engineering default). */
export const DEFAULT_SPREAD = 0.18;
/** The 80th percentile of the standard normal distribution (any printed table). */
export const SPREAD_P80 = 0.8416;

/** Factors on minutes (engineering defaults, corrected by logged work later). */
export const DEFAULT_FACTORS = {
  density: { light: 0.8, normal: 1, heavy: 1.25 },
  coatChange: 1.4,
  puppy: 0.7,
  overgrownPerWeek: 0.1,
  overgrownMost: 1.8,
  /** A trim that this dog has not had here yet. */
  firstTrim: 1.3,
  /** Undercoat that was left in slows washing and drying. */
  bathUndercoatIn: 1.2,
  dryUndercoatIn: 1.3,
  /** A coat that comes from the brush dries faster. */
  dryBrushedOut: 0.9,
  /** Kinked roots slow the scissors. */
  kinked: 1.3,
} as const;

/** Spread where the dog or the trim is new (engineering default). */
export const DEFAULT_FIRST_SPREAD = 0.28;

const EXPONENT = { whole: 1, zone: 0.5, fixed: 0 } as const;

/** The basis of an estimate, besides the row. */
export interface EstimateFacts {
  readonly weightKg: number;
  readonly density: KennelDog['density'];
  readonly coatChange: boolean;
  readonly puppy: boolean;
  readonly cooperation: number;
  /** Weeks beyond the trim interval, at least 0. */
  readonly overgrownWeeks: number;
  /** Factor of the hair's length as it was measured, 1 when absent; see `lengthFactor`. */
  readonly length?: number;
  /** Never trimmed here before. */
  readonly firstTrim?: boolean;
  /** Some zone is still kinked at the root. */
  readonly kinked?: boolean;
  /** How well the step before washing and drying was done, where that is known. */
  readonly prepared?: 'brushedOut' | 'undercoatIn';
}

/** An estimate in minutes, with its 20th and 80th percentile. */
export interface Estimate {
  readonly middleMin: number;
  readonly p20Min: number;
  readonly p80Min: number;
  /** The middle estimate before this dog's own pace, and the logs that its pace rests on. */
  readonly usualMin: number;
  readonly logs: number;
}

/** Factor for hair that has grown `weeks` beyond its trim interval: 1 + 0.1 a week, at most 1.8. */
export function overgrownFactor(weeks: number): number {
  return Math.min(DEFAULT_FACTORS.overgrownMost, 1 + DEFAULT_FACTORS.overgrownPerWeek * Math.max(0, weeks));
}

/**
 * Minutes of a share (0 to 1] of a row for a dog. Throws where the row is not done on this coat: the program asked
 * for a step that its coat does not have.
 */
export function estimate(row: MinutesRow, column: CoatColumn, facts: EstimateFacts, share = 1): Estimate {
  const base = row.by[column];
  if (base === undefined) throw new Error(`estimate: this step is not done on ${column} coats`);
  let minutes = base * share * (bodySurfaceM2(facts.weightKg) / REFERENCE_SURFACE_M2) ** EXPONENT[row.scale];
  if (row.dense) minutes *= DEFAULT_FACTORS.density[facts.density] * (facts.length ?? 1);
  if (row.brushing && facts.coatChange) minutes *= DEFAULT_FACTORS.coatChange;
  if (facts.puppy && row.scale !== 'fixed') minutes *= DEFAULT_FACTORS.puppy;
  if (row.trim) minutes *= trimFactor(facts);
  minutes *= preparedFactor(row, facts.prepared);
  if (row.scale !== 'fixed') minutes *= facts.cooperation;
  const spread = row.trim && facts.firstTrim === true ? DEFAULT_FIRST_SPREAD : DEFAULT_SPREAD;
  return {
    middleMin: minutes,
    p20Min: minutes * Math.exp(-SPREAD_P80 * spread),
    p80Min: minutes * Math.exp(SPREAD_P80 * spread),
    usualMin: minutes,
    logs: 0,
  };
}

function trimFactor(facts: EstimateFacts): number {
  const first = facts.firstTrim === true ? DEFAULT_FACTORS.firstTrim : 1;
  const kinked = facts.kinked === true ? DEFAULT_FACTORS.kinked : 1;
  return overgrownFactor(facts.overgrownWeeks) * first * kinked;
}

function preparedFactor(row: MinutesRow, prepared: EstimateFacts['prepared']): number {
  if (row.wet === null || prepared === undefined) return 1;
  if (prepared === 'brushedOut') return row.wet === 'dry' ? DEFAULT_FACTORS.dryBrushedOut : 1;
  return row.wet === 'dry' ? DEFAULT_FACTORS.dryUndercoatIn : DEFAULT_FACTORS.bathUndercoatIn;
}

/** An estimate at a learned pace. */
export function atPace(e: Estimate, pace: Pace): Estimate {
  return {
    ...e,
    middleMin: e.middleMin * pace.factor,
    p20Min: e.p20Min * pace.factor,
    p80Min: e.p80Min * pace.factor,
    logs: pace.logs,
  };
}
