/* The bench without a network: it opens, goes on, loses nothing, and two devices at one dog are brought together. */
import { another, expect, finishTask, rested, signIn, startedOrAnyway, test, whoComesTo, worksUntil } from './world.js';
import type { Browser, Page } from './world.js';

test.use({ kennelOf: 'offline' });

const TABLET = { width: 1024, height: 768 };

/** The answers that a page keeps on its device: the resources by name, and how wrong its clock is. */
const keptOn = (page: Page): Promise<{ readonly keys: string[]; readonly offsetMs: number }> =>
  page.evaluate(async () => {
    const of = <T>(asked: IDBRequest<T>): Promise<T> =>
      new Promise((resolve) => asked.addEventListener('success', () => resolve(asked.result)));
    const open = await of(indexedDB.open('loyal-mane'));
    interface Kept {
      readonly offsetMs: number;
      readonly state: { readonly queries: { readonly queryKey: string[] }[] };
    }
    const kept = open.objectStoreNames.contains('offline')
      ? ((await of<unknown>(open.transaction('offline').objectStore('offline').get('answers'))) as Kept | undefined)
      : undefined;
    open.close();
    return {
      keys: (kept?.state.queries ?? []).map((q) => q.queryKey[0] ?? '').sort(),
      offsetMs: kept?.offsetMs ?? 0,
    };
  });

/** A tablet that keeps the application's files, and has kept what the floor needs. */
async function tablet(browser: Browser, name: string): Promise<Page> {
  const page = await another(browser, name, '/bench', TABLET, { serviceWorkers: 'allow' });
  await page.waitForFunction(() => navigator.serviceWorker.controller !== null);
  await expect
    .poll(async () => (await keptOn(page)).keys)
    .toEqual(expect.arrayContaining(['kennel', 'plan', 'session', 'work']));
  return page;
}

interface Work {
  readonly taskKey: string;
  readonly state: string;
  readonly step: string;
  readonly workedMs: number;
  readonly finishedAt?: string;
  readonly ticked?: string[];
  readonly pauses?: { cause?: string }[];
  readonly soaks?: { product: string; at: string; endedAt?: string }[];
}
const workOf = (page: Page): Promise<Work[]> =>
  page.evaluate(async () => ((await (await fetch('/api/work')).json()) as { work: Work[] }).work);

/** The task at the bench, by its heading. */
const title = (page: Page): Promise<string> => page.locator('main.bench h1').first().innerText();
const chip = (page: Page, name: string) => page.locator('.part-chips').getByRole('button', { name });
const finishOf = (page: Page) => page.getByRole('button', { name: / is finished$/ });
const saved = (page: Page): Promise<void> => expect(page.getByText('saved', { exact: true })).toBeVisible();

/** Works on the task at the bench, whether or not somebody has begun it. */
async function begun(bench: Page): Promise<void> {
  const start = bench.getByRole('button', { name: /^Start / });
  await start.or(finishOf(bench)).first().waitFor();
  if (await start.isVisible()) {
    await rested(bench);
    await start.click();
  }
  await startedOrAnyway(bench, finishOf(bench));
}

