/* The wet room's air: a program that writes readings, what it may write, what is kept of it, and what is said without one. */
import { mkdtempSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { readingOf } from '../src/air/airSensor.js';
import { AirService } from '../src/air/airService.js';
import type { Hand, World } from './world.js';
import { openWorld, signInAs } from './world.js';

const SIMULATED = path.resolve(__dirname, '../../scripts/simulated-sensor.mjs');
let world: World | null = null;
afterEach(async () => {
  await world?.close();
  world = null;
});

/** A program that writes these lines and stays. */
function program(...lines: readonly string[]): string {
  const file = path.join(mkdtempSync(path.join(tmpdir(), 'sensor-')), 'sensor.mjs');
  writeFileSync(
    file,
    `${lines.map((l) => `console.log(${JSON.stringify(l)});`).join('\n')}\nsetInterval(() => {}, 1000);\n`,
  );
  return file;
}

async function opened(name: string, airSensor: string | null): Promise<Hand> {
  world = await openWorld(name, undefined, { airSensor });
  return signInAs(world, 'tuva');
}

/** Asks until there is a reading, at most some seconds. */
async function air(hand: Hand): Promise<{ latest: { celsius: number; humidity: number } | null; lastDay: unknown[] }> {
  for (let k = 0; ; k++) {
    const body = (await hand.get('/api/air').expect(200)).body as Awaited<ReturnType<typeof air>>;
    if ((body.latest !== null && body.lastDay.length > 0) || k === 100) return body;
    await new Promise((resolve) => setTimeout(resolve, 100));
  }
}

it('the stand-in tells believable air, which is written down', async () => {
  const { latest, lastDay } = await air(await opened('air', SIMULATED));
  expect(latest?.celsius).toBeGreaterThan(17);
  expect(latest?.celsius).toBeLessThan(25);
  expect(latest?.humidity).toBeGreaterThan(0.4);
  expect(latest?.humidity).toBeLessThan(0.8);
  expect(lastDay).toHaveLength(1);
});

it('a line that is no reading is left out, and a silent sensor is not believed', async () => {
  const hand = await opened(
    'air-lines',
    program('warming up', '{"celsius":400,"humidity":0.5}', '{"celsius":22.5,"humidity":0.61}', 'null'),
  );
  expect((await air(hand)).latest).toMatchObject({ celsius: 22.5, humidity: 0.61 });
  world?.clock.pass(16 * 60_000);
  const { latest, lastDay } = (await hand.get('/api/air').expect(200)).body as { latest: unknown; lastDay: unknown[] };
  expect(latest).toBeNull();
  expect(lastDay).toMatchObject([{ celsius: 22.5, humidity: 0.61 }]);
  expect(world?.app.get(AirService).latest()).toBeNull();
});

it('without a sensor there is nothing to tell, and no invented figure', async () => {
  const hand = await opened('air-none', null);
  expect((await hand.get('/api/air').expect(200)).body).toEqual({ latest: null, lastDay: [] });
});

it.each([
  ['{"celsius":21,"humidity":0.5}', { celsius: 21, humidity: 0.5 }],
  ['{"celsius":21,"humidity":50}', null],
  ['{"celsius":-4,"humidity":0.5}', null],
  ['{"celsius":"21","humidity":0.5}', null],
  ['{"celsius":21}', null],
  ['[21,0.5]', null],
  ['', null],
])('%s is read as %j', (line, reading) => {
  expect(readingOf(line)).toEqual(reading);
});
