/* Debian's headless Chromium, driven by the end-to-end tests' own package. */
import { createRequire } from 'node:module';
import path from 'node:path';
import { fileURLToPath } from 'node:url';
import { CHROMIUM_OPTIONS } from './chromiumOptions.mjs';

const root = fileURLToPath(new URL('..', import.meta.url));
const { chromium } = createRequire(path.join(root, 'e2e/'))('@playwright/test');

/** Starts a browser; the caller closes it. */
export function launchChromium() {
  return chromium.launch(CHROMIUM_OPTIONS);
}
