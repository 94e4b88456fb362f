/*
 * One step of the schema. A released step is never changed again, and none is taken back: a column that was dropped has lost
 * its data, so the way back is a backup.
 */
import type { Knex } from 'knex';

/** One step of the layout, forward only. */
export interface Migration {
  readonly name: string;
  readonly up: (knex: Knex) => Promise<void>;
}
