/* Plans as calendars, read back with the ical.js package: who, what, where, when, right across a clock change. */
import { instantToMs, shiftKennel, wallTimeOf, wallToMs } from '@loyal-mane/core';
import type { WallTime } from '@loyal-mane/core';
import ICAL from 'ical.js';
import { planCalendar, planCalendars } from '../src/calendar/index.js';
import { kennelOf } from './kennels/kennelOf.js';
import { TWO_PEOPLE } from './kennels/plots.js';
import { sharedPlan } from './sharedPlan.js';

const DAYS_TO_OCTOBER = 42;
/** Monday the 19th to Sunday the 25th of October 2026: summer time ends in the last night. */
const kennel = shiftKennel(kennelOf(TWO_PEOPLE), DAYS_TO_OCTOBER + 1);
const zone = kennel.settings.timeZone;
const nowMs = wallToMs(kennel.startDay, '06:00' as WallTime, zone);
const plan = sharedPlan(kennel, { nowMs });

function eventsOf(text: string): ICAL.Event[] {
  return new ICAL.Component(ICAL.parse(text) as unknown[]).getAllSubcomponents('vevent').map((e) => new ICAL.Event(e));
}

it('a person’s calendar has each of its tasks once, with dog, place, reason and the attended time', () => {
  const person = kennel.people[1]!;
  const mine = plan.activities.filter((a) => a.people.includes(person.id));
  const events = eventsOf(planCalendar(kennel, plan, { of: 'person', id: person.id }));
  expect(events.length).toBe(mine.length);
  expect(events.length).toBeGreaterThan(20);
  const byUid = new Map(events.map((e) => [e.uid, e]));
  for (const a of mine) {
    const event = byUid.get(`${a.key}@loyal-mane`);
    expect(event?.startDate.toJSDate().toISOString()).toBe(a.start);
    expect(event?.endDate.toJSDate().toISOString()).toBe(a.attendedUntil);
    expect(event?.summary).toContain(kennel.dogs.find((d) => d.id === a.dogId)?.name);
    expect(event?.description.length).toBeGreaterThan(5);
  }
});

it('is right on both sides of the night in which the clock goes back', () => {
  expect(kennel.entries[0]?.day).toBe('2026-10-25');
  const ring = plan.activities.find((a) => a.step === 'ring' && a.entryId === kennel.entries[0]?.id)!;
  const dog = eventsOf(planCalendar(kennel, plan, { of: 'dog', id: ring.dogId }));
  const event = dog.find((e) => e.uid === `${ring.key}@loyal-mane`)!;
  expect(wallTimeOf(event.startDate.toJSDate().getTime(), zone)).toBe(kennel.entries[0]?.ringTime);
  // One hour from UTC on the show day, two before.
  expect(new Set(dog.map((e) => offsetHours(e.startDate.toJSDate().getTime())))).toEqual(new Set([1, 2]));
});

/** Hours that the kennel's wall clock is ahead of UTC. */
function offsetHours(ms: number): number {
  const wall = wallTimeOf(ms, zone);
  const utc = new Date(ms).toISOString().slice(11, 16);
  const minutes = (t: string): number => Number(t.slice(0, 2)) * 60 + Number(t.slice(3));
  return ((minutes(wall) - minutes(utc) + 1440) % 1440) / 60;
}

it('makes a file for everybody and every dog; the same plan gives the same text; two of a name are told apart', () => {
  const twin = { ...kennel, dogs: kennel.dogs.map((d, k) => (k < 2 ? { ...d, name: 'Åse / Blå' } : d)) };
  const files = planCalendars(twin, plan);
  expect(files.size).toBe(kennel.people.length + kennel.dogs.length);
  expect([...files.keys()]).toEqual(expect.arrayContaining(['person-oda.ics', 'dog-ase-bla.ics', 'dog-ase-bla-2.ics']));
  expect([...planCalendars(twin, plan)]).toEqual([...files]);
  for (const text of files.values()) {
    expect(text).toMatch(/^BEGIN:VCALENDAR\r\n/);
    expect(text).not.toMatch(/password|contact|@.*invalid/);
    expect(
      eventsOf(text).every((e) => instantToMs(e.startDate.toJSDate().toISOString() as never) >= nowMs - 86_400_000),
    ).toBe(true);
  }
});

it('a name cannot write lines of its own into a calendar', () => {
  const broken = 'Rook\r\nX-OWN-LINE:1\nBEGIN:VEVENT';
  const named = {
    ...kennel,
    people: kennel.people.map((p) => ({ ...p, name: broken })),
    dogs: kennel.dogs.map((d) => ({ ...d, name: broken })),
  };
  for (const text of planCalendars(named, plan).values()) {
    // RFC 5545, 3.1: a line that goes on begins with a space.
    const lines = text.replace(/\r\n /g, '').split('\r\n');
    expect(lines.filter((line) => line.startsWith('X-OWN-LINE') || line.includes('\n'))).toEqual([]);
    expect(lines.filter((line) => line === 'BEGIN:VEVENT').length).toBe(eventsOf(text).length);
  }
});
