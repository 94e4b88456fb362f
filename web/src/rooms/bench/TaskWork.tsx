/*
 * The task itself: what, how long so far, how it is done, when it is finished.
 */
import { useMemo } from 'react';
import { workedMs } from '@loyal-mane/core';
import { PRODUCTS_LINE } from '@loyal-mane/library/pages';
import type { SoakChoice, StepPage } from '@loyal-mane/library/pages';
import { METHODS } from '@loyal-mane/library/words';
import type { Methods } from '../../api/queries';
import { StepGlyph } from '../../parts/Glyph';
import { stepName } from '../../parts/stepName';
import { PageLines } from '../../parts/PageLines';
import type { Ticking } from '../../parts/PageLines';
import { BathProducts, partsAt } from './BathProducts';
import type { BenchView } from './benchView';
import { EstimateBand } from './EstimateBand';
import type { BenchTask } from './myTasks';
import { BeginSoak } from './SoakClocks';

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
  /** Null where the dog is gone. */
  readonly page: StepPage | null;
  readonly ticking: Ticking | null;
  readonly soaks: readonly SoakChoice[];
  readonly methods: Methods | undefined;
  readonly onSoak: (choice: SoakChoice) => void;
}

/** So many lines still fit under the large timer. */
const MOST_SHORT = 6;

/** A long page has a smaller timer, so that its first lines are in sight. */
function isLong(page: StepPage | null): boolean {
  return (page?.lines.length ?? 0) > MOST_SHORT;
}

/** A page without the line of its products, which are told one by one. */
function withoutProducts(page: StepPage): StepPage {
  return { ...page, lines: page.lines.filter((l) => l.id !== PRODUCTS_LINE) };
}

/** The task in large type: time worked, how it is done, when it is finished. */
export function TaskWork({ task, page, ticking, soaks, methods, onSoak, kennel, names, now }: Props) {
  const { activity, work } = task;
  const parts = useMemo(() => partsAt(activity, kennel, names.zone, methods), [activity, kennel, names.zone, methods]);
  const worked = work === null ? 0 : workedMs(work, now);
  return (
    <div role="region" aria-label="The task" tabIndex={0} className={isLong(page) ? 'long' : undefined}>
      <h1>
        <StepGlyph step={activity.step} size={54} />
        <span>
          {names.dog(activity.dogId)}: {stepName(activity).toLowerCase()}
        </span>
      </h1>
      <div className={`timer${work === null ? ' waiting' : ''}`} role="timer" aria-live="off">
        {clockOf(worked)}
      </div>
      <EstimateBand minutes={activity.minutes} workedMs={worked} started={work !== null} />
      <BeginSoak task={task} choices={soaks} onBegin={onSoak} />
      <BathProducts parts={parts} methods={methods} ticking={ticking} />
      <div className="bench-how">
        {page !== null && <PageLines page={parts.length === 0 ? page : withoutProducts(page)} ticking={ticking} />}
      </div>
      <div className="bench-done">
        <b>Finished when:</b> {page?.done ?? METHODS[activity.step].done}
      </div>
    </div>
  );
}
