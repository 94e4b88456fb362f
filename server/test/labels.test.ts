/* Labels: the printer's stand-in gets every line, and what a printer does wrong is said in words. */
import { mkdtempSync, readFileSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import type { Hand, World } from './world.js';
import { openWorld, signInAs } from './world.js';

const SIMULATED = path.resolve(__dirname, '../../scripts/simulated-label-printer.mjs');
const folder = mkdtempSync(path.join(tmpdir(), 'labels-'));
const roll = path.join(folder, 'roll.txt');
let world: World | null = null;
afterEach(async () => {
  await world?.close();
  world = null;
});

async function opened(name: string, labelPrinter: string | null): Promise<Hand> {
  world = await openWorld(name, undefined, { labelPrinter });
  return signInAs(world, 'tuva');
}

it('the stand-in puts all labels on its roll', async () => {
  const named = path.join(folder, 'named.mjs');
  writeFileSync(
    named,
    `process.env.LABEL_ROLL = ${JSON.stringify(roll)};\nawait import(${JSON.stringify(SIMULATED)});\n`,
  );
  const hand = await opened('labels', named);
  expect((await hand.get('/api/label-printer').expect(200)).body).toEqual({ isThere: true });
  const labels = [{ lines: ['Cleansing wash', '1 : 10'] }, { lines: ['Mild wash', 'Mixed 17 Jun for Nemi'] }];
  await hand.post('/api/labels', { labels }).expect(204);
  const rule = '-'.repeat(40);
  expect(readFileSync(roll, 'utf8')).toBe(
    `${rule}\nCleansing wash\n1 : 10\n${rule}\nMild wash\nMixed 17 Jun for Nemi\n`,
  );
  await hand.post('/api/labels', { labels: [] }).expect(400);
  await hand.post('/api/labels', { labels: [{ lines: [7] }] }).expect(400);
});

it('a printer that fails, and none at all, are said in words', async () => {
  const broken = path.join(folder, 'broken.mjs');
  writeFileSync(broken, 'process.exit(3);\n');
  const hand = await opened('labels-broken', broken);
  const failed = await hand.post('/api/labels', { labels: [{ lines: ['x'] }] }).expect(409);
  expect(failed.body).toMatchObject({ detail: expect.stringMatching(/^It could not print: look at/) as string });
  await world?.close();
  const without = await opened('labels-none', null);
  expect((await without.get('/api/label-printer').expect(200)).body).toEqual({ isThere: false });
  const none = await without.post('/api/labels', { labels: [{ lines: ['x'] }] }).expect(409);
  expect(none.body).toMatchObject({ detail: expect.stringMatching(/no label printer/) as string });
});
