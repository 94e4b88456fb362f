/* Care of tools from real work, and photos of dogs: kept without what they tell of their taker, private to the kennel. */
import sharp from 'sharp';
import { v7 } from 'uuid';
import type { KennelFile } from '@loyal-mane/core';
import type { Hand, World } from './world.js';
import { DEMO, openWorld, signInAs } from './world.js';

let world: World;
let lead: Hand;
let tuva: Hand;
let asta: Hand;
let owner: Hand;
/** Somebody who owns one of the dogs. */
const OWNED = DEMO.dogs.find((d) => d.ownerId !== undefined);
const OTHER = DEMO.dogs.find((d) => d.ownerId !== OWNED?.ownerId);

beforeAll(async () => {
  const withOwner: KennelFile = {
    ...DEMO,
    people: [
      ...DEMO.people.filter((p) => p.role !== 'owner'),
      {
        ...{ id: '019b8b74-1800-7000-8000-00000000aaaa' as never, name: 'Olin Vale', signIn: 'olin', role: 'owner' },
        ...{ skills: [], ...(OWNED?.ownerId === undefined ? {} : { ownerId: OWNED.ownerId }) },
      },
    ],
  };
  world = await openWorld('tools', withOwner);
  [lead, tuva, asta, owner] = (await Promise.all(
    (['maren', 'tuva', 'asta', 'olin'] as const).map((name) => signInAs(world, name)),
  )) as [Hand, Hand, Hand, Hand];
}, 120_000);
afterAll(() => world.close());

const DAY_MS = 86_400_000;

describe('care of tools', () => {
  interface Job {
    readonly tool: string;
    readonly job: string;
    readonly isDue: boolean;
    readonly usedMin: number;
    readonly lastAt?: string;
    readonly stationId?: string;
  }
  const jobs = async (hand = tuva): Promise<Job[]> =>
    ((await hand.get('/api/tools').expect(200)).body as { jobs: Job[] }).jobs;
  const care = (hand: Hand, tool: string, job: string, commandId = v7()) =>
    hand.post('/api/tools/care', { commandId, tool, job });

  it('is due from work on record, done with one touch by whoever is there, and due again after the next use', async () => {
    const task = world.plan.activities.find(
      (a) => a.step === 'forceDry' && a.stationId !== null && a.state === 'planned',
    );
    const station = task?.stationId ?? '';
    const filter = async (): Promise<Job | undefined> =>
      (await jobs()).find((j) => j.tool === station && j.job === 'filter');
    const before = await filter();
    const path = `/api/tasks/${encodeURIComponent(task?.key ?? '')}`;
    const { dogId, step } = task as NonNullable<typeof task>;
    const order = { dogId, step, stationId: station, anyway: true };
    await tuva.post(`${path}/start`, { commandId: v7(), version: 0, ...order }).expect(200);
    world.clock.pass(20 * 60_000);
    await tuva.post(`${path}/finish`, { commandId: v7(), version: 1, ...order }).expect(200);
    const used = await filter();
    expect(used?.isDue).toBe(true);
    expect(used?.usedMin).toBe((before?.usedMin ?? 0) + 20);
    const twice = v7();
    await care(asta, station, 'filter', twice).expect(204);
    await care(asta, station, 'filter', twice).expect(204);
    expect(await filter()).toMatchObject({ isDue: false, usedMin: 0 });
    const file = (await lead.get('/api/export').expect(200)).body as KennelFile;
    expect(file.toolCare?.at(-1)).toMatchObject({ tool: station, job: 'filter', by: asta.personId });
  });

  it('by the week comes back after a week', async () => {
    const fire = async (tool: string): Promise<boolean | undefined> =>
      (await jobs()).find((j) => j.tool === tool && j.job === 'fireCheck')?.isDue;
    const tool = (await jobs()).find((j) => j.job === 'fireCheck')?.tool ?? '';
    await care(tuva, tool, 'fireCheck').expect(204);
    expect(await fire(tool)).toBe(false);
    world.clock.pass(7 * DAY_MS);
    expect(await fire(tool)).toBe(true);
    world.clock.pass(-7 * DAY_MS);
  });

  it('of a tool that is none is refused in words, and is not the owners’', async () => {
    const nobody = await care(tuva, `${v7()}.slicker`, 'clear').expect(400);
    expect((nobody.body as { detail: string }).detail).toMatch(/no such tool.*Nothing was noted/);
    await care(tuva, 'the blue slicker', 'clear').expect(400);
    await care(tuva, tuva.personId, 'dance').expect(400);
    await owner.get('/api/tools').expect(403);
  });
});

