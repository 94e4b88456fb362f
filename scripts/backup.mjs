/*
 * Backups with the database's own tools: one consistent reading of all tables while the server goes on, and a restore that
 * is loaded beside the kennel and takes its place only when it is whole.
 */
import { spawnSync } from 'node:child_process';
import { readFileSync } from 'node:fs';
import { gunzipSync, gzipSync } from 'node:zlib';

const HEAD = '-- Loyal Mane backup, version 1\n';
const MOST_BYTES = 1 << 30;

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
  if (done.error !== undefined) throw new Error(`${program}: ${done.error.message}`);
  if (done.status !== 0) throw new Error(`${program}: ${String(done.stderr).trim()}`);
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

/** Puts a backup in the place of a kennel. Until it is loaded whole, what is there stays. */
export async function restore(url, kennel, file, replace, refused) {
  const dump = readBackup(file, refused);
  const database = nameOf(kennel);
  if (holdsKennel(url, database) && !replace)
    throw refused(
      `There is a kennel "${kennel}" already. Nothing was changed; say --replace to put the backup in its place.`,
    );
  const beside = `${database}__restoring`;
  sql(
    url,
    `DROP DATABASE IF EXISTS \`${beside}\`; CREATE DATABASE \`${beside}\` CHARACTER SET utf8mb4 COLLATE utf8mb4_unicode_ci`,
  );
  try {
    tool(url, 'mariadb', [beside], dump);
    if (!holdsKennel(url, beside)) throw refused(`${file}: holds no kennel. Nothing was changed.`);
    takePlace(url, beside, database);
  } catch (error) {
    sql(url, `DROP DATABASE IF EXISTS \`${beside}\``);
    throw error.message.startsWith('mariadb:')
      ? refused(`${file}: cannot be loaded. Nothing was changed. ${error.message}`)
      : error;
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
