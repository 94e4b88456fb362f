/*
 * Saving a kennel that was computed: the rows that differ, all or none; changes that others have made meanwhile are kept, or
 * refused with the newer state.
 */
import type { QueryClient } from '@tanstack/react-query';
import { changesBetween } from '@loyal-mane/core';
import type { KennelFile } from '@loyal-mane/core';
import { rowsQuery, saveChanges } from './rows';

/** Saves what `change` makes different in the kennel as it is now; nothing is sent where that is nothing. */
export async function saveKennel(
  client: QueryClient,
  change: (kennel: KennelFile) => KennelFile,
  commandId: string,
): Promise<void> {
  const kennel = await client.query(rowsQuery);
  const rows = changesBetween(kennel, change(kennel));
  if (rows.length > 0) await saveChanges(rows, commandId);
}
