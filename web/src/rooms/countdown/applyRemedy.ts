/*
 * Making a remedy true: the kennel's rows as they would be with it, saved in one command; loaded when somebody takes one.
 */
import type { QueryClient } from '@tanstack/react-query';
import { withRemedy } from '@loyal-mane/core';
import type { DogId, KennelFile, Remedy } from '@loyal-mane/core';
import { v7 } from 'uuid';
import { letTaskGo } from '../../api/commands';
import { newCommandId } from '../../api/client';
import { saveKennel } from '../../api/saveKennel';

/** Changes for a dog, to be made together. */
export interface Taken {
  readonly changes: readonly Remedy[];
  readonly dogId: DogId;
}

/** Saves what the changes ask for. */
export async function applyRemedy(client: QueryClient, { changes, dogId }: Taken, commandId: string): Promise<void> {
  const newId = (): string => v7();
  const taken = (kennel: KennelFile): KennelFile =>
    changes.reduce((k, r) => withRemedy(k, r, { dogId, newId }), kennel);
  await saveKennel(client, taken, commandId);
  // A task that a lead has set is no row: it is let go by a command of its own.
  for (const r of changes) if (r.code === 'unpin') await letTaskGo(r.key, newCommandId());
}
