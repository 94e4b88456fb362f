/*
 * Making a remedy true: the kennel's rows as they would be with it, saved in one command; loaded when somebody takes one.
 */
import type { QueryClient } from '@tanstack/react-query';
import { changesBetween, withRemedy } from '@loyal-mane/core';
import type { DogId, Remedy } from '@loyal-mane/core';
import { v7 } from 'uuid';
import { letTaskGo } from '../../api/commands';
import { newCommandId } from '../../api/client';
import { rowsQuery, saveChanges } from '../../api/rows';

/** Changes for a dog, to be made together. */
export interface Taken {
  readonly changes: readonly Remedy[];
  readonly dogId: DogId;
}

/** Saves what the changes ask for; what was changed meanwhile by others is kept, or refused with what is there now. */
export async function applyRemedy(client: QueryClient, { changes, dogId }: Taken, commandId: string): Promise<void> {
  const kennel = await client.query(rowsQuery);
  const changed = changes.reduce((k, r) => withRemedy(k, r, { dogId, newId: () => v7() }), kennel);
  const rows = changesBetween(kennel, changed);
  if (rows.length > 0) await saveChanges(rows, commandId);
  // A task that a lead has set is no row: it is let go by a command of its own.
  for (const r of changes) if (r.code === 'unpin') await letTaskGo(r.key, newCommandId());
}
