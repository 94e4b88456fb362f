/*
 * The days of a show, in words.
 */
import { monthDay } from '@loyal-mane/library/words';

/** The days of a show in words. */
export function daysWords(s: { readonly firstDay: string; readonly lastDay: string }): string {
  return s.firstDay === s.lastDay ? monthDay(s.firstDay) : `${monthDay(s.firstDay)} to ${monthDay(s.lastDay)}`;
}
