/*
 * Faults that newcomers met, tried by hand in the browser: a cut network at the bench, wet hands on a phone, owners, forms, the
 * keyboard, a typing mistake. Each of these failed once.
 */
import type { Locator } from '@playwright/test';
import { v7 } from 'uuid';
import { PLANNED_MS, another, choose, expect, finishTask, signIn, startedOrAnyway, test } from './world.js';
import type { Page } from './world.js';

/** Errors on the page's console from now on. */
function consoleErrors(page: Page): string[] {
  const errors: string[] = [];
  page.on('console', (m) => {
    if (m.type() === 'error') errors.push(`${m.text()} ${m.location().url}`);
  });
  page.on('pageerror', (e) => errors.push(String(e)));
  return errors;
}

/** The start of a task that nobody has begun; what runs is finished first. */
async function nextStart(bench: Page): Promise<Locator> {
  const start = bench.getByRole('button', { name: /^Start \w+: / });
  const finish = bench.getByRole('button', { name: /is finished$/ });
  await start.or(finish).first().waitFor();
  if (await finish.isVisible()) await finishTask(bench);
  await expect(start).toBeVisible();
  return start;
}

test('a cut network at the bench: it goes on, says what waits, and a reload keeps it', async ({ browser }) => {
  const bench = await another(browser, 'jonas', '/bench');
  const start = await nextStart(bench);
  const status = bench.locator('.bench-top [role=status]');
  await expect(status).toHaveText('saved');
  await bench.context().setOffline(true);
  await expect(async () => {
    if (await start.isVisible()) await start.click();
    await expect(bench.getByRole('button', { name: 'Not started after all' })).toBeVisible({ timeout: 2000 });
  }).toPass();
  await expect(status).toHaveText('1 record waits on this device');
  await bench.context().setOffline(false);
  // The page is loaded anew before it could be sent: what was kept is sent by the new page.
  await bench.reload();
  await startedOrAnyway(bench, bench.getByRole('button', { name: 'Not started after all' }));
  await expect(status).toHaveText('saved');
  await bench.context().close();
});

test('on a phone the offer to undo covers no button, and the start names its dog', async ({ browser }) => {
  const bench = await another(browser, 'pia', '/bench', { width: 390, height: 844 });
  const start = await nextStart(bench);
  await bench.getByRole('button', { name: 'Skip it' }).click();
  await bench.getByRole('dialog').getByRole('button', { name: 'Station taken' }).click();
  const undo = bench.locator('.undo-bar');
  await expect(undo).toContainText('skipped');
  await start.waitFor();
  const [bar, button] = [await undo.boundingBox(), await start.boundingBox()];
  if (bar === null || button === null) throw new Error('not on the screen');
  expect(bar.y + bar.height).toBeLessThanOrEqual(button.y);
  expect(button.y + button.height).toBeLessThanOrEqual(844);
  await expect(undo).toHaveCount(0, { timeout: 15_000 });
  await bench.getByText(/^Done today/).click();
  await bench.getByRole('list', { name: 'Done today' }).getByRole('button', { name: 'Take back' }).first().click();
  await expect(bench.locator('.bench-top [role=status]')).toHaveText('saved');
  await bench.context().close();
});

test('bathers land at their bench; owners read without a refused request, and are no staff', async ({
  page,
  browser,
}) => {
  const errors = consoleErrors(page);
  await page.goto('/');
  await page.getByLabel('Name').waitFor();
  expect(errors).toEqual([]);
  await signIn(page, 'maren');
  const owners = (await (await page.request.get('/api/kennel')).json()) as { owners: { id: string }[] };
  const { csrf } = (await (await page.request.get('/api/session')).json()) as { csrf: string };
  const post = async (path: string, body: object): Promise<unknown> => {
    const answer = await page.request.post(path, { data: body, headers: { 'x-csrf-token': csrf } });
    expect(answer.ok(), await answer.text()).toBe(true);
    return answer.json();
  };
  const id = v7();
  const to = { id, name: 'Own Er', signIn: 'owner-seen', role: 'owner', skills: [], ownerId: owners.owners[0]?.id };
  await post('/api/changes', { commandId: v7(), changes: [{ list: 'people', id, from: null, to }] });
  const { link } = (await post(`/api/people/${id}/link`, { commandId: v7() })) as { link: string };
  await page.goto('/kennel');
  await expect(page.getByRole('heading', { level: 1 })).toContainText('of 6 work today');
  const context = await browser.newContext({ baseURL: new URL(page.url()).origin });
  const owner = await context.newPage();
  const seen = consoleErrors(owner);
  await context.request.post('/api/session/link', { data: { link, password: 'wrenfold-demo' } });
  await owner.goto('/');
  await expect(owner.getByRole('heading', { level: 1 })).toContainText('will be ready');
  await expect(owner.getByText(/Nothing takes/)).toHaveCount(0);
  await owner.getByRole('link', { name: 'Dogs' }).click();
  await owner.getByRole('region', { name: 'Dogs' }).getByRole('link').first().click();
  await expect(owner.getByText(/Touch a zone to see what holds there\./)).toBeVisible();
  await owner.getByRole('button', { name: 'Products and recipe' }).click();
  await expect(owner.getByRole('heading', { name: 'In the bath' })).toBeVisible();
  await expect(owner.getByRole('button', { name: /was used today/ })).toHaveCount(0);
  expect(seen).toEqual([]);
  await context.close();
  const tuva = await another(browser, 'tuva', '/');
  await expect(tuva).toHaveURL(/\/bench$/);
  await tuva.context().close();
});

