/*
 * The one compiler of record schemas, and what it complains of as issues with paths that people can read.
 */
import { Ajv } from 'ajv';
import type { ErrorObject, ValidateFunction } from 'ajv';
import addFormatsModule from 'ajv-formats';
import type { KennelIssue } from './kennelIssue.js';

/** More than this many complaints help nobody. */
export const MOST_ISSUES = 50;

const ajv = new Ajv({ allErrors: true, strict: false });
// The package is CommonJS: depending on the loader its function is the module or its default.
const addFormats = (
  typeof addFormatsModule === 'function' ? addFormatsModule : (addFormatsModule as { default: unknown }).default
) as (on: Ajv) => void;
addFormats(ajv);

/** A check of data against a schema that says what type it then has. */
export function compileSchema<T>(schema: object): ValidateFunction<T> {
  return ajv.compile<T>(schema);
}

/** `/dogs/3/weightKg` as people write it: `dogs[3].weightKg`. */
function dotted(pointer: string): string {
  return (
    pointer
      .replace(/\/(\d+)/g, '[$1]')
      .replace(/\//g, '.')
      .replace(/^\./, '') || 'file'
  );
}

/** Complaints of a check, at most as many as help. */
export function schemaIssues(errors: readonly ErrorObject[]): KennelIssue[] {
  return errors.slice(0, MOST_ISSUES).map((e) => {
    const params = e.params as Record<string, unknown>;
    const name = params['additionalProperty'] ?? params['missingProperty'];
    const path = dotted(e.instancePath) + (typeof name === 'string' ? `.${name}` : '');
    const allowed = params['allowedValues'] ?? params['allowedValue'];
    const detail = allowed === undefined ? (e.message ?? '') : JSON.stringify(allowed);
    return { code: 'schema', path: path.replace(/^file\./, ''), keyword: e.keyword, detail };
  });
}
