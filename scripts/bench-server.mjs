/*
 * npm run bench:server [-- --only=rooms,pages]
 * Measures the server on a database with 200 dogs and a year of records: each room's data beside the bare SQL of the same
 * rows, its pages in a browser, an import of 2,000 dogs, a change to 30 open streams, a working day of 50 devices. Prints
 * tables and writes its part of docs/benchmarks.md.
 */
import { readFileSync, rmSync } from 'node:fs';
import os from 'node:os';
import path from 'node:path';
import { fileURLToPath } from 'node:url';
import { buildIfNeeded } from './build.mjs';
import { launchChromium } from './chromium.mjs';
import { writePart } from './benchmarkPage.mjs';
import { PrivateDatabase, ensureMariaDb } from './database.mjs';
import { isUp, pause, spawnServer } from './serverProcess.mjs';

const root = fileURLToPath(new URL('..', import.meta.url));
buildIfNeeded(root, console.log);
const server = (file) => import(path.join(root, 'server/dist', file));
const { v7 } = await import('uuid');
const { EXIT_CHECKS, planKennel, wallToMs } = await import('@loyal-mane/core');
const { CARE_LIBRARY, PLAIN_DOG } = await import('@loyal-mane/library');
const { readKennel } = await import('@loyal-mane/library/reader');
const { seasonOf } = await import('../bench/season.mjs');
const { ShiftedClock } = await server('clock.js');
const { createDatabase, openDatabase } = await server('db/connect.js');
const { migrate } = await server('db/migrations.js');
const { insertKennel } = await server('kennel/insertKennel.js');

const only = process.argv
  .find((a) => a.startsWith('--only='))
  ?.slice('--only='.length)
  .split(',');
const lines = [];
const say = (line = '') => {
  console.log(line);
  lines.push(line);
};
const ms = (x) => `${x.toFixed(x < 10 ? 1 : 0)} ms`;
const median = (times) => [...times].sort((a, b) => a - b)[times.length >> 1];
const p95 = (times) => [...times].sort((a, b) => a - b)[Math.floor(times.length * 0.95)];
const timed = async (act) => {
  const began = performance.now();
  await act();
  return performance.now() - began;
};

const DEVICES = 50;
/** Requests of an opened page; each device does it in the morning, and again after so many tasks. */
const OPENING = ['/api/session', '/api/kennel', '/api/plan', '/api/work'];
const OPENED_AGAIN = 12;
/** Within which the crew comes in. */
const ARRIVING_MS = 15_000;
/** Between two tasks of one device: the planned tasks of a week are done in a minute. */
const REST_MS = 2000;

const PASSWORD = 'measured-only';
/** Rooms, their addresses, and what is there once they can be used. */
const PAGES = [
  ['Countdown', '/', 'main#room .strand, main#room svg'],
  ['Day sheet', '/day', 'main#room .sheet-head'],
  ['Bench', '/bench', 'main.bench button'],
  ['Dogs (200)', '/dogs', 'main#room tbody tr:nth-child(5)'],
  ['Shows', '/shows', 'main#room tbody tr'],
  ['Kennel', '/kennel', 'main#room tbody tr'],
  ['Methods', '/methods', 'main#room h1'],
];
const demo = JSON.parse(readFileSync(path.join(root, 'library/demo/demo-kennel.json'), 'utf8'));
const season = JSON.parse(JSON.stringify(seasonOf(demo, { dogs: 200, days: 365, seed: 1 })));
const read = readKennel(JSON.stringify(season), CARE_LIBRARY);
if (!read.ok) throw new Error(`the season is not valid: ${JSON.stringify(read.issues[0])}`);
const dawn = wallToMs(
  season.startDay,
  /** @type {import('@loyal-mane/core').WallTime} */ ('07:00'),
  season.settings.timeZone,
);

