/*
 * Changes of others come in while somebody reads, selects and types, and nothing of theirs is lost.
 */
import type { Page } from '@playwright/test';
import { another, expect, test } from './world.js';

/** Somebody marks the belly of the dog whose coat file is open. */
async function mark(page: Page, found: string): Promise<void> {
  const left = page.getByRole('group', { name: 'Left side' });
  await left.getByRole('button', { name: /^belly/ }).press('Enter');
  await page.getByRole('region', { name: 'Zone' }).getByText(found, { exact: true }).click();
}

const scrolled = (page: Page): Promise<number> =>
  page.evaluate(() => [...document.querySelectorAll('*')].reduce((sum, e) => sum + e.scrollTop, 0));

const selected = (page: Page): Promise<string> => page.evaluate(() => window.getSelection()?.toString() ?? '');

test('others’ changes come in by themselves and leave scroll, selection and half-typed text alone', async ({
  browser,
}) => {
  const bather = await another(browser, 'tuva', '/dogs');
  await bather.getByRole('link', { name: /Wisp/ }).click();
  const lead = await another(browser, 'maren', '/dogs', { width: 1024, height: 480 });
  const row = lead.getByRole('row', { name: /Wisp/ });

  await test.step('scroll and selection stay', async () => {
    await row.scrollIntoViewIfNeeded();
    await lead.mouse.move(500, 300);
    await lead.mouse.wheel(0, 200);
    await expect.poll(() => scrolled(lead)).toBeGreaterThan(0);
    await lead
      .getByRole('cell', { name: /Wisp/ })
      .first()
      .evaluate((cell) => window.getSelection()?.selectAllChildren(cell));
    const before = await scrolled(lead);
    await mark(bather, 'Soiled');
    await expect(row).toContainText(/soiled/i);
    expect(await selected(lead)).toContain('Wisp');
    expect(await scrolled(lead)).toBe(before);
  });

  await test.step('half-typed text, its place and its field stay', async () => {
    await row.getByRole('link', { name: /Wisp/ }).click();
    await lead.getByRole('button', { name: 'Record' }).click();
    const note = lead.getByLabel('Of note');
    await note.fill('Half a sent');
    await note.press('ArrowLeft');
    await mark(bather, 'Clear');
    await expect(lead.getByText('No mats, damp spots or sore skin on record.')).toBeVisible();
    await expect(note).toBeFocused();
    await lead.keyboard.type('!');
    await expect(note).toHaveValue('Half a sen!t');
  });

  await test.step('it is there again after the page was loaded anew, and is saved beside what others changed', async () => {
    await lead.reload();
    const note = lead.getByLabel('Of note');
    await expect(note).toHaveValue('Half a sen!t');
    await note.fill('A whole sentence.');
    await mark(bather, 'Soiled');
    await lead.getByRole('button', { name: 'Save the record' }).click();
    await expect(lead.getByText('Saved. Plan again to work by it.')).toBeVisible();
    await lead.reload();
    await expect(note).toHaveValue('A whole sentence.');
    await mark(bather, 'Clear');
  });
  await bather.context().close();
  await lead.context().close();
});
