/* Planning as a job: draft, publish, discard, cancel; the server stays responsive while it plans; the kennel goes out as it came in. */
import { v7 } from 'uuid';
import { CARE_LIBRARY } from '@loyal-mane/library';
import { readKennel } from '@loyal-mane/library/reader';
import { PlannerPool } from '../src/workers/plannerPool.js';
import type { Hand, World } from './world.js';
import { fewDogs } from '../../library/test/kennels/fewDogs.js';
import { DAWN_MS, DEMO, openWorld, signInAs } from './world.js';

/** Few dogs, one of which has no place: its handler stands in another ring. */
const FEW = fewDogs(DEMO, ['Tamsin', 'Brisk', 'Isbrin', 'Wisp', 'Lovage', 'Bram', 'Hale']);

let world: World;
let maren: Hand;

beforeAll(async () => {
  world = await openWorld('plan', FEW);
  maren = await signInAs(world, 'maren');
  await world.app.get(PlannerPool).warmUp(FEW, DAWN_MS);
}, 120_000);
afterAll(() => world.close());

interface Job {
  id: string;
  state: string;
  planId?: string;
  progress?: { placed: number; of: number };
}
const ask = async (mode: string): Promise<Job> =>
  (await maren.post('/api/plan-jobs', { commandId: v7(), mode }).expect(200)).body as Job;

async function until(id: string, states: string[]): Promise<Job> {
  for (let i = 0; i < 400; i++) {
    const job = (await maren.get(`/api/plan-jobs/${id}`).expect(200)).body as Job;
    if (states.includes(job.state)) return job;
    await new Promise((done) => setTimeout(done, 50));
  }
  throw new Error(`job ${id} did not reach ${states.join()}`);
}

interface View {
  published: {
    id: string;
    plan: { activities: { key: string; state: string; people: string[]; start: string }[] };
  } | null;
  draft: { id: string; summary: { ready: number; of: number; moved: number } } | null;
}
const view = async (hand = maren): Promise<View> => (await hand.get('/api/plan').expect(200)).body as View;

it('tells on demand why a chain has no place and what would help, and has nothing to tell of one that has', async () => {
  const { plan } = (await view()).published as unknown as {
    plan: { unplaced: { key: string; reason: { code: string } }[]; activities: { entryId: string | null }[] };
  };
  const lost = plan.unplaced.find((u) => u.key.startsWith('e:'));
  if (lost === undefined) throw new Error('every entry has a place');
  const why = (key: string) => maren.get(`/api/chains/${encodeURIComponent(key)}/why`);
  const told = (await why(lost.key).expect(200)).body as { reason: { code: string } };
  expect(told.reason.code).toBe(lost.reason.code);
  const placed = plan.activities.find((a) => a.entryId !== null)?.entryId ?? '';
  for (const key of [`e:${placed}`, 'e:nobody'])
    expect((await why(key).expect(404)).body).toMatchObject({ code: 'notFound' });
});

