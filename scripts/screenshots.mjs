/*
 * npm run screenshots: the README's pictures from the demo kennel, on a throw-away database with the clock on the demo's
 * Wednesday morning.
 */
import { spawn } from 'node:child_process';
import { rmSync } from 'node:fs';
import path from 'node:path';
import { fileURLToPath } from 'node:url';
import { launchChromium } from './chromium.mjs';

const root = fileURLToPath(new URL('..', import.meta.url));
const dataDir = path.join(root, '.data/shots');
const port = 8499;
const base = `http://127.0.0.1:${port}`;
const out = (name) => path.join(root, 'docs/screenshots', `${name}.png`);

function start() {
  rmSync(dataDir, { recursive: true, force: true });
  const env = {
    ...process.env,
    PORT: String(port),
    DATA_DIR: dataDir,
    CLOCK_START: '2026-06-17T08:20:00Z',
    DATABASE_DURABILITY: 'fast',
  };
  const child = spawn(process.execPath, [path.join(root, 'scripts/start.mjs')], {
    env,
    stdio: ['ignore', 'pipe', 'inherit'],
  });
  return new Promise((resolve, reject) => {
    child.stdout.on('data', (chunk) => {
      if (String(chunk).includes('Ready:')) resolve(child);
    });
    child.on('exit', () => reject(new Error('the server did not start')));
  });
}

async function open(browser, name, room, width, height) {
  const page = await (await browser.newContext({ baseURL: base, viewport: { width, height } })).newPage();
  await page.goto(room);
  await page.getByLabel('Name').fill(name);
  await page.getByLabel('Password').fill('wrenfold-demo');
  await page.getByRole('button', { name: 'Sign in' }).click();
  await page.locator('main#room h1, main.bench').first().waitFor({ state: 'attached' });
  await page.waitForTimeout(1500);
  return page;
}

/** The bench of whoever is at a dog part by part: who that is hangs on the day's plan. */
async function benchWithParts(browser) {
  for (const name of ['asta', 'tuva', 'ivo', 'pia', 'jonas']) {
    const page = await open(browser, name, '/bench', 1024, 768);
    if ((await page.locator('.part-chips').getByRole('button').count()) > 1) return page;
    await page.context().close();
  }
  throw new Error('nobody is at a dog part by part');
}

