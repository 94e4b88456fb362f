/*
 * A stand-in for a label printer: reads one line of JSON a label, `{"lines":["Cleansing wash","1 : 10"]}`, and appends what a
 * printer would put on its roll to a file. A real printer's program reads the same lines and is named by LABEL_PRINTER.
 *
 *   node scripts/simulated-label-printer.mjs        writes to LABEL_ROLL, else to labels.txt in the folder for temporary files
 */
import { appendFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { createInterface } from 'node:readline';

const roll = process.env.LABEL_ROLL ?? path.join(tmpdir(), 'labels.txt');
const RULE = '-'.repeat(40);

for await (const line of createInterface({ input: process.stdin })) {
  const { lines } = JSON.parse(line);
  appendFileSync(roll, `${RULE}\n${lines.join('\n')}\n`);
}
