/*
 * Shared by all browser tests: the throw-away server's address, signing in, and a look at every answer of the server: each
 * is held against its document, on whichever page it arrives.
 */
import { fileURLToPath } from 'node:url';
import { test as base, expect } from '@playwright/test';
import type { Browser, BrowserContext, Page } from '@playwright/test';
import { Contract } from '../scripts/contract.mjs';

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

/** Chooses in a select; a list that is still opening may miss the first click. */
export async function choose(page: Page, label: string, option: string): Promise<void> {
  const box = page.getByRole('combobox', { name: label, exact: true });
  const select = page.locator('.ant-select', { has: box }).first();
  await expect(async () => {
    if ((await select.innerText()).includes(option)) return;
    await box.click();
    const choices = page.locator('.ant-select-dropdown:visible .ant-select-item-option', { hasText: option });
    await choices.first().click({ timeout: 2000 });
    await expect(select).toContainText(option, { timeout: 2000 });
  }).toPass();
}

const contract = new Contract();

/** Looks at every answer of the API that a context's pages get; streams are left to the tests that read them. */
function watch(context: BrowserContext, troubles: string[]): void {
  context.on('response', (response) => {
    const request = response.request();
    const { pathname } = new URL(response.url());
    const contentType = response.headers()['content-type'] ?? '';
    if (!pathname.startsWith('/api') || contentType.startsWith('text/event-stream')) return;
    void response.text().then(
      (body) => {
        const answer = { method: request.method(), path: pathname, status: response.status(), contentType, body };
        const trouble = contract.troubleOf(answer);
        if (trouble !== null) troubles.push(trouble);
      },
      // The page was left before its answer had arrived.
      () => undefined,
    );
  });
}

/** A browser test that fails when an answer of the server is not as its document says. */
export const test = base.extend<{ answers: undefined }>({
  answers: [
    async ({ browser, context }, use) => {
      const troubles: string[] = [];
      watch(context, troubles);
      const open = browser.newContext.bind(browser);
      browser.newContext = async (options) => {
        const made = await open(options);
        watch(made, troubles);
        return made;
      };
      await use(undefined);
      browser.newContext = open;
      expect(troubles).toEqual([]);
    },
    { auto: true },
  ],
});

export { expect };
export type { Browser, Page };
