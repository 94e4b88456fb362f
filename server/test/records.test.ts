/* Records of dogs and people, own breeds, and what work at the bench does to what was found in a coat. */
import { v7 } from 'uuid';
import { EXIT_CHECKS } from '@loyal-mane/core';
import type { PlannedActivity, StepId } from '@loyal-mane/core';
import type { KennelDto } from '../src/kennel/dto.js';
import { DEMO, openWorld, signInAs } from './world.js';
import type { Hand, World } from './world.js';

let world: World;
let lead: Hand;
let bather: Hand;
beforeAll(async () => {
  world = await openWorld('records');
  [lead, bather] = await Promise.all([signInAs(world, 'maren'), signInAs(world, 'tuva')]);
}, 120_000);
afterAll(() => world.close());

const kennel = async (): Promise<KennelDto> => (await lead.get('/api/kennel').expect(200)).body as KennelDto;
const dogOf = async (name: string) => {
  const dog = (await kennel()).dogs.find((d) => d.name === name);
  if (dog === undefined) throw new Error(name);
  return dog;
};
const saveDog = async (name: string, record: object) => {
  const dog = await dogOf(name);
  return lead.post(`/api/dogs/${dog.id}/record`, { commandId: v7(), version: dog.version, record });
};

describe('a dog’s record', () => {
  it('is saved by field, keeps the rest, and takes a field away with null', async () => {
    const colors = [{ zone: 'muzzle', color: 'white' }];
    expect((await saveDog('Tolle', { colors, ground: 'grass', note: 'Likes the mitt.' })).status).toBe(200);
    expect((await dogOf('Tolle')).record).toMatchObject({ colors, ground: 'grass', density: 'normal' });
    expect((await saveDog('Tolle', { ground: null })).status).toBe(200);
    const { record } = await dogOf('Tolle');
    expect(record).not.toHaveProperty('ground');
    expect(record).toMatchObject({ colors });
  });

  it.each([
    [{ cooperation: 3 }, 'cooperation', /at most 1.6/],
    [{ locked: ['elbow'] }, 'locked[0]', /one of/],
    [{ states: [{ kind: 'season' }] }, 'states[0].from', /is missing/],
    [{ shoeSize: 4 }, 'shoeSize', /not a field/],
    [{ mats: [] }, 'mats', /not a field/],
    [{ lastBath: '17th of June' }, 'lastBath', /a day such as/],
    [{ density: null }, 'density', /it stays/],
  ])('refuses %j by path and changes nothing', async (record, path, detail) => {
    const before = await dogOf('Hale');
    const answer = await saveDog('Hale', record);
    expect(answer.status).toBe(400);
    const { errors } = answer.body as { errors: { path: string; detail: string }[] };
    expect(errors.map((e) => e.path)).toContain(path);
    expect(errors.find((e) => e.path === path)?.detail).toMatch(detail);
    expect(await dogOf('Hale')).toEqual(before);
  });

  it('tells a second writer what is there now', async () => {
    const dog = await dogOf('Muir');
    const body = { version: dog.version, record: { note: 'First.' } };
    await lead.post(`/api/dogs/${dog.id}/record`, { ...body, commandId: v7() }).expect(200);
    const late = await lead.post(`/api/dogs/${dog.id}/record`, { ...body, commandId: v7() }).expect(409);
    expect(late.body).toMatchObject({ code: 'stale', current: { version: dog.version + 1 } });
    await lead.post(`/api/dogs/${v7()}/record`, { ...body, commandId: v7() }).expect(404);
  });
});

