/*
 * Planning that is ended with the plan it has: somebody takes it as it is.
 */
import type { Knex } from 'knex';
import type { Migration } from '../migration.js';

async function up(knex: Knex): Promise<void> {
  await knex.schema.alterTable('plan_jobs', (t) => {
    t.boolean('enough').notNullable().defaultTo(false);
  });
}

/** Jobs whose plan is taken as it is. */
export const enough: Migration = { name: '019-enough', up };
