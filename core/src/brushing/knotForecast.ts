/*
 * How likely each zone of a coat has a knot on a day, by the days since it was brushed. A hazard that rises with time; how
 * much this dog differs from its coat is learned from the knots that were found in it.
 */
import type { ZoneFacts, ZoneId } from '../coat/zones.js';
import type { KennelDog } from '../kennel/dogRecord.js';
import { daysBetween } from '../time/localDay.js';
import type { LocalDay } from '../time/localDay.js';
import { DEFAULT_FACTORS } from '../programs/estimate.js';
import { gammaQuantile } from './gammaQuantile.js';

/**
 * Knots come faster the longer hair lies: chance over d days grows as d to this power. So that a coat in change, which is
 * brushed every day instead of every second (CP-09), keeps the same chance from one brushing to the next.
 */
const RISING = 1.5;
/** Chance of a knot in a rubbed zone of a usual adult coat when its interval is over (engineering default). */
export const DEFAULT_AT_INTERVAL = 0.02;
/** Against rubbed zones (engineering defaults, corrected by what is found). */
const NOT_RUBBED = 0.2;
const AFTER_DAMP = 2;
const AFTER_KNOT = 2;
const EASED = 0.7;
/** Days for which a knot is counted, and makes its zone likelier. */
export const KNOT_DAYS = 90;
/** Knots that the default counts for when a dog's own are few: so many are expected before its own weigh as much. */
const PRIOR_KNOTS = 3;
/** Tenth and ninetieth percentile of a standard normal. */
const TENTH = 1.2816;

/** A dog as the forecast sees it. */
export interface KnotDog {
  readonly density: KennelDog['density'];
  /** Days from one brushing to the next on this coat, and while it changes. */
  readonly everyDays: number;
  readonly everyDaysInChange: number;
  readonly inChange: boolean;
  /** Last brushing by zone; a zone without one was brushed an interval ago. */
  readonly brushed: ReadonlyMap<ZoneId, LocalDay>;
  /** Knots and mats that were found, and when. */
  readonly found: readonly { readonly zone: ZoneId; readonly day: LocalDay }[];
  /** Days for which finds were written down. */
  readonly watchedDays: number;
  /** Zones that were damp at the last check. */
  readonly damp: ReadonlySet<ZoneId>;
  /** Whether a loosening spray or a conditioner was used within three days. */
  readonly isEased: boolean;
}

/** One zone's chance of a knot on a day, 0 to 1, with the range of eight dogs in ten. */
export interface ZoneRisk {
  readonly zone: ZoneId;
  /** Days since it was brushed, by then; null where nobody is known to have. */
  readonly days: number | null;
  readonly risk: number;
  readonly low: number;
  readonly high: number;
}

/** Chances of all zones on a day, in the order of the zones. */
export function knotForecast(dog: KnotDog, zones: readonly ZoneFacts[], day: LocalDay): ZoneRisk[] {
  const recent = recentKnots(dog, day);
  const factor = knotFactor(dog, zones, recent.length);
  const again = new Set(recent.map((k) => k.zone));
  return zones.map((zone) => {
    const last = dog.brushed.get(zone.id);
    const days = last === undefined ? null : Math.max(0, daysBetween(last, day));
    const hazard = hazardOf(dog, zone, again.has(zone.id)) * (days ?? intervalOf(dog)) ** RISING;
    const chance = (times: number): number => 1 - Math.exp(-hazard * times);
    return { zone: zone.id, days, risk: chance(factor.middle), low: chance(factor.low), high: chance(factor.high) };
  });
}

function recentKnots({ found }: KnotDog, day: LocalDay): KnotDog['found'] {
  return found.filter((k) => k.day <= day && daysBetween(k.day, day) <= KNOT_DAYS);
}

function intervalOf(dog: KnotDog): number {
  return dog.inChange ? dog.everyDaysInChange : dog.everyDays;
}

/** Hazard of a zone at one day. */
function hazardOf(dog: KnotDog, zone: ZoneFacts, hadKnot: boolean): number {
  const usual = -Math.log(1 - DEFAULT_AT_INTERVAL) / dog.everyDays ** RISING;
  const change = dog.inChange ? Math.max(1, dog.everyDays / dog.everyDaysInChange) ** RISING : 1;
  const place =
    (zone.friction ? 1 : NOT_RUBBED) * (hadKnot ? AFTER_KNOT : 1) * (dog.damp.has(zone.id) ? AFTER_DAMP : 1);
  return usual * change * DEFAULT_FACTORS.density[dog.density] * place * (dog.isEased ? EASED : 1);
}

/**
 * How much likelier knots are in this dog than in its coat, with its range. Counts of knots are Poisson, the prior of the
 * factor is a gamma of mean 1: the posterior is a gamma again (PUB-17).
 */
export function knotFactor(
  dog: KnotDog,
  zones: readonly ZoneFacts[],
  knots: number,
): { readonly middle: number; readonly low: number; readonly high: number } {
  const every = intervalOf(dog);
  const rounds = Math.min(KNOT_DAYS, dog.watchedDays) / every;
  const perRound = zones.reduce((sum, z) => sum + hazardOf(dog, z, false), 0) * every ** RISING;
  const shape = PRIOR_KNOTS + knots;
  const rate = PRIOR_KNOTS + rounds * perRound;
  return { middle: shape / rate, low: gammaQuantile(shape, rate, -TENTH), high: gammaQuantile(shape, rate, TENTH) };
}
