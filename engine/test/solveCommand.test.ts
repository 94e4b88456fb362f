/* The headless solver of neutral instances: an instance in, a plan out; what is wrong is told by path, and nothing is written. */
import { spawnSync } from 'node:child_process';
import { existsSync, mkdtempSync, readFileSync, writeFileSync } from 'node:fs';
import os from 'node:os';
import path from 'node:path';
import { checkInstancePlan } from '@loyal-mane/engine/adapters';
import type { InstancePlan, KennelInstance } from '@loyal-mane/engine/adapters';

const root = path.join(__dirname, '../..');
const folder = mkdtempSync(path.join(os.tmpdir(), 'solve-'));

function solve(...args: string[]) {
  return spawnSync(process.execPath, [path.join(root, 'engine/command/solve.mjs'), ...args], { encoding: 'utf8' });
}

const S1 = path.join(root, 'bench/instances/S1.json');

it('plans an instance; the same seed and rounds give the same file', () => {
  const [one, two] = [path.join(folder, 'one.json'), path.join(folder, 'two.json')];
  const run = solve(S1, one, '--rounds', '400', '--seed', '2');
  expect(run.stderr).toBe('');
  expect(run.stdout).toMatch(/^cost=78 ready=3\/3 rounds=\d+\n$/);
  solve(S1, two, '--rounds', '400', '--seed', '2');
  expect(readFileSync(two, 'utf8')).toBe(readFileSync(one, 'utf8'));
  const instance = JSON.parse(readFileSync(S1, 'utf8')) as KennelInstance;
  const checked = checkInstancePlan(instance, JSON.parse(readFileSync(one, 'utf8')) as InstancePlan);
  expect(checked).toMatchObject({ faults: [], cost: 78, ready: 3 });
}, 60_000);

it('plans a job shop by the clock', () => {
  const out = path.join(folder, 'shop.json');
  const run = solve(path.join(root, 'bench/jobshop/ft06.txt'), out, '--seconds', '1');
  expect(run.stdout).toMatch(/^makespan=55 /);
  expect(JSON.parse(readFileSync(out, 'utf8'))).toMatchObject({ starts: { length: 6 } });
}, 60_000);

it.each([
  ['no JSON', 'not json', /^file: is not JSON/],
  ['a missing part', JSON.stringify({ format: 'kennel-bench-1' }), /^entries: is missing$/m],
])('tells what is wrong: %s', (_, text, words) => {
  const file = path.join(folder, 'bad.json');
  const out = path.join(folder, 'never.json');
  writeFileSync(file, text);
  const run = solve(file, out);
  expect(run.status).toBe(2);
  expect(run.stderr).toMatch(words);
  expect(existsSync(out)).toBe(false);
});

it('tells which index names nothing, which argument is wrong and which line is no job', () => {
  const instance = JSON.parse(readFileSync(S1, 'utf8')) as KennelInstance;
  const file = path.join(folder, 'index.json');
  writeFileSync(file, JSON.stringify({ ...instance, entries: instance.entries.map((e) => ({ ...e, dog: 99 })) }));
  expect(solve(file, 'x.json').stderr).toContain('entries[0].dog: 99 names nothing, there are 3');
  expect(solve(S1, 'x.json', '--seconds', 'soon').stderr).toContain('--seconds: "soon" is not a number above 0');
  expect(solve('nothere.json', 'x.json').stderr).toContain('cannot be read');
  const shop = path.join(folder, 'shop.txt');
  writeFileSync(shop, '1 2\n0 3 1');
  const run = solve(shop, 'x.json');
  expect([run.status, run.stderr]).toEqual([2, 'line 2: must be pairs of machine and duration, whole numbers\n']);
});
