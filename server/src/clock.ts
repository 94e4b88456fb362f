/*
 * The server's clock, injected everywhere: the machine's own, or one that was set to a moment when the server started
 * (for rehearsing a day, and for tests).
 */

/** The time; tests bring their own. */
export abstract class Clock {
  /** Milliseconds since the epoch. */
  abstract nowMs(): number;
}

/** The machine's time. */
export class SystemClock extends Clock {
  nowMs(): number {
    return Date.now();
  }
}

/** Runs on from a given moment at the machine's pace. */
export class ShiftedClock extends Clock {
  private readonly offsetMs: number;

  constructor(startMs: number) {
    super();
    this.offsetMs = startMs - Date.now();
  }

  nowMs(): number {
    return Date.now() + this.offsetMs;
  }
}
