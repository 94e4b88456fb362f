/*
 * The facts of one dog, or of a usual dog of a breed, that its pages are composed by.
 */
import type { CoatClass } from '../coat/coatClass.js';
import type { KennelDog } from '../kennel/dogRecord.js';
import { DOG_STATES } from '../kennel/vocabulary.js';
import type { Flank, TrimBeginning } from '../kennel/vocabulary.js';
import type { BreedFacts } from '../programs/careLibrary.js';
import { shapeFacts, stageOf, undercoatLoad } from '../programs/dogFacts.js';
import { isIn } from '../programs/dogStates.js';
import { hasPaleRoots } from '../programs/paleRoots.js';
import type { BathPurpose } from '../programs/products.js';
import { zonesOfColor } from '../programs/products.js';
import type { Chosen } from '../programs/schools.js';
import type { LocalDay } from '../time/localDay.js';
import { daysBetween } from '../time/localDay.js';
import type { PageFact, PageFacts } from './pageFact.js';

/** A dog as its pages ask of it. */
export type PageDog = Pick<
  KennelDog,
  | 'born'
  | 'sex'
  | 'coatChange'
  | 'states'
  | 'colors'
  | 'paleRoots'
  | 'fringed'
  | 'wrapped'
  | 'undercoat'
  | 'undercoatDone'
  | 'lastUndercoat'
  | 'density'
  | 'liesForWork'
  | 'turnsInTub'
  | 'standsForDryer'
  | 'mats'
  | 'jacketLies'
  | 'recipe'
  | 'weakLegs'
  | 'growsCoat'
  | 'lastTrim'
  | 'consents'
>;

/** The day that a page is for, and which bath of the chain it belongs to. */
export interface PageDay {
  readonly day: LocalDay;
  readonly purpose: BathPurpose;
  /** Whether the dog is shown that day. */
  readonly isShowDay: boolean;
  /** Whether the task prepares a later day of a series of shows. */
  readonly isLaterShowDay?: boolean;
  /** Where whoever does it begins a trim; as the kennel decides for the coat when absent. */
  readonly trimBegin?: TrimBeginning | undefined;
  /** Of work that goes flank by flank: which of the two. */
  readonly flank?: Flank | undefined;
  /** Whether the show's ground has a force dryer. */
  readonly hasSiteDryer?: boolean;
}

const HALF_A_YEAR_DAYS = 183;

/** Everything that is true of a dog on a day; `chosen` are the sides of schools in force for it. */
export function pageFacts(dog: PageDog, breed: BreedFacts, chosen: readonly Chosen[], at: PageDay): PageFacts {
  const facts = new Set<PageFact>(breedFactsOf(breed));
  for (const c of chosen) facts.add(`school:${c.school.id}:${c.side}`);
  facts.add(`stage:${stageOf(dog, at.day)}`);
  facts.add(`bath:${at.purpose}`);
  facts.add(undercoatLoad(dog, at.day) === 'heavy' ? 'heavyLoad' : 'lightLoad');
  facts.add(dog.sex === 'dog' ? 'male' : 'bitch');
  for (const state of DOG_STATES) if (isIn(dog, state, at.day)) facts.add(`state:${state}`);
  if (at.flank !== undefined) facts.add(`flank:${String(at.flank) as `${Flank}`}`);
  facts.add(`begin:${at.trimBegin ?? usualBeginning(breed.coat, chosen)}`);
  for (const [fact, holds] of ownFacts(dog, at)) if (holds) facts.add(fact);
  return facts;
}

/** Coats whose small work is at the head, and whose large line is the topline (common practice). */
const HEAD_FIRST: ReadonlySet<CoatClass> = new Set(['drop', 'wire', 'smooth']);
const TOPLINE_FIRST: ReadonlySet<CoatClass> = new Set(['jacketedTrimmed', 'drop', 'wire']);

function usualBeginning(coat: CoatClass, chosen: readonly Chosen[]): TrimBeginning {
  const side = chosen.find((c) => c.school.id === 'trimBegin')?.side ?? 'a';
  if (side === 'a') return HEAD_FIRST.has(coat) ? 'head' : 'feet';
  return TOPLINE_FIRST.has(coat) ? 'topline' : 'rear';
}

function breedFactsOf(breed: BreedFacts): PageFact[] {
  const { coat, styles } = breed;
  return [
    `coat:${coat}`,
    `feet:${styles.feet}`,
    `ears:${styles.ears}`,
    `throat:${styles.throat}`,
    `head:${styles.head}`,
    `tail:${styles.tail}`,
    CRISP.has(coat) ? 'finish:crisp' : 'finish:natural',
    ...(shapeFacts(breed).outlineShaped ? (['shaped'] as const) : []),
  ];
}

/** Coats whose edges are shown sharp; on all others nothing may look cut. */
const CRISP: ReadonlySet<CoatClass> = new Set(['scissored']);

function ownFacts(dog: PageDog, { day, isShowDay, hasSiteDryer }: PageDay): readonly (readonly [PageFact, boolean])[] {
  return [
    ['fringed', dog.fringed],
    ['wrapped', dog.wrapped === true],
    ['white', zonesOfColor(dog, 'white', 'pale').length > 0],
    ['paleRoots', hasPaleRoots(dog)],
    ['thinCoat', dog.density === 'light' || isIn(dog, 'outOfCoat', day)],
    ['lies', dog.liesForWork],
    ['turns', dog.turnsInTub === true],
    ['fearsDryer', dog.standsForDryer === false],
    ['mats', (dog.mats ?? []).length > 0],
    ['towel', !dog.jacketLies],
    ['teased', (dog.recipe ?? []).some((l) => l.zones.includes('skull'))],
    ['weakLegs', (dog.weakLegs ?? []).length > 0],
    ['growing', dog.growsCoat ?? stageOf(dog, day) === 'puppy'],
    ['mayShaveOut', (dog.consents ?? []).some((c) => c.what === 'shaveOut')],
    ['firstTrim', dog.lastTrim === undefined],
    ['underSixMonths', daysBetween(dog.born, day) < HALF_A_YEAR_DAYS],
    ['showDay', isShowDay],
    ['siteDryer', hasSiteDryer === true],
  ];
}
