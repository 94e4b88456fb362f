/*
 * The first schema: the kennel, its people, dogs, shows and work, plans and events.
 */
import type { Knex } from 'knex';
import { moment, uuid, wall } from '../columns.js';
import type { Migration } from '../migration.js';

async function createYard(knex: Knex): Promise<void> {
  await knex.schema.createTable('settings', (t) => {
    t.tinyint('id').primary();
    t.string('name', 80).notNullable();
    t.date('start_day').notNullable();
    t.string('time_zone', 64).notNullable();
    t.string('clock', 3).notNullable();
    t.integer('keep_up_days_ahead').notNullable();
    t.double('ramp_from_kg').notNullable();
    uuid(t, 'published_plan_id').nullable();
    t.integer('version').notNullable().defaultTo(1);
  });
  await knex.schema.createTable('sites', (t) => {
    uuid(t, 'id').primary();
    t.string('name', 80).notNullable();
    t.boolean('home').notNullable();
  });
  await knex.schema.createTable('circuits', (t) => {
    uuid(t, 'id').primary();
    uuid(t, 'site_id').notNullable().references('sites.id');
    t.string('name', 80).notNullable();
    t.double('amps').notNullable();
  });
  await knex.schema.createTable('stations', (t) => {
    uuid(t, 'id').primary();
    uuid(t, 'site_id').notNullable().references('sites.id');
    t.string('kind', 16).notNullable();
    t.string('name', 80).notNullable();
    uuid(t, 'circuit_id').nullable().references('circuits.id');
    t.boolean('ramp').nullable();
    t.integer('places').nullable();
    t.json('closures').notNullable();
    t.integer('version').notNullable().defaultTo(1);
  });
}

async function createPeople(knex: Knex): Promise<void> {
  await knex.schema.createTable('people', (t) => {
    uuid(t, 'id').primary();
    t.string('name', 80).notNullable();
    t.string('sign_in', 40).notNullable().unique();
    t.string('role', 16).notNullable();
    t.json('skills').notNullable();
    t.integer('scissor_min_per_day').nullable();
    t.integer('version').notNullable().defaultTo(1);
  });
  await knex.schema.createTable('accounts', (t) => {
    uuid(t, 'person_id').primary().references('people.id');
    t.string('password_hash', 255).notNullable();
    t.boolean('must_change').notNullable().defaultTo(false);
  });
  await knex.schema.createTable('sign_in_sessions', (t) => {
    t.specificType('token_hash', 'char(64)').primary();
    uuid(t, 'person_id').notNullable().references('people.id');
    t.specificType('csrf', 'char(43)').notNullable();
    moment(t, 'expires_at').notNullable().index();
  });
  await knex.schema.createTable('sign_in_attempts', (t) => {
    t.bigIncrements('id');
    t.string('sign_in', 80).notNullable();
    moment(t, 'at').notNullable();
    t.index(['sign_in', 'at']);
  });
  await knex.schema.createTable('shifts', (t) => {
    uuid(t, 'id').primary();
    uuid(t, 'person_id').notNullable().references('people.id');
    t.date('day').notNullable();
    wall(t, 'start').notNullable();
    wall(t, 'end').notNullable();
    wall(t, 'overtime_end').notNullable();
    t.json('pauses').notNullable();
    t.integer('version').notNullable().defaultTo(1);
    t.unique(['person_id', 'day']);
  });
  await knex.schema.createTable('absences', (t) => {
    uuid(t, 'id').primary();
    uuid(t, 'person_id').notNullable().references('people.id');
    t.date('day').notNullable();
    t.string('reason', 8).notNullable();
    t.unique(['person_id', 'day']);
  });
}

async function createDogs(knex: Knex): Promise<void> {
  await knex.schema.createTable('owners', (t) => {
    uuid(t, 'id').primary();
    t.string('name', 80).notNullable();
    t.string('contact', 200).notNullable();
  });
  await knex.schema.createTable('dogs', (t) => {
    uuid(t, 'id').primary();
    t.string('name', 80).notNullable();
    t.string('breed', 80).notNullable();
    t.string('sex', 8).notNullable();
    t.date('born').notNullable();
    t.double('weight_kg').notNullable();
    uuid(t, 'owner_id').nullable().references('owners.id');
    t.json('coat').notNullable().comment('what the coat is like and when it was last worked on');
    t.integer('version').notNullable().defaultTo(1);
  });
  await knex.schema.createTable('transports', (t) => {
    uuid(t, 'id').primary();
    t.string('name', 80).notNullable();
    uuid(t, 'from_site_id').notNullable().references('sites.id');
    uuid(t, 'to_site_id').notNullable().references('sites.id');
    t.date('day').notNullable();
    wall(t, 'depart').notNullable();
    wall(t, 'arrive').notNullable();
  });
  await knex.schema.createTable('transport_people', (t) => {
    uuid(t, 'transport_id').notNullable().references('transports.id');
    uuid(t, 'person_id').notNullable().references('people.id');
    t.primary(['transport_id', 'person_id']);
  });
  await knex.schema.createTable('transport_dogs', (t) => {
    uuid(t, 'transport_id').notNullable().references('transports.id');
    uuid(t, 'dog_id').notNullable().references('dogs.id');
    t.primary(['transport_id', 'dog_id']);
  });
}