it('a task is set and let go by a lead: planning goes around it, and what makes no sense is refused', async () => {
  const { published } = await view();
  const task = published?.plan.activities.filter((a) => a.state === 'planned' && a.key.includes(':inspection:')).at(-1);
  const key = encodeURIComponent(task?.key ?? '');
  const start = task?.start ?? '';
  const set = (body: object) => maren.post(`/api/tasks/${key}/set`, { commandId: v7(), ...body });
  const pins = async (): Promise<unknown> =>
    ((await maren.get('/api/kennel').expect(200)).body as { pins: unknown[] }).pins;
  const bather = await signInAs(world, 'tuva');
  await bather.post(`/api/tasks/${key}/set`, { commandId: v7(), start }).expect(403);
  for (const body of [
    { start: 'soon' },
    { start: '2026-06-17T07:03:00Z' },
    { start, personId: v7() },
    { start, stationId: v7() },
    { start, who: 'me' },
  ])
    expect((await set(body).expect(400)).body).toMatchObject({ code: 'badInput' });
  await maren.post('/api/tasks/e%3Anobody%3Abath%3A1%3A1/set', { commandId: v7(), start }).expect(404);
  expect(await pins()).toEqual([]);
  const command = { commandId: v7(), start };
  await maren.post(`/api/tasks/${key}/set`, command).expect(204);
  await maren.post(`/api/tasks/${key}/set`, command).expect(204);
  expect(await pins()).toEqual([{ taskKey: task?.key, start }]);
  const job = await until((await ask('keep')).id, ['done']);
  const draft = (
    (await maren.get('/api/plan').expect(200)).body as {
      draft: { plan: { activities: { key: string; reason: { code: string } }[] } };
    }
  ).draft;
  expect(draft.plan.activities.find((a) => a.key === task?.key)?.reason.code).toBe('pinned');
  await maren.post(`/api/plans/${job.planId ?? ''}/discard`, { commandId: v7() }).expect(200);
  await maren.post(`/api/tasks/${key}/let-go`, { commandId: v7() }).expect(204);
  await maren.post(`/api/tasks/${key}/let-go`, { commandId: v7() }).expect(409);
  expect(await pins()).toEqual([]);
});

it('drafts, discards without a trace, drafts again and publishes', async () => {
  const before = await view();
  const first = await until((await ask('fresh')).id, ['done']);
  const drafted = await view();
  expect(drafted.draft?.id).toBe(first.planId);
  expect(drafted.published?.id).toBe(before.published?.id);
  expect(drafted.draft?.summary).toMatchObject({ of: FEW.dogs.length });
  const bather = await signInAs(world, 'tuva');
  expect((await view(bather)).draft).toBeNull();
  await maren.post(`/api/plans/${first.planId ?? ''}/discard`, { commandId: v7() }).expect(200);
  expect((await view()).draft).toBeNull();
  const second = await until((await ask('keep')).id, ['done']);
  const command = { commandId: v7() };
  await maren.post(`/api/plans/${second.planId ?? ''}/publish`, command).expect(200);
  await maren.post(`/api/plans/${second.planId ?? ''}/publish`, command).expect(200);
  expect((await view()).published?.id).toBe(second.planId);
  const late = await maren.post(`/api/plans/${second.planId ?? ''}/publish`, { commandId: v7() });
  expect(late.status).toBe(409);
});

it('goes on answering while it plans', async () => {
  const { id } = await ask('fresh');
  let answered = 0;
  let planId: string | undefined;
  while (planId === undefined) {
    const job = (await maren.get(`/api/plan-jobs/${id}`).expect(200)).body as Job;
    expect(['queued', 'running', 'done']).toContain(job.state);
    if (job.state === 'running') answered++;
    planId = job.planId;
  }
  // Were the plan made in the server's own thread, not one question would be answered in the middle of it.
  expect(answered).toBeGreaterThan(10);
  await maren.post(`/api/plans/${planId}/discard`, { commandId: v7() }).expect(200);
});

it('can be cancelled, and the newest request wins', async () => {
  const job = await ask('fresh');
  await maren.post(`/api/plan-jobs/${job.id}/cancel`, { commandId: v7() }).expect(204);
  expect((await until(job.id, ['cancelled', 'done'])).state).toBe('cancelled');
  expect((await view()).draft).toBeNull();
  const first = await ask('fresh');
  const second = await ask('fresh');
  expect((await until(second.id, ['done'])).planId).toBeDefined();
  expect((await until(first.id, ['cancelled', 'done', 'failed'])).state).toBe('cancelled');
});

it('gives the plan that it has when somebody takes it as it is; nothing is left to take once it is over', async () => {
  const job = await ask('fresh');
  // Asked while it runs, or before it has begun: the search ends as soon as it has a plan.
  await maren.post(`/api/plan-jobs/${job.id}/enough`, { commandId: v7() }).expect(204);
  const { planId } = await until(job.id, ['done', 'failed', 'cancelled']);
  const { draft } = await view();
  expect(draft?.id).toBe(planId);
  expect(draft?.summary.of).toBeGreaterThan(0);
  const late = await maren.post(`/api/plan-jobs/${job.id}/enough`, { commandId: v7() }).expect(409);
  expect((late.body as { detail: string }).detail).toBe('This planning is over already.');
  await maren.post(`/api/plans/${planId ?? ''}/discard`, { commandId: v7() }).expect(200);
});

