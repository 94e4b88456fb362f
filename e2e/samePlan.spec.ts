/*
 * The same kennel, seed and rounds give the same plan in the browser as on the server: the planner is bundled for the
 * browser and run in Chromium beside the same code in this process.
 */
import { expect, test } from './world.js';
import { readFileSync } from 'node:fs';
import { createHash } from 'node:crypto';
import { fileURLToPath } from 'node:url';
import type { KennelFile, PlanOptions } from '@loyal-mane/core';
import { planKennel, wallToMs } from '@loyal-mane/core';
import { CARE_LIBRARY } from '@loyal-mane/library';
import { build } from 'vite';

const demoFile = fileURLToPath(new URL('../library/demo/demo-kennel.json', import.meta.url));
const ENTRY = 'virtual-plan-entry';
const ENTRY_CODE = `
import { planKennel } from '@loyal-mane/core';
import { CARE_LIBRARY } from '@loyal-mane/library';
globalThis.planOf = (kennel, options) => JSON.stringify(planKennel(kennel, CARE_LIBRARY, options));
`;

/** The planner and the library as one script for a page. */
async function browserScript(): Promise<string> {
  const made = await build({
    configFile: false,
    root: fileURLToPath(new URL('.', import.meta.url)),
    logLevel: 'silent',
    build: { write: false, minify: true, lib: { entry: ENTRY, formats: ['iife'], name: 'planner' } },
    plugins: [
      {
        name: 'plan-entry',
        resolveId: (id) => (id.endsWith(ENTRY) ? fileURLToPath(new URL(ENTRY, import.meta.url)) : null),
        load: (id) => (id.endsWith(ENTRY) ? ENTRY_CODE : null),
      },
    ],
  });
  const output = [made].flat().flatMap((m) => ('output' in m ? m.output : []));
  const chunk = output.find((o) => o.type === 'chunk');
  if (chunk?.type !== 'chunk') throw new Error('no script was made');
  return chunk.code;
}

test('Chromium and Node make the same plan, byte for byte', async ({ page }) => {
  test.setTimeout(240_000);
  const kennel = JSON.parse(readFileSync(demoFile, 'utf8')) as KennelFile;
  const nowMs = wallToMs(kennel.startDay, '00:00' as Parameters<typeof wallToMs>[1], kennel.settings.timeZone);
  const options: PlanOptions = { nowMs, seed: 7, rounds: 4 };
  const here = JSON.stringify(planKennel(kennel, CARE_LIBRARY, options));
  await page.goto('about:blank');
  await page.addScriptTag({ content: await browserScript() });
  const there = await page.evaluate(
    ([file, how]) => (globalThis as unknown as { planOf: (k: unknown, o: unknown) => string }).planOf(file, how),
    [kennel, options] as const,
  );
  const digest = (text: string): string => createHash('sha256').update(text).digest('hex');
  expect(here.length).toBeGreaterThan(100_000);
  expect({ length: there.length, sha256: digest(there) }).toEqual({ length: here.length, sha256: digest(here) });
});
