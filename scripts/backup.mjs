/*
 * Backups with the database's own tools: one consistent reading of all tables while the server goes on, and a restore that
 * is loaded beside the kennel and takes its place only when it is whole.
 */
import { spawnSync } from 'node:child_process';
import { randomBytes } from 'node:crypto';
import { readFileSync } from 'node:fs';
import { gunzipSync, gzipSync } from 'node:zlib';

const HEAD = '-- Loyal Mane backup, version 1\n';
/** Last line of a dump that was written to its end. */
const END = /-- Dump completed[^\n]*\n*$/;
const MOST_BYTES = 1 << 30;

/** One of the database's tools said no. */
class ToolError extends Error {}

const nameOf = (kennel) => `lm_${kennel.replaceAll('-', '_')}`;

/** Arguments and environment for the database's tools; the password never stands on a command line. */
function access(url) {
  const { hostname, port, username, password } = new URL(url);
  const args = [
    '--no-defaults',
    `--host=${hostname}`,
    `--port=${port}`,
    `--user=${decodeURIComponent(username)}`,
    '--protocol=tcp',
  ];
  return { args, env: { ...process.env, MYSQL_PWD: decodeURIComponent(password) } };
}

function tool(url, program, more, input) {
  const { args, env } = access(url);
  const done = spawnSync(program, [...args, ...more], { env, input, maxBuffer: MOST_BYTES });
  if (done.error !== undefined) throw new ToolError(`${program}: ${done.error.message}`);
  if (done.status !== 0) throw new ToolError(`${program}: ${String(done.stderr).trim()}`);
  return done.stdout;
}

const sql = (url, text, database) =>
  String(
    tool(url, 'mariadb', ['--batch', '--skip-column-names', ...(database === undefined ? [] : [database])], text),
  ).trim();

function holdsKennel(url, database) {
  const table = sql(
    url,
    `SELECT 1 FROM information_schema.tables WHERE table_schema='${database}' AND table_name='settings'`,
  );
  return table !== '' && sql(url, 'SELECT 1 FROM settings LIMIT 1', database) !== '';
}

/** Everything of one kennel, compressed. */
export async function backUp(url, kennel, refused) {
  const database = nameOf(kennel);
  if (!holdsKennel(url, database)) throw refused(`There is no kennel "${kennel}" here.`);
  const dump = tool(url, 'mariadb-dump', [
    '--single-transaction',
    '--quick',
    '--skip-lock-tables',
    '--hex-blob',
    database,
  ]);
  return gzipSync(Buffer.concat([Buffer.from(HEAD), dump]));
}

/**
 * Puts a backup in the place of a kennel. Until it is loaded whole, what is there stays. The file is a stranger's text: it is
 * loaded by a user that sees the new database only, in a client that runs no commands of the machine.
 * `check(name)` says what is wrong with the loaded database, or null.
 */
export async function restore({ url, keeperUrl, kennel, file, replace, refused, check }) {
  const dump = readBackup(file, refused);
  const database = nameOf(kennel);
  if (holdsKennel(url, database) && !replace)
    throw refused(
      `There is a kennel "${kennel}" already. Nothing was changed; say --replace to put the backup in its place.`,
    );
  const beside = `${database}__restoring`;
  const drop = `DROP DATABASE IF EXISTS \`${beside}\``;
  sql(url, `${drop}; CREATE DATABASE \`${beside}\` CHARACTER SET utf8mb4 COLLATE utf8mb4_unicode_ci`);
  try {
    load(keeperUrl, beside, dump);
    const trouble = check(beside);
    if (trouble !== null) throw refused(`${file}: is no whole kennel. Nothing was changed. ${trouble}`);
    takePlace(url, beside, database);
  } catch (error) {
    sql(url, drop);
    throw error instanceof ToolError
      ? refused(`${file}: cannot be loaded. Nothing was changed. ${error.message}`)
      : error;
  }
}

/** Loads a dump as a user of its own, which is gone afterwards. */
function load(keeperUrl, database, dump) {
  const name = `lm_restore_${randomBytes(6).toString('hex')}`;
  const password = randomBytes(24).toString('base64url');
  const user = `'${name}'@'%'`;
  const only = database.replaceAll('_', '\\_');
  sql(keeperUrl, `CREATE USER ${user} IDENTIFIED BY '${password}'; GRANT ALL ON \`${only}\`.* TO ${user}`);
  try {
    const own = new URL(keeperUrl);
    own.username = name;
    own.password = password;
    tool(own.href, 'mariadb', ['--sandbox', '--local-infile=0', '--batch', database], dump);
  } finally {
    sql(keeperUrl, `DROP USER ${user}`);
  }
}

function readBackup(file, refused) {
  let text;
  try {
    text = gunzipSync(readFileSync(file), { maxOutputLength: MOST_BYTES });
  } catch {
    throw refused(`${file}: is no backup of a kennel`);
  }
  if (!text.subarray(0, HEAD.length).equals(Buffer.from(HEAD))) throw refused(`${file}: is no backup of a kennel`);
  if (!END.test(text.subarray(-200).toString('latin1')))
    throw refused(`${file}: ends in the middle. Nothing was changed; take another backup.`);
  return text.subarray(HEAD.length);
}

/** Tables move over in one statement; the old ones are dropped after that. */
function takePlace(url, beside, database) {
  const old = `${database}__old`;
  const tablesOf = (name) =>
    sql(url, `SELECT table_name FROM information_schema.tables WHERE table_schema='${name}'`)
      .split('\n')
      .filter((t) => t !== '');
  sql(
    url,
    `CREATE DATABASE IF NOT EXISTS \`${database}\` CHARACTER SET utf8mb4 COLLATE utf8mb4_unicode_ci; DROP DATABASE IF EXISTS \`${old}\`; CREATE DATABASE \`${old}\``,
  );
  const moves = [
    ...tablesOf(database).map((t) => `\`${database}\`.\`${t}\` TO \`${old}\`.\`${t}\``),
    ...tablesOf(beside).map((t) => `\`${beside}\`.\`${t}\` TO \`${database}\`.\`${t}\``),
  ];
  sql(url, `RENAME TABLE ${moves.join(', ')}; DROP DATABASE \`${beside}\`; DROP DATABASE \`${old}\``);
}