describe('logs', () => {
  const idOf = new Map<string, string>();
  beforeAll(async () => {
    for (const d of (await kennel()).dogs) idOf.set(d.name, d.id);
  });
  const log = (name: string, body: object, hand = bather) =>
    hand.post(`/api/dogs/${idOf.get(name) ?? ''}/log`, { commandId: v7(), ...body });

  it('are appended by anybody on the floor, two at once losing nothing', async () => {
    const before = (await dogOf('Nemi')).record.holds?.length ?? 0;
    const answers = await Promise.all([50, 60, 70].map((minutes) => log('Nemi', { what: 'hold', minutes })));
    expect(answers.map((a) => a.status)).toEqual([200, 200, 200]);
    expect((await dogOf('Nemi')).record.holds).toHaveLength(before + 3);
    await log('Nemi', { what: 'settle', right: 'nextDay' });
    await log('Nemi', { what: 'use', product: 'richConditioner' });
    expect((await dogOf('Nemi')).record).toMatchObject({
      settles: [{ day: '2026-06-17', right: 'nextDay' }],
      uses: [{ day: '2026-06-17', product: 'richConditioner', scope: 'whole' }],
    });
  });

  it('a clarifying wash takes the build-up with it', async () => {
    await saveDog('Nemi', { buildUp: true });
    await log('Nemi', { what: 'use', product: 'clarifyingWash' });
    expect((await dogOf('Nemi')).record).toMatchObject({ buildUp: false });
  });

  it('a length keeps who measured it and why it was left so; a second one of the day takes the first one’s place', async () => {
    await log('Pim', { what: 'length', zone: 'throat', mm: 34.5, text: ' the neck is short ' }).expect(200);
    await log('Pim', { what: 'length', zone: 'throat', mm: 33 }).expect(200);
    await log('Pim', { what: 'length', zone: 'skull', mm: 60, text: 'the stop is shallow' }).expect(200);
    const by = bather.personId;
    expect((await dogOf('Pim')).record.lengths?.slice(-2)).toEqual([
      { day: '2026-06-17', zone: 'throat', mm: 33, by },
      { day: '2026-06-17', zone: 'skull', mm: 60, by, why: 'the stop is shallow' },
    ]);
  });

  it('a length of one side stands beside the other’s; a look at the movement is kept with who watched', async () => {
    await log('Rusk', { what: 'length', zone: 'foreleg', mm: 30, side: 'left' }).expect(200);
    await log('Rusk', { what: 'length', zone: 'foreleg', mm: 28, side: 'right' }).expect(200);
    await log('Rusk', { what: 'length', zone: 'foreleg', mm: 29, side: 'left' }).expect(200);
    const by = bather.personId;
    expect((await dogOf('Rusk')).record.lengths?.slice(-2)).toEqual([
      { day: '2026-06-17', zone: 'foreleg', mm: 28, side: 'right', by },
      { day: '2026-06-17', zone: 'foreleg', mm: 29, side: 'left', by },
    ]);
    await log('Rusk', { what: 'moved', seen: 'tooLong', zones: ['breeches'], text: ' swings ' }).expect(200);
    await log('Rusk', { what: 'moved', seen: 'asWanted' }).expect(200);
    expect((await dogOf('Rusk')).record.outline?.movements).toEqual([
      { day: '2026-06-17', by, seen: 'tooLong', zones: ['breeches'], text: 'swings' },
      { day: '2026-06-17', by, seen: 'asWanted', zones: [] },
    ]);
  });

  it('an inspection is one a day; what is unusual is looked at again by others until it is closed', async () => {
    const dog = 'Pim';
    await log(dog, { what: 'inspected' }).expect(200);
    await log(dog, { what: 'inspected' }, lead).expect(200);
    expect((await dogOf(dog)).record.inspected).toEqual([{ day: '2026-06-17', by: lead.personId }]);
    const seen = {
      what: 'seen',
      point: 'skin',
      severity: 'soon',
      zones: ['flank'],
      text: 'red, a coin',
      told: 'Maren',
    };
    await log(dog, seen).expect(200);
    const [found] = (await dogOf(dog)).record.observations ?? [];
    const { what: _, ...kept } = seen;
    expect(found).toMatchObject({ ...kept, day: '2026-06-17', by: bather.personId });
    await log(dog, { what: 'seenAgain', noteId: found?.id, course: 'better' }, lead).expect(200);
    await log(dog, { what: 'seenOver', noteId: found?.id }).expect(200);
    expect((await dogOf(dog)).record.observations).toMatchObject([
      { looks: [{ day: '2026-06-17', course: 'better', by: lead.personId }], closedOn: '2026-06-17' },
    ]);
    const late = await log(dog, { what: 'seenAgain', noteId: found?.id, course: 'worse' });
    expect(late.body).toMatchObject({ code: 'notNow', detail: expect.stringMatching(/closed already/) as string });
  });

  it('a log that waited on a tablet is of the day on which it was written; one of longer ago is refused', async () => {
    const at = (days: number): string => new Date(world.clock.nowMs() - days * 86_400_000).toISOString();
    const lengthsOf = async () => ((await dogOf('Muir')).record as { lengths?: { mm: number; day: string }[] }).lengths;
    await log('Muir', { what: 'length', zone: 'back', mm: 91, at: at(0.9) }).expect(200);
    expect((await lengthsOf())?.find((l) => l.mm === 91)?.day).toBe('2026-06-16');
    const old = await log('Muir', { what: 'length', zone: 'back', mm: 92, at: at(1.1) });
    expect(old.body).toMatchObject({ code: 'badInput', errors: [{ path: 'at' }] });
    expect((await lengthsOf())?.some((l) => l.mm === 92)).toBe(false);
  });

  it('the same command twice is one log', async () => {
    const { id } = await dogOf('Pim');
    const body = { commandId: v7(), what: 'hold', minutes: 45 };
    await bather.post(`/api/dogs/${id}/log`, body).expect(200);
    await bather.post(`/api/dogs/${id}/log`, body).expect(200);
    expect((await dogOf('Pim')).record.holds).toHaveLength(1);
  });

  it.each([
    [{ what: 'use' }, 'product'],
    [{ what: 'settle' }, 'right'],
    [{ what: 'hold' }, 'minutes'],
    [{ what: 'hold', minutes: 2 }, 'minutes'],
    [{ what: 'dance' }, 'what'],
    [{ what: 'length', mm: 20 }, 'zone'],
    [{ what: 'length', zone: 'throat', mm: 900 }, 'mm'],
    [{ what: 'length', zone: 'throat', mm: 20, side: 'middle' }, 'side'],
    [{ what: 'moved' }, 'seen'],
    [{ what: 'moved', seen: 'fast' }, 'seen'],
    [{ what: 'seen', point: 'skin' }, 'severity'],
    [{ what: 'seen', point: 'mood', severity: 'now' }, 'point'],
  ])('refuse %j', async (body, path) => {
    const answer = await log('Pim', body);
    expect(answer.status).toBe(400);
    expect((answer.body as { errors: { path: string }[] }).errors.map((e) => e.path)).toContain(path);
  });
});

