/*
 * How much each day holds: attended minutes of people beside their shifts, and minutes that stations are in use.
 */
import type { Plan } from '../plan/plan.js';
import { addDays, wallMinutes } from '../time/localDay.js';
import type { LocalDay, WallTime } from '../time/localDay.js';
import { instantToMs, localDayOf } from '../time/zone.js';
import type { SheetKennel } from './daySheet.js';

/** The part of a kennel that loads are read from. */
export type LoadKennel = Pick<SheetKennel, 'settings' | 'people' | 'stations' | 'shifts' | 'absences'>;

/** Minutes of one person or station by day, in the order of the days. */
export interface LoadRow {
  readonly id: string;
  readonly minutes: readonly number[];
  /** Minutes of the shift without its breaks, by day; empty for stations. */
  readonly shift: readonly number[];
}

/** Loads of some days. */
export interface Loads {
  readonly days: readonly LocalDay[];
  readonly people: readonly LoadRow[];
  /** Stations that are used at all. */
  readonly stations: readonly LoadRow[];
}

/** Loads of a plan from a day on; people with neither work nor a shift in these days are left out. */
export function loadsOf(kennel: LoadKennel, plan: Plan | null, from: LocalDay, count: number): Loads {
  const days = Array.from({ length: count }, (_, k) => addDays(from, k));
  const people = new Map<string, number[]>();
  const stations = new Map<string, number[]>();
  const add = (rows: Map<string, number[]>, id: string, day: number, minutes: number): void => {
    const row = rows.get(id) ?? days.map(() => 0);
    row[day] = (row[day] ?? 0) + minutes;
    rows.set(id, row);
  };
  for (const a of plan?.activities ?? []) {
    const startMs = instantToMs(a.start);
    const day = days.indexOf(localDayOf(startMs, kennel.settings.timeZone));
    if (day < 0) continue;
    for (const id of a.people) add(people, id, day, (instantToMs(a.attendedUntil) - startMs) / 60_000);
    if (a.stationId !== null) add(stations, a.stationId, day, (instantToMs(a.end) - startMs) / 60_000);
  }
  const none = days.map(() => 0);
  return {
    days,
    people: kennel.people
      .map((p) => ({
        id: p.id,
        minutes: people.get(p.id) ?? none,
        shift: days.map((d) => shiftMinutes(kennel, p.id, d)),
      }))
      .filter((r) => r.shift.some((m) => m > 0) || r.minutes.some((m) => m > 0)),
    stations: kennel.stations
      .filter((s) => stations.has(s.id))
      .map((s) => ({ id: s.id, minutes: stations.get(s.id) ?? none, shift: [] })),
  };
}

/** Minutes that somebody works on a day, breaks left out; none where they are away. */
function shiftMinutes(kennel: LoadKennel, personId: string, day: LocalDay): number {
  if (kennel.absences.some((a) => a.personId === personId && a.day === day)) return 0;
  const span = (s: { readonly start: string; readonly end: string }): number =>
    wallMinutes(s.end as WallTime) - wallMinutes(s.start as WallTime);
  return kennel.shifts
    .filter((s) => s.personId === personId && s.day === day)
    .reduce((sum, s) => sum + span(s) - s.pauses.reduce((rest, p) => rest + span(p), 0), 0);
}
