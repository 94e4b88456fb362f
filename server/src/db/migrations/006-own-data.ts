/*
 * Owners who sign in, links, PINs, trusted devices, calendar addresses, and what an event is about.
 */
import type { Knex } from 'knex';
import { moment, uuid } from '../columns.js';
import type { Migration } from '../migration.js';

async function up(knex: Knex): Promise<void> {
  await knex.schema.alterTable('entries', (t) => {
    t.string('show_class', 60).nullable();
  });
  await knex.schema.createTable('event_subjects', (t) => {
    t.bigInteger('number').notNullable().references('events.number');
    t.string('subject', 160).notNullable();
    t.primary(['number', 'subject']);
    t.index(['subject', 'number']);
  });
  await knex.schema.alterTable('people', (t) => {
    uuid(t, 'owner_id').nullable().references('owners.id');
  });
  await knex.schema.alterTable('accounts', (t) => {
    t.string('pin_hash', 255).nullable();
  });
  await knex.schema.alterTable('sign_in_sessions', (t) => {
    uuid(t, 'id').nullable().unique();
    moment(t, 'made_at').nullable();
    t.string('device', 120).nullable();
  });
  await knex.schema.alterTable('sign_in_attempts', (t) => {
    t.string('address', 64).nullable();
    t.index(['address', 'at']);
  });
  await knex.schema.createTable('welcome_links', (t) => {
    t.specificType('token_hash', 'char(64)').primary();
    uuid(t, 'person_id').notNullable().references('people.id');
    moment(t, 'expires_at').notNullable();
  });
  await knex.schema.createTable('trusted_devices', (t) => {
    uuid(t, 'id').primary();
    t.specificType('token_hash', 'char(64)').notNullable().unique();
    t.string('name', 80).notNullable();
    uuid(t, 'made_by').notNullable();
    moment(t, 'made_at').notNullable();
  });
  await knex.schema.createTable('calendar_feeds', (t) => {
    uuid(t, 'id').primary();
    t.specificType('token_hash', 'char(64)').notNullable().unique();
    t.string('of', 8).notNullable();
    uuid(t, 'subject_id').notNullable().index();
    uuid(t, 'made_by').notNullable();
    moment(t, 'made_at').notNullable();
  });
}

/** Rows that forms edit: versions of all, the trail's fields. */
export const ownData: Migration = { name: '006-own-data', up };
