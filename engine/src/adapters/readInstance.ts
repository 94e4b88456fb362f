/*
 * Reads a neutral planning instance: its form, then that every index names something. Nothing is guessed.
 */
import { Value } from '@sinclair/typebox/value';
import type { KennelInstance } from './kennelInstance.js';
import { KennelInstanceSchema, instanceFaults } from './kennelInstance.js';

/** Faults of the form that are told at most; the first ones usually cause the others. */
const MOST_LINES = 20;

/** An instance, or lines of `path: what is wrong`. */
export type InstanceResult =
  { readonly ok: true; readonly instance: KennelInstance } | { readonly ok: false; readonly lines: readonly string[] };

/** Reads the text of an instance file. */
export function readInstance(text: string): InstanceResult {
  let data: unknown;
  try {
    data = JSON.parse(text);
  } catch (error) {
    return { ok: false, lines: [`file: is not JSON (${error instanceof Error ? error.message : String(error)})`] };
  }
  if (!Value.Check(KennelInstanceSchema, data)) return { ok: false, lines: formLines(data) };
  const lines = instanceFaults(data).map((f) => `${f.path}: ${f.index} names nothing, there are ${f.count}`);
  return lines.length === 0 ? { ok: true, instance: data } : { ok: false, lines };
}

/** One line a place in the file: what is wrong there first. */
function formLines(data: unknown): string[] {
  const lines = new Map<string, string>();
  for (const { path, message, value } of Value.Errors(KennelInstanceSchema, data)) {
    const place = path === '' ? 'file' : dotted(path);
    if (!lines.has(place)) lines.set(place, value === undefined ? 'is missing' : message.toLowerCase());
    if (lines.size === MOST_LINES) break;
  }
  return [...lines].map(([place, words]) => `${place}: ${words}`);
}

/** `/entries/0/dog` as `entries[0].dog`. */
function dotted(path: string): string {
  return path
    .slice(1)
    .split('/')
    .map((part, k) => (/^\d+$/.test(part) ? `[${part}]` : k === 0 ? part : `.${part}`))
    .join('');
}
