/*
 * Judges of entries: who judges and what is looked for, and how much flattery of an outline pays there.
 */
import type { Knex } from 'knex';
import type { Migration } from '../migration.js';

async function up(knex: Knex): Promise<void> {
  await knex.schema.alterTable('entries', (t) => {
    t.string('judge', 200).nullable();
    t.double('flattery').nullable();
  });
}

/** Judges of entries. */
export const judges: Migration = { name: '017-judges', up };