ensureMariaDb(say);
const dataDir = path.join(root, '.data', 'bench');
rmSync(dataDir, { recursive: true, force: true });
const database = new PrivateDatabase(dataDir, () => undefined);
const url = await database.open();
const config = {
  host: '127.0.0.1',
  port: Number(process.env.PORT ?? 8596),
  kennel: 'season',
  databaseUrl: url,
  webDist: path.join(root, 'web/dist'),
  clockStartMs: dawn,
};
await createDatabase(config);
const knex = openDatabase(config);
await migrate(knex);
const clock = new ShiftedClock(dawn);
// A plan of as many dogs as the crew of a weekend readies: planning has its own benchmark.
const shown = season.dogs.slice(0, 36);
const isShown = (x) => shown.some((d) => d.id === x.dogId);
const part = { ...season, dogs: shown, entries: season.entries.filter(isShown), work: season.work.filter(isShown) };
const plan = planKennel(part, CARE_LIBRARY, { nowMs: dawn, rounds: 20 });
await insertKennel(knex, clock, season, plan, () => ({ password: PASSWORD, mustChange: false }));
const base = `http://${config.host}:${config.port}`;
const app = spawnServer({
  ...process.env,
  DATABASE_URL: url,
  KENNEL: config.kennel,
  HOST: config.host,
  PORT: String(config.port),
  CLOCK_START: new Date(dawn).toISOString(),
  LOG_LEVEL: 'silent',
});
await isUp(base);

async function signIn(name) {
  const answer = await fetch(`${base}/api/session`, {
    method: 'POST',
    headers: { 'content-type': 'application/json' },
    body: JSON.stringify({ signIn: name, password: PASSWORD }),
  });
  const { csrf } = await answer.json();
  const headers = { cookie: answer.headers.getSetCookie()[0].split(';')[0], 'x-csrf-token': csrf };
  const send = async (method, to, body) => {
    const response = await fetch(base + to, {
      method,
      headers: { ...headers, ...(body === undefined ? {} : { 'content-type': 'application/json' }) },
      ...(body === undefined ? {} : { body: JSON.stringify(body) }),
    });
    const text = await response.text();
    return { status: response.status, body: text === '' ? null : JSON.parse(text) };
  };
  /** The answer as bytes: whoever measures the server does not measure its own reading. */
  const whole = async (to) => {
    const response = await fetch(base + to, { headers });
    await response.arrayBuffer();
    return { status: response.status };
  };
  return { headers, whole, get: (to) => send('GET', to), post: (to, body) => send('POST', to, body) };
}

try {
  const [row] = await knex('task_work').count({ n: '*' });
  say('# Benchmarks of the server');
  say();
  say(
    `Written by \`npm run bench:server\` on ${new Date().toISOString().slice(0, 10)}: ${os.cpus()[0]?.model}, ${os.cpus().length} cores, Node ${process.version}. Server, database and the devices that ask share the machine.`,
  );
  say(
    `The kennel: ${season.dogs.length} dogs, ${season.people.length} people, ${season.stations.length} stations, ${row.n} tasks on record, ${plan.activities.length} tasks planned.`,
  );
  say();
  const lead = await signIn('maren');
  const parts = { rooms, pages, importing, streams, workingDay };
  for (const [name, part] of Object.entries(parts)) if (only?.includes(name) ?? true) await part(lead);
  if (only === undefined) writePart('server', lines.join('\n'));
} finally {
  app.kill('SIGTERM');
  await knex.destroy();
  await database.close();
}

