/*
 * The demo's clock: a kennel that is opened for the first time, at whatever hour, is met on a working morning. It runs on from
 * there at the machine's pace, over restarts too; CLOCK_START sets another.
 */
import { existsSync, mkdirSync, readFileSync, writeFileSync } from 'node:fs';
import path from 'node:path';

/** Hours and minutes of the demo's first look, in its own time zone. */
export const DEMO_MORNING = '10:20';

const fileIn = (dataDir) => path.join(dataDir, 'demo-clock.json');

/** Milliseconds that the demo's clock is ahead of the machine's, as they were kept; null where none were. */
export function keptOffsetMs(dataDir) {
  if (!existsSync(fileIn(dataDir))) return null;
  const { offsetMs } = JSON.parse(readFileSync(fileIn(dataDir), 'utf8'));
  return Number.isFinite(offsetMs) ? offsetMs : null;
}

/** Keeps them for the next start. */
export function keepOffsetMs(dataDir, offsetMs) {
  mkdirSync(dataDir, { recursive: true });
  writeFileSync(fileIn(dataDir), `${JSON.stringify({ offsetMs })}\n`);
}

const DAYS_A_WEEK = 7;

/**
 * The offset of a demo that begins now: at twenty past ten on the newest day of the week that its file begins on, so that its
 * week is as it was laid out. `core` has the time zones.
 */
export function freshOffsetMs(core, { startDay, zone }, nowMs) {
  const today = core.localDayOf(nowMs, zone);
  const back = (core.weekday(today) - core.weekday(startDay) + DAYS_A_WEEK) % DAYS_A_WEEK;
  return core.wallToMs(core.addDays(today, -back), DEMO_MORNING, zone) - nowMs;
}
