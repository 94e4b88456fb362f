/* Changes of a kennel's rows: all or none, fitted to what others did, checked like a file, kept with their inverse. */
import request from 'supertest';
import { v7 } from 'uuid';
import type { KennelFile, KennelList, KennelRow, RowChange } from '@loyal-mane/core';
import { KENNEL_LISTS, removalOf, rowsOf } from '@loyal-mane/core';
import { PLAIN_DOG } from '@loyal-mane/library';
import { DEMO, openWorld, signInAs } from './world.js';
import type { Hand, World } from './world.js';

let world: World;
let lead: Hand;

beforeAll(async () => {
  world = await openWorld('changes');
  lead = await signInAs(world, 'maren');
}, 120_000);
afterAll(() => world.close());

const send = (...changes: RowChange[]) => lead.post('/api/changes', { commandId: v7(), changes });
const check = (...changes: RowChange[]) => lead.post('/api/changes/check', { changes });
const kennelNow = async (): Promise<KennelFile> => (await lead.get('/api/kennel/rows').expect(200)).body as KennelFile;
const rowOf = async (list: KennelList, id: string): Promise<KennelRow | undefined> =>
  rowsOf(await kennelNow(), list).find((r) => r.id === id);
const update = (list: KennelList, from: KennelRow, fields: object): RowChange => ({
  list,
  id: from.id,
  from,
  to: { ...from, ...fields },
});
const added = (list: KennelList, row: object): RowChange => {
  const id = v7();
  return { list, id, from: null, to: { id, ...row } };
};
const NEW_DOG = {
  name: 'Quill',
  breed: DEMO.dogs[0]!.breed,
  sex: 'bitch',
  born: '2024-03-02',
  weightKg: 21,
  ...PLAIN_DOG,
};
const trailOf = async (subject: string) =>
  (
    (await lead.get(`/api/trail?subject=${subject}`).expect(200)).body as {
      entries: { number: number; kind: string; rows: RowChange[]; mayUndo: boolean; actorId?: string }[];
    }
  ).entries;

it('adds, changes and removes a row of every list, and the trail takes each back', async () => {
  const site = added('sites', { name: 'Low barn', home: false });
  const circuit = added('circuits', { siteId: site.id, name: 'Barn', amps: 16 });
  const person = added('people', { name: 'Runa Vik', signIn: 'runa', role: 'hand', skills: ['brush'] });
  const owner = added('owners', { name: 'E. Moor', contact: 'by letter' });
  const dog = added('dogs', { ...NEW_DOG, ownerId: owner.id, microchip: '999000000000001' });
  const show = added('shows', { name: 'Harrow Fen', siteId: site.id, firstDay: '2026-07-04', lastDay: '2026-07-05' });
  const ring = added('rings', { showId: show.id, name: 'Ring 1' });
  const changes = [
    site,
    circuit,
    added('stations', {
      siteId: site.id,
      kind: 'table',
      name: 'Table 9',
      circuitId: circuit.id,
      closures: [],
      ramp: true,
    }),
    person,
    added('shifts', {
      personId: person.id,
      day: '2026-07-01',
      start: '08:00',
      end: '12:00',
      overtimeEnd: '12:00',
      pauses: [],
    }),
    added('absences', { personId: person.id, day: '2026-07-02', reason: 'away' }),
    owner,
    dog,
    added('transports', {
      name: 'Van',
      fromSiteId: DEMO.sites[0]!.id,
      toSiteId: site.id,
      day: '2026-07-03',
      depart: '08:00',
      arrive: '09:30',
      people: [person.id],
      dogs: [dog.id],
    }),
    show,
    ring,
    added('entries', {
      dogId: dog.id,
      showId: show.id,
      ringId: ring.id,
      day: '2026-07-04',
      ringTime: '10:20',
      importance: 2,
      showClass: 'Open',
    }),
  ];
  const before = await kennelNow();
  expect((await send(...changes).expect(200)).body).toEqual({ rows: changes.length });
  const after = await kennelNow();
  for (const c of changes) expect(rowsOf(after, c.list).find((r) => r.id === c.id)).toEqual(c.to);
  for (const list of KENNEL_LISTS) {
    const more = changes.filter((c) => c.list === list).length;
    expect(rowsOf(after, list)).toHaveLength(rowsOf(before, list).length + more);
  }
  const settings = rowsOf(after, 'settings')[0]!;
  await send(update('settings', settings, { clock: '12h', name: 'Wrenfold and sons' })).expect(200);
  expect((await kennelNow()).settings.clock).toBe('12h');
  await send({ list: 'settings', id: settings.id, from: null, to: settings }).expect(409);
  const named = await trailOf(settings.id);
  await lead.post(`/api/trail/${String(named[0]!.number)}/undo`, { commandId: v7() }).expect(200);
  const [entry] = await trailOf(dog.id);
  expect(entry).toMatchObject({ kind: 'kennel.changed', actorId: lead.personId, mayUndo: true });
  expect(entry?.rows[0]).toEqual(dog);
  await lead.post(`/api/trail/${String(entry!.number)}/undo`, { commandId: v7() }).expect(200);
  expect({ ...(await kennelNow()), startDay: '' }).toEqual({ ...before, startDay: '' });
});

