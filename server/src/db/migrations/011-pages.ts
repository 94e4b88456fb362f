/*
 * Lines of step pages that a kennel changed, and lines that were ticked on a task.
 */
import type { Knex } from 'knex';
import type { Migration } from '../migration.js';

async function up(knex: Knex): Promise<void> {
  await knex.schema.alterTable('methods', (t) => {
    t.json('lines').nullable();
  });
  await knex.schema.alterTable('task_work', (t) => {
    t.json('ticked').nullable();
  });
}

/** Changed lines of pages, ticks. */
export const pages: Migration = { name: '011-pages', up };
