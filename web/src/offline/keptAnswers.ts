/*
 * Answers that the floor needs without the server, kept on this device: who is signed in, the kennel, its plan, its work and its methods,
 * as they were read last. Taken up only where the server does not answer; gone when somebody signs out.
 */
import { dehydrate, hydrate } from '@tanstack/react-query';
import type { DehydratedState, QueryClient } from '@tanstack/react-query';
import { createStore, del, get, set } from 'idb-keyval';
import type { UseStore } from 'idb-keyval';
import { setServerOffset } from '../api/serverClock';
import type { Session } from '../api/queries';
import { keepSession, sessionQuery } from '../api/queries';

/** Resources that are kept, by the first part of their key. */
const KEPT: ReadonlySet<unknown> = new Set(['session', 'kennel', 'plan', 'work', 'methods']);
const KEY = 'answers';
/**
 * Writes wait for each other's end; each takes what has changed in so long. Short, since a record that the server has is
 * on the device only here: who loses the network and reloads within it sees the task before that record.
 */
const PAUSE_MS = 300;
/** Answers that are older tell nothing of today. */
const MOST_OLD_MS = 3 * 86_400_000;

/** Form of what is kept; another one is not read. */
interface Kept {
  readonly version: 1;
  readonly keptAt: number;
  /** Server's clock less this device's, milliseconds: a wrong clock stays as wrong. */
  readonly offsetMs: number;
  readonly state: DehydratedState;
}

let store: UseStore | null = null;
const place = (): UseStore => (store ??= createStore('loyal-mane', 'offline'));

/** Keeps answers as they change, until the returned function is called. A device that cannot keep them works on without. */
export function keepAnswers(client: QueryClient, offsetMs: () => number): () => void {
  let timer = 0;
  let writing: Promise<unknown> = Promise.resolve();
  const write = (): void => {
    timer = 0;
    if (client.getQueryData(sessionQuery.queryKey) === undefined) return;
    const state = dehydrate(client, {
      shouldDehydrateMutation: () => false,
      // The kennel's file and its trail are asked for under the kennel's key, and are no work of the floor.
      shouldDehydrateQuery: ({ queryKey, state: { status } }) =>
        status === 'success' && queryKey.length === 1 && KEPT.has(queryKey[0]),
    });
    const kept: Kept = { version: 1, keptAt: Date.now(), offsetMs: offsetMs(), state };
    writing = writing.then(() => set(KEY, kept, place())).catch(() => undefined);
  };
  const stop = client.getQueryCache().subscribe(({ type, query }) => {
    if (type !== 'updated' || !KEPT.has((query.queryKey as readonly unknown[])[0])) return;
    // Not put off by what follows: at a busy table something changes every second.
    if (timer === 0) timer = window.setTimeout(write, PAUSE_MS);
  });
  const writeNow = (): void => {
    if (timer === 0 || document.visibilityState !== 'hidden') return;
    window.clearTimeout(timer);
    write();
  };
  document.addEventListener('visibilitychange', writeNow);
  return () => {
    window.clearTimeout(timer);
    document.removeEventListener('visibilitychange', writeNow);
    stop();
  };
}

/** Takes up what was kept; whether there was anything. */
export async function takeUpAnswers(client: QueryClient): Promise<boolean> {
  const kept = await get<Kept>(KEY, place()).catch(() => undefined);
  if (kept?.version !== 1 || Date.now() - kept.keptAt > MOST_OLD_MS) return false;
  hydrate(client, kept.state);
  const session = client.getQueryData<Session>(sessionQuery.queryKey);
  if (session === undefined) return false;
  keepSession(session);
  setServerOffset(kept.offsetMs);
  return true;
}

/** Forgets everything that was kept: the next person at this device reads nothing of it. */
export async function forgetAnswers(): Promise<void> {
  await del(KEY, place()).catch(() => undefined);
}
