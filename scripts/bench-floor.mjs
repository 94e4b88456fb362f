/*
 * npm run bench:floor
 * Measures what the crew waits for on the floor: the answer to a tap at the bench while a plan is made beside it, the mix list and
 * the forecast of knots of forty dogs, the bench without its server. Prints a table and writes its part of docs/benchmarks.md.
 */
import { readFileSync } from 'node:fs';
import path from 'node:path';
import { fileURLToPath } from 'node:url';
import { v7 } from 'uuid';
import { benchRun, signedIn } from './benchRun.mjs';
import { buildIfNeeded } from './build.mjs';

const root = fileURLToPath(new URL('..', import.meta.url));
buildIfNeeded(root, console.log);
const { DEFAULT_BATCH, batchesOf, bathProducts, coatClassOf, knotForecast, mixParts } =
  await import('@loyal-mane/core');
const { CARE_LIBRARY, HAIR_SHARES, LITERS_PER_M2, PRODUCTS, ZONES, productZones } = await import('@loyal-mane/library');
const demo = JSON.parse(readFileSync(path.join(root, 'library/demo/demo-kennel.json'), 'utf8'));

const PORT = 8493;
const TABLET = { width: 1024, height: 768 };
const DOGS = 40;
const TAPS = 120;

/** Forty dogs: the demo's, taken in turn. */
const dogs = Array.from({ length: DOGS }, (_, k) => demo.dogs[k % demo.dogs.length]);

function mixList() {
  const tables = { litersPerM2: LITERS_PER_M2, hairShares: HAIR_SHARES, products: PRODUCTS };
  const parts = dogs.flatMap((dog, k) => {
    const coat = coatClassOf(dog, CARE_LIBRARY);
    const advice = bathProducts(dog, coat, 'keepUp', demo.startDay, productZones(coat)).filter((a) => a.use);
    const bath = { dogId: `${dog.id}${k}`, weightKg: dog.weightKg, coat, density: dog.density, washes: 2, advice };
    return mixParts(bath, tables);
  });
  return batchesOf(parts, DEFAULT_BATCH);
}

function knots() {
  return dogs.map((dog) =>
    knotForecast(
      {
        ...{ density: dog.density, everyDays: 3, everyDaysInChange: 1, inChange: dog.coatChange },
        ...{ brushed: new Map(), found: dog.knotsFound ?? [], watchedDays: 90, damp: new Set(), isEased: false },
      },
      ZONES,
      demo.startDay,
    ),
  );
}

function timed(act, times = 30) {
  for (let k = 0; k < 5; k++) act();
  return Array.from({ length: times }, () => {
    const began = performance.now();
    act();
    return performance.now() - began;
  });
}

/** Milliseconds from a tap on a part of the dog to the frame that shows it. */
const tapOnce = (page, index) =>
  page.evaluate(async (k) => {
    const chips = [...globalThis.document.querySelectorAll('.part-chips button')];
    const chip = /** @type {HTMLElement} */ (chips[k % chips.length]);
    const before = chip.className + chip.textContent;
    const began = performance.now();
    chip.click();
    for (let frames = 0; frames < 300 && chip.className + chip.textContent === before; frames++)
      await new Promise((done) => globalThis.requestAnimationFrame(done));
    return performance.now() - began;
  }, index);

async function taps(browser, base) {
  const [lead, hand] = await Promise.all(['maren', 'jonas'].map((who) => signedIn(browser, base, who, TABLET)));
  if (lead === undefined || hand === undefined) throw new Error('nobody is signed in');
  await hand.goto(`${base}/bench`);
  // A task that goes over the dog part by part.
  await hand
    .getByRole('list', { name: 'Today' })
    .getByRole('button', { name: /brush-out|brushing/ })
    .first()
    .click();
  await hand.getByRole('button', { name: /^Start / }).click();
  await hand.locator('.part-chips button').first().waitFor();
  const idle = [];
  for (let k = 0; k < TAPS; k++) idle.push(await tapOnce(hand, k));
  const token = await lead.evaluate(async () => (await (await fetch('/api/session')).json()).csrf);
  const post = (to, body) =>
    lead.evaluate(
      async ([path_, text, csrf]) => {
        const headers = { 'content-type': 'application/json', 'x-csrf-token': csrf };
        return (await fetch(path_, { method: 'POST', headers, body: text })).json();
      },
      [to, JSON.stringify(body), token],
    );
  const job = await post('/api/plan-jobs', { commandId: v7(), mode: 'fresh' });
  const state = () => lead.evaluate(async (id) => (await (await fetch(`/api/plan-jobs/${id}`)).json()).state, job.id);
  while ((await state()) === 'queued');
  const busy = [];
  while ((await state()) === 'running') for (let k = 0; k < 10; k++) busy.push(await tapOnce(hand, k));
  return { idle, busy, hand };
}

/** Milliseconds from a reload of the bench without its server to its first part. */
async function offline(hand) {
  await hand.waitForTimeout(3000);
  await hand.context().setOffline(true);
  const times = [];
  for (let k = 0; k < 5; k++) {
    const began = performance.now();
    await hand.reload();
    await hand.locator('.part-chips button').first().waitFor();
    times.push(performance.now() - began);
  }
  return times;
}

await benchRun({
  ...{ part: 'floor', title: 'On the floor', port: PORT },
  measure: async (browser, base, row) => {
    const { idle, busy, hand } = await taps(browser, base);
    row(`a tap at the bench to its answer, ${idle.length} taps`, '', idle);
    row(`the same while a plan is made beside it, ${busy.length} taps`, '100 ms (p95)', busy);
    row(`mix list of ${DOGS} dogs`, '50 ms', timed(mixList));
    row(`forecast of knots, ${DOGS} dogs, all zones`, '50 ms', timed(knots));
    row('the bench reloaded without its server, to its first part', '2 s', await offline(hand));
  },
});
process.exit(0);
