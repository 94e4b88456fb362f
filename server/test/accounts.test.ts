/* Signing in: sessions that can be seen and ended, links, PINs on trusted devices, throttling; owners; calendar addresses. */
import ICAL from 'ical.js';
import request from 'supertest';
import { v7 } from 'uuid';
import type { KennelFile } from '@loyal-mane/core';
import { DEMO_PASSWORD } from '../src/kennel/insertKennel.js';
import { DEMO, openWorld, ownerOf, signInAs } from './world.js';
import type { Hand, World } from './world.js';

let world: World;
let lead: Hand;
const server = () => world.app.getHttpServer();
const personNamed = (signIn: string) => DEMO.people.find((p) => p.signIn === signIn)!;

beforeAll(async () => {
  world = await openWorld('accounts');
  lead = await signInAs(world, 'maren');
}, 120_000);
afterAll(() => world.close());

describe('sessions', () => {
  it('are listed, ended one by one, and all but this one', async () => {
    const [here, there, elsewhere] = [
      await signInAs(world, 'pia'),
      await signInAs(world, 'pia'),
      await signInAs(world, 'pia'),
    ];
    const list = async (hand: Hand) =>
      ((await hand.get('/api/sessions').expect(200)).body as { sessions: { id: string; isThis: boolean }[] }).sessions;
    const lines = await list(there);
    expect(lines).toHaveLength(3);
    expect(lines.filter((l) => l.isThis)).toHaveLength(1);
    await here.post(`/api/sessions/${lines.find((l) => l.isThis)!.id}/end`, {}).expect(204);
    await there.get('/api/session').expect(401);
    await lead.post(`/api/sessions/${(await list(here))[0]!.id}/end`, {}).expect(404);
    await here.post('/api/sessions/end-others', {}).expect(204);
    await elsewhere.get('/api/session').expect(401);
    await here.get('/api/session').expect(200);
  });
});

describe('welcome links', () => {
  it('work once, within three days, and a newer one ends the older', async () => {
    const { id } = personNamed('jonas');
    const linkOf = async (): Promise<string> =>
      ((await lead.post(`/api/people/${id}/link`, { commandId: v7() }).expect(200)).body as { link: string }).link;
    const use = (link: string, password = 'a long enough one') =>
      request(server()).post('/api/session/link').send({ link, password });
    const older = await linkOf();
    const newer = await linkOf();
    await use(older).expect(401);
    await use(newer, 'short').expect(400);
    await use(newer).expect(200);
    await use(newer).expect(401);
    await signInAs(world, 'jonas', 'a long enough one');
    const late = await linkOf();
    await world.knex('welcome_links').update({ expires_at: new Date(0) });
    await use(late).expect(401);
    const kept = await world.knex('welcome_links').select<{ token_hash: string }[]>('token_hash');
    expect(kept.map((k) => k.token_hash)).not.toContain(late);
  });

  it('a closed sign-in ends sessions and passwords; nobody closes their own', async () => {
    const asta = await signInAs(world, 'asta');
    await lead.post(`/api/people/${personNamed('asta').id}/close-sign-in`, { commandId: v7() }).expect(204);
    await asta.get('/api/session').expect(401);
    await request(server()).post('/api/session').send({ signIn: 'asta', password: DEMO_PASSWORD }).expect(401);
    await lead.post(`/api/people/${lead.personId}/close-sign-in`, { commandId: v7() }).expect(409);
  });
});

