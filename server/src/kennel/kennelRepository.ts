/*
 * The whole kennel in and out of the database. Reading happens in one consistent transaction, so that what is planned,
 * exported or shown never mixes two states.
 */
import { Inject, Injectable } from '@nestjs/common';
import type { Knex } from 'knex';
import type { CareRecord, KennelBreed, KennelFile, KennelList, KennelRow, RowChange } from '@loyal-mane/core';
import type { SchoolChoices, TaskPin, WorkRecord } from '@loyal-mane/core';
import { KENNEL_FORMAT, KENNEL_LISTS, KENNEL_VERSION, rowsOf } from '@loyal-mane/core';
import { compact, fromJson, toDate, toInstant } from '../db/rows.js';
import { KNEX } from '../tokens.js';
import type { Row } from './rowCodec.js';
import { ROW_CODECS, TRAVEL } from './rowCodec.js';

/** A record as the file has it. */
function recordFromRow(row: Row): WorkRecord {
  return compact({
    taskKey: row['task_key'],
    dogId: row['dog_id'],
    step: row['step'],
    state: row['state'],
    personId: row['person_id'],
    stationId: row['station_id'],
    startedAt: toInstant(row['started_at'] as Date | null),
    runningSince: toInstant(row['running_since'] as Date | null),
    finishedAt: toInstant(row['finished_at'] as Date | null),
    workedMs: Number(row['worked_ms']),
    expectedMin: row['expected_min'],
    flank: row['flank'],
    reason: row['reason'],
    pauses: row['pauses'] == null ? null : fromJson(row['pauses']),
    soaks: row['soaks'] == null ? null : fromJson(row['soaks']),
    ticked: row['ticked'] == null ? null : fromJson(row['ticked']),
  }) as WorkRecord;
}

/** A task that is set, as the file has it. */
function pinFromRow(row: Row): TaskPin {
  return compact({
    taskKey: row['task_key'],
    start: toInstant(row['start'] as Date),
    personId: row['person_id'],
    stationId: row['station_id'],
  }) as TaskPin;
}

/** A record with the row's version. */
export function workFromRow(row: Row): WorkRecord & { version: number } {
  return { ...recordFromRow(row), version: row['version'] as number };
}

/** Care of a tool, as the file has it. */
export function careFromRow(row: Row): CareRecord {
  return compact({
    id: row['id'],
    tool: row['tool'],
    job: row['job'],
    at: toInstant(row['at'] as Date),
    by: row['person_id'],
  }) as CareRecord;
}

/** Columns of a work record. */
export function workToRow(w: WorkRecord): Row {
  return {
    task_key: w.taskKey,
    dog_id: w.dogId,
    step: w.step,
    state: w.state,
    person_id: w.personId ?? null,
    station_id: w.stationId ?? null,
    started_at: toDate(w.startedAt),
    running_since: toDate(w.runningSince),
    finished_at: toDate(w.finishedAt),
    worked_ms: w.workedMs,
    expected_min: w.expectedMin ?? null,
    flank: w.flank ?? null,
    reason: w.reason ?? null,
    pauses: jsonOrNull(w.pauses),
    soaks: jsonOrNull(w.soaks),
    ticked: jsonOrNull(w.ticked),
  };
}

/** Versions of rows by id; of the kennel's own breeds by name. */
export type Versions = Map<string, number>;

/** Key of a row's columns in the database. */
const keyOf = (list: KennelList, id: string): string | number => (list === 'settings' ? 1 : id);

/** Reads the kennel's tables in one snapshot. */
@Injectable()
export class KennelRepository {
  constructor(@Inject(KNEX) private readonly knex: Knex) {}

  /** Whether a kennel has been put in yet. */
  async isEmpty(): Promise<boolean> {
    return (await this.knex('settings').first('id')) === undefined;
  }

  /** Ids of an owner's dogs; none without an owner. */
  async dogsOf(ownerId: string | null): Promise<Set<string>> {
    if (ownerId === null) return new Set();
    const rows = await this.knex('dogs').where({ owner_id: ownerId }).select('id');
    return new Set(rows.map((r) => r.id));
  }

  /** The whole kennel, as of one moment (MariaDB's default isolation, repeatable read); lists in a fixed order. */
  async read(): Promise<KennelFile> {
    return this.knex.transaction((trx) => this.readIn(trx, true), { readOnly: true });
  }

  /** The kennel without its work records: what rooms and forms show, however many years the records go back. */
  async readWithoutWork(): Promise<KennelFile> {
    return (await this.readVersioned()).kennel;
  }

