/*
 * npm run bench:kill [-- --times=100]
 * Kills the server, then the database, in the middle of writing, again and again (`kill -9`), and looks whether what was
 * answered is there, whether what was not answered is there whole or not at all, whether sending it again does it once,
 * and whether a live stream that comes back has missed a number. Prints what it saw, after a hundred kills each also into
 * docs/benchmarks.md; exits with 1 when anything is wrong.
 */
import { spawnSync } from 'node:child_process';
import { readFileSync, rmSync } from 'node:fs';
import os from 'node:os';
import path from 'node:path';
import { fileURLToPath } from 'node:url';
import { v7 } from 'uuid';
import { buildIfNeeded } from './build.mjs';
import { writePart } from './benchmarkPage.mjs';
import { PrivateDatabase, ensureMariaDb } from './database.mjs';
import { isUp, pause, spawnServer, until } from './serverProcess.mjs';

const root = fileURLToPath(new URL('..', import.meta.url));
buildIfNeeded(root, console.log);
const { EXIT_CHECKS, makeRng } = await import('@loyal-mane/core');
const { createRequire } = await import('node:module');
const knexOf = createRequire(path.join(root, 'server/package.json'))('knex');

const times = Number(process.argv.find((a) => a.startsWith('--times='))?.slice('--times='.length) ?? 100);
const PORT = Number(process.env.PORT ?? 8597);
const base = `http://127.0.0.1:${PORT}`;
const rng = makeRng(7);

ensureMariaDb(console.log);
const dataDir = path.join(root, '.data', 'kill');
rmSync(dataDir, { recursive: true, force: true });
const database = new PrivateDatabase(dataDir, () => undefined);
const databaseUrl = await database.open();
database.watch();
const env = {
  ...process.env,
  DATABASE_URL: databaseUrl,
  KENNEL: 'demo',
  HOST: '127.0.0.1',
  PORT: String(PORT),
  CLOCK_START: '2026-06-17T06:10:00Z',
  LOG_LEVEL: 'silent',
};
const setUp = spawnSync(process.execPath, [path.join(root, 'server/dist/setup.js')], { env, encoding: 'utf8' });
if (setUp.status !== 0) throw new Error(setUp.stderr);
// The bench kills the database on purpose: knex need not print that.
const quiet = { warn: () => undefined, error: () => undefined, debug: () => undefined, deprecate: () => undefined };
const sql = knexOf({ client: 'mysql2', connection: `${databaseUrl}/lm_demo`, pool: { min: 0, max: 2 }, log: quiet });

/** @type {import('node:child_process').ChildProcess | null} */
let server = null;
const startServer = () => {
  server = spawnServer(env);
};

startServer();
await isUp(base);
const entered = await fetch(`${base}/api/session`, {
  method: 'POST',
  headers: { 'content-type': 'application/json' },
  body: JSON.stringify({ signIn: 'maren', password: 'wrenfold-demo' }),
});
if (!entered.ok) throw new Error(`sign-in: ${entered.status}`);
const headers = {
  cookie: entered.headers.getSetCookie()[0].split(';')[0],
  'x-csrf-token': (await entered.json()).csrf,
  'content-type': 'application/json',
};

/** Numbers that one live stream has heard, over all its reconnects. */
const heard = [];
let listening = true;
async function listen() {
  let last = null;
  while (listening) {
    try {
      /** @type {Record<string, string>} */
      const more = last === null ? {} : { 'last-event-id': String(last) };
      const response = await fetch(`${base}/api/stream`, { headers: { ...headers, ...more } });
      let text = '';
      const decoder = new TextDecoder();
      for await (const chunk of /** @type {ReadableStream<Uint8Array>} */ (response.body)) {
        text += decoder.decode(chunk, { stream: true });
        for (let end = text.indexOf('\n\n'); end >= 0; end = text.indexOf('\n\n')) {
          const block = text.slice(0, end);
          text = text.slice(end + 2);
          const number = Number(/^id: (\d+)$/m.exec(block)?.[1] ?? NaN);
          if (Number.isNaN(number)) continue;
          if (/^event: change$/m.test(block)) heard.push(number);
          last = number;
        }
      }
    } catch {
      await pause(100);
    }
  }
}
void listen();

const { plan } = (await (await fetch(`${base}/api/plan`, { headers })).json()).published;
const tasks = plan.activities
  .filter((a) => a.state === 'planned' && a.people.length > 0)
  .sort((x, y) => x.start.localeCompare(y.start));
let nextTask = 0;

/** Sends a command; true answered with yes, false refused, null no answer that could be understood. */
async function send({ to, body }) {
  try {
    const response = await fetch(base + to, { method: 'POST', headers, body: JSON.stringify(body) });
    await response.text();
    if (response.status >= 500) return null;
    return response.ok;
  } catch {
    return null;
  }
}

/** Tasks are begun and finished, one after the other. */
function* benchWork() {
  for (; nextTask < tasks.length; nextTask++) {
    const { key, dogId, step, stationId } = tasks[nextTask];
    for (const [verb, version] of [
      ['start', 0],
      ['finish', 1],
    ]) {
      const commandId = v7();
      const to = `/api/tasks/${encodeURIComponent(key)}/${verb}`;
      // A kill may leave a task of the same dog running, which a start asks about.
      const more = verb === 'finish' ? { confirmed: EXIT_CHECKS } : {};
      const body = { commandId, version, dogId, step, stationId, anyway: true, ...more };
      yield { commandId, to, body, task: { key, verb } };
    }
  }
}

