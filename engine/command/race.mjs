/*
 * The engine on every spare core: one seed a thread, the best answer counts. By rounds it is always two threads, whatever
 * the machine has, so that the same seed gives the same answer everywhere.
 */
import os from 'node:os';
import { fileURLToPath } from 'node:url';
import { Worker, isMainThread, parentPort, workerData } from 'node:worker_threads';
import { solve } from '@loyal-mane/engine';
import { modelOfInstance } from '@loyal-mane/engine/adapters';

/** More threads than this share the memory bus and gain little. */
const MOST_THREADS = 4;
/** Far apart, so that seeds that people count up by one do not meet. */
const SEED_STEP = 7919;

const THREADS_BY_ROUNDS = 2;

const threadsFor = (rounds) =>
  rounds === null ? Math.min(MOST_THREADS, os.availableParallelism()) : THREADS_BY_ROUNDS;

/** One search; a budget ends at a time (Unix milliseconds) or after rounds, then clocks play no part. */
export function searchOnce(instance, { seed, from, until, rounds }) {
  const log = [];
  const used = rounds === null ? () => (Date.now() - from) / Math.max(1, until - from) : (round) => round / rounds;
  const found = solve(modelOfInstance(instance), {
    seed,
    used: rounds === 0 ? () => 1 : used,
    shouldStop: () => rounds === 0,
    onProgress: (p) => log.push({ at: (Date.now() - from) / 1000, placed: p.placed, cost: p.cost }),
    softCosts: null,
    evenLoad: 0,
  });
  return { ...found, log };
}

/** Searches with several seeds at once; the cheapest answer, of equals the one of the lowest seed. */
export async function race(instance, { seconds, seed, rounds = null, threads = threadsFor(rounds) }) {
  const from = Date.now();
  const until = from + seconds * 1000;
  const runs = Array.from({ length: threads }, (_, k) => ({ seed: seed + k * SEED_STEP, from, until, rounds }));
  const others = runs.slice(1).map((run) => inThread(instance, run));
  const mine = searchOnce(instance, runs[0]);
  const all = [mine, ...(await Promise.all(others))];
  const best = all.reduce((least, one) => (one.cost < least.cost ? one : least));
  return { ...best, rounds: all.reduce((sum, one) => sum + one.rounds, 0), logs: all.map((one) => one.log) };
}

function inThread(instance, run) {
  return new Promise((resolve, reject) => {
    const worker = new Worker(fileURLToPath(import.meta.url), { workerData: { instance, run } });
    worker.once('message', resolve);
    worker.once('error', reject);
  });
}

if (!isMainThread && workerData?.run !== undefined)
  parentPort?.postMessage(searchOnce(workerData.instance, workerData.run));
