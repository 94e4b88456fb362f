/*
 * What a show allows, as its own rules say. Nothing is assumed: what nobody entered is "unknown", and unknown never drops
 * a step; it asks somebody to check the show's own rules.
 */
import type { RuleValue, ShowRule } from '../kennel/choices.js';
import type { KennelShow } from '../kennel/kennelFile.js';
import type { ProgramEdit } from './programEdit.js';

export type RuleSet = Readonly<Record<ShowRule, RuleValue>> & {
  /** Months of age on the day; null = unknown. */
  readonly leastAgeMonths: number | null;
};

export const UNKNOWN_RULES: RuleSet = {
  productsLeft: 'unknown',
  whiskersRemoved: 'unknown',
  alteredShown: 'unknown',
  scissoringNatural: 'unknown',
  leastAgeMonths: null,
};

/** Rules of a show, with what nobody entered as unknown. */
export function rulesOf(show: Pick<KennelShow, 'rules'>): RuleSet {
  return { ...UNKNOWN_RULES, ...show.rules };
}

/** Share of a natural trim that is left where only feet may be trimmed (engineering default). */
const FEET_ONLY = 0.35;
/** Share that is left where only tidying is allowed (engineering default). */
const TIDYING_ONLY = 0.6;

/** A rule with what it does to the order of work, so that both can be shown together. */
export interface RuleEdit {
  readonly rule: ShowRule;
  readonly value: RuleValue;
  readonly edits: readonly ProgramEdit[];
}

/** What the rules of a show take out of a program or shorten. */
export function ruleEdits(rules: RuleSet): readonly RuleEdit[] {
  const found: RuleEdit[] = [];
  if (rules.whiskersRemoved === 'forbidden') {
    found.push({ rule: 'whiskersRemoved', value: 'forbidden', edits: [{ edit: 'drop', steps: ['whiskers'] }] });
  }
  const scissoring = rules.scissoringNatural;
  if (scissoring === 'forbidden' || scissoring === 'restricted') {
    const factor = scissoring === 'forbidden' ? FEET_ONLY : TIDYING_ONLY;
    found.push({
      rule: 'scissoringNatural',
      value: scissoring,
      edits: [
        { edit: 'factor', steps: ['naturalTrim'], factor },
        ...(scissoring === 'forbidden'
          ? [{ edit: 'drop', steps: ['ears'], coats: ['jacketedNatural', 'double'] } as const]
          : []),
      ],
    });
  }
  return found;
}
