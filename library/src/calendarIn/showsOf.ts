/*
 * Shows out of a calendar file (iCalendar, RFC 5545): each event is a show of as many days as it lasts. The file's own days
 * count, wherever it was written; only times in UTC are turned into days of the kennel.
 */
import ICAL from 'ical.js';
import { addDays, daysBetween, localDayOf } from '@loyal-mane/core';
import type { KennelFile, KennelRow, LocalDay, RowChange, KennelShow } from '@loyal-mane/core';

/** Why an event of a calendar is left out. */
export type EventFault = 'noName' | 'noDay' | 'repeats' | 'tooLong' | 'past' | 'called off';

/** An event as a show: name, place, days, and the changes that would enter it. */
export interface CalendarShow {
  /** Unlike any other event of the file. */
  readonly key: string;
  readonly name: string;
  /** Where it is, as written; the show's name where nothing is. */
  readonly place: string;
  readonly firstDay: LocalDay;
  readonly lastDay: LocalDay;
  readonly state: 'new' | 'changed' | 'same' | 'bad';
  readonly fault: EventFault | null;
  /** Changes that enter or move it; empty when there is nothing to do. */
  readonly changes: readonly RowChange[];
}

/** The shows of a calendar file, or why it cannot be read. */
export type CalendarResult =
  | { readonly ok: true; readonly shows: readonly CalendarShow[] }
  | { readonly ok: false; readonly fault: 'noCalendar' | 'noEvents' };

/** The kennel that a calendar is brought into; ids and today come in as arguments. */
export interface CalendarWorld {
  readonly kennel: KennelFile;
  readonly newId: () => string;
  readonly today: LocalDay;
}

/** Longest show that is entered in one go, in days. */
const MOST_DAYS = 14;
const MOST_NAME = 80;
/** A show of the same name so near is the same one, moved, in days. */
const SAME_SHOW_DAYS = 120;

/** Reads the shows of a calendar. Never throws on bad input. */
export function showsOf(text: string, world: CalendarWorld): CalendarResult {
  let events: ICAL.Event[];
  try {
    const calendar = new ICAL.Component(ICAL.parse(text) as unknown[]);
    if (calendar.name !== 'vcalendar') return { ok: false, fault: 'noCalendar' };
    events = calendar.getAllSubcomponents('vevent').map((e) => new ICAL.Event(e));
  } catch {
    return { ok: false, fault: 'noCalendar' };
  }
  if (events.length === 0) return { ok: false, fault: 'noEvents' };
  const sites: Sites = new Map(world.kennel.sites.map((s) => [s.name.toLowerCase(), { id: s.id, change: null }]));
  return { ok: true, shows: events.map((event, k) => showOf(event, k, world, sites)) };
}

function showOf(event: ICAL.Event, index: number, world: CalendarWorld, sites: Sites): CalendarShow {
  const name = oneLine(event.summary);
  const days = daysOf(event, world.kennel.settings.timeZone);
  const place = oneLine(event.location) || name;
  const row = { key: `${String(index)} ${event.uid}`, name, place, ...(days ?? NO_DAYS) };
  const fault = faultOf(event, name, days, world.today);
  if (fault !== null || days === null) return { ...row, state: 'bad', fault, changes: [] };
  const known = world.kennel.shows.find(
    (s) =>
      s.name.toLowerCase() === name.toLowerCase() && Math.abs(daysBetween(s.firstDay, days.firstDay)) <= SAME_SHOW_DAYS,
  );
  if (known === undefined) return { ...row, state: 'new', fault, changes: enters(row, days, world, sites) };
  const isSame = known.firstDay === days.firstDay && known.lastDay === days.lastDay;
  return { ...row, state: isSame ? 'same' : 'changed', fault, changes: isSame ? [] : [moved(known, days)] };
}

/** By name in small letters: the site, and what enters it where it is new. */
type Sites = Map<string, { readonly id: string; readonly change: RowChange | null }>;

/** Changes of several shows; a site that they share comes once. */
export function changesOfShows(shows: readonly CalendarShow[]): RowChange[] {
  return [...new Map(shows.flatMap((s) => s.changes).map((c) => [`${c.list} ${c.id}`, c])).values()];
}

interface Days {
  readonly firstDay: LocalDay;
  readonly lastDay: LocalDay;
}

const NO_DAYS: Days = { firstDay: '' as LocalDay, lastDay: '' as LocalDay };

/** First and last day; the end of whole days is the day after (RFC 5545, 3.6.1). */
function daysOf(event: ICAL.Event, zone: string): Days | null {
  try {
    const { startDate, endDate } = event;
    const firstDay = dayOf(startDate, zone);
    const end = dayOf(endDate, zone);
    const endsBefore = endDate.isDate || (endDate.hour === 0 && endDate.minute === 0);
    const lastDay = endsBefore && end > firstDay ? addDays(end, -1) : end;
    return lastDay < firstDay ? null : { firstDay, lastDay };
  } catch {
    return null;
  }
}

function dayOf(time: ICAL.Time, zone: string): LocalDay {
  const isUtc = !time.isDate && time.zone === ICAL.Timezone.utcTimezone;
  if (isUtc) return localDayOf(time.toUnixTime() * 1000, zone);
  return [String(time.year).padStart(4, '0'), two(time.month), two(time.day)].join('-') as LocalDay;
}

const two = (n: number): string => String(n).padStart(2, '0');

function faultOf(event: ICAL.Event, name: string, days: Days | null, today: LocalDay): EventFault | null {
  if (name === '') return 'noName';
  if (days === null) return 'noDay';
  if (event.component.getFirstPropertyValue('status') === 'CANCELLED') return 'called off';
  if (event.isRecurring()) return 'repeats';
  if (daysBetween(days.firstDay, days.lastDay) >= MOST_DAYS) return 'tooLong';
  return days.lastDay < today ? 'past' : null;
}

function oneLine(text: string | null): string {
  return (text ?? '').replace(/\s+/g, ' ').trim().slice(0, MOST_NAME).trim();
}

/** The site where it is not known yet, the show, and one ring to begin with. */
function enters(
  { name, place }: { readonly name: string; readonly place: string },
  days: Days,
  { newId }: CalendarWorld,
  sites: Sites,
): RowChange[] {
  const adds = (list: RowChange['list'], row: object): RowChange => {
    const to = { id: newId(), ...row } as KennelRow;
    return { list, id: to.id, from: null, to };
  };
  let site = sites.get(place.toLowerCase());
  if (site === undefined) {
    const change = adds('sites', { name: place, home: false });
    site = { id: change.id, change };
    sites.set(place.toLowerCase(), site);
  }
  const show = adds('shows', { name, siteId: site.id, ...days });
  return [...(site.change === null ? [] : [site.change]), show, adds('rings', { showId: show.id, name: 'Ring 1' })];
}

function moved(show: KennelShow, days: Days): RowChange {
  return { list: 'shows', id: show.id, from: show, to: { ...show, ...days } };
}
