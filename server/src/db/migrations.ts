/*
 * The schema, forward only: one file a step, in the order of this list.
 */
import type { Knex } from 'knex';
import type { Migration } from './migration.js';
import { care } from './migrations/016-care.js';
import { checks } from './migrations/009-checks.js';
import { limits } from './migrations/010-limits.js';
import { pages } from './migrations/011-pages.js';
import { pauses } from './migrations/012-pauses.js';
import { soaks } from './migrations/013-soaks.js';
import { stock } from './migrations/014-stock.js';
import { air } from './migrations/015-air.js';
import { bottles } from './migrations/005-bottles.js';
import { judges } from './migrations/017-judges.js';
import { taken } from './migrations/018-taken.js';
import { enough } from './migrations/019-enough.js';
import { house } from './migrations/001-house.js';
import { methods } from './migrations/002-methods.js';
import { ownData } from './migrations/006-own-data.js';
import { ownWays } from './migrations/003-own-ways.js';
import { routes } from './migrations/007-routes.js';
import { setTasks } from './migrations/004-set-tasks.js';
import { trust } from './migrations/008-trust.js';

/** All steps of the layout in order. */
export const MIGRATIONS: readonly Migration[] = [
  house,
  methods,
  ownWays,
  setTasks,
  bottles,
  ownData,
  routes,
  trust,
  checks,
  limits,
  pages,
  pauses,
  soaks,
  stock,
  air,
  care,
  judges,
  taken,
  enough,
];

/** Knex's view of the list; every way back is refused in words. */
export const MIGRATION_SOURCE: Knex.MigrationSource<Migration> = {
  getMigrations: () => Promise.resolve([...MIGRATIONS]),
  getMigrationName: (m) => m.name,
  getMigration: (m) =>
    Promise.resolve({
      up: m.up,
      down: () =>
        Promise.reject(
          new Error(`The schema step ${m.name} cannot be taken back. Restore a backup that was made before it.`),
        ),
    }),
};

/** Brings the schema up to date; safe to run twice. */
export async function migrate(knex: Knex): Promise<void> {
  await knex.migrate.latest({ migrationSource: MIGRATION_SOURCE });
}
