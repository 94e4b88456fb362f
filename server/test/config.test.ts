/* The environment: each variable is checked by name, cookies follow TLS, log lines tell no secrets. */
import { mkdtempSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { addDays, daysBetween, localDayOf, wallTimeOf, wallToMs, weekday } from '@loyal-mane/core';
import { DEMO_MORNING, freshOffsetMs, keepOffsetMs, keptOffsetMs } from '../../scripts/demoClock.mjs';
import { Writable } from 'node:stream';
import { pino } from 'pino';
import request from 'supertest';
import { ShiftedClock } from '../src/clock.js';
import type { Config } from '../src/config.js';
import { ConfigError, readConfig } from '../src/config.js';
import { createApp } from '../src/createApp.js';
import { openDatabase } from '../src/db/connect.js';
import { DEMO_PASSWORD } from '../src/kennel/insertKennel.js';
import type { World } from './world.js';
import { DAWN_MS, DEMO, openWorld } from './world.js';

const DATABASE_URL = 'mysql://a:b@127.0.0.1:3306';
const read = (env: Record<string, string>): Config => readConfig({ DATABASE_URL, ...env });

describe('the configuration', () => {
  it('has defaults for everything but the database', () => {
    expect(read({})).toMatchObject({
      host: '127.0.0.1',
      port: 8480,
      kennel: 'demo',
      databasePool: 20,
      trustProxy: 'loopback',
      isPublicSecure: null,
      logLevel: 'info',
      logFile: null,
      clockStartMs: null,
      isDemoClock: false,
    });
  });

  it('the demo begins on its working morning, whenever it is opened, and goes on from there', () => {
    const core = { wallToMs, localDayOf, addDays, weekday };
    const { startDay } = DEMO;
    const zone = 'Europe/Oslo';
    for (const at of ['2026-11-29T22:45:00Z', '2026-07-01T03:00:00Z', '2026-03-29T12:00:00Z']) {
      const nowMs = Date.parse(at);
      const demoMs = nowMs + freshOffsetMs(core, { startDay, zone }, nowMs);
      expect(wallTimeOf(demoMs, zone)).toBe(DEMO_MORNING);
      expect(weekday(localDayOf(demoMs, zone))).toBe(weekday(startDay));
      const ago = daysBetween(localDayOf(demoMs, zone), localDayOf(nowMs, zone));
      expect(ago >= 0 && ago < 7).toBe(true);
    }
    const dir = mkdtempSync(path.join(tmpdir(), 'demo-clock-'));
    expect(keptOffsetMs(dir)).toBeNull();
    keepOffsetMs(dir, -5_000);
    expect(keptOffsetMs(dir)).toBe(-5_000);
    expect(readConfig({ DATABASE_URL, CLOCK_START: '2026-06-17T08:20:00Z', DEMO_CLOCK: '1' })).toMatchObject({
      isDemoClock: true,
    });
  });

  it('tells all that is wrong at once, each variable by its name', () => {
    const env = {
      PORT: '70000',
      KENNEL: 'My Kennel',
      DATABASE_POOL: '0',
      CLOCK_START: 'soon',
      TRUST_PROXY: 'everybody',
      PUBLIC_URL: 'kennel.example',
      LOG_LEVEL: 'loud',
    };
    try {
      readConfig(env);
      throw new Error('nothing was refused');
    } catch (error) {
      const lines = error instanceof ConfigError ? error.lines : [];
      expect(lines.map((l) => l.split(':')[0]).sort()).toEqual([...Object.keys(env), 'DATABASE_URL'].sort());
      expect(lines.find((l) => l.startsWith('PUBLIC_URL'))).toMatch(/Write it like https:/);
    }
  });

  it('reads whose word on addresses is taken', () => {
    expect(read({ TRUST_PROXY: '1' }).trustProxy).toBe(1);
    expect(read({ TRUST_PROXY: 'none' }).trustProxy).toBe(false);
    expect(read({ TRUST_PROXY: '10.0.0.0/8, ::1' }).trustProxy).toBe('10.0.0.0/8,::1');
    expect(() => read({ TRUST_PROXY: '10.0.0.0/99' })).toThrow('TRUST_PROXY');
    expect(read({ PUBLIC_URL: 'https://kennel.example' }).isPublicSecure).toBe(true);
    expect(read({ PUBLIC_URL: 'http://10.0.0.5:8480/' }).isPublicSecure).toBe(false);
  });
});

describe('cookies and log lines', () => {
  let world: World;
  const lines: string[] = [];
  beforeAll(async () => {
    world = await openWorld('config');
  }, 120_000);
  afterAll(() => world.close());

  /** The server's answer to a sign-in with this configuration. */
  async function signedIn(more: Partial<Config>, headers: Record<string, string> = {}): Promise<request.Response> {
    const config = { ...world.config, ...more };
    const knex = openDatabase(config);
    const out = new Writable({
      write(chunk: Buffer, _encoding, done) {
        lines.push(chunk.toString());
        done();
      },
    });
    const logger = pino({ level: 'info' }, out);
    const app = await createApp({ config, clock: new ShiftedClock(DAWN_MS), knex, logger });
    try {
      const server = app.getHttpServer();
      await request(server)
        .post('/api/session?secret=in-the-query')
        .set(headers)
        .send({ signIn: 'maren', password: 'wrong-one' });
      return await request(server).post('/api/session').set(headers).send({ signIn: 'maren', password: DEMO_PASSWORD });
    } finally {
      await app.close();
      await knex.destroy();
    }
  }
  const cookieOf = (answer: request.Response): string => String(answer.headers['set-cookie']);

  it('cookies are sent over TLS only where people come by it', async () => {
    expect(cookieOf(await signedIn({}))).not.toMatch(/Secure/);
    expect(cookieOf(await signedIn({}, { 'x-forwarded-proto': 'https' }))).toMatch(/Secure/);
    expect(cookieOf(await signedIn({ trustProxy: false }, { 'x-forwarded-proto': 'https' }))).not.toMatch(/Secure/);
    const secure = await signedIn({ isPublicSecure: true });
    expect(cookieOf(secure)).toMatch(/Secure/);
    expect(secure.headers['strict-transport-security']).toMatch(/max-age/);
  });

  it('log lines tell requests and sign-ins, and no names, passwords, cookies or queries', () => {
    const told = lines.map(
      (line) => JSON.parse(line) as { level: number; msg: string; req?: object; personId?: string },
    );
    expect(told.find((l) => l.msg === 'signed in')?.personId).toMatch(/^[0-9a-f-]{36}$/);
    expect(told.some((l) => l.msg === 'sign-in refused')).toBe(true);
    expect(told.find((l) => l.req !== undefined)?.req).toEqual({ method: 'POST', path: '/api/session' });
    const all = lines.join('');
    for (const secret of [DEMO_PASSWORD, 'wrong-one', 'maren', 'Maren', 'lm_t', 'in-the-query', 'csrf'])
      expect([secret, all.includes(secret)]).toEqual([secret, false]);
  });
});
