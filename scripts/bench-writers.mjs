/*
 * npm run bench:writers [-- --seconds=20]
 * 30 clients write without a pause, each on a stream of its own, while people sign in and, in a second part, the kennel is
 * planned again and again. Prints how long writes, sign-ins, streams and plans took, what failed, and how long the database
 * was waited for.
 */
import { spawn, spawnSync } from 'node:child_process';
import { readFileSync, rmSync } from 'node:fs';
import { createRequire } from 'node:module';
import path from 'node:path';
import { fileURLToPath } from 'node:url';
import { buildIfNeeded } from './build.mjs';
import { PrivateDatabase, ensureMariaDb } from './database.mjs';
import { isUp, pause } from './serverProcess.mjs';

const root = fileURLToPath(new URL('..', import.meta.url));
buildIfNeeded(root, console.log);
const server = createRequire(path.join(root, 'server/package.json'));
const knexOf = server('knex');
const { v7 } = await import('uuid');

const WRITERS = 30;
const STREAM_PEOPLE = ['maren', 'pia', 'ivo', 'asta', 'tuva'];
const seconds = Number(process.argv.find((a) => a.startsWith('--seconds='))?.slice('--seconds='.length) ?? 20);
const PORT = Number(process.env.PORT ?? 8595);
const base = `http://127.0.0.1:${PORT}`;

ensureMariaDb(console.log);
const dataDir = path.join(root, '.data', 'writers');
rmSync(dataDir, { recursive: true, force: true });
const database = new PrivateDatabase(dataDir, () => undefined);
const url = await database.open();
const waitsFile = path.join(dataDir, 'waits.json');
const env = {
  ...process.env,
  DATABASE_URL: url,
  KENNEL: 'demo',
  HOST: '127.0.0.1',
  PORT: String(PORT),
  CLOCK_START: '2026-06-17T06:10:00Z',
  LOG_LEVEL: 'silent',
  POOL_WATCH: waitsFile,
};
const setUp = spawnSync(process.execPath, [path.join(root, 'server/dist/setup.js')], { env, encoding: 'utf8' });
if (setUp.status !== 0) throw new Error(setUp.stderr);
const watch = path.join(root, 'scripts/poolWatch.mjs');
const app = spawn(process.execPath, ['--import', watch, path.join(root, 'server/dist/main.js')], {
  env,
  stdio: ['ignore', 'ignore', 'inherit'],
});
app.on('exit', (code, signal) => console.log(`the server ended: ${code ?? signal}`));
const sql = knexOf({ client: 'mysql2', connection: `${url}/lm_demo`, pool: { min: 0, max: 1 } });
await isUp(base);

const p95 = (times) => [...times].sort((a, b) => a - b)[Math.floor(times.length * 0.95)] ?? 0;
const longest = (times) => times.reduce((most, t) => Math.max(most, t), 0);
const told = (times) => `p95 ${p95(times).toFixed(0)} ms, longest ${longest(times).toFixed(0)} ms`;

async function signIn(name) {
  const answer = await fetch(`${base}/api/session`, {
    method: 'POST',
    headers: { 'content-type': 'application/json' },
    body: JSON.stringify({ signIn: name, password: 'wrenfold-demo' }),
  });
  const { csrf } = await answer.json();
  if (!answer.ok) return null;
  return {
    cookie: answer.headers.getSetCookie()[0].split(';')[0],
    'x-csrf-token': csrf,
    'content-type': 'application/json',
  };
}

/** Reads a stream and keeps when each number came. */
async function listen(headers, stop) {
  const came = new Map();
  const response = await fetch(`${base}/api/stream`, { headers, signal: stop });
  void (async () => {
    let text = '';
    const decoder = new TextDecoder();
    try {
      for await (const chunk of /** @type {ReadableStream<Uint8Array>} */ (response.body)) {
        text += decoder.decode(chunk, { stream: true });
        for (let end = text.indexOf('\n\n'); end >= 0; end = text.indexOf('\n\n')) {
          const number = /^id: (\d+)$/m.exec(text.slice(0, end))?.[1];
          if (number !== undefined) came.set(Number(number), performance.now());
          text = text.slice(end + 2);
        }
      }
    } catch {
      // The part is over.
    }
  })();
  return came;
}

