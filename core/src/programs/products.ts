/*
 * Which products a bath and a finish take, and which not, with the reason: by the purpose of the bath, the color of each
 * zone, what was used lately, the show's rules. The bottle's own label always comes first.
 */
import type { CoatClass } from '../coat/coatClass.js';
import { ZONE_IDS } from '../coat/zones.js';
import type { ZoneId } from '../coat/zones.js';
import type { RuleValue } from '../kennel/choices.js';
import type { KennelDog } from '../kennel/dogRecord.js';
import type { CoatColor, ProductId, UseScope } from '../kennel/vocabulary.js';
import type { LocalDay } from '../time/localDay.js';
import { addDays, daysBetween } from '../time/localDay.js';
import { isIn } from './dogStates.js';

/** How a product leaves the coat. */
export type Rinse = 'out' | 'withBath' | 'mayStay' | 'stays' | 'nextWash' | 'afterShow';

/** A product: how it is thinned (parts of water to one), how long it soaks (minutes). */
export interface Product {
  /** Parts of water to one part; null = ready to use. */
  readonly parts: number | null;
  /** Minutes it works: at least, at most. */
  readonly soakMin: readonly [number, number] | null;
  readonly rinse: Rinse;
}

/** Zones of a coat that products are told by. */
export interface ProductZones {
  readonly feather: readonly ZoneId[];
  readonly volume: readonly ZoneId[];
  readonly legs: readonly ZoneId[];
  readonly ears: readonly ZoneId[];
  readonly stains: readonly ZoneId[];
  readonly face: readonly ZoneId[];
}

/** Purposes of a bath, which decide its products. */
export const BATH_PURPOSES = ['keepUp', 'trim', 'show'] as const;
/** One of `BATH_PURPOSES`. */
export type BathPurpose = (typeof BATH_PURPOSES)[number];

/** Why a product is advised, or left out. */
export type ProductWhy =
  | { readonly code: 'usual' }
  /** Product has built up, or the last time is a month ago (or not known). */
  | { readonly code: 'clarifyDue'; readonly last: LocalDay | null }
  /** White zones, whitened. */
  | { readonly code: 'white' }
  /** Whitened whole too lately: stains only until that day. */
  | { readonly code: 'notConsecutive'; readonly until: LocalDay }
  /** Whole-coat whitener on the first day of a series only; stains on the others (CP-42). */
  | { readonly code: 'laterShowDay' }
  /** A keep-up bath is conditioned everywhere. */
  | { readonly code: 'keepUpEverywhere' }
  /** Body is wanted there, or the ring is near. */
  | { readonly code: 'showSpares'; readonly zones: readonly ZoneId[] }
  /** Short, harsh or silky hair does not bear it. */
  | { readonly code: 'notThisCoat' }
  /** Out of coat: body is wanted everywhere (common practice). */
  | { readonly code: 'thinCoat' }
  | { readonly code: 'showRules'; readonly value: RuleValue }
  /** Skin upset, young, or near the eyes. */
  | { readonly code: 'mild' }
  /** Nothing on it is white. */
  | { readonly code: 'nothingWhite' };

/** A product for a bath, where, in which order, and why. */
export interface ProductAdvice {
  readonly product: ProductId;
  readonly use: boolean;
  readonly scope: UseScope;
  /** Where, for `zones` and `stains`. */
  readonly zones: readonly ZoneId[];
  readonly why: ProductWhy;
}

/** Days between clarifying washes (common practice: monthly, or on build-up). */
export const DEFAULT_CLARIFY_DAYS = 30;
/** Whole-coat whitening leaves at least so many days between (common practice: never on consecutive days). */
export const DEFAULT_WHITEN_GAP_DAYS = 2;

/** Facts of a dog that decide about its products. */
export type ProductDog = Pick<KennelDog, 'colors' | 'uses' | 'buildUp' | 'states' | 'fringed'>;

/** Zones of a color that are known. */
export function zonesOfColor(dog: Pick<KennelDog, 'colors'>, ...colors: readonly CoatColor[]): ZoneId[] {
  return (dog.colors ?? []).flatMap((c) => (colors.includes(c.color) ? [c.zone] : []));
}

function lastUse(dog: ProductDog, product: ProductId): LocalDay | null {
  const days = (dog.uses ?? []).flatMap((u) => (u.product === product ? [u.day] : []));
  return days.sort().at(-1) ?? null;
}

