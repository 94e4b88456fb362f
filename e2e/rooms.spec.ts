/*
 * Each room on its own: nothing that axe calls serious, the phone's own views, shortcuts, and the weight of the first load.
 */
import { expectNothingSerious } from './axe.js';
import { another, expect, signIn, test } from './world.js';

const FIRST_LOAD_KB = 400;

test('axe finds nothing serious in any room', async ({ page, browser }) => {
  await page.goto('/');
  await page.getByLabel('Name').waitFor();
  await expectNothingSerious(page);
  await signIn(page, 'maren');
  await page.locator('.strand-row').first().waitFor();
  await expectNothingSerious(page);
  await page.getByRole('button', { name: /^Isbrin / }).click();
  await page.getByRole('dialog').waitFor();
  await expectNothingSerious(page);
  await page.goto('/day');
  await page.locator('.block').first().waitFor();
  await expectNothingSerious(page);
  for (const part of ['', '?part=programs', '?part=steps', '?part=zones', '?part=products', '?part=rules']) {
    await page.goto(`/methods${part}`);
    await page.locator('.schools, .chain, .step-pages, .coat-map, .rules').first().waitFor();
    await expectNothingSerious(page);
  }
  await page.goto('/dogs');
  await page.getByRole('region', { name: 'Dogs' }).waitFor();
  await expectNothingSerious(page);
  const file = await page.getByRole('link', { name: /^Isbrin/ }).getAttribute('href');
  for (const part of ['', '?part=products', '?part=estimates', '?part=record', '?part=about']) {
    await page.goto(`${file ?? ''}${part}`);
    await page.locator('.coat-map, .advice, .rules, .record, .trail').first().waitFor();
    await expectNothingSerious(page);
  }
  for (const part of [
    '',
    '?part=shifts',
    '?part=stations',
    '?part=power',
    '?part=tools',
    '?part=travel',
    '?part=kennel',
  ]) {
    await page.goto(`/kennel${part}`);
    await page.locator('.list-tools, .row-fields').first().waitFor();
    await expectNothingSerious(page);
  }
  for (const room of ['/shows', '/mixing', '/walk', '/outline', '/bring-in?what=dogs', '/account']) {
    await page.goto(room);
    await page.getByRole('heading', { level: 1 }).waitFor();
    await expectNothingSerious(page);
  }
  const bench = await another(browser, 'ivo', '/bench');
  await bench.locator('.bench').waitFor();
  await expectNothingSerious(bench);
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
  const scripts = new Set<string>();
  page.on('response', (response) => {
    const path = new URL(response.url()).pathname;
    if (path.endsWith('.js')) scripts.add(path);
  });
  await signIn(page, 'maren');
  await page.locator('.strand-row').first().waitFor();
  const { gzipSync } = await import('node:zlib');
  let total = 0;
  // Scripts fetched once the room stands are no part of its first load.
  const first = [...scripts];
  for (const path of first) {
    const body = await (await page.request.get(path)).body();
    total += gzipSync(body).length;
  }
  console.log(`first load: ${String(Math.round(total / 1024))} kB of gzipped script in ${String(first.length)} files`);
  expect(first.length).toBeGreaterThan(1);
  expect(total / 1024).toBeLessThan(FIRST_LOAD_KB);
  const before = scripts.size;
  await page.getByRole('link', { name: 'Day sheet' }).first().click();
  await page.locator('.block').first().waitFor();
  expect(scripts.size).toBeGreaterThan(before);
});
