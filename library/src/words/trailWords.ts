/*
 * What somebody did, in words: one line of the trail.
 */
import type { KennelFile, KennelList, KennelRow, RowChange } from '@loyal-mane/core';
import { changedFields, rowsOf } from '@loyal-mane/core';

interface TrailLine {
  readonly kind: string;
  readonly rows: readonly {
    readonly list: string;
    readonly id: string;
    readonly from: unknown;
    readonly to: unknown;
  }[];
  readonly count: number;
}

const LIST_WORDS: Readonly<Record<string, string>> = {
  settings: 'the settings',
  sites: 'site',
  circuits: 'circuit',
  stations: 'station',
  people: 'person',
  shifts: 'shift',
  absences: 'day away',
  owners: 'owner',
  dogs: 'dog',
  transports: 'transport',
  shows: 'show',
  rings: 'ring',
  entries: 'entry',
};

const KIND_WORDS: Readonly<Record<string, string>> = {
  'kennel.opened': 'opened a kennel file',
  'plan.published': 'published a plan',
  'plan.discarded': 'gave up a draft',
  'plan.drafted': 'made a draft',
  'plan.asked': 'asked for a plan',
  'plan.cancelAsked': 'stopped planning',
  'task.start': 'began a task',
  'task.pause': 'paused a task',
  'task.resume': 'went on with a task',
  'task.finish': 'finished a task',
  'task.skip': 'skipped a task',
  'task.undo': 'took a task back',
  'person.password': 'made a one-time password',
  'dog.schools': 'changed the ways for this dog',
  'methods.changed': 'changed the methods',
  'pin.set': 'set a task at a time',
  'pin.removed': 'let a set task go',
  'breed.saved': 'saved a breed',
  'breed.removed': 'removed a breed',
};

const FIELDS_SHOWN = 4;
const VALUE_LENGTH = 40;

/** One line, without the name of who did it: "changed dog Brisk: weight kg 22 to 23". */
export function trailWords(line: TrailLine, kennel: KennelFile): string {
  const [first] = line.rows as readonly RowChange[];
  if (first === undefined) return KIND_WORDS[line.kind.replace(/Coat$/, '')] ?? line.kind.replace(/\./g, ', ');
  const back = line.kind === 'kennel.undone' ? 'took back: ' : '';
  const more = line.count > 1 ? `, and ${String(line.count - 1)} more` : '';
  return `${back}${rowWords(first, kennel)}${more}`;
}

/**
 * Which row of a kennel a complaint is about, "Entry of Brisk on 2026-07-11" for `entries[3].day`; null when the path names no
 * row of it.
 */
export function rowAtWords(path: string, kennel: KennelFile): string | null {
  const [, list, at] = /^([a-z]+)\[(\d+)\]/.exec(path) ?? [];
  if (list === undefined || LIST_WORDS[list] === undefined) return null;
  const row = rowsOf(kennel, list as KennelList)[Number(at)];
  if (row === undefined) return null;
  const words = `${LIST_WORDS[list]}${nameIn({ list: list as KennelList, from: null, to: row }, kennel)}`;
  return `${words.slice(0, 1).toUpperCase()}${words.slice(1)}`;
}

function rowWords(change: RowChange, kennel: KennelFile): string {
  const what = `${LIST_WORDS[change.list] ?? change.list}${nameIn(change, kennel)}`;
  if (change.from === null) return `added ${what}`;
  if (change.to === null) return `removed ${what}`;
  const fields = changedFields(change.from, change.to);
  const shown = fields.slice(0, FIELDS_SHOWN).map((f) => fieldWords(f, change, kennel));
  const rest = fields.length > FIELDS_SHOWN ? ` and ${String(fields.length - FIELDS_SHOWN)} more` : '';
  return `changed ${what}: ${shown.join(', ')}${rest}`;
}

function fieldWords(field: string, { from, to }: RowChange, kennel: KennelFile): string {
  const name = field
    .replace(/([A-Z])/g, ' $1')
    .toLowerCase()
    .replace(/ id$/, '');
  const [before, after] = [from?.[field], to?.[field]];
  if (typeof before === 'object' || typeof after === 'object') return name;
  return `${name} ${valueWords(before, kennel)} to ${valueWords(after, kennel)}`;
}

function valueWords(value: unknown, kennel: KennelFile): string {
  if (value === undefined) return 'nothing';
  if (value === true) return 'yes';
  if (value === false) return 'no';
  if (typeof value !== 'string' && typeof value !== 'number') return 'something else';
  const text = String(value);
  const name = /^[0-9a-f]{8}-/.test(text) ? nameOfId(text, kennel) : text;
  return name.length > VALUE_LENGTH ? `${name.slice(0, VALUE_LENGTH)}...` : name;
}

function nameOfId(id: string, kennel: KennelFile): string {
  for (const list of ['people', 'dogs', 'stations', 'sites', 'circuits', 'owners', 'shows', 'rings'] as const) {
    const name = rowsOf(kennel, list).find((r) => r.id === id)?.['name'];
    if (typeof name === 'string') return name;
  }
  return 'something that is gone';
}

/** " Brisk", " of Maren on 2026-06-18": what tells a row from others of its list. */
function nameIn({ list, from, to }: Pick<RowChange, 'list' | 'from' | 'to'>, kennel: KennelFile): string {
  const row = (to ?? from) as KennelRow;
  if (list === 'settings') return '';
  if (typeof row['name'] === 'string') return ` ${row['name']}`;
  const who = row['personId'] ?? row['dogId'];
  const of = typeof who === 'string' ? ` of ${nameOfId(who, kennel)}` : '';
  return typeof row['day'] === 'string' ? `${of} on ${row['day']}` : of;
}
