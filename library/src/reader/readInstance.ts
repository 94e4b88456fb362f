/*
 * Reads a neutral planning instance: its form, then that every index names something. Nothing is guessed.
 */
import { KennelInstanceSchema, instanceFaults } from '@loyal-mane/engine/adapters';
import type { KennelInstance } from '@loyal-mane/engine/adapters';
import { issueWords } from '../words/issueWords.js';
import { compileSchema, schemaIssues } from './schemaIssues.js';

const check = compileSchema<KennelInstance>(KennelInstanceSchema);

export type InstanceResult =
  | { readonly ok: true; readonly instance: KennelInstance }
  /** Lines of `path: what is wrong`. */
  | { readonly ok: false; readonly lines: readonly string[] };

/** Reads the text of an instance file. */
export function readInstance(text: string): InstanceResult {
  let data: unknown;
  try {
    data = JSON.parse(text);
  } catch (error) {
    return { ok: false, lines: [`file: is not JSON (${error instanceof Error ? error.message : String(error)})`] };
  }
  if (!check(data)) {
    return { ok: false, lines: schemaIssues(check.errors ?? []).map((i) => `${i.path}: ${issueWords(i)}`) };
  }
  const faults = instanceFaults(data);
  const lines = faults.map((f) => `${f.path}: ${f.index} names nothing, there are ${f.count}`);
  return faults.length === 0 ? { ok: true, instance: data } : { ok: false, lines };
}
