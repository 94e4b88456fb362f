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
] as const;
export type SchoolId = (typeof SCHOOL_IDS)[number];

/** Every question has two sides. */
export const SIDES = ['a', 'b'] as const;
export type Side = (typeof SIDES)[number];
export type SchoolChoices = Readonly<Partial<Record<SchoolId, Side>>>;

/** Questions that a show's own rules answer. */
export const RULES_OF_SHOWS = [
  'productsLeft',
  'whiskersRemoved',
  'alteredShown',
  'scissoringNatural',
  'dryersOnGround',
] as const;
export type ShowRule = (typeof RULES_OF_SHOWS)[number];

export const RULE_VALUES = ['free', 'restricted', 'forbidden', 'unknown'] as const;
export type RuleValue = (typeof RULE_VALUES)[number];
