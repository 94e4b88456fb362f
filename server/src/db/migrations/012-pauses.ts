/*
 * Pauses of a task with their causes, the flank that was worked, and where a person begins a trim.
 */
import type { Knex } from 'knex';
import type { Migration } from '../migration.js';

async function up(knex: Knex): Promise<void> {
  await knex.schema.alterTable('task_work', (t) => {
    t.json('pauses').nullable();
    t.tinyint('flank').nullable();
  });
  await knex.schema.alterTable('people', (t) => {
    t.string('trim_begin', 20).nullable();
  });
}

/** Causes of pauses, flanks, beginnings of trims. */
export const pauses: Migration = { name: '012-pauses', up };
