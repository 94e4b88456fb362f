/*
 * Accessibility of a page as axe finds it: nothing serious may be left.
 */
import { readFileSync } from 'node:fs';
import { createRequire } from 'node:module';
import type { Page } from '@playwright/test';
import { expect } from '@playwright/test';

const AXE = readFileSync(createRequire(import.meta.url).resolve('axe-core/axe.min.js'), 'utf8');

interface Finding {
  readonly id: string;
  readonly impact: string | null;
  readonly nodes: readonly { readonly html: string }[];
}

/** Data that comes in may begin a fade: what is wrong with a color is wrong for longer than that. */
export async function expectNothingSerious(page: Page): Promise<void> {
  await expect.poll(() => serious(page)).toEqual([]);
}

async function serious(page: Page): Promise<string[]> {
  // Halfway through a fade colors are neither here nor there: what moves comes to rest first.
  await page.evaluate(() => {
    const ending = document.getAnimations().filter((a) => a.effect?.getComputedTiming().endTime !== Infinity);
    return Promise.allSettled(ending.map((a) => a.finished));
  });
  await page.evaluate(AXE);
  const found = await page.evaluate(async () => {
    const axe = (window as unknown as { axe: { run: (how: object) => Promise<{ violations: Finding[] }> } }).axe;
    return (await axe.run({ resultTypes: ['violations'] })).violations;
  });
  return found
    .filter((v) => v.impact === 'serious' || v.impact === 'critical')
    .map((v) => `${v.id}: ${v.nodes[0]?.html.slice(0, 160) ?? ''}`);
}
