/* The one place that converts between instants, wall times and slots, over clock changes. */
import fc from 'fast-check';
import {
  addDays,
  daysBetween,
  instantToMs,
  isLocalDay,
  localDayOf,
  wallTimeOf,
  wallToMs,
  weekday,
} from '../src/index.js';
import { SlotGrid, slotsOf } from '../src/time/slotGrid.js';
import { wallToInstant } from '../src/time/zone.js';
import type { LocalDay, WallTime } from '../src/index.js';

const OSLO = 'Europe/Oslo';
const day = (text: string): LocalDay => text as LocalDay;
const wall = (text: string): WallTime => text as WallTime;

it('knows days of 23 and 25 hours (clocks change on 29 March and 25 October 2026)', () => {
  const spring = new SlotGrid(day('2026-03-28'), 3, OSLO);
  expect(spring.dayStarts).toEqual([0, 288, 288 + 276, 288 + 276 + 288]);
  const autumn = new SlotGrid(day('2026-10-24'), 3, OSLO);
  expect(autumn.dayStarts).toEqual([0, 288, 288 + 300, 288 + 300 + 288]);
  expect(autumn.dayOf(288 + 299)).toBe(1);
  expect(autumn.dayOf(288 + 300)).toBe(2);
});

it('moves a wall time that does not exist forward, and takes the first of two', () => {
  expect(wallToInstant(day('2026-03-29'), wall('02:30'), OSLO)).toBe('2026-03-29T01:30:00.000Z');
  expect(wallToInstant(day('2026-10-25'), wall('02:30'), OSLO)).toBe('2026-10-25T00:30:00.000Z');
  expect(wallToInstant(day('2026-10-25'), wall('24:00'), OSLO)).toBe('2026-10-25T23:00:00.000Z');
});

it('rounds real times outward', () => {
  const grid = new SlotGrid(day('2026-06-17'), 2, OSLO);
  expect(grid.slotAt(day('2026-06-17'), wall('06:42'), 'floor')).toBe(80);
  expect(grid.slotAt(day('2026-06-17'), wall('06:42'), 'ceil')).toBe(81);
  expect(grid.slotAt(day('2026-06-20'), wall('06:42'), 'ceil')).toBe(grid.horizon);
});

it('goes to a wall time and back on every day of a year, in zones of both halves of the world', () => {
  const zones = [OSLO, 'America/New_York', 'Australia/Lord_Howe', 'Asia/Kolkata'];
  let seen = 0;
  fc.assert(
    fc.property(
      fc.integer({ min: 0, max: 364 }),
      fc.integer({ min: 4 * 60, max: 23 * 60 + 59 }),
      fc.constantFrom(...zones),
      (n, minute, zone) => {
        const d = addDays(day('2026-01-01'), n);
        const time = wall(
          `${String(Math.floor(minute / 60)).padStart(2, '0')}:${String(minute % 60).padStart(2, '0')}`,
        );
        const ms = wallToMs(d, time, zone);
        seen++;
        return localDayOf(ms, zone) === d && wallTimeOf(ms, zone) === time;
      },
    ),
    { seed: 3, numRuns: 300 },
  );
  expect(seen).toBe(300);
});

it('days and wall times are those of the platform’s own calendar (Intl), around clock changes too', () => {
  const zones = [OSLO, 'America/New_York', 'Australia/Lord_Howe', 'Asia/Kolkata', 'Pacific/Kiritimati', 'Pacific/Niue'];
  const parts = (zone: string) =>
    new Intl.DateTimeFormat('en-CA', { timeZone: zone, dateStyle: 'short', timeStyle: 'short', hourCycle: 'h23' });
  const intl = new Map(zones.map((zone) => [zone, parts(zone)]));
  const start = Date.UTC(2026, 0, 1);
  fc.assert(
    fc.property(fc.integer({ min: 0, max: 365 * 24 * 60 - 1 }), fc.constantFrom(...zones), (minute, zone) => {
      const ms = start + minute * 60_000;
      const [date, time] = intl.get(zone)!.format(ms).split(', ');
      return localDayOf(ms, zone) === date && wallTimeOf(ms, zone) === time;
    }),
    {
      seed: 5,
      numRuns: 2000,
      examples: [
        [(28 + 31 + 28) * 1440 + 60, OSLO],
        [297 * 1440 + 30, OSLO],
      ],
    },
  );
});

it('counts days on the calendar', () => {
  expect(daysBetween(day('2026-03-28'), day('2026-03-30'))).toBe(2);
  expect(addDays(day('2026-12-31'), 1)).toBe('2027-01-01');
  expect(weekday(day('2026-06-19'))).toBe(5);
  expect(isLocalDay('2026-02-30')).toBe(false);
  expect(isLocalDay('2026-02-28')).toBe(true);
  expect(() => instantToMs('yesterday' as never)).toThrow(/no instant/);
});

it('fills minutes into slots, rounded up', () => {
  expect([0, 1, 5, 5.01, 45].map(slotsOf)).toEqual([0, 1, 1, 2, 9]);
});
