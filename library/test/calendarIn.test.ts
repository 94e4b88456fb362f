/* Shows out of calendar files: days as RFC 5545 means them, nothing twice, and what cannot be read is said. */
import { readFileSync } from 'node:fs';
import { applyChanges } from '@loyal-mane/core';
import type { KennelFile, LocalDay } from '@loyal-mane/core';
import { changesOfShows, showsOf } from '../src/calendarIn/index.js';
import type { CalendarResult, CalendarShow } from '../src/calendarIn/index.js';

const demo = JSON.parse(readFileSync(`${__dirname}/../demo/demo-kennel.json`, 'utf8')) as KennelFile;
const today = '2026-06-15' as LocalDay;

function calendar(...events: string[]): string {
  const body = events.map((e) => `BEGIN:VEVENT\r\n${e.trim().replace(/\n\s*/g, '\r\n')}\r\nEND:VEVENT`).join('\r\n');
  return `BEGIN:VCALENDAR\r\nVERSION:2.0\r\nPRODID:-//test//EN\r\n${body}\r\nEND:VCALENDAR\r\n`;
}

function read(text: string, kennel: KennelFile = demo): CalendarResult {
  let made = 0;
  const newId = () => `01900000-0000-7000-8000-${(++made).toString(16).padStart(12, '0')}`;
  return showsOf(text, { kennel, newId, today });
}

function shows(text: string, kennel?: KennelFile): readonly CalendarShow[] {
  const result = read(text, kennel);
  if (!result.ok) throw new Error(result.fault);
  return result.shows;
}

const two = calendar(
  `UID:1\nSUMMARY:Alder Moor Weekend\nLOCATION:Alder Moor Hall\nDTSTART;VALUE=DATE:20260704\nDTEND;VALUE=DATE:20260706`,
  `UID:2\nSUMMARY:Alder Moor Evening\nLOCATION:alder moor hall\nDTSTART;TZID=Europe/London:20260710T170000\nDTEND;TZID=Europe/London:20260710T210000`,
);

it('whole days end the day before their end (RFC 5545, 3.6.1); a place that two share is entered once', () => {
  const found = shows(two);
  expect(found.map((s) => [s.name, s.firstDay, s.lastDay, s.state])).toEqual([
    ['Alder Moor Weekend', '2026-07-04', '2026-07-05', 'new'],
    ['Alder Moor Evening', '2026-07-10', '2026-07-10', 'new'],
  ]);
  expect(changesOfShows(found).map((c) => c.list)).toEqual(['sites', 'shows', 'rings', 'shows', 'rings']);
});

it('times in UTC are days of the kennel: an evening there may be the next day here', () => {
  const kennel = demo;
  const late = calendar(`UID:1\nSUMMARY:Late\nDTSTART:20260704T230000Z\nDTEND:20260705T010000Z`);
  const here = shows(late, { ...kennel, settings: { ...kennel.settings, timeZone: 'Europe/Berlin' } });
  const there = shows(late, { ...kennel, settings: { ...kennel.settings, timeZone: 'America/New_York' } });
  expect([here[0]?.firstDay, there[0]?.firstDay]).toEqual(['2026-07-05', '2026-07-04']);
});

it('the same file again does nothing; a show with other days is moved, not doubled', () => {
  const kennel = applyChanges(demo, changesOfShows(shows(two)));
  expect(shows(two, kennel).map((s) => [s.state, s.changes.length])).toEqual([
    ['same', 0],
    ['same', 0],
  ]);
  const later = shows(two.replace('20260706', '20260707'), kennel);
  expect(later[0]).toMatchObject({ state: 'changed', changes: [{ list: 'shows', to: { lastDay: '2026-07-06' } }] });
});

it.each([
  ['noName', `UID:1\nDTSTART;VALUE=DATE:20260704`],
  ['noDay', `UID:1\nSUMMARY:X\nDTSTART;VALUE=DATE:20260704\nDTEND;VALUE=DATE:20260701`],
  ['repeats', `UID:1\nSUMMARY:X\nDTSTART;VALUE=DATE:20260704\nRRULE:FREQ=WEEKLY`],
  ['tooLong', `UID:1\nSUMMARY:X\nDTSTART;VALUE=DATE:20260704\nDTEND;VALUE=DATE:20260804`],
  ['past', `UID:1\nSUMMARY:X\nDTSTART;VALUE=DATE:20250704`],
  ['called off', `UID:1\nSUMMARY:X\nDTSTART;VALUE=DATE:20260704\nSTATUS:CANCELLED`],
])('an event is left out with its reason: %s', (fault, event) => {
  expect(shows(calendar(event))).toMatchObject([{ state: 'bad', fault, changes: [] }]);
});

it.each([
  ['noCalendar', 'a,b\n1,2'],
  ['noCalendar', ''],
  ['noCalendar', 'BEGIN:VCALENDAR\nBEGIN:VEVENT'],
  ['noEvents', calendar()],
])('a file that has none is told: %s', (fault, text) => {
  expect(read(text)).toEqual({ ok: false, fault });
});
