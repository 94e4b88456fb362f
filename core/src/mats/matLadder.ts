/*
 * How one mat is opened: a ladder of ways from the gentlest up, each rung with its reason, and how long a brush may stay at one
 * place. Going back a rung is part of it. Common practice; figures are engineering defaults.
 */
import { TENDER_ZONES } from '../programs/matMinutes.js';
import type { KnownMat } from '../programs/matMinutes.js';

/** Ways of opening a mat, gentlest first. */
export const MAT_RUNGS = ['fingers', 'corner', 'splitter', 'clipBeneath'] as const;
/** One of `MAT_RUNGS`. */
export type MatRung = (typeof MAT_RUNGS)[number];

/** Why a rung is there, or left out. */
export type RungWhy =
  /** Fingers and spray always begin it. */
  | 'always'
  /** Small, in a tender place: fingers are enough, and all that it bears. */
  | 'smallTender'
  /** So large that fingers part it best. */
  | 'large'
  /** Light strokes from the tips, and back to spray and fingers where nothing gives. */
  | 'picking'
  /** Sparingly, then the corner again. */
  | 'sparing'
  /** A blade would meet skin. */
  | 'atSkin'
  /** Thin skin: no splitting tool. */
  | 'tender'
  /** Fighting it would bruise skin and pull out hair. */
  | 'solid'
  /** Where nothing gives after going back. */
  | 'last';

/** One rung: a way, its reason, and whether it is left out for it. */
export interface Rung {
  readonly way: MatRung;
  readonly why: RungWhy;
  readonly isLeftOut: boolean;
}

/** How a mat is opened; `stop`: nobody works on it, a vet looks first. */
export interface MatLadder {
  readonly stop: boolean;
  readonly rungs: readonly Rung[];
}

/** Smaller ones in tender places are left to fingers; larger ones are parted by fingers before anything else, cm. */
const SMALL_CM = 2;
const LARGE_CM = 10;
const DEFAULT_CM = 3;

/** Whether the skin beneath is a vet's business before a brush's. */
export function isSkinUpset({ skin }: Pick<KnownMat, 'skin'>): boolean {
  return skin !== undefined && skin !== 'calm';
}

/** The ladder of one mat. */
export function matLadder(mat: KnownMat): MatLadder {
  if (isSkinUpset(mat)) return { stop: true, rungs: [] };
  const on = (way: MatRung, why: RungWhy): Rung => ({ way, why, isLeftOut: false });
  const off = (way: MatRung, why: RungWhy): Rung => ({ way, why, isLeftOut: true });
  const [cm, isTender] = [mat.cm ?? DEFAULT_CM, TENDER_ZONES.has(mat.zone)];
  if (mat.tightness === 'solid')
    return { stop: false, rungs: [off('fingers', 'solid'), off('corner', 'solid'), on('clipBeneath', 'solid')] };
  if (mat.tightness === 'loose' && isTender && cm <= SMALL_CM)
    return { stop: false, rungs: [on('fingers', 'smallTender')] };
  const splitter =
    mat.atSkin === true ? off('splitter', 'atSkin') : isTender ? off('splitter', 'tender') : on('splitter', 'sparing');
  const first = on('fingers', cm >= LARGE_CM ? 'large' : 'always');
  if (mat.tightness === 'loose') return { stop: false, rungs: [first, on('corner', 'picking'), splitter] };
  return { stop: false, rungs: [first, on('corner', 'picking'), splitter, on('clipBeneath', 'last')] };
}

/** How long a brush stays at one place: strokes, minutes, and minutes elsewhere before it comes back. */
export interface BurnGuard {
  readonly strokes: number;
  readonly minutes: number;
  readonly restMin: number;
}

const DEFAULT_GUARD: BurnGuard = { strokes: 10, minutes: 3, restMin: 5 };
/** Pale skin burns sooner, thin skin too (common practice: a few strokes at most). */
const DEFAULT_STRICT_GUARD: BurnGuard = { strokes: 5, minutes: 2, restMin: 10 };

/** The guard at a mat; stricter on pale and on thin skin (CP-26). */
export function burnGuard(mat: Pick<KnownMat, 'zone'>, isPale: boolean): BurnGuard {
  return isPale || TENDER_ZONES.has(mat.zone) ? DEFAULT_STRICT_GUARD : DEFAULT_GUARD;
}
