/* Changes of a lead between two plans, as the API takes it: absences, overtime, passwords. */
import { v7 } from 'uuid';
import type { KennelDto } from '../src/kennel/dto.js';
import { DEMO, openWorld, signInAs } from './world.js';
import type { Hand, World } from './world.js';

let world: World;
let lead: Hand;
beforeAll(async () => {
  world = await openWorld('people');
  lead = await signInAs(world, 'maren');
});
afterAll(() => world.close());

const kennel = async (): Promise<KennelDto> => (await lead.get('/api/kennel').expect(200)).body as KennelDto;
const personId = async (signIn: string): Promise<string> => {
  const row = await world.knex('people').where({ sign_in: signIn }).first<{ id: string } | undefined>('id');
  return row?.id ?? '';
};
const events = async (): Promise<number> =>
  Number((await world.knex('events').count<{ n: number }[]>({ n: '*' }))[0]?.n);

it('marks somebody away once, however often it is said, and takes it back', async () => {
  const asta = await personId('asta');
  const { startDay } = DEMO;
  const away = { day: startDay, reason: 'ill' };
  await lead.post(`/api/people/${asta}/absences`, { commandId: v7(), ...away }).expect(200);
  await lead.post(`/api/people/${asta}/absences`, { commandId: v7(), ...away }).expect(200);
  expect((await kennel()).absences).toEqual([
    expect.objectContaining({ personId: asta, day: startDay, reason: 'ill' }),
  ]);
  await lead.post(`/api/people/${asta}/absences/remove`, { commandId: v7(), day: startDay }).expect(200);
  expect((await kennel()).absences).toEqual([]);
  const twice = await lead.post(`/api/people/${asta}/absences/remove`, { commandId: v7(), day: startDay }).expect(404);
  expect(twice.body).toMatchObject({ code: 'notFound', detail: 'That day is not marked.' });
});

it('lengthens a shift but never lets it end before it ends', async () => {
  const shift = (await kennel()).shifts[0];
  if (shift === undefined) throw new Error('no shift');
  const path = `/api/shifts/${shift.id}/overtime`;
  const before = await events();
  const early = await lead.post(path, { commandId: v7(), version: shift.version, overtimeEnd: '04:00' }).expect(400);
  expect(early.body).toMatchObject({ code: 'badInput', errors: [{ path: 'overtimeEnd' }] });
  const odd = await lead.post(path, { commandId: v7(), version: shift.version, overtimeEnd: '25:99' }).expect(400);
  expect(odd.body).toMatchObject({ code: 'badInput' });
  expect(await events()).toBe(before);
  await lead.post(path, { commandId: v7(), version: shift.version, overtimeEnd: '21:15' }).expect(200);
  const after = (await kennel()).shifts.find((s) => s.id === shift.id);
  expect(after).toMatchObject({ overtimeEnd: '21:15', version: shift.version + 1 });
  const stale = await lead.post(path, { commandId: v7(), version: shift.version, overtimeEnd: '22:00' }).expect(409);
  expect(stale.body).toMatchObject({ code: 'stale', current: { version: 2, row: { overtimeEnd: '21:15' } } });
});

it('lets anybody mark what they find in a coat, and the next plan works by it', async () => {
  const jonas = await signInAs(world, 'tuva');
  const dog = (await kennel()).dogs.find((d) => d.coat === 'drop');
  if (dog === undefined) throw new Error('no drop coat');
  const path = `/api/dogs/${dog.id}/marks`;
  const marks = { soiled: ['hindfoot'], mats: [{ zone: 'behindEar', tightness: 'tight' }], unready: [] };
  const odd = { soiled: ['wing'], mats: [{ zone: 'behindEar', tightness: 'fluffy' }] };
  const refused = await jonas.post(path, { commandId: v7(), version: dog.version, marks: odd }).expect(400);
  expect((refused.body as { errors: { path: string }[] }).errors.map((e) => e.path)).toEqual(
    expect.arrayContaining(['marks.soiled', 'marks.mats.0.tightness']),
  );
  await jonas.post(path, { commandId: v7(), version: dog.version, marks }).expect(200);
  const after = (await kennel()).dogs.find((d) => d.id === dog.id);
  expect(after).toMatchObject({ marks, version: dog.version + 1 });
  await jonas.post(path, { commandId: v7(), version: dog.version, marks }).expect(409);
  const out = (await lead.get('/api/export').expect(200)).body as { dogs: { id: string; mats?: object }[] };
  expect(out.dogs.find((d) => d.id === dog.id)).toMatchObject({ soiled: ['hindfoot'], mats: marks.mats });
});

