/* Attacks, and what must not work any more: bodies, guesses, borrowed commands, other dogs’ marks. */
import request from 'supertest';
import { v7 } from 'uuid';
import { EXIT_CHECKS } from '@loyal-mane/core';
import type { KennelDog, PlannedActivity } from '@loyal-mane/core';
import { fromJson } from '../src/db/rows.js';
import { DEMO_PASSWORD } from '../src/kennel/insertKennel.js';
import type { Hand, World } from './world.js';
import { DEMO, openWorld, ownerOf, signInAs } from './world.js';

let world: World;
let lead: Hand;
let bather: Hand;

beforeAll(async () => {
  world = await openWorld('attacks');
  [lead, bather] = await Promise.all([signInAs(world, 'maren'), signInAs(world, 'tuva')]);
}, 120_000);
afterAll(() => world.close());

const server = () => world.app.getHttpServer();
const raw = (path: string, text: string) =>
  request(server()).post(path).set('Content-Type', 'application/json').send(text);
const code = (answer: request.Response): string => (answer.body as { code: string }).code;

describe('bodies', () => {
  it('of public routes are at most 10 kB, and are refused before anything is built from them', async () => {
    const nested = await raw('/api/session', '['.repeat(9000));
    expect([nested.status, code(nested)]).toEqual([413, 'tooLarge']);
    const long = await raw('/api/session', `{"signIn":"${'x'.repeat(11_000)}"}`);
    expect([long.status, code(long)]).toEqual([413, 'tooLarge']);
    const wide = Object.fromEntries(Array.from({ length: 900 }, (_, k) => [String(k), 1]));
    expect((await raw('/api/session', JSON.stringify(wide))).status).toBe(413);
  });

  it('are not read of somebody who may not send them', async () => {
    const answer = await bather.post('/api/kennel/open', { kennel: { text: 'x'.repeat(3_000_000) } });
    expect([answer.status, code(answer)]).toEqual([403, 'notAllowed']);
    expect((await raw('/api/kennel/open', '{"a":"x"}')).status).toBe(401);
  });

  it('of signed-in people are measured too', async () => {
    const flat = Object.fromEntries(Array.from({ length: 600 }, (_, k) => [`key${String(k)}`, k]));
    expect((await lead.post('/api/plan-jobs', flat)).status).toBe(413);
    const deep = JSON.parse('['.repeat(60) + ']'.repeat(60)) as object;
    expect((await lead.post('/api/changes', { changes: deep })).status).toBe(413);
  });

  it('with a character that cannot be kept are refused in words, not broken', async () => {
    for (const name of ['\\ud800', 'a\\u0000b']) {
      const text = `{"commandId":"${v7()}","name":"${name}"}`;
      const answer = await request(server())
        .post('/api/devices')
        .set('Cookie', lead.cookie)
        .set('x-csrf-token', lead.csrf)
        .set('Content-Type', 'application/json')
        .send(text);
      expect([answer.status, code(answer)]).toEqual([400, 'badInput']);
    }
  });
});

