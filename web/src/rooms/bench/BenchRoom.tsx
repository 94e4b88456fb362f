/*
 * Bench: what do I do to this dog now, how, how long, what next? Large type for wet hands and steam; one task at a time.
 */
import { App as AntApp, ConfigProvider, Modal } from 'antd';
import { useQuery } from '@tanstack/react-query';
import { Suspense, lazy, useEffect, useState } from 'react';
import { useHotkeys } from 'react-hotkeys-hook';
import type { WorkCommand } from '@loyal-mane/core';
import { METHODS } from '@loyal-mane/library/words';
import { useLiveStream } from '../../api/liveStream';
import { methodsQuery } from '../../api/queries';
import { pageOf } from '../../parts/pageOf';
import { useShortcut } from '../../parts/useShortcut';
import { WET } from '../../theme/palette';
import { themeOf } from '../../theme/tokens';
import { BenchBar } from './BenchBar';
import { BenchTop } from './BenchTop';
import { BenchNext, NoTask } from './BenchNext';
import { PauseWhy } from './PauseWhy';
import { Refusals } from './Refusals';
import { MatsDialog, matsOn } from './MatsDialog';
import { SkipDialog } from './SkipDialog';
import { TaskSide } from './TaskSide';
import { TaskWork } from './TaskWork';
import { nextLine, tickingOf } from './ticking';
import type { BenchTask } from './myTasks';
import { isTooSoon, useBench, useBenchCommands } from './useBench';
import './bench.css';

const CoatMarks = lazy(() => import('../../parts/CoatMarks'));
const THEME = themeOf(WET, 64, 20);

/** The bench, on the wet room's palette. */
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

/** A finish of work that was done before it was started here. */
interface Finish {
  readonly doneBefore?: true;
}

function Bench() {
  const { kennel, names, now, personId, tasks, task, choose } = useBench();
  const methods = useQuery(methodsQuery).data;
  const stream = useLiveStream();
  const { tap, tick, sayWhy, startAnyway, undo, outbox, isResting } = useBenchCommands(choose);
  const [skipping, setSkipping] = useState<BenchTask | null>(null);
  const [finding, setFinding] = useState(false);
  const [askedMats, setAskedMats] = useState<{ readonly task: BenchTask; readonly more: Finish } | null>(null);
  const [tooSoon, setTooSoon] = useState<BenchTask | null>(null);
  const give = (t: BenchTask, command: WorkCommand | 'undo'): void => {
    if (command !== 'finish') tap(t, command);
    else if (isTooSoon(t, now)) setTooSoon(t);
    else finish(t, {});
  };
  const finish = (task: BenchTask, more: Finish): void => {
    if (matsOn(kennel, task).length > 0) setAskedMats({ task, more });
    else tap(task, 'finish', more);
  };
  const page = task === null ? null : pageOf(task.activity, kennel, names.zone, methods);
  const ticking = tickingOf(task, tick);
  const next = page === null ? null : nextLine(page, ticking);
  useBenchKeys({
    toggle: () => task !== null && give(task, toggleOf(task)),
    finish: () => task?.work != null && give(task, 'finish'),
    undo: () => undo !== null && give(undo.task, 'undo'),
    tick: () => next !== null && ticking?.onTick(next.id, true),
  });
  const dog = kennel.dogs.find((d) => d.id === task?.activity.dogId);
  const view = { kennel, names, now };
  return (
    <main className="bench">
      <BenchTop personId={personId} task={task} outbox={outbox} isAway={stream === 'away'} {...view} />
      <Refusals outbox={outbox} names={names} onAnyway={startAnyway} />
      {task === null ? (
        <NoTask personId={personId} tasks={tasks} onTakeBack={(t) => give(t, 'undo')} {...view} />
      ) : (
        <div className="bench-main">
          <TaskWork task={task} page={page} ticking={ticking} {...view} />
          <TaskSide
            task={task}
            tasks={tasks}
            page={page}
            next={next}
            ticking={ticking}
            onChoose={choose}
            onFind={() => setFinding(true)}
            onTakeBack={(t) => give(t, 'undo')}
            {...view}
          />
        </div>
      )}
      <BenchNext task={task} tasks={tasks} {...view} />
      <div className="bench-foot" aria-busy={isResting}>
        {undo !== null && (
          <div className="undo-bar" role="status">
            {undo.words}
            <button type="button" onClick={() => give(undo.task, 'undo')}>
              Undo
            </button>
          </div>
        )}
        {task !== null && (
          <PauseWhy
            key={`${task.activity.key} ${String(task.work?.pauses?.length)}`}
            task={task}
            dogName={names.dog(task.activity.dogId)}
            onSay={(cause, zones) => sayWhy(task, cause, zones)}
          />
        )}
        {task !== null && (
          <BenchBar
            task={task}
            now={now}
            names={names}
            toggle={toggleOf(task)}
            onGive={(command) => give(task, command)}
            onSkip={() => setSkipping(task)}
          />
        )}
      </div>
      <Modal
        open={finding && dog !== undefined}
        footer={null}
        width={1100}
        style={{ top: 16 }}
        className="found-dialog"
        title={`Found on ${dog?.name ?? ''}`}
        onCancel={() => setFinding(false)}
      >
        <Suspense fallback="Loading.">{dog !== undefined && <CoatMarks dog={dog} />}</Suspense>
      </Modal>
      <Modal
        open={tooSoon !== null}
        title="Was it done before you pressed Start?"
        okText="Yes, it was done before"
        cancelText="Go on working"
        onCancel={() => setTooSoon(null)}
        onOk={() => {
          if (tooSoon !== null) finish(tooSoon, { doneBefore: true });
          setTooSoon(null);
        }}
      >
        {tooSoon !== null &&
          `${names.dog(tooSoon.activity.dogId)}, ${METHODS[tooSoon.activity.step].name.toLowerCase()}: started less than a minute ago. Its minutes will not count for later estimates.`}
      </Modal>
      <MatsDialog
        key={askedMats?.task.activity.key}
        task={askedMats?.task ?? null}
        mats={askedMats === null ? [] : matsOn(kennel, askedMats.task)}
        name={askedMats === null ? '' : names.dog(askedMats.task.activity.dogId)}
        onCancel={() => setAskedMats(null)}
        onDone={(matsOut) => {
          if (askedMats !== null) tap(askedMats.task, 'finish', { ...askedMats.more, matsOut });
          setAskedMats(null);
        }}
      />
      <SkipDialog
        task={skipping}
        onCancel={() => setSkipping(null)}
        onSkip={(reason) => {
          if (skipping !== null) tap(skipping, 'skip', { reason });
          setSkipping(null);
        }}
      />
    </main>
  );
}

function toggleOf(task: BenchTask): WorkCommand {
  return task.work === null ? 'start' : task.work.state === 'paused' ? 'resume' : 'pause';
}

/** A button that has the focus keeps its own Space and Enter. */
const onButton = (e: KeyboardEvent): boolean => e.target instanceof HTMLElement && e.target.tagName === 'BUTTON';

interface BenchKeys {
  readonly toggle: () => unknown;
  readonly finish: () => unknown;
  readonly undo: () => unknown;
  readonly tick: () => unknown;
}

function useBenchKeys(on: BenchKeys): void {
  useHotkeys('space', () => void on.toggle(), { ignoreEventWhen: onButton, preventDefault: true });
  useHotkeys('enter', () => void on.finish(), { ignoreEventWhen: onButton });
  useShortcut('u', () => void on.undo());
  useShortcut('t', () => void on.tick());
}
