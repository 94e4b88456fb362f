/*
 * The words beside a strand.
 */
import { daysBetween, localDayOf } from '@loyal-mane/core';
import type { CountdownRow } from '@loyal-mane/core';
import { clockWords, dayWords, METHODS, shortWeekday, shortWhyNot, spareWords } from '@loyal-mane/library/words';
import type { Names } from '@loyal-mane/library/words';

/** The dog's other show days of the circuit: ", +Sat, Sun". */
export function alsoWords(row: CountdownRow): string {
  if (row.also.length === 0) return '';
  return `, +${row.also.map((e) => shortWeekday(e.day)).join(', ')}`;
}

/** Until when something must be decided: "tomorrow, by 08:00". */
export function byWords(byMs: number, nowMs: number, names: Names): string {
  const day = localDayOf(byMs, names.zone);
  const time = clockWords(byMs, names.zone, names.clock);
  const ahead = daysBetween(localDayOf(nowMs, names.zone), day);
  if (byMs <= nowMs + 60_000) return 'now';
  return ahead === 0
    ? `today, by ${time}`
    : ahead === 1
      ? `tomorrow, by ${time}`
      : `by ${dayWords(byMs, names.zone)} ${time}`;
}

/** "without rough trim", or "without bath and 3 more". */
function withoutWords(steps: CountdownRow['without']): string {
  const [first] = steps;
  if (first === undefined) return '';
  const name = METHODS[first].name.toLowerCase();
  return steps.length === 1 ? `without ${name}` : `without ${name} and ${String(steps.length - 1)} more`;
}

/** The dog's obstacle, or the time it has to spare; `short` names hair that will be too short, empty where none is. */
export function stateWords(row: CountdownRow, names: Names, short: string): string {
  if (row.problem !== null) return shortWhyNot(row.problem, names);
  if (!row.isPlanned) return 'not planned yet';
  if (row.broken.length > 0) return 'plan no longer holds';
  const more = [withoutWords(row.without), short].filter((words) => words !== '');
  const spare = row.spareMs === null ? 'all done' : spareWords(row.spareMs);
  // A strand's end has room for some thirty letters: where more is told, the hours stand alone as in the rows around it.
  return [more.length === 0 ? spare : spare.replace(/ to spare$/, ''), ...more].join(', ');
}
