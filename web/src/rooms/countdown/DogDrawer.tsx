/*
 * A dog's strand, opened: every step with its time, hands and reason; where one has no place, what would help.
 */
import { Button, Drawer } from 'antd';
import { Suspense, lazy, useState } from 'react';
import { Link } from 'react-router';
import { instantToMs, localDayOf } from '@loyal-mane/core';
import type { PlannedActivity } from '@loyal-mane/core';
import {
  METHODS,
  clockWords,
  dayWords,
  dropWords,
  noteWords,
  oddsWords,
  reasonWords,
  remedyWords,
  whyNotWords,
} from '@loyal-mane/library/words';
import type { Kennel } from '../../api/queries';
import { StepGlyph } from '../../parts/Glyph';
import { TaskDrawer } from '../../parts/TaskDrawer';
import { useRooms } from '../../parts/useRooms';
import { useRemedy } from './useRemedy';

const CoatMarks = lazy(() => import('../../parts/CoatMarks'));

interface Props {
  readonly dog: Kennel['dogs'][number] | null;
  readonly onClose: () => void;
  readonly planAgain: () => void;
}

export function DogDrawer({ dog, onClose, planAgain }: Props) {
  const { plan, work, names, kennel, lead } = useRooms();
  const [task, setTask] = useState<PlannedActivity | null>(null);
  const remedy = useRemedy(kennel, planAgain);
  if (dog === null) return null;
  const states = new Map(work.map((w) => [w.taskKey, w.state]));
  const steps = (plan?.activities ?? []).filter((a) => a.dogId === dog.id && a.state !== 'done');
  const out = (plan?.unplaced ?? []).filter((u) => u.dogId === dog.id);
  const left = (plan?.leftOut ?? []).filter((l) => l.dogId === dog.id);
  const mine = new Set(kennel.entries.filter((e) => e.dogId === dog.id).map((e) => e.id));
  const least = (plan?.odds ?? []).filter((o) => mine.has(o.entryId)).sort((x, y) => x.ready - y.ready)[0];
  let day = '';
  return (
    <Drawer open onClose={onClose} size={520} title={`${dog.name}, ${dog.breed}`}>
      <p className="soft" style={{ marginTop: 0 }}>
        {dog.weightKg} kg, {dog.sex}, born {dog.born}. {dog.note ?? ''}{' '}
        <Link className="link" to={`/dogs/${dog.id}`}>
          Coat file
        </Link>
      </p>
      {least !== undefined && <p style={{ margin: '0 0 8px' }}>{oddsWords(least)}</p>}
      {out.map((u) => (
        <section key={u.key} className="caution" style={{ borderColor: 'var(--clay)' }}>
          <p style={{ margin: '0 0 6px' }}>
            <b className="bad">{whyNotWords(u, names)}</b>
          </p>
          {u.reason.remedies.map((r) => (
            <p key={r.code} style={{ margin: '4px 0' }}>
              {remedyWords(r, dog.id, names)}{' '}
              {lead && remedy.canTake(r) && (
                <Button size="small" type="primary" loading={remedy.busy} onClick={() => remedy.take(r)}>
                  Do that
                </Button>
              )}
            </p>
          ))}
        </section>
      ))}
      {steps.map((a) => {
        const ms = instantToMs(a.start);
        const here = localDayOf(ms, names.zone);
        const head = here === day ? null : dayWords(ms, names.zone);
        day = here;
        return (
          <div key={a.key}>
            {head !== null && (
              <h3 style={{ margin: '14px 0 4px', fontSize: 16 }}>
                {head} {Number(here.slice(8))}
              </h3>
            )}
            <button
              className="plain"
              style={{ display: 'grid', gridTemplateColumns: '48px 24px 1fr', gap: 8, padding: '3px 0', width: '100%' }}
              onClick={() => setTask(a)}
            >
              <b>{clockWords(ms, names.zone, names.clock)}</b>
              <StepGlyph step={a.step} size={16} />
              <span>
                {METHODS[a.step].name}
                <span className="soft">
                  {a.people.length > 0 && `, ${a.people.map((p) => names.first(p)).join(' and ')}`}
                  {a.stationId !== null && `, ${names.station(a.stationId).toLowerCase()}`}
                  {states.has(a.key) ? `. ${states.get(a.key) ?? ''}.` : `. ${reasonWords(a, names)}`}
                </span>
              </span>
            </button>
          </div>
        );
      })}
      <Suspense fallback={<p className="soft">Loading.</p>}>
        <CoatMarks dog={dog} />
      </Suspense>
      <Minded
        title="Mind"
        lines={(plan?.notes ?? []).filter((n) => n.dogId === dog.id).map((n) => noteWords(n.note))}
      />
      <Minded title="Left out" lines={left.map((l) => dropWords(l.step, l.why))} />
      <TaskDrawer activity={task} onClose={() => setTask(null)} />
    </Drawer>
  );
}

/** Sentences under a heading, each once; nothing where there are none. */
function Minded({ title, lines }: { title: string; lines: readonly string[] }) {
  const once = [...new Set(lines)];
  if (once.length === 0) return null;
  return (
    <section aria-label={title}>
      <h3 style={{ fontSize: 15, margin: '14px 0 2px' }}>{title}</h3>
      {once.map((line) => (
        <p className="soft" style={{ margin: '2px 0' }} key={line}>
          {line}
        </p>
      ))}
    </section>
  );
}
