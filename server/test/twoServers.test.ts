/* Two servers on one database: what one writes the other tells and answers, and one command given to both happens once. */
import type { AddressInfo } from 'node:net';
import type { NestExpressApplication } from '@nestjs/platform-express';
import type { Knex } from 'knex';
import { pino } from 'pino';
import request from 'supertest';
import { v7 } from 'uuid';
import { ShiftedClock } from '../src/clock.js';
import { createApp } from '../src/createApp.js';
import { openDatabase } from '../src/db/connect.js';
import type { Hand, World } from './world.js';
import { DAWN_MS, DEMO, openWorld, signInAs } from './world.js';

let world: World;
let maren: Hand;
let second: NestExpressApplication;
let secondKnex: Knex;

beforeAll(async () => {
  world = await openWorld('two');
  secondKnex = openDatabase(world.config);
  const clock = new ShiftedClock(DAWN_MS);
  second = await createApp({ config: world.config, clock, knex: secondKnex, logger: pino({ level: 'silent' }) });
  await second.listen(0, '127.0.0.1');
  maren = await signInAs(world, 'maren');
});

afterAll(async () => {
  await second.close();
  await secondKnex.destroy();
  await world.close();
});

const at = (path: string): string =>
  `http://127.0.0.1:${String((second.getHttpServer().address() as AddressInfo).port)}${path}`;

const readAtSecond = async (path: string): Promise<unknown> =>
  (await fetch(at(path), { headers: { Cookie: maren.cookie } })).json();

interface DogAnswer {
  readonly dogs: readonly { readonly id: string; readonly version: number; readonly marks: { soiled: string[] } }[];
}

const marksOf = async (id: string): Promise<DogAnswer['dogs'][number]> => {
  const { dogs } = (await readAtSecond('/api/kennel')) as DogAnswer;
  return dogs.find((d) => d.id === id) as DogAnswer['dogs'][number];
};

const soil = (dogId: string, version: number, commandId: string, zone: string) => ({
  path: `/api/dogs/${dogId}/marks`,
  body: { commandId, version, marks: { soiled: [zone], mats: [], unready: [] } },
});

it('a session of one is known to the other, and what one wrote the other answers at once', async () => {
  const { id } = DEMO.dogs[0] as { id: string };
  const before = await marksOf(id);
  const { path, body } = soil(id, before.version, v7(), 'belly');
  await maren.post(path, body).expect(200);
  const after = await marksOf(id);
  expect(after.version).toBe(before.version + 1);
  expect(after.marks.soiled).toEqual(['belly']);
});

it('the stream of one tells what the other wrote', async () => {
  const stop = new AbortController();
  const stream = await fetch(at('/api/stream'), { headers: { Cookie: maren.cookie }, signal: stop.signal });
  const reader = stream.body?.getReader();
  const { id } = DEMO.dogs[1] as { id: string };
  const { path, body } = soil(id, (await marksOf(id)).version, v7(), 'belly');
  await maren.post(path, body).expect(200);
  let text = '';
  while (!text.includes(id)) text += new TextDecoder().decode((await reader?.read())?.value as Uint8Array);
  expect(text).toContain(id);
  stop.abort();
});

it('one command that reaches both at once happens once, and both answer the same', async () => {
  const { id } = DEMO.dogs[2] as { id: string };
  const { version } = await marksOf(id);
  const { path, body } = soil(id, version, v7(), 'belly');
  const events = await world.knex('events').count<{ n: number }[]>({ n: '*' });
  const other = request(second.getHttpServer()).post(path).set('Cookie', maren.cookie).set('x-csrf-token', maren.csrf);
  const [one, two] = await Promise.all([maren.post(path, body), other.send(body)]);
  expect([one.status, two.status]).toEqual([200, 200]);
  expect(two.body).toEqual(one.body);
  expect((await marksOf(id)).version).toBe(version + 1);
  const now = await world.knex('events').count<{ n: number }[]>({ n: '*' });
  expect(Number(now[0]?.n)).toBe(Number(events[0]?.n) + 1);
});

it('of two different commands on one version, given to both at once, one wins and the other is told', async () => {
  const { id } = DEMO.dogs[3] as { id: string };
  const { version } = await marksOf(id);
  const mine = soil(id, version, v7(), 'belly');
  const theirs = soil(id, version, v7(), 'tail');
  const other = request(second.getHttpServer()).post(theirs.path);
  const [one, two] = await Promise.all([
    maren.post(mine.path, mine.body),
    other.set('Cookie', maren.cookie).set('x-csrf-token', maren.csrf).send(theirs.body),
  ]);
  expect([one.status, two.status].sort()).toEqual([200, 409]);
  expect((await marksOf(id)).version).toBe(version + 1);
});