  /** The kennel without its work records, with the versions of the rows that people edit, read at one moment. */
  async readVersioned(): Promise<{ kennel: KennelFile; versions: Versions }> {
    const versions: Versions = new Map();
    const kennel = await this.knex.transaction((trx) => this.readIn(trx, false, versions), { readOnly: true });
    return { kennel, versions };
  }

  /** The kennel inside a transaction, with its work records or without; versions are put into the map that is given. */
  async readIn(trx: Knex.Transaction, withWork: boolean, versions: Versions | null = null): Promise<KennelFile> {
    const settings = await trx<Row>('settings').first();
    if (settings === undefined) throw new Error('KennelRepository.read: there is no kennel in this database');
    const { name, ...ways } = compact({ ...ROW_CODECS.settings.fromRow(settings), id: undefined }) as Row;
    const lists: Partial<Record<KennelList, readonly KennelRow[]>> = {};
    for (const list of KENNEL_LISTS) {
      if (list === 'settings') continue;
      const rows = await this.rowsIn(trx, list, null, versions);
      // A file without bottles stays one: the list came later than the format.
      if (list !== 'bottles' || rows.length > 0) lists[list] = rows;
    }
    const file: unknown = {
      format: KENNEL_FORMAT,
      version: KENNEL_VERSION,
      name,
      startDay: settings['start_day'],
      settings: ways,
      ...(await this.methodsIn(trx)),
      ...(await this.breedsIn(trx, versions)),
      ...lists,
      work: withWork ? (await trx<Row>('task_work').orderBy('task_key')).map(recordFromRow) : [],
      ...(withWork ? await this.careIn(trx) : {}),
      ...(await this.pinsIn(trx)),
    };
    return file as KennelFile;
  }

  /** The kennel's time zone. */
  async timeZone(): Promise<string> {
    const row = await this.knex('settings').where({ id: 1 }).first('time_zone');
    return row?.time_zone ?? 'UTC';
  }

  /** Rows of a list, all or those of some ids, in the list's order. */
  async rowsIn(
    trx: Knex,
    list: KennelList,
    ids: readonly string[] | null,
    versions: Versions | null = null,
  ): Promise<KennelRow[]> {
    const { table, order, fromRow, versioned } = ROW_CODECS[list];
    const query = trx<Row>(table).orderBy([...order]);
    if (ids !== null)
      void query.whereIn(
        'id',
        ids.map((id) => keyOf(list, id)),
      );
    const found = await query;
    if (versioned && versions !== null)
      for (const row of found) versions.set(row['id'] as string, row['version'] as number);
    const rows = found.map(fromRow);
    return list === 'transports' ? this.withTravel(trx, rows) : rows;
  }

  private async withTravel(trx: Knex, rows: readonly KennelRow[]): Promise<KennelRow[]> {
    const riders = await trx<Row>(TRAVEL.people.table).orderBy(['transport_id', 'person_id']);
    const cargo = await trx<Row>(TRAVEL.dogs.table).orderBy(['transport_id', 'dog_id']);
    const on = (all: Row[], id: string, column: string) =>
      all.filter((r) => r['transport_id'] === id).map((r) => r[column]);
    return rows.map((row) => ({
      ...row,
      people: on(riders, row.id, TRAVEL.people.column),
      dogs: on(cargo, row.id, TRAVEL.dogs.column),
    }));
  }

  /** The kennel's methods in force; nothing while it works as the library says. */
  private async methodsIn(trx: Knex.Transaction): Promise<Pick<KennelFile, 'methods'>> {
    const row = await trx<Row>('methods').orderBy('number', 'desc').first();
    if (row === undefined) return {};
    return {
      methods: {
        number: Number(row['number']),
        schools: fromJson(row['schools']) as SchoolChoices,
        ...whereKept(row, 'steps', 'intervals', 'products', 'lines'),
      },
    };
  }

  /** Tasks that a lead has set; nothing while there are none. */
  private async pinsIn(trx: Knex.Transaction): Promise<Pick<KennelFile, 'pins'>> {
    const rows = await trx<Row>('task_pins').orderBy('task_key');
    return rows.length === 0 ? {} : { pins: rows.map(pinFromRow) };
  }

  /** Care of tools that was done; nothing while there is none. */
  private async careIn(trx: Knex.Transaction): Promise<Pick<KennelFile, 'toolCare'>> {
    const rows = await trx<Row>('tool_care').orderBy(['at', 'id']);
    return rows.length === 0 ? {} : { toolCare: rows.map(careFromRow) };
  }

  /** Breeds of the kennel's own; nothing while it has none. */
  private async breedsIn(trx: Knex.Transaction, versions: Versions | null): Promise<Pick<KennelFile, 'breeds'>> {
    const rows = await trx<Row>('breeds').orderBy('name');
    for (const row of rows) versions?.set(row['name'] as string, row['version'] as number);
    return rows.length === 0 ? {} : { breeds: rows.map((r) => fromJson(r['facts']) as KennelBreed) };
  }

