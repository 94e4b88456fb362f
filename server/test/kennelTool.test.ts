/* Taking a kennel home and bringing it back: the commands, on a real database, with bad files and full places. */
import { spawnSync } from 'node:child_process';
import { existsSync, mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { gunzipSync, gzipSync } from 'node:zlib';
import type { KennelFile } from '@loyal-mane/core';
import mysql from 'mysql2/promise';
import { fewDogs } from '../../library/test/kennels/fewDogs.js';
import { DEMO } from './world.js';
import { inOneOrder } from './inOneOrder.js';

const root = path.resolve(__dirname, '../..');
const dir = mkdtempSync(path.join(tmpdir(), 'kennel-tool-'));
const url = process.env['TEST_DATABASE_URL'] ?? '';
const kennels = ['tool-home', 'tool-new'];
const at = (name: string): string => path.join(dir, name);

function run(...args: string[]) {
  const done = spawnSync(process.execPath, [path.join(root, 'scripts/kennel.mjs'), ...args], {
    env: { ...process.env, DATABASE_URL: url, DATABASE_KEEPER_URL: process.env['TEST_KEEPER_URL'] ?? url },
    encoding: 'utf8',
  });
  return { code: done.status, said: done.stderr };
}

const read = (file: string): KennelFile => JSON.parse(readFileSync(at(file), 'utf8')) as KennelFile;

async function dropAll(): Promise<void> {
  const connection = await mysql.createConnection(url);
  for (const k of kennels) await connection.query(`DROP DATABASE IF EXISTS lm_${k.replaceAll('-', '_')}`);
  await connection.end();
}

/** Everything that a kennel file can hold, so that no table goes untested. */
const full: KennelFile = {
  ...fewDogs(DEMO, ['Isbrin', 'Wisp', 'Koro', 'Rusk']),
  methods: {
    number: 3,
    schools: { gate: 'b' },
    steps: [],
    intervals: [],
    products: [{ product: 'mildWash', parts: 20 }],
  },
  absences: [
    {
      id: '0197a000-0000-7000-8000-000000000001' as never,
      personId: DEMO.people[0]!.id,
      day: DEMO.startDay,
      reason: 'ill',
    },
  ],
  pins: [
    { taskKey: 'e:some:bath:1:1' as never, start: '2026-06-18T08:00:00.000Z' as never, personId: DEMO.people[1]!.id },
  ],
};

beforeAll(dropAll);
afterAll(async () => {
  await dropAll();
  rmSync(dir, { recursive: true, force: true });
});

it('a kennel file goes in, comes out the same, and goes into no kennel that is there', () => {
  writeFileSync(at('in.json'), JSON.stringify(full));
  const put = run('import', '--kennel', 'tool-home', at('in.json'));
  expect(put).toMatchObject({ code: 0 });
  expect(put.said).toMatch(/One-time password for maren \(lead\): \S+/);
  expect(run('export', '--kennel', 'tool-home', at('out.json')).code).toBe(0);
  expect(inOneOrder(read('out.json'))).toEqual(inOneOrder(full));
  expect(readFileSync(at('out.json'), 'utf8')).not.toMatch(/password|scrypt|token/i);
  const again = run('import', '--kennel', 'tool-home', at('in.json'));
  expect(again).toMatchObject({ code: 2 });
  expect(again.said).toContain('There is a kennel "tool-home" already.');
}, 120_000);

it('a backup comes back whole, in its own place only when that is said', () => {
  expect(run('backup', '--kennel', 'tool-home', at('home.bak'))).toMatchObject({ code: 0 });
  const refused = run('restore', '--kennel', 'tool-home', at('home.bak'));
  expect(refused).toMatchObject({ code: 2 });
  expect(refused.said).toContain('say --replace');
  expect(run('restore', '--kennel', 'tool-home', '--replace', at('home.bak')).code).toBe(0);
  expect(run('restore', '--kennel', 'tool-new', at('home.bak')).code).toBe(0);
  for (const k of kennels) expect(run('export', '--kennel', k, at(`${k}.json`)).code).toBe(0);
  expect(read('tool-home.json')).toEqual(read('out.json'));
  expect(read('tool-new.json')).toEqual(read('out.json'));
}, 120_000);

it('what is no backup, or breaks in the middle, changes nothing', () => {
  writeFileSync(at('text.bak'), 'no backup');
  const HEAD = '-- Loyal Mane backup, version 1\n';
  const END = '\n-- Dump completed on 2026-06-17  8:00:00\n';
  const whole = gunzipSync(readFileSync(at('home.bak'))).toString('utf8');
  writeFileSync(at('cut.bak'), gzipSync(whole.slice(0, whole.length >> 1)));
  writeFileSync(at('empty.bak'), gzipSync(HEAD + END));
  writeFileSync(at('broken.bak'), gzipSync(`${HEAD}CREATE TABLE settings (id INT); INSERT INTO${END}`));
  for (const [file, why] of [
    ['text.bak', 'is no backup'],
    ['empty.bak', 'is no whole kennel'],
    ['cut.bak', 'ends in the middle'],
    ['broken.bak', 'cannot be loaded'],
    ['none.bak', 'is not there'],
  ] as const) {
    const done = run('restore', '--kennel', 'tool-new', '--replace', at(file));
    expect(done).toMatchObject({ code: 2 });
    expect(done.said).toContain(why);
  }
  expect(run('export', '--kennel', 'tool-new', at('after.json')).code).toBe(0);
  expect(read('after.json')).toEqual(read('out.json'));
}, 120_000);

it('a backup runs nothing on this machine, touches no other kennel, and lacks no table', async () => {
  const whole = gunzipSync(readFileSync(at('home.bak'))).toString('utf8');
  const beforeEnd = (lines: string): string => whole.replace(/\n-- Dump completed/, `\n${lines}\n-- Dump completed`);
  const plain = (text: string): string => text.replace(/^\/\*M!999999.*\n/m, '');
  const proof = at('ran-it');
  const attacks = {
    command: plain(beforeEnd(`\\! touch ${proof}`)),
    system: plain(beforeEnd(`system touch ${proof};`)),
    source: plain(beforeEnd(`source ${at('in.json')}`)),
    drop: beforeEnd('DROP DATABASE lm_tool_home;'),
    other: beforeEnd('INSERT INTO lm_tool_home.owners SELECT * FROM lm_tool_home.owners;'),
    file: beforeEnd(`SELECT 1 INTO OUTFILE '${proof}';`),
    lacks: whole.replace(/DROP TABLE IF EXISTS `task_pins`[^]*?(?=\n--\n-- Table structure for table)/, ''),
  };
  for (const [name, text] of Object.entries(attacks)) {
    expect([name, text === whole]).toEqual([name, false]);
    writeFileSync(at(`${name}.bak`), gzipSync(text));
    expect([name, run('restore', '--kennel', 'tool-new', '--replace', at(`${name}.bak`)).code]).toEqual([name, 2]);
    expect([name, existsSync(proof)]).toEqual([name, false]);
  }
  for (const kennel of kennels) expect(run('export', '--kennel', kennel, at('kept.json')).code).toBe(0);
  expect(read('kept.json')).toEqual(read('out.json'));
  const connection = await mysql.createConnection(url);
  const [rows] = await connection.query("SHOW DATABASES LIKE 'lm\\_tool%restoring'");
  expect(rows).toEqual([]);
  await connection.end();
}, 180_000);

it('bad files and bad words are named, and nothing is written', () => {
  writeFileSync(at('bad.json'), JSON.stringify({ ...DEMO, dogs: [{ ...DEMO.dogs[0], weightKg: 500 }] }));
  const bad = run('import', '--kennel', 'tool-bad', at('bad.json'));
  expect(bad).toMatchObject({ code: 2 });
  expect(bad.said).toMatch(/^dogs\[0\]\.weightKg: /m);
  const none = run('export', '--kennel', 'tool-nobody', at('none.json'));
  expect(none).toMatchObject({ code: 2 });
  expect(existsSync(at('none.json'))).toBe(false);
  for (const args of [
    ['import', at('in.json')],
    ['import', '--kennel', 'No Name', at('in.json')],
    ['import', '--kennel', 'demo', at('in.json')],
    ['restore', '--kennel', 'x'],
    ['backup', '--loud', at('x')],
  ])
    expect(run(...args)).toMatchObject({ code: 2, said: expect.stringContaining('usage: npm run -s') as string });
}, 120_000);
