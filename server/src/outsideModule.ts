/*
 * Gives every module the configuration, the clock, the database and the log.
 */
import { Module } from '@nestjs/common';
import type { DynamicModule } from '@nestjs/common';
import type { Knex } from 'knex';
import type { Logger } from 'pino';
import { Clock } from './clock.js';
import type { Config } from './config.js';
import { CONFIG, KNEX, LOGGER } from './tokens.js';

/** Parts that the application is given from outside: database, clock, configuration, log. */
export interface Outside {
  readonly config: Config;
  readonly clock: Clock;
  readonly knex: Knex;
  readonly logger: Logger;
}

/** Hands that to every other module. */
@Module({})
export class OutsideModule {
  static with({ config, clock, knex, logger }: Outside): DynamicModule {
    return {
      module: OutsideModule,
      global: true,
      providers: [
        { provide: CONFIG, useValue: config },
        { provide: Clock, useValue: clock },
        { provide: KNEX, useValue: knex },
        { provide: LOGGER, useValue: logger },
      ],
      exports: [CONFIG, Clock, KNEX, LOGGER],
    };
  }
}
