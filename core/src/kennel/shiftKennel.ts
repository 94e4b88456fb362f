/*
 * Moves a kennel file in time: every day, and every instant by the same number of calendar days on the wall clock,
 * so that a demo kennel that was written for one week is alive in another.
 */
import type { Instant, LocalDay } from '../time/localDay.js';
import { addDays, daysBetween } from '../time/localDay.js';
import { instantToMs, localDayOf, wallToMs, msToInstant, wallTimeOf } from '../time/zone.js';
import type { TaskKey } from '../units/ids.js';
import type { KennelFile, WorkRecord } from './kennelFile.js';

const WEEK = 7;

/**
 * The kennel moved so that it can start on `today`: by whole weeks, so that weekdays stay, and far enough that
 * its own start day is not before `today`. Work recorded on or after `today` has not happened yet and is dropped.
 */
export function kennelOnDay(kennel: KennelFile, today: LocalDay): KennelFile {
  const days = Math.ceil(daysBetween(kennel.startDay, today) / WEEK) * WEEK;
  const moved = shiftKennel(kennel, days);
  const zone = kennel.settings.timeZone;
  const work = moved.work.filter(
    (w) => w.finishedAt === undefined || localDayOf(instantToMs(w.finishedAt), zone) < today,
  );
  return { ...moved, startDay: today, work };
}

/** Every day of the file plus `days` calendar days; instants keep their wall time. */
export function shiftKennel(kennel: KennelFile, days: number): KennelFile {
  if (days === 0) return kennel;
  const zone = kennel.settings.timeZone;
  const d = (day: LocalDay): LocalDay => addDays(day, days);
  const t = (at: Instant): Instant => {
    const ms = instantToMs(at);
    const rest = ms % 60_000;
    return msToInstant(wallToMs(d(localDayOf(ms, zone)), wallTimeOf(ms, zone), zone) + rest);
  };
  return {
    ...kennel,
    startDay: d(kennel.startDay),
    stations: kennel.stations.map((s) => ({ ...s, closures: s.closures.map((c) => ({ ...c, day: d(c.day) })) })),
    shifts: kennel.shifts.map((s) => ({ ...s, day: d(s.day) })),
    absences: kennel.absences.map((a) => ({ ...a, day: d(a.day) })),
    transports: kennel.transports.map((x) => ({ ...x, day: d(x.day) })),
    people: kennel.people.map((p) => withDaysMoved(p, d)),
    dogs: kennel.dogs.map((dog) => withDaysMoved(dog, d)),
    shows: kennel.shows.map((s) => ({ ...s, firstDay: d(s.firstDay), lastDay: d(s.lastDay) })),
    entries: kennel.entries.map((e) => ({ ...e, day: d(e.day) })),
    work: kennel.work.map((w) => shiftWork(w, d, t)),
    ...(kennel.toolCare === undefined ? {} : { toolCare: kennel.toolCare.map((c) => ({ ...c, at: t(c.at) })) }),
    ...(kennel.pins === undefined
      ? {}
      : { pins: kennel.pins.map((p) => ({ ...p, taskKey: keyMoved(p.taskKey, d), start: t(p.start) })) }),
  };
}

const A_DAY = /^\d{4}-\d{2}-\d{2}$/;

/** A record with every local day in it moved, however deep: records hold days only where a day is meant. */
function withDaysMoved<T>(record: T, d: (day: LocalDay) => LocalDay): T {
  const moved = (value: unknown): unknown => {
    if (typeof value === 'string') return A_DAY.test(value) ? d(value as LocalDay) : value;
    if (Array.isArray(value)) return value.map(moved);
    if (typeof value !== 'object' || value === null) return value;
    return Object.fromEntries(Object.entries(value).map(([field, v]) => [field, moved(v)]));
  };
  return moved(record) as T;
}

/** Keys of keep-up tasks hold the day on which they fell due. */
function keyMoved(key: TaskKey, d: (day: LocalDay) => LocalDay): TaskKey {
  return key.replace(/\d{4}-\d{2}-\d{2}/, (day) => d(day as LocalDay)) as TaskKey;
}

function shiftWork(w: WorkRecord, d: (day: LocalDay) => LocalDay, t: (at: Instant) => Instant): WorkRecord {
  return {
    ...w,
    taskKey: keyMoved(w.taskKey, d),
    ...(w.startedAt === undefined ? {} : { startedAt: t(w.startedAt) }),
    ...(w.runningSince === undefined ? {} : { runningSince: t(w.runningSince) }),
    ...(w.finishedAt === undefined ? {} : { finishedAt: t(w.finishedAt) }),
  };
}
