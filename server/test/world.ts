/*
 * A throw-away kennel on a real MariaDB: the demo kennel without history, an application on a database of its own, people
 * signed in. No mocks.
 */
import 'reflect-metadata';
import { readFileSync } from 'node:fs';
import type { NestExpressApplication } from '@nestjs/platform-express';
import type { Knex } from 'knex';
import { pino } from 'pino';
import request from 'supertest';
import { v7 } from 'uuid';
import type { KennelFile, Plan } from '@loyal-mane/core';
import { wallToMs } from '@loyal-mane/core';
import { sharedPlan } from '../../library/test/sharedPlan.js';
import { ShiftedClock } from '../src/clock.js';
import type { Config } from '../src/config.js';
import { createApp } from '../src/createApp.js';
import { createDatabase, openDatabase } from '../src/db/connect.js';
import { migrate } from '../src/db/migrations.js';
import { DEMO_PASSWORD, insertKennel } from '../src/kennel/insertKennel.js';
import { watched } from './watched.js';

export const DEMO = JSON.parse(readFileSync(`${__dirname}/../../library/demo/demo-kennel.json`, 'utf8')) as KennelFile;
export const DAWN_MS = wallToMs(DEMO.startDay, '07:00' as never, DEMO.settings.timeZone);

function databaseUrl(): string {
  const url = process.env['TEST_DATABASE_URL'];
  if (url === undefined) throw new Error('TEST_DATABASE_URL is missing: run the tests with ./test');
  return url;
}

/** The kennel's morning, running on; a test moves it where it needs hours to pass. */
export class TestClock extends ShiftedClock {
  private aheadMs = 0;
  private stoodAtMs: number | null = null;

  override nowMs(): number {
    return this.stoodAtMs ?? super.nowMs() + this.aheadMs;
  }

  /** From now on only `pass` moves it: what is played takes the same moments on every machine. */
  stand(): void {
    this.stoodAtMs = this.nowMs();
  }

  /** Lets so many milliseconds pass at once. */
  pass(ms: number): void {
    this.aheadMs += ms;
    if (this.stoodAtMs !== null) this.stoodAtMs += ms;
  }
}

export interface World {
  readonly app: NestExpressApplication;
  readonly clock: TestClock;
  readonly knex: Knex;
  readonly plan: Plan;
  readonly config: Config;
  readonly close: () => Promise<void>;
}

/** Opens a world of its own name; what an earlier run left of it is dropped. */
export async function openWorld(
  name: string,
  kennel: KennelFile = DEMO,
  more: Partial<Config> = {},
  published: Plan | null = null,
): Promise<World> {
  const config: Config = {
    host: '127.0.0.1',
    port: 0,
    kennel: `t-${name}`,
    databaseUrl: databaseUrl(),
    databasePool: 20,
    webDist: '/nowhere',
    isDemoClock: false,
    clockStartMs: DAWN_MS,
    trustProxy: 'loopback',
    isPublicSecure: null,
    logLevel: 'silent',
    logFile: null,
    airSensor: null,
    labelPrinter: null,
    ...more,
  };
  await createDatabase(config);
  const knex = openDatabase(config);
  await knex.raw('SET FOREIGN_KEY_CHECKS = 0');
  const [rows] = (await knex.raw('SHOW TABLES')) as [Record<string, string>[]];
  await knex.transaction(async (trx) => {
    await trx.raw('SET FOREIGN_KEY_CHECKS = 0');
    for (const row of rows) await trx.raw(`DROP TABLE IF EXISTS \`${Object.values(row)[0] ?? ''}\``);
    await trx.raw('SET FOREIGN_KEY_CHECKS = 1');
  });
  await migrate(knex);
  const clock = new TestClock(DAWN_MS);
  const plan = published ?? sharedPlan(kennel, { nowMs: DAWN_MS, rounds: 4 });
  await insertKennel(knex, clock, kennel, plan, () => ({ password: DEMO_PASSWORD, mustChange: false }));
  const app = await createApp({ config, clock, knex, logger: pino({ level: 'silent' }) });
  const answers = watched(app.getHttpServer());
  const close = async (): Promise<void> => {
    await app.close();
    await knex.destroy();
    if (answers.troubles.length > 0)
      throw new Error(`Answers not as declared:\n${[...new Set(answers.troubles)].join('\n')}`);
  };
  return { app, clock, knex, plan, config, close };
}

/** Somebody signed in, with what every request of theirs needs. */
export interface Hand {
  readonly personId: string;
  readonly cookie: string;
  readonly csrf: string;
  get(path: string): request.Test;
  post(path: string, body: object): request.Test;
}

export async function signInAs(world: World, signIn: string, password = DEMO_PASSWORD): Promise<Hand> {
  const server = world.app.getHttpServer();
  const answer = await request(server).post('/api/session').send({ signIn, password }).expect(200);
  const cookie = (answer.headers['set-cookie'] as unknown as string[])[0]?.split(';')[0] ?? '';
  const { csrf, personId } = answer.body as { csrf: string; personId: string };
  return {
    personId,
    cookie,
    csrf,
    get: (path) => request(server).get(path).set('Cookie', cookie),
    post: (path, body) => request(server).post(path).set('Cookie', cookie).set('x-csrf-token', csrf).send(body),
  };
}

/** A new person who reads the dogs of the first owner, signed in by a welcome link. */
export async function ownerOf(world: World, lead: Hand, signIn = 'own', owner = DEMO.owners[0]): Promise<Hand> {
  const id = v7();
  const to = { id, name: 'Own Er', signIn, role: 'owner', skills: [], ownerId: owner?.id };
  await lead.post('/api/changes', { commandId: v7(), changes: [{ list: 'people', id, from: null, to }] }).expect(200);
  const made = await lead.post(`/api/people/${id}/link`, { commandId: v7() }).expect(200);
  const { link } = made.body as { link: string };
  await request(world.app.getHttpServer())
    .post('/api/session/link')
    .send({ link, password: DEMO_PASSWORD })
    .expect(200);
  return signInAs(world, signIn);
}
