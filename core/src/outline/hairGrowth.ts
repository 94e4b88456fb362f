/*
 * Growth of hair in a zone: millimeters from one day to another and back, learned from what was measured. Hair grows evenly and slows
 * near its full length. Published rates differ widely (PUB-15): the prior is weak, and what a
 * dog's own zones show soon counts more.
 */
import type { LocalDay } from '../time/localDay.js';
import { daysBetween } from '../time/localDay.js';
import { median } from '../units/median.js';

/** Growth of a zone before anything was measured on it. */
export interface GrowthPrior {
  readonly mmPerDay: number;
  /** Length at which it stays, mm. */
  readonly mostMm: number;
}

/** Growth of a zone as it is known: the middle, and a range that holds three times in five (20th to 80th percentile). */
export interface Growth extends GrowthPrior {
  readonly low: number;
  readonly high: number;
  /** Spans of growth that it rests on; 0 = the prior alone. */
  readonly spans: number;
}

/** A length that was measured. */
export interface MeasuredHair {
  readonly day: LocalDay;
  readonly mm: number;
}

/** Share of the full length from which growth slows (engineering default). */
const SLOWS_FROM = 0.8;
/** Spread of the prior between dogs and sites, and of one measured span, as logarithms (engineering defaults; PUB-15 spans tenfold). */
const PRIOR_SPREAD = 0.5;
const SPAN_SPREAD = 0.35;
/** Spans that are shorter tell more of the ruler than of the hair, days. */
const LEAST_SPAN_DAYS = 5;
/** No hair is taken to grow slower or faster than any that was published, mm a day (PUB-15). */
const SLOWEST = 0.02;
const FASTEST = 0.8;
/** Standard normal quantile of 0.8. */
const Z80 = 0.8416;

/** Length after so many days, mm; never above the full length, nor below what is there. */
export function grownMm(mm: number, days: number, { mmPerDay, mostMm }: GrowthPrior): number {
  if (days <= 0 || mm >= mostMm) return mm;
  const knee = mostMm * SLOWS_FROM;
  const even = mm >= knee ? 0 : Math.min(days, (knee - mm) / mmPerDay);
  const at = mm + even * mmPerDay;
  if (even >= days) return at;
  const room = mostMm - at;
  // From the knee on what is missing shrinks at the rate with which the even growth met it.
  const rate = mmPerDay / (mostMm - knee);
  return mostMm - room * Math.exp(-rate * (days - even));
}

/** Length that grows to `mm` in so many days: what is left at a cut. 0 where even bare skin would be longer by then. */
export function ungrownMm(mm: number, days: number, growth: GrowthPrior): number {
  const { mmPerDay, mostMm } = growth;
  if (days <= 0 || mm >= mostMm) return mm;
  const knee = mostMm * SLOWS_FROM;
  const rate = mmPerDay / (mostMm - knee);
  const slowDays = mm <= knee ? 0 : Math.min(days, Math.log((mostMm - knee) / (mostMm - mm)) / rate);
  const at = mm <= knee ? mm : mostMm - (mostMm - mm) * Math.exp(rate * slowDays);
  return Math.max(0, at - (days - slowDays) * mmPerDay);
}

/** Whole days until hair is at least so long; null where it never is. */
export function daysUntilMm(mm: number, wantedMm: number, growth: GrowthPrior): number | null {
  if (mm >= wantedMm) return 0;
  if (wantedMm >= growth.mostMm) return null;
  const knee = growth.mostMm * SLOWS_FROM;
  const even = Math.max(0, Math.min(wantedMm, knee) - mm) / growth.mmPerDay;
  const from = Math.max(mm, Math.min(wantedMm, knee));
  const rate = growth.mmPerDay / (growth.mostMm - knee);
  const slow = wantedMm <= knee ? 0 : Math.log((growth.mostMm - from) / (growth.mostMm - wantedMm)) / rate;
  return Math.ceil(even + slow - 1e-9);
}

/**
 * Growth learned from the measures of one zone: the rate of each span in which it was not cut (a later measure that is shorter tells
 * of a cut), their median so that one slip of the ruler does not decide, drawn toward the prior on the log scale.
 */
export function learnGrowth(measured: readonly MeasuredHair[], prior: GrowthPrior): Growth {
  const rates = spanRates(measured, prior.mostMm * SLOWS_FROM).map((r) => Math.log(r));
  const middle = median(rates);
  const priorWeight = 1 / PRIOR_SPREAD ** 2;
  const ownWeight = rates.length / SPAN_SPREAD ** 2;
  const log = (priorWeight * Math.log(prior.mmPerDay) + ownWeight * (middle ?? 0)) / (priorWeight + ownWeight);
  const spread = Math.sqrt(1 / (priorWeight + ownWeight));
  const at = (z: number): number => Math.exp(log + z * spread);
  return { mmPerDay: at(0), low: at(-Z80), high: at(Z80), mostMm: prior.mostMm, spans: rates.length };
}

/** Millimeters a day of each span between two measures in which hair grew evenly. */
function spanRates(measured: readonly MeasuredHair[], kneeMm: number): number[] {
  const byDay = [...measured].sort((x, y) => x.day.localeCompare(y.day));
  return byDay.flatMap((to, i) => {
    const from = byDay[i - 1];
    if (from === undefined || to.mm <= from.mm || to.mm > kneeMm) return [];
    const days = daysBetween(from.day, to.day);
    if (days < LEAST_SPAN_DAYS) return [];
    return [Math.min(FASTEST, Math.max(SLOWEST, (to.mm - from.mm) / days))];
  });
}
