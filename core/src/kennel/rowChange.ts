/*
 * Changes of a kennel's rows as data: what a row was, what it becomes. Saving, undo, the trail and "what would this move"
 * all read this one form; the inverse of a change is its two sides exchanged.
 */
import type { KennelFile } from './kennelFile.js';

/** Lists of rows that people edit, in an order in which each refers only to lists before it. */
export const KENNEL_LISTS = [
  'settings',
  'sites',
  'circuits',
  'stations',
  'owners',
  'people',
  'shifts',
  'absences',
  'dogs',
  'transports',
  'shows',
  'rings',
  'entries',
  'bottles',
] as const;
/** Lists of the kennel whose rows are changed one by one. */
export type KennelList = (typeof KENNEL_LISTS)[number];

/** Id of the one row of the list `settings`: the kennel's name with its settings. */
export const SETTINGS_ID = 'kennel';

/** A row as a kennel file has it. */
export type KennelRow = Readonly<Record<string, unknown>> & { readonly id: string };

/** The change of one row: `from` null = it is added, `to` null = it is removed. */
export interface RowChange {
  readonly list: KennelList;
  readonly id: string;
  readonly from: KennelRow | null;
  readonly to: KennelRow | null;
}

/** Rows of a list. */
export function rowsOf(kennel: KennelFile, list: KennelList): readonly KennelRow[] {
  if (list === 'settings') return [{ id: SETTINGS_ID, name: kennel.name, ...kennel.settings }];
  return kennel[list] ?? [];
}

/** A kennel with changes made; what `from` says is not looked at. The kennel that is given stays as it is. */
export function applyChanges(kennel: KennelFile, changes: readonly RowChange[]): KennelFile {
  let next: Record<string, unknown> = { ...kennel };
  for (const list of KENNEL_LISTS) {
    const mine = new Map(changes.filter((c) => c.list === list).map((c) => [c.id, c.to]));
    if (mine.size === 0) continue;
    const kept = rowsOf(kennel, list).flatMap((row) => {
      if (!mine.has(row.id)) return [row];
      const to = mine.get(row.id) ?? null;
      mine.delete(row.id);
      return to === null ? [] : [to];
    });
    const rows = [...kept, ...[...mine.values()].filter((row) => row !== null)];
    next = list === 'settings' ? withSettings(next, rows[0]) : { ...next, [list]: rows };
  }
  return next as unknown as KennelFile;
}

function withSettings(kennel: Record<string, unknown>, row: KennelRow | undefined): Record<string, unknown> {
  if (row === undefined) return kennel;
  const settings = Object.fromEntries(Object.entries(row).filter(([field]) => field !== 'id' && field !== 'name'));
  return { ...kennel, name: row['name'], settings };
}

/** The differences from one kennel to another, row by row; the order of rows does not count. */
export function changesBetween(before: KennelFile, after: KennelFile): RowChange[] {
  return KENNEL_LISTS.flatMap((list) => {
    const old = new Map(rowsOf(before, list).map((row) => [row.id, row]));
    const made = rowsOf(after, list).flatMap((to): RowChange[] => {
      const from = old.get(to.id) ?? null;
      old.delete(to.id);
      return sameValue(from, to) ? [] : [{ list, id: to.id, from, to }];
    });
    return [...made, ...[...old.values()].map((from) => ({ list, id: from.id, from, to: null }))];
  });
}

/** The inverse of changes, last first. */
export function inverseOf(changes: readonly RowChange[]): RowChange[] {
  return changes.map(({ list, id, from, to }) => ({ list, id, from: to, to: from })).reverse();
}

/** Whether two values of a file are the same, whatever the order of their fields. */
export function sameValue(a: unknown, b: unknown): boolean {
  if (a === b) return true;
  if (typeof a !== 'object' || typeof b !== 'object' || a === null || b === null) return false;
  if (Array.isArray(a) !== Array.isArray(b)) return false;
  const x = a as Record<string, unknown>;
  const y = b as Record<string, unknown>;
  const keys = (o: Record<string, unknown>): string[] => Object.keys(o).filter((k) => o[k] !== undefined);
  return keys(x).length === keys(y).length && keys(x).every((k) => sameValue(x[k], y[k]));
}

/** Fields in which two rows differ, sorted. */
export function changedFields(from: KennelRow | null, to: KennelRow | null): string[] {
  const fields = new Set([...Object.keys(from ?? {}), ...Object.keys(to ?? {})]);
  return [...fields].filter((f) => !sameValue(from?.[f], to?.[f])).sort();
}

/** A change fitted to a row that others may have changed meanwhile, or the fields that both changed. */
export type Fitted =
  | { readonly ok: true; readonly change: RowChange }
  | { readonly ok: false; readonly current: KennelRow | null; readonly fields: readonly string[] };

/**
 * Fits a change to the row that is there now: fields that only one side changed go together; a field that both changed
 * differently, a row that is gone, and a row that is there already do not.
 */
export function fitChange(change: RowChange, current: KennelRow | null): Fitted {
  const { list, id, from, to } = change;
  if (from === null) {
    if (current === null) return { ok: true, change };
    // The same row once more is the same row: a file that is imported twice doubles nothing.
    if (sameValue(current, to)) return { ok: true, change: { list, id, from: current, to } };
    return { ok: false, current, fields: changedFields(current, to) };
  }
  if (current === null) return { ok: false, current, fields: [] };
  const theirs = changedFields(from, current);
  if (to === null)
    return theirs.length === 0
      ? { ok: true, change: { list, id, from: current, to } }
      : { ok: false, current, fields: theirs };
  const mine = changedFields(from, to);
  const both = mine.filter((f) => theirs.includes(f) && !sameValue(current[f], to[f]));
  if (both.length > 0) return { ok: false, current, fields: both };
  const merged = Object.fromEntries(
    [...new Set([...Object.keys(current), ...mine])]
      .map((f) => [f, mine.includes(f) ? to[f] : current[f]] as const)
      .filter(([, value]) => value !== undefined),
  );
  return { ok: true, change: { list, id, from: current, to: { ...merged, id } } };
}