it('keeps what a show’s own rules say; what nobody entered stays unknown', async () => {
  const show = (await kennel()).shows[0];
  if (show === undefined) throw new Error('no show');
  expect(show.rules).toMatchObject({ whiskersRemoved: 'unknown', leastAgeMonths: 0 });
  const path = `/api/shows/${show.id}/rules`;
  const hours = { dryersOnGround: 'restricted', dryersFrom: '06:30', dryersUntil: '21:00' };
  const rules = { ...show.rules, ...hours, whiskersRemoved: 'forbidden', leastAgeMonths: 6 };
  const odd = await lead
    .post(path, { commandId: v7(), version: show.version, rules: { ...rules, whiskersRemoved: 'maybe' } })
    .expect(400);
  expect(odd.body).toMatchObject({ code: 'badInput', errors: [{ path: 'rules.whiskersRemoved' }] });
  const backwards = { ...rules, dryersOnGround: 'restricted', dryersFrom: '21:00', dryersUntil: '07:00' };
  const turned = await lead.post(path, { commandId: v7(), version: show.version, rules: backwards }).expect(400);
  expect(turned.body).toMatchObject({ code: 'badInput', errors: [{ path: 'rules.dryersUntil' }] });
  await lead.post(path, { commandId: v7(), version: show.version, rules }).expect(200);
  const after = (await kennel()).shows.find((s) => s.id === show.id);
  expect(after).toMatchObject({ rules, version: show.version + 1 });
  await lead.post(path, { commandId: v7(), version: show.version, rules }).expect(409);
  const out = (await lead.get('/api/export').expect(200)).body as { shows: { id: string; rules?: object }[] };
  expect(out.shows.find((s) => s.id === show.id)?.rules).toEqual(rules);
});

it('gives a one-time password that works, also when the answer was lost and the command is sent again', async () => {
  const jonas = await personId('jonas');
  const commandId = v7();
  const path = `/api/people/${jonas}/one-time-password`;
  const first = (await lead.post(path, { commandId }).expect(200)).body as { password: string };
  const again = (await lead.post(path, { commandId }).expect(200)).body as { password: string; signIn: string };
  expect(again.signIn).toBe('jonas');
  expect(again.password).toMatch(/^[a-z2-9]{4}(-[a-z2-9]{4}){3}$/);
  const one = await signInAs(world, 'jonas', again.password);
  await one.get('/api/kennel').expect(403);
  await expect(signInAs(world, 'jonas', first.password)).rejects.toThrow();
});

it('ends a person’s sessions with their password', async () => {
  const pia = await signInAs(world, 'pia');
  await pia.get('/api/kennel').expect(200);
  await lead.post(`/api/people/${pia.personId}/one-time-password`, { commandId: v7() }).expect(200);
  await pia.get('/api/kennel').expect(401);
});

it('writes one event for each change, with who did it and what was before', async () => {
  const ivo = await personId('ivo');
  const { startDay } = DEMO;
  const before = await events();
  await lead.post(`/api/people/${ivo}/absences`, { commandId: v7(), day: startDay, reason: 'away' }).expect(200);
  expect(await events()).toBe(before + 1);
  const row = await world.knex('events').orderBy('number', 'desc').first<Record<string, unknown> | undefined>();
  expect(row).toMatchObject({ kind: 'person.away', subject: ivo, actor_id: lead.personId });
});
