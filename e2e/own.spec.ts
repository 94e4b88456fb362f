/*
 * A kennel's own data by hand: a show entered in under a minute with its dogs, a ring time changed, an entry pulled and taken
 * back, people, shifts, stations, dogs from a CSV file; bad input is told and loses nothing; others see changes at once.
 */
import { another, choose, expect, signIn, test } from './world.js';

test('a show and its entries, a ring time, a pulled entry, and back', async ({ page, browser }) => {
  await signIn(page, 'maren', '/shows');
  await page.getByRole('button', { name: 'Add show' }).click();
  await page.getByRole('textbox', { name: 'Name', exact: true }).fill('Harrow Fen');
  await page.getByLabel('Where').fill('Fen hall');
  await page.getByLabel('First day').fill('2026-07-04');
  // Enter in the day would enter the whole form.
  await page.getByLabel('First day').press('Tab');
  await page.getByRole('button', { name: 'Enter the show' }).click();
  await expect(page.getByRole('heading', { level: 1 })).toContainText('nobody is entered yet');

  await page.getByRole('button', { name: 'Enter dogs' }).click();
  await choose(page, 'Dogs', 'Brisk');
  await choose(page, 'Dogs', 'Tolle');
  await page.keyboard.press('Escape');
  await page.getByLabel('Block starts').fill('930');
  await page.getByLabel('Place of Tolle').fill('11');
  await expect(page.getByRole('table', { name: 'Places in the ring' })).toContainText('09:54');
  await page.getByRole('button', { name: 'Enter 2' }).click();
  const entries = page.getByRole('region', { name: 'Entries' });
  await expect(entries.getByRole('row')).toHaveCount(3);

  const bather = await another(browser, 'tuva', page.url().replace(/^.*(?=\/shows)/, ''));
  await test.step('a ring time is typed over; others see it', async () => {
    const time = page.getByLabel('Tolle goes in at');
    await time.fill('25:00');
    await time.press('Enter');
    await expect(time).toHaveClass(/ant-input-status-error/);
    await time.fill('1015');
    await time.press('Enter');
    await expect(bather.getByLabel('Tolle goes in at')).toHaveValue('10:15');
    await expect(bather.locator('tr.just-changed')).toContainText('Tolle');
    await expect(bather.locator('tr.just-changed')).toHaveCount(0);
    await expect(page.locator('tr.just-changed')).toHaveCount(0);
  });

  await test.step('an entry is pulled, and the trail takes it back', async () => {
    await page.getByRole('button', { name: 'Pull Brisk' }).click();
    await expect(entries.getByRole('row')).toHaveCount(2);
    await page.goto('/kennel?part=trail');
    const trail = page.getByRole('region', { name: 'Trail' });
    // The planner may write a line above it meanwhile.
    const line = (words: string) => trail.getByRole('listitem').filter({ hasText: words });
    await line('removed entry of Brisk').getByRole('button', { name: 'Take back' }).click();
    await expect(line('took back: added entry of Brisk')).toBeVisible();
    await expect(bather.getByText('Brisk')).toBeVisible();
  });
  await bather.context().close();

  await test.step('a later round holds the dog ready', async () => {
    await page.goto('/shows');
    await page.getByRole('row', { name: /Harrow Fen/ }).click();
    await page.getByRole('cell', { name: 'Brisk', exact: true }).click();
    await page.getByRole('textbox', { name: 'Held ready until' }).fill('1530');
    await page.getByRole('button', { name: 'Save', exact: true }).click();
    await expect(entries).toContainText('until 15:30');
  });

  await test.step('a show cannot move away from its entries', async () => {
    await page.getByRole('button', { name: 'Name and days' }).click();
    const form = page.getByRole('dialog', { name: /Harrow Fen/ });
    for (const [field, day] of [
      ['Last day', '2026-07-19'],
      ['First day', '2026-07-18'],
    ] as const) {
      await form.getByLabel(field).click();
      await form.getByLabel(field).fill(day);
      await form.getByLabel(field).press('Tab');
    }
    await expect(form).toContainText(/Entry of Brisk on 4 Jul: .*outside its show/);
    await page.getByRole('button', { name: 'Remove' }).click();
    await page
      .getByRole('dialog', { name: /Remove Harrow Fen/ })
      .getByRole('button', { name: 'Remove' })
      .click();
    await expect(page.getByRole('heading', { level: 1 })).not.toContainText('Harrow Fen');
  });
});

