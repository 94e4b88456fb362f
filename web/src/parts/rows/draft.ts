/*
 * What was typed and not saved yet, kept in this tab until it is saved or given up: leaving the room, loading the page again
 * and a refusal by the server lose nothing.
 */
const PREFIX = 'draft:';

export function keepDraft(key: string, values: object): void {
  sessionStorage.setItem(PREFIX + key, JSON.stringify(values));
}

export function draftOf(key: string): Record<string, unknown> | null {
  const text = sessionStorage.getItem(PREFIX + key);
  return text === null ? null : (JSON.parse(text) as Record<string, unknown>);
}

export function dropDraft(key: string): void {
  sessionStorage.removeItem(PREFIX + key);
}
