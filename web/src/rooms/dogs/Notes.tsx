/*
 * Notes on a dog that are not over: each comes up at the next step that concerns it, until somebody says that it is over.
 */
import { App as AntApp, Button } from 'antd';
import { dogNoteWords } from '@loyal-mane/library/words';
import { command, logCoat, useCommand } from '../../api/commands';
import { kennelDogOf } from '../../parts/dogRecord';
import type { Dog } from '../../parts/dogRecord';
import { problemWords } from '../../parts/ProblemNote';

/** The notes; nothing where there are none. */
export function Notes({ dog }: { dog: Dog }) {
  const { message } = AntApp.useApp();
  const send = useCommand(logCoat);
  const notes = kennelDogOf(dog).notes ?? [];
  if (notes.length === 0) return null;
  const over = (noteId: string): void =>
    send.mutate(command({ dogId: dog.id, log: { what: 'noteOver', noteId } }), {
      onError: (error) => void message.error(problemWords(error), 8),
    });
  return (
    <section aria-label="Notes">
      <h3>Notes</h3>
      <ul className="dog-notes">
        {notes.map((note) => (
          <li key={note.id}>
            <span>{dogNoteWords(note)}</span>
            <Button size="small" disabled={send.isPending} onClick={() => over(note.id)}>
              Over
            </Button>
          </li>
        ))}
      </ul>
    </section>
  );
}
