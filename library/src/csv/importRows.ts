/*
 * Rows of a table as changes of a kennel. Each row is new, changes something, says what is there already, or is wrong with
 * a reason and what to write instead. The same file once more changes nothing.
 */
import type { KennelFile, KennelRow, RowChange, WallTime } from '@loyal-mane/core';
import { DOGS_PER_HOUR, ringTimeAt, sameValue } from '@loyal-mane/core';
import { BREEDS } from '../breedTable.js';
import { PLAIN_DOG } from '../plainDog.js';
import type { ImportKind, Mapping } from './importFields.js';
import { IMPORT_FIELDS } from './importFields.js';
import type { CsvTable, TableRow } from './readTable.js';

/** A cell that cannot be read, by field. */
export interface CellFault {
  /** Header of the column, or the field's name where no column holds it. */
  readonly column: string;
  readonly found: string;
  readonly reason: 'missing' | 'unreadable' | 'unknown' | 'twice' | 'noTime' | 'refused' | 'told';
  /** Advice on what to write instead; for `told`, the fault. */
  readonly instead: string;
}

/** A line of a table: what it would change, or what is wrong with it. */
export interface ImportedRow {
  readonly line: number;
  /** The row's subject, as people would say it. */
  readonly about: string;
  readonly state: 'new' | 'changed' | 'same' | 'bad';
  readonly faults: readonly CellFault[];
  readonly changes: readonly RowChange[];
}

/** The kennel that a table is brought into; ids come in as an argument. */
export interface ImportWorld {
  readonly kennel: KennelFile;
  readonly newId: () => string;
  /** The show that rows without a column for it are about; null = none chosen. */
  readonly showId: string | null;
}

type Values = Record<string, string | number>;

/** All rows as changes. `rest` of a new dog: what a table does not say. */
export function importRows(kind: ImportKind, table: CsvTable, mapping: Mapping, world: ImportWorld): ImportedRow[] {
  const desk = new ImportDesk(world);
  return table.rows.map((row) => {
    const { values, faults } = readCells(kind, table, row, mapping);
    const made =
      faults.length > 0
        ? { about: String(values['name'] ?? values['dog'] ?? ''), faults, changes: [] }
        : desk.make(kind, values);
    const all = made.faults.map((f) => ({ ...f, column: columnOf(f.column, kind, table, mapping) }));
    return { line: row.line, about: made.about, faults: all, changes: made.changes, state: stateOf(all, made.changes) };
  });
}

function stateOf(faults: readonly CellFault[], changes: readonly RowChange[]): ImportedRow['state'] {
  if (faults.length > 0) return 'bad';
  if (changes.length === 0) return 'same';
  return changes.some((c) => c.from === null && c.list !== 'owners' && c.list !== 'rings') ? 'new' : 'changed';
}

function columnOf(field: string, kind: ImportKind, table: CsvTable, mapping: Mapping): string {
  const at = mapping[field];
  return at === undefined
    ? (IMPORT_FIELDS[kind].find((f) => f.name === field)?.label ?? field)
    : (table.header[at] ?? field);
}

