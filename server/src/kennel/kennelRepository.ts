/*
 * The whole kennel in and out of the database. Reading happens in one consistent transaction, so that what is planned,
 * exported or shown never mixes two states.
 */
import { Inject, Injectable } from '@nestjs/common';
import type { Knex } from 'knex';
import type { KennelBreed, KennelFile, SchoolChoices, TaskPin, WorkRecord } from '@loyal-mane/core';
import { KENNEL_FORMAT, KENNEL_VERSION } from '@loyal-mane/core';
import { compact, fromJson, toDate, toInstant } from '../db/rows.js';
import { KNEX } from '../tokens.js';

type Row = Record<string, unknown>;

/** Rows are read by column name and handed on under the file's field names; the schema test holds them together. */
function renamed(row: Row, names: Readonly<Record<string, string>>): object {
  return compact(Object.fromEntries(Object.entries(names).map(([to, from]) => [to, row[from]])));
}

const STATION = {
  id: 'id',
  siteId: 'site_id',
  kind: 'kind',
  name: 'name',
  circuitId: 'circuit_id',
  places: 'places',
  lengthCm: 'length_cm',
};
const SHIFT = { id: 'id', personId: 'person_id', day: 'day', start: 'start', end: 'end', overtimeEnd: 'overtime_end' };
const TRANSPORT = {
  id: 'id',
  name: 'name',
  fromSiteId: 'from_site_id',
  toSiteId: 'to_site_id',
  day: 'day',
  depart: 'depart',
  arrive: 'arrive',
};
const DOG = {
  id: 'id',
  name: 'name',
  breed: 'breed',
  sex: 'sex',
  born: 'born',
  weightKg: 'weight_kg',
  ownerId: 'owner_id',
};
const ENTRY = {
  id: 'id',
  dogId: 'dog_id',
  showId: 'show_id',
  ringId: 'ring_id',
  day: 'day',
  ringTime: 'ring_time',
  handlerId: 'handler_id',
  importance: 'importance',
  laterRound: 'later_round',
};
const PERSON = { id: 'id', name: 'name', signIn: 'sign_in', role: 'role', scissorMinPerDay: 'scissor_min_per_day' };

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
    reason: row['reason'],
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
    reason: w.reason ?? null,
  };
}

@Injectable()
export class KennelRepository {
  constructor(@Inject(KNEX) private readonly knex: Knex) {}

  /** Whether a kennel has been put in yet. */
  async isEmpty(): Promise<boolean> {
    return (await this.knex('settings').first('id')) === undefined;
  }

  /** Versions of the rows that people edit, by id. */
  async versions(): Promise<Map<string, number>> {
    const rows = await Promise.all(
      ['stations', 'people', 'shifts', 'dogs', 'shows', 'entries'].map((t) =>
        this.knex(t).select<{ id: string; version: number }[]>('id', 'version'),
      ),
    );
    return new Map(rows.flat().map((r) => [r.id, r.version]));
  }

  /** Versions of the kennel's own breeds, by name. */
  async breedVersions(): Promise<Map<string, number>> {
    const rows = await this.knex('breeds').select<{ name: string; version: number }[]>('name', 'version');
    return new Map(rows.map((r) => [r.name, r.version]));
  }

  /** The whole kennel, as of one moment (MariaDB's default isolation, repeatable read); lists in a fixed order. */
  async read(): Promise<KennelFile> {
    return this.knex.transaction((trx) => this.readIn(trx), { readOnly: true });
  }