const server = await start();
const browser = await launchChromium();
try {
  const lead = await open(browser, 'maren', '/', 1280, 800);
  await lead
    .getByText(/ short$/)
    .first()
    .waitFor();
  await lead.screenshot({ path: out('countdown') });
  await lead.getByRole('button', { name: /^Tamsin / }).click();
  await lead
    .getByRole('dialog')
    .getByRole('button', { name: /^(Let|Reopen) / })
    .first()
    .waitFor({ timeout: 60_000 });
  await lead.screenshot({ path: out('dog') });
  await lead
    .getByRole('dialog')
    .getByRole('button', { name: /^(Let|Reopen) / })
    .first()
    .click();
  await lead.keyboard.press('Escape');
  await lead.getByRole('region', { name: 'Draft plan' }).waitFor({ timeout: 60_000 });
  await lead.waitForTimeout(4000);
  await lead.screenshot({ path: out('draft') });
  await lead.goto('/day');
  await lead.locator('.block').first().waitFor();
  await lead.waitForTimeout(800);
  await lead.screenshot({ path: out('day-sheet') });
  await lead.getByRole('button', { name: 'Load', exact: true }).click();
  await lead
    .getByRole('img', { name: /^Bars by day/ })
    .first()
    .waitFor();
  await lead.waitForTimeout(800);
  await lead.screenshot({ path: out('load') });
  await lead.getByRole('button', { name: 'Hours', exact: true }).click();
  await lead.locator('.block.planned:not([aria-haspopup])').first().click();
  await lead.locator('.starts').waitFor({ timeout: 60_000 });
  await lead.waitForTimeout(800);
  await lead.screenshot({ path: out('task') });
  await lead.goto('/methods');
  await lead.getByRole('radio', { name: /Keep misting/ }).click();
  await lead.getByText(/Moves \d+ tasks/).waitFor({ timeout: 60_000 });
  await lead.mouse.wheel(0, -5000);
  await lead.waitForTimeout(800);
  await lead.screenshot({ path: out('methods') });
  await lead.goto('/dogs');
  const file = await lead.getByRole('link', { name: /^Brisk/ }).getAttribute('href');
  await lead.goto(`/outline/${(file ?? '').split('/').at(-1)}`);
  await lead.getByRole('button', { name: 'Hock', exact: true }).first().click();
  await lead.waitForTimeout(800);
  await lead.screenshot({ path: out('outline') });
  await lead.goto('/walk');
  await lead.getByRole('button', { name: /^Seraph/ }).click();
  await lead.getByRole('button', { name: /^(The rest is as usual|Looked over once more)/ }).waitFor();
  await lead.screenshot({ path: out('walk') });
  await lead.goto('/dogs');
  await lead.getByRole('link', { name: /^Fenn/ }).click();
  await lead.getByRole('group', { name: 'Head under the lens' }).waitFor();
  await lead.getByRole('button', { name: 'behind the ear', exact: true }).click();
  await lead.getByText('Tight mat', { exact: true }).click();
  await lead.getByText('A tight mat: behind the ear, left.').waitFor();
  await lead.waitForTimeout(800);
  await lead.screenshot({ path: out('coat-file') });
  await lead.getByText('Clear', { exact: true }).click();
  await lead.goto('/mixing');
  await lead.getByRole('list', { name: 'Batches' }).waitFor();
  await lead.waitForTimeout(800);
  await lead.screenshot({ path: out('mixing') });
  await lead.goto('/shows');
  await lead.getByRole('row', { name: /Tornvik/ }).click();
  await lead.getByRole('button', { name: 'Enter dogs' }).waitFor();
  await lead.waitForTimeout(800);
  await lead.screenshot({ path: out('shows') });
  await lead.goto('/kennel?part=shifts');
  await lead.getByRole('table', { name: 'Shifts of the week' }).waitFor();
  await lead.waitForTimeout(800);
  await lead.screenshot({ path: out('kennel') });
  await lead.goto('/methods?part=handbook&whose=Bichon%20Frise');
  await lead.waitForTimeout(1200);
  await lead.screenshot({ path: out('handbook') });
  const paper = await open(browser, 'maren', '/day', 794, 1123);
  await paper.emulateMedia({ media: 'print' });
  await paper.evaluate(() => {
    // The page on paper is drawn when the browser asks for it.
    globalThis.print = () => void globalThis.dispatchEvent(new Event('beforeprint'));
    [...globalThis.document.querySelectorAll('button')].find((b) => b.textContent === 'Crate cards')?.click();
  });
  await paper.getByRole('article').first().waitFor();
  await paper.screenshot({ path: out('crate-cards') });
  const bench = await benchWithParts(browser);
  const understood = bench.getByRole('button', { name: 'Understood' });
  while ((await understood.count()) > 0) {
    await understood.first().click();
    await bench.waitForTimeout(200);
  }
  const chips = bench.locator('.part-chips').getByRole('button');
  for (const nth of [0, 0, 1]) await chips.nth(nth).click();
  await bench.waitForTimeout(1500);
  await bench.screenshot({ path: out('bench') });
  const phone = await open(browser, 'pia', '/', 390, 844);
  await phone.screenshot({ path: out('countdown-phone') });
  await phone.goto('/day');
  await phone.locator('main#room h1').waitFor();
  await phone.waitForTimeout(1200);
  await phone.screenshot({ path: out('my-day-phone') });
  const benchPhone = await open(browser, 'jonas', '/bench', 390, 844);
  await benchPhone.screenshot({ path: out('bench-phone') });
} finally {
  await browser.close();
  server.kill('SIGINT');
}
