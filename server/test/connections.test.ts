/* One connection to the database is enough for everything, and many changes at once wait for each other, not for a pool. */
import { v7 } from 'uuid';
import type { Hand, World } from './world.js';
import { fewDogs } from '../../library/test/kennels/fewDogs.js';
import { DEMO, openWorld, signInAs } from './world.js';

const FEW = fewDogs(DEMO, ['Isbrin', 'Wisp', 'Lovage', 'Bram', 'Hale']);

describe('with a pool of one', () => {
  let world: World;
  let lead: Hand;
  beforeAll(async () => {
    world = await openWorld('one', FEW, { databasePool: 1 });
    lead = await signInAs(world, 'maren');
  }, 120_000);
  afterAll(() => world.close());

  const planId = async (): Promise<string> => {
    const { id } = (await lead.post('/api/plan-jobs', { commandId: v7(), mode: 'keep' }).expect(200)).body as {
      id: string;
    };
    for (;;) {
      const job = (await lead.get(`/api/plan-jobs/${id}`).expect(200)).body as { state: string; planId?: string };
      if (job.state === 'done') return job.planId ?? '';
      expect(['queued', 'running']).toContain(job.state);
    }
  };

  it('nothing waits for a second connection inside a transaction', async () => {
    const id = await planId();
    const answers = await Promise.all([
      lead.post(`/api/plans/${id}/publish`, { commandId: v7() }),
      ...['/api/kennel', '/api/plan', '/api/work', '/api/methods', '/api/export'].map((path) => lead.get(path)),
    ]);
    expect(answers.map((a) => a.status)).toEqual(answers.map(() => 200));
    const task = world.plan.activities.filter((a) => a.state === 'planned').at(-1);
    const key = encodeURIComponent(task?.key ?? '');
    await lead.post(`/api/tasks/${key}/set`, { commandId: v7(), start: task?.start }).expect(204);
    await lead.post(`/api/tasks/${key}/let-go`, { commandId: v7() }).expect(204);
    const station = DEMO.stations[0];
    const gone = [{ list: 'stations', id: station?.id, from: station, to: null }];
    await lead.post('/api/changes', { commandId: v7(), changes: gone }).expect(409);
    await lead.post(`/api/people/${DEMO.people[2]?.id ?? ''}/one-time-password`, { commandId: v7() }).expect(200);
    const methods = (await lead.get('/api/methods').expect(200)).body as { number: number };
    await lead.post('/api/methods', { commandId: v7(), number: methods.number, schools: {} }).expect(200);
  });
});

describe('with many hands', () => {
  let world: World;
  let lead: Hand;
  beforeAll(async () => {
    world = await openWorld('many', FEW);
    lead = await signInAs(world, 'maren');
  }, 120_000);
  afterAll(() => world.close());

  it('200 changes of the whole kennel at once are all made, and readers do not wait for them', async () => {
    const changes = Array.from({ length: 200 }, (_, k) => {
      const id = v7();
      const to = { id, name: `Owner ${String(k)}`, contact: '' };
      return lead.post('/api/changes', { commandId: v7(), changes: [{ list: 'owners', id, from: null, to }] });
    });
    const readers = Array.from({ length: 20 }, () => lead.get('/api/work'));
    const answers = await Promise.all([...changes, ...readers]);
    expect(answers.filter((a) => a.status !== 200).map((a) => [a.status, a.text])).toEqual([]);
    const owners = await world.knex('owners').where('name', 'like', 'Owner %').count({ n: '*' });
    expect(owners).toEqual([{ n: 200 }]);
  }, 90_000);

  it('40 publishes of one draft at once publish it once, the others are told, and none waits for a connection', async () => {
    const made = await lead.post('/api/plan-jobs', { commandId: v7(), mode: 'keep' }).expect(200);
    const { id } = made.body as { id: string };
    let planId: string | undefined;
    while (planId === undefined)
      planId = ((await lead.get(`/api/plan-jobs/${id}`).expect(200)).body as { planId?: string }).planId;
    const publish = Array.from({ length: 40 }, () => lead.post(`/api/plans/${planId}/publish`, { commandId: v7() }));
    const answers = await Promise.all([...publish, ...Array.from({ length: 20 }, () => lead.get('/api/plan'))]);
    const statuses = answers.map((a) => a.status);
    expect(statuses.filter((s) => s === 409)).toHaveLength(39);
    expect(statuses.filter((s) => s === 200)).toHaveLength(21);
  }, 90_000);

  it('300 questions about tasks do not keep a plan from being made; the same question is computed once', async () => {
    const tasks = world.plan.activities.filter((a) => a.state === 'planned');
    const key = encodeURIComponent(tasks[0]?.key ?? '');
    const same = await Promise.all(Array.from({ length: 100 }, () => lead.get(`/api/tasks/${key}/slack`)));
    expect(new Set(same.map((a) => a.text)).size).toBe(1);
    const many = await Promise.all(
      tasks.slice(0, 60).map((a) => lead.get(`/api/tasks/${encodeURIComponent(a.key)}/slack`)),
    );
    const statuses = many.map((a) => a.status);
    expect(statuses.filter((s) => s !== 200 && s !== 503)).toEqual([]);
    expect(statuses.filter((s) => s === 200).length).toBeGreaterThan(0);
    expect(many.find((a) => a.status === 503)?.body).toMatchObject({ code: 'busy' });
  }, 90_000);
});
