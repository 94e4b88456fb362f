/* The house's walls stand: a forbidden import, a hidden clock or chance in the core fails lint. */
import { spawn } from 'node:child_process';
import path from 'node:path';

const root = path.resolve(__dirname, '../..');

interface Probe {
  readonly file: string;
  readonly text: string;
}

/** Rule ids and messages for texts as if each stood in a file of the house; nothing is written. */
async function lint(probes: readonly Probe[]): Promise<string[][]> {
  const child = spawn(process.execPath, [path.join(root, 'scripts/lint-texts.mjs')], {
    cwd: root,
    stdio: ['pipe', 'pipe', 'ignore'],
  });
  child.stdin.end(JSON.stringify(probes));
  let stdout = '';
  for await (const chunk of child.stdout) stdout += String(chunk);
  return JSON.parse(stdout) as string[][];
}

const FORBIDDEN: readonly (readonly [string, string, RegExp])[] = [
  [
    'engine/src/rng.ts',
    "import { WorkingSchedule } from '@loyal-mane/core';\nexport const probe = WorkingSchedule;\n",
    /The engine stands alone/,
  ],
  ['engine/src/rng.ts', 'export const probe = Date.now();\n', /The clock comes in as an argument/],
  [
    'core/src/time/localDay.ts',
    "import { WorkingSchedule } from '../plan/workingSchedule.js';\nexport const probe = WorkingSchedule;\n",
    /time stands below plan/,
  ],
  [
    'core/src/plan/explain/moves.ts',
    "import { readFileSync } from 'node:fs';\nexport const probe = readFileSync;\n",
    /The core is pure/,
  ],
  [
    'core/src/plan/explain/moves.ts',
    "import { useState } from 'react';\nexport const probe = useState;\n",
    /The core is pure/,
  ],
  [
    'core/src/plan/explain/moves.ts',
    "import { METHODS } from '@loyal-mane/library';\nexport const probe = METHODS;\n",
    /The core is pure/,
  ],
  [
    'core/src/plan/explain/moves.ts',
    'export const probe = Date.now() + Math.random();\n',
    /The clock comes in as an argument/,
  ],
  [
    'library/src/minutes.ts',
    "import { Module } from '@nestjs/common';\nexport const probe = Module;\n",
    /The library stands below/,
  ],
  ['web/src/parts/nearest.ts', "import knex from 'knex';\nexport const probe = knex;\n", /The web runs in the browser/],
];

it('what would break a wall fails lint; a type may be looked up from above, and a lower folder be imported', async () => {
  const up =
    "import type { Task } from '../plan/problem.js';\nimport { hashText } from '../units/hash.js';\nexport const probe = (a: Task): string => String(hashText(a.key));\n";
  const found = await lint([
    ...FORBIDDEN.map(([file, text]) => ({ file, text })),
    { file: 'core/src/time/localDay.ts', text: up },
  ]);
  FORBIDDEN.forEach(([, , words], k) => expect(found[k]?.join('\n')).toMatch(words));
  expect(found.at(-1)?.filter((m) => m.includes('restricted'))).toEqual([]);
}, 240_000);
