/*
 * Tells that a change was saved, with a button that takes it back. When the note is gone, the trail can still do so.
 */
import { App as AntApp, Button } from 'antd';
import type { RowChange } from '@loyal-mane/core';
import { inverseOf } from '@loyal-mane/core';
import { command, useCommand } from '../api/commands';
import { saveChanges } from '../api/rows';
import { problemWords } from './ProblemNote';

const SHOWN_S = 8;

/** Tells that changes were saved, with a way back. */
export function useSavedWithUndo() {
  const { message } = AntApp.useApp();
  const send = useCommand(saveChanges);
  return (words: string, changes: readonly RowChange[]): void => {
    const key = `saved ${String(Date.now())}`;
    const undo = (): void => {
      message.destroy(key);
      // The form that saved may be gone by now, so the answer is awaited here.
      void send.mutateAsync(command(inverseOf(changes))).then(
        () => void message.success('Taken back.'),
        (error: unknown) => void message.error(problemWords(error), 8),
      );
    };
    const content = (
      <>
        {words}{' '}
        <Button size="small" onClick={undo}>
          Undo
        </Button>
      </>
    );
    void message.open({ key, type: 'success', duration: SHOWN_S, content });
  };
}
