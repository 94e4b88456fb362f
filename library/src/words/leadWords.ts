/*
 * The lead's report of a plan in words: what would be handed back, how often, and examples.
 */
import type { LeadCode, LeadExample, LeadLine } from '@loyal-mane/core';
import type { Names } from './names.js';
import { monthDay } from './timeWords.js';

const TITLES: Readonly<Record<LeadCode, string>> = {
  scissorHands: 'entries whose trims and ring finish change hands for no reason',
  peopleADay: 'dog-days with more than three people',
  tablesADay: 'dog-days on more than two tables',
  bathers: 'dogs handed over between tub and dry coat for no reason',
  withoutCare: 'days without any care for a dog',
  dogRest: 'dog-days with more work without a walk than the kennel allows (2 h; puppies 10 min)',
  personRest: 'days on which somebody works longer without a rest than the kennel allows (4 h 30 min)',
  nightRest: 'nights of somebody that are shorter than the kennel allows (11 h)',
  checkToBlade: 'blades on a coat that was not tested that day',
  brushToBath: 'baths more than 150 min after the brush-out',
  departureTrim: 'trims at home on the day of departure',
  floorFinish: 'ring finishes by floor staff while a finisher is free',
  needlessCare: 'brushing on a day that brushes the coat anyway, or wraps on a coat not kept in them',
  minutesOver: 'minutes of the plan above the estimates, percent',
  busiestDay: 'the crew’s busiest day over the mean of the week, tenths',
};

/** Examples that a line shows at most. */
const SHOWN = 4;

/** One line of the report: "2: dog-days with more than three people (Muir, 17 Jun: Tuva, Jonas, Asta, Maren)". */
export function leadWords({ code, count, examples }: LeadLine, names: Names): string {
  const shown = examples.slice(0, SHOWN).map((e) => exampleWords(e, names));
  const more = examples.length > SHOWN ? [`and ${String(examples.length - SHOWN)} more`] : [];
  const tail = shown.length === 0 ? '' : ` (${[...shown, ...more].join('; ')})`;
  return `${String(count)}: ${TITLES[code]}${tail}`;
}

function exampleWords({ dogId, day, people, minutes }: LeadExample, names: Names): string {
  const who = people.map((p) => names.first(p)).join(', ');
  const where = dogId === null ? monthDay(day) : `${names.dog(dogId)}, ${monthDay(day)}`;
  const long = minutes === null ? '' : ` ${String(Math.round(minutes))} min`;
  return `${where}${who === '' ? '' : `: ${who}`}${long}`;
}