describe('guessing', () => {
  const guess = (signIn: string, address: string, password = 'guess') =>
    request(server()).post('/api/session').set('X-Forwarded-For', address).send({ signIn, password });
  const statuses = async (tries: Promise<request.Response>[]): Promise<Record<number, number>> => {
    const counts: Record<number, number> = {};
    for (const { status } of await Promise.all(tries)) counts[status] = (counts[status] ?? 0) + 1;
    return counts;
  };
  afterEach(() => world.knex('sign_in_limits').delete());

  it('two hundred at once are eight tries', async () => {
    const counts = await statuses(Array.from({ length: 200 }, () => guess('pia', '203.0.113.5')));
    expect(counts).toEqual({ 401: 8, 429: 192 });
  });

  it('an address that is none is not believed, and counts as the connection’s own', async () => {
    const counts = await statuses(Array.from({ length: 12 }, () => guess('pia', 'x'.repeat(200))));
    expect(counts).toEqual({ 401: 8, 429: 4 });
  });

  it('forty wrong names lock out strangers at that address, not who has signed in from it before', async () => {
    const home = '203.0.113.9';
    await guess('pia', home, DEMO_PASSWORD).expect(200);
    const counts = await statuses(Array.from({ length: 44 }, (_, k) => guess(`nobody${String(k)}`, home)));
    expect(counts).toEqual({ 401: 40, 429: 4 });
    await guess('ivo', home, DEMO_PASSWORD).expect(429);
    await guess('pia', home, DEMO_PASSWORD).expect(200);
  });

  it('guesses from elsewhere do not lock out a person at a known address', async () => {
    await guess('pia', '203.0.113.9', DEMO_PASSWORD).expect(200);
    for (let k = 0; k < 9; k++) await guess('pia', '198.51.100.7');
    await guess('pia', '198.51.100.7', DEMO_PASSWORD).expect(429);
    await guess('pia', '203.0.113.9', DEMO_PASSWORD).expect(200);
  });

  it('a four-digit PIN is not found in a burst, and a day allows thirty tries', async () => {
    const tuva = await signInAs(world, 'tuva');
    await tuva.post('/api/session/own-pin', { password: DEMO_PASSWORD, pin: '2468' }).expect(204);
    const trusted = await lead.post('/api/devices', { commandId: v7(), name: 'Wall' }).expect(204);
    const cookie = (trusted.headers['set-cookie'] as unknown as string[])[0]?.split(';')[0] ?? '';
    const byPin = (pin: string) =>
      request(server()).post('/api/session/pin').set('Cookie', cookie).send({ signIn: 'tuva', pin });
    const counts = await statuses(Array.from({ length: 100 }, (_, k) => byPin(String(1000 + k))));
    expect(counts).toEqual({ 401: 8, 429: 92 });
    await world.knex('sign_in_limits').whereNot('limit_key', 'like', 'pin %').delete();
    await world.knex('sign_in_limits').where('limit_key', 'pin tuva').update({ tries: 30 });
    const late = await byPin('2468').expect(429);
    expect((late.body as { detail: string }).detail).toMatch(/Sign in with the password/);
    await world.knex('sign_in_limits').delete();
    await byPin('2468').expect(200);
  });

  it('of the present password is limited like any other', async () => {
    const jonas = await signInAs(world, 'jonas');
    const change = () => jonas.post('/api/session/password', { old: 'guess', fresh: 'a much longer one' });
    for (let k = 0; k < 8; k++) expect((await change()).status).toBe(401);
    expect((await change()).status).toBe(429);
    expect((await jonas.post('/api/session/own-pin', { password: DEMO_PASSWORD, pin: '1357' })).status).toBe(429);
  });

  it('a changed password takes the PIN with it', async () => {
    const asta = await signInAs(world, 'asta');
    await asta.post('/api/session/own-pin', { password: DEMO_PASSWORD, pin: '1357' }).expect(204);
    const pinOf = () => world.knex('accounts').where({ person_id: asta.personId }).first('pin_hash');
    expect((await pinOf())?.pin_hash).toMatch(/^\$argon2id\$/);
    await asta.post('/api/session/password', { old: DEMO_PASSWORD, fresh: 'a much longer one' }).expect(200);
    expect((await pinOf())?.pin_hash).toBeNull();
  });
});

