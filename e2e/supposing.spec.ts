/*
 * The browser's planning thread: what if, and where a task could start instead, computed in the page's own worker.
 */
import { PLANNED_MS, choose, expect, signIn, test } from './world.js';

test('what if: supposed, compared, given up, and nothing is changed', async ({ page }) => {
  await signIn(page, 'maren');
  // Not the countdown's own words: minutes pass meanwhile, and with them work that nobody records comes late. Not what the
  // server finds out about a plan's gaps either: it does so whenever it has time.
  const kept = async (): Promise<unknown> =>
    Promise.all(
      ['/api/kennel', '/api/plan'].map(
        async (path) =>
          JSON.parse(await (await page.request.get(path)).text(), (key, value: unknown) =>
            key === 'checks' ? undefined : value,
          ) as unknown,
      ),
    );
  const before = await kept();
  await page.getByRole('button', { name: 'What if' }).click();
  await choose(page, 'Who', 'Asta');
  await choose(page, 'Day', 'Thu');
  await page.getByRole('button', { name: 'Suppose this' }).click();
  const told = page.getByRole('region', { name: 'What it would do' });
  await expect(told).toContainText(/\d+ of \d+ entries would be ready/, { timeout: PLANNED_MS });
  await expect(told).toContainText(/Overtime: /);
  await page.getByRole('button', { name: 'Take out' }).click();
  await expect(told).toBeHidden();
  await page.keyboard.press('Escape');
  expect(await kept()).toEqual(before);
});

test('a task shows where it could start instead, and is set and let go', async ({ page }) => {
  await signIn(page, 'maren', '/day');
  // Late in the day: on a slow machine the first tasks' time has come by now.
  await page.locator('.block.planned:not([aria-haspopup])').last().click();
  const starts = page.locator('.starts');
  await expect(starts).toContainText('Other dogs stay where they are', { timeout: PLANNED_MS });
  await expect(starts.locator('svg[role=img]').first()).toHaveAttribute('aria-label', /day: \d/);
  expect(Number(await starts.getAttribute('data-took-ms'))).toBeGreaterThan(0);
  await page.getByLabel('Move to which time').fill('03:00');
  await expect(page.getByText(/With that start the dog would not be ready/)).toBeVisible();
  await expect(page.getByRole('button', { name: 'Set task and plan again' })).toBeDisabled();
  await page.getByLabel('Move to which time').fill('');
  await page.getByRole('button', { name: 'Keep time and person' }).click();
  await expect(starts).toContainText(/Set for/);
  await page.keyboard.press('Escape');
  // A task of two people stands on two ropes, on one of them perhaps in a bundle.
  await expect(page.locator('.block.set').first()).toBeVisible();
  await expect(page.getByRole('region', { name: 'Draft plan' })).toBeVisible({ timeout: PLANNED_MS });
  await page.getByRole('button', { name: 'Discard' }).click();
  await expect(page.getByRole('region', { name: 'Draft plan' })).toBeHidden();
  await page.locator('.block.set:not([aria-haspopup])').first().click();
  await page.getByRole('button', { name: 'Unlock task' }).click();
  await page.keyboard.press('Escape');
  await expect(page.locator('.block.set')).toHaveCount(0);
  await expect(page.getByRole('region', { name: 'Draft plan' })).toBeVisible({ timeout: PLANNED_MS });
  await page.getByRole('button', { name: 'Discard' }).click();
});
