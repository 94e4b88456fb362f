/* Stock on a real database: a mix is taken from its bottle once, two at once both count, nothing goes below empty. */
import { v7 } from 'uuid';
import { localDayOf } from '@loyal-mane/core';
import type { Hand, World } from './world.js';
import { DEMO, openWorld, ownerOf, signInAs } from './world.js';

let world: World;
let lead: Hand;
let bather: Hand;
let owner: Hand;

beforeAll(async () => {
  world = await openWorld('stock');
  [lead, bather] = await Promise.all([signInAs(world, 'maren'), signInAs(world, 'tuva')]);
  owner = await ownerOf(world, lead);
}, 120_000);
afterAll(() => world.close());

interface Bottle {
  readonly id: string;
  readonly product: string;
  readonly leftMl: number;
  readonly openedOn?: string;
  readonly taken?: { readonly ml: number; readonly at: string; readonly by?: string };
  readonly version: number;
}
const bottlesOf = async (hand: Hand): Promise<Bottle[]> =>
  ((await hand.get('/api/kennel').expect(200)).body as { bottles: Bottle[] }).bottles;
const take = (hand: Hand, id: string, ml: number, commandId = v7()) =>
  hand.post(`/api/bottles/${id}/take`, { commandId, ml });
const fresh = async (leftMl: number): Promise<string> => {
  const id = v7();
  const to = { id, product: 'mildWash', name: 'Thistle', sizeMl: 500, leftMl };
  const changes = [{ list: 'bottles', id, from: null, to }];
  await lead.post('/api/changes', { commandId: v7(), changes }).expect(200);
  return id;
};
const leftIn = async (id: string): Promise<Bottle | undefined> => (await bottlesOf(bather)).find((b) => b.id === id);

it('a mix is taken from the bottle, which counts as opened from then on; the same command twice takes once', async () => {
  const id = await fresh(500);
  const commandId = v7();
  await take(bather, id, 120, commandId).expect(200);
  await take(bather, id, 120, commandId).expect(200);
  expect(await leftIn(id)).toMatchObject({
    leftMl: 380,
    openedOn: localDayOf(world.clock.nowMs(), DEMO.settings.timeZone),
  });
  const { personId } = bather;
  expect((await leftIn(id))?.taken).toEqual({ ml: 120, at: expect.stringMatching(/Z$/) as string, by: personId });
  await take(bather, id, -120).expect(200);
  expect((await leftIn(id))?.taken).toBeUndefined();
  await take(bather, id, -400).expect(200);
  // No bottle holds more than it does when full.
  expect(await leftIn(id)).toMatchObject({ leftMl: 500 });
});

it('of two who mix at once both count', async () => {
  const id = await fresh(500);
  const answers = await Promise.all([take(bather, id, 100), take(lead, id, 150)]);
  expect(answers.map((a) => a.status)).toEqual([200, 200]);
  expect((await leftIn(id))?.leftMl).toBe(250);
});

it('who has not seen what another took is told, and nothing more is taken', async () => {
  const id = await fresh(500);
  const version = (await leftIn(id))?.version;
  const seen = (hand: Hand) => hand.post(`/api/bottles/${id}/take`, { commandId: v7(), ml: 100, version });
  await seen(bather).expect(200);
  const refused = await seen(lead).expect(409);
  expect((refused.body as { detail: string }).detail).toMatch(/^Somebody has just taken from this bottle\./);
  expect((await leftIn(id))?.leftMl).toBe(400);
});

it('more than is left is refused in words and nothing is taken', async () => {
  const id = await fresh(90);
  const refused = await take(bather, id, 100).expect(409);
  expect((refused.body as { detail: string }).detail).toBe('Only 90 ml are left in it. Nothing was taken.');
  expect((await leftIn(id))?.leftMl).toBe(90);
  await take(bather, v7(), 10).expect(404);
  await take(bather, id, 1.5).expect(400);
});

it('bottles are the crew’s: owners see none and take none; only leads enter them', async () => {
  const id = await fresh(200);
  expect(await bottlesOf(owner)).toEqual([]);
  await take(owner, id, 10).expect(403);
  const to = { id: v7(), product: 'mildWash', name: 'Mine', sizeMl: 500, leftMl: 500 };
  await bather
    .post('/api/changes', { commandId: v7(), changes: [{ list: 'bottles', id: to.id, from: null, to }] })
    .expect(403);
});

it('a bottle that holds more than it can, or of no product, is refused; the file has it, the trail takes it back', async () => {
  const save = (to: object, id = v7()) =>
    lead.post('/api/changes', { commandId: v7(), changes: [{ list: 'bottles', id, from: null, to: { id, ...to } }] });
  await save({ product: 'soap', name: 'x', sizeMl: 500, leftMl: 10 }).expect(400);
  await save({ product: 'mildWash', name: 'x', sizeMl: 500, leftMl: 501 }).expect(400);
  const id = await fresh(300);
  await take(bather, id, 50).expect(200);
  const out = (await lead.get('/api/export').expect(200)).body as { bottles: Bottle[] };
  expect(out.bottles.find((b) => b.id === id)).toMatchObject({ leftMl: 250 });
  const trail = (await lead.get(`/api/trail?subject=${id}`).expect(200)).body as {
    entries: { number: number; kind: string; mayUndo: boolean }[];
  };
  expect(trail.entries[0]).toMatchObject({ kind: 'bottle.taken', mayUndo: true });
  await lead.post(`/api/trail/${String(trail.entries[0]?.number)}/undo`, { commandId: v7() }).expect(200);
  expect((await leftIn(id))?.leftMl).toBe(300);
});
