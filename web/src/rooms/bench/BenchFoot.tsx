/*
 * The foot of the bench: what was just done, to be taken back; why a pause; start, pause and finish.
 */
import type { WorkCommand } from '@loyal-mane/core';
import type { StepPage } from '@loyal-mane/library/pages';
import type { Names } from '@loyal-mane/library/words';
import { BenchBar } from './BenchBar';
import { PauseWhy } from './PauseWhy';
import type { BenchTask } from './myTasks';
import type { useBenchCommands } from './useBench';

type Commands = ReturnType<typeof useBenchCommands>;

interface Props extends Pick<Commands, 'undo' | 'isResting' | 'failed' | 'sayWhy'> {
  readonly task: BenchTask | null;
  readonly page: StepPage | null;
  readonly names: Names;
  readonly now: number;
  readonly give: (task: BenchTask, command: WorkCommand | 'undo') => void;
  readonly onSkip: (task: BenchTask) => void;
}

/** The foot. */
export function BenchFoot({ task, page, undo, isResting, names, now, give, failed, sayWhy, onSkip }: Props) {
  return (
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
        <>
          <PauseWhy
            key={`${task.activity.key} ${String(task.work?.pauses?.length)}`}
            task={task}
            dogName={names.dog(task.activity.dogId)}
            parts={page?.parts ?? []}
            stationName={task.activity.stationId === null ? null : names.station(task.activity.stationId)}
            onFailed={() => failed(task)}
            onSay={(cause, zones) => sayWhy(task, cause, zones)}
          />
          <BenchBar
            task={task}
            now={now}
            names={names}
            toggle={toggleOf(task)}
            onGive={(command) => give(task, command)}
            onSkip={() => onSkip(task)}
          />
        </>
      )}
    </div>
  );
}

/** Command that the large button gives a task now. */
export function toggleOf(task: BenchTask): WorkCommand {
  return task.work === null ? 'start' : task.work.state === 'paused' ? 'resume' : 'pause';
}
