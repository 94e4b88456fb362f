/*
 * A dog's record as the programs read it: its class of coat, its age, what its estimates rest on, and which
 * conditions of a program hold for it.
 */
import type { CoatClass } from '../coat/coatClass.js';
import type { LocalDay } from '../time/localDay.js';
import { daysBetween } from '../time/localDay.js';
import type { KennelDog } from '../kennel/dogRecord.js';
import type { ZoneId } from '../coat/zones.js';
import type { BreedFacts, CareLibrary } from './careLibrary.js';
import type { Condition } from './careProgram.js';
import { hasTrimmedEars } from './breedStyles.js';
import { isDropping, isIn } from './dogStates.js';
import type { EstimateFacts } from './estimate.js';
import { lengthFactor } from './hairLength.js';
import { mayHoldStay } from './products.js';

/** Dogs younger than this are worked as puppies: shorter sessions, less work (engineering default). */
export const DEFAULT_PUPPY_DAYS = 365;

const NINE_MONTHS_DAYS = 274;
/** First lessons on the table from about then on (CP-18). */
const TEN_WEEKS_DAYS = 70;

/** Class of coat of a dog, by breed; throws on a breed that is not in the library (the reader refuses it). */
export function coatClassOf(dog: KennelDog, library: CareLibrary): CoatClass {
  const breed = library.breeds.get(dog.breed);
  if (breed === undefined) throw new Error(`coatClassOf: "${dog.breed}" is not in the library`);
  return breed.coat;
}

/** Whether the dog is worked as a puppy on the plan's first day. */
export function isPuppy(dog: KennelDog, at: { readonly grid: { readonly firstDay: LocalDay } }): boolean {
  return daysBetween(dog.born, at.grid.firstDay) < DEFAULT_PUPPY_DAYS;
}

/** Whether a dog is in the kennel's care on a day; always where nobody has entered its stays. */
export function isHere(dog: Pick<KennelDog, 'stays'>, day: LocalDay): boolean {
  const stays = dog.stays ?? [];
  return stays.length === 0 || stays.some((s) => s.from <= day && (s.until === undefined || s.until >= day));
}

/** Stage of a coat: what its work minds before everything else. */
export type CoatStage = 'puppy' | 'coatChange' | 'outOfCoat' | 'adult';

/** Stage of a dog's coat on a day; a coat in change or out of coat is that before it is anything else. */
export function stageOf(dog: Pick<KennelDog, 'born' | 'coatChange' | 'states'>, day: LocalDay): CoatStage {
  if (isDropping(dog, day)) return 'coatChange';
  if (isIn(dog, 'outOfCoat', day)) return 'outOfCoat';
  return daysBetween(dog.born, day) < DEFAULT_PUPPY_DAYS ? 'puppy' : 'adult';
}

/** The basis of a dog's estimates, for work on a day. */
export function estimateFacts(dog: KennelDog, library: CareLibrary, day: LocalDay, puppy: boolean): EstimateFacts {
  const interval = library.trimIntervalWeeks[coatClassOf(dog, library)];
  const weeks = dog.lastTrim === undefined ? interval : daysBetween(dog.lastTrim, day) / 7;
  return {
    weightKg: dog.weightKg,
    density: dog.density,
    length: lengthFactor(dog, coatClassOf(dog, library), day),
    coatChange: isDropping(dog, day),
    puppy,
    cooperation: dog.cooperation,
    firstTrim: dog.lastTrim === undefined,
    kinked: (dog.unready ?? []).some((u) => u.test === 'kinked'),
    overgrownWeeks: Math.max(0, weeks - interval),
  };
}

