/* The headless command: kennel file in, plan out; a bad file is told and writes nothing. */
import { spawnSync } from 'node:child_process';
import { existsSync, mkdtempSync, readFileSync, readdirSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import type { KennelFile } from '@loyal-mane/core';
import Papa from 'papaparse';
import { fewDogs } from './kennels/fewDogs.js';

const root = path.resolve(__dirname, '../..');
const folder = mkdtempSync(path.join(tmpdir(), 'loyal-mane-'));
const demo = path.join(root, 'library/demo/demo-kennel.json');
const at = (name: string): string => path.join(folder, name);
const plan = (...args: string[]) =>
  spawnSync(process.execPath, ['scripts/plan.mjs', ...args], { cwd: root, encoding: 'utf8' });

interface Out {
  activities: {
    key: string;
    dog: string;
    entry: string | null;
    step: string;
    start: string;
    end: string;
    people: string[];
    stations: string[];
    reason: { code: string; words: string };
  }[];
  unplaced: { dog: string; reason: { code: string; words: string } }[];
}

it('plans the demo kennel, writes JSON and CSV, twice the same', () => {
  const own = fewDogs(JSON.parse(readFileSync(demo, 'utf8')) as KennelFile, [
    'Tamsin',
    'Brisk',
    'Isbrin',
    'Lovage',
    'Bram',
  ]);
  Object.assign(own.dogs[0] ?? {}, { name: '=1+1' });
  writeFileSync(at('own.json'), JSON.stringify(own));
  const first = plan(
    at('own.json'),
    '--out',
    at('a.json'),
    '--csv',
    at('a.csv'),
    '--ics',
    at('ics'),
    '--today',
    '2026-11-25',
    '--seed',
    '3',
  );
  expect([first.status, first.stderr]).toEqual([0, '']);
  expect(first.stdout).toMatch(/Wrenfold: \d+ tasks placed, \d+ of 10 entries ready/);
  const out = JSON.parse(readFileSync(at('a.json'), 'utf8')) as Out;
  expect(out.activities.length).toBeGreaterThan(100);
  for (const a of out.activities) {
    expect(Object.keys(a)).toEqual(
      expect.arrayContaining(['key', 'dog', 'entry', 'step', 'start', 'end', 'people', 'stations', 'reason']),
    );
    expect(a.start < a.end).toBe(true);
    expect(a.reason.words).toMatch(/\.$/);
  }
  expect(out.unplaced.length).toBeGreaterThan(0);
  for (const u of out.unplaced) expect(u.reason.words.length).toBeGreaterThan(10);
  // RFC 4180, read back with the papaparse package.
  const csv = Papa.parse<{ dog: string }>(readFileSync(at('a.csv'), 'utf8').trim(), { header: true });
  expect(csv.errors).toEqual([]);
  expect(csv.data).toHaveLength(out.activities.length);
  // A name that a spreadsheet would run as a formula goes out as text.
  const dogs = new Set(csv.data.map((row) => row.dog));
  expect(dogs).toContain("'=1+1");
  expect([...dogs].filter((name) => name.startsWith('='))).toEqual([]);
  // One calendar for each of six people and five dogs.
  expect(readdirSync(at('ics'))).toHaveLength(11);
  plan(at('own.json'), '--out', at('b.json'), '--today', '2026-11-25', '--seed', '3');
  expect(readFileSync(at('b.json'), 'utf8')).toBe(readFileSync(at('a.json'), 'utf8'));
}, 120_000);

it('tells what is wrong with a bad file by its path, exits 2 and writes nothing', () => {
  const kennel = JSON.parse(readFileSync(demo, 'utf8')) as {
    dogs: { breed: string }[];
    shifts: { end: string; pauses: [] }[];
  };
  Object.assign(kennel.dogs[4] ?? {}, { breed: 'Moonhound' });
  Object.assign(kennel.shifts[0] ?? {}, { end: '01:00', pauses: [] });
  writeFileSync(at('bad.json'), JSON.stringify(kennel));
  const answer = plan(at('bad.json'), '--out', at('bad-plan.json'));
  expect(answer.status).toBe(2);
  expect(answer.stderr).toMatch(/^shifts\[0\]: ends \(01:00\) before it begins/m);
  expect(answer.stderr).toMatch(/^dogs\[4\]\.breed: breed "Moonhound" is not in the library/m);
  expect(existsSync(at('bad-plan.json'))).toBe(false);
});

it.each([
  [['--out', 'x.json'], /usage/],
  [[demo], /usage/],
  [['/no/such.json', '--out', 'x.json'], /cannot be read \(ENOENT\)/],
  [[demo, '--out', 'x.json', '--today', 'tomorrow'], /--today: "tomorrow" is not a day/],
  [[demo, '--out', 'x.json', '--seed', 'many'], /--seed/],
  [[demo, '--out', 'x.json', '--speed', '3'], /arguments/],
  [[demo, '--out', '/no/such/folder/x.json'], /cannot be written/],
])(
  'refuses %j',
  (args, words) => {
    const answer = plan(...args);
    expect(answer.status).toBe(2);
    expect(answer.stderr).toMatch(words);
  },
  60_000,
);
