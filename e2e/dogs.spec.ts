/*
 * A dog's coat file by hand: a kinked zone keeps scissors waiting, a recipe and a log are kept, a program is changed with what
 * it would do, a breed of our own is added; bad input is told and loses nothing.
 */
import { PLANNED_MS, another, expect, signIn, test } from './world.js';

test('the coat file keeps what is marked, logged and decided', async ({ page, browser }) => {
  await signIn(page, 'maren', '/dogs');
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('No mats, damp spots or dirt on record.');
  await page.getByRole('link', { name: /Lovage/ }).click();
  const left = page.getByRole('group', { name: 'Left side' });
  // Its path reaches outside the dog, where it is clipped: by keyboard it is chosen anywhere.
  await left.getByRole('button', { name: /^foreleg, left/ }).press('Enter');
  await page.getByRole('region', { name: 'Zone' }).getByText('Kinked', { exact: true }).click();
  await expect(page.getByText('Kinked at the root: foreleg.')).toBeVisible();

  await test.step('others see it at once, and may mark but not decide', async () => {
    const bather = await another(browser, 'tuva', '/dogs');
    await expect(bather.getByRole('heading', { level: 1 })).toHaveText('Look at Lovage: something was found.');
    await bather.getByRole('link', { name: /Lovage/ }).click();
    await bather.getByRole('button', { name: 'Record', exact: true }).click();
    await expect(bather.getByRole('button', { name: 'Save the record' })).toHaveCount(0);
    await bather.getByRole('button', { name: 'Products and recipe' }).click();
    await bather.getByRole('button', { name: 'right the next day' }).click();
    await expect(bather.getByText('Written down: right the next day.')).toBeVisible();
    await bather.context().close();
  });
  await page.getByRole('region', { name: 'Zone' }).getByText('Clear', { exact: true }).click();
  await expect(page.getByText('No mats, damp spots or sore skin on record.')).toBeVisible();

  await test.step('a recipe is kept, and gives what comes out after the show', async () => {
    await page.getByRole('button', { name: 'Products and recipe' }).click();
    const recipe = page.getByRole('region', { name: 'Finishing recipe' });
    await recipe.getByRole('button', { name: 'Add product' }).click();
    await recipe.getByRole('button', { name: 'Save the recipe' }).click();
    await expect(recipe.getByRole('button', { name: 'Save the recipe' })).toHaveCount(0);
    await expect(recipe).toContainText('lift or texture spray (all over)');
    await page.reload();
    await expect(recipe).toContainText('lift or texture spray (all over)');
  });

  await test.step('the record refuses what cannot be, and keeps what was typed', async () => {
    await page.getByRole('button', { name: 'Record', exact: true }).click();
    const cooperation = page.getByLabel('Cooperation (0.8 easy, 1.6 hard)');
    await cooperation.fill('9');
    await page.getByRole('button', { name: 'Save the record' }).click();
    await expect(page.getByText('Between 0.8 and 1.6.')).toBeVisible();
    await cooperation.fill('1.2');
    await page.getByLabel('Of note').fill('Turns her head away at the ears.');
    await page.getByRole('button', { name: 'Save the record' }).click();
    await expect(page.getByText('Turns her head away at the ears.').first()).toBeVisible();
  });
});

test('a program is changed after a preview, and what cannot work is refused in words', async ({ page }) => {
  await signIn(page, 'maren', '/methods?part=programs&coat=drop');
  const step = page.getByRole('combobox', { name: 'Change a step' });
  await step.click();
  await page.keyboard.type('Nails');
  await page.keyboard.press('Enter');
  const bar = page.getByRole('region', { name: 'What the change would do' });
  await page.getByLabel('Minutes more').fill('20');
  await expect(bar).toContainText(/Drop, nails: 20 min longer.*adds .+ of crew time/, { timeout: PLANNED_MS });
  await bar.getByRole('button', { name: 'Save' }).click();
  await expect(page.getByRole('heading', { level: 1 })).toHaveText(
    'Methods of the house: all standard, but for 1 step',
  );

  await page.getByLabel('Comes before').click();
  await page.locator('.ant-select-dropdown:visible').getByTitle('Knots out').click();
  await page.getByLabel('Wait at least, min').fill('60');
  await page.getByLabel('Wait at most, min').fill('30');
  await expect(bar).toContainText('Nails is to wait at least 60 and at most 30 min: no wait is both.');
  await expect(bar.getByRole('button', { name: 'Save' })).toBeDisabled();
  await bar.getByRole('button', { name: 'Discard changes' }).click();

  await page.getByRole('button', { name: /^Version \d+$/ }).click();
  await page.getByRole('button', { name: 'Undo this' }).click();
  await bar.getByRole('button', { name: 'Save' }).click({ timeout: PLANNED_MS });
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('Methods of the house: all standard');
});

test('a breed of our own is added and taken away', async ({ page }) => {
  await signIn(page, 'maren', '/methods?part=zones&breed=Samoyed');
  await page.getByRole('button', { name: 'Add own breed' }).click();
  const form = page.getByRole('dialog');
  await form.getByRole('button', { name: 'Save the breed' }).click();
  await expect(form.getByText('Give it a name.')).toBeVisible();
  await form.getByLabel('Breed', { exact: true }).fill('Samoyed');
  await expect(form.getByText('A breed of this name is there already')).toBeVisible();
  await form.getByRole('button', { name: 'Close' }).click();
  await page.getByRole('button', { name: 'Change it here' }).click();
  await form.getByLabel('Ears').fill('kept as they are');
  await form.getByRole('button', { name: 'Save the breed' }).click();
  await expect(page.getByText('The kennel’s own row')).toBeVisible();
  await expect(page.getByText('kept as they are')).toBeVisible();
  await page.getByRole('button', { name: 'Change it here' }).click();
  await form.getByRole('button', { name: 'Remove our own row' }).click();
  await expect(page.getByText('verify with your registry')).toBeVisible();
});
