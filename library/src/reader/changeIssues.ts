/*
 * Faults of changes to a kennel's rows: the same checks as for a whole file, told by the change that brought them.
 * A fault that was there before and is left alone does not block other changes.
 */
import type { CareLibrary, KennelFile, KennelList, LocalDay, RowChange } from '@loyal-mane/core';
import { KennelFileSchema, SETTINGS_ID, applyChanges, rowsOf } from '@loyal-mane/core';
import type { ValidateFunction } from 'ajv';
import type { KennelIssue } from './kennelIssue.js';
import { kennelIssues } from './readKennel.js';
import { compileSchema, schemaIssues } from './schemaIssues.js';

const checks = new Map<KennelList, ValidateFunction>();

function checkOf(list: KennelList): ValidateFunction {
  let check = checks.get(list);
  if (check === undefined) {
    check = compileSchema(list === 'settings' ? settingsSchema() : KennelFileSchema.properties[list].items);
    checks.set(list, check);
  }
  return check;
}

function settingsSchema(): object {
  const { settings, name } = KennelFileSchema.properties;
  return {
    ...settings,
    properties: { ...settings.properties, name, id: { const: SETTINGS_ID } },
    required: [...settings.required, 'name', 'id'],
  };
}

/**
 * Issues that changes bring into a kennel (its work records may be left out of it). Paths begin with `changes[k].` where an
 * issue is about the row of change k; others keep the path of the file.
 */
export function changeIssues(
  kennel: KennelFile,
  changes: readonly RowChange[],
  shipped: CareLibrary,
  today: LocalDay,
): KennelIssue[] {
  const bad = changes.flatMap((change, k) => [...rowIssues(change, k), ...dayIssues(change, k, today)]);
  if (bad.length > 0) return bad;
  const after = applyChanges(kennel, changes);
  const seen = new Set(kennelIssues(kennel, shipped).map((issue) => JSON.stringify(named(issue, kennel))));
  const places = placesOf(after, changes);
  return kennelIssues(after, shipped)
    .filter((issue) => !seen.has(JSON.stringify(named(issue, after))) && !isForLater(issue))
    .map((issue) => ({ ...issue, path: pathAmong(issue.path, places) }));
}

/** A kennel that is being set up has no lead or nobody for a task yet: planning says so when it matters. */
function isForLater(issue: KennelIssue): boolean {
  return issue.code === 'nobodyCan';
}

function rowIssues({ list, id, to }: RowChange, k: number): KennelIssue[] {
  if (to === null) return [];
  const at = `changes[${String(k)}]`;
  if (to.id !== id) return [{ code: 'unknownId', path: `${at}.id`, what: 'row', id: to.id }];
  const check = checkOf(list);
  if (check(to)) return [];
  return schemaIssues(check.errors ?? []).map((issue) => ({
    ...issue,
    path: issue.path === 'file' ? at : `${at}.${issue.path.replace(/^\./, '')}`,
  }));
}

/** A dog is born by today; what is entered anew is still to come. */
function dayIssues({ list, from, to }: RowChange, k: number, today: LocalDay): KennelIssue[] {
  const path = `changes[${String(k)}]`;
  const dayOf = (field: string): string | null =>
    typeof to?.[field] === 'string' && A_DAY.test(to[field]) ? to[field] : null;
  const born = list === 'dogs' ? dayOf('born') : null;
  if (born !== null && born > today) return [{ code: 'bornAfter', path: `${path}.born`, born, today }];
  const day = list === 'entries' && from === null ? dayOf('day') : null;
  if (day !== null && day < today) return [{ code: 'dayPast', path: `${path}.day`, day, today }];
  return [];
}

const A_DAY = /^\d{4}-\d{2}-\d{2}$/;
const PATH = /^([a-z]+)\[(\d+)\](.*)$/;

/** An issue by the id of its row instead of its place: rows move when others come and go. */
function named(issue: KennelIssue, kennel: KennelFile): KennelIssue {
  const found = PATH.exec(issue.path);
  const rows = found?.[1] === undefined ? undefined : (kennel as unknown as Record<string, unknown>)[found[1]];
  if (found === null || !Array.isArray(rows)) return issue;
  const row = rows[Number(found[2])] as { readonly id?: string } | undefined;
  return { ...issue, path: `${row?.id ?? ''}${found[3] ?? ''}` };
}

/** By path of a row in the file: the change that brought it. */
function placesOf(after: KennelFile, changes: readonly RowChange[]): Map<string, number> {
  const places = new Map<string, number>();
  for (const list of new Set(changes.map((c) => c.list))) {
    const at = new Map(changes.flatMap((c, k) => (c.list === list ? [[c.id, k] as const] : [])));
    if (list === 'settings') {
      places.set('settings', at.get(SETTINGS_ID) ?? 0);
      continue;
    }
    rowsOf(after, list).forEach((row, i) => {
      const k = at.get(row.id);
      if (k !== undefined) places.set(`${list}[${String(i)}]`, k);
    });
  }
  return places;
}

function pathAmong(path: string, places: ReadonlyMap<string, number>): string {
  const root = path.startsWith('settings') ? 'settings' : (/^[a-z]+\[\d+\]/.exec(path)?.[0] ?? '');
  const k = places.get(root);
  return k === undefined ? path : `changes[${String(k)}]${path.slice(root.length)}`;
}
