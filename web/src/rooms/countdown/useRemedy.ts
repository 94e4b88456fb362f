/*
 * Taking a remedy: the change, or the few changes, that give a dog its place. The lead plans again afterwards and sees what moves.
 */
import { useQueryClient } from '@tanstack/react-query';
import { App as AntApp } from 'antd';
import type { CheckedRemedy, DogId, Remedy } from '@loyal-mane/core';
import { command, useCommand } from '../../api/commands';
import { problemWords } from '../../parts/ProblemNote';
import type { Taken } from './applyRemedy';

/** Changes that somebody has to arrange outside: there is no row to change for them. */
const OUTSIDE: ReadonlySet<Remedy['code']> = new Set(['freePerson', 'extraStation']);

/** Whether a remedy can be taken here, and the taking of it. */
export function useRemedy(planAgain: () => void) {
  const { message } = AntApp.useApp();
  const client = useQueryClient();
  const change = useCommand(async (taken: Taken, commandId: string) => {
    const { applyRemedy } = await import('./applyRemedy');
    await applyRemedy(client, taken, commandId);
  });
  return {
    canTake: ({ changes }: CheckedRemedy): boolean => !changes.some((r) => OUTSIDE.has(r.code)),
    busy: change.isPending,
    /** Planning follows although the drawer with the button may be closed by then. */
    take: ({ changes }: CheckedRemedy, dogId: DogId): void =>
      void change.mutateAsync(command({ changes, dogId })).then(
        () => {
          void message.success('Taken. Planning again.');
          planAgain();
        },
        (error: unknown) => void message.error(problemWords(error), 8),
      ),
  };
}
