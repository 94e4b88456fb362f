/*
 * Faults that the server found in an import's changes, put to the rows of the file that brought them.
 */
import { IMPORT_FIELDS } from '@loyal-mane/library/csv';
import type { ImportedRow } from '@loyal-mane/library/csv';
import type { FoundIssue } from '../../api/rows';

/** Rows with the server's issues; `changes[k]` counts over all rows' changes in order. */
export function withFound(rows: readonly ImportedRow[], found: readonly FoundIssue[]): ImportedRow[] {
  const byChange = new Map<number, FoundIssue[]>();
  for (const issue of found) {
    const at = /^changes\[(\d+)\]/.exec(issue.path);
    if (at === null) continue;
    const k = Number(at[1]);
    byChange.set(k, [...(byChange.get(k) ?? []), issue]);
  }
  let first = 0;
  return rows.map((row) => {
    const mine = row.changes.flatMap((_, k) => byChange.get(first + k) ?? []);
    first += row.changes.length;
    if (mine.length === 0) return row;
    const faults = mine.map((issue) => ({
      column: labelOf(issue.path.replace(/^changes\[\d+\]\.?/, '')),
      found: '',
      reason: 'told' as const,
      instead: issue.detail,
    }));
    return { ...row, state: 'bad', faults: [...row.faults, ...faults] };
  });
}

/** A row's field as the columns are called. */
function labelOf(field: string): string {
  if (field === '') return 'The row';
  const known = Object.values(IMPORT_FIELDS).flatMap((fields) => fields.filter((f) => f.name === field));
  return known[0]?.label ?? field;
}
