/*
 * Opening the kennel's database, and waiting for a server that is still starting.
 */
import knexModule from 'knex';
import type { Knex } from 'knex';
import mysql from 'mysql2/promise';
import type { Logger } from 'pino';
import type { Config } from '../config.js';
import { databaseName } from '../config.js';
import './tables.gen.js';
import { databaseErrorKind } from './databaseError.js';

const ACQUIRE_TIMEOUT_MS = 4000;

/** Messages of Knex go to the server's log; commands and tests read errors where they are thrown. */
function logOf(logger: Logger | null): Knex.Logger {
  return {
    warn: (message: unknown) => logger?.debug({ message }, 'database'),
    error: (message: unknown) => logger?.debug({ message }, 'database'),
    debug: () => undefined,
    deprecate: (method: string, alternative: string) => logger?.warn({ method, alternative }, 'database: deprecated'),
  };
}

/** A pool on the kennel's own database. Nothing is opened before the first query. */
export function openDatabase(
  config: Pick<Config, 'databaseUrl' | 'kennel' | 'databasePool'>,
  logger: Logger | null = null,
): Knex {
  return openNamedDatabase(config, databaseName(config.kennel), logger);
}

/** A pool on a database by its own name. */
export function openNamedDatabase(
  config: Pick<Config, 'databaseUrl' | 'databasePool'>,
  database: string,
  logger: Logger | null,
): Knex {
  const url = new URL(config.databaseUrl);
  return knexModule.default({
    client: 'mysql2',
    log: logOf(logger),
    pool: { min: 0, max: config.databasePool },
    acquireConnectionTimeout: ACQUIRE_TIMEOUT_MS,
    connection: {
      host: url.hostname,
      port: Number(url.port),
      user: decodeURIComponent(url.username),
      password: decodeURIComponent(url.password),
      database,
      timezone: 'Z',
      // mysql2 takes a list of types here; knex's own typing knows only the older switch.
      dateStrings: ['DATE'] as unknown as boolean,
      decimalNumbers: true,
      connectTimeout: ACQUIRE_TIMEOUT_MS,
    },
  });
}

/** Makes the kennel's database when it is not there yet. */
export async function createDatabase(config: Pick<Config, 'databaseUrl' | 'kennel'>): Promise<void> {
  const connection = await mysql.createConnection(config.databaseUrl);
  try {
    const name = databaseName(config.kennel);
    await connection.query(
      `CREATE DATABASE IF NOT EXISTS \`${name}\` CHARACTER SET utf8mb4 COLLATE utf8mb4_unicode_ci`,
    );
  } finally {
    await connection.end();
  }
}

/** Whether the kennel's database is there and holds a kennel. */
export async function hasDatabase(config: Pick<Config, 'databaseUrl' | 'kennel'>): Promise<boolean> {
  const connection = await mysql.createConnection(config.databaseUrl);
  try {
    const name = databaseName(config.kennel);
    const [tables] = await connection.query(
      "SELECT 1 FROM information_schema.tables WHERE table_schema = ? AND table_name = 'settings'",
      [name],
    );
    if (!Array.isArray(tables) || tables.length === 0) return false;
    const [rows] = await connection.query(`SELECT 1 FROM \`${name}\`.settings LIMIT 1`);
    return Array.isArray(rows) && rows.length > 0;
  } finally {
    await connection.end();
  }
}

/** Waits until the database server answers; gives up after `patienceMs` with the last error. */
export async function waitForDatabase(
  databaseUrl: string,
  patienceMs: number,
  say: (line: string) => void,
): Promise<void> {
  const until = Date.now() + patienceMs;
  for (let told = false; ;) {
    try {
      const connection = await mysql.createConnection(databaseUrl);
      await connection.end();
      return;
    } catch (error) {
      if (databaseErrorKind(error) !== 'away' || Date.now() > until) throw error;
      if (!told) say('The database does not answer yet; waiting for it.');
      told = true;
      await new Promise((done) => setTimeout(done, 250));
    }
  }
}
