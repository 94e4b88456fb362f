/*
 * Products as the kennel’s own bottles say.
 */
import type { Knex } from 'knex';
import type { Migration } from '../migration.js';

async function up(knex: Knex): Promise<void> {
  await knex.schema.alterTable('methods', (t) => {
    t.json('products').nullable();
  });
}

/** How products are thinned here. */
export const bottles: Migration = { name: '005-bottles', up };
