/* Old data stays readable: a dump of an earlier version is brought up to date with everything that was in it. */
import { readFileSync } from 'node:fs';
import path from 'node:path';
import { gunzipSync } from 'node:zlib';
import type { Knex } from 'knex';
import mysql from 'mysql2/promise';
import { CARE_LIBRARY } from '@loyal-mane/library';
import { readKennel } from '@loyal-mane/library/reader';
import type { Plan } from '@loyal-mane/core';
import { openDatabase } from '../src/db/connect.js';
import { MIGRATIONS, MIGRATION_SOURCE, migrate } from '../src/db/migrations.js';
import { tableTypesOf } from '../src/db/tableTypes.js';
import { TABLES } from '../src/db/tables.gen.js';
import { KennelRepository } from '../src/kennel/kennelRepository.js';
import { PlanInForce } from '../src/plan/planInForce.js';
import { PlanRepository } from '../src/plan/planRepository.js';

const url = process.env['TEST_DATABASE_URL'] ?? '';
const DATABASE = 'lm_t_upgrade';
let knex: Knex;

/** Rows of a table. */
const count = async (table: string): Promise<number> => {
  const rows = await knex(table).count<{ n: number }[]>({ n: '*' });
  return rows[0]?.n ?? 0;
};
let before: Record<string, number> = {};

beforeAll(async () => {
  const dump = gunzipSync(readFileSync(path.join(__dirname, 'fixtures/kennel-007.backup'))).toString('utf8');
  const connection = await mysql.createConnection({ uri: url, multipleStatements: true });
  await connection.query(`DROP DATABASE IF EXISTS ${DATABASE}; CREATE DATABASE ${DATABASE}; USE ${DATABASE}`);
  await connection.query(dump);
  await connection.end();
  knex = openDatabase({ databaseUrl: url, kennel: 't-upgrade', databasePool: 4 });
  const done = await knex('knex_migrations').select<{ name: string }[]>('name');
  expect(done.map((m) => m.name)).toEqual(MIGRATIONS.slice(0, 7).map((m) => m.name));
  for (const table of TABLES)
    if (await knex.schema.hasTable(table)) before = { ...before, [table]: await count(table) };
  await migrate(knex);
}, 120_000);

afterAll(async () => {
  await knex.raw(`DROP DATABASE ${DATABASE}`);
  await knex.destroy();
});

it('keeps every row of every table', async () => {
  expect(before['dogs']).toBeGreaterThan(10);
  expect(before['events']).toBeGreaterThan(10);
  for (const table of [
    'task_work',
    'task_pins',
    'calendar_feeds',
    'trusted_devices',
    'methods',
    'absences',
    'plan_jobs',
  ])
    expect([table, (before[table] ?? 0) > 0]).toEqual([table, true]);
  for (const [table, rows] of Object.entries(before)) expect([table, await count(table)]).toEqual([table, rows]);
});

it('gives a kennel that reads, with its plan in force and its PIN', async () => {
  const kennel = await new KennelRepository(knex).read();
  expect(readKennel(JSON.stringify(kennel), CARE_LIBRARY).ok).toBe(true);
  expect(kennel.owners.map((o) => o.name)).toContain('Fixture Owner');
  expect(kennel.methods?.products).toEqual([{ product: 'mildWash', parts: 20 }]);
  const published = await new PlanInForce(knex, new PlanRepository(knex)).read();
  const plan: Plan | undefined = published?.plan;
  expect(plan?.activities.length).toBeGreaterThan(50);
  expect(kennel.pins?.map((p) => p.taskKey)).toEqual([expect.stringMatching(/:/)]);
  expect(await knex('accounts').whereNotNull('pin_hash').first('person_id')).toBeDefined();
});

it('is the schema that the types of the rows were written from', async () => {
  const written = readFileSync(path.join(__dirname, '../src/db/tables.gen.ts'), 'utf8');
  const words = (text: string): string[] => text.split(/\s+/).filter((word) => word !== '');
  expect(words(written)).toEqual(words(await tableTypesOf(knex)));
});

it('refuses to go back, in words, and changes nothing', async () => {
  await expect(knex.migrate.rollback({ migrationSource: MIGRATION_SOURCE }, true)).rejects.toThrow(
    /019-enough cannot be taken back. Restore a backup/,
  );
  const done = await knex('knex_migrations').select<{ name: string }[]>('name');
  expect(done.map((m) => m.name)).toEqual(MIGRATIONS.map((m) => m.name));
});
