/*
 * Fields that can be brought in from a table: how its column may be called, and how a cell is read.
 */
import { plainHeader } from './readTable.js';

/** Kinds of rows that a table can bring in. */
export const IMPORT_KINDS = ['dogs', 'entries', 'program'] as const;
/** One of `IMPORT_KINDS`. */
export type ImportKind = (typeof IMPORT_KINDS)[number];

/** A cell as a value, or what to write instead. */
export type CellResult = { readonly value: string | number } | { readonly instead: string };

/** A field that a column can hold, with the headers that usually stand over it. */
export interface ImportField {
  readonly name: string;
  readonly label: string;
  readonly needed: boolean;
  /** Other names of its column, as people write them. */
  readonly also: readonly string[];
  readonly read: (cell: string) => CellResult;
}

const asText = (cell: string): CellResult => ({ value: cell });

const LB_IN_KG = 0.453_592_37;

/** A weight in kilograms; pounds are converted. Comma or point. */
export function readWeight(cell: string): CellResult {
  const found = /^(\d+(?:[.,]\d+)?)\s*(kg|lb|lbs)?$/i.exec(cell);
  if (found === null) return { instead: 'a number of kilograms, such as 21.5' };
  const number = Number((found[1] ?? '').replace(',', '.'));
  const isPounds = found[2]?.toLowerCase().startsWith('lb') === true;
  return { value: Math.round(number * (isPounds ? LB_IN_KG : 1) * 10) / 10 };
}

/** A day: 2026-07-04, 4.7.2026, 04/07/2026 where only one reading makes sense. */
export function readDay(cell: string): CellResult {
  const instead = 'a day such as 2026-07-04';
  const iso = /^(\d{4})-(\d{1,2})-(\d{1,2})$/.exec(cell);
  const dotted = /^(\d{1,2})\.(\d{1,2})\.(\d{4})$/.exec(cell);
  const slashed = /^(\d{1,2})\/(\d{1,2})\/(\d{4})$/.exec(cell);
  if (iso !== null) return dayOf(Number(iso[1]), Number(iso[2]), Number(iso[3]), instead);
  if (dotted !== null) return dayOf(Number(dotted[3]), Number(dotted[2]), Number(dotted[1]), instead);
  if (slashed === null) return { instead };
  const [a, b, year] = [Number(slashed[1]), Number(slashed[2]), Number(slashed[3])];
  if (a > 12) return dayOf(year, b, a, instead);
  if (b > 12 || a === b) return dayOf(year, a, b, instead);
  return { instead: `${instead}: ${cell} may be two days` };
}

function dayOf(year: number, month: number, day: number, instead: string): CellResult {
  const date = new Date(Date.UTC(year, month - 1, day));
  const right = date.getUTCFullYear() === year && date.getUTCMonth() === month - 1 && date.getUTCDate() === day;
  return right ? { value: date.toISOString().slice(0, 10) } : { instead };
}

/** A time of day: 9:30, 09.30, 930, 2:30 pm. */
export function readTime(cell: string): CellResult {
  const found = /^(\d{1,2})[.:h ]?(\d{2})(?::\d{2})?\s*(am|pm)?$/i.exec(cell);
  const instead = 'a time such as 09:30';
  if (found === null) return { instead };
  const half = found[3]?.toLowerCase();
  const hour = (Number(found[1]) % (half === undefined ? 24 : 12)) + (half === 'pm' ? 12 : 0);
  if (Number(found[1]) > 23 || Number(found[2]) > 59) return { instead };
  return { value: `${String(hour).padStart(2, '0')}:${found[2] ?? ''}` };
}

const SEXES: Readonly<Record<string, string>> = {
  ...{ dog: 'dog', male: 'dog', m: 'dog', d: 'dog' },
  ...{ bitch: 'bitch', female: 'bitch', f: 'bitch', b: 'bitch' },
};

function readSex(cell: string): CellResult {
  const value = SEXES[cell.toLowerCase()];
  return value === undefined ? { instead: 'dog or bitch' } : { value };
}

function readChip(cell: string): CellResult {
  const digits = cell.replace(/[\s-]/g, '');
  return /^\d{15}$/.test(digits) ? { value: digits } : { instead: '15 digits' };
}

function readCount(cell: string): CellResult {
  return /^\d{1,3}$/.test(cell) && Number(cell) > 0 ? { value: Number(cell) } : { instead: 'a whole number from 1' };
}

const field = (
  name: string,
  label: string,
  needed: boolean,
  also: readonly string[],
  read: ImportField['read'] = asText,
): ImportField => ({ name, label, needed, also, read });

const SHOWN: readonly ImportField[] = [
  field('show', 'Show', false, ['show name', 'circuit', 'event']),
  field('day', 'Day', true, ['date', 'show day', 'judging day'], readDay),
  field('ring', 'Ring', true, ['ring name', 'ring no', 'ring number']),
];

/** Fields by kind of import. */
export const IMPORT_FIELDS: Readonly<Record<ImportKind, readonly ImportField[]>> = {
  dogs: [
    field('name', 'Call name', true, ['name', 'dog', 'dog name']),
    field('breed', 'Breed', true, []),
    field('sex', 'Sex', true, ['gender'], readSex),
    field('born', 'Born', true, ['date of birth', 'birth date', 'birthday', 'dob', 'whelped'], readDay),
    field('weightKg', 'Weight', true, ['weight kg', 'kg', 'weight in kg'], readWeight),
    field('owner', 'Owner', false, ['owner name', 'belongs to']),
    field('microchip', 'Microchip', false, ['chip', 'chip number', 'chip no', 'microchip number'], readChip),
    field('run', 'Run', false, ['kennel run', 'place']),
    field('note', 'Of note', false, ['note', 'notes', 'remark', 'remarks']),
  ],
  entries: [
    field('dog', 'Dog', true, ['name', 'call name', 'dog name', 'microchip', 'chip']),
    ...SHOWN,
    field('ringTime', 'Goes in at', false, ['time', 'ring time', 'at'], readTime),
    field('blockStart', 'Block starts', false, ['start', 'block', 'judging starts'], readTime),
    field('place', 'Place in the ring', false, ['number', 'no', 'number in ring', 'order'], readCount),
    field('showClass', 'Class', false, ['class name']),
    field('handler', 'Shown by', false, ['handler', 'person']),
  ],
  program: [
    ...SHOWN,
    field('breed', 'Breed', true, []),
    field('blockStart', 'Block starts', true, ['start', 'time', 'judging starts', 'from'], readTime),
    field('place', 'First of ours in the ring', false, ['number', 'place', 'place in the ring', 'order'], readCount),
  ],
};

/** Column by field: which column of the table holds it; a field that is not in it has none. */
export type Mapping = Readonly<Record<string, number>>;

/** Finds the columns by their headers; what was chosen before for the same header comes first. */
export function mapColumns(
  kind: ImportKind,
  header: readonly string[],
  remembered: Readonly<Record<string, string>>,
): Mapping {
  const taken = new Set<number>();
  const found: Record<string, number> = {};
  const take = (name: string, at: number): void => {
    if (at < 0 || taken.has(at) || name in found) return;
    found[name] = at;
    taken.add(at);
  };
  const plain = header.map(plainHeader);
  for (const f of IMPORT_FIELDS[kind])
    take(
      f.name,
      plain.findIndex((h) => remembered[h] === f.name),
    );
  for (const f of IMPORT_FIELDS[kind]) {
    for (const wanted of [f.label, f.name, ...f.also]) take(f.name, plain.indexOf(plainHeader(wanted)));
  }
  return found;
}
