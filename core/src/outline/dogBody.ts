/*
 * A dog's own body: the breed's row with what was measured on this dog in its place. Measures that no dog of the breed has are left
 * aside and named, since a slip of the tape would fold the line.
 */
import type { BodyRow } from './bodyRow.js';

/** Places that a tape seldom measures: the breed's, unless photo or eye show that this dog's lie elsewhere. */
export const NUDGED_MEASURES = [
  'stifleHeight',
  'skullDepth',
  'muzzleDepth',
  'forelegWidth',
  'hindLegWidth',
  'footLength',
  'earLength',
  'earWidth',
] as const;

/** Measures of the outline; the height at the withers is the unit of all others. */
export const OUTLINE_MEASURES = [
  'height',
  'bodyLength',
  'forechest',
  'chestDepth',
  'croupHeight',
  'tailSetHeight',
  'rumpHeight',
  'tuckUpHeight',
  'neckLength',
  'skullLength',
  'muzzleLength',
  'hockHeight',
  'hockBehind',
  'tailLength',
  'dipDepth',
  'skullWidth',
  'chestWidth',
  'thighWidth',
  ...NUDGED_MEASURES,
] as const;
/** One of `OUTLINE_MEASURES`. */
export type OutlineMeasure = (typeof OUTLINE_MEASURES)[number];

type Fraction = Exclude<OutlineMeasure, 'height'>;

const ROW_KEY: Readonly<Record<Fraction, keyof BodyRow>> = {
  bodyLength: 'length',
  forechest: 'forechest',
  chestDepth: 'depth',
  croupHeight: 'croup',
  tailSetHeight: 'tailSet',
  rumpHeight: 'rump',
  tuckUpHeight: 'tuckUp',
  neckLength: 'neckLength',
  skullLength: 'skull',
  muzzleLength: 'muzzle',
  hockHeight: 'hockHeight',
  hockBehind: 'rearAngle',
  tailLength: 'tailLength',
  dipDepth: 'dip',
  skullWidth: 'skullWidth',
  chestWidth: 'chestWidth',
  thighWidth: 'thighWidth',
  stifleHeight: 'stifleHeight',
  skullDepth: 'skullDepth',
  muzzleDepth: 'muzzleDepth',
  forelegWidth: 'forearmWidth',
  hindLegWidth: 'hindWidth',
  footLength: 'footLength',
  earLength: 'earLength',
  earWidth: 'earWidth',
};

/** How far a measure may lie from the breed's, a share of it and a part of the height (engineering defaults). */
const MOST_SHARE = 0.3;
const LEAST_SPAN = 0.06;
/** The same of places that are nudged: legs and head are narrow, a line would fold sooner. */
const MOST_NUDGE = 0.2;
const LEAST_NUDGE = 0.008;
const NUDGED: ReadonlySet<string> = new Set(NUDGED_MEASURES);

/** Heights that a dog of a breed has, a puppy of eight weeks among them, in heights of the breed (engineering defaults). */
const LEAST_HEIGHT = 0.25;
const MOST_HEIGHT = 1.5;

/** A dog's body, its height in mm, and the measures that were left aside. */
export interface DogBody {
  readonly body: BodyRow;
  readonly heightMm: number;
  readonly leftAside: readonly OutlineMeasure[];
}

/** The body from the breed's row and the dog's measures in mm; `breedHeightMm` stands in for a height that nobody measured. */
export function dogBody(
  breed: BodyRow,
  breedHeightMm: number,
  measuresMm: Readonly<Partial<Record<OutlineMeasure, number>>>,
): DogBody {
  const height = measuresMm.height ?? breedHeightMm;
  const isHeight = height >= LEAST_HEIGHT * breedHeightMm && height <= MOST_HEIGHT * breedHeightMm;
  const heightMm = isHeight ? height : breedHeightMm;
  const body: Record<string, unknown> = { ...breed };
  const leftAside: OutlineMeasure[] = isHeight ? [] : ['height'];
  for (const [measure, key] of Object.entries(ROW_KEY) as [Fraction, keyof BodyRow][]) {
    const mm = measuresMm[measure];
    if (mm === undefined) continue;
    const own = mm / heightMm;
    const standard = breed[key] as number;
    if (Math.abs(own - standard) > farthest(measure, standard)) leftAside.push(measure);
    else body[key] = own;
  }
  return { body: body as unknown as BodyRow, heightMm, leftAside };
}

/** How far a measure may lie from the breed's, in heights. */
function farthest(measure: OutlineMeasure, standard: number): number {
  const [share, least] = NUDGED.has(measure) ? [MOST_NUDGE, LEAST_NUDGE] : [MOST_SHARE, LEAST_SPAN];
  return Math.max(least, Math.abs(standard) * share);
}

/** A measure of a body in mm. */
export function measureOf(body: BodyRow, heightMm: number, measure: OutlineMeasure): number {
  return measure === 'height' ? heightMm : (body[ROW_KEY[measure]] as number) * heightMm;
}