describe('PINs', () => {
  it('open a session on a device that a lead has trusted, and nowhere else', async () => {
    const tuva = await signInAs(world, 'tuva');
    await tuva.post('/api/session/own-pin', { password: 'wrong', pin: '2468' }).expect(401);
    await tuva.post('/api/session/own-pin', { password: DEMO_PASSWORD, pin: '24' }).expect(400);
    await tuva.post('/api/session/own-pin', { password: DEMO_PASSWORD, pin: '2468' }).expect(204);
    const byPin = (cookie: string, pin = '2468') =>
      request(server()).post('/api/session/pin').set('Cookie', cookie).send({ signIn: 'tuva', pin });
    await byPin('').expect(403);
    expect((await request(server()).get('/api/this-device').expect(200)).body).toEqual({ trusted: false, people: [] });
    const trusted = await lead.post('/api/devices', { commandId: v7(), name: 'Wall' }).expect(204);
    const cookie = (trusted.headers['set-cookie'] as unknown as string[])[0]?.split(';')[0] ?? '';
    const about = await request(server()).get('/api/this-device').set('Cookie', cookie).expect(200);
    expect(about.body).toEqual({ trusted: true, name: 'Wall', people: [{ signIn: 'tuva', name: 'Tuva Lind' }] });
    await byPin(cookie, '1111').expect(401);
    expect((await byPin(cookie).expect(200)).body).toMatchObject({ name: 'Tuva Lind', role: 'bather' });
    const { devices } = (await lead.get('/api/devices').expect(200)).body as { devices: { id: string }[] };
    await lead.post(`/api/devices/${devices[0]!.id}/forget`, {}).expect(204);
    await byPin(cookie).expect(403);
  });

  it('and passwords are throttled by name, and by address', async () => {
    const wrong = (signIn: string) => request(server()).post('/api/session').send({ signIn, password: 'wrong' });
    for (let k = 0; k < 8; k++) await wrong('ivo').expect(401);
    await wrong('ivo').expect(429);
    await request(server()).post('/api/session').send({ signIn: 'ivo', password: DEMO_PASSWORD }).expect(429);
    for (let k = 0; k < 40; k++) {
      const answer = await wrong(`nobody${String(k)}`);
      if (answer.status === 429) break;
    }
    await wrong('somebody-else').expect(429);
    await world.knex('sign_in_limits').delete();
  });
});

describe('owners', () => {
  it('read their own dogs and nothing of others', async () => {
    const owner = DEMO.owners[0]!;
    const hand = await ownerOf(world, lead, 'reader', owner);
    const mine = DEMO.dogs.filter((d) => d.ownerId === owner.id).map((d) => d.id as string);
    const others = DEMO.dogs.filter((d) => d.ownerId !== owner.id).map((d) => d.id as string);
    expect(mine.length).toBeGreaterThan(0);
    const kennel = (await hand.get('/api/kennel').expect(200)).body as KennelFile;
    expect(kennel.dogs.map((d) => d.id).sort()).toEqual([...mine].sort());
    expect(kennel.entries.every((e) => mine.includes(e.dogId))).toBe(true);
    expect([kennel.shifts, kennel.owners, kennel.transports]).toEqual([[], [], []]);
    const seen = JSON.stringify([
      kennel,
      (await hand.get('/api/plan').expect(200)).body,
      (await hand.get('/api/work').expect(200)).body,
    ]);
    expect(others.filter((id) => seen.includes(id))).toEqual([]);
    expect(mine.some((id) => seen.includes(id))).toBe(true);
    await hand.post(`/api/dogs/${others[0]!}/marks`, { commandId: v7(), version: 1, marks: {} }).expect(403);
    await hand.get('/api/export').expect(403);
  });
});

describe('calendar addresses', () => {
  it('hold the published plan until they are revoked', async () => {
    const tuva = await signInAs(world, 'tuva');
    const make = (hand: Hand, of: string, id: string, commandId = v7()) =>
      hand.post('/api/feeds', { commandId, of, id });
    await make(tuva, 'person', personNamed('pia').id).expect(403);
    await make(lead, 'dog', v7()).expect(404);
    const commandId = v7();
    const lost = (await make(tuva, 'person', tuva.personId, commandId).expect(200)).body as { path: string };
    const { path } = (await make(tuva, 'person', tuva.personId, commandId).expect(200)).body as { path: string };
    await request(server()).get(lost.path).expect(404);
    // Somebody else who knows the id of a calendar gets no address to it.
    await make(await signInAs(world, 'ivo'), 'person', personNamed('ivo').id, commandId).expect(400);
    const answer = await request(server()).get(path).expect(200);
    expect(answer.headers['content-type']).toMatch('text/calendar');
    const events = new ICAL.Component(ICAL.parse(answer.text) as unknown[]).getAllSubcomponents('vevent');
    const planned = world.plan.activities.filter(
      (a) => a.people.includes(tuva.personId as never) && a.state !== 'done',
    );
    expect(events).toHaveLength(planned.length);
    const starts = events.map((e) => new ICAL.Event(e).startDate.toJSDate().toISOString()).sort();
    expect(starts).toEqual(planned.map((a) => new Date(a.start).toISOString()).sort());
    const { feeds } = (await tuva.get('/api/feeds').expect(200)).body as { feeds: { id: string }[] };
    expect(feeds).toHaveLength(1);
    expect(JSON.stringify(feeds)).not.toContain(path.slice(10, 30));
    await tuva.post(`/api/feeds/${feeds[0]!.id}/revoke`, {}).expect(204);
    await request(server()).get(path).expect(404);
    await request(server()).get('/calendar/guess.ics').expect(404);
  });
});
