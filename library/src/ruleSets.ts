/*
 * Examples of what shows allow, to begin from: a show's own rules come before each of them. Common practice; freely
 * adjustable per show.
 */
import type { RuleSet, WallTime } from '@loyal-mane/core';

/** Examples of show rules. */
export const RULE_SET_IDS = ['open', 'restricted', 'strict'] as const;
/** One of `RULE_SET_IDS`. */
export type RuleSetId = (typeof RULE_SET_IDS)[number];

/** Examples to begin from; each show's own rules count. */
export const RULE_SETS: Readonly<Record<RuleSetId, RuleSet & { readonly leastAgeMonths: number }>> = {
  open: {
    productsLeft: 'free',
    whiskersRemoved: 'free',
    alteredShown: 'free',
    scissoringNatural: 'free',
    dryersOnGround: 'free',
    leastAgeMonths: 6,
  },
  /** Nothing that changes color or is felt by hand; whiskers by the owner's noted choice; natural breeds tidied only. */
  restricted: {
    productsLeft: 'restricted',
    whiskersRemoved: 'restricted',
    alteredShown: 'restricted',
    scissoringNatural: 'restricted',
    dryersOnGround: 'restricted',
    dryersFrom: '07:00' as WallTime,
    dryersUntil: '21:00' as WallTime,
    leastAgeMonths: 6,
  },
  /** Nothing in the coat; whiskers stay by law; of natural breeds the feet only. */
  strict: {
    productsLeft: 'forbidden',
    whiskersRemoved: 'forbidden',
    alteredShown: 'forbidden',
    scissoringNatural: 'forbidden',
    dryersOnGround: 'restricted',
    dryersFrom: '07:00' as WallTime,
    dryersUntil: '20:00' as WallTime,
    leastAgeMonths: 9,
  },
};
