/*
 * Limits on sign-ins that are counted before a secret is tested, addresses that people have signed in from, an owner for
 * every planning job, a fingerprint for every command, and whether the time zone was confirmed.
 */
import type { Knex } from 'knex';
import { moment, uuid } from '../columns.js';
import type { Migration } from '../migration.js';

async function up(knex: Knex): Promise<void> {
  await knex.schema.createTable('sign_in_limits', (t) => {
    t.string('limit_key', 160).primary();
    moment(t, 'since').notNullable().index();
    t.integer('tries').notNullable();
  });
  await knex.schema.createTable('sign_in_addresses', (t) => {
    uuid(t, 'person_id').notNullable().references('people.id');
    t.string('address', 45).notNullable();
    moment(t, 'seen_at').notNullable();
    t.primary(['person_id', 'address']);
  });
  await knex.schema.dropTable('sign_in_attempts');
  await knex.schema.alterTable('plan_jobs', (t) => {
    uuid(t, 'owner').nullable();
  });
  await knex.schema.alterTable('settings', (t) => {
    t.boolean('zone_checked').nullable();
  });
  await knex.schema.alterTable('events', (t) => {
    t.specificType('fingerprint', 'char(64)').nullable();
  });
}

/** Trusted tablets, PINs, calendar addresses. */
export const trust: Migration = { name: '008-trust', up };
