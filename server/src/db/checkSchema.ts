/*
 * Whether a database that a backup was loaded into is a whole kennel: brought up to date, every table there, a kennel in it.
 * Called by the restore, before anything takes a kennel's place. The database's name is the one argument.
 */
import { readConfig } from '../config.js';
import { UserError, runCommand } from '../userError.js';
import { openNamedDatabase } from './connect.js';
import { migrate } from './migrations.js';
import { TABLES } from './tables.gen.js';

await runCommand(async () => {
  const name = process.argv[2] ?? '';
  const knex = openNamedDatabase(readConfig(process.env), name, null);
  try {
    await migrate(knex);
    const missing: string[] = [];
    for (const table of TABLES) if (!(await knex.schema.hasTable(table))) missing.push(table);
    if (missing.length > 0) throw new UserError([`It lacks ${missing.join(', ')}.`]);
    if ((await knex('settings').first('id')) === undefined) throw new UserError(['It holds no kennel.']);
  } catch (error) {
    throw error instanceof UserError ? error : new UserError([(error as Error).message]);
  } finally {
    await knex.destroy();
  }
});
