/*
 * The mat budget: minutes that all mats of a dog need, beside what the dog bears and hands are free for in the days that are left.
 * Its verdict is advice with its reckoning; the humane limits in it are nobody's to overrule.
 */
import { matFactor } from '../programs/matMinutes.js';
import type { KnownMat } from '../programs/matMinutes.js';
import { isSkinUpset } from './matLadder.js';

/** Verdicts, from the best. */
export const MAT_VERDICTS = ['workOut', 'decide', 'clip', 'pull', 'vet'] as const;
/**
 * `workOut`: there is time. `decide`: it may do, lead and owner say. `clip`: it does not do, what is matted is clipped beneath.
 * `pull`: it does not do before the ring either. `vet`: skin first.
 */
export type MatVerdict = (typeof MAT_VERDICTS)[number];

/** A day that is left, with the minutes that hands are free on it. */
export interface MatDay {
  readonly day: string;
  readonly handsMin: number;
}

/** Everything that a budget is reckoned from. */
export interface MatAsk {
  readonly mats: readonly KnownMat[];
  /** Minutes of one loose knot, and how hard this dog makes it (1 = usual). */
  readonly knotMin: number;
  readonly cooperation: number;
  /** Minutes of mat work that the dog bears a day. */
  readonly bearsMin: number;
  /** Days until the bath, today first. */
  readonly days: readonly MatDay[];
  /** Whether a ring waits for the dog after these days. */
  readonly isEntered: boolean;
}

/** One mat's minutes. */
export interface MatLine {
  readonly mat: KnownMat;
  readonly minutes: number;
}

/** Why a verdict is what it is, where it is not the sum. */
export type MatLimit = 'skin' | 'solidLarge' | 'onePlace' | null;

/** The budget with its reckoning. */
export interface MatBudget {
  readonly verdict: MatVerdict;
  readonly limit: MatLimit;
  readonly lines: readonly MatLine[];
  /** Minutes that are needed: middle, and the range in which three of five such works end. */
  readonly needMin: { readonly low: number; readonly middle: number; readonly high: number };
  /** Minutes a day that count: what the dog bears, at most the humane limit. */
  readonly bearsMin: number;
  /** Minutes that the days have together. */
  readonly hasMin: number;
  readonly days: number;
}

/** 20th and 80th percentile of work of this kind, log scale 0.35: mats differ more than baths (engineering default). */
const DEFAULT_SPREAD = 0.35;
const LOW = Math.exp(-0.8416 * DEFAULT_SPREAD);
const HIGH = Math.exp(0.8416 * DEFAULT_SPREAD);
/** Nobody works on a dog's mats longer a day, whatever it bears (humane limit; common practice is less). */
export const MOST_MAT_MIN = 45;
/** Nor longer on one mat over all days: skin pays for it (humane limit). */
export const MOST_ONE_MAT_MIN = 60;
/** Solid felt from this size on is never worked out, cm (humane limit). */
export const SOLID_LARGE_CM = 12;

/** Reckons the budget. */
export function matBudget(ask: MatAsk): MatBudget {
  const lines = ask.mats.map((mat) => ({ mat, minutes: matFactor(mat) * ask.knotMin * ask.cooperation }));
  const middle = lines.reduce((sum, l) => sum + l.minutes, 0);
  const needMin = { low: middle * LOW, middle, high: middle * HIGH };
  const bearsMin = Math.min(MOST_MAT_MIN, ask.bearsMin);
  const hasMin = ask.days.reduce((sum, d) => sum + Math.min(bearsMin, Math.max(0, d.handsMin)), 0);
  const limit = limitOf(lines);
  const verdict = limit === 'skin' ? 'vet' : limit !== null ? 'clip' : byTime(needMin, hasMin, ask);
  return { verdict, limit, lines, needMin, bearsMin, hasMin, days: ask.days.length };
}

function limitOf(lines: readonly MatLine[]): MatLimit {
  if (lines.some((l) => isSkinUpset(l.mat))) return 'skin';
  if (lines.some((l) => l.mat.tightness === 'solid' && (l.mat.cm ?? 0) >= SOLID_LARGE_CM)) return 'solidLarge';
  return lines.some((l) => l.minutes > MOST_ONE_MAT_MIN) ? 'onePlace' : null;
}

function byTime({ middle, high }: MatBudget['needMin'], hasMin: number, { isEntered }: MatAsk): MatVerdict {
  if (high <= hasMin) return 'workOut';
  if (middle <= hasMin) return 'decide';
  return isEntered ? 'pull' : 'clip';
}
