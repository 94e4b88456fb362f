/*
 * Air of the wet room as its sensor tells it: the latest reading, and a log of the last days.
 */
import { Inject, Injectable } from '@nestjs/common';
import type { OnModuleDestroy, OnModuleInit } from '@nestjs/common';
import type { Knex } from 'knex';
import type { Logger } from 'pino';
import { Clock } from '../clock.js';
import type { Config } from '../config.js';
import { CONFIG, KNEX, LOGGER } from '../tokens.js';
import { AirSensor } from './airSensor.js';
import type { AirReading } from './airSensor.js';

/** A reading with its moment. */
export interface AirAt extends AirReading {
  readonly at: Date;
}

const MINUTE_MS = 60_000;
/** One reading in so long is written down. */
const LOGGED_EVERY_MS = 5 * MINUTE_MS;
const LOG_DAYS = 14;
const DAY_MS = 24 * 60 * MINUTE_MS;
/** A reading this old says nothing about the room any more. */
const FRESH_MS = 15 * MINUTE_MS;

/** Reads the sensor while the server runs. */
@Injectable()
export class AirService implements OnModuleInit, OnModuleDestroy {
  private sensor: AirSensor | null = null;
  private last: AirAt | null = null;
  private loggedMs = 0;

  constructor(
    @Inject(CONFIG) private readonly config: Config,
    @Inject(KNEX) private readonly knex: Knex,
    @Inject(LOGGER) private readonly logger: Logger,
    private readonly clock: Clock,
  ) {}

  onModuleInit(): void {
    if (this.config.airSensor === null) return;
    this.sensor = new AirSensor(
      this.config.airSensor,
      (reading) => this.take(reading),
      (code) => this.logger.warn({ code }, 'the air sensor ended'),
    );
    this.sensor.start();
  }

  onModuleDestroy(): void {
    this.sensor?.stop();
  }

  /** The latest reading; null without a sensor, or when it has been silent for a quarter of an hour. */
  latest(): AirAt | null {
    const { last } = this;
    return last === null || this.clock.nowMs() - last.at.getTime() > FRESH_MS ? null : last;
  }

  /** Readings of the last day as they were written down, oldest first. */
  async lastDay(): Promise<AirAt[]> {
    const since = new Date(this.clock.nowMs() - DAY_MS);
    const rows = await this.knex('air_readings').where('at', '>=', since).orderBy('at');
    return rows.map((r) => ({ at: r.at, celsius: r.tenths / 10, humidity: r.percent / 100 }));
  }

  private take(reading: AirReading): void {
    const at = new Date(this.clock.nowMs());
    this.last = { ...reading, at };
    if (at.getTime() - this.loggedMs < LOGGED_EVERY_MS) return;
    this.loggedMs = at.getTime();
    // A log that cannot be written must not end the server: the next reading tries again.
    this.write(this.last).catch((error: unknown) => this.logger.warn({ error }, 'an air reading was not written down'));
  }

  private async write({ at, celsius, humidity }: AirAt): Promise<void> {
    const row = { at, tenths: Math.round(celsius * 10), percent: Math.round(humidity * 100) };
    await this.knex('air_readings').insert(row).onConflict('at').ignore();
    await this.knex('air_readings')
      .where('at', '<', new Date(at.getTime() - LOG_DAYS * DAY_MS))
      .delete();
  }
}
