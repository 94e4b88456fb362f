/* One page of measurements, docs/benchmarks.md, in parts that each bench writes anew without touching the others'. */
import { existsSync, readFileSync, writeFileSync } from 'node:fs';
import path from 'node:path';
import { fileURLToPath } from 'node:url';

const docs = fileURLToPath(new URL('../docs/', import.meta.url));
const page = path.join(docs, 'benchmarks.md');
const PARTS = ['plan', 'server', 'floor', 'outline', 'kill', 'notes'];

const marks = (part) => [`<!-- ${part} -->`, `<!-- end of ${part} -->`];

/** The text of a part as the page has it; empty where it has none. */
function partOf(text, part) {
  const [from, to] = marks(part);
  const start = text.indexOf(from);
  const end = text.indexOf(to);
  return start < 0 || end < 0 ? '' : text.slice(start + from.length, end).trim();
}

/** Puts a part ("plan", "server", "kill") into the page; the notes by hand come last. */
export function writePart(part, text) {
  const before = existsSync(page) ? readFileSync(page, 'utf8') : '';
  const bodies = PARTS.map((p) =>
    p === part
      ? text.trim()
      : p === 'notes'
        ? readFileSync(path.join(docs, 'benchmarks-notes.md'), 'utf8').trim()
        : partOf(before, p),
  );
  const parts = PARTS.map((p, i) => `${marks(p)[0]}\n\n${bodies[i]}\n\n${marks(p)[1]}`);
  writeFileSync(page, `${parts.join('\n\n')}\n`);
}
