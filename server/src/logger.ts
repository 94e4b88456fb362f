/*
 * The server's log: one JSON line an event. Ids of people stand in it, never names, bodies, cookies or secrets.
 */
import { pino } from 'pino';
import type { Logger } from 'pino';
import type { Config } from './config.js';

/** A log at the configured level, to a file or to standard output. */
export function openLog(config: Pick<Config, 'logLevel' | 'logFile' | 'kennel'>): Logger {
  const options = { level: config.logLevel, base: { kennel: config.kennel } };
  return config.logFile === null
    ? pino(options)
    : pino(options, pino.destination({ dest: config.logFile, mkdir: true, sync: false }));
}
