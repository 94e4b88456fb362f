/* Who may do what: the table of roles by routes, sign-in, and what bad requests are told. */
import request from 'supertest';
import { v7 } from 'uuid';
import { ROLES } from '@loyal-mane/core';
import type { Role } from '@loyal-mane/core';
import { ROUTE_POLICY, accessOf } from '../src/auth/routePolicy.js';
import type { Hand, World } from './world.js';
import { openWorld, ownerOf, signInAs } from './world.js';

let world: World;
const hands = new Map<Role, Hand>();

beforeAll(async () => {
  world = await openWorld('access');
  for (const [role, name] of [
    ['lead', 'maren'],
    ['finisher', 'ivo'],
    ['bather', 'tuva'],
    ['hand', 'jonas'],
  ] as const) {
    hands.set(role, await signInAs(world, name));
  }
  hands.set('owner', await ownerOf(world, hands.get('lead') as Hand));
}, 120_000);
afterAll(() => world.close());

const server = () => world.app.getHttpServer();
const filled = (path: string): string =>
  path.replace(':key', 'k:x:inspection:2026-06-17:inspection:1:1').replace(':id', v7()).replace(':number', '999999');

interface RouteLayer {
  readonly route?: { readonly path: string; readonly methods: Readonly<Record<string, boolean>> };
}

it('has a line in the table for every route of the application, and no line without a route', () => {
  const router = (world.app.getHttpAdapter().getInstance() as unknown as { router: { stack: RouteLayer[] } }).router;
  const routes = router.stack.flatMap((l) =>
    l.route === undefined ? [] : Object.keys(l.route.methods).map((m) => `${m.toUpperCase()} ${l.route?.path ?? ''}`),
  );
  const api = routes.filter((r) => / \/(api|calendar)/.test(r)).map((r) => r.replace('_ALL', 'ALL'));
  expect(api.length).toBeGreaterThan(20);
  expect([...new Set(api)].sort()).toEqual(Object.keys(ROUTE_POLICY).sort());
});

it('answers health to anybody, and 401 to everybody else without a session, known route or not', async () => {
  await request(server()).get('/api/health').expect(200, { status: 'ok' });
  await request(server()).get('/api/health/ready').expect(200);
  for (const line of [...Object.keys(ROUTE_POLICY), 'GET /api/nonsense', 'POST /api/kennel', 'DELETE /api/dogs/1']) {
    const [method = 'GET', path = ''] = line.split(' ');
    if (accessOf(method, path) === 'public') continue;
    const answer = await request(server())[method.toLowerCase() as 'get'](filled(path));
    expect(`${line} ${String(answer.status)}`).toBe(`${line} 401`);
    expect(answer.headers['content-type']).toMatch('application/problem+json');
    expect((answer.body as { code: string }).code).toBe('notSignedIn');
  }
});

it.each(ROLES)('lets a %s do what the table says and nothing else', async (role) => {
  const hand = hands.get(role) as Hand;
  let refused = 0;
  for (const [line, access] of Object.entries(ROUTE_POLICY)) {
    const [method = 'GET', path = ''] = line.split(' ');
    if (
      access === 'public' ||
      path === '/api/stream' ||
      line === 'DELETE /api/session' ||
      path === '/api/session/password'
    )
      continue;
    // One-time passwords end sessions: only whether it is refused matters here.
    if (role === 'lead' && path.endsWith('one-time-password')) continue;
    const answer = method === 'GET' ? await hand.get(filled(path)) : await hand.post(filled(path), {});
    const allowed = access.includes(role);
    if (!allowed) refused++;
    expect(`${line} ${answer.status === 403 ? 'refused' : 'let in'}`).toBe(`${line} ${allowed ? 'let in' : 'refused'}`);
  }
  expect(refused > 0).toBe(role !== 'lead');
});

it('shows owners to leads only', async () => {
  const lead = (await (hands.get('lead') as Hand).get('/api/kennel').expect(200)).body as {
    owners: unknown[];
    dogs: { ownerId?: string }[];
  };
  const bather = (await (hands.get('bather') as Hand).get('/api/kennel').expect(200)).body as typeof lead;
  expect(lead.owners).toHaveLength(5);
  expect(bather.owners).toHaveLength(0);
  expect(bather.dogs.some((d) => d.ownerId !== undefined)).toBe(false);
  expect(lead.dogs.some((d) => d.ownerId !== undefined)).toBe(true);
});

