/*
 * Products in stock, bottle by bottle.
 */
import type { Knex } from 'knex';
import { uuid } from '../columns.js';
import type { Migration } from '../migration.js';

async function up(knex: Knex): Promise<void> {
  await knex.schema.createTable('bottles', (t) => {
    uuid(t, 'id').primary();
    t.string('product', 24).notNullable();
    t.string('name', 80).notNullable();
    t.integer('size_ml').notNullable();
    t.integer('left_ml').notNullable();
    t.date('opened_on').nullable();
    t.date('expires_on').nullable();
    t.integer('version').notNullable().defaultTo(1);
  });
}

/** Bottles. */
export const stock: Migration = { name: '014-stock', up };
