/*
 * The task itself: what, how long so far, how it is done, when it is finished.
 */
import { workedMs } from '@loyal-mane/core';
import { METHODS } from '@loyal-mane/library/words';
import type { Methods } from '../../api/queries';
import { StepGlyph } from '../../parts/Glyph';
import { howLines } from '../../parts/howLines';
import type { BenchView } from './benchView';
import { EstimateBand } from './EstimateBand';
import type { BenchTask } from './myTasks';

function clockOf(ms: number): string {
  const s = Math.max(0, Math.floor(ms / 1000));
  const m = Math.floor(s / 60);
  const tail = String(s % 60).padStart(2, '0');
  return m < 100
    ? `${String(m).padStart(2, '0')}:${tail}`
    : `${String(Math.floor(m / 60))}:${String(m % 60).padStart(2, '0')}:${tail}`;
}

interface Props extends BenchView {
  readonly task: BenchTask;
  readonly methods: Methods | undefined;
}

/** The task in large type: time worked, how it is done, when it is finished. */
export function TaskWork({ task, methods, kennel, names, now }: Props) {
  const { activity, work } = task;
  const worked = work === null ? 0 : workedMs(work, now);
  return (
    <div role="region" aria-label="The task" tabIndex={0}>
      <h1>
        <StepGlyph step={activity.step} size={54} />
        <span>
          {names.dog(activity.dogId)}: {METHODS[activity.step].name.toLowerCase()}
        </span>
      </h1>
      <div className={`timer${work === null ? ' waiting' : ''}`} role="timer" aria-live="off">
        {clockOf(worked)}
      </div>
      <EstimateBand minutes={activity.minutes} workedMs={worked} started={work !== null} />
      <ol className="bench-how">
        {howLines(activity, kennel, names, methods).map((line) => (
          <li key={line}>{line}</li>
        ))}
      </ol>
      <div className="bench-done">
        <b>Finished when:</b> {METHODS[activity.step].done}
      </div>
    </div>
  );
}