  /** Puts a whole kennel into an empty database, all or nothing. */
  async write(trx: Knex.Transaction, k: KennelFile, at: Date): Promise<void> {
    const put = async (table: string, rows: Row[]): Promise<void> => {
      if (rows.length > 0) await trx.batchInsert(table, rows, 200);
    };
    for (const list of KENNEL_LISTS) {
      const { table, toRow } = ROW_CODECS[list];
      const more = list === 'settings' ? { start_day: k.startDay } : {};
      await put(
        table,
        rowsOf(k, list).map((row) => ({ ...toRow(row), ...more })),
      );
    }
    for (const t of k.transports) await this.putTravel(trx, t);
    await put('task_work', k.work.map(workToRow));
    await put(
      'task_pins',
      (k.pins ?? []).map((p) => ({
        task_key: p.taskKey,
        start: toDate(p.start),
        person_id: p.personId ?? null,
        station_id: p.stationId ?? null,
      })),
    );
    await put(
      'tool_care',
      (k.toolCare ?? []).map(({ id, tool, job, at: when, by }) => ({
        ...{ id, tool, job, at: toDate(when) },
        person_id: by ?? null,
      })),
    );
    const { methods } = k;
    if (methods !== undefined) {
      const { number, steps, intervals, products, lines } = methods;
      const kept = {
        schools: JSON.stringify(methods.schools),
        steps: jsonOrNull(steps),
        intervals: jsonOrNull(intervals),
        products: jsonOrNull(products),
        lines: jsonOrNull(lines),
      };
      await put('methods', [{ number, made_at: at, made_by: null, ...kept }]);
    }
    await put(
      'breeds',
      (k.breeds ?? []).map((b) => ({ name: b.name, facts: JSON.stringify(b) })),
    );
  }

  /** Writes changes: what is new and what changed in the order of the lists, what goes in the order back. */
  async put(trx: Knex.Transaction, changes: readonly RowChange[]): Promise<void> {
    for (const list of KENNEL_LISTS) {
      const mine = changes.filter((c) => c.list === list && c.to !== null);
      const added = mine.filter((c) => c.from === null).map((c) => ROW_CODECS[list].toRow(c.to as KennelRow));
      if (added.length > 0) await trx.batchInsert(ROW_CODECS[list].table, added, 200);
      for (const change of mine) await this.update(trx, change);
    }
    for (const list of [...KENNEL_LISTS].reverse()) {
      const gone = changes.filter((c) => c.list === list && c.to === null).map((c) => keyOf(list, c.id));
      if (gone.length === 0) continue;
      if (list === 'transports')
        for (const { table } of Object.values(TRAVEL)) await trx(table).whereIn('transport_id', gone).delete();
      if (list === 'people') {
        await trx('sign_in_sessions').whereIn('person_id', gone).delete();
        await trx('welcome_links').whereIn('person_id', gone).delete();
        await trx('sign_in_addresses').whereIn('person_id', gone).delete();
        await trx('calendar_feeds').whereIn('made_by', gone).delete();
        await trx('calendar_feeds').where({ of: 'person' }).whereIn('subject_id', gone).delete();
        await trx('accounts').whereIn('person_id', gone).delete();
      }
      await trx(ROW_CODECS[list].table).whereIn('id', gone).delete();
    }
  }

  private async update(trx: Knex.Transaction, { list, id, from, to }: RowChange): Promise<void> {
    const { table, toRow, versioned } = ROW_CODECS[list];
    if (to === null) return;
    if (from !== null) {
      const bump = versioned ? { version: trx.raw('version + 1') } : {};
      await trx(table)
        .where({ id: keyOf(list, id) })
        .update({ ...toRow(to), ...bump });
    }
    if (list === 'transports') await this.putTravel(trx, to);
  }

  private async putTravel(trx: Knex.Transaction, row: object): Promise<void> {
    const { id } = row as KennelRow;
    for (const field of ['people', 'dogs'] as const) {
      const { table, column } = TRAVEL[field];
      const ids = (row as KennelRow)[field] as readonly string[];
      await trx(table).where({ transport_id: id }).delete();
      if (ids.length > 0) await trx(table).insert(ids.map((other) => ({ transport_id: id, [column]: other })));
    }
  }
}

function jsonOrNull(value: unknown): string | null {
  return value === undefined ? null : JSON.stringify(value);
}

/** JSON columns that may hold nothing: those that hold something, read. */
function whereKept(row: Row, ...names: readonly string[]): Row {
  return Object.fromEntries(names.flatMap((n) => (row[n] == null ? [] : [[n, fromJson(row[n])]])));
}
