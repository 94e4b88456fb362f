/*
 * Props that all parts of the bench share.
 */
import type { PlannedActivity, StepId } from '@loyal-mane/core';
import type { Names } from '@loyal-mane/library/words';
import { METHODS } from '@loyal-mane/library/words';
import type { Kennel } from '../../api/queries';
import type { BenchTask } from './myTasks';

/** Props of every part of the bench. */
export interface BenchView {
  readonly kennel: Kennel;
  readonly names: Names;
  /** Milliseconds since the epoch by the server's clock. */
  readonly now: number;
}

/** Steps whose names say their flank already. */
const NAMED_BY_FLANK: ReadonlySet<StepId> = new Set(['brushOut1', 'brushOut2']);

/** "Line brush, second flank". */
export function stepName({ step, flank }: Pick<PlannedActivity, 'step' | 'flank'>): string {
  const { name } = METHODS[step];
  return flank === undefined || NAMED_BY_FLANK.has(step) ? name : `${name}, ${flank === 1 ? 'first' : 'second'} flank`;
}

/** "Tolle, line brush". */
export function taskWords({ activity }: Pick<BenchTask, 'activity'>, names: Names): string {
  return `${names.dog(activity.dogId)}, ${stepName(activity).toLowerCase()}`;
}