it('a person’s practice and kit are kept, checked and taken away', async () => {
  const person = async () => (await kennel()).people.find((p) => p.name === 'Pia Dove') as KennelDto['people'][number];
  const save = async (record: object) => {
    const p = await person();
    return lead.post(`/api/people/${p.id}/record`, { commandId: v7(), version: p.version, record });
  };
  const learning = [{ trim: 'ears', practiced: [{ day: '2026-04-01', outcome: 'good' }] }];
  const kit = [{ tool: 'thinners', teeth: 46, lengthIn: 7, sharpened: '2026-05-02' }];
  expect((await save({ learning, kit })).status).toBe(200);
  expect((await person()).record).toEqual({ learning, kit });
  expect((await save({ kit: null })).status).toBe(200);
  expect((await person()).record).toEqual({ learning });
  expect((await save({ brushingRoute: 'b' })).status).toBe(200);
  expect((await person()).record).toEqual({ learning, brushingRoute: 'b' });
  const out = (await lead.get('/api/export').expect(200)).body as {
    people: { name: string; brushingRoute?: string }[];
  };
  expect(out.people.find((p) => p.name === 'Pia Dove')?.brushingRoute).toBe('b');
  expect((await save({ trimBegin: 'rear' })).status).toBe(200);
  expect((await person()).record).toEqual({ learning, brushingRoute: 'b', trimBegin: 'rear' });
  expect((await save({ trimBegin: 'nose' })).status).toBe(400);
  expect((await save({ trimBegin: null })).status).toBe(200);
  expect((await person()).record).toEqual({ learning, brushingRoute: 'b' });
  expect((await save({ brushingRoute: 'c' })).status).toBe(400);
  expect((await save({ brushingRoute: null })).status).toBe(200);
  expect((await save({ kit: [{ tool: 'hammer' }] })).status).toBe(400);
  expect((await save({ name: null })).status).toBe(400);
  expect((await person()).record).toEqual({ learning });
});

