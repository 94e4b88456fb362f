/*
 * Lists the tasks that one person has finished or skipped today; each can be taken back.
 */
import { clockWords } from '@loyal-mane/library/words';
import type { BenchView } from './benchView';
import { taskWords } from './benchView';
import type { BenchTask } from './myTasks';
import { isOver } from './myTasks';

interface Props extends BenchView {
  readonly tasks: readonly BenchTask[];
  readonly onTakeBack: (task: BenchTask) => void;
}

/** Today's finished tasks, to be taken back one by one. */
export function DoneToday({ tasks, onTakeBack, names }: Props) {
  const over = tasks.filter(isOver);
  if (over.length === 0) return null;
  return (
    <details className="bench-over">
      <summary>Done today: {over.length}</summary>
      <ul aria-label="Done today">
        {[...over].reverse().map((t) => (
          <li key={t.activity.key}>
            <span>
              <b>{clockWords(t.startMs, names.zone, names.clock)}</b> {taskWords(t, names)}
              {t.work?.state === 'skipped' && `, skipped: ${t.work.reason ?? ''}`}
            </span>
            <button type="button" onClick={() => onTakeBack(t)}>
              Take back
            </button>
          </li>
        ))}
      </ul>
    </details>
  );
}
