/*
 * Last take from a bottle: how much, when, by whom, so that nobody mixes what another has mixed.
 */
import type { Knex } from 'knex';
import type { Migration } from '../migration.js';

async function up(knex: Knex): Promise<void> {
  await knex.schema.alterTable('bottles', (t) => {
    t.json('taken').nullable();
  });
}

/** Last takes from bottles. */
export const taken: Migration = { name: '018-taken', up };
