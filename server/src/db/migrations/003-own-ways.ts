/*
 * Changed steps and intervals, lengths of tables, breeds of the kennel’s own.
 */
import type { Knex } from 'knex';
import type { Migration } from '../migration.js';

async function up(knex: Knex): Promise<void> {
  await knex.schema.alterTable('methods', (t) => {
    t.json('steps').nullable();
    t.json('intervals').nullable();
  });
  await knex.schema.alterTable('stations', (t) => {
    t.double('length_cm').nullable();
  });
  await knex.schema.createTable('breeds', (t) => {
    t.string('name', 80).primary();
    t.json('facts').notNullable();
    t.integer('version').notNullable().defaultTo(1);
  });
}

/** Records of dogs and people, own breeds, show rules. */
export const ownWays: Migration = { name: '003-own-ways', up };
