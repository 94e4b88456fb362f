/*
 * npm run tables: writes server/src/db/tables.gen.ts from a freshly migrated database. A test fails when it is stale.
 */
import { rmSync, writeFileSync } from 'node:fs';
import path from 'node:path';
import { fileURLToPath } from 'node:url';
import { format, resolveConfig } from 'prettier';
import { PrivateDatabase, ensureMariaDb } from './database.mjs';

const root = fileURLToPath(new URL('..', import.meta.url));
const server = (file) => import(path.join(root, 'server/dist', file));
const { createDatabase, openDatabase } = await server('db/connect.js');
const { migrate } = await server('db/migrations.js');
const { tableTypesOf } = await server('db/tableTypes.js');

ensureMariaDb(console.log);
const dataDir = path.join(root, '.data', 'tables');
rmSync(dataDir, { recursive: true, force: true });
const database = new PrivateDatabase(dataDir, () => undefined);
try {
  const config = { databaseUrl: await database.open(), kennel: 'tables', databasePool: 2 };
  await createDatabase(config);
  const knex = openDatabase(config);
  await migrate(knex);
  const file = path.join(root, 'server/src/db/tables.gen.ts');
  const text = await format(await tableTypesOf(knex), { ...(await resolveConfig(file)), parser: 'typescript' });
  writeFileSync(file, text);
  await knex.destroy();
} finally {
  await database.close();
}
