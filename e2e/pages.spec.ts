/*
 * Pages of steps on real screens: the kennel's own line reaches the bench and goes again, what is ticked is seen by whoever
 * takes over, the handbook of all breeds is printed.
 */
import { another, expect, signIn, test } from './world.js';

test('a line of the kennel’s own is at the bench as soon as it is saved, and gone when it is undone', async ({
  page,
  browser,
}) => {
  await signIn(page, 'maren');
  const bench = await another(browser, 'tuva', '/bench');
  // Whatever she is at by now: other stories may have come before this one.
  const heading = bench.getByRole('heading', { level: 1 });
  await expect(heading).toContainText(': ');
  const told = (await heading.textContent()) ?? '';
  const step = told.slice(told.indexOf(': ') + 2);
  await page.goto('/methods?part=steps');
  await page
    .getByRole('list', { name: 'Steps' })
    .getByRole('button', { name: new RegExp(`^${step}$`, 'i') })
    .click();
  await page.getByRole('button', { name: 'Change lines' }).click();
  await page.getByRole('textbox', { name: 'A line of your own' }).fill('Two towels today.');
  await page.getByRole('button', { name: 'Add line' }).click();
  await page.getByRole('button', { name: 'Move up: Two towels today.' }).click();
  const bar = page.getByRole('region', { name: 'What the change would do' });
  await expect(bar).toContainText('It moves nothing in the plan.');
  await bar.getByRole('button', { name: 'Save' }).click();
  await expect(bar).toHaveCount(0);
  await expect(bench.getByText('Two towels today.')).toBeVisible();
  // A plan need not be made again for words.
  await expect(page.getByText(/Plan again on the Countdown/)).toHaveCount(0);

  await page.getByRole('button', { name: /^Version \d+$/ }).click();
  await page.getByRole('button', { name: 'Undo this' }).click();
  await bar.getByRole('button', { name: 'Save' }).click();
  await expect(bar).toHaveCount(0);
  await expect(bench.getByText('Two towels today.')).toHaveCount(0);
  await bench.context().close();
});

test('a caution that was met stays met over a reload and on another device', async ({ page, browser }) => {
  await signIn(page, 'tuva');
  await page.goto('/bench');
  const cautions = page.getByRole('region', { name: 'Watch out for' });
  // Cautions are met while somebody works: the task is begun where no other story has begun it.
  const main = page.locator('.bench-bar .main');
  await expect(main).toBeVisible();
  const isOurs = ((await main.textContent()) ?? '').startsWith('Start');
  if (isOurs) await main.click();
  const first = cautions.locator('.caution').first();
  const words = (await first.locator('span').textContent()) ?? 'none';
  await first.getByRole('button', { name: 'Understood' }).click();
  await expect(cautions).not.toContainText(words);
  await expect(page.getByText('saved', { exact: true })).toBeVisible();
  await page.reload();
  const task = page.getByRole('heading', { level: 1 });
  await expect(task).toContainText(': ');
  await expect(cautions).toContainText('A vet, local codes');
  await expect(cautions).not.toContainText(words);
  const person = await page.evaluate(async () => {
    const answer = (await (await fetch('/api/session/now')).json()) as { session: { personId: string } };
    return answer.session.personId;
  });
  const other = await another(browser, 'maren', `/bench?person=${person}`);
  await expect(other.getByRole('heading', { level: 1 })).toHaveText((await task.textContent()) ?? '');
  await expect(other.getByRole('region', { name: 'Watch out for' })).toContainText('A vet, local codes');
  await expect(other.getByRole('region', { name: 'Watch out for' })).not.toContainText(words);
  await other.context().close();
  if (isOurs) await page.getByRole('button', { name: 'Not started after all' }).click();
});

test('the handbook of all breeds is one document, a breed to a page and more', async ({ page }) => {
  await signIn(page, 'maren');
  await page.goto('/methods?part=handbook&whose=all');
  await expect(page.getByRole('heading', { name: /^How we do an? / })).toHaveCount(51);
  const pdf = await page.pdf({ format: 'A4' });
  const pages = pdf.toString('latin1').match(/\/Type\s*\/Page[^s]/g) ?? [];
  expect(pages.length).toBeGreaterThanOrEqual(51);
  await page.goto('/methods?part=handbook&whose=Samoyed');
  await expect(page.getByRole('heading', { name: /^How we do an? / })).toHaveText('How we do a Samoyed');
  await page.emulateMedia({ media: 'print' });
  await expect(page.getByRole('button', { name: 'Print' })).toBeHidden();
  await expect(page.getByRole('heading', { name: 'How we do a Samoyed' })).toBeVisible();
});
