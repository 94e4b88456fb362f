/*
 * Column types that every migration shares.
 */
import type { Knex } from 'knex';

type Table = Knex.CreateTableBuilder;

/** MariaDB's own UUID type; read and written as text. */
export const uuid = (t: Table, name: string): Knex.ColumnBuilder => t.specificType(name, 'uuid');

/** An instant in UTC, to the millisecond. */
export const moment = (t: Table, name: string): Knex.ColumnBuilder => t.specificType(name, 'datetime(3)');

/** A local time of day, HH:MM. */
export const wall = (t: Table, name: string): Knex.ColumnBuilder => t.string(name, 5);
