/*
 * The server's clock in the browser: tablets' own clocks are often wrong, and a rehearsal runs on another day. Set at
 * sign-in; every "now" of the interface comes from here.
 */
let offsetMs = 0;

/** Takes over the server's time, ISO 8601. */
export function setServerTime(now: string): void {
  offsetMs = Date.parse(now) - Date.now();
}

/** The server's clock less this device's, milliseconds. */
export function serverOffsetMs(): number {
  return offsetMs;
}

/** Takes over an offset that was kept while the server could be asked. */
export function setServerOffset(ms: number): void {
  offsetMs = ms;
}

/** Milliseconds since the epoch by the server's clock. */
export function serverNowMs(): number {
  return Date.now() + offsetMs;
}
