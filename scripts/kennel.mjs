/*
 * npm run -s export -- [--kennel NAME] FILE        the whole kennel as JSON
 * npm run -s import -- --kennel NAME FILE          a kennel file into a new kennel; a bad file: exit code 2, nothing saved
 * npm run -s backup -- [--kennel NAME] FILE        everything, with sign-ins and history; also while the server runs
 * npm run -s restore -- --kennel NAME [--replace] FILE   a backup; a kennel that is there stays unless --replace is said
 *
 * Works on this checkout's private database, or on the server that DATABASE_URL names. A restore has a user made that sees
 * the restored kennel only: whoever signs in at DATABASE_URL, or at DATABASE_KEEPER_URL, must be allowed to.
 */
import { spawnSync } from 'node:child_process';
import { existsSync, renameSync, rmSync, writeFileSync } from 'node:fs';
import path from 'node:path';
import { fileURLToPath } from 'node:url';
import { parseArgs } from 'node:util';
import { backUp, restore } from './backup.mjs';
import { buildIfNeeded } from './build.mjs';
import { PrivateDatabase, ensureMariaDb } from './database.mjs';

const root = fileURLToPath(new URL('..', import.meta.url));
const say = (line) => console.error(line);
const SLUG = /^[a-z][a-z0-9-]{0,30}$/;
const USAGE = {
  export: 'npm run -s export -- [--kennel NAME] FILE',
  import: 'npm run -s import -- --kennel NAME FILE',
  backup: 'npm run -s backup -- [--kennel NAME] FILE',
  restore: 'npm run -s restore -- --kennel NAME [--replace] FILE',
};

class Refused extends Error {}

function readArgs(command, argv) {
  try {
    const { values, positionals } = parseArgs({
      args: argv,
      options: { kennel: { type: 'string' }, replace: { type: 'boolean', default: false } },
      allowPositionals: true,
    });
    if (positionals.length !== 1) throw new Error('one FILE is needed');
    const named = values.kennel ?? (command === 'export' || command === 'backup' ? 'demo' : undefined);
    if (named === undefined) throw new Error('--kennel NAME is missing');
    if (!SLUG.test(named)) throw new Error(`--kennel: "${named}" must be small letters, digits and dashes`);
    if (command === 'import' && named === 'demo') throw new Error('--kennel: the demo keeps its own kennel');
    return { kennel: named, replace: values.replace, file: path.resolve(positionals[0]) };
  } catch (error) {
    throw new Refused(`${error.message}\nusage: ${USAGE[command]}`);
  }
}

/** Runs one of the server's own programs; what it says on standard output comes back. */
function run(program, env) {
  const done = spawnSync(process.execPath, [path.join(root, 'server/dist', program)], {
    env: { ...process.env, ...env },
    stdio: ['ignore', 'pipe', 'inherit'],
    encoding: 'utf8',
    maxBuffer: 1 << 30,
  });
  if (done.status === 2) throw new Refused('');
  if (done.status !== 0) throw new Error(`${program} ended with ${String(done.status)}`);
  return done.stdout;
}

/** Says why a database that a backup was loaded into is no whole kennel, or null. */
function schemaTrouble(url, name) {
  const done = spawnSync(process.execPath, [path.join(root, 'server/dist/db/checkSchema.js'), name], {
    env: { ...process.env, DATABASE_URL: url },
    encoding: 'utf8',
  });
  if (done.status === 0) return null;
  return done.stderr.trim().split('\n').pop() ?? '';
}

/** All or nothing: a file is there whole, or as it was. */
function writeWhole(file, content) {
  const part = `${file}.part`;
  try {
    writeFileSync(part, content, { mode: 0o600 });
    renameSync(part, file);
  } catch (error) {
    rmSync(part, { force: true });
    throw new Refused(`${file}: cannot be written (${error.code ?? 'unknown'})`);
  }
}

const COMMANDS = {
  export: (url, { kennel, file }) => {
    writeWhole(file, run('kennelOut.js', { DATABASE_URL: url, KENNEL: kennel }));
    say(`Kennel "${kennel}" is in ${file}.`);
  },
  import: (url, { kennel, file }) => {
    const answer = run('setup.js', { DATABASE_URL: url, KENNEL: kennel, KENNEL_FILE: file });
    const { signIns } = JSON.parse(answer.trim().split('\n').at(-1) ?? '');
    say(`Kennel "${kennel}" is in. Start it: ./start --kennel ${kennel}`);
    for (const s of signIns)
      if (s.password !== null) say(`One-time password for ${s.signIn} (${s.role}): ${s.password}`);
    say('Everybody else gets a sign-in from a lead: old passwords do not travel with a kennel file.');
  },
  backup: async (url, { kennel, file }) => {
    writeWhole(file, await backUp(url, kennel, (line) => new Refused(line)));
    say(`Backup of kennel "${kennel}" is in ${file}.`);
  },
  restore: async (url, { kennel, file, replace }, keeperUrl) => {
    if (!existsSync(file)) throw new Refused(`${file}: is not there`);
    const refused = (line) => new Refused(line);
    await restore({ url, keeperUrl, kennel, file, replace, refused, check: (name) => schemaTrouble(url, name) });
    say(`Kennel "${kennel}" is restored from ${file}.`);
  },
};

const [command, ...argv] = process.argv.slice(2);
let database = null;
try {
  const args = readArgs(command, argv);
  buildIfNeeded(root, say);
  let url = process.env.DATABASE_URL;
  if (url === undefined) {
    ensureMariaDb(say);
    database = new PrivateDatabase(path.resolve(process.env.DATA_DIR ?? path.join(root, '.data')), say);
    url = await database.open();
  }
  const keeperUrl = process.env.DATABASE_KEEPER_URL ?? (database === null ? url : database.keeperUrl());
  await COMMANDS[command](url, args, keeperUrl);
} catch (error) {
  if (error.message !== '') console.error(error.message);
  process.exitCode = error instanceof Refused ? 2 : 1;
} finally {
  await database?.close();
}