/** Sends; counts what was not answered with a yes. */
async function send(headers, to, body, seen) {
  const began = performance.now();
  const answer = await fetch(base + to, { method: 'POST', headers, body: JSON.stringify(body) }).catch(() => null);
  const text = (await answer?.text()) ?? '';
  seen.times.push(performance.now() - began);
  if (answer?.ok !== true) seen.errors.push(answer?.status ?? 0);
  return answer?.ok === true ? JSON.parse(text) : null;
}

async function write(headers, seen, sentAt, isOver) {
  while (!isOver()) {
    const [id, commandId] = [v7(), v7()];
    const to = { id, name: `Writer ${id.slice(-6)}`, contact: '' };
    sentAt.set(commandId, performance.now());
    await send(headers, '/api/changes', { commandId, changes: [{ list: 'owners', id, from: null, to }] }, seen);
  }
}

async function planAgain(headers, seen, isOver) {
  while (!isOver()) {
    const began = performance.now();
    const job = await send(
      headers,
      '/api/plan-jobs',
      { commandId: v7(), mode: 'fresh' },
      { times: [], errors: seen.errors },
    );
    if (job === null) return;
    let state = 'queued';
    while (state === 'queued' || state === 'running') {
      await pause(100);
      const answer = await fetch(`${base}/api/plan-jobs/${job.id}`, { headers });
      state = (await answer.json()).state;
    }
    if (state === 'done') seen.times.push(performance.now() - began);
    else seen.errors.push(state);
  }
}

async function part(name, isPlanning) {
  const fresh = () => ({ times: [], errors: [] });
  const [writes, entering, plans] = [fresh(), fresh(), fresh()];
  const sentAt = new Map();
  const stop = new AbortController();
  const streams = [];
  for (let k = 0; k < WRITERS; k++)
    streams.push(await listen(await signIn(STREAM_PEOPLE[k % STREAM_PEOPLE.length]), stop.signal));
  const leads = [];
  for (let k = 0; k < WRITERS; k++) leads.push(await signIn('maren'));
  app.kill('SIGWINCH');
  await pause(200);
  const until = performance.now() + seconds * 1000;
  const isOver = () => performance.now() > until;
  const sign = async () => {
    while (!isOver()) {
      const body = { signIn: 'pia', password: 'wrenfold-demo' };
      await send({ 'content-type': 'application/json' }, '/api/session', body, entering);
      await pause(250);
    }
  };
  const all = leads.map((headers) => write(headers, writes, sentAt, isOver));
  await Promise.all([...all, sign(), isPlanning ? planAgain(leads[0], plans, isOver) : undefined]);
  app.kill('SIGWINCH');
  await pause(1500);
  stop.abort();
  const { waits, failed } = JSON.parse(readFileSync(waitsFile, 'utf8'));
  const events = await sql('events')
    .whereIn('command_id', [...sentAt.keys()])
    .select('number', 'command_id');
  const delays = [];
  let missing = 0;
  for (const came of streams)
    for (const { number, command_id: id } of events)
      if (came.has(Number(number))) delays.push(came.get(Number(number)) - sentAt.get(id));
      else missing++;
  console.log(`\n## ${name}`);
  console.log(
    `writes: ${writes.times.length} (${(writes.times.length / seconds).toFixed(0)} a second), ${told(writes.times)}, errors ${writes.errors.length} ${[...new Set(writes.errors)].join()}`,
  );
  console.log(`sign-ins: ${entering.times.length}, ${told(entering.times)}, errors ${entering.errors.length}`);
  console.log(`streams: ${delays.length} arrivals, ${told(delays)} after they were sent; ${missing} not heard`);
  if (isPlanning)
    console.log(
      `plans: ${plans.times.length}, longest ${longest(plans.times).toFixed(0)} ms, errors ${plans.errors.join() || 0}`,
    );
  console.log(`waits for a connection: ${waits.length}, ${told(waits)}, given up ${failed}`);
}

try {
  await part(`${WRITERS} writers`, false);
  await part(`${WRITERS} writers, and plans`, true);
} finally {
  app.kill('SIGTERM');
  await sql.destroy();
  await database.close();
}
process.exit(0);
