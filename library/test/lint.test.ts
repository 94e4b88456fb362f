/* The house's walls stand: a forbidden import, a hidden clock or chance in the core fails lint. */
import { spawn } from 'node:child_process';
import path from 'node:path';

const root = path.resolve(__dirname, '../..');

/** Rule ids and messages for a text as if it stood in a file of the house; nothing is written. */
async function lint(file: string, text: string): Promise<string[]> {
  const child = spawn(
    path.join(root, 'node_modules/.bin/eslint'),
    ['-f', 'json', '--stdin', '--stdin-filename', path.join(root, file)],
    { cwd: root, stdio: ['pipe', 'pipe', 'ignore'] },
  );
  child.stdin.end(text);
  let stdout = '';
  for await (const chunk of child.stdout) stdout += String(chunk);
  const [result] = JSON.parse(stdout) as { messages: { ruleId: string | null; message: string }[] }[];
  return (result?.messages ?? []).map((m) => `${m.ruleId ?? ''} ${m.message}`);
}

it.each([
  [
    'core/src/time/localDay.ts',
    "import { Yard } from '../plan/yard.js';\nexport const probe = Yard;\n",
    /time stands below plan/,
  ],
  [
    'core/src/plan/moves.ts',
    "import { readFileSync } from 'node:fs';\nexport const probe = readFileSync;\n",
    /The core is pure/,
  ],
  ['core/src/plan/moves.ts', "import { useState } from 'react';\nexport const probe = useState;\n", /The core is pure/],
  [
    'core/src/plan/moves.ts',
    "import { METHODS } from '@loyal-mane/library';\nexport const probe = METHODS;\n",
    /The core is pure/,
  ],
  ['core/src/plan/moves.ts', 'export const probe = Date.now() + Math.random();\n', /The clock comes in as an argument/],
  [
    'library/src/minutes.ts',
    "import { Module } from '@nestjs/common';\nexport const probe = Module;\n",
    /The library stands below/,
  ],
  [
    'web/src/parts/monthDay.ts',
    "import knex from 'knex';\nexport const probe = knex;\n",
    /The web runs in the browser/,
  ],
])(
  '%s: %s',
  async (file, text, words) => {
    expect((await lint(file, text)).join('\n')).toMatch(words);
  },
  120_000,
);

it('lets a type be looked up from above, and a lower folder be imported', async () => {
  const up =
    "import type { Activity } from '../plan/problem.js';\nimport { makeRng } from '../units/rng.js';\nexport const probe = (a: Activity): number => makeRng(a.index).next();\n";
  expect((await lint('core/src/time/localDay.ts', up)).filter((m) => m.includes('restricted'))).toEqual([]);
}, 120_000);
