/* The work floor on a real database: soaks that everybody sees, what is confirmed at the tub, two devices at one task. */
import { v7 } from 'uuid';
import { instantToMs, msToInstant } from '@loyal-mane/core';
import type { PlannedActivity, StepId, WorkRecord } from '@loyal-mane/core';
import { workToRow } from '../src/kennel/kennelRepository.js';
import type { Hand, World } from './world.js';
import { DEMO, openWorld, signInAs } from './world.js';

let world: World;
let tuva: Hand;
let asta: Hand;

beforeAll(async () => {
  world = await openWorld('floor');
  [tuva, asta] = await Promise.all([signInAs(world, 'tuva'), signInAs(world, 'asta')]);
}, 120_000);
afterAll(() => world.close());

const used = new Set<string>();
/** A planned task of a step that no test has touched yet. */
function freshTask(step: StepId, fits: (a: PlannedActivity) => boolean = () => true): PlannedActivity {
  const task = world.plan.activities.find(
    (a) => a.step === step && a.state === 'planned' && !used.has(a.key) && fits(a),
  );
  if (task === undefined) throw new Error(`freshTask: the plan has no more of ${step}`);
  used.add(task.key);
  return task;
}

interface Record {
  readonly state: string;
  readonly version: number;
  readonly workedMs: number;
  readonly finishedAt?: string;
  readonly ticked?: string[];
  readonly soaks?: { id: string; product: string; at: string; leastMin: number; mostMin: number; endedAt?: string }[];
}
interface Answer {
  readonly body: unknown;
}
const work = (answer: Answer): Record => (answer.body as { work: Record }).work;
const detail = (answer: Answer): string => (answer.body as { detail: string }).detail;
const send = (hand: Hand, a: PlannedActivity, command: string, body: object) =>
  hand.post(`/api/tasks/${encodeURIComponent(a.key)}/${command}`, { commandId: v7(), ...body });
const order = (hand: Hand, a: PlannedActivity, command: string, version: number, more: object = {}) =>
  send(hand, a, command, { version, anyway: true, dogId: a.dogId, step: a.step, stationId: a.stationId, ...more });

const MINUTE_MS = 60_000;
const minutesOf = (w: Record): number => Math.round(w.workedMs / MINUTE_MS);
const WHITENER = { product: 'whiteningWash', leastMin: 5, mostMin: 10 } as const;
const WHOLE = ['feet', 'vent', 'belly', 'tail', 'ears', 'skin', 'product'];
/** Whether a conditioner of the same bath is planned. */
const isConditioned = (bath: PlannedActivity): boolean =>
  world.plan.activities.some(
    (a) =>
      a.step === 'condition' &&
      a.dogId === bath.dogId &&
      Math.abs(instantToMs(a.start) - instantToMs(bath.start)) < 120 * MINUTE_MS,
  );

// First of all: of a chain only its first break is told, and at the dogs of the tests below something else is begun.
describe('a dryer that fails at work', () => {
  it('is closed for the rest of the day by whoever stands before it; the plan says what no longer holds; a lead opens it', async () => {
    const lead = await signInAs(world, 'maren');
    const task = freshTask(
      'heatDry',
      (a) =>
        a.stationId !== null &&
        a.start > new Date(world.clock.nowMs()).toISOString() &&
        a.start.startsWith('2026-06-17'),
    );
    const id = task.stationId ?? '';
    const station = async () => {
      const answer = await tuva.get('/api/kennel').expect(200);
      const all = (answer.body as { stations: { id: string; version: number; closures: Closure[] }[] }).stations;
      return all.find((s) => s.id === id);
    };
    interface Closure {
      readonly day: string;
      readonly start: string;
      readonly end: string;
      readonly reason: string;
    }
    const before = (await station())?.closures ?? [];
    await tuva.post(`/api/stations/${id}/failed`, { commandId: v7() }).expect(200);
    const made = (await station())?.closures.slice(before.length);
    expect(made).toMatchObject([{ day: '2026-06-17', end: '24:00', reason: 'failed at work' }]);
    expect(made?.[0]?.start).toMatch(/^0[7-9]:/);
    // Said twice, by two at the same dryer.
    expect((await asta.post(`/api/stations/${id}/failed`, { commandId: v7() }).expect(409)).body).toMatchObject({
      code: 'notNow',
    });
    const told = await lead.get('/api/plan/breaks').expect(200);
    const { breaks } = told.body as { breaks: { code: string; stationId: string | null }[] };
    expect(breaks.filter((b) => b.code === 'closed').map((b) => b.stationId)).toContain(id);
    const version = (await station())?.version;
    await lead.post(`/api/stations/${id}/reopen`, { commandId: v7(), version, day: '2026-06-17' }).expect(200);
    await tuva.post('/api/stations/019b8b74-1800-7000-8000-ffffffffffff/failed', { commandId: v7() }).expect(404);
  });
});

