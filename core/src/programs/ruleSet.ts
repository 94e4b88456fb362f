/*
 * Rules of a show, as the show itself gives them. Nothing is assumed: what nobody entered is "unknown", and unknown never drops
 * a step; it asks somebody to check the show's own rules.
 */
import type { RuleValue, ShowRule } from '../kennel/choices.js';
import type { KennelShow } from '../kennel/kennelFile.js';
import type { WallTime } from '../time/localDay.js';
import type { ProgramEdit } from './programEdit.js';

/** A show's rules as they are known; least age in months, hours of dryers as times of day. */
export type RuleSet = Readonly<Record<ShowRule, RuleValue>> & {
  /** Months of age on the day; null = unknown. */
  readonly leastAgeMonths: number | null;
  /** Hours of dryers on the ground, where they are restricted. */
  readonly dryersFrom?: WallTime;
  readonly dryersUntil?: WallTime;
};

/** Rules of a show of which nothing is known: nothing falls away. */
export const UNKNOWN_RULES: RuleSet = {
  productsLeft: 'unknown',
  whiskersRemoved: 'unknown',
  alteredShown: 'unknown',
  scissoringNatural: 'unknown',
  dryersOnGround: 'unknown',
  leastAgeMonths: null,
};

/** Rules of a show, with what nobody entered as unknown. */
export function rulesOf(show: Pick<KennelShow, 'rules'>): RuleSet {
  return { ...UNKNOWN_RULES, ...show.rules };
}

/** Hours of dryers on the ground where a show restricts them and nobody entered which (common practice: the strictest). */
export const DEFAULT_DRYER_HOURS = { from: '07:00', until: '20:00' } as const;

/** From when until when dryers may run on a show's ground; null = at any hour, equal = not at all. */
export function dryerHours(rules: RuleSet): { readonly from: WallTime; readonly until: WallTime } | null {
  if (rules.dryersOnGround === 'forbidden') return { from: '00:00' as WallTime, until: '00:00' as WallTime };
  if (rules.dryersOnGround !== 'restricted') return null;
  return {
    from: rules.dryersFrom ?? (DEFAULT_DRYER_HOURS.from as WallTime),
    until: rules.dryersUntil ?? (DEFAULT_DRYER_HOURS.until as WallTime),
  };
}

/** Hours of dryers that end before they begin; null where they are right, or not asked for. */
export function turnedHours(rules: RuleSet): ReturnType<typeof dryerHours> {
  const hours = rules.dryersOnGround === 'restricted' ? dryerHours(rules) : null;
  return hours !== null && hours.until <= hours.from ? hours : null;
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

/** Steps that the rules of a show take out of a program or shorten. */
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