test('a bath goes on from start to end without a network, over reloads, and reaches the server in its order', async ({
  page,
  browser,
}) => {
  await signIn(page, 'maren');
  const bench = await tablet(browser, await whoComesTo(page, 'bath'));
  await worksUntil(bench, /: bath$/);
  const seen = await title(bench);
  await bench.context().setOffline(true);
  await rested(bench);
  await bench.getByRole('button', { name: /^Start / }).click();
  await bench.reload();
  expect(await title(bench)).toBe(seen);
  await expect(bench.getByText('1 record waits on this device')).toBeVisible();

  // Each thing that is done stays over a reload without a network.
  const does: readonly (readonly [() => Promise<void>, () => Promise<void>])[] = [
    [() => chip(bench, 'Body').click(), () => expect(chip(bench, 'Body')).toContainText('left done')],
    [() => chip(bench, 'Body').click(), () => expect(chip(bench, 'Body')).toHaveAttribute('aria-pressed', 'true')],
    [
      () => bench.locator('.begin-soak').getByRole('button').first().click(),
      () => expect(bench.getByRole('button', { name: 'Rinsed' })).toBeVisible(),
    ],
    [
      () => bench.getByRole('button', { name: 'Pause' }).click(),
      () => expect(bench.getByRole('button', { name: 'Go on' })).toBeVisible(),
    ],
    [
      () => bench.getByRole('button', { name: 'Called away' }).click(),
      () => expect(bench.getByText('Why the pause?')).toHaveCount(0),
    ],
    [
      () => bench.getByRole('button', { name: 'Go on' }).click(),
      () => expect(bench.getByRole('button', { name: 'Pause' })).toBeVisible(),
    ],
    [
      () => bench.getByRole('button', { name: 'Rinsed' }).click(),
      () => expect(bench.getByRole('button', { name: 'Rinsed' })).toHaveCount(0),
    ],
  ];
  // A note beside the task waits with it.
  await bench.getByRole('button', { name: 'Note', exact: true }).click();
  await bench.getByRole('button', { name: 'Sore', exact: true }).click();
  await bench.getByLabel('Why, or what to do').fill('said without a network');
  await bench.getByRole('button', { name: /^Note it/ }).click();
  await expect(bench.getByText('2 records wait on this device')).toBeVisible();
  for (const [act, isSo] of does) {
    await rested(bench);
    await act();
    await isSo();
    await bench.reload();
    await isSo();
  }
  await finishTask(bench);
  await expect(bench.locator('main.bench h1').first()).not.toHaveText(seen);
  await bench.reload();
  await expect(bench.locator('main.bench h1').first()).not.toHaveText(seen);
  await bench.getByText('10 records wait on this device').click();
  await expect(bench.locator('.waiting-records li').first()).toContainText('start');
  await expect(bench.locator('.waiting-records li').last()).toContainText('finish');
  // Other rooms on the device say so too.
  await bench.getByRole('link', { name: 'Leave' }).click();
  await expect(bench.getByRole('region', { name: 'Waiting on this device' })).toContainText('10 records wait');
  await bench.getByRole('link', { name: 'Bench', exact: true }).click();

  await bench.context().setOffline(false);
  await saved(bench);
  const notes = await bench.evaluate(async () => {
    const { dogs } = (await (await fetch('/api/kennel')).json()) as {
      dogs: { record: { notes?: { text?: string }[] } }[];
    };
    return dogs.flatMap((d) => (d.record.notes ?? []).map((n) => n.text ?? ''));
  });
  expect(notes.filter((text) => text === 'said without a network')).toHaveLength(1);
  const [bath] = (await workOf(bench)).filter((w) => w.step === 'bath' && w.state === 'done' && w.soaks !== undefined);
  expect(bath?.ticked).toEqual(expect.arrayContaining(['part.trunk.left', 'part.trunk.right', 'exit.feet']));
  expect(bath?.pauses?.map((p) => p.cause)).toEqual(['calledAway']);
  expect(bath?.soaks?.every((s) => s.endedAt !== undefined)).toBe(true);
  await bench.context().close();
});

test('two tablets without a network at one dog: parts ticked by either are ticked, one finish counts, the other is told', async ({
  page,
  browser,
}) => {
  await signIn(page, 'maren');
  const account = await whoComesTo(page, 'brushOut1');
  const [one, two] = [await tablet(browser, account), await tablet(browser, account)];
  await worksUntil(one, /: brush-out/);
  const seen = await title(one);
  await begun(one);
  await expect(finishOf(two)).toBeVisible();
  await one.context().setOffline(true);
  await two.context().setOffline(true);
  await chip(one, 'Head').click();
  await chip(two, 'Tail').click();
  await finishTask(one);
  await finishTask(two);
  await one.context().setOffline(false);
  await saved(one);
  await two.context().setOffline(false);
  // Both finished within the same minute: whoever is told so lost nothing but the later finish.
  await expect(two.getByText(/was quicker|saved/).first()).toBeVisible();
  const done = (await workOf(one)).find((w) => w.ticked?.includes('part.head') === true);
  expect(done?.state).toBe('done');
  expect(done?.ticked).toEqual(expect.arrayContaining(['part.head', 'part.tail']));
  expect(await title(one)).not.toBe(seen);
  await Promise.all([one.context().close(), two.context().close()]);
});

test('a tablet whose clock is an hour wrong keeps the right times, also without a network', async ({ browser }) => {
  const bench = await tablet(browser, 'tuva');
  await begun(bench);
  const right = (await keptOn(bench)).offsetMs;
  await bench.addInitScript(() => {
    const [real, wrong] = [Date.now.bind(Date), 3_600_000];
    Date.now = () => real() + wrong;
  });
  await bench.reload();
  await expect(bench.locator('main.bench h1').first()).toBeVisible();
  // The answers are kept with how wrong the clock is.
  await expect.poll(async () => Math.round(((await keptOn(bench)).offsetMs - right) / 3_600_000)).toBe(-1);
  await bench.context().setOffline(true);
  await bench.reload();
  await finishTask(bench);
  await bench.context().setOffline(false);
  await saved(bench);
  const { now, done } = await bench.evaluate(async () => {
    const session = (await (await fetch('/api/session/now')).json()) as { session: { now: string } };
    const { work } = (await (await fetch('/api/work')).json()) as { work: { finishedAt?: string }[] };
    return {
      now: session.session.now,
      done:
        work
          .map((w) => w.finishedAt ?? '')
          .sort()
          .at(-1) ?? '',
    };
  });
  expect(Math.abs(Date.parse(now) - Date.parse(done))).toBeLessThan(5 * 60_000);
  await bench.context().close();
});
