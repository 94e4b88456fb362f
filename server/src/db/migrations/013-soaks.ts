/*
 * Products that work in a coat, with the task at which they were put on.
 */
import type { Knex } from 'knex';
import type { Migration } from '../migration.js';

async function up(knex: Knex): Promise<void> {
  await knex.schema.alterTable('task_work', (t) => {
    t.json('soaks').nullable();
  });
}

/** Soaks of a task. */
export const soaks: Migration = { name: '013-soaks', up };