describe('tasks', () => {
  const planned = (): PlannedActivity[] =>
    world.plan.activities.filter((a) => a.state === 'planned' && a.stationId !== null);
  const path = (a: PlannedActivity, command: string) => `/api/tasks/${encodeURIComponent(a.key)}/${command}`;
  const give = (a: PlannedActivity, command: string, version: number, more: object = {}) =>
    lead.post(path(a, command), { commandId: v7(), version, anyway: true, ...more });
  const coatOf = async (dogId: string): Promise<Partial<KennelDog>> => {
    const row = await world.knex('dogs').where({ id: dogId }).first('coat');
    return fromJson(row?.coat) as Partial<KennelDog>;
  };
  const mark = async (dogId: string, marks: object) => {
    const row = await world.knex('dogs').where({ id: dogId }).first('version');
    const all = { soiled: [], mats: [], unready: [], ...marks };
    await lead.post(`/api/dogs/${dogId}/marks`, { commandId: v7(), version: row?.version, marks: all }).expect(200);
  };

  it('are what the plan says: another dog or step is refused, and minutes are not taken from the sender', async () => {
    const [a] = planned();
    if (a === undefined) throw new Error('no planned task');
    const other = DEMO.dogs.find((d) => d.id !== a.dogId);
    const dog = await give(a, 'start', 0, { dogId: other?.id });
    expect([dog.status, code(dog)]).toEqual([409, 'notAsPlanned']);
    const step = await give(a, 'start', 0, { step: a.step === 'towel' ? 'bath' : 'towel' });
    expect([step.status, code(step)]).toEqual([409, 'notAsPlanned']);
    expect((await give(a, 'start', 0, { expectedMin: 2000 })).status).toBe(400);
    const started = await give(a, 'start', 0).expect(200);
    const { work } = started.body as { work: { dogId: string; step: string; expectedMin: number; version: number } };
    expect(work).toMatchObject({ dogId: a.dogId, step: a.step, expectedMin: a.minutes.usual });
    await give(a, 'undo', 0, {});
    const unknown = await lead.post('/api/tasks/e%3Anobody%3Abath%3A1%3A1/start', { commandId: v7(), version: 0 });
    expect([unknown.status, code(unknown)]).toEqual([404, 'notFound']);
  });

  it('a finish clears its own dog’s marks only, and taking it back keeps what was found since', async () => {
    const bath = planned().find((a) => a.step === 'bath');
    const other = DEMO.dogs.find((d) => d.id !== bath?.dogId);
    if (bath === undefined || other === undefined) throw new Error('no bath in the plan');
    await mark(bath.dogId, { soiled: ['belly'], mats: [] });
    await mark(other.id, { soiled: ['tail'] });
    await give(bath, 'start', 0).expect(200);
    await give(bath, 'finish', 1, { confirmed: EXIT_CHECKS }).expect(200);
    expect((await coatOf(bath.dogId)).soiled).toEqual([]);
    expect((await coatOf(other.id)).soiled).toEqual(['tail']);
    await mark(bath.dogId, { mats: [{ zone: 'behindEar', tightness: 'solid', side: 'left' }] });
    await lead.post(path(bath, 'undo'), { commandId: v7() }).expect(200);
    const coat = await coatOf(bath.dogId);
    expect(coat.soiled).toEqual(['belly']);
    expect(coat.mats).toMatchObject([{ zone: 'behindEar', tightness: 'solid', side: 'left' }]);
    await lead.post(path(bath, 'undo'), { commandId: v7() }).expect(200);
  });

  it('a second task of one dog is asked about first, and done when that is said', async () => {
    const dogs = planned().map((a) => a.dogId);
    const twice = dogs.filter((id, k) => dogs.indexOf(id) !== k).at(-1);
    const [first, second] = planned().filter((a) => a.dogId === twice);
    if (first === undefined || second === undefined) throw new Error('no dog with two tasks');
    await bather.post(path(first, 'start'), { commandId: v7(), version: 0 }).expect(200);
    const asked = await lead.post(path(second, 'start'), { commandId: v7(), version: 0 });
    expect([asked.status, code(asked)]).toEqual([409, 'askFirst']);
    expect((asked.body as { detail: string }).detail).toMatch(/^Tuva Lind is still working on .* Nothing was started/);
    await give(second, 'start', 0).expect(200);
    const kept = await world.knex('events').where({ subject: second.key }).orderBy('number', 'desc').first('change');
    expect(fromJson(kept?.change)).toMatchObject({ anyway: true });
  });

  it('who is at a dog on a table is asked before another dog is begun; after a pause nothing is asked', async () => {
    const busy = (await world.knex('task_work').where({ state: 'running' }).select('dog_id')).map((r) => r.dog_id);
    const stood = planned().filter((a) => a.step === 'keepUpBrush' && a.stationId !== null && !busy.includes(a.dogId));
    const first = stood.at(-1);
    const other = stood.findLast((a) => a.dogId !== first?.dogId);
    if (first === undefined || other === undefined) throw new Error('no two dogs at stations');
    const ivo = await signInAs(world, 'ivo');
    await ivo.post(path(first, 'start'), { commandId: v7(), version: 0 }).expect(200);
    const asked = await ivo.post(path(other, 'start'), { commandId: v7(), version: 0 });
    expect([asked.status, code(asked)]).toEqual([409, 'askFirst']);
    expect((asked.body as { detail: string }).detail).toMatch(
      /^You are still working on \w+ \(.* since \d\d:\d\d\)\. Nothing was started\. A dog is never left alone/,
    );
    // Work that was begun without a network is not asked about afterward: it has happened.
    const before = new Date(world.clock.nowMs() - 5 * 60_000).toISOString();
    await ivo.post(path(other, 'start'), { commandId: v7(), version: 0, at: before }).expect(200);
    await ivo.post(path(other, 'undo'), { commandId: v7() }).expect(200);
    await ivo.post(path(first, 'pause'), { commandId: v7(), version: 1 }).expect(200);
    await ivo.post(path(other, 'start'), { commandId: v7(), version: 0 }).expect(200);
  });
});

