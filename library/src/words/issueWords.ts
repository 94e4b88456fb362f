/*
 * Faults of a kennel file, in words.
 */
import { faultWords } from './faultWords.js';
import { productFaultWords } from './productWords.js';
import type { KennelIssue } from '../reader/kennelIssue.js';

/** The form that a pattern asks for, by how it begins: the schema's patterns are few. */
const PATTERN_WORDS: readonly (readonly [string, string])[] = [
  ['^([01][0-9]|2[0-3])', 'must be a time such as 09:30'],
  ['^[0-9]{15}', 'must be 15 digits'],
  ['^$|^(?=[^]*', 'must have something to read in it, on one line and without control characters'],
  ['^[^\\u0000-\\u0008', 'must not hold control characters'],
  ['^[a-z][a-z0-9.-]', 'must be small letters, digits, dots or dashes, beginning with a letter'],
];
const TYPE_WORDS: Readonly<Record<string, string>> = {
  string: 'must be text',
  number: 'must be a number',
  integer: 'must be a whole number',
  boolean: 'must be yes or no (true or false)',
  array: 'must be a list',
  object: 'must be an object',
};

function schemaWords(keyword: string, detail: string): string {
  const number = /-?[\d.]+/.exec(detail)?.[0] ?? '';
  switch (keyword) {
    case 'required':
      return 'is missing';
    case 'additionalProperties':
      return 'is not a field of a kennel file';
    case 'enum':
    case 'const':
      return `must be one of ${detail}`;
    case 'format':
      return formatWords(detail);
    case 'minimum':
      return `must be at least ${number}`;
    case 'maximum':
      return `must be at most ${number}`;
    case 'exclusiveMinimum':
      return `must be more than ${number}`;
    case 'minLength':
      return 'is empty';
    case 'maxLength':
      return `has more than ${number} characters`;
    case 'maxItems':
      return `has more than ${number} entries`;
    case 'minItems':
      return `has fewer than ${number} entries`;
    case 'type':
      return TYPE_WORDS[/must be (\w+)/.exec(detail)?.[1] ?? ''] ?? detail;
    case 'pattern':
      return PATTERN_WORDS.find(([begins]) => detail.includes(begins))?.[1] ?? detail;
    default:
      return detail;
  }
}

function formatWords(detail: string): string {
  if (detail.includes('uuid')) return 'must be a UUID';
  if (detail.includes('date-time')) return 'must be a moment such as 2026-07-04T09:30:00Z';
  return detail.includes('date') ? 'must be a day such as 2026-07-04' : detail;
}

/** One sentence, without the path. */
export function issueWords(issue: KennelIssue): string {
  switch (issue.code) {
    case 'json':
      return `is not JSON (${issue.detail})`;
    case 'schema':
      return schemaWords(issue.keyword, issue.detail);
    case 'duplicateId':
      return `id ${issue.id} is used twice`;
    case 'unknownId':
      return `there is no ${issue.what} with id ${issue.id}`;
    case 'unknownZone':
      return `"${issue.zone}" is not a time zone; write it like "Europe/Oslo"`;
    case 'unknownBreed':
      return `breed "${issue.breed}" is not in the library${issue.nearest === null ? '' : `; did you mean "${issue.nearest}"?`}`;
    case 'unknownBadge':
      return `there is no silhouette "${issue.badge}"`;
    case 'productFault':
      return productFaultWords(issue.fault);
    case 'programFault':
      return faultWords(issue.fault);
    case 'endsBeforeStart':
      return `ends (${issue.end}) before it begins (${issue.start})`;
    case 'overtimeBeforeEnd':
      return `overtimeEnd (${issue.overtimeEnd}) is before the end (${issue.end})`;
    case 'overfull':
      return `is more than it holds when full (${String(issue.sizeMl)} ml)`;
    case 'pauseOutside':
      return 'lies outside its shift';
    case 'arrivesBeforeDeparting':
      return 'arrives before it leaves; a transport arrives on the day it leaves';
    case 'outsideShow':
      return `ring time on ${issue.day} is outside its show (${issue.first} to ${issue.last})`;
    case 'ringOfOtherShow':
      return 'this ring belongs to another show';
    case 'twiceInRing':
      return `${issue.dog} is twice in the same ring on ${issue.day}`;
    case 'noHome':
      return 'exactly one site must be the home';
    case 'nobodyCan':
      return `nobody has the skill "${issue.skill}", which ${issue.dog} needs for "${issue.step}"`;
    case 'handlerCannotShow':
      return `${issue.person} does not have the skill "ring"`;
    case 'sameSignIn':
      return `two people sign in as "${issue.signIn}"`;
    case 'twoShifts':
      return `${issue.person} has two shifts on ${issue.day}`;
    case 'chipCode':
      return `begins with ${issue.digits}: the first three digits are a country (up to 899), a maker (900 to 998) or 999 for tests`;
    case 'sameChip':
      return `is the microchip of ${issue.other} too`;
    case 'bornAfter':
      return `${issue.born} is later than today, ${issue.today}`;
    case 'dayPast':
      return `${issue.day} is over: today is ${issue.today}`;
    case 'noLead':
      return 'at least one person must have the role "lead"';
  }
}