const usual: ProductWhy = { code: 'usual' };
const whole = (product: ProductId, why: ProductWhy = usual, use = true): ProductAdvice => ({
  product,
  use,
  scope: 'whole',
  zones: [],
  why,
});
const some = (product: ProductId, zones: readonly ZoneId[], why: ProductWhy = usual): ProductAdvice => ({
  product,
  use: true,
  scope: 'zones',
  zones,
  why,
});

/**
 * Products of a bath on a day, in the order of work, and those left out on purpose. `isLaterShowDay`: the dog was shown the
 * day before at the same show.
 */
export function bathProducts(
  dog: ProductDog,
  coat: CoatClass,
  purpose: BathPurpose,
  day: LocalDay,
  zones: ProductZones,
  isLaterShowDay = false,
): ProductAdvice[] {
  const thin = isIn(dog, 'outOfCoat', day);
  return [
    ...(isIn(dog, 'medicine', day) ? [] : stainAdvice(dog, zones)),
    washAdvice(dog, purpose, day),
    some('mildWash', zones.face, { code: 'mild' }),
    ...textureAdvice(coat, purpose, zones, thin),
    ...whitenAdvice(dog, purpose, day, zones, isLaterShowDay),
    ...conditionAdvice(dog, coat, purpose, zones, thin),
  ];
}

function stainAdvice(dog: ProductDog, zones: ProductZones): ProductAdvice[] {
  const pale = new Set(zonesOfColor(dog, 'white', 'pale'));
  const stained = zones.stains.filter((z) => pale.has(z));
  return stained.length === 0
    ? []
    : [{ product: 'stainPreTreat', use: true, scope: 'stains', zones: stained, why: { code: 'white' } }];
}

function washAdvice(dog: ProductDog, purpose: BathPurpose, day: LocalDay): ProductAdvice {
  if (isIn(dog, 'allergy', day) || isIn(dog, 'medicine', day)) {
    return whole('mildWash', { code: 'mild' });
  }
  const last = lastUse(dog, 'clarifyingWash');
  const due = last === null || daysBetween(last, day) >= DEFAULT_CLARIFY_DAYS;
  // A show bath is no time to strip a coat, unless product has really built up.
  if (dog.buildUp === true || (due && purpose !== 'show' && (dog.uses ?? []).length > 0)) {
    return whole('clarifyingWash', { code: 'clarifyDue', last });
  }
  return whole('cleansingWash');
}

function textureAdvice(coat: CoatClass, purpose: BathPurpose, zones: ProductZones, thin: boolean): ProductAdvice[] {
  if (purpose !== 'show') return [];
  if (coat === 'drop') return [whole('textureWash', { code: 'notThisCoat' }, false)];
  if (zones.volume.length === 0) return [];
  return [thin ? whole('textureWash', { code: 'thinCoat' }) : some('textureWash', zones.volume)];
}

/** From this share of the zones on, what goes on them counts as all over (engineering default). */
const DEFAULT_WHOLE_SHARE = 0.5;

function isMost(zones: readonly ZoneId[]): boolean {
  return zones.length >= ZONE_IDS.length * DEFAULT_WHOLE_SHARE;
}

/** The last day on which all of the coat, or most of it, was whitened. */
function lastWhitenedWhole(dog: ProductDog): LocalDay | null {
  const days = (dog.uses ?? []).flatMap((u) =>
    u.product === 'whiteningWash' && (u.scope === 'whole' || (u.scope === 'zones' && isMost(u.zones ?? [])))
      ? [u.day]
      : [],
  );
  return days.sort().at(-1) ?? null;
}

function whitenAdvice(
  dog: ProductDog,
  purpose: BathPurpose,
  day: LocalDay,
  zones: ProductZones,
  isLaterShowDay: boolean,
): ProductAdvice[] {
  if (purpose !== 'show') return [];
  const white = zonesOfColor(dog, 'white');
  if ((dog.colors ?? []).length > 0 && white.length === 0) {
    return [whole('whiteningWash', { code: 'nothingWhite' }, false)];
  }
  if (white.length === 0) return [];
  const stains = zones.stains.filter((z) => white.includes(z));
  if (isLaterShowDay)
    return [{ product: 'whiteningWash', use: true, scope: 'stains', zones: stains, why: { code: 'laterShowDay' } }];
  const last = lastWhitenedWhole(dog);
  if (last !== null && Math.abs(daysBetween(last, day)) < DEFAULT_WHITEN_GAP_DAYS) {
    const why: ProductWhy = { code: 'notConsecutive', until: addDays(last, DEFAULT_WHITEN_GAP_DAYS) };
    return [{ product: 'whiteningWash', use: true, scope: 'stains', zones: stains, why }];
  }
  return [isMost(white) ? whole('whiteningWash', { code: 'white' }) : some('whiteningWash', white, { code: 'white' })];
}

