/*
 * Readings of the wet room's sensor.
 */
import type { Knex } from 'knex';
import { moment } from '../columns.js';
import type { Migration } from '../migration.js';

async function up(knex: Knex): Promise<void> {
  await knex.schema.createTable('air_readings', (t) => {
    moment(t, 'at').primary();
    t.integer('tenths').notNullable().comment('tenths of a degree Celsius');
    t.integer('percent').notNullable().comment('relative humidity');
  });
}

/** Air readings. */
export const air: Migration = { name: '015-air', up };
