/*
 * Care of tools that was done, and photos of dogs.
 */
import type { Knex } from 'knex';
import { moment, uuid } from '../columns.js';
import type { Migration } from '../migration.js';

async function up(knex: Knex): Promise<void> {
  await knex.schema.createTable('tool_care', (t) => {
    uuid(t, 'id').primary();
    t.string('tool', 60).notNullable().index();
    t.string('job', 16).notNullable();
    moment(t, 'at').notNullable();
    uuid(t, 'person_id').nullable().references('people.id').onDelete('SET NULL');
  });
  await knex.schema.createTable('photos', (t) => {
    uuid(t, 'id').primary();
    uuid(t, 'dog_id').notNullable().references('dogs.id').onDelete('CASCADE');
    moment(t, 'at').notNullable();
    uuid(t, 'person_id').nullable().references('people.id').onDelete('SET NULL');
    t.string('view', 8).notNullable().comment('side, front, rear, top, part');
    t.string('words', 200).nullable();
    t.integer('width').notNullable();
    t.integer('height').notNullable();
    t.specificType('picture', 'mediumblob').notNullable();
    t.specificType('small', 'mediumblob').notNullable();
    t.index(['dog_id', 'at']);
  });
}

/** Care and photos. */
export const care: Migration = { name: '016-care', up };