/** Owners are written down. */
function* kennelWork() {
  for (;;) {
    const id = v7();
    const commandId = v7();
    const to = { id, name: `Kill ${id.slice(-6)}`, contact: '' };
    yield {
      commandId,
      to: '/api/changes',
      body: { commandId, changes: [{ list: 'owners', id, from: null, to }] },
      owner: id,
    };
  }
}

const seen = { killed: 0, answered: 0, refused: 0, unanswered: 0, wasThere: 0, finishesUnanswered: 0 };
const wrong = [];

async function write(commands, into, isOver) {
  while (!isOver()) {
    const { value, done } = commands.next();
    if (done) return;
    const answer = await send(value);
    into.push({ ...value, answer });
    if (answer === null) return;
  }
}

/** Whether a command's event is there, and whether what it did is. */
async function stateOf(command) {
  const [{ n }] = await sql('events').where({ command_id: command.commandId }).count({ n: '*' });
  if (command.owner !== undefined) {
    const [{ n: rows }] = await sql('owners').where({ id: command.owner }).count({ n: '*' });
    return { events: Number(n), effect: Number(rows) === 1 };
  }
  const row = await sql('task_work').where({ task_key: command.task.key }).first('state');
  const effect = command.task.verb === 'start' ? row !== undefined : row?.state === 'done';
  return { events: Number(n), effect };
}

async function check(command, round) {
  const { events, effect } = await stateOf(command);
  const told = `${round}: ${command.to}`;
  if (command.answer === true && (events !== 1 || !effect)) wrong.push(`${told} was answered and is lost`);
  if (command.answer !== null) return;
  seen.unanswered++;
  if (command.task?.verb === 'finish') seen.finishesUnanswered++;
  if (events === 1) seen.wasThere++;
  if ((events === 1) !== effect) wrong.push(`${told} is there by half`);
  const again = await send(command);
  const after = await stateOf(command);
  if (again !== true || after.events !== 1 || !after.effect)
    wrong.push(`${told} sent again: ${JSON.stringify({ again, ...after })}`);
}

const bench = benchWork();
async function round(name, kill, isBack) {
  const sent = [];
  let over = false;
  const writers = [bench, kennelWork(), kennelWork()].map((work) => write(work, sent, () => over));
  await pause(20 + rng.below(280));
  kill();
  seen.killed++;
  const patience = setTimeout(() => (over = true), 5000);
  await Promise.all(writers);
  clearTimeout(patience);
  await isBack();
  for (const command of sent) {
    if (command.answer === true) seen.answered++;
    if (command.answer === false) seen.refused++;
    await check(command, `${name} ${seen.killed}`);
  }
}

const databaseBack = () =>
  until('the database is back', async () => {
    await sql.raw('select 1');
    return (await fetch(`${base}/api/kennel`, { headers })).ok;
  });

const lines = [];
function say(line) {
  console.log(line);
  lines.push(line);
}

function report(what) {
  say(
    `${what} killed ${seen.killed} times: ${seen.answered} writes answered, ${seen.unanswered} not (${seen.finishesUnanswered} of them a finish at the bench; ${seen.wasThere} were saved all the same), each of those sent again and there once; ${seen.refused} refused; ${wrong.length} wrong.`,
  );
  for (const key of Object.keys(seen)) seen[key] = 0;
}

const began = Date.now();
for (let k = 0; k < times; k++) {
  await round(
    'server',
    () => server?.kill('SIGKILL'),
    async () => {
      startServer();
      await isUp(base);
    },
  );
}
report('The server');
for (let k = 0; k < times; k++) {
  await round(
    'database',
    () => process.kill(Number(readFileSync(path.join(dataDir, 'db.pid'), 'utf8')), 'SIGKILL'),
    databaseBack,
  );
}
report('The database');

const { number: head } = await sql('stream_head').where({ id: 1 }).first('number');
await until('the stream has heard the last change', () => heard[heard.length - 1] === Number(head));
const gaps = heard.filter((n, k) => k > 0 && n !== heard[k - 1] + 1);
say(
  `The live stream heard ${heard.length} changes over all restarts, the last of them number ${head}; ${gaps.length} were missing or came twice.`,
);
console.log(`${Math.round((Date.now() - began) / 1000)} s.`);
for (const line of wrong.slice(0, 20)) console.error(line);
if (times >= 100 && wrong.length === 0) {
  const head = `# Killed in mid-write\n\nWritten by \`npm run bench:kill\` on ${new Date().toISOString().slice(0, 10)}: ${os.cpus()[0]?.model ?? 'unknown processor'}, ${os.cpus().length} cores. Three writers (one begins and finishes tasks, two write owners down), \`kill -9\` 20 to 300 ms after they begin.`;
  writePart('kill', [head, ...lines].join('\n\n'));
}
listening = false;
/** @type {import('node:child_process').ChildProcess | null} */ (server)?.kill('SIGTERM');
await sql.destroy();
await database.close();
process.exit(wrong.length + gaps.length === 0 ? 0 : 1);
