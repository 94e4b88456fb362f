/*
 * A finding in a coat is marked where it was found, seen by the lead at once, and worked by in the next plan.
 */
import { PLANNED_MS, another, expect, signIn, test } from './world.js';

test('a mat that a bather finds reaches the lead and the plan', async ({ page, browser }) => {
  await signIn(page, 'maren');
  await page.getByRole('button', { name: /^Nocci / }).click();
  const seen = page.getByRole('region', { name: 'Found in the coat' });
  await expect(seen).toContainText('Nothing is marked.');
  const bather = await another(browser, 'tuva', '/day');
  await bather.goto('/');
  await bather.getByRole('button', { name: /^Nocci / }).click();
  const found = bather.getByRole('region', { name: 'Found in the coat' });
  await found.getByRole('button', { name: 'behind the ear', exact: true }).click();
  await found.getByText('Loose mat', { exact: true }).click();
  await expect(found).toContainText('A loose mat: behind the ear, left.');
  await found.getByText('Egg, 6 cm', { exact: true }).click();
  await expect(found).toContainText('A loose mat: behind the ear, left, 6 cm.');
  await expect(seen).toContainText('A loose mat: behind the ear, left, 6 cm.');

  await page.keyboard.press('Escape');
  await page.getByRole('button', { name: 'Plan', exact: true }).click();
  const draft = page.getByRole('region', { name: 'Draft plan' });
  await draft.waitFor({ timeout: PLANNED_MS });
  await draft.getByRole('button', { name: 'Show this draft' }).click();
  await page.getByRole('button', { name: /^Nocci / }).click();
  await expect(page.getByRole('dialog')).toContainText('Knots out');
  await page.keyboard.press('Escape');
  await draft.getByRole('button', { name: 'Discard' }).click();
  await found.getByText('Clear', { exact: true }).click();
  await expect(found).toContainText('Nothing is marked.');
  await bather.context().close();
});
