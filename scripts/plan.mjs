/*
 * npm run -s plan -- kennel.json --out plan.json [--csv FILE] [--today YYYY-MM-DD] [--seed N]
 * Plans a whole kennel without browser or database. A bad file: exit code 2 and lines of `path: what is wrong`.
 */
import { execFileSync } from 'node:child_process';
import { existsSync } from 'node:fs';
import { fileURLToPath } from 'node:url';
import path from 'node:path';

const root = fileURLToPath(new URL('..', import.meta.url));
if (!existsSync(path.join(root, 'node_modules', 'typescript'))) {
  console.error('node_modules is missing: run `npm ci` in the project first.');
  process.exit(2);
}
execFileSync(process.execPath, [path.join(root, 'node_modules/typescript/bin/tsc'), '-b', 'core', 'library'], {
  cwd: root,
  stdio: ['ignore', 2, 2],
});
const { runPlan } = await import('./plan-run.mjs');
process.exitCode = runPlan(process.argv.slice(2));
