/*
 * Rows that go with a row that is removed: a person's shifts, a show's rings and entries, a dog's entries and its place on the
 * ferry. What others still need is cleared from them; what cannot be without the row is told by the checks.
 */
import type { KennelFile } from './kennelFile.js';
import type { KennelList, KennelRow, RowChange } from './rowChange.js';
import { rowsOf } from './rowChange.js';

/** Rows of one list that refer to a removed row by a field, and what becomes of them. */
interface Tie {
  readonly list: KennelList;
  readonly field: string;
  readonly then: 'goes' | 'clears' | 'leaves';
}

/** `goes`: removed too; `clears`: the field is taken away; `leaves`: the id is taken out of the field's list. */
const TIES: Readonly<Partial<Record<KennelList, readonly Tie[]>>> = {
  people: [
    { list: 'shifts', field: 'personId', then: 'goes' },
    { list: 'absences', field: 'personId', then: 'goes' },
    { list: 'transports', field: 'people', then: 'leaves' },
    { list: 'entries', field: 'handlerId', then: 'clears' },
    { list: 'dogs', field: 'finisherId', then: 'clears' },
    { list: 'dogs', field: 'batherId', then: 'clears' },
  ],
  dogs: [
    { list: 'entries', field: 'dogId', then: 'goes' },
    { list: 'transports', field: 'dogs', then: 'leaves' },
  ],
  owners: [
    { list: 'dogs', field: 'ownerId', then: 'clears' },
    { list: 'people', field: 'ownerId', then: 'clears' },
  ],
  circuits: [{ list: 'stations', field: 'circuitId', then: 'clears' }],
  shows: [
    { list: 'rings', field: 'showId', then: 'goes' },
    { list: 'entries', field: 'showId', then: 'goes' },
  ],
  rings: [{ list: 'entries', field: 'ringId', then: 'goes' }],
};

/** The changes that remove a row with what goes with it; empty when there is no such row. */
export function removalOf(kennel: KennelFile, list: KennelList, id: string): RowChange[] {
  const row = rowsOf(kennel, list).find((r) => r.id === id);
  if (row === undefined) return [];
  const found = new Map<string, RowChange>();
  for (const tie of TIES[list] ?? []) {
    for (const other of rowsOf(kennel, tie.list)) {
      // A row may be tied twice: a dog to the one who finishes and bathes it.
      const earlier = found.get(other.id);
      if (earlier?.to === null) continue;
      const to = after(earlier?.to ?? other, tie, id);
      if (to !== undefined) found.set(other.id, { list: tie.list, id: other.id, from: other, to });
    }
  }
  return [...found.values(), { list, id, from: row, to: null }];
}

/** The row as it is afterwards, null when it goes, undefined when it has nothing to do with it. */
function after(row: KennelRow, { field, then }: Tie, id: string): KennelRow | null | undefined {
  const value = row[field];
  if (then === 'leaves') {
    const list = value as readonly string[];
    return list.includes(id) ? { ...row, [field]: list.filter((x) => x !== id) } : undefined;
  }
  if (value !== id) return undefined;
  if (then === 'goes') return null;
  return Object.fromEntries(Object.entries(row).filter(([f]) => f !== field)) as KennelRow;
}
