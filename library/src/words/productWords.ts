/*
 * Products in words: names, how they are thinned and leave the coat, why one is taken or not.
 */
import type {
  BathPurpose,
  KennelProductChange,
  CoatColor,
  Product,
  ProductAdvice,
  ProductFault,
  ProductId,
  ProductWhy,
  Rinse,
  Settled,
  UseScope,
  ZoneId,
} from '@loyal-mane/core';
import { ZONE_NAMES } from '../zones/zones.js';
import { monthDay } from './timeWords.js';

/** Products in words. */
export const PRODUCT_NAMES: Readonly<Record<ProductId, string>> = {
  cleansingWash: 'Cleansing wash',
  clarifyingWash: 'Clarifying wash',
  textureWash: 'Texture wash',
  mildWash: 'Mild wash',
  whiteningWash: 'Whitening wash',
  stainPreTreat: 'Stain pre-treat',
  richConditioner: 'Rich conditioner',
  lightConditioner: 'Light conditioner',
  leaveIn: 'Leave-in spray',
  loosening: 'Loosening spray',
  liftSpray: 'Lift or texture spray',
  foam: 'Foam, fixative',
  cream: 'Cream, powder, stick',
  dressing: 'Dressing',
  stainBarrier: 'Stain barrier',
};

/** How a product is rinsed, in words. */
export const RINSE_WORDS: Readonly<Record<Rinse, string>> = {
  out: 'rinse out completely',
  withBath: 'goes out with the bath',
  mayStay: 'may stay in part',
  stays: 'stays to the next bath',
  nextWash: 'goes out with the next wash',
  afterShow: 'out after the show',
};

/** Colors of zones in words. */
export const COLOR_WORDS: Readonly<Record<CoatColor, string>> = {
  white: 'white',
  pale: 'pale',
  dark: 'dark',
  darkOverPale: 'dark over pale roots',
};

/** Where a product was used, in words. */
export const SCOPE_WORDS: Readonly<Record<UseScope, string>> = {
  whole: 'all over',
  zones: 'some zones',
  stains: 'stains only',
};

/** Purposes of a bath in words. */
export const PURPOSE_WORDS: Readonly<Record<BathPurpose, string>> = {
  keepUp: 'Keep-up bath',
  trim: 'Trim bath',
  show: 'Show bath',
};

/** When a coat was right after its bath, in words. */
export const SETTLED_WORDS: Readonly<Record<Settled, string>> = {
  sameDay: 'right at once',
  nextDay: 'right the next day',
  afterTwo: 'right after two days',
};

/** Zones in one line; more than four are told by their number. */
export function zonesWords(zones: readonly ZoneId[], most = 6): string {
  const names = zones.map((z) => ZONE_NAMES[z]);
  return names.length <= most
    ? names.join(', ')
    : `${names.slice(0, most - 1).join(', ')} and ${String(names.length - most + 1)} more`;
}

/** "1 part to 10 of water, 5 to 10 min, rinse out completely". */
export function productWords(p: Product): string {
  const thinned = p.parts === null ? 'ready to use' : `1 part to ${String(p.parts)} of water`;
  const soak =
    p.soakMin === null
      ? ''
      : p.soakMin[0] === p.soakMin[1]
        ? `, ${String(p.soakMin[0])} min`
        : `, ${String(p.soakMin[0])} to ${String(p.soakMin[1])} min`;
  return `${thinned}${soak}, ${RINSE_WORDS[p.rinse]}`;
}

/** Faults of a kennel's own figures. */
export function productFaultWords(f: ProductFault): string {
  const name = PRODUCT_NAMES[f.product];
  switch (f.code) {
    case 'notThinned':
      return `${name} is ready to use: it is not thinned.`;
    case 'soakTwisted':
      return `${name}: the longest soak is shorter than the shortest.`;
    case 'twice':
      return `${name} is changed twice.`;
  }
}

/** A kennel's own figures: "1 part to 20 of water, works from 4 up to 6 min". */
export function productChangeWords(c: KennelProductChange): string {
  const soak = [
    ...(c.soakFromMin === undefined ? [] : [`from ${String(c.soakFromMin)}`]),
    ...(c.soakToMin === undefined ? [] : [`up to ${String(c.soakToMin)}`]),
  ];
  return [
    ...(c.parts === undefined ? [] : [`1 part to ${String(c.parts)} of water`]),
    ...(c.soakFromMin === undefined && c.soakToMin === undefined ? [] : [`works ${soak.join(' ')} min`]),
  ].join(', ');
}

/** Where a product goes: "all over", "stains: muzzle, beard". */
export function whereWords(a: Pick<ProductAdvice, 'scope' | 'zones'>, most?: number): string {
  if (a.scope === 'whole') return 'all over';
  const zones = zonesWords(a.zones, most);
  return a.scope === 'stains' ? `stains only${zones === '' ? '' : `: ${zones}`}` : zones;
}

/** Why a product is taken or left, in a sentence; empty where it is simply usual. */
export function productWhyWords(why: ProductWhy): string {
  switch (why.code) {
    case 'usual':
      return '';
    case 'clarifyDue':
      return why.last === null
        ? 'No clarifying wash is logged, and product has been used.'
        : `The last clarifying wash was on ${monthDay(why.last)}; product builds up in a month.`;
    case 'white':
      return 'Only what is white or pale.';
    case 'notConsecutive':
      return `Whitened all over lately: until ${monthDay(why.until)} stains only, or it turns violet under hall lights.`;
    case 'laterShowDay':
      return 'Whitened all over on the first show day only: stains on this one.';
    case 'keepUpEverywhere':
      return 'A keep-up bath is conditioned everywhere, also in show season.';
    case 'showSpares':
      return why.zones.length === 0 ? '' : `Not on ${zonesWords(why.zones)}: body is wanted there.`;
    case 'notThisCoat':
      return 'This coat does not bear it: it softens, weighs down or strips it.';
    case 'thinCoat':
      return 'Out of coat: body is wanted all over, so nothing softens it for the ring.';
    case 'showRules':
      return `The show’s rules say “${why.value}” of products left in the coat. Check the show’s own rules.`;
    case 'mild':
      return 'Faces, puppies and upset skin: mild only, away from the eyes.';
    case 'nothingWhite':
      return 'Nothing on this coat is white.';
  }
}