describe('a soak', () => {
  const soaksOf = async (hand: Hand, a: PlannedActivity): Promise<Record['soaks']> => {
    const list = (await hand.get('/api/work')).body as { work: (Record & { taskKey: string })[] };
    return list.work.find((w) => w.taskKey === a.key)?.soaks;
  };

  it('is seen by everybody with the moment at which it was put on, and is out when somebody has rinsed it', async () => {
    const bath = freshTask('bath');
    await order(tuva, bath, 'start', 0).expect(200);
    const at = msToInstant(world.clock.nowMs() - 2 * MINUTE_MS);
    const id = v7();
    await send(tuva, bath, 'soak', { ...WHITENER, at, commandId: id }).expect(200);
    expect(await soaksOf(asta, bath)).toEqual([{ id, at, ...WHITENER }]);
    world.clock.pass(6 * MINUTE_MS);
    const out = work(await send(asta, bath, 'soak-end', { soak: id }).expect(200));
    const soaked = instantToMs(out.soaks?.[0]?.endedAt as never) - instantToMs(at);
    expect(Math.round(soaked / MINUTE_MS)).toBe(8);
    // It is beside the task's states: a finish that knows nothing of it is as good.
    expect(out.version).toBe(1);
  });

  it('sent twice is one, ended by two counts from the earlier, and never ends before it began', async () => {
    const bath = freshTask('bath');
    await order(tuva, bath, 'start', 0).expect(200);
    const soak = { ...WHITENER, commandId: v7() };
    await send(tuva, bath, 'soak', soak).expect(200);
    expect(work(await send(tuva, bath, 'soak', soak).expect(200)).soaks).toHaveLength(1);
    const begun = world.clock.nowMs();
    world.clock.pass(9 * MINUTE_MS);
    await send(tuva, bath, 'soak-end', { soak: soak.commandId }).expect(200);
    const earlier = msToInstant(begun + 7 * MINUTE_MS);
    const both = work(await send(asta, bath, 'soak-end', { soak: soak.commandId, at: earlier }).expect(200));
    expect(both.soaks?.[0]?.endedAt).toBe(earlier);
    const before = work(
      await send(asta, bath, 'soak-end', { soak: soak.commandId, at: msToInstant(begun - MINUTE_MS) }).expect(200),
    );
    expect(before.soaks?.[0]?.endedAt).toBe(before.soaks?.[0]?.at);
  });

  it('stays over an undo of the task’s states', async () => {
    const bath = freshTask('bath');
    await order(tuva, bath, 'start', 0).expect(200);
    await order(tuva, bath, 'pause', 1).expect(200);
    await send(tuva, bath, 'soak', WHITENER).expect(200);
    const back = work(await send(tuva, bath, 'undo', {}).expect(200));
    expect([back.state, back.soaks?.length]).toEqual(['running', 1]);
  });

  it('is refused in words on a task that was not begun, with a label turned round, of a product or a soak that is none', async () => {
    const bath = freshTask('bath');
    expect(detail(await send(tuva, bath, 'soak', WHITENER).expect(409))).toMatch(/not begun. The soak was not kept/);
    await order(tuva, bath, 'start', 0).expect(200);
    expect(detail(await send(tuva, bath, 'soak', { ...WHITENER, mostMin: 2 }).expect(400))).toMatch(
      /most is below its least/,
    );
    await send(tuva, bath, 'soak', { ...WHITENER, product: 'soap' }).expect(400);
    expect(detail(await send(tuva, bath, 'soak-end', { soak: v7() }).expect(409))).toMatch(/not known here/);
    const old = msToInstant(world.clock.nowMs() - 26 * 60 * MINUTE_MS);
    await send(tuva, bath, 'soak', { ...WHITENER, at: old }).expect(400);
  });
});

