/*
 * Each room on its own: nothing that axe calls serious, the phone's own views, shortcuts, and the weight of the first load.
 */
import { readFileSync } from 'node:fs';
import { createRequire } from 'node:module';
import type { Page } from '@playwright/test';
import { another, expect, signIn, test } from './world.js';

const AXE = readFileSync(createRequire(import.meta.url).resolve('axe-core/axe.min.js'), 'utf8');
const FIRST_LOAD_KB = 400;

interface Finding {
  readonly id: string;
  readonly impact: string | null;
  readonly nodes: readonly { readonly html: string }[];
}

async function serious(page: Page): Promise<string[]> {
  const first = await seriousNow(page);
  if (first.length === 0) return first;
  // Data that came in meanwhile may have begun a fade: what is wrong with a color is wrong for longer than that.
  await page.waitForTimeout(500);
  return seriousNow(page);
}

async function seriousNow(page: Page): Promise<string[]> {
  // Halfway through a fade colors are neither here nor there: what moves comes to rest first.
  await page.evaluate(() => {
    const ending = document.getAnimations().filter((a) => a.effect?.getComputedTiming().endTime !== Infinity);
    return Promise.allSettled(ending.map((a) => a.finished));
  });
  await page.evaluate(AXE);
  const found = await page.evaluate(async () => {
    const axe = (window as unknown as { axe: { run: (how: object) => Promise<{ violations: Finding[] }> } }).axe;
    return (await axe.run({ resultTypes: ['violations'] })).violations;
  });
  return found
    .filter((v) => v.impact === 'serious' || v.impact === 'critical')
    .map((v) => `${v.id}: ${v.nodes[0]?.html.slice(0, 160) ?? ''}`);
}

test('axe finds nothing serious in any room', async ({ page, browser }) => {
  await page.goto('/');
  await page.getByLabel('Name').waitFor();
  expect(await serious(page)).toEqual([]);
  await signIn(page, 'maren');
  await page.locator('.strand-row').first().waitFor();
  expect(await serious(page)).toEqual([]);
  await page.getByRole('button', { name: /^Isbrin / }).click();
  await page.getByRole('dialog').waitFor();
  await page.waitForTimeout(500);
  expect(await serious(page)).toEqual([]);
  await page.goto('/day');
  await page.locator('.block').first().waitFor();
  expect(await serious(page)).toEqual([]);
  for (const part of ['', '?part=programs', '?part=steps', '?part=zones', '?part=products', '?part=rules']) {
    await page.goto(`/methods${part}`);
    await page.locator('.schools, .chain, .step-pages, .coat-map, .rules').first().waitFor();
    expect(await serious(page)).toEqual([]);
  }
  await page.goto('/dogs');
  await page.getByRole('region', { name: 'Dogs' }).waitFor();
  expect(await serious(page)).toEqual([]);
  const file = await page.getByRole('link', { name: /^Isbrin/ }).getAttribute('href');
  for (const part of ['', '?part=products', '?part=estimates', '?part=record', '?part=about']) {
    await page.goto(`${file ?? ''}${part}`);
    await page.locator('.coat-map, .advice, .rules, .record, .trail').first().waitFor();
    expect(await serious(page)).toEqual([]);
  }
  for (const part of ['', '?part=shifts', '?part=stations', '?part=power', '?part=travel', '?part=kennel']) {
    await page.goto(`/yard${part}`);
    await page.locator('.list-tools, .row-fields').first().waitFor();
    expect(await serious(page)).toEqual([]);
  }
  for (const room of ['/shows', '/bring-in?what=dogs', '/account']) {
    await page.goto(room);
    await page.getByRole('heading', { level: 1 }).waitFor();
    expect(await serious(page)).toEqual([]);
  }
  const bench = await another(browser, 'ivo', '/bench');
  await bench.locator('.bench').waitFor();
  expect(await serious(bench)).toEqual([]);
  await bench.context().close();
});

test('a phone shows my day and the countdown as a list', async ({ browser }) => {
  const phone = await another(browser, 'pia', '/day', { width: 390, height: 844 });
  await expect(phone.getByRole('list', { name: 'My day' }).getByRole('listitem').first()).toBeVisible();
  await phone.getByRole('navigation', { name: 'Rooms on the floor' }).getByRole('link', { name: 'Countdown' }).click();
  await expect(phone.locator('.phone-row')).toHaveCount(18);
  expect(await phone.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(390);
  await phone.context().close();
});

test('shortcuts go to rooms and step through days; search goes to a dog', async ({ page }) => {
  await signIn(page, 'maren');
  await page.locator('.strand-row').first().waitFor();
  await page.keyboard.press('g');
  await page.keyboard.press('d');
  await expect(page.getByRole('heading', { level: 1 })).toContainText('Wednesday 17 Jun');
  await page.keyboard.press(']');
  await expect(page.getByRole('heading', { level: 1 })).toContainText('Thursday 18 Jun');
  await page.keyboard.press('/');
  await page.getByLabel('A dog, a person, a room, a show').fill('seraph, afghan');
  // Typing has narrowed the list to the one dog; Enter takes it.
  await expect(page.locator('.ant-select-item-option')).toHaveCount(1);
  await page.keyboard.press('Enter');
  await expect(page).toHaveURL(/dog=/);
  await expect(page.getByRole('dialog').getByText('Seraph, Afghan Hound').first()).toBeVisible();
});

test('the first load stays light and other rooms are loaded when opened', async ({ page }) => {
  const scripts = new Map<string, number>();
  page.on('response', (response) => {
    const path = new URL(response.url()).pathname;
    if (!path.endsWith('.js')) return;
    void response.body().then(
      (body) => scripts.set(path, body.length),
      () => undefined,
    );
  });
  await signIn(page, 'maren');
  await page.locator('.strand-row').first().waitFor();
  await page.waitForTimeout(300);
  const { gzipSync } = await import('node:zlib');
  let total = 0;
  for (const path of scripts.keys()) {
    const body = await (await page.request.get(path)).body();
    total += gzipSync(body).length;
  }
  console.log(`first load: ${String(Math.round(total / 1024))} kB of gzipped script in ${String(scripts.size)} files`);
  expect(scripts.size).toBeGreaterThan(1);
  expect(total / 1024).toBeLessThan(FIRST_LOAD_KB);
  const before = scripts.size;
  await page.getByRole('link', { name: 'Day sheet' }).first().click();
  await page.locator('.block').first().waitFor();
  expect(scripts.size).toBeGreaterThan(before);
});
