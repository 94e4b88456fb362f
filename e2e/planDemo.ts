/*
 * Before all browser tests: the demo is brought to life once, at the moment at which all their kennels begin.
 */
import { mkdirSync, readFileSync, writeFileSync } from 'node:fs';
import path from 'node:path';
import { fileURLToPath } from 'node:url';
import type { KennelFile } from '@loyal-mane/core';
import { liveDemo } from '@loyal-mane/library';
import { LIVE_DEMO, START } from './start.js';

const DEMO_FILE = fileURLToPath(new URL('../library/demo/demo-kennel.json', import.meta.url));

/** Plans the demo and keeps it for the start command. */
export default function planDemo(): void {
  const file = JSON.parse(readFileSync(DEMO_FILE, 'utf8')) as KennelFile;
  mkdirSync(path.dirname(LIVE_DEMO), { recursive: true });
  writeFileSync(LIVE_DEMO, JSON.stringify(liveDemo(file, Date.parse(START))));
}
