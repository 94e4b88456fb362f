/*
 * When the kennels of all browser tests begin, and the plan with which they do.
 */
import { fileURLToPath } from 'node:url';

/** Ten past eight in the morning of the demo's Wednesday. */
export const START = '2026-06-17T06:10:00Z';

/** The demo as it is planned at that moment. */
export const LIVE_DEMO = fileURLToPath(new URL('../.data/e2e/demo.json', import.meta.url));
