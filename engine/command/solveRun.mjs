/* The headless solver of neutral instances, once the engine is built. */
import { readFileSync, renameSync, writeFileSync } from 'node:fs';
import { parseArgs } from 'node:util';
import { searchMakespan } from '@loyal-mane/engine';
import {
  checkInstancePlan,
  modelOfJobShop,
  readInstance,
  rowsOfJobShop,
  rowsOfSchedule,
} from '@loyal-mane/engine/adapters';
import { race } from './race.mjs';

const USAGE = 'usage: npm run -s solve -- instance.json|jobshop.txt out.json [--seconds 5] [--seed 1] [--rounds N]';

function fail(lines) {
  for (const line of lines) console.error(line);
  return 2;
}

/** Resolves to the exit code: 0 done, 2 bad input with nothing written. */
export async function runSolve(argv) {
  let args;
  try {
    args = parseArgs({
      args: argv,
      allowPositionals: true,
      options: { seconds: { type: 'string' }, seed: { type: 'string' }, rounds: { type: 'string' } },
    });
  } catch (error) {
    return fail([`arguments: ${error.message}`, USAGE]);
  }
  const [file, out, ...more] = args.positionals;
  if (file === undefined || out === undefined || more.length > 0) return fail([USAGE]);
  const seconds = Number(args.values.seconds ?? 5);
  const seed = Number(args.values.seed ?? 1);
  const rounds = args.values.rounds === undefined ? null : Number(args.values.rounds);
  if (!(seconds > 0)) return fail([`--seconds: "${args.values.seconds}" is not a number above 0`]);
  if (!Number.isSafeInteger(seed)) return fail([`--seed: "${args.values.seed}" is not a whole number`]);
  if (rounds !== null && !(Number.isSafeInteger(rounds) && rounds >= 0))
    return fail([`--rounds: "${args.values.rounds}" is not a whole number`]);
  let text;
  try {
    text = readFileSync(file, 'utf8');
  } catch (error) {
    return fail([`${file}: cannot be read (${error.code ?? error.message})`]);
  }
  const isShop = file.endsWith('.txt');
  return isShop ? solveShop(text, out, { seconds, seed, rounds }) : solveKennel(text, out, { seconds, seed, rounds });
}

/** Budget in seconds by the clock, or in rounds: then the same seed gives the same plan on every machine. */
export function budget({ seconds, seed, rounds }, onProgress = () => undefined) {
  const began = performance.now();
  const used =
    rounds === null ? () => (performance.now() - began) / 1000 / seconds : (round) => round / Math.max(1, rounds);
  return { seed, used, shouldStop: () => rounds === 0, onProgress, softCosts: null, evenLoad: 0 };
}

async function solveKennel(text, out, wanted) {
  const began = performance.now();
  const read = readInstance(text);
  if (!read.ok) return fail(read.lines);
  const { instance } = read;
  // Reading and preparing count as time spent.
  const seconds = Math.max(0.05, wanted.seconds - (performance.now() - began) / 1000);
  const found = await race(instance, { ...wanted, seconds });
  const plan = { instance: instance.name, starts: rowsOfSchedule(found.schedule) };
  const checked = checkInstancePlan(instance, plan);
  if (checked.faults.length > 0) throw new Error(`the plan breaks a rule: ${checked.faults[0]}`);
  save(out, plan);
  console.log(`cost=${checked.cost} ready=${checked.ready}/${instance.entries.length} rounds=${found.rounds}`);
  return 0;
}

function solveShop(text, out, wanted) {
  let model;
  try {
    model = modelOfJobShop(text);
  } catch (error) {
    if (error instanceof RangeError) return fail([error.message]);
    throw error;
  }
  const found = searchMakespan(model, budget(wanted));
  save(out, { starts: rowsOfJobShop(model, found.schedule) });
  console.log(`makespan=${found.cost} rounds=${found.rounds}`);
  return 0;
}

function save(out, plan) {
  writeFileSync(`${out}.part`, JSON.stringify(plan));
  renameSync(`${out}.part`, out);
}
