/*
 * Towel sets: a jacket that dries under its towel for about a day, with looks in between; what is under it is not cut until the
 * release. All is reckoned from records of work, as soaks are: every screen shows the same clock after any reload.
 */
import type { ZoneId } from '../coat/zones.js';
import type { WorkRecord } from '../kennel/kennelFile.js';
import type { Instant } from '../time/localDay.js';
import { instantToMs, msToInstant } from '../time/zone.js';

/** A jacket dries under its towel for about so long, minutes (CP-16). */
export const TOWEL_SET_MIN = 24 * 60;
/** Somebody looks in at least so often, minutes (engineering default: "every few hours" of common practice). */
export const DEFAULT_LOOK_MIN = 3 * 60;
/** A set that began longer ago was released without a record, hours (engineering default). */
const FORGOTTEN_H = 72;

/** Zones under the towel and the wedge before it: nothing of them is cut until the release (common practice). */
export const TOWEL_ZONES: readonly ZoneId[] = ['neckSide', 'shoulder', 'withers', 'back', 'loin', 'croup'];

const LOOK = 'look.';
const MINUTE_MS = 60_000;

/** The id under which a look at a moment is ticked with the task that set the towel. */
export const lookTick = (ms: number): string => `${LOOK}${String(Math.round(ms))}`;

/** A jacket under its towel. */
export interface OpenTowel<W extends WorkRecord = WorkRecord> {
  /** The record of the task that set it. */
  readonly work: W;
  readonly since: Instant;
  /** When somebody last looked in, or set it. */
  readonly lookedAt: Instant;
}

/** Towels that are on at a moment, the earliest first. */
export function openTowels<W extends WorkRecord>(work: Iterable<W>, nowMs: number): OpenTowel<W>[] {
  const records = [...work];
  return records
    .flatMap((w): OpenTowel<W>[] => {
      const since = w.step === 'towelSet' && w.state === 'done' ? w.finishedAt : undefined;
      if (since === undefined || nowMs - instantToMs(since) > FORGOTTEN_H * 60 * MINUTE_MS) return [];
      const isOff = records.some(
        (r) =>
          r.dogId === w.dogId &&
          (r.step === 'towelRelease' || (r.step === 'towelSet' && r !== w)) &&
          (r.finishedAt ?? r.startedAt ?? '') >= since,
      );
      return isOff ? [] : [{ work: w, since, lookedAt: lastLook(w, since) }];
    })
    .sort((x, y) => x.since.localeCompare(y.since));
}

function lastLook({ ticked = [] }: WorkRecord, since: Instant): Instant {
  const looks = ticked.flatMap((t) => (t.startsWith(LOOK) ? [Number(t.slice(LOOK.length))] : []));
  return msToInstant(Math.max(instantToMs(since), ...looks.filter(Number.isFinite)));
}

/** A towel set at a moment, milliseconds. */
export interface TowelNow {
  /** Until the day is over; negative after. */
  readonly leftMs: number;
  /** Until somebody is to look in; negative when that is due. */
  readonly lookInMs: number;
}

/** A towel set at a moment. */
export function towelAt({ since, lookedAt }: OpenTowel, nowMs: number): TowelNow {
  return {
    leftMs: instantToMs(since) + TOWEL_SET_MIN * MINUTE_MS - nowMs,
    lookInMs: instantToMs(lookedAt) + DEFAULT_LOOK_MIN * MINUTE_MS - nowMs,
  };
}