test('people, shifts and stations; what was typed is not lost', async ({ page, browser }) => {
  await signIn(page, 'maren', '/kennel');
  await page.getByRole('button', { name: 'Add person' }).click();
  await page.getByRole('textbox', { name: 'Name', exact: true }).fill('Runa Vik');
  await page.getByRole('textbox', { name: 'Signs in as' }).fill('Maren');
  await expect(page.getByText(/Must be small letters/)).toBeVisible();
  await page.getByRole('textbox', { name: 'Signs in as' }).fill('maren');
  await expect(page.getByText(/Two people sign in as/)).toBeVisible();
  await page.reload();
  await page.getByRole('button', { name: 'Add person' }).click();
  await expect(page.getByRole('textbox', { name: 'Name', exact: true })).toHaveValue('Runa Vik');
  await page.getByRole('textbox', { name: 'Signs in as' }).fill('runa');
  await page.getByRole('button', { name: 'Save', exact: true }).click();
  await page.getByRole('row', { name: /Runa Vik/ }).click();

  await test.step('a link lets her in', async () => {
    await page.getByRole('button', { name: 'Make a link' }).click();
    const link = await page.getByLabel('The link, shown once').inputValue();
    const context = await browser.newContext();
    const runa = await context.newPage();
    await runa.goto(link);
    await runa.getByLabel('Password').fill('as long as it takes');
    await runa.getByRole('button', { name: 'Keep it and sign in' }).click();
    await expect(runa.getByText('Runa Vik')).toBeVisible();
    await expect(runa.getByRole('link', { name: 'Kennel' })).toHaveCount(0);
    await context.close();
    await page.keyboard.press('Escape');
  });

  await test.step('a pattern is laid, and one day is another', async () => {
    await page.getByRole('button', { name: 'Shifts' }).click();
    await page.getByRole('button', { name: 'Lay a weekly pattern' }).click();
    // Who has no shift yet is proposed.
    await expect(page.getByRole('dialog').locator('.ant-select').first()).toContainText('Runa Vik');
    await page.getByRole('button', { name: 'Lay shifts' }).click();
    const day = page.getByRole('button', { name: /^Runa Vik, 2026-06-18: 08:00–16:00/ });
    await day.click();
    // The pattern's own form has the same fields and may still be on its way out.
    const form = page.getByRole('dialog', { name: /^Runa Vik, Thu 18 Jun/ });
    await form.getByRole('textbox', { name: 'Ends' }).fill('0700');
    await form.getByRole('textbox', { name: 'Ends' }).blur();
    await expect(form.getByText(/before it begins/).first()).toBeVisible();
    await form.getByRole('textbox', { name: 'Ends' }).fill('1400');
    await form.getByRole('button', { name: 'Save', exact: true }).click();
    await expect(page.getByRole('button', { name: /^Runa Vik, 2026-06-18: 08:00–14:00/ })).toBeVisible();
  });

  await test.step('a station of the plan stays, with what to do instead', async () => {
    await page.getByRole('button', { name: 'Stations' }).click();
    await page.getByRole('row', { name: /Tub 1/ }).click();
    await page.getByRole('button', { name: 'Remove' }).click();
    const sure = page.getByRole('dialog', { name: /Remove Tub 1/ });
    await expect(async () => {
      // A question that is still sliding in may miss the first click.
      if (await sure.isVisible()) await sure.getByRole('button', { name: 'Remove' }).click({ timeout: 2000 });
      await expect(page.getByText(/in the published plan\. Close it/).first()).toBeVisible({ timeout: 4000 });
    }).toPass({ timeout: 30_000 });
    await page.keyboard.press('Escape');
    await expect(page.getByRole('row', { name: /Tub 1/ })).toBeVisible();
  });
});