/** Facts about an entry that conditions ask for, besides the dog's. */
export interface EntryFacts {
  /** Day that ages count to: the ring day, or the day of the keep-up work. */
  readonly day: LocalDay;
  readonly siteTub: boolean;
  /** The site has a force dryer: coats are revived with water and air on the show morning. */
  readonly siteDryer: boolean;
  /** The dog's next show: what was found in its coat is worked on for that one, once. */
  readonly nextShow: boolean;
  /** Day of an earlier show whose trim still holds for this one; null where there is none. */
  readonly trimmedOn: LocalDay | null;
  readonly travels: boolean;
  /** The dog's first day at this show: a preparation is made once, later days get touch-ups. */
  readonly firstShowDay: boolean;
  readonly lastShowDay: boolean;
  readonly laterRound: boolean;
  /** Face and feet are clipped clean on this breed, some days before the ring so that the skin settles. */
  readonly cleanFaced: boolean;
  /** Ears are trimmed on this breed; others are left as they grow. */
  readonly earsTrimmed: boolean;
  /** The upper part of the ears is clipped on this breed. */
  readonly upperEarsClipped: boolean;
  /** The outline is shaped with scissors on this breed; natural sheepdogs are left as they grow. */
  readonly outlineShaped: boolean;
}

/** The facts of a day without any entry. */
export function noEntry(day: LocalDay, breed: BreedShape | undefined): EntryFacts {
  return {
    day,
    siteTub: false,
    siteDryer: false,
    nextShow: false,
    trimmedOn: null,
    travels: false,
    firstShowDay: false,
    lastShowDay: false,
    laterRound: false,
    ...shapeFacts(breed),
  };
}

type BreedShape = Pick<BreedFacts, 'variant' | 'footStyle' | 'styles'>;

/** Facts of a breed's own shape that its trims depend on. */
export function shapeFacts(
  breed: BreedShape | undefined,
): Pick<EntryFacts, 'cleanFaced' | 'outlineShaped' | 'earsTrimmed' | 'upperEarsClipped'> {
  return {
    cleanFaced: isCleanFaced(breed),
    outlineShaped: breed?.footStyle !== 'natural',
    earsTrimmed: breed === undefined || hasTrimmedEars(breed.styles),
    upperEarsClipped: breed?.styles.ears === 'upper',
  };
}

/** Whether a breed is shown with clean feet and face. */
export function isCleanFaced(breed: Pick<BreedFacts, 'variant'> | undefined): boolean {
  return breed?.variant.includes('clean') === true;
}

/** Days after which undercoat counts as loaded again (common practice: about a month). */
export const DEFAULT_RELOAD_DAYS = 28;
/** In coat change undercoat loosens sooner (engineering default). */
export const DEFAULT_RELOAD_DAYS_IN_CHANGE = 14;

/** Share of the zones' load at which a coat is worked as loaded (engineering default: half of it is back). */
export const DEFAULT_LOADED_SHARE = 0.5;

/**
 * Load of loose undercoat in a zone on a day, 0 just removed to 1 loaded again: it grows evenly from the zone's last full
 * removal (or the whole coat's, where that is later). Null where no removal is known.
 */
export function undercoatLoadAt(dog: UndercoatDog, zone: ZoneId, day: LocalDay): number | null {
  const days = (dog.undercoatDone ?? []).flatMap((u) => (u.zone === zone ? [u.day] : []));
  const last = [...days, ...(dog.lastUndercoat === undefined ? [] : [dog.lastUndercoat])].sort().at(-1);
  if (last === undefined) return null;
  const reload = dog.coatChange ? DEFAULT_RELOAD_DAYS_IN_CHANGE : DEFAULT_RELOAD_DAYS;
  return Math.max(0, Math.min(1, daysBetween(last, day) / reload));
}

/** Facts from which the load of undercoat is computed. */
export type UndercoatDog = Pick<KennelDog, 'undercoat' | 'undercoatDone' | 'lastUndercoat' | 'coatChange'>;

/**
 * How loaded the undercoat is on a day. With removals known by zone, by the share of zones that are loaded again; else from
 * the last full removal; else as somebody saw it.
 */