async function rooms(lead) {
  const tables = [
    'sites',
    'circuits',
    'stations',
    'people',
    'shifts',
    'absences',
    'owners',
    'dogs',
    'transports',
    'shows',
    'rings',
    'entries',
  ];
  const bareKennel = () => Promise.all(tables.map((t) => knex(t).select()));
  const cases = [
    ['every room: the kennel', '/api/kennel', bareKennel],
    ['Shows, Kennel, forms: its rows', '/api/kennel/rows', bareKennel],
    [
      'Countdown, Day sheet, Bench: the plan',
      '/api/plan',
      () => knex('plans').where({ state: 'published' }).first('body', 'summary'),
    ],
    [
      'Bench: work',
      '/api/work',
      () =>
        knex('task_work')
          .whereNull('finished_at')
          .orWhere('finished_at', '>', new Date(dawn - 35 * 86_400_000)),
    ],
    ['Trail', '/api/trail', () => knex('events').orderBy('number', 'desc').limit(50)],
    ['Methods', '/api/methods', () => Promise.all([bareKennel(), knex('methods').orderBy('number', 'desc')])],
  ];
  say('## Each room’s data');
  say();
  say('First reading after a write, and readings after that until the next write; 50 each.');
  say();
  say('| data | first, p95 | later, p95 | bare SQL p95 | ratio of the first |');
  say('|---|---|---|---|---|');
  for (const [name, to, bare] of cases) {
    const first = [];
    const later = [];
    const sql = [];
    const read = async () => {
      const { status } = await lead.whole(to);
      if (status !== 200) throw new Error(`${to} answered ${status}`);
    };
    for (let k = 0; k < 55; k++) {
      await writeSomething(lead);
      const times = [await timed(read), await timed(read), await timed(bare)];
      if (k < 5) continue;
      [first, later, sql].forEach((list, i) => list.push(times[i]));
    }
    say(
      `| ${name} | ${ms(p95(first))} | ${ms(p95(later))} | ${ms(p95(sql))} | ${(p95(first) / p95(sql)).toFixed(1)} |`,
    );
  }
  say();
}

async function writeSomething(lead) {
  const id = v7();
  const to = { id, name: 'Measured', contact: '' };
  const answer = await lead.post('/api/changes', {
    commandId: v7(),
    changes: [{ list: 'owners', id, from: null, to }],
  });
  if (answer.status !== 200) throw new Error(`a write was refused: ${answer.status}`);
}

/** From the address to a room that shows its data and can be used, in a browser that knows nothing yet and one that does. */
async function pages() {
  const browser = await launchChromium();
  const page = await (await browser.newContext({ baseURL: base, viewport: { width: 1280, height: 800 } })).newPage();
  await page.goto('/');
  await page.getByLabel('Name').fill('maren');
  await page.getByLabel('Password').fill(PASSWORD);
  await page.getByRole('button', { name: 'Sign in' }).click();
  await page.locator('main#room, main.bench').first().waitFor();
  say('## Pages');
  say();
  say(
    'From asking for the address to data on the page, Chromium on the same machine, files already in its cache, five times.',
  );
  say();
  say('| room | median | longest |');
  say('|---|---|---|');
  for (const [name, to, shows] of PAGES) {
    const times = [];
    for (let k = 0; k < 5; k++) {
      await page.goto('about:blank');
      times.push(
        await timed(async () => {
          await page.goto(to, { waitUntil: 'commit' });
          await page.locator(shows).first().waitFor();
        }),
      );
    }
    say(`| ${name} | ${ms(median(times))} | ${ms(Math.max(...times))} |`);
  }
  await browser.close();
  say();
}

async function importing(lead) {
  const breed = season.dogs[0].breed;
  const changes = Array.from({ length: 2000 }, (_, k) => {
    const id = v7();
    const to = { ...PLAIN_DOG, id, name: `Brought in ${k}`, breed, sex: 'dog', born: '2024-01-01', weightKg: 20 };
    return { list: 'dogs', id, from: null, to };
  });
  const commandId = v7();
  /** @type {{ status: number, body: unknown }[]} */
  const answers = [];
  const checking = await timed(async () => answers.push(await lead.post('/api/changes/check', { changes })));
  const saving = await timed(async () => answers.push(await lead.post('/api/changes', { commandId, changes })));
  const [checked, saved] = answers;
  if (checked.status !== 200 || saved.status !== 200)
    throw new Error(`import: ${JSON.stringify(saved.body).slice(0, 300)}`);
  say('## Bringing in 2,000 dogs');
  say();
  say(`Checked in ${ms(checking)}, saved in ${ms(saving)}.`);
  const back = changes.map(({ list, id, to }) => ({ list, id, from: to, to: null }));
  await lead.post('/api/changes', { commandId: v7(), changes: back });
  say();
}

