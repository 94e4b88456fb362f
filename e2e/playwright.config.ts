import { defineConfig } from '@playwright/test';
import { CHROMIUM_OPTIONS } from '../scripts/chromiumOptions.mjs';
import { BASE_URL, DATA_DIR, PORT, START } from './world.js';

/** The real start command on a throw-away database, the real interface in Debian's Chromium. */
export default defineConfig({
  testDir: '.',
  testMatch: '*.spec.ts',
  workers: 1,
  // Slow machines take three times as long as a desk's; one further try tells a slow moment from a fault.
  timeout: 150_000,
  expect: { timeout: 30_000 },
  retries: 1,
  reporter: [['list']],
  outputDir: '../.cache/e2e-results',
  use: {
    baseURL: BASE_URL,
    viewport: { width: 1280, height: 800 },
    actionTimeout: 30_000,
    launchOptions: CHROMIUM_OPTIONS,
  },
  webServer: {
    command: 'node ../scripts/start.mjs',
    url: `${BASE_URL}/api/health`,
    timeout: 180_000,
    reuseExistingServer: false,
    gracefulShutdown: { signal: 'SIGINT', timeout: 30_000 },
    env: { PORT: String(PORT), DATA_DIR, CLOCK_START: START, DATABASE_DURABILITY: 'fast' },
  },
});
