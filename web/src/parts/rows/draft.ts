/*
 * Typed text that is not saved yet, kept in this tab until it is saved or given up: leaving the room, loading the page again
 * and a refusal by the server lose nothing.
 */
const PREFIX = 'draft:';

/** A field that was emptied is kept as emptied, so that it does not come back filled. */
export function keepDraft(key: string, values: object): void {
  const kept = Object.fromEntries(Object.entries(values).map(([name, value]) => [name, (value ?? null) as unknown]));
  sessionStorage.setItem(PREFIX + key, JSON.stringify(kept));
}

/** Text that was typed in a form and is not saved; null = nothing. */
export function draftOf(key: string): Record<string, unknown> | null {
  const text = sessionStorage.getItem(PREFIX + key);
  if (text === null) return null;
  const kept = JSON.parse(text) as Record<string, unknown>;
  return Object.fromEntries(Object.entries(kept).map(([name, value]) => [name, value ?? undefined]));
}

/** Forgets what was typed. */
export function dropDraft(key: string): void {
  sessionStorage.removeItem(PREFIX + key);
}
