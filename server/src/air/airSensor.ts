/*
 * A room's sensor: a program of its own that writes one line of JSON for each reading. What it writes is not trusted: a line
 * that is no reading is left out. A program that ends is started again.
 */
import { spawn } from 'node:child_process';
import type { ChildProcessByStdio } from 'node:child_process';
import type { Readable } from 'node:stream';
import { createInterface } from 'node:readline';

/** Temperature in degrees Celsius, relative humidity 0 to 1. */
export interface AirReading {
  readonly celsius: number;
  readonly humidity: number;
}

/** Rooms that people and dogs work in lie well within these, degrees. */
const COLDEST = 0;
const HOTTEST = 60;
/** A program that ended is started again after so long. */
const AGAIN_MS = 10_000;

/** A reading from a line; null for one that is none. */
export function readingOf(line: string): AirReading | null {
  let read: unknown;
  try {
    read = JSON.parse(line);
  } catch {
    return null;
  }
  if (typeof read !== 'object' || read === null) return null;
  const { celsius, humidity } = read as Partial<Record<keyof AirReading, unknown>>;
  if (typeof celsius !== 'number' || typeof humidity !== 'number') return null;
  const isAir = celsius >= COLDEST && celsius <= HOTTEST && humidity >= 0 && humidity <= 1;
  return isAir ? { celsius, humidity } : null;
}

/** Runs a sensor's program and hands its readings on until it is stopped. */
export class AirSensor {
  private child: ChildProcessByStdio<null, Readable, null> | null = null;
  private again: NodeJS.Timeout | null = null;
  private isStopped = false;

  constructor(
    private readonly program: string,
    private readonly onReading: (reading: AirReading) => void,
    private readonly onEnd: (code: number | null) => void,
  ) {}

  start(): void {
    const child = spawn(process.execPath, [this.program], { stdio: ['ignore', 'pipe', 'ignore'] });
    this.child = child;
    createInterface({ input: child.stdout }).on('line', (line) => {
      const reading = readingOf(line);
      if (reading !== null) this.onReading(reading);
    });
    // A machine that cannot start it says so by an error, and no end comes after.
    child.once('error', () => this.ended(null));
    child.once('exit', (code) => this.ended(code));
  }

  private ended(code: number | null): void {
    if (this.isStopped || this.again !== null) return;
    this.onEnd(code);
    this.again = setTimeout(() => {
      this.again = null;
      this.start();
    }, AGAIN_MS);
  }

  stop(): void {
    this.isStopped = true;
    if (this.again !== null) clearTimeout(this.again);
    this.child?.kill();
  }
}
