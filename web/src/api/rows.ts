/*
 * Rows of the kennel as forms change them: read whole, checked by the server while they are typed, saved as changes that
 * the trail can take back.
 */
import { queryOptions } from '@tanstack/react-query';
import type { KennelFile, RowChange } from '@loyal-mane/core';
import { get, post } from './client';
import type { components } from './schema.gen';

/** Something wrong with a change, in words, by path. */
export type FoundIssue = components['schemas']['FoundIssueDto'];
/** One event of the trail. */
export type TrailEntry = components['schemas']['TrailEntryDto'];

/** The kennel's rows without its work records; leads only. */
export const rowsQuery = queryOptions({
  queryKey: ['kennel', 'rows'],
  queryFn: () => get('/api/kennel/rows'),
  staleTime: Infinity,
});

/** The trail, the newest first. */
export const trailQuery = (subject: string | null) =>
  queryOptions({
    queryKey: ['kennel', 'trail', subject],
    queryFn: async () => (await get('/api/trail', { params: { query: subject === null ? {} : { subject } } })).entries,
  });

const bodyOf = (changes: readonly RowChange[]) => changes.map((c) => ({ ...c }));

/** Saves changes of rows, all or none. */
export const saveChanges = (changes: readonly RowChange[], commandId: string) =>
  post('/api/changes', { body: { commandId, changes: bodyOf(changes) } });

/** Faults of changes; nothing is saved. */
export const checkChanges = async (changes: readonly RowChange[]): Promise<readonly FoundIssue[]> =>
  (await post('/api/changes/check', { body: { changes: bodyOf(changes) } })).errors;

/** Takes an event of the trail back. */
export const undoTrail = (number: number, commandId: string) =>
  post('/api/trail/{number}/undo', { params: { path: { number } }, body: { commandId } });

/** A whole kennel file into this kennel, which must be empty; `becomes`: who of it the caller is. */
export const openKennel = (
  { kennel, becomes }: { readonly kennel: KennelFile; readonly becomes: string },
  commandId: string,
) => post('/api/kennel/open', { body: { commandId, kennel, becomes } });
