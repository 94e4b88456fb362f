/*
 * Records are changed by parts: a field that is named is set, null takes it away, what is absent stays.
 */
import type { KennelIssue, RecordResult } from '@loyal-mane/library/reader';
import { issueWords } from '@loyal-mane/library/words';
import { Problem } from '../problem/problem.js';

type Parts = Readonly<Record<string, unknown>>;

/** Parts of a record that change; null takes a part away. */
export interface Patch {
  /** Fields to set. */
  readonly set: Record<string, unknown>;
  /** Fields to take away. */
  readonly gone: readonly string[];
}

/** A patch as it was sent; `fields` null leaves unknown fields to the reader. @throws Problem `badInput` */
export function patchOf(record: Parts, fields: readonly string[] | null): Patch {
  const unknown = fields === null ? undefined : Object.keys(record).find((f) => !fields.includes(f));
  if (unknown !== undefined) {
    throw new Problem('badInput', 'Not everything can be read. Nothing was changed.', {
      errors: [{ path: unknown, detail: 'is not a field of a kennel file' }],
    });
  }
  const entries = Object.entries(record);
  return {
    set: Object.fromEntries(entries.filter(([, value]) => value !== null)),
    gone: entries.filter(([, value]) => value === null).map(([field]) => field),
  };
}

/** The parts that were read. @throws Problem `badInput` with all that cannot be read */
export function checkedParts<T>(result: RecordResult<T>): T {
  if (!result.ok) throw unreadable(result.issues);
  return result.record;
}

/** The values of a record that cannot be read, each with its field. */
export function unreadable(issues: readonly KennelIssue[]): Problem {
  const errors = issues.map((i) => ({ path: i.path, detail: issueWords(i) }));
  const first = errors[0];
  const words = first === undefined ? '' : ` ${first.path}: ${first.detail}.`;
  return new Problem('badInput', `Not everything can be read. Nothing was changed.${words}`, { errors });
}
