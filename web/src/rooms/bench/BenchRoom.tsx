/*
 * Bench: what do I do to this dog now, how, how long, what next? Large type for wet hands and steam; one task at a time.
 */
import { App as AntApp, ConfigProvider, Input, Modal } from 'antd';
import { useQuery } from '@tanstack/react-query';
import { Suspense, lazy, useEffect, useRef, useState } from 'react';
import { Link, useSearchParams } from 'react-router';
import { workedMs } from '@loyal-mane/core';
import type { WorkCommand } from '@loyal-mane/core';
import { CAUTIONS, DEFER, METHODS, clockWords, dayWords } from '@loyal-mane/library/words';
import type { CautionId } from '@loyal-mane/library/words';
import { ProblemError, newCommandId } from '../../api/client';
import { useTaskCommand } from '../../api/commands';
import { useLiveStream } from '../../api/liveStream';
import { methodsQuery } from '../../api/queries';
import { foundWords, isClear } from '../../parts/foundWords';
import { DogBadge, Sign, StepGlyph } from '../../parts/Glyph';
import { howLines } from '../../parts/howLines';
import { isTyping } from '../../parts/isTyping';
import { problemWords } from '../../parts/ProblemNote';
import { useNow } from '../../parts/useNow';
import { useRooms } from '../../parts/useRooms';
import { WET, themeOf } from '../../theme/tokens';
import { EstimateBand } from './EstimateBand';
import type { BenchTask } from './myTasks';
import { currentTask, myTasks } from './myTasks';

const CoatMarks = lazy(() => import('../../parts/CoatMarks'));

const UNDO_MS = 10_000;
/** A second touch of a wet hand within this is not meant. */
const DOUBLE_TOUCH_MS = 250;
const THEME = themeOf(WET, 64, 20);

export default function BenchRoom() {
  useEffect(() => {
    document.documentElement.classList.add('wet');
    return () => document.documentElement.classList.remove('wet');
  }, []);
  return (
    <ConfigProvider theme={THEME}>
      <AntApp>
        <Bench />
      </AntApp>
    </ConfigProvider>
  );
}

function clockOf(ms: number): string {
  const s = Math.max(0, Math.floor(ms / 1000));
  const m = Math.floor(s / 60);
  const tail = String(s % 60).padStart(2, '0');
  return m < 100
    ? `${String(m).padStart(2, '0')}:${tail}`
    : `${String(Math.floor(m / 60))}:${String(m % 60).padStart(2, '0')}:${tail}`;
}

function useBench() {
  const { session, kennel, plan, work, names } = useRooms();
  const [params] = useSearchParams();
  const now = useNow(500);
  const personId = params.get('person') ?? session.personId;
  const tasks = myTasks(plan, work, personId, names.zone, now);
  const [chosen, setChosen] = useState<string | null>(null);
  const picked = tasks.find(
    (t) => t.activity.key === chosen && t.work?.state !== 'done' && t.work?.state !== 'skipped',
  );
  return { kennel, names, now, personId, tasks, task: picked ?? currentTask(tasks), choose: setChosen };
}

function useBenchCommands(choose: (key: string | null) => void) {
  const { message } = AntApp.useApp();
  const send = useTaskCommand();
  const [undo, setUndo] = useState<{ task: BenchTask; words: string; until: number } | null>(null);
  const lastTouch = useRef(0);
  const give = (task: BenchTask, command: WorkCommand | 'undo', reason?: string): void => {
    if (Date.now() - lastTouch.current < DOUBLE_TOUCH_MS) return;
    lastTouch.current = Date.now();
    const a = task.activity;
    const order = {
      key: a.key,
      command,
      commandId: newCommandId(),
      version: task.work?.version ?? 0,
      dogId: a.dogId,
      step: a.step,
      stationId: a.stationId,
      ...(a.minutes.usual > 0 ? { expectedMin: a.minutes.usual } : {}),
      ...(reason === undefined ? {} : { reason }),
    };
    send.mutate(order, {
      onSuccess: () => {
        const over = command === 'finish' || command === 'skip';
        choose(over ? null : a.key);
        setUndo(
          over
            ? {
                task,
                words: `${METHODS[a.step].name} ${command === 'finish' ? 'finished' : 'skipped'}`,
                until: Date.now() + UNDO_MS,
              }
            : null,
        );
      },
      onError: (error) => {
        const late = error instanceof ProblemError && error.body.code === 'alreadyOver';
        void message[late ? 'info' : 'error'](problemWords(error), 6);
      },
    });
  };
  useEffect(() => {
    if (undo === null) return undefined;
    const timer = window.setTimeout(() => setUndo(null), undo.until - Date.now());
    return () => window.clearTimeout(timer);
  }, [undo]);
  return { give, undo, pending: send.isPending, kept: send.isPending && send.failureCount > 0 };
}

