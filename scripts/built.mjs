/* Headless commands need core and library built; what is built already is left alone. */
import { execFileSync } from 'node:child_process';
import { existsSync } from 'node:fs';
import { fileURLToPath } from 'node:url';
import path from 'node:path';

const root = fileURLToPath(new URL('..', import.meta.url));

/** Builds core and library where their sources are newer; ends the process with code 2 when packages are missing. */
export function ensureBuilt() {
  if (!existsSync(path.join(root, 'node_modules', 'typescript'))) {
    console.error('node_modules is missing: run `npm ci` in the project first.');
    process.exit(2);
  }
  execFileSync(
    process.execPath,
    [path.join(root, 'node_modules/typescript/bin/tsc'), '-b', 'engine', 'core', 'library'],
    {
      cwd: root,
      stdio: ['ignore', 2, 2],
    },
  );
}
