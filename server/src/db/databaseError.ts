/*
 * Database errors, translated once into a closed set that says whether to try again.
 */

/** Errors of the database that the server tells apart. */
export const DATABASE_ERRORS = ['away', 'deadlock', 'lockTimeout', 'duplicate', 'missingReference', 'other'] as const;
/** One of `DATABASE_ERRORS`. */
export type DatabaseErrorKind = (typeof DATABASE_ERRORS)[number];

const KINDS: Readonly<Record<string, DatabaseErrorKind>> = {
  ECONNREFUSED: 'away',
  ECONNRESET: 'away',
  EPIPE: 'away',
  ETIMEDOUT: 'away',
  ENOENT: 'away',
  PROTOCOL_CONNECTION_LOST: 'away',
  ER_SERVER_SHUTDOWN: 'away',
  ER_CON_COUNT_ERROR: 'away',
  ER_CONNECTION_KILLED: 'away',
  ER_LOCK_DEADLOCK: 'deadlock',
  ER_LOCK_WAIT_TIMEOUT: 'lockTimeout',
  ER_CHECKREAD: 'deadlock',
  ER_DUP_ENTRY: 'duplicate',
  ER_NO_REFERENCED_ROW_2: 'missingReference',
  ER_ROW_IS_REFERENCED_2: 'missingReference',
};

/** Kind of an error thrown by a query, or null when it did not come from the database. */
export function databaseErrorKind(error: unknown): DatabaseErrorKind | null {
  if (!(error instanceof Error)) return null;
  const code = (error as { code?: unknown }).code;
  if (typeof code === 'string' && code in KINDS) return KINDS[code] ?? null;
  if (/Timeout acquiring a connection|Connection lost|closed state|aborted|Can't add new command/i.test(error.message))
    return 'away';
  return typeof code === 'string' && code.startsWith('ER_') ? 'other' : null;
}

/** Whether the same statement may succeed when it is given again at once. */
export function mayRetry(kind: DatabaseErrorKind | null): boolean {
  return kind === 'deadlock' || kind === 'lockTimeout';
}