describe('photos', () => {
  /** A picture of a phone: on its side, with the place where it was taken. */
  const phonePicture = (): Promise<Buffer> =>
    sharp({ create: { width: 3000, height: 1500, channels: 3, background: '#5d432f' } })
      .withExif({ IFD0: { Make: 'A phone' }, IFD3: { GPSLatitudeRef: 'N', GPSLatitude: '59/1 54/1 0/1' } })
      .withMetadata({ orientation: 6 })
      .jpeg()
      .toBuffer();
  const add = (hand: Hand, picture: Buffer | string, more: object = {}) =>
    hand.post('/api/photos', {
      ...{ commandId: v7(), dogId: OWNED?.id, view: 'side', words: ' stacked ' },
      ...{ picture: typeof picture === 'string' ? picture : picture.toString('base64'), ...more },
    });
  const list = async (hand: Hand, dogId = OWNED?.id) => {
    const answer = await hand.get(`/api/dogs/${dogId ?? ''}/photos`).expect(200);
    return (answer.body as { photos: { id: string; words?: string; width: number; height: number }[] }).photos;
  };
  const read = async (hand: Hand, id: string, size = ''): Promise<Buffer> => {
    const answer = await hand.get(`/api/photos/${id}${size}`).expect(200).expect('content-type', 'image/jpeg');
    return answer.body as Buffer;
  };

  it('are turned upright, made smaller, and keep nothing but the picture', async () => {
    const { id } = (await add(tuva, await phonePicture()).expect(200)).body as { id: string };
    expect(await list(asta)).toMatchObject([{ id, words: 'stacked', width: 1000, height: 2000 }]);
    const bytes = await read(asta, id);
    const told = await sharp(bytes).metadata();
    expect([told.width, told.height, told.exif, told.orientation]).toEqual([1000, 2000, undefined, undefined]);
    expect(bytes.includes('A phone')).toBe(false);
    const small = await sharp(await read(asta, id, '?size=small')).metadata();
    expect(small.height).toBe(360);
  });

  it('are seen by an owner of their own dogs only, and added by the crew only', async () => {
    const mine = (await list(owner))[0]?.id ?? '';
    await read(owner, mine);
    const { id } = (await add(tuva, await phonePicture(), { dogId: OTHER?.id }).expect(200)).body as { id: string };
    await owner.get(`/api/photos/${id}`).expect(404);
    await owner.get(`/api/dogs/${OTHER?.id ?? ''}/photos`).expect(404);
    await add(owner, await phonePicture()).expect(403);
  });

  it('that are no pictures are refused in words, and nothing is kept', async () => {
    const before = (await list(tuva)).length;
    const svg = Buffer.from('<svg xmlns="http://www.w3.org/2000/svg" width="9" height="9"/>');
    for (const bad of [Buffer.from('not a picture at all'), svg, (await phonePicture()).subarray(0, 300)]) {
      const answer = await add(tuva, bad).expect(400);
      expect((answer.body as { detail: string }).detail).toMatch(/no picture that can be read.*Nothing was kept/);
    }
    await add(tuva, '').expect(400);
    await add(tuva, await phonePicture(), { view: 'inside' }).expect(400);
    await add(tuva, await phonePicture(), { dogId: v7() }).expect(404);
    await add(tuva, 'A'.repeat(18 * 1024 * 1024)).expect(413);
    expect(await list(tuva)).toHaveLength(before);
  });

  it('are removed by whoever added them, or by a lead', async () => {
    const { id } = (await add(tuva, await phonePicture()).expect(200)).body as { id: string };
    await asta.post(`/api/photos/${id}/remove`, { commandId: v7() }).expect(403);
    await tuva.post(`/api/photos/${id}/remove`, { commandId: v7() }).expect(204);
    await tuva.get(`/api/photos/${id}`).expect(404);
    const [left] = await list(tuva);
    await lead.post(`/api/photos/${left?.id ?? ''}/remove`, { commandId: v7() }).expect(204);
  });
});
