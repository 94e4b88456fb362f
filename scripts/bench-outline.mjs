/*
 * npm run bench:outline
 * Measures what a lead waits for in the room Outline: the solution of a dog anew and while something moves, the drawing after a key at
 * a handle, the trace of a photo, and the kennel with a dog of sixty past outlines. Prints a table and writes its part of
 * docs/benchmarks.md.
 */
import { readFileSync } from 'node:fs';
import path from 'node:path';
import { fileURLToPath } from 'node:url';
import { v4, v7 } from 'uuid';
import { benchRun, signedIn } from './benchRun.mjs';
import { buildIfNeeded } from './build.mjs';

const root = fileURLToPath(new URL('..', import.meta.url));
buildIfNeeded(root, console.log);
const { coatRings, solveOutline, tracePhoto } = await import('@loyal-mane/core');
const { BODY_SHAPES, BREED_ROWS, growthPrior } = await import('@loyal-mane/library');
const demo = JSON.parse(readFileSync(path.join(root, 'library/demo/demo-kennel.json'), 'utf8'));

const PORT = 8494;
const PAST = 60;
const KEYS = 80;

/**
 * A dog of a breed, longer than its standard by a share, with hair of some length everywhere.
 * @returns {import('@loyal-mane/core').OutlineAsk}
 */
function askOf({ badge, coat }, longer) {
  const breed = BODY_SHAPES[badge];
  const zones = /** @type {const} */ ([
    'back',
    'loin',
    'croup',
    'crest',
    'forechest',
    'underline',
    'breeches',
    'hock',
    'foreleg',
    'stifle',
  ]);
  return /** @type {import('@loyal-mane/core').OutlineAsk} */ (
    /** @type {unknown} */ ({
      ...{ body: { ...breed, length: breed.length * (1 + longer) }, breed, coat, heightMm: 500 },
      ...{ showDay: '2026-06-20', corrections: {} },
      zones: zones.map((zone) => {
        const prior = growthPrior(coat, zone);
        const growth = { ...prior, low: prior.mmPerDay, high: prior.mmPerDay, spans: 0 };
        const measured = { day: '2026-06-10', mm: prior.mostMm / 4 };
        return { zone, measured, growth, wantedMm: null, answer: { ok: true, how: 'shaped' } };
      }),
    })
  );
}

function solutions() {
  /** @type {number[]} */
  const anew = [];
  /** @type {number[]} */
  const moved = [];
  for (let round = 0; round < 4; round++) {
    for (const breed of BREED_ROWS) {
      let began = performance.now();
      const answer = solveOutline(askOf(breed, 0.03));
      coatRings(
        answer.stations,
        answer.stations.map((s) => s.depth),
      );
      const took = performance.now() - began;
      const depths = answer.stations.map((s) => s.depth);
      began = performance.now();
      const next = solveOutline(askOf(breed, 0.031), depths);
      coatRings(
        next.stations,
        next.stations.map((s) => s.depth),
      );
      if (round === 0) continue;
      anew.push(took);
      moved.push(performance.now() - began);
    }
  }
  return { anew, moved };
}

function traces() {
  const [width, height] = [4000, 3000];
  const data = new Uint8ClampedArray(width * height * 4);
  for (let y = 0; y < height; y++)
    for (let x = 0; x < width; x++) {
      const value = Math.hypot((x - 2000) / 1200, (y - 1600) / 900) < 1 ? 40 : 210;
      data.fill(value + ((x * 7 + y * 13) % 9), (y * width + x) * 4, (y * width + x) * 4 + 4);
    }
  return Array.from({ length: 6 }, () => {
    const began = performance.now();
    tracePhoto({ data, width, height });
    return performance.now() - began;
  });
}

/** Milliseconds from a key at a handle until it is solved and drawn, and until the frame that shows it. */
const keyOnce = (page) =>
  page.evaluate(async () => {
    const handle = globalThis.document.querySelector('.handles [role="slider"]');
    if (handle === null) throw new Error('no handle');
    const before = handle.getAttribute('aria-valuenow');
    const now = () => globalThis.document.querySelector('.handles [role="slider"]')?.getAttribute('aria-valuenow');
    const began = performance.now();
    handle.dispatchEvent(new globalThis.KeyboardEvent('keydown', { key: 'ArrowRight', bubbles: true }));
    await Promise.resolve();
    // A key is answered before anything else runs: where it is not, the frame tells how long it took.
    const drawn = now() === before ? null : performance.now() - began;
    for (let frames = 0; frames < 300; frames++) {
      await new Promise((done) => globalThis.requestAnimationFrame(done));
      if (now() !== before) break;
    }
    const shown = performance.now() - began;
    return { drawn: drawn ?? shown, shown };
  });

async function inTheRoom(browser, base) {
  const page = await signedIn(browser, base, 'maren', { width: 1280, height: 800 });
  const brisk = demo.dogs.find((d) => d.name === 'Brisk');
  const past = await page.evaluate(
    async ([dogId, kept, commandId]) => {
      const { csrf } = await (await fetch('/api/session')).json();
      const dog = (await (await fetch('/api/kennel')).json()).dogs.find((d) => d.id === dogId);
      const headers = { 'content-type': 'application/json', 'x-csrf-token': csrf };
      const body = JSON.stringify({ commandId, version: dog.version, record: { outline: { kept } } });
      const saved = await fetch(`/api/dogs/${dogId}/record`, { method: 'POST', headers, body });
      if (!saved.ok) throw new Error(`not saved: ${saved.status} ${await saved.text()}`);
      const times = [];
      for (let k = 0; k < 20; k++) {
        const began = performance.now();
        await (await fetch('/api/kennel')).json();
        times.push(performance.now() - began);
      }
      return times;
    },
    [brisk.id, pastOutlines(brisk), v7()],
  );
  await page.goto(`${base}/outline/${brisk.id}`);
  await page.getByRole('tab', { name: 'Measures' }).click();
  await page.locator('.handles [role="slider"]').first().waitFor();
  const keys = [];
  for (let k = 0; k < KEYS; k++) keys.push(await keyOnce(page));
  return { past, keys };
}

function pastOutlines({ lengths }) {
  const zones = [...new Map(lengths.map((l) => [l.zone, { zone: l.zone, mm: l.mm }])).values()];
  return Array.from({ length: PAST }, (_, k) => ({
    ...{ id: v4(), day: '2026-05-20', name: `outline ${k + 1}`, lengths: zones, wanted: zones, corrections: [] },
  }));
}

await benchRun({
  ...{ part: 'outline', title: 'The outline', port: PORT },
  measure: async (browser, base, row) => {
    const { anew, moved } = solutions();
    const { past, keys } = await inTheRoom(browser, base);
    row(`an outline solved anew with its rings, ${BREED_ROWS.length} breeds`, '', anew);
    row('the same a millimeter on, from the answer before', '16 ms', moved);
    const of = `whole room, ${keys.length} keys`;
    row(
      `a key at a handle until it is solved and drawn, ${of}`,
      '16 ms',
      keys.map((k) => k.drawn),
    );
    row(
      `the same to the next frame, which comes every 17 ms`,
      '',
      keys.map((k) => k.shown),
    );
    row('a photo of 12 megapixels traced', '2 s', traces());
    row(`the kennel with a dog of ${PAST} past outlines, from the server`, '300 ms', past);
  },
});
process.exit(0);