function Bench() {
  const { kennel, names, now, personId, tasks, task, choose } = useBench();
  const methods = useQuery(methodsQuery).data;
  const [finding, setFinding] = useState(false);
  const stream = useLiveStream();
  const { give, undo, pending, kept } = useBenchCommands(choose);
  const [skipping, setSkipping] = useState<BenchTask | null>(null);
  const [reason, setReason] = useState('');
  const upcoming = tasks.filter((t) => t.work === null && t !== task);
  useBenchKeys({
    toggle: () => task !== null && give(task, toggleOf(task)),
    finish: () => task?.work != null && give(task, 'finish'),
    undo: () => undo !== null && give(undo.task, 'undo'),
  });
  const dog = kennel.dogs.find((d) => d.id === task?.activity.dogId);
  const next = upcoming[0];
  return (
    <main className="bench">
      <div className="bench-top">
        <b>{names.first(personId)}</b>
        <span className="soft">{task?.activity.stationId == null ? '' : names.station(task.activity.stationId)}</span>
        <span className="right">
          <span role="status" style={{ color: kept || stream === 'away' ? 'var(--brass)' : 'var(--moss)' }}>
            {kept ? 'kept, trying again' : stream === 'away' ? 'no connection' : pending ? 'saving' : 'saved'}
          </span>
          <b>{clockWords(now, names.zone, names.clock)}</b>
          <Link to="/day" style={{ color: 'var(--soft)' }}>
            Leave
          </Link>
        </span>
      </div>
      {task === null ? (
        <div style={{ flex: 1, paddingTop: '10vh' }}>
          <h1>Nothing is waiting for {names.first(personId)}.</h1>
          <p className="who-line">What is planned next appears here by itself.</p>
        </div>
      ) : (
        <div className="bench-main">
          <section>
            <h1>
              <StepGlyph step={task.activity.step} size={54} />
              <span>
                {names.dog(task.activity.dogId)}: {METHODS[task.activity.step].name.toLowerCase()}
              </span>
            </h1>
            <div className={`timer${task.work === null ? ' waiting' : ''}`} role="timer" aria-live="off">
              {clockOf(task.work === null ? 0 : workedMs(task.work, now))}
            </div>
            <EstimateBand
              minutes={task.activity.minutes}
              workedMs={task.work === null ? 0 : workedMs(task.work, now)}
              started={task.work !== null}
            />
            <ol className="bench-how">
              {howLines(task.activity, kennel, names, methods).map((line) => (
                <li key={line}>{line}</li>
              ))}
            </ol>
            <div className="bench-done">
              <b>Finished when:</b> {METHODS[task.activity.step].done}
            </div>
          </section>
          <section>
            <div className="bench-dog">
              <DogBadge badge={dog?.badge ?? 'samoyed'} width={150} tone="tarn" />
              <button type="button" className="find-it" onClick={() => setFinding(true)}>
                <Sign id="inspection" size={30} />{' '}
                {dog === undefined || isClear(dog) ? 'Mark what you find' : foundWords(dog)}
              </button>
            </div>
            <div className="who-line" style={{ textAlign: 'center' }}>
              {dog?.breed}, {dog?.weightKg} kg{shownWords(task, kennel, names)}
            </div>
            <Cautions key={task.activity.step} ids={METHODS[task.activity.step].cautions} />
            <ul className="bench-list" aria-label="Today">
              {tasks
                .filter((t) => t.work?.state !== 'done' && t.work?.state !== 'skipped')
                .slice(0, 4)
                .map((t) => (
                  <li key={t.activity.key}>
                    <button className="plain" aria-current={t === task} onClick={() => choose(t.activity.key)}>
                      <b>{clockWords(t.startMs, names.zone, names.clock)}</b>
                      <StepGlyph step={t.activity.step} size={26} />
                      <span>
                        {names.dog(t.activity.dogId)}, {METHODS[t.activity.step].name.toLowerCase()}
                      </span>
                      <span className="soft">{t.work === null ? '' : t.work.state}</span>
                    </button>
                  </li>
                ))}
            </ul>
          </section>
        </div>
      )}
      <div className="bench-next">
        {next === undefined ? (
          'Nothing after this today.'
        ) : (
          <>
            <StepGlyph step={next.activity.step} size={30} />
            <b>Next</b>
            <span>
              {names.dog(next.activity.dogId)}, {METHODS[next.activity.step].name.toLowerCase()} at{' '}
              {clockWords(next.startMs, names.zone, names.clock)}
              {next.activity.stationId !== null && `, ${names.station(next.activity.stationId).toLowerCase()}`}
            </span>
          </>
        )}
      </div>
      {task !== null && (
        <div className="bench-bar">
          <button type="button" className="wrong" onClick={() => setSkipping(task)}>
            <Sign id="st-decide" size={36} /> Skip it
          </button>
          <button type="button" disabled={task.work === null} onClick={() => give(task, toggleOf(task))}>
            {task.work?.state === 'paused' ? 'Go on' : 'Pause'}
          </button>
          {task.work === null ? (
            <button type="button" className="main" onClick={() => give(task, 'start')}>
              Start {METHODS[task.activity.step].name.toLowerCase()}
            </button>
          ) : (
            <button type="button" className="main" onClick={() => give(task, 'finish')}>
              <Sign id="st-done" size={38} /> {METHODS[task.activity.step].name} is finished
            </button>
          )}
        </div>
      )}
      {undo !== null && (
        <div className="undo-bar" role="status">
          {undo.words}
          <button type="button" onClick={() => give(undo.task, 'undo')}>
            Undo
          </button>
        </div>
      )}
      <Modal
        open={finding && dog !== undefined}
        footer={null}
        width={980}
        title={`Found on ${dog?.name ?? ''}`}
        onCancel={() => setFinding(false)}
      >
        <Suspense fallback="Loading.">{dog !== undefined && <CoatMarks dog={dog} />}</Suspense>
      </Modal>
      <Modal
        open={skipping !== null}
        title="Why is it skipped?"
        okText="Skip it"
        okButtonProps={{ disabled: reason.trim() === '' }}
        onCancel={() => setSkipping(null)}
        onOk={() => {
          if (skipping !== null) give(skipping, 'skip', reason);
          setSkipping(null);
          setReason('');
        }}
      >
        <Input.TextArea
          aria-label="Why it is skipped"
          rows={3}
          maxLength={300}
          value={reason}
          onChange={(e) => setReason(e.target.value)}
        />
      </Modal>
    </main>
  );
}

