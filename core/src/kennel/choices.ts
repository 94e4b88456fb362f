/*
 * Closed sets of what a kennel chooses and what a show's rules say; both stand in the kennel file.
 */

/** Questions on which good practitioners disagree. */
export const SCHOOL_IDS = [
  'matsAndWater',
  'matsAndTime',
  'doubleBeforeBath',
  'whenToBathe',
  'clusterDays',
  'ringDryness',
  'sheepdogForceDryer',
  'bathScope',
  'shampooOn',
  'headInBath',
  'tubShaking',
  'glands',
  'sideOrder',
  'productAndScissors',
  'throat',
  'earTop',
  'bodyShears',
  'footEdge',
  'brushingRoute',
  'tanglesAtShow',
  'preTreat',
  'smallTrimsBy',
  'puppyWhiskers',
  'whiskers',
  'curlDrying',
  'soakLength',
  'coloredBulk',
  'tableTime',
  'posture',
  'gate',
  'thickWashes',
  'trimBegin',
  'sprayOnLayer',
  'sprayUpAfter',
  'eyelashes',
  'nailTool',
] as const;
/** A question on which practitioners disagree. */
export type SchoolId = (typeof SCHOOL_IDS)[number];

/** Every question has two sides. */
export const SIDES = ['a', 'b'] as const;
/** One of the two answers to a school's question. */
export type Side = (typeof SIDES)[number];
/** Answers that were chosen; a question without one is answered by what is usual on the coat. */
export type SchoolChoices = Readonly<Partial<Record<SchoolId, Side>>>;

/** Questions that a show's own rules answer. */
export const RULES_OF_SHOWS = [
  'productsLeft',
  'whiskersRemoved',
  'alteredShown',
  'scissoringNatural',
  'dryersOnGround',
] as const;
/** One of `RULES_OF_SHOWS`. */
export type ShowRule = (typeof RULES_OF_SHOWS)[number];

/** Answers of a show's rules; what is unknown drops nothing. */
export const RULE_VALUES = ['free', 'restricted', 'forbidden', 'unknown'] as const;
/** One of `RULE_VALUES`. */
export type RuleValue = (typeof RULE_VALUES)[number];
