/* The inspection walk, photos and the outline, in the browser. */
import { readFileSync } from 'node:fs';
import { expectNothingSerious } from './axe.js';
import { PLANNED_MS, another, choose, expect, signIn, test } from './world.js';

test('the walk: one touch a dog, something unusual followed by others until it is closed', async ({
  page,
  browser,
}) => {
  const hand = await another(browser, 'pia', '/walk', { width: 390, height: 844 });
  await hand.getByRole('button', { name: /^Wisp/ }).click();
  const card = hand.getByRole('complementary', { name: 'Wisp' });
  await card.getByRole('button', { name: /^Ears/ }).click();
  const finding = card.getByRole('region', { name: 'Ears: not as usual' });
  await finding.getByRole('button', { name: 'This week' }).click();
  await finding.getByLabel('What was seen').fill('smells on the left');
  await finding.getByLabel('Who was told').fill('Maren');
  await expectNothingSerious(hand);
  await finding.getByRole('button', { name: 'Write it down' }).click();
  await expect(card.getByText(/^Ears: smells on the left \(\d+ Jun\)\. Maren was told\.$/)).toBeVisible();
  await card.getByRole('button', { name: /^(The rest is as usual|Looked over once more)$/ }).click();
  await expect(card).toHaveCount(0);
  await hand.reload();
  await expect(hand.getByRole('button', { name: /^Wisp.*looked over today.*1 thing followed/ })).toBeVisible();
  await hand.context().close();

  await signIn(page, 'maren', '/walk');
  await page.getByRole('button', { name: /^Wisp/ }).click();
  const mine = page.getByRole('complementary', { name: 'Wisp' });
  await mine.getByRole('button', { name: 'Better' }).click();
  await expect(mine.getByText(/better on \d+ Jun/)).toBeVisible();
  await mine.getByRole('button', { name: 'As usual again' }).click();
  await expect(mine.getByText(/smells on the left/)).toHaveCount(0);
});

test('a photo is kept without what it tells of its taker, shown, and removed', async ({ page }) => {
  await signIn(page, 'maren', '/dogs');
  await page.getByRole('link', { name: /^Fenn/ }).click();
  await page.getByRole('button', { name: 'Photos' }).click();
  const part = page.getByRole('region', { name: 'Photos' });
  await expect(part.getByText(/^No photo yet/)).toBeVisible();
  await part.getByLabel('What it shows').fill('before the trim');
  const picture = await page.screenshot({ type: 'jpeg' });
  await part.locator('input[type=file]').setInputFiles({ name: 'fenn.jpg', mimeType: 'image/jpeg', buffer: picture });
  await expect(part.getByRole('img', { name: 'Fenn, side: before the trim' })).toBeVisible();
  await expectNothingSerious(page);
  const bad = { name: 'fenn.jpg', mimeType: 'image/jpeg', buffer: Buffer.from('no picture') };
  await part.locator('input[type=file]').setInputFiles(bad);
  await expect(page.getByText(/no picture that can be read/)).toBeVisible();
  await part.getByRole('button', { name: 'Remove' }).click();
  await page.getByRole('button', { name: 'Remove it' }).click();
  await expect(part.getByText(/^No photo yet/)).toBeVisible();
});

test('the outline: a length that is wanted changes what comes off, and a measure what is there', async ({ page }) => {
  await signIn(page, 'maren', '/dogs');
  const file = await page.getByRole('link', { name: /^Brisk/ }).getAttribute('href');
  await page.goto(`/outline/${(file ?? '').split('/').at(-1) ?? ''}`);
  await expect(page.getByRole('heading', { level: 1 })).toHaveText(
    /^Brisk on Saturday: \d zones to cut, 1 too short\.$/,
  );
  const back = page.getByRole('row').filter({ has: page.getByRole('rowheader', { name: 'Back', exact: true }) });
  const said = (await back.getByRole('cell').last().textContent()) ?? '';
  expect(said).toMatch(/^Take off/);
  await back.getByLabel(/^Wanted on the day/).fill('50');
  await back.getByLabel(/^Wanted on the day/).press('Enter');
  await expect(back.getByRole('cell').last()).toHaveText(/mm too short on the day, long enough on/);
  await back.getByRole('button', { name: 'Back', exact: true }).click();
  const zone = page.getByRole('region', { name: 'Zone' });
  await zone.getByLabel(/^Length of the hair/).fill('56');
  await zone.getByLabel(/^Why it was left so/).fill('the dip behind the withers');
  await zone.getByRole('button', { name: 'Measured today' }).click();
  await expect(zone.getByText(/56 mm on 17 Jun, Maren Holt; left so because the dip behind the withers/)).toBeVisible();
  await expect(back.getByRole('cell').last()).toHaveText(/^Take off/);
});

