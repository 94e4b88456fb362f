/*
 * Remedies for dogs without a place, planned with and kept beside their plan.
 */
import type { Knex } from 'knex';
import { uuid } from '../columns.js';
import type { Migration } from '../migration.js';

async function up(knex: Knex): Promise<void> {
  await knex.schema.createTable('plan_checks', (t) => {
    uuid(t, 'plan_id').primary().references('plans.id');
    t.integer('of').notNullable();
    t.boolean('stopped').notNullable().defaultTo(false);
    t.specificType('chains', 'longtext').notNullable();
  });
}

/** Remedies that were planned with. */
export const checks: Migration = { name: '009-checks', up };
