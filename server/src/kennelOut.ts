/*
 * A whole kennel as one JSON file, without a server: what `npm run export` calls. Holds no sign-in sessions, password
 * hashes or tokens. Prints the kennel on standard output.
 */
import { KennelRepository } from './kennel/kennelRepository.js';
import { readConfig } from './config.js';
import { hasDatabase, openDatabase, waitForDatabase } from './db/connect.js';

const config = readConfig(process.env);
await waitForDatabase(config.databaseUrl, 60_000, (line) => console.error(line));
if (await hasDatabase(config)) {
  const knex = openDatabase(config);
  try {
    const kennel = await new KennelRepository(knex).read();
    process.stdout.write(`${JSON.stringify(kennel, null, 2)}\n`);
  } finally {
    await knex.destroy();
  }
} else {
  console.error(`There is no kennel "${config.kennel}" here.`);
  process.exitCode = 2;
}
