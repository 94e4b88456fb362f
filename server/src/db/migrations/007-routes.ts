/*
 * A brushing route for one person.
 */
import type { Knex } from 'knex';
import type { Migration } from '../migration.js';

async function up(knex: Knex): Promise<void> {
  await knex.schema.alterTable('people', (t) => {
    t.string('brushing_route', 1).nullable();
  });
}

/** Brushing routes of people and dogs. */
export const routes: Migration = { name: '007-routes', up };
