/*
 * Turns the marks of a care program ("start of the third day before") into instants for one entry.
 */
import type { LocalDay, WallTime } from '../../time/localDay.js';
import { addDays } from '../../time/localDay.js';
import { wallToMs } from '../../time/zone.js';
import type { Mark } from '../../programs/careProgram.js';

const MINUTE_MS = 60_000;
/** When an evening begins (engineering default). */
export const DEFAULT_EVENING = '17:00' as WallTime;
/** Without a journey, what counts from the departure counts from two hours before the ring. */
const NO_JOURNEY_MIN = -120;

/** Times from which the marks of one entry are counted. Instants in milliseconds since the epoch. */
export interface MarkContext {
  readonly zone: string;
  readonly ringDay: LocalDay;
  readonly ringMs: number;
  /** The earlier of ring day and departure day. */
  readonly prepDay: LocalDay;
  readonly departMs: number | null;
  readonly siteHasTub: boolean;
  readonly laterRoundMs: number | null;
}

/** The instant of a mark, milliseconds since the epoch. */
export function markMs(mark: Mark, c: MarkContext): number {
  const midnight = (day: LocalDay, at: 'start' | 'end'): number =>
    wallToMs(at === 'start' ? day : addDays(day, 1), '00:00' as WallTime, c.zone);
  const evening = (day: LocalDay): number => wallToMs(day, DEFAULT_EVENING, c.zone);
  switch (mark.of) {
    case 'prepDay':
      return midnight(addDays(c.prepDay, mark.day), mark.at);
    case 'prepEnd':
      return midnight(addDays(c.prepDay, mark.day), 'end');
    case 'ring':
      return c.ringMs + mark.min * MINUTE_MS;
    case 'ringDay':
      return mark.at === 'evening'
        ? evening(addDays(c.ringDay, mark.day))
        : midnight(addDays(c.ringDay, mark.day), mark.at);
    case 'departure':
      return (c.departMs ?? c.ringMs + NO_JOURNEY_MIN * MINUTE_MS) + mark.min * MINUTE_MS;
    case 'laterRound':
      return (c.laterRoundMs ?? c.ringMs) + mark.min * MINUTE_MS;
  }
}
