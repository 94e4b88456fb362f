/*
 * Lines of a page that were ticked at the bench, and cautions that were met: kept with the task, so that whoever takes it over
 * goes on where the other stopped. Ticks are a set: two devices that tick at once both count, in whatever order they arrive.
 */
import type { WorkRecord } from '../kennel/kennelFile.js';

/** Most ticks that a task keeps. */
export const MOST_TICKS = 120;

/** The id under which a caution that was met is ticked. */
export const cautionTick = (caution: string): string => `caution.${caution}`;

/** A record with a line ticked, or the tick taken off; null for a task that is not begun, or is over. */
export function withTick(record: WorkRecord | null, line: string, isTicked: boolean): WorkRecord | null {
  if (record === null || record.state === 'done' || record.state === 'skipped') return null;
  const { ticked = [], ...rest } = record;
  const others = ticked.filter((t) => t !== line);
  const next = isTicked ? [...others, line].slice(-MOST_TICKS) : others;
  return next.length === 0 ? rest : { ...rest, ticked: next };
}
