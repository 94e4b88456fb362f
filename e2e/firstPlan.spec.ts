/*
 * The first plan of an own kennel, from an empty page to a plan in force: under sixty clicks, every one of them counted.
 */
import type { Locator, Page } from '@playwright/test';
import { EMPTY_KENNEL, PLANNED_MS, expect, oneTimePassword, test } from './world.js';

test.use({ kennelOf: EMPTY_KENNEL, timezoneId: 'Europe/Oslo' });

/** A hand that counts its clicks; what is typed or chosen by keys is no click. */
class Hand {
  clicks = 0;
  constructor(private readonly page: Page) {}

  async click(what: Locator): Promise<void> {
    this.clicks++;
    await what.click();
  }

  press(name: string | RegExp): Promise<void> {
    return this.click(this.page.getByRole('button', { name }));
  }

  goTo(room: string): Promise<void> {
    return this.click(this.page.getByRole('link', { name: room, exact: true }).first());
  }

  async choose(form: Locator, label: string, option: string): Promise<void> {
    const box = form.getByRole('combobox', { name: label, exact: true });
    await this.click(box);
    await box.pressSequentially(option);
    await this.click(
      this.page.locator('.ant-select-dropdown:visible .ant-select-item-option', { hasText: option }).first(),
    );
  }

  /** Saves a form and waits until it is gone. */
  async save(form: Locator): Promise<void> {
    await this.click(form.getByRole('button', { name: 'Save', exact: true }));
    await expect(form).toHaveCount(0);
  }
}

/** A Saturday ten days after the morning on which the kennel begins. */
const SHOW_DAY = '2026-06-27';
const PASSWORD = 'as long as it takes';

async function signInFirst(page: Page, hand: Hand): Promise<void> {
  await page.goto('/');
  await page.getByLabel('Name').fill('lead');
  await page.getByLabel('Password').fill(oneTimePassword());
  await hand.press('Sign in');
  await page.getByLabel('One-time password').fill(oneTimePassword());
  await page.getByLabel('New password').fill(PASSWORD);
  await hand.press('Keep it');
}

async function crewAndShifts(page: Page, hand: Hand): Promise<void> {
  await hand.press(/^Use Europe\/Oslo/);
  await hand.press('Add usual stations');
  await hand.goTo('Say who you are');
  await hand.click(page.getByRole('row', { name: /^Lead/ }));
  const form = page.getByRole('dialog');
  await form.getByRole('textbox', { name: 'Name', exact: true }).fill('Runa Vik');
  await hand.save(form);
  for (const name of ['Ben Ost', 'Ida Holm']) {
    await hand.press('Add person');
    await form.getByRole('textbox', { name: 'Name', exact: true }).fill(name);
    await hand.save(form);
  }
  await hand.press('Shifts');
  await hand.press('Lay a weekly pattern');
  await hand.click(form.getByRole('checkbox', { name: 'Sat' }));
  await hand.press('Lay shifts');
  await expect(form).toHaveCount(0);
}

async function dogs(page: Page, hand: Hand): Promise<void> {
  await hand.goTo('Dogs');
  const form = page.getByRole('dialog');
  for (const [name, breed, sex, born, weight] of [
    ['Nell', 'Samoyed', 'bitch', '2023-04-02', '22,5'],
    ['Odd', 'Airedale Terrier', 'dog', '12.4.2022', '26'],
    ['Fay', 'Shih Tzu', 'bitch', '2021-03-03', '6.5'],
  ] as const) {
    await hand.press('Add dog');
    await form.getByRole('textbox', { name: 'Call name' }).fill(name);
    await hand.choose(form, 'Breed', breed);
    await hand.choose(form, 'Sex', sex);
    await form.getByLabel('Born').fill(born);
    await form.getByLabel('Born').press('Tab');
    await form.getByLabel('Weight').fill(weight);
    await hand.save(form);
  }
}

async function showAndEntries(page: Page, hand: Hand): Promise<void> {
  await hand.goTo('Shows');
  await hand.press('Add show');
  await page.getByRole('textbox', { name: 'Name', exact: true }).fill('Harrow Fen');
  await page.getByLabel('Where').fill('Fen hall');
  await page.getByLabel('First day').fill(SHOW_DAY);
  await page.getByLabel('First day').press('Tab');
  await hand.press('Enter the show');
  const form = page.getByRole('dialog', { name: /^Enter dogs/ });
  for (const [dog, at] of [
    ['Nell', '1000'],
    ['Odd', '1100'],
    ['Fay', '1400'],
  ] as const) {
    await hand.press('Enter dogs');
    await hand.choose(form, 'Dogs', dog);
    await page.keyboard.press('Escape');
    await form.getByLabel('Block starts').fill(at);
    await hand.press('Enter 1');
    await expect(form).toHaveCount(0);
  }
}

test('from an empty kennel to a plan in force, with every dog ready, in under sixty clicks', async ({ page }) => {
  const hand = new Hand(page);
  await signInFirst(page, hand);
  await crewAndShifts(page, hand);
  await dogs(page, hand);
  await showAndEntries(page, hand);
  await hand.goTo('Countdown');
  const missing = page.getByRole('region', { name: 'Missing for the next show' });
  await expect(missing).toContainText('Nothing takes Nell, Odd and Fay to Fen hall and back.');
  await hand.press('Add what is missing, and plan');
  await expect(page.getByRole('region', { name: 'Draft plan' })).toContainText('Draft: 3 of 3 ready', {
    timeout: PLANNED_MS,
  });
  await hand.press('Publish');
  await expect(page.getByRole('heading', { level: 1 })).toContainText('3 of 3');
  await expect(missing).toHaveCount(0);
  expect(hand.clicks).toBeLessThan(60);
});
