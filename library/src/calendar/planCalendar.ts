/*
 * A plan as calendars that phones read (iCalendar, RFC 5545): one for each person and each dog. Times are written in UTC,
 * so that they are right on both sides of a clock change.
 */
import type { Instant, KennelFile, Plan, PlannedActivity } from '@loyal-mane/core';
import { instantToMs } from '@loyal-mane/core';
import ical from 'ical-generator';
import { METHODS, namesOf, reasonWords } from '../words/index.js';
import type { Names } from '../words/index.js';

/** Whose calendar: a person's or a dog's. */
export interface CalendarOf {
  readonly of: 'person' | 'dog';
  readonly id: string;
}

/** Tasks that are not over. Work that was done is in the kennel's own record. */
function tasksOf(plan: Plan, whose: CalendarOf): readonly PlannedActivity[] {
  return plan.activities.filter(
    (a) =>
      a.state !== 'done' &&
      (whose.of === 'dog' ? a.dogId === whose.id : (a.people as readonly string[]).includes(whose.id)),
  );
}

function summaryOf(a: PlannedActivity, whose: CalendarOf, names: Names): string {
  const step = METHODS[a.step].name;
  if (whose.of === 'person') return `${names.dog(a.dogId)}: ${step.toLowerCase()}`;
  const who = a.people.map((p) => names.first(p)).join(' and ');
  return who === '' ? step : `${step}, ${who}`;
}

/** Control characters as blanks: a line break in a name would begin a line of the calendar's own. */
function oneLine(text: string): string {
  return text.replace(/[\p{Cc}\p{Zl}\p{Zp}]+/gu, ' ');
}

/** The calendar as text. The same plan gives the same text: `plan.now` is the stamp of every event. */
export function planCalendar(kennel: KennelFile, plan: Plan, whose: CalendarOf): string {
  const names = namesOf(kennel);
  const name = whose.of === 'dog' ? names.dog(whose.id) : names.person(whose.id);
  const calendar = ical({
    name: oneLine(`${kennel.name}: ${name}`),
    prodId: { company: 'Loyal Mane', product: 'Loyal Mane', language: 'EN' },
  });
  const date = (at: Instant): Date => new Date(instantToMs(at));
  for (const a of tasksOf(plan, whose)) {
    // A person is free when the dog rests alone in its pen.
    const end = whose.of === 'dog' ? a.end : a.attendedUntil;
    calendar.createEvent({
      id: `${a.key}@loyal-mane`,
      stamp: date(plan.now),
      start: date(a.start),
      end: date(end),
      summary: oneLine(summaryOf(a, whose, names)),
      description: oneLine(reasonWords(a, names)),
      ...(a.stationId === null ? {} : { location: oneLine(names.station(a.stationId)) }),
    });
  }
  return calendar.toString();
}

/** Calendars of everybody and every dog, by file name. Names that two share are told apart by a number. */
export function planCalendars(kennel: KennelFile, plan: Plan): ReadonlyMap<string, string> {
  const files = new Map<string, string>();
  const add = (whose: CalendarOf, name: string): void => {
    const base = `${whose.of}-${slugOf(name)}`;
    let file = `${base}.ics`;
    for (let n = 2; files.has(file); n++) file = `${base}-${String(n)}.ics`;
    files.set(file, planCalendar(kennel, plan, whose));
  };
  for (const p of kennel.people) add({ of: 'person', id: p.id }, p.signIn);
  for (const d of kennel.dogs) add({ of: 'dog', id: d.id }, d.name);
  return files;
}

/** Letters and digits that every file system takes. */
function slugOf(name: string): string {
  const plain = name
    .normalize('NFKD')
    .replace(/\p{Mark}+/gu, '')
    .replace(/[^\p{Letter}\p{Number}]+/gu, '-');
  const slug = plain
    .replace(/[^a-zA-Z0-9-]/g, '')
    .replace(/^-+|-+$/g, '')
    .toLowerCase();
  return slug === '' ? 'unnamed' : slug;
}
