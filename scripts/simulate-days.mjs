/*
 * npm run simulate [-- DAYS]
 * Plays whole kennel days against the real server (21 unless said), the first with two people at benches in real browsers, and says
 * what went on; the suite plays one at the API.
 */
import { spawnSync } from 'node:child_process';
import { rmSync } from 'node:fs';
import path from 'node:path';
import { fileURLToPath } from 'node:url';
import { buildIfNeeded } from './build.mjs';
import { ensureChromium } from './chromium.mjs';
import { PrivateDatabase, ensureMariaDb } from './database.mjs';

const root = fileURLToPath(new URL('..', import.meta.url));
ensureMariaDb(console.log);
ensureChromium(console.log);
buildIfNeeded(root, console.log);
const dataDir = path.join(root, '.data', 'simulate');
rmSync(dataDir, { recursive: true, force: true });
process.env.DATABASE_DURABILITY = 'fast';
const database = new PrivateDatabase(dataDir, console.log);
const env = {
  ...process.env,
  SIMULATED_DAYS: process.argv[2] ?? '21',
  SIMULATED_DEVICES: 'yes',
  TEST_DATABASE_URL: await database.open(),
  TEST_KEEPER_URL: database.keeperUrl(),
};
const jest = [path.join(root, 'node_modules/.bin/jest'), 'server/test/simulatedDays'];
const { status } = spawnSync(process.execPath, jest, { cwd: root, env, stdio: 'inherit' });
await database.close();
process.exit(status ?? 1);
