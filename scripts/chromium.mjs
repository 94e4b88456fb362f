/* Debian's headless Chromium, driven by the end-to-end tests' own package. */
import { existsSync } from 'node:fs';
import { createRequire } from 'node:module';
import path from 'node:path';
import { fileURLToPath } from 'node:url';
import { CHROMIUM_OPTIONS } from './chromiumOptions.mjs';
import { aptInstall } from './database.mjs';

const root = fileURLToPath(new URL('..', import.meta.url));
const { chromium } = createRequire(path.join(root, 'e2e/'))('@playwright/test');

/** Installs Chromium from Debian's packages where it is missing; throws where only an administrator may. */
export function ensureChromium(say) {
  if (existsSync('/usr/bin/chromium')) return;
  if (process.getuid?.() !== 0)
    throw new Error('Chromium is not installed. Ask for it once: sudo apt-get install chromium');
  say('Installing Chromium from Debian’s packages (once).');
  aptInstall('chromium');
}

/** Starts a browser; the caller closes it. */
export function launchChromium() {
  ensureChromium(console.log);
  return chromium.launch(CHROMIUM_OPTIONS);
}
