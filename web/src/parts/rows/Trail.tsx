/*
 * The trail: who changed what, when, newest first; what can be taken back has a button for it.
 */
import { useQuery } from '@tanstack/react-query';
import { App as AntApp, Button } from 'antd';
import type { KennelFile } from '@loyal-mane/core';
import { clockWords, dayWords, monthDay, trailWords } from '@loyal-mane/library/words';
import { command, useCommand } from '../../api/commands';
import { trailQuery, undoTrail } from '../../api/rows';
import { ProblemNote, problemWords } from '../ProblemNote';
import './rows.css';

/** The changes, by whom, and which of them can be taken back. */
export function Trail({ subject, kennel }: { subject: string | null; kennel: KennelFile }) {
  const { message } = AntApp.useApp();
  const trail = useQuery(trailQuery(subject));
  const undo = useCommand(undoTrail);
  const { timeZone, clock } = kennel.settings;
  const takeBack = (number: number): void =>
    undo.mutate(command(number), {
      onSuccess: () => void message.success('Taken back.'),
      onError: (error) => void message.error(problemWords(error), 8),
    });
  return (
    <section className="trail" aria-label="Trail">
      <h3 className="serif">Trail</h3>
      <ProblemNote error={trail.error} />
      {trail.data?.length === 0 && <p className="soft">Nothing was changed yet.</p>}
      <ol>
        {(trail.data ?? []).map((e) => {
          const at = Date.parse(e.at);
          const who = kennel.people.find((p) => p.id === e.actorId)?.name ?? 'Loyal Mane';
          return (
            <li key={e.number}>
              <span className="soft">
                {dayWords(at, timeZone).slice(0, 3)} {monthDay(e.at.slice(0, 10))}, {clockWords(at, timeZone, clock)}
              </span>
              <span>
                <b>{who}</b> {trailWords(e, kennel)}
              </span>
              {e.mayUndo && (
                <Button size="small" type="text" disabled={undo.isPending} onClick={() => takeBack(e.number)}>
                  Take back
                </Button>
              )}
            </li>
          );
        })}
      </ol>
    </section>
  );
}