it('looks for what would help after a plan is shown: each change is planned with, and what helps gives the place', async () => {
  interface Checked {
    published: { id: string };
    checks: {
      planId: string;
      of: number;
      chains: { key: string; remedies: { changes: { code: string }[]; gained: string[] }[] }[];
    }[];
  }
  const seen = async (hand = maren) => (await hand.get('/api/plan').expect(200)).body as Checked;
  const { id } = (await seen()).published;
  const bather = await signInAs(world, 'tuva');
  await bather.post(`/api/plans/${id}/look-into`, { commandId: v7() }).expect(403);
  await maren.post(`/api/plans/${v7()}/look-into`, { commandId: v7() }).expect(404);
  await maren.post(`/api/plans/${id}/look-into`, { commandId: v7() }).expect(204);
  const mine = async () => (await seen()).checks.find((c) => c.planId === id);
  for (let k = 0; k < 1200 && ((await mine())?.chains.length ?? 0) < ((await mine())?.of ?? 1); k++)
    await new Promise((done) => setTimeout(done, 50));
  const found = await mine();
  expect(found?.of).toBeGreaterThan(0);
  const helpful = found?.chains.flatMap((c) => c.remedies) ?? [];
  expect(helpful.length).toBeGreaterThan(0);
  for (const r of helpful) expect(r.gained.length).toBeGreaterThan(0);
  // Once it is found nothing is looked for again, and there is nothing to stop twice.
  await maren.post(`/api/plans/${id}/stop-looking`, { commandId: v7() }).expect(204);
  await maren.post(`/api/plans/${id}/stop-looking`, { commandId: v7() }).expect(409);
  expect((await seen(bather)).checks).toEqual([]);
});

interface Breaks {
  planId: string;
  breaks: { code: string; dogId: string; personId: string | null; since: { at: string; actorId: string } | null }[];
}
const broken = async (hand = maren): Promise<Breaks> => (await hand.get('/api/plan/breaks').expect(200)).body as Breaks;

it('says what of the published plan no longer holds, since when and by whom', async () => {
  expect(await broken()).toEqual({ planId: (await view()).published?.id, breaks: [] });
  const brisk = FEW.entries.find((e) => FEW.dogs.some((d) => d.id === e.dogId && d.name === 'Brisk'));
  const id = brisk?.id ?? '';
  const rows = (await maren.get('/api/kennel/rows').expect(200)).body as { entries: { id: string }[] };
  const from = rows.entries.find((e) => e.id === id);
  const to = { ...from, ringTime: '07:00' };
  const save = (change: object) =>
    maren.post('/api/changes', { commandId: v7(), changes: [{ list: 'entries', id, ...change }] }).expect(200);
  await save({ from, to });
  const told = await broken();
  expect(told.breaks.length).toBeGreaterThan(0);
  for (const b of told.breaks) {
    expect(b).toMatchObject({ dogId: brisk?.dogId, since: { actorId: maren.personId } });
    expect(Math.abs(Date.parse(b.since?.at ?? '') - DAWN_MS)).toBeLessThan(3_600_000);
  }
  await save({ from: to, to: from });
  expect((await broken()).breaks).toEqual([]);
});

it('goes back to the plan before, once for each that was published since, and forth again', async () => {
  const seen = async () =>
    (await maren.get('/api/plan').expect(200)).body as { published: { id: string }; previous: { id: string } | null };
  const back = (id: string) => maren.post(`/api/plans/${id}/take-back`, { commandId: v7() });
  const first = await seen();
  const previous = first.previous?.id ?? '';
  expect(previous).not.toBe('');
  await back(first.published.id).expect(409);
  await back(previous).expect(200);
  expect(await seen()).toMatchObject({ published: { id: previous }, previous: { id: first.published.id } });
  await back(previous).expect(409);
  await back(first.published.id).expect(200);
  expect(await seen()).toMatchObject({ published: { id: first.published.id }, previous: { id: previous } });
  const bather = await signInAs(world, 'tuva');
  await bather.post(`/api/plans/${previous}/take-back`, { commandId: v7() }).expect(403);
  expect(((await bather.get('/api/plan')).body as { previous: unknown }).previous).toBeNull();
});

