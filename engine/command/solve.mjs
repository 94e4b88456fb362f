/*
 * npm run -s solve -- instance out.json [--seconds 5] [--seed 1] [--rounds N]
 * Plans a neutral instance (kennel `.json`, job shop `.txt`) with the engine. A bad file: exit code 2 and
 * lines of `path: what is wrong`; nothing is written.
 */
import { ensureBuilt } from '../../scripts/built.mjs';

ensureBuilt();
const { runSolve } = await import('./solveRun.mjs');
process.exitCode = await runSolve(process.argv.slice(2));