function conditionAdvice(
  dog: ProductDog,
  coat: CoatClass,
  purpose: BathPurpose,
  zones: ProductZones,
  thin: boolean,
): ProductAdvice[] {
  if (coat === 'smooth' || coat === 'wire') return [whole('richConditioner', { code: 'notThisCoat' }, false)];
  if (purpose === 'keepUp') return [whole('richConditioner', { code: 'keepUpEverywhere' })];
  if (thin && purpose === 'show' && zones.volume.length > 0)
    return [whole('richConditioner', { code: 'thinCoat' }, false)];
  const spared = [...new Set([...zones.volume, ...(purpose === 'show' ? zones.ears : [])])];
  const rich = zones.feather.filter((z) => !spared.includes(z));
  const jacket = coat === 'jacketedNatural' || coat === 'jacketedTrimmed';
  return [
    ...(rich.length > 0 ? [some('richConditioner', rich, { code: 'showSpares', zones: spared })] : []),
    ...(jacket || dog.fringed ? [whole('lightConditioner')] : []),
  ];
}

/** Products that the finish may use under the show's rules on products left in the coat. */
export function finishProducts(
  dog: ProductDog,
  coat: CoatClass,
  left: RuleValue,
  zones: ProductZones,
): ProductAdvice[] {
  const rules: ProductWhy = { code: 'showRules', value: left };
  if (left === 'forbidden')
    return [whole('liftSpray', rules, false), whole('foam', rules, false), whole('cream', rules, false)];
  const whiteLegs = zones.legs.filter((z) => zonesOfColor(dog, 'white').includes(z));
  const silky = coat === 'drop' || coat === 'smooth';
  // Restricted: nothing that changes the color, nothing that a hand feels.
  const felt = left === 'restricted';
  return [
    silky ? whole('liftSpray', { code: 'notThisCoat' }, false) : whole('liftSpray'),
    ...(silky ? [] : [felt ? whole('foam', rules, false) : some('foam', zones.legs)]),
    ...(whiteLegs.length === 0 ? [] : [felt ? whole('cream', rules, false) : some('cream', whiteLegs)]),
    ...(coat === 'drop' || dog.fringed ? [whole('dressing')] : []),
  ];
}

/** Coats that are washed twice where they are thick (CP-39). */
const WASHED_TWICE: readonly CoatClass[] = ['double', 'heavySheepdog', 'scissored'];
/** Washes that the first and the second wash are made of. */
const CLEANING: readonly ProductId[] = ['cleansingWash', 'clarifyingWash'];
/** Conditioner takes about a third of a wash's volume (common practice). */
const CONDITIONER_SHARE = 1 / 3;

/** How often a bath washes a coat: thick double coats and thick curl twice, unless one wash is left on; all others once. */
export function washCount(coat: CoatClass, density: KennelDog['density'], isLeftOn: boolean): 1 | 2 {
  return WASHED_TWICE.includes(coat) && density !== 'light' && !isLeftOn ? 2 : 1;
}

/** Volumes of one wash that a product takes in a bath of so many washes. */
export function washVolumes(product: ProductId, washes: number): number {
  if (product.endsWith('Conditioner')) return CONDITIONER_SHARE;
  return CLEANING.includes(product) ? washes : 1;
}

/** Milliliters of the neat product for zones: mixed liters by surface and hair, over its dilution. */
export function neatMl(product: Pick<Product, 'parts'>, surfaceM2: number, litersPerM2: number, share: number): number {
  return (surfaceM2 * litersPerM2 * share * 1000) / (1 + (product.parts ?? 0));
}

/** Holds that break hair when they stay: they come out the same evening (CP-43). */
export const FIRM_HOLDS: readonly ProductId[] = ['liftSpray', 'foam', 'cream'];

/** Whether what a finish leaves in a coat may stay for days: a recipe is known, and nothing in it is a firm hold. */
export function mayHoldStay(recipe: KennelDog['recipe']): boolean {
  return (recipe ?? []).length > 0 && !(recipe ?? []).some((line) => FIRM_HOLDS.includes(line.product));
}

/** Lines of a finishing recipe that come out after the show, in the order in which they went on. */
export function removalList(
  recipe: NonNullable<KennelDog['recipe']>,
  products: Readonly<Record<ProductId, Product>>,
): NonNullable<KennelDog['recipe']> {
  return recipe.filter((line) => products[line.product].rinse === 'afterShow');
}
