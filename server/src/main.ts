/*
 * Starts the server of one kennel: waits for its database, listens, stops cleanly on SIGINT and SIGTERM.
 */
import 'reflect-metadata';
import { pino } from 'pino';
import { ShiftedClock, SystemClock } from './clock.js';
import { readConfig } from './config.js';
import { createApp } from './createApp.js';
import { openDatabase, waitForDatabase } from './db/connect.js';
import { KennelRepository } from './kennel/kennelRepository.js';
import { PlannerPool } from './workers/plannerPool.js';

const DATABASE_PATIENCE_MS = 120_000;

async function start(): Promise<void> {
  const config = readConfig(process.env);
  // Log lines hold no names, bodies or cookies.
  const logger = pino({
    level: process.env['LOG_LEVEL'] ?? 'warn',
    redact: ['req.headers.cookie', 'req.headers["x-csrf-token"]', 'res.headers["set-cookie"]'],
  });
  await waitForDatabase(config.databaseUrl, DATABASE_PATIENCE_MS, (line) => console.error(line));
  const knex = openDatabase(config);
  const clock = config.clockStartMs === null ? new SystemClock() : new ShiftedClock(config.clockStartMs);
  const app = await createApp({ config, clock, knex, logger });
  try {
    await app.listen(config.port, config.host);
  } catch (error) {
    const taken = (error as { code?: string }).code === 'EADDRINUSE';
    console.error(taken ? `Port ${String(config.port)} is taken. Choose another: PORT=8481 ./start` : String(error));
    process.exit(taken ? 3 : 1);
  }
  process.send?.('listening');
  const kennel = await app.get(KennelRepository).read();
  await app.get(PlannerPool).warmUp(kennel, clock.nowMs());
}

await start();
