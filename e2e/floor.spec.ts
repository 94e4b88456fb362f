/* The work floor with several people: a soak that everybody sees, parts that either ticks, a mix that leaves its bottle. */
import { expectNothingSerious } from './axe.js';
import { another, expect, rested, signIn, startedOrAnyway, test, whoComesTo, worksUntil } from './world.js';
import type { Page } from './world.js';

test.use({ kennelOf: 'floor' });

const finishOf = (page: Page) => page.getByRole('button', { name: / is finished$/ });
const soaksOf = (page: Page) => page.getByRole('region', { name: 'Soaking now' });

test('a soak is seen in every room and on another device, over a reload, until somebody rinses it', async ({
  page,
  browser,
}) => {
  await signIn(page, 'maren');
  const bench = await another(browser, await whoComesTo(page, 'bath'), '/bench');
  await worksUntil(bench, /: bath$/);
  await rested(bench);
  await bench.getByRole('button', { name: /^Start / }).click();
  await startedOrAnyway(bench, finishOf(bench));
  await bench.locator('.begin-soak').getByRole('button').first().click();
  await expect(soaksOf(bench)).toContainText(/leave it|rinse within/);
  await bench.reload();
  await expect(soaksOf(bench)).toBeVisible();
  for (const room of ['/', '/dogs', '/mixing']) {
    await page.goto(room);
    await expect(soaksOf(page)).toContainText(/leave it|rinse within/);
  }
  await test.step('What the bench asks has nothing that axe calls serious', async () => {
    await expectNothingSerious(bench);
    await finishOf(bench).click();
    const before = bench.getByRole('button', { name: 'Yes, it was done before' });
    await before.or(bench.locator('.exit-checks')).first().waitFor();
    if (await before.isVisible()) await before.click();
    await bench.locator('.exit-checks').waitFor();
    await expect(bench.locator('.finish-row').getByRole('button').last()).toBeDisabled();
    await expectNothingSerious(bench);
    await bench.keyboard.press('Escape');
    await bench.getByRole('button', { name: 'Note', exact: true }).click();
    await bench.getByRole('dialog').getByRole('button', { name: 'Sore' }).waitFor();
    await expectNothingSerious(bench);
    await bench.keyboard.press('Escape');
  });
  const other = await another(browser, 'tuva', '/bench');
  await soaksOf(other).getByRole('button', { name: 'Rinsed' }).click();
  await expect(soaksOf(other)).toHaveCount(0);
  await expect(soaksOf(bench)).toHaveCount(0);
  await expect(soaksOf(page)).toHaveCount(0);
  await Promise.all([bench.context().close(), other.context().close()]);
});

test('a mix leaves its bottle and is put back; a bottle that cannot be is told while it is typed', async ({ page }) => {
  await signIn(page, 'maren', '/mixing');
  const batches = page.getByRole('list', { name: 'Batches' }).getByRole('listitem');
  const batch = batches.filter({ hasText: 'Mild wash' });
  const left = batch.getByText(/ left$/);
  const full = (await left.textContent()) ?? '';
  await batch.getByRole('button', { name: 'Mixed' }).click();
  await expect(left).not.toHaveText(full);
  await batch.getByRole('button', { name: 'Not mixed after all' }).click();
  await expect(left).toHaveText(full);
  await page.getByRole('button', { name: 'Add bottle' }).click();
  const form = page.getByRole('dialog');
  await form.getByRole('combobox', { name: /Class of product/ }).click();
  await page.locator('.ant-select-dropdown:visible').getByTitle('Mild wash').click();
  await form.getByLabel('Name on the label').fill('Clover mild wash');
  await form.getByLabel('Left in it').fill('2000');
  await expect(form.getByText(/more than it holds when full \(1000 ml\)/)).toBeVisible();
  await form.getByLabel('Left in it').fill('800');
  await expect(form.getByText(/more than it holds/)).toHaveCount(0);
  await form.getByRole('button', { name: 'Save' }).click();
  await expect(page.getByRole('region', { name: 'Bottles' }).getByText('Clover mild wash')).toBeVisible();
});