describe('at the tub', () => {
  it('nothing is finished before each check is confirmed, and it says which are not', async () => {
    const bath = freshTask('bath', isConditioned);
    await order(tuva, bath, 'start', 0).expect(200);
    const refused = await order(tuva, bath, 'finish', 1, { confirmed: WHOLE.slice(0, 3) }).expect(409);
    expect(detail(refused)).toMatch(
      /not confirmed yet: tail, ears, skin looked at, product out\. Nothing was finished/,
    );
    const listed = (await asta.get('/api/work')).body as { work: { taskKey: string; state: string }[] };
    expect(listed.work.find((w) => w.taskKey === bath.key)?.state).toBe('running');
    await send(tuva, bath, 'soak', WHITENER).expect(200);
    const done = work(await order(tuva, bath, 'finish', 1, { confirmed: WHOLE }).expect(200));
    expect(done.state).toBe('done');
    expect(done.ticked).toEqual(expect.arrayContaining(WHOLE.map((c) => `exit.${c}`)));
    // A product that was confirmed to be out soaks no longer.
    expect(done.soaks?.every((s) => s.endedAt !== undefined)).toBe(true);
    // A finish that is taken back was no check of the next one.
    const back = work(await send(tuva, bath, 'undo', {}).expect(200));
    expect(back.state).toBe('running');
    expect((back.ticked ?? []).filter((t) => t.startsWith('exit.'))).toEqual([]);
    await order(tuva, bath, 'finish', back.version, { confirmed: WHOLE.slice(0, 3) }).expect(409);
    await order(tuva, bath, 'finish', back.version, { confirmed: WHOLE }).expect(200);
  });

  it('cotton stays in for the conditioner and is asked for after it; without one at the bath itself', async () => {
    const soak = freshTask('condition');
    await order(asta, soak, 'start', 0).expect(200);
    expect(detail(await order(asta, soak, 'finish', 1, { confirmed: ['product'] }).expect(409))).toMatch(/cotton out/);
    await order(asta, soak, 'finish', 1, { confirmed: ['product', 'cotton'] }).expect(200);
    const last = freshTask('trimBath', (a) => !isConditioned(a));
    await order(asta, last, 'start', 0).expect(200);
    expect(detail(await order(asta, last, 'finish', 1, { confirmed: WHOLE }).expect(409))).toMatch(/cotton out/);
  });

  it('work that is not at the tub asks for nothing, and a check that is none is refused', async () => {
    const brush = freshTask('brushOut1');
    await order(asta, brush, 'start', 0).expect(200);
    await order(asta, brush, 'finish', 1, { confirmed: ['elbows'] }).expect(400);
    await order(asta, brush, 'finish', 1).expect(200);
  });
});

describe('a mat whose skin is upset', () => {
  it('keeps mat work from being started until somebody marks it calm', async () => {
    const lead = await signInAs(world, 'maren');
    const knots = freshTask('knots');
    const mark = async (skin: string) => {
      const kennel = (await lead.get('/api/kennel').expect(200)).body as { dogs: { id: string; version: number }[] };
      const version = kennel.dogs.find((d) => d.id === knots.dogId)?.version;
      const mats = [{ zone: 'armpit', side: 'left', tightness: 'tight', cm: 4, atSkin: true, skin }];
      const marks = { soiled: [], mats, unready: [] };
      await lead.post(`/api/dogs/${knots.dogId}/marks`, { commandId: v7(), version, marks }).expect(200);
    };
    await mark('wet');
    expect(detail(await order(tuva, knots, 'start', 0).expect(409))).toMatch(
      /skin under a mat is upset \(armpit\).*vet looks first/,
    );
    await mark('calm');
    await order(tuva, knots, 'start', 0).expect(200);
  });
});

