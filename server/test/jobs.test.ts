/* Planning jobs over real servers: stopped in the middle, stalled past the lease, two at once; nothing half is kept. */
import type { ChildProcess } from 'node:child_process';
import { spawn } from 'node:child_process';
import { once } from 'node:events';
import { createServer } from 'node:net';
import type { AddressInfo } from 'node:net';
import path from 'node:path';
import { v7 } from 'uuid';
import type { KennelFile } from '@loyal-mane/core';
import { sharedPlan } from '../../library/test/sharedPlan.js';
import { DEMO_PASSWORD } from '../src/kennel/insertKennel.js';
import { PlanService } from '../src/plan/planService.js';
import type { World } from './world.js';
import { DAWN_MS, DEMO, openWorld } from './world.js';

let world: World;
const servers: Server[] = [];

interface Job {
  readonly state: string;
  readonly owner: string | null;
  readonly plan_id: string | null;
}

/** A server of the world's kennel as a process of its own. */
class Server {
  private readonly child: ChildProcess;
  private readonly said: string[] = [];
  private headers: Record<string, string> = {};

  private constructor(private readonly port: number) {
    const { config } = world;
    this.child = spawn(process.execPath, [path.join(__dirname, '../dist/main.js')], {
      env: {
        ...process.env,
        DATABASE_URL: config.databaseUrl,
        KENNEL: config.kennel,
        PORT: String(port),
        CLOCK_START: new Date(DAWN_MS).toISOString(),
        LOG_LEVEL: 'info',
      },
      stdio: ['ignore', 'pipe', 'pipe'],
    });
    this.child.stdout?.on('data', (chunk: Buffer) => this.said.push(chunk.toString()));
    servers.push(this);
  }

  /** Lines of its log, read. */
  get log(): { readonly msg: string; readonly end?: string }[] {
    const lines = this.said.join('').split('\n');
    return lines.filter((l) => l.startsWith('{')).map((l) => JSON.parse(l) as { msg: string });
  }

  /** Starts one on a port that is free now: another run of the tests may be on this machine. */
  static async start(): Promise<Server> {
    const probe = createServer().listen(0, '127.0.0.1');
    await once(probe, 'listening');
    const { port } = probe.address() as AddressInfo;
    probe.close();
    await once(probe, 'close');
    const server = new Server(port);
    await server.isUp();
    return server;
  }

  private async isUp(): Promise<void> {
    await until(
      'the server is up',
      async () => (await fetch(`${this.url}/api/health/ready`).catch(() => null))?.ok === true,
    );
    const answer = await fetch(`${this.url}/api/session`, {
      method: 'POST',
      headers: { 'content-type': 'application/json' },
      body: JSON.stringify({ signIn: 'maren', password: DEMO_PASSWORD }),
    });
    const cookie = answer.headers.get('set-cookie')?.split(';')[0] ?? '';
    const { csrf } = (await answer.json()) as { csrf: string };
    this.headers = { cookie, 'x-csrf-token': csrf, 'content-type': 'application/json' };
  }

  get url(): string {
    return `http://127.0.0.1:${String(this.port)}`;
  }

  async askForPlan(): Promise<string> {
    const body = JSON.stringify({ commandId: v7(), mode: 'fresh' });
    const answer = await fetch(`${this.url}/api/plan-jobs`, { method: 'POST', headers: this.headers, body });
    return ((await answer.json()) as { id: string }).id;
  }

  async cancel(id: string): Promise<number> {
    const body = JSON.stringify({ commandId: v7() });
    const path = `${this.url}/api/plan-jobs/${id}/cancel`;
    return (await fetch(path, { method: 'POST', headers: this.headers, body })).status;
  }

  signal(signal: NodeJS.Signals): void {
    this.child.kill(signal);
  }

  async isGone(): Promise<void> {
    if (this.child.exitCode !== null || this.child.signalCode !== null) return;
    await new Promise((done) => this.child.once('exit', done));
  }
}

const PATIENCE_MS = 150_000;