test('dogs come in from a CSV file: previewed, faults by row and column, the same file doubles nothing', async ({
  page,
}) => {
  await signIn(page, 'maren', '/bring-in?what=dogs');
  const file = page.locator('input[type=file]');
  const give = (name: string, buffer: Buffer): Promise<void> =>
    file.setInputFiles({ name, mimeType: 'text/csv', buffer });
  await give('dogs.csv', Buffer.from('PK\u0003\u0004 and so on'));
  await expect(page.getByRole('alert')).toContainText('This is a spreadsheet file');
  await give('dogs.csv', Buffer.from('Name,Breed\n'));
  await expect(page.getByRole('alert')).toContainText('a header and no rows');
  await give('dogs.csv', Buffer.alloc(20_000_000, 'a'));
  await expect(page.getByRole('alert')).toContainText('20 MB');
  const good = 'Weight;Born;Sex;Name;Breed\n21,5;4.3.2024;f;Larkin;Keeshond\n';
  await give('dogs.csv', Buffer.from(`${good}500;2024-01-01;f;Rook;Samoyed\n20;2024-01-01;x;Wisp;Kees\n`));
  const rows = page.getByRole('region', { name: 'Rows of the file' });
  await expect(rows).toContainText('Weight: must be at most 120');
  await expect(rows).toContainText('Sex: cannot read “x”; write dog or bitch');
  await page.getByRole('button', { name: 'Save only the good one' }).click();
  await expect(page.getByText('1 row saved.')).toBeVisible();
  await give('dogs.csv', Buffer.from(good));
  await expect(page.getByRole('status').filter({ hasText: 'there already' })).toContainText('1 there already');
  await page.goto('/dogs');
  await page.getByRole('link', { name: 'Larkin' }).click();
  await page.getByRole('button', { name: 'About' }).click();
  await expect(page.getByRole('region', { name: 'Trail' })).toContainText('added dog Larkin');
  await page.getByRole('button', { name: 'Remove' }).click();
  await page
    .getByRole('dialog', { name: /Remove Larkin/ })
    .getByRole('button', { name: 'Remove' })
    .click();
  await expect(page.getByRole('link', { name: 'Larkin' })).toHaveCount(0);
});

test('a trusted tablet signs in by PIN; a calendar address can be revoked', async ({ page }) => {
  await signIn(page, 'asta', '/account');
  const pin = page.getByRole('region', { name: 'PIN' });
  await pin.getByLabel('Your password').fill('wrenfold-demo');
  await pin.getByLabel('PIN', { exact: true }).fill('2468');
  await pin.getByRole('button', { name: 'Keep the PIN' }).click();
  await expect(page.getByText(/It works on devices/)).toBeVisible();
  await page.getByRole('button', { name: 'Make an address' }).click();
  const address = await page.getByLabel('Address of the calendar, shown once').inputValue();
  const read = await page.request.get(address);
  expect(await read.text()).toContain('BEGIN:VCALENDAR');
  await page.getByRole('button', { name: 'Revoke' }).click();
  await expect(page.getByRole('button', { name: 'Revoke' })).toHaveCount(0);
  expect((await page.request.get(address)).status()).toBe(404);
  await page.getByRole('button', { name: 'sign out', exact: true }).click();
  await page.getByRole('button', { name: 'Sign in', exact: true }).waitFor();
  await signIn(page, 'maren', '/account');
  await page.getByLabel('Name of this device').fill('Wall');
  await page.getByRole('button', { name: 'Trust this device' }).click();
  await expect(page.getByRole('region', { name: 'Trusted devices' })).toContainText('Wall');
  await page.getByRole('button', { name: 'sign out', exact: true }).click();
  await page.getByRole('button', { name: 'Asta Berg' }).click();
  for (const digit of ['2', '4', '6', '8']) await page.getByRole('button', { name: digit, exact: true }).click();
  await page.getByRole('button', { name: 'Sign in', exact: true }).click();
  // Whoever has a task running lands at the bench, everybody else at the day.
  await expect(page.locator('main#room, main.bench')).toBeVisible();
  await expect(page.locator('body')).toContainText('Asta');
});
