/*
 * Gaps in a kennel before its next show in words, and the buttons that fill them.
 */
import { loadersBegin } from '@loyal-mane/core';
import type { KennelGap } from '@loyal-mane/core';
import { SKILL_WORDS } from './coatWords.js';
import { METHODS } from './methods.js';
import type { Names } from './names.js';
import { clockWords, monthDay, shortWeekday } from './timeWords.js';

const NAMED = 3;

/** A gap as a sentence. `site`: the name of a site by its id. */
export function gapWords(gap: KennelGap, names: Names, site: (id: string) => string): string {
  switch (gap.code) {
    case 'noShift': {
      const days = gap.days.map((d) => `${shortWeekday(d)} ${monthDay(d)}`);
      return `Nobody works on ${list(days)}.`;
    }
    case 'noRide': {
      const dogs = gap.dogs.map((d) => names.dog(d));
      return `Nothing takes ${list(dogs)} to ${site(gap.siteId)} and back.`;
    }
    case 'noTable':
      return `There is no table at ${site(gap.siteId)}.`;
    case 'lateShift': {
      const leaves = wallClock(gap.depart, names);
      return `Nobody is at work in time to load: ${gap.ride} leaves at ${leaves} on ${shortWeekday(gap.day)} ${monthDay(gap.day)}.`;
    }
    case 'noSkill':
      return `Nobody has the skill for ${METHODS[gap.step].name.toLowerCase()} (${SKILL_WORDS[gap.skill].toLowerCase()}).`;
    case 'noSecond':
      return `${METHODS[gap.step].name} needs a second person (${SKILL_WORDS[gap.skill].toLowerCase()}), and only one person can do that.`;
  }
}

/** The words of a gap's buttons, one for each way to fill it: with the person where one is given a skill. */
export function gapButtons(
  gap: KennelGap,
  names: Names,
): readonly { readonly label: string; readonly personId?: string }[] {
  switch (gap.code) {
    case 'noShift':
      return [{ label: 'Add shifts' }];
    case 'noRide':
      return [{ label: 'Add a van there and back' }];
    case 'noTable':
      return [{ label: 'Add two tables' }];
    case 'lateShift':
      return [{ label: `Begin at ${wallClock(loadersBegin(gap.depart), names)}` }];
    case 'noSkill':
    case 'noSecond':
      return gap.people.map((personId) => ({ label: `Let ${names.first(personId)} do it`, personId }));
  }
}

/** A time of day as the kennel writes it. */
function wallClock(wall: string, { clock }: Names): string {
  return clockWords(Date.parse(`1970-01-01T${wall}:00Z`), 'UTC', clock);
}

function list(words: readonly string[]): string {
  if (words.length > NAMED)
    return `${words.slice(0, NAMED - 1).join(', ')} and ${String(words.length - NAMED + 1)} more`;
  return words.length < 2 ? words.join('') : `${words.slice(0, -1).join(', ')} and ${words.at(-1) ?? ''}`;
}
