/*
 * A dog's entries, planned work, finished work, and steps left out with the reason.
 */
import { Button } from 'antd';
import { useState } from 'react';
import { Link } from 'react-router';
import { instantToMs, localDayOf } from '@loyal-mane/core';
import type { Instant, PlannedActivity } from '@loyal-mane/core';
import { clockWords, leftOutLines, lowerFirst, monthDay, noteWords, shortWeekday } from '@loyal-mane/library/words';
import { StepGlyph } from '../../parts/Glyph';
import { NoteList } from '../../parts/NoteList';
import { PlannedSteps } from '../../parts/PlannedSteps';
import { TaskDrawer } from '../../parts/TaskDrawer';
import type { Dog } from '../../parts/dogRecord';
import { stepName } from '../../parts/stepName';
import { useRooms } from '../../parts/useRooms';
import { taskStates, useDogWork, useWork } from '../../parts/useWork';

/** Finished tasks shown at first, and more with each touch. */
const PAGE = 40;

/** Coming up and done. */
export function WorkPart({ dog }: { dog: Dog }) {
  const { plan } = useRooms();
  const [task, setTask] = useState<PlannedActivity | null>(null);
  const [shown, setShown] = useState(PAGE);
  const states = useWork(taskStates);
  const steps = (plan?.activities ?? []).filter(
    (a) => a.dogId === dog.id && !['done', 'skipped'].includes(states[a.key] ?? a.state),
  );
  const left = (plan?.leftOut ?? []).filter((l) => l.dogId === dog.id);
  const notes = (plan?.notes ?? []).filter((n) => n.dogId === dog.id);
  return (
    <div className="work-part">
      <div>
        <Entered dog={dog} />
        <section aria-label="Coming up">
          <h2 className="serif">Coming up</h2>
          {steps.length === 0 && <p className="soft">Nothing is planned.</p>}
          <PlannedSteps steps={steps} onOpen={setTask} />
        </section>
      </div>
      <div>
        <NoteList title="Watch out for" lines={notes.map((n) => noteWords(n.note))} />
        <NoteList title="Left out" lines={leftOutLines(left)} />
        <WhatWeDid dog={dog} most={shown} onMore={() => setShown(shown + PAGE)} />
      </div>
      <TaskDrawer activity={task} onClose={() => setTask(null)} />
    </div>
  );
}

function Entered({ dog }: { dog: Dog }) {
  const { kennel, names, plan } = useRooms();
  const entries = kennel.entries
    .filter((e) => e.dogId === dog.id)
    .sort((x, y) => `${x.day}${x.ringTime}`.localeCompare(`${y.day}${y.ringTime}`));
  const out = new Set<string | null>((plan?.unplaced ?? []).map((u) => u.entryId));
  const clock = (wall: string): string => clockWords(Date.parse(`1970-01-01T${wall}:00Z`), 'UTC', names.clock);
  return (
    <section aria-label="Entered">
      <h2 className="serif">Entered</h2>
      {entries.length === 0 && <p className="soft">Not entered anywhere.</p>}
      <ul className="entered">
        {entries.map((e) => (
          <li key={e.id}>
            <span className="soft">
              {shortWeekday(e.day)} {monthDay(e.day)}
            </span>
            <b>{clock(e.ringTime)}</b>
            <span>
              <Link to={`/shows/${e.showId}`}>{kennel.shows.find((s) => s.id === e.showId)?.name}</Link>,{' '}
              {lowerFirst(names.ring(e.id))}
              {e.showClass === undefined ? '' : `, ${e.showClass}`}
              {e.handlerId === undefined ? '' : `, shown by ${names.first(e.handlerId)}`}
              {out.has(e.id) && <b className="bad"> not ready as things stand</b>}
            </span>
          </li>
        ))}
      </ul>
    </section>
  );
}

interface DidProps {
  readonly dog: Dog;
  readonly most: number;
  readonly onMore?: () => void;
}

/** Finished tasks, the last one first. */
export function WhatWeDid({ dog, most, onMore }: DidProps) {
  const { names } = useRooms();
  const work = useDogWork(dog.id);
  const all = work
    .filter((w) => w.state === 'done' && w.finishedAt !== undefined)
    .sort((x, y) => (y.finishedAt ?? '').localeCompare(x.finishedAt ?? ''));
  return (
    <section aria-label="Done">
      <h2 className="serif">Done</h2>
      {all.length === 0 && <p className="soft">Nothing is logged yet.</p>}
      <ul className="did">
        {all.slice(0, most).map((w) => {
          const day = localDayOf(instantToMs(w.finishedAt as Instant), names.zone);
          return (
            <li key={w.taskKey}>
              <span className="soft">{monthDay(day)}</span>
              <StepGlyph step={w.step} size={16} />
              <span>
                <b>{stepName(w)}</b>, {Math.round(w.workedMs / 60_000)} min
                {w.personId === undefined ? '' : `, ${names.first(w.personId)}`}
              </span>
            </li>
          );
        })}
      </ul>
      {all.length > most &&
        (onMore === undefined ? (
          <Link to="?part=work">All {all.length}, and what comes</Link>
        ) : (
          <Button onClick={onMore}>More of {all.length}</Button>
        ))}
    </section>
  );
}