describe('two devices that were cut off at one task', () => {
  it('both count: parts ticked by either are ticked, the earlier finish wins, the minutes end with it', async () => {
    const task = freshTask('lineBrush');
    await order(tuva, task, 'start', 0).expect(200);
    world.clock.pass(30 * MINUTE_MS);
    const late = world.clock.nowMs();
    await send(tuva, task, 'tick', { line: 'part.rear.left', ticked: true }).expect(200);
    const first = work(await order(tuva, task, 'finish', 1).expect(200));
    expect([first.state, minutesOf(first)]).toEqual(['done', 30]);
    // The other tablet comes back: it saw version 1, and was quicker by ten minutes.
    await send(asta, task, 'tick', { line: 'part.rear.right', ticked: true }).expect(200);
    const at = msToInstant(late - 10 * MINUTE_MS);
    const both = work(await order(asta, task, 'finish', 1, { at }).expect(200));
    expect([both.finishedAt, minutesOf(both)]).toEqual([at, 20]);
    expect(both.ticked).toEqual(['part.rear.left', 'part.rear.right']);
    // A later finish changes nothing, and says who was quicker.
    const third = await order(asta, task, 'finish', 1, { at: msToInstant(late) }).expect(409);
    expect(detail(third)).toMatch(/was quicker/);
  });
});

describe('a note at the table', () => {
  const dogId = (): string => world.plan.activities[0]?.dogId ?? '';
  const log = (hand: Hand, body: object) => hand.post(`/api/dogs/${dogId()}/log`, { commandId: v7(), ...body });
  const notesOf = async (hand: Hand): Promise<{ id: string; kind: string; zones: string[]; text?: string }[]> => {
    const { dogs } = (await hand.get('/api/kennel').expect(200)).body as {
      dogs: { id: string; record: { notes?: { id: string; kind: string; zones: string[]; text?: string }[] } }[];
    };
    return dogs.find((d) => d.id === dogId())?.record.notes ?? [];
  };

  it('is read by everybody until somebody says that it is over; twice over is told', async () => {
    await log(tuva, { what: 'note', about: 'leftLonger', zones: ['throat'], text: ' the neck is short ' }).expect(200);
    await log(asta, { what: 'note', about: 'sore', zones: [] }).expect(200);
    const notes = await notesOf(asta);
    expect(notes).toEqual([
      expect.objectContaining({ kind: 'leftLonger', zones: ['throat'], text: 'the neck is short' }),
      expect.objectContaining({ kind: 'sore', zones: [] }),
    ]);
    await log(asta, { what: 'noteOver', noteId: notes[0]?.id }).expect(200);
    expect((await notesOf(tuva)).map((n) => n.kind)).toEqual(['sore']);
    expect(detail(await log(tuva, { what: 'noteOver', noteId: notes[0]?.id }).expect(409))).toMatch(/over already/);
  });

  it('without what it is about, or of a zone that is none, is refused', async () => {
    await log(tuva, { what: 'note', zones: ['throat'] }).expect(400);
    await log(tuva, { what: 'note', about: 'odd' }).expect(400);
    await log(tuva, { what: 'note', about: 'sore', zones: ['knee'] }).expect(400);
  });
});

it('a zone found damp at a check is remembered with its day, once for each time', async () => {
  const dogNow = async () => {
    const { dogs } = (await tuva.get('/api/kennel').expect(200)).body as {
      dogs: { id: string; name: string; version: number; dampFound: unknown[] }[];
    };
    return dogs.find((d) => d.name === 'Koro');
  };
  const mark = async (...zones: readonly string[]) => {
    const dog = await dogNow();
    const marks = { soiled: [], mats: [], unready: zones.map((zone) => ({ zone, test: 'damp' })) };
    await tuva.post(`/api/dogs/${dog?.id ?? ''}/marks`, { commandId: v7(), version: dog?.version, marks }).expect(200);
  };
  await mark('belly');
  await mark('belly', 'tail');
  await mark();
  await mark('tail');
  const day = '2026-06-17';
  expect((await dogNow())?.dampFound).toEqual([
    { day, zone: 'belly' },
    { day, zone: 'tail' },
    { day, zone: 'tail' },
  ]);
});

