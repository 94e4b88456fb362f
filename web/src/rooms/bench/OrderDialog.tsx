/*
 * A start out of order: what is open before it, what that does, and whether it is begun all the same. It is asked on the device, so
 * that it is asked without a network too; who says "anyway" is kept with the start.
 */
import { Button, Modal } from 'antd';
import { useState } from 'react';
import { openBefore } from '@loyal-mane/core';
import type { OrderWhy, Plan, PlannedActivity } from '@loyal-mane/core';
import { openBeforeWords } from '@loyal-mane/library/words';
import type { Names } from '@loyal-mane/library/words';
import type { Work } from '../../api/queries';
import type { BenchTask } from './myTasks';

/** A start that is asked about. */
interface Asked {
  readonly task: BenchTask;
  readonly open: PlannedActivity;
  readonly why: OrderWhy;
  /** Who is at the open work; null where nobody is. */
  readonly byId: string | null;
}

/** Starts a task, or asks first where work that it rests on is open. */
export function useStarting(
  plan: Plan | null,
  work: readonly Work[],
  start: (task: BenchTask, more: { readonly anyway?: boolean }) => void,
) {
  const [asked, setAsked] = useState<Asked | null>(null);
  const begin = (task: BenchTask): void => {
    const records = new Map(work.map((w) => [w.taskKey as string, w]));
    const isOver = (a: PlannedActivity): boolean => ['done', 'skipped'].includes(records.get(a.key)?.state ?? a.state);
    const before = openBefore(task.activity, plan?.activities ?? [], isOver);
    if (before === null) {
      start(task, {});
      return;
    }
    const record = records.get(before.task.key);
    const byId = record?.state === 'running' ? (record.personId ?? null) : null;
    setAsked({ task, open: before.task, why: before.why, byId });
  };
  return {
    asked,
    begin,
    cancel: () => setAsked(null),
    anyway: () => {
      if (asked !== null) start(asked.task, { anyway: true });
      setAsked(null);
    },
  };
}

interface Props {
  readonly starting: ReturnType<typeof useStarting>;
  readonly names: Names;
}

/** The question, with its two large answers. */
export function OrderDialog({ starting, names }: Props) {
  const { asked, cancel, anyway } = starting;
  if (asked === null) return null;
  const { task, open, why, byId } = asked;
  return (
    <Modal open title={`${names.dog(task.activity.dogId)}: not its turn yet`} footer={null} onCancel={cancel}>
      <p className="parts-left">
        {openBeforeWords(open.step, why)}
        {byId !== null && ` ${names.first(byId)} is still at it.`}
      </p>
      <div className="finish-row">
        <Button size="large" onClick={cancel}>
          Go back
        </Button>
        <Button size="large" danger onClick={anyway}>
          Start anyway
        </Button>
      </div>
    </Modal>
  );
}