it('sets an http-only, same-site cookie and wants the token with every write', async () => {
  const answer = await request(server()).post('/api/session').send({ signIn: 'maren', password: 'wrenfold-demo' });
  expect(String(answer.headers['set-cookie'])).toMatch(/lm_t-access=.*HttpOnly; SameSite=Strict/);
  const hand = hands.get('lead') as Hand;
  const body = { commandId: v7(), mode: 'keep' };
  const bare = await request(server()).post('/api/plan-jobs').set('Cookie', hand.cookie).send(body);
  expect(bare.status).toBe(403);
  expect((bare.body as { code: string }).code).toBe('badToken');
});

it('keeps passwords as argon2id and sessions as hashes', async () => {
  const accounts = await world.knex('accounts').select<{ password_hash: string }[]>('password_hash');
  expect(accounts).toHaveLength(7);
  for (const a of accounts) expect(a.password_hash).toMatch(/^\$argon2id\$/);
  const session = await world.knex('sign_in_sessions').first<{ token_hash: string }>();
  expect((hands.get('lead') as Hand).cookie).not.toContain(session.token_hash);
});

describe('bad requests change nothing and say what is wrong', () => {
  const lead = (): Hand => hands.get('lead') as Hand;
  const code = (answer: request.Response) => (answer.body as { code: string }).code;

  it('malformed JSON', async () => {
    const answer = await request(server())
      .post('/api/session')
      .set('Content-Type', 'application/json')
      .send('{"signIn": ');
    expect(answer.status).toBe(400);
    expect((answer.body as { detail: string }).detail).toMatch(/not JSON/);
  });

  it('unknown and missing fields, each by name', async () => {
    const answer = await lead().post('/api/plan-jobs', { commandId: 'no', mode: 'wild', extra: 1 });
    expect(answer.status).toBe(400);
    expect((answer.body as { errors: { path: string }[] }).errors.map((e) => e.path)).toEqual(
      expect.arrayContaining(['commandId', 'mode', 'extra']),
    );
  });

  it('a huge body', async () => {
    const answer = await lead().post('/api/plan-jobs', { commandId: v7(), mode: 'x'.repeat(7_000_000) });
    expect([answer.status, code(answer)]).toEqual([413, 'tooLarge']);
  });

  it('an id that is none, a plan that is not there, a handler who does not show', async () => {
    expect((await lead().post('/api/plans/nonsense/publish', { commandId: v7() })).status).toBe(400);
    expect((await lead().post(`/api/plans/${v7()}/publish`, { commandId: v7() })).status).toBe(409);
    expect((await lead().get(`/api/plan-jobs/${v7()}`)).status).toBe(404);
    const entry = await world.knex('entries').first<{ id: string }>();
    const tuva = hands.get('bather') as Hand;
    const answer = await lead().post(`/api/entries/${entry.id}/handler`, {
      commandId: v7(),
      version: 1,
      handlerId: tuva.personId,
    });
    expect([answer.status, (answer.body as { detail: string }).detail]).toEqual([400, 'Tuva Lind does not show dogs.']);
  });
});

it('stops guessing: eight wrong passwords for a name, then wait', async () => {
  const guess = () => request(server()).post('/api/session').send({ signIn: 'pia', password: 'guess' });
  for (let i = 0; i < 8; i++) expect((await guess()).status).toBe(401);
  expect((await guess()).status).toBe(429);
  await request(server()).post('/api/session').send({ signIn: 'pia', password: 'wrenfold-demo' }).expect(429);
  await world.knex('sign_in_limits').delete();
});

it('makes somebody with a one-time password choose an own one first', async () => {
  const lead = hands.get('lead') as Hand;
  const asta = await signInAs(world, 'asta');
  const made = await lead.post(`/api/people/${asta.personId}/one-time-password`, { commandId: v7() }).expect(200);
  const { password } = made.body as { password: string };
  await asta.get('/api/kennel').expect(401);
  const again = await signInAs(world, 'asta', password);
  const closed = await again.get('/api/kennel');
  expect([closed.status, (closed.body as { code: string }).code]).toEqual([403, 'mustChangePassword']);
  expect((await again.post('/api/session/password', { old: password, fresh: 'short' })).status).toBe(400);
  await again.post('/api/session/password', { old: password, fresh: 'a much longer one' }).expect(200);
  await (await signInAs(world, 'asta', 'a much longer one')).get('/api/kennel').expect(200);
});
