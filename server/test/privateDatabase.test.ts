/* The private database trusts no bare process number: a stranger's is left alone, a lock that was left behind is broken. */
import type { ChildProcess } from 'node:child_process';
import { spawn } from 'node:child_process';
import { existsSync, mkdirSync, mkdtempSync, readFileSync, rmSync, utimesSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import mysql from 'mysql2/promise';
import { PrivateDatabase } from '../../scripts/database.mjs';

const dir = mkdtempSync(path.join(tmpdir(), 'private-db-'));
const said: string[] = [];
const make = (): PrivateDatabase => new PrivateDatabase(dir, (line) => void said.push(line));
let stranger: ChildProcess;
let database: PrivateDatabase;

const answers = async (url: string): Promise<boolean> => {
  const connection = await mysql.createConnection(url);
  await connection.end();
  return true;
};
const isThere = (child: ChildProcess): boolean => child.exitCode === null && child.signalCode === null;

beforeAll(() => {
  stranger = spawn('sleep', ['600']);
});
afterAll(async () => {
  await database.close();
  stranger.kill();
  rmSync(dir, { recursive: true, force: true });
});

it('starts beside a stranger who has the old number, and past a lock without an owner', async () => {
  mkdirSync(dir, { recursive: true });
  writeFileSync(path.join(dir, 'db.pid'), String(stranger.pid));
  writeFileSync(path.join(dir, 'starting'), '');
  const longAgo = new Date(Date.now() - 60_000);
  utimesSync(path.join(dir, 'starting'), longAgo, longAgo);
  database = make();
  expect(await answers(await database.open())).toBe(true);
  expect(isThere(stranger)).toBe(true);
  expect(said.join(' ')).toMatch(/left its lock behind/);
}, 120_000);

it('a stranger’s number in the lock does not keep it', async () => {
  writeFileSync(path.join(dir, 'starting'), String(stranger.pid));
  expect(await answers(await make().open())).toBe(true);
  expect(existsSync(path.join(dir, 'starting'))).toBe(false);
}, 60_000);

it('finds its database where the file of its number was emptied', async () => {
  const pid = database.pid();
  writeFileSync(path.join(dir, 'db.pid'), '');
  expect(database.pid()).toBe(pid);
  expect(await answers(await make().open())).toBe(true);
}, 60_000);

it('ends its own database only', async () => {
  writeFileSync(path.join(dir, 'db.pid'), String(stranger.pid));
  const pid = database.pid();
  expect(pid).not.toBeNull();
  rmSync(path.join(dir, 'servers'), { recursive: true });
  await database.close();
  expect(database.pid()).toBeNull();
  expect(isThere(stranger)).toBe(true);
}, 60_000);

it('a database of an earlier version gets its keeper at the next start, with the same password for the server', async () => {
  const file = path.join(dir, 'database.json');
  const { keeper: _, ...older } = JSON.parse(readFileSync(file, 'utf8')) as Record<string, unknown>;
  writeFileSync(file, JSON.stringify(older));
  database = make();
  const url = await database.open();
  expect(url).toContain(String(older['password']));
  expect(await answers(database.keeperUrl())).toBe(true);
}, 120_000);
