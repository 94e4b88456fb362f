/*
 * Parts of a kennel's records as they come from a form or another program: checked by the same schema as a whole file.
 */
import { BreedRecord, DogPartsSchema, MethodPartsSchema, PersonPartsSchema } from '@loyal-mane/core';
import type { DogParts, KennelBreed, MethodParts, PersonParts } from '@loyal-mane/core';
import type { KennelIssue } from './kennelIssue.js';
import { compileSchema, schemaIssues } from './schemaIssues.js';

/** Parts of a record, or what is wrong with them. */
export type RecordResult<T> =
  { readonly ok: true; readonly record: T } | { readonly ok: false; readonly issues: readonly KennelIssue[] };

function reader<T>(schema: object): (value: unknown) => RecordResult<T> {
  const check = compileSchema<T>(schema);
  return (value) =>
    check(value) ? { ok: true, record: value } : { ok: false, issues: schemaIssues(check.errors ?? []) };
}

/** Parts of a dog's record. Never throws on bad input. */
export const readDogParts = reader<DogParts>(DogPartsSchema);
/** Parts of a person's record. Never throws on bad input. */
export const readPersonParts = reader<PersonParts>(PersonPartsSchema);
/** A breed of the kennel's own. Never throws on bad input. */
export const readBreed = reader<KennelBreed>(BreedRecord);
/** Changes to care programs. Never throws on bad input. */
export const readMethodParts = reader<MethodParts>(MethodPartsSchema);
