/*
 * Shared by all browser tests: the throw-away server's address, signing in, and a look at every answer of the server: each
 * is held against its document, on whichever page it arrives.
 */
import { spawn } from 'node:child_process';
import type { ChildProcess } from 'node:child_process';
import { once } from 'node:events';
import { rmSync } from 'node:fs';
import { fileURLToPath } from 'node:url';
import { test as base, expect } from '@playwright/test';
import type { Browser, BrowserContext, Locator, Page } from '@playwright/test';
import { LIVE_DEMO, START } from './start.js';
import { Contract } from '../scripts/contract.mjs';

/** Each of the processes that run tests side by side has a kennel, a server and a port of its own. */
const LANE = process.env['TEST_PARALLEL_INDEX'] ?? '0';
const PORT = String(Number(process.env['E2E_PORT'] ?? '8490') + Number(LANE));
const BASE_URL = `http://127.0.0.1:${PORT}`;
const START_COMMAND = fileURLToPath(new URL('../scripts/start.mjs', import.meta.url));
export const DATA_DIR = fileURLToPath(new URL(`../.data/e2e/${LANE}`, import.meta.url));
const DEMO_PASSWORD = 'wrenfold-demo';

/** The planner may take so long to answer, while other browsers are at work on the same two cores. */
export const PLANNED_MS = 150_000;

/** Signs in and waits until the room stands. */
export async function signIn(page: Page, name: string, room = '/'): Promise<void> {
  await page.goto(room);
  await page.getByLabel('Name').fill(name);
  await page.getByLabel('Password').fill(DEMO_PASSWORD);
  await page.getByRole('button', { name: 'Sign in' }).click();
  await page.locator('main#room, main.bench').first().waitFor({ state: 'attached' });
}

/** Waits for what follows a start; where the bench asks first, because somebody else is at the dog, it is started anyway. */
export async function startedOrAnyway(bench: Page, follows: Locator): Promise<void> {
  const anyway = bench.getByRole('button', { name: 'Start anyway' });
  await expect(async () => {
    if (await anyway.isVisible()) await anyway.click();
    // The bench shows a start before the server has answered: what it shows counts once that is saved.
    await expect(bench.getByText('saved', { exact: true })).toBeVisible({ timeout: 2000 });
    await expect(follows.first()).toBeVisible({ timeout: 2000 });
    await expect(anyway).toHaveCount(0, { timeout: 2000 });
  }).toPass({ timeout: 60_000 });
}

