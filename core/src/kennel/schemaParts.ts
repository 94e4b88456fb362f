/*
 * The small schemas that every record of a kennel file is made of: ids, names, days, times, closed sets of words.
 */
import { Type } from '@sinclair/typebox';
import type { TUnsafe } from '@sinclair/typebox';
import type { Instant, LocalDay, WallTime } from '../time/localDay.js';

/** No fields besides those named. */
export const strict = { additionalProperties: false } as const;
/** Id of a row of some kind. */
export const id = <T extends string>(what: string): TUnsafe<T> =>
  Type.Unsafe<T>(Type.String({ format: 'uuid', description: `id of a ${what}` }));
/** One of a closed set of words. */
export const oneOf = <T extends string>(values: readonly T[], description: string): TUnsafe<T> =>
  Type.Unsafe<T>({ type: 'string', enum: [...values], description });
/** A local day, YYYY-MM-DD. */
export const day = (description: string): TUnsafe<LocalDay> =>
  Type.Unsafe<LocalDay>(Type.String({ format: 'date', description }));
/** A time of day, HH:MM; 24:00 is the end of the day. */
export const wall = (description: string): TUnsafe<WallTime> =>
  Type.Unsafe<WallTime>(Type.String({ pattern: '^([01][0-9]|2[0-3]):[0-5][0-9]$|^24:00$', description }));
/** A moment, UTC. */
export const instant = (description: string): TUnsafe<Instant> =>
  Type.Unsafe<Instant>(Type.String({ format: 'date-time', description }));
/** One line with something to read in it (or empty, which the length tells): control characters would break files and calendars that a name goes into. */
export const NAME_PATTERN = '^$|^(?=[^]*\\S)[^\\u0000-\\u001f\\u007f-\\u009f\\u2028\\u2029]*$';
/** Lines of text: line ends and tabs, but no other control characters. */
export const TEXT_PATTERN = '^[^\\u0000-\\u0008\\u000b\\u000c\\u000e-\\u001f\\u007f]*$';
/** A name that people read, up to 80 characters. */
export const name = (description: string) =>
  Type.String({ minLength: 1, maxLength: 80, pattern: NAME_PATTERN, description });
/** Text of at most so many characters. */
export const textUpTo = (max: number, description: string) =>
  Type.String({ maxLength: max, pattern: TEXT_PATTERN, description });
