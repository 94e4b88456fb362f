/*
 * Starts the server of one kennel: waits for its database, listens, stops cleanly on SIGINT and SIGTERM.
 */
import 'reflect-metadata';
import { ShiftedClock, SystemClock } from './clock.js';
import type { Config } from './config.js';
import { readConfig } from './config.js';
import { createApp } from './createApp.js';
import { openDatabase, waitForDatabase } from './db/connect.js';
import { KennelRepository } from './kennel/kennelRepository.js';
import { openLog } from './logger.js';
import { runCommand } from './userError.js';
import { PlannerPool } from './workers/plannerPool.js';

const DATABASE_PATIENCE_MS = 120_000;

async function start(config: Config): Promise<void> {
  const logger = openLog(config);
  await waitForDatabase(config.databaseUrl, DATABASE_PATIENCE_MS, (line) => console.error(line));
  const knex = openDatabase(config, logger);
  const clock = config.clockStartMs === null ? new SystemClock() : new ShiftedClock(config.clockStartMs);
  const app = await createApp({ config, clock, knex, logger });
  for (const signal of ['SIGINT', 'SIGTERM'] as const)
    process.once(signal, () => logger.info({ signal }, 'server stopping'));
  process.once('exit', (code) => logger.info({ code }, 'server stopped'));
  try {
    await app.listen(config.port, config.host);
  } catch (error) {
    const taken = (error as { code?: string }).code === 'EADDRINUSE';
    console.error(taken ? `Port ${String(config.port)} is taken. Choose another: PORT=8481 ./start` : String(error));
    process.exit(taken ? 3 : 1);
  }
  logger.info({ host: config.host, port: config.port }, 'server started');
  process.send?.('listening');
  const kennel = await app.get(KennelRepository).read();
  await app.get(PlannerPool).warmUp(kennel, clock.nowMs());
}

await runCommand(() => start(readConfig(process.env)));
