/* The kennel's methods: versions that never overwrite each other, previews by the planner, and choices the plan obeys. */
import { v7 } from 'uuid';
import type { MethodsDto, MethodsEffectDto } from '../src/methods/dto.js';
import { fewDogs } from '../../library/test/kennels/fewDogs.js';
import { DEMO, openWorld, signInAs } from './world.js';
import type { Hand, World } from './world.js';

/** A dog of every coat: previews plan them all twice. */
const FEW = fewDogs(DEMO, [
  'Isbrin',
  'Quill',
  'Nemi',
  'Fenn',
  'Odran',
  'Brisk',
  'Lovage',
  'Hale',
  'Seraph',
  'Bram',
  'Koro',
  'Wisp',
]);

let world: World;
let lead: Hand;
beforeAll(async () => {
  world = await openWorld('methods', FEW);
  lead = await signInAs(world, 'maren');
});
afterAll(() => world.close());

const read = async (): Promise<MethodsDto> => (await lead.get('/api/methods').expect(200)).body as MethodsDto;
const change = (number: number, schools: object) => lead.post('/api/methods', { commandId: v7(), number, schools });
const preview = async (schools: object): Promise<MethodsEffectDto> =>
  (await lead.post('/api/methods/preview', { schools }).expect(200)).body as MethodsEffectDto;

it('starts as is usual, with the coat of each dog', async () => {
  const methods = await read();
  expect(methods).toMatchObject({ number: 0, schools: {}, history: [] });
  expect(methods.dogs).toHaveLength(FEW.dogs.length);
  expect(new Set(methods.dogs.map((d) => d.coat)).size).toBe(8);
});

it('previews what a change moves, in tasks, dogs and crew time, and saves nothing', async () => {
  const calm = await preview({});
  expect(calm).toMatchObject({ moved: 0, added: 0, removed: 0, crewMin: 0, dogs: [], lost: [], gained: [] });
  const gate = await preview({ gate: 'b' });
  // Four minutes more at the gate for every entry: with five-minute slots at least one slot for most of them.
  expect(gate.crewMin).toBeGreaterThan(30);
  expect(gate.dogs.length).toBeGreaterThan(5);
  expect(await read()).toMatchObject({ number: 0, schools: {} });
}, 180_000);

it('names the dogs for which a choice is refused', async () => {
  const effect = await preview({ sheepdogForceDryer: 'b' });
  expect(effect.refused.map((r) => [r.school, r.why])).toContainEqual(['sheepdogForceDryer', 'nobodyTrained']);
}, 180_000);

it('keeps every version, takes one back as a new one, and tells a second writer what holds now', async () => {
  await change(0, { curlDrying: 'b' }).expect(200);
  const stale = await change(0, { gate: 'b' }).expect(409);
  expect(stale.body).toMatchObject({ code: 'stale', current: { number: 1, schools: { curlDrying: 'b' } } });
  await change(1, {}).expect(200);
  const methods = await read();
  expect(methods.number).toBe(2);
  expect(methods.history.map((h) => [h.number, h.schools])).toEqual([
    [2, {}],
    [1, { curlDrying: 'b' }],
  ]);
  expect(methods.history[0]?.madeBy).toBe(lead.personId);
});

it('keeps what the kennel’s own bottles say, and refuses what makes no sense', async () => {
  const { number } = await read();
  const send = (products: object[]) => lead.post('/api/methods', { commandId: v7(), number, schools: {}, products });
  const bad: readonly (readonly [object, string])[] = [
    [{ product: 'foam', parts: 5 }, 'products.foam'],
    [{ product: 'whiteningWash', soakFromMin: 20, soakToMin: 8 }, 'products.whiteningWash'],
    [{ product: 'cleansingWash', parts: 0 }, 'products[0].parts'],
    [{ product: 'soap', parts: 3 }, 'products[0].product'],
  ];
  for (const [product, path] of bad)
    expect((await send([product]).expect(400)).body).toMatchObject({ code: 'badInput', errors: [{ path }] });
  const rich = { product: 'richConditioner', parts: 20 };
  await send([rich]).expect(200);
  expect(await read()).toMatchObject({ number: number + 1, products: [rich], history: [{ products: [rich] }, {}, {}] });
  expect((await lead.get('/api/export').expect(200)).body).toMatchObject({ methods: { products: [rich] } });
});

