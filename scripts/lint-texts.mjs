/*
 * Lints texts as if each stood in a file of the house, in one go: [{ file, text }] on standard input, on standard output a
 * list of `rule message` for each. Nothing is written.
 */
import { text } from 'node:stream/consumers';
import { ESLint } from 'eslint';
import tseslint from 'typescript-eslint';

// Walls are told by imports and calls: no types are needed, which take ten times as long to read.
const eslint = new ESLint({ overrideConfig: tseslint.configs.disableTypeChecked });
const found = [];
for (const { file, text: code } of JSON.parse(await text(process.stdin))) {
  const [result] = await eslint.lintText(code, { filePath: file });
  found.push((result?.messages ?? []).map((m) => `${m.ruleId ?? ''} ${m.message}`));
}
process.stdout.write(JSON.stringify(found));