it('saves nothing when one of many is wrong, and says which field of which', async () => {
  const good = added('owners', { name: 'Somebody', contact: '' });
  const heavy = added('dogs', { ...NEW_DOG, weightKg: 500 });
  const unborn = added('dogs', { ...NEW_DOG, born: '2031-01-01' });
  const chip = added('dogs', { ...NEW_DOG, microchip: '895000000000001' });
  const strange = added('dogs', { ...NEW_DOG, breed: 'Sea Poodlehound' });
  const shift = added('shifts', {
    personId: DEMO.people[0]!.id,
    day: '2026-09-01',
    start: '17:00',
    end: '09:00',
    overtimeEnd: '18:00',
    pauses: [],
  });
  for (const [bad, path, words] of [
    [heavy, 'changes[1].weightKg', /120/],
    [unborn, 'changes[1].born', /later than today/],
    [chip, 'changes[1].microchip', /895/],
    [strange, 'changes[1].breed', /not in the library/],
    [shift, 'changes[1]', /ends \(09:00\) before it begins/],
  ] as const) {
    const checked = (await check(good, bad).expect(200)).body as { errors: { path: string; detail: string }[] };
    const answer = await send(good, bad).expect(400);
    const { errors } = answer.body as { errors: { path: string; detail: string }[] };
    expect(errors).toEqual(checked.errors);
    expect(errors[0]?.path).toBe(path);
    expect(errors[0]?.detail).toMatch(words);
  }
  expect(await rowOf('owners', good.id)).toBeUndefined();
});

it('merges what two change apart, and refuses what both change, with what is there now', async () => {
  const dog = (await kennelNow()).dogs[0] as unknown as KennelRow;
  await send(update('dogs', dog, { weightKg: 31 })).expect(200);
  await send(update('dogs', dog, { run: 'Run 4' })).expect(200);
  expect(await rowOf('dogs', dog.id)).toMatchObject({ weightKg: 31, run: 'Run 4' });
  const answer = await send(update('dogs', dog, { weightKg: 33 })).expect(409);
  expect(answer.body).toMatchObject({ code: 'stale', current: { weightKg: 31 } });
  expect((answer.body as { errors: object[] }).errors).toEqual([{ path: 'changes[0].weightKg', detail: 'is 31 now' }]);
  const [newest, first] = await trailOf(dog.id);
  expect(newest?.rows[0]?.to).toMatchObject({ run: 'Run 4' });
  await lead.post(`/api/trail/${String(first!.number)}/undo`, { commandId: v7() }).expect(200);
  expect(await rowOf('dogs', dog.id)).toMatchObject({ weightKg: dog['weightKg'], run: 'Run 4' });
  await lead.post(`/api/trail/${String(first!.number)}/undo`, { commandId: v7() }).expect(409);
});

it('happens once however often it is sent', async () => {
  const owner = added('owners', { name: 'Twice', contact: '' });
  const body = { commandId: v7(), changes: [owner] };
  await Promise.all([1, 2, 3].map(() => lead.post('/api/changes', body).expect(200)));
  expect((await trailOf(owner.id)).filter((e) => e.kind === 'kennel.changed')).toHaveLength(1);
});

it('keeps what is on record or in the plan, and says what to do instead', async () => {
  const kennel = await kennelNow();
  const tub = kennel.stations.find((s) => s.kind === 'tub')!;
  const gone = await send(...removalOf(kennel, 'stations', tub.id)).expect(409);
  expect((gone.body as { detail: string }).detail).toMatch(/in the published plan\. Close it/);
  const person = kennel.people.find((p) => p.role !== 'lead')!;
  const away = await send(...removalOf(kennel, 'people', person.id)).expect(409);
  expect((away.body as { detail: string }).detail).toMatch(/Take the shifts away/);
  expect(await rowOf('people', person.id)).toBeDefined();
  const site = kennel.sites.find((s) => !s.home)!;
  const used = await send(...removalOf(kennel, 'sites', site.id)).expect(400);
  expect((used.body as { errors: { detail: string }[] }).errors[0]?.detail).toMatch(/no site/);
});

it('a show that is moved away from its entries is refused; a pulled entry is one removal', async () => {
  const kennel = await kennelNow();
  const entry = kennel.entries.at(-1) as unknown as KennelRow;
  const show = kennel.shows.find((s) => s.id === entry['showId']) as unknown as KennelRow;
  const moved = await send(update('shows', show, { firstDay: '2026-08-01', lastDay: '2026-08-02' })).expect(400);
  expect((moved.body as { errors: { detail: string }[] }).errors[0]?.detail).toMatch(/outside its show/);
  await send(...removalOf(kennel, 'entries', entry.id)).expect(200);
  expect(await rowOf('entries', entry.id)).toBeUndefined();
  const past = added('entries', { ...entry, id: undefined, day: '2020-01-01' });
  const answer = await send(past).expect(400);
  expect(JSON.stringify(answer.body)).toMatch(/is over/);
});

it('takes no unknown lists, fields or sizes, and nobody but leads', async () => {
  const dog = (await kennelNow()).dogs[0] as unknown as KennelRow;
  await send({ list: 'accounts' as never, id: v7(), from: null, to: { id: v7() } }).expect(400);
  const odd = await send(update('dogs', dog, { favorite: 'ball' })).expect(400);
  expect((odd.body as { errors: object[] }).errors[0]).toMatchObject({ path: 'changes[0].favorite' });
  await send(update('dogs', dog, { weightKg: 'heavy' })).expect(400);
  await send().expect(400);
  const bather = await signInAs(world, DEMO.people.find((p) => p.role === 'bather')!.signIn);
  await bather.post('/api/changes', { commandId: v7(), changes: [update('dogs', dog, { weightKg: 3 })] }).expect(403);
  await bather.get('/api/trail').expect(403);
  const huge = 'x'.repeat(7_000_000);
  await request(world.app.getHttpServer())
    .post('/api/changes')
    .set('Cookie', lead.cookie)
    .set('x-csrf-token', lead.csrf)
    .send({ commandId: v7(), changes: huge })
    .expect(413);
});
