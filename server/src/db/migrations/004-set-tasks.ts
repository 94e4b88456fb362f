/*
 * Tasks that a lead has set.
 */
import type { Knex } from 'knex';
import { moment, uuid } from '../columns.js';
import type { Migration } from '../migration.js';

async function up(knex: Knex): Promise<void> {
  await knex.schema.createTable('task_pins', (t) => {
    t.string('task_key', 160).primary();
    moment(t, 'start').notNullable();
    uuid(t, 'person_id').nullable().references('people.id');
    uuid(t, 'station_id').nullable().references('stations.id');
  });
}

/** Starts that a lead has set. */
export const setTasks: Migration = { name: '004-set-tasks', up };