test('forms read a decimal comma and days as people write them, and keep what is none', async ({ page }) => {
  await signIn(page, 'maren', '/dogs');
  await page.getByRole('button', { name: 'Add dog' }).click();
  const form = page.getByRole('dialog');
  await expect(form.getByLabel('Call name')).toBeFocused();
  await form.getByLabel('Call name').fill('Commana');
  await form.getByLabel('Weight').fill('24,5');
  await form.getByLabel('Born').fill('12.4.2023');
  await form.getByLabel('Call name').click();
  await expect(form.getByLabel('Born')).toHaveValue('12 Apr 2023');
  await form.getByLabel('Born').fill('soon after');
  await form.getByLabel('Call name').click();
  await expect(form.getByText(/“soon after” is not a day/)).toBeVisible();
  await expect(form.getByLabel('Born')).toHaveValue('soon after');
  await form.getByLabel('Born').fill('2023-04-12');
  await form.getByLabel('Call name').click();
  await form.getByLabel('Breed').click();
  await page.keyboard.type('Samoyed');
  await page.keyboard.press('Enter');
  await form.getByLabel('Sex').click();
  await page.keyboard.type('bitch');
  await page.keyboard.press('Enter');
  await form.getByRole('button', { name: 'Save' }).click();
  await expect(page.getByText('Saved.')).toBeVisible();
  const { dogs } = (await (await page.request.get('/api/kennel')).json()) as {
    dogs: { name: string; weightKg: number; born: string }[];
  };
  expect(dogs.find((d) => d.name === 'Commana')).toMatchObject({ weightKg: 24.5, born: '2023-04-12' });
  await expect(page.getByRole('row', { name: /Commana/ })).toContainText('not looked at yet');
  // The note that it is saved takes it back.
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(page.getByRole('row', { name: /Commana/ })).toHaveCount(0);
  await page.getByLabel('Find in dogs').fill('seraf');
  await expect(page.getByText('Nothing here matches “seraf”.')).toBeVisible();
  await page.getByRole('button', { name: 'Seraph?' }).click();
  await expect(page.getByRole('row', { name: /Seraph/ })).toBeVisible();
});

test('the keyboard is back where it was when a drawer closes', async ({ page }) => {
  await signIn(page, 'maren', '/day');
  const block = page.locator('button.block:not([aria-haspopup])').first();
  await block.focus();
  await page.keyboard.press('Enter');
  await expect(page.getByRole('dialog')).toBeVisible();
  await page.keyboard.press('Escape');
  await expect(page.getByRole('dialog')).toHaveCount(0);
  await expect(block).toBeFocused();
});

test('a supposed moved ring becomes true at a press', async ({ page }) => {
  await signIn(page, 'maren');
  await page.getByRole('button', { name: 'What if' }).click();
  await choose(page, 'What if', 'a ring time moves');
  await choose(page, 'Which dog', 'Bram, ');
  await page.getByRole('textbox', { name: 'Time' }).fill('12:25');
  await page.getByRole('button', { name: 'Suppose this', exact: true }).click();
  await page.getByRole('region', { name: 'What it would do' }).waitFor({ timeout: PLANNED_MS });
  await page.getByRole('button', { name: 'Save these changes and plan again' }).click();
  await expect(page.getByRole('region', { name: 'Draft plan' })).toBeVisible({ timeout: PLANNED_MS });
  const { entries, dogs } = (await (await page.request.get('/api/kennel')).json()) as {
    entries: { dogId: string; ringTime: string }[];
    dogs: { id: string; name: string }[];
  };
  const bram = dogs.find((d) => d.name === 'Bram');
  expect(entries.filter((e) => e.dogId === bram?.id).map((e) => e.ringTime)).toContain('12:25');
  await page.getByRole('button', { name: 'Discard' }).click();
});

test('a supposed closed station and a dog that is not shown become true at a press, and are taken back', async ({
  page,
}) => {
  await signIn(page, 'maren');
  const kennel = async () =>
    (await (await page.request.get('/api/kennel')).json()) as {
      stations: { name: string; closures: { day: string; reason: string }[] }[];
      entries: object[];
    };
  type Kennel = Awaited<ReturnType<typeof kennel>>;
  const tub = (k: Kennel) => k.stations.find((s) => s.name === 'Tub 1')?.closures ?? [];
  const before = await kennel();
  await page.getByRole('button', { name: 'What if' }).click();
  await choose(page, 'What if', 'a station is closed');
  await choose(page, 'Which station', 'Tub 1');
  await choose(page, 'Day', 'Thu');
  await page.getByRole('button', { name: 'Suppose this', exact: true }).click();
  await choose(page, 'What if', 'a dog is not shown');
  await choose(page, 'Which dog', 'Bram, ');
  await page.getByRole('button', { name: 'Suppose this as well' }).click();
  await expect(page.getByRole('list', { name: 'Supposed' }).getByRole('listitem')).toHaveCount(2);
  await page.getByRole('region', { name: 'What it would do' }).waitFor({ timeout: PLANNED_MS });
  await page.getByRole('button', { name: 'Save these changes and plan again' }).click();
  await expect(page.getByRole('region', { name: 'Draft plan' })).toBeVisible({ timeout: PLANNED_MS });
  // A draft of the test before may still be there: what was saved says when this one is.
  await expect.poll(async () => tub(await kennel()).length, { timeout: PLANNED_MS }).toBe(tub(before).length + 1);
  const after = await kennel();
  expect(tub(after).at(-1)).toMatchObject({ day: '2026-06-18', reason: 'closed for the day' });
  expect(after.entries).toHaveLength(before.entries.length - 1);
  await page.getByRole('button', { name: 'Discard' }).click();
  await page.goto('/kennel?part=trail');
  await page.getByRole('button', { name: 'Take back' }).first().click();
  await expect.poll(async () => (await kennel()).entries.length).toBe(before.entries.length);
  expect(tub(await kennel())).toEqual(tub(before));
});
