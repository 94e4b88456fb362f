/*
 * Lints texts as if each stood in a file of the house, in one go: [{ file, text }] on standard input, on standard output a
 * list of `rule message` for each. Nothing is written.
 */
import { text } from 'node:stream/consumers';
import { ESLint } from 'eslint';

const eslint = new ESLint();
const found = [];
for (const { file, text: code } of JSON.parse(await text(process.stdin))) {
  const [result] = await eslint.lintText(code, { filePath: file });
  found.push((result?.messages ?? []).map((m) => `${m.ruleId ?? ''} ${m.message}`));
}
process.stdout.write(JSON.stringify(found));
