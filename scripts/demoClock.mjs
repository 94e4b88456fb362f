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

/** The offset of a demo that begins now: its today at twenty past ten. `core` has the time zones. */
export function freshOffsetMs(core, zone, nowMs) {
  return core.wallToMs(core.localDayOf(nowMs, zone), DEMO_MORNING, zone) - nowMs;
}