/** Opens a stream; `heard` is called for every change on it. */
async function listen(hand, heard) {
  const stop = new AbortController();
  const response = await fetch(`${base}/api/stream`, { headers: hand.headers, signal: stop.signal });
  if (!response.ok) throw new Error(`a stream was refused: ${response.status}`);
  const reader = /** @type {ReadableStream<Uint8Array>} */ (response.body).getReader();
  void (async () => {
    for (;;) {
      const { done, value } = await reader.read().catch(() => ({ done: true, value: null }));
      if (done) return;
      if (new TextDecoder().decode(value ?? undefined).includes('event: change')) heard();
    }
  })();
  return stop;
}

async function streams(lead) {
  const arrivals = [];
  let heard = () => undefined;
  // One person has a dozen streams at most: each is somebody else's, as far as there are people.
  const readers = [];
  for (let k = 0; k < 30; k++) readers.push(await signIn(season.people[k % season.people.length].signIn));
  const open = await Promise.all(readers.map((reader) => listen(reader, () => heard())));
  const worst = [];
  for (let k = 0; k < 20; k++) {
    const began = performance.now();
    let count = 0;
    /** @type {Promise<void>} */
    const all = new Promise((done) => {
      heard = () => {
        arrivals.push(performance.now() - began);
        if (++count === open.length) done();
      };
    });
    await writeSomething(lead);
    await all;
    worst.push(performance.now() - began);
  }
  for (const stop of open) stop.abort();
  say('## A change to 30 open streams');
  say();
  say(
    `20 changes: each heard by all 30 streams; 95th percentile ${ms(p95(arrivals))}, the last of all after ${ms(Math.max(...worst))} at most, counted from before the command was sent.`,
  );
  say();
}

/** 50 devices with a stream open each begin and finish tasks; each opens its page twice. */
async function workingDay() {
  const planned = plan.activities.filter((a) => a.state === 'planned' && a.people.length > 0);
  const hands = [];
  for (let k = 0; k < DEVICES; k++) hands.push(await signIn(season.people[k % season.people.length].signIn));
  const times = { command: [], read: [] };
  const errors = [];
  const call = async (kind, act) => {
    const began = performance.now();
    const { status, body } = await act();
    times[kind].push(performance.now() - began);
    if (status >= 400) errors.push(body?.code ?? status);
  };
  const open = await Promise.all(hands.map((hand) => listen(hand, () => undefined)));
  const device = async (k) => {
    const hand = hands[k];
    await pause((k / DEVICES) * ARRIVING_MS);
    for (const to of OPENING) await call('read', () => hand.whole(to));
    for (let t = k, done = 1; t < planned.length; t += DEVICES, done++) {
      const a = planned[t];
      const task = { dogId: a.dogId, step: a.step, stationId: a.stationId };
      const to = `/api/tasks/${encodeURIComponent(a.key)}`;
      // The devices do not know of each other: two may have one dog at once, which a start asks about.
      const start = { commandId: v7(), version: 0, ...task, anyway: true };
      await call('command', () => hand.post(`${to}/start`, start));
      await pause(REST_MS / 2);
      const finish = { commandId: v7(), version: 1, ...task, confirmed: EXIT_CHECKS };
      await call('command', () => hand.post(`${to}/finish`, finish));
      if (done === OPENED_AGAIN) for (const to of OPENING) await call('read', () => hand.whole(to));
      await pause(REST_MS / 2);
    }
  };
  const began = performance.now();
  await Promise.all(hands.map((_, k) => device(k)));
  const seconds = (performance.now() - began) / 1000;
  for (const stop of open) stop.abort();
  const all = [...times.command, ...times.read];
  say('## A working day of 50 devices, sped up');
  say();
  say(
    `${planned.length} tasks begun and finished in ${seconds.toFixed(0)} s, a stream open on each device: ${all.length} requests, ${errors.length} errors${errors.length > 0 ? ` (${[...new Set(errors)].join(', ')})` : ''}, 95th percentile ${ms(p95(all))} (commands ${ms(p95(times.command))}, whole lists ${ms(p95(times.read))}), longest ${ms(Math.max(...all))}.`,
  );
}