describe('commands', () => {
  it('of somebody else, of another route or with another body are not answered by their id', async () => {
    const commandId = v7();
    const body = { commandId, day: '2026-06-30', reason: 'away' };
    await lead.post(`/api/people/${bather.personId}/absences`, body).expect(200);
    await lead.post(`/api/people/${bather.personId}/absences`, body).expect(200);
    const answers = [
      await lead.post(`/api/people/${bather.personId}/absences`, { ...body, day: '2026-07-01' }),
      await lead.post('/api/plan-jobs', { commandId, mode: 'keep' }),
      await bather.post(`/api/dogs/${DEMO.dogs[0]?.id ?? ''}/log`, { commandId, what: 'hold', minutes: 30 }),
    ];
    expect(answers.map((a) => [a.status, code(a)])).toEqual(answers.map(() => [409, 'otherCommand']));
  });

  it('take days of the calendar and names that can be read', async () => {
    const absent = await lead.post(`/api/people/${bather.personId}/absences`, {
      commandId: v7(),
      day: '2026-02-30',
      reason: 'away',
    });
    expect(absent.status).toBe(400);
    for (const name of ['   ', 'a\nb', 'a\u0007b']) {
      const id = v7();
      const changes = [{ list: 'owners', id, from: null, to: { id, name, contact: '' } }];
      expect((await lead.post('/api/changes', { commandId: v7(), changes })).status).toBe(400);
      expect((await lead.post('/api/devices', { commandId: v7(), name })).status).toBe(400);
    }
  });
});

describe('answers', () => {
  it('are kept by no cache, and a strange file address is not there', async () => {
    for (const path of ['/api/kennel', '/api/session', '/api/work'])
      expect((await lead.get(path).expect(200)).headers['cache-control']).toBe('no-store');
  });

  it('tell owners nothing of other owners, rivals or their entries, and refusals name no owner', async () => {
    const owner = await ownerOf(world, lead, 'only-mine', DEMO.owners[1]);
    const another = await ownerOf(world, lead, 'somebody', DEMO.owners[2]);
    const { people } = (await owner.get('/api/kennel').expect(200)).body as { people: { id: string; role: string }[] };
    expect(people.filter((p) => p.role === 'owner').map((p) => p.id)).toEqual([owner.personId]);
    const seen = (await owner.get('/api/plan').expect(200)).text;
    const rivals = DEMO.entries.filter((e) => {
      const dog = DEMO.dogs.find((d) => d.id === e.dogId);
      return dog?.ownerId !== DEMO.owners[1]?.id;
    });
    expect(rivals.filter((e) => seen.includes(e.id)).map((e) => e.id)).toEqual([]);
    expect(seen).not.toContain(another.personId);
    const dog = DEMO.dogs.find((d) => d.ownerId !== undefined);
    const marks = { soiled: [], mats: [], unready: [] };
    const stale = await bather.post(`/api/dogs/${dog?.id ?? ''}/marks`, { commandId: v7(), version: 900, marks });
    expect([stale.status, code(stale)]).toEqual([409, 'stale']);
    expect(stale.text).not.toContain(dog?.ownerId ?? 'owner');
  });
});

describe('calendar addresses', () => {
  it('end with the sign-in', async () => {
    const pia = await signInAs(world, 'pia');
    const made = await pia.post('/api/feeds', { commandId: v7(), of: 'person', id: pia.personId }).expect(200);
    const { path } = made.body as { path: string };
    await request(server()).get(path).expect(200);
    await lead.post(`/api/people/${pia.personId}/close-sign-in`, { commandId: v7() }).expect(204);
    await request(server()).get(path).expect(404);
  });
});