  private async readIn(trx: Knex.Transaction): Promise<KennelFile> {
    const all = (table: string, ...order: string[]): Promise<Row[]> => trx<Row>(table).orderBy(order);
    const settings = await trx<Row>('settings').first();
    if (settings === undefined) throw new Error('KennelRepository.read: there is no kennel in this database');
    const riders = await all('transport_people', 'transport_id', 'person_id');
    const cargo = await all('transport_dogs', 'transport_id', 'dog_id');
    const on = (rows: Row[], id: unknown, column: string) =>
      rows.filter((r) => r['transport_id'] === id).map((r) => r[column]);
    const file: unknown = {
      format: KENNEL_FORMAT,
      version: KENNEL_VERSION,
      name: settings['name'],
      startDay: settings['start_day'],
      settings: {
        timeZone: settings['time_zone'],
        clock: settings['clock'],
        keepUpDaysAhead: settings['keep_up_days_ahead'],
        rampFromKg: settings['ramp_from_kg'],
      },
      ...(await this.methodsIn(trx)),
      ...(await this.breedsIn(trx)),
      sites: (await all('sites', 'id')).map((r) => ({ id: r['id'], name: r['name'], home: r['home'] === 1 })),
      circuits: (await all('circuits', 'id')).map((r) =>
        renamed(r, { id: 'id', siteId: 'site_id', name: 'name', amps: 'amps' }),
      ),
      stations: (await all('stations', 'id')).map((r) => ({
        ...renamed(r, STATION),
        ...(r['ramp'] === null ? {} : { ramp: r['ramp'] === 1 }),
        closures: fromJson(r['closures']),
      })),
      people: (await all('people', 'id')).map((r) => ({
        ...renamed(r, PERSON),
        skills: fromJson(r['skills']),
        ...whereKept(r, 'learning', 'kit'),
      })),
      shifts: (await all('shifts', 'day', 'id')).map((r) => ({ ...renamed(r, SHIFT), pauses: fromJson(r['pauses']) })),
      absences: (await all('absences', 'id')).map((r) =>
        renamed(r, { id: 'id', personId: 'person_id', day: 'day', reason: 'reason' }),
      ),
      transports: (await all('transports', 'day', 'id')).map((r) => ({
        ...renamed(r, TRANSPORT),
        people: on(riders, r['id'], 'person_id'),
        dogs: on(cargo, r['id'], 'dog_id'),
      })),
      owners: (await all('owners', 'id')).map((r) => renamed(r, { id: 'id', name: 'name', contact: 'contact' })),
      dogs: (await all('dogs', 'id')).map((r) => ({ ...renamed(r, DOG), ...(fromJson(r['coat']) as object) })),
      shows: (await all('shows', 'first_day', 'id')).map((r) => ({
        ...renamed(r, { id: 'id', name: 'name', siteId: 'site_id', firstDay: 'first_day', lastDay: 'last_day' }),
        ...whereKept(r, 'rules'),
      })),
      rings: (await all('rings', 'id')).map((r) => renamed(r, { id: 'id', showId: 'show_id', name: 'name' })),
      entries: (await all('entries', 'day', 'ring_time', 'id')).map((r) => renamed(r, ENTRY)),
      work: (await all('task_work', 'task_key')).map(recordFromRow),
      ...(await this.pinsIn(trx)),
    };
    return file as KennelFile;
  }

  /** The kennel's methods in force; nothing while it works as the library says. */
  private async methodsIn(trx: Knex.Transaction): Promise<Pick<KennelFile, 'methods'>> {
    const row = await trx<Row>('methods').orderBy('number', 'desc').first();
    if (row === undefined) return {};
    return {
      methods: {
        number: Number(row['number']),
        schools: fromJson(row['schools']) as SchoolChoices,
        ...whereKept(row, 'steps', 'intervals', 'products'),
      },
    };
  }

  /** Tasks that a lead has set; nothing while there are none. */
  private async pinsIn(trx: Knex.Transaction): Promise<Pick<KennelFile, 'pins'>> {
    const rows = await trx<Row>('task_pins').orderBy('task_key');
    return rows.length === 0 ? {} : { pins: rows.map(pinFromRow) };
  }

  /** Breeds of the kennel's own; nothing while it has none. */
  private async breedsIn(trx: Knex.Transaction): Promise<Pick<KennelFile, 'breeds'>> {
    const rows = await trx<Row>('breeds').orderBy('name');
    return rows.length === 0 ? {} : { breeds: rows.map((r) => fromJson(r['facts']) as KennelBreed) };
  }

