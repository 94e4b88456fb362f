/*
 * npm run -s outline -- dog.json --out cut.json [--svg out.svg] [--day YYYY-MM-DD]
 * Reckons one outline without browser or database; dog.json is an outline file, or a picture that carries one. `--day` is the day of
 * the cut in place of the file's. A bad file: exit code 2 and lines of `path: what is wrong`.
 */
import { readFileSync, writeFileSync } from 'node:fs';
import { parseArgs } from 'node:util';
import { ensureBuilt } from './built.mjs';

ensureBuilt();
const { outlineDataOf } = await import('../core/dist/index.js');
const { readOutline, reckonOutline } = await import('../library/dist/index.js');

function fail(lines) {
  for (const line of lines) console.error(line);
  process.exitCode = 2;
}

function run() {
  const { values, positionals } = parseArgs({
    options: { out: { type: 'string' }, svg: { type: 'string' }, day: { type: 'string' } },
    allowPositionals: true,
  });
  const [from] = positionals;
  if (from === undefined || values.out === undefined)
    return fail(['usage: npm run -s outline -- dog.json --out cut.json [--svg out.svg] [--day YYYY-MM-DD]']);
  const text = readFileSync(from, 'utf8');
  const data = text.trimStart().startsWith('<') ? outlineDataOf(text) : text;
  if (data === null) return fail(['file: the picture carries no outline']);
  const read = readOutline(values.day === undefined ? data : withDay(data, values.day));
  if (!read.ok) return fail(read.faults.map((f) => `${f.path}: ${f.detail}`));
  const { answer, svg } = reckonOutline(read.file);
  writeFileSync(values.out, `${JSON.stringify(answer, null, 2)}\n`);
  if (values.svg !== undefined) writeFileSync(values.svg, svg);
}

function withDay(data, sessionDay) {
  try {
    return JSON.stringify({ ...JSON.parse(data), sessionDay });
  } catch {
    return data;
  }
}

try {
  run();
} catch (error) {
  fail([`file: ${error instanceof Error ? error.message : String(error)}`]);
}
