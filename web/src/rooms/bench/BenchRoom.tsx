/*
 * Bench: what do I do to this dog now, how, how long, what next? Large type for wet hands and steam; one task at a time.
 */
import { App as AntApp, ConfigProvider, Modal } from 'antd';
import { useQuery } from '@tanstack/react-query';
import { Suspense, lazy, useEffect, useState } from 'react';
import { useHotkeys } from 'react-hotkeys-hook';
import { openSoaks, openTowels } from '@loyal-mane/core';
import type { NoteKind, WorkCommand } from '@loyal-mane/core';
import { useLiveStream } from '../../api/liveStream';
import { methodsQuery } from '../../api/queries';
import type { Dog } from '../../parts/dogRecord';
import { KeepProvider } from '../../parts/keepContext';
import { pageOf, soaksOf } from '../../parts/pageOf';
import { useShortcut } from '../../parts/useShortcut';
import { WET } from '../../theme/palette';
import { themeOf } from '../../theme/tokens';
import { BenchFoot, toggleOf } from './BenchFoot';
import { BenchTop } from './BenchTop';
import { BenchNext, NoTask } from './BenchNext';
import { NoteDialog } from './NoteDialog';
import { Refusals } from './Refusals';
import { SoakClocks } from './SoakClocks';
import { TowelClocks } from './TowelClocks';
import { FinishDialogs, useFinishing } from './FinishDialogs';
import { OrderDialog, useStarting } from './OrderDialog';
import { SkipDialog } from './SkipDialog';
import { TaskSide } from './TaskSide';
import { TaskWork } from './TaskWork';
import { nextLine, tickingOf } from './ticking';
import type { BenchTask } from './myTasks';
import { useBench, useBenchCommands } from './useBench';
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

function Bench() {
  const { kennel, plan, names, now, personId, tasks, work, task, choose } = useBench();
  const methods = useQuery(methodsQuery).data;
  const stream = useLiveStream();
  const { tap, tick, sayWhy, keep, failed, soak, endSoak, lookIn, startAnyway, undo, outbox, isResting } =
    useBenchCommands(choose);
  const [skipping, setSkipping] = useState<BenchTask | null>(null);
  // A dialog stays at its own task, also where that is finished elsewhere meanwhile.
  const [finding, setFinding] = useState<BenchTask | null>(null);
  const [noting, setNoting] = useState<{ readonly task: BenchTask; readonly about: NoteKind | 'any' } | null>(null);
  const { finishing, begin, answer, cancel } = useFinishing({ kennel, names, now, plan, methods }, (t, answers) =>
    tap(t, 'finish', answers),
  );
  const starting = useStarting(plan, work, (t, more) => tap(t, 'start', more));
  const give = (t: BenchTask, command: WorkCommand | 'undo'): void => {
    if (command === 'finish') begin(t, pageOf(t.activity, kennel, names.zone, methods));
    else if (command === 'start') starting.begin(t);
    else tap(t, command);
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
  const dogOf = (t: BenchTask | null) => kennel.dogs.find((d) => d.id === t?.activity.dogId);
  const [foundDog, notedDog] = [dogOf(finding), dogOf(noting?.task ?? null)];
  const keptAt = noting?.task ?? finding ?? task;
  const view = { kennel, names, now };
  return (
    <KeepProvider value={keptAt === null ? null : (kept) => keep(keptAt, kept)}>
      <main className="bench">
        <BenchTop personId={personId} task={task} outbox={outbox} isAway={stream === 'away'} {...view} />
        <SoakClocks soaks={openSoaks(work)} names={names} now={now} onEnd={endSoak} />
        <TowelClocks towels={openTowels(work, now)} names={names} now={now} onLook={lookIn} />
        <Refusals outbox={outbox} names={names} onAnyway={startAnyway} />
        {task === null ? (
          <NoTask personId={personId} tasks={tasks} onTakeBack={(t) => give(t, 'undo')} {...view} />
        ) : (
          <div className="bench-main">
            <TaskWork
              task={task}
              page={page}
              ticking={ticking}
              soaks={soaksOf(task.activity, kennel, names.zone, methods)}
              methods={methods}
              onSoak={(choice) => soak(task, choice)}
              {...view}
            />
            <TaskSide
              task={task}
              tasks={tasks}
              personId={personId}
              work={work}
              methods={methods}
              page={page}
              next={next}
              ticking={ticking}
              onChoose={choose}
              onFind={() => setFinding(task)}
              onNote={(about) => setNoting({ task, about })}
              onTakeBack={(t) => give(t, 'undo')}
              {...view}
            />
          </div>
        )}
        <BenchNext task={task} tasks={tasks} {...view} />
        <BenchFoot
          task={task}
          page={page}
          undo={undo}
          isResting={isResting}
          names={names}
          now={now}
          {...{ give, failed, sayWhy }}
          onSkip={setSkipping}
        />
        {foundDog !== undefined && <FoundDialog dog={foundDog} onClose={() => setFinding(null)} />}
        {noting !== null && notedDog !== undefined && (
          <NoteDialog
            dogId={notedDog.id}
            dogName={notedDog.name}
            parts={pageOf(noting.task.activity, kennel, names.zone, methods)?.parts ?? []}
            about={noting.about === 'any' ? null : noting.about}
            onClose={() => setNoting(null)}
          />
        )}
        <FinishDialogs
          finishing={finishing}
          onAnswer={answer}
          onCancel={cancel}
          plan={plan}
          methods={methods}
          {...view}
        />
        <OrderDialog starting={starting} names={names} />
        <SkipDialog
          task={skipping}
          onCancel={() => setSkipping(null)}
          onSkip={(reason) => {
            if (skipping !== null) tap(skipping, 'skip', { reason });
            setSkipping(null);
          }}
        />
      </main>
    </KeepProvider>
  );
}

interface FoundProps {
  readonly dog: Dog;
  readonly onClose: () => void;
}

/** The dog's map, to mark what is found on it. */
function FoundDialog({ dog, onClose }: FoundProps) {
  return (
    <Modal
      open
      footer={null}
      width={1100}
      style={{ top: 16 }}
      className="found-dialog"
      title={`Found on ${dog.name}`}
      onCancel={onClose}
    >
      <Suspense fallback="Loading.">
        <CoatMarks dog={dog} />
      </Suspense>
    </Modal>
  );
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
