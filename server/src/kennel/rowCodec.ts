/*
 * Rows of the database as rows of a kennel file and back, one entry a list: the only place that knows both. The schema
 * test and the round trip of every table hold them together.
 */
import type { KennelList, KennelRow } from '@loyal-mane/core';
import { SETTINGS_ID } from '@loyal-mane/core';
import { fromJson } from '../db/rows.js';

/** A row of a table. */
export type Row = Record<string, unknown>;
type Names = Readonly<Record<string, string>>;

/** How a row of the kennel's file is kept in its table, and read again. */
export interface RowCodec {
  readonly table: string;
  readonly order: readonly string[];
  /** Whether rows carry a version that each change bumps. */
  readonly versioned: boolean;
  readonly fromRow: (row: Row) => KennelRow;
  readonly toRow: (row: KennelRow) => Row;
}

/** Fields that are columns of the same value, fields kept as JSON (absent when null), and yes-or-no fields. */
interface Shape {
  readonly plain: Names;
  readonly json?: readonly string[];
  readonly flags?: Names;
}

function codec(table: string, order: readonly string[], versioned: boolean, shape: Shape): RowCodec {
  const { plain, json = [], flags = {} } = shape;
  const columns = Object.entries(plain);
  const switches = Object.entries(flags);
  return {
    table,
    order,
    versioned,
    // A year has thousands of shifts, and every room waits for them: fields are set one by one.
    fromRow: (row) => {
      const read: Row = {};
      for (const [field, column] of columns) if (row[column] != null) read[field] = row[column];
      for (const f of json) if (row[f] != null) read[f] = fromJson(row[f]);
      for (const [field, column] of switches)
        if (row[column] != null) read[field] = row[column] === 1 || row[column] === true;
      return read as unknown as KennelRow;
    },
    toRow: (row) => ({
      ...Object.fromEntries(Object.entries(plain).map(([field, column]) => [column, row[field] ?? null])),
      ...Object.fromEntries(json.map((f) => [f, row[f] === undefined ? null : JSON.stringify(row[f])])),
      ...Object.fromEntries(switches.map(([field, column]) => [column, row[field] ?? null])),
    }),
  };
}

const DOG: Names = {
  id: 'id',
  name: 'name',
  breed: 'breed',
  sex: 'sex',
  born: 'born',
  weightKg: 'weight_kg',
  ownerId: 'owner_id',
};

const SETTINGS: Names = {
  name: 'name',
  timeZone: 'time_zone',
  clock: 'clock',
  keepUpDaysAhead: 'keep_up_days_ahead',
  rampFromKg: 'ramp_from_kg',
  dogWorkMin: 'dog_work_min',
  dogWalkMin: 'dog_walk_min',
  puppyWorkMin: 'puppy_work_min',
  personWorkMin: 'person_work_min',
  personRestMin: 'person_rest_min',
  nightRestHours: 'night_rest_hours',
};

const settings = codec('settings', ['id'], true, { plain: SETTINGS, flags: { zoneChecked: 'zone_checked' } });
const dogs = codec('dogs', ['id'], true, { plain: DOG });

/** The codec of every list. */
export const ROW_CODECS: Readonly<Record<KennelList, RowCodec>> = {
  settings: {
    ...settings,
    fromRow: (row) => ({ ...settings.fromRow(row), id: SETTINGS_ID }),
    toRow: (row) => ({ ...settings.toRow(row), id: 1 }),
  },
  sites: codec('sites', ['id'], false, { plain: { id: 'id', name: 'name' }, flags: { home: 'home' } }),
  circuits: codec('circuits', ['id'], false, { plain: { id: 'id', siteId: 'site_id', name: 'name', amps: 'amps' } }),
  stations: codec('stations', ['id'], true, {
    plain: {
      id: 'id',
      siteId: 'site_id',
      kind: 'kind',
      name: 'name',
      circuitId: 'circuit_id',
      places: 'places',
      lengthCm: 'length_cm',
    },
    json: ['closures'],
    flags: { ramp: 'ramp' },
  }),
  people: codec('people', ['id'], true, {
    plain: {
      id: 'id',
      name: 'name',
      signIn: 'sign_in',
      role: 'role',
      scissorMinPerDay: 'scissor_min_per_day',
      ownerId: 'owner_id',
      brushingRoute: 'brushing_route',
      trimBegin: 'trim_begin',
    },
    json: ['skills', 'learning', 'kit'],
  }),
  shifts: codec('shifts', ['day', 'id'], true, {
    plain: { id: 'id', personId: 'person_id', day: 'day', start: 'start', end: 'end', overtimeEnd: 'overtime_end' },
    json: ['pauses'],
  }),
  absences: codec('absences', ['id'], false, {
    plain: { id: 'id', personId: 'person_id', day: 'day', reason: 'reason' },
  }),
  owners: codec('owners', ['id'], false, { plain: { id: 'id', name: 'name', contact: 'contact' } }),
  dogs: {
    ...dogs,
    fromRow: (row) => ({ ...dogs.fromRow(row), ...(fromJson(row['coat']) as object) }),
    toRow: (row) => {
      const coat = Object.fromEntries(Object.entries(row).filter(([field]) => !(field in DOG)));
      return { ...dogs.toRow(row), coat: JSON.stringify(coat) };
    },
  },
  transports: codec('transports', ['day', 'id'], false, {
    plain: {
      id: 'id',
      name: 'name',
      fromSiteId: 'from_site_id',
      toSiteId: 'to_site_id',
      day: 'day',
      depart: 'depart',
      arrive: 'arrive',
    },
  }),
  shows: codec('shows', ['first_day', 'id'], true, {
    plain: { id: 'id', name: 'name', siteId: 'site_id', firstDay: 'first_day', lastDay: 'last_day' },
    json: ['rules'],
  }),
  rings: codec('rings', ['id'], false, { plain: { id: 'id', showId: 'show_id', name: 'name' } }),
  entries: codec('entries', ['day', 'ring_time', 'id'], true, {
    plain: {
      id: 'id',
      dogId: 'dog_id',
      showId: 'show_id',
      ringId: 'ring_id',
      day: 'day',
      ringTime: 'ring_time',
      handlerId: 'handler_id',
      importance: 'importance',
      showClass: 'show_class',
      laterRound: 'later_round',
      judge: 'judge',
      flattery: 'flattery',
    },
  }),
  bottles: codec('bottles', ['product', 'id'], true, {
    plain: {
      id: 'id',
      product: 'product',
      name: 'name',
      sizeMl: 'size_ml',
      leftMl: 'left_ml',
      openedOn: 'opened_on',
      expiresOn: 'expires_on',
    },
    json: ['taken'],
  }),
};

/** Tables beside `transports` that hold who and what travels, by field of the row. */
export const TRAVEL = {
  people: { table: 'transport_people', column: 'person_id' },
  dogs: { table: 'transport_dogs', column: 'dog_id' },
} as const;
