/*
 * Somebody's tablet in a simulated day: a real browser at the real bench, which is tapped as a hand would. Its clock is the day's.
 */
import { expect } from '@playwright/test';
import type { Browser, Page } from '@playwright/test';
import { DEMO_PASSWORD } from '../src/kennel/insertKennel.js';

const SHORT = { hour: '2-digit', minute: '2-digit' } as const;
const TABLET = { width: 1024, height: 768 };
/** The longest that a page may take to show what follows, ms: a plan may be made beside it. */
const PATIENCE_MS = 30_000;

/** The page's own globals, which the server's tests do not know. */
interface Tab {
  readonly navigator: { readonly serviceWorker: { readonly controller: object | null } };
}

/** A tablet at the bench. */
export class BenchDevice {
  /** Commands given while the network was away, and not sent yet. */
  private waiting = 0;
  private isAway = false;

  private constructor(
    private readonly page: Page,
    private readonly origin: string,
    private readonly timeZone: string,
  ) {}

  /** Signs in on a new tablet, which keeps the application's files for when the network drops. */
  static async open(
    browser: Browser,
    origin: string,
    { signIn, timeZone, nowMs }: { readonly signIn: string; readonly timeZone: string; readonly nowMs: number },
  ): Promise<BenchDevice> {
    const context = await browser.newContext({ viewport: TABLET, reducedMotion: 'reduce', serviceWorkers: 'allow' });
    context.setDefaultTimeout(PATIENCE_MS);
    const page = await context.newPage();
    await page.clock.setFixedTime(nowMs);
    const device = new BenchDevice(page, origin, timeZone);
    await page.goto(`${origin}/bench`);
    await page.getByLabel('Name').fill(signIn);
    await page.getByLabel('Password').fill(DEMO_PASSWORD);
    await page.getByRole('button', { name: 'Sign in' }).click();
    await page.locator('main.bench').waitFor();
    await page.waitForFunction(() => (globalThis as unknown as Tab).navigator.serviceWorker.controller !== null);
    return device;
  }

  /** The day's clock on the tablet; the bench has seen it. */
  private async clockIs(nowMs: number): Promise<void> {
    await this.page.clock.setFixedTime(nowMs);
    const words = new Date(nowMs).toLocaleTimeString('en-GB', { ...SHORT, timeZone: this.timeZone });
    await expect(this.page.locator('.bench-top')).toContainText(words, { timeout: PATIENCE_MS });
  }

  /** Begins a task; where the bench asks first, it is begun anyway. */
  async start(key: string, nowMs: number): Promise<void> {
    await this.page.clock.setFixedTime(nowMs);
    await this.page.goto(`${this.origin}/bench?task=${encodeURIComponent(key)}`);
    await this.rested();
    await this.page.getByRole('button', { name: /^Start / }).click();
    const anyway = this.page.getByRole('button', { name: 'Start anyway' });
    await expect(async () => {
      if (await anyway.isVisible()) await anyway.click();
      await this.kept();
      await expect(this.finishButton).toBeVisible({ timeout: 1000 });
      await expect(anyway).toHaveCount(0, { timeout: 1000 });
    }).toPass({ timeout: PATIENCE_MS });
    this.given();
  }

  /** Says that the first product of the page is on; false where the page has none. */
  async soak(nowMs: number): Promise<boolean> {
    await this.clockIs(nowMs);
    const first = this.page.locator('.begin-soak').getByRole('button').first();
    if (!(await first.isVisible())) return false;
    await first.click();
    await this.page.getByRole('button', { name: 'Rinsed' }).first().waitFor();
    this.given();
    return true;
  }

  /** Rinses what soaks on a dog; nothing where its finish has ended it. */
  async rinse(dogName: string, nowMs: number): Promise<void> {
    await this.clockIs(nowMs);
    const clock = this.page.locator('.soak-clocks > div', { hasText: dogName }).getByRole('button', { name: 'Rinsed' });
    if (!(await clock.first().isVisible())) return;
    await clock.first().click();
    await this.kept();
    this.given();
  }

  /** Finishes the task at the bench: all that is asked for is confirmed, every mat is out. */
  async finish(nowMs: number): Promise<void> {
    await this.clockIs(nowMs);
    await this.rested();
    await this.finishButton.click();
    const over = this.page.locator('.undo-bar');
    const go = this.page.locator('.ant-modal-container:visible').locator('.ant-btn-primary');
    const open = this.page.locator('.exit-checks, .mats-out').getByRole('checkbox', { checked: false });
    await over.or(go).first().waitFor();
    while (!(await over.isVisible())) {
      while ((await open.count()) > 0) await open.first().click();
      await go.last().click();
      await expect(go.and(this.page.locator(':enabled')).or(over).first()).toBeVisible({ timeout: PATIENCE_MS });
    }
    await this.kept();
    this.given();
  }

  /** The network drops; what is tapped waits on the tablet. */
  async cutOff(): Promise<void> {
    this.isAway = true;
    await this.page.context().setOffline(true);
  }

  /** The network is back, and everything that waited is sent; how much that was. */
  async back(): Promise<number> {
    await this.page.context().setOffline(false);
    await expect(this.page.getByText('saved', { exact: true })).toBeVisible({ timeout: PATIENCE_MS });
    const sent = this.waiting;
    this.waiting = 0;
    this.isAway = false;
    return sent;
  }

  /** Refusals of the server, in the words that the tablet shows. */
  async refusals(): Promise<string[]> {
    return this.page.locator('.bench-refused').allInnerTexts();
  }

  async close(): Promise<void> {
    await this.page.context().close();
  }

  private get finishButton() {
    return this.page.getByRole('button', { name: / is finished$/ });
  }

  /** The bench takes a second touch within a second for a slip. */
  private async rested(): Promise<void> {
    await expect(this.page.locator('.bench-foot')).toHaveAttribute('aria-busy', 'false', { timeout: PATIENCE_MS });
  }

  /** Resolves once the tap is with the server, or waits for it. */
  private async kept(): Promise<void> {
    const words = this.isAway ? /records? waits? on this device/ : /^saved$/;
    await expect(this.page.getByText(words).first()).toBeVisible({ timeout: PATIENCE_MS });
  }

  /** Words on the tablet's screen, for whoever reads a failure. */
  async shown(): Promise<string> {
    return this.page.locator('body').innerText();
  }

  private given(): void {
    if (this.isAway) this.waiting++;
  }
}
