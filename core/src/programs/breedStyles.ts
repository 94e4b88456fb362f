/*
 * How a breed is shown, read from the words of its row: a kennel writes its own breeds in the same words. A word that says
 * nothing known leaves the part natural, which cuts least.
 */
import type { CoatClass } from '../coat/coatClass.js';
import type { ZoneId } from '../coat/zones.js';

/** How feet are shown. */
export type FootKind = 'natural' | 'slippers' | 'shaped' | 'bevel' | 'curved' | 'clipped';
/** How ears are shown. */
export type EarKind = 'natural' | 'edge' | 'thinned' | 'upper' | 'clipped' | 'tassel' | 'base' | 'blended' | 'fringe';
/** How throat and front are shown. */
export type ThroatKind = 'natural' | 'blended' | 'clippedV' | 'thinned' | 'handWorked' | 'tufts';
/** The plan of a head. */
export type HeadKind =
  'natural' | 'topknot' | 'tied' | 'fall' | 'parted' | 'teased' | 'rectangular' | 'round' | 'cleanSkull' | 'wedge';
/** How a tail is carried and shown. */
export type TailKind = 'level' | 'flag' | 'curled' | 'raised' | 'docked' | 'pom' | 'tapered';

/** The parts of a breed's row that decide steps and pages. */
export interface BreedStyles {
  readonly feet: FootKind;
  readonly ears: EarKind;
  readonly throat: ThroatKind;
  readonly head: HeadKind;
  readonly tail: TailKind;
  /** How the dog is set up, in the row's words; "" where nobody has written it. */
  readonly stance: string;
}

/** The words of a breed's row. */
export interface StyleWords {
  readonly footStyle: string;
  readonly earStyle: string;
  readonly throatStyle: string;
  readonly headPlan: string;
  readonly tailKind: string;
  readonly stance: string;
}

type Rule<K> = readonly [pattern: RegExp, kind: K];

const FEET: readonly Rule<FootKind>[] = [
  [/slipper/, 'slippers'],
  [/natural/, 'natural'],
  [/clipped/, 'clipped'],
  [/under the coat/, 'curved'],
  [/scissored|bevel/, 'bevel'],
  [/round|hare|shaped/, 'shaped'],
];
const EARS: readonly Rule<EarKind>[] = [
  [/tassel/, 'tassel'],
  [/blended/, 'blended'],
  [/fringe/, 'fringe'],
  [/third|upper/, 'upper'],
  [/clipped/, 'clipped'],
  [/thinned/, 'thinned'],
  [/base/, 'base'],
  [/edge|leather/, 'edge'],
];
const THROATS: readonly Rule<ThroatKind>[] = [
  [/hand/, 'handWorked'],
  [/thinned/, 'thinned'],
  [/clipped/, 'clippedV'],
  [/blended/, 'blended'],
  [/tufts/, 'tufts'],
];
const HEADS: readonly Rule<HeadKind>[] = [
  [/topknot or fall/, 'tied'],
  [/topknot natural/, 'natural'],
  [/arched/, 'round'],
  [/topknot/, 'topknot'],
  [/fall|foreface/, 'fall'],
  [/parted/, 'parted'],
  [/teased/, 'teased'],
  [/rectangular/, 'rectangular'],
  [/round|blended/, 'round'],
  [/clean/, 'cleanSkull'],
  [/wedge/, 'wedge'],
];
const TAILS: readonly Rule<TailKind>[] = [
  [/pom/, 'pom'],
  [/tapered/, 'tapered'],
  [/flag/, 'flag'],
  [/curled|plume/, 'curled'],
  [/upright|docked|short/, 'docked'],
  [/raised/, 'raised'],
];

/** The kinds that the words of a row name. */
export function breedStyles(row: StyleWords): BreedStyles {
  return {
    feet: kindOf(FEET, row.footStyle, 'natural'),
    // Nobody has written how they are shown: they are trimmed as most are.
    ears: row.earStyle === '' ? 'edge' : kindOf(EARS, row.earStyle, 'natural'),
    throat: kindOf(THROATS, row.throatStyle, 'natural'),
    head: kindOf(HEADS, row.headPlan, 'natural'),
    tail: kindOf(TAILS, row.tailKind, 'level'),
    stance: row.stance,
  };
}

function kindOf<K>(rules: readonly Rule<K>[], words: string, usual: K): K {
  return rules.find(([pattern]) => pattern.test(words))?.[1] ?? usual;
}

/** Ears whose edge is trimmed; all others are left as they grow, or clipped with the head. */
const TRIMMED_EARS: ReadonlySet<EarKind> = new Set<EarKind>(['edge', 'thinned', 'upper', 'base']);

/** Whether a breed's ears are trimmed at all. */
export function hasTrimmedEars({ ears }: Pick<BreedStyles, 'ears'>): boolean {
  return TRIMMED_EARS.has(ears);
}

const EAR_FRINGES: readonly ZoneId[] = ['earFringe', 'earFront', 'earBack'];
const SLIPPERS: readonly ZoneId[] = ['foreToes', 'hindToes'];
const FLAG: readonly ZoneId[] = ['tail', 'tailTip'];

/** Fringes that a breed must never lose: no blade and no slicker goes there (common practice). */
export function fringesOf(coat: CoatClass, { ears, feet }: BreedStyles): ReadonlySet<ZoneId> {
  const isFringed = ears === 'fringe';
  return new Set([
    ...(isFringed ? EAR_FRINGES : []),
    ...(feet === 'slippers' ? SLIPPERS : []),
    ...(isFringed && coat === 'jacketedNatural' ? FLAG : []),
  ]);
}
