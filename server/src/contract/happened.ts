/*
 * When a command happened: a tablet that was cut off sends later what was tapped then.
 */
import { Problem } from '../problem/problem.js';

/** Words of the API's document for such a moment. */
export const HAPPENED_AT = 'when it happened, where it could not be sent at once: at most a day ago; now when absent';

/** Its word is taken for so long back. */
const MOST_LATE_MS = 86_400_000;

/**
 * The moment of a command in Unix ms: as it says, never after now; now where it says nothing.
 * @throws Problem `badInput` for one that is no moment, or more than a day ago
 */
export function happenedMs(at: string | undefined, nowMs: number): number {
  if (at === undefined) return nowMs;
  const atMs = Date.parse(at);
  if (Number.isNaN(atMs) || nowMs - atMs > MOST_LATE_MS)
    throw new Problem('badInput', 'Nothing was recorded: it happened more than a day ago.', {
      errors: [{ path: 'at', detail: 'must be a moment of the last day' }],
    });
  return Math.min(nowMs, atMs);
}
