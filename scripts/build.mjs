/*
 * Builds when something has changed since the last build: a stamp holds a hash over names, sizes and times of the sources.
 */
import { execFileSync } from 'node:child_process';
import { createHash } from 'node:crypto';
import { existsSync, mkdirSync, readFileSync, readdirSync, statSync, writeFileSync } from 'node:fs';
import path from 'node:path';

const SOURCES = [
  'engine/src',
  'core/src',
  'library/src',
  'library/demo',
  'server/src',
  'web/src',
  'web/public',
  'web/index.html',
  'web/vite.config.ts',
  'package-lock.json',
];
const BUILT = [
  'engine/dist/index.js',
  'core/dist/index.js',
  'library/dist/index.js',
  'server/dist/main.js',
  'web/dist/index.html',
];

function walk(root, name, hash) {
  const full = path.join(root, name);
  const stat = statSync(full);
  if (stat.isDirectory()) for (const child of readdirSync(full).sort()) walk(root, path.join(name, child), hash);
  else hash.update(`${name} ${stat.size} ${Math.round(stat.mtimeMs)}\n`);
}

/** Builds the nodes and the web application unless they are current. */
export function buildIfNeeded(root, say) {
  const hash = createHash('sha256');
  for (const name of SOURCES) walk(root, name, hash);
  const now = hash.digest('hex');
  const stampFile = path.join(root, '.cache', 'build');
  const stamp = existsSync(stampFile) ? readFileSync(stampFile, 'utf8') : '';
  if (stamp === now && BUILT.every((f) => existsSync(path.join(root, f)))) return;
  say('Building (about half a minute).');
  // Whoever builds, tests too: what is built is what people use. A test's NODE_ENV would make it a development build.
  const env = { ...process.env, NODE_ENV: 'production' };
  const node = (args, cwd) => execFileSync(process.execPath, args, { cwd, env, stdio: ['ignore', 2, 2] });
  node([path.join(root, 'node_modules/typescript/bin/tsc'), '-b', 'engine', 'core', 'library', 'server'], root);
  node([path.join(root, 'node_modules/vite/bin/vite.js'), 'build', '--logLevel', 'warn'], path.join(root, 'web'));
  mkdirSync(path.dirname(stampFile), { recursive: true });
  writeFileSync(stampFile, now);
}