/** The first two in sight; the rest one touch away, so that the list of what comes next stays on the screen. */
function Cautions({ ids }: { ids: readonly CautionId[] }) {
  const [all, setAll] = useState(false);
  const shown = all ? ids : ids.slice(0, 2);
  return (
    <>
      {shown.map((id) => (
        <p className="caution" key={id}>
          {CAUTIONS[id]}
        </p>
      ))}
      <button type="button" className="plain more" aria-expanded={all} onClick={() => setAll(!all)}>
        {all
          ? `${DEFER} Less`
          : ids.length > 2
            ? `${String(ids.length - 2)} more to mind, and who decides`
            : 'Who decides'}
      </button>
    </>
  );
}

function toggleOf(task: BenchTask): WorkCommand {
  return task.work === null ? 'start' : task.work.state === 'paused' ? 'resume' : 'pause';
}

function shownWords(
  task: BenchTask,
  kennel: ReturnType<typeof useRooms>['kennel'],
  names: ReturnType<typeof useRooms>['names'],
): string {
  const entry = kennel.entries.find((e) => e.id === task.activity.entryId);
  if (entry === undefined) return '';
  return `. Shown ${dayWords(Date.parse(`${entry.day}T12:00:00Z`), 'UTC')} ${names.ringTime(entry.id)}`;
}

function useBenchKeys(on: { toggle: () => unknown; finish: () => unknown; undo: () => unknown }): void {
  useEffect(() => {
    const onKey = (e: KeyboardEvent): void => {
      if (isTyping(e) || (e.target as HTMLElement).tagName === 'BUTTON') return;
      if (e.key === ' ') {
        e.preventDefault();
        on.toggle();
      }
      if (e.key === 'Enter') on.finish();
      if (e.key === 'u') on.undo();
    };
    window.addEventListener('keydown', onKey);
    return () => window.removeEventListener('keydown', onKey);
  });
}