export function undercoatLoad(dog: UndercoatDog, day: LocalDay): KennelDog['undercoat'] {
  const zones = [...new Set((dog.undercoatDone ?? []).map((u) => u.zone))];
  if (zones.length > 0) {
    const loads = zones.map((z) => undercoatLoadAt(dog, z, day) ?? 0);
    return loads.filter((l) => l >= 1).length / loads.length >= DEFAULT_LOADED_SHARE ? 'heavy' : 'light';
  }
  if (dog.lastUndercoat === undefined) return dog.undercoat;
  const reload = dog.coatChange ? DEFAULT_RELOAD_DAYS_IN_CHANGE : DEFAULT_RELOAD_DAYS;
  return daysBetween(dog.lastUndercoat, day) >= reload ? 'heavy' : 'light';
}

const CLEAN_GROUNDS: readonly string[] = ['grass', 'artificial', 'indoors'];

/**
 * Whether a smooth dog's bath is skipped: somebody allows it (shown weekly, mitt-cleaned), its run is on clean ground where
 * that is known, and no dirt is to be seen, which overrides everything (common practice).
 */
export function mayGoUnbathed(dog: KennelDog): boolean {
  if (!dog.bathSkippedWhenClean || (dog.soiled ?? []).length > 0) return false;
  return dog.ground === undefined || CLEAN_GROUNDS.includes(dog.ground);
}

/** From this factor of its cooperation at mat work on, a dog bears only minutes of it (engineering default). */
export const DEFAULT_BEARS_LITTLE = 1.4;

/** Whether a condition of a program is met by a dog and an entry. */
export function isMet(condition: Condition, dog: KennelDog, entry: EntryFacts): boolean {
  switch (condition) {
    case 'undercoatHeavy':
      return undercoatLoad(dog, entry.day) === 'heavy';
    case 'undercoatLight':
      return undercoatLoad(dog, entry.day) === 'light';
    case 'jacketNeedsTowel':
      return !dog.jacketLies;
    case 'jacketLies':
      return dog.jacketLies;
    case 'wholeBath':
      return dog.wholeBath;
    case 'whitesOnly':
      return !dog.wholeBath;
    case 'bathed':
      return !mayGoUnbathed(dog);
    case 'soiled':
      return entry.nextShow && (dog.soiled ?? []).length > 0;
    case 'fringed':
      return dog.fringed;
    case 'notFringed':
      return !dog.fringed;
    case 'travels':
      return entry.travels;
    case 'firstShowDay':
      return entry.firstShowDay;
    case 'lastShowDay':
      return entry.lastShowDay;
    case 'laterRound':
      return entry.laterRound;
    case 'hasMats':
      return entry.nextShow && (dog.mats ?? []).length > 0;
    case 'bearsLittle':
      return (dog.cooperationAt ?? []).some((c) => c.step === 'knots' && c.factor >= DEFAULT_BEARS_LITTLE);
    case 'siteDryer':
      return entry.siteDryer;
    case 'noSiteDryer':
      return !entry.siteDryer;
    case 'siteTub':
      return entry.siteTub;
    case 'underNineMonths':
      return daysBetween(dog.born, entry.day) < NINE_MONTHS_DAYS;
    case 'fromTenWeeks':
      return daysBetween(dog.born, entry.day) >= TEN_WEEKS_DAYS;
    case 'fromNineMonths':
      return daysBetween(dog.born, entry.day) >= NINE_MONTHS_DAYS;
    case 'unready':
      return entry.nextShow && (dog.unready ?? []).length > 0;
    case 'wrapped':
      return dog.wrapped === true;
    case 'towelTwice':
      return !dog.jacketLies && (dog.towelSets ?? 1) > 1;
    case 'towelAfterBath':
      return !dog.jacketLies && dog.towelAfterBath === true;
    case 'trimDone':
      return entry.trimmedOn !== null;
    case 'earsTrimmed':
      return entry.earsTrimmed;
    case 'upperEarsClipped':
      return entry.upperEarsClipped;
    case 'holdComesOut':
      return !mayHoldStay(dog.recipe);
    case 'holdMayStay':
      return mayHoldStay(dog.recipe);
    case 'outlineShaped':
      return entry.outlineShaped;
    case 'cleanFaced':
      return entry.cleanFaced;
    case 'notCleanFaced':
      return !entry.cleanFaced;
  }
}