it('plans again around somebody who is ill: nothing of that day is left with them', async () => {
  const ahead = ((await view()).published?.plan.activities ?? []).filter(
    (a) => a.state === 'planned' && a.start.startsWith(DEMO.startDay),
  );
  const busy = DEMO.people.find((p) => p.role === 'bather' && ahead.some((a) => a.people.includes(p.id)));
  const missing = await signInAs(world, busy?.signIn ?? '');
  await maren
    .post(`/api/people/${missing.personId}/absences`, { commandId: v7(), day: DEMO.startDay, reason: 'ill' })
    .expect(200);
  const ill = (await broken()).breaks;
  expect(ill.length).toBeGreaterThan(0);
  for (const b of ill) expect(b).toMatchObject({ code: 'away', personId: missing.personId });
  const job = await until((await ask('keep')).id, ['done']);
  await maren.post(`/api/plans/${job.planId ?? ''}/publish`, { commandId: v7() }).expect(200);
  const { published } = await view();
  const today =
    published?.plan.activities.filter((a) => a.state === 'planned' && a.start.startsWith(DEMO.startDay)) ?? [];
  expect(today.length).toBeGreaterThan(10);
  expect(today.filter((a) => a.people.includes(missing.personId))).toEqual([]);
  await maren
    .post(`/api/people/${missing.personId}/absences/remove`, { commandId: v7(), day: DEMO.startDay })
    .expect(200);
});

it('says how early and how late a task could be, and what waits for it', async () => {
  const { published } = await view();
  const bath = published?.plan.activities.find((a) => a.state === 'planned' && a.key.includes(':bath:'));
  const room = (await maren.get(`/api/tasks/${encodeURIComponent(bath?.key ?? '')}/slack`).expect(200)).body as {
    earliest: string;
    latest: string;
    waits: string[];
  };
  expect(room.earliest <= (bath?.start ?? '')).toBe(true);
  expect(room.latest >= (bath?.start ?? '')).toBe(true);
  expect(room.waits.length).toBeGreaterThan(0);
});

it('reopens a station once, and says so when it is open', async () => {
  const station = (
    (await maren.get('/api/kennel')).body as {
      stations: { id: string; name: string; version: number; closures: { day: string }[] }[];
    }
  ).stations.find((s) => s.name === 'Tub 2');
  const body = (version: number) => ({ commandId: v7(), version, day: station?.closures[0]?.day });
  await maren.post(`/api/stations/${station?.id ?? ''}/reopen`, body(1)).expect(200);
  expect((await maren.post(`/api/stations/${station?.id ?? ''}/reopen`, body(2))).status).toBe(409);
});

it('exports a kennel that reads back as the same kennel, without passwords or sessions', async () => {
  const text = (await maren.get('/api/export').expect(200)).text;
  expect(text).not.toMatch(/argon2|token|csrf/);
  const read = readKennel(text, CARE_LIBRARY);
  expect(read.ok).toBe(true);
  const out = JSON.parse(text) as typeof FEW;
  const sorted = (rows: readonly { id: string }[]) => [...rows].sort((x, y) => x.id.localeCompare(y.id));
  for (const list of [
    'sites',
    'circuits',
    'people',
    'shifts',
    'owners',
    'dogs',
    'shows',
    'rings',
    'entries',
  ] as const) {
    const mine = sorted(out[list]);
    expect(mine).toEqual(sorted(FEW[list]));
    expect(mine.length).toBeGreaterThan(1);
  }
  expect(out.work).toHaveLength(FEW.work.length);
});
