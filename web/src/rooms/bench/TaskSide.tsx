/*
 * Beside the task: the dog and what was found on it, what to watch out for, the rest of the day, what is done.
 */
import { useState } from 'react';
import { CAUTIONS, clockWords, DEFER, METHODS, weekdayWords } from '@loyal-mane/library/words';
import type { CautionId } from '@loyal-mane/library/words';
import { foundWords, isClear } from '../../parts/foundWords';
import { DogBadge, Sign, StepGlyph } from '../../parts/Glyph';
import type { BenchView } from './benchView';
import { taskWords } from './benchView';
import { DoneToday } from './DoneToday';
import type { BenchTask } from './myTasks';
import { isOver } from './myTasks';

const MOST_LISTED = 4;
/** Cautions in sight; the rest one touch away, so that the list of what comes next stays on the screen. */
const MOST_CAUTIONS = 2;

interface Props extends BenchView {
  readonly task: BenchTask;
  readonly tasks: readonly BenchTask[];
  readonly onChoose: (key: string) => void;
  readonly onFind: () => void;
  readonly onTakeBack: (task: BenchTask) => void;
}

/** The dog, cautions, and the tasks that follow. */
export function TaskSide({ task, tasks, onChoose, onFind, onTakeBack, ...view }: Props) {
  const { kennel, names } = view;
  const dog = kennel.dogs.find((d) => d.id === task.activity.dogId);
  return (
    <div role="region" aria-label="The dog and what follows" tabIndex={0}>
      <div className="bench-dog">
        <DogBadge badge={dog?.badge ?? 'samoyed'} width={150} tone="tarn" />
        <button type="button" className="find-it" onClick={onFind}>
          <Sign id="inspection" size={30} />{' '}
          {dog === undefined || isClear(dog) ? 'Mark what you find' : foundWords(dog)}
        </button>
      </div>
      <div className="who-line centered">
        {dog?.breed}, {dog?.weightKg} kg{shownWords(task, view)}
      </div>
      <Cautions key={task.activity.step} ids={METHODS[task.activity.step].cautions} />
      <ul className="bench-list" aria-label="Today">
        {tasks
          .filter((t) => !isOver(t))
          .slice(0, MOST_LISTED)
          .map((t) => (
            <li key={t.activity.key}>
              <button className="plain" aria-current={t === task} onClick={() => onChoose(t.activity.key)}>
                <b>{clockWords(t.startMs, names.zone, names.clock)}</b>
                <StepGlyph step={t.activity.step} size={26} />
                <span>{taskWords(t, names)}</span>
                <span className="soft">{t.work === null ? '' : t.work.state}</span>
              </button>
            </li>
          ))}
      </ul>
      <DoneToday tasks={tasks} onTakeBack={onTakeBack} {...view} />
    </div>
  );
}

function Cautions({ ids }: { ids: readonly CautionId[] }) {
  const [all, setAll] = useState(false);
  const shown = all ? ids : ids.slice(0, MOST_CAUTIONS);
  return (
    <>
      {shown.map((id) => (
        <p className="caution" key={id}>
          {CAUTIONS[id]}
        </p>
      ))}
      <button type="button" className="plain more" aria-expanded={all} onClick={() => setAll(!all)}>
        {all
          ? `${DEFER} Show less`
          : ids.length > MOST_CAUTIONS
            ? `${String(ids.length - MOST_CAUTIONS)} more to watch out for, and who decides`
            : 'Who decides'}
      </button>
    </>
  );
}

function shownWords({ activity }: BenchTask, { kennel, names }: BenchView): string {
  const entry = kennel.entries.find((e) => e.id === activity.entryId);
  if (entry === undefined) return '';
  return `. Shown ${weekdayWords(entry.day)} ${names.ringTime(entry.id)}`;
}
