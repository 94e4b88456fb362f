/*
 * Runs every check and counts: one closing line, `N passed, N failed`. Exit code 1 when anything failed.
 */
import { spawn } from 'node:child_process';
import { rmSync } from 'node:fs';
import os from 'node:os';
import path from 'node:path';
import { fileURLToPath } from 'node:url';
import { stripVTControlCharacters } from 'node:util';
import { buildIfNeeded } from './build.mjs';
import { ensureChromium } from './chromium.mjs';
import { PrivateDatabase, ensureMariaDb } from './database.mjs';

const root = fileURLToPath(new URL('..', import.meta.url));
const bin = (name) => path.join(root, 'node_modules/.bin', name);
const say = (line) => console.log(line);
const began = Date.now();
let passed = 0;
let failed = 0;

/** Runs a command, passes its output on and returns it with the exit code. */
function run(command, args, options = {}) {
  return new Promise((resolve) => {
    const child = spawn(command, args, {
      cwd: root,
      ...options,
      env: { ...process.env, ...options.env },
      stdio: ['ignore', 'pipe', 'pipe'],
    });
    let text = '';
    const take = (chunk) => {
      text += chunk;
      process.stdout.write(chunk);
    };
    child.stdout.on('data', take);
    child.stderr.on('data', take);
    child.on('close', (code) => resolve({ code: code ?? 1, text }));
  });
}

/** One check that counts as one test. */
async function check(name, command, args) {
  const start = Date.now();
  const { code } = await run(command, args);
  if (code === 0) passed++;
  else failed++;
  say(`${code === 0 ? 'ok' : 'FAILED'}: ${name} (${Math.round((Date.now() - start) / 1000)} s)`);
}

/** A test runner's own count; a runner that counted nothing has failed. */
async function counted(name, result, readCount) {
  const start = Date.now();
  const { code, text } = await result();
  const count = readCount(text);
  passed += count.passed;
  failed += count.failed;
  if (count.passed + count.failed === 0 || (code !== 0 && count.failed === 0)) failed++;
  say(`${name}: ${count.passed} passed, ${count.failed} failed (${Math.round((Date.now() - start) / 1000)} s)`);
}

const plain = (text) => stripVTControlCharacters(text);
const number = (text, pattern) => Number(pattern.exec(plain(text))?.[1] ?? 0);
const jestCount = (text) => ({
  passed: number(text, /^Tests:.*?(\d+) passed/m),
  failed: number(text, /^Tests:.*?(\d+) failed/m),
});
const playwrightCount = (text) => ({
  passed: number(text, /^\s*(\d+) passed/m),
  failed: number(text, /^\s*(\d+) failed/m),
});

/** Test processes at once: half as many again as cores, since they wait for database and browser. */
const WORKERS = Math.max(2, Math.ceil(os.availableParallelism() * 1.5));

/** Form, import cycles, spelling and the API's types, one after the other. */
async function smallChecks() {
  const format = ['--check', '.', '--log-level', 'warn', '--cache', '--cache-location', '.cache/prettier'];
  await check('format', bin('prettier'), format);
  const sources = ['engine', 'core', 'library', 'server', 'web'].map((workspace) => `${workspace}/src`);
  await check('no import cycles', bin('depcruise'), [...sources, '--output-type', 'err']);
  await check('spelling', 'npm', ['run', '-s', 'spelling']);
  await check('API types are current', process.execPath, ['scripts/api-types.mjs', '--check']);
}

async function main() {
  ensureMariaDb(say);
  ensureChromium(say);
  buildIfNeeded(root, say);
  await check('types', bin('tsc'), ['-b']);
  // The small checks take one core beside the unit tests, the linter one beside the browser tests: both wait much.
  const small = smallChecks();
  const dataDir = path.join(root, '.data', 'test');
  rmSync(dataDir, { recursive: true, force: true });
  process.env.DATABASE_DURABILITY = 'fast';
  const database = new PrivateDatabase(dataDir, say);
  try {
    const url = await database.open();
    await counted(
      'unit and server tests',
      () =>
        run(bin('jest'), [`--maxWorkers=${WORKERS}`], {
          env: { TEST_DATABASE_URL: url, TEST_KEEPER_URL: database.keeperUrl() },
        }),
      jestCount,
    );
  } finally {
    await database.close();
  }
  await small;
  const lint = check('lint', bin('eslint'), [
    '.',
    '--cache',
    '--cache-location',
    '.cache/eslint',
    '--max-warnings',
    '0',
  ]);
  rmSync(path.join(root, '.data', 'e2e'), { recursive: true, force: true });
  await counted(
    'browser tests',
    () => run(bin('playwright'), ['test'], { cwd: path.join(root, 'e2e') }),
    playwrightCount,
  );
  await lint;
}

try {
  await main();
} catch (error) {
  console.error(error.message);
  failed++;
}
say(`All checks took ${Math.round((Date.now() - began) / 1000)} s.`);
say(`${passed} passed, ${failed} failed`);
process.exit(failed === 0 && passed > 0 ? 0 : 1);
