/*
 * The first word with the database on the command line: patient while it starts, and plain about what is wrong.
 */
import { UserError } from '../userError.js';
import { waitForDatabase } from './connect.js';
import { addressTrouble, connectTrouble } from './databaseTrouble.js';

/** How long a database that is still starting is waited for. */
const PATIENCE_MS = 60_000;

/**
 * Waits for a database, then does something with it.
 * @throws UserError what is wrong with the address, the user or the server; anything else as it came
 */
export async function reachDatabase<T>(databaseUrl: string, then: () => Promise<T>): Promise<T> {
  const unreadable = addressTrouble(databaseUrl);
  if (unreadable !== null) throw new UserError([unreadable]);
  try {
    await waitForDatabase(databaseUrl, PATIENCE_MS, (line) => console.error(line));
    return await then();
  } catch (error) {
    const trouble = connectTrouble(databaseUrl, error);
    throw trouble === null ? error : new UserError([trouble]);
  }
}
