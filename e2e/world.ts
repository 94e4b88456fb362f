/*
 * What every browser test shares: the throw-away server's address, and signing in.
 */
import { fileURLToPath } from 'node:url';
import type { Browser, Page } from '@playwright/test';

export const PORT = Number(process.env['E2E_PORT'] ?? '8497');
export const BASE_URL = `http://127.0.0.1:${String(PORT)}`;
export const DATA_DIR = fileURLToPath(new URL('../.data/e2e', import.meta.url));
/** Ten past eight in the morning of the demo's Wednesday. */
export const START = '2026-06-17T06:10:00Z';
const DEMO_PASSWORD = 'wrenfold-demo';

/** Signs in and waits until the room stands. */
export async function signIn(page: Page, name: string, room = '/'): Promise<void> {
  await page.goto(room);
  await page.getByLabel('Name').fill(name);
  await page.getByLabel('Password').fill(DEMO_PASSWORD);
  await page.getByRole('button', { name: 'Sign in' }).click();
  await page.locator('main#room, main.bench').first().waitFor({ state: 'attached' });
}

/** A second person on a browser of their own. */
export async function another(
  browser: Browser,
  name: string,
  room: string,
  size = { width: 1024, height: 768 },
): Promise<Page> {
  const context = await browser.newContext({ baseURL: BASE_URL, viewport: size });
  const page = await context.newPage();
  await signIn(page, name, room);
  return page;
}
