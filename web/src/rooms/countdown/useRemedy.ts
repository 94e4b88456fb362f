/*
 * Taking a remedy: the change, or the few changes, that give a dog its place. The lead plans again afterwards and sees what moves.
 */
import { useQueryClient } from '@tanstack/react-query';
import { App as AntApp } from 'antd';
import { changesBetween, withRemedy } from '@loyal-mane/core';
import type { CheckedRemedy, DogId, Remedy } from '@loyal-mane/core';
import { v7 } from 'uuid';
import { command, letTaskGo, useCommand } from '../../api/commands';
import { newCommandId } from '../../api/client';
import { rowsQuery, saveChanges } from '../../api/rows';
import { problemWords } from '../../parts/ProblemNote';

/** Changes that somebody has to arrange outside: there is no row to change for them. */
const OUTSIDE: ReadonlySet<Remedy['code']> = new Set(['freePerson', 'extraStation']);

interface Taken {
  readonly changes: readonly Remedy[];
  readonly dogId: DogId;
}

/** Whether a remedy can be taken here, and the taking of it. */
export function useRemedy(planAgain: () => void) {
  const { message } = AntApp.useApp();
  const client = useQueryClient();
  const change = useCommand(async ({ changes, dogId }: Taken, commandId: string) => {
    const kennel = await client.query(rowsQuery);
    const changed = changes.reduce((k, r) => withRemedy(k, r, { dogId, newId: () => v7() }), kennel);
    const rows = changesBetween(kennel, changed);
    if (rows.length > 0) await saveChanges(rows, commandId);
    // What a lead has set is no row: it is let go by a command of its own.
    for (const r of changes) if (r.code === 'unpin') await letTaskGo(r.key, newCommandId());
  });
  return {
    canTake: ({ changes }: CheckedRemedy): boolean => !changes.some((r) => OUTSIDE.has(r.code)),
    busy: change.isPending,
    take: ({ changes }: CheckedRemedy, dogId: DogId): void =>
      change.mutate(command({ changes, dogId }), {
        onSuccess: () => {
          void message.success('Taken. Planning again.');
          planAgain();
        },
        onError: (error) => void message.error(problemWords(error), 8),
      }),
  };
}