describe('own breeds', () => {
  const breed = {
    name: 'Wrenfold Spitz',
    coat: 'double',
    variant: '',
    badge: 'samoyed',
    trimMap: 'naturalDouble',
    growOn: ['tail'],
    typicalKg: 20,
    lengthToHeight: 1.05,
  };
  const save = (version: number, more: object = {}) =>
    lead.post('/api/breeds', { commandId: v7(), version, breed: { ...breed, ...more } });

  it('are added, changed by version, exported with the kennel and taken away', async () => {
    await save(0).expect(200);
    await save(0).expect(409);
    await save(1, { typicalKg: 22 }).expect(200);
    expect((await kennel()).breeds).toMatchObject([{ name: breed.name, version: 2, facts: { typicalKg: 22 } }]);
    const out = (await lead.get('/api/export').expect(200)).body as { breeds?: object[] };
    expect(out.breeds).toEqual([{ ...breed, typicalKg: 22 }]);
    await lead.post('/api/breeds/remove', { commandId: v7(), version: 2, name: breed.name }).expect(200);
    expect((await kennel()).breeds).toEqual([]);
    await lead.post('/api/breeds/remove', { commandId: v7(), version: 2, name: breed.name }).expect(404);
  });

  it('stay while a dog is of them', async () => {
    await save(0, { name: 'Kept' }).expect(200);
    await world.knex('dogs').where({ name: 'Hale' }).update({ breed: 'Kept' });
    const answer = await lead.post('/api/breeds/remove', { commandId: v7(), version: 1, name: 'Kept' }).expect(409);
    expect((answer.body as { detail: string }).detail).toMatch(/Hale is of this breed/);
    expect((await dogOf('Hale')).coat).toBe('double');
    await world.knex('dogs').where({ name: 'Hale' }).update({ breed: 'Gordon Setter' });
  });

  it('refuse a silhouette and a coat that there is not', async () => {
    const badge = await save(0, { badge: 'unicorn' }).expect(400);
    expect(badge.body).toMatchObject({ errors: [{ path: 'breed.badge' }] });
    const coat = await save(0, { coat: 'velvet' }).expect(400);
    expect(coat.body).toMatchObject({ errors: [{ path: 'coat' }] });
  });
});

