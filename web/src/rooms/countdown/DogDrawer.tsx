/*
 * A dog's strand, opened: every step with its time, hands and reason; where one has no place, what would help.
 */
import { Drawer } from 'antd';
import { Suspense, lazy, useState } from 'react';
import { Link } from 'react-router';
import type { LocalDay, PlannedActivity } from '@loyal-mane/core';
import { leftOutLines, noteWords, oddsWords, whyNotWords } from '@loyal-mane/library/words';
import type { Kennel } from '../../api/queries';
import { NoteList } from '../../parts/NoteList';
import { PlannedSteps } from '../../parts/PlannedSteps';
import { TaskDrawer } from '../../parts/TaskDrawer';
import { useChecks } from '../../parts/useChecks';
import { useReturnFocus } from '../../parts/useReturnFocus';
import { useRooms } from '../../parts/useRooms';
import { AskWhy } from './AskWhy';
import { DogBreaks } from './NoLongerHolds';
import { AllRemedies, known } from './Remedies';
import { useRemedy } from './useRemedy';

const ShortHairLines = lazy(() => import('./ShortHairLines'));
const CoatMarks = lazy(() => import('../../parts/CoatMarks'));

interface Props {
  readonly dog: Kennel['dogs'][number] | null;
  readonly today: LocalDay;
  readonly onClose: () => void;
  readonly planAgain: () => void;
}

/** A dog, opened: what is in the way, what is planned, what was found. */
export function DogDrawer({ dog, today, onClose, planAgain }: Props) {
  const { plan, names, kennel, lead, crew } = useRooms();
  useReturnFocus(dog !== null);
  const [task, setTask] = useState<PlannedActivity | null>(null);
  const checks = useChecks();
  const remedy = useRemedy(planAgain);
  if (dog === null) return null;
  const steps = (plan?.activities ?? []).filter((a) => a.dogId === dog.id && a.state !== 'done');
  const out = (plan?.unplaced ?? []).filter((u) => u.dogId === dog.id);
  const left = (plan?.leftOut ?? []).filter((l) => l.dogId === dog.id);
  const mine = new Set(kennel.entries.filter((e) => e.dogId === dog.id).map((e) => e.id));
  const least = (plan?.odds ?? []).filter((o) => mine.has(o.entryId)).sort((x, y) => x.ready - y.ready)[0];
  return (
    <Drawer open onClose={onClose} size={520} title={`${dog.name}, ${dog.breed}`}>
      <p className="soft" style={{ marginTop: 0 }}>
        {dog.weightKg} kg, {dog.sex}, born {dog.born}. {dog.note ?? ''}{' '}
        <Link className="link" to={`/dogs/${dog.id}`}>
          Coat file
        </Link>
      </p>
      <DogBreaks dogId={dog.id} />
      {least !== undefined && <p style={{ margin: '0 0 8px' }}>{oddsWords(least)}</p>}
      {out.map((u) => (
        <section key={u.key} className="caution" style={{ borderColor: 'var(--clay)' }}>
          <p style={{ margin: '0 0 6px' }}>
            <b className="bad">{whyNotWords(known(u, checks), names)}</b>
          </p>
          {u.reason.code === 'notAsked' && crew && !checks.byKey.has(u.key) && <AskWhy chain={u} />}
          {lead && <AllRemedies chain={u} checks={checks} remedy={remedy} />}
        </section>
      ))}
      <Suspense>
        <ShortHairLines dog={dog} today={today} />
      </Suspense>
      <PlannedSteps steps={steps} onOpen={setTask} />
      <Suspense fallback={<p className="soft">Loading.</p>}>
        <CoatMarks dog={dog} />
      </Suspense>
      <NoteList
        title="Watch out for"
        lines={(plan?.notes ?? []).filter((n) => n.dogId === dog.id).map((n) => noteWords(n.note))}
      />
      <NoteList title="Left out" lines={leftOutLines(left)} />
      <TaskDrawer activity={task} onClose={() => setTask(null)} />
    </Drawer>
  );
}
