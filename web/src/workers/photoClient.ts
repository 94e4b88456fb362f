/*
 * The page's end of the thread that traces photos and compares areas: one thread a question, ended with its answer.
 */
import type { Remote } from 'comlink';
import { wrap } from 'comlink';
import type { OutlineFit, Point } from '@loyal-mane/core';
import type { PhotoAnswers, TracedPhoto } from './photoWorker';

async function asked<T>(question: (thread: Remote<PhotoAnswers>) => Promise<T>): Promise<T> {
  const worker = new Worker(new URL('./photoWorker.ts', import.meta.url), { type: 'module' });
  try {
    return await question(wrap<PhotoAnswers>(worker));
  } finally {
    worker.terminate();
  }
}

/** Traces a photo; rejected where it is no picture. */
export function tracedIn(photo: Blob): Promise<TracedPhoto> {
  return asked(async (thread): Promise<TracedPhoto> => await thread.trace(photo));
}

/** The fit of two outlines above a level, mm; null where one of them is empty there. */
export function fitOf(
  first: readonly (readonly Point[])[],
  second: readonly (readonly Point[])[],
  aboveMm: number,
): Promise<OutlineFit | null> {
  return asked((thread) => thread.fit(first, second, aboveMm));
}
