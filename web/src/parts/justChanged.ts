/*
 * Rows that somebody else changed a moment ago: rows of these ids are marked until the moment is over. Nothing moves and nothing
 * typed is touched; the mark only says where to look.
 */
import { useSyncExternalStore } from 'react';

/** How long something that somebody else changed stays marked, ms. */
export const MARK_MS = 3000;

let marked: ReadonlySet<string> = new Set();
const listeners = new Set<() => void>();

function set(next: ReadonlySet<string>): void {
  marked = next;
  for (const listen of listeners) listen();
}

/** Marks ids for a moment. */
export function markChanged(ids: readonly string[]): void {
  set(new Set([...marked, ...ids]));
  window.setTimeout(() => set(new Set([...marked].filter((id) => !ids.includes(id)))), MARK_MS);
}

function listenTo(listen: () => void): () => void {
  listeners.add(listen);
  return () => listeners.delete(listen);
}

/** Ids that are marked now. */
export function useJustChanged(): ReadonlySet<string> {
  return useSyncExternalStore(listenTo, () => marked);
}