it('keeps lines of pages that the kennel changed, in the export too, and refuses what is none', async () => {
  const { number } = await read();
  const send = (lines: object[]) => lead.post('/api/methods', { commandId: v7(), number, schools: {}, lines });
  const hide = { step: 'nails', line: 'nails.round', of: 'kennel', hidden: true };
  for (const [line, path] of [
    [{ ...hide, step: 'manicure' }, 'lines[0].step'],
    [{ ...hide, of: 'everybody' }, 'lines[0].of'],
    [{ ...hide, line: 'own-1', text: 'x'.repeat(301) }, 'lines[0].text'],
  ] as const)
    expect((await send([line]).expect(400)).body).toMatchObject({ code: 'badInput', errors: [{ path }] });
  const add = { step: 'nails', line: 'own-1', of: 'breed', which: 'Samoyed', text: 'Feet on the blue mat.', after: '' };
  await send([hide, add]).expect(200);
  const saved = await read();
  expect(saved).toMatchObject({ number: number + 1, lines: [hide, add] });
  expect(saved.history[0]?.lines).toEqual([hide, add]);
  expect((await lead.get('/api/export').expect(200)).body).toMatchObject({ methods: { lines: [hide, add] } });
});

it('gives one dog its own ways, with its version', async () => {
  const dog = (await read()).dogs.find((d) => d.coat === 'scissored');
  if (dog === undefined) throw new Error('no scissored dog');
  const path = `/api/dogs/${dog.dogId}/schools`;
  const body = { commandId: v7(), version: dog.version, schools: { curlDrying: 'b' } };
  await lead.post(path, body).expect(200);
  expect((await read()).dogs.find((d) => d.dogId === dog.dogId)).toMatchObject({
    schools: { curlDrying: 'b' },
    version: dog.version + 1,
  });
  const stale = await lead.post(path, { ...body, commandId: v7() }).expect(409);
  expect(stale.body).toMatchObject({ code: 'stale', current: { version: dog.version + 1 } });
  const away = await lead.post(`/api/dogs/${v7()}/schools`, { ...body, commandId: v7() }).expect(404);
  expect(away.body).toMatchObject({ code: 'notFound' });
});

it.each([
  [{ shoeSize: 'a' }, 'schools.shoeSize', 'there is no such question'],
  [{ gate: 'c' }, 'schools.gate', 'a side is "a" or "b"'],
  [{ gate: 7 }, 'schools.gate', 'a side is "a" or "b"'],
])('refuses %j by name and changes nothing', async (schools, path, detail) => {
  const { number } = await read();
  const answer = await change(number, schools).expect(400);
  expect(answer.body).toMatchObject({ code: 'badInput', errors: [{ path, detail }] });
  expect((await read()).number).toBe(number);
});

it('goes out with the kennel and comes with its plan', async () => {
  const { number } = await read();
  await change(number, { gate: 'b' }).expect(200);
  const out = (await lead.get('/api/export').expect(200)).body as { methods?: object };
  expect(out.methods).toEqual({
    number: number + 1,
    schools: { gate: 'b' },
    steps: [],
    intervals: [],
    products: [],
    lines: [],
  });
  const rows = await world.knex('events').where({ kind: 'methods.changed' }).orderBy('number', 'desc');
  expect(rows[0]).toMatchObject({ subject: 'methods', actor_id: lead.personId });
});

describe('own programs', () => {
  // More than what planning again shifts by itself.
  const nails = { coat: 'drop', part: 'preparation', step: 'nails', nth: 1, plusMin: 45 };
  const send = async (steps: object[], intervals: object[] = []) =>
    lead.post('/api/methods', { commandId: v7(), number: (await read()).number, schools: {}, steps, intervals });

  it('are previewed, saved as a version and taken back', async () => {
    const { schools } = await read();
    const asked = lead.post('/api/methods/preview', { schools, steps: [nails] });
    const effect = (await asked.expect(200)).body as MethodsEffectDto;
    expect(effect.crewMin).toBeGreaterThan(0);
    const interval = { coat: 'drop', rule: 'bath', everyDays: 6, everyDaysInChange: 6 };
    expect((await send([nails], [interval])).status).toBe(200);
    expect(await read()).toMatchObject({ steps: [nails], intervals: [interval] });
    expect((await send([])).status).toBe(200);
    expect((await read()).history[1]).toMatchObject({ steps: [nails] });
  });

  it.each([
    ['a circle', { ...nails, step: 'bath', before: 'preTreat' }, /circle that no day can hold/],
    ['a check left out', { ...nails, step: 'dryCheck', leftOut: true }, /safe only after/],
    ['a day that there is not', { ...nails, fromDay: 12 }, /must be at most 0/],
    ['a field that there is not', { ...nails, color: 'red' }, /not a field/],
  ])('refuse %s in words and change nothing', async (_, change, words) => {
    const { number } = await read();
    const answer = await send([change]);
    expect(answer.status).toBe(400);
    expect(JSON.stringify(answer.body)).toMatch(words);
    expect((await read()).number).toBe(number);
  });
});
