/*
 * npm run -s plan -- kennel.json --out plan.json [--report] [--csv FILE] [--ics DIR] [--today YYYY-MM-DD] [--seed N]
 * Plans a whole kennel without browser or database. A bad file: exit code 2 and lines of `path: what is wrong`.
 */
import { ensureBuilt } from './built.mjs';

ensureBuilt();
const { runPlan } = await import('./plan-run.mjs');
process.exitCode = runPlan(process.argv.slice(2));
