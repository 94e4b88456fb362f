/*
 * Limits beyond which a lead handler hands a plan back, beside those that the kennel has set.
 */

/**
 * People and tables of a dog's day, minutes from brush-out to bath, and the crew's busiest day over the mean (common practice).
 */
export const DEFAULT_LEAD_LIMITS = { peopleADay: 3, tablesADay: 2, brushToBathMin: 150, busiestDay: 1.65 } as const;