  /** Puts a whole kennel into an empty database, all or nothing. */
  async write(trx: Knex.Transaction, k: KennelFile, at: Date): Promise<void> {
    const put = async (table: string, rows: Row[]): Promise<void> => {
      if (rows.length > 0) await trx.batchInsert(table, rows, 200);
    };
    await put('settings', [
      {
        id: 1,
        name: k.name,
        start_day: k.startDay,
        time_zone: k.settings.timeZone,
        clock: k.settings.clock,
        keep_up_days_ahead: k.settings.keepUpDaysAhead,
        ramp_from_kg: k.settings.rampFromKg,
      },
    ]);
    await put(
      'sites',
      k.sites.map((s) => ({ ...s })),
    );
    await put(
      'circuits',
      k.circuits.map((c) => ({ id: c.id, site_id: c.siteId, name: c.name, amps: c.amps })),
    );
    await put(
      'stations',
      k.stations.map((s) => ({
        ...columns(s, STATION),
        ramp: s.ramp ?? null,
        closures: JSON.stringify(s.closures),
      })),
    );
    await put(
      'people',
      k.people.map((p) => ({
        ...columns(p, PERSON),
        skills: JSON.stringify(p.skills),
        learning: jsonOrNull(p.learning),
        kit: jsonOrNull(p.kit),
      })),
    );
    await put(
      'shifts',
      k.shifts.map((s) => ({ ...columns(s, SHIFT), pauses: JSON.stringify(s.pauses) })),
    );
    await put(
      'absences',
      k.absences.map((a) => ({ id: a.id, person_id: a.personId, day: a.day, reason: a.reason })),
    );
    await put(
      'owners',
      k.owners.map((o) => ({ ...o })),
    );
    await put(
      'dogs',
      k.dogs.map((d) => {
        const { id, name, breed, sex, born, weightKg, ownerId, ...coat } = d;
        return {
          id,
          name,
          breed,
          sex,
          born,
          weight_kg: weightKg,
          owner_id: ownerId ?? null,
          coat: JSON.stringify(coat),
        };
      }),
    );
    await put(
      'transports',
      k.transports.map((t) => columns(t, TRANSPORT)),
    );
    await put(
      'transport_people',
      k.transports.flatMap((t) => t.people.map((p) => ({ transport_id: t.id, person_id: p }))),
    );
    await put(
      'transport_dogs',
      k.transports.flatMap((t) => t.dogs.map((d) => ({ transport_id: t.id, dog_id: d }))),
    );
    await put(
      'shows',
      k.shows.map((s) => ({
        id: s.id,
        name: s.name,
        site_id: s.siteId,
        first_day: s.firstDay,
        last_day: s.lastDay,
        rules: jsonOrNull(s.rules),
      })),
    );
    await put(
      'rings',
      k.rings.map((r) => ({ id: r.id, show_id: r.showId, name: r.name })),
    );
    await put(
      'entries',
      k.entries.map((e) => columns(e, ENTRY)),
    );
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
    const { methods } = k;
    if (methods !== undefined) {
      const { number, steps, intervals, products } = methods;
      const kept = {
        schools: JSON.stringify(methods.schools),
        steps: jsonOrNull(steps),
        intervals: jsonOrNull(intervals),
        products: jsonOrNull(products),
      };
      await put('methods', [{ number, made_at: at, made_by: null, ...kept }]);
    }
    await put(
      'breeds',
      (k.breeds ?? []).map((b) => ({ name: b.name, facts: JSON.stringify(b) })),
    );
  }
}

function columns(row: object, names: Readonly<Record<string, string>>): Row {
  return Object.fromEntries(Object.entries(names).map(([from, to]) => [to, (row as Row)[from] ?? null]));
}

function jsonOrNull(value: unknown): string | null {
  return value === undefined ? null : JSON.stringify(value);
}

/** JSON columns that may hold nothing: those that hold something, read. */
function whereKept(row: Row, ...names: readonly string[]): Row {
  return Object.fromEntries(names.flatMap((n) => (row[n] == null ? [] : [[n, fromJson(row[n])]])));
}
