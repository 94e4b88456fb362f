/*
 * npm run coverage: the unit and server tests once more, with the lines that they run counted by workspace. Apart from
 * `./test`, since counting makes the planner half as fast. Exit code 1 when a workspace is below its least.
 */
import { spawnSync } from 'node:child_process';
import { readFileSync, rmSync } from 'node:fs';
import path from 'node:path';
import { fileURLToPath } from 'node:url';
import { PrivateDatabase, ensureMariaDb } from './database.mjs';

const root = fileURLToPath(new URL('..', import.meta.url));
/** Least share of lines that a workspace's tests must run, percent. */
const LEAST = { engine: 90, core: 90, library: 90, server: 80, web: 80 };

function runTests(url, keeperUrl) {
  const env = { ...process.env, TEST_DATABASE_URL: url, TEST_KEEPER_URL: keeperUrl };
  const args = ['--maxWorkers=2', '--coverage'];
  return spawnSync(path.join(root, 'node_modules/.bin/jest'), args, { cwd: root, env, stdio: 'inherit' }).status ?? 1;
}

/** Says the share of each workspace; true when all have enough. */
function sayCoverage() {
  const files = JSON.parse(readFileSync(path.join(root, '.cache/coverage/coverage-summary.json'), 'utf8'));
  let isEnough = true;
  for (const [workspace, least] of Object.entries(LEAST)) {
    const mine = Object.entries(files).filter(([file]) => file.startsWith(path.join(root, workspace, 'src')));
    const sum = (count) => mine.reduce((n, [, { lines }]) => n + lines[count], 0);
    const share = (100 * sum('covered')) / Math.max(1, sum('total'));
    console.log(`${workspace}: ${share.toFixed(1)} % of ${sum('total')} lines (at least ${least} %)`);
    isEnough &&= share >= least;
  }
  return isEnough;
}

ensureMariaDb(console.log);
const dataDir = path.join(root, '.data', 'coverage');
rmSync(dataDir, { recursive: true, force: true });
process.env.DATABASE_DURABILITY = 'fast';
const database = new PrivateDatabase(dataDir, console.log);
const code = await database
  .open()
  .then((url) => runTests(url, database.keeperUrl()))
  .finally(() => database.close());
process.exit(code === 0 && sayCoverage() ? 0 : 1);
