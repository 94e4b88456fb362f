/*
 * A label printer: a program of its own that is given one line of JSON, `{"lines":["Cleansing wash","1 : 10"]}`, a label, and
 * ends when they are printed. A real printer's program takes the same lines.
 */
import { spawn } from 'node:child_process';

/** A printer that does not end by then hangs. */
const PATIENCE_MS = 20_000;

/** Prints labels by a program. @throws Error in words where it does not start, fails or hangs */
export async function printLabels(program: string, labels: readonly (readonly string[])[]): Promise<void> {
  const child = spawn(process.execPath, [program], { stdio: ['pipe', 'ignore', 'ignore'] });
  const ended = new Promise<void>((resolve, reject) => {
    const timer = setTimeout(() => {
      child.kill('SIGKILL');
      reject(new Error('It does not answer'));
    }, PATIENCE_MS);
    child.once('error', () => reject(new Error('It does not start')));
    child.once('close', (code) => {
      clearTimeout(timer);
      if (code === 0) resolve();
      else reject(new Error('It could not print'));
    });
  });
  // A program that ends before it has read everything breaks the pipe: its end tells what is to be said.
  child.stdin.on('error', () => undefined);
  child.stdin.end(labels.map((lines) => `${JSON.stringify({ lines })}\n`).join(''));
  await ended;
}