test('the outline: a measure is dragged, undone, kept; a correction flatters; the picture goes out and comes in', async ({
  page,
}) => {
  await signIn(page, 'maren', '/dogs');
  const file = await page.getByRole('link', { name: /^Nocci/ }).getAttribute('href');
  await page.goto(`/outline/${(file ?? '').split('/').at(-1) ?? ''}`);
  await page.getByRole('tab', { name: 'Measures' }).click();
  const rump = page.getByRole('slider', { name: 'length of the body and height of the point of rump' });
  const length = async (): Promise<number> => Number(await rump.getAttribute('aria-valuenow'));
  const before = await length();
  const box = await rump.locator('.knob').boundingBox();
  if (box === null) throw new Error('no handle');
  await page.mouse.move(box.x + box.width / 2, box.y + box.height / 2);
  await page.mouse.down();
  await page.mouse.move(box.x + box.width / 2 + 12, box.y + box.height / 2, { steps: 6 });
  await page.mouse.up();
  expect(await length()).toBeGreaterThan(before + 5);
  await page.keyboard.press('Control+z');
  await expect.poll(length).toBe(before);
  await expectNothingSerious(page);

  await page.getByRole('tab', { name: 'For the eye' }).click();
  const eye = page.getByRole('region', { name: 'For the eye' });
  await eye.getByRole('button', { name: /^Shorten the back, \d+ %$/ }).click();
  await expect(eye.getByText(/^closer behind the rump.*: up to \d+(\.5)? mm of outline$/)).toBeVisible();
  await page.getByRole('button', { name: 'Keep', exact: true }).click();
  await expect(page.getByText('Saved. Plan again to work by it.')).toBeVisible();
  await expectNothingSerious(page);

  const [picture] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: 'Picture (SVG)' }).click(),
  ]);
  const [card] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: 'Bench card (PDF)' }).click(),
  ]);
  expect(
    readFileSync(await card.path())
      .subarray(0, 5)
      .toString(),
  ).toBe('%PDF-');
  const bring = page.locator('.outline-files input[type=file]');
  await bring.setInputFiles({ name: 'x.svg', mimeType: 'image/svg+xml', buffer: Buffer.from('<svg></svg>') });
  await expect(page.getByText('The picture carries no outline of ours.')).toBeVisible();
  await bring.setInputFiles({
    name: 'nocci.svg',
    mimeType: 'image/svg+xml',
    buffer: readFileSync(await picture.path()),
  });
  await expect(page.getByText(/^Measures and corrections are in/)).toBeVisible();
  await page.getByRole('button', { name: 'Leave it' }).click();

  await page.getByRole('tab', { name: 'Compare' }).click();
  await page.locator('section[aria-label="Photo"] input[type=file]').setInputFiles({
    name: 'dog.png',
    mimeType: 'image/png',
    buffer: await page.locator('.outline-picture').screenshot(),
  });
  await expect(page.getByRole('button', { name: 'Turn it around' })).toBeVisible();
  await expect(page.locator('.photo-line')).toBeVisible();
  // A stick beside the dog says what the withers come to; the drawing keeps both.
  await page.getByText('a stick beside it').click();
  await expect(page.getByText(/^By the stick the withers stand at \d+ mm; \d+ mm are known\./)).toBeVisible();
  await page.getByText('the dog’s height').click();
  await page.getByRole('button', { name: 'How well it fits' }).click();
  await expect(page.getByText(/^\d+\.\d % overlap; the lines lie/)).toBeVisible();
});

test('lines, both sides and the views across the body; what moves in the plan before it is kept', async ({ page }) => {
  await signIn(page, 'maren', '/outline');
  await choose(page, 'Dog', 'Brisk');
  await expect(page.getByRole('heading', { level: 1 })).toContainText('Brisk');
  await page.getByRole('tab', { name: 'For the eye' }).click();
  const knob = page.getByRole('slider', { name: 'Topline at the withers' });
  const at = await knob.boundingBox();
  if (at === null) throw new Error('the topline has no place');
  await page.mouse.move(at.x + at.width / 2, at.y + at.height / 2);
  await page.mouse.down();
  await page.mouse.move(at.x + at.width / 2, at.y + at.height / 2 - 14, { steps: 4 });
  await page.mouse.up();
  await expect(knob).not.toHaveAttribute('aria-valuenow', '0');
  await page.getByRole('button', { name: 'What moves in the plan?' }).click();
  await expect(page.locator('.outline-draft [role=status]')).toContainText(/task|minute|No/, { timeout: PLANNED_MS });
  await page.keyboard.press('Control+z');
  await expect(knob).toHaveAttribute('aria-valuenow', '0');
  for (const view of ['Front', 'Rear', 'Head']) {
    await page.locator('.toolbar').getByText(view, { exact: true }).click();
    await expect(page.locator('.outline-picture.width')).toBeVisible();
    await expectNothingSerious(page);
  }
  await page.getByRole('tab', { name: 'Compare' }).click();
  await choose(page, 'From', 'left side today');
  await choose(page, 'To', 'right side today');
  await expect(page.getByRole('rowheader', { name: 'foreleg' })).toBeVisible();
  await page.getByRole('button', { name: 'Compare the areas' }).click();
  await expect(page.getByText(/^\d+\.\d % overlap/)).toBeVisible();
});
