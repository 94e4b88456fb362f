/*
 * Shows the next task and how much time is free until it begins, or that there is nothing to do.
 */
import { clockWords, dayWords, durationWords, lowerFirst } from '@loyal-mane/library/words';
import { StepGlyph } from '../../parts/Glyph';
import { ToolCare } from '../../parts/ToolCare';
import { useRooms } from '../../parts/useRooms';
import type { BenchView } from './benchView';
import { taskWords } from './benchView';
import { DoneToday } from './DoneToday';
import type { BenchTask } from './myTasks';
import { laterTask } from './myTasks';

/** Less is no time to speak of. */
const FREE_FROM_MS = 10 * 60_000;

interface NextProps extends BenchView {
  readonly task: BenchTask | null;
  readonly tasks: readonly BenchTask[];
}

/** The line that says what comes next. */
export function BenchNext({ task, tasks, names, now }: NextProps) {
  const next = tasks.find((t) => t.work === null && t !== task);
  if (next === undefined) return <div className="bench-next">No more tasks today.</div>;
  const isIdle = task === null || task.work === null;
  const freeMs = (isIdle && task !== null ? task.startMs : next.startMs) - now;
  return (
    <div className="bench-next">
      <StepGlyph step={next.activity.step} size={30} />
      <b>Next</b>
      <span>
        {taskWords(next, names)} at {clockWords(next.startMs, names.zone, names.clock)}
        {next.activity.stationId !== null && `, ${lowerFirst(names.station(next.activity.stationId))}`}
      </span>
      {isIdle && freeMs >= FREE_FROM_MS && <span className="free">free for {durationWords(freeMs)}</span>}
    </div>
  );
}

interface NoTaskProps extends BenchView {
  readonly personId: string;
  readonly tasks: readonly BenchTask[];
  readonly onTakeBack: (task: BenchTask) => void;
}

/** Stands where nobody has a task now. */
export function NoTask({ personId, tasks, onTakeBack, ...view }: NoTaskProps) {
  const { names, now } = view;
  const { plan } = useRooms();
  const later = laterTask(plan, personId, now);
  return (
    <div className="no-task">
      <h1>No task right now, {names.first(personId)}.</h1>
      <p className="who-line">
        {later === null
          ? 'Nothing is planned for you yet.'
          : `Next: ${dayWords(later.startMs, names.zone)} ${clockWords(later.startMs, names.zone, names.clock)}, ${taskWords(later, names)}.`}
      </p>
      <ToolCare personId={personId} />
      <DoneToday tasks={tasks} onTakeBack={onTakeBack} {...view} />
    </div>
  );
}