describe('what was found in a coat', () => {
  let dogs: readonly { id: string; name: string }[] = [];
  const task = (name: string, step: StepId): PlannedActivity => {
    const id = dogs.find((d) => d.name === name)?.id;
    const found = world.plan.activities.find((a) => a.dogId === id && a.step === step && a.state === 'planned');
    if (found === undefined) throw new Error(`${name}: no ${step}`);
    return found;
  };
  beforeAll(async () => {
    dogs = (await kennel()).dogs;
  });
  const mark = async (name: string, marks: object) => {
    const dog = await dogOf(name);
    const body = { commandId: v7(), version: dog.version, marks: { soiled: [], mats: [], unready: [], ...marks } };
    return bather.post(`/api/dogs/${dog.id}/marks`, body);
  };
  const order = (a: PlannedActivity, version: number) => ({
    commandId: v7(),
    version,
    dogId: a.dogId,
    step: a.step,
    stationId: a.stationId,
  });
  const path = (a: PlannedActivity, command: string): string => `/api/tasks/${encodeURIComponent(a.key)}/${command}`;

  it('is cleared by the work that clears it, and is back when that is taken back', async () => {
    const mats = [{ zone: 'behindEar', tightness: 'loose', side: 'left' }];
    await mark('Lovage', { soiled: ['hindfoot'], mats, unready: [{ zone: 'ribs', test: 'damp' }] }).then((a) =>
      expect(a.status).toBe(200),
    );
    const bath = task('Lovage', 'bath');
    await bather.post(path(bath, 'start'), order(bath, 0)).expect(200);
    await bather.post(path(bath, 'finish'), { ...order(bath, 1), confirmed: EXIT_CHECKS }).expect(200);
    const found = mats.map((m) => ({ ...m, foundOn: DEMO.startDay }));
    expect((await dogOf('Lovage')).marks).toEqual({ soiled: [], mats: found, unready: [] });
    const kinds = await world.knex('events').where({ subject: bath.key }).orderBy('number').pluck('kind');
    expect(kinds).toEqual(['task.start', 'task.finishCoat']);
    await bather.post(path(bath, 'undo'), { commandId: v7() }).expect(200);
    expect((await dogOf('Lovage')).marks).toMatchObject({ soiled: ['hindfoot'], mats });
  });

  it('every mat is counted once for the forecast of knots, also when it is marked again', async () => {
    const before = (await dogOf('Brisk')).knotsFound.length;
    const mat = { zone: 'armpit', tightness: 'loose', side: 'left' };
    await mark('Brisk', { mats: [mat] });
    await mark('Brisk', {
      mats: [
        { ...mat, tightness: 'tight' },
        { zone: 'behindEar', tightness: 'loose' },
      ],
    });
    const { knotsFound } = await dogOf('Brisk');
    expect(knotsFound.slice(before)).toEqual([
      { day: DEMO.startDay, zone: 'armpit' },
      { day: DEMO.startDay, zone: 'behindEar' },
    ]);
    await mark('Brisk', {});
    expect((await dogOf('Brisk')).knotsFound).toEqual(knotsFound);
  });

  it('mat work clears the mats that are said to be out, keeps the others with their day, and puts back what is taken back', async () => {
    const key = 'f:mats';
    const dog = await dogOf('Nocci');
    const mats = [
      { zone: 'behindEar', tightness: 'loose', side: 'left' },
      { zone: 'behindEar', tightness: 'loose', side: 'right' },
      { zone: 'armpit', tightness: 'loose' },
    ];
    await mark(dog.name, { mats }).then((a) => expect(a.status).toBe(200));
    await world.knex('task_work').insert({
      task_key: `${key}:knots:1:1`,
      dog_id: dog.id,
      step: 'knots',
      state: 'running',
      person_id: bather.personId,
      started_at: new Date(world.clock.nowMs()),
      running_since: new Date(world.clock.nowMs()),
      worked_ms: 0,
      version: 1,
    });
    const to = (command: string): string => `/api/tasks/${encodeURIComponent(`${key}:knots:1:1`)}/${command}`;
    const body = { commandId: v7(), version: 1, dogId: dog.id, step: 'knots' };
    await bather.post(to('finish'), { ...body, matsOut: [{ zone: 'nowhere' }] }).expect(400);
    const matsOut = [{ zone: 'behindEar', side: 'left' }, { zone: 'armpit' }];
    await bather.post(to('finish'), { ...body, commandId: v7(), matsOut }).expect(200);
    expect((await dogOf(dog.name)).marks.mats).toEqual([
      { zone: 'behindEar', tightness: 'loose', side: 'right', foundOn: DEMO.startDay },
    ]);
    await bather.post(to('undo'), { commandId: v7() }).expect(200);
    expect((await dogOf(dog.name)).marks.mats).toHaveLength(3);
    await mark(dog.name, {});
  });

  it('keeps tight and solid mats out of the water, and says which; nothing is recorded', async () => {
    await mark('Wisp', { mats: [{ zone: 'behindEar', tightness: 'tight', side: 'left' }] });
    const bath = task('Wisp', 'bath');
    const refused = await lead.post(path(bath, 'start'), order(bath, 0)).expect(409);
    expect((refused.body as { detail: string }).detail).toMatch(
      /Wisp: tight or solid mats \(behind the ear\)\. Nothing was started: water sets them/,
    );
    const work = (await lead.get('/api/work')).body as { work: { taskKey: string }[] };
    expect(work.work.some((w) => w.taskKey === bath.key)).toBe(false);
    await mark('Wisp', {});
  });

  it('keeps scissors waiting where a zone is kinked, and says which', async () => {
    await mark('Lovage', { unready: [{ zone: 'foreleg', test: 'kinked' }] });
    const trim = task('Lovage', 'fineTrim');
    const refused = await lead.post(path(trim, 'start'), order(trim, 0)).expect(409);
    expect((refused.body as { detail: string }).detail).toMatch(
      /Lovage: foreleg is still damp or kinked.*Heat-dry first/,
    );
    const work = (await lead.get('/api/work')).body as { work: { taskKey: string }[] };
    expect(work.work.some((w) => w.taskKey === trim.key)).toBe(false);
    await mark('Lovage', {});
    // Her bath runs again, since its finish was taken back above.
    await lead.post(path(trim, 'start'), { ...order(trim, 0), anyway: true }).expect(200);
  });
});
