/*
 * A whole kennel as one JSON file, without a server: what `npm run export` calls. Holds no sign-in sessions, password
 * hashes or tokens. Prints the kennel on standard output.
 */
import { KennelRepository } from './kennel/kennelRepository.js';
import { readConfig } from './config.js';
import { hasDatabase, openDatabase } from './db/connect.js';
import { reachDatabase } from './db/reachDatabase.js';
import { UserError, runCommand } from './userError.js';

await runCommand(async () => {
  const config = readConfig(process.env);
  if (!(await reachDatabase(config.databaseUrl, () => hasDatabase(config))))
    throw new UserError([`There is no kennel "${config.kennel}" here.`]);
  const knex = openDatabase(config);
  try {
    const kennel = await new KennelRepository(knex).read();
    process.stdout.write(`${JSON.stringify(kennel, null, 2)}\n`);
  } finally {
    await knex.destroy();
  }
});