describe('a light web', () => {
  it('is kept for the ring where the school allows it, at most until its day; elsewhere it is refused in words', async () => {
    const { dogs } = (await tuva.get('/api/kennel').expect(200)).body as {
      dogs: { id: string; name: string; version: number }[];
    };
    const versions = new Map(dogs.map((d) => [d.name, { ...d }]));
    const mark = (name: string, mat: object) => {
      const dog = versions.get(name);
      const marks = { soiled: [], mats: [{ zone: 'flank', tightness: 'loose', ...mat }], unready: [] };
      return tuva.post(`/api/dogs/${dog?.id ?? ''}/marks`, { commandId: v7(), version: dog?.version, marks });
    };
    const first = (answer: Answer): string | undefined =>
      (answer.body as { errors?: { detail: string }[] }).errors?.[0]?.detail;
    expect(first(await mark('Lovage', { keptUntil: '2026-06-20' }).expect(400))).toMatch(/has tangles out/);
    expect(first(await mark('Fenn', { keptUntil: '2026-07-20' }).expect(400))).toMatch(/at most until 2026-06-2\d/);
    expect(first(await mark('Fenn', { keptUntil: '2026-06-20', tightness: 'tight' }).expect(400))).toMatch(
      /only a loose/,
    );
    await mark('Fenn', { keptUntil: 'soon' }).expect(400);
    await mark('Fenn', { keptUntil: '2026-06-20' }).expect(200);
  });
});

it('products that went into the coat are kept with the dog, and go again with an undo', async () => {
  const bath = freshTask('bath');
  const usesOf = async () => {
    const answer = (await asta.get('/api/kennel').expect(200)).body as {
      dogs: { id: string; record: { uses?: { product: string; day: string; scope: string; zones?: string[] }[] } }[];
    };
    return answer.dogs.find((d) => d.id === bath.dogId)?.record.uses ?? [];
  };
  const before = await usesOf();
  await order(tuva, bath, 'start', 0).expect(200);
  const product = { product: 'whiteningWash', scope: 'zones', zones: ['muzzle', 'beard'] };
  const confirmed = [...WHOLE, 'cotton'];
  await order(tuva, bath, 'finish', 1, { confirmed, used: [{ ...product, product: 'soap' }] }).expect(400);
  const finish = { commandId: v7(), confirmed, used: [product, { product: 'mildWash', scope: 'whole' }] };
  await order(tuva, bath, 'finish', 1, finish).expect(200);
  await order(tuva, bath, 'finish', 1, finish).expect(200);
  const day = '2026-06-17';
  expect((await usesOf()).slice(before.length)).toEqual([
    { day, ...product },
    { day, product: 'mildWash', scope: 'whole' },
  ]);
  await send(asta, bath, 'undo', {}).expect(200);
  expect(await usesOf()).toEqual(before);
});

it('a jacket under its towel is not cut until the release; other work on the dog goes on', async () => {
  const brisk = DEMO.dogs.find((d) => d.name === 'Brisk')?.id;
  const trim = freshTask('fineTrim', (a) => a.dogId === brisk);
  const nails = freshTask('nails', (a) => a.dogId === trim.dogId);
  const since = world.clock.nowMs() - 60 * 60_000;
  const towel = { taskKey: 'e:x:towelSet:1:1', dogId: trim.dogId, step: 'towelSet', state: 'done', workedMs: 300_000 };
  const times = { startedAt: msToInstant(since - 300_000), finishedAt: msToInstant(since) };
  await world.knex('task_work').insert({ ...workToRow({ ...towel, ...times } as WorkRecord), version: 1 });
  const refused = await order(asta, trim, 'start', 0);
  expect(refused.status).toBe(409);
  expect(refused.body).toMatchObject({ code: 'notNow' });
  expect(detail(refused)).toMatch(/the towel has been on since \d\d:\d\d \(.*back.*\)\. Nothing was started/);
  await order(asta, nails, 'start', 0).expect(200);
  await order(asta, nails, 'finish', 1, { doneBefore: true }).expect(200);
  await world.knex('task_work').where({ task_key: towel.taskKey }).delete();
  await order(asta, trim, 'start', 0).expect(200);
});
