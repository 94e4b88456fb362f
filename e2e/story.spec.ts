/*
 * The story from end to end: the lead looks at the countdown, plans, publishes; a bather works at the bench and the lead's
 * screen follows; somebody falls ill and the rest is planned again around what is done and running.
 */
import { another, expect, signIn, test } from './world.js';

/** Patience for a slow machine; how fast a change is heard is measured by `npm run bench:server`. */
const FOLLOWS_MS = 10_000;

// One long story on one database: a slow machine gets the time, and a second try would start in the middle of it.
test.describe.configure({ timeout: 480_000, retries: 0 });

test('from the countdown to the bench and back', async ({ page, browser }) => {
  await test.step('Countdown: 18 dogs, problems first, the answer as headline', async () => {
    await signIn(page, 'maren');
    await expect(page.getByRole('heading', { level: 1 })).toHaveText(/^1[4-7] of 18 will be ready$/);
    await expect(page.locator('.strand-row')).toHaveCount(18);
    const problems = page.getByRole('list', { name: 'In the way' }).getByRole('listitem');
    await expect(problems.filter({ hasText: 'Tamsin' })).toContainText('Maren shows Brisk 10 min before');
    expect(await problems.count()).toBeGreaterThanOrEqual(2);
    for (const day of ['Friday 19', 'Saturday 20', 'Sunday 21'])
      await expect(page.getByText(day, { exact: true })).toBeVisible();
  });

  await test.step('A remedy: Tamsin gets another handler, and the kennel is planned again', async () => {
    await page.getByRole('button', { name: /^Tamsin / }).click();
    await page
      .getByText(/Let \w+ take Tamsin/)
      .last()
      .waitFor();
    await page
      .getByRole('dialog', { name: /^Tamsin/ })
      .getByRole('button', { name: /^Let / })
      .first()
      .click();
    await page.keyboard.press('Escape');
    const draft = page.getByRole('region', { name: 'Draft plan' });
    await expect(draft).toContainText(/Draft: 1[5-8] of 18 ready, \d+ tasks? moved/, { timeout: 30_000 });
  });

  await test.step('Discard keeps the old plan; a new one is published', async () => {
    const before = await page.getByRole('heading', { level: 1 }).textContent();
    await page.getByRole('button', { name: 'Discard' }).click();
    await expect(page.getByRole('region', { name: 'Draft plan' })).toHaveCount(0);
    await expect(page.getByRole('heading', { level: 1 })).toHaveText(before ?? '');
    await page.getByRole('button', { name: 'Plan', exact: true }).click();
    await expect(page.getByRole('region', { name: 'Draft plan' })).toBeVisible({ timeout: 30_000 });
    await page.getByRole('button', { name: 'Publish' }).click();
    await expect(page.getByRole('region', { name: 'Draft plan' })).toHaveCount(0);
    await expect(page.getByRole('button', { name: /^Tamsin .*to spare/ })).toBeVisible();
  });

  await test.step('Planning can be cancelled', async () => {
    await page.getByRole('button', { name: 'More ways to plan' }).click();
    await page.getByText('Plan everything afresh').click();
    await page.getByRole('button', { name: 'Cancel' }).click();
    await expect(page.getByText('Planning was cancelled')).toBeVisible({ timeout: 20_000 });
    await expect(page.getByRole('region', { name: 'Draft plan' })).toHaveCount(0);
  });

  await page.getByRole('link', { name: 'Day sheet' }).first().click();
  await test.step('Day sheet: a block opens and says what, why, how early and how late', async () => {
    const lane = page.getByRole('region', { name: 'Tuva Lind' });
    await expect(lane.locator('.block').first()).toBeVisible();
    await page.getByRole('region', { name: 'Ropes by person' }).waitFor();
    await page.locator('.block.planned:not([aria-haspopup])').last().click();
    await expect(page.getByText('Why then')).toBeVisible();
    await expect(page.getByText('Earliest')).toBeVisible();
    await expect(page.locator('dd', { hasText: /day \d\d:\d\d/ }).first()).toBeVisible({ timeout: 20_000 });
    await page.keyboard.press('Escape');
    await page.keyboard.press('Escape');
  });

  const bench = await another(browser, 'tuva', '/bench');
  await test.step('Bench: start, pause, go on, finish, undo; the lead sees it', async () => {
    const running = bench.getByRole('button', { name: /is finished$/ });
    const startable = bench.getByRole('button', { name: /^Start / });
    await running.or(startable).first().waitFor();
    if (await running.isVisible()) await running.click();
    await expect(startable).toBeVisible();
    const name = ((await startable.textContent()) ?? '').replace(/^Start [^:]+: /, '');
    const before = bench.getByRole('button', { name: 'Yes, it was done before' });
    const title = (await bench.getByRole('heading', { level: 1 }).textContent()) ?? '';
    const dog = title.split(':')[0] ?? '';
    // A second touch within a second is taken for a wet hand's slip.
    await bench.waitForTimeout(1100);
    await startable.click();
    await expect(running).toBeVisible();
    const lane = page.getByRole('region', { name: 'Tuva Lind' });
    await expect(lane.locator('.block.running')).toHaveCount(1, { timeout: FOLLOWS_MS });
    await expect(lane.locator('.block.running')).toHaveAttribute('aria-label', new RegExp(`${dog}.*running`));
    await bench.waitForTimeout(1100);
    await bench.getByRole('button', { name: 'Pause' }).click();
    await expect(lane.locator('.block.paused')).toHaveCount(1, { timeout: FOLLOWS_MS });
    await bench.waitForTimeout(1100);
    await bench.getByRole('button', { name: 'Go on' }).click();
    await expect(bench.getByRole('button', { name: 'Pause' })).toBeEnabled();
    await bench.waitForTimeout(1100);
    await running.click();
    await before.click();
    await expect(bench.getByText(`${name[0]?.toUpperCase() ?? ''}${name.slice(1)} finished`)).toBeVisible();
    await bench.waitForTimeout(1100);
    await bench.getByRole('button', { name: 'Undo' }).click();
    await expect(bench.getByRole('heading', { level: 1 })).toHaveText(title);
    await expect(running).toBeVisible();
    await bench.waitForTimeout(1100);
    await running.click();
    await before.click();
    await expect(startable).toBeVisible();
    await bench.waitForTimeout(1100);
  });

  await test.step('Skip wants a reason', async () => {
    await bench
      .getByRole('button', { name: /Skip it/ })
      .first()
      .click();
    const skip = bench.getByRole('dialog').getByRole('button', { name: 'Skip it' });
    await expect(skip).toBeDisabled();
    await bench.getByLabel('Why it is skipped').fill('Already done by the owner');
    await skip.click();
    await expect(bench.locator('.undo-bar')).toContainText('skipped');
    await bench.waitForTimeout(1100);
    await bench.getByRole('button', { name: 'Undo' }).click();
    await expect(bench.locator('.undo-bar')).toHaveCount(0);
  });

  await test.step('A change: Asta is ill, the rest is planned again, the bather’s list follows', async () => {
    await page.getByRole('button', { name: /^Asta Berg/ }).click();
    await page.getByRole('button', { name: /^Asta is ill on/ }).click();
    const draft = page.getByRole('region', { name: 'Draft plan' });
    await expect(draft).toContainText(/\d+ tasks? moved/, { timeout: 30_000 });
    await page.getByRole('button', { name: 'Publish' }).click();
    await expect(draft).toHaveCount(0);
    await expect(page.getByRole('region', { name: 'Asta Berg' })).toContainText('ill that day');
    await expect(page.getByRole('region', { name: 'Asta Berg' }).locator('.block.planned')).toHaveCount(0);
    await expect(bench.getByRole('heading', { level: 1 })).toBeVisible();
  });
  await bench.context().close();
});