/** @throws Error with what was waited for, when it does not come */
async function until(what: string, holds: () => Promise<boolean>): Promise<void> {
  const late = performance.now() + PATIENCE_MS;
  while (!(await holds())) {
    if (performance.now() > late) {
      const logs = servers.map((s) => s.log.map((l) => `${l.msg} ${l.end ?? ''}`.trim()).join(', '));
      throw new Error([`${what}: not within ${String(PATIENCE_MS / 1000)} s`, ...logs].join('\n'));
    }
    await new Promise((wake) => setTimeout(wake, 20));
  }
}

async function jobOf(id: string): Promise<Job> {
  const job = await world.knex('plan_jobs').where({ id }).first('state', 'owner', 'plan_id');
  if (job === undefined) throw new Error(`there is no job ${id}`);
  return job;
}
const drafts = async (): Promise<number> => (await world.knex('plans').where({ state: 'draft' })).length;

/** The demo's kennel with nothing done yet: its plan takes seconds, long enough to be stopped in the middle. */
const KENNEL: KennelFile = { ...DEMO, work: [] };

beforeAll(async () => {
  const first = sharedPlan(DEMO, { nowMs: DAWN_MS, rounds: 4 });
  world = await openWorld('jobs', KENNEL, {}, first);
  // The tests' own application would be one more server that takes jobs.
  await world.app.get(PlanService).onModuleDestroy();
});

afterAll(async () => {
  for (const server of servers) {
    server.signal('SIGCONT');
    server.signal('SIGKILL');
    await server.isGone();
  }
  await world.close();
});

/** Waits until a server runs a job, and has been searching. */
const runs = (id: string) => until('the job runs', async () => (await jobOf(id)).state === 'running');

it('a server that is stopped in the middle hands its job back, keeps nothing of it, and another makes it whole', async () => {
  const first = await Server.start();
  const id = await first.askForPlan();
  await runs(id);
  first.signal('SIGTERM');
  await first.isGone();
  expect(await jobOf(id)).toEqual({ state: 'queued', owner: null, plan_id: null });
  expect(await drafts()).toBe(0);
  expect(first.log.map((l) => l.msg)).toEqual(
    expect.arrayContaining(['server started', 'planning started', 'planning ended', 'server stopping']),
  );
  expect(first.log.find((l) => l.msg === 'planning ended')?.end).toBe('stopping');
  const second = await Server.start();
  await until('the job is done', async () => (await jobOf(id)).state === 'done');
  expect(await drafts()).toBe(1);
  second.signal('SIGTERM');
  await second.isGone();
}, 300_000);

it('a server that stalls past its lease can neither renew nor finish what another took', async () => {
  await world.knex('plans').where({ state: 'draft' }).update({ state: 'discarded' });
  const first = await Server.start();
  const id = await first.askForPlan();
  await runs(id);
  const { owner } = await jobOf(id);
  first.signal('SIGSTOP');
  await Server.start();
  await until('another has the job', async () => (await jobOf(id)).owner !== owner);
  first.signal('SIGCONT');
  await until('the job is done', async () => (await jobOf(id)).state === 'done');
  await until('the stalled run ends', () => Promise.resolve(first.log.some((l) => l.msg === 'planning ended')));
  expect(first.log.find((l) => l.msg === 'planning ended')?.end).toBe('lost');
  expect(await drafts()).toBe(1);
  const stored = await world.knex('events').where({ kind: 'plan.drafted' }).count<{ n: number }[]>({ n: '*' });
  const done = await world.knex('plan_jobs').where({ state: 'done' }).count<{ n: number }[]>({ n: '*' });
  expect(stored).toEqual(done);
}, 300_000);

it('two servers run one job once, and a cancel on one ends the thread of the other', async () => {
  const [one, other] = [servers.at(-2), servers.at(-1)];
  if (one === undefined || other === undefined) throw new Error('two servers are needed');
  const done = new Set<string>();
  for (const server of [one, other]) {
    const id = await server.askForPlan();
    done.add(id);
    await runs(id);
    expect(await (server === one ? other : one).cancel(id)).toBe(204);
    await until('the job is canceled', async () => (await jobOf(id)).state === 'cancelled');
  }
  const ends = () => [...one.log, ...other.log].filter((l) => l.msg === 'planning ended').length;
  await until('four runs have ended', () => Promise.resolve(ends() >= 2 + done.size));
  expect(ends()).toBe(2 + done.size);
}, 120_000);
