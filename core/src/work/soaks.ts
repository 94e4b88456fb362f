/*
 * Soak clocks: what works in a coat since when, how long its label asks for at least and allows at most. Kept with the task, so
 * that everybody sees the same clock and it is right after any reload: nothing is counted, all is reckoned from the start.
 */
import { MOST_SOAKS } from '../kennel/kennelFile.js';
import type { SoakRecord, WorkRecord } from '../kennel/kennelFile.js';
import type { Instant } from '../time/localDay.js';
import { instantToMs } from '../time/zone.js';

const MINUTE_MS = 60_000;

/** Where a soak stands: still below the label's least, within it, or over its most. */
export type SoakPhase = 'early' | 'ready' | 'over';

/** A soak at a moment, in milliseconds. */
export interface SoakNow {
  readonly phase: SoakPhase;
  readonly workedMs: number;
  /** Until the label's least, then until its most, then since it was over (negative). */
  readonly leftMs: number;
  /** Of the label's most, 0 to 1. */
  readonly share: number;
}

/** A soak at a moment; a device whose clock is behind its start counts as having just begun. */
export function soakAt({ at, leastMin, mostMin }: SoakRecord, nowMs: number): SoakNow {
  const workedMs = Math.max(0, nowMs - instantToMs(at));
  const [leastMs, mostMs] = [leastMin * MINUTE_MS, mostMin * MINUTE_MS];
  const phase = workedMs < leastMs ? 'early' : workedMs < mostMs ? 'ready' : 'over';
  const leftMs = (phase === 'early' ? leastMs : mostMs) - workedMs;
  return { phase, workedMs, leftMs, share: mostMs === 0 ? 1 : Math.min(1, workedMs / mostMs) };
}

/** A record with a soak begun; the same record where it knows that soak already, null where nobody has begun the task. */
export function withSoak(record: WorkRecord | null, soak: SoakRecord): WorkRecord | null {
  if (record === null || record.state === 'skipped') return null;
  const { soaks = [] } = record;
  if (soaks.some((s) => s.id === soak.id)) return record;
  return { ...record, soaks: [...soaks, soak].slice(-MOST_SOAKS) };
}

/**
 * A record with one of its soaks ended, never before it began; of two who end it the earlier counts. Null where it has no such
 * soak.
 */
export function withSoakEnded(record: WorkRecord | null, id: string, at: Instant): WorkRecord | null {
  if (record?.soaks?.some((s) => s.id === id) !== true) return null;
  return { ...record, soaks: record.soaks.map((s) => (s.id === id ? ended(s, at) : s)) };
}

/** A record with all of its soaks ended: the product is out. */
export function withSoaksEnded(record: WorkRecord, at: Instant): WorkRecord {
  if (record.soaks?.some(isOpenSoak) !== true) return record;
  return { ...record, soaks: record.soaks.map((s) => (isOpenSoak(s) ? ended(s, at) : s)) };
}

function ended(soak: SoakRecord, at: Instant): SoakRecord {
  const not = instantToMs(at) < instantToMs(soak.at) ? soak.at : at;
  const endedAt = soak.endedAt !== undefined && instantToMs(soak.endedAt) <= instantToMs(not) ? soak.endedAt : not;
  return { ...soak, endedAt };
}

/** Whether a soak is still in the coat. */
export const isOpenSoak = (soak: SoakRecord): boolean => soak.endedAt === undefined;

/** A soak in a dog's coat, and the task at which it began. */
export interface OpenSoak {
  readonly soak: SoakRecord;
  readonly work: WorkRecord;
}

/** All soaks that are in a coat now, whoever began them, those that are over first. */
export function openSoaks(work: readonly WorkRecord[]): OpenSoak[] {
  return work
    .flatMap((w) => (w.soaks ?? []).filter(isOpenSoak).map((soak) => ({ soak, work: w })))
    .sort((x, y) => dueMs(x.soak) - dueMs(y.soak));
}

/** When the label's most is over, Unix milliseconds. */
export function dueMs({ at, mostMin }: SoakRecord): number {
  return instantToMs(at) + mostMin * MINUTE_MS;
}
