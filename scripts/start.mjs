/*
 * The start command once packages are there: database, build, kennel, server. Says what it does; its last line when all is
 * up is `Ready: http://HOST:PORT`.
 */
import { spawn, spawnSync } from 'node:child_process';
import { existsSync, readFileSync, renameSync, statSync } from 'node:fs';
import { createServer } from 'node:net';
import path from 'node:path';
import { fileURLToPath } from 'node:url';
import { parseArgs } from 'node:util';
import { buildIfNeeded } from './build.mjs';
import { PrivateDatabase, ensureMariaDb } from './database.mjs';
import { freshOffsetMs, keepOffsetMs, keptOffsetMs } from './demoClock.mjs';

const root = fileURLToPath(new URL('..', import.meta.url));
const SIMULATED_SENSOR = path.join(root, 'scripts/simulated-sensor.mjs');
const SIMULATED_PRINTER = path.join(root, 'scripts/simulated-label-printer.mjs');
const say = (line) => console.log(line);
const MOST_LOG_BYTES = 20 * 1024 * 1024;

function readArgs() {
  try {
    const { values } = parseArgs({ options: { kennel: { type: 'string' }, from: { type: 'string' } } });
    if (values.kennel !== undefined && !/^[a-z][a-z0-9-]{0,30}$/.test(values.kennel)) {
      throw new Error(`--kennel: "${values.kennel}" must be small letters, digits and dashes`);
    }
    if (values.from !== undefined && (values.kennel ?? 'demo') === 'demo') {
      throw new Error('--from needs --kennel NAME: the demo keeps its own kennel');
    }
    return values;
  } catch (error) {
    console.error(error.message);
    console.error('usage: ./start [--kennel NAME [--from kennel.json]]');
    process.exit(2);
  }
}

function portIsFree(host, port) {
  return new Promise((resolve) => {
    const probe = createServer();
    probe.on('error', () => resolve(false));
    probe.listen(port, host, () => probe.close(() => resolve(true)));
  });
}

const args = readArgs();
const host = process.env.HOST ?? '127.0.0.1';
const port = Number(process.env.PORT ?? '8480');
if (!Number.isInteger(port) || port < 1 || port > 65535) {
  console.error(`PORT: "${process.env.PORT}" is no port`);
  process.exit(2);
}
if (!(await portIsFree(host, port))) {
  console.error(`Port ${port} is taken. Nothing was started. Choose another: PORT=${port + 1} ./start`);
  process.exit(3);
}

const dataDir = path.resolve(process.env.DATA_DIR ?? path.join(root, '.data'));

const logFileOf = (kennel) => process.env.LOG_FILE ?? path.join(dataDir, 'log', `${kennel}.log`);

/** A log that has grown large makes room: one older file is kept. */
function roomFor(file) {
  if (existsSync(file) && statSync(file).size > MOST_LOG_BYTES) renameSync(file, `${file}.1`);
  return file;
}

let database = null;
let server = null;
let leaving = false;

async function leave(code) {
  if (leaving) return;
  leaving = true;
  // Ended by a signal it has no exit code.
  if (server !== null && server.exitCode === null && server.signalCode === null) {
    server.kill('SIGTERM');
    await new Promise((done) => {
      server.once('exit', done);
      setTimeout(() => server.kill('SIGKILL'), 10_000).unref();
    });
  }
  if (database !== null) await database.close();
  process.exit(code);
}

for (const signal of ['SIGINT', 'SIGTERM', 'SIGHUP']) {
  process.on(signal, () => {
    say('Stopping.');
    void leave(0);
  });
}

try {
  buildIfNeeded(root, say);
  let databaseUrl = process.env.DATABASE_URL;
  if (databaseUrl === undefined) {
    ensureMariaDb(say);
    say('Starting the database.');
    database = new PrivateDatabase(dataDir, say);
    databaseUrl = await database.open();
    database.watch();
  }
  const kennel = args.kennel ?? 'demo';
  const env = {
    ...process.env,
    DATABASE_URL: databaseUrl,
    KENNEL: kennel,
    HOST: host,
    PORT: String(port),
    LOG_FILE: roomFor(logFileOf(kennel)),
    // Only the demo's devices are stand-ins: another kennel names its own, or has none.
    ...(kennel === 'demo' && process.env.AIR_SENSOR === undefined ? { AIR_SENSOR: SIMULATED_SENSOR } : {}),
    ...(kennel === 'demo' && process.env.LABEL_PRINTER === undefined
      ? { LABEL_PRINTER: SIMULATED_PRINTER, LABEL_ROLL: path.join(dataDir, 'labels.txt') }
      : {}),
    ...(args.from === undefined ? {} : { KENNEL_FILE: path.resolve(args.from) }),
  };
  const clock = await demoClock(kennel);
  const prepared = spawnSync(process.execPath, [path.join(root, 'server/dist/setup.js')], {
    env: { ...env, ...clockEnv(clock) },
    stdio: ['ignore', 'pipe', 'inherit'],
    encoding: 'utf8',
  });
  if (leaving) await new Promise(() => {});
  if (prepared.status !== 0) {
    await leave(prepared.status ?? 1);
  } else {
    const setUp = JSON.parse(prepared.stdout.trim().split('\n').at(-1) ?? '');
    if (clock !== null && setUp.fresh) keepOffsetMs(dataDir, clock.offsetMs);
    // A demo of an earlier version, which began by the machine's clock, goes on by it.
    serve({ ...env, ...(clock?.isKept === true || setUp.fresh ? clockEnv(clock) : {}) }, setUp, kennel);
  }
} catch (error) {
  console.error(error.message);
  await leave(1);
}

/** The clock of a demo whose moment nobody has set; null for other kennels. */
async function demoClock(kennel) {
  if (kennel !== 'demo' || process.env.CLOCK_START !== undefined) return null;
  const kept = keptOffsetMs(dataDir);
  if (kept !== null) return { offsetMs: kept, isKept: true };
  const core = await import(path.join(root, 'core/dist/index.js'));
  const file = JSON.parse(readFileSync(path.join(root, 'library/demo/demo-kennel.json'), 'utf8'));
  return {
    offsetMs: freshOffsetMs(core, { startDay: file.startDay, zone: file.settings.timeZone }, Date.now()),
    isKept: false,
  };
}

function clockEnv(clock) {
  return clock === null ? {} : { CLOCK_START: new Date(Date.now() + clock.offsetMs).toISOString(), DEMO_CLOCK: '1' };
}

function serve(env, setUp, kennel) {
  server = spawn(process.execPath, [path.join(root, 'server/dist/main.js')], {
    env,
    stdio: ['ignore', 'inherit', 'inherit', 'ipc'],
    // Ctrl+C is answered here, so that server and database stop in order.
    detached: true,
  });
  server.on('message', () => announce(setUp, kennel));
  server.on('exit', (code) => {
    if (leaving) return;
    say('The server has stopped. What was saved is kept: start it again with ./start.');
    void leave(code ?? 1);
  });
}

function announce(setUp, kennel) {
  say(`Kennel ${setUp.kennel}.`);
  if (kennel === 'demo') {
    say('Sign in with one of these names, password "wrenfold-demo":');
    for (const s of setUp.signIns) say(`  ${s.signIn.padEnd(10)} ${s.role}`);
  }
  for (const s of setUp.signIns) {
    if (s.password !== null) say(`One-time password for ${s.signIn} (${s.role}): ${s.password}`);
  }
  say(`Log: ${path.relative(process.cwd(), logFileOf(kennel))}`);
  say(`Ready: http://${host}:${port}`);
}