function readCells(
  kind: ImportKind,
  table: CsvTable,
  row: TableRow,
  mapping: Mapping,
): { values: Values; faults: CellFault[] } {
  const values: Values = {};
  const faults: CellFault[] = [];
  for (const f of IMPORT_FIELDS[kind]) {
    const at = mapping[f.name];
    const cell = at === undefined ? '' : (row.cells[at] ?? '');
    if (cell === '') {
      if (f.needed)
        faults.push({ column: f.name, found: '', reason: 'missing', instead: `${f.label.toLowerCase()} is needed` });
      continue;
    }
    // An apostrophe before a formula is how such cells go out: they come back as they were.
    const read = f.read(cell.replace(/^'(?=[=+\-@])/, ''));
    if ('value' in read) values[f.name] = read.value;
    else faults.push({ column: f.name, found: cell, reason: 'unreadable', instead: read.instead });
  }
  if (row.cells.length > table.header.length)
    faults.push({
      column: 'the row',
      found: row.cells.slice(table.header.length).join(', '),
      reason: 'unreadable',
      instead: 'as many cells as the header has',
    });
  return { values, faults };
}

interface Made {
  readonly about: string;
  readonly faults: readonly CellFault[];
  readonly changes: readonly RowChange[];
}

/** Makes changes row by row, remembering what earlier rows of the same file brought. */
class ImportDesk {
  private readonly world: ImportWorld;
  private readonly seen = new Set<string>();
  private readonly owners: Map<string, string>;
  private readonly rings = new Map<string, string>();

  constructor(world: ImportWorld) {
    this.world = world;
    this.owners = new Map(world.kennel.owners.map((o) => [o.name.toLowerCase(), o.id]));
    for (const r of world.kennel.rings) this.rings.set(`${r.showId} ${r.name.toLowerCase()}`, r.id);
  }

  make(kind: ImportKind, values: Values): Made {
    if (kind === 'dogs') return this.dog(values);
    return kind === 'entries' ? this.entry(values) : this.program(values);
  }

  private dog(values: Values): Made {
    const { kennel, newId } = this.world;
    const about = String(values['name']);
    const breed = breedNamed(String(values['breed']), kennel);
    if (breed === null)
      return bad(about, 'breed', String(values['breed']), 'unknown', nearestBreed(String(values['breed']), kennel));
    const { owner, ...rest } = values;
    const chip = rest['microchip'];
    const old = kennel.dogs.find((d) =>
      chip !== undefined && d.microchip !== undefined
        ? d.microchip === chip
        : d.name.toLowerCase() === about.toLowerCase() && d.breed === breed,
    );
    const key = String(chip ?? `${about.toLowerCase()} ${breed}`);
    if (this.seen.has(key)) return bad(about, 'name', about, 'twice', 'each dog once');
    this.seen.add(key);
    const owned = owner === undefined ? { changes: [], fields: {} } : this.owner(String(owner));
    const fields = { ...rest, breed, ...owned.fields };
    const from = (old ?? null) as KennelRow | null;
    const id = old?.id ?? newId();
    const to = { ...(old === undefined ? PLAIN_DOG : {}), ...(from ?? {}), ...fields, id } as KennelRow;
    const changes: RowChange[] = sameValue(from, to) ? [] : [...owned.changes, { list: 'dogs', id, from, to }];
    return { about, faults: [], changes };
  }

  private owner(name: string): { changes: RowChange[]; fields: object } {
    const known = this.owners.get(name.toLowerCase());
    if (known !== undefined) return { changes: [], fields: { ownerId: known } };
    const id = this.world.newId();
    this.owners.set(name.toLowerCase(), id);
    return { changes: [{ list: 'owners', id, from: null, to: { id, name, contact: '' } }], fields: { ownerId: id } };
  }

  private entry(values: Values): Made {
    const { kennel, newId } = this.world;
    const called = String(values['dog']);
    const dog = kennel.dogs.find((d) => d.microchip === called || d.name.toLowerCase() === called.toLowerCase());
    if (dog === undefined)
      return bad(called, 'dog', called, 'unknown', 'the name of a dog of the kennel, or its microchip');
    const show = this.show(values);
    if (show === null)
      return bad(called, 'show', String(values['show'] ?? ''), 'unknown', 'the name of a show that is entered');
    const day = String(values['day']);
    if (day < show.firstDay || day > show.lastDay)
      return bad(called, 'day', day, 'refused', `a day of ${show.name}, ${show.firstDay} to ${show.lastDay}`);
    const ringTime = timeOf(values);
    if (ringTime === null)
      return bad(called, 'ringTime', '', 'noTime', 'a ring time, or when the block starts and the place in the ring');
    const handler = values['handler'] === undefined ? undefined : personNamed(String(values['handler']), kennel);
    if (handler === null) return bad(called, 'handler', String(values['handler']), 'unknown', 'somebody of the crew');
    const ring = this.ring(show.id, String(values['ring']));
    const old = kennel.entries.find((e) => e.dogId === dog.id && e.day === day && e.ringId === ring.id);
    const key = `${dog.id} ${day} ${ring.id}`;
    if (this.seen.has(key)) return bad(called, 'dog', called, 'twice', 'each dog once a day in one ring');
    this.seen.add(key);
    const from = (old ?? null) as KennelRow | null;
    const id = old?.id ?? newId();
    const to = {
      ...(from ?? { importance: 2 }),
      ...{ id, dogId: dog.id, showId: show.id, ringId: ring.id, day, ringTime },
      ...(handler === undefined ? {} : { handlerId: handler }),
      ...(values['showClass'] === undefined ? {} : { showClass: values['showClass'] }),
    } as KennelRow;
    const changes: RowChange[] = sameValue(from, to) ? [] : [...ring.changes, { list: 'entries', id, from, to }];
    return { about: `${dog.name}, ${day}`, faults: [], changes };
  }

  /** A line of the judging program: entries of that breed on that day get its ring and their times in it. */
  private program(values: Values): Made {
    const { kennel } = this.world;
    const called = String(values['breed']);
    const breed = breedNamed(called, kennel);
    if (breed === null) return bad(called, 'breed', called, 'unknown', nearestBreed(called, kennel));
    const show = this.show(values);
    if (show === null)
      return bad(called, 'show', String(values['show'] ?? ''), 'unknown', 'the name of a show that is entered');
    const day = String(values['day']);
    const ofBreed = new Set<string>(kennel.dogs.filter((d) => d.breed === breed).map((d) => d.id));
    const mine = kennel.entries
      .filter((e) => e.showId === show.id && e.day === day && ofBreed.has(e.dogId))
      .sort((x, y) => x.ringTime.localeCompare(y.ringTime) || x.id.localeCompare(y.id));
    const ring = this.ring(show.id, String(values['ring']));
    const first = Number(values['place'] ?? 1);
    const changes = mine.flatMap((e, k): RowChange[] => {
      const ringTime = ringTimeAt(String(values['blockStart']) as WallTime, first + k, DOGS_PER_HOUR);
      if (ringTime === null) return [];
      const to = { ...e, ringId: ring.id, ringTime } as unknown as KennelRow;
      return sameValue(e, to) ? [] : [{ list: 'entries', id: e.id, from: e, to }];
    });
    const about = `${breed}, ${day}: ${mine.length === 0 ? 'none of ours' : `${String(mine.length)} of ours`}`;
    return { about, faults: [], changes: changes.length === 0 ? [] : [...ring.changes, ...changes] };
  }

  private show(values: Values) {
    const { kennel, showId } = this.world;
    const name = values['show'];
    if (name === undefined) return kennel.shows.find((s) => s.id === showId) ?? null;
    const day = String(values['day'] ?? '');
    const named = kennel.shows.filter((s) => s.name.toLowerCase() === String(name).toLowerCase());
    return named.find((s) => day >= s.firstDay && day <= s.lastDay) ?? named[0] ?? null;
  }

  private ring(showId: string, written: string): { id: string; changes: RowChange[] } {
    const name = /^\d+$/.test(written) ? `Ring ${written}` : written;
    const key = `${showId} ${name.toLowerCase()}`;
    const known = this.rings.get(key);
    if (known !== undefined) return { id: known, changes: [] };
    const id = this.world.newId();
    this.rings.set(key, id);
    return { id, changes: [{ list: 'rings', id, from: null, to: { id, showId, name } }] };
  }
}

function bad(about: string, column: string, found: string, reason: CellFault['reason'], instead: string): Made {
  return { about, changes: [], faults: [{ column, found, reason, instead }] };
}

function timeOf(values: Values): string | null {
  if (values['ringTime'] !== undefined) return String(values['ringTime']);
  if (values['blockStart'] === undefined || values['place'] === undefined) return null;
  return ringTimeAt(String(values['blockStart']) as WallTime, Number(values['place']), DOGS_PER_HOUR);
}

function breedsOf(kennel: KennelFile): string[] {
  return [...BREEDS.keys(), ...(kennel.breeds ?? []).map((b) => b.name)];
}

function breedNamed(written: string, kennel: KennelFile): string | null {
  return breedsOf(kennel).find((b) => b.toLowerCase() === written.toLowerCase()) ?? null;
}

function nearestBreed(written: string, kennel: KennelFile): string {
  const wanted = written.toLowerCase();
  const near = breedsOf(kennel).find((b) => b.toLowerCase().includes(wanted) || wanted.includes(b.toLowerCase()));
  return near ?? 'a breed of the library, or add it under Methods first';
}

function personNamed(written: string, kennel: KennelFile): string | null {
  const wanted = written.toLowerCase();
  const of = (name: string): boolean => name.toLowerCase() === wanted || name.toLowerCase().split(' ')[0] === wanted;
  return kennel.people.find((p) => of(p.name) || p.signIn === wanted)?.id ?? null;
}
