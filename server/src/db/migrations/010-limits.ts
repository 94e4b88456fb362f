/*
 * Limits of work that a kennel sets for itself; nothing where the usual ones hold.
 */
import type { Knex } from 'knex';
import type { Migration } from '../migration.js';

const LIMITS = [
  'dog_work_min',
  'dog_walk_min',
  'puppy_work_min',
  'person_work_min',
  'person_rest_min',
  'night_rest_hours',
];

async function up(knex: Knex): Promise<void> {
  await knex.schema.alterTable('settings', (t) => {
    for (const limit of LIMITS) t.integer(limit).nullable();
  });
}

/** Limits of work of a kennel. */
export const limits: Migration = { name: '010-limits', up };
