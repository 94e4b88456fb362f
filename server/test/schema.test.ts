/* The schema keeps what code might forget: keys that are foreign, unique or versioned, and migrations that run once. */
import type { Knex } from 'knex';
import { v7 } from 'uuid';
import { migrate } from '../src/db/migrations.js';
import { KennelRepository } from '../src/kennel/kennelRepository.js';
import { DEMO, openWorld } from './world.js';
import type { World } from './world.js';

let world: World;
let knex: Knex;
beforeAll(async () => {
  world = await openWorld('schema');
  knex = world.knex;
});
afterAll(() => world.close());

async function refusalOf(change: Promise<unknown>): Promise<string> {
  return change.then(
    () => 'taken',
    (error: unknown) => (error as { code?: string }).code ?? 'unknown',
  );
}

const anyRow = async (table: string): Promise<Record<string, unknown>> => {
  const row = await knex(table).first<Record<string, unknown> | undefined>();
  if (row === undefined) throw new Error(`${table} is empty`);
  return row;
};

/** A row as it can be inserted again: JSON columns come back read. */
function asText(row: Record<string, unknown>): Record<string, unknown> {
  return Object.fromEntries(
    Object.entries(row).map(([key, value]) => [key, Array.isArray(value) ? JSON.stringify(value) : value]),
  );
}

it('migrates twice without changing anything', async () => {
  const before = await knex('knex_migrations').select('name');
  await migrate(knex);
  expect(await knex('knex_migrations').select('name')).toEqual(before);
  expect(await knex('dogs').count({ n: '*' })).toEqual([{ n: DEMO.dogs.length }]);
});

it.each([
  ['entries', 'dog_id'],
  ['entries', 'ring_id'],
  ['shifts', 'person_id'],
  ['stations', 'site_id'],
  ['rings', 'show_id'],
  ['transport_dogs', 'dog_id'],
  ['accounts', 'person_id'],
])('%s: a %s that points nowhere is refused', async (table, column) => {
  const row = await anyRow(table);
  const copy = { ...asText(row), ...('id' in row ? { id: v7() } : {}), [column]: v7() };
  expect(await refusalOf(knex(table).insert(copy))).toBe('ER_NO_REFERENCED_ROW_2');
});

it.each([
  ['dogs', 'their entries'],
  ['people', 'their shifts'],
  ['shows', 'their rings'],
  ['sites', 'their stations'],
])('%s cannot vanish under %s', async (table) => {
  const row = await anyRow(table);
  expect(await refusalOf(knex(table).where({ id: row['id'] }).delete())).toBe('ER_ROW_IS_REFERENCED_2');
});

it('has each dog once in a ring on a day, one shift a person and day, one sign-in name, one event a command', async () => {
  const entry = await anyRow('entries');
  expect(await refusalOf(knex('entries').insert({ ...entry, id: v7() }))).toBe('ER_DUP_ENTRY');
  const shift = await anyRow('shifts');
  expect(await refusalOf(knex('shifts').insert({ ...asText(shift), id: v7() }))).toBe('ER_DUP_ENTRY');
  const person = await anyRow('people');
  expect(await refusalOf(knex('people').insert({ ...asText(person), id: v7() }))).toBe('ER_DUP_ENTRY');
  const event = {
    number: 900,
    at: new Date(),
    command_id: v7(),
    kind: 'test',
    subject: 'x',
    change: '{}',
    result: '{}',
  };
  await knex('events').insert(event);
  expect(await refusalOf(knex('events').insert({ ...event, number: 901 }))).toBe('ER_DUP_ENTRY');
  await knex('events').where({ number: 900 }).delete();
});

it('gives what people edit a version', async () => {
  for (const table of ['settings', 'people', 'shifts', 'stations', 'dogs', 'entries', 'task_work']) {
    expect(await knex.schema.hasColumn(table, 'version')).toBe(true);
  }
});

it('keeps moments in UTC whatever the session of the database says', async () => {
  const [[row]] = (await knex.raw('SELECT @@session.time_zone AS zone')) as [[{ zone: string }]];
  expect(['+00:00', 'UTC', 'Z']).toContain(row.zone);
  const at = new Date('2026-10-25T00:30:00.000Z');
  const id = v7();
  await knex('sign_in_limits').insert({ limit_key: id, since: at, tries: 1 });
  const back = await knex('sign_in_limits').where({ limit_key: id }).first('since');
  expect(back?.since.toISOString()).toBe(at.toISOString());
});

it('puts a whole kennel in or nothing of it', async () => {
  const dogs = await knex('dogs').count({ n: '*' });
  const broken = { ...DEMO, entries: [{ ...DEMO.entries[0], dogId: v7() }] } as typeof DEMO;
  const fresh = (list: readonly { id: string }[]) => list.map((x) => ({ ...x, id: v7() }));
  const other = { ...broken, owners: fresh(DEMO.owners), dogs: fresh(DEMO.dogs) } as typeof DEMO;
  await expect(knex.transaction((trx) => new KennelRepository(knex).write(trx, other, new Date()))).rejects.toThrow();
  expect(await knex('dogs').count({ n: '*' })).toEqual(dogs);
});
