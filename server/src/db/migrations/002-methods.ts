/*
 * Sides of schools, what people learn, show rules, and the minutes that were expected of a task.
 */
import type { Knex } from 'knex';
import { moment, uuid } from '../columns.js';
import type { Migration } from '../migration.js';

async function up(knex: Knex): Promise<void> {
  await knex.schema.alterTable('people', (t) => {
    t.json('learning').nullable();
    t.json('kit').nullable();
  });
  await knex.schema.alterTable('shows', (t) => {
    t.json('rules').nullable();
    t.integer('version').notNullable().defaultTo(1);
  });
  await knex.schema.alterTable('task_work', (t) => {
    t.double('expected_min').nullable();
  });
  await knex.schema.createTable('methods', (t) => {
    t.integer('number').primary();
    moment(t, 'made_at').notNullable();
    uuid(t, 'made_by').nullable().references('people.id');
    t.json('schools').notNullable();
  });
}

/** Versions of the kennel's own methods. */
export const methods: Migration = { name: '002-methods', up };
