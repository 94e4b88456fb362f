/*
 * Props that all parts of the bench share.
 */
import type { Names } from '@loyal-mane/library/words';
import type { Kennel } from '../../api/queries';
import { stepName } from '../../parts/stepName';
import type { BenchTask } from './myTasks';

/** Props of every part of the bench. */
export interface BenchView {
  readonly kennel: Kennel;
  readonly names: Names;
  /** Milliseconds since the epoch by the server's clock. */
  readonly now: number;
}

/** "Tolle, line brush". */
export function taskWords({ activity }: Pick<BenchTask, 'activity'>, names: Names): string {
  return `${names.dog(activity.dogId)}, ${stepName(activity).toLowerCase()}`;
}
