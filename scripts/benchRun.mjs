/* A bench of rooms: the demo served on a database of its own, a browser, and a table of what was timed as a part of the page. */
import { rmSync } from 'node:fs';
import { spawnSync } from 'node:child_process';
import os from 'node:os';
import path from 'node:path';
import { fileURLToPath } from 'node:url';
import { launchChromium } from './chromium.mjs';
import { writePart } from './benchmarkPage.mjs';
import { PrivateDatabase, ensureMariaDb } from './database.mjs';
import { isUp, spawnServer } from './serverProcess.mjs';

const root = fileURLToPath(new URL('..', import.meta.url));
const PASSWORD = 'wrenfold-demo';

const inWords = (ms) => `${ms.toFixed(ms < 10 ? 1 : 0)} ms`;
const at = (times, share) =>
  [...times].sort((x, y) => x - y)[Math.min(times.length - 1, Math.floor(times.length * share))];

/** A page of somebody who is signed in. */
export async function signedIn(browser, base, signIn, viewport) {
  const page = await (await browser.newContext({ viewport })).newPage();
  await page.goto(base);
  await page.getByLabel('Name').fill(signIn);
  await page.getByLabel('Password').fill(PASSWORD);
  await page.getByRole('button', { name: 'Sign in' }).click();
  await page.locator('main#room, main.bench').first().waitFor({ state: 'attached' });
  return page;
}

/**
 * Serves the demo at a port, lets `measure(browser, base, row)` time it, and writes the rows: what, its bar, milliseconds of
 * each time.
 */
export async function benchRun({ part, title, port, measure }) {
  const base = `http://127.0.0.1:${port}`;
  const lines = [];
  const say = (line = '') => {
    console.log(line);
    lines.push(line);
  };
  ensureMariaDb(console.log);
  const dataDir = path.join(root, '.data', `bench-${part}`);
  rmSync(dataDir, { recursive: true, force: true });
  const database = new PrivateDatabase(dataDir, () => undefined);
  const env = {
    ...process.env,
    DATABASE_URL: await database.open(),
    ...{ KENNEL: 'demo', HOST: '127.0.0.1', PORT: String(port) },
    ...{ CLOCK_START: '2026-06-17T06:40:00Z', LOG_LEVEL: 'silent' },
  };
  const setUp = spawnSync(process.execPath, [path.join(root, 'server/dist/setup.js')], { env, encoding: 'utf8' });
  if (setUp.status !== 0) throw new Error(setUp.stderr);
  const server = spawnServer(env);
  const browser = await launchChromium();
  try {
    await isUp(base);
    const cpu = `${os.cpus()[0]?.model ?? 'unknown'}, ${os.availableParallelism()} cores`;
    const day = new Date().toISOString().slice(0, 10);
    say(
      `Written by \`npm run bench:${part}\` on ${day}: ${cpu}, Node ${process.version}, Chromium on the same machine.`,
    );
    say();
    say('| what | bar | median | 95th percentile |');
    say('|---|---|---|---|');
    await measure(browser, base, (what, bar, times) =>
      say(`| ${what} | ${bar} | ${inWords(at(times, 0.5))} | ${inWords(at(times, 0.95))} |`),
    );
    writePart(part, `# ${title}\n\n${lines.join('\n')}`);
  } finally {
    await browser.close();
    server.kill();
    await database.close();
  }
}