async function createShows(knex: Knex): Promise<void> {
  await knex.schema.createTable('shows', (t) => {
    uuid(t, 'id').primary();
    t.string('name', 80).notNullable();
    uuid(t, 'site_id').notNullable().references('sites.id');
    t.date('first_day').notNullable();
    t.date('last_day').notNullable();
  });
  await knex.schema.createTable('rings', (t) => {
    uuid(t, 'id').primary();
    uuid(t, 'show_id').notNullable().references('shows.id');
    t.string('name', 80).notNullable();
  });
  await knex.schema.createTable('entries', (t) => {
    uuid(t, 'id').primary();
    uuid(t, 'dog_id').notNullable().references('dogs.id');
    uuid(t, 'show_id').notNullable().references('shows.id');
    uuid(t, 'ring_id').notNullable().references('rings.id');
    t.date('day').notNullable();
    wall(t, 'ring_time').notNullable();
    uuid(t, 'handler_id').nullable().references('people.id');
    t.integer('importance').notNullable();
    wall(t, 'later_round').nullable();
    t.integer('version').notNullable().defaultTo(1);
    t.unique(['dog_id', 'ring_id', 'day']);
  });
}

async function createWork(knex: Knex): Promise<void> {
  await knex.schema.createTable('task_work', (t) => {
    t.string('task_key', 160).primary();
    uuid(t, 'dog_id').notNullable().references('dogs.id');
    t.string('step', 24).notNullable();
    t.string('state', 8).notNullable();
    uuid(t, 'person_id').nullable().references('people.id');
    uuid(t, 'station_id').nullable().references('stations.id');
    moment(t, 'started_at').nullable();
    moment(t, 'running_since').nullable();
    moment(t, 'finished_at').nullable().index();
    t.bigInteger('worked_ms').notNullable();
    t.string('reason', 300).nullable();
    t.integer('version').notNullable().defaultTo(1);
  });
  await knex.schema.createTable('plans', (t) => {
    uuid(t, 'id').primary();
    t.string('state', 10).notNullable().index();
    moment(t, 'made_at').notNullable();
    uuid(t, 'made_by').nullable().references('people.id');
    moment(t, 'published_at').nullable();
    t.specificType('input_hash', 'char(16)').notNullable();
    t.json('summary').notNullable();
    t.specificType('body', 'longtext').notNullable();
  });
  await knex.schema.createTable('plan_jobs', (t) => {
    uuid(t, 'id').primary();
    t.string('state', 10).notNullable().index();
    t.string('mode', 6).notNullable();
    uuid(t, 'asked_by').notNullable().references('people.id');
    moment(t, 'asked_at').notNullable();
    moment(t, 'lease_until').nullable();
    t.boolean('cancel').notNullable().defaultTo(false);
    t.json('progress').nullable();
    uuid(t, 'plan_id').nullable().references('plans.id');
    t.string('trouble', 300).nullable();
  });
  await knex.schema.createTable('stream_head', (t) => {
    t.tinyint('id').primary();
    t.bigInteger('number').notNullable();
  });
  await knex('stream_head').insert({ id: 1, number: 0 });
  await knex.schema.createTable('events', (t) => {
    t.bigInteger('number').primary();
    moment(t, 'at').notNullable();
    uuid(t, 'command_id').nullable().unique();
    uuid(t, 'actor_id').nullable().references('people.id');
    t.string('kind', 40).notNullable();
    t.string('subject', 160).notNullable().index();
    t.json('change').notNullable();
    t.json('result').notNullable();
  });
}

async function up(knex: Knex): Promise<void> {
  await createYard(knex);
  await createPeople(knex);
  await createDogs(knex);
  await createShows(knex);
  await createWork(knex);
}

/** Tables of the kennel, its plans, events and sign-ins. */
export const house: Migration = { name: '001-house', up };
