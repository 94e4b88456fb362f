/*
 * Small translations between rows and values that every repository needs.
 */
import type { Instant } from '@loyal-mane/core';
import { instantToMs, msToInstant } from '@loyal-mane/core';

/** MariaDB hands JSON columns back as text. */
export function fromJson(value: unknown): unknown {
  return typeof value === 'string' ? JSON.parse(value) : value;
}

/** An instant as the database driver takes it. */
export function toDate(instant: Instant | undefined): Date | null {
  return instant === undefined ? null : new Date(instantToMs(instant));
}

/** A moment of the database as an instant, UTC. */
export function toInstant(date: Date | null): Instant | undefined {
  return date === null ? undefined : msToInstant(date.getTime());
}

/** An object without the keys whose value is undefined or null: optional fields are absent, never null. */
export function compact<T extends object>(row: T): { [K in keyof T]: Exclude<T[K], null | undefined> } {
  return Object.fromEntries(Object.entries(row).filter(([, v]) => v !== null && v !== undefined)) as never;
}
