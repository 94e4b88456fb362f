/* A kennel file opened in an empty kennel: the same kennel comes out again, its lead stays, nobody else gets in unasked. */
import request from 'supertest';
import { v7 } from 'uuid';
import type { KennelFile } from '@loyal-mane/core';
import { emptyKennel } from '@loyal-mane/library';
import { inOneOrder } from './inOneOrder.js';
import { DEMO, openWorld, signInAs } from './world.js';
import type { Hand, World } from './world.js';

const EMPTY = emptyKennel({ name: 'New', timeZone: 'Europe/Berlin', today: DEMO.startDay, newId: v7 });
const MAREN = DEMO.people.find((p) => p.signIn === 'maren')!.id;

let world: World;
let lead: Hand;

beforeAll(async () => {
  world = await openWorld('open', EMPTY);
  lead = await signInAs(world, 'lead');
}, 120_000);
afterAll(() => world.close());

const open = (kennel: object, becomes: string = MAREN, commandId: string = v7()) =>
  lead.post('/api/kennel/open', { commandId, kennel, becomes });
const exported = async (): Promise<KennelFile> => (await lead.get('/api/export').expect(200)).body as KennelFile;

it.each([
  ['a file with a fault', { ...DEMO, dogs: [{ ...DEMO.dogs[0], weightKg: 900 }] }, MAREN, 'dogs[0].weightKg'],
  ['something else', { hello: 'there' }, MAREN, 'format'],
])('%s is refused by path, and nothing changes', async (_, file, becomes, path) => {
  const answer = await open(file, becomes).expect(400);
  const { errors } = answer.body as { errors: { path: string }[] };
  expect(errors.map((e) => e.path)).toContain(path);
  expect((await exported()).people).toEqual(EMPTY.people);
});

it('who is no lead of the file cannot be whoever opens it', async () => {
  await open(DEMO, DEMO.people.find((p) => p.role === 'hand')!.id).expect(400);
  await open(DEMO, v7()).expect(400);
});

it('opens, gives the same kennel out again, and keeps the lead signed in as somebody of it', async () => {
  const commandId = v7();
  const first = await open(DEMO, MAREN, commandId).expect(200);
  expect(first.body).toEqual({ dogs: DEMO.dogs.length, people: DEMO.people.length });
  expect((await open(DEMO, MAREN, commandId).expect(200)).body).toEqual(first.body);
  expect(inOneOrder(await exported())).toEqual(inOneOrder(DEMO));
  const me = (await lead.get('/api/session').expect(200)).body as { personId: string; name: string };
  expect(me.personId).toBe(MAREN);
  const again = await signInAs(world, 'maren');
  await again.get('/api/kennel').expect(200);
});

it('nobody else signs in until a lead makes a link', async () => {
  const server = world.app.getHttpServer();
  const refused = await request(server).post('/api/session').send({ signIn: 'ivo', password: 'wrenfold-demo' });
  expect(refused.status).toBe(401);
  const ivo = DEMO.people.find((p) => p.signIn === 'ivo')!.id;
  const { link } = (await lead.post(`/api/people/${ivo}/link`, { commandId: v7() }).expect(200)).body as {
    link: string;
  };
  await request(server).post('/api/session/link').send({ link, password: 'a-long-own-one' }).expect(200);
});

it('a kennel with dogs is not opened over', async () => {
  const answer = await open({ ...DEMO, name: 'Other' }).expect(409);
  expect((answer.body as { detail: string }).detail).toContain('in an empty kennel only');
  expect((await exported()).name).toBe(DEMO.name);
});
