/*
 * The bench's buttons. A start can be taken back as long as nothing else was recorded on the task.
 */
import type { WorkCommand } from '@loyal-mane/core';
import { workedMs } from '@loyal-mane/core';
import { METHODS } from '@loyal-mane/library/words';
import type { Names } from '@loyal-mane/library/words';
import { Sign } from '../../parts/Glyph';
import type { BenchTask } from './myTasks';

/** Within so long a start may have been a mistake; later it is skipped or taken back from the list. */
const JUST_STARTED_MS = 5 * 60_000;

interface Props {
  readonly now: number;
  readonly task: BenchTask;
  readonly names: Names;
  readonly toggle: WorkCommand;
  readonly onGive: (command: WorkCommand | 'undo') => void;
  readonly onSkip: () => void;
}

/** The big buttons: skip, pause, start or finish. */
export function BenchBar({ task, now, names, toggle, onGive, onSkip }: Props) {
  const { activity, work } = task;
  const step = METHODS[activity.step].name;
  const isJustStarted = work?.state === 'running' && workedMs(work, now) < JUST_STARTED_MS;
  return (
    <div className="bench-bar">
      {isJustStarted ? (
        <button type="button" className="wrong" onClick={() => onGive('undo')}>
          Not started after all
        </button>
      ) : (
        <button type="button" className="wrong" onClick={onSkip}>
          <Sign id="st-decide" size={36} /> Skip it
        </button>
      )}
      <button type="button" disabled={work === null} onClick={() => onGive(toggle)}>
        {work?.state === 'paused' ? 'Go on' : 'Pause'}
      </button>
      {work === null ? (
        <button type="button" className="main" onClick={() => onGive('start')}>
          Start {names.dog(activity.dogId)}: {step.toLowerCase()}
        </button>
      ) : (
        <button type="button" className="main" onClick={() => onGive('finish')}>
          <Sign id="st-done" size={38} /> {step} is finished
        </button>
      )}
    </div>
  );
}