/** A second person on a browser of their own. */
export async function another(
  browser: Browser,
  name: string,
  room: string,
  size = { width: 1024, height: 768 },
  more: Parameters<Browser['newContext']>[0] = {},
): Promise<Page> {
  const context = await browser.newContext({ baseURL: BASE_URL, viewport: size, reducedMotion: 'reduce', ...more });
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

/** Parts of the demo's plan that tests read. */
interface Floor {
  readonly people: readonly { readonly id: string; readonly name: string }[];
  /** Tasks that are not over, the earliest first. */
  readonly open: readonly Task[];
}
interface Task {
  readonly key: string;
  readonly dogId: string;
  readonly step: string;
  readonly state: string;
  readonly start: string;
  readonly people: readonly string[];
}

const floorOf = (page: Page): Promise<Floor> =>
  page.evaluate(async () => {
    const read = async (path: string): Promise<unknown> => (await fetch(`/api/${path}`)).json();
    const { published } = (await read('plan')) as { published: { plan: { activities: Task[] } } };
    const { people } = (await read('kennel')) as Floor;
    const open = published.plan.activities
      .filter((a) => a.state === 'planned' || a.state === 'running')
      .sort((a, b) => a.start.localeCompare(b.start));
    return { people, open };
  });

/**
 * The account of somebody who comes to a step of a dog soon, all before it at that dog being theirs too. Which of the crew
 * that is, the plan of the day decides; asked from a page that has signed in.
 */
export async function whoComesTo(page: Page, step: string): Promise<string> {
  const { people, open } = await floorOf(page);
  const before = (task: Task): Task[] => open.filter((a) => a.dogId === task.dogId && a.start < task.start);
  const own = open.find(
    (a) => a.step === step && a.people.length === 1 && before(a).every((b) => b.people.join() === a.people[0]),
  );
  const person = people.find((p) => p.id === own?.people[0]);
  if (person === undefined) throw new Error(`nobody comes to ${step} alone in the plan of the demo`);
  return person.name.split(' ')[0]?.toLowerCase() ?? '';
}

/** Works through the tasks at the bench, one after another, until one with such a heading is up. */
export async function worksUntil(bench: Page, heading: RegExp): Promise<void> {
  const title = bench.locator('main.bench h1').first();
  const start = bench.getByRole('button', { name: /^Start / });
  const finish = bench.getByRole('button', { name: / is finished$/ });
  await start.or(finish).first().waitFor();
  for (let tasks = 0; tasks < MOST_TASKS && !heading.test(await title.innerText()); tasks++) {
    if (await start.isVisible()) {
      await rested(bench);
      await start.click();
      await startedOrAnyway(bench, finish);
    }
    await finishTask(bench);
    await expect(bench.getByText('saved', { exact: true })).toBeVisible();
  }
  await expect(title).toHaveText(heading);
}

/** Somebody who works through so many without coming to what a test wants does not come to it. */
const MOST_TASKS = 12;

/** The bench takes a second touch within a second for a wet hand's slip: waits until it takes the next. */
export async function rested(bench: Page): Promise<void> {
  await expect(bench.locator('.bench-foot')).toHaveAttribute('aria-busy', 'false');
}

/** Finishes the task at the bench and answers what it asks: done before it was started, all looked at. */
export async function finishTask(bench: Page): Promise<void> {
  const finish = bench.getByRole('button', { name: / is finished$/ });
  const name = ((await finish.textContent()) ?? '').replace(/ is finished$/, '').trim();
  const before = bench.getByRole('button', { name: 'Yes, it was done before' });
  const leave = bench.locator('.finish-row').getByRole('button').last();
  const over = bench.locator('.undo-bar', { hasText: `${name} finished` });
  await rested(bench);
  await finish.click();
  await before.or(leave).or(over).first().waitFor();
  if (await before.isVisible()) await before.click();
  await leave.or(over).first().waitFor();
  if (await leave.isVisible()) {
    for (const check of await bench.locator('.exit-checks').getByRole('checkbox').all()) await check.click();
    await leave.click();
  }
  await over.waitFor();
}

const contract = new Contract();

/** Requests that were refused or found no network, which tests ask for; workers that a context does not allow. */
const EXPECTED = ['Failed to load resource', 'Service Worker registration blocked by Playwright'];

/** Notes errors and warnings of a context's pages, and what they throw. */
function listen(context: BrowserContext, troubles: string[]): void {
  context.on('console', (m) => {
    const isTrouble = m.type() === 'error' || m.type() === 'warning';
    if (isTrouble && !EXPECTED.some((words) => m.text().startsWith(words)))
      troubles.push(`console: ${m.text()} (${m.location().url})`);
  });
  context.on('weberror', (e) => troubles.push(`thrown: ${String(e.error())}`));
}

/** Looks at every answer of the API that a context's pages get; streams are left to the tests that read them. */
function watch(context: BrowserContext, troubles: string[]): void {
  listen(context, troubles);
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

/** A kennel that nobody has begun yet, instead of the demo. */
export const EMPTY_KENNEL = 'nobody';

/** Lines that the start command has said so far. */
let said = '';

/** The password that the start command gives the lead of a new kennel. */
export function oneTimePassword(): string {
  const password = /^One-time password for lead \(lead\): (\S+)$/m.exec(said)?.[1];
  if (password === undefined) throw new Error(`the start command gave no password:\n${said}`);
  return password;
}

/** The real start command on a throw-away database, with the clock on the demo's Wednesday. */
async function startHouse(kennelOf: string): Promise<ChildProcess> {
  rmSync(DATA_DIR, { recursive: true, force: true });
  said = '';
  const house = spawn(process.execPath, [START_COMMAND, ...(kennelOf === EMPTY_KENNEL ? ['--kennel', 'own'] : [])], {
    env: { ...process.env, PORT, DATA_DIR, CLOCK_START: START, LIVE_DEMO, DATABASE_DURABILITY: 'fast' },
    stdio: ['ignore', 'pipe', 'inherit'],
  });
  // A worker that is ended by force leaves no server behind on the port of the next.
  process.once('exit', () => house.kill('SIGKILL'));
  await new Promise<void>((resolve, reject) => {
    house.stdout.on('data', (chunk: Buffer) => {
      said += chunk.toString();
      if (said.includes('Ready:')) resolve();
    });
    house.once('exit', () => reject(new Error(`the start command ended:\n${said}`)));
  });
  return house;
}

/**
 * A browser test on the kennel of its process, or on one that nobody else has touched where `kennelOf` names who wants it
 * (Playwright runs tests of unlike worker options in processes of their own). It fails when an answer of the server is not
 * as its document says, or
 * when a page logs an error or a warning, or throws.
 */
export const test = base.extend<{ answers: undefined }, { kennelOf: string; house: undefined }>({
  baseURL: BASE_URL,
  kennelOf: ['everybody', { option: true, scope: 'worker' }],
  house: [
    async ({ browserName: _, kennelOf }, use) => {
      const house = await startHouse(kennelOf);
      await use(undefined);
      const gone = once(house, 'exit');
      house.kill('SIGINT');
      await gone;
    },
    { auto: true, scope: 'worker', timeout: 180_000 },
  ],
  answers: [
    async ({ browser, context }, use) => {
      const troubles: string[] = [];
      watch(context, troubles);
      const open = browser.newContext.bind(browser);
      browser.newContext = async (options) => {
        const made = await open({ serviceWorkers: 'block', ...options });
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
