/*
 * Classical job shops: "jobs machines", then for each job pairs of machine and duration in order. A job is a chain, a
 * machine a station, and the latest end is what counts.
 */
import type { FitModel } from './fitModel.js';
import type { FitPlacement } from './fitSearch.js';

/** Puts a job shop into the fitter's form. Throws a RangeError that names the line when the text is no job shop. */
export function modelOfJobShop(text: string): FitModel {
  const rows = text
    .trim()
    .split('\n')
    .map((line) => line.trim().split(/\s+/).map(Number));
  const [jobs = 0, machines = 0] = rows[0] ?? [];
  if (!(Number.isInteger(jobs) && jobs > 0 && Number.isInteger(machines) && machines > 0))
    throw new RangeError('line 1: must be two whole numbers, jobs and machines');
  for (let j = 1; j <= jobs; j++) checkRow(rows[j], j + 1, machines);
  const steps = rows.slice(1, jobs + 1).map((r) => pairsOf(r));
  const horizon = steps.flat().reduce((sum, s) => sum + s.dur, 0);
  const first = steps.map((_, j) => steps.slice(0, j).reduce((sum, s) => sum + s.length, 0));
  return {
    horizon,
    now: 0,
    dayStarts: [0],
    people: [],
    stations: Array.from({ length: machines }, () => ({ site: 0, circuit: -1, closed: new Uint8Array(horizon + 1) })),
    circuits: [],
    dogs: steps.map(() => ({ site: new Int8Array(horizon + 1), standCap: horizon })),
    chains: steps.map((row, j) => ({
      dog: j,
      cost: horizon,
      needs: -1,
      acts: row.map((_, k) => (first[j] ?? 0) + k),
      lags: [],
    })),
    activities: steps.flatMap((row, j) =>
      row.map((s) => ({
        chain: j,
        dur: s.dur,
        att: 0,
        est: 0,
        let: horizon,
        aim: 0,
        follows: false,
        early: 0,
        late: 0,
        omit: -1,
        people: null,
        seconds: null,
        stations: [s.machine],
        kind: s.machine,
        amps: 0,
        clean: 0,
        stands: false,
        noise: 0,
        scissors: 0,
        fixed: null,
      })),
    ),
    weights: { overtime: 0, handOver: 0, stationChange: 0, acrossKinds: false },
  };
}

function checkRow(row: readonly number[] | undefined, line: number, machines: number): void {
  if (row === undefined) throw new RangeError(`line ${line}: a job is missing`);
  const sound = row.length > 0 && row.length % 2 === 0 && row.every((x) => Number.isInteger(x) && x >= 0);
  if (!sound) throw new RangeError(`line ${line}: must be pairs of machine and duration, whole numbers`);
  if (pairsOf(row).some((s) => s.machine >= machines))
    throw new RangeError(`line ${line}: machines are 0 to ${machines - 1}`);
}

function pairsOf(row: readonly number[]): { machine: number; dur: number }[] {
  return Array.from({ length: row.length / 2 }, (_, k) => ({ machine: row[2 * k] ?? 0, dur: row[2 * k + 1] ?? 0 }));
}

/** Start of each operation, a row a job. */
export function rowsOfJobShop(model: FitModel, placement: FitPlacement): number[][] {
  return model.chains.map((c) => c.acts.map((i) => placement[i]?.start ?? 0));
}
