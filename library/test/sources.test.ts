/* Every code of a source that a comment or a test names is told in docs/sources.md. */
import { readFileSync, readdirSync } from 'node:fs';
import path from 'node:path';

const root = path.resolve(__dirname, '../..');
const CODE = /\b(?:CP|PUB)-\d\d\b/g;

function codesUnder(folder: string): string[] {
  return readdirSync(path.join(root, folder), { recursive: true, encoding: 'utf8' })
    .filter((name) => /\.tsx?$/.test(name))
    .flatMap((name) => readFileSync(path.join(root, folder, name), 'utf8').match(CODE) ?? []);
}

it('names no source that the list does not know, and the list none that nobody names', () => {
  const named = ['engine', 'core', 'library', 'server', 'web'].flatMap((workspace) =>
    ['src', 'test'].flatMap((folder) => codesUnder(`${workspace}/${folder}`)),
  );
  const table = readFileSync(path.join(root, 'docs/sources.md'), 'utf8').split('\n');
  const known = table.flatMap((line) => /^\| ((?:CP|PUB)-\d\d)\s*\|/.exec(line)?.[1] ?? []);
  expect(known.length).toBeGreaterThan(5);
  expect([...new Set(named)].sort()).toEqual([...known].sort());
});
