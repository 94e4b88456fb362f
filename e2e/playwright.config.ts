import os from 'node:os';
import { defineConfig } from '@playwright/test';
import { CHROMIUM_OPTIONS } from '../scripts/chromiumOptions.mjs';

/** The real interface in Debian's Chromium; the kennels that it shows are started by `world.ts`. */
export default defineConfig({
  testDir: '.',
  testMatch: '*.spec.ts',
  globalSetup: './planDemo.ts',
  // Half as many again as cores: a browser test waits much.
  workers: Math.max(2, Math.ceil(os.availableParallelism() * 1.5)),
  // Slow machines take three times as long as a desk's.
  timeout: 300_000,
  expect: { timeout: 60_000 },
  // A test that passes only at times is a fault of the test or of the product: it is not tried again.
  retries: 0,
  reporter: [['list']],
  outputDir: '../.cache/e2e-results',
  use: {
    viewport: { width: 1280, height: 800 },
    actionTimeout: 60_000,
    // Tests of the service worker allow it for themselves: the others load files from the server.
    serviceWorkers: 'block',
    // A drawer that slides in is nowhere yet: a click may miss it. The interface shows no motion to those who ask for none.
    contextOptions: { reducedMotion: 'reduce' },
    launchOptions: CHROMIUM_OPTIONS,
  },
});
