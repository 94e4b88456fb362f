/*
 * Classical job shops: "jobs machines", then for each job pairs of machine and duration in order. A job is one
 * chain, and the latest end is what counts.
 */
import { buildModel } from '../buildModel.js';
import type { Model, Schedule } from '../model.js';

/** Puts a job shop into the engine's form. Throws a RangeError that names the line when the text is no job shop. */
export function modelOfJobShop(text: string): Model {
  const rows = text
    .trim()
    .split('\n')
    .map((line) => line.trim().split(/\s+/).map(Number));
  const [jobs = 0, machines = 0] = rows[0] ?? [];
  if (!(Number.isInteger(jobs) && jobs > 0 && Number.isInteger(machines) && machines > 0))
    throw new RangeError('line 1: must be two whole numbers, jobs and machines');
  for (let j = 1; j <= jobs; j++) checkRow(rows[j], j + 1, machines);
  const steps = rows.slice(1, jobs + 1).map((r) => pairsOf(r));
  const horizon = steps.flat().reduce((sum, s) => sum + s.duration, 0);
  return buildModel({
    horizon,
    machines: Array.from({ length: machines }, () => ({})),
    jobs: steps.map(() => ({ strainCap: horizon })),
    chains: steps.map((row, job) => ({
      job,
      cost: horizon,
      activities: row.map(({ machine, duration }) => ({
        duration,
        attended: 0,
        lateCost: 0,
        machines: [machine],
        kind: machine,
      })),
    })),
  });
}

function checkRow(row: readonly number[] | undefined, line: number, machines: number): void {
  if (row === undefined) throw new RangeError(`line ${line}: a job is missing`);
  const sound = row.length > 0 && row.length % 2 === 0 && row.every((x) => Number.isInteger(x) && x >= 0);
  if (!sound) throw new RangeError(`line ${line}: must be pairs of machine and duration, whole numbers`);
  if (pairsOf(row).some((s) => s.machine >= machines))
    throw new RangeError(`line ${line}: machines are 0 to ${machines - 1}`);
}

function pairsOf(row: readonly number[]): { machine: number; duration: number }[] {
  return Array.from({ length: row.length / 2 }, (_, k) => ({
    machine: row[2 * k] ?? 0,
    duration: row[2 * k + 1] ?? 0,
  }));
}

/** Start of each operation, a row a job. */
export function rowsOfJobShop(model: Model, schedule: Schedule): number[][] {
  return model.chains.map((c) => c.acts.map((i) => schedule[i]?.start ?? 0));
}
